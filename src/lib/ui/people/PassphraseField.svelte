<script lang="ts">
  import type { Problem } from '$lib/words';
  import TextField from '../forms/TextField.svelte';

  interface Props {
    label: string;
    name: 'passphrase' | 'current';
    /** One that is made now, or one that is known. */
    fresh?: boolean;
    problem?: Problem | undefined;
  }
  /** A passphrase to type: hidden, unless who types wants to see it. */
  let { label, name, fresh = false, problem }: Props = $props();
  const uid = $props.id();
  let seen = $state(false);
</script>

<div>
  <TextField
    {label}
    id="{uid}-field"
    {name}
    type={seen ? 'text' : 'password'}
    autocomplete={fresh ? 'new-password' : 'current-password'}
    {problem}
  />
  <label class="flex min-h-11 items-center gap-2 text-sm">
    <input
      type="checkbox"
      class="size-5 rounded border-rule-strong bg-raised text-primary-700"
      bind:checked={seen}
    />
    Show it
  </label>
</div>
