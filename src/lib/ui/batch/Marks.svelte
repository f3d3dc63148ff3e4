<script lang="ts">
  /** A mark from 0 to 5, one tap. */
  let {
    legend,
    name,
    low,
    high,
    value = 0
  }: { legend: string; name: string; low: string; high: string; value?: number } = $props();
  // svelte-ignore state_referenced_locally
  let mark = $state(value);
</script>

<fieldset>
  <legend class="text-sm font-semibold">{legend}</legend>
  <div class="flex items-center gap-1 pt-1">
    <span class="w-16 text-sm text-quiet">{low}</span>
    {#each [0, 1, 2, 3, 4, 5] as n (n)}
      <label
        class="flex size-12 cursor-pointer items-center justify-center rounded-lg border border-rule-strong font-display font-bold has-checked:bg-slate has-checked:text-chalk has-focus-visible:outline-3"
      >
        <input type="radio" class="sr-only" {name} value={n} bind:group={mark} aria-label="{legend} {n}" />{n}
      </label>
    {/each}
    <span class="pl-1 text-sm text-quiet">{high}</span>
  </div>
</fieldset>
