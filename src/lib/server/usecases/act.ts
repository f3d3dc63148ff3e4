import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import type { z } from 'zod';
import type { WallMinute } from '../../core/calendar';
import { isRefusalCode, refuse, type Outcome, type Refusal } from '../../core/refusal';
import { COMMANDS, type Answer, type CommandName, type FormName, type Taken } from '../../schema/commands';
import { envelopeSchema, type Envelope } from '../../schema/envelope';
import { instantOf, wallOf, type Clock } from '../clock';
import type { Work } from '../db/kinds';
import type { Backups } from '../db/backups';
import { diskRefusal, written } from '../db/disk';
import { versionOf } from '../db/log';
import type { MeterDevice, ScaleDevice, ThermometerDevice } from '../devices';
import type { News } from '../news';
import type { Seen } from '../seen';
import type { Hand, Keys } from '../people';

/** What the server owns while it runs. */
export interface House {
  readonly db: Knex;
  readonly clock: Clock;
  readonly zone: string;
  /** The database's file. */
  readonly file?: string;
  /** The kitchen scale on the line, if there is one. */
  readonly scale?: ScaleDevice | null;
  /** The pH meter on the line, if there is one. */
  readonly meter?: MeterDevice | null;
  /** The thermometers at its places, if they note by themselves. */
  readonly thermometers?: ThermometerDevice | null;
  /** The daily backups, where they are made. */
  readonly backups?: Pick<Backups, 'state'>;
  /** The passphrases and passes of the house. */
  readonly keys?: Keys;
  /** Who wants to hear what is stored. */
  readonly news?: News;
  /** What pages have read since something was stored. Absent: each reads anew. */
  readonly seen?: Seen;
  /** Who asks; null where nobody is asked for a name. */
  readonly hand?: Hand | null;
}

/** A guest looks on: what refuses him, or nothing. */
export const looksOn = (house: House): Refusal[] =>
  house.hand?.role === 'guest' ? [{ code: 'guest-looks-on' }] : [];

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly refusals: readonly Refusal[] };

/** One thing a person does, by its name in the registry: checked by its schema, stored in one transaction. */
export interface UseCase<N extends FormName = FormName> {
  readonly name: N;
  (house: House, input: unknown): Promise<Result<Answer<N>>>;
}

class RolledBack extends Error {
  constructor(readonly refusal: Refusal) {
    super(refusal.code);
  }
}

/** What was done with a jar counts from when it was done, however late it is said. */
const DATED: ReadonlySet<CommandName> = new Set([
  'care',
  'visit',
  'taste',
  'ph',
  'see-gas',
  'titrate',
  'add-photo',
  'see-sign',
  'portion',
  'read-thermometer'
] as const);

/** A device's clock may run ahead by so much; minutes. */
const AHEAD = 10;

/** Said later than this, it is a slip or a clock that stands; minutes. */
const LATEST = 60 * 1440;

/**
 * Makes a use case. The same command asked again gets the first answer and stores nothing: a double tap, a retry
 * after a lost connection. A refusal rolls everything back.
 */
export function useCase<N extends CommandName>(
  name: N,
  body: (work: Work, input: Taken<N>) => Promise<Outcome<Answer<N>>>
): UseCase<N> {
  const run = async (house: House, input: unknown): Promise<Result<Answer<N>>> => {
    const guest = looksOn(house);
    if (guest.length > 0) return { ok: false, refusals: guest };
    const parsed = COMMANDS[name].input.safeParse(input);
    const envelope = envelopeSchema.safeParse(input);
    if (!parsed.success) return { ok: false, refusals: refusalsOf(parsed.error) };
    if (!envelope.success) return { ok: false, refusals: refusalsOf(envelope.error) };
    const command = parsed.data.commandId;
    const asked = createHash('sha256').update(JSON.stringify(parsed.data)).digest('hex');
    const touched = new Set<string>();
    try {
      const value = await written(house.db, async (trx) => {
        const known = await answeredBefore<N>(trx, { command, name, asked });
        if (known) return known;
        const arrived = house.clock.now();
        const at = countsFrom(house, name, envelope.data, arrived);
        const done = await body({ trx, command, touched, ...timesOf(house, at) }, parsed.data as Taken<N>);
        if (!done.ok) throw new RolledBack(done.refusal);
        await keepAnswer(trx, house, envelope.data, {
          ...{ id: command, kind: name, at: arrived, input: asked },
          answer: JSON.stringify(done.value)
        });
        return done.value;
      });
      if (house.news && touched.size > 0)
        house.news.tell({ version: await versionOf(house.db), kinds: [...touched] });
      return { ok: true, value };
    } catch (error) {
      const refusal = error instanceof RolledBack ? error.refusal : diskRefusal(error);
      if (!refusal) throw error;
      return { ok: false, refusals: [refusal] };
    }
  };
  return Object.defineProperty(run as UseCase<N>, 'name', { value: name });
}

/** A command with its answer: who, by which device, when by its clock, and what it had seen. */
const keepAnswer = (
  trx: Knex,
  { hand, zone }: House,
  { device, doneAt: said, saw }: Envelope,
  command: { id: string; kind: string; at: number; input: string; answer: string }
) =>
  trx('command').insert({
    ...command,
    who: hand?.name ?? null,
    device: device ?? null,
    done: said === undefined ? null : instantOf(said, zone),
    saw: saw ?? null
  });

/** The first answer of a command that is said again: the same tap twice is answered twice alike. */
async function answeredBefore<N extends FormName>(
  trx: Knex,
  { command, name, asked }: { command: string; name: N; asked: string }
): Promise<Answer<N> | undefined> {
  const before = (await trx('command').where({ id: command }).first()) as
    { answer: string; kind: string; input: string | null } | undefined;
  if (!before) return undefined;
  // The same name for something else is a mistake, or worse.
  if (before.kind !== name) throw new RolledBack({ code: 'command-taken', field: 'commandId' });
  if (before.input && before.input !== asked)
    throw new RolledBack({ code: 'command-said-otherwise', field: 'commandId' });
  return JSON.parse(before.answer) as Answer<N>;
}

/** The instant from which a command counts: when it arrived, or for what is dated when it was done. */
function countsFrom({ zone }: House, name: CommandName, said: Envelope, arrived: number): number {
  if (!DATED.has(name)) return arrived;
  const when = doneAt(said, wallOf(arrived, zone));
  if (!when.ok) throw new RolledBack(when.refusal);
  return when.value === null ? arrived : instantOf(when.value, zone);
}

/** The times that a use case works with. */
const timesOf = ({ clock, zone }: House, at: number): Pick<Work, 'at' | 'wall' | 'zone' | 'elapsed'> => ({
  ...{ at, zone, wall: wallOf(at, zone), elapsed: clock.elapsed() }
});

/** When it was done, where the device says so and its clock can be right; null: as it arrived. */
function doneAt({ doneAt: said }: Envelope, now: WallMinute): Outcome<WallMinute | null> {
  if (said === undefined || said === now) return { ok: true, value: null };
  if (said > now + AHEAD) return refuse('done-ahead', { field: 'doneAt' });
  if (said < now - LATEST)
    return refuse('done-long-ago', { field: 'doneAt', values: { days: LATEST / 1440 } });
  return { ok: true, value: Math.min(said, now) };
}

/** A schema's complaints as refusals: its messages are our codes, its paths our fields. */
export function refusalsOf(error: z.ZodError): Refusal[] {
  return error.issues.map((issue) => ({
    code: isRefusalCode(issue.message) ? issue.message : 'missing',
    ...(issue.path.length > 0 ? { field: String(issue.path[0]) as Refusal['field'] } : {})
  }));
}
