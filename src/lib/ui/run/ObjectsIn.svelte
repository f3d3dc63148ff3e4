<script lang="ts">
  import { OBJECTS, type ObjectKind, type ObjectsIn, type Run } from '$lib/core/run';
  import type { Worksheet } from '$lib/core/worksheet';
  import { OBJECT_WORDS } from '$lib/words';
  import type { Making } from './making.svelte';

  /** What is in each jar and has to come out again: counted in, so that it can be counted out. */
  interface Props {
    making: Making;
    sheet: Worksheet;
    /** As it is usual, where nobody counted. */
    usual: ObjectsIn;
  }
  let { making, sheet, usual }: Props = $props();
  const counted = (run: Run): ObjectsIn => ({ ...usual, ...run.objects });
  const jars = $derived(counted(making.run));
  const put = (jar: string, kind: ObjectKind, by: number) =>
    void making.say('put-in', (run) => {
      const now = counted(run);
      const n = Math.max(0, Math.min(99, (now[jar]?.[kind] ?? 0) + by));
      return { objects: { ...now, [jar]: { ...now[jar], [kind]: n } } };
    });
</script>

<section aria-label="In the jars">
  <h2 class="text-lg">In the jars, to come out again</h2>
  {#each sheet.jars as card, i (i)}
    {@const jar = `j${i + 1}`}
    <div class="line flex flex-wrap items-center gap-x-6">
      <p class="min-w-32 text-lg font-semibold">
        Jar {i + 1}<span class="block text-sm font-normal text-quiet">{card.name}</span>
      </p>
      {#each OBJECTS as kind (kind)}
        {@const n = jars[jar]?.[kind] ?? 0}
        <div class="flex items-center">
          <button
            class="size-14 shrink-0 text-2xl font-bold"
            aria-label="One fewer of the {OBJECT_WORDS[kind]} in jar {i + 1}"
            disabled={n === 0}
            onclick={() => put(jar, kind, -1)}>−</button
          >
          <span class="min-w-8 text-center text-xl" aria-live="polite"><b>{n}</b> {OBJECT_WORDS[kind]}</span>
          <button
            class="size-14 shrink-0 text-2xl font-bold"
            aria-label="One more of the {OBJECT_WORDS[kind]} in jar {i + 1}"
            onclick={() => put(jar, kind, 1)}>+</button
          >
        </div>
      {/each}
    </div>
  {/each}
</section>
