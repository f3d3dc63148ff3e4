<script lang="ts">
  import { onDestroy } from 'svelte';
  import { Input, Label } from 'flowbite-svelte';
  import { problem as worded, type Problem } from '$lib/words';
  import type { Learned } from '$lib/core/learn';
  import { pickedOfCount, type Crop } from '$lib/core/produce';
  import { plusMinus } from '$lib/core/quantity';
  import { bareMass, readCount, readQuantity, weightOfCountRead } from '$lib/core/reading';
  import { useHouse } from '../house/house.svelte';
  import { scale } from '../scale/scale.svelte';
  import ScaleTake from '../scale/ScaleTake.svelte';
  import { afterTheTap } from './finger';
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
    /** A pad for wet thumbs: always there, or only while the field has the finger. */
    pad?: boolean | 'focus';
    /** In a grid: the pad and the scale lie across all its columns, under the row, so that a thumb finds the keys. */
    spread?: boolean;
    /** The household's own piece weight of the crop. */
    own?: Learned;
    /** The finger came into the field, or left it. */
    onfinger?: (here: boolean) => void;
    onchange?: (text: string) => void;
    oninput?: (text: string) => void;
  }
  let {
    label,
    name,
    value = $bindable(),
    unit,
    countOf,
    picked = true,
    problem,
    placeholder = '3 kg 400 g',
    big = false,
    hideLabel = false,
    pad = false,
    spread = false,
    own: ownPiece,
    onfinger,
    onchange,
    oninput
  }: Props = $props();

  const house = useHouse();
  const id = $props.id();
  const read = $derived(
    value.trim() === ''
      ? null
      : readQuantity(value, {
          kind: 'mass',
          unit: unit ?? bareMass(house.ways),
          system: house.household.spoons
        })
  );
  const counted = $derived.by(() => {
    if (!countOf || !read || read.ok) return null;
    const count = readCount(value, countOf, house.crops);
    if (!count.ok) return null;
    return picked
      ? pickedOfCount(count.value, countOf, false, ownPiece)
      : weightOfCountRead(count.value, ownPiece);
  });
  const own = $derived(read && !read.ok && !counted ? worded({ ...read.refusal }) : undefined);
  // What is still being typed is not scolded: only once the field is left.
  let left = $state(false);
  let focused = $state(false);
  let stay: () => void = () => undefined;
  onDestroy(() => stay());
  const padOpen = $derived(pad === true || (pad === 'focus' && focused));
  const shown = $derived(problem ?? (left ? own : undefined));
</script>

<div class={spread ? 'contents' : ''}>
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
      onfocus={() => {
        stay();
        focused = true;
        onfinger?.(true);
      }}
      onblur={() => {
        left = true;
        onfinger?.(false);
        // What stands below must not move away from under the finger that is just tapping it.
        stay = afterTheTap(() => (focused = false));
      }}
    />
    <div id="{id}-says" class="min-h-6 text-sm text-quiet" aria-live="polite">
      {#if shown}<Trouble problem={shown} />
      {:else if counted}about {house.mass(counted.mean)} ± {house.mass(plusMinus(counted))}, {ownPiece
          ? `by your ${ownPiece.n} pick${ownPiece.n > 1 ? 's' : ''}`
          : 'by the table’s piece'}
      {:else if read?.ok && house.mass(read.value.value).replace(/\s/g, '') !== value.replace(/\s/g, '')}is {house.mass(
          read.value.value
        )}{/if}
    </div>
  </div>
  <div class={spread ? 'order-last col-span-full' : ''}>
    {#if scale.there && (focused || pad === true)}
      <ScaleTake
        {label}
        ontake={(text) => {
          value = text;
          left = false;
          oninput?.(value);
          onchange?.(value);
        }}
      />
    {/if}
    {#if padOpen}
      <NumberPad
        units={house.household.units === 'metric' ? ['g', 'kg'] : ['oz', 'lb', 'g']}
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
</div>
