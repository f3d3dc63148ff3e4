import type { Knex } from 'knex';
import { wallOf } from '../clock';
import { appendTo, readStream, type Recorded } from './log';
import { NO_POLICY, upcast, versionNow, type UndoPolicy, type Upcasts } from '../../core/history';
import {
  NEWEST_TEACH,
  LEARNT,
  wantedLines,
  type Kind,
  type Loaded,
  type Row,
  type Stored,
  type Wanted,
  type Work
} from './kinds';

/** Reads and writes one kind of stream: events in, the derived `current` row in the same transaction. */
export class Aggregate<
  State,
  Event extends { readonly type: string; readonly data: unknown },
  Brief = never
> {
  private readonly upcasts: Upcasts;
  /** What may be undone though something came after it. */
  readonly undo: UndoPolicy;
  /** How a stream stands is kept every so many events, so that an undo of late reads no more than those behind it. */
  constructor(
    private readonly kind: Kind<State, Event, Brief>,
    private readonly every = 100
  ) {
    this.upcasts = kind.upcasts ?? {};
    this.undo = kind.undo ?? NO_POLICY;
  }

  private stream = (id: string) => `${this.kind.kind}:${id}`;
  private idOf = (stream: string) => stream.slice(this.kind.kind.length + 1);

  /** How one thing stands; undefined if it was never begun, or that was undone. */
  async load(trx: Knex, id: string): Promise<Loaded<State> | undefined> {
    const stream = this.stream(id);
    const row = (await trx('current').where({ stream }).first()) as Row | undefined;
    return row && { id, n: row.n, state: JSON.parse(row.state) as State };
  }

  /** All of the kind, or only the live ones, in the order they were begun. */
  async list(trx: Knex, which: 'live' | 'all'): Promise<State[]> {
    const query = trx('current').where({ kind: this.kind.kind }).orderBy('rowid');
    const rows = (await (which === 'live' ? query.where({ live: 1 }) : query)) as Row[];
    return rows.map((r) => JSON.parse(r.state) as State);
  }

  /** Those that are wanted, the last begun first. */
  async latest(trx: Knex, wanted: Wanted): Promise<State[]> {
    const rows = await wantedLines(trx, this.kind.kind, wanted)
      .join('current', 'current.stream', 'line.stream')
      .select<{ state: string }[]>('state');
    return rows.map((r) => JSON.parse(r.state) as State);
  }

  /** How those that are wanted stand in lists, the last begun first. */
  async briefs(trx: Knex, wanted: Wanted): Promise<Brief[]> {
    const rows = await wantedLines(trx, this.kind.kind, wanted).select('brief');
    return rows.map((r) => JSON.parse(r.brief) as Brief);
  }

  /** Whether there is any. */
  async any(trx: Knex, wanted: Omit<Wanted, 'most' | 'skip'>): Promise<boolean> {
    return (await wantedLines(trx, this.kind.kind, { ...wanted, most: 1 }).select('line.stream')).length > 0;
  }

  /** How many there are of each topic, and when the last began. */
  async topics(trx: Knex): Promise<Map<string, { n: number; last: number }>> {
    const rows = (await trx('line')
      .where({ kind: this.kind.kind })
      .whereNotNull('topic')
      .groupBy('topic')
      .select('topic')
      .count({ n: '*' })
      .max({ last: 'begun' })) as unknown as { topic: string; n: number; last: number }[];
    return new Map(rows.map(({ topic, n, last }) => [topic, { n, last }]));
  }

  /** What the newest teach, in the order of beginning: what a hand did years ago says little of what it does now. */
  async taught<T>(trx: Knex): Promise<T[]> {
    const rows = await trx<Stored>('line')
      .where({ kind: this.kind.kind })
      .whereNotNull('teaches')
      .orderBy('begun', 'desc')
      .limit(NEWEST_TEACH)
      .select('teaches');
    return rows.map((r) => JSON.parse(r.teaches) as T).reverse();
  }

  /** How those that live, and those that were changed since (UTC ms), stand in lists. */
  async liveOrSince(trx: Knex, since: number): Promise<Brief[]> {
    const { kind } = this.kind;
    const rows = await trx<Stored>('line')
      .where({ kind, live: 1 })
      .orWhere((q) => void q.where({ kind }).where('at', '>=', since))
      .select('brief');
    return rows.map((r) => JSON.parse(r.brief) as Brief);
  }

  /** Appends events to a stream and brings `current` up to date; answers the new state. */
  async append(work: Work, id: string, events: readonly Event[]): Promise<State | undefined> {
    const before = await this.load(work.trx, id);
    if (events.length === 0) return before?.state;
    work.touched?.add(this.kind.kind);
    const n = before?.n ?? (await readStream(work.trx, this.stream(id))).n;
    const written = events.map((e) => ({ ...e, version: versionNow(this.upcasts, e.type) }));
    const rows = await appendTo(work.trx, this.stream(id), n, work.command, work.at, written);
    const state = this.replay(id, before?.state, rows, work.zone);
    await this.keep(work.trx, id, { n: n + rows.length, at: work.at, state });
    await this.snapshot(work.trx, id, n, n + rows.length, state);
    return state;
  }

  /** Everything as first said, with the event's data: for the record and for exports. */
  async events(trx: Knex, id: string): Promise<(Event & { at: number; id: string; command: string })[]> {
    const { events } = await readStream(trx, this.stream(id));
    return events.map(
      (e) =>
        ({ type: e.type, data: upcast(this.upcasts, e), at: e.at, id: e.id, command: e.command }) as Event & {
          at: number;
          id: string;
          command: string;
        }
    );
  }

  /** The last two of a stream are kept: what is undone later than that reads it from its beginning. */
  private async snapshot(
    trx: Knex,
    id: string,
    before: number,
    n: number,
    state: State | undefined
  ): Promise<void> {
    if (Math.floor(before / this.every) === Math.floor(n / this.every) || state === undefined) return;
    const stream = this.stream(id);
    await trx('snapshot')
      .insert({ stream, n, state: JSON.stringify(state) })
      .onConflict(['stream', 'n'])
      .merge();
    await trx('snapshot')
      .where({ stream })
      .where('n', '<', n - 2 * this.every)
      .delete();
  }

  /** Derives `current` anew from the log; `since`: only what was said from that event on is otherwise than before. */
  async rebuild(trx: Knex, id: string, zone: string, since = 0): Promise<void> {
    const stream = this.stream(id);
    await trx('snapshot').where({ stream }).where('n', '>=', since).delete();
    const from = (await trx('snapshot').where({ stream }).orderBy('n', 'desc').first()) as Row | undefined;
    const { events, n } = await readStream(trx, stream, from?.n);
    const begun = from && (JSON.parse(from.state) as State);
    const state = from
      ? this.replay(id, begun, events, zone)
      : await this.replayLong(trx, id, { events, n }, zone);
    await this.keep(trx, id, { n, at: events.at(-1)?.at ?? 0, state });
  }

  /** From its beginning; a long stream leaves a snapshot on the way. */
  private async replayLong(
    trx: Knex,
    id: string,
    { events, n }: { events: readonly Recorded[]; n: number },
    zone: string
  ): Promise<State | undefined> {
    const at = Math.floor(n / this.every) * this.every;
    const upTo = events.filter((e) => e.n <= at);
    const early = this.replay(id, undefined, upTo, zone);
    if (at > 0) await this.snapshot(trx, id, 0, at, early);
    return this.replay(id, early, events.slice(upTo.length), zone);
  }

  private replay(
    id: string,
    state: State | undefined,
    rows: readonly Recorded[],
    zone: string
  ): State | undefined {
    return rows.reduce<State | undefined>(
      (s, e) =>
        this.kind.evolve(id, s, { type: e.type, data: upcast(this.upcasts, e) } as Event, {
          id: e.id,
          at: wallOf(e.at, zone)
        }),
      state
    );
  }

  private async keep(
    trx: Knex,
    id: string,
    now: { n: number; at: number; state: State | undefined }
  ): Promise<void> {
    const stream = this.stream(id);
    const { n, at, state } = now;
    await this.keepLine(trx, stream, at, state);
    if (state === undefined) {
      await trx('current').where({ stream }).delete();
      return;
    }
    const { kind } = this.kind;
    const row = { stream, kind, n, live: this.kind.isLive(state) ? 1 : 0, state: JSON.stringify(state) };
    await trx('current').insert(row).onConflict('stream').merge();
  }

  /** How it stands in lists; what was learnt is worked out anew once it teaches otherwise than before. */
  private async keepLine(trx: Knex, stream: string, at: number, state: State | undefined): Promise<void> {
    if (!this.kind.line) return;
    const before = await trx<Stored>('line').where({ stream }).select('teaches').first();
    const line = state === undefined ? undefined : this.kind.line(state);
    const teaches = line?.teaches == null ? null : JSON.stringify(line.teaches);
    if ((before?.teaches ?? null) !== teaches) await trx('kept').where({ id: LEARNT }).delete();
    if (state === undefined || !line) {
      await trx('line').where({ stream }).delete();
      return;
    }
    const row = {
      stream,
      kind: this.kind.kind,
      live: this.kind.isLive(state) ? 1 : 0,
      at,
      topic: line.topic ?? null,
      begun: line.begun ?? null,
      words: line.words?.toLowerCase() ?? null,
      brief: line.brief === undefined ? null : JSON.stringify(line.brief),
      teaches
    };
    await trx('line').insert(row).onConflict('stream').merge();
  }

  /** Rebuilds every stream of the kind. */
  async rebuildAll(trx: Knex, zone: string, oneMore: () => void): Promise<void> {
    // In the order in which they were begun: every "last fifty" goes by it.
    const rows = (await trx('event')
      .select('stream')
      .min({ first: 'seq' })
      .whereLike('stream', `${this.kind.kind}:%`)
      .groupBy('stream')
      .orderBy('first')) as { stream: string }[];
    for (const { stream } of rows) {
      await this.rebuild(trx, this.idOf(stream), zone);
      oneMore();
    }
  }
}
