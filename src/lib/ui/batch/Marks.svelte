<script lang="ts">
  /** A mark from 0 to 5, one tap; null: none is said. */
  let {
    legend,
    name,
    low,
    high,
    value = null
  }: { legend: string; name: string; low: string; high: string; value?: number | null } = $props();
  // svelte-ignore state_referenced_locally
  let mark = $state(value);
</script>

<fieldset>
  <legend class="text-sm font-semibold">{legend}</legend>
  <!-- On a narrow phone its two ends stand over the row, so that all six fit. -->
  <div class="grid grid-cols-6 items-center gap-1 pt-1 sm:flex">
    <span class="col-span-3 text-sm text-quiet sm:w-16 sm:shrink-0">{low}</span>
    <span class="col-span-3 text-right text-sm text-quiet sm:order-last sm:pl-1 sm:text-left">{high}</span>
    {#each [0, 1, 2, 3, 4, 5] as n (n)}
      <label class="mark">
        <input type="radio" class="sr-only" {name} value={n} bind:group={mark} aria-label="{legend} {n}" />{n}
      </label>
    {/each}
  </div>
</fieldset>
