import { TOLERANCE, type Found } from './faults';
import type { PlannedBatch, SeasonInput, SeasonPlan, SeasonStyle } from './types';

/** Each batch by itself. */
export function checkBatches(input: SeasonInput, plan: SeasonPlan, found: Found): void {
  const seen = new Set<string>();
  for (const b of plan.batches) {
    const key = `${b.styleId} ${b.week}`;
    if (seen.has(key)) found('twice', b.week, b.styleId);
    seen.add(key);
    const style = input.styles.find((s) => s.id === b.styleId)!;
    checkJarsOf(input, b, style, found);
    checkShares(b, style, found);
    checkEnds(input, b, style, found);
    for (let t = b.week; t < b.week + Math.max(1, style.careWeeks); t++)
      if (input.weeks[t]?.away) found('away', t, b.styleId);
  }
}

function checkJarsOf(input: SeasonInput, b: PlannedBatch, style: SeasonStyle, found: Found): void {
  let litres = 0;
  for (const { sizeId, n } of b.jars) {
    if (!style.sizes.includes(sizeId)) found('size', b.week, sizeId);
    if (b.week < input.firmWeeks && Math.abs(n - Math.round(n)) > 1e-6) found('half-jar', b.week, sizeId);
    litres += n * (input.sizes.find((j) => j.id === sizeId)?.litres ?? 0);
  }
  const { from, to } = style.litres;
  if (litres < from - TOLERANCE.other || litres > to + TOLERANCE.other) found('litres', b.week, b.styleId);
  if (Math.abs(b.kg - style.kgPerLitre * litres) > TOLERANCE.raw) found('kg-not-jars', b.week, b.styleId);
}

function checkShares(b: PlannedBatch, style: SeasonStyle, found: Found): void {
  const used = (cropId: string | null) => b.uses.reduce((a, u) => (u.cropId === cropId ? a + u.kg : a), 0);
  const off = style.shares.some(
    (s) => used(s.cropId) < s.from * b.kg - TOLERANCE.raw || used(s.cropId) > s.to * b.kg + TOLERANCE.raw
  );
  const strange = b.uses.some((u) => !style.shares.some((s) => s.cropId === u.cropId));
  const all = b.uses.reduce((a, u) => a + u.kg, 0);
  if (off || strange || Math.abs(all - b.kg) > TOLERANCE.raw) found('shares', b.week, b.styleId);
}

function checkEnds(input: SeasonInput, b: PlannedBatch, style: SeasonStyle, found: Found): void {
  const { from, to } = style.counter[b.week]!;
  for (const e of b.ends) {
    if (e.week < b.week + from) found('too-early', e.week, b.styleId);
    if (e.week > b.week + to) found('too-late', e.week, b.styleId);
    if (input.weeks[e.week]?.away) found('away', e.week, b.styleId);
    if (!(style.keeps[e.place] > 0) || !((input.weeks[e.week]?.[e.place] ?? 0) > 0))
      found('place', e.week, b.styleId);
  }
  const all = b.ends.reduce((a, e) => a + e.kg, 0);
  if (Math.abs(all - b.kg) > TOLERANCE.stock) found('parts', b.week, b.styleId);
}

/** Hours by week, no more than there are; and batches, and water. */
export function checkHands(input: SeasonInput, plan: SeasonPlan, found: Found): number[] {
  return input.weeks.map((week, t) => {
    const begun = plan.batches.filter((b) => b.week === t);
    const hours = begun.reduce((a, b) => {
      const { fixed, perKg } = input.styles.find((s) => s.id === b.styleId)!.hours;
      return a + fixed + perKg * b.kg;
    }, 0);
    if (hours > week.hours + 1e-3) found('hours', t, '');
    if (begun.length > week.batches) found('batches', t, '');
    const water = begun.reduce(
      (a, b) => a + b.kg * input.styles.find((s) => s.id === b.styleId)!.waterPerKg,
      0
    );
    if (water > week.water + TOLERANCE.room) found('water', t, '');
    return hours;
  });
}

/** Litres of the counter that are taken at the end of each week. */
export function checkCounter(input: SeasonInput, plan: SeasonPlan, found: Found): number[] {
  const shelf = (styleId: string) => input.styles.find((s) => s.id === styleId)?.shelfPerKg ?? 0;
  return input.weeks.map(({ counter }, t) => {
    const begun = input.standing.reduce((a, b) => (b.ready > t ? a + b.kg * shelf(b.styleId) : a), 0);
    let planned = 0;
    for (const b of plan.batches)
      for (const e of b.ends) if (b.week <= t && t < e.week) planned += e.kg * shelf(b.styleId);
    // What was begun already may be too much: that is nobody's plan.
    if (planned > Math.max(0, counter - begun) + TOLERANCE.room) found('counter', t, '');
    return begun + planned;
  });
}
