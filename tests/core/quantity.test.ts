import { convert } from 'convert';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  celsius,
  celsiusDifference,
  fahrenheit,
  massStep,
  MEASURES,
  plusMinus,
  roundBrineUp,
  UNITS,
  writeMass,
  writeHeight,
  writePercent,
  writeShare,
  writeSalt,
  writeVolume,
  type Kind,
  type SpoonSystem
} from '$lib/core/quantity';
import { readNumber, readQuantity, readTemperature } from '$lib/core/reading';
import { spaced } from '../support/spaced';
import { near, vector } from '../support/vectors';

const read = (text: string, kind: Kind = 'mass', system: SpoonSystem = 'metric', unit?: string) => {
  const r = readQuantity(text, { kind, system, unit });
  return r.ok ? r.value.value : r.refusal.code;
};

describe('the reader', () => {
  it.each([
    ['2 lb 3 oz', 992.23331],
    ['2lb3', 2 * 453.59237 + 3 * 28.349523125],
    ['1 ½ kg', 1500],
    ['1½ kg', 1500],
    ['0.842 kg', 842],
    ['0,842 kg', 842],
    ['1,5 kg', 1500],
    ['7.5oz', 7.5 * 28.349523125],
    ['1 195 g', 1195],
    ['1\u202f195 g', 1195],
    ['12 250,5 g', 12250.5],
    ['3 kg 400 g', 3400],
    ['3 kg and 400 g', 3400],
    ['3 pounds, 4 ounces', 3 * 453.59237 + 4 * 28.349523125],
    ['.5 kg', 500],
    ['two pounds three ounces', 992.23331],
    ['Half a kilo', 500],
    ['three and a half kg', 3500],
    ['a pound and a half', 1.5 * 453.59237],
    ['five hundred grams', 500],
    ['a quarter of a kilo', 250],
    ['twelve kg', 12000],
    ['twenty five grams', 25],
    ['a half pound', 226.796185],
    ['1-1/2 lb', 680.388555],
    ['1,500 g', 1500],
    ['about 2 kg', 2000],
    ['2 lb or so', 907.18474],
    ['4–5 lb', 2041.165665],
    ['2 x 500 g', 1000],
    ['2 lb (907 g)', 907.18474],
    ['three quarters of a pound', 340.1942775]
  ])('reads the mass %s', (text, g) => near(read(text) as number, g, 1e-8));

  it.each([
    ['3/4 cup', 'metric', 187.5],
    ['half a litre', 'metric', 500],
    ['a gallon', 'US', 3785.411784],
    ['¾ cup', 'US', 177.44117738],
    ['1,5 l', 'metric', 1500],
    ['1 l 250 ml', 'metric', 1250],
    ['1 1/2 tbsp', 'AU', 30],
    ['2 fl oz', 'US', 59.147059125],
    ['2 fl. oz.', 'imperial', 56.826125],
    ['1 imperial pint', 'US', 568.26125],
    ['1 us quart', 'metric', 946.352946],
    ['2 tablespoons 1 teaspoon', 'metric', 35]
  ] as const)('reads the volume %s (%s)', (text, system, ml) =>
    near(read(text, 'volume', system) as number, ml, 1e-9)
  );

  it.each([
    ['25 mm', 25],
    ['2.5 cm', 25],
    ['1 in', 25.4],
    ['1"', 25.4],
    ['1 ft 2 in', 355.6]
  ])('reads the length %s', (text, mm) => near(read(text, 'length') as number, mm, 1e-9));

  it.each([
    ['1.250 g', 'comma-unclear'],
    ['1,250 oz', 'comma-unclear'],
    ['6 lb (500 g)', 'amounts-disagree'],
    ['3 c 2', 'wrong-kind'],
    ['5 ounces fluid?', 'ounce-unclear'],
    ['5 fl oz', 'wrong-kind'],
    ['', 'nothing-said'],
    ['   ', 'nothing-said'],
    ['-3 g', 'negative'],
    ['−3 g', 'negative'],
    ['842', 'unit-missing'],
    ['3 stoneware', 'not-understood'],
    ['3 oz 2 lb', 'units-disagree'],
    ['one 200 g', 'not-understood'],
    ['two heads', 'not-understood'],
    ['2 lb 20 oz', 'part-too-large'],
    ['1 kg 3 oz', 'units-disagree'],
    ['1/0 kg', 'not-understood'],
    ['3 3/2 kg', 'not-understood'],
    ['some', 'not-understood'],
    ['1.250.5 kg', 'not-understood'],
    ['9'.repeat(61), 'too-long'],
    ['<script>alert(1)</script>', 'not-understood'],
    ["1 g'; drop table event; --", 'not-understood']
  ])('refuses %s as %s', (text, code) => expect(read(text)).toBe(code));

  it('refuses a number after a finished cup', () =>
    expect(read('3 c 2', 'volume')).toBe('number-without-unit'));
  it('takes the last unit when only a number is said', () =>
    expect(read('842', 'mass', 'metric', 'g')).toBe(842));

  for (const id of ['V01', 'V02', 'V03']) {
    const v = vector(id);
    it(v.name, () => {
      if (v.out.g) return near(read(v.in.text as string) as number, v.out.g, v.tol);
      (v.in.systems as string[]).forEach((name, i) => {
        const system = (name.startsWith('imperial') ? 'imperial' : name) as SpoonSystem;
        near(read(v.in.text as string, 'volume', system) as number, (v.out.ml as number[])[i]!, v.tol);
      });
    });
  }

  it('gives back what the writer wrote, to the rounding', () => {
    const units = fc.constantFrom('metric' as const, 'US' as const);
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 50_000, noNaN: true }), units, (g, u) => {
        const back = read(writeMass(g, u)) as number;
        expect(Math.abs(back - g)).toBeLessThanOrEqual(massStep(g, u) / 2 + 1e-6 * g);
      })
    );
  });

  it('gives back volumes and salt too', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 20_000, noNaN: true }), (ml) => {
        near(read(writeVolume(ml, 'metric'), 'volume') as number, ml, ml < 1000 ? 0.5 / ml : 0.005);
        near(read(writeVolume(ml, 'US'), 'volume', 'US') as number, ml, 0.03 + 2 / ml);
        near(read(writeSalt(ml)) as number, ml, ml < 10 ? 0.06 / ml : 0.026);
      })
    );
  });

  it('answers a number or a reason to any text, never throws', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), (text) => {
        const r = readQuantity(text, { kind: 'mass', unit: 'g', system: 'metric' });
        if (r.ok) expect(Number.isFinite(r.value.value)).toBe(true);
        else expect(r.refusal.code).toMatch(/^[a-z-]+$/);
      })
    );
  });
});

describe('how widely it was said', () => {
  const sd = (text: string) => {
    const r = readQuantity(text, { kind: 'mass', system: 'metric' });
    return r.ok ? r.value.sd : NaN;
  };
  it('about is nine times in ten within a tenth; a range is nine times in ten within it', () => {
    expect(sd('2 kg')).toBe(0);
    near(plusMinus({ mean: 0, sd: sd('about 2 kg') }), 200, 0.05);
    near(plusMinus({ mean: 0, sd: sd('4-5 kg') }), 500, 0.03);
  });
});

describe('units against the npm library convert 8.0.2', () => {
  it.each([
    ['lb', 'g', UNITS.lb.factor],
    ['oz', 'g', UNITS.oz.factor],
    ['gallon', 'ml', UNITS.usGallon.factor],
    ['quart', 'ml', UNITS.usQuart.factor],
    ['pint', 'ml', UNITS.usPint.factor],
    ['cup', 'ml', UNITS.usCup.factor],
    ['fl oz', 'ml', UNITS.usFloz.factor],
    ['tbsp', 'ml', UNITS.usTbsp.factor],
    ['tsp', 'ml', UNITS.usTsp.factor],
    ['imperial gallon', 'ml', UNITS.impGallon.factor],
    ['imperial pint', 'ml', UNITS.impPint.factor],
    ['imperial fluid ounce', 'ml', UNITS.impFloz.factor],
    ['in', 'mm', UNITS.inch.factor],
    ['ft', 'mm', UNITS.foot.factor]
  ] as const)('one %s in %s', (from, to, factor) =>
    near(factor, convert(1, from as never).to(to as never) as unknown as number, 1e-12)
  );
  it('°F to °C', () => near(celsius(70), convert(70, 'F').to('C'), 1e-9));
  it('spoons by country: 15, 20 and 14.79 ml (V02)', () =>
    expect([MEASURES.metric.tbsp.factor, MEASURES.AU.tbsp.factor, MEASURES.US.tbsp.factor]).toEqual([
      15, 20, 14.78676478125
    ]));
});

describe('temperatures', () => {
  it.each([
    ['21', 'metric', 21],
    ['21 °C', 'US', 21],
    ['70', 'US', 21.11],
    ['70 F', 'metric', 21.11],
    ['about 70 degrees Fahrenheit', 'metric', 21.11],
    ['-2', 'metric', -2],
    ['18-20 °C', 'metric', 19],
    ['warm', 'metric', 'temp-not-understood'],
    ['21 K', 'metric', 'temp-not-understood'],
    ['', 'metric', 'nothing-said']
  ] as const)('%s (%s)', (text, units, wanted) => {
    const r = readTemperature(text, units);
    if (typeof wanted === 'number') near(r.ok ? r.value : NaN, wanted, 1e-3);
    else expect(r.ok ? '' : r.refusal.code).toBe(wanted);
  });
  const v4 = vector('V04');
  it(v4.name, () =>
    (v4.in.F as number[]).forEach((f, i) => expect(Math.abs(celsius(f) - v4.out.C[i])).toBeLessThan(0.006))
  );
  const v5 = vector('V05');
  it(v5.name, () => {
    (v5.in.C as number[]).forEach((c, i) => near(fahrenheit(c), v5.out.F[i], v5.tol));
    near(celsiusDifference(v5.in.deltaF), v5.out.deltaC, v5.tol);
  });
});

describe('writing back', () => {
  it.each([
    [writeMass(1195), '1\u202f195 g'],
    [writeMass(992.23, 'US'), '2 lb 3 oz'],
    [writeMass(12_349), '12.35 kg'],
    [writeMass(7.46), '7.5 g'],
    [writeSalt(23.32), '23.5 g'],
    [writeSalt(62.4), '62 g'],
    [writeSalt(9.44), '9.4 g'],
    [writeVolume(1350), '1.35 l'],
    [writeHeight(25), '25 mm'],
    [writeHeight(25, 'US'), '1 in'],
    [writeHeight(32, 'US'), '1 1/4 in'],
    [writeHeight(9.5, 'imperial'), '3/8 in'],
    [writeHeight(0, 'US'), '0 in'],
    [writeVolume(946.35, 'US'), '1 quart'],
    [writeVolume(400, 'US'), '13.5 fl oz'],
    [writeVolume(928, 'US'), '31.4 fl oz'],
    [writeVolume(591.5, 'US'), '2.5 cups'],
    [writeMass(3, 'US'), '3 g'],
    [writePercent(0.02349), '2.3 %'],
    [writeShare(0.0004), '0.04'],
    [writeShare(0.0012), '0.1'],
    [String(roundBrineUp(1301)), '1350'],
    [String(roundBrineUp(1350)), '1350']
  ])('%s', (said, wanted) => expect(spaced(said)).toBe(wanted));
  it('never lets a line break between a figure and its unit, and reads it back', () => {
    for (const said of [writeMass(992.23, 'US'), writeVolume(400, 'US'), writePercent(0.02), writeSalt(62)])
      expect(said).not.toContain(' ');
    expect(readQuantity(writeMass(1195), { kind: 'mass', unit: 'g', system: 'metric' })).toMatchObject({
      value: { value: 1195 }
    });
  });

  it('± holds nine times in ten: 1.645 sd of a normal value', () => {
    // Source: tables of the normal distribution, 95 % point 1.6449.
    near(plusMinus({ mean: 5120, sd: 384 }), 631.6, 1e-3);
  });
});

describe('numbers alone', () => {
  it.each([
    ['1 1/2', 1.5],
    ['3/4', 0.75],
    ['2,5', 2.5],
    ['half', 0.5],
    ['a quarter', 0.25],
    ['seven', 7],
    ['twenty-five', 25],
    ['two hundred and fifty', 250],
    ['half a dozen', 6],
    ['two and a half dozen', 30],
    ['three quarters', 0.75],
    ['2\u202f000', 2000],
    ['some', undefined]
  ] as const)('%s', (said, n) => expect(readNumber(said)).toBe(n));
});
