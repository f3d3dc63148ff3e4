import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { cleanText } from '$lib/schema/common';
import { batches, household, lots, pantry } from '$lib/server/repos';
import { saveBenchDraft } from '$lib/server/usecases';
import { testHouse, type TestHouse } from '../support/house';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.db.destroy());

const place = (name: string, over: Record<string, unknown> = {}) =>
  house.say('set-place', { name, kind: 'counter', tempC: 18, shelfLitres: '', ...over });
const places = async () => (await household(house.db)).places.map((p) => p.name);

describe('names never collide', () => {
  it('names without Latin letters are places of their own', async () => {
    const before = await places();
    expect((await place('Кладовая', { kind: 'cold' })).ok).toBe(true);
    expect((await place('台所')).ok).toBe(true);
    expect((await place('counter!')).ok).toBe(true);
    expect(await places()).toEqual([...before, 'Кладовая', '台所', 'counter!']);
  });
  it.each(['Back stairs', ' back  STAIRS ', 'Ｂack stairs'])('a taken name is said: %j', async (name) => {
    await place('Back stairs');
    expect(await place(name)).toEqual({ ok: false, codes: ['name-taken'] });
  });
  it('a place may be renamed, not to the name of another, and a command is no way to change one', async () => {
    const made = await place('Shed');
    await place('Porch');
    const id = (await household(house.db)).places.find((p) => p.name === 'Shed')!.id;
    expect(made.ok && made.commandId).toBe(id);
    expect(await place('Porch', { placeId: id })).toEqual({ ok: false, codes: ['name-taken'] });
    expect((await place('Old shed', { placeId: id })).ok).toBe(true);
    await place('Loft', { placeId: 'loft' });
    expect(await place('Attic', { commandId: 'loft' })).toEqual({ ok: false, codes: ['command-taken'] });
    expect(await places()).toEqual(expect.arrayContaining(['Old shed', 'Porch', 'Loft']));
  });
  it('a bowl of the same name is that bowl weighed again; another alphabet is another bowl', async () => {
    for (const [name, weight] of [
      ['Миска', '300 g'],
      ['鉢', '400 g'],
      ['миска', '310 g']
    ] as const)
      await house.say('set-tare', { name, weight });
    expect((await household(house.db)).tares.map((t) => t.g)).toEqual([310, 400]);
  });
});

describe('texts', () => {
  it.each([
    ['a\0b', 'ab'],
    ['half \uD83E of a pair', 'half  of a pair'],
    ['whole 🥬', 'whole 🥬'],
    ['turned \u202Eround\u2066', 'turned round'],
    ['e\u0301', 'é'],
    ['two\r\nlines\tand a tab', 'two\nlines\tand a tab']
  ])('%j is kept as %j', (said, kept) => expect(cleanText(said)).toBe(kept));
  it('a name of nothing but such marks is not filled in', async () => {
    expect(await place('\u202E\0')).toEqual({ ok: false, codes: ['missing'] });
  });
});

describe('bounds', () => {
  const standing = (over: Record<string, unknown>) =>
    house.say('enter-standing', {
      name: 'Old kraut',
      styleId: 'shredded',
      cropId: 'cabbage-white',
      since: '2026-09-01',
      placeId: 'counter',
      jarId: 'clip-1000.clamped',
      jars: 2,
      ...over
    });
  beforeEach(async () => {
    await place('Side table', { placeId: 'counter' });
    await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 4 });
  });
  it('a day of ten years ago is a slip, and so is one to come', async () => {
    expect(await standing({ since: '1026-09-01' })).toEqual({ ok: false, codes: ['day-long-ago'] });
    expect(await standing({ since: '2026-09-13' })).toEqual({ ok: false, codes: ['day-ahead'] });
    expect(await standing({ placeSince: '2016-09-11' })).toEqual({ ok: false, codes: ['day-long-ago'] });
    const pick = { cropId: 'carrot', weight: '1 kg', day: '1026-09-01' };
    expect(await house.say('weigh-in', pick)).toEqual({ ok: false, codes: ['day-long-ago'] });
    expect((await standing({ since: '2017-09-01' })).ok).toBe(true);
    expect(await lots.list(house.db, 'all')).toHaveLength(0);
  });
  it('jars are counted whole, and one named three times is one', async () => {
    expect(await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 61.37 })).toEqual({
      ok: false,
      codes: ['count-not-whole']
    });
    expect(await standing({ jars: 1.5 })).toEqual({ ok: false, codes: ['count-not-whole'] });
    expect((await standing({})).ok).toBe(true);
    const [b] = await batches.list(house.db, 'live');
    const jar = b!.fillings[0]!.id;
    const seen = { batchId: b!.id, fillingIds: [jar, jar, jar], sign: 'mould' };
    expect((await house.say('see-sign', seen)).ok).toBe(true);
    expect((await batches.list(house.db, 'live'))[0]!.signs[0]!.fillingIds).toEqual([jar]);
  });
  it('salt beyond reason is not counted', async () => {
    expect(
      await house.say('count-goods', { name: 'Salt', kind: 'salt', amount: `1${'0'.repeat(30)} g` })
    ).toEqual({ ok: false, codes: ['weight-absurd'] });
    expect((await pantry(house.db)).map((g) => g.name)).not.toContain('Salt');
  });
  it('a bench’s unfinished choices have an end, however they are sent', async () => {
    let refused = 0;
    for (let post = 0; post < 12; post++) {
      const weighed = Object.fromEntries(
        Array.from({ length: 50 }, (_, i) => [`k${post}-${i}`, '9'.repeat(60)])
      );
      const r = await saveBenchDraft(house, { set: { weighed } });
      if (!r.ok) refused++;
    }
    expect(refused).toBe(11);
    const [row] = await house.db<{ data: string }>('draft').select('data');
    expect(row!.data.length).toBeLessThan(10_000);
  });
});
