import type { Knex } from 'knex';
import type { Said } from '../../core/batch';
import type { Upcasts, UndoPolicy } from '../../core/history';

export interface Row {
  readonly stream: string;
  readonly n: number;
  readonly state: string;
}

/** One kind of stream: how its state grows, and when it still wants attention. */
export interface Kind<State, Event, Brief = never> {
  readonly kind: string;
  evolve(id: string, state: State | undefined, event: Event, said: Said): State | undefined;
  isLive(state: State): boolean;
  /** How its old events become today's. */
  readonly upcasts?: Upcasts;
  /** What may be undone though something came after it. */
  readonly undo?: UndoPolicy;
  /** How it stands in lists, and what it teaches; a kind of which there is one needs none. */
  line?(state: State): Line<Brief>;
}

/** What a list knows of a thing without reading all of it. */
export interface Line<Brief> {
  /** What it is of: a recipe, a crop. */
  readonly topic?: string | null;
  /** When it began, on the household's wall. */
  readonly begun?: number;
  readonly brief?: Brief;
  /** What it is found by. */
  readonly words?: string;
  /** What the household learns by it; null: nothing. */
  readonly teaches?: unknown;
}

/** Which things a list wants, the last begun first. */
export interface Wanted {
  readonly live?: boolean;
  readonly topic?: string;
  /** Begun at or after, and before; wall minutes. */
  readonly from?: number;
  readonly before?: number;
  /** So many at most. */
  readonly most?: number;
  /** Left out from the first on. */
  readonly skip?: number;
  /** Words by which it is found, or their beginnings. */
  readonly says?: string;
}

/** What a use case works with: the transaction, the time, and the command that asked. */
export interface Work {
  readonly trx: Knex;
  readonly command: string;
  /** UTC ms and the household's wall minute. */
  readonly at: number;
  readonly wall: number;
  readonly zone: string;
  /** The house's elapsed clock, ms. */
  readonly elapsed: number;
  /** The kinds of thing that it changed; filled as events are appended. */
  readonly touched?: Set<string>;
}

export interface Loaded<State> {
  readonly id: string;
  readonly n: number;
  readonly state: State;
}

/** A line as it is stored, with the state it is of where that is asked for. */
export interface Stored {
  readonly stream: string;
  readonly kind: string;
  readonly live: number;
  readonly at: number;
  readonly topic: string;
  readonly begun: number;
  readonly words: string;
  readonly brief: string;
  readonly teaches: string;
  readonly state: string;
}

/** The lines of a kind that are wanted, the newest first. */
export function wantedLines(
  trx: Knex,
  kind: string,
  { live, topic, from, before, most, skip, says }: Wanted
) {
  const query = trx<Stored>('line')
    .where('line.kind', kind)
    .orderBy('line.begun', 'desc')
    .orderBy('line.rowid', 'desc');
  if (live !== undefined) void query.where('line.live', live ? 1 : 0);
  if (topic !== undefined) void query.where('line.topic', topic);
  if (from !== undefined) void query.where('line.begun', '>=', from);
  if (before !== undefined) void query.where('line.begun', '<', before);
  for (const word of says?.toLowerCase().split(/\s+/).filter(Boolean) ?? [])
    void query.whereRaw("words like ? escape '\\'", [`%${word.replace(/[\\%_]/g, '\\$&')}%`]);
  if (most !== undefined) void query.limit(most);
  if (skip) void query.offset(skip);
  return query;
}

/** How far those that are wanted have come, the last begun first: whoever knew them so far knows them still. */
export async function standsOf(
  trx: Knex,
  kind: string,
  wanted: Wanted
): Promise<{ id: string; n: number }[]> {
  const rows = await wantedLines(trx, kind, wanted)
    .join('current', 'current.stream', 'line.stream')
    .select<{ stream: string; n: number }[]>('line.stream', 'current.n');
  return rows.map((r) => ({ id: r.stream.slice(kind.length + 1), n: r.n }));
}

/** So many of a kind teach: two years of a large household. Common practice, no source. */
export const NEWEST_TEACH = 800;
/** Where what was learnt is kept. */
export const LEARNT = 'learnt';
