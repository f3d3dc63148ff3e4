import { isAloud, isShown, nextRing, ringing, type ElapsedMs, type Timer } from '$lib/core/timer';
import { lastingWords } from '$lib/words';
import { news } from '../house/news.svelte';

/** What a step proposes for its timer. */
export interface Proposed {
  readonly name: string;
  readonly lasts: string;
  readonly every: string;
  readonly next: string;
}

const NOTHING: Proposed = { name: '', lasts: '', every: '', next: '' };

/** The timers as this page knows them, and the sheet in which they are set. */
class Timers {
  all = $state.raw<readonly Timer[]>([]);
  /** The house's elapsed clock as it was last looked at. */
  now = $state<ElapsedMs>(0);
  open = $state(false);
  proposed = $state.raw<Proposed>(NOTHING);

  readonly shown = $derived(this.all.filter((t) => isShown(t, this.now)));
  readonly rings = $derived(this.shown.filter((t) => ringing(t, this.now) !== null));
  readonly runs = $derived(this.shown.filter((t) => ringing(t, this.now) === null));
  /** This page is looked at since then. */
  private lookedSince = $state<ElapsedMs>(0);
  /** Those that sound here. */
  readonly aloud = $derived(this.shown.filter((t) => isAloud(t, this.now, this.lookedSince)));

  /** Opens the sheet, with what a step proposes. */
  set(proposed: Partial<Proposed> = {}): void {
    this.proposed = { ...NOTHING, ...proposed };
    this.open = true;
  }

  /** Proposes the timer of a rest: when one first looks, its turns, and what is done then. */
  setRest(of: string, rest: { fromMinutes: number; turnEveryMinutes?: number | null }, next: string): void {
    const { fromMinutes, turnEveryMinutes } = rest;
    this.set({
      name: `${of} rests`,
      lasts: lastingWords(fromMinutes),
      every: turnEveryMinutes ? lastingWords(turnEveryMinutes) : '',
      next
    });
  }

  /** The page is taken up, or opened. */
  takeUp(): void {
    this.lookedSince = this.now;
  }

  /** Looks at the clock: as the house told it on the line, or as the page was made. */
  look(made: ElapsedMs): void {
    this.now = news.elapsed() ?? made;
  }
}

export const timers = new Timers();

/** What is left until it rings next, as on a kitchen clock. Example: `1:04:09`, `4:09`, `0:09`. */
export function leftText(t: Timer, now: ElapsedMs): string {
  const seconds = Math.ceil(Math.max(0, (nextRing(t, now) ?? now) - now) / 1000);
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor((seconds % 3600) / 60), seconds % 60];
  const two = (n: number) => String(n).padStart(2, '0');
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}
