<script lang="ts">
  import { EATERS } from '$lib/core/safety';
  import { EATER_WORDS } from '$lib/words';

  /** Who eats here and wants a word of caution, as fields of a form. */
  let {
    eaters,
    legend = 'Eats here, too',
    class: legendClass = 'text-sm font-medium'
  }: { eaters: readonly string[]; legend?: string; class?: string } = $props();
</script>

<fieldset>
  <legend class={legendClass}>{legend}</legend>
  <input type="hidden" name="eatersAsked" value="true" />
  <div class="grid gap-x-6 sm:grid-cols-2">
    {#each EATERS as e (e)}
      <label class="flex min-h-11 items-center gap-3 text-sm">
        <input
          type="checkbox"
          class="size-5 shrink-0 rounded border-rule-strong text-primary-700"
          name="eaters"
          value={e}
          checked={eaters.includes(e)}
        />
        {EATER_WORDS[e].who}
      </label>
    {/each}
  </div>
  <p class="text-sm text-quiet">
    Brings a word of caution where jars are eaten. No advice: ask a doctor or midwife.
  </p>
</fieldset>
