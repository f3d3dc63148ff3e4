import { caution, type Caution } from '../safety/index';
import { aboveRimMm, heightOf, isCrock, jarGeometry, letsBitsPast, profile } from '../vessel/index';
import type { GoingIn } from './prepare';
import type { WorksheetInput } from './types';
import type { JarCard, PreparedItem } from './answers';

/** Small cuts come up past a cover that is too narrow. */
const SMALL = new Set(['shred', 'leaf', 'coin', 'ring', 'mash', 'strip']);

/** Flesh lighter than this floats hard. Common practice, no source. */
const FLOATS = 0.92;

/** Days in which a closed lid must be opened at about 20 °C. Common practice, no source. */
const GASSING_DAYS = 10;

/** An open vessel filled shallower than this has much surface for its content, mm. Common practice, no source. */
const SHALLOW_MM = 100;

/** What the jars themselves say, before cutting starts: weight, cover, lid, floating pieces, surface. */
export function jarCautions(input: WorksheetInput, going: GoingIn, cards: readonly JarCard[]): Caution[] {
  const kinds = cards.filter((c, i) => cards.findIndex((o) => o.jarId === c.jarId) === i);
  return [
    ...kinds.flatMap((c) => weightCautions(input, going, c)),
    ...awayCautions(input, cards),
    ...pieceCautions(going),
    ...kinds.flatMap(surfaceCautions)
  ];
}

function weightCautions(input: WorksheetInput, going: GoingIn, card: JarCard): Caution[] {
  const weight = input.jars.find((j) => j.id === card.jarId)?.weight;
  const shape = jarGeometry(card.geometryId);
  if (!weight || !shape) return [];
  const above = aboveRimMm(weight, card.headspaceMm);
  const small = going.items.some((i) => SMALL.has(i.cut));
  return [
    ...(above > 0 && card.lid !== 'cloth'
      ? [caution('weight-above-rim', { jar: card.name, weight: weight.kind, mm: Math.round(above) })]
      : []),
    ...(small && letsBitsPast(weight, profile(shape).bodyWidthMm)
      ? [
          caution('bits-past', {
            jar: card.name,
            weight: weight.kind,
            widthMm: weight.widthMm,
            bodyMm: Math.round(profile(shape).bodyWidthMm)
          })
        ]
      : [])
  ];
}

function awayCautions(input: WorksheetInput, cards: readonly JarCard[]): Caution[] {
  const away = input.away;
  const clamped = cards.filter((c) => c.lid === 'clamped').length;
  if (!away || clamped === 0 || away.from > GASSING_DAYS || away.to < 0) return [];
  return [caution('away-clamped', { from: Math.max(0, away.from), to: away.to, jars: clamped })];
}

function pieceCautions(going: GoingIn): Caution[] {
  const names = (of: (i: PreparedItem) => boolean) => going.items.filter(of).map((i) => i.name.toLowerCase());
  const hollow = names(
    ({ cropId, cut }) => /^(pepper|tomat)/.test(cropId) && ['whole', 'cherry', 'upright'].includes(cut)
  );
  const light = names(
    ({ crop, cut }) => cut !== 'shred' && cut !== 'leaf' && cut !== 'mash' && crop.density < FLOATS
  );
  return [
    ...(hollow.length > 0 ? [caution('hollow', { crops: hollow })] : []),
    ...(light.length > 0 ? [caution('floats', { crops: light })] : [])
  ];
}

function surfaceCautions(card: JarCard): Caution[] {
  const shape = jarGeometry(card.geometryId);
  if (!shape || !isCrock(shape) || card.lid === 'water channel') return [];
  const deep = heightOf(card.vegRoomMl + card.brineMl, profile(shape));
  return deep < SHALLOW_MM
    ? [
        caution('much-surface', {
          jar: card.name,
          deepMm: Math.round(deep),
          openMm: Math.round(shape.openingMm)
        })
      ]
    : [];
}
