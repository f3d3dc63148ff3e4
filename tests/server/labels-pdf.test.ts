import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import { beforeAll, describe, expect, it } from 'vitest';
import { USUAL_SHEET, type LabelSheet, type LidLabel } from '$lib/core/batch';
import { wall } from '$lib/core/calendar';
import { labelsPdf, type LabelFonts } from '$lib/server/labels/pdf';

const font = (family: string, subset: string, weight: number) =>
  new Uint8Array(
    readFileSync(`node_modules/@fontsource/${family}/files/${family}-${subset}-${weight}-normal.woff`)
  );
const NEXT = 'atkinson-hyperlegible-next';
const FONTS: LabelFonts = {
  display: [font('bricolage-grotesque', 'latin', 800)],
  bold: [font(NEXT, 'latin', 700), font(NEXT, 'latin-ext', 700)],
  plain: [font(NEXT, 'latin', 400), font(NEXT, 'latin-ext', 400)]
};
const label = (lidNumber: number, over: Partial<LidLabel> = {}): LidLabel => ({
  fillingId: `batch.j${lidNumber}`,
  lidNumber,
  name: 'Kohlrabi sticks, mustard seed',
  madeAt: wall('2026-09-08', 10),
  salinity: 0.024,
  putRightAt: null,
  heatedAt: null,
  allergens: [],
  eatFrom: wall('2026-09-14', 8),
  bestTill: null,
  ...over
});
const LABELS = [
  label(52),
  label(53, { allergens: ['mustard', 'fish'], eatFrom: null, bestTill: wall('2027-03-08', 8) }),
  label(54, {
    name: 'Čuka’s crème, long in the making and longer still in its name, of the upper bed',
    salinity: null
  })
];
const linkOf = (l: LidLabel) => `http://kitchen.local:4400/jar/${l.fillingId}`;

/** What two tools that are not ours make of it: its text, its pages, and the codes on them. */
async function printed(labels: readonly LidLabel[], sheet: LabelSheet) {
  const made = await labelsPdf(labels, sheet, FONTS, linkOf);
  if (!made.ok) throw new Error(made.refusal.code);
  const folder = mkdtempSync(join(tmpdir(), 'labels-'));
  const file = join(folder, 'labels.pdf');
  writeFileSync(file, made.value);
  const text = execFileSync('pdftotext', ['-raw', file, '-'], { encoding: 'utf8' });
  const fonts = execFileSync('pdffonts', [file], { encoding: 'utf8' });
  execFileSync('pdftoppm', ['-r', '200', '-png', file, join(folder, 'page')]);
  const pages = readdirSync(folder)
    .filter((f) => f.endsWith('.png'))
    .sort()
    .map((f) => PNG.sync.read(readFileSync(join(folder, f))));
  return { text, fonts, pages };
}

/** The code within a part of a page, mm. */
function codeAt(page: PNG, at: { x: number; y: number; width: number; height: number }): string | undefined {
  const dot = 200 / 25.4;
  const [x, y, w, h] = [at.x, at.y, at.width, at.height].map((mm) => Math.round(mm * dot)) as [
    number,
    number,
    number,
    number
  ];
  const part = new PNG({ width: w, height: h });
  PNG.bitblt(page, part, x, y, Math.min(w, page.width - x), Math.min(h, page.height - y), 0, 0);
  return jsQR(new Uint8ClampedArray(part.data), w, h)?.data;
}

describe('labels to print', () => {
  let sheet: Awaited<ReturnType<typeof printed>>;
  beforeAll(async () => {
    sheet = await printed(LABELS, { ...USUAL_SHEET, skip: 2 });
  });

  it('say what is in the jar, in faces that are embedded', () => {
    expect(sheet.text).toMatch(/52/);
    expect(sheet.text).toMatch(/made 8 Sep 2026/);
    expect(sheet.text).toMatch(/2\.4 % salt/);
    expect(sheet.text).toMatch(/taste from 14 Sep/);
    expect(sheet.text).toMatch(/best till 8 Mar 2027/);
    expect(sheet.text).toMatch(/contains\s+mustard,\s+fish/);
    expect(sheet.text).toMatch(/salt not known/);
    // Letters of the neighbours, and a name that is too long for its place.
    expect(sheet.text).toMatch(/Čuka’s crème/);
    // Each line of the list: name, type, encoding, embedded.
    const faces = sheet.fonts.trim().split('\n').slice(2);
    expect(faces.length).toBeGreaterThanOrEqual(3);
    for (const face of faces) expect(face).toMatch(/Identity-H\s+yes /);
  });

  it('carry codes that open their jars, each in its place on a used sheet', () => {
    const { widthMm: width, heightMm: height } = USUAL_SHEET;
    const at = (column: number, row: number) => ({
      x: 12 + column * width,
      y: 15.5 + row * height,
      width,
      height
    });
    const [page] = sheet.pages;
    expect(codeAt(page!, at(0, 0))).toBeUndefined();
    expect([at(2, 0), at(0, 1), at(1, 1)].map((place) => codeAt(page!, place))).toEqual(LABELS.map(linkOf));
  });

  it('each by itself is a page of its own size; a small one has no code', async () => {
    const single = { ...USUAL_SHEET, paper: 'single' as const, widthMm: 62, heightMm: 38 };
    const each = await printed(LABELS, single);
    expect(each.pages.map((p) => Math.round((p.width / 200) * 25.4))).toEqual([62, 62, 62]);
    expect(codeAt(each.pages[1]!, { x: 0, y: 0, width: 62, height: 38 })).toBe(linkOf(LABELS[1]!));
    const small = await printed([label(7)], { ...single, widthMm: 36, heightMm: 14 });
    expect(codeAt(small.pages[0]!, { x: 0, y: 0, width: 36, height: 14 })).toBeUndefined();
    expect(small.text).toMatch(/7/);
  });

  it('a sheet that they do not fit on is refused', async () => {
    expect(await labelsPdf(LABELS, { ...USUAL_SHEET, columns: 5 }, FONTS, linkOf)).toMatchObject({
      refusal: { code: 'labels-off-paper' }
    });
  });
});
