<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { stack, stackOrderDescending } from 'd3-shape';
  import type { SeasonInput } from '$lib/core/season';
  import { cropColour } from '../../jar/colours';
  import { useHouse } from '../../house/house.svelte';
  import { listed, roughly } from '$lib/words';
  import Row from './Row.svelte';
  import type { Weeks } from './weeks';

  /** What is expected to be picked, by week and crop; what lies there already stands in this week. */
  let { input, weeks }: { input: SeasonInput; weeks: Weeks } = $props();
  const house = useHouse();
  const HIGH = 64;
  const of = (c: SeasonInput['crops'][number], t: number) =>
    (c.picks[t] ?? 0) + (t === 0 ? c.lots.reduce((a, l) => a + l.kg, 0) : 0);
  const shown = $derived(Array.from({ length: weeks.n }, (_, t) => t));
  const crops = $derived(
    input.crops
      .map((c) => ({ c, kg: shown.reduce((a, t) => a + of(c, t), 0) }))
      .filter((x) => x.kg > 0.05)
      .sort((a, b) => b.kg - a.kg)
  );
  const layers = $derived(
    stack<number, string>()
      .keys(crops.map((x) => x.c.id))
      .value((t, id) => of(crops.find((x) => x.c.id === id)!.c, t))
      .order(stackOrderDescending)(shown)
  );
  const most = $derived(Math.max(0.1, ...layers.flatMap((l) => l.map((p) => p[1]))));
  const y = $derived(scaleLinear([0, most], [HIGH, 16]));
  const fullest = $derived(shown.reduce((a, t) => (sum(t) > sum(a) ? t : a), 0));
  const sum = (t: number) => crops.reduce((a, x) => a + of(x.c, t), 0);
  const says = $derived(
    crops.length === 0
      ? 'nothing more'
      : `most: ${listed(crops.slice(0, 2).map((x) => `${house.mass(roughly(x.kg * 1000))} ${house.cropName(x.c.id)}`))}`
  );
</script>

<Row name="Picks" {says} {weeks} high={HIGH}>
  {#each layers as layer (layer.key)}
    {#each layer as p, t (t)}
      {#if p[1] - p[0] > 0.01}
        <rect
          x={weeks.x(t) + 1}
          width={weeks.step - 2}
          y={y(p[1])}
          height={y(p[0]) - y(p[1])}
          fill={cropColour(layer.key, house.cropName(layer.key))}
          stroke="var(--ink)"
          stroke-width="0.75"
          stroke-dasharray={t === 0 ? undefined : '2 2'}
        />
      {/if}
    {/each}
  {/each}
  {#if sum(fullest) > 0.05}
    <text
      x={Math.max(2, Math.min(weeks.x(fullest), weeks.x(weeks.n) - 52))}
      y="12"
      font-size="14"
      fill="var(--quiet)">{house.mass(roughly(sum(fullest) * 1000))}</text
    >
  {/if}
</Row>
