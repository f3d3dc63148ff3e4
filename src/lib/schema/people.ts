import { z } from 'zod';
import { cleanText, commandId, id, maybeText, whole, no } from './common';

/** As it is typed; how it is compared is the house's affair. Its bounds keep what is hashed small. */
const passphrase = z
  .string({ error: no('missing') })
  .min(1, no('missing'))
  .max(200, no('text-too-long'));
/** Three or four words; short ones are guessed. */
const newPassphrase = passphrase
  .refine((said) => said.trim().length >= 12, no('passphrase-short'))
  .refine((said) => new Set(said.trim()).size >= 5, no('passphrase-plain'));
const who = z
  .string({ error: no('missing') })
  .overwrite(cleanText)
  .trim()
  .min(1, no('missing'))
  .max(40, no('name-long'));

/** Coming in with the passphrase, under a name. */
export const signInSchema = z.object({ name: who, passphrase });

/** The first passphrase, set with the code that the machine's own screen shows. */
export const firstSchema = z.object({
  name: who,
  code: z
    .string({ error: no('missing') })
    .trim()
    .min(1, no('missing'))
    .max(40, no('too-long')),
  passphrase: newPassphrase
});

/** A passphrase set anew, of the household or of its guests. `current` is asked where people are asked. */
export const setPassphraseSchema = z.object({
  commandId,
  role: z.enum(['hand', 'guest'], no('not-a-choice')),
  passphrase: newPassphrase,
  current: z.string().max(200, no('text-too-long')).default('')
});

/** A token for a program: what it may, and for how many days. */
export const makeTokenSchema = z.object({
  commandId,
  name: who,
  role: z.enum(['hand', 'guest'], no('not-a-choice')),
  days: whole(1, 366)
});

/** An address for a calendar; for one person it leaves out what others have taken, for nobody by name it has all. */
export const makeFeedSchema = z.object({ commandId, name: maybeText });

export const takeBackPassSchema = z.object({ commandId, passId: id });
export const nothingMoreSchema = z.object({ commandId });
