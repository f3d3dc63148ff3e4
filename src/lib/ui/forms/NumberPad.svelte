<script lang="ts">
  /** A pad for wet thumbs: digits, the point, and the units themselves as keys. */
  let { units, onkey }: { units: readonly string[]; onkey: (key: string) => void } = $props();
  const keys = $derived([
    '7',
    '8',
    '9',
    units[0] ?? 'g',
    '4',
    '5',
    '6',
    units[1] ?? 'kg',
    '1',
    '2',
    '3',
    'back',
    '.',
    '0',
    '½'
  ]);
</script>

<div class="grid grid-cols-4 gap-2 md:hidden" role="group" aria-label="Number pad">
  {#each keys as key (key)}
    <button
      type="button"
      class={[
        'min-h-14 rounded-lg border border-rule-strong bg-raised font-display text-xl font-bold',
        key === 'back' && 'row-span-2'
      ]}
      aria-label={key === 'back' ? 'Delete the last letter' : key}
      onpointerdown={(e) => e.preventDefault()}
      onclick={() => onkey(key)}
    >
      {key === 'back' ? 'del' : key}
    </button>
  {/each}
</div>
