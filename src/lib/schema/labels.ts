import { z } from 'zod';
import { PAPERS, USUAL_SHEET, type LabelSheet, type Paper } from '../core/batch';
import { done, isRefusalCode, refuse, type Outcome } from '../core/refusal';
import { no, number, whole } from './common';

const u = USUAL_SHEET;
const papers = [...(Object.keys(PAPERS) as Paper[]), 'single'] as const;

/** A sheet of labels as an address asks for it, mm; and which jars, all where none are named. */
export const labelSheetSchema = z.object({
  paper: z.enum(papers, no('not-a-choice')).default(u.paper),
  columns: whole(1, 20).default(u.columns),
  rows: whole(1, 40).default(u.rows),
  widthMm: number(15, 200, 'label-out-of-range').default(u.widthMm),
  heightMm: number(10, 200, 'label-out-of-range').default(u.heightMm),
  leftMm: number(0, 100, 'label-out-of-range').default(u.leftMm),
  topMm: number(0, 100, 'label-out-of-range').default(u.topMm),
  acrossMm: number(0, 50, 'label-out-of-range').default(u.acrossMm),
  downMm: number(0, 50, 'label-out-of-range').default(u.downMm),
  skip: whole(0, 500).default(0),
  jars: z
    .string()
    .max(4000, no('too-long'))
    .default('')
    .transform((all) => all.split(',').filter((id) => id !== ''))
});

/** A sheet as a form shows it. */
export const asTyped = (sheet: LabelSheet): Record<keyof LabelSheet, string> =>
  Object.fromEntries(Object.entries(sheet).map(([field, v]) => [field, String(v)])) as Record<
    keyof LabelSheet,
    string
  >;

/** A sheet as typed, read; or what will not do, and in which field. */
export function readSheet(said: Record<keyof LabelSheet, string>): Outcome<LabelSheet> {
  const read = labelSheetSchema.safeParse(said);
  if (read.success) return done(read.data);
  const [issue] = read.error.issues;
  const code = issue && isRefusalCode(issue.message) ? issue.message : 'missing';
  return refuse(code, { field: issue?.path[0] as keyof LabelSheet });
}
