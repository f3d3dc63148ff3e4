<script lang="ts">
  import { shareLeft, type BatchInHand, type Filling } from '$lib/core/batch';
  import Jar from '../jar/Jar.svelte';
  import { carried } from './carried.svelte';
  import { jarItems, levelOf } from './standing';

  /** A jar of a batch as it stands on a board; with `onchoose` it can be chosen. */
  interface Props {
    batch: BatchInHand;
    filling: Filling;
    scale: number;
    text: string;
    chosen?: boolean;
    bubbles?: boolean;
    onchoose?: () => void;
    /** A mouse may carry it to another place. */
    carries?: boolean;
  }
  let {
    batch,
    filling,
    scale,
    text,
    chosen = false,
    bubbles = false,
    onchoose,
    carries = false
  }: Props = $props();
</script>

{#snippet picture()}
  <Jar
    geometryId={filling.geometryId}
    lid={filling.lid}
    usableMl={levelOf(batch, filling)}
    vegRoomMl={filling.vegRoomMl}
    left={shareLeft(filling)}
    items={jarItems(batch)}
    {scale}
    label={filling.lidNumber}
    {bubbles}
    {chosen}
    {text}
  />
{/snippet}

{#if onchoose}
  <button
    class="flex items-end rounded-t-lg px-1 pt-1 hover:bg-rule-soft"
    onclick={onchoose}
    draggable={carries ? true : undefined}
    ondragstart={(e) => {
      e.dataTransfer?.setData('text/plain', `${filling.lidNumber}, ${batch.name}`);
      if (carries) carried.jar = { batch, filling };
    }}
    ondragend={() => (carried.jar = null)}
    aria-label="Jar {filling.lidNumber}: {batch.name}"
    aria-pressed={chosen}>{@render picture()}</button
  >
{:else}
  <div class="px-1">{@render picture()}</div>
{/if}
