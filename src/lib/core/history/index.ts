/**
 * What the log holds of one kind of thing beside its events: how the shape of an old event becomes today's, a step at a
 * time, and what an undo may take back. The log is never rewritten, so both go on being right for ever.
 */

/** One step: an event's data as it was, made the next shape. */
export type Upcast = (data: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>;

/** Per event type its steps, the first from version 1 to version 2. A type without steps has its first shape still. */
export type Upcasts<Type extends string = string> = Readonly<Partial<Record<Type, readonly Upcast[]>>>;

/** The version that today's code writes. Example: a type with two steps is written as version `3`. */
export const versionNow = (upcasts: Upcasts, type: string): number => (upcasts[type]?.length ?? 0) + 1;

/**
 * An event's data in today's shape. A version newer than this code knows is a bug of the caller: the database's own
 * version is checked before.
 */
export function upcast(upcasts: Upcasts, event: { type: string; version: number; data: unknown }): unknown {
  const steps = upcasts[event.type] ?? [];
  if (event.version > steps.length + 1)
    throw new Error(`${event.type} of version ${event.version} is newer than this code`);
  return steps
    .slice(event.version - 1)
    .reduce((data, step) => step(data), event.data as Readonly<Record<string, unknown>>);
}

/** What may be undone though something came after it. */
export interface UndoPolicy<Type extends string = string> {
  /** Leaves other entries as they were: undoing it never pulls the ground from under a later one. */
  readonly alone: readonly Type[];
  /** Does not build on earlier entries, and so does not stop them being undone. */
  readonly onNothing: readonly Type[];
  /** Begins something or changes where it is: whatever came after builds on it. */
  readonly ground: readonly Type[];
  /** Names by `of` an earlier entry that it corrects. */
  readonly corrects: readonly Type[];
  /** Cannot be taken back: what it was about is gone. */
  readonly never?: readonly Type[];
}

export const NO_POLICY: UndoPolicy<never> = { alone: [], onNothing: [], ground: [], corrects: [] };

/** An entry as the policy sees it. */
export interface Entry {
  readonly id: string;
  readonly type: string;
  readonly of?: string;
}

/** Whether something said `later` builds on what is to be undone. */
export function builtOn(policy: UndoPolicy, mine: readonly Entry[], later: readonly Entry[]): boolean {
  const has = (all: readonly string[], e: Entry) => all.includes(e.type);
  if (mine.every((e) => has(policy.alone, e)))
    // A correction of one of mine would hang in the air.
    return later.some((e) => has(policy.corrects, e) && mine.some((m) => m.id === e.of));
  const moves = mine.some((e) => has(policy.ground, e));
  return later.some((e) => moves || !(has(policy.alone, e) || has(policy.onNothing, e)));
}
