<script lang="ts">
  import type { BatchInHand } from '$lib/core/batch';

  /** Some of the jars only: each ticked until it is left out. */
  interface Props {
    batch: BatchInHand | undefined;
    fillingIds: readonly string[];
    left: string[];
  }
  let { batch, fillingIds, left = $bindable() }: Props = $props();
  const numberOf = (id: string) => batch?.fillings.find((f) => f.id === id)?.lidNumber;
</script>

<fieldset class="flex flex-wrap gap-2 pt-2">
  <legend class="sr-only">Jars that are done</legend>
  {#each fillingIds as id (id)}
    <label
      class="flex min-h-11 items-center gap-2 rounded-lg border border-rule-strong px-3 has-checked:bg-slate has-checked:text-chalk"
    >
      <input
        type="checkbox"
        class="size-4 rounded border-rule-strong"
        checked={!left.includes(id)}
        onchange={(e) => (left = e.currentTarget.checked ? left.filter((x) => x !== id) : [...left, id])}
      />
      {numberOf(id)}
    </label>
  {/each}
</fieldset>
