/**
 * A value from a table of rising rows: straight lines between them, held at its ends. At least one row.
 * Example: `onTable([[0, 10], [10, 20]], 2.5)` is 12.5, and of 99 it is 20.
 */
export function onTable(rows: readonly (readonly [at: number, value: number])[], at: number): number {
  const next = rows.findIndex(([row]) => row >= at);
  const [x1, y1] = rows.at(next) ?? [at, NaN];
  const [x0, y0] = next > 0 ? (rows[next - 1] ?? [x1, y1]) : [x1, y1];
  return x1 === x0 ? y1 : y0 + ((y1 - y0) * (at - x0)) / (x1 - x0);
}
