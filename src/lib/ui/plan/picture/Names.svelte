<script lang="ts">
  import { WIDE, type Weeks } from './weeks';

  /** The names of months or weeks over the rows. */
  let { weeks }: { weeks: Weeks } = $props();
  const LETTER = 8;
</script>

<li class="sticky top-0 z-10 grid gap-x-4 bg-paper @xl:grid-cols-[11rem_1fr]" aria-hidden="true">
  <svg viewBox="0 0 {WIDE} 19" class="w-full @xl:col-start-2">
    <line x1={weeks.x(0)} x2={weeks.x(0)} y1="15" y2="19" stroke="var(--ink)" stroke-width="1.25" />
    {#each weeks.marks as m (m.week)}
      {#if weeks.x(m.week) + m.name.length * LETTER < WIDE}
        <text x={weeks.x(m.week) + 2} y="14" font-size="15" fill="var(--quiet)">{m.name}</text>
      {/if}
    {/each}
  </svg>
</li>
