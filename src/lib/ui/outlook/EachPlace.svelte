<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Ahead, PlaceAhead } from '$lib/core/outlook';
  import type { Place } from '$lib/core/kit';
  import { placeSays } from '$lib/words';
  import { placesAhead } from './outlooks.svelte';

  /** Places to choose from, each with what it would do to the jar; what nobody can reckon stands without. */
  let {
    ahead,
    places,
    each
  }: { ahead: Ahead | null; places: readonly Place[]; each: Snippet<[Place, string]> } = $props();
  let found = $state.raw<readonly PlaceAhead[]>([]);
  $effect(() => {
    let asked = true;
    if (ahead)
      void placesAhead(ahead, places).then((all) => {
        if (asked) found = all;
      });
    return () => (asked = false);
  });
  const says = (place: Place) => {
    const of = found.find((p) => p.placeId === place.id);
    return of ? placeSays(of) : ahead ? 'reckoning what it will do …' : '';
  };
</script>

{#each places as place (place.id)}{@render each(place, says(place))}{/each}
