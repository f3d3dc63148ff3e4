import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import { z } from 'zod';
import type { Outcome, Refusal } from '../../core/refusal';
import { wallOf, type Clock } from '../clock';
import type { Work } from '../db/aggregate';
import type { Backups } from '../db/backups';
import { diskRefusal, written } from '../db/disk';
import type { ScaleDevice } from '../devices';
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
  /** The daily backups, where they are made. */
  readonly backups?: Pick<Backups, 'state'>;
  /** The passphrases and passes of the house. */
  readonly keys?: Keys;
  /** What was read for this request: the frame of the page and the page itself want the same. Absent: each reads anew. */
  readonly seen?: Map<string, Promise<unknown>>;
  /** Who asks; null where nobody is asked for a name. */
  readonly hand?: Hand | null;
}

/** A guest looks on: what refuses him, or nothing. */
export const looksOn = (house: House): Refusal[] =>
  house.hand?.role === 'guest' ? [{ code: 'guest-looks-on' }] : [];

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly refusals: readonly Refusal[] };

/** One thing a person does: checked by one schema, stored in one transaction. */
export interface UseCase<T> {
  readonly name: string;
  /** What it takes, checked before anything else. */
  readonly schema: z.ZodType;
  (house: House, input: unknown): Promise<Result<T>>;
}

class RolledBack extends Error {
  constructor(readonly refusal: Refusal) {
    super(refusal.code);
  }
}

/**
 * Makes a use case. The same command asked again gets the first answer and stores nothing: a double tap, a retry
 * after a lost connection. A refusal rolls everything back.
 */
export function useCase<S extends z.ZodType<{ commandId: string }>, T>(
  name: string,
  schema: S,
  body: (work: Work, input: z.output<S>) => Promise<Outcome<T>>
): UseCase<T> {
  const run = async (house: House, input: unknown): Promise<Result<T>> => {
    const guest = looksOn(house);
    if (guest.length > 0) return { ok: false, refusals: guest };
    const parsed = schema.safeParse(input);
    if (!parsed.success) return { ok: false, refusals: refusalsOf(parsed.error) };
    const command = parsed.data.commandId;
    const asked = createHash('sha256').update(JSON.stringify(parsed.data)).digest('hex');
    try {
      const value = await written(house.db, async (trx) => {
        const before = (await trx('command').where({ id: command }).first()) as
          { answer: string; kind: string; input: string | null } | undefined;
        // The same tap twice is answered twice alike; the same name for something else is a mistake, or worse.
        if (before && before.kind !== name)
          throw new RolledBack({ code: 'command-taken', field: 'commandId' });
        if (before?.input && before.input !== asked)
          throw new RolledBack({ code: 'command-said-otherwise', field: 'commandId' });
        if (before) return JSON.parse(before.answer) as T;
        const at = house.clock.now();
        const done = await body(
          { trx, command, at, wall: wallOf(at, house.zone), zone: house.zone },
          parsed.data
        );
        if (!done.ok) throw new RolledBack(done.refusal);
        await trx('command').insert({
          id: command,
          kind: name,
          at,
          answer: JSON.stringify(done.value),
          input: asked,
          who: house.hand?.name ?? null
        });
        return done.value;
      });
      return { ok: true, value };
    } catch (error) {
      if (error instanceof RolledBack) return { ok: false, refusals: [error.refusal] };
      const disk = diskRefusal(error);
      if (disk) return { ok: false, refusals: [disk] };
      throw error;
    }
  };
  return Object.assign(Object.defineProperty(run, 'name', { value: name }), { schema });
}

/** A schema's complaints as refusals: its messages are our codes, its paths our fields. */
export function refusalsOf(error: z.ZodError): Refusal[] {
  return error.issues.map((issue) => ({
    code: /^[a-z-]+$/.test(issue.message) ? issue.message : 'missing',
    field: issue.path.length > 0 ? String(issue.path[0]) : undefined
  }));
}
