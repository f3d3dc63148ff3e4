<script lang="ts">
  import type { KindShown } from '$lib/core/appetite';
  import { style } from '$lib/core/style';
  import { goesDownWords } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import Feasts from './Feasts.svelte';
  import GoesDown from './GoesDown.svelte';

  /** How long each kind lasts at the pace of this table, where it runs short, and what nobody would come to in time. */
  let { kinds }: { kinds: readonly KindShown[] } = $props();
  const house = useHouse();
  /** Less is not worth a word, g. */
  const LEAST_G = 50;
  const some = (g: number) => (g >= LEAST_G ? house.mass(g) : '');
  const words = (k: KindShown) =>
    goesDownWords(
      {
        ...k,
        comes: `${house.mass(k.comingG)}${k.jars > 0 ? ' more' : ''}`,
        week: house.mass(k.weekG),
        learntFrom: some(k.learntFromG),
        spoils: some(k.spoils.likely),
        pastBest: some(k.pastBestG)
      },
      house.now
    );
  /** All on one scale of time, so that they can be compared: as far as the longest is likely to go, and some more. */
  const days = $derived(
    Math.min(365, Math.max(42, ...kinds.map((k) => 1.25 * (k.line.find((p) => p.likely < 1)?.day ?? 365))))
  );
</script>

{#if kinds.length > 0}
  <section id="how-long" class="@container">
    <h2 class="border-b border-rule-strong pb-1">How long it lasts</h2>
    <ul>
      {#each kinds as k (k.style)}
        {@const { says, why } = words(k)}
        <li
          class="grid gap-x-6 gap-y-1 border-b border-rule-soft py-3 @xl:grid-cols-[1fr_20rem]"
          data-kind={k.style}
        >
          <div>
            <h3 class="text-lg">{style(k.style)?.name}</h3>
            <p class="text-quiet">
              {k.jars === 0
                ? 'Nothing in the cold yet'
                : `${house.mass(k.thereG)} of vegetables in ${k.jars === 1 ? 'one jar' : `${k.jars} jars`}`}
            </p>
            <p>{says.join(' ')}</p>
            <p class="text-sm text-quiet">{why}</p>
          </div>
          <GoesDown kind={k} {days} now={house.now} />
        </li>
      {/each}
    </ul>
    <p class="pt-2 text-sm text-quiet">
      The line is what is likely to be left from now on, the band what it may be nine times in ten. Jars on
      the counter come when they are sour. It goes by what you ate while there was some.
    </p>
    <Feasts />
  </section>
{/if}
