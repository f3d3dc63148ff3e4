<script lang="ts">
  import { placeOf } from '$lib/core/batch';
  import type { Place } from '$lib/core/kit';
  import { tooTall } from '$lib/core/larder';
  import { PH_LINE } from '$lib/core/safety';
  import { useHouse } from '../house/house.svelte';
  import { lookAgain } from '../house/look-again';
  import { send } from '../house/send';
  import { toasts } from '../house/toasts.svelte';
  import { carried } from './carried.svelte';
  import { dialogs } from './dialogs.svelte';

  /** While a mouse carries a jar: the places it may be put down at. By keys and on a phone Move… does the same. */
  const house = useHouse();
  let over = $state<string | null>(null);
  const jar = $derived(carried.jar);
  const from = $derived(jar ? placeOf(jar.filling) : '');
  const places = $derived(
    house.household.places.filter(
      (p) => p.id !== from && (jar?.filling.heated ? p.kind !== 'counter' : p.kind !== 'pantry')
    )
  );
  /** Where something has to be looked at first, the dialog says it. */
  function wantsLook({ batch, filling }: NonNullable<typeof jar>, to: Place): boolean {
    if (filling.heated) return false;
    const wasCold = house.household.places.find((p) => p.id === placeOf(filling))?.kind === 'cold';
    const sour = batch.readings.some((r) => r.fillingIds.includes(filling.id) && r.pH <= PH_LINE);
    return tooTall(to, filling.geometryId) || (to.kind === 'cold' && !wasCold && !sour);
  }
  async function put(to: Place): Promise<void> {
    const moved = jar;
    over = carried.jar = null;
    if (!moved) return;
    const { batch, filling } = moved;
    if (wantsLook(moved, to)) {
      dialogs.show('move', batch, [filling.id]);
      return;
    }
    const sent = await send('move', { batchId: batch.id, fillingIds: [filling.id], placeId: to.id });
    await lookAgain();
    if (sent.ok)
      toasts.say(`${to.name}: jar ${filling.lidNumber}, ${batch.name}`, { undo: sent.commandId ?? null });
    else toasts.say(sent.problem.says, { tone: 'trouble', more: sent.problem.wouldWork });
  }
</script>

<!-- A jar that is gone while it is carried never says that it was let go. -->
<svelte:window onpointerdown={() => (carried.jar = null)} />

{#if jar}
  <div
    class="no-print fixed inset-x-0 bottom-0 z-40 flex flex-wrap items-stretch gap-2 border-t-2 border-ink bg-paper p-3"
    role="list"
    aria-label="Put jar {jar.filling.lidNumber} down at"
  >
    <p class="big w-full">Jar {jar.filling.lidNumber} to …</p>
    {#each places as p (p.id)}
      <div
        role="listitem"
        aria-label={p.name}
        class={[
          'flex min-h-20 min-w-40 flex-1 items-center justify-center border-2 border-dashed px-3 text-center',
          over === p.id ? 'border-ink bg-rule' : 'border-rule-strong bg-raised'
        ]}
        ondragover={(e) => {
          e.preventDefault();
          over = p.id;
        }}
        ondragleave={() => (over = over === p.id ? null : over)}
        ondrop={(e) => {
          e.preventDefault();
          void put(p);
        }}
      >
        <span><b class="block">{p.name}</b>{house.temp(p.tempC)}</span>
      </div>
    {/each}
  </div>
{/if}
