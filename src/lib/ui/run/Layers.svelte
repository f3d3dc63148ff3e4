<script lang="ts">
  import { layersNow, moved, usualLayers, type Layer, type Run } from '$lib/core/run';
  import type { Style } from '$lib/core/style';
  import type { Worksheet } from '$lib/core/worksheet';
  import { useHouse } from '../house/house.svelte';
  import { cropColour } from '../jar/colours';
  import type { Making } from './making.svelte';

  /** What lies over what, as a jar shows it: the top one first. Moved by hand, or by the arrow keys. */
  interface Props {
    run: Run;
    making: Making;
    sheet: Worksheet;
    style: Style;
    byJar: readonly string[];
  }
  let { run, making, sheet, style, byJar }: Props = $props();
  const house = useHouse();
  const usual = $derived(usualLayers(sheet.items, style, byJar, house.crops));
  const layers = $derived(layersNow(run.layers, usual));
  const shown = $derived([...layers].reverse());
  const name = (l: Layer) =>
    l === 'cap'
      ? 'a leaf or a large slice over all'
      : l.startsWith('crop:')
        ? house.cropName(l.slice(5))
        : l.slice(5);
  const colour = (l: Layer) =>
    l === 'cap' ? 'var(--leaf)' : l.startsWith('crop:') ? cropColour(l.slice(5)) : 'var(--rule-strong)';
  const share = (l: Layer) => {
    const g = sheet.items.filter((i) => `crop:${i.cropId}` === l).reduce((a, i) => a + i.prepared.mean, 0);
    return g > 0 ? Math.max(3.5, (g / sheet.prepared.mean) * 9) : 3.5;
  };
  let dragged = $state<string | null>(null);
  let list: HTMLElement | undefined = $state();

  const move = async (l: Layer, up: number) => {
    const to = (run: Run) => {
      const now = layersNow(run.layers, usual);
      return moved(now, now.indexOf(l), up);
    };
    if (to(run).join() !== layers.join()) await making.say('lay-jar', (run) => ({ layers: to(run) }));
    list?.querySelector<HTMLElement>(`[data-layer="${CSS.escape(l)}"]`)?.focus();
  };
  const onkeydown = (event: KeyboardEvent, l: Layer) => {
    const up = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (up === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    void move(l, up);
  };
  /** Let go over another layer: it takes that one's place. */
  const drop = (event: PointerEvent, l: Layer) => {
    dragged = null;
    const over = document
      .elementsFromPoint(event.clientX, event.clientY)
      .map((e) => (e as HTMLElement).dataset.layer)
      .find((x): x is string => x !== undefined);
    const to = layers.indexOf(over as Layer);
    if (to >= 0) void move(l, to - layers.indexOf(l));
  };
</script>

{#if layers.length > 2}
  <section aria-label="Layers" class="max-w-md">
    <h2 class="text-lg">In the jar, from above</h2>
    <ol
      bind:this={list}
      class="overflow-hidden rounded-t-md rounded-b-3xl border-[3px] border-t-0 border-ink"
    >
      {#each shown as l (l)}
        <li class="border-t-2 border-ink first:border-t-0">
          <button
            data-layer={l}
            class={[
              'flex w-full touch-none items-center justify-between gap-3 px-4 text-left text-xl',
              dragged === l && 'outline-4 -outline-offset-4 outline-ink'
            ]}
            style:min-height="{share(l)}rem"
            style:background="color-mix(in srgb, {colour(l)} 35%, var(--raised))"
            aria-label="{name(l)}: layer {layers.indexOf(l) + 1} from the floor; arrow keys move it"
            onkeydown={(e) => onkeydown(e, l)}
            onpointerdown={(e) => {
              dragged = l;
              e.currentTarget.setPointerCapture(e.pointerId);
            }}
            onpointerup={(e) => drop(e, l)}
            onpointercancel={() => (dragged = null)}
          >
            <span>{name(l)}</span><svg
              aria-hidden="true"
              viewBox="0 0 24 24"
              class="size-6 shrink-0 text-quiet"
              stroke="currentColor"
              stroke-width="2.5"><path d="M5 8h14M5 12h14M5 16h14" /></svg
            >
          </button>
        </li>
      {/each}
    </ol>
    <p class="text-base text-quiet">Drag a layer to where it really lies, or move it with the arrow keys.</p>
  </section>
{/if}
