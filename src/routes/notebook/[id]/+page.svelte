<script lang="ts">
  import { Button } from 'flowbite-svelte';
  import { leftG, placeOf, salinityOf, standing, toFinish } from '$lib/core/batch';
  import { aheadOf, knowsOf } from '$lib/core/outlook';
  import { batchPHCautions, dayNumberOf, verdictsOf } from '$lib/core/care';
  import { SAUCE_BASES } from '$lib/core/correct';
  import { writePercent, writeSalt } from '$lib/core/quantity';
  import { saltKind, tasteWord } from '$lib/core/salt';
  import { isRule } from '$lib/core/safety';
  import { styleLike } from '$lib/core/style';
  import Later from '$lib/ui/house/Later.svelte';
  import { dialogs } from '$lib/ui/batch/dialogs.svelte';
  import OutlookSoon from '$lib/ui/outlook/OutlookSoon.svelte';
  import Photos from '$lib/ui/batch/Photos.svelte';
  import RecordRow from '$lib/ui/batch/RecordRow.svelte';
  import StandingJar from '$lib/ui/batch/StandingJar.svelte';
  import Verdicts from '$lib/ui/batch/Verdicts.svelte';
  import TaskRow from '$lib/ui/batch/TaskRow.svelte';
  import { useHouse } from '$lib/ui/house/house.svelte';
  import Shelf from '$lib/ui/jar/Shelf.svelte';
  import { undoCommand } from '$lib/ui/house/toasts.svelte';
  import WishForm from '$lib/ui/recipe/WishForm.svelte';
  import { clockTime, longDay } from '$lib/ui/time';
  import { LID_WORDS, ruleReason } from '$lib/words';
  import Cautions from '$lib/ui/why/Cautions.svelte';
  import AsMade from '$lib/ui/run/AsMade.svelte';
  import Why from '$lib/ui/why/Why.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const house = useHouse();
  const b = $derived(data.batch);
  const verdicts = $derived(verdictsOf(b, house.household.places));
  const live = $derived(b.fillings.some((f) => f.emptiedAt === null));
  const w = $derived(data.said.worksheet);
  let chosen = $state<string | null>(null);
  const shown = $derived(standing(b).find((f) => f.id === chosen) ?? standing(b)[0]);
  const ahead = $derived(shown ? aheadOf(b, shown, knowsOf(house.household, data.souring), house.now) : null);
  const reasonOf = (rule: string) => (isRule(rule) ? ruleReason(rule) : rule);
  // A season's care is many lines: the newest stand here, the rest a tap away, and all of them on paper.
  const NEWEST = 12;
  const lines = $derived([...data.said.lines].reverse());
  let whole = $state(false);
</script>

<svelte:head><title>{b.name} · Crockle</title></svelte:head>

<p class="no-print flex flex-wrap justify-between gap-x-6">
  <a class="act" href="/notebook">Notebook</a>
  {#if live}<span class="flex flex-wrap gap-x-6"
      >{#if toFinish(b).length > 0}<a class="act" href="/notebook/{b.id}/finish"
          >{b.finishing ? 'Go on finishing' : 'Finish it'}</a
        >{/if}
      <a class="act" href="/notebook/{b.id}/labels">Lid labels</a></span
    >{/if}
</p>
<div class="flex flex-wrap items-baseline justify-between gap-x-6">
  <h1>{b.name}</h1>
  <p class="big">{live ? `day ${dayNumberOf(b, house.now)}` : 'finished'}</p>
</div>
<p class="text-quiet">
  {b.style.name}{#if b.recipe}, by
    <a class="underline underline-offset-4" href="/notebook/recipes/{b.recipe.id}"
      >{b.recipe.name}, version {b.recipe.version}</a
    >{/if}. Started {longDay(b.startedAt)}, {clockTime(b.startedAt)}.{b.note
    ? ` ${b.note.replace(/\.$/, '')}.`
    : ''}
</p>
{#each b.knowing as rule (rule)}
  <p class="heed mt-2">Read before the start, and taken on knowingly: {reasonOf(rule)}</p>
{/each}

<div class="mt-5 grid gap-x-12 gap-y-8 lg:grid-cols-[1fr_22rem]">
  <div class="flex min-w-0 flex-col gap-7">
    <Shelf jars={b.fillings} key={(f) => f.id}>
      {#snippet jar(f)}
        <StandingJar
          batch={b}
          filling={f}
          scale={0.62}
          text="Jar {f.lidNumber}, {f.jarName}, {house.mass(leftG(f))} left"
          chosen={standing(b).length > 1 && shown?.id === f.id}
          {...f.emptiedAt === null && standing(b).length > 1 ? { onchoose: () => (chosen = f.id) } : {}}
        />
      {/snippet}
      {#snippet caption(f)}
        <p class="max-w-28 font-semibold">{f.jarName}</p>
        <p class="text-quiet">{f.emptiedAt === null ? house.placeName(placeOf(f)) : 'empty'}</p>
        <p>
          {house.mass(leftG(f))}{f.equilibrium === undefined
            ? ''
            : `, ${writePercent(salinityOf(b, f) ?? 0)} salt`}
        </p>
      {/snippet}
    </Shelf>
    {#if verdicts.length > 0}<Verdicts batch={b} {verdicts} />
    {:else}<Cautions cautions={batchPHCautions(b, house.household.places, house.now)} />{/if}
    {#if data.tasks.length > 0}
      <section>
        <h2 class="border-b-2 border-ink pb-1">Wants doing</h2>
        <ul class="@container">
          {#each data.tasks as task (task.key)}<TaskRow {task} batch={b} />{/each}
        </ul>
      </section>
    {/if}
    {#if live}
      <div class="no-print flex flex-wrap gap-2">
        <Button outline onclick={() => dialogs.show('taste', b)}>Taste</Button>
        <Button outline onclick={() => dialogs.show('ph', b)}>pH</Button>
        <Button outline onclick={() => dialogs.show('move', b)}>Move</Button>
        <Button outline onclick={() => dialogs.show('right', b)}>Put right</Button>
        {#if SAUCE_BASES[styleLike(b.styleId)]}<Button outline onclick={() => dialogs.show('sour', b)}
            >Add acid</Button
          >{/if}
      </div>
    {/if}
    {#if shown && ahead}
      <div>
        <h2 class="mb-2 border-b-2 border-ink pb-1">What jar {shown.lidNumber} will do</h2>
        {#key shown.id}<OutlookSoon {ahead} liking={data.likings[styleLike(b.styleId)] ?? null} />{/key}
      </div>
    {/if}
    {#if live || b.photos.length > 0}<div>
        <h2 class="mb-2 border-b-2 border-ink pb-1">Photos</h2>
        <Photos batch={b} />
      </div>{/if}
    <section>
      <h2 class="border-b border-rule-strong pb-1">Its record, newest first</h2>
      <ul>
        {#each lines as line, i (line.id)}<RecordRow {line} batch={b} folded={!whole && i >= NEWEST} />{/each}
        {#if lines.length > NEWEST}
          <li class="no-print border-b border-rule-soft">
            <button class="act" aria-expanded={whole} onclick={() => (whole = !whole)}
              >{whole ? `only the newest ${NEWEST}` : `and ${lines.length - NEWEST} before`}</button
            >
          </li>
        {/if}
        <li class="flex flex-wrap items-center gap-x-4 py-1">
          <time class="w-28 text-sm text-quiet">{longDay(data.said.begun).replace(/^\w+ /, '')}</time>
          <span class="grow"
            >{w ? 'Started' : 'Entered: it stood there already'}{#if data.said.by}<span
                class="text-sm text-quiet">, {data.said.by}</span
              >{/if}</span
          >
          <button
            class="no-print min-h-11 text-sm underline underline-offset-4"
            onclick={() => undoCommand(b.id)}
            aria-label="Undo the start of this batch">undo</button
          >
        </li>
      </ul>
    </section>
  </div>

  <aside class="flex flex-col gap-6">
    <section>
      <h2 class="border-b-2 border-ink pb-1">What went in</h2>
      <dl>
        {#each b.items as item (item.lotId ?? item.cropId)}<div
            class="line flex items-center justify-between gap-4"
          >
            <dt>{item.name}</dt>
            <dd class="font-semibold">{house.mass(item.preparedG)}</dd>
          </div>{/each}
        {#each w?.extras ?? [] as extra (extra.id)}
          <div class="line flex items-center justify-between gap-4">
            <dt>{extra.name}{extra.allergen ? ` (${extra.allergen})` : ''}</dt>
            <dd class="font-semibold">{house.mass(extra.g)}</dd>
          </div>
        {/each}
        {#if b.saltG !== null}<div class="line flex items-center justify-between gap-4">
            <dt>{saltKind(b.saltKindId ?? '')?.name ?? 'Salt'}</dt>
            <dd class="font-semibold">
              {writeSalt(b.saltG)}
              <Why working={w?.working.find((x) => x.id === 'salt')} />
            </dd>
          </div>{/if}
        {#each b.rinses as r, i (i)}
          <div class="line flex items-center justify-between gap-4">
            <dt>Rinse {i + 1}</dt>
            <dd class="text-right font-semibold">
              {[
                r.after,
                r.taste ? `tasted ${tasteWord(r.taste)?.says ?? r.taste}` : '',
                r.salinity ? `${r.salinity.replace('%', '').trim()} % in the juice` : ''
              ]
                .filter(Boolean)
                .join(', ') || 'not measured'}
            </dd>
          </div>
        {/each}
        {#if b.brinePlannedMl !== null && b.brineUsedMl !== null}
          <div class="line flex items-center justify-between gap-4">
            <dt>Brine, planned and used</dt>
            <dd class="text-right font-semibold">
              {house.volume(b.brinePlannedMl)}, {house.volume(b.brineUsedMl)}
              <Why working={w?.working.find((x) => x.id === 'brine')} />
            </dd>
          </div>
        {/if}
        <div class="line flex items-center justify-between gap-4">
          <dt>Salt settles at</dt>
          <dd class="font-semibold">
            {b.equilibrium === null ? 'unknown' : writePercent(b.equilibrium)}
            <Why working={w?.working.find((x) => x.id === 'ends')} />
          </dd>
        </div>
      </dl>
    </section>
    <section>
      <h2 class="border-b-2 border-ink pb-1">Where it went</h2>
      <dl>
        {#each [['filled', data.ledger.filledG], ['eaten', data.ledger.eatenG], ['cooked with', data.ledger.cookedG], ['given', data.ledger.givenG], ['thrown away', data.ledger.thrownG], ['left', data.ledger.leftG]] as const as [name, g] (name)}
          {#if g > 0.5}<div class="line flex justify-between">
              <dt>{name}</dt>
              <dd class="font-semibold">{house.mass(g)}</dd>
            </div>{/if}
        {/each}
      </dl>
      <a class="act no-print" href="/notebook/{b.id}/grams">Every gram</a>
    </section>
    {#if data.making}<AsMade making={data.making} fillings={b.fillings} />{/if}
    {#if data.recipe}
      <section class="no-print">
        <h2 class="border-b-2 border-ink pb-1">Next time</h2>
        <WishForm recipe={data.recipe} batchId={b.id} />
      </section>
    {/if}
    <p class="text-sm text-quiet">
      Lids: {[...new Set(b.fillings.map((f) => LID_WORDS[f.lid]))].join('; ')}.
    </p>
  </aside>
</div>

<Later load={() => import('$lib/ui/batch/BatchDialogs.svelte')} props={{ souring: data.souring }} />
