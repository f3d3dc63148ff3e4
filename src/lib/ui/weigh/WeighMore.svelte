<script lang="ts">
  import { Input, Label, Textarea } from 'flowbite-svelte';
  import { dayOfWall } from '$lib/core/calendar';
  import type { Problem } from '$lib/words';
  import TextField from '../forms/TextField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';

  /** What is seldom said of a pick: another day, a count, a note. */
  interface Props {
    day: string;
    /** What one of it is called. */
    piece: string | undefined;
    problemAt: (field: 'day' | 'pieces' | 'note') => Problem | undefined;
  }
  let { day = $bindable(), piece, problemAt }: Props = $props();
  const house = useHouse();
</script>

<details class="md:col-span-2">
  <summary class="min-h-11 content-center text-sm underline underline-offset-4"
    >Another day, a count, a note</summary
  >
  <div class="grid gap-4 md:grid-cols-2">
    <div>
      <Label for="day">Picked on</Label>
      <Input id="day" type="date" max={dayOfWall(house.now)} bind:value={day} />
      {#if day}<input type="hidden" name="day" value={day} />{/if}
      <Trouble problem={problemAt('day')} />
    </div>
    <TextField
      label="How many pieces, if you counted"
      id="pieces"
      name="pieces"
      problem={problemAt('pieces')}
      inputmode="numeric"
      placeholder={piece ? `${piece}s` : ''}
    />
    <div>
      <Label for="note">Note</Label>
      <Textarea id="note" name="note" rows={2} class="w-full" />
      <Trouble problem={problemAt('note')} />
    </div>
  </div>
</details>
