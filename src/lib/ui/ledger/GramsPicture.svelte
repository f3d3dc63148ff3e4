<script lang="ts">
  import { useHouse } from '../house/house.svelte';
  import { band, flowsOf, highFor, JAR } from './flows';

  /** What came into the jars from the left, what left them to the right: as broad as it is heavy. */
  let {
    came,
    went,
    basket = false
  }: {
    came: readonly { readonly name: string; readonly g: number }[];
    went: readonly { readonly name: string; readonly g: number }[];
    /** Of a pick: a basket stands in the middle, not a jar. */
    basket?: boolean;
  } = $props();
  const house = useHouse();
  let width = $state(720);
  const total = $derived(
    Math.max(
      1,
      came.reduce((a, c) => a + c.g, 0)
    )
  );
  const high = $derived(Math.max(JAR + 40, highFor(came, total), highFor(went, total)));
  const [into, out] = $derived([flowsOf(came, total, high), flowsOf(went, total, high)]);
  const NAME = 124;
  const x = $derived({
    left: NAME,
    in: width / 2 - Math.min(60, width / 9),
    out: width / 2 + Math.min(60, width / 9),
    right: width - NAME
  });
  const jarTop = $derived((high - JAR) / 2);
  const neck = $derived((x.out - x.in) * 0.14);
</script>

<div bind:clientWidth={width} class="max-w-3xl">
  <svg viewBox="0 0 {width} {high}" {width} height={high} aria-hidden="true">
    {#each into as f (f.name)}
      <path
        d={band({ x: x.left, y: f.at }, { x: x.in, y: f.top + f.broad / 2 }, f.broad)}
        fill="var(--leaf)"
        opacity="0.35"
      />
      <text x={x.left - 8} y={f.at - 3} text-anchor="end" font-size="13" fill="var(--ink)">{f.name}</text>
      <text x={x.left - 8} y={f.at + 13} text-anchor="end" font-size="13" font-weight="700" fill="var(--ink)"
        >{house.mass(f.g)}</text
      >
    {/each}
    {#each out as f (f.name)}
      <path
        d={band({ x: x.out, y: f.top + f.broad / 2 }, { x: x.right, y: f.at }, f.broad)}
        fill="var(--wood)"
        opacity="0.4"
      />
      <text x={x.right + 8} y={f.at - 3} font-size="13" fill="var(--ink)">{f.name}</text>
      <text x={x.right + 8} y={f.at + 13} font-size="13" font-weight="700" fill="var(--ink)"
        >{house.mass(f.g)}</text
      >
    {/each}
    {#if basket}
      <path
        d="M{x.in} {jarTop + 14} C{x.in} {jarTop - 34} {x.out} {jarTop - 34} {x.out} {jarTop + 14}"
        fill="none"
        stroke="var(--wood)"
        stroke-width="4"
      />
      <path
        d="M{x.in} {jarTop + 10} H{x.out} L{x.out - neck} {jarTop + JAR} H{x.in + neck} Z"
        fill="var(--glass)"
        stroke="var(--wood)"
        stroke-width="3"
        stroke-linejoin="round"
      />
    {:else}
      <rect
        x={x.in + neck}
        y={jarTop - 10}
        width={x.out - x.in - 2 * neck}
        height="10"
        rx="3"
        fill="var(--glass)"
        stroke="var(--ink)"
        stroke-width="2"
      />
      <rect
        x={x.in}
        y={jarTop}
        width={x.out - x.in}
        height={JAR}
        rx="9"
        fill="var(--glass)"
        stroke="var(--ink)"
        stroke-width="2"
      />
    {/if}
    <text
      x={width / 2}
      y={high / 2 + 5}
      text-anchor="middle"
      font-size="15"
      font-weight="700"
      fill="var(--ink)">{house.mass(total)}</text
    >
  </svg>
</div>
