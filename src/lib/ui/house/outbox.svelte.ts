import type { Sending } from './send';

const SEND_AFTER_MS = 500;
const TRY_AGAIN_MS = 3000;

type Timer = ReturnType<typeof setTimeout>;
/** Says it to the house; null where there was nothing to say after all. */
type Saying = () => Promise<Sending<unknown> | null>;

/**
 * What is on its way to the house: sent in a moment, one at a time about a thing, so that the last word is also the last to
 * arrive, and again until the house answers.
 */
export class Outbox {
  keeping = $state<'kept' | 'keeping' | 'trouble'>('kept');

  // On the way, nothing that is shown.
  /* eslint-disable svelte/prefer-svelte-reactivity */
  private readonly waiting = new Map<string, { say: Saying; timer: Timer }>();
  private readonly flying = new Map<string, Promise<void>>();
  /* eslint-enable svelte/prefer-svelte-reactivity */

  /** Sends in a moment, the last word about a thing only; tries again until it is through. */
  later(about: string, say: Saying, after = SEND_AFTER_MS): void {
    clearTimeout(this.waiting.get(about)?.timer);
    this.keeping = this.keeping === 'trouble' ? 'trouble' : 'keeping';
    this.waiting.set(about, { say, timer: setTimeout(() => void this.send(about), after) });
  }

  /** Sends what waits without waiting longer; true when the house has answered everything. */
  async settle(): Promise<boolean> {
    while (this.waiting.size + this.flying.size > 0) {
      await Promise.all([...this.waiting.keys()].map((about) => this.send(about)));
      await Promise.all(this.flying.values());
      if (this.keeping === 'trouble') return false;
    }
    return true;
  }

  /** The page is left: what waits is sent now, behind whatever is still in the air. */
  leave(): void {
    for (const { say, timer } of this.waiting.values()) {
      clearTimeout(timer);
      void say();
    }
    this.waiting.clear();
  }

  private async send(about: string): Promise<void> {
    await this.flying.get(about);
    const one = this.waiting.get(about);
    if (!one) return;
    clearTimeout(one.timer);
    this.waiting.delete(about);
    const flight = one.say().then((sent) => {
      this.flying.delete(about);
      if (sent && !sent.ok && sent.gone) {
        // The connection is gone: what was typed stays here and is sent again, unless something newer was.
        this.keeping = 'trouble';
        if (!this.waiting.has(about)) this.later(about, one.say, TRY_AGAIN_MS);
      } else if (this.waiting.size + this.flying.size === 0) this.keeping = 'kept';
    });
    this.flying.set(about, flight);
    await flight;
  }
}
