<script lang="ts">
  import { untrack } from 'svelte';
  import { Input } from 'flowbite-svelte';
  import Sheet from '../forms/Sheet.svelte';
  import { goto } from '$app/navigation';
  import { weighIn } from '../weigh/weigh-in.svelte';
  import { BESIDE, WAY } from './rooms';

  /** Finds any batch, jar number, room or action; arrows choose, Enter goes. */
  let { open = $bindable() }: { open: boolean } = $props();
  interface Found {
    readonly label: string;
    readonly more: string;
    readonly href: string;
  }
  let said = $state('');
  let at = $state(0);
  /** Batches and jars, asked for when it opens; null: not here yet. */
  let find = $state.raw<readonly Found[] | null>(null);
  let silent = $state(false);
  /** Enter was pressed before they came. */
  let enters = false;

  async function ask(): Promise<void> {
    silent = false;
    try {
      const answer = await fetch('/find');
      if (!answer.ok) throw new Error(answer.statusText);
      find = (await answer.json()) as Found[];
    } catch {
      silent = true;
    }
    if (enters && found[chosen]) go(found[chosen].href);
    enters = false;
  }
  $effect(() => {
    if (open) void untrack(ask);
  });

  const all = $derived([
    { label: '+ weigh in', more: 'a pick from the garden', href: '' },
    ...[...WAY, ...BESIDE].map((r) => ({ label: r.name, more: 'room', href: r.href })),
    ...(find ?? [])
  ]);
  const found = $derived.by(() => {
    const words = said.toLowerCase().split(/\s+/).filter(Boolean);
    return all
      .filter((f) =>
        words.every((w) =>
          /^\d+$/.test(w)
            ? new RegExp(`\\b${w}\\b`).test(f.more)
            : `${f.label} ${f.more}`.toLowerCase().includes(w)
        )
      )
      .slice(0, 8);
  });
  const chosen = $derived(Math.min(at, found.length - 1));

  function go(href: string): void {
    open = false;
    said = '';
    at = 0;
    if (href === '') weighIn.show();
    else void goto(href);
  }
  function onkeydown(event: KeyboardEvent): void {
    if (event.key === 'ArrowDown') at = Math.min(found.length - 1, chosen + 1);
    else if (event.key === 'ArrowUp') at = Math.max(0, chosen - 1);
    else if (event.key === 'Enter' && find === null && !silent) enters = true;
    else if (event.key === 'Enter' && found[chosen]) go(found[chosen].href);
    else return;
    event.preventDefault();
  }
</script>

<Sheet bind:open title="Find" size="sm" placement="top-center">
  <Input
    bind:value={said}
    {onkeydown}
    placeholder="a name, a jar number, a room"
    aria-label="Find a batch, a jar number, a room or an action"
    autofocus
    oninput={() => (at = 0)}
  />
  <ul>
    {#each found as f, i (f.label + f.href)}
      <li>
        <button
          class={[
            'flex min-h-12 w-full items-center justify-between gap-4 rounded-lg px-3 text-left',
            i === chosen ? 'bg-slate text-chalk' : 'hover:bg-rule-soft'
          ]}
          onclick={() => go(f.href)}
        >
          <span class="font-semibold">{f.label}</span><span class="text-sm">{f.more}</span>
        </button>
      </li>
    {:else}
      <li class="py-3 text-quiet">
        {#if silent}The house does not answer just now: only rooms are found.
        {:else if find === null}Looking …
        {:else}Nothing by that name. Try a crop, a jar number such as 38, or a room.{/if}
      </li>
    {/each}
  </ul>
</Sheet>
