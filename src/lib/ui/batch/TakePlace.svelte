<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import TextField from '../forms/TextField.svelte';
  import { useHouse } from '../house/house.svelte';

  /** Who goes round a place: one of those who are known by a tap, another by name. */
  let { placeId }: { placeId: string } = $props();
  const house = useHouse();
  const by = $derived(house.household.takes[placeId] ?? '');
  const known = $derived(
    [...new Set([house.hand, ...Object.values(house.household.takes)])].filter(
      (name) => name !== '' && name !== by
    )
  );
  let asking = $state(false);
</script>

<div class="no-print ml-auto text-sm">
  <button
    type="button"
    class="min-h-11 underline underline-offset-4"
    aria-expanded={asking}
    onclick={() => (asking = !asking)}>{by === '' ? 'Who goes here?' : `${by} goes here`}</button
  >
</div>
{#if asking}
  <div class="no-print flex w-full flex-wrap items-end gap-2 pb-2">
    {#if known.length > 0 || by !== ''}
      <ActionForm
        command="take-place"
        values={{ placeId }}
        label="Who goes round {house.placeName(placeId)}"
        class="flex flex-wrap gap-2"
        ondone={() => (asking = false)}
      >
        {#snippet children({ busy })}
          {#each known as name (name)}<Button type="submit" name="name" value={name} outline disabled={busy}
              >{name}</Button
            >{/each}
          {#if by !== ''}<Button type="submit" name="name" value="" outline disabled={busy}
              >whoever comes by</Button
            >{/if}
        {/snippet}
      </ActionForm>
    {/if}
    <ActionForm
      command="take-place"
      values={{ placeId }}
      label="Another goes round {house.placeName(placeId)}"
      class="flex flex-wrap items-end gap-2"
      ondone={() => (asking = false)}
    >
      {#snippet children({ busy, problemAt })}
        <TextField
          label="A name"
          name="name"
          problem={problemAt('name')}
          maxlength={80}
          class="w-40"
          autocomplete="name"
        />
        <Button type="submit" outline disabled={busy}>Save</Button>
      {/snippet}
    </ActionForm>
  </div>
{/if}
