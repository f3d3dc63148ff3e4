import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import QRCode from 'qrcode';
import { labelPlaces, pageOf, type LabelPlace, type LabelSheet, type LidLabel } from '../../core/batch';
import { done, type Outcome } from '../../core/refusal';
import { labelLines } from '../../words';

/** The bytes of the faces that a label is set in; each with the letters of the neighbouring languages behind it. */
export interface LabelFonts {
  readonly display: readonly Uint8Array[];
  readonly bold: readonly Uint8Array[];
  readonly plain: readonly Uint8Array[];
}

/** A face, and what stands in for letters that it lacks. */
type Face = readonly { readonly font: PDFFont; readonly has: ReadonlySet<number> }[];
interface Faces {
  readonly display: Face;
  readonly bold: Face;
  readonly plain: Face;
}

/** Points in a millimetre. */
const PT = 72 / 25.4;
const PAD_MM = 2;
/** A code is read from this size on, and is no larger than that; mm. */
const CODE = { leastMm: 14, mostMm: 17 };
/** Letters are no smaller than can be read in a cellar, pt. */
const SIZES = { number: 30, name: 11, line: 8, least: 5.5 };
const BLACK = rgb(0, 0, 0);
const CUT = rgb(0.7, 0.7, 0.7);

/**
 * Labels as a PDF: lid number large, what it is, its lines, and a code that opens the jar. `linkOf` is the address behind the
 * code. Refuses a sheet that the labels do not fit on.
 */
export async function labelsPdf(
  labels: readonly LidLabel[],
  sheet: LabelSheet,
  fonts: LabelFonts,
  linkOf: (l: LidLabel) => string
): Promise<Outcome<Uint8Array>> {
  const places = labelPlaces(sheet, labels.length);
  if (!places.ok) return places;
  const pdf = await PDFDocument.create();
  pdf.setTitle('Lid labels');
  pdf.setCreator('Crockle');
  const faces = await facesOf(pdf, fonts);
  const { widthMm, heightMm } = pageOf(sheet);
  const pages: PDFPage[] = [];
  for (const [i, place] of places.value.entries()) {
    while (pages.length <= place.page) pages.push(pdf.addPage([widthMm * PT, heightMm * PT]));
    drawLabel(pages[place.page]!, labels[i]!, linkOf(labels[i]!), { sheet, place, faces });
  }
  return done(await pdf.save());
}

async function facesOf(pdf: PDFDocument, fonts: LabelFonts): Promise<Faces> {
  pdf.registerFontkit(fontkit);
  const face = async (all: readonly Uint8Array[]): Promise<Face> => {
    const out = [];
    for (const bytes of all) {
      // Only a subset is embedded soundly.
      const font = await pdf.embedFont(bytes, { subset: true });
      out.push({ font, has: new Set(font.getCharacterSet()) });
    }
    return out;
  };
  return {
    display: await face(fonts.display),
    bold: await face(fonts.bold),
    plain: await face(fonts.plain)
  };
}

interface Spot {
  readonly sheet: LabelSheet;
  readonly place: LabelPlace;
  readonly faces: Faces;
}

function drawLabel(page: PDFPage, label: LidLabel, link: string, { sheet, place, faces }: Spot): void {
  const [width, height] = [sheet.widthMm * PT, sheet.heightMm * PT];
  const left = place.xMm * PT;
  const top = page.getHeight() - place.yMm * PT;
  const pad = PAD_MM * PT;
  // Labels that stand apart are cut already.
  if (sheet.paper !== 'single' && sheet.acrossMm === 0 && sheet.downMm === 0)
    page.drawRectangle({
      ...{ x: left, y: top - height, width, height },
      ...{ borderColor: CUT, borderWidth: 0.3, borderDashArray: [2, 3] }
    });
  const code = codeSize(sheet) * PT;
  if (code > 0) drawCode(page, link, { x: left + width - pad - code, y: top - height / 2 + code / 2, code });
  const number = String(label.lidNumber);
  const size = Math.min(SIZES.number, height * 0.6);
  const numberWidth = Math.max(widthOf(number, faces.display, size), 9 * PT);
  write(page, number, faces.display, { x: left + pad, y: top - height / 2 - size * 0.36, size });
  const x = left + pad + numberWidth + pad;
  const room = left + width - pad - (code > 0 ? code + pad : 0) - x;
  const lines = linesOf(label, faces, room);
  const high = lines.reduce((a, l) => a + l.size * LEADING, 0);
  const shrink = Math.min(1, (height - 2 * pad) / high);
  let y = top - (height - high * shrink) / 2;
  for (const { text, size: asked, face } of lines) {
    const size = asked * shrink;
    y -= size * LEADING;
    write(page, text, face, { x, y: y + size * 0.3, size });
  }
}

/** From line to line, of a line's size. */
const LEADING = 1.25;

/** A label's name and lines, broken into the room: all lines of one size, the smallest that one of them needs. */
function linesOf(
  label: LidLabel,
  faces: Faces,
  room: number
): { readonly text: string; readonly size: number; readonly face: Face }[] {
  const said = labelLines(label).map((l) => ({
    text: l.text,
    face: l.strong ? faces.bold : faces.plain,
    most: l.strong ? 2 : 1
  }));
  const inRoom = (l: (typeof said)[number], size: number) => wrapped(l.text, l.face, { size, room }, l.most);
  const size = Math.min(...said.flatMap((l) => inRoom(l, SIZES.line).map((line) => line.size)));
  const name = wrapped(label.name, faces.bold, { size: SIZES.name, room }, 2);
  return [
    ...name.map((line) => ({ ...line, face: faces.bold })),
    ...said.flatMap((l) => inRoom(l, size).map((line) => ({ ...line, face: l.face })))
  ];
}

/** The side of the code, mm; 0 where a label has no room for it. */
function codeSize({ widthMm, heightMm }: LabelSheet): number {
  const side = Math.min(CODE.mostMm, heightMm - 2 * PAD_MM, widthMm * 0.36);
  return side < CODE.leastMm ? 0 : side;
}

function drawCode(page: PDFPage, text: string, at: { x: number; y: number; code: number }): void {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  const step = at.code / modules.size;
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++)
      if (modules.get(row, column))
        page.drawRectangle({
          ...{ x: at.x + column * step, y: at.y - (row + 1) * step },
          // A hair more, so that no printer leaves a line between.
          ...{ width: step * 1.02, height: step * 1.02, color: BLACK }
        });
}

/** A text in runs, each in the first face that has its letters; what none has is a question mark. */
function runs(text: string, face: Face): { text: string; font: PDFFont }[] {
  const out: { text: string; font: PDFFont }[] = [];
  for (const said of text.replace(/\s/g, ' ')) {
    const one = face.find((f) => f.has.has(said.codePointAt(0)!));
    const [letter, font] = one ? [said, one.font] : ['?', face[0]!.font];
    const last = out.at(-1);
    if (last?.font === font) last.text += letter;
    else out.push({ text: letter, font });
  }
  return out;
}

const widthOf = (text: string, face: Face, size: number): number =>
  runs(text, face).reduce((a, r) => a + r.font.widthOfTextAtSize(r.text, size), 0);

function write(page: PDFPage, text: string, face: Face, at: { x: number; y: number; size: number }): void {
  let { x } = at;
  for (const r of runs(text, face)) {
    page.drawText(r.text, { x, y: at.y, size: at.size, font: r.font, color: BLACK });
    x += r.font.widthOfTextAtSize(r.text, at.size);
  }
}

/** A text in at most so many lines; smaller where it needs to be, and cut with an ellipsis where that is not enough. */
function wrapped(
  text: string,
  face: Face,
  { size, room }: { size: number; room: number },
  most: number
): { text: string; size: number }[] {
  for (let s = size; s >= SIZES.least; s -= 0.5) {
    const lines = broken(text, face, { size: s, room });
    if (lines.length <= most) return lines.map((line) => ({ text: line, size: s }));
  }
  const least = { size: SIZES.least, room };
  const [last = '', ...before] = broken(text, face, least).slice(0, most).reverse();
  let cut = last;
  while (cut !== '' && widthOf(`${cut}…`, face, SIZES.least) > room) cut = cut.slice(0, -1);
  return [...before.reverse(), `${cut.trimEnd()}…`].map((line) => ({ text: line, size: SIZES.least }));
}

function broken(text: string, face: Face, { size, room }: { size: number; room: number }): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (line !== '' && widthOf(longer, face, size) > room) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return line === '' ? lines : [...lines, line];
}
