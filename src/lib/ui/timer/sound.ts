import type { Sound } from '$lib/core/timer';

/** One tone: Hz, from when and how long, s, and its shape. */
type Tone = readonly [hz: number, from: number, lasts: number, shape?: OscillatorType];

const TONES: Readonly<Record<Sound, readonly Tone[]>> = {
  bell: [
    [880, 0, 1.4],
    [1320, 0, 0.9],
    [2640, 0, 0.3]
  ],
  knock: [
    [160, 0, 0.07, 'square'],
    [160, 0.22, 0.07, 'square'],
    [160, 0.44, 0.07, 'square']
  ],
  rise: [
    [440, 0, 0.22],
    [554, 0.22, 0.22],
    [659, 0.44, 0.22],
    [880, 0.66, 0.5]
  ],
  fall: [
    [880, 0, 0.22],
    [659, 0.22, 0.22],
    [554, 0.44, 0.22],
    [440, 0.66, 0.5]
  ],
  pulse: [
    [220, 0, 0.35, 'triangle'],
    [220, 0.5, 0.35, 'triangle'],
    [220, 1, 0.35, 'triangle']
  ],
  chirp: [
    [1760, 0, 0.08],
    [2093, 0.12, 0.08],
    [1760, 0.24, 0.08],
    [2093, 0.36, 0.08]
  ]
};

/** Loud enough for a kitchen, and no shock. */
const LOUD = 0.35;

let context: AudioContext | undefined;

/** A browser lets a page sound once it was touched: called at every tap and key until it does. */
export async function wakeSound(): Promise<boolean> {
  if (typeof AudioContext === 'undefined') return false;
  context ??= new AudioContext();
  if (context.state === 'suspended') await context.resume().catch(() => undefined);
  return canSound();
}

export const canSound = (): boolean => context?.state === 'running';

/** Sounds once; made as it is played, so that no file is needed. Silent where the page may not sound yet. */
export function play(sound: Sound): void {
  if (!context || !canSound()) return;
  for (const [hz, from, lasts, shape = 'sine'] of TONES[sound]) {
    const at = context.currentTime + from;
    const tone = context.createOscillator();
    const gain = context.createGain();
    tone.type = shape;
    tone.frequency.value = hz;
    gain.gain.setValueAtTime(0, at);
    gain.gain.linearRampToValueAtTime(LOUD, at + 0.01);
    gain.gain.exponentialRampToValueAtTime(0.001, at + lasts);
    tone.connect(gain).connect(context.destination);
    tone.start(at);
    tone.stop(at + lasts);
  }
}
