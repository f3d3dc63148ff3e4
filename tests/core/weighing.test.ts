import fc from 'fast-check';
import { readCount } from '$lib/core/reading';
import { describe, expect, it } from 'vitest';
import { learn, TRIM_BATCH_SD } from '$lib/core/learn';
import { evolveLot, learntTrims, taughtByPick, type Lot, type LotEvent } from '$lib/core/lot';
import {
  crop,
  meanPiece,
  pickedOfCount,
  piecesOf,
  trimKey,
  weightOfCount,
  weightOfPieces
} from '$lib/core/produce';
import { asMeasured, gPerTeaspoon, ownDensity, saltKind, scaleAdvice } from '$lib/core/salt';
import { jarShare, sheetQuestions, slipOf, toPick, weightQuestions, worksheet } from '$lib/core/worksheet';
import { bench, sheet } from '../support/builders';
import { near, vector } from '../support/vectors';

describe('learning', () => {
  const trim = { mean: 0.8, sd: 0.06, scale: 'logit' as const };
  it('is the table until something was measured', () =>
    expect(learn(trim, [], TRIM_BATCH_SD)).toEqual({ mean: 0.8, sd: 0.06, n: 0 }));
  it('moves to the household’s own, and grows surer', () => {
    const six = learn(trim, [0.72, 0.72, 0.72, 0.72, 0.72, 0.72], TRIM_BATCH_SD);
    expect(six.n).toBe(6);
    expect(six.mean).toBeGreaterThan(0.72);
    expect(six.mean).toBeLessThan(0.74);
    expect(six.sd).toBeLessThan(0.06);
  });
  it('one update holds for all: shares stay shares, weights stay weights, order does not matter', () => {
    const scale = fc.constantFrom('log' as const, 'logit' as const);
    fc.assert(
      fc.property(
        scale,
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        fc.array(fc.double({ min: 0.01, max: 0.99, noNaN: true }), { maxLength: 12 }),
        (s, mean, measured) => {
          const prior = { mean, sd: mean * (1 - mean) * 0.3, scale: s };
          const a = learn(prior, measured, 0.2);
          const b = learn(prior, [...measured].reverse(), 0.2);
          near(a.mean, b.mean, 1e-9);
          expect(a.sd > 0).toBe(true);
          expect(a.mean > 0 && (s === 'log' || a.mean < 1)).toBe(true);
          const low = Math.min(mean, ...measured);
          const high = Math.max(mean, ...measured);
          expect(a.mean).toBeGreaterThanOrEqual(low * (1 - 1e-9));
          expect(a.mean).toBeLessThanOrEqual(high * (1 + 1e-9));
        }
      )
    );
  });
  it('leaves out what cannot be a share', () => expect(learn(trim, [0, 1, 1.2], TRIM_BATCH_SD).n).toBe(0));

  const lot = (id: string, day: string, preparedG: number): Lot => {
    const events: LotEvent[] = [
      {
        type: 'picked',
        data: {
          cropId: 'cabbage-white',
          variety: '',
          bed: '',
          day,
          weighed: { said: '1 kg', g: 1000 },
          withTops: false,
          quality: 'sound',
          kept: 'room',
          note: ''
        }
      },
      { type: 'takenToBench', data: { bench: 'bench', g: 1000 } },
      { type: 'prepared', data: { bench: 'bench', weighed: { said: `${preparedG} g`, g: preparedG } } },
      { type: 'packed', data: { bench: 'bench', g: 1000, preparedG, batchId: 'b' } }
    ];
    return events.reduce<Lot | undefined>((l, e) => evolveLot(id, l, e), undefined)!;
  };
  it('trim yields come from what was weighed twice, and can begin anew', () => {
    const lots = [lot('a', '2026-07-01', 720), lot('b', '2026-08-01', 700)];
    expect(learntTrims(lots.flatMap(taughtByPick), {}, [])['cabbage-white']).toMatchObject({ n: 2 });
    expect(learntTrims(lots.flatMap(taughtByPick), {}, [])['cabbage-white']!.mean).toBeLessThan(0.78);
    expect(
      learntTrims(lots.flatMap(taughtByPick), { 'trim:cabbage-white': '2026-07-15' }, [])['cabbage-white']
    ).toMatchObject({
      n: 1
    });
    expect(learntTrims(lots.flatMap(taughtByPick), { 'trim:cabbage-white': '2026-08-01' }, [])).toEqual({});
    expect(trimKey('turnip', true)).toBe('turnip+tops');
    expect(trimKey('cabbage-white', true)).toBe('cabbage-white');
  });
  it('the worksheet estimates with them and says so', () => {
    const trims = { 'cabbage-white': { mean: 0.72, sd: 0.03, n: 6 } };
    const w = sheet({
      trims,
      items: [{ id: 'a', cropId: 'cabbage-white', pickedG: 3000, withTops: false, preparedG: null }]
    });
    near(w.prepared.mean, 2160, 1e-9);
    expect(w.working[0]!.sources).toMatchObject([{ from: 'trim', n: 6 }]);
    expect(
      sheet({
        items: [{ id: 'a', cropId: 'cabbage-white', pickedG: 3000, withTops: false, preparedG: null }]
      }).working[0]!.sources
    ).toMatchObject([{ from: 'trim', n: 0 }]);
  });
});

describe('counting', () => {
  const v = vector('V44');
  it(v.name, () => {
    const piece = { pieceG: v.in.medianG as number, pieceGsd: v.in.gsd as number };
    near(meanPiece(piece), v.out.meanPieceG, v.tol);
    const independent = weightOfCount(v.in.n, piece, 0);
    near(independent.mean, v.out.totalMeanG, v.tol);
    near(independent.sd, v.out.totalSdG, v.tol);
  });
  it('what lies between varieties does not average out', () => {
    const piece = { pieceG: 18, pieceGsd: 1.5 };
    const relative = (n: number) => weightOfCount(n, piece).sd / weightOfCount(n, piece).mean;
    expect(relative(400)).toBeGreaterThan(0.25);
    expect(relative(400)).toBeLessThan(relative(1));
  });
  const pepper = crop('pepper-jalapeno', [])!;
  it.each([
    ['7 peppers', 7],
    ['a dozen', 12],
    ['half a fruit', 0.5],
    ['1½ fruits', 1.5],
    ['12 jalapeños', 12],
    ['three pieces', 3],
    ['two and a half fruits', 2.5],
    ['3 small jalapeños', 3],
    ['2 pods', 2],
    ['4-6 peppers', 5],
    ['a fruit and a half', 1.5]
  ])('reads %s', (text, n) => {
    const r = readCount(text, pepper, []);
    expect(r.ok && r.value.n).toBe(n);
  });
  it.each([
    '842',
    '3 kg',
    'some',
    '-2 peppers',
    '9000 peppers',
    '3 stones',
    '2 heads',
    '3 cloves',
    '4 cabbages',
    '2 constructor',
    '7 peppers or 8 onions',
    ''
  ])('refuses %s', (text) => expect(readCount(text, pepper, []).ok).toBe(false));
  it('a picked piece weighs more than its usable part', () => {
    const head = crop('cabbage-white', [])!;
    const one = { n: 1, piece: piecesOf(head)[0]!, factor: 1, own: true };
    near(pickedOfCount(one, head, false).mean, weightOfCount(1, head).mean / 0.8, 1e-9);
  });
});

describe('pieces belong to crops', () => {
  const g = (text: string, id: string) => {
    const r = readCount(text, crop(id, [])!, []);
    return r.ok ? weightOfPieces(r.value).mean : r.refusal.code;
  };
  it('a head of garlic is a dozen cloves, a cabbage leaf no head, a bunch no root', () => {
    near((g('a head', 'garlic') as number) / (g('a clove', 'garlic') as number), 12, 0.25);
    expect(g('3 leaves', 'cabbage-white') as number).toBeLessThan(120);
    expect(g('a bunch', 'carrot') as number).toBeGreaterThan(250);
    expect(g('2 heads cabbage', 'cabbage-pointed')).toBe(g('2 heads', 'cabbage-pointed'));
    expect(g('3 ears', 'cabbage-white')).toBe('piece-not-of-crop');
    expect(g('a dozen cucumbers', 'cabbage-white')).toBe('count-of-another');
    near(
      (g('3 large heads', 'cabbage-white') as number) / (g('3 heads', 'cabbage-white') as number),
      1.45,
      1e-9
    );
  });
});

describe('a slip fits the unit that was typed', () => {
  it('ounces for grams, pounds for kilos, never the other way', () => {
    expect(slipOf(1 / 28.35, 'g')).toBe('ounces');
    expect(slipOf(1 / 28.35, 'kg')).not.toBe('ounces');
    expect(slipOf(0.4536, 'kg')).toBe('pounds');
    expect(slipOf(0.4536, 'g')).toBeNull();
  });
});

describe('the scale', () => {
  const v = vector('V35');
  it(v.name, () => {
    const step = 28.349523125 / 4;
    const a = scaleAdvice(v.in.doseG, step, saltKind('pickling')!, 'US');
    near(a.scaleError * 100, v.out.plusMinusPct, v.tol);
    expect(a.tooCoarse).toBe(true);
    expect(a.nearest).toBe('spoon');
    expect(a.inBulk).toBe(10);
  });
  it('is nearer than a spoon when it steps finely', () => {
    expect(scaleAdvice(60, 1, saltKind('sea-fine')!, 'metric')).toMatchObject({
      nearest: 'scale',
      tooCoarse: false,
      inBulk: 1
    });
  });
  it('too coarse is a harm on the worksheet, with what to do', () => {
    const w = sheet({
      scaleStepG: 50,
      items: [{ id: 'a', cropId: 'cabbage-white', pickedG: 500, withTops: false, preparedG: 400 }]
    });
    expect(w.cautions.find((c) => c.rule === 'scale-too-coarse')).toMatchObject({
      level: 'harm',
      values: { by: 'spoon' }
    });
  });
  const v8 = vector('V08');
  it(v8.name, () => {
    const own = {
      saltKindId: 'pickling',
      spoons: v8.in.spoons as number,
      unit: 'tsp' as const,
      g: v8.in.g as number,
      system: 'US' as const
    };
    near(ownDensity(own), v8.out.gPerMl, v8.tol);
    const mine = asMeasured(saltKind('pickling')!, [own]);
    near(gPerTeaspoon(mine, 'US'), v8.out.gPerTsp, v8.tol);
    expect(mine.gsd).toBeLessThan(saltKind('pickling')!.gsd);
    expect(asMeasured(saltKind('flaky')!, [own])).toBe(saltKind('flaky'));
  });
});

describe('weights that hardly can be', () => {
  it.each([
    [0.1, 'ten'],
    [10, 'ten'],
    [1 / 28.35, 'ounces'],
    [28.35, 'ounces'],
    [0.4536, 'pounds'],
    [2.2046, 'pounds'],
    [0.65, null]
  ] as const)('a ratio of %s is %s', (ratio, slip) => expect(slipOf(ratio)).toBe(slip));
  const ask = (pickedG: number, preparedG: number) =>
    weightQuestions([{ id: 'x', cropId: 'cabbage-white', pickedG, withTops: false, preparedG }], []).map(
      (q) => `${q.code} ${q.slip}`
    );
  it('asks about a prepared weight that is a tenth, or more than was picked', () => {
    expect(ask(3400, 272)).toEqual(['prepared-too-little ten']);
    expect(ask(3400, 96)).toEqual(['prepared-too-little ounces']);
    expect(ask(3400, 3600)).toEqual(['prepared-too-much bowl']);
    expect(ask(3400, 2700)).toEqual([]);
  });
  it('asks about jars mostly air and a dose ten times the usual', () => {
    const air = sheet({
      styleId: 'pieces',
      fraction: 0.025,
      counts: { litre: 3 },
      items: [{ id: 'a', cropId: 'kohlrabi', pickedG: 500, withTops: false, preparedG: 350 }]
    });
    expect(sheetQuestions(air, 0.025).map((q) => q.code)).toEqual(['jars-mostly-air']);
    const over = sheet({
      styleId: 'pieces',
      fraction: 0.025,
      counts: { half: 1 },
      items: [{ id: 'a', cropId: 'kohlrabi', pickedG: 4000, withTops: false, preparedG: 2750 }]
    });
    expect(sheetQuestions(over, 0.025).map((q) => `${q.code} ${q.slip}`)).toEqual(['jars-overfull ten']);
    expect(sheetQuestions(sheet({ fraction: 0.22 }), 0.022).map((q) => `${q.code} ${q.slip}`)).toEqual([
      'dose-tenfold ten'
    ]);
    expect(sheetQuestions(sheet(), 0.022)).toEqual([]);
  });
  const v = vector('V36');
  it(v.name, () => {
    const share = jarShare(v.in.netG, v.in.usableMl, crop('kohlrabi', [])!, v.in.phiMax);
    near(share.fullG, v.out.fullJarG, v.tol);
    near(share.share, v.out.fraction, v.tol);
    expect(share.ask).toBe(v.out.ask);
  });
});

describe('the other way round', () => {
  const jars = bench().jars;
  it('says what to pick for full jars, by table or own trim yield', () => {
    const r = toPick('shredded', 'cabbage-white', false, jars, { litre: 1 }, { crops: [] });
    if (!r.ok) throw new Error();
    near(r.value.preparedG, 927.98, 1e-4);
    near(r.value.picked.mean, 927.98 / 0.8, 1e-4);
    const own = toPick(
      'shredded',
      'cabbage-white',
      false,
      jars,
      { litre: 1 },
      { crops: [], trims: { 'cabbage-white': { mean: 0.72, sd: 0.03, n: 6 } } }
    );
    near(own.ok ? own.value.picked.mean : 0, 927.98 / 0.72, 1e-4);
    // Sticks that this household packs looser than the table want less to pick.
    const loose = { crops: [], packings: { 'kohlrabi.spear': { mean: 0.5, sd: 0.03, n: 3 } } };
    const sticks = (learnt: typeof loose | undefined) => {
      const want = toPick('pieces', 'kohlrabi', false, jars, { litre: 1 }, learnt ?? { crops: [] });
      return want.ok ? want.value.preparedG : 0;
    };
    near(sticks(loose) / sticks(undefined), 0.5 / 0.65, 1e-9);
  });
  it('and what was picked for them fills just them', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('kohlrabi', 'carrot', 'cauliflower', 'cabbage-white'),
        fc.integer({ min: 1, max: 5 }),
        fc.constantFrom('shredded', 'pieces'),
        (cropId, n, styleId) => {
          const r = toPick(styleId, cropId, false, jars, { litre: n }, { crops: [] });
          if (!r.ok) throw new Error();
          const w = worksheet(
            bench({
              styleId,
              counts: { litre: n },
              items: [{ id: 'x', cropId, pickedG: r.value.picked.mean, withTops: false, preparedG: null }]
            })
          );
          if (!w.ok) throw new Error(w.refusal.code);
          near(w.value.prepared.mean, r.value.preparedG, 1e-9);
          expect(w.value.leftG).toBeLessThan(1e-6);
        }
      )
    );
  });
  it('refuses no jars, and unknown things', () => {
    expect(toPick('shredded', 'cabbage-white', false, jars, {}, { crops: [] })).toMatchObject({
      refusal: { code: 'no-jar-named' }
    });
    expect(toPick('nope', 'cabbage-white', false, jars, { litre: 1 }, { crops: [] })).toMatchObject({
      refusal: { code: 'style-unknown' }
    });
    expect(toPick('pieces', 'nope', false, jars, { litre: 1 }, { crops: [] })).toMatchObject({
      refusal: { code: 'crop-unknown' }
    });
  });
});

describe('own jars', () => {
  it('a jar measured by the household counts instead of the table', () => {
    const jar = { ...bench().jars[0]!, brimMl: 1100, headspaceMm: 20, weightMl: 30 };
    const w = sheet({
      jars: [jar],
      counts: { litre: 1 },
      items: [{ id: 'a', cropId: 'kohlrabi', pickedG: 700, withTops: false, preparedG: 500 }],
      styleId: 'pieces'
    });
    near(w.jars[0]!.usableMl, 1100 - (Math.PI / 4) * 82 ** 2 * 0.02 - 30, 1e-6);
  });
});
