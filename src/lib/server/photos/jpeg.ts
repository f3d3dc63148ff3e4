/** A picture as it is kept. */
export interface BareJpeg {
  readonly jpeg: Buffer;
  readonly width: number;
  readonly height: number;
}

const SOI = 0xd8;
const EOI = 0xd9;
const SOS = 0xda;
/** What a picture needs to be drawn: its sizes, its colours (JFIF, Adobe), its tables. All else says things about it. */
const isDrawn = (marker: number): boolean =>
  marker === 0xe0 ||
  marker === 0xee ||
  (marker >= 0xc0 && marker <= 0xcf) ||
  marker === 0xdb ||
  marker === 0xdd;
/** Frames: baseline, progressive and their kin; the tables that share their row are not. */
const isFrame = (marker: number): boolean =>
  marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);

/**
 * A JPEG with nothing in it but what is drawn: place, time, device, names, thumbnails and comments are left out, whoever put
 * them there. null: no JPEG, or a broken one.
 */
export function bareJpeg(bytes: Buffer): BareJpeg | null {
  if (bytes.length < 4 || bytes.readUInt16BE(0) !== 0xff00 + SOI) return null;
  const kept: Buffer[] = [bytes.subarray(0, 2)];
  let size: { width: number; height: number } | null = null;
  for (let at = 2; at + 4 <= bytes.length;) {
    if (bytes[at] !== 0xff) return null;
    const marker = bytes[at + 1]!;
    const length = bytes.readUInt16BE(at + 2);
    const end = at + 2 + length;
    if (length < 2 || end > bytes.length) return null;
    if (marker === SOS) {
      // The picture itself, to its end; what is tacked on behind it is no part of it.
      const eoi = bytes.lastIndexOf(Buffer.from([0xff, EOI]));
      if (!size || eoi < end) return null;
      return { ...size, jpeg: Buffer.concat([...kept, bytes.subarray(at, eoi + 2)]) };
    }
    if (isFrame(marker) && length >= 7)
      size = { height: bytes.readUInt16BE(at + 5), width: bytes.readUInt16BE(at + 7) };
    if (isDrawn(marker)) kept.push(bytes.subarray(at, end));
    at = end;
  }
  return null;
}
