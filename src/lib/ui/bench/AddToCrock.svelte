<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { Button } from 'flowbite-svelte';
  import { dayNumberOf } from '$lib/core/care';
  import { salinityOf, standing, type Batch } from '$lib/core/batch';
  import { writePercent, writeSalt } from '$lib/core/quantity';
  import { saltKind } from '$lib/core/salt';
  import { styleMade } from '$lib/core/style';
  import { secondPick } from '$lib/core/worksheet';
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';
  import type { Bench } from './bench.svelte';

  /** A second pick into a crock or jar that has stood for a few days and has room. */
  let { bench, young, onadded }: { bench: Bench; young: readonly Batch[]; onadded: () => void } = $props();
  const house = useHouse();
  const items = $derived(
    (bench.sheet?.items ?? []).map((i) => ({ crop: i.crop, preparedG: i.prepared.mean }))
  );
  const rooms = $derived(
    young.flatMap((b) => {
      const s = styleMade(b);
      const kind = saltKind(b.saltKindId ?? house.household.saltKindId);
      if (!s || !kind || b.equilibrium === null || items.length === 0) return [];
      return standing(b).flatMap((f) => {
        const pick = secondPick(items, { ...f, equilibrium: salinityOf(b, f) ?? 0 }, s, kind, bench.packings);
        return pick.ok ? [{ b, f, pick: pick.value }] : [];
      });
    })
  );
</script>

{#if rooms.length > 0}
  <Fold text="Add it to a crock that stands already" class="no-print border-t border-rule-strong pt-1">
    <ul>
      {#each rooms as { b, f, pick } (f.id)}
        <li class="line flex flex-wrap items-center justify-between gap-x-4">
          <div>
            <p class="font-semibold">Jar {f.lidNumber}, {b.name}, day {dayNumberOf(b, house.now)}</p>
            <p class="text-sm">
              <b>{writeSalt(pick.saltG)} salt</b> keeps it at {writePercent(salinityOf(b, f) ?? 0)}; then {writePercent(
                pick.fill,
                0
              )} full{pick.drawOffMl > 0
                ? `. Dissolve it in brine drawn off; ${house.volume(pick.drawOffMl)} of brine comes out`
                : ''}. Count days and pH from today.
            </p>
          </div>
          <ActionForm
            command="add-pick"
            values={{ bench: bench.id, batchId: b.id, fillingId: f.id }}
            before={() => bench.settle()}
            ondone={onadded}
            next={{ href: `/counter?batch=${b.id}`, text: 'To the counter' }}
          >
            {#snippet children({ busy })}<Button type="submit" outline disabled={busy || bench.estimated}
                >Add it</Button
              >{/snippet}
          </ActionForm>
        </li>
      {/each}
    </ul>
    {#if bench.estimated}<p class="text-sm text-quiet">Weigh it prepared first.</p>{/if}
  </Fold>
{/if}
