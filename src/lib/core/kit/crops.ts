import { crop, CROPS, likeOf, nextLike, type CropSaid, type Cut } from '../produce/index';
import {
  bareMass,
  cropNamed,
  readDose,
  readQuantity,
  readWeight,
  saltyNamed,
  type Ways
} from '../reading/index';
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
  const table = CROPS.find((c) => c.id === (said.cropId === undefined ? said.like : likeOf(said.cropId)));
  if (!table) return refuse('crop-unknown', { field: said.cropId === undefined ? 'like' : 'cropId' });
  if (said.cropId !== undefined && !crop(said.cropId, known))
    return refuse('crop-unknown', { field: 'cropId' });
  const ways = waysOf(house);
  // One that is no longer offered comes back by its name.
  const before = said.cropId === undefined ? ofThatName(gone(house, table.id), said.name) : undefined;
  const id = said.cropId ?? before?.id ?? nextLike(table.id, house.crops);
  const name = id === table.id ? '' : said.name;
  if (id !== table.id) {
    if (name === '') return refuse('missing', { field: 'name' });
    const offered = known.filter((c) => !c.retired);
    const alone = /\s/.test(name) ? undefined : cropNamed(name, offered);
    const same = ofThatName([...offered, ...CROPS], name) ?? alone;
    if (same && same.id !== id) return refuse('name-taken', { field: 'name', values: { name: same.name } });
    if (meansElse(name, ways)) return refuse('name-means-else', { field: 'name', values: { name } });
  }
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

const gone = (house: Household, like: string) =>
  house.crops.filter((c) => c.retired && likeOf(c.id) === like && c.id !== like);

/**
 * Whether a dose or a card would take the name for something that is no crop: water, salt, a jar, a cup, fish sauce. A crop
 * of that name would make other amounts of what was always understood. Example: "water" means else, "water spinach" does not.
 */
export function meansElse(name: string, ways: Ways): boolean {
  const table = { ...ways, crops: [] };
  if (!/\p{L}/u.test(name) || /^\d/.test(name) || saltyNamed(name)) return true;
  // A salt, whatever it is called.
  if (readDose(`10 g ${name} to 1 kg cabbage`, table).ok) return true;
  if (/\s/.test(name)) return false;
  const unit = (['mass', 'volume', 'length'] as const).some(
    (kind) => readQuantity(`1 ${name}`, { kind, system: ways.system }).ok
  );
  const said = readDose(`10 g to 1 kg of ${name}`, table);
  return unit || said.ok || said.refusal.code !== 'dose-word-unknown';
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
