import type { Glance } from '$lib/core/outlook';

const DAY = 1440;

/** Where the picture of a jar's souring ends: past what is still to come, and no further than was reckoned. */
export function endOf({ curve, spans, guide }: Glance, from: number, now: number | null): number {
  const last = curve[curve.length - 1]?.at ?? from + DAY;
  return Math.min(
    last,
    Math.max(
      (now ?? from) + 4 * DAY,
      (spans.fullySour.late ?? spans.fullySour.likely ?? from + 21 * DAY) + 2 * DAY,
      guide?.apart ? guide.to + DAY : 0
    )
  );
}
