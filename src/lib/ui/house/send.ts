import { nanoid } from 'nanoid';
import { wallText } from '$lib/core/calendar';
import type { Answer, CommandName, Sent } from '$lib/schema/commands';
import type { Aside, AsideAnswer, AsideName } from '$lib/schema/asides';
import type { ReadName, ReadOf } from '$lib/schema/reads';
import type { Problem } from '$lib/words';

// The phone's own clock says how long ago it heard the house's: it goes on while the phone sleeps.
// eslint-disable-next-line no-restricted-syntax
export const phone = (): number => Date.now();

/** What the page last knew of the house's clock and log, and when it heard it; the shell says it. */
let known = { now: 0, version: 0, beat: '', stepped: false, heard: 0 };
export const knowHouse = (house: Omit<typeof known, 'heard'>): void => {
  const { now, version, beat, stepped } = house;
  known = { now, version, beat, stepped, heard: phone() };
};
/** The beat of the news when the page was last loaded. */
export const knownBeat = (): string => known.beat;

const DEVICE = 'crockle-device';
let device = '';
/** This phone's own name, kept by it; a new one where it keeps nothing. */
function deviceId(): string {
  if (device) return device;
  try {
    device = localStorage.getItem(DEVICE) ?? nanoid(12);
    localStorage.setItem(DEVICE, device);
  } catch {
    device = nanoid(12);
  }
  return device;
}

/** This device's share of a wait that all are to spread over, 0 to 1; always the same. */
export const deviceShare = (): number =>
  [...deviceId()].reduce((sum, c) => (sum * 31 + c.charCodeAt(0)) % 997, 7) / 997;

/** What stands on every command: which device, when by its clock of the house, what it had seen. */
export function envelope(): { device: string; doneAt: string; saw: number } {
  // The demo's clock stands.
  const since = known.stepped ? 0 : Math.max(0, phone() - known.heard);
  const now = known.now + Math.floor(since / 60_000);
  return { device: deviceId(), doneAt: wallText(now), saw: known.version };
}

/** What came of it: done, refused with words, or no answer at all. */
export type Sending<T> =
  | { readonly ok: true; readonly answer: T; readonly commandId?: string }
  | { readonly ok: false; readonly problem: Problem; readonly gone: boolean };

const NO_ANSWER: Problem = {
  code: 'no-answer',
  field: null,
  says: 'Crockle cannot be reached.',
  wouldWork: 'Try again when it is back.'
};

async function call<T>(thing: string, body?: unknown): Promise<Sending<T>> {
  const asked: RequestInit =
    body === undefined
      ? {}
      : {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          // What is on its way arrives, even if the page is left meanwhile.
          keepalive: true,
          body: JSON.stringify(body)
        };
  try {
    const response = await fetch(`/api/v1/${thing}`, asked);
    const said: unknown = await response.json().catch(() => ({}));
    if (response.ok) return { ok: true, answer: said as T };
    const problem = (said as { problems?: Problem[] }).problems?.[0] ?? NO_ANSWER;
    return { ok: false, problem, gone: false };
  } catch {
    return { ok: false, problem: NO_ANSWER, gone: true };
  }
}

const TRIES_MS = [400, 1200];

/** Does one thing; where the line is cut it tries twice more, by the same name, so that it is done once. */
export async function send<N extends CommandName>(
  name: N,
  input: Omit<Sent<N>, 'commandId'>
): Promise<Sending<Answer<N>>> {
  const command = { ...input, commandId: nanoid(), ...envelope() };
  let sent = await call<Answer<N>>(name, command);
  for (const wait of TRIES_MS) {
    if (sent.ok || !sent.gone) break;
    await new Promise((go) => setTimeout(go, wait));
    sent = await call<Answer<N>>(name, command);
  }
  return sent.ok ? { ...sent, commandId: command.commandId } : sent;
}

/** Asks or tells what no log keeps: a worksheet, the bench's choices, the demo's clock, the scale. */
export const tell = <N extends AsideName>(name: N, input: Aside<N>): Promise<Sending<AsideAnswer<N>>> =>
  call(name, input);

/** Reads, by name. */
export const read = <N extends ReadName>(name: N): Promise<Sending<ReadOf<N>>> => call(name);
