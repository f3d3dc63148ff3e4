import { deviceShare, knownBeat, phone } from './send';
import { lookAgain } from './look-again';
import { isTyping } from './typed';

interface Told {
  readonly kinds: readonly string[];
  readonly beat: string;
  /** The house's elapsed clock when it was told. */
  readonly elapsed: number;
}

/** Who just stored something looks again by itself: so long others wait, and up to so much longer, each by itself, ms. */
const SETTLE_MS = 400;
const SPREAD_MS = 800;
/** Asked again whether one may look, ms. */
const ASK_AGAIN_MS = 1000;

/**
 * Hears from the house what is stored, by whichever phone, and looks again. One line, held only while the page is seen: a
 * browser has few of them. Whoever is in the middle of something holds it back.
 */
class News {
  private source: EventSource | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private heard = '';
  private clock: { readonly elapsed: number; readonly at: number } | undefined;
  /** It looks again by itself now: nobody asked to go anywhere. */
  looks = false;
  private readonly holds = new Set<() => boolean>();

  /** The house's elapsed clock now; undefined: it has not told it yet. */
  elapsed(): number | undefined {
    return this.clock && this.clock.elapsed + phone() - this.clock.at;
  }

  /** Listens until the answer is called. */
  listen(): () => void {
    const onSight = () => (document.visibilityState === 'visible' ? this.connect() : this.cut());
    document.addEventListener('visibilitychange', onSight);
    onSight();
    return () => {
      document.removeEventListener('visibilitychange', onSight);
      this.cut();
    };
  }

  /** Nothing is looked at again while `busy` says so; until the answer is called. */
  hold(busy: () => boolean): () => void {
    this.holds.add(busy);
    return () => void this.holds.delete(busy);
  }

  /** Time has passed: looks again as soon as no hand is in the middle of something. */
  look(): void {
    this.heard = '';
    this.soon(0);
  }

  private connect(): void {
    if (this.source) return;
    this.source = new EventSource('/api/v1/news');
    this.source.onmessage = (e: MessageEvent<string>) => {
      const { kinds, beat, elapsed } = JSON.parse(e.data) as Told;
      this.clock = { elapsed, at: phone() };
      // What is chosen on a bench is seen there only.
      const elsewhere =
        kinds.length > 0 && kinds.every((k) => k === 'draft') && location.pathname !== '/bench';
      if (elsewhere || beat === knownBeat()) return;
      this.heard = beat;
      // Fifty phones that ask at the same moment wait for one another.
      this.soon(SETTLE_MS + deviceShare() * SPREAD_MS);
    };
  }

  private cut(): void {
    this.source?.close();
    this.source = undefined;
    clearTimeout(this.timer);
  }

  private soon(after: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => {
      // Looked at meanwhile.
      if (knownBeat() === this.heard) return;
      if (isTyping() || [...this.holds].some((busy) => busy())) return this.soon(ASK_AGAIN_MS);
      this.looks = true;
      void lookAgain().finally(() => (this.looks = false));
    }, after);
  }
}

export const news = new News();
