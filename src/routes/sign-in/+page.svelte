<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  import TextField from '$lib/ui/forms/TextField.svelte';
  import Trouble from '$lib/ui/forms/Trouble.svelte';
  import PassphraseField from '$lib/ui/people/PassphraseField.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  let busy = $state(false);
  const problems = $derived(form?.problems ?? []);
  const at = (field: string) => problems.find((p) => p.field === field);
  const to = $derived(encodeURIComponent(page.url.searchParams.get('to') ?? '/'));
  const name = $derived(typeof form?.filledIn.name === 'string' ? form.filledIn.name : '');
</script>

<svelte:head><title>Sign in · Crockle</title></svelte:head>

<p class="font-display text-2xl font-extrabold">Crockle</p>
<h1 class="mt-8">{data.first ? 'The first passphrase' : 'Come in'}</h1>
<p class="mt-2 text-lg">
  {data.first
    ? 'Nobody has come in over the network yet. Set the household’s passphrase: everybody who comes in later is asked for it.'
    : 'Say who you are, and the passphrase of the household or the one for guests.'}
</p>
<form
  method="POST"
  action="/sign-in?/{data.first ? 'first' : 'in'}&to={to}"
  class="mt-5 flex flex-col gap-4"
  aria-label={data.first ? 'The first passphrase' : 'Sign in'}
  use:enhance={() => {
    busy = true;
    return async ({ update }) => {
      await update({ reset: false });
      busy = false;
    };
  }}
>
  {#if data.first}
    <div>
      <TextField
        label="The code that Crockle’s start shows on its own screen"
        name="code"
        autocomplete="one-time-code"
        problem={at('code')}
      />
      <p class="mt-1 text-sm text-quiet">Eight letters and figures. A new start shows a new one.</p>
    </div>
  {/if}
  <div>
    <TextField
      label="Your name"
      name="name"
      autocomplete="name"
      maxlength={40}
      value={name}
      problem={at('name')}
    />
    <p class="mt-1 text-sm text-quiet">It stands in the record beside what you do.</p>
  </div>
  <PassphraseField
    label={data.first ? 'A passphrase: three or four words' : 'Passphrase'}
    name="passphrase"
    fresh={data.first}
    problem={at('passphrase')}
  />
  <Trouble problem={problems.find((p) => !p.field)} />
  <div>
    <Button type="submit" size="lg" disabled={busy}>{data.first ? 'Set it and come in' : 'Come in'}</Button>
  </div>
</form>
