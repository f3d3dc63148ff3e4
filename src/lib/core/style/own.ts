import { STYLES } from './data';
import type { OwnCut, Range, Style } from './types';

/** A household's own way of making a style; what it does not say is null, and as the style has it. */
export interface StyleSaid {
  /** `pieces_1` is the first own way of making pieces. */
  readonly id: string;
  readonly name: string;
  /** Equilibrium salinity, mass fraction; within the style's own range. */
  readonly usualSalt: number | null;
  /** Days on the counter at 20-22 °C. */
  readonly counterDays: Range | null;
  /** Months at or under 4 °C: shorter than the style's, never longer. */
  readonly coldMonths: Range | null;
  /** How it is cut, for whatever goes in; absent: as the style has it. */
  readonly cut?: OwnCut;
  /** No longer offered; what was made by it keeps its name and its days. */
  readonly retired: boolean;
}
export type OwnStyles = readonly StyleSaid[];

/** What a batch keeps of its style, whatever the table or the household says later. */
export type StyleFacts = Pick<
  Style,
  'name' | 'usualSalt' | 'counterDays' | 'coldMonths' | 'pHDays' | 'ownCut'
>;

export const factsOf = ({ name, usualSalt, counterDays, coldMonths, pHDays, ownCut }: Style): StyleFacts => ({
  ...{ name, usualSalt, counterDays, coldMonths, pHDays },
  ...(ownCut ? { ownCut } : {})
});

/** The style of the table that an own one is a way of making. Example: `styleLike('pieces_1')` is `'pieces'`. */
export const styleLike = (id: string): string => id.split('_')[0] ?? id;

/** The style of that id, the household's own before the table's. Example: `styleIn('pieces', [])?.salting` is `'brine'`. */
export function styleIn(id: string, own: OwnStyles): Style | undefined {
  const table = STYLES.find((s) => s.id === styleLike(id));
  if (!table || id === table.id) return table;
  const said = own.find((s) => s.id === id);
  return (
    said && {
      ...table,
      id,
      name: said.name,
      usualSalt: said.usualSalt ?? table.usualSalt,
      // Its salt is meant for whatever goes in.
      cropSalt: said.usualSalt === null ? table.cropSalt : {},
      counterDays: said.counterDays ?? table.counterDays,
      coldMonths: said.coldMonths ?? table.coldMonths,
      ...(said.cut ? { ownCut: said.cut } : {})
    }
  );
}

/** The style that something was made by, as it was when it began: the table's row with what was kept of it then. */
export function styleMade(made: { readonly styleId: string; readonly style: StyleFacts }): Style | undefined {
  const table = STYLES.find((s) => s.id === styleLike(made.styleId));
  return table && { ...table, ...made.style, id: made.styleId };
}

/** All styles that a household may choose from: the table's, each with its own ways behind it. */
export const stylesIn = (own: OwnStyles): Style[] =>
  STYLES.flatMap((s) => [
    s,
    ...own.flatMap((o) => (styleLike(o.id) === s.id && !o.retired ? (styleIn(o.id, own) ?? []) : []))
  ]);
