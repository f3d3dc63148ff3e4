<script lang="ts">
  import ActionForm from '../forms/ActionForm.svelte';
  import { useHouse } from '../house/house.svelte';
  import NamedWeights from './NamedWeights.svelte';

  /** Portions as this household calls them: a bowl, a bottle, for four. Cold offers each with one tap. */
  const house = useHouse();
</script>

<NamedWeights
  id="portions"
  title="Your portions"
  things={house.household.portions}
  command="set-portion"
  none="None yet: jars are eaten by quarters and by weight. Say what a bowl of yours holds."
  adds="Add a portion, or weigh one again"
  label="A portion"
  weighs="It holds"
  example={{ name: 'A bowl', weight: '150 g' }}
>
  {#snippet more(p)}
    <ActionForm command="set-portion" values={{ name: p.name, weight: '0 g' }}>
      {#snippet children({ busy })}<button class="act" disabled={busy} aria-label="No longer: {p.name}"
          >no longer</button
        >{/snippet}
    </ActionForm>
  {/snippet}
</NamedWeights>
