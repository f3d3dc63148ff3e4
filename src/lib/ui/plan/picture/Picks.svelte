<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { stack, stackOrderDescending } from 'd3-shape';
  import type { SeasonInput, SeasonPast } from '$lib/core/season';
  import { cropColour } from '../../jar/colours';
  import { useHouse } from '../../house/house.svelte';
  import { listed, roughly } from '$lib/words';
  import Row from './Row.svelte';
  import { columns, type Weeks } from './weeks';

  /** What was picked and what is expected to be, by week and crop; what lies there already stands in this week. */
  let { input, past, weeks }: { input: SeasonInput; past: SeasonPast; weeks: Weeks } = $props();
  const house = useHouse();
  const HIGH = 64;
  /** Kg of a crop in a week: what was picked, or comes. */
  function of(id: string, t: number): number {
    if (t < 0) return past.picks.find((p) => p.cropId === id)?.kg.at(t) ?? 0;
    const c = input.crops.find((x) => x.id === id);
    return (c?.picks[t] ?? 0) + (t === 0 ? (c?.lots ?? []).reduce((a, l) => a + l.kg, 0) : 0);
  }
  const shown = $derived(Array.from({ length: weeks.back + weeks.n }, (_, i) => i - weeks.back));
  const crops = $derived(
    [...new Set([...past.picks.map((p) => p.cropId), ...input.crops.map((c) => c.id)])]
      .map((id) => ({
        id,
        kg: shown.reduce((a, t) => a + of(id, t), 0),
        comes: shown.reduce((a, t) => (t < 0 ? a : a + of(id, t)), 0)
      }))
      .filter((x) => x.kg > 0.05)
      .sort((a, b) => b.kg - a.kg)
  );
  const layers = $derived(
    stack<number, string>()
      .keys(crops.map((x) => x.id))
      .value((t, id) => of(id, t))
      .order(stackOrderDescending)(shown)
  );
  const most = $derived(Math.max(0.1, ...layers.flatMap((l) => l.map((p) => p[1]))));
  const y = $derived(scaleLinear([0, most], [HIGH, 16]));
  const fullest = $derived(shown.reduce((a, t) => (t >= 0 && sum(t) > sum(a) ? t : a), 0));
  const sum = (t: number) => crops.reduce((a, x) => a + of(x.id, t), 0);
  const comes = $derived(crops.filter((x) => x.comes > 0.05).sort((a, b) => b.comes - a.comes));
  const says = $derived(
    comes.length === 0
      ? 'nothing more'
      : `most to come: ${listed(comes.slice(0, 2).map((x) => `${house.mass(roughly(x.comes * 1000))} ${house.cropName(x.id)}`))}`
  );
</script>

<Row name="Picks" {says} {weeks} high={HIGH}>
  {#each layers as layer (layer.key)}
    {@const all = layer.map((p, i) => ({ week: i - weeks.back, top: y(p[1]), foot: y(p[0]) }))}
    {#each [true, false] as was (was)}
      <path
        d={columns(
          all.filter((c) => c.week <= 0 === was),
          weeks
        )}
        fill={cropColour(layer.key, house.cropName(layer.key))}
        fill-opacity={was ? 1 : 0.6}
        stroke="var(--ink)"
        stroke-width="0.75"
        stroke-dasharray={was ? undefined : '2 2'}
      />
    {/each}
  {/each}
  {#if sum(fullest) > 0.05}
    <text
      x={Math.max(2, Math.min(weeks.x(fullest) + 3, weeks.x(weeks.n) - 52))}
      y="12"
      font-size="14"
      fill="var(--quiet)">{house.mass(roughly(sum(fullest) * 1000))}</text
    >
  {/if}
</Row>
