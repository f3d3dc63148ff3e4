import { done, refuse, type FieldName, type Outcome } from '../refusal/index';

/** Sheets as they are sold, mm. ISO 216; ANSI Letter is 8.5 by 11 in. */
export const PAPERS = {
  A4: { widthMm: 210, heightMm: 297 },
  Letter: { widthMm: 215.9, heightMm: 279.4 }
} as const;
export type Paper = keyof typeof PAPERS;

/** A sheet of labels, or one label as a page of its own; all in mm. */
export interface LabelSheet {
  readonly paper: Paper | 'single';
  readonly columns: number;
  readonly rows: number;
  readonly widthMm: number;
  readonly heightMm: number;
  /** From the paper's edge to the first label. */
  readonly leftMm: number;
  readonly topMm: number;
  /** Between labels. */
  readonly acrossMm: number;
  readonly downMm: number;
  /** Places of the first sheet that are used up. */
  readonly skip: number;
}

/** Plain A4, to be cut: room at the edge for any printer. */
export const USUAL_SHEET: LabelSheet = {
  ...{ paper: 'A4', columns: 3, rows: 7, widthMm: 62, heightMm: 38 },
  ...{ leftMm: 12, topMm: 15.5, acrossMm: 0, downMm: 0, skip: 0 }
};

export interface LabelPlace {
  readonly page: number;
  readonly xMm: number;
  readonly yMm: number;
}

/** A hair's breadth over the edge is a rounding, mm. */
const HAIR_MM = 0.05;

/** The size of a page, mm. */
export const pageOf = ({ paper, widthMm, heightMm }: LabelSheet) =>
  paper === 'single' ? { widthMm, heightMm } : PAPERS[paper];

/**
 * Where so many labels go, row by row from the upper left; further sheets begin at their first place. Refuses what goes over
 * the paper's edge, with what is left of it.
 * Example: three on a sheet of two columns, the first place used up, are at places 2, 3 and 4.
 */
export function labelPlaces(s: LabelSheet, count: number): Outcome<LabelPlace[]> {
  if (s.paper === 'single')
    return done(Array.from({ length: count }, (_, page) => ({ page, xMm: 0, yMm: 0 })));
  const page = pageOf(s);
  const over = (field: FieldName, needMm: number, haveMm: number) =>
    refuse('labels-off-paper', {
      field,
      values: { paper: s.paper, needMm: Math.ceil(needMm), haveMm: Math.floor(haveMm) }
    });
  const wide = s.leftMm + s.columns * s.widthMm + (s.columns - 1) * s.acrossMm;
  const high = s.topMm + s.rows * s.heightMm + (s.rows - 1) * s.downMm;
  if (wide > page.widthMm + HAIR_MM) return over('columns', wide, page.widthMm);
  if (high > page.heightMm + HAIR_MM) return over('rows', high, page.heightMm);
  const each = s.columns * s.rows;
  if (s.skip >= each) return refuse('no-place-left', { field: 'skip', values: { places: each } });
  return done(
    Array.from({ length: count }, (_, i) => {
      const n = i + s.skip;
      const [column, row] = [n % s.columns, Math.floor(n / s.columns) % s.rows];
      return {
        page: Math.floor(n / each),
        xMm: s.leftMm + column * (s.widthMm + s.acrossMm),
        yMm: s.topMm + row * (s.heightMm + s.downMm)
      };
    })
  );
}
