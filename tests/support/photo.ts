/** A green picture of 8 × 6, as a browser drew it. */
export const TINY_JPEG = Buffer.from(
  '/9j/4AAQSkZJRgABAQAAAQABAAD/2wBDABsSFBcUERsXFhceHBsgKEIrKCUlKFE6PTBCYFVlZF9VXVtqeJmBanGQc1tdhbWGkJ6jq62rZ4C8ybqmx5moq6T/2wBDARweHigjKE4rK06kbl1upKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKSkpKT/wAARCAAGAAgDASIAAhEBAxEB/8QAFQABAQAAAAAAAAAAAAAAAAAAAAL/xAAUEAEAAAAAAAAAAAAAAAAAAAAA/8QAFQEBAQAAAAAAAAAAAAAAAAAAAgT/xAAUEQEAAAAAAAAAAAAAAAAAAAAA/9oADAMBAAIRAxEAPwCgBRP/2Q==',
  'base64'
);

/** As a page sends it. */
export const asAddress = (jpeg: Buffer): string => `data:image/jpeg;base64,${jpeg.toString('base64')}`;

const segment = (marker: number, body: Buffer): Buffer => {
  const head = Buffer.from([0xff, marker, 0, 0]);
  head.writeUInt16BE(body.length + 2, 2);
  return Buffer.concat([head, body]);
};
const u16 = (...all: number[]) => Buffer.from(all.flatMap((v) => [v >> 8, v & 255]));
const u32 = (...all: number[]) =>
  Buffer.concat(all.map((v) => Buffer.from([v >>> 24, (v >> 16) & 255, (v >> 8) & 255, v & 255])));
const entry = (tag: number, type: number, count: number, value: Buffer) =>
  Buffer.concat([u16(tag, type), u32(count), value]);

/** What a phone's camera writes: where it stood (53° 12′ N, 6° 30′ W), and a name in two more places. */
export function withPlace(jpeg: Buffer): Buffer {
  const gpsAt = 8 + 2 + 12 + 4;
  const valuesAt = gpsAt + 2 + 4 * 12 + 4;
  const tiff = Buffer.concat([
    Buffer.from('MM'),
    u16(42),
    u32(8),
    u16(1),
    entry(0x8825, 4, 1, u32(gpsAt)),
    u32(0),
    u16(4),
    entry(1, 2, 2, Buffer.from('N\0\0\0')),
    entry(2, 5, 3, u32(valuesAt)),
    entry(3, 2, 2, Buffer.from('W\0\0\0')),
    entry(4, 5, 3, u32(valuesAt + 24)),
    u32(0),
    u32(53, 1, 12, 1, 0, 1, 6, 1, 30, 1, 0, 1)
  ]);
  return Buffer.concat([
    jpeg.subarray(0, 2),
    segment(0xe1, Buffer.concat([Buffer.from('Exif\0\0'), tiff])),
    segment(0xe1, Buffer.from('http://ns.adobe.com/xap/1.0/\0<x:xmpmeta>Osier Bank</x:xmpmeta>')),
    segment(0xfe, Buffer.from('Osier Bank')),
    jpeg.subarray(2),
    Buffer.from('Osier Bank, tacked on')
  ]);
}
