<script lang="ts">
  import { onMount } from 'svelte';
  import { PAPERS, USUAL_SHEET, type LabelSheet } from '$lib/core/batch';
  import type { Problem } from '$lib/words';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';

  type Said = Record<keyof LabelSheet, string>;
  /** What the labels are printed on: plain paper to be cut, or a sheet of labels measured with a ruler. This phone keeps it. */
  interface Props {
    /** As typed. */
    said: Said;
    problem: Problem | null;
  }
  let { said = $bindable(), problem }: Props = $props();
  const KEPT = 'crockle-label-sheet';
  onMount(() => {
    try {
      const kept = JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Partial<Said>;
      said = { ...said, ...kept, skip: '0' };
    } catch {
      // A browser that keeps nothing begins with the usual sheet.
    }
  });
  const choose = (more: Partial<Said>) => {
    said = { ...said, ...more };
    try {
      localStorage.setItem(KEPT, JSON.stringify(said));
    } catch {
      // Then it holds for this page.
    }
  };
  const FIGURES = {
    widthMm: 'Label width, mm',
    heightMm: 'Label height, mm',
    columns: 'Labels across',
    rows: 'Labels down',
    leftMm: 'From the left edge, mm',
    topMm: 'From the upper edge, mm',
    acrossMm: 'Between them across, mm',
    downMm: 'Between them down, mm',
    skip: 'Places used up'
  } as const satisfies Record<Exclude<keyof LabelSheet, 'paper'>, string>;
  const figures = $derived(
    (Object.keys(FIGURES) as (keyof typeof FIGURES)[]).filter(
      (f) => said.paper !== 'single' || f === 'widthMm' || f === 'heightMm'
    )
  );
  const papers = [
    ...Object.keys(PAPERS).map((p) => ({ value: p, name: p })),
    { value: 'single', name: 'each by itself' }
  ];
</script>

<div class="grid grid-cols-2 items-start gap-3 sm:grid-cols-4">
  <ChoiceField
    label="Paper"
    id="paper"
    value={said.paper}
    items={papers}
    onchange={(paper) => choose({ paper })}
  />
  {#each figures as field (field)}
    <TextField
      label={FIGURES[field]}
      id="label-{field}"
      inputmode="decimal"
      value={said[field]}
      placeholder={String(USUAL_SHEET[field])}
      oninput={(text) => choose({ [field]: text })}
      problem={problem?.field === field ? problem : undefined}
    />
  {/each}
</div>
