<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { mondayAhead, type KeptStart, type SeasonInput, type SeasonPlan } from '$lib/core/season';
  import ActionForm from '../forms/ActionForm.svelte';
  import QuietAct from '../forms/QuietAct.svelte';

  /** The plan's firm weeks kept to: on the calendar, with salt on the shopping list, and held against what is begun. */
  interface Props {
    input: SeasonInput;
    plan: SeasonPlan;
    today: string;
    kept: readonly KeptStart[];
    settled: boolean;
  }
  let { input, plan, today, kept, settled }: Props = $props();
  /** Nobody picks to the gram. */
  const ROUGH_G = 10;
  const starts = $derived<KeptStart[]>(
    plan.batches
      .filter((b) => b.week < input.firmWeeks)
      .map((b) => ({
        ...{ styleId: b.styleId, monday: mondayAhead(today, b.week) },
        picks: Object.fromEntries(
          b.uses.flatMap((u) => {
            const crop = input.crops.find((c) => c.id === u.cropId);
            const g = crop ? ROUGH_G * Math.round((1000 * u.kg) / crop.trim / ROUGH_G) : 0;
            return crop && g > 0 ? [[crop.id, g]] : [];
          })
        ),
        jars: Object.fromEntries(
          b.jars.map((j) => [j.sizeId, Math.round(j.n)] as const).filter(([, n]) => n > 0)
        )
      }))
  );
  const same = $derived(JSON.stringify(sorted(starts)) === JSON.stringify(sorted(kept)));
  function sorted(all: readonly KeptStart[]): string[] {
    return all.map((s) => `${s.monday} ${s.styleId} ${JSON.stringify(s.jars)}`).sort();
  }
  const n = (of: number) => `${of} start${of === 1 ? '' : 's'}`;
</script>

{#if kept.length > 0}
  <p class="no-print max-w-prose" data-kept>
    A plan is kept: {n(kept.length)} to come on the calendar, salt for the next three weeks on the
    <a class="underline underline-offset-4" href="/pantry/shop">shopping list</a>. It is begun otherwise only
    where that gains something.
  </p>
{/if}
<div class="no-print flex flex-wrap items-center gap-x-4">
  {#if settled && starts.length > 0 && !same}
    <ActionForm command="keep-plan" values={{ starts: JSON.stringify(starts) }}>
      {#snippet children({ busy })}<Button type="submit" outline class="mt-2" disabled={busy}
          >{kept.length > 0 ? 'Keep this one instead' : 'Keep this plan'}</Button
        >{/snippet}
    </ActionForm>
  {/if}
  {#if kept.length > 0}
    <QuietAct command="keep-plan" values={{ starts: '[]' }} does="Keep to none" />
  {/if}
</div>
