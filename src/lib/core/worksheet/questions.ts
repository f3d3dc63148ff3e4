import { crop, type Crop, type OwnCrops } from '../produce/index';
import { UNITS } from '../quantity/index';
import { byBulk, SHRED_BULK } from '../vessel/index';
import type { WorksheetItem } from './types';
import type { Worksheet } from './answers';

/** A weight that hardly can be, with the likely slip. Asked at once; answered by changing it or leaving it. */
export interface Question {
  readonly code:
    'prepared-too-little' | 'prepared-too-much' | 'jars-mostly-air' | 'jars-overfull' | 'dose-tenfold';
  readonly itemId: string | null;
  readonly slip: Slip | null;
  readonly values: Readonly<Record<string, number>>;
}

export type Slip = 'ten' | 'ounces' | 'pounds' | 'bowl';

const SLIPS: readonly (readonly [Slip, number])[] = [
  ['ten', 10],
  ['ounces', UNITS.oz.factor],
  ['pounds', UNITS.lb.factor / 1000]
];

/** A slip explains a ratio when it brings it this near. */
const NEAR = 1.35;

/** Between which units a slip can have happened. */
const BETWEEN: Readonly<Partial<Record<Slip, readonly string[]>>> = {
  ounces: ['g', 'oz'],
  pounds: ['kg', 'lb']
};

/**
 * Which slip explains a weight that is off by this ratio, and fits the unit that was typed.
 * Example: a tenth is `'ten'`, 1/28.35 is `'ounces'`, but not of something typed in kilos.
 */
export function slipOf(ratio: number, unit?: string): Slip | null {
  const off = (factor: number) => Math.exp(Math.abs(Math.log(ratio / factor)));
  const found = SLIPS.filter(([s]) => !unit || (BETWEEN[s]?.includes(unit) ?? true))
    .flatMap(([slip, f]) => [[slip, off(f)] as const, [slip, off(1 / f)] as const])
    .sort((a, b) => a[1] - b[1])[0];
  return found && found[1] < NEAR ? found[0] : null;
}

/** Prepared weights against what the pick should give: under half or over the picked weight is asked. */
export function weightQuestions(items: readonly WorksheetItem[], crops: OwnCrops): Question[] {
  return items.flatMap((item): Question[] => {
    const c = crop(item.cropId, crops);
    if (!c || item.preparedG === null || item.pickedG <= 0) return [];
    const expectedG = item.pickedG * (item.withTops && c.trimWithTops !== null ? c.trimWithTops : c.trim);
    const ratio = item.preparedG / expectedG;
    const values = { preparedG: item.preparedG, pickedG: item.pickedG, expectedG };
    if (ratio < 0.5)
      return [
        { code: 'prepared-too-little', itemId: item.id, slip: slipOf(ratio, item.preparedUnit), values }
      ];
    if (item.preparedG > item.pickedG * 1.02)
      return [
        {
          code: 'prepared-too-much',
          itemId: item.id,
          slip: slipOf(ratio, item.preparedUnit) ?? 'bowl',
          values
        }
      ];
    return [];
  });
}

/** Share of its room a jar should at least be filled to; under it a net weight is asked about. */
const HALF_FULL = 0.5;

/** So many times more than the jars hold is a slip rather than a glut. */
const OVERFULL = 1.8;

/** Share of the jars' room that was weighed for them: of each cut by what fills it, of shreds by bulk. */
function fillOf(w: Worksheet): number {
  const { roomMl } = w.chosen;
  if (roomMl <= 0) return 1;
  // What a rinse took away, it took of all alike.
  const kept = w.prepared.mean / w.items.reduce((a, i) => a + i.prepared.mean, 0);
  return w.items.reduce((sum, i) => {
    const g = i.prepared.mean * kept;
    return (
      sum +
      (byBulk(i.cut, i.packing) ? g / SHRED_BULK.mean / roomMl : jarShare(g, roomMl, i.crop, i.packing).share)
    );
  }, 0);
}

/** The sheet as a whole: jars mostly air, a dose many times the usual. */
export function sheetQuestions(w: Worksheet, usual: number): Question[] {
  const out: Question[] = [];
  const fill = fillOf(w);
  if (w.leftG > 0 && fill > OVERFULL && slipOf(fill) !== null)
    out.push({
      code: 'jars-overfull',
      itemId: null,
      slip: slipOf(fill),
      values: { fill, vegG: w.prepared.mean }
    });
  if (fill < HALF_FULL)
    out.push({
      code: 'jars-mostly-air',
      itemId: null,
      slip: slipOf(fill),
      values: { fill, vegG: w.packedG }
    });
  if (w.ends.equilibrium > 4 * usual)
    out.push({
      code: 'dose-tenfold',
      itemId: null,
      slip: slipOf(w.ends.equilibrium / usual),
      values: { ends: w.ends.equilibrium, usual }
    });
  return out;
}

/** Whether a reading fits the jar it stands in: a full jar of the cut, and the share of it. Example: 330 g of coins in a wide quart is 0.617. */
export function jarShare(
  netG: number,
  usableMl: number,
  crop: Pick<Crop, 'density'>,
  phi: number
): { fullG: number; share: number; ask: boolean } {
  const fullG = usableMl * phi * crop.density;
  return { fullG, share: netG / fullG, ask: netG / fullG < HALF_FULL || netG > fullG * 1.05 };
}
