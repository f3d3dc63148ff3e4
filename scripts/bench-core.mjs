// The computation's figures for npm run bench: worksheet, jar choice beside a brute-force baseline, putting right, recipes.
import { join } from 'node:path';
import { ROOT } from './lib.mjs';

export async function measureCore({ add, rows, median }) {
  const { runnerImport } = await import('vite');
  // The worksheet: 300 benches of 1-4 things and 7 kinds of jar, each computed once to warm up and ten times for the clock.
  const { module: core } = await runnerImport(join(ROOT, 'src/lib/core/worksheet/index.ts'), {
    configFile: false,
    logLevel: 'error'
  });
  const { module: vessel } = await runnerImport(join(ROOT, 'src/lib/core/vessel/index.ts'), {
    configFile: false,
    logLevel: 'error'
  });
  let seed = 20260912;
  const dice = (n) => (seed = (seed * 48271) % 2147483647) % n;
  const crops = [
    'cabbage-white',
    'kohlrabi',
    'carrot',
    'cucumber-small',
    'pepper-wax',
    'beet',
    'cauliflower'
  ];
  const jars = [
    'clip-500',
    'clip-1000',
    'clip-1500',
    'clip-3000',
    'lug-720',
    'crock-water-5l',
    'crock-water-15l'
  ].map((geometryId) => ({ id: geometryId, name: geometryId, geometryId, lid: 'clamped', free: 5 }));
  const benches = Array.from({ length: 300 }, (_, i) => ({
    crops: [],
    styles: [],
    styleId: i % 2 ? 'pieces' : 'shredded',
    items: Array.from({ length: 1 + dice(4) }, (_, k) => ({
      id: String(k),
      cropId: crops[dice(crops.length)],
      pickedG: 4000,
      withTops: false,
      preparedG: 200 + dice(3500)
    })),
    way: 'equilibrium',
    fraction: 0.02 + dice(15) / 1000,
    saltKindId: 'sea-fine',
    jars,
    counts: null,
    choice: 0,
    place: { name: 'Counter', tempC: 21 },
    opens: true,
    scaleStepG: 1,
    spoons: 'metric',
    trims: {},
    ownSpoons: [],
    extras: []
  }));
  benches.forEach((b) => core.worksheet(b));
  const times = benches.flatMap((b) =>
    Array.from({ length: 10 }, () => {
      const from = performance.now();
      core.worksheet(b);
      return performance.now() - from;
    })
  );
  add('worksheet with jar choice, median', `${median(times).toFixed(3)} ms`, 'under 1 ms', median(times) < 1);
  add(
    'worksheet with jar choice, worst of 3 000',
    `${Math.max(...times).toFixed(1)} ms`,
    'no figure asked',
    true
  );
  const byHand = benches.map((b) => ({ ...b, jars: jars.slice(0, 1), counts: { 'clip-500': 2 } }));
  const plain = byHand.flatMap((b) =>
    Array.from({ length: 10 }, () => {
      const from = performance.now();
      core.worksheet(b);
      return performance.now() - from;
    })
  );
  add(
    'worksheet without jar choice, median',
    `${median(plain).toFixed(3)} ms`,
    'under 0.3 ms',
    median(plain) < 0.3
  );

  // The jar choice beside a brute-force baseline on the same cases: 8 sizes, 30 jars in all.
  const sizes = [180, 330, 430, 660, 930, 1440, 1850, 2930].map((usableMl, i) => ({
    id: `s${i}`,
    usableMl,
    free: [5, 5, 4, 4, 4, 3, 3, 2][i]
  }));
  const needs = Array.from({ length: 60 }, () => 400 + dice(24000));
  const timed = (run) =>
    needs.map((v) => {
      const from = performance.now();
      run(v);
      return performance.now() - from;
    });
  const choose = (sets) => (v) => vessel.chooseJars(v, sizes, { leastFill: 0.6, sets });
  needs.forEach(choose(3));
  const best = timed(choose(1));
  add(
    'jar choice, the best set as a keystroke asks for it, 8 sizes, 30 jars, median',
    `${median(best).toFixed(2)} ms`,
    'under 1 ms',
    median(best) < 1
  );
  add('jar choice, worst', `${Math.max(...best).toFixed(1)} ms`, 'under 80 ms', Math.max(...best) < 80);
  const three = timed(choose(3));
  add(
    'three different sets, in the worker, median',
    `${median(three).toFixed(2)} ms`,
    'no figure asked',
    true
  );
  add(
    'three different sets, worst',
    `${Math.max(...three).toFixed(1)} ms`,
    'under 80 ms',
    Math.max(...three) < 80
  );
  const brute = needs.slice(0, 3).map((v) => {
    const from = performance.now();
    bruteForce(v);
    return performance.now() - from;
  });
  rows.push(['the same by trying every set (baseline)', `${median(brute).toFixed(0)} ms`, '', '']);

  function bruteForce(needMl) {
    const v = Math.ceil(needMl / 10);
    let best;
    const walk = (i, c, n) => {
      if (i === sizes.length) {
        if (n === 0 || c > v / 0.6) return;
        const key = vessel.fitKey(v, c, n);
        if (!best || vessel.compareKeys(key, best) < 0) best = key;
        return;
      }
      const u = Math.floor(sizes[i].usableMl / 10);
      for (let k = 0; k <= sizes[i].free; k++) walk(i + 1, c + k * u, n + k);
    };
    walk(0, 0, 0);
    return best;
  }

  // Putting right and recipe scaling: a thousand seeded cases each.
  const load = async (name) =>
    (
      await runnerImport(join(ROOT, `src/lib/core/${name}/index.ts`), {
        configFile: false,
        logLevel: 'error'
      })
    ).module;
  const [correct, recipe, salt] = await Promise.all([load('correct'), load('recipe'), load('salt')]);
  const each = (n, run) => {
    const all = [];
    for (let i = 0; i < n; i++) {
      const from = performance.now();
      run(i);
      all.push(performance.now() - from);
    }
    return all;
  };
  const troubles = [
    () => ({ kind: 'short', missingG: 50 + dice(300) }),
    () => ({ kind: 'too-salty', freeBrineG: 80 + dice(600) }),
    () => ({ kind: 'wrong-top-up', pouredG: 50 + dice(300), strength: dice(90) / 1000, freeBrineG: 300 }),
    () => ({ kind: 'unsalted-added', addedG: 100 + dice(400), moisture: 0.92 })
  ];
  const rights = each(1000, (i) =>
    correct.putRight(
      {
        phase: { massG: 600 + dice(5000), salinity: 0.012 + dice(40) / 1000 },
        target: 0.022,
        roomG: 1e9,
        evenHours: 20,
        ageHours: 200
      },
      troubles[i % troubles.length]()
    )
  );
  add('putting right, median', `${median(rights).toFixed(3)} ms`, 'under 1 ms', median(rights) < 1);
  const context = { system: 'metric', kind: salt.saltKind('sea-fine'), crops: [], salting: null };
  const cards = recipe.STARTING_RECIPES.map(([, r]) => recipe.readCard(r.card, context));
  const scaling = each(1000, (i) =>
    recipe.scaleRecipe(cards[i % cards.length], {
      vegG: 300 + dice(20_000),
      jars: 1 + dice(12),
      roomMl: 1000
    })
  );
  add('scaling a recipe, median', `${median(scaling).toFixed(3)} ms`, 'under 1 ms', median(scaling) < 1);
  const reading = each(1000, (i) =>
    recipe.readCard(recipe.STARTING_RECIPES[i % cards.length][1].card, context)
  );
  add('reading a recipe card, median', `${median(reading).toFixed(3)} ms`, 'no figure asked', true);
  await measureDay({ add, rows, median, dice, runnerImport });
  await measureReader(add, rows, runnerImport);
}

/** The day's order: four makings of ten steps, for one, two and three people, a third of them with long rests. */
async function measureDay({ add, rows, median, dice, runnerImport }) {
  const { module: day } = await runnerImport(join(ROOT, 'src/lib/core/day/index.ts'), {
    configFile: false,
    logLevel: 'error'
  });
  const step = (j) => ({
    id: `s${j}`,
    minutes: 2 + dice(25),
    tool: [null, 'board', 'scale'][dice(3)],
    bowl: j > 1 && j < 8,
    rest: dice(5) === 0 ? { from: 10 + dice(60), to: 120 + dice(300) } : null,
    hot: false
  });
  const making = (i) => ({
    id: `m${i}`,
    steps: Array.from({ length: 10 }, (_, j) => step(j)),
    heavy: dice(5) === 0,
    readyAt: 0,
    latestAt: null
  });
  const days = Array.from({ length: 60 }, () => [0, 1, 2, 3].map(making));
  let proven = 0;
  const times = days.map((makings, i) => {
    const from = performance.now();
    const plan = day.dayPlan(makings, { people: 1 + (i % 3), boards: 2, scales: 1, bowls: 4 });
    proven += plan.exact ? 1 : 0;
    return performance.now() - from;
  });
  add(
    "the day's order, 4 makings of 10 steps, median",
    `${median(times).toFixed(1)} ms`,
    'under 50 ms',
    median(times) < 50
  );
  rows.push([`of 60 such days proven the soonest`, String(proven), '', '']);
}

/** How the reader does on generated phrases and cards: rates, not times. */
async function measureReader(add, rows, runnerImport) {
  const { module: said } = await runnerImport(join(ROOT, 'tests/support/verdicts.ts'), {
    configFile: false,
    logLevel: 'error'
  });
  const SEED = 20261128;
  const doses = said.judgedDoses(SEED, 20_000);
  const share = (all, is) => `${((100 * all.filter((a) => a.is === is).length) / all.length).toFixed(1)} %`;
  const told = doses.filter((d) => !d.phrase.means.ambiguous);
  const unclear = doses.filter((d) => d.phrase.means.ambiguous);
  const wrong = doses.filter((d) => d.is === 'wrong').length;
  rows.push([
    `20 000 said doses (seed ${SEED}): answered, asked, refused`,
    ['answered', 'asked', 'refused'].map((is) => share(doses, is)).join(', '),
    '',
    ''
  ]);
  const answered = told.filter((d) => d.is === 'answered').length / told.length;
  add('of those whose words tell: answered', share(told, 'answered'), 'at least 90 %', answered >= 0.9);
  add(
    'of those whose words do not tell: asked',
    share(unclear, 'asked'),
    'never answered',
    unclear.every((d) => d.is !== 'answered')
  );
  add('doses read as another meaning', String(wrong), '0', wrong === 0);
  const cards = said.judgedCards(SEED + 2, 2000);
  const bad = cards.filter((c) => !c.asked && c.wrong.length > 0).length;
  const read = cards.filter((c) => !c.asked && c.wrong.length === 0).length / cards.length;
  add('2 000 said cards: read whole', `${(100 * read).toFixed(1)} %`, 'at least 90 %', read >= 0.9);
  add('cards read as another meaning', String(bad), '0', bad === 0);
}
