import { cropsOf, type Household } from '../kit/index';
import type { Learned } from '../learn/index';
import type { LotEvent, LotOnBench } from '../lot/index';
import { crop } from '../produce/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { saltKind } from '../salt/index';
import { styleMade } from '../style/index';
import { drawnG, secondPick } from '../worksheet/index';
import type { Batch, BatchEvent } from './batch';
import { rawFillings } from './decide';
import { batchItem, type Filling } from './facts';
import { salinityOf } from './salinity';

/** A pick that went into a jar that stands: what is told to the batch, what to each pick, what it took of salt. */
export interface PickAdded {
  readonly event: BatchEvent;
  readonly packed: readonly { readonly lotId: string; readonly event: LotEvent }[];
  readonly jar: Filling;
  readonly saltKindId: string;
  readonly saltG: number;
  readonly drawOffMl: number;
}

/**
 * The bench's vegetables into a crock or jar that stands already, with the salt that keeps its salinity. Refuses what was not
 * weighed prepared.
 */
export function pickAdded(
  b: Batch,
  fillingId: string,
  onBench: readonly LotOnBench[],
  house: Household,
  packings: Readonly<Record<string, Learned>>
): Outcome<PickAdded> {
  const jars = rawFillings(b, [fillingId]);
  if (!jars.ok) return jars;
  const jar = jars.value[0]!;
  const s = styleMade(b);
  const salt = saltKind(b.saltKindId ?? house.saltKindId);
  if (!s || !salt) return refuse('style-unknown', { field: 'batchId' });
  const own = cropsOf(house);
  const items = onBench.flatMap((lot) => {
    const kind = crop(lot.cropId, own);
    return kind ? [{ lot, crop: kind, preparedG: lot.prepared?.g ?? 0 }] : [];
  });
  if (items.some((i) => i.preparedG <= 0)) return refuse('weigh-prepared-first', { field: 'batchId' });
  // A jar that was put right is as salty as it is, whatever the batch was.
  const equilibrium = salinityOf(b, jar) ?? 0;
  const pick = secondPick(items, { ...jar, equilibrium }, s, salt, packings);
  if (!pick.ok) return pick;
  const { vegG, roomMl: vegRoomMl, naclG, saltG, drawOffMl } = pick.value;
  const added = items.map((i) => batchItem(i.lot.id, i.crop, i.preparedG));
  const drawn = drawOffMl === 0 ? 0 : drawnG(drawOffMl, equilibrium);
  return done({
    event: {
      type: 'added',
      data: { fillingId, items: added, vegG, vegRoomMl, naclG, saltG, drawnG: drawn }
    },
    packed: items.map(({ lot, preparedG }) => ({
      lotId: lot.id,
      event: { type: 'packed', data: { bench: lot.bench, g: lot.benchG, preparedG, batchId: b.id } }
    })),
    jar,
    saltKindId: salt.id,
    saltG,
    drawOffMl
  });
}
