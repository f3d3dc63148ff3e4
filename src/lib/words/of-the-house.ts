import type { WordsOf } from './kinds';

/** Example: `waitWords(150)` is `'3 minutes'`. */
const waitWords = (seconds: number): string =>
  seconds < 60 ? `${seconds} second${seconds === 1 ? '' : 's'}` : `${Math.ceil(seconds / 60)} minutes`;

/** What the house says of itself: its disk, its clock, its door, the names of its commands. */
export const OF_THE_HOUSE = {
  'too-many-tries': (v) => [
    'Too many wrong tries.',
    `Wait ${waitWords(Number(v.wait ?? 60))}, then try again.`
  ],
  'done-ahead': [
    'That is said to be done later than it is now.',
    'Look at the clock of this phone, then try again.'
  ],
  'done-long-ago': (v) => [
    `That was more than ${v.days} days ago.`,
    'Look at the clock of this phone; what is older belongs in the note.'
  ],
  'done-before-it': (v) => [
    `${v.name} was not begun yet then.`,
    'Look at the clock of this phone, then try again.'
  ],
  'command-taken': [
    'This was sent under the name of something else.',
    'Reload the page and do it again: every act has a name of its own.'
  ],
  'command-said-otherwise': [
    'This was stored already, as it was first sent.',
    'Reload the page and see what stands there; then change that.'
  ],
  'disk-full': [
    'The disk is full: nothing could be stored, and nothing that was stored is lost.',
    'Make room on the disk that holds Crockle, then try again; what you typed stays here.'
  ],
  'disk-refuses': [
    'The disk does not take anything now: nothing could be stored, and nothing that was stored is lost.',
    'See whether the disk is read-only or unplugged, then try again; what you typed stays here.'
  ],
  'house-busy': ['Crockle is busy with something else.', 'Try again in a moment; what you typed stays here.'],
  'changed-since': [
    'Something has happened to it since, so it cannot simply be undone.',
    'Correct it where it stands, or undo the later thing first.'
  ],
  'form-broken': ['What the form sent cannot be read.', 'Reload the page and fill it in again.'],
  'field-is-file': ['A file came where words belong.', 'Type it in.'],
  'too-large': ['That is more than fits.', 'Shorten it and try again.'],
  'from-elsewhere': ['That was sent from another site’s page.', 'Open Crockle itself and do it there.'],
  'too-many-listen': ['Too many pages hear the scale.', 'Close some of them, then try again.'],
  'signed-out': ['You are not signed in.', 'Sign in, then try again; what you typed stays here.'],
  'token-unknown': ['That token does not hold, or holds no more.', 'Make a new one in Kit.'],
  'guest-looks-on': ['Guests look on: nothing was stored.', 'Sign in as one of the household to do that.'],
  'keys-not-yours': [
    'Who may come in is for those of the household to say.',
    'Sign in with the household’s passphrase.'
  ],
  'nobody-asked': ['Nobody is asked for a passphrase here.', 'Go to Today.'],
  'no-passphrase-yet': [
    'The household has no passphrase yet.',
    'Set the first one, with the code that Crockle’s start shows.'
  ],
  'passphrase-is-set': ['The household has a passphrase already.', 'Sign in with it.'],
  'passphrase-wrong': ['That is not the passphrase.', 'Look whether capitals are locked, and try again.'],
  'code-wrong': [
    'That is not the code.',
    'Type the eight letters and figures that Crockle’s start shows on its own screen.'
  ],
  'passphrase-short': [
    'That is short: it can be guessed.',
    'Take three or four words, twelve letters or more.'
  ],
  'passphrase-plain': ['That is too plain: it can be guessed.', 'Take three or four words.'],
  'passphrase-of-others': [
    'That passphrase opens for the others already.',
    'Give guests one that differs from the household’s.'
  ],
  'name-long': ['That name is too long.', 'Forty letters are enough.'],
  'pass-unknown': ['That is signed out already.', 'Reload the page.'],
  'not-json': ['The body is not JSON.', 'Send JSON with content-type: application/json.'],
  'clock-is-real': ['This household lives by the real clock.', 'Only the demo’s clock can be stepped.'],
  'nothing-due': ['Nothing will fall due.', 'Step by a day instead.']
} as const satisfies WordsOf;
