<script lang="ts">
  import { Button, Checkbox } from 'flowbite-svelte';
  import { RUN_WORDS } from '$lib/words';
  import type { Worksheet } from '$lib/core/worksheet';
  import type { Bench } from '../bench/bench.svelte';
  import Answer from '../bench/Answer.svelte';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import { useHouse } from '../house/house.svelte';
  import Cautions from '../why/Cautions.svelte';

  /** The last lid: place, tray, who opens it; then the batch begins. */
  let { bench, sheet, onclose }: { bench: Bench; sheet: Worksheet; onclose: () => void } = $props();
  const house = useHouse();
  const counters = $derived(house.household.places.filter((p) => p.kind === 'counter'));
</script>

<p class="text-[1.75rem] leading-snug font-semibold">{RUN_WORDS.close}</p>
<p class="text-xl">Rims wiped, on a tray: it will run over. The batch counts from the last lid.</p>
<Answer {sheet} dry={bench.salting !== 'brine'} />
<div class="grid max-w-2xl gap-4">
  <ChoiceField
    label="Stands"
    id="run-place"
    value={bench.place?.id ?? ''}
    items={counters.map((p) => ({ value: p.id, name: `${p.name}, ${house.temp(p.tempC)}` }))}
    onchange={(placeId) => bench.choose({ placeId })}
  />
  <Checkbox checked={bench.opens} onchange={(e) => bench.choose({ opens: e.currentTarget.checked })}
    >Somebody is here daily to open lids</Checkbox
  >
</div>
<Cautions cautions={sheet.cautions} />
<Button size="xl" class="min-h-16 max-w-2xl text-2xl" onclick={onclose}>Lids are closed</Button>
