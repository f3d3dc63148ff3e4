<script lang="ts">
  import { Input, Label } from 'flowbite-svelte';
  import type { Problem } from '$lib/words';
  import Trouble from './Trouble.svelte';

  interface Props {
    label: string;
    name?: string;
    id?: string;
    value?: string | undefined;
    placeholder?: string;
    inputmode?: 'text' | 'decimal' | 'numeric';
    type?: 'text' | 'date' | 'time' | 'password';
    autocomplete?: 'off' | 'name' | 'current-password' | 'new-password' | 'one-time-code';
    min?: string;
    max?: string;
    maxlength?: number;
    required?: boolean;
    oninput?: (said: string) => void;
    problem?: Problem | undefined;
    class?: string;
  }
  const uid = $props.id();
  /** One line to type into, its label over it, and what is amiss under it and read out with it. */
  let {
    label,
    id = uid,
    value = $bindable(),
    oninput,
    problem,
    class: className = '',
    ...rest
  }: Props = $props();
</script>

<div class={className}>
  <Label for={id}>{label}</Label>
  <Input
    {id}
    bind:value
    autocomplete="off"
    aria-invalid={problem ? true : undefined}
    aria-describedby={problem ? `${id}-trouble` : undefined}
    oninput={(e) => oninput?.((e.currentTarget as HTMLInputElement).value)}
    {...rest}
  />
  <Trouble {problem} id="{id}-trouble" />
</div>
