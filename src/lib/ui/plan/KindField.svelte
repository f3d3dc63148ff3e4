<script lang="ts">
  import type { Problem } from '$lib/words';
  import ChoiceField from '../forms/ChoiceField.svelte';
  import { useHouse } from '../house/house.svelte';
  import { styleNames } from './names';

  /** Which kind something is said of. */
  let { ids, problem }: { ids: readonly string[]; problem: Problem | undefined } = $props();
  const house = useHouse();
  const items = $derived(ids.map((id) => ({ value: id, name: styleNames(house.household)(id) })));
</script>

<ChoiceField label="Kind" name="styleId" {items} value={items[0]?.value} {problem} />
