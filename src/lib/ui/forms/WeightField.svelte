<script lang="ts">
  import { Input, Label } from 'flowbite-svelte';
  import { problem as worded, type Problem } from '$lib/schema/words';
  import { pickedOfCount, readCount, weightOfCount, type Crop } from '$lib/core/produce';
  import { plusMinus, readQuantity } from '$lib/core/quantity';
  import { useHouse } from '../house.svelte';
  import NumberPad from './NumberPad.svelte';
  import Trouble from './Trouble.svelte';

  interface Props {
    label: string;
    name?: string;
    value: string;
    /** Unit of a bare number: the last one said. */
    unit?: string;
    /** The crop, where a count ("7 peppers") may stand for a weight. */
    countOf?: Crop;
    /** Whether the count is of picked pieces, with what is cut away, or of usable ones. */
    picked?: boolean;
    problem?: Problem;
    placeholder?: string;
    big?: boolean;
    hideLabel?: boolean;
    pad?: boolean;
    onchange?: (text: string) => void;
    oninput?: (text: string) => void;
  }
  let {
    label,
    name,
    value = $bindable(),
    unit = 'g',
    countOf,
    picked = true,
    problem,
    placeholder = '3 kg 400 g',
    big = false,
    hideLabel = false,
    pad = false,
    onchange,
    oninput
  }: Props = $props();

  const house = useHouse();
  const id = $props.id();
  const read = $derived(
    value.trim() === '' ? null : readQuantity(value, { kind: 'mass', unit, system: house.household.spoons })
  );
  const counted = $derived.by(() => {
    if (!countOf || !read || read.ok) return null;
    const count = readCount(value, countOf);
    if (!count.ok) return null;
    return picked ? pickedOfCount(count.value, countOf, false) : weightOfCount(count.value, countOf);
  });
  const own = $derived(read && !read.ok && !counted ? worded({ ...read.refusal }) : undefined);
  // What is still being typed is not scolded: only once the field is left.
  let left = $state(false);
  const shown = $derived(problem ?? (left ? own : undefined));
</script>

<div>
  <Label for={id} class={hideLabel ? 'sr-only' : ''}>{label}</Label>
  <Input
    {id}
    {name}
    bind:value
    {placeholder}
    autocomplete="off"
    enterkeyhint="done"
    aria-invalid={shown ? 'true' : undefined}
    aria-describedby="{id}-says"
    class={big ? 'font-display text-3xl font-bold' : 'font-semibold'}
    oninput={() => {
      left = false;
      oninput?.(value);
    }}
    onchange={() => onchange?.(value)}
    onblur={() => (left = true)}
  />
  <div id="{id}-says" class="min-h-6 text-sm text-quiet" aria-live="polite">
    {#if shown}<Trouble problem={shown} />
    {:else if counted}about {house.mass(counted.mean)} ± {house.mass(plusMinus(counted))}, by the table’s
      piece
    {:else if read?.ok && house.mass(read.value.value).replace(/\s/g, '') !== value.replace(/\s/g, '')}is {house.mass(
        read.value.value
      )}{/if}
  </div>
  {#if pad}
    <NumberPad
      units={house.household.units === 'metric' ? ['g', 'kg'] : ['oz', 'lb']}
      onkey={(key) => {
        value =
          key === 'back'
            ? value.trimEnd().slice(0, -1)
            : /[a-z]/.test(key)
              ? `${value.trimEnd()} ${key} `
              : value + key;
        left = false;
        oninput?.(value);
      }}
    />
  {/if}
</div>
