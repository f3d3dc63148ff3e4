<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { dayOfWall } from '$lib/core/calendar';
  import { allCrops } from '$lib/core/produce';
  import { growsAs, type Sowing } from '$lib/core/sowing';
  import ActionForm from '../forms/ActionForm.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';

  /** Something sown or planted out; or one that stands there, said otherwise. */
  let { sowing, ondone }: { sowing?: Sowing; ondone?: () => void } = $props();
  const house = useHouse();
  const uid = $props.id();
  // svelte-ignore state_referenced_locally
  let cropId = $state(sowing?.cropId ?? '');
  // svelte-ignore state_referenced_locally
  let amount = $state(sowing?.g ? house.mass(sowing.g) : '');
  const row = $derived(growsAs(cropId));
  const crops = $derived([
    { value: '', name: 'choose a crop' },
    ...allCrops(house.crops).map((c) => ({ value: c.id, name: c.name }))
  ]);
  const text = (n: number | null | undefined) => (n === null || n === undefined ? '' : String(n));
</script>

<ActionForm
  command="sow"
  values={sowing ? { sowingId: sowing.id } : {}}
  label={sowing ? `Change ${house.crop(sowing.cropId)?.name}` : 'Sow or plant'}
  class="grid items-start gap-3 py-2 sm:grid-cols-2 lg:grid-cols-4"
  ondone={() => {
    if (!sowing) [cropId, amount] = ['', ''];
    ondone?.();
  }}
>
  {#snippet children({ busy, problemAt })}
    <ChoiceField
      label="Crop"
      id="{uid}-crop"
      name="cropId"
      bind:value={cropId}
      items={crops}
      problem={problemAt('cropId')}
    />
    <TextField
      label="Variety"
      id="{uid}-variety"
      name="variety"
      value={sowing?.variety}
      problem={problemAt('variety')}
    />
    <TextField label="Bed" id="{uid}-bed" name="bed" value={sowing?.bed} problem={problemAt('bed')} />
    <div>
      <TextField
        label="Sown or planted on"
        id="{uid}-day"
        name="day"
        type="date"
        value={sowing?.day ?? dayOfWall(house.now)}
        problem={problemAt('day')}
      />
      <label class="flex min-h-11 items-center gap-2 text-sm"
        ><input
          type="checkbox"
          name="planted"
          checked={sowing?.planted ?? false}
          class="size-5 rounded border-rule-strong text-primary-700"
        /> planted out, raised before</label
      >
    </div>
    <TextField
      label="Metres of row"
      id="{uid}-metres"
      name="metres"
      inputmode="decimal"
      value={text(sowing?.metres)}
      placeholder="4"
      problem={problemAt('metres')}
    />
    <TextField
      label="Or plants"
      id="{uid}-plants"
      name="plants"
      inputmode="numeric"
      value={text(sowing?.plants)}
      placeholder="12"
      problem={problemAt('plants')}
    />
    <WeightField
      label="Or all of it, as you expect"
      name="amount"
      bind:value={amount}
      problem={problemAt('amount')}
      placeholder={row ? `${row.kgPerMetre} kg a metre by the table` : '5 kg'}
    />
    <TextField
      label="First pick, if you know"
      id="{uid}-first"
      name="first"
      type="date"
      value={sowing?.first ?? ''}
      problem={problemAt('first')}
    />
    <TextField
      label="Weeks of picking"
      id="{uid}-weeks"
      name="weeks"
      inputmode="numeric"
      value={text(sowing?.weeks)}
      placeholder={row ? `${row.weeks} by the table` : '1'}
      problem={problemAt('weeks')}
    />
    <TextField
      label="Weeks late this year"
      id="{uid}-late"
      name="lateWeeks"
      value={sowing && sowing.lateWeeks !== 0 ? String(sowing.lateWeeks) : ''}
      placeholder="0; 2 is two weeks late"
      problem={problemAt('lateWeeks')}
    />
    <div class="sm:pt-6"><Button type="submit" outline disabled={busy}>Save</Button></div>
  {/snippet}
</ActionForm>
