<script lang="ts">
  import type { RunStep } from '$lib/core/run';
  import { GATE_ASKS, lastingWords, REST_WORDS, RUN_WORDS, STEP_CAUTIONS, STEP_WORDS } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { amountRows } from './amounts';

  /** The whole making on one sheet, for those who leave the phone outside: the same steps, the same amounts. */
  let { name, steps }: { name: string; steps: readonly RunStep[] } = $props();
  const house = useHouse();
  const amounts = (step: RunStep): string =>
    amountRows(step.amounts, house)
      .map((r) => `${r.big} ${r.of}${r.more ? ` (${r.more})` : ''}`)
      .join(' · ');
  const says = (step: RunStep): string =>
    step.gate
      ? `${GATE_ASKS[step.gate][0]} ${GATE_ASKS[step.gate][1]}`
      : step.does
        ? STEP_WORDS[step.does]
        : step.kind === 'do' || step.kind === 'gate'
          ? ''
          : RUN_WORDS[step.kind];
</script>

<section class="hidden print:block" aria-label="The making on paper">
  <h1 class="text-2xl">{name}</h1>
  <ol class="list-none text-sm">
    {#each steps as step (step.id)}
      <li class="flex gap-3 border-b border-rule py-1">
        <span aria-hidden="true" class="mt-0.5 size-4 shrink-0 border border-ink"></span>
        <span
          >{says(step)}
          {#if step.rest}Rest {lastingWords(step.rest.fromMinutes)} to {lastingWords(step.rest.toMinutes)},
            until {REST_WORDS[step.rest.until]}.{/if}
          {#if step.caution}<i>{STEP_CAUTIONS[step.caution]}</i>{/if}
          {#if step.amounts.length > 0}<b class="block">{amounts(step)}</b>{/if}</span
        >
      </li>
    {/each}
  </ol>
</section>
