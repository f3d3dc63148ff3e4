<script lang="ts">
  import type { Snippet } from 'svelte';
  import { WIDE, type Weeks } from './weeks';

  /** A row of the picture: what it is of, and its weeks, all rows by the same ones. */
  interface Props {
    name: string;
    says: string;
    weeks: Weeks;
    high: number;
    /** Something in it may be moved. */
    acts?: boolean;
    children: Snippet;
  }
  let { name, says, weeks, high, acts = false, children }: Props = $props();
</script>

<li class="grid gap-x-4 border-b border-rule-soft py-2 @xl:grid-cols-[11rem_1fr] @xl:items-end">
  <div>
    <p class="leading-tight font-semibold">{name}</p>
    <p class="text-sm leading-tight text-quiet">{says}</p>
  </div>
  <svg
    viewBox="0 0 {WIDE} {high}"
    class="w-full overflow-visible"
    role={acts ? 'group' : undefined}
    aria-label={acts ? name : undefined}
    aria-hidden={acts ? undefined : true}
  >
    {#each weeks.marks as m (m.week)}
      <line x1={weeks.x(m.week)} x2={weeks.x(m.week)} y1="0" y2={high} stroke="var(--rule-soft)" />
    {/each}
    {@render children()}
    <line x1={weeks.x(0)} x2={weeks.x(0)} y1="0" y2={high} stroke="var(--ink)" stroke-width="1.25" />
    <!-- Through the gap between two rows, where no words stand in it. -->
    <line
      x1={weeks.x(0)}
      x2={weeks.x(0)}
      y1="-20"
      y2="0"
      stroke="var(--ink)"
      stroke-width="1.25"
      class="hidden @xl:inline"
    />
  </svg>
</li>
