import type { Knex } from 'knex';
import { wallOf } from '../clock';
import { appendTo, readStream, type Recorded } from './log';
import type { Said } from '../../core/batch';

/** One kind of stream: how its state grows, and when it still wants attention. */
export interface Kind<State, Event> {
  readonly kind: string;
  evolve(id: string, state: State | undefined, event: Event, said: Said): State | undefined;
  isLive(state: State): boolean;
}

/** What a use case works with: the transaction, the time, and the command that asked. */
export interface Work {
  readonly trx: Knex;
  readonly command: string;
  /** UTC ms and the household's wall minute. */
  readonly at: number;
  readonly wall: number;
  readonly zone: string;
}

export interface Loaded<State> {
  readonly id: string;
  readonly n: number;
  readonly state: State;
}

interface Row {
  readonly stream: string;
  readonly n: number;
  readonly state: string;
}

/** Reads and writes one kind of stream: events in, the derived `current` row in the same transaction. */
export class Aggregate<State, Event extends { readonly type: string; readonly data: unknown }> {
  constructor(private readonly kind: Kind<State, Event>) {}

  private stream = (id: string) => `${this.kind.kind}:${id}`;
  private idOf = (stream: string) => stream.slice(this.kind.kind.length + 1);

  /** How one thing stands; undefined if it was never begun, or that was undone. */
  async load(trx: Knex, id: string): Promise<Loaded<State> | undefined> {
    const row = (await trx('current')
      .where({ stream: this.stream(id) })
      .first()) as Row | undefined;
    return row && { id, n: row.n, state: JSON.parse(row.state) as State };
  }

  /** All of the kind, or only the live ones, in the order they were begun. */
  async list(trx: Knex, which: 'live' | 'all'): Promise<State[]> {
    const query = trx('current').where({ kind: this.kind.kind }).orderBy('rowid');
    const rows = (await (which === 'live' ? query.where({ live: 1 }) : query)) as Row[];
    return rows.map((r) => JSON.parse(r.state) as State);
  }

  /** Appends events to a stream and brings `current` up to date; answers the new state. */
  async append(work: Work, id: string, events: readonly Event[]): Promise<State | undefined> {
    const before = await this.load(work.trx, id);
    const n = before?.n ?? (await readStream(work.trx, this.stream(id))).n;
    const rows = await appendTo(work.trx, this.stream(id), n, work.command, work.at, events);
    const state = this.replay(id, before?.state, rows, work.zone);
    await this.keep(work.trx, id, n + rows.length, state);
    return state;
  }

  /** Everything as first said, with the event's data: for the record and for exports. */
  async events(trx: Knex, id: string): Promise<(Event & { at: number; id: string; command: string })[]> {
    const { events } = await readStream(trx, this.stream(id));
    return events.map(
      (e) =>
        ({ type: e.type, data: e.data, at: e.at, id: e.id, command: e.command }) as Event & {
          at: number;
          id: string;
          command: string;
        }
    );
  }

  /** Derives `current` anew from the log. */
  async rebuild(trx: Knex, id: string, zone: string): Promise<void> {
    const { events, n } = await readStream(trx, this.stream(id));
    await this.keep(trx, id, n, this.replay(id, undefined, events, zone));
  }

  private replay(
    id: string,
    state: State | undefined,
    rows: readonly Recorded[],
    zone: string
  ): State | undefined {
    return rows.reduce<State | undefined>(
      (s, e) =>
        this.kind.evolve(id, s, { type: e.type, data: e.data } as Event, {
          id: e.id,
          at: wallOf(e.at, zone)
        }),
      state
    );
  }

  private async keep(trx: Knex, id: string, n: number, state: State | undefined): Promise<void> {
    const stream = this.stream(id);
    if (state === undefined) {
      await trx('current').where({ stream }).delete();
      return;
    }
    const row = {
      stream,
      kind: this.kind.kind,
      n,
      live: this.kind.isLive(state) ? 1 : 0,
      state: JSON.stringify(state)
    };
    await trx('current').insert(row).onConflict('stream').merge();
  }

  /** Rebuilds every stream of the kind. */
  async rebuildAll(trx: Knex, zone: string): Promise<void> {
    // In the order in which they were begun: every "last fifty" goes by it.
    const rows = (await trx('event')
      .select('stream')
      .min({ first: 'seq' })
      .whereLike('stream', `${this.kind.kind}:%`)
      .groupBy('stream')
      .orderBy('first')) as { stream: string }[];
    for (const { stream } of rows) await this.rebuild(trx, this.idOf(stream), zone);
  }
}
