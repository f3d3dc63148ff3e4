<script lang="ts">
  import { untrack } from 'svelte';
  import { stageFrom, type Ahead } from '$lib/core/outlook';
  import { storedSays } from '$lib/words';
  import { useHouse } from '../house/house.svelte';
  import { relativeDay } from '../time';
  import { glances, keyOf } from './outlooks.svelte';

  /** How sour a stored jar is by now and when it will be sourer: the cold sours on, slowly. */
  let { ahead }: { ahead: Ahead } = $props();
  const house = useHouse();
  const key = $derived(keyOf(ahead));
  $effect(() => {
    const asked = key;
    untrack(() => glances.ask(asked));
  });
  const seen = $derived(glances.of(key));
</script>

<p class="min-h-6 text-sm text-quiet" data-stored>
  {seen
    ? storedSays(stageFrom(seen, house.now), (at) => relativeDay(at, house.now))
    : 'Reckoning how sour it is …'}
</p>
