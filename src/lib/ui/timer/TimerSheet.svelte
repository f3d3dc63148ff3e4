<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { ringing, SOUNDS, type Sound, type Timer } from '$lib/core/timer';
  import { SOUND_WORDS } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import QuietAct from '../forms/QuietAct.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import Sheet from '../forms/Sheet.svelte';
  import TextField from '../forms/TextField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { askToNotify, mayNotify } from './notify';
  import { play, wakeSound } from './sound';
  import { leftText, timers } from './timers.svelte';

  /** What runs, to be changed; and one more to be set. */
  const house = useHouse();
  let lasts = $state('');
  let name = $state('');
  let every = $state('');
  let next = $state('');
  let sound = $state<Sound | ''>('');
  let notifies = $state<'yes' | 'ask' | 'no'>('no');
  $effect(() => {
    if (!timers.open) return;
    ({ name, lasts, every, next } = timers.proposed);
    notifies = mayNotify();
  });
  const hear = async (one: Sound | '') => {
    sound = one;
    if (one !== '' && (await wakeSound())) play(one);
  };
  const rings = (t: Timer) => ringing(t, timers.now) !== null;
  const LONGER = ['longer', '5 minutes more'] as const;
  const changes = (t: Timer) => (rings(t) ? [LONGER] : [['shorter', '5 minutes less'] as const, LONGER]);
  const USUAL = ['5 min', '10 min', '20 min', '30 min', '1 h', '2 h'];
</script>

<Sheet bind:open={timers.open} title="Timers" placement="top-center">
  {#if timers.shown.length > 0}
    <ul aria-label="Running">
      {#each timers.shown as t (t.id)}
        <li class="line grid grid-cols-[1fr_auto] items-center gap-x-4">
          <p class="min-w-0 leading-tight">
            <b>{t.name}</b>{t.placeId ? `, ${house.placeName(t.placeId)}` : ''}
            {#if t.next}<span class="block text-sm text-quiet">{t.next}</span>{/if}
          </p>
          <b class="big text-xl tabular-nums" role="timer">{rings(t) ? 'now' : leftText(t, timers.now)}</b>
          <div class="col-span-2 flex flex-wrap gap-x-5">
            {#each changes(t) as [way, text] (way)}
              <QuietAct
                command="change-timer"
                values={{ timerId: t.id, way, by: '5 min' }}
                does={text}
                label="{t.name}: {text}"
              />
            {/each}
            <QuietAct command="end-timer" values={{ timerId: t.id }} does="stop" label="{t.name}: stop" />
          </div>
        </li>
      {/each}
    </ul>
  {/if}
  <ActionForm
    command="start-timer"
    class="grid gap-3 pt-2 sm:grid-cols-2"
    label="Set a timer"
    ondone={() => (timers.open = false)}
  >
    {#snippet children({ busy, problemAt })}
      <TextField
        label="What for"
        id="timer-name"
        name="name"
        bind:value={name}
        problem={problemAt('name')}
        placeholder="Cabbage rests"
        class="sm:col-span-2"
        maxlength={80}
      />
      <div class="sm:col-span-2">
        <TextField
          label="Rings in"
          id="timer-lasts"
          name="lasts"
          bind:value={lasts}
          problem={problemAt('lasts')}
          placeholder="20 min, 1 h 30, half an hour"
        />
        <div class="flex flex-wrap gap-x-5" role="group" aria-label="Usual times">
          {#each USUAL as usual (usual)}<button
              type="button"
              class="min-h-11 underline underline-offset-4"
              onclick={() => (lasts = usual)}>{usual}</button
            >{/each}
        </div>
      </div>
      <details class="sm:col-span-2" open={every !== '' || next !== ''}>
        <summary class="act">Turns on the way, where, what comes next, its sound</summary>
        <div class="grid gap-3 py-2 sm:grid-cols-2">
          <TextField
            label="And on the way every"
            id="timer-every"
            name="every"
            bind:value={every}
            problem={problemAt('every')}
            placeholder="only at the end"
          />
          <ChoiceField
            label="Where"
            id="timer-place"
            name="placeId"
            value=""
            items={[
              { value: '', name: 'not said' },
              ...house.household.places.map((p) => ({ value: p.id, name: p.name }))
            ]}
            problem={problemAt('placeId')}
          />
          <TextField
            label="What comes next"
            id="timer-next"
            name="next"
            bind:value={next}
            problem={problemAt('next')}
            class="sm:col-span-2"
            maxlength={200}
          />
          <ChoiceField
            label="Sounds like"
            id="timer-sound"
            name="sound"
            value={sound}
            items={[
              { value: '', name: 'one that no other has' },
              ...SOUNDS.map((s) => ({ value: s, name: SOUND_WORDS[s] }))
            ]}
            onchange={hear}
            problem={problemAt('sound')}
          />
        </div>
      </details>
      <div class="flex flex-wrap items-center gap-x-5 sm:col-span-2">
        <Button type="submit" disabled={busy}>Set it</Button>
        {#if notifies === 'ask'}<button
            type="button"
            class="min-h-11 text-sm underline underline-offset-4"
            onclick={async () => (notifies = await askToNotify())}
            >tell me when I look at something else</button
          >{/if}
      </div>
    {/snippet}
  </ActionForm>
</Sheet>
