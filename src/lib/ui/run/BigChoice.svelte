<script lang="ts">
  /** A choice for a wet finger: what it is, and what it leads to. */
  interface Props {
    on: boolean;
    says: string;
    leads: string;
    onchoose: () => void;
  }
  let { on, says, leads, onchoose }: Props = $props();
</script>

<button
  class={[
    'flex min-h-16 w-full max-w-3xl flex-col justify-center rounded-lg border-2 px-5 py-2 text-left',
    on ? 'border-ink bg-slate text-chalk' : 'border-rule-strong bg-raised'
  ]}
  aria-pressed={on}
  onclick={onchoose}
>
  <span class="text-[1.75rem] leading-tight font-semibold">{says}</span>
  <span class="text-lg">{leads}</span>
</button>
