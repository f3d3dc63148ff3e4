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

/** What the hands say to a making on this page, how it stands after it, and how it is taken back. */
export class Making {
  busy = $state(false);
  problem = $state.raw<Problem | undefined>();
  /** As it stands after what the house has answered, until the page has come anew. */
  private ahead = $state.raw<Run | null>(null);
  /** Commands of this page that may be taken back, the last last. */
  private said = $state<readonly string[]>([]);
  private times = 0;
  readonly canUndo = $derived(this.said.length > 0);
  private readonly around: () => Around;
  readonly run: Run;

  constructor(around: () => Around) {
    this.around = around;
    this.run = $derived(this.ahead ?? this.around().run);
  }

  /** Says it to the house. False where it was refused or the house does not answer. */
  async say<N extends OfRun>(name: N, input: Rest<N>): Promise<boolean> {
    if (this.busy) return false;
    this.busy = true;
    const sent = await send(name, { ...input, runId: this.run.id } as unknown as Omit<Sent<N>, 'commandId'>);
    this.problem = sent.ok ? undefined : sent.problem;
    if (sent.ok) {
      const around = this.around();
      const decided = DECIDE[name](this.run, input as unknown as Taken<N>, around);
      if (decided.ok) this.ahead = evolveRun(this.run.id, this.run, decided.value, around.now) ?? null;
      if (sent.commandId) this.said = [...this.said, sent.commandId].slice(-50);
      void this.look();
    }
    this.busy = false;
    return sent.ok;
  }

  /** The page comes anew; what was said meanwhile stands until it, too, has come. */
  private async look(): Promise<void> {
    const mine = ++this.times;
    await lookAgain();
    if (mine === this.times) this.ahead = null;
  }

  async undo(): Promise<void> {
    const last = this.said.at(-1);
    if (!last || this.busy) return;
    this.busy = true;
    this.said = this.said.slice(0, -1);
    await undoCommand(last);
    this.ahead = null;
    this.busy = false;
  }
}
