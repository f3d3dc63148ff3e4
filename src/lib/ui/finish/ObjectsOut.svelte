<script lang="ts">
  import { stillIn, type Finishing } from '$lib/core/batch';
  import { objectsOut } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import TickBox from '../forms/TickBox.svelte';

  /** What was counted into the jars, counted out again: a tap each. */
  let { batchId, finishing, blade }: { batchId: string; finishing: Finishing; blade: boolean } = $props();
  const left = $derived(stillIn(finishing).reduce((a, o) => a + o.n, 0));
</script>

<section aria-label="Out of the jars">
  <h2 class="border-b-2 border-ink pb-1">Out of the jars</h2>
  {#if finishing.laid.length === 0}<p class="pt-2 text-quiet">Nothing was laid into them.</p>{/if}
  <ul>
    {#each finishing.laid as o (o.id)}
      {@const out = finishing.out.includes(o.id)}
      <li class="line">
        <ActionForm command="finish" values={{ batchId, object: o.id, isOut: !out }}>
          {#snippet children({ busy })}
            <button
              type="submit"
              class="flex min-h-14 w-full items-center gap-4 text-left text-lg"
              aria-pressed={out}
              disabled={busy}
            >
              <TickBox on={out} />
              <span class={out ? 'text-quiet line-through' : 'font-semibold'}
                >{objectsOut(o.kind, o.n)} of jar {o.lidNumber}</span
              >
            </button>
          {/snippet}
        </ActionForm>
      </li>
    {/each}
  </ul>
  <p class={left > 0 ? 'heed mt-2' : 'mt-2 text-quiet'} aria-live="polite">
    {left > 0
      ? `${left} still in there. With tongs; count them into the sink.${blade ? ' No blade before they are out.' : ''}`
      : 'All out.'}
  </p>
</section>
