import type { Style } from '../style/index';
import { crop, type OwnCrops } from '../produce/index';
import type { PreparedItem } from '../worksheet/index';

/** What lies in the jar, from the floor up: a crop, something that goes with it, or what caps it all. */
export type Layer = `crop:${string}` | `with:${string}` | 'cap';

/** What goes below, by style; the rest of what is laid in by the jar lies on top. Common practice, no source. */
const LEAVES_ON_TOP = /leaf|dill|onion/i;

/** Cuts that float up and are held down by the wider ones over them. */
const LIGHT: ReadonlySet<string> = new Set(['floret', 'coin', 'ring']);

/**
 * The usual order of a jar: spice below; light and small pieces low; the widest pieces on them; a cap over all where the style
 * lays one. Shreds and mash are one mixture, with only the cap over it.
 */
export function usualLayers(
  items: readonly PreparedItem[],
  style: Style,
  byJar: readonly string[],
  own: OwnCrops
): Layer[] {
  const mixed = style.salting !== 'brine';
  const below = byJar.filter((name) => !LEAVES_ON_TOP.test(name));
  const above = byJar.filter((name) => LEAVES_ON_TOP.test(name));
  const size = (i: PreparedItem) => (LIGHT.has(i.cut) ? 0 : 1e6) + (crop(i.cropId, own)?.pieceG ?? 0);
  const crops = [...items].sort((a, b) => (mixed ? 0 : size(a) - size(b))).map((i) => i.cropId);
  return [
    ...below.map((name): Layer => `with:${name}`),
    ...[...new Set(crops)].map((id): Layer => `crop:${id}`),
    ...above.map((name): Layer => `with:${name}`),
    'cap'
  ];
}

/** Layers as they were laid by hand, with what came or went since: what is new lies under the cap. */
export function layersNow(laid: readonly string[], usual: readonly Layer[]): Layer[] {
  const kept = laid.filter((l): l is Layer => usual.includes(l as Layer));
  const fresh = usual.filter((l) => !kept.includes(l));
  const cap = kept.indexOf('cap');
  return cap < 0 ? [...kept, ...fresh] : [...kept.slice(0, cap), ...fresh, ...kept.slice(cap)];
}

/** One layer moved so many places up. Out of the jar it does not go. */
export function moved<T>(layers: readonly T[], at: number, up: number): T[] {
  const to = Math.min(layers.length - 1, Math.max(0, at + up));
  const rest = layers.filter((_, i) => i !== at);
  const one = layers[at];
  return one === undefined ? [...layers] : [...rest.slice(0, to), one, ...rest.slice(to)];
}
