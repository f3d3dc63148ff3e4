<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Sheet from '../forms/Sheet.svelte';
  import { LOT_ENDS, type Lot } from '$lib/core/lot';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import WeightField from '../forms/WeightField.svelte';
  import { useHouse } from '../house/house.svelte';

  /** What else to do with a pick: take a part to the bench, give it another end, correct the weigh-in. */
  let {
    lot = $bindable(),
    benches
  }: { lot: Lot | null; benches: readonly { readonly id: string; readonly name: string }[] } = $props();
  let bench = $state<string>();
  const to = $derived(benches.find((b) => b.id === bench)?.id ?? benches[0]?.id);
  const house = useHouse();
  let how = $state<string>('eaten fresh');
  let part = $state('');
  let right = $state('');
  const name = $derived(lot ? (house.crop(lot.cropId)?.name ?? '') : '');
  const close = () => {
    lot = null;
    part = '';
    right = '';
  };
</script>

<Sheet open={lot !== null} onclose={close} title={name} size="sm">
  {#if lot}
    <p>
      Weighed in as <b>{lot.weighed.said}</b>{lot.corrected ? ' (corrected)' : ''}, {lot.bed ||
        'no bed named'}. <b>{house.mass(lot.gardenG)}</b> lies in the Garden.
      {#if lot.note}<span class="block text-quiet">{lot.note}</span>{/if}
      <a class="act" href="/garden/{lot.id}">Every gram of it</a>
    </p>
    <ActionForm command="end-pick" values={{ lotId: lot.id }} ondone={close} label="Another end">
      {#snippet children({ busy, problemAt })}
        <fieldset class="mt-2 flex flex-col gap-3 border-t border-rule pt-4">
          <legend class="sr-only">Another end</legend>
          <WeightField
            label="How much (empty: all of it)"
            name="weight"
            problem={problemAt('weight')}
            bind:value={part}
            placeholder={house.mass(lot?.gardenG ?? 0)}
          />
          <ChoiceField
            label="Where it went"
            id="how"
            name="how"
            bind:value={how}
            items={LOT_ENDS.map((e) => ({ value: e, name: e }))}
          />
          <Button type="submit" outline disabled={busy}>Write it off the Garden</Button>
        </fieldset>
      {/snippet}
    </ActionForm>
    <ActionForm
      command="take-to-bench"
      values={{ lotId: lot.id, weight: part, bench: to }}
      ondone={close}
      next={{ href: to ? `/bench?bench=${to}` : '/bench', text: 'Go to the bench' }}
    >
      {#snippet children({ busy, problemAt })}
        {#if benches.length > 1}
          <div class="pb-3">
            <ChoiceField
              label="Which bench"
              id="which-bench"
              value={to}
              onchange={(chosen) => (bench = chosen)}
              items={benches.map((b) => ({ value: b.id, name: b.name }))}
            />
          </div>
        {/if}
        <Button type="submit" disabled={busy} class="w-full"
          >{part.trim() ? `Take ${part.trim()} to the bench` : 'Take all of it to the bench'}</Button
        >
        <Trouble problem={problemAt('weight')} />
      {/snippet}
    </ActionForm>
    <ActionForm command="correct-pick" values={{ lotId: lot.id }} ondone={close} label="Correct the weigh-in">
      {#snippet children({ busy, problemAt })}
        <details class="border-t border-rule pt-2">
          <summary class="min-h-11 content-center underline underline-offset-4"
            >It weighed something else</summary
          >
          <div class="flex flex-col gap-2">
            <WeightField
              label="What it really weighed"
              name="weight"
              problem={problemAt('weight')}
              bind:value={right}
              placeholder={lot?.weighed.said}
            />
            <Button type="submit" outline disabled={busy}>Correct it</Button>
          </div>
        </details>
      {/snippet}
    </ActionForm>
  {/if}
</Sheet>
