import { z } from 'zod';
import {
  makeFeedSchema,
  makeTokenSchema,
  nothingMoreSchema,
  setPassphraseSchema,
  takeBackPassSchema
} from '../people';
import { named } from './answers';
import { command, type Command } from './command';

const KEYS = ['nobody-asked', 'keys-not-yours'] as const;

/** Who may come in: done at once, kept beside the log and never in it; for people only, no program. */
export const DOOR_COMMANDS = {
  'set-passphrase': command(
    setPassphraseSchema,
    named,
    [...KEYS, 'too-many-tries', 'passphrase-wrong', 'passphrase-of-others'],
    (a) =>
      a.name === 'guest'
        ? 'The guests’ passphrase is set'
        : 'The passphrase is set; other phones sign in again'
  ),
  'drop-guests': command(nothingMoreSchema, named, KEYS, () => 'Guests come in no more'),
  'sign-out-everywhere': command(nothingMoreSchema, named, KEYS, () => 'Every phone signs in again'),
  'take-back-pass': command(takeBackPassSchema, named, [...KEYS, 'pass-unknown'], () => 'Taken back'),
  'make-token': command(
    makeTokenSchema,
    named.extend({ token: z.string() }),
    KEYS,
    (a) => `A token for ${a.name}: copy it now`
  ),
  'make-feed': command(
    makeFeedSchema,
    named.extend({ path: z.string() }),
    KEYS,
    () => 'An address for your calendar: copy it now'
  )
} as const satisfies Record<string, Command>;
