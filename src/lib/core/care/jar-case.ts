import type { BatchInHand, Filling } from '../batch/index';
import type { WallMinute } from '../calendar/index';
import { NO_PLACE_C } from '../outlook/index';
import { tempsDuring, type Place } from '../kit/index';
import { styleMade, type Style } from '../style/index';

const findPlace = (places: readonly Place[], id: string) => places.find((p) => p.id === id);

/** Whether a stay came with its heating, or after it: nothing sours any more. */
const afterHeat = (f: Filling, stay: Filling['stays'][number]): boolean =>
  f.heated !== undefined && stay.from >= f.heated.at;

/** Since when a jar has been in store without a break, cold or heated; null while it stands on the counter. */
export function coldSince(f: Filling, places: readonly Place[]): WallMinute | null {
  let since: WallMinute | null = null;
  for (const stay of f.stays) {
    const cold = findPlace(places, stay.placeId)?.kind === 'cold' || afterHeat(f, stay);
    since = cold ? (since ?? stay.from) : null;
  }
  return since;
}

/** How a jar is made and how warm it sours: at the last place where it stood on the counter, as that was then. */
export interface JarCase {
  readonly style: Style;
  readonly tempC: number;
}

/** A jar's case; undefined where nobody knows its style. */
export function jarCase(b: BatchInHand, f: Filling, places: readonly Place[]): JarCase | undefined {
  const style = styleMade(b);
  if (!style) return undefined;
  const counter = f.stays.filter((s) => findPlace(places, s.placeId)?.kind !== 'cold' && !afterHeat(f, s));
  const stay = counter.at(-1);
  const place = findPlace(places, stay?.placeId ?? '');
  const temps = stay && place ? tempsDuring(place, stay.from, Infinity) : [];
  return { style, tempC: temps.at(-1)?.tempC ?? NO_PLACE_C };
}
