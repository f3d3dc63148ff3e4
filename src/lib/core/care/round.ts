import type { Batch } from '../batch/index';
import { MINUTES_PER_DAY, type WallMinute } from '../calendar/index';
import type { CareTask } from './tasks';

/** The jars of one batch at one place, with all that they want now: gone to once. */
export interface RoundStop {
  readonly key: string;
  readonly batchId: string;
  readonly batchName: string;
  readonly placeId: string;
  readonly fillingIds: readonly string[];
  readonly lidNumbers: readonly number[];
  /** What is wanted, in the order in which one does it, one of a kind. */
  readonly wants: readonly Want[];
  readonly minutes: number;
  /** The first of it that was due, where something passed unanswered; else null. */
  readonly since: WallMinute | null;
  /** Nothing has been noted of the batch since then, for so long that it is asked first what is still there; else null. */
  readonly quietSince: WallMinute | null;
}

/** So long without a word nobody remembers what was done. Our judgement. */
const QUIET = 7 * MINUTES_PER_DAY;

/** When anything was last noted of a batch. */
const lastNoted = (b: Batch): WallMinute =>
  Math.max(
    b.startedAt,
    ...[b.care, b.tastes, b.readings, b.gas, b.signs, b.portions, b.corrections].flatMap((all) =>
      all.map((x) => x.at)
    ),
    ...b.fillings.flatMap((f) => f.stays.map((s) => s.from))
  );

export interface Want {
  readonly kind: CareTask['kind'];
  readonly slot: WallMinute;
  readonly fillingIds: readonly string[];
  readonly lidNumbers: readonly number[];
}

/** With the lid off one looks, measures, tastes; a jar for the cold goes last. */
const ORDER: readonly CareTask['kind'][] = [
  ...(['tray', 'airlock', 'open', 'openInCold', 'juice', 'level', 'look', 'stir'] as const),
  ...(['pH', 'taste', 'toCold'] as const)
];

/** Stops of a round at one place, of the tasks that are due there, in the order in which the batches stand. */
export function roundOf(due: readonly CareTask[], batches: readonly Batch[], now: WallMinute): RoundStop[] {
  return batches.flatMap((b) => {
    const tasks = due.filter((t) => t.batchId === b.id);
    const first = tasks[0];
    if (!first) return [];
    const missed = tasks.filter((t) => t.missed > 0);
    const since = missed.length > 0 ? Math.min(...missed.map((t) => t.since)) : null;
    return [
      {
        key: `${first.placeId}/${b.id}`,
        batchId: b.id,
        batchName: first.batchName,
        placeId: first.placeId,
        ...jarsOf(tasks),
        wants: ORDER.flatMap((kind) => wantOf(tasks.filter((t) => t.kind === kind)) ?? []),
        minutes: tasks.reduce((a, t) => a + t.minutes, 0),
        since,
        quietSince: since === null ? null : quietSince(b, since, now)
      }
    ];
  });
}

/** When something was noted last, where it was waited for it for long; else null. */
function quietSince(b: Batch, since: WallMinute, now: WallMinute): WallMinute | null {
  const noted = lastNoted(b);
  return Math.max(since, noted) <= now - QUIET ? noted : null;
}

function wantOf(tasks: readonly CareTask[]): Want | null {
  const first = tasks[0];
  return first ? { kind: first.kind, slot: Math.max(...tasks.map((t) => t.due)), ...jarsOf(tasks) } : null;
}

const jarsOf = (tasks: readonly CareTask[]) => ({
  fillingIds: [...new Set(tasks.flatMap((t) => t.fillingIds))],
  lidNumbers: [...new Set(tasks.flatMap((t) => t.lidNumbers))].sort((a, b) => a - b)
});
