/** Milliseconds of the house's elapsed clock, which is never set back: what timers run by. */
export type ElapsedMs = number;

/** What a timer rings like; how each sounds is the page's. */
export const SOUNDS = ['bell', 'knock', 'rise', 'fall', 'pulse', 'chirp'] as const;
export type Sound = (typeof SOUNDS)[number];

/** A rest, a turn every half-hour, something that boils or cools. */
export interface Timer {
  readonly id: string;
  readonly name: string;
  /** Where it stands; empty: not said. */
  readonly placeId: string;
  /** What comes next. */
  readonly next: string;
  readonly sound: Sound;
  readonly begun: ElapsedMs;
  /** The last ring. */
  readonly endsAt: ElapsedMs;
  /** Rings so often on the way to the last one; null: only then. */
  readonly everyMs: number | null;
  /** Rings up to then were heard. */
  readonly heardTo: ElapsedMs;
  readonly ended: boolean;
}

export type TimerEvent =
  | { readonly type: 'started'; readonly data: Omit<Timer, 'id' | 'heardTo' | 'ended'> }
  | { readonly type: 'changed'; readonly data: { readonly endsAt: ElapsedMs; readonly heardTo: ElapsedMs } }
  | { readonly type: 'heard'; readonly data: { readonly to: ElapsedMs } }
  | { readonly type: 'ended'; readonly data: Record<string, never> };

/** The timer after one more event; `undefined` before it was started. */
export function evolveTimer(id: string, state: Timer | undefined, event: TimerEvent): Timer | undefined {
  if (event.type === 'started') return { id, ...event.data, heardTo: event.data.begun, ended: false };
  if (!state) return undefined;
  switch (event.type) {
    case 'changed':
      return { ...state, ...event.data, heardTo: Math.max(state.heardTo, event.data.heardTo) };
    case 'heard': {
      const heardTo = Math.max(state.heardTo, event.data.to);
      return { ...state, heardTo, ended: heardTo >= state.endsAt };
    }
    case 'ended':
      return { ...state, ended: true };
  }
}

/** The ring that sounds now and nobody has heard; null: it is silent. Example: of half-hourly ones at 40 minutes the first. */
export function ringing(t: Timer, now: ElapsedMs): ElapsedMs | null {
  const last = lastRing(t, now);
  if (t.ended || last === null) return null;
  // The last ring that is heard ends it.
  return last === t.endsAt || last > t.heardTo ? last : null;
}

/** The last ring up to now, heard or not. */
function lastRing({ begun, endsAt, everyMs }: Timer, now: ElapsedMs): ElapsedMs | null {
  if (now >= endsAt) return endsAt;
  if (everyMs === null) return null;
  const turns = Math.floor((now - begun) / everyMs);
  return turns > 0 ? begun + turns * everyMs : null;
}

/** When it rings next; null: it has rung for the last time. */
export function nextRing({ begun, endsAt, everyMs, ended }: Timer, now: ElapsedMs): ElapsedMs | null {
  if (ended || now >= endsAt) return null;
  if (everyMs === null) return endsAt;
  return Math.min(endsAt, begun + (Math.floor((now - begun) / everyMs) + 1) * everyMs);
}

/** How long it rings aloud, from the ring on or from when a phone is looked at again; what is older than that is only shown. */
const ALOUD = { forMs: 2 * 60_000, youngerMs: 3_600_000 };

/**
 * Whether a page that is looked at since then sounds it: a phone that was locked rings when it is taken up, but not for what
 * rang hours ago.
 */
export function isAloud(t: Timer, now: ElapsedMs, lookedSince: ElapsedMs): boolean {
  const ring = ringing(t, now);
  return ring !== null && now - ring < ALOUD.youngerMs && now - Math.max(ring, lookedSince) < ALOUD.forMs;
}

/** So long after its last ring it is still shown: it was missed. Our judgement. */
export const SHOWN_MS = 12 * 3_600_000;

/** Whether it is still to be shown: what rang in the night is, what rang the day before is not. */
export const isShown = (t: Timer, now: ElapsedMs): boolean => !t.ended && now - t.endsAt < SHOWN_MS;

/** The sound that the fewest of them have, so that each can be told by ear. */
export function freeSound(timers: readonly Pick<Timer, 'sound'>[]): Sound {
  const uses = (s: Sound) => timers.filter((t) => t.sound === s).length;
  return [...SOUNDS].sort((a, b) => uses(a) - uses(b))[0]!;
}
