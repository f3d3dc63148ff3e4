import { TOLERANCE, type Found } from './faults';
import { STORE_PLACES, type SeasonInput, type SeasonPlan, type StorePlace } from './types';

interface Lot {
  kg: number;
  readonly last: number;
}

/** Takes so much of lots, the one that spoils first before others; what they lack is said. */
function take(lots: Lot[], kg: number): number {
  let wants = kg;
  for (const lot of lots.sort((a, b) => a.last - b.last)) {
    const gone = Math.min(lot.kg, wants);
    lot.kg -= gone;
    wants -= gone;
  }
  return wants;
}

/** What is past its last week goes. */
function spoiled(lots: Lot[], week: number): number {
  let kg = 0;
  for (const lot of lots)
    if (lot.last <= week) {
      kg += lot.kg;
      lot.kg = 0;
    }
  return kg;
}

/** Raw by crop and week, and what of it spoils. */
export function checkRaw(input: SeasonInput, plan: SeasonPlan, found: Found) {
  return input.crops.flatMap((crop) => {
    const lots: Lot[] = crop.lots.map((l) => ({ ...l }));
    return input.weeks.flatMap((_, week) => {
      lots.push({ kg: crop.picks[week] ?? 0, last: week + crop.rawWeeks - 1 });
      const fresh = plan.fresh.reduce((a, f) => (f.cropId === crop.id && f.week === week ? a + f.kg : a), 0);
      if (fresh > crop.fresh + TOLERANCE.raw) found('fresh', week, crop.id);
      const made = plan.batches
        .filter((b) => b.week === week)
        .flatMap((b) => b.uses)
        .reduce((a, u) => (u.cropId === crop.id ? a + u.kg / crop.trim : a), 0);
      if (take(lots, fresh + made) > TOLERANCE.raw) found('raw-overdrawn', week, crop.id);
      const kg = spoiled(lots, week);
      return kg > 1e-9 ? [{ cropId: crop.id, week, kg }] : [];
    });
  });
}

/** Stock by style and place, what of it is thrown out, and the room and the bottles that it takes at the end of each week. */
export function checkStock(input: SeasonInput, plan: SeasonPlan, found: Found) {
  const room: Record<StorePlace, number[]> = {
    cold: input.weeks.map(() => 0),
    cellar: input.weeks.map(() => 0)
  };
  const bottles = input.weeks.map(() => 0);
  let [thrownKg, leftServings] = [0, 0];
  for (const style of input.styles)
    for (const place of STORE_PLACES) {
      const lots: Lot[] = [];
      input.weeks.forEach((_, week) => {
        lots.push(...comesIn(input, plan, { styleId: style.id, place, week, keeps: style.keeps[place] }));
        const of = (meals: SeasonPlan['eaten']) =>
          meals.reduce(
            (a, m) => (m.styleId === style.id && m.place === place && m.week === week ? a + m.kg : a),
            0
          );
        const out = of(plan.thrown);
        if (take(lots, of(plan.eaten) + out) > TOLERANCE.stock) found('stock-overdrawn', week, style.id);
        thrownKg += out + spoiled(lots, week);
        const stands = lots.reduce((a, l) => a + l.kg, 0);
        room[place][week]! += style.shelfPerKg * stands;
        if (style.bottled) bottles[week]! += stands / style.kgPerLitre;
      });
      leftServings += style.servingsPerKg * lots.reduce((a, l) => a + l.kg, 0);
    }
  for (const place of STORE_PLACES)
    input.weeks.forEach((week, t) => {
      if (room[place][t]! > week[place] + TOLERANCE.room) found('room', t, place);
    });
  bottles.forEach((litres, t) => {
    if (litres > input.bottles + TOLERANCE.room) found('bottles', t, '');
  });
  return { room, bottles, thrownKg, leftServings };
}

function comesIn(
  input: SeasonInput,
  plan: SeasonPlan,
  { styleId, place, week, keeps }: { styleId: string; place: StorePlace; week: number; keeps: number }
): Lot[] {
  const made = plan.batches
    .filter((b) => b.styleId === styleId)
    .flatMap((b) => b.ends)
    .filter((e) => e.place === place && e.week === week)
    .map((e) => ({ kg: e.kg, last: week + keeps - 1 }));
  const begun = input.standing
    .filter((s) => s.styleId === styleId && place === 'cold' && s.ready === week)
    .map((s) => ({ kg: s.kg, last: week + keeps - 1 }));
  const there = week === 0 ? input.stored.filter((s) => s.styleId === styleId && s.place === place) : [];
  return [...made, ...begun, ...there.map((s) => ({ kg: s.kg, last: s.last }))];
}
