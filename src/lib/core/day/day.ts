import type { RunStep } from '../run/index';

/** What a kitchen has to work with at once. */
export interface Hands {
  readonly people: number;
  readonly boards: number;
  readonly scales: number;
  readonly bowls: number;
}

/** One step of one making as hands see it; minutes. */
export interface DayStep {
  readonly id: string;
  readonly minutes: number;
  readonly tool: 'board' | 'scale' | null;
  /** A bowl is taken at the first step that wants one, and free after the last. */
  readonly bowl: boolean;
  /** After it, at least and at most so long until the next. */
  readonly rest: { readonly from: number; readonly to: number } | null;
  /** At a board, with hot peppers in it or after them in the same making: the board is for hot ones from then on. */
  readonly hot: boolean;
}

export interface DayMaking {
  readonly id: string;
  readonly steps: readonly DayStep[];
  /** Salted heavily and rinsed: it rests longest, so it begins first. */
  readonly heavy: boolean;
  /** Its first step may not begin sooner, minutes from now: it rests. And at the latest; null: no matter. */
  readonly readyAt: number;
  readonly latestAt: number | null;
}

/** A step in the day's order: whose hands, from when to when, minutes from now. */
export interface Placed {
  readonly making: string;
  readonly step: string;
  readonly person: number;
  readonly from: number;
  readonly to: number;
}

export interface DayPlan {
  readonly placed: readonly Placed[];
  /** When the last lid is closed, minutes from now. */
  readonly ends: number;
  /** By how much rests are longer than they may be, all told; 0 where it can be helped. */
  readonly overruns: number;
  /** No other order ends sooner; else it is the best that was found in the time. */
  readonly exact: boolean;
}

const AT_BOARD: ReadonlySet<string> = new Set([
  ...['shred', 'shred-or-chop', 'cut-even', 'cut-peppers', 'quarter-heads', 'cut-leaves', 'cut-stem-end'],
  ...['trim-heads', 'grind', 'grind-paste']
]);
const AT_SCALE: ReadonlySet<string> = new Set([
  'weigh',
  'rub',
  'turn-under',
  'turn-leaves',
  'stir-salt',
  'salt-leaves',
  'mix-brine'
]);
const HOT: ReadonlySet<string> = new Set(['cut-peppers', 'grind', 'grind-paste']);
/** Less than this is a move of the hand, not a step to plan. */
const LEAST_MINUTES = 0.5;

/** What is left of a making, as hands see it. Steps of no time are left out; `restsFor` says how long its rest has gone on. */
export function dayMaking(
  id: string,
  steps: readonly RunStep[],
  left: (step: RunStep) => boolean,
  around: { readonly inBowl: boolean; readonly restsFor: number | null; readonly hot: boolean }
): DayMaking {
  const open = steps.filter(left);
  const first = steps.indexOf(open[0]!);
  const rest = around.restsFor === null ? null : (steps.slice(0, first).at(-1)?.rest ?? null);
  const gone = around.restsFor ?? 0;
  return {
    id,
    steps: handSteps(open, around),
    heavy: open.some((s) => s.does === 'salt-leaves'),
    readyAt: rest ? Math.max(0, rest.fromMinutes - gone) : 0,
    latestAt: rest ? Math.max(0, rest.toMinutes - gone) : null
  };
}

function handSteps(open: readonly RunStep[], { inBowl, hot }: { inBowl: boolean; hot: boolean }): DayStep[] {
  const fouled = hot ? open.findIndex((s) => HOT.has(s.does ?? '')) : -1;
  return open.flatMap((s, i): DayStep[] => {
    if (s.minutes < LEAST_MINUTES) return [];
    const tool = AT_BOARD.has(s.does ?? '') ? 'board' : AT_SCALE.has(s.does ?? '') ? 'scale' : null;
    return [
      {
        ...{ id: s.id, minutes: s.minutes, tool },
        bowl: inBowl && !['wash', 'trim', 'cover'].includes(s.id),
        rest: s.rest ? { from: s.rest.fromMinutes, to: s.rest.toMinutes } : null,
        hot: tool === 'board' && fouled >= 0 && i >= fouled
      }
    ];
  });
}
