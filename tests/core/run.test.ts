import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readRecipe, missingFor, asShipped } from '$lib/core/recipe';
import {
  dueAt,
  dueNow,
  evolveRun,
  GATE_ANSWERS,
  gateAnswered,
  gateAnswers,
  GATES,
  isBehind,
  isSalted,
  kitList,
  lapsed,
  laterSteps,
  layersNow,
  minutesLeft,
  moved,
  nextOf,
  passesGate,
  putOff,
  runBegun,
  runClosed,
  runGivenUp,
  runSteps,
  shortOf,
  stepDone,
  stepNow,
  stepSkipped,
  usualLayers,
  usualObjects,
  type Amount,
  type GateId,
  type Run,
  type RunEvent,
  type RunStep,
  type Seasoning
} from '$lib/core/run';
import { saltings, style, STYLES, type Style } from '$lib/core/style';
import { NEW_HOUSEHOLD, waysOf } from '$lib/core/kit';
import type { Worksheet } from '$lib/core/worksheet';
import { sheet } from '../support/builders';

const SEASONS: Seasoning[] = [
  { id: 'with-1', name: 'Mustard seed', amount: 4, unit: 'g', g: 4, per: 'kg' },
  { id: 'beside-1', name: 'Oak leaf', amount: 2, unit: 'leaf', g: null, per: 'jar' },
  { id: 'beside-2', name: 'Dill', amount: null, unit: '', g: null, per: 'free' }
];
/** A worksheet for every style and every way of salting it. */
const MADE = STYLES.flatMap((s) =>
  saltings(s).map((salting) => ({ s, salting, name: `${s.id}, ${salting}` }))
);
const made = (s: Style, salting: (typeof MADE)[number]['salting'], preparedG = 2000, over = {}): Worksheet =>
  sheet({
    styleId: s.id,
    salting,
    fraction: s.usualSalt,
    items: [{ id: 'a', cropId: s.produce[0]!, pickedG: preparedG * 1.3, withTops: false, preparedG }],
    ...over
  });
const of = <O extends Amount['of']>(steps: readonly RunStep[], what: O) =>
  steps.flatMap((s) => s.amounts).filter((a): a is Extract<Amount, { of: O }> => a.of === what);
const sum = (all: readonly number[]) => all.reduce((a, b) => a + b, 0);

describe.each(MADE)('the steps of $name', ({ s, salting }) => {
  it('hold every amount of the worksheet at one step, once', () => {
    fc.assert(
      fc.property(fc.integer({ min: 300, max: 4200 }), fc.boolean(), (preparedG, inJar) => {
        const brine = { mix: inJar ? ('in the jar' as const) : ('jug' as const), hot: !inJar, saved: [] };
        const w = made(s, salting, preparedG, { brine });
        const steps = runSteps(w, s, SEASONS);
        expect(new Set(steps.map((x) => x.id)).size).toBe(steps.length);
        const heavy = w.rinse?.heavySaltG ?? 0;
        expect(sum(of(steps, 'salt').map((a) => a.g))).toBeCloseTo(w.salt.weighG + heavy, 6);
        expect(sum(of(steps, 'fill').map((a) => a.g))).toBeCloseTo(w.packedG, 6);
        expect(sum(of(steps, 'pour').map((a) => a.ml))).toBeCloseTo(sum(w.jars.map((j) => j.brineMl)), 6);
        expect(sum(of(steps, 'water').map((a) => a.g))).toBeCloseTo(w.brine?.waterG ?? 0, 6);
        expect(
          of(steps, 'season')
            .map((a) => a.id)
            .sort()
        ).toEqual(SEASONS.map((x) => x.id).sort());
        expect(of(steps, 'prepared')).toHaveLength(w.items.length);
        expect(of(steps, 'headspace')).toHaveLength(w.jars.length);
      }),
      { numRuns: 25 }
    );
  });

  it('begin with the kit, cull before they weigh, cover before they close', () => {
    const ids = runSteps(made(s, salting), s, SEASONS).map((x) => x.id);
    expect(ids[0]).toBe('kit');
    expect(ids.at(-1)).toBe('close');
    const before = (a: string, b: string) => expect(ids.indexOf(a)).toBeLessThan(ids.indexOf(b));
    for (const id of ['gate-fresh', 'weigh', 'pack', 'gate-room', 'cover', 'gate-covered'])
      expect(ids).toContain(id);
    before('gate-fresh', 'weigh');
    before('weigh', 'pack');
    before('cover', 'gate-covered');
    // Of a second stage as much as goes with what went in; where that was not written down, none is made up.
    const later = laterSteps(s, { g: 2000, cropId: null }).flatMap((l) => l.amounts);
    expect(laterSteps(s).flatMap((l) => l.amounts)).toEqual([]);
    for (const a of later) {
      const usual = s.additions.find((x) => a.of === 'season' && x.name === a.name)!;
      expect(a).toMatchObject({ of: 'season', say: { amount: usual.amount * 2, unit: usual.unit } });
    }
    expect(laterSteps(s)[0]?.kind).toBe('label');
    expect(
      laterSteps(s)
        .slice(1)
        .every((x) => (x.afterDays ?? 0) > 0)
    ).toBe(true);
  });

  it('each gate has an answer that lets it go on, and every answer says what it leads to', () => {
    const w = made(s, salting);
    for (const oneMore of [[], ['1 l clip-top']])
      for (const saltWeighed of [true, false])
        for (const { gate } of runSteps(w, s, SEASONS)) {
          if (gate === null) continue;
          const answers = gateAnswers(gate, { sheet: w, pouredHot: s.hotBrine, saltWeighed, oneMore });
          expect(answers.some((a) => a.passes)).toBe(true);
          for (const a of answers) {
            expect(passesGate(gate, a.id)).toBe(a.passes);
            for (const n of Object.values(a.lead))
              if (typeof n === 'number') expect(n).toBeGreaterThanOrEqual(0);
          }
        }
  });
});

it('every answer of every gate can be given somewhere', () => {
  const given = new Set<string>();
  for (const { s, salting } of MADE) {
    const at = { sheet: made(s, salting), pouredHot: s.hotBrine, saltWeighed: false, oneMore: ['a jar'] };
    for (const gate of GATES) for (const a of gateAnswers(gate, at)) given.add(`${gate}.${a.id}`);
  }
  expect([...given].sort()).toEqual(
    Object.entries(GATE_ANSWERS)
      .flatMap(([gate, of]) => Object.keys(of).map((a) => `${gate}.${a}`))
      .sort()
  );
});

describe('what a taste leads to', () => {
  const kraut = style('shredded')!;
  const at = { sheet: made(kraut, 'dry'), pouredHot: false, saltWeighed: false, oneMore: [] };
  const lead = (id: string, over = {}) =>
    gateAnswers('taste', { ...at, ...over }).find((a) => a.id === id)?.lead;
  it('bland: what is wanting, unless the salt was weighed; the scale is believed before the tongue', () => {
    const more = lead('bland');
    expect(more).toMatchObject({ to: 'salt' });
    if (more?.to !== 'salt') return;
    // 0.9 % is tasted of 2.2 %: (2.2/97.8 − 0.9/99.1) of the water, worked by hand.
    const waterG = (at.sheet.salt.naclG * 0.978) / 0.022;
    expect(more.g).toBeCloseTo(waterG * (0.022 / 0.978 - 0.009 / 0.991), 0);
    expect(lead('bland', { saltWeighed: true })).toEqual({ to: 'on' });
  });
  it('like the sea: unsalted leaf, and it settles where it should', () => {
    const leaf = lead('sea');
    expect(leaf).toMatchObject({ to: 'leaf' });
    if (leaf?.to === 'leaf') expect(leaf.settles).toBeCloseTo(0.022, 4);
  });
  it('brine over what stands dry is as strong as the batch settles, and says what is to spare', () => {
    expect(gateAnswers('juice', at).find((a) => a.id === 'dry')?.lead).toMatchObject({
      ...{ to: 'brine', strength: at.sheet.ends.equilibrium, spareMl: null }
    });
    const brined = { ...at, sheet: made(style('pieces')!, 'brine') };
    const short = gateAnswers('covered', brined).find((a) => a.id === 'short')?.lead;
    expect(short).toMatchObject({ to: 'brine', spareMl: brined.sheet.brine?.reserveMl });
  });
});

/** A making as it goes on, told event by event. */
const begun = (styleId: string): Run =>
  evolveRun('r', undefined, { type: 'begun', data: { bench: 'b', name: 'Kraut', styleId } }, 0)!;
const tell = (run: Run, event: RunEvent, at = 10): Run => evolveRun('r', run, event, at)!;

describe('a making as it goes on', () => {
  it('loses no step whatever is done in whatever order, and comes to its end', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...MADE),
        fc.array(fc.tuple(fc.nat(6), fc.nat(40), fc.nat(9)), { maxLength: 60 }),
        ({ s, salting }, doing) => {
          let weight = 2000;
          let run = begun(s.id);
          const steps = () => runSteps(made(s, salting, weight), s, SEASONS);
          for (const [what, which, n] of doing) {
            const all = steps();
            const step = all[which % all.length]!;
            const before = all.filter((x) => isBehind(run, x)).length;
            const said =
              what === 0
                ? stepSkipped(run, { step: step.id, why: 'so' }, [])
                : step.gate !== null && what < 5
                  ? gateAnswered(run, {
                      gate: step.gate,
                      answer: Object.keys(GATE_ANSWERS[step.gate])[n % 3]!
                    })
                  : what === 5
                    ? putOff(run, n * 60, 10)
                    : stepDone(run, step.id, []);
            if (what === 6) weight = 400 + n * 400;
            if (said.ok) run = tell(run, said.value);
            // What is behind stays behind, but for a gate that is asked again.
            if (what !== 6 && step.gate === null)
              expect(all.filter((x) => isBehind(run, x)).length).toBeGreaterThanOrEqual(before);
            const now = stepNow(run, all);
            expect(all.slice(0, now ? all.indexOf(now) : all.length).every((x) => isBehind(run, x))).toBe(
              true
            );
          }
          // From wherever it stands it is brought to its last lid.
          for (let left = steps().length + 5; left > 0; left--) {
            const now = stepNow(run, steps())!;
            if (now.kind === 'close') break;
            const passing =
              now.gate && Object.entries(GATE_ANSWERS[now.gate]).find(([, passes]) => passes)![0];
            const said = now.gate
              ? gateAnswered(run, { gate: now.gate, answer: passing! })
              : stepDone(run, now.id, []);
            if (!said.ok) throw new Error(said.refusal.code);
            run = tell(run, said.value);
          }
          expect(stepNow(run, steps())?.kind).toBe('close');
          run = tell(run, runClosed({ batchId: 'x', styleId: s.id, lidNumbers: [7], made: null }), 500);
          expect(run.over).toBe(false);
          const later = laterSteps(s);
          for (const step of later) {
            expect(run.over).toBe(false);
            const said = stepDone(run, step.id, []);
            if (!said.ok) throw new Error(said.refusal.code);
            run = tell(run, said.value, 600);
          }
          expect(run.over).toBe(true);
          expect(stepDone(run, 'label', [])).toMatchObject({ refusal: { code: 'making-over' } });
        }
      ),
      { numRuns: 60 }
    );
  });

  it('is asked again at a gate that does not pass, and goes on at one that does', () => {
    const s = style('shredded')!;
    const steps = runSteps(made(s, 'dry'), s, []);
    const juice = steps.find((x) => x.gate === 'juice')!;
    let run = begun('shredded');
    const say = (gate: GateId, answer: string) => {
      const said = gateAnswered(run, { gate, answer });
      if (said.ok) run = tell(run, said.value);
      return said.ok;
    };
    expect(say('juice', 'soon')).toBe(true);
    expect(isBehind(run, juice)).toBe(false);
    expect(say('juice', 'covered')).toBe(true);
    expect(isBehind(run, juice)).toBe(true);
    expect(say('juice', 'constructor')).toBe(false);
  });

  it('leaves no cover out, closes only by its lids, knows its own steps only', () => {
    const run = begun('pieces');
    const code = (o: ReturnType<typeof stepDone | typeof stepSkipped>) => (o.ok ? 'ok' : o.refusal.code);
    expect(code(stepSkipped(run, { step: 'gate-covered', why: '' }, []))).toBe('step-not-skipped');
    expect(code(stepDone(run, 'close', []))).toBe('step-unknown');
    expect(code(stepDone(run, 'season', []))).toBe('step-unknown');
    expect(code(stepDone(run, 'label', []))).toBe('step-unknown');
    const closed = tell(run, runClosed({ batchId: 'x', styleId: 'shredded', lidNumbers: [1], made: null }));
    expect(code(stepDone(closed, 'pack', []))).toBe('step-unknown');
    expect(gateAnswered(closed, { gate: 'room', answer: 'fits' })).toMatchObject({ ok: false });
    expect(runGivenUp(closed, 'thrown')).toMatchObject({ refusal: { code: 'making-over' } });
  });

  it('made in another way than it was begun, it goes on by that one, and ends by it', () => {
    const run = begun('shredded');
    // Slaw is washed, kraut is not.
    expect(stepDone(run, 'wash', []).ok).toBe(true);
    const closed = tell(run, runClosed({ batchId: 'x', styleId: 'slaw', lidNumbers: [2], made: null }), 1000);
    expect(
      dueNow(tell(closed, { type: 'did', data: { step: 'label', last: false } }), style('slaw')!, 4000)?.does
    ).toBe('serve-with');
    expect(stepDone(closed, 'serve', []).ok).toBe(true);
  });

  it('once salted it does not go back to the Garden raw', () => {
    let run = begun('shredded');
    expect(runGivenUp(run, 'back')).toMatchObject({ ok: true });
    run = tell(run, { type: 'did', data: { step: 'salt', last: false } });
    expect(isSalted(run)).toBe(true);
    expect(runGivenUp(run, 'back')).toMatchObject({ refusal: { code: 'salted-not-back' } });
    expect(tell(run, { type: 'givenUp', data: { how: 'thrown' } }).over).toBe(true);
  });

  it('is begun where something lies and nothing is under way', () => {
    const said = { bench: 'b', name: 'Kraut', styleId: 'shredded' };
    const code = (over: object) => {
      const r = runBegun(said, { lying: 1, going: [], styles: [], ...over });
      return r.ok ? 'ok' : r.refusal.code;
    };
    expect(code({})).toBe('ok');
    expect(code({ lying: 0 })).toBe('bench-empty');
    expect(code({ going: [begun('pieces')] })).toBe('making-under-way');
    expect(
      code({
        going: [
          tell(begun('pieces'), runClosed({ batchId: 'x', styleId: 'shredded', lidNumbers: [], made: null }))
        ]
      })
    ).toBe('ok');
    expect(runBegun({ ...said, styleId: 'soup' }, { lying: 1, going: [], styles: [] })).toMatchObject({
      refusal: { code: 'style-unknown' }
    });
  });

  it('its second stage is due on its day, not before', () => {
    const s = style('shredded')!;
    let run = tell(
      begun(s.id),
      runClosed({ batchId: 'x', styleId: 'shredded', lidNumbers: [3], made: null }),
      1000
    );
    expect(dueNow(run, s, 1000)?.id).toBe('label');
    run = tell(run, { type: 'did', data: { step: 'label', last: false } });
    const season = laterSteps(s).find((x) => x.id === 'season')!;
    expect(dueAt(run, season)).toBe(1000 + 4 * 1440);
    expect(dueNow(run, s, 1000 + 4 * 1440 - 1)).toBeNull();
    expect(dueNow(run, s, 1000 + 4 * 1440)?.id).toBe('season');
  });

  it('what nobody does in a week is no longer asked for, and then it is put away', () => {
    const s = style('shredded')!;
    const run = tell(
      begun(s.id),
      runClosed({ batchId: 'x', styleId: 'shredded', lidNumbers: [3], made: null }),
      1000
    );
    const day = (n: number) => 1000 + n * 1440;
    expect(dueNow(run, s, day(6))?.id).toBe('label');
    expect(dueNow(run, s, day(8))?.id).toBe('season');
    expect(dueNow(run, s, day(11))).toBeNull();
    expect(lapsed([run], [], day(10))).toEqual([]);
    expect(lapsed([run, begun('pieces')], [], day(11))).toEqual([run]);
    expect(tell(run, { type: 'lapsed', data: {} }).over).toBe(true);
  });

  it('a closing taken back takes the end with it, whatever was said after', () => {
    const run = tell(begun('pieces'), { type: 'did', data: { step: 'label', last: true } });
    expect(run.over).toBe(false);
  });

  it('says what comes next where it is taken up again, and how much is left', () => {
    const s = style('leaf-rinsed')!;
    let run = begun(s.id);
    const steps = runSteps(made(s, 'rinsed'), s, []);
    const all = minutesLeft(run, steps);
    for (const step of ['cut', 'weigh', 'salt'])
      run = tell(run, { type: 'did', data: { step, last: false } });
    expect(nextOf(run, s, 'rinsed')).toBe('rinse');
    // 4 + 1 + 4 minutes a kilo of two kilos.
    expect(all - minutesLeft(run, steps)).toBeCloseTo(18, 6);
  });
});

describe('what lies in the jar', () => {
  const s = style('pieces')!;
  const w = sheet({
    styleId: 'pieces',
    fraction: 0.025,
    items: [
      { id: 'a', cropId: 'kohlrabi', pickedG: 900, withTops: false, preparedG: 700 },
      { id: 'b', cropId: 'carrot', pickedG: 900, withTops: false, preparedG: 700 }
    ]
  });
  it('lies small pieces low and a leaf on top, the cap over all', () => {
    const layers = usualLayers(w.items, s, ['Garlic', 'Oak leaf'], []);
    expect(layers[0]).toBe('with:Garlic');
    expect(layers.at(-1)).toBe('cap');
    expect(layers.indexOf('crop:carrot')).toBeLessThan(layers.indexOf('crop:kohlrabi'));
    expect(layers.at(-2)).toBe('with:Oak leaf');
  });
  it('moves a layer without losing any', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.string(), { minLength: 1 }),
        fc.nat(20),
        fc.integer({ min: -20, max: 20 }),
        (all, at, up) => {
          const i = at % all.length;
          const now = moved(all, i, up);
          expect([...now].sort()).toEqual([...all].sort());
          expect(now.indexOf(all[i]!)).toBe(Math.min(all.length - 1, Math.max(0, i + up)));
        }
      )
    );
  });
  it('keeps what was laid by hand when something comes or goes', () => {
    expect(
      layersNow(['crop:b', 'crop:gone', 'crop:a', 'cap'], ['crop:a', 'crop:b', 'with:new', 'cap'])
    ).toEqual([...['crop:b', 'crop:a', 'with:new', 'cap']]);
    expect(layersNow([], ['crop:a', 'cap'])).toEqual(['crop:a', 'cap']);
  });
  it('a weight to a jar comes out again, and its leaves', () => {
    const objects = usualObjects(w, ['with:Oak leaf', 'crop:carrot', 'cap']);
    expect(Object.keys(objects)).toHaveLength(w.jars.length);
    expect(objects.j1).toEqual({ weight: 1, leaf: 1 });
  });
});

describe('the kit list', () => {
  const s = style('shredded')!;
  const w = made(s, 'dry');
  const around = { free: { litre: 6, half: 6 }, toWash: {}, saltG: null, hot: false };
  it('names every jar of the set, its salt, and followers where heads are trimmed', () => {
    const list = kitList(w, s, around);
    const jars = list.flatMap((n) => (n.of === 'jar' ? [n] : []));
    expect(sum(jars.map((n) => n.n))).toBe(w.jars.length);
    expect(jars.every((n) => shortOf(n) === 0)).toBe(true);
    expect(list.find((n) => n.of === 'salt')).toMatchObject({ g: w.salt.weighG, haveG: null });
    expect(list.map((n) => n.of)).toContain('followers');
    expect(list.map((n) => n.of)).not.toContain('gloves');
    expect(new Set(list.map((n) => n.id)).size).toBe(list.length);
  });
  it('says what is short: jars that are full after all, and what washes first', () => {
    const [first] = kitList(w, s, { ...around, free: {}, toWash: { litre: 1, half: 1 }, hot: true });
    expect(first).toMatchObject({ of: 'jar', toWash: 1 });
    expect(shortOf(first!)).toBeGreaterThan(0);
  });
});

describe('what is missing for a recipe', () => {
  const card = readRecipe(
    asShipped('r', {
      name: 'R',
      styleId: 'shredded',
      card: '80 % white cabbage\n20 % carrot\n2 % salt of the vegetables'
    } as never),
    waysOf(NEW_HOUSEHOLD)
  );
  it('says how much the rest is enough for, and what there is instead', () => {
    const rows = missingFor(card, { 'cabbage-white': 2000, beet: 700 }, ['cabbage-white', 'beet', 'carrot']);
    expect(
      rows.map((r) => [r.ingredient.cropId, r.thereG, r.wantedG && Math.round(r.wantedG), r.instead])
    ).toEqual([
      ['cabbage-white', 2000, 2000, []],
      ['carrot', 0, 500, ['beet']]
    ]);
    expect(missingFor(card, {}, []).every((r) => r.wantedG === null)).toBe(true);
  });
});
