import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { eveningOut } from '$lib/core/worksheet';
import { preparedTyped } from '$lib/core/kitchen';
import { NEW_HOUSEHOLD, waysOf } from '$lib/core/kit';
import { atBench, evolveLot, prepared, taken, weighedIn } from '$lib/core/lot';
import { BRUISED_D, RAW_FLESH_D } from '$lib/core/salt';

const NUMBER = fc.constantFrom(
  '1',
  '2',
  '3',
  '7',
  '250',
  '640',
  '1 195',
  '1.5',
  '½',
  'two',
  'about 2',
  '2–3'
);
const UNIT = fc.constantFrom(
  '',
  'g',
  'kg',
  'lb',
  'oz',
  'pieces',
  'heads',
  'carrots',
  'peppers',
  'ml',
  'of them'
);

describe('one reading on the page and in the house', () => {
  it('a prepared weight as typed is on the page what the house stores, whatever is said', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('carrot', 'cabbage-white', 'pepper-wax', 'cucumber-small'),
        fc.constantFrom('metric' as const, 'US' as const),
        NUMBER,
        UNIT,
        fc.option(
          fc.record({
            mean: fc.double({ min: 20, max: 900, noNaN: true }),
            sd: fc.constant(9),
            n: fc.constant(3)
          }),
          {
            nil: undefined
          }
        ),
        (cropId, units, number, unit, ownPiece) => {
          const ways = waysOf({ ...NEW_HOUSEHOLD, units, spoons: units === 'US' ? 'US' : 'metric' });
          const said = `${number} ${unit}`.trim();
          const around = { ways, ownPiece, today: '2026-09-12' };
          const pick = weighedIn(
            {
              cropId,
              variety: '',
              bed: '',
              weight: '400 kg',
              gross: '',
              tare: '',
              withTops: false,
              quality: 'sound',
              kept: 'room',
              sure: true,
              note: ''
            },
            around
          );
          if (!pick.ok) throw new Error(pick.refusal.code);
          const lot = evolveLot('l', undefined, pick.value.event)!;
          const on = taken(lot, { weight: '', bench: 'a' }, ways);
          if (!on.ok) throw new Error(on.refusal.code);
          const there = atBench(evolveLot('l', lot, on.value.event)!, 'a');
          const house = prepared(there, { weight: said, unit: units === 'metric' ? 'g' : 'oz' }, around);
          const page = preparedTyped(said, cropId, ways, ownPiece);
          // What one cannot read the other cannot either; what both read is the same, with its spread.
          expect(page === null, said).toBe(!house.ok);
          if (!house.ok || house.value.event.type !== 'prepared') return;
          const { g, sd } = house.value.event.data.weighed!;
          expect([page!.g, page!.sd ?? 0], said).toEqual([g, sd ?? 0]);
        }
      ),
      { numRuns: 600 }
    );
  });
});

describe('one evening-out', () => {
  it.each([
    [
      'shreds rubbed with salt',
      [{ cropId: 'cabbage-white', cut: 'shred' as const }],
      'dry' as const,
      false,
      BRUISED_D
    ],
    [
      'rings rubbed with salt keep their shape',
      [{ cropId: 'onion', cut: 'ring' as const }],
      'dry' as const,
      false,
      RAW_FLESH_D
    ],
    ['pieces in brine', [{ cropId: 'carrot', cut: 'spear' as const }], 'brine' as const, false, RAW_FLESH_D],
    [
      'pieces that have soured',
      [{ cropId: 'carrot', cut: 'spear' as const }],
      'brine' as const,
      true,
      BRUISED_D
    ]
  ])('%s', (_, pieces, salting, soured, d) => {
    const out = eveningOut(pieces, salting, soured);
    expect(out.d).toBe(d);
    expect(out.hours).toBeGreaterThanOrEqual(1);
  });
  it('the thickest piece rules', () => {
    const thin = { cropId: 'carrot', cut: 'coin' as const };
    const thick = { cropId: 'cucumber-small', cut: 'upright' as const };
    expect(eveningOut([thin, thick], 'brine').hours).toBe(eveningOut([thick], 'brine').hours);
    expect(eveningOut([thin], 'brine').hours).toBeLessThan(eveningOut([thick], 'brine').hours);
  });
});
