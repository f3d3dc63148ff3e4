<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { onMount } from 'svelte';
  import { goto } from '$app/navigation';
  import ActionForm from '$lib/ui/forms/ActionForm.svelte';
  import FewQuestions from '$lib/ui/first/FewQuestions.svelte';
  import FirstAnswer from '$lib/ui/first/FirstAnswer.svelte';
  import HaveIt from '$lib/ui/first/HaveIt.svelte';
  import { First } from '$lib/ui/first/first.svelte';
  import LookRound from '$lib/ui/shell/LookRound.svelte';
  import { provideHouse, useHouse } from '$lib/ui/house/house.svelte';

  const house = useHouse();
  const first = new First(() => house.now);
  // What is shown from here on is in the newcomer's units, before the house knows them.
  provideHouse(() => ({ household: first.house, now: house.now, hand: house.hand }));
  onMount(() => first.recall());
  let known = $state(false);
  $effect(() => {
    if (known) first.remember();
    known = true;
  });
  const something = $derived(first.lots.length > 0);
  // Once it is stored this page is on its way out: where to go on is known before.
  let wayOn = '/';
  const keep = () => {
    wayOn = something ? '/bench' : '/';
    return first.keepPicks();
  };
  const inside = () => {
    first.forget();
    void goto(wayOn, { invalidateAll: true });
  };
</script>

<svelte:head><title>Welcome · Crockle</title></svelte:head>

<div class="mx-auto max-w-2xl">
  <p class="font-display text-2xl font-extrabold">Crockle</p>
  <h1 class="mt-3">From what you picked to jars, brine and salt</h1>
  <div class="mt-4"><HaveIt {first} /></div>
  {#if something}<div class="mt-4"><FirstAnswer {first} /></div>{/if}

  <ActionForm
    command="settle"
    values={{ jars: JSON.stringify(first.jars), spoons: first.units }}
    undoable={false}
    before={keep}
    ondone={inside}
    label="First run"
  >
    {#snippet children({ busy, problemAt })}
      {#if first.keeping}<FewQuestions {first} {problemAt} />{/if}
      {#if first.trouble}<p class="heed mt-4" role="alert">{first.trouble}</p>{/if}
      <div class="mt-6 flex flex-wrap items-center gap-3">
        {#if first.keeping}<Button type="submit" size="lg" disabled={busy}
            >{something ? 'Put it on the Bench' : 'Begin'}</Button
          >{:else if something}<Button size="lg" onclick={() => (first.keeping = true)}>Keep this</Button
          >{:else}<button type="button" class="act" onclick={() => (first.keeping = true)}
            >Set up my kitchen</button
          >{/if}
        <button class="act" name="skip" value="true" disabled={busy}>Skip, I will look around first</button>
      </div>
    {/snippet}
  </ActionForm>
  <div class="mt-8 border-t border-rule-strong pt-3"><LookRound /></div>
</div>
