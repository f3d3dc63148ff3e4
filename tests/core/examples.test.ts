import { describe, expect, it } from 'vitest';
import { readCount, readNumber } from '$lib/core/reading';
import {
  addDays,
  dayNumber,
  dayOf,
  dayOfWall,
  daysBetween,
  isDay,
  minuteOfDay,
  wall,
  wallText,
  weekday
} from '$lib/core/calendar';
import { nextLidNumbers } from '$lib/core/batch';
import { pHLineDay } from '$lib/core/care';
import { crop, keepsRaw, meanPiece, preparedFrom, trimKey, weightOfCount } from '$lib/core/produce';
import {
  as,
  onTable,
  celsius,
  celsiusDifference,
  fahrenheit,
  plain,
  plusMinus,
  relativeSd,
  roundBrineUp,
  roundSalt,
  sdOfRange,
  together,
  unitFor,
  writePercent,
  writeShare,
  writeDegrees,
  writeTemperature
} from '$lib/core/quantity';
import { done, refuse } from '$lib/core/refusal';
import {
  brineDensity,
  brineFrom,
  brineOf,
  brought,
  evenAfterHours,
  fleshShare,
  gPerTeaspoon,
  mustAsk,
  salometer,
  saltForDose,
  saltForEquilibrium,
  saltKind,
  saltyIngredient,
  saturation,
  spoonsFor,
  strengthByWater,
  timeConstantHours,
  trueStrength,
  waterDensity,
  weighOut
} from '$lib/core/salt';
import { heatCautions, pHCautions, placeCautions, saltCautions } from '$lib/core/safety';
import { cutFor, style, usualSaltFor } from '$lib/core/style';
import {
  chooseJars,
  compareKeys,
  fillInTurn,
  headspaceMl,
  jarGeometry,
  packing,
  pieceRadius,
  profile,
  roomNeeded,
  setOf,
  shareByRoom,
  usableMl,
  usualHeadspace
} from '$lib/core/vessel';
import { jarShare, slipOf, zoneOf } from '$lib/core/worksheet';

/** Every docstring of core that gives an example with a number is repeated here. */
const about = (value: number, wanted: number, places = 3) => expect(value).toBeCloseTo(wanted, places);
const se = as.equilibriumSalinity;
const b = as.trueStrength;

describe('the examples in the docstrings', () => {
  it('refusal', () => {
    expect(done(3)).toEqual({ ok: true, value: 3 });
    expect(refuse('missing', { field: 'weight' }).refusal.code).toBe('missing');
  });

  it('calendar', () => {
    expect(isDay('2027-02-29')).toBe(false);
    expect(dayNumber('1970-01-11')).toBe(10);
    expect(dayOf(10)).toBe('1970-01-11');
    expect(addDays('2028-02-20', 14)).toBe('2028-03-05');
    expect(daysBetween('2026-10-08', '2026-11-03')).toBe(26);
    expect(weekday('2026-09-12')).toBe(6);
    expect(wall('1970-01-02', 8, 10)).toBe(1930);
    expect(dayOfWall(1930)).toBe('1970-01-02');
    expect(minuteOfDay(1930)).toBe(490);
    expect(wallText(1930)).toBe('1970-01-02T08:10');
  });

  it('quantity', () => {
    expect(unitFor('tablespoons', 'AU')?.factor).toBe(20);
    expect(unitFor('firkin', 'AU')).toBeUndefined();
    about(celsius(70), 21.111);
    about(fahrenheit(21), 69.8);
    about(celsiusDifference(10), 5.556);
    expect(plain(2.5, 2)).toBe('2.5');
    expect([readNumber('1½'), writeTemperature(21, 'US'), writeDegrees(5, 'US')]).toEqual([
      1.5,
      '70\u00a0°F',
      '9\u00a0°F'
    ]);
    about(roundSalt(62.4), 62);
    about(roundBrineUp(1301), 1350);
    expect(writePercent(0.02349)).toBe('2.3\u00a0%');
    expect([writeShare(0.0004), writeShare(0.0012)]).toEqual(['0.04', '0.1']);
    about(plusMinus({ mean: 5120, sd: 384 }), 631.6, 1);
    about(sdOfRange(0.96, 0.997), 0.01125, 5);
    expect(relativeSd(1)).toBe(0);
    about(together(3, 4), 5);
  });

  it('produce', () => {
    expect(crop('kohlrabi', [])?.trim).toBe(0.73);
    expect(preparedFrom(6400, crop('cabbage-white', [])!, false)).toEqual({ mean: 5120, sd: 384 });
    expect(keepsRaw(crop('cucumber-small', [])!, 'room', 'sound')).toBe(4);
    expect(trimKey('turnip', true)).toBe('turnip+tops');
    about(meanPiece({ pieceG: 18, pieceGsd: 1.5 }), 19.54, 2);
    about(weightOfCount(12, { pieceG: 18, pieceGsd: 1.5 }, 0).sd, 28.62, 1);
    expect(readCount('half a head', crop('cabbage-white', [])!, [])).toMatchObject({
      value: { n: 0.5, piece: { pieceG: 908 } }
    });
  });

  it('salt', () => {
    about(waterDensity(20), 0.9982, 4);
    about(brineDensity(b(0.03), 20), 1.0196, 3);
    expect(saturation(20)).toBe(0.2641);
    expect(
      [2.5, 99].map((at) =>
        onTable(
          [
            [0, 10],
            [10, 20]
          ],
          at
        )
      )
    ).toEqual([12.5, 20]);
    about(salometer(b(0.03)), 11.366);
    about(saltForEquilibrium(se(0.022), 1372.1), 30.87, 1);
    about(saltForDose('perTotal', 0.025, { waterG: 0, vegG: 742, vegWaterG: 690 }), 18.55);
    about(trueStrength(as.perWater(0.032)), 0.03101, 5);
    about(strengthByWater(b(0.05034)), 0.053, 4);
    about(brineOf(2000, b(0.03), 20).naclG, 61.18, 1);
    about(brineFrom(47.91, 1497, 20).volumeMl, 1514, 0);
    about(gPerTeaspoon(saltKind('pickling')!, 'US'), 5.91, 2);
    about(spoonsFor(23.5, saltKind('pickling')!, 'US').atRoundedG, 23.66, 2);
    expect(saltKind('sea-fine')?.purity).toBe(0.985);
    about(weighOut(40, { purity: 0.92 }), 43.48, 2);
    expect(saltyIngredient('fish-sauce')?.nacl).toBe(0.1996);
    about(brought([{ id: 'fish-sauce', g: 73.02 }]).naclG, 14.57, 2);
    about(timeConstantHours(5, 1e-9), 1.2, 2);
    about(evenAfterHours(5, 1.5e-10), 21, 0);
    about(fleshShare(evenAfterHours(5, 1e-9), 5, 1e-9), 0.95, 6);
    expect([mustAsk([0.02, 0.0208]), mustAsk([0.02, 0.022])]).toEqual([false, true]);
  });

  it('vessel', () => {
    expect(jarGeometry('clip-1000')?.brimMl).toBe(1060);
    expect(usualHeadspace(jarGeometry('crock-us-1gal')!)).toBe(66);
    about(headspaceMl(76, 25), 113.4, 1);
    about(usableMl({ ...jarGeometry('us-quart-wide')!, brimMl: 984.2 }, 25, 35), 835.8, 1);
    expect(Math.abs(profile(jarGeometry('clip-1000')!).bodyWidthMm - 98)).toBeLessThan(2);
    expect(packing('cucumber-small', 'upright')).toBe(0.62);
    expect(pieceRadius('cucumber-small', 'upright')).toBe(15);
    about(roomNeeded([{ vegG: 1500, density: 1, packing: 0.52 }]), 2884.6, 1);
    const jars = [428.5, 870.8, 1855].map((usableMl, i) => ({
      id: 'abc'[i]!,
      usableMl,
      free: [4, 5, 2][i]!
    }));
    expect(chooseJars(2884.6, jars, { leastFill: 0.6 }).sets[0]!.counts).toEqual({ a: 1, b: 1, c: 1 });
    expect(compareKeys([0, 0, 1, 5], [0, 0, 2, 0])).toBe(-1);
    expect(setOf({ x: 1 }, 1000, [{ id: 'x', usableMl: 900, free: 1 }]).leftMl).toBe(100);
    about(shareByRoom(1050, [870.8, 870.8, 428.5])[2]!, 207.3, 1);
    expect(fillInTurn(1500, [928, 928])).toEqual([928, 572]);
  });

  it('style, safety, care, batch', () => {
    expect(style('pieces')?.salting).toBe('brine');
    expect(cutFor(style('pieces')!, crop('cabbage-pointed', [])!)).toBe('chunk');
    expect(usualSaltFor(style('pieces')!, ['cucumber-small'])).toBe(0.03);
    expect(saltCautions(0.014).map((c) => c.level)).toEqual(['harm']);
    expect(saltCautions(0.022)).toEqual([]);
    expect(placeCautions('Cellar', 12)).toHaveLength(1);
    expect(heatCautions(2, 'Jalapeño')).toHaveLength(1);
    expect(pHCautions({ readings: [4.8], day: 8, lineDay: 7, startsNearLine: false })).toHaveLength(1);
    expect([pHLineDay(style('shredded')!, 21), pHLineDay(style('shredded')!, 17)]).toEqual([7, 10]);
    expect(
      nextLidNumbers(
        2,
        [
          { lidNumber: 1, emptiedAt: null },
          { lidNumber: 2, emptiedAt: 999 }
        ],
        1000
      )
    ).toEqual([3, 4]);
  });

  it('worksheet', () => {
    expect(zoneOf(0.022).id).toBe('usual');
    expect([slipOf(0.1), slipOf(1 / 28.35)]).toEqual(['ten', 'ounces']);
    about(jarShare(330, 870.8, crop('kohlrabi', [])!, 0.62).share, 0.617);
  });
});
