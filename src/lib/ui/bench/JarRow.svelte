<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { writeSalt } from '$lib/core/quantity';
  import { jarGeometry, profile } from '$lib/core/vessel';
  import type { JarCard, Worksheet } from '$lib/core/worksheet';
  import { useHouse } from '../house/house.svelte';
  import Jar from '../jar/Jar.svelte';

  /** The jars of the worksheet, to one scale, with what goes into each. */
  let { sheet, hints = {} }: { sheet: Worksheet; hints?: Readonly<Record<string, string>> } = $props();
  const house = useHouse();

  const items = $derived(
    sheet.items.map((i) => ({
      cropId: i.cropId,
      cut: i.cut,
      share: i.prepared.mean / sheet.prepared.mean,
      hint: hints[i.id]
    }))
  );
  // Equal jars stand together; more than four of a kind are drawn once.
  const kinds = $derived.by(() => {
    const groups: { card: JarCard; n: number }[] = [];
    for (const card of sheet.jars) {
      const same = groups.find(
        (g) =>
          g.card.jarId === card.jarId &&
          Math.abs(g.card.vegG - card.vegG) < 0.5 &&
          g.card.toppedUp === card.toppedUp
      );
      if (same) same.n++;
      else groups.push({ card, n: 1 });
    }
    return groups;
  });
  // Known by its kind and its place among them, not by what goes in: a keystroke changes the jar, it draws no new one.
  const drawn = $derived.by(() => {
    const before: Record<string, number> = {};
    return kinds.flatMap((k) =>
      Array.from({ length: k.n > 4 ? 1 : k.n }, () => {
        const nth = (before[k.card.jarId] = (before[k.card.jarId] ?? 0) + 1);
        return { ...k, id: `${k.card.jarId}#${nth}` };
      })
    );
  });
  /** The largest carries its measures: the others are packed alike. */
  const biggest = $derived(
    drawn.reduce((a, d) => (d.card.usableMl > (a?.card.usableMl ?? 0) ? d : a), drawn[0])
  );
  const measuresOf = (card: JarCard) => ({
    headspace: house.height(card.headspaceMm),
    liquid: card.brineMl > 0 ? `${house.volume(card.brineMl)} brine` : 'its own juice',
    solids: house.mass(card.vegG)
  });
  let width = $state(560);
  const size = (card: JarCard) => profile(jarGeometry(card.geometryId)!);
  // The tallest jar fills the height, and all of them the width.
  const scale = $derived.by(() => {
    const tallest = Math.max(150, ...drawn.map((d) => size(d.card).heightMm + 34));
    const together = drawn.reduce((a, d) => a + size(d.card).bodyWidthMm + 44, 0) + 90;
    const toPixels = scaleLinear()
      .domain([0, 1])
      .range([0, Math.min(300 / tallest, Math.max(width, 300) / together, 1.6)]);
    return Math.max(0.62, toPixels(1));
  });
  const words = (c: JarCard, n: number) =>
    `${n > 1 ? `${n} of ` : ''}${c.name}: ${house.mass(c.vegG)} in, ${c.brineMl > 0 ? `${house.volume(c.brineMl)} brine, ` : ''}${sheet.salting === 'brine' ? '' : 'holding '}${writeSalt(c.saltG)} salt, headspace ${house.height(c.headspaceMm)}`;
</script>

<div bind:clientWidth={width}>
  <ul class="flex flex-wrap items-end justify-center gap-y-5" aria-label="Jars">
    {#each drawn as d (d.id)}
      <li class="flex flex-col items-center">
        <div class="border-b-[6px] border-[var(--wood)] px-3">
          <Jar
            geometryId={d.card.geometryId}
            lid={d.card.lid}
            usableMl={d.card.toppedUp || d.card.brineMl > 0 || sheet.brine
              ? d.card.usableMl
              : Math.min(d.card.usableMl, d.card.vegRoomMl * 1.02)}
            vegRoomMl={d.card.vegRoomMl}
            {items}
            {scale}
            fillLine="fill line"
            measures={d === biggest ? measuresOf(d.card) : undefined}
            text={words(d.card, d.n)}
          />
        </div>
        <p class="max-w-44 px-1.5 pt-2 text-center text-sm">
          <b class="block">{d.n > 4 ? `${d.n} × ` : ''}{d.card.name}</b>
          {house.mass(d.card.vegG)} in{#if d.card.brineMl > 0}, {house.volume(d.card.brineMl)} brine{/if},<br
          />{sheet.salting === 'brine' ? '' : 'holds '}{writeSalt(d.card.saltG)} salt
          {#if d.card.toppedUp}<span class="block">topped up with brine</span>{/if}
        </p>
      </li>
    {/each}
  </ul>
  <p class="pt-2 text-center text-sm text-quiet">
    Fill line {house.height(sheet.jars[0]?.headspaceMm ?? 25)} under the rim; liquid 1–2 cm over everything.
  </p>
</div>
