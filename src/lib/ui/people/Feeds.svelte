<script lang="ts">
  import { onMount } from 'svelte';
  import { Button } from 'flowbite-svelte';
  import { page } from '$app/state';
  import { shortDay } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import QuietAct from '../forms/QuietAct.svelte';
  import CopyText from '../forms/CopyText.svelte';
  import TextField from '../forms/TextField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { askToNotify, mayNotify } from '../timer/notify';

  interface Feed {
    readonly id: string;
    readonly name: string;
    readonly begun: number;
    readonly seen: number;
  }
  /** Rounds where people look: in their own calendars, and by a notice of this browser. */
  let { feeds }: { feeds: readonly Feed[] } = $props();
  const house = useHouse();
  /** Told once: the house keeps no more of it than a fingerprint. */
  let path = $state('');
  const origin = $derived(house.household.address || page.url.origin);
  const onlyHere = $derived(/^https?:\/\/(localhost|127\.|\[::1\])/.test(origin));
  const said = (f: Feed) => (f.name === '' ? 'all rounds' : `for ${f.name}`);
  let notifies = $state<'yes' | 'ask' | 'no'>('no');
  onMount(() => (notifies = mayNotify()));
</script>

<section id="reminders" aria-label="Reminders">
  <h2 class="border-b-2 border-ink pb-1">Reminders</h2>
  <p class="py-2">
    A calendar reads the rounds of two weeks, first tastes, last sensible days and timers from an address.
    Whoever has the address reads it, until it is taken back.
  </p>
  {#if feeds.length > 0}
    <ul class="border-t border-rule" aria-label="Calendars">
      {#each feeds as f (f.id)}
        <li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule">
          <div>
            <p><b>{said(f)}</b></p>
            <p class="text-sm text-quiet">
              since {shortDay(f.begun)}{f.seen > f.begun
                ? `, last read ${shortDay(f.seen)}`
                : ', not read yet'}
            </p>
          </div>
          <QuietAct
            command="take-back-pass"
            values={{ passId: f.id }}
            undoable={false}
            does="take back"
            label="Take back the calendar: {said(f)}"
          />
        </li>
      {/each}
    </ul>
  {/if}
  {#if path}
    <div class="my-2 border-l-4 border-heed pl-3">
      <p>
        Copy it now, it is shown this once, and give it to the calendar as one to subscribe to:
        <code class="block text-sm break-all select-all">{origin}{path}</code>
      </p>
      <CopyText text={origin + path} label="Copy the address" />
      {#if onlyHere}<p class="text-heed">
          Only this machine answers to {origin}. Say under “The household” where your phones find Crockle.
        </p>{/if}
    </div>
  {/if}
  <ActionForm
    command="make-feed"
    undoable={false}
    ondone={(done) => {
      path = (done.answer as { path: string }).path;
    }}
    class="flex flex-wrap items-end gap-3 py-2"
    label="An address for a calendar"
  >
    {#snippet children({ busy, problemAt })}
      <TextField
        label="For whom (empty: all rounds)"
        name="name"
        problem={problemAt('name')}
        maxlength={80}
        class="min-w-56 grow"
        autocomplete="name"
      />
      <Button type="submit" outline disabled={busy}>Make an address</Button>
    {/snippet}
  </ActionForm>
  <p class="text-sm text-quiet">For one by name it leaves out the places that others have taken on Today.</p>
  {#if notifies === 'ask'}<button class="act" onclick={async () => (notifies = await askToNotify())}
      >Tell me on this device, too, while Crockle is open</button
    >{:else if notifies === 'yes'}<p class="text-sm text-quiet">
      This device tells you when a round is due, while Crockle is open in it.
    </p>{/if}
</section>
