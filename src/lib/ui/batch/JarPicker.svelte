<script lang="ts">
  import type { Filling } from '$lib/core/batch';
  import type { Problem } from '$lib/words';
  import Trouble from '../forms/Trouble.svelte';

  /** Which jars are meant: all, unless one is left out. Who must know at once binds `chosen`. */
  let {
    jars,
    name = 'fillingIds',
    legend = 'Jars',
    chosen = $bindable(),
    problem
  }: {
    jars: readonly Filling[];
    name?: string;
    legend?: string;
    chosen?: string[];
    problem?: Problem | undefined;
  } = $props();
  const toggle = (id: string, on: boolean) => {
    if (chosen) chosen = on ? [...chosen, id] : chosen.filter((c) => c !== id);
  };
</script>

<fieldset>
  <legend class="text-sm font-semibold">{legend}</legend>
  <div class="flex flex-wrap gap-2 pt-1">
    {#each jars as jar (jar.id)}
      <label
        class="flex min-h-11 cursor-pointer items-center gap-2 rounded-lg border border-rule-strong px-3 has-checked:bg-slate has-checked:text-chalk"
      >
        <input
          type="checkbox"
          class="size-4 rounded border-rule-strong text-primary-700"
          {name}
          value={jar.id}
          checked={chosen?.includes(jar.id) ?? true}
          onchange={(e) => toggle(jar.id, e.currentTarget.checked)}
        />
        <b>{jar.lidNumber}</b>
      </label>
    {/each}
  </div>
  <Trouble {problem} />
</fieldset>
