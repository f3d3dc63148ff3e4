<script lang="ts">
  import type { Filling } from '$lib/core/batch';

  /** Which jars are meant: all, unless one is left out. */
  let {
    jars,
    name = 'fillingIds',
    legend = 'Jars'
  }: { jars: readonly Filling[]; name?: string; legend?: string } = $props();
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
          checked
        />
        <b>{jar.lidNumber}</b>
      </label>
    {/each}
  </div>
</fieldset>
