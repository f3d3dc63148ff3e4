import { asAddress, TINY_JPEG } from './photo';
import type { CommandName } from '$lib/schema/commands';
import { standing, type Batch } from '$lib/core/batch';
import { addDays, dayOfWall } from '$lib/core/calendar';
import { careTasks } from '$lib/core/care';
import { allRecipes, batches, beds, brines, household, lots, pantry, runs, timers } from '$lib/server/repos';
import { GATE_ANSWERS, GATES } from '$lib/core/run';
import { careOf } from './care';
import { USE_CASES, type House } from '$lib/server/usecases';
import { wallOf } from '$lib/server/clock';

/** A whole number under `of`. */
export type Dice = (of: number) => number;
/** Minimal standard generator: a seed gives the same history again. */
export function dicing(seed: number): Dice {
  let n = (seed % 2147483646) + 1;
  return (of) => (n = (n * 48271) % 2147483647) % of;
}

/** What is there to act upon. */
async function around(house: House) {
  const ours = await household(house.db);
  return {
    ours,
    now: wallOf(house.clock.now(), house.zone),
    picks: await lots.list(house.db, 'live'),
    live: await batches.list(house.db, 'live'),
    stock: await brines.list(house.db, 'live'),
    timers: await timers.list(house.db, 'live'),
    runs: await runs.list(house.db, 'live'),
    goods: await pantry(house.db),
    recipes: await allRecipes(house.db),
    beds: await beds(house.db)
  };
}
type Around = Awaited<ReturnType<typeof around>>;
type Input = Record<string, unknown> | undefined;

const CROPS = [
  'carrot',
  'cabbage-white',
  'kohlrabi',
  'cucumber-small',
  'garlic',
  'pepper-cayenne',
  'cabbage-napa'
];
const STYLES = ['shredded', 'pieces', 'slaw', 'pepper-sauce', 'pepper-mash', 'leaf-rinsed'];

/** For every use case something that a household might say just then; undefined where there is nothing to say it of. */
export const INPUTS: Record<CommandName, (a: Around, dice: Dice, said: readonly string[]) => Input> = {
  'set-crop': ({ ours }, d) =>
    d(2)
      ? { cropId: CROPS[d(CROPS.length)], water: 80 + d(15), trim: 60 + d(30) }
      : { like: CROPS[d(CROPS.length)], name: `Own ${ours.crops.length}`, keepRoom: 1 + d(9) },
  'set-style': ({ ours }, d) => ({
    ...(d(2) && ours.styles[0] ? { styleId: ours.styles[0].id } : { like: STYLES[d(STYLES.length)] }),
    name: `Way ${ours.styles.length}`,
    daysTo: 5 + d(30)
  }),
  'drop-style': ({ ours }, d) => ours.styles[0] && { styleId: ours.styles[d(ours.styles.length)]!.id },
  'drop-crop': ({ ours }, d) => ours.crops[0] && { cropId: ours.crops[d(ours.crops.length)]!.id },
  'weigh-in': ({ ours }, d) => ({
    cropId: [...CROPS, ...ours.crops.map((c) => c.id)][d(CROPS.length + ours.crops.length)],
    weight: `${300 + d(3000)} g`,
    quality: ['sound', 'trim'][d(2)]
  }),
  'correct-pick': ({ picks }, d) =>
    picks[0] && { lotId: picks[d(picks.length)]!.id, weight: `${400 + d(3000)} g` },
  'end-pick': ({ picks }, d) =>
    picks[0] && { lotId: picks[d(picks.length)]!.id, how: 'cooked', weight: d(2) ? '' : '100 g' },
  'take-to-bench': ({ picks }, d) => picks[0] && { lotId: picks[d(picks.length)]!.id, weight: '' },
  'put-back': ({ picks }, d) => picks[0] && { lotId: picks[d(picks.length)]!.id },
  'weigh-prepared': ({ picks }, d) =>
    picks[0] && { lotId: picks[d(picks.length)]!.id, weight: `${200 + d(2000)} g` },
  'sort-pick': ({ picks }, d) =>
    picks[0] && {
      lotId: picks[d(picks.length)]!.id,
      culled: `${1 + d(60)} g`,
      offcuts: d(2) ? `${1 + d(90)} g` : ''
    },
  'start-batch': ({ ours }, d) => ({
    styleId: [...STYLES, ...ours.styles.map((s) => s.id)][d(STYLES.length + ours.styles.length)],
    fraction: 0.02 + d(20) / 1000,
    saltKindId: 'sea-fine',
    placeId: 'counter',
    opens: 'on',
    name: `Batch ${d(1000)}`,
    keepRest: d(2) ? 'on' : '',
    knowing: JSON.stringify([
      'salt-too-weak',
      'salt-under-style',
      'rinse-unmeasured',
      'rinse-and-sauce',
      'scale-too-coarse'
    ]),
    ...(ours.jars.length ? {} : {})
  }),
  'add-pick': ({ live }, d) => jar(live, d, ({ b, f }) => ({ batchId: b.id, fillingId: f })),
  'put-right': ({ live }, d) =>
    jar(live, d, ({ b, all }) => ({
      batchId: b.id,
      fillingIds: all,
      trouble: ['short', 'too-salty', 'evaporated', 'wrong-top-up', 'spilled-refilled'][d(5)],
      amount: `${20 + d(120)} ml`,
      targetPercent: String(2 + d(15) / 10)
    })),
  'sour-sauce': ({ live }, d) =>
    jar(
      live.filter((b) => b.styleId.startsWith('pepper')),
      d,
      ({ b, all }) => ({
        batchId: b.id,
        fillingIds: all,
        pH: 4.2,
        wanted: 3.8,
        sauce: '500 g',
        vinegarMl: 10
      })
    ),
  'write-recipe': (_, d) => ({
    name: `Card ${d(50)}`,
    styleId: 'shredded',
    card: '2 kg cabbage\n2 % salt at the end'
  }),
  'change-recipe': ({ recipes }, d) => ({
    recipeId: recipes[d(recipes.length)]!.id,
    name: 'Other',
    styleId: 'shredded',
    card: `${1 + d(9)} kg cabbage\n2 % salt at the end`,
    what: 'other'
  }),
  'wish-next': ({ recipes }, d) => ({
    recipeId: recipes[d(recipes.length)]!.id,
    said: recipes[0]!.card.split('\n')[0],
    by: d(2) ? 'more' : 'less'
  }),
  'settle-wish': ({ recipes }, d) => {
    const r = recipes.find((x) => x.wishes.length > 0);
    return r && { recipeId: r.id, wishId: r.wishes[0]!.id, how: d(2) ? 'take' : 'drop' };
  },
  'retire-recipe': ({ recipes }, d) => ({ recipeId: recipes[d(recipes.length)]!.id, back: 'no' }),
  'keep-brine': ({ live }, d) => ({
    name: 'Jug',
    amount: `${50 + d(900)} ml`,
    strengthPercent: 3,
    ...(d(2) === 0 ? jar(live, d, ({ b, f }) => ({ batchId: b.id, fillingId: f })) : {})
  }),
  'take-brine': ({ stock }, d) => stock[0] && { brineId: stock[d(stock.length)]!.id, amount: '50 ml' },
  care: ({ live, ours, now }) => {
    const t = live
      .flatMap((b) => careTasks(b, careOf(ours, now), now))
      .find((x) => x.due <= now && !['taste', 'pH', 'toCold'].includes(x.kind));
    return t && { batchId: t.batchId, kind: t.kind, slot: t.due, fillingIds: t.fillingIds };
  },
  visit: ({ live, ours, now }, d) => {
    const b = live[d(live.length || 1)];
    const due = b ? careTasks(b, careOf(ours, now), now).filter((x) => x.due <= now) : [];
    const cares = due.map(({ kind, due: slot, fillingIds }) => ({ kind, slot, fillingIds: [...fillingIds] }));
    const fillingIds = [...new Set(due.flatMap((t) => t.fillingIds))];
    return b && fillingIds.length > 0
      ? { visits: [{ batchId: b.id, fillingIds, cares }], ...(d(2) ? { sour: d(6) } : {}) }
      : undefined;
  },
  taste: ({ live }, d) =>
    jar(live, d, ({ b, all }) => ({ batchId: b.id, fillingIds: all, sour: d(6), salt: 2, crunch: 3 })),
  'correct-taste': ({ live }, d) => {
    const b = live.find((x) => x.tastes.length > 0);
    return b && { batchId: b.id, of: b.tastes[0]!.id, sour: d(6), salt: 1, crunch: 1 };
  },
  ph: ({ live }, d) =>
    jar(live, d, ({ b, all }) => ({ batchId: b.id, fillingIds: all, pH: 3.6 + d(12) / 10 })),
  'correct-ph': ({ live }, d) => {
    const b = live.find((x) => x.readings.length > 0);
    return b && { batchId: b.id, of: b.readings[0]!.id, pH: d(3) ? 3.8 : '' };
  },
  'add-photo': ({ live }, d) =>
    jar(live, d, ({ b, f }) => ({ batchId: b.id, fillingIds: f, image: asAddress(TINY_JPEG) })),
  'delete-photo': ({ live }) => {
    const b = live.find((x) => x.photos.length > 0);
    return b && { batchId: b.id, of: b.photos[0]!.id };
  },
  titrate: ({ live }, d) =>
    jar(live, d, ({ b, f }) => ({ batchId: b.id, fillingIds: f, sampleMl: 10, molar: 0.1, used: 1 + d(15) })),
  'see-gas': ({ live }, d) =>
    jar(live, d, ({ b, f }) => ({
      batchId: b.id,
      fillingIds: f,
      seen: (['none', 'slow', 'lively'] as const)[d(3)]!
    })),
  gone: ({ live }, d) =>
    d(4) ? undefined : jar(live, d, ({ b, f }) => ({ batchId: b.id, fillingIds: f, how: 'given' })),
  'see-sign': ({ live }, d) =>
    d(6) ? undefined : jar(live, d, ({ b, f }) => ({ batchId: b.id, fillingIds: f, sign: 'mould' })),
  'take-back-sign': ({ live }) => {
    const b = live.find((x) => x.signs.length > 0);
    return b && { batchId: b.id, of: b.signs[0]!.id };
  },
  'let-wait': ({ live }, d) =>
    jar(live, d, ({ b, f }) => {
      const other = live[d(live.length)];
      const on = other?.fillings[d(other.fillings.length)];
      return {
        batchId: b.id,
        fillingIds: f,
        waitsForBatchId: other?.id ?? '',
        waitsForId: d(3) ? (on?.id ?? '') : ''
      };
    }),
  'change-lid': ({ live }, d) =>
    jar(live, d, ({ b, all }) => ({ batchId: b.id, fillingIds: all, lid: ['airlock', 'loose'][d(2)] })),
  move: ({ live, ours }, d) =>
    jar(live, d, ({ b, all }) => ({
      batchId: b.id,
      fillingIds: all,
      placeId: ours.places[d(ours.places.length)]!.id
    })),
  'heat-jars': ({ live }, d) =>
    jar(live, d, ({ b, all }) => ({
      ...{ batchId: b.id, fillingIds: all, placeId: 'pantry', guide: 'The county guide', edition: '2019' },
      ...{ product: 'Kraut', pack: 'raw', jarSize: d(4) === 0 ? '300 ml' : '30 l', rowTo: '600 m' },
      ...{ kitchen: `${100 * d(8)} m`, way: 'boiling-water', minutes: 1 + d(30), who: d(4) ? 'Ada' : '' }
    })),
  decant: ({ live, ours }, d) =>
    jar(live, d, ({ b, f }) => ({
      batchId: b.id,
      fillingId: f,
      jarId: ours.jars[d(ours.jars.length)]!.id,
      weight: d(2) === 0 ? '' : '200 g'
    })),
  finish: ({ live, stock }, d) => {
    const b = live.find((x) => x.finishing);
    const laid = b?.finishing?.laid.filter((o) => !b.finishing!.out.includes(o.id)) ?? [];
    if (b && laid[0]) return { batchId: b.id, object: laid[0].id, isOut: true };
    const weights = { brine: `${5 + d(40)} g`, back: '5 g', water: '10 g', sweet: '3 g', pulp: '12 g' };
    const old = stock[d(stock.length + 1)];
    const mother = old ? { oldBrineId: old.id, oldBrine: `${1 + d(60)} g` } : {};
    if (b) return { batchId: b.id, ...weights, ...mother, freshCropId: CROPS[d(CROPS.length)], fresh: '9 g' };
    return jar(live, d, ({ b: other, all }) => ({ batchId: other.id, fillingIds: all }));
  },
  sow: ({ beds: now }, d) => ({
    ...(d(3) === 0 && now.sowings[0] ? { sowingId: now.sowings[0].id } : {}),
    ...{ cropId: CROPS[d(CROPS.length)], day: `2026-0${4 + d(4)}-01`, metres: 1 + d(6), lateWeeks: d(4) - 1 }
  }),
  'drop-sowing': ({ beds: now }, d) =>
    d(3) === 0 && now.sowings[0] ? { sowingId: now.sowings[0].id } : undefined,
  'say-frost': (_, d) => ({ day: ['', '2026-10-15'][d(2)] }),
  'say-hands': (_, d) => ({ hours: 1 + d(9), batches: 1 + d(5), waterL: ['', 3, 20][d(3)] }),
  'say-wish': (_, d) => ({
    styleId: STYLES[d(STYLES.length)],
    servings: ['', 1 + d(9)][d(2)],
    when: ['', '02', '2026-12-21'][d(3)],
    who: ['', 'Ida'][d(2)]
  }),
  'say-matter': (_, d) => ({
    matter: ['waste', 'work', 'variety', 'winter'][d(4)],
    how: ['less', 'usual', 'more'][d(3)]
  }),
  'say-start': ({ now }, d) => ({
    ...{ styleId: STYLES[d(STYLES.length)], monday: addDays(dayOfWall(now), 7 * d(5)) },
    how: ['begin', 'not', 'later', 'move', 'free'][d(5)],
    to: addDays(dayOfWall(now), 7 * d(5))
  }),
  'keep-plan': ({ now, ours }, d) => ({
    starts: Array.from({ length: d(4) }, (_, i) => ({
      ...{ styleId: STYLES[d(STYLES.length)], monday: addDays(dayOfWall(now), 7 * i) },
      picks: { [CROPS[d(CROPS.length)]!]: 100 + d(3000) },
      jars: ours.jars[0] ? { [ours.jars[0].id]: 1 + d(3) } : {}
    }))
  }),
  'set-dish': (_, d) => ({
    name: `Dish ${d(3)}`,
    uses: [{ styleId: ['shredded', 'pieces'][d(2)], weight: `${20 + d(80)} g` }]
  }),
  'drop-dish': ({ ours }, d) => (d(4) === 0 && ours.dishes[0] ? { dishId: ours.dishes[0].id } : undefined),
  'plan-dish': ({ ours }, d) =>
    ours.dishes[0] && { dishId: ours.dishes[0].id, servings: 1 + d(9), day: '2027-01-01' },
  'drop-planned': ({ ours }) => ours.plannedDishes[0] && { plannedId: ours.plannedDishes[0].id },
  'cook-dish': ({ ours }, d) => ours.dishes[0] && { dishId: ours.dishes[0].id, servings: 1 + d(4) },
  'count-shelf': ({ live }, d) => ({
    placeId: 'fridge',
    jars: live.flatMap((b) =>
      b.fillings
        .filter((f) => f.emptiedAt === null && f.stays.at(-1)?.placeId === 'fridge')
        .map((f) => ({
          fillingId: f.id,
          quarters: d(3) ? null : d(3),
          how: ['eaten', 'given', 'thrown'][d(3)]
        }))
    ),
    alsoHere: []
  }),
  'eat-meal': ({ live }, d) =>
    jar(live, d, (one) =>
      jar(live, d, (other) => ({
        name: 'Soup',
        portions: [one, other].map(({ b, f }, i) => ({
          ...{ batchId: b.id, fillingId: f },
          amount: ['quarter', 'half', 'all'][d(2) + i]
        }))
      }))
    ),
  'leave-finish': ({ live }) => {
    const b = live.find((x) => x.finishing);
    return b && { batchId: b.id };
  },
  bottle: ({ live, ours }, d) => {
    const b = live.find((x) => x.finishing);
    const jarOf = ours.jars[d(ours.jars.length)];
    const counts = jarOf ? { [jarOf.id]: 1 + d(3) } : {};
    const rest = ['eaten', 'thrown'][d(2)];
    return b && { batchId: b.id, counts, rest, placeId: 'fridge', keepBrine: d(2) === 0 };
  },
  'pour-together': ({ live }, d) =>
    jar(live, d, (from) =>
      jar(live, d, (to) => ({
        batchId: from.b.id,
        fillingId: from.f,
        intoBatchId: to.b.id,
        intoFillingId: to.f,
        weight: '80 g'
      }))
    ),
  portion: ({ live }, d) =>
    jar(live, d, ({ b, f }) => ({
      batchId: b.id,
      fillingId: f,
      how: ['eaten', 'given', 'thrown'][d(3)],
      amount: ['quarter', 'half', 'all'][d(3)],
      reason: 'soft'
    })),
  'correct-portion': ({ live }, d) => {
    const b = live.find((x) => x.portions.length > 0);
    return b && { batchId: b.id, of: b.portions[0]!.id, weight: `${10 + d(50)} g` };
  },
  'enter-standing': ({ ours }, d) =>
    ours.jars[0] && {
      name: 'Old',
      styleId: [...STYLES, ...ours.styles.map((s) => s.id)][d(STYLES.length + ours.styles.length)],
      cropId: CROPS[d(CROPS.length)],
      since: '2026-09-01',
      placeId: 'counter',
      jarId: ours.jars[0].id,
      jars: 1
    },
  settle: (_, d) => ({ people: 1 + d(6), units: ['metric', 'US'][d(2)] }),
  'own-jars': (_, d) => ({
    geometryId: ['clip-1000', 'clip-500', 'us-quart-wide'][d(3)],
    lid: ['clamped', 'airlock', 'loose'][d(3)],
    owned: 4 + d(8)
  }),
  'measure-jar': ({ ours }) => ours.jars[0] && { jarId: ours.jars[0].id, headspace: '20 mm' },
  'shape-jar': (_, d) => ({
    name: `Jar ${d(9)}`,
    kind: 'jar',
    shape: 'straight',
    waterWeight: '1195 g',
    opening: '90 mm',
    height: '185 mm',
    lid: 'loose',
    owned: 1
  }),
  'set-weight': (_, d) => ({
    name: `Disc ${d(4)}`,
    kind: 'disc',
    displacesMl: 30 + d(20),
    heightMm: 18,
    widthMm: 66
  }),
  'plan-away': (_, d) => ({ from: '2026-10-01', to: `2026-10-0${1 + d(8)}` }),
  'calibrate-meter': (_, d) => ({ sevenMv: d(20) - 10, sevenC: 21, fourMv: 170 + d(10), fourC: 20 }),
  'take-place': (_, d) => ({ placeId: 'counter', name: ['Ida', 'Rob', ''][d(3)]! }),
  'plan-feast': (_, d) => ({
    from: '2026-12-24',
    to: `2026-12-2${4 + d(6)}`,
    people: d(14),
    name: ['', 'Yule'][d(2)]!
  }),
  'drop-feast': ({ ours }) => ours.feasts[0] && { feastId: ours.feasts[0].id },
  'drop-away': ({ ours }) => ours.away[0] && { awayId: ours.away[0].id },
  'break-jar': ({ ours }, d) =>
    ours.jars[0] && d(4) === 0 ? { jarId: ours.jars[d(ours.jars.length)]!.id } : undefined,
  'begin-making': ({ picks }, d) =>
    picks.some((p) => p.benchG > 0) ? { name: 'Making', styleId: STYLES[d(STYLES.length)] } : undefined,
  'begin-beside': ({ runs, picks }, d) =>
    d(4) === 0 && runs[0] && picks[0]
      ? { runId: runs[d(runs.length)]!.id, lotId: picks[d(picks.length)]!.id, name: 'Off-cuts' }
      : undefined,
  'do-step': ({ runs }, d) =>
    runs[0] && {
      runId: runs[d(runs.length)]!.id,
      step: ['kit', 'cut', 'salt', 'pack', 'label', 'season'][d(6)]
    },
  'skip-step': ({ runs }, d) =>
    runs[0] && { runId: runs[d(runs.length)]!.id, step: ['weigh', 'label', 'cooked'][d(3)], why: 'so it is' },
  'answer-gate': ({ runs }, d) => {
    const gate = GATES[d(GATES.length)]!;
    const answers = Object.keys(GATE_ANSWERS[gate]);
    return runs[0] && { runId: runs[0].id, gate, answer: answers[d(answers.length)] };
  },
  'tick-kit': ({ runs }, d) =>
    runs[0] && { runId: runs[0].id, thing: ['tray', 'scale'][d(2)], on: d(2) === 0 },
  'put-in': ({ runs }, d) => runs[0] && { runId: runs[0].id, objects: { j1: { weight: 1, leaf: d(3) } } },
  'lay-jar': ({ runs }, d) =>
    runs[0] && { runId: runs[0].id, layers: d(2) ? ['crop:carrot', 'cap'] : ['cap', 'crop:carrot'] },
  'put-off': ({ runs }, d) => runs[0] && { runId: runs[d(runs.length)]!.id, minutes: d(600) },
  'give-up': ({ runs }, d) =>
    d(4) === 0 && runs[0]
      ? { runId: runs[0].id, how: ['back', 'eaten', 'thrown'][d(3)], saltKindId: 'sea-fine', amount: '10 g' }
      : undefined,
  'start-timer': (_, d) => ({ name: 'Rest', lasts: `${1 + d(90)} min`, every: d(2) ? '' : '20 s', next: '' }),
  'change-timer': ({ timers }, d) =>
    timers[0] && {
      timerId: timers[d(timers.length)]!.id,
      way: ['longer', 'shorter'][d(2)],
      by: `${1 + d(9)}`
    },
  'hear-timer': ({ timers }, d) => timers[0] && { timerId: timers[d(timers.length)]!.id },
  'end-timer': ({ timers }, d) => timers[0] && { timerId: timers[d(timers.length)]!.id },
  'wash-jars': () => ({}),
  'set-place': (_, d) => ({
    name: ['Shed', 'Loft', 'Hall'][d(3)],
    kind: ['counter', 'cold'][d(2)],
    tempC: 5 + d(20)
  }),
  'read-thermometer': ({ ours }, d) => ({
    placeId: ours.places[d(ours.places.length)]!.id,
    tempC: 4 + d(22)
  }),
  'set-portion': (_, d) => ({ name: `Bowl ${d(3)}`, weight: `${d(3) * 80} g` }),
  'set-tare': (_, d) => ({ name: `Bowl ${d(3)}`, weight: `${300 + d(200)} g` }),
  'weigh-spoon': (_, d) => ({ saltKindId: 'sea-fine', spoons: 10, unit: 'tsp', weight: `${50 + d(15)} g` }),
  'reset-learning': (_, d) => ({ what: ['trim:carrot', 'packing:kohlrabi.pieces_1-spear'][d(2)] }),
  'write-line': (_, d) => ({ line: `Thing ${d(30)}` }),
  'strike-line': (_, d, said) => ({ lineId: said[d(said.length)] ?? 'none' }),
  'tick-line': ({ goods }, d) => goods[0] && { lineId: goods[d(goods.length)]!.id, isIn: d(3) > 0 },
  'bring-home': ({ goods }, d) =>
    goods[0] && { came: { [goods[d(goods.length)]!.id]: { amount: `${1 + d(3)} kg`, useBy: '' } } },
  'count-goods': ({ goods }, d) => ({
    goodsId: d(2) ? goods[0]?.id : undefined,
    name: 'Salt',
    kind: 'salt',
    amount: `${1 + d(4)} kg`,
    saltKindId: 'sea-fine'
  }),
  undo: (_, d, said) => (said.length > 0 ? { of: said[d(said.length)] } : undefined)
};

function jar(
  live: readonly Batch[],
  d: Dice,
  say: (at: { b: Batch; f: string; all: string[] }) => Input
): Input {
  const b = live[d(Math.max(1, live.length))];
  const all = b ? standing(b).map((f) => f.id) : [];
  return b && all[0] ? say({ b, f: all[d(all.length)]!, all }) : undefined;
}

/** What a history did: how often each use case was stored. */
export type Played = Partial<Record<CommandName, number>>;

/** Plays a random history of all use cases; `tick` moves the clock between them. */
export async function play(
  house: House,
  steps: number,
  dice: Dice,
  tick: () => void,
  prefix = 'h'
): Promise<Played> {
  const names = Object.keys(USE_CASES) as CommandName[];
  // What everything else is made of comes more often.
  const bag: CommandName[] = [
    ...names,
    'weigh-in',
    'weigh-in',
    'take-to-bench',
    'take-to-bench',
    'start-batch',
    'start-batch'
  ];
  const said: string[] = [];
  const played: Played = {};
  for (let i = 0; i < steps; i++) {
    tick();
    const name = bag[dice(bag.length)]!;
    const input = INPUTS[name](await around(house), dice, said);
    if (!input) continue;
    const commandId = `${prefix}${i}`;
    const r = await USE_CASES[name](house, { commandId, ...input });
    if (!r.ok) continue;
    said.push(commandId);
    played[name] = (played[name] ?? 0) + 1;
  }
  return played;
}
