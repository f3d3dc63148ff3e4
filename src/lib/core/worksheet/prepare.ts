import { crop, preparedFrom, trimKey, type Crop, type Cut } from '../produce/index';
import type { Learned } from '../learn/index';
import { together, type Spread } from '../quantity/index';
import { brought, rinsedLeaf, type Brought, type RinsedLeaf } from '../salt/index';
import { cutFor, type Salting, type Style } from '../style/index';
import { byBulk, LOOSE_SHREDS, packsInStyle, SHRED_BULK } from '../vessel/index';
import type { WorksheetInput, WorksheetItem } from './types';
import type { PreparedItem } from './answers';

/** Everything that goes in, added up. */
export interface GoingIn {
  readonly items: readonly PreparedItem[];
  readonly prepared: Spread;
  readonly vegWater: Spread;
  /** Room in jars, ml: flesh over packing, or shreds over bulk weight. */
  readonly needMl: number;
  /** Flesh volume that pushes brine aside, ml. */
  readonly flesh: Spread;
  readonly hottest: Crop | undefined;
  /** Salt, water and room that salty ingredients bring. */
  readonly brought: Brought;
}

type Prepared = Pick<WorksheetInput, 'items' | 'crops'> &
  Partial<Pick<WorksheetInput, 'trims' | 'packings' | 'extras' | 'salting'>>;

/** A weighing is good to about this share of itself: bowl, drops, reading. Common practice, no source. */
const WEIGHING_SD = 0.005;

/** Cuts, weighs and adds up what is on the bench; items of an unknown crop do not get this far. */
export function goingIn(input: Prepared, s: Style): GoingIn {
  const { items, extras = [] } = input;
  const rows = items.flatMap((item) => {
    const c = crop(item.cropId, input.crops);
    return c ? [{ item: prepare(item, c, s, input), c }] : [];
  });
  const sum = (f: (r: (typeof rows)[number]) => number) => rows.reduce((a, r) => a + f(r), 0);
  const sds = (f: (r: (typeof rows)[number]) => number) => together(...rows.map(f));
  const density = (c: Crop) => c.soakedDensity ?? c.density;
  return {
    items: rows.map((r) => r.item),
    prepared: { mean: sum((r) => r.item.prepared.mean), sd: sds((r) => r.item.prepared.sd) },
    vegWater: {
      mean: sum((r) => r.item.prepared.mean * r.c.moisture),
      sd: sds((r) => together(r.item.prepared.mean * r.c.moistureSd, r.item.prepared.sd * r.c.moisture))
    },
    needMl: sum(({ item, c }) => item.prepared.mean / fillsPerMl(c, item.cut, item.packing)),
    flesh: {
      mean: sum((r) => r.item.prepared.mean / density(r.c)),
      sd: sds((r) =>
        together(
          r.item.prepared.sd / density(r.c),
          (r.item.prepared.mean * r.c.densitySd) / density(r.c) ** 2
        )
      )
    },
    hottest: rows
      .map((r) => r.c)
      .reduce<Crop | undefined>((a, c) => (a && a.heat >= c.heat ? a : c), undefined),
    brought: brought(extras)
  };
}

function prepare(item: WorksheetItem, c: Crop, s: Style, input: Prepared): PreparedItem {
  const weighed = item.preparedG !== null;
  const own = input.trims?.[trimKey(c.id, item.withTops)];
  const cut = cutFor(s, c);
  const packs = packsOf(s, c, input.salting ?? s.salting, input.packings);
  return {
    id: item.id,
    cropId: c.id,
    name: c.name,
    crop: c,
    cut,
    ...(s.ownCut ? { ownCut: s.ownCut } : {}),
    pickedG: item.pickedG,
    prepared:
      item.preparedG === null
        ? estimated(item, c, own)
        : { mean: item.preparedG, sd: together(item.preparedG * WEIGHING_SD, item.preparedSdG ?? 0) },
    weighed,
    trimFrom: own?.n ?? 0,
    packing: packs.fraction,
    packingFrom: packs.from
  };
}

/** How tight a crop packs in a cut, and from how many of the household's batches that is known; 0: from the table. */
export interface Packs {
  readonly fraction: number;
  readonly from: number;
}

/**
 * How tight a crop packs in a style: as the household's batches taught, else as the table says; shreds by their salting, pressed
 * in their own juice (1, by bulk weight) or loose under brine.
 */
export function packsOf(
  s: Style,
  c: Crop,
  salting: Salting,
  learnt: Readonly<Record<string, Learned>> = {}
): Packs {
  const cut = cutFor(s, c);
  if (cut === 'shred') return { fraction: salting === 'brine' ? LOOSE_SHREDS : 1, from: 0 };
  const { key, table } = packsInStyle(s, c, cut);
  const own = learnt[key];
  return { fraction: own?.mean ?? table, from: own?.n ?? 0 };
}

/** Grams of prepared vegetables that one ml of jar room takes: bulk weight for pressed shreds, else density × packing. */
export const fillsPerMl = (c: Crop, cut: Cut, fraction: number): number =>
  byBulk(cut, fraction) ? SHRED_BULK.mean : c.density * fraction;

/** What the pick should give, by the household's trim yield or the table's, and by how well the pick is known. */
function estimated(item: WorksheetItem, c: Crop, own: Learned | undefined): Spread {
  const est = own
    ? { mean: item.pickedG * own.mean, sd: item.pickedG * own.sd }
    : preparedFrom(item.pickedG, c, item.withTops);
  const share = item.pickedG > 0 ? est.mean / item.pickedG : 0;
  return { mean: est.mean, sd: together(est.sd, (item.pickedSdG ?? 0) * share) };
}

/** Heavy salting: the leaf as it comes out of the rinse, in place of what was prepared. */
export function afterRinse(
  going: GoingIn,
  s: Style,
  salting: Salting,
  input: Pick<WorksheetInput, 'rinsed'>
): { going: GoingIn; leaf: RinsedLeaf } | undefined {
  if (salting !== 'rinsed' || !s.heavy || !(going.prepared.mean > 0)) return undefined;
  const dryG = going.prepared.mean - going.vegWater.mean;
  const leaf = rinsedLeaf(going.prepared, dryG, input.rinsed, s.heavy.keeps, s.heavy.leaves);
  const share = leaf.after.mean / going.prepared.mean;
  const sd = together(leaf.after.sd, going.vegWater.sd);
  return {
    leaf,
    going: {
      ...going,
      prepared: leaf.after,
      vegWater: { mean: leaf.waterG, sd },
      needMl: going.needMl * share,
      flesh: { mean: going.flesh.mean * share, sd: going.flesh.sd * share },
      brought: {
        ...going.brought,
        naclG: going.brought.naclG + leaf.naclG,
        naclSd: together(going.brought.naclSd, leaf.naclSd)
      }
    }
  };
}
