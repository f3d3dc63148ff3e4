import { toasts } from '../house/toasts.svelte';

const ALOUD = 'crockle-aloud';
const SAID = 'crockle-awake-said';

const kept = (key: string): string | null => {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
};
const keep = (key: string, value: string): void => {
  try {
    localStorage.setItem(key, value);
  } catch {
    // A browser that keeps nothing asks again next time.
  }
};

/** Whether steps are read aloud on this device. */
class Aloud {
  on = $state(false);
  /** The browser has a voice. */
  can = $state(false);

  look(): void {
    this.can = 'speechSynthesis' in window;
    this.on = this.can && kept(ALOUD) === 'yes';
  }
  turn(): void {
    this.on = !this.on;
    keep(ALOUD, this.on ? 'yes' : 'no');
    if (!this.on) speechSynthesis.cancel();
  }
}
export const aloud = new Aloud();

/** Reads what stands on the screen, by the browser's own voice. */
export function readAloud(screen: HTMLElement | undefined): void {
  if (!aloud.on || !screen) return;
  speechSynthesis.cancel();
  speechSynthesis.speak(new SpeechSynthesisUtterance(screen.innerText));
}

/** Keeps the screen awake while a making is shown; where the browser may not, that is said once. */
export function keepAwake(): () => void {
  let lock: WakeLockSentinel | undefined;
  let gone = false;
  const ask = async () => {
    if (document.visibilityState !== 'visible') return;
    try {
      lock = await navigator.wakeLock.request('screen');
      if (gone) await lock.release();
    } catch {
      if (kept(SAID) === 'yes') return;
      keep(SAID, 'yes');
      toasts.say('This browser may not keep the screen awake.', {
        more: 'Set your phone to stay on meanwhile.'
      });
    }
  };
  void ask();
  // A lock ends when the page is put away.
  const again = () => void ask();
  document.addEventListener('visibilitychange', again);
  aloud.look();
  return () => {
    gone = true;
    document.removeEventListener('visibilitychange', again);
    void lock?.release();
    if (aloud.can) speechSynthesis.cancel();
  };
}
