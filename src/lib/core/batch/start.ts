import type { Part } from '../contents/index';
import type { Place } from '../kit/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { factsOf, styleIn, STYLES, type OwnStyles } from '../style/index';
import { endsAsMade, partsAsMade, type JarCard, type Worksheet } from '../worksheet/index';
import type { BatchEvent } from './batch';
import { batchItem, type NewFilling, type RecipeUsed, type RinseLogged } from './facts';
import { pouredShare } from './poured';

/** What is said at a start, besides the worksheet. */
export interface StartSaid {
  readonly name: string;
  readonly note: string;
  /** Brine that was really poured, ml, and whether somebody said so; null: none is poured. */
  readonly usedMl: number | null;
  readonly brineSaid: boolean;
  readonly rinses: readonly RinseLogged[];
  /** Rules of harm that were read and overridden. */
  readonly knowing: readonly string[];
}

/** What the house gives to it. */
export interface StartWith {
  /** The batch's name; its jars are called after it. */
  readonly id: string;
  readonly styles: OwnStyles;
  readonly place: Place;
  readonly lidNumbers: readonly number[];
  readonly recipe: RecipeUsed | null;
}

/**
 * A worksheet made: its jars filled as it says, with so much of the brine as was poured. Refuses a place that is no counter,
 * and a harm that nobody has read.
 */
export function start(w: Worksheet, said: StartSaid, { place, ...around }: StartWith): Outcome<BatchEvent> {
  if (place.kind !== 'counter')
    return refuse('not-a-counter', { field: 'placeId', values: { place: place.name } });
  const harms = w.cautions.filter((c) => c.level === 'harm');
  const unread = harms.filter((c) => !said.knowing.includes(c.rule));
  if (unread.length > 0)
    return refuse('harm-not-read', {
      field: 'knowing',
      values: { rules: unread.map((c) => c.rule).join(' ') }
    });
  const { cautions, ...sheet } = w;
  const poured = pouredShare(w, said.usedMl);
  const parts = partsAsMade(w, { poured });
  return done({
    type: 'started',
    data: {
      name: said.name,
      styleId: w.styleId,
      style: factsOf(styleIn(w.styleId, around.styles) ?? STYLES[0]!),
      items: w.items.map((i) => batchItem(i.id, i.crop, (i.prepared.mean * w.packedG) / w.prepared.mean)),
      equilibrium: endsAsMade(w, { poured }),
      equilibriumSd: w.ends.equilibriumSd,
      aim: w.ends.equilibrium,
      rinses: w.rinse ? said.rinses : [],
      saltKindId: w.saltKindId,
      brinePlannedMl: w.brine?.inJarsMl ?? null,
      brineUsedMl: said.usedMl,
      brineSaid: said.brineSaid,
      saltG: w.salt.weighG,
      note: said.note,
      // Only what there was to know: a rule that does not hold here was not overridden.
      knowing: harms.map((c) => c.rule),
      placeId: place.id,
      fillings: w.jars.map((card, i) =>
        filled(card, parts[i] ?? [], `${around.id}.j${i + 1}`, around.lidNumbers[i] ?? 0)
      ),
      worksheet: sheet,
      recipe: around.recipe
    }
  });
}

const filled = (card: JarCard, parts: readonly Part[], id: string, lidNumber: number): NewFilling => ({
  id,
  lidNumber,
  jarId: card.jarId,
  jarName: card.name,
  geometryId: card.geometryId,
  lid: card.lid,
  headspaceMm: card.headspaceMm,
  usableMl: card.usableMl,
  vegRoomMl: card.vegRoomMl,
  parts
});
