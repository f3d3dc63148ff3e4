import { plus, some, toSalinity, vegetables, type Part } from '../contents/index';
import { crop } from '../produce/index';
import type { UndoPolicy, Upcasts } from '../history/index';
import { factsOf, style, STYLES } from '../style/index';
import type { BatchEvent } from './batch';
import { startWithoutWords, startWithSaved } from './first-words';

type Type = BatchEvent['type'];
const ends = (w: unknown): number | null =>
  (w as { ends?: { equilibrium?: number } } | undefined)?.ends?.equilibrium ?? null;

const KNEW = 'Knew of: ';

/** Rules named in an older note, and the note without them. */
function knownOf(said: unknown): { note: string; knowing: string[] } {
  const parts = typeof said === 'string' ? said.split(' · ') : [];
  return {
    note: parts.filter((p) => !p.startsWith(KNEW)).join(' · '),
    knowing: parts.filter((p) => p.startsWith(KNEW)).map((p) => p.slice(KNEW.length))
  };
}

/** What the table said of a crop before a batch kept it: its rows have not changed since. */
function withCrops(items: unknown): unknown {
  return (
    Array.isArray(items)
      ? (items as { lotId: string | null; cropId: string; preparedG: number; name: string }[])
      : []
  ).map((i) => ({ ...i, ...FIRST_TABLE(i.cropId) }));
}
const FIRST_TABLE = (cropId: string) => {
  const c = crop(cropId, []);
  return { moisture: c?.moisture ?? 0.92, density: c?.density ?? 1, pack: c?.pack ?? 'chunk' };
};

const withStyle = (data: Readonly<Record<string, unknown>>) => ({
  ...data,
  style: factsOf(style(String(data.styleId)) ?? STYLES[0]!)
});

const withTasteMarks = (data: Readonly<Record<string, unknown>>) => ({
  ...{ bite: null, aroma: null, who: '', liked: false },
  ...data
});

interface FirstItem {
  readonly lotId: string | null;
  readonly preparedG: number;
  readonly moisture: number;
}
interface FirstFilling {
  readonly vegG: number;
  readonly contentsG: number;
}

/** What was in a jar was two weights, vegetables and all: what they were of follows from the items and where the salt ends. */
function withParts(data: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> {
  const items = data.items as readonly FirstItem[];
  const all = items.reduce((a, i) => a + i.preparedG, 0);
  const salinity = typeof data.equilibrium === 'number' ? data.equilibrium : 0;
  const fillings = ((data.fillings ?? []) as readonly FirstFilling[]).map(({ vegG, contentsG, ...f }) => ({
    ...f,
    parts: firstParts(items, { vegG, contentsG, all, salinity })
  }));
  return { ...data, fillings };
}

function firstParts(
  items: readonly FirstItem[],
  { vegG, contentsG, all, salinity }: FirstFilling & { readonly all: number; readonly salinity: number }
): Part[] {
  const picked = items.map((i): Part => ({
    from: i.lotId === null ? 'before' : `pick:${i.lotId}`,
    what: vegetables(all > 0 ? (vegG * i.preparedG) / all : 0, i.moisture)
  }));
  const water = some({ brineG: Math.max(0, contentsG - vegG) });
  const salted = toSalinity(plus(water, ...picked.map((p) => p.what)), salinity);
  const { saltG } = salted;
  return [
    ...picked,
    { from: 'water', what: plus(water, salted, some({ saltG: -saltG })) },
    { from: 'salt', what: some({ saltG }) }
  ];
}

export const BATCH_UPCASTS: Upcasts<Type> = {
  started: [
    // Aim, rinses, the recipe and whether the brine was said came later; the oldest had no worksheet either.
    (data) => ({ aim: ends(data.worksheet), rinses: [], recipe: null, brineSaid: false, ...data }),
    // Harms that were read and overridden stood as text in the note.
    (data) => ({ ...data, ...knownOf(data.note) }),
    // What was known of a crop was looked up in the table of the day.
    (data) => ({ ...data, items: withCrops(data.items) }),
    // And of its style.
    withStyle,
    // What a jar holds was not told apart.
    withParts,
    // Its worksheet stood there in sentences.
    startWithoutWords,
    // Saved brine had the larder's name.
    startWithSaved
  ],
  entered: [
    (data) => ({ brineSaid: false, ...data }),
    (data) => ({ ...data, items: withCrops(data.items) }),
    withStyle,
    withParts
  ],
  // A taste had three marks.
  tasted: [withTasteMarks],
  tasteCorrected: [withTasteMarks],
  added: [(data) => ({ ...data, items: withCrops(data.items) })]
};

export const BATCH_UNDO: UndoPolicy<Type> = {
  alone: [
    'cared',
    'tasted',
    'tasteCorrected',
    'measured',
    'gasSeen',
    'titrated',
    'photoTaken',
    'photoDeleted',
    'pHCorrected',
    'signSeen',
    'signTakenBack',
    'lidChanged',
    'queued',
    'finishing',
    'finishingLeft',
    'portioned'
  ],
  onNothing: [],
  ground: ['started', 'entered', 'moved', 'decanted', 'bottled', 'heated', 'passedOn', 'received'],
  corrects: ['tasteCorrected', 'portionCorrected', 'pHCorrected', 'signTakenBack', 'photoDeleted'],
  never: ['photoDeleted']
};
