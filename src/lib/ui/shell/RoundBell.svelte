<script lang="ts">
  import { minuteOfDay, MINUTES_PER_DAY, type WallMinute } from '$lib/core/calendar';
  import { news } from '../house/news.svelte';
  import { phone } from '../house/send';
  import { notify } from '../timer/notify';

  /** When a round falls due or the day ends, the page looks again; out of sight it says so, where the browser may. */
  interface Props {
    now: WallMinute;
    next: WallMinute | null;
    /** The demo's clock stands still between steps. */
    stepped: boolean;
    household: string;
  }
  let { now, next, stepped, household }: Props = $props();
  const MINUTE_MS = 60_000;
  const ASK_EVERY_MS = 15_000;
  const midnight = $derived(now - minuteOfDay(now) + MINUTES_PER_DAY);
  $effect(() => {
    if (stepped) return;
    const from = phone();
    const at = Math.min(next ?? Infinity, midnight);
    const left = (at - now) * MINUTE_MS;
    let said = false;
    // Asked again until the house has answered: then this is another round's.
    const ask = () => {
      if (phone() - from < left) return;
      if (at === next && !said) notify('A round is due', household, 'crockle-round');
      said = true;
      news.look();
    };
    const tick = setInterval(ask, ASK_EVERY_MS);
    document.addEventListener('visibilitychange', ask);
    return () => {
      clearInterval(tick);
      document.removeEventListener('visibilitychange', ask);
    };
  });
</script>
