<script lang="ts">
  import { tick } from 'svelte';
  import { standing, type BatchInHand, type Photo } from '$lib/core/batch';
  import { dayNumberOf } from '$lib/core/care';
  import { jarsSaid, shortDay } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import JarPicker from './JarPicker.svelte';
  import { shrunk } from './shrink';

  /** Its photos along the days; two of them side by side; another taken or chosen. */
  let { batch }: { batch: BatchInHand } = $props();
  const jars = $derived(standing(batch));
  const said = (p: Photo) =>
    `day ${dayNumberOf(batch, p.at)}, ${jarsSaid(
      batch.fillings.filter((f) => p.fillingIds.includes(f.id)).map((f) => f.lidNumber)
    )}`;
  /** What is looked at: the last two that were tapped, the older first. */
  let picked = $state<string[]>([]);
  const beside = $derived(batch.photos.filter((p) => picked.includes(p.id)));
  const pick = (id: string) => {
    picked = picked.includes(id) ? picked.filter((p) => p !== id) : [...picked.slice(-1), id];
  };
  let form: HTMLDivElement | undefined = $state();
  let image = $state('');
  let unread = $state(false);
  let shrinking = $state(false);
  let sure = $state<string | null>(null);

  async function chosen(input: HTMLInputElement) {
    const [file] = input.files ?? [];
    input.value = '';
    if (!file) return;
    shrinking = true;
    image = await shrunk(file);
    shrinking = false;
    unread = image === '';
    await tick();
    if (image) form?.closest('form')?.requestSubmit();
  }
</script>

<section aria-label="Photos">
  {#if batch.photos.length > 0}
    <ul class="flex gap-3 overflow-x-auto pb-2" aria-label="Photos along the days">
      {#each batch.photos as p (p.id)}
        <li class="shrink-0">
          <button
            class={[
              'block rounded-lg border-2 p-0.5 text-left',
              picked.includes(p.id) ? 'border-ink' : 'border-transparent'
            ]}
            aria-pressed={picked.includes(p.id)}
            onclick={() => pick(p.id)}
          >
            <img
              class="h-32 w-auto rounded-md"
              src="/photo/{p.id}"
              width={p.width}
              height={p.height}
              loading="lazy"
              alt="Photo, {said(p)}"
            />
            <span class="block text-sm">day {dayNumberOf(batch, p.at)}</span>
          </button>
        </li>
      {/each}
    </ul>
    {#if beside.length > 0}
      <div class={['grid gap-3 pb-2', beside.length === 2 && 'grid-cols-2']}>
        {#each beside as p (p.id)}
          <figure class="min-w-0">
            <img
              class="h-auto w-full rounded-lg"
              src="/photo/{p.id}"
              width={p.width}
              height={p.height}
              alt="Large: {said(p)}"
            />
            <figcaption class="text-sm">
              {said(p)}, {shortDay(p.at)}
              {#if sure === p.id}
                <ActionForm
                  command="delete-photo"
                  values={{ batchId: batch.id, of: p.id }}
                  undoable={false}
                  class="flex flex-wrap items-center gap-x-4"
                  ondone={() => {
                    picked = picked.filter((id) => id !== p.id);
                    sure = null;
                  }}
                >
                  {#snippet children({ busy })}
                    <span class="basis-full text-heed"
                      >It cannot come back. Backups made before still hold it until they are let go, at most
                      eight weeks.</span
                    >
                    <button
                      class="min-h-11 font-semibold text-heed underline underline-offset-4"
                      disabled={busy}>Delete it for good</button
                    >
                    <button
                      type="button"
                      class="min-h-11 underline underline-offset-4"
                      onclick={() => (sure = null)}>keep it</button
                    >
                  {/snippet}
                </ActionForm>
              {:else}<button
                  class="no-print min-h-11 underline underline-offset-4"
                  aria-label="Delete: {said(p)}"
                  onclick={() => (sure = p.id)}>delete</button
                >{/if}
            </figcaption>
          </figure>
        {/each}
      </div>
      {#if beside.length === 1 && batch.photos.length > 1}<p class="no-print text-sm text-quiet">
          Tap another, and the two stand side by side.
        </p>{/if}
    {/if}
  {/if}
  {#if jars.length > 0}
    <ActionForm
      command="add-photo"
      values={{ batchId: batch.id, image }}
      ondone={() => (image = '')}
      onproblems={() => (image = '')}
      label="A photo of these jars"
      class="no-print flex flex-col gap-2"
    >
      {#snippet children({ busy, problemAt })}
        <div class="flex flex-wrap items-end gap-x-6 gap-y-2" bind:this={form}>
          {#if jars.length > 1}<JarPicker {jars} problem={problemAt('fillingIds')} />
          {:else}<input type="hidden" name="fillingIds" value={jars[0]?.id} />{/if}
          <label class={['act cursor-pointer focus-within:outline-2', (busy || shrinking) && 'opacity-50']}>
            {busy || shrinking ? 'keeping it …' : 'Add a photo'}
            <input
              type="file"
              accept="image/*"
              class="sr-only"
              disabled={busy || shrinking}
              onchange={(e) => chosen(e.currentTarget)}
            />
          </label>
        </div>
        <Trouble problem={problemAt('image')} />
        {#if unread}<p class="text-sm text-heed" role="status">
            This browser cannot read that as a picture. A JPEG or PNG would do.
          </p>{/if}
        {#if batch.photos.length === 0}<p class="text-sm text-quiet">
            Taken or chosen, shrunk here, kept in the house without the place where it was taken.
          </p>{/if}
      {/snippet}
    </ActionForm>
  {/if}
</section>
