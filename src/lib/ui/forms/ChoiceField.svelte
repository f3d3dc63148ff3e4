<script lang="ts" generics="T extends string">
  import { Label, Select } from 'flowbite-svelte';
  import type { Problem } from '$lib/words';
  import Trouble from './Trouble.svelte';

  interface Props {
    label: string;
    items: { value: T; name: string }[];
    name?: string;
    id?: string;
    value?: T | undefined;
    /** What stands there before anything is chosen; empty where something always is. */
    placeholder?: string;
    required?: boolean;
    onchange?: (chosen: T) => void;
    problem?: Problem | undefined;
    class?: string;
  }
  const uid = $props.id();
  /** One choice of a few, its label over it, and what is amiss under it and read out with it. */
  let {
    label,
    items,
    id = uid,
    value = $bindable(),
    placeholder = '',
    onchange,
    problem,
    class: className = '',
    ...rest
  }: Props = $props();
</script>

<div class={className}>
  <Label for={id}>{label}</Label>
  <Select
    {id}
    {items}
    bind:value
    {placeholder}
    aria-invalid={problem ? true : undefined}
    aria-describedby={problem ? `${id}-trouble` : undefined}
    onchange={(e) => {
      const chosen = items.find((i) => i.value === e.currentTarget.value);
      if (chosen) onchange?.(chosen.value);
    }}
    {...rest}
  />
  <Trouble {problem} id="{id}-trouble" />
</div>
