import type { CommandName } from '$lib/schema/commands';
import { beforeEach, describe, expect, it } from 'vitest';
import { openDatabase } from '$lib/server/db/open';
import { isFromElsewhere, wayOn, whoAsks } from '$lib/server/http/door';
import { Keys, type Hand } from '$lib/server/people';
import { fingerprint, hashPassphrase, isCode, isPassphrase, newCode } from '$lib/server/people/secrets';
import { Waits } from '$lib/server/people/waits';
import { saveBenchDraft, stepClock, USE_CASES, type House } from '$lib/server/usecases';
import { nextCare } from '$lib/server/views/care';
import {
  beginHouse,
  dropGuests,
  makeToken,
  setPassphrase,
  signIn,
  signOutEverywhere,
  takeBackPass
} from '$lib/server/usecases/people';
import { door } from '$lib/server/views';
import { record } from '$lib/server/views/record';
import { ZONE } from '../support/house';

const OURS = 'kohlrabi under the stairs';
const GUESTS = 'only looking at jars';
const DAY = 86_400_000;

let now = Date.UTC(2026, 8, 12, 8);
let house: House & { keys: Keys };
beforeEach(async () => {
  now = Date.UTC(2026, 8, 12, 8);
  const db = await openDatabase(':memory:');
  const keys = new Keys(db, true, () => now);
  await keys.open();
  house = { db, zone: ZONE, clock: { now: () => now, elapsed: () => now, stepped: false }, keys };
  return () => db.destroy();
});

/** Comes in, and asks from then on as that hand. */
async function as(name: string, passphrase: string): Promise<House & { secret: string; hand: Hand }> {
  const came = await signIn(house, { name, passphrase }, '10.0.0.7');
  if (!came.ok) throw new Error(came.refusals[0]?.code);
  const hand = await house.keys.whoShows('session', came.value.secret);
  return { ...house, hand: hand!, secret: came.value.secret };
}
const first = (code = house.keys.code) =>
  beginHouse(house, { name: 'Ida', code, passphrase: OURS }, '10.0.0.1');
const codes = (r: { ok: boolean; refusals?: readonly { code: string }[] }) =>
  r.ok ? 'ok' : r.refusals?.map((x) => x.code).join();
let n = 0;
const command = () => ({ commandId: `c${++n}` });

describe('a passphrase', () => {
  it('is kept by scrypt with a salt of its own, and read however it is spaced and composed', async () => {
    const [a, b] = [await hashPassphrase('Käse  im  Keller'), await hashPassphrase('Käse im Keller')];
    expect(a).toMatch(/^scrypt\$32768\$8\$1\$/);
    expect(a).not.toBe(b);
    expect(await isPassphrase('Ka\u0308se im Keller ', a)).toBe(true);
    expect(await isPassphrase('käse im keller', a)).toBe(false);
    expect(await isPassphrase('anything', 'plain')).toBe(false);
  });
  it('is long enough and not plain', async () => {
    const say = (passphrase: string) =>
      beginHouse(house, { name: 'Ida', code: house.keys.code, passphrase }, '10.0.0.1').then(codes);
    expect(await say('short')).toBe('passphrase-short');
    expect(await say('aaaaaaaaaaaaaaaaaaa')).toBe('passphrase-plain');
    expect(await say('x'.repeat(5000))).toBe('text-too-long,passphrase-plain');
  });
});

describe('the first of all', () => {
  it('comes in with the code that the start shows, once', async () => {
    const { code } = house.keys;
    expect(code).toMatch(/^[A-Z2-9]{4}-[A-Z2-9]{4}$/);
    expect(isCode(` ${code!.toLowerCase().replace('-', ' ')}`, code!)).toBe(true);
    expect(codes(await signIn(house, { name: 'Ida', passphrase: OURS }, '10.0.0.1'))).toBe(
      'no-passphrase-yet'
    );
    const wrong = { name: 'Ida', code: newCode(), passphrase: OURS };
    expect(codes(await beginHouse(house, wrong, '10.0.0.1'))).toBe('code-wrong');
    // Two at once with the right one: the first is the first.
    const both = await Promise.all([first(code), first(code)]);
    expect(both.map(codes).sort()).toEqual(['ok', 'passphrase-is-set']);
    expect(codes(await first(code))).toBe('passphrase-is-set');
    expect((await as('Ida', OURS)).hand).toMatchObject({ name: 'Ida', role: 'hand', kind: 'session' });
  });
  it('nothing of it stands in the database but hashes', async () => {
    await first();
    const ida = await as('Ida', OURS);
    const made = await makeToken(ida, { ...command(), name: 'Weather', role: 'guest', days: 5 });
    const all = JSON.stringify([
      await house.db('pass'),
      await house.db('passphrase'),
      await house.db('command')
    ]);
    expect(all).not.toContain(OURS);
    expect(all).not.toContain(ida.secret);
    expect(made.ok && !all.includes(made.value.token) && all.includes(fingerprint(made.value.token))).toBe(
      true
    );
  });
});

describe('wrong tries', () => {
  it('wait, longer each time, and are forgotten after an hour', () => {
    const waits = new Waits(() => now);
    const tries: number[] = [];
    for (let i = 0; i < 14; i++) {
      const wait = waits.begin('10.0.0.9');
      tries.push(wait);
      now += wait * 1000;
      if (wait > 0) expect(waits.begin('10.0.0.9')).toBe(0);
    }
    expect(tries.slice(0, 4)).toEqual([0, 0, 0, 0]);
    expect(tries.slice(4, 12)).toEqual([5, 10, 20, 40, 80, 160, 320, 640]);
    expect(Math.max(...tries)).toBe(900);
    // Another machine may try meanwhile; one network of IPv6 is one asker.
    expect(waits.begin('10.0.0.10')).toBe(0);
    for (let i = 0; i < 4; i++) waits.begin(`fe80:1:2:3::${i}`);
    expect(waits.begin('fe80:1:2:3::99')).toBe(5);
    now += 61 * 60_000;
    expect(waits.begin('10.0.0.9')).toBe(0);
  });
  it('from everywhere at once wait as well, and what is remembered has an end', () => {
    const waits = new Waits(() => now);
    for (let i = 0; i < 40; i++) expect(waits.begin(`10.1.0.${i}`)).toBe(0);
    expect(waits.begin('10.2.0.1')).toBe(5);
    expect((waits as unknown as { known: Map<string, unknown> }).known.size).toBeLessThan(2001);
  });
  it('many at once are many, and the right one does not help while it waits', async () => {
    await first();
    const guess = () => signIn(house, { name: 'x', passphrase: 'a wrong passphrase' }, '10.0.0.66');
    const all = (await Promise.all(Array.from({ length: 10 }, guess))).map(codes);
    expect(all.filter((c) => c === 'passphrase-wrong')).toHaveLength(4);
    expect(all.filter((c) => c === 'too-many-tries')).toHaveLength(6);
    expect(codes(await signIn(house, { name: 'x', passphrase: OURS }, '10.0.0.66'))).toBe('too-many-tries');
    now += 5000;
    expect(codes(await signIn(house, { name: 'x', passphrase: OURS }, '10.0.0.66'))).toBe('ok');
  });
});

describe('who is in', () => {
  it('stays in while the phone is used, and no longer', async () => {
    await first();
    const { secret } = await as('Ida', OURS);
    for (let i = 0; i < 4; i++) {
      now += 80 * DAY;
      expect(await house.keys.whoShows('session', secret)).toMatchObject({ name: 'Ida' });
    }
    now += 91 * DAY;
    expect(await house.keys.whoShows('session', secret)).toBeNull();
  });
  it('a pass is good for what it is: no cookie is a token, and the other way', async () => {
    await first();
    const ida = await as('Ida', OURS);
    const made = await makeToken(ida, { ...command(), name: 'Weather', role: 'guest', days: 5 });
    const token = made.ok ? made.value.token : '';
    const ask = (headers: Record<string, string>, cookie?: string) =>
      whoAsks(
        {
          request: new Request('http://x', { headers }),
          cookies: { get: () => cookie } as never
        },
        house.keys
      );
    expect(await ask({ authorization: `Bearer ${token}` })).toMatchObject({ name: 'Weather', role: 'guest' });
    expect(await ask({ authorization: `Bearer ${ida.secret}` })).toBe('unknown-token');
    expect(await ask({ authorization: 'Basic aWRhOng=' }, ida.secret)).toBe('unknown-token');
    expect(await ask({}, token)).toBeNull();
    expect(await ask({}, '__proto__')).toBeNull();
    expect(await ask({}, ida.secret)).toMatchObject({ name: 'Ida' });
    now += 6 * DAY;
    expect(await ask({ authorization: `Bearer ${token}` })).toBe('unknown-token');
  });
  it('signs out alone or everywhere; a changed passphrase signs the others out', async () => {
    await first();
    const [ida, ben] = [await as('Ida', OURS), await as('Ben', OURS)];
    const inside = (h: { secret: string }) =>
      house.keys.whoShows('session', h.secret).then((x) => x !== null);
    expect(codes(await takeBackPass(ida, { ...command(), passId: ben.hand.pass }))).toBe('ok');
    expect(codes(await takeBackPass(ida, { ...command(), passId: ben.hand.pass }))).toBe('pass-unknown');
    expect([await inside(ida), await inside(ben)]).toEqual([true, false]);
    const ben2 = await as('Ben', OURS);
    const change = { role: 'hand', passphrase: 'another one under the stairs' };
    expect(codes(await setPassphrase(ida, { ...command(), ...change, current: 'wrong' }))).toBe(
      'passphrase-wrong'
    );
    expect(codes(await setPassphrase(ida, { ...command(), ...change, current: OURS }))).toBe('ok');
    expect([await inside(ida), await inside(ben2)]).toEqual([true, false]);
    expect(codes(await signOutEverywhere(ida, command()))).toBe('ok');
    expect(await inside(ida)).toBe(false);
  });
});

describe('a guest', () => {
  it('looks on: every command, the draft and the clock refuse, and the keys are not theirs', async () => {
    await first();
    const ida = await as('Ida', OURS);
    const set = { ...command(), role: 'guest', current: OURS };
    expect(codes(await setPassphrase(ida, { ...set, passphrase: OURS }))).toBe('passphrase-of-others');
    expect(codes(await setPassphrase(ida, { ...set, passphrase: GUESTS }))).toBe('ok');
    const guest = await as('Max', GUESTS);
    expect(guest.hand.role).toBe('guest');
    for (const name of Object.keys(USE_CASES) as CommandName[])
      expect(codes(await USE_CASES[name](guest, command())), name).toBe('guest-looks-on');
    expect(codes(await saveBenchDraft(guest, {}))).toBe('guest-looks-on');
    expect(codes(await stepClock(guest, { by: 'day' }, nextCare))).toBe('guest-looks-on');
    for (const useCase of [dropGuests, signOutEverywhere])
      expect(codes(await useCase(guest, command()))).toBe('keys-not-yours');
    expect(codes(await makeToken(guest, { ...command(), name: 'x', role: 'hand', days: 1 }))).toBe(
      'keys-not-yours'
    );
    expect(await door(guest)).toBeNull();
    // No program gives out keys, whatever it may write.
    const made = await makeToken(ida, { ...command(), name: 'Scale', role: 'hand', days: 5 });
    const scale = await house.keys.whoShows('token', made.ok ? made.value.token : '');
    expect(
      codes(await makeToken({ ...house, hand: scale }, { ...command(), name: 'x', role: 'hand', days: 1 }))
    ).toBe('keys-not-yours');
    // Nor does anybody who is not in.
    expect(codes(await makeToken(house, { ...command(), name: 'x', role: 'hand', days: 1 }))).toBe(
      'keys-not-yours'
    );
    expect(codes(await dropGuests(ida, command()))).toBe('ok');
    expect(await house.keys.whoShows('session', guest.secret)).toBeNull();
    expect(codes(await signIn(house, { name: 'Max', passphrase: GUESTS }, '10.0.0.8'))).toBe(
      'passphrase-wrong'
    );
  });
});

describe('the record', () => {
  it('says whose hand it was', async () => {
    await first();
    const [ida, ben] = [await as('Ida', OURS), await as('Ben', OURS)];
    await USE_CASES['own-jars'](ida, { ...command(), geometryId: 'clip-1000', lid: 'clamped', owned: 6 });
    const entered = {
      commandId: 'jar',
      name: 'Old',
      styleId: 'shredded',
      cropId: 'carrot',
      since: '2026-09-01',
      placeId: 'counter',
      jarId: 'clip-1000.clamped',
      jars: 1
    };
    expect(codes(await USE_CASES['enter-standing'](ida, entered))).toBe('ok');
    const taste = { ...command(), batchId: 'jar', fillingIds: 'jar.j1', sour: 1, salt: 1, crunch: 1 };
    expect(codes(await USE_CASES.taste(ben, taste))).toBe('ok');
    const said = await record(house, 'jar');
    expect([said.by, said.lines[0]?.by]).toEqual(['Ida', 'Ben']);
    expect((await door(ida))?.passes.map((p) => p.name).sort()).toEqual(['Ben', 'Ida', 'Ida']);
  });
});

describe('the same command said again', () => {
  it('with the same is answered as before; with other input it is refused', async () => {
    const pick = { commandId: 'p', cropId: 'carrot', weight: '1 kg' };
    const once = await USE_CASES['weigh-in'](house, pick);
    expect(await USE_CASES['weigh-in'](house, { ...pick, note: '' })).toEqual(once);
    expect(codes(await USE_CASES['weigh-in'](house, { ...pick, weight: '2 kg' }))).toBe(
      'command-said-otherwise'
    );
    // What was stored before fingerprints were kept has none to compare.
    const old = { id: 'old', kind: 'weigh-in', at: 0, answer: '{"name":"Carrot"}' };
    await house.db('command').insert(old);
    expect(codes(await USE_CASES['weigh-in'](house, { ...pick, commandId: 'old' }))).toBe('ok');
  });
});

describe('from elsewhere', () => {
  const url = new URL('http://kitchen.lan:4620/api/v1/weigh-in');
  it.each([
    ['POST', {}, false],
    ['POST', { origin: 'http://kitchen.lan:4620' }, false],
    ['POST', { origin: 'http://kitchen.lan:8080' }, true],
    ['POST', { origin: 'null' }, true],
    ['POST', { origin: 'http://kitchen.lan:4620.evil.example' }, true],
    ['POST', { 'sec-fetch-site': 'cross-site' }, true],
    ['POST', { 'sec-fetch-site': 'same-origin' }, false],
    ['GET', { 'sec-fetch-site': 'cross-site' }, false]
  ] as const)('%s %j: %s', (method, headers, wanted) =>
    expect(isFromElsewhere(new Request(url, { method, headers }), url)).toBe(wanted)
  );
  it.each([
    ['/kit', '/kit'],
    ['//evil.example', '/'],
    ['/\\evil.example', '/'],
    ['http://evil.example/kit', '/'],
    ['/sign-in', '/'],
    ['/bench?x=1', '/bench']
  ])('the way on after %s leads to %s', (to, wanted) =>
    expect(wayOn(new URL(`http://kitchen.lan/sign-in?to=${encodeURIComponent(to)}`))).toBe(wanted)
  );
});
