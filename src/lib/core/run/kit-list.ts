import type { Layer } from './layers';
import type { Salting, Style } from '../style/index';
import type { Worksheet } from '../worksheet/index';

/** One line of what has to lie ready. */
export type KitNeed =
  | {
      readonly of: 'jar';
      readonly id: string;
      readonly jarId: string;
      readonly name: string;
      readonly lid: string;
      readonly n: number;
      readonly free: number;
      readonly toWash: number;
    }
  | { readonly of: 'weight'; readonly id: string; readonly n: number }
  | {
      readonly of: 'salt';
      readonly id: string;
      readonly saltKindId: string;
      readonly g: number;
      readonly haveG: number | null;
    }
  | { readonly of: 'brine'; readonly id: string; readonly name: string; readonly ml: number }
  | { readonly of: KitThing; readonly id: string };
export type KitThing =
  'followers' | 'seals' | 'bowl' | 'jug' | 'scale' | 'board' | 'gloves' | 'tray' | 'spare-water';

/** What the kitchen has beside the worksheet. */
export interface KitAround {
  readonly free: Readonly<Record<string, number>>;
  readonly toWash: Readonly<Record<string, number>>;
  /** Salt of that kind on the shelf that no other making has; null: not counted. */
  readonly saltG: number | null;
  readonly hot: boolean;
}

/** All that is wanted for a making, jars first: what is short of it is said by who shows it. */
export function kitList(sheet: Worksheet, style: Style, around: KitAround): KitNeed[] {
  const kinds = Object.entries(sheet.chosen.counts).filter(([, n]) => n > 0);
  const jars = kinds.flatMap(([jarId, n]): KitNeed[] => {
    const card = sheet.jars.find((j) => j.jarId === jarId);
    return card
      ? [
          {
            ...{ of: 'jar', id: `jar-${jarId}`, jarId, name: card.name, lid: card.lid, n },
            ...{ free: around.free[jarId] ?? 0, toWash: Math.min(n, around.toWash[jarId] ?? 0) }
          }
        ]
      : [];
  });
  const saltG = sheet.salt.weighG + (sheet.rinse?.heavySaltG ?? 0);
  const { saltKindId } = sheet;
  return [
    ...jars,
    thing('seals'),
    { of: 'weight', id: 'weight', n: sheet.jars.length },
    ...(style.steps.some((s) => s.does === 'trim-heads') ? [thing('followers')] : []),
    thing('scale'),
    thing(sheet.salting === 'brine' ? 'jug' : 'bowl'),
    thing('board'),
    ...(around.hot ? [thing('gloves')] : []),
    { of: 'salt', id: 'salt', saltKindId, g: saltG, haveG: around.saltG },
    ...(sheet.brine?.fromSaved ?? []).map((b): KitNeed => ({
      of: 'brine',
      id: `brine-${b.id}`,
      name: b.name,
      ml: b.ml
    })),
    ...(WETS[sheet.salting] ? [thing('spare-water')] : []),
    thing('tray')
  ];
}
const thing = (of: KitThing): KitNeed => ({ of, id: of });
const WETS: Readonly<Record<Salting, boolean>> = { brine: true, rinsed: true, dry: false };

/** Jars that stand in the list and are not free after all. */
export const shortOf = (need: KitNeed): number => (need.of === 'jar' ? Math.max(0, need.n - need.free) : 0);

/** What is in each jar to be counted out again, as it is usual: a weight each, and what is laid in by the jar. */
export const usualObjects = (
  sheet: Worksheet,
  layers: readonly Layer[]
): Record<string, { weight: number; leaf: number }> => {
  const leaves = layers.filter((l) => l.startsWith('with:') && /leaf|dill/i.test(l)).length;
  return Object.fromEntries(sheet.jars.map((_, i) => [`j${i + 1}`, { weight: 1, leaf: leaves }]));
};
