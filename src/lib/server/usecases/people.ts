import type { z } from 'zod';
import { done, refuse, type Outcome, type Refusal } from '../../core/refusal';
import { DOOR_COMMANDS, type Answer, type DoorCommandName, type Taken } from '../../schema/commands';
import { firstSchema, signInSchema } from '../../schema/people';
import { diskRefusal } from '../db/disk';
import { versionOf } from '../db/log';
import { isCode, type Hand, type Keys, type Pass } from '../people';
import { refusalsOf, type House, type Result, type UseCase } from './act';

const DAY_MS = 86_400_000;

/** Who may come in is no part of the log: it is done at once, kept by hashes, and taken back for good. */
function doorCase<S extends z.ZodType, T, A extends unknown[]>(
  schema: S,
  body: (keys: Keys, input: z.output<S>, hand: Hand | null, ...more: A) => Promise<Outcome<T>>
) {
  return async (house: House, input: unknown, ...more: A): Promise<Result<T>> => {
    const parsed = schema.safeParse(input);
    if (!parsed.success) return { ok: false, refusals: refusalsOf(parsed.error) };
    const { keys, hand } = house;
    const refused = (refusal: Refusal): Result<T> => ({ ok: false, refusals: [refusal] });
    if (!keys) return refused({ code: 'nobody-asked' });
    try {
      const out = await body(keys, parsed.data, hand ?? null, ...more);
      if (!out.ok) return refused(out.refusal);
      house.news?.tell({ version: await versionOf(house.db), kinds: ['people'] });
      return out;
    } catch (error) {
      const disk = diskRefusal(error);
      if (disk) return refused(disk);
      throw error;
    }
  };
}

/** Like `doorCase`, for a hand of the household, at its keys: no guest, no program. */
function keysCase<N extends DoorCommandName>(
  name: N,
  body: (keys: Keys, input: Taken<N>, hand: Hand | null) => Promise<Outcome<Answer<N>>>
): UseCase<N> {
  const run = doorCase(DOOR_COMMANDS[name].input, async (keys, input, hand): Promise<Outcome<Answer<N>>> => {
    if (hand ? hand.role === 'guest' || hand.kind === 'token' : keys.asks) return refuse('keys-not-yours');
    return body(keys, input as Taken<N>, hand);
  });
  return Object.defineProperty(run as UseCase<N>, 'name', { value: name });
}

/** What a phone that comes in gets: its pass, and the secret that it shows from then on. */
export interface CameIn {
  readonly secret: string;
  readonly pass: Pass;
}

const comeIn = async (keys: Keys, name: string, role: Pass['role']): Promise<Outcome<CameIn>> => {
  const [secret, pass] = await keys.give({ kind: 'session', name, role });
  return done({ secret, pass });
};

/** In with the passphrase of the household or of its guests. Wrong tries wait, longer each time. */
export const signIn = doorCase(
  signInSchema,
  async (keys, input, _hand, address: string): Promise<Outcome<CameIn>> => {
    if (!(await keys.isSet('hand'))) return refuse('no-passphrase-yet');
    const wait = keys.waits.begin(address);
    if (wait > 0) return refuse('too-many-tries', { values: { wait } });
    const role = await keys.roleOf(input.passphrase);
    if (!role) return refuse('passphrase-wrong', { field: 'passphrase' });
    keys.waits.right(address);
    return comeIn(keys, input.name, role);
  }
);

/** The first of all: the passphrase is set, with the code off the machine's own screen. */
export const beginHouse = doorCase(
  firstSchema,
  async (keys, input, _hand, address: string): Promise<Outcome<CameIn>> => {
    const { code } = keys;
    if (!code) return refuse('passphrase-is-set');
    const wait = keys.waits.begin(address);
    if (wait > 0) return refuse('too-many-tries', { values: { wait } });
    if (!isCode(input.code, code)) return refuse('code-wrong', { field: 'code' });
    // Taken before anything is awaited: of two with the same code one is the first.
    keys.code = null;
    keys.waits.right(address);
    await keys.set('hand', input.passphrase).catch((error: unknown) => {
      keys.code = code;
      throw error;
    });
    return comeIn(keys, input.name, 'hand');
  }
);

/** A passphrase set anew; the phones that came in by the old one sign in again, but for this one. */
export const setPassphrase = keysCase('set-passphrase', async (keys, { role, passphrase, current }, hand) => {
  // On the machine itself nobody is asked: that is the way back in for who forgot it.
  if (keys.asks) {
    const wait = keys.waits.begin(hand?.pass ?? '');
    if (wait > 0) return refuse('too-many-tries', { values: { wait } });
    if ((await keys.roleOf(current)) !== 'hand') return refuse('passphrase-wrong', { field: 'current' });
    keys.waits.right(hand?.pass ?? '');
  }
  const other = await keys.roleOf(passphrase);
  if (other && other !== role) return refuse('passphrase-of-others', { field: 'passphrase' });
  await keys.set(role, passphrase, hand?.pass);
  return done({ name: role });
});

/** Guests come in no more. */
export const dropGuests = keysCase('drop-guests', async (keys) => {
  await keys.dropGuests();
  return done({ name: 'guest' });
});

/** Every phone signs in again, this one too. */
export const signOutEverywhere = keysCase('sign-out-everywhere', async (keys) => {
  await keys.signOutAll();
  return done({ name: '' });
});

/** One phone signed out, or one token taken back. */
export const takeBackPass = keysCase('take-back-pass', async (keys, { passId }) =>
  (await keys.takeBack(passId)) ? done({ name: '' }) : refuse('pass-unknown', { field: 'passId' })
);

/** A token for a program, told this once. */
export const makeToken = keysCase('make-token', async (keys, { name, role, days }) => {
  const [token] = await keys.give({ kind: 'token', name, role }, days * DAY_MS);
  return done({ name, token });
});

/** An address under which a calendar reads the rounds, told this once. */
export const makeFeed = keysCase('make-feed', async (keys, { name }) => {
  const [secret] = await keys.give({ kind: 'feed', name, role: 'guest' });
  return done({ name, path: `/calendar/${secret}.ics` });
});
