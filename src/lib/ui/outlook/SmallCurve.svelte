<script lang="ts">
  import { untrack } from 'svelte';
  import { scaleLinear } from 'd3-scale';
  import { line } from 'd3-shape';
  import type { Ahead, Glance } from '$lib/core/outlook';
  import { glances, keyOf } from './outlooks.svelte';
  import { endOf } from './range';

  /** A jar's souring in small, under its picture: how far it has come, and what is still ahead. */
  let { ahead }: { ahead: Ahead } = $props();
  const key = $derived(keyOf(ahead));
  $effect(() => {
    const asked = key;
    untrack(() => glances.ask(asked));
  });
  const [WIDE, HIGH, IN] = [84, 26, 4];
  const glance = $derived(glances.of(key));
  const drawn = $derived.by(() => {
    if (!glance) return null;
    const end = endOf(glance, ahead.from, ahead.now);
    const x = scaleLinear([ahead.from, end], [IN, WIDE - IN]).clamp(true);
    const y = scaleLinear([6.2, 3.3], [IN, HIGH - IN]).clamp(true);
    const curve = glance.curve.filter((c) => c.at <= end);
    const path = line<Glance['curve'][number]>(
      (c) => x(c.at),
      (c) => y(c.pH.likely)
    );
    const now = curve.findLast((c) => c.at <= ahead.now) ?? curve[0];
    return {
      all: path(curve),
      past: path(curve.filter((c) => c.at <= ahead.now)),
      line: y(4.6),
      now: now && { x: x(ahead.now), y: y(now.pH.likely) }
    };
  });
</script>

<svg viewBox="0 0 {WIDE} {HIGH}" width={WIDE} height={HIGH} data-small-curve>
  {#if drawn}
    <line
      x1={IN}
      x2={WIDE - IN}
      y1={drawn.line}
      y2={drawn.line}
      stroke="var(--rule-strong)"
      stroke-dasharray="2 4"
    />
    <path d={drawn.all} fill="none" stroke="var(--rule-strong)" stroke-width="2" />
    <path d={drawn.past} fill="none" stroke="var(--leaf)" stroke-width="2.5" />
    {#if drawn.now}<circle cx={drawn.now.x} cy={drawn.now.y} r="3.5" fill="var(--ink)" />{/if}
  {/if}
</svg>
