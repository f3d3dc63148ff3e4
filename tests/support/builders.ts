import type { Batch, BatchEvent, BatchItem, NewFilling, Said } from '$lib/core/batch';
import { batchItem, evolveBatch } from '$lib/core/batch';
import { wall } from '$lib/core/calendar';
import { NOTHING, plus, toSalinity, vegetables } from '$lib/core/contents';
import { crop } from '$lib/core/produce';
import { factsOf, style } from '$lib/core/style';
import type { Place } from '$lib/core/kit';
import type { Worksheet, WorksheetInput } from '$lib/core/worksheet';
import { worksheet } from '$lib/core/worksheet';

/** So much of a crop of the table in a batch. */
export const put = (cropId: string, preparedG: number, lotId: string | null = null): BatchItem =>
  batchItem(lotId, crop(cropId, [])!, preparedG);

export const PLACES: Place[] = [
  { id: 'counter', name: 'Kitchen counter', kind: 'counter', tempC: 21, shelfLitres: null },
  { id: 'stairs', name: 'Back stairs', kind: 'counter', tempC: 17, shelfLitres: null },
  { id: 'fridge', name: 'Fridge', kind: 'cold', tempC: 4, shelfLitres: 40 },
  { id: 'cellar', name: 'Stone cellar', kind: 'cold', tempC: 12, shelfLitres: 120 },
  { id: 'pantry', name: 'Pantry shelf', kind: 'pantry', tempC: 18, shelfLitres: null }
];

/** A worksheet input that is all right; change what the test is about. */
export function bench(over: Partial<WorksheetInput> = {}): WorksheetInput {
  return {
    styleId: 'shredded',
    items: [{ id: 'a', cropId: 'cabbage-white', pickedG: 3400, withTops: false, preparedG: 2700 }],
    way: 'equilibrium',
    fraction: 0.022,
    saltKindId: 'sea-fine',
    jars: [
      { id: 'litre', name: '1 l clip-top', geometryId: 'clip-1000', lid: 'clamped', free: 6 },
      { id: 'half', name: '0.5 l clip-top', geometryId: 'clip-500', lid: 'airlock', free: 6 }
    ],
    counts: null,
    choice: 0,
    place: { name: 'Kitchen counter', tempC: 21 },
    opens: true,
    scaleStepG: 1,
    spoons: 'metric',
    trims: {},
    ownSpoons: [],
    crops: [],
    styles: [],
    extras: [],
    ...over
  };
}

/** The worksheet of an input that must work. */
export function sheet(over: Partial<WorksheetInput> = {}): Worksheet {
  const w = worksheet(bench(over));
  if (!w.ok) throw new Error(`refused: ${w.refusal.code}`);
  return w.value;
}

const said = (at: number, n: number): Said => ({ id: `e${n}`, at });

export const START = wall('2026-09-01', 9);

/** A taste of which no more is said than how sour, salt and crisp it is. */
export const PLAIN_TASTE = { bite: null, aroma: null, who: '', liked: false };

/** A litre of kraut: 920 g of it, at 2.2 %. */
export function filling(over: Partial<NewFilling> = {}): NewFilling {
  const cabbage = vegetables(900, 0.922);
  const juice = plus(cabbage, { ...NOTHING, brineG: 20 });
  return {
    id: 'f1',
    lidNumber: 1,
    jarId: 'litre',
    jarName: '1 l clip-top',
    geometryId: 'clip-1000',
    lid: 'clamped',
    headspaceMm: 25,
    usableMl: 928,
    vegRoomMl: 900,
    parts: [{ from: 'before', what: plus(juice, toSalinity(juice, 0.022)) }],
    ...over
  };
}

/** A batch of jars started on 1 September at 9, with later events at given hours after the start. */
export function batch(
  over: Partial<Extract<BatchEvent, { type: 'entered' }>['data']> = {},
  later: [number, BatchEvent][] = []
): Batch {
  const begun: BatchEvent = {
    type: 'entered',
    data: {
      name: 'Kraut',
      styleId: 'shredded',
      style: factsOf(style(over.styleId ?? 'shredded')!),
      items: [put('cabbage-white', 900)],
      equilibrium: 0.022,
      equilibriumSd: 0.0005,
      saltKindId: 'sea-fine',
      brinePlannedMl: null,
      brineUsedMl: null,
      brineSaid: false,
      saltG: 20,
      note: '',
      placeId: 'counter',
      fillings: [filling()],
      since: START,
      placeSince: START,
      ...over
    }
  };
  const events: [number, BatchEvent][] = [[0, begun], ...later];
  return events.reduce<Batch | undefined>(
    (b, [hours, e], n) => evolveBatch('b1', b, e, said(START + hours * 60, n)),
    undefined
  )!;
}
