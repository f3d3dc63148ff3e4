<script lang="ts" generics="N extends FormName">
  import { nanoid } from 'nanoid';
  import { onMount, type Snippet } from 'svelte';
  import { enhance } from '$app/forms';
  import type { Answer, FieldOf, FormName } from '$lib/schema/commands';
  import type { Problem } from '$lib/words';
  import { envelope } from '../house/send';
  import { lookAgain } from '../house/look-again';
  import { forgetHalfTyped, giveHalfTyped, keepHalfTyped } from '../house/typed';
  import { toasts } from '../house/toasts.svelte';
  import Trouble from './Trouble.svelte';

  interface Done {
    readonly said: string;
    readonly commandId: string;
    readonly answer: Answer<N>;
  }
  interface Link {
    href: string;
    text: string;
  }
  interface Props {
    /** What it does, by its name in the registry. */
    command: N;
    /** Hidden values; a list becomes many fields. */
    values?: Partial<Record<FieldOf<N>, string | number | boolean | readonly string[] | undefined>>;
    children: Snippet<
      [
        {
          busy: boolean;
          problemAt: (field: FieldOf<N>) => Problem | undefined;
          problems: Problem[];
        }
      ]
    >;
    ondone?: (done: Done) => void;
    onproblems?: (problems: Problem[]) => void;
    /** Asked first; false leaves everything as it is, and what is amiss is for the asker to say. */
    before?: () => Promise<boolean>;
    /** A link beside the message, such as to the bench; it may need the answer. */
    next?: Link | null | ((answer: Answer<N>) => Link | null);
    undoable?: boolean;
    /** What is half-typed here is kept on this device by this name until it is sent. */
    keep?: string | undefined;
    class?: string;
    label?: string;
  }
  let {
    command,
    values = {},
    children,
    ondone,
    onproblems,
    before,
    next = null,
    undoable = true,
    keep,
    class: className = '',
    label
  }: Props = $props();

  let commandId = $state(nanoid());
  let busy = $state(false);
  let form: HTMLFormElement | undefined = $state();
  onMount(() => {
    if (keep && form && giveHalfTyped(form, keep)) touched = true;
  });
  /** Something was typed here and is not sent yet. */
  let touched = $state(false);
  let problems = $state<Problem[]>([]);
  /** What is not about one field: said inside the form, where the hand is. */
  let trouble = $state<Problem | undefined>();
  const problemAt = (field: FieldOf<N>) => problems.find((p) => p.field === field);
  const hidden = $derived(
    Object.entries(values).flatMap(([name, v]) =>
      v === undefined
        ? []
        : Array.isArray(v)
          ? v.map((one) => [name, String(one)] as const)
          : [[name, String(v)] as const]
    )
  );
</script>

<form
  bind:this={form}
  method="POST"
  action="/do/{command}"
  class={className}
  aria-label={label}
  data-touched={touched || undefined}
  oninput={() => {
    touched = true;
    if (keep && form) keepHalfTyped(form, keep);
  }}
  use:enhance={async ({ cancel, formData }) => {
    // A second tap while the first is on its way is the same tap.
    if (busy) return cancel();
    busy = true;
    if (before && !(await before())) {
      busy = false;
      return cancel();
    }
    for (const [name, value] of Object.entries(envelope())) formData.set(name, String(value));
    return async ({ result, update }) => {
      if (result.type === 'success') {
        problems = [];
        trouble = undefined;
        touched = false;
        if (keep) forgetHalfTyped(keep);
        commandId = nanoid();
        const done = result.data as unknown as Done;
        // By then this form may be gone: a task that was done is no longer asked for.
        const link = typeof next === 'function' ? next(done.answer) : next;
        const undo = undoable ? done.commandId : null;
        const andThen = ondone;
        // What is said is what is shown by then; until then a further tap would be about what was.
        await update({ reset: false, invalidateAll: false });
        await lookAgain();
        busy = false;
        toasts.say(done.said, { undo, link });
        andThen?.(done);
        return;
      }
      busy = false;
      if (result.type === 'failure') {
        problems = (result.data?.problems as Problem[] | undefined) ?? [];
        onproblems?.(problems);
        trouble = problems.find((p) => !p.field);
      } else if (result.type === 'error') {
        trouble = {
          code: 'no-answer',
          field: null,
          says: 'Not stored: Crockle cannot be reached.',
          wouldWork: 'What you typed is still here. Try again.'
        };
      } else if (result.type === 'redirect' && result.location.startsWith('/sign-in')) {
        // Going there would lose what was typed.
        trouble = {
          code: 'signed-out',
          field: null,
          says: 'Not stored: you are signed out.',
          wouldWork: 'Sign in in another window, then try again; what you typed is still here.'
        };
      } else await update();
    };
  }}
>
  <input type="hidden" name="commandId" bind:value={commandId} />
  {#each hidden as [name, value], i (`${name}${i}`)}<input type="hidden" {name} {value} />{/each}
  {@render children({ busy, problemAt, problems })}
  <Trouble problem={trouble} />
</form>
