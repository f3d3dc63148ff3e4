import type { CommandName, Sent } from '$lib/schema/commands';
import type { Run } from '$lib/core/run';
import type { Problem } from '$lib/words';
import { lookAgain } from '../house/look-again';
import { send } from '../house/send';
import { undoCommand } from '../house/toasts.svelte';

type OfRun =
  'do-step' | 'skip-step' | 'answer-gate' | 'tick-kit' | 'put-in' | 'lay-jar' | 'put-off' | 'give-up';
type Rest<N extends CommandName> = Omit<Sent<N>, 'commandId' | 'runId'>;

/** What the hands say to a making on this page, and how it is taken back. */
export class Making {
  busy = $state(false);
  problem = $state.raw<Problem | undefined>();
  /** Commands of this page that may be taken back, the last last. */
  private said = $state<readonly string[]>([]);
  readonly canUndo = $derived(this.said.length > 0);

  constructor(private readonly run: () => Run) {}

  /** Says it to the house; done when the page shows it. False where it was refused or the house does not answer. */
  async say<N extends OfRun>(name: N, input: Rest<N>): Promise<boolean> {
    if (this.busy) return false;
    this.busy = true;
    const sent = await send(name, { ...input, runId: this.run().id } as unknown as Omit<
      Sent<N>,
      'commandId'
    >);
    this.problem = sent.ok ? undefined : sent.problem;
    if (sent.ok) {
      if (sent.commandId) this.said = [...this.said, sent.commandId].slice(-50);
      await lookAgain();
    }
    this.busy = false;
    return sent.ok;
  }

  async undo(): Promise<void> {
    const last = this.said.at(-1);
    if (!last || this.busy) return;
    this.busy = true;
    this.said = this.said.slice(0, -1);
    await undoCommand(last);
    this.busy = false;
  }
}
