<script lang="ts">
  import Fold from '../forms/Fold.svelte';
  import { dayAndYear, shortDay } from '$lib/words';
  import { Button } from 'flowbite-svelte';
  import ActionForm from '../forms/ActionForm.svelte';
  import QuietAct from '../forms/QuietAct.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import TextField from '../forms/TextField.svelte';
  import PassphraseField from './PassphraseField.svelte';

  interface Pass {
    readonly id: string;
    readonly kind: 'session' | 'token' | 'feed';
    readonly name: string;
    readonly role: 'hand' | 'guest';
    readonly begun: number;
    readonly seen: number;
    readonly ends: number;
  }
  interface Door {
    readonly asks: boolean;
    readonly isSet: boolean;
    readonly guests: boolean;
    readonly mine: string | null;
    readonly passes: readonly Pass[];
  }
  /** Who may come in: the passphrases, the phones that are in, the tokens of programs. */
  let { door }: { door: Door } = $props();
  const phones = $derived(door.passes.filter((p) => p.kind === 'session'));
  const tokens = $derived(door.passes.filter((p) => p.kind === 'token'));
  const MAY = { hand: 'reads and writes', guest: 'reads only' };
  const noteOf = (p: Pass) =>
    [p.role === 'guest' ? 'guest' : '', p.id === door.mine ? 'this one' : ''].filter(Boolean).join(', ');
  /** Told once: the house keeps no more of it than a fingerprint. */
  let token = $state('');
</script>

<section id="door">
  <h2 class="border-b-2 border-ink pb-1">Who comes in</h2>
  <p class="py-2">
    {#if door.asks}
      Whoever opens Crockle is asked for the household’s passphrase and a name, which stands in the record.
    {:else}
      Crockle answers this machine alone, and asks nobody. Before other devices come in, set a passphrase;
      they are asked for it.
    {/if}
  </p>

  {#if phones.length > 0}
    <ul aria-label="Signed in" class="border-t border-rule">
      {#each phones as p (p.id)}
        <li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule">
          <div>
            <p><b>{p.name}</b> {noteOf(p)}</p>
            <p class="text-sm text-quiet">since {shortDay(p.begun)}, last seen {shortDay(p.seen)}</p>
          </div>
          <QuietAct
            command="take-back-pass"
            values={{ passId: p.id }}
            undoable={false}
            does="sign out"
            label="Sign out {p.name}"
          />
        </li>
      {/each}
    </ul>
    <ActionForm command="sign-out-everywhere" undoable={false} class="py-2">
      {#snippet children({ busy })}<Button type="submit" outline disabled={busy}>Sign out everywhere</Button
        >{/snippet}
    </ActionForm>
  {/if}

  <Fold text={door.isSet ? 'Change the passphrase' : 'Set a passphrase'}>
    <ActionForm
      command="set-passphrase"
      values={{ role: 'hand' }}
      undoable={false}
      class="flex max-w-md flex-col gap-2 py-2"
      label="Passphrase of the household"
    >
      {#snippet children({ busy, problemAt })}
        {#if door.asks}<PassphraseField
            label="The one until now"
            name="current"
            problem={problemAt('current')}
          />{/if}
        <PassphraseField
          label="Three or four words"
          name="passphrase"
          problem={problemAt('passphrase')}
          fresh
        />
        <div><Button type="submit" outline disabled={busy}>Set it</Button></div>
      {/snippet}
    </ActionForm>
  </Fold>

  {#if door.isSet}
    <Fold text={`Guests, who look on: ${door.guests ? 'have a passphrase' : 'none come in'}`}>
      <ActionForm
        command="set-passphrase"
        values={{ role: 'guest' }}
        undoable={false}
        class="flex max-w-md flex-col gap-2 py-2"
        label="Passphrase of guests"
      >
        {#snippet children({ busy, problemAt })}
          {#if door.asks}<PassphraseField
              label="The household’s own"
              name="current"
              problem={problemAt('current')}
            />{/if}
          <PassphraseField label="One for guests" name="passphrase" problem={problemAt('passphrase')} fresh />
          <div><Button type="submit" outline disabled={busy}>Set the guests’ passphrase</Button></div>
        {/snippet}
      </ActionForm>
      {#if door.guests}
        <QuietAct command="drop-guests" undoable={false} class="pb-2" does="no guests any more" />
      {/if}
    </Fold>
  {/if}

  <Fold text={`Tokens, for programs: ${tokens.length === 0 ? 'none' : tokens.length}`} open={token !== ''}>
    <ul>
      {#each tokens as t (t.id)}
        <li class="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule">
          <div>
            <p><b>{t.name}</b></p>
            <p class="text-sm text-quiet">{MAY[t.role]}, until {dayAndYear(t.ends)}</p>
          </div>
          <QuietAct
            command="take-back-pass"
            values={{ passId: t.id }}
            undoable={false}
            does="take back"
            label="Take back the token of {t.name}"
          />
        </li>
      {/each}
    </ul>
    {#if token}
      <p class="my-2 border-l-4 border-heed pl-3">
        Copy it now, it is shown this once: <code class="block text-sm break-all select-all">{token}</code>
        A program sends it as <code class="text-sm">Authorization: Bearer …</code>
      </p>
    {/if}
    <ActionForm
      command="make-token"
      undoable={false}
      ondone={(done) => (token = (done.answer as { token: string }).token)}
      class="grid items-start gap-3 py-2 sm:grid-cols-3"
      label="A token"
    >
      {#snippet children({ busy, problemAt })}
        <TextField label="For what" name="name" problem={problemAt('name')} />
        <ChoiceField
          label="What it may"
          id="door-may"
          name="role"
          value="guest"
          items={[
            { value: 'guest', name: MAY.guest },
            { value: 'hand', name: MAY.hand }
          ]}
        />
        <TextField
          label="For how many days"
          name="days"
          problem={problemAt('days')}
          inputmode="numeric"
          value="90"
        />
        <div class="sm:col-span-3"><Button type="submit" outline disabled={busy}>Make a token</Button></div>
      {/snippet}
    </ActionForm>
  </Fold>
</section>
