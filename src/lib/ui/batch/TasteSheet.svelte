<script lang="ts">
  import { Label, Textarea } from 'flowbite-svelte';
  import type { TasteMarks } from '$lib/core/batch';
  import type { Problem } from '$lib/words';
  import Fold from '../forms/Fold.svelte';
  import TextField from '../forms/TextField.svelte';
  import Trouble from '../forms/Trouble.svelte';
  import { useHouse } from '../house/house.svelte';
  import Marks from './Marks.svelte';

  /** What is said of a taste: sour first, the rest as far as somebody cares to. */
  interface Props {
    id: string;
    said?: TasteMarks;
    /** The style's own words from hardly to fully sour. */
    tasting?: readonly string[];
    problem?: Problem | undefined;
  }
  let { id, said, tasting = [], problem }: Props = $props();
  const house = useHouse();
  // svelte-ignore state_referenced_locally
  const more = said !== undefined && (said.bite !== null || said.aroma !== null || said.who !== '');
</script>

<Marks
  legend="Sour"
  name="sour"
  low={tasting[0] ?? 'not'}
  high={tasting[3] ?? 'very'}
  value={said?.sour ?? null}
/>
<Trouble {problem} />
<label class="flex min-h-11 items-center gap-2">
  <input
    type="checkbox"
    name="liked"
    checked={said?.liked ?? false}
    class="size-5 rounded border-rule-strong text-primary-700"
  />
  As sour as we like it
</label>
<Marks legend="Salt" name="salt" low="flat" high="too salty" value={said?.salt ?? null} />
<Marks legend="Crunch" name="crunch" low="soft" high="crisp" value={said?.crunch ?? null} />
<Fold text="Bite, aroma, who tasted" open={more} quiet>
  <div class="flex flex-col gap-4 pt-2">
    <Marks legend="Bite" name="bite" low="gentle" high="hot, sharp" value={said?.bite ?? null} />
    <Marks legend="Aroma" name="aroma" low="faint" high="full" value={said?.aroma ?? null} />
    <TextField label="Who tasted" id="who-{id}" name="who" maxlength={80} value={said?.who ?? house.hand} />
  </div>
</Fold>
<div>
  <Label for="note-{id}">Note</Label><Textarea
    id="note-{id}"
    name="note"
    rows={2}
    class="w-full max-w-md"
    placeholder="more caraway, less salt"
    value={said?.note ?? ''}
  />
</div>
