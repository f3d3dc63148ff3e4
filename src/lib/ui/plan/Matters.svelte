<script lang="ts">
  import { untrack } from 'svelte';
  import { Label, Range } from 'flowbite-svelte';
  import { HOW_MUCH, MATTERS, type Matter, type Mattering } from '$lib/core/season';
  import { matterName, mattersHow } from '$lib/words';
  import ActionForm from '../forms/ActionForm.svelte';

  /** What matters less or more than usual: the plan is laid out by it. */
  let { matters }: { matters: Mattering } = $props();
  const uid = $props.id();
  /** Where a hand has put them, and they are not stored yet. */
  let moved = $state<Partial<Record<Matter, number>>>({});
  const stands = (m: Matter) => HOW_MUCH.indexOf(matters[m] ?? 'usual');
  const at = (m: Matter) => moved[m] ?? stands(m);
  /** A hand that goes on is waited for: where it ends is what is said. */
  const RESTS_MS = 500;
  const rests: Partial<Record<Matter, ReturnType<typeof setTimeout>>> = {};
  function rest(matter: Matter, form: HTMLFormElement | null, isBusy: () => boolean): void {
    clearTimeout(rests[matter]);
    rests[matter] = setTimeout(() => {
      if (isBusy()) return rest(matter, form, isBusy);
      delete rests[matter];
      form?.requestSubmit();
    }, RESTS_MS);
  }
  // What the house says now is where they stand, but for the one that a hand is on.
  $effect(() => {
    void matters;
    untrack(() => (moved = Object.fromEntries(Object.entries(moved).filter(([m]) => m in rests))));
  });
</script>

<ul class="grid gap-x-8 pt-2 sm:grid-cols-2">
  {#each MATTERS as matter (matter)}
    <li class="py-2">
      <ActionForm
        command="say-matter"
        values={{ matter, how: HOW_MUCH[at(matter)] }}
        onproblems={() => (moved[matter] = undefined)}
      >
        {#snippet children({ busy })}
          <Label for="{uid}-{matter}" class="flex justify-between">
            <span class="font-semibold">{matterName(matter)}</span>
            <span class="text-quiet">{mattersHow(HOW_MUCH[at(matter)]!)}</span>
          </Label>
          <Range
            id="{uid}-{matter}"
            min="0"
            max={HOW_MUCH.length - 1}
            step="1"
            appearance="auto"
            class="h-11 w-full accent-ink"
            value={at(matter)}
            aria-valuetext={mattersHow(HOW_MUCH[at(matter)]!)}
            onchange={(e) => {
              const { form, value } = e.currentTarget;
              moved[matter] = Number(value);
              rest(matter, form, () => busy);
            }}
          />
        {/snippet}
      </ActionForm>
    </li>
  {/each}
</ul>
