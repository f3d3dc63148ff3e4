import { crop, CROPS, likeOf, nextLike, type CropSaid, type Cut } from '../produce/index';
import { bareMass, readWeight } from '../reading/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { cropsOf, waysOf, type Household, type HouseholdEvent } from './kit';
import { ofThatName } from './names';

/** A crop as it is typed: percents and days as numbers, null where nothing was typed; one piece as an amount. */
export interface CropTyped {
  /** Which; left out: a new one of the household's own. */
  readonly cropId?: string | undefined;
  /** The crop of the table that a new one is like. */
  readonly like: string;
  readonly name: string;
  readonly water: number | null;
  readonly sugar: number | null;
  readonly trim: number | null;
  readonly piece: string;
  readonly weight: string;
  readonly keepRoom: number | null;
  readonly keepCold: number | null;
  readonly cut: Cut | '';
}

/**
 * A crop of the household's own, or a figure of the table corrected. Refuses a name that another crop has, a likeness that
 * is none, and a correction of nothing.
 */
export function cropTyped(house: Household, said: CropTyped): Outcome<HouseholdEvent & { type: 'cropSaid' }> {
  const known = cropsOf(house);
  const table = CROPS.find((c) => c.id === likeOf(said.cropId ?? said.like));
  if (!table) return refuse('crop-unknown', { field: said.cropId === undefined ? 'like' : 'cropId' });
  if (said.cropId !== undefined && !crop(said.cropId, known))
    return refuse('crop-unknown', { field: 'cropId' });
  const id = said.cropId ?? nextLike(table.id, house.crops);
  const name = id === table.id ? '' : said.name;
  if (id !== table.id) {
    if (name === '') return refuse('missing', { field: 'name' });
    const same = ofThatName([...known, ...CROPS], name);
    if (same && same.id !== id) return refuse('name-taken', { field: 'name', values: { name: same.name } });
  }
  const ways = waysOf(house);
  const piece = said.weight === '' ? null : readWeight(said.weight, 'weight', ways, bareMass(ways));
  if (piece && !piece.ok) return piece;
  const share = (percent: number | null) => (percent === null ? null : Math.round(percent * 1e4) / 1e6);
  const data: CropSaid = {
    id,
    name,
    moisture: share(said.water),
    sugar: share(said.sugar),
    trim: share(said.trim),
    piece: said.piece || null,
    pieceG: piece ? piece.value.g : null,
    pack: said.cut || null,
    keepRoom: said.keepRoom,
    keepCold: said.keepCold,
    retired: false
  };
  const nothing = Object.entries(data).every(([k, v]) => k === 'id' || v === null || v === '' || v === false);
  return nothing ? refuse('missing', { field: 'water' }) : done({ type: 'cropSaid', data });
}

/** A corrected crop back to the table; one of the household's own no longer offered, though what was made of it keeps its name. */
export function cropDropped(house: Household, id: string): Outcome<HouseholdEvent> {
  const said = house.crops.find((c) => c.id === id);
  if (!said) return refuse('crop-unknown', { field: 'cropId' });
  return done(
    likeOf(id) === id
      ? { type: 'cropDropped', data: { id } }
      : { type: 'cropSaid', data: { ...said, retired: true } }
  );
}
