import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { bufferPH, CALIBRATION_DAYS, mVAt, type ElectrodeReading } from '$lib/core/instrument';
import { wallOf } from '$lib/server/clock';
import { openMeter, type Word } from '$lib/server/devices';
import { standInMeter } from '$lib/server/devices/stand-in-meter';
import { readConfig } from '$lib/server/config';
import { aheadOf, knowsOf, outlookOf } from '$lib/core/outlook';
import { batches, household } from '$lib/server/repos';
import type { CommandName } from '$lib/schema/commands';
import { meterActSchema } from '$lib/schema/devices';
import { START } from '../support/good';
import { testHouse, ZONE, type TestHouse } from '../support/house';

const PEN = { slope: 0.96, zeroMv: 11 };
const line = (pH: number, tempC: number) => ({ mV: mVAt(PEN, pH, tempC), tempC });
const BUFFERS = {
  ...{ sevenMv: mVAt(PEN, bufferPH('7.00', 21), 21), sevenC: 21 },
  ...{ fourMv: mVAt(PEN, bufferPH('4.01', 21), 21), fourC: 21 }
};

describe('a pH meter on the line of the house', () => {
  let house: TestHouse;
  beforeEach(async () => {
    house = await testHouse();
    await house.say('settle', { name: 'Test kitchen' });
    await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6, name: '1 l clip jar' });
  });
  afterEach(() => house.db.destroy());

  const must = async (name: CommandName, input: Record<string, unknown>) => {
    const r = await house.say(name, input);
    if (!r.ok) throw new Error(`${name}: ${r.codes.join()}`);
    return r;
  };
  /** A batch of one jar. */
  async function aJar() {
    const picked = await must('weigh-in', { cropId: 'cabbage-pointed', weight: '900 g' });
    await house.say('take-to-bench', { lotId: picked.commandId, weight: '' });
    await house.say('weigh-prepared', { lotId: picked.commandId, weight: '800 g' });
    const started = await must('start-batch', {
      ...{ styleId: 'shredded', fraction: '0.022', saltKindId: 'sea-fine', placeId: 'counter' },
      ...{ opens: 'on', name: 'Kraut' }
    });
    const b = (await batches.load(house.db, started.commandId))!.state;
    return { batchId: b.id, fillingIds: b.fillings[0]!.id };
  }
  const readings = async (id: string) => (await batches.load(house.db, id))!.state.readings;

  it('is believed once it has stood in its buffers, at the warmth of the jar, and what was typed beside it is not', async () => {
    const jar = await aJar();
    const said = { ...jar, pH: '7', by: 'meter', ...line(3.84, 8) };
    expect(await house.say('ph', said)).toMatchObject({ ok: false, codes: ['meter-not-calibrated'] });
    expect(await house.say('calibrate-meter', BUFFERS)).toMatchObject({ ok: true });
    expect(await house.say('ph', said)).toMatchObject({ ok: true });
    expect(await readings(jar.batchId)).toMatchObject([{ pH: 3.84, by: 'meter' }]);
  });

  it('is refused when its buffers lie too far back; a strip and a meter of one’s own are not', async () => {
    const jar = await aJar();
    await house.say('calibrate-meter', BUFFERS);
    house.at('2026-09-30', 9);
    expect(await house.say('ph', { ...jar, pH: '3.8', ...line(3.8, 20) })).toMatchObject({
      codes: ['calibration-old']
    });
    expect(await house.say('ph', { ...jar, pH: '3.8', by: 'strip' })).toMatchObject({ ok: true });
    expect(await house.say('ph', { ...jar, pH: '3.81', by: 'meter' })).toMatchObject({ ok: true });
    await house.say('calibrate-meter', BUFFERS);
    expect(await house.say('ph', { ...jar, pH: '3.7', ...line(3.7, 20) })).toMatchObject({ ok: true });
    expect((await readings(jar.batchId)).map((r) => r.pH)).toEqual([3.8, 3.81, 3.7]);
    expect(CALIBRATION_DAYS).toBe(7);
  });

  it('is read within a round, too', async () => {
    const jar = await aJar();
    const visits = JSON.stringify([{ batchId: jar.batchId, fillingIds: [jar.fillingIds], cares: [] }]);
    expect(await house.say('visit', { visits, pH: '4', ...line(4.4, 20) })).toMatchObject({
      codes: ['meter-not-calibrated']
    });
    await house.say('calibrate-meter', BUFFERS);
    // Half of what an electrode says is nothing, and is not lost in silence.
    expect(await house.say('visit', { visits, pH: '4', mV: 100 })).toMatchObject({ codes: ['missing'] });
    expect(await house.say('visit', { visits, tempC: 20 })).toMatchObject({ codes: ['missing'] });
    expect(await house.say('visit', { visits, ...line(4.4, 20) })).toMatchObject({ ok: true });
    expect(await readings(jar.batchId)).toMatchObject([{ pH: 4.4, by: 'meter' }]);
  });

  it('keeps no calibration that no electrode gives, and the one before when the last is undone', async () => {
    const swapped = { sevenMv: BUFFERS.fourMv, sevenC: 21, fourMv: BUFFERS.sevenMv, fourC: 21 };
    expect(await house.say('calibrate-meter', swapped)).toMatchObject({ codes: ['buffers-swapped'] });
    expect((await household(house.db)).meter).toBeNull();
    await house.say('calibrate-meter', BUFFERS);
    const second = await must('calibrate-meter', { ...BUFFERS, sevenMv: BUFFERS.sevenMv + 2 });
    await house.say('undo', { of: second.commandId });
    expect((await household(house.db)).meter?.seven.mV).toBe(BUFFERS.sevenMv);
  });
});

describe('a titration', () => {
  it('is kept as acid, by ml or drops, and moves the outlook as a reading does; no ferment is sourer than its lye says', async () => {
    const house = await testHouse();
    await house.say('settle', { name: 'Test kitchen' });
    await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6 });
    await house.say('weigh-in', { commandId: 'pick', cropId: 'cabbage-white', weight: '1 kg' });
    await house.say('take-to-bench', { lotId: 'pick', weight: '' });
    await house.say('start-batch', { ...START, commandId: 'kraut' });
    const ours = await household(house.db);
    const jar = { batchId: 'kraut', fillingIds: 'kraut.j1' };
    const sour = async () => {
      const b = (await batches.load(house.db, 'kraut'))!.state;
      const ahead = aheadOf(b, b.fillings[0]!, knowsOf(ours, []), wallOf(house.clock.now(), ZONE))!;
      return { b, likely: outlookOf(ahead).spans.tangy.likely! };
    };
    const before = await sour();
    house.at('2026-09-18', 9);
    expect(await house.say('titrate', { ...jar, sampleMl: 10, molar: 0.1, used: '14,2' })).toMatchObject({
      ok: true
    });
    const after = await sour();
    expect(after.b.titrations).toMatchObject([{ percent: 1.279 }]);
    expect(after.likely).toBeLessThan(before.likely);
    await house.say('titrate', { ...jar, sampleMl: 5, molar: 0.1, used: 100, unit: 'drops' });
    expect((await sour()).b.titrations[1]!.percent).toBeCloseTo(0.901, 3);
    expect(await house.say('titrate', { ...jar, sampleMl: 1, molar: 1, used: 14 })).toMatchObject({
      codes: ['acid-strange']
    });
    await house.db.destroy();
  });
});

describe('the meter that the settings name', () => {
  it('is none of itself; the demo has one to play with', () => {
    expect(readConfig({}).meter).toBe('none');
    expect(readConfig({ CROCKLE_DEMO: '1' }).meter).toBe('stand-in');
    expect(readConfig({ CROCKLE_METER: 'stand-in' }).meter).toBe('stand-in');
    expect(() => readConfig({ CROCKLE_METER: 'mine' })).toThrow('CROCKLE_METER');
    expect(openMeter('none', () => 0)).toBeNull();
    expect(openMeter('stand-in', () => 0)).toMatchObject({ lost: false });
    expect(meterActSchema.safeParse({ do: 'dip', pH: 20, tempC: 20 }).success).toBe(false);
  });
  it('speaks while somebody listens, settles, and is silent when its line is cut', () => {
    vi.useFakeTimers();
    let now = 0;
    const meter = standInMeter(
      () => now,
      () => 0
    );
    const heard: Word<ElectrodeReading>[] = [];
    const pass = (ms: number) => {
      for (let i = 0; i < ms / 100; i++) {
        now += 100;
        vi.advanceTimersByTime(100);
      }
    };
    const stop = meter.listen((w) => heard.push(w));
    meter.play!.act({ do: 'dip', pH: 4, tempC: 20 });
    pass(15_000);
    expect(heard.at(-1)).toMatchObject({ reading: { settled: true, tempC: 20 } });
    meter.play!.act({ do: 'out' });
    pass(3000);
    expect(heard.at(-1)).toMatchObject({ reading: { settled: false } });
    meter.play!.plug(false);
    const before = heard.length;
    pass(1000);
    expect([heard.length, meter.lost]).toEqual([before, true]);
    stop();
    meter.close();
    vi.useRealTimers();
  });
});
