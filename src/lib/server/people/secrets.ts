import { createHash, randomBytes, randomInt, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';

/** What scrypt costs: 32 MB and about a tenth of a second. OWASP's password storage sheet, recalled from memory. */
const COST: ScryptOptions = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 2 ** 20 };
const BYTES = 32;

const derive = (text: string, salt: Buffer, cost: ScryptOptions) =>
  new Promise<Buffer>((resolve, reject) =>
    scrypt(text, salt, BYTES, { ...cost, maxmem: COST.maxmem! }, (error, key) =>
      error ? reject(error) : resolve(key)
    )
  );

/** A passphrase as it is compared: neither its spacing nor the way its letters were composed tells two apart. */
const plain = (said: string): string => said.normalize('NFKC').trim().replace(/\s+/g, ' ');

let last: Promise<unknown> = Promise.resolve();
/** One after the other, so that many tries at once never take more memory than one. */
function inTurn<T>(work: () => Promise<T>): Promise<T> {
  const mine = last.then(work);
  last = mine.catch(() => undefined);
  return mine;
}

/** A passphrase as it is kept: the costs, a salt of its own, and what scrypt makes of both. */
export async function hashPassphrase(said: string): Promise<string> {
  const salt = randomBytes(16);
  const key = await inTurn(() => derive(plain(said), salt, COST));
  return ['scrypt', COST.N, COST.r, COST.p, salt.toString('base64'), key.toString('base64')].join('$');
}

/** Whether a passphrase is the one that is kept. */
export async function isPassphrase(said: string, kept: string): Promise<boolean> {
  const [kind, n, r, p, salt = '', key = ''] = kept.split('$');
  if (kind !== 'scrypt') return false;
  const wanted = Buffer.from(key, 'base64');
  const cost = { N: Number(n), r: Number(r), p: Number(p) };
  const made = await inTurn(() => derive(plain(said), Buffer.from(salt, 'base64'), cost));
  return made.length === wanted.length && timingSafeEqual(made, wanted);
}

/** A secret that nobody guesses: 32 bytes, as text for a cookie or a header. */
export const newSecret = (): string => randomBytes(32).toString('base64url');

/** What is kept of such a secret: it needs no salt, it is long and by chance. */
export const fingerprint = (secret: string): string => createHash('sha256').update(secret).digest('hex');

/** Letters and figures that are not taken for each other. */
const CODE_LETTERS = 'ABCDEFGHJKMNPQRSTVWXYZ23456789';
/** A code to type off a screen once. Example: `K7QM-2FXA`. */
export const newCode = (): string => {
  const letters = Array.from({ length: 8 }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]);
  return `${letters.slice(0, 4).join('')}-${letters.slice(4).join('')}`;
};

/** Whether a code was typed off rightly: case, spaces and the dash do not matter. */
export function isCode(said: string, code: string): boolean {
  const bare = (text: string) => Buffer.from(fingerprint(text.toUpperCase().replace(/[^A-Z0-9]/g, '')));
  return timingSafeEqual(bare(said), bare(code));
}
