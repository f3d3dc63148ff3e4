import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import exifr from 'exifr';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { backUp } from '$lib/server/db/backups';
import { openDatabase } from '$lib/server/db/open';
import { bareJpeg } from '$lib/server/photos/jpeg';
import { batches } from '$lib/server/repos';
import { photoOf } from '$lib/server/repos/photos';
import { START } from '../support/good';
import { testHouse, type TestHouse } from '../support/house';
import { asAddress, TINY_JPEG, withPlace } from '../support/photo';

describe('a picture bare of what a camera writes into it', () => {
  it('has no place for a reader that is not ours, no name, and is drawn by the same bytes', async () => {
    const told = withPlace(TINY_JPEG);
    expect(await exifr.gps(told)).toMatchObject({ latitude: 53.2, longitude: -6.5 });
    const bare = bareJpeg(told)!;
    expect(bare).toMatchObject({ width: 8, height: 6 });
    expect(await exifr.gps(bare.jpeg)).toBeUndefined();
    expect(await exifr.parse(bare.jpeg, { tiff: true, xmp: true, iptc: true, icc: true })).toBeUndefined();
    expect(bare.jpeg.includes('Osier')).toBe(false);
    expect(bare.jpeg.equals(TINY_JPEG)).toBe(true);
  });
  it('is none where there is no JPEG, or a broken one', () => {
    for (const bad of [
      Buffer.alloc(0),
      Buffer.from('GIF89a, a picture of another kind'),
      TINY_JPEG.subarray(0, 200),
      TINY_JPEG.subarray(0, TINY_JPEG.length - 4),
      Buffer.concat([TINY_JPEG.subarray(0, 2), Buffer.from([0xff, 0xe1, 0xff, 0xff, 1, 2])]),
      Buffer.concat([TINY_JPEG.subarray(0, 2), Buffer.from([0xff, 0xd9])])
    ])
      expect(bareJpeg(bad), bad.subarray(0, 12).toString('hex')).toBeNull();
    for (let cut = 0; cut < TINY_JPEG.length; cut++) expect(bareJpeg(TINY_JPEG.subarray(0, cut))).toBeNull();
  });
});

describe('photos of a batch', () => {
  let house: TestHouse;
  let folder = '';
  beforeEach(async () => {
    folder = mkdtempSync(join(tmpdir(), 'crockle-photos-'));
    house = await testHouse(join(folder, 'house.db'));
    await house.say('settle', { name: 'Test kitchen' });
    await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6 });
    await house.say('weigh-in', { commandId: 'pick', cropId: 'cabbage-white', weight: '1 kg' });
    await house.say('take-to-bench', { lotId: 'pick', weight: '' });
    await house.say('start-batch', { ...START, commandId: 'kraut' });
  });
  afterEach(async () => {
    await house.db.destroy();
    rmSync(folder, { recursive: true, force: true });
  });
  const photos = async () => (await batches.load(house.db, 'kraut'))!.state.photos;
  const take = (commandId: string) =>
    house.say('add-photo', {
      ...{ commandId, batchId: 'kraut', fillingIds: 'kraut.j1' },
      image: asAddress(withPlace(TINY_JPEG))
    });

  it('are kept bare, once however often they are sent, and go into every backup', async () => {
    expect(await take('first')).toMatchObject({ ok: true });
    expect(await take('first')).toMatchObject({ ok: true });
    const [photo, ...more] = await photos();
    expect([photo?.width, photo?.height, more.length]).toEqual([8, 6, 0]);
    expect((await photoOf(house.db, photo!.id))!.equals(TINY_JPEG)).toBe(true);
    const backup = await backUp(join(folder, 'house.db'), join(folder, 'backups'), house.clock.now());
    const restored = await openDatabase(backup);
    expect((await photoOf(restored, photo!.id))!.equals(TINY_JPEG)).toBe(true);
    await restored.destroy();
  });
  it('deleted are gone for good, from the file as well; that cannot be undone, and the record says that there was one', async () => {
    await take('first');
    await take('second');
    const [first, second] = await photos();
    const deleted = await house.say('delete-photo', { batchId: 'kraut', of: first!.id });
    expect(deleted).toMatchObject({ ok: true });
    expect(await photos()).toMatchObject([{ id: second!.id }]);
    expect(await photoOf(house.db, first!.id)).toBeNull();
    expect(await house.say('undo', { of: deleted.ok ? deleted.commandId : '' })).toMatchObject({
      codes: ['gone-for-good']
    });
    expect(await house.say('undo', { of: 'first' })).toMatchObject({ ok: false });
    expect(await house.say('delete-photo', { batchId: 'kraut', of: first!.id })).toMatchObject({
      codes: ['photo-unknown']
    });
    await house.say('undo', { of: 'second' });
    expect([await photos(), await photoOf(house.db, second!.id)]).toEqual([[], null]);
    await house.db.raw('PRAGMA wal_checkpoint(TRUNCATE)');
    // Its tables are in no file of the house any more.
    const inside = TINY_JPEG.subarray(40, 120);
    expect(readFileSync(join(folder, 'house.db')).includes(inside)).toBe(false);
  });
  it('refuse what is no picture, whatever it says that it is', async () => {
    for (const image of [
      '',
      'data:text/html;base64,AAAA',
      'data:image/jpeg;base64,AAAA',
      asAddress(Buffer.from('GIF89a'))
    ])
      expect(await house.say('add-photo', { batchId: 'kraut', fillingIds: 'kraut.j1', image })).toMatchObject(
        {
          codes: ['photo-strange']
        }
      );
    const image = `data:image/jpeg;base64,${'A'.repeat(900_000)}`;
    expect(await house.say('add-photo', { batchId: 'kraut', fillingIds: 'kraut.j1', image })).toMatchObject({
      codes: ['photo-too-large']
    });
    expect(await photos()).toEqual([]);
  });
});
