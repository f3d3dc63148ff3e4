<script lang="ts">
  import { onMount } from 'svelte';
  import { mondayAhead } from '$lib/core/season';
  import { shortDay } from '$lib/words';
  import { wall } from '$lib/core/calendar';
  import { lookAgain } from '../../house/look-again';
  import { send } from '../../house/send';
  import { toasts } from '../../house/toasts.svelte';
  import type { Weeks } from './weeks';

  /** A planned start in the picture: dragged, or by the arrow keys, it is begun in another week; by Delete, not then. */
  interface Props {
    styleId: string;
    name: string;
    week: number;
    until: number;
    weeks: Weeks;
    y: number;
    high: number;
    fill: string;
    today: string;
    /** Of which plan it is: in the next one it stands where that has it. */
    of: object;
    /** Which start the hand is on, while the plan is laid out anew. */
    hand: { on: string | null };
  }
  let { styleId, name, week, until, weeks, y, high, fill, today, of, hand }: Props = $props();
  /** Weeks that the hand has moved it by, till it is let go. */
  let by = $state(0);
  let from: number | null = null;
  let busy = $state(false);
  const on = $derived(week + by);
  $effect(() => {
    void of;
    by = 0;
  });
  let box: SVGGElement;
  onMount(() => {
    if (hand.on === `${styleId} ${week}` && document.activeElement === document.body) box.focus();
  });
  const says = (t: number) => shortDay(wall(mondayAhead(today, t), 12));

  async function say(how: 'move' | 'not', to = ''): Promise<void> {
    busy = true;
    hand.on = how === 'move' ? `${styleId} ${on}` : null;
    // By then the plan is another one, and this start may be gone.
    const done =
      how === 'move' ? `${name}: in the week of ${says(on)}` : `${name}: not in the week of ${says(week)}`;
    const said = await send('say-start', { styleId, monday: mondayAhead(today, week), how, to });
    if (said.ok) {
      await lookAgain();
      toasts.say(done, { undo: said.commandId ?? null });
    } else {
      by = 0;
      toasts.say(said.problem.says, { tone: 'trouble', more: said.problem.wouldWork });
    }
    busy = false;
  }
  const letGo = () => {
    from = null;
    if (by !== 0) void say('move', mondayAhead(today, on));
  };
  const move = (weeksBy: number) => (by = Math.max(-week, Math.min(weeks.n - 1 - week, weeksBy)));
</script>

<g
  bind:this={box}
  role="button"
  tabindex={busy ? -1 : 0}
  aria-label="{name}, planned for the week of {says(
    on
  )}. Left and right: another week; Enter: so be it; Delete: not then."
  class="box"
  onpointerdown={(e) => {
    if (busy) return;
    e.currentTarget.setPointerCapture(e.pointerId);
    from = e.clientX;
  }}
  onpointermove={(e) => {
    if (from === null) return;
    const svg = e.currentTarget.ownerSVGElement!;
    const px = svg.getBoundingClientRect().width / svg.viewBox.baseVal.width;
    move(Math.round((e.clientX - from) / px / weeks.step));
  }}
  onpointerup={letGo}
  onpointercancel={() => {
    from = null;
    by = 0;
  }}
  onkeydown={(e) => {
    if (busy) return;
    if (e.key === 'ArrowLeft') move(by - 1);
    else if (e.key === 'ArrowRight') move(by + 1);
    else if (e.key === 'Escape') by = 0;
    else if (e.key === 'Enter') letGo();
    else if (e.key === 'Delete') void say('not');
    else return;
    e.preventDefault();
  }}
>
  <rect
    x={weeks.x(on) + 1}
    width={Math.max(3, weeks.x(Math.min(until + by, weeks.n)) - weeks.x(on) - 2)}
    {y}
    height={high}
    {fill}
    stroke="var(--ink)"
    stroke-dasharray="4 3"
    pointer-events="all"
  />
</g>

<style>
  .box {
    cursor: grab;
    touch-action: pan-y;
  }
  .box:active {
    cursor: grabbing;
  }
  .box:focus-visible {
    outline: 2px solid var(--ink);
    outline-offset: 2px;
  }
</style>
