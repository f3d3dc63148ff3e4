import type { WallMinute } from '$lib/core/calendar';
import type { Outcome } from '$lib/core/refusal';
import {
  evolveRun,
  gateAnswered,
  jarLaid,
  kitTicked,
  objectsIn,
  putOff,
  runGivenUp,
  stepDone,
  stepSkipped,
  type Run,
  type RunEvent
} from '$lib/core/run';
import type { OwnStyles } from '$lib/core/style';
import type { CommandName, Sent, Taken } from '$lib/schema/commands';
import type { Problem } from '$lib/words';
import { lookAgain } from '../house/look-again';
import { send } from '../house/send';
import { undoCommand } from '../house/toasts.svelte';

/** A step is not passed over while a weight at it is only on the page. */
export const NOT_KEPT: Problem = {
  ...{ code: 'not-read', field: null, says: 'A weight that stands here is not stored yet.' },
  wouldWork: 'Mend it, or try again once Crockle is reached.'
};

type OfRun =
  'do-step' | 'skip-step' | 'answer-gate' | 'tick-kit' | 'put-in' | 'lay-jar' | 'put-off' | 'give-up';
type Rest<N extends CommandName> = Omit<Sent<N>, 'commandId' | 'runId'>;

interface Around {
  readonly run: Run;
  readonly styles: OwnStyles;
  readonly now: WallMinute;
}

/** What each command makes of a run, by the very rules of the house: the page need not wait to be told. */
const DECIDE: { readonly [N in OfRun]: (run: Run, said: Taken<N>, around: Around) => Outcome<RunEvent> } = {
  'do-step': (run, { step }, { styles }) => stepDone(run, step, styles),
  'skip-step': (run, said, { styles }) => stepSkipped(run, said, styles),
  'answer-gate': (run, said) => gateAnswered(run, said),
  'tick-kit': (run, { thing, on }) => kitTicked(run, { thing, on }),
  'put-in': (run, { objects }) => objectsIn(run, objects),
  'lay-jar': (run, { layers }) => jarLaid(run, layers),
  'put-off': (run, { minutes }, { now }) => putOff(run, minutes, now),
  'give-up': (run, { how }) => runGivenUp(run, how)
};

/** Tapped twice in haste these are one tap; all else waits for its turn and is not lost. */
const ONCE: ReadonlySet<OfRun> = new Set([
  'do-step',
  'skip-step',
  'answer-gate',
  'put-off',
  'give-up'
] as const);

/** What the hands say to a making on this page, how it stands after it, and how it is taken back. */
export class Making {
  problem = $state.raw<Problem | undefined>();
  /** As it stands after what the house has answered, until the page has come anew. */
  private ahead = $state.raw<Run | null>(null);
  /** Commands of this page that may be taken back, the last last. */
  private said = $state<readonly string[]>([]);
  /** What is on its way or waits for its turn. */
  private pending = $state<readonly (OfRun | 'undo')[]>([]);
  private turn: Promise<unknown> = Promise.resolve();
  private times = 0;
  /** The last word that is said once only, as it was said. */
  private once = '';
  readonly canUndo = $derived(this.said.length > 0);
  /** A word that is said once only is on its way. */
  readonly busy = $derived(this.pending.some((name) => name === 'undo' || ONCE.has(name)));
  private readonly around: () => Around;
  readonly run: Run;

  constructor(around: () => Around) {
    this.around = around;
    this.run = $derived(this.ahead ?? this.around().run);
  }

  /**
   * Says it to the house, in its turn; what follows from how the making stands is asked for then. False where it was refused, the
   * house does not answer, or it is a second tap.
   */
  async say<N extends OfRun>(name: N, input: Rest<N> | ((run: Run) => Rest<N>)): Promise<boolean> {
    const key = `${name} ${JSON.stringify(input) ?? ''}`;
    // A second tap on the same is one; another answer to a gate takes its turn.
    if (this.busy && ONCE.has(name) && (name !== 'answer-gate' || key === this.once)) return false;
    this.once = key;
    return this.inTurn(name, async () => {
      const said = typeof input === 'function' ? input(this.run) : input;
      const sent = await send(name, { ...said, runId: this.run.id } as unknown as Omit<Sent<N>, 'commandId'>);
      this.problem = sent.ok ? undefined : sent.problem;
      if (!sent.ok) return false;
      const around = this.around();
      const decided = DECIDE[name](this.run, said as unknown as Taken<N>, around);
      if (decided.ok) this.ahead = evolveRun(this.run.id, this.run, decided.value, around.now) ?? null;
      if (sent.commandId) this.said = [...this.said, sent.commandId].slice(-50);
      void this.look();
      return true;
    });
  }

  /** Takes the last word back. */
  async undo(): Promise<void> {
    const last = this.said.at(-1);
    if (!last || this.busy) return;
    await this.inTurn('undo', async () => {
      this.said = this.said.slice(0, -1);
      await undoCommand(last);
      this.ahead = null;
      return true;
    });
  }

  private async inTurn(name: OfRun | 'undo', does: () => Promise<boolean>): Promise<boolean> {
    this.pending = [...this.pending, name];
    const mine = this.turn.then(does);
    this.turn = mine.catch(() => undefined);
    try {
      return await mine;
    } finally {
      const at = this.pending.indexOf(name);
      this.pending = this.pending.filter((_, i) => i !== at);
    }
  }

  /** The page comes anew; what was said meanwhile stands until it, too, has come. */
  private async look(): Promise<void> {
    const mine = ++this.times;
    await lookAgain();
    if (mine === this.times) this.ahead = null;
  }
}
