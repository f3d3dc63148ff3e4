<script lang="ts">
  import { Button, Checkbox, Input, Label, Textarea } from 'flowbite-svelte';
  import Sheet from '../forms/Sheet.svelte';
  import { goto } from '$app/navigation';
  import type { Worksheet } from '$lib/core/worksheet';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house.svelte';
  import Cautions from '../why/Cautions.svelte';
  import type { Bench } from './bench.svelte';

  /** Packed and closed: what really happened, a name, and the harm that was read. */
  let { open = $bindable(), bench, sheet }: { open: boolean; bench: Bench; sheet: Worksheet } = $props();
  const house = useHouse();
  const harms = $derived([
    ...new Map(sheet.cautions.filter((c) => c.level === 'harm').map((c) => [c.rule, c])).values()
  ]);
  let known = $state<string[]>([]);
</script>

<Sheet bind:open title="Start batch" size="sm">
  <ActionForm
    action="/bench?/start"
    label="Start batch"
    values={{
      styleId: bench.style.id,
      way: bench.way,
      fraction: bench.fraction,
      saltKindId: bench.saltKindId,
      counts: JSON.stringify(sheet.chosen.counts),
      choice: 0,
      placeId: bench.place?.id,
      opens: bench.opens,
      knowing: JSON.stringify(known),
      extras: JSON.stringify(bench.extras.filter((e) => e.amount.trim() !== ''))
    }}
    ondone={(done) => {
      open = false;
      bench.clear();
      void goto(`/counter?batch=${(done.answer as { batchId: string }).batchId}`, { invalidateAll: true });
    }}
  >
    {#snippet children({ busy, problemAt, problems })}
      <div class="flex flex-col gap-4">
        <div>
          <Label for="name">Name</Label>
          <Input
            id="name"
            name="name"
            value={bench.name}
            oninput={(e) => bench.choose({ name: (e.currentTarget as HTMLInputElement).value })}
            autocomplete="off"
            required
          />
          <Trouble problem={problemAt('name')} />
        </div>
        {#if sheet.brine}
          <div>
            <Label for="brine-used">Brine that went into the jars</Label>
            <Input
              id="brine-used"
              name="brineUsed"
              placeholder="{house.volume(sheet.brine.inJarsMl)}, as planned"
              autocomplete="off"
            />
            <Trouble problem={problemAt('brineUsed')} />
          </div>
        {/if}
        <p class="text-sm">
          Other jars than planned? Change them on the bench first, under “by hand”: {sheet.jars.length} jar{sheet
            .jars.length === 1
            ? ''
            : 's'} will be taken.
        </p>
        <div>
          <Label for="start-note">Note</Label>
          <Textarea
            id="start-note"
            name="note"
            rows={2}
            class="w-full"
            placeholder="oak leaf, two cloves a jar"
          />
          <Trouble problem={problemAt('note')} />
        </div>
        {#if bench.estimated}<p class="heed">
            The prepared weight is estimated. Weigh again before you salt: the dose follows it.
          </p>{/if}
        {#if harms.length > 0}
          <Cautions cautions={harms} />
          {#each harms as h (h.rule)}
            <Checkbox
              checked={known.includes(h.rule)}
              onchange={(e) =>
                (known = e.currentTarget.checked ? [...known, h.rule] : known.filter((k) => k !== h.rule))}
              >I know, and take it on myself: {h.says}</Checkbox
            >
          {/each}
        {/if}
        {#each problems.filter((p) => !['name', 'note', 'brineUsed'].includes(p.field ?? '')) as p (p.code)}<Trouble
            problem={p}
          />{/each}
        <Button type="submit" size="lg" disabled={busy}>Start batch</Button>
      </div>
    {/snippet}
  </ActionForm>
</Sheet>
