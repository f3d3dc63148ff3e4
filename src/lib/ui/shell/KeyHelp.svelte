<script lang="ts">
  import Sheet from '../forms/Sheet.svelte';
  import { BESIDE, WAY } from './rooms';

  let { open = $bindable() }: { open: boolean } = $props();
  const more = [
    ['w', 'weigh in'],
    ['r', 'set a timer that rings'],
    ['z', 'the kitchen scale'],
    ['/', 'find a batch, a jar number, a room'],
    ['?', 'these keys'],
    ['Esc', 'close what is open']
  ];
</script>

<Sheet bind:open title="Keys" size="xs">
  <dl>
    {#each [...WAY, ...BESIDE].map((r) => [r.key, r.name]).concat(more) as [key, what] (key)}
      <div class="flex justify-between gap-4 border-b border-rule py-1.5">
        <dt>{what}</dt>
        <dd><kbd class="font-bold">{key}</kbd></dd>
      </div>
    {/each}
  </dl>
</Sheet>
