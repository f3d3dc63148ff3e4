<script lang="ts">
  import { massOf } from '$lib/core/contents';
  import type { Book } from '$lib/core/ledger';
  import { CAME_WORDS, WENT_WORDS } from '$lib/words';
  import GramsPicture from './GramsPicture.svelte';
  import GramsTable from './GramsTable.svelte';

  /** A book as picture and table. */
  let { book }: { book: Book } = $props();
  const came = $derived(book.came.map((l) => ({ name: CAME_WORDS[l.of], what: l.what })));
  const went = $derived(book.went.map((l) => ({ name: WENT_WORDS[l.of], what: l.what })));
  /** Under half a gram nothing is seen. */
  const SEEN_G = 0.5;
  const drawn = $derived({
    came: came.map((l) => ({ name: l.name, g: massOf(l.what) })).filter((l) => l.g > SEEN_G),
    went: [
      ...went.map((l) => ({ name: l.name, g: massOf(l.what) })),
      // Less than was reckoned goes out again.
      ...came.map((l) => ({ name: l.name, g: -massOf(l.what) })),
      { name: 'in the jars', g: massOf(book.stands) }
    ].filter((l) => l.g > SEEN_G)
  });
</script>

<div class="flex flex-col gap-5">
  <GramsPicture {...drawn} />
  <GramsTable {came} {went} stands={book.stands} />
</div>
