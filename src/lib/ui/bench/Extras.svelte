<script lang="ts">
  import { Input, Select } from 'flowbite-svelte';
  import { writeSalt } from '$lib/core/quantity';
  import { SALTY } from '$lib/core/salt';
  import { problem } from '$lib/words';
  import Trouble from '../forms/Trouble.svelte';
  import type { Bench } from './bench.svelte';

  /** What brings salt of its own: counted, so that it is not salted twice. */
  let { bench }: { bench: Bench } = $props();
  const free = $derived(SALTY.filter((s) => !bench.extras.some((e) => e.id === s.id)));
  const broughtBy = (id: string) => bench.sheet?.extras.find((e) => e.id === id);
  const change = (id: string, amount: string) =>
    bench.choose({ extras: bench.extras.map((e) => (e.id === id ? { id, amount } : e)) });
  const trouble = $derived(bench.extrasRead.ok ? undefined : problem(bench.extrasRead.refusal));
</script>

<section aria-label="What brings salt of its own" class="no-print">
  {#each bench.extras as extra (extra.id)}
    {@const name = SALTY.find((s) => s.id === extra.id)?.name ?? extra.id}
    {@const in_ = broughtBy(extra.id)}
    <div class="line grid grid-cols-[1fr_9rem] items-start gap-x-3">
      <div>
        <p class="font-semibold">{name}</p>
        {#if in_}<p class="text-sm text-quiet">
            brings {writeSalt(in_.naclG)} of salt{in_.allergen ? `; ${in_.allergen}: name it on the lid` : ''}
          </p>{/if}
        <button
          class="min-h-8 text-sm underline underline-offset-4"
          aria-label="Leave out {name}"
          onclick={() => bench.choose({ extras: bench.extras.filter((e) => e.id !== extra.id) })}
          >leave out</button
        >
      </div>
      <Input
        value={extra.amount}
        placeholder="60 ml"
        aria-label="{name}, how much"
        autocomplete="off"
        oninput={(e) => change(extra.id, (e.currentTarget as HTMLInputElement).value)}
      />
    </div>
  {/each}
  <Trouble problem={trouble} />
  {#if free.length > 0}
    {#key bench.extras.length}
      <Select
        aria-label="Add what brings salt of its own"
        class="mt-2"
        value=""
        items={free.map((s) => ({ value: s.id, name: s.name }))}
        placeholder="+ something salty: fish sauce, miso …"
        onchange={(e) => {
          const id = e.currentTarget.value;
          if (id) bench.choose({ extras: [...bench.extras, { id, amount: '' }] });
        }}
      />
    {/key}
  {/if}
</section>
