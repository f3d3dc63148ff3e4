<script lang="ts">
  import { useHouse } from '../house/house.svelte';
  import NamedWeights from './NamedWeights.svelte';

  /** Bowls and jars weighed empty once, so that they may stay on the scale. */
  const house = useHouse();
</script>

<NamedWeights
  id="tares"
  title="Bowls and jars, weighed empty"
  things={house.household.tares}
  command="set-tare"
  none="Weigh a bowl once, and it may stay on the scale ever after."
  adds="Add a bowl or jar, or weigh one again"
  label="A bowl"
  weighs="Empty it weighs"
  example={{ name: 'Blue bowl', weight: '412 g' }}
/>
