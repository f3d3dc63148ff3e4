<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { dayOfWall, wall } from '$lib/core/calendar';
  import ActionForm from '../forms/ActionForm.svelte';
  import QuietAct from '../forms/QuietAct.svelte';
  import Fold from '../forms/Fold.svelte';
  import TextField from '../forms/TextField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { relativeDay } from '../time';

  /** Days on which more or fewer eat than live here: a feast eats faster. */
  const house = useHouse();
  const today = $derived(dayOfWall(house.now));
  const coming = $derived(house.household.feasts.filter((f) => f.to >= today));
  const when = (day: string) => relativeDay(wall(day, 12), house.now);
</script>

<ul>
  {#each coming as f (f.id)}
    <li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule-soft">
      <span
        ><b>{f.name || 'At the table'}</b>: {f.people} eat {when(f.from)}{f.to === f.from
          ? ''
          : ` to ${when(f.to)}`}</span
      >
      <QuietAct
        command="drop-feast"
        values={{ feastId: f.id }}
        does="as many as usual after all"
        label="As many as usual after all: {f.name || when(f.from)}"
      />
    </li>
  {/each}
</ul>
<Fold text="Guests or a feast: say how many eat then" quiet>
  <ActionForm
    command="plan-feast"
    class="grid items-start gap-3 py-2 sm:grid-cols-2"
    label="Guests or a feast"
  >
    {#snippet children({ busy, problemAt })}
      <TextField label="From" id="f-from" name="from" problem={problemAt('from')} type="date" min={today} />
      <TextField label="To" id="f-to" name="to" problem={problemAt('to')} type="date" min={today} />
      <TextField
        label="How many eat, all together"
        id="f-people"
        name="people"
        inputmode="numeric"
        problem={problemAt('people')}
      />
      <TextField label="What it is (may be left out)" id="f-name" name="name" problem={problemAt('name')} />
      <p class="text-sm text-quiet sm:col-span-2">
        Usually {house.household.people} eat here; <a class="act" href="/kit">Kit</a> keeps that, and days away.
      </p>
      <div><Button type="submit" outline disabled={busy}>Save</Button></div>
    {/snippet}
  </ActionForm>
</Fold>
