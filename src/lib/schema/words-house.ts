/** What the house says of itself: its disk, its clock, the names of its commands. Says, and what would work. */
export const OF_THE_HOUSE: Readonly<Record<string, readonly [says: string, wouldWork: string]>> = {
  'command-taken': [
    'This was sent under the name of something else.',
    'Reload the page and do it again: every act has a name of its own.'
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
  'not-json': ['The body is not JSON.', 'Send JSON with content-type: application/json.'],
  'clock-is-real': ['This household lives by the real clock.', 'Only the demo’s clock can be stepped.'],
  'nothing-due': ['Nothing will fall due.', 'Step by a day instead.']
};
