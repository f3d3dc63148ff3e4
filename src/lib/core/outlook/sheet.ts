import { starterIn } from '../batch/index';
import type { WallMinute } from '../calendar/index';
import { upBy, type Place } from '../kit/index';
import { styleIn, styleLike } from '../style/index';
import { jarGeometry } from '../vessel/index';
import { partsAsMade, type JarCard, type Worksheet } from '../worksheet/index';
import { daysAhead } from './air';
import { guideSpan } from './guides';
import { insideOf, wayOf } from './inside';
import type { HouseKnows } from './jar';
import type { Ahead } from './types';

/** A jar of a worksheet as it would be if it began now, at a place; null for a shape that nobody knows. */
export function aheadOfCard(
  sheet: Worksheet,
  card: JarCard,
  place: Pick<Place, 'tempC' | 'swingC'>,
  house: HouseKnows,
  now: WallMinute
): Ahead | null {
  const geometry = jarGeometry(card.geometryId);
  const style = styleIn(styleLike(sheet.styleId), []);
  const most = sheet.items.reduce<Worksheet['items'][number] | undefined>(
    (a, i) => (a && a.prepared.mean >= i.prepared.mean ? a : i),
    undefined
  );
  if (!geometry || !style || !most) return null;
  const starterG = starterIn(partsAsMade(sheet)[sheet.jars.indexOf(card)] ?? [], sheet, now);
  const filled = {
    styleId: sheet.styleId,
    parts: sheet.items.map((i) => ({ cropId: i.cropId, cut: i.cut, g: i.prepared.mean })),
    vegetableG: card.vegG,
    allG: card.contentsG,
    settles: sheet.ends.equilibrium,
    poured: sheet.ends.asPoured,
    starter: starterG > 0 ? { g: starterG, months: 0 } : null,
    sugars: house.sugars
  };
  return {
    ...{ from: now, now, days: daysAhead(now, now, style.counterDays.to), noted: [] },
    up: upBy(house.rounds),
    inside: insideOf(filled),
    style: wayOf(filled),
    vessel: {
      massKg: card.contentsG / 1000,
      headspaceL: Math.max(0.02, (geometry.brimMl - card.usableMl) / 1000),
      lid: card.lid
    },
    airs: [{ from: now, tempC: place.tempC, swingC: place.swingC ?? 0 }],
    ...house.rateOf(sheet.styleId),
    guide: guideSpan(sheet.styleId, most.cropId, most.cut === 'whole' || most.cut === 'upright', place.tempC)
  };
}
