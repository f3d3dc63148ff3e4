<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { Button } from 'flowbite-svelte';
  import { dayOfWall, wall } from '$lib/core/calendar';
  import TextField from '../forms/TextField.svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import QuietAct from '../forms/QuietAct.svelte';
  import { useHouse } from '../house/house.svelte';
  import { relativeDay } from '../time';

  /** When nobody is here: the Bench says which lids will not do. */
  const house = useHouse();
  const today = $derived(dayOfWall(house.now));
  const coming = $derived(house.household.away.filter((a) => a.to >= today));
</script>

<section id="away">
  <h2 class="border-b-2 border-ink pb-1">Away</h2>
  <ul>
    {#each coming as a (a.id)}
      <li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule">
        <a class="act" href="/away/{a.id}"
          >{relativeDay(wall(a.from, 12), house.now)} to {relativeDay(wall(a.to, 12), house.now)}: what to do
          before</a
        >
        <QuietAct command="drop-away" values={{ awayId: a.id }} does="not away after all" />
      </li>
    {:else}<li class="py-2 text-quiet">Nobody plans to be away.</li>{/each}
  </ul>
  <Fold text="Somebody has to open the lids: plan days away">
    <ActionForm command="plan-away" class="grid items-start gap-3 py-2 sm:grid-cols-3" label="Days away">
      {#snippet children({ busy, problemAt })}
        <TextField label="From" id="a-from" name="from" problem={problemAt('from')} type="date" min={today} />
        <TextField label="To" id="a-to" name="to" problem={problemAt('to')} type="date" min={today} />
        <div class="sm:pt-6"><Button type="submit" outline disabled={busy}>Save</Button></div>
      {/snippet}
    </ActionForm>
  </Fold>
</section>
