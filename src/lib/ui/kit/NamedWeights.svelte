<script lang="ts">
  import type { Snippet } from 'svelte';
  import { Button, Input, Label } from 'flowbite-svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import Fold from '../forms/Fold.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';

  /** Things known by their name and weight: a list, and a form that adds one or weighs one again. */
  interface Thing {
    readonly id: string;
    readonly name: string;
    readonly g: number;
  }
  interface Props {
    id: string;
    title: string;
    things: readonly Thing[];
    command: 'set-tare' | 'set-portion';
    /** Where there is none yet. */
    none: string;
    adds: string;
    label: string;
    weighs: string;
    /** As one would type it. */
    example: { readonly name: string; readonly weight: string };
    /** What else is done with one. */
    more?: Snippet<[Thing]>;
  }
  let { id, title, things, command, none, adds, label, weighs, example, more }: Props = $props();
  const house = useHouse();
  let weight = $state('');
</script>

<section {id}>
  <h2 class="border-b-2 border-ink pb-1">{title}</h2>
  <ul>
    {#each things as t (t.id)}
      <li class="line flex items-center justify-between gap-3">
        <b class="min-w-0 grow">{t.name}</b><span class="big">{house.mass(t.g)}</span>
        {@render more?.(t)}
      </li>
    {:else}<li class="py-2 text-quiet">{none}</li>{/each}
  </ul>
  <Fold text={adds}>
    <ActionForm
      {command}
      class="grid items-start gap-3 py-2 sm:grid-cols-3"
      ondone={() => (weight = '')}
      {label}
    >
      {#snippet children({ busy, problemAt })}
        <div>
          <Label for="{id}-name">Name</Label>
          <Input id="{id}-name" name="name" placeholder={example.name} list="{id}-names" autocomplete="off" />
          <datalist id="{id}-names"
            >{#each things as t (t.id)}<option value={t.name}></option>{/each}</datalist
          >
          <Trouble problem={problemAt('name')} />
        </div>
        <WeightField
          label={weighs}
          name="weight"
          problem={problemAt('weight')}
          bind:value={weight}
          placeholder={example.weight}
        />
        <div class="sm:pt-6"><Button type="submit" outline disabled={busy}>Save</Button></div>
      {/snippet}
    </ActionForm>
  </Fold>
</section>
