import type { Sound } from '../core/timer';

/** What each timer sounds like, as one chooses it. */
export const SOUND_WORDS: Readonly<Record<Sound, string>> = {
  bell: 'a bell',
  knock: 'knocking',
  rise: 'rising tones',
  fall: 'falling tones',
  pulse: 'a low hum',
  chirp: 'chirping'
};

/** How long, in words. Example: 90 minutes are `'1 h 30 min'`, a third of a minute `'20 s'`. */
export function lastingWords(minutes: number): string {
  const seconds = Math.round(minutes * 60);
  if (seconds < 60) return `${seconds}\u00a0s`;
  const whole = Math.round(minutes);
  const [days, hours, rest] = [Math.floor(whole / 1440), Math.floor((whole % 1440) / 60), whole % 60];
  return [
    days > 0 ? `${days}\u00a0d` : '',
    hours > 0 ? `${hours}\u00a0h` : '',
    rest > 0 && days === 0 ? `${rest}\u00a0min` : ''
  ]
    .filter((part) => part !== '')
    .join(' ');
}
