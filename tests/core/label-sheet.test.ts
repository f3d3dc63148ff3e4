import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { labelPlaces, pageOf, USUAL_SHEET, type LabelSheet } from '$lib/core/batch';

describe('a sheet of labels', () => {
  it('begins at the first free place, and goes on at the first of the next sheet', () => {
    const sheet: LabelSheet = { ...USUAL_SHEET, columns: 2, rows: 2, skip: 1 };
    const places = labelPlaces(sheet, 4);
    expect(places).toEqual({
      ok: true,
      value: [
        { page: 0, xMm: 74, yMm: 15.5 },
        { page: 0, xMm: 12, yMm: 53.5 },
        { page: 0, xMm: 74, yMm: 53.5 },
        { page: 1, xMm: 12, yMm: 15.5 }
      ]
    });
    expect(labelPlaces({ ...sheet, paper: 'single' }, 2)).toMatchObject({
      value: [{ page: 0, xMm: 0 }, { page: 1 }]
    });
  });
  it('says what goes over the edge, and by how much', () => {
    expect(labelPlaces({ ...USUAL_SHEET, columns: 4 }, 1)).toMatchObject({
      refusal: { code: 'labels-off-paper', field: 'columns', values: { needMm: 260, haveMm: 210 } }
    });
    expect(labelPlaces({ ...USUAL_SHEET, paper: 'Letter' }, 1)).toMatchObject({
      refusal: { code: 'labels-off-paper', field: 'rows' }
    });
    expect(labelPlaces({ ...USUAL_SHEET, skip: 21 }, 1)).toMatchObject({
      refusal: { code: 'no-place-left', values: { places: 21 } }
    });
  });
  it('puts no label over another or over the edge', () => {
    const mm = (max: number) => fc.integer({ min: 0, max: max * 10 }).map((n) => n / 10);
    fc.assert(
      fc.property(
        fc.record({
          paper: fc.constantFrom('A4' as const, 'Letter' as const),
          columns: fc.integer({ min: 1, max: 6 }),
          rows: fc.integer({ min: 1, max: 12 }),
          widthMm: mm(80).map((n) => n + 15),
          heightMm: mm(50).map((n) => n + 10),
          leftMm: mm(20),
          topMm: mm(20),
          acrossMm: mm(5),
          downMm: mm(5),
          skip: fc.integer({ min: 0, max: 30 })
        }),
        fc.integer({ min: 1, max: 80 }),
        (sheet, count) => {
          const places = labelPlaces(sheet, count);
          if (!places.ok) return;
          const page = pageOf(sheet);
          expect(places.value.length).toBe(count);
          for (const [i, a] of places.value.entries()) {
            expect(a.xMm + sheet.widthMm).toBeLessThanOrEqual(page.widthMm + 0.1);
            expect(a.yMm + sheet.heightMm).toBeLessThanOrEqual(page.heightMm + 0.1);
            for (const b of places.value.slice(0, i))
              expect(
                a.page !== b.page ||
                  Math.abs(a.xMm - b.xMm) > sheet.widthMm - 0.1 ||
                  Math.abs(a.yMm - b.yMm) > sheet.heightMm - 0.1
              ).toBe(true);
          }
        }
      )
    );
  });
});
