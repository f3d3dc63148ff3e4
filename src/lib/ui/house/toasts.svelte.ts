import { nanoid } from 'nanoid';
import { send } from './send';
import { lookAgain } from './look-again';

/** What was just said to the person, with a way back for ten seconds. */
export interface Said {
  readonly id: string;
  readonly text: string;
  readonly more: string;
  readonly tone: 'done' | 'trouble';
  /** The command to take back. */
  readonly undo: string | null;
  readonly link: { readonly href: string; readonly text: string } | null;
}

const SHOWN_MS = 10_000;

class Toasts {
  all = $state<Said[]>([]);
  /** Ten seconds each: none for one that a hand or the keyboard is on. */
  private timers = new Map<string, ReturnType<typeof setTimeout>>();

  say(text: string, more: Partial<Omit<Said, 'id' | 'text'>> = {}): void {
    const said: Said = { id: nanoid(8), text, more: '', tone: 'done', undo: null, link: null, ...more };
    this.all = [...this.all.slice(-2), said];
    this.letGo(said.id);
  }

  /** A hand, or the keyboard, is on it: it stays as long as that. */
  hold(id: string): void {
    clearTimeout(this.timers.get(id));
    this.timers.delete(id);
  }

  /** The hand went elsewhere: ten seconds from here. */
  letGo(id: string): void {
    this.hold(id);
    this.timers.set(
      id,
      setTimeout(() => this.drop(id), SHOWN_MS)
    );
  }

  drop(id: string): void {
    this.hold(id);
    this.all = this.all.filter((s) => s.id !== id);
  }

  async undo(said: Said): Promise<void> {
    if (!said.undo) return;
    this.drop(said.id);
    await undoCommand(said.undo);
  }
}

export const toasts = new Toasts();

/** Takes a command back and says so, or says why not. */
export async function undoCommand(of: string): Promise<void> {
  const sent = await send('undo', { of });
  if (!sent.ok && sent.gone) {
    toasts.say('Not undone: no connection.', { tone: 'trouble', more: 'Try again when it is back.' });
    return;
  }
  await lookAgain();
  if (sent.ok) toasts.say('Undone');
  else toasts.say(sent.problem.says, { tone: 'trouble', more: sent.problem.wouldWork });
}
