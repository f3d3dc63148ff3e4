import { minus, plus, salinityIn, some, times, vegetables, type Part } from '../contents/index';
import { brought } from '../salt/index';
import type { JarCard, Worksheet } from './answers';

/** What was really done of what was planned, as shares of it; 1 is as planned. */
export interface AsMade {
  /** Brine that went into the jars. */
  readonly poured?: number;
  /** Salt that was weighed out. */
  readonly salted?: number;
}

/**
 * What went into each jar of a worksheet as it was really made, by where it came from: vegetables, salty ingredients, salt,
 * water, brine that was there already. With so much of the brine poured and so much of the salt weighed.
 */
export function partsAsMade(w: Worksheet, made: AsMade = {}): Part[][] {
  const leaf = packedLeaf(w);
  const extra = brought(w.extras);
  const extras = some({
    dryG: extra.massG - extra.naclG - extra.waterG,
    juiceG: extra.waterG,
    saltG: extra.naclG
  });
  return w.jars.map((card): Part[] => {
    const of = w.packedG > 0 ? card.vegG / w.packedG : 0;
    return [
      { from: 'additions', what: times(extras, extra.massG > 0 ? card.extraG / extra.massG : 0) },
      ...leaf.map((p) => ({ ...p, what: times(p.what, of) })),
      ...poured(card, w, made)
    ];
  });
}

/** The vegetables as they are packed; rinsed leaf with the salt that the rinse left in it. */
function packedLeaf(w: Worksheet): Part[] {
  const share = w.prepared.mean > 0 ? w.packedG / w.prepared.mean : 0;
  if (!w.rinse)
    return w.items.map((i) => ({
      from: `pick:${i.id}` as const,
      what: vegetables(i.prepared.mean * share, i.crop.moisture)
    }));
  const { waterG, naclG } = w.rinse;
  const leaf = some({ dryG: w.prepared.mean - waterG - naclG, juiceG: waterG });
  const all = w.items.reduce((a, i) => a + i.prepared.mean, 0);
  return [
    ...w.items.map((i): Part => ({
      from: `pick:${i.id}`,
      what: times(leaf, (share * i.prepared.mean) / all)
    })),
    { from: 'salt', what: some({ saltG: naclG * share }) }
  ];
}

/** Salt rubbed in, and the brine: of what was saved its part of the jug, the rest of salt and water. */
function poured(card: JarCard, w: Worksheet, { poured = 1, salted = 1 }: AsMade): Part[] {
  const inBrineG = brineSalt(card, w);
  const waterG = card.waterG * poured;
  const saltG = inBrineG * poured;
  const all = w.jars.reduce((a, j) => a + j.waterG, 0);
  const part = all > 0 ? (jugPoured(w, poured) * card.waterG) / all : 0;
  const saved = savedIn(w).map((s): Part => ({ ...s, what: times(s.what, part) }));
  const had = plus(...saved.map((s) => s.what));
  const newSaltG = saltG - had.saltG + (card.naclG - inBrineG);
  return [
    ...saved,
    { from: 'water', what: some({ brineG: waterG - had.brineG }) },
    { from: 'salt', what: some({ saltG: newSaltG * salted }) }
  ];
}

/** How much of the jug went into the jars, 0 to 1; where more was poured than was mixed, the rest was mixed to it. */
const jugPoured = ({ brine }: Worksheet, poured: number): number =>
  brine && brine.mixMl > 0 ? Math.min(1, (brine.inJarsMl * poured) / brine.mixMl) : 0;

const savedIn = (w: Worksheet): Part[] =>
  (w.brine?.fromSaved ?? []).map(({ id, waterG, naclG }) => ({
    from: `brine:${id}`,
    what: some({ brineG: waterG, saltG: naclG })
  }));

/** What of a mix stayed in the jug, by where it came from. */
export function leftInJug(w: Worksheet, made: AsMade = {}): Part[] {
  if (!w.brine) return [];
  const left = 1 - jugPoured(w, made.poured ?? 1);
  const jars = partsAsMade(w, made).flat();
  const saved = savedIn(w).map((s): Part => {
    const poured = jars.filter((p) => p.from === s.from).map((p) => p.what);
    return { ...s, what: minus(s.what, plus(...poured)) };
  });
  const newSaltG = w.brine.naclG - w.brine.fromSaved.reduce((a, s) => a + s.naclG, 0);
  return [
    ...saved,
    { from: 'water', what: some({ brineG: w.brine.waterG * left }) },
    { from: 'salt', what: some({ saltG: newSaltG * left }) }
  ];
}

/**
 * Where the salt of a worksheet ends as it was really made: NaCl over NaCl and all water, all jars together.
 * Example: kraut planned at 2.2 % and salted with 1.1 times its dose ends at `0.0241`.
 */
export function endsAsMade(w: Worksheet, made: AsMade): number {
  const { poured = 1, salted = 1 } = made;
  if (salted === 1 && (!w.brine || poured === 1)) return w.ends.equilibrium;
  return salinityIn(plus(...partsAsMade(w, made).flatMap((jar) => jar.map((p) => p.what))));
}

const brineSalt = (j: JarCard, w: Worksheet) =>
  w.brine ? (j.waterG * w.brine.strength) / (1 - w.brine.strength) : 0;
