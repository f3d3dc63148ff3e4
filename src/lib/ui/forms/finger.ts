/** Whether a finger (or the mouse) is pressed anywhere on the page. */
let down = false;
const waiting = new Set<() => void>();
const SOON_MS = 300;

if (typeof document !== 'undefined') {
  const listen = { capture: true, passive: true };
  document.addEventListener('pointerdown', () => (down = true), listen);
  for (const end of ['pointerup', 'pointercancel'])
    document.addEventListener(
      end,
      () => {
        down = false;
        // The click comes after the finger is up: what waits goes after the click.
        const due = [...waiting];
        waiting.clear();
        setTimeout(() => due.forEach((run) => run()));
      },
      listen
    );
}

/**
 * Runs once the tap that is going on is over, and never while a finger is down: what moves the page under a tap would
 * lose it. Returns how to call it off.
 */
export function afterTheTap(run: () => void): () => void {
  const timer = setTimeout(() => {
    if (down) waiting.add(run);
    else run();
  }, SOON_MS);
  return () => {
    clearTimeout(timer);
    waiting.delete(run);
  };
}
