<script lang="ts">
  import type { ComponentProps } from 'svelte';
  import { jarGeometry, profile, usableMl } from '$lib/core/vessel';
  import type { WorksheetJar } from '$lib/core/worksheet';
  import Jar from '../jar/Jar.svelte';

  /** One jar of a set, small and to the set's scale, empty or filled to its share. */
  let {
    jar,
    scale,
    fill = 0,
    items = [],
    text
  }: {
    jar: WorksheetJar;
    scale: number;
    fill?: number;
    items?: ComponentProps<typeof Jar>['items'];
    text: string;
  } = $props();
  const shape = $derived(jarGeometry(jar.geometryId));
  const room = $derived(shape ? usableMl(shape, jar.headspaceMm, jar.weightMl) : 0);
  const tall = $derived(shape ? profile(shape).heightMm : 0);
</script>

{#if shape && tall > 0}
  <Jar
    geometryId={jar.geometryId}
    lid={jar.lid}
    usableMl={room}
    vegRoomMl={room * fill}
    left={fill > 0 ? 1 : 0}
    {items}
    {scale}
    {text}
  />
{/if}
