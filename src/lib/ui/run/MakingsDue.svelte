<script lang="ts">
  import type { WallMinute } from '$lib/core/calendar';
  import type { StepDoes } from '$lib/core/style';
  import { lastingWords, RUN_WORDS, STEP_WORDS } from '$lib/words';
  import { useHouse } from '../house/house.svelte';

  /** Makings that wait for hands: under way, put off, or on the day of their second stage. */
  interface Props {
    makings: readonly {
      readonly id: string;
      readonly name: string;
      readonly due: StepDoes | 'label' | null;
      readonly next: StepDoes | null;
      readonly waitsTill: WallMinute | null;
    }[];
  }
  let { makings }: Props = $props();
  const house = useHouse();
  const says = (m: Props['makings'][number]): string => {
    if (m.due === 'label') return RUN_WORDS.label;
    if (m.due !== null) return STEP_WORDS[m.due];
    const next = m.next === null ? '' : STEP_WORDS[m.next];
    return m.waitsTill !== null && m.waitsTill > house.now
      ? `Waits ${lastingWords(m.waitsTill - house.now)} more. Then: ${next}`
      : `Next: ${next}`;
  };
</script>

{#if makings.length > 0}
  <section class="mt-6" aria-label="Makings">
    <h2 class="flex items-baseline justify-between border-b-2 border-ink pb-1">
      Making{#if makings.some((m) => m.due === null)}<a class="act text-base" href="/making"
          >the day's order</a
        >{/if}
    </h2>
    <ul>
      {#each makings as m (m.id)}
        <li class="line flex flex-wrap items-center justify-between gap-x-6">
          <div>
            <p class="text-lg font-semibold">{m.name}</p>
            <p class="text-quiet">{says(m)}</p>
          </div>
          <a class="act min-h-11 content-center" href="/making/{m.id}">{m.due === null ? 'Go on' : 'Do it'}</a
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}
