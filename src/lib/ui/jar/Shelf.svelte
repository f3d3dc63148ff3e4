<script lang="ts" generics="T">
  import type { Snippet } from 'svelte';

  /** Jars standing side by side on a board, their feet on one line. */
  let {
    jars,
    key,
    jar,
    caption,
    lines = 3
  }: {
    jars: readonly T[];
    key: (one: T) => string;
    jar: Snippet<[T]>;
    caption: Snippet<[T]>;
    /** The longest caption has so many: room is kept for them under every jar. */
    lines?: number;
  } = $props();
</script>

<ul class="flex flex-wrap items-end gap-y-6">
  {#each jars as one (key(one))}
    <li class="flex min-w-0 flex-col items-center">
      <div class="flex w-full justify-center border-b-[6px] border-[var(--wood)] px-2">
        {@render jar(one)}
      </div>
      <div class="px-2 pt-2 text-center text-sm" style:min-height="{0.5 + 1.42 * lines}rem">
        {@render caption(one)}
      </div>
    </li>
  {/each}
</ul>
