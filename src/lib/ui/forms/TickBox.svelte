<script lang="ts">
  /** A large box, ticked or not: a finger or a wet knuckle finds it. What it means stands beside it. */
  let { on }: { on: boolean } = $props();
</script>

<span
  class="grid size-8 shrink-0 place-items-center rounded border-2 border-rule-strong text-xl font-bold {on
    ? 'bg-slate text-chalk'
    : ''}"
  aria-hidden="true"
  >{#if on}<svg viewBox="0 0 20 20" class="size-5" fill="none" stroke="currentColor" stroke-width="3"
      ><path d="M4 10.5 8.5 15 16 5" /></svg
    >{/if}</span
>
