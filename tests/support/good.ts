import { asAddress, TINY_JPEG } from './photo';
import type { CommandName } from '$lib/schema/commands';

/** A household that has something of everything, and per command an input that is right in it. */
const ID = 'kraut';

export const START = {
  styleId: 'shredded',
  fraction: 0.022,
  saltKindId: 'sea-fine',
  placeId: 'counter',
  opens: true,
  name: 'Kraut'
};

/** What makes the household, in order. */
export const PREPARED: readonly [CommandName, Record<string, unknown>][] = [
  ['own-jars', { commandId: 'jars', geometryId: 'clip-1000', lid: 'clamped', owned: 6 }],
  ['weigh-in', { commandId: 'lot', cropId: 'cabbage-white', weight: '2 kg' }],
  ['weigh-in', { commandId: 'lot2', cropId: 'cabbage-white', weight: '1 kg' }],
  ['take-to-bench', { lotId: 'lot', weight: '' }],
  ['start-batch', { ...START, commandId: ID }],
  ['taste', { commandId: 'taste', batchId: ID, fillingIds: `${ID}.j1`, sour: 1, salt: 1, crunch: 1 }],
  ['portion', { commandId: 'bite', batchId: ID, fillingId: `${ID}.j1`, how: 'eaten', amount: 'quarter' }],
  ['take-to-bench', { lotId: 'lot2', weight: '' }],
  ['sow', { commandId: 'row', cropId: 'carrot', day: '2026-05-01', metres: 4 }],
  ['keep-brine', { commandId: 'stock', name: 'Stock', amount: '2 l', strengthPercent: 3 }],
  [
    'enter-standing',
    {
      commandId: 'sauce',
      name: 'Sauce',
      styleId: 'pepper-sauce',
      cropId: 'pepper-cayenne',
      since: '2026-09-01',
      placeId: 'counter',
      jarId: 'clip-1000.clamped',
      jars: 1
    }
  ],
  ['ph', { batchId: 'sauce', fillingIds: 'sauce.j1', pH: 4.1 }],
  ['see-sign', { batchId: 'sauce', fillingIds: 'sauce.j1', sign: 'slime' }],
  [
    'add-photo',
    { commandId: 'photo', batchId: 'sauce', fillingIds: 'sauce.j1', image: asAddress(TINY_JPEG) }
  ],
  ['wish-next', { commandId: 'wish', recipeId: 'plain-kraut', said: '100 % white cabbage', by: 'less' }],
  ['set-style', { commandId: 'way', like: 'pieces', name: 'Our sticks', salt: 2.4 }],
  ['set-crop', { commandId: 'own', cropId: 'carrot', water: 86 }],
  ['plan-away', { commandId: 'trip', from: '2026-10-01', to: '2026-10-08' }],
  ['plan-feast', { commandId: 'feast', from: '2026-12-24', to: '2026-12-26', people: 12, name: 'Yule' }],
  [
    'enter-standing',
    {
      commandId: 'old',
      name: 'Old kraut',
      styleId: 'shredded',
      cropId: 'cabbage-white',
      since: '2026-08-01',
      placeId: 'fridge',
      jarId: 'clip-1000.clamped',
      jars: 1
    }
  ],
  [
    'enter-standing',
    {
      commandId: 'mash',
      name: 'Mash',
      styleId: 'pepper-mash',
      cropId: 'pepper-cayenne',
      since: '2026-08-01',
      placeId: 'counter',
      jarId: 'clip-1000.clamped',
      jars: 1
    }
  ],
  [
    'enter-standing',
    {
      commandId: 'heated',
      name: 'Kraut',
      styleId: 'shredded',
      cropId: 'cabbage-white',
      since: '2026-08-01',
      placeId: 'counter',
      jarId: 'clip-1000.clamped',
      jars: 1
    }
  ],
  ['ph', { batchId: 'heated', fillingIds: 'heated.j1', pH: 3.6 }],
  ['set-dish', { commandId: 'soup', name: 'Soup', uses: [{ styleId: 'shredded', weight: '5 g' }] }],
  ['plan-dish', { commandId: 'supper', dishId: 'soup', servings: 2, day: '2026-12-20' }],
  ['write-line', { commandId: 'line', line: 'Muslin' }],
  ['write-line', { commandId: 'string', line: 'String' }],
  ['tick-line', { lineId: 'string', isIn: true }],
  ['finish', { batchId: 'mash', fillingIds: 'mash.j1' }],
  ['finish', { batchId: 'mash', object: 'mash.j1-weight', isOut: true }],
  ['weigh-in', { commandId: 'lot3', cropId: 'kohlrabi', weight: '1 kg' }],
  ['take-to-bench', { lotId: 'lot3', weight: '', bench: 'second' }],
  ['begin-making', { commandId: 'run', bench: 'second', name: 'Kohlrabi', styleId: 'pieces' }],
  ['start-timer', { commandId: 'rest', name: 'Rest', lasts: '20 min' }],
  ['portion', { commandId: 'up', batchId: 'old', fillingId: 'old.j1', how: 'eaten', amount: 'all' }]
];

/** Per command: what is right. */
export const GOOD: Readonly<Record<CommandName, Record<string, unknown>>> = {
  'weigh-in': { cropId: 'carrot', weight: '500 g' },
  'correct-pick': { lotId: 'lot2', weight: '900 g' },
  'end-pick': { lotId: 'lot2', how: 'cooked', weight: '100 g', from: 'bench' },
  'take-to-bench': { lotId: 'lot2', weight: '100 g' },
  'put-back': { lotId: 'lot2' },
  'weigh-prepared': { lotId: 'lot2', weight: '800 g' },
  'sort-pick': { lotId: 'lot2', culled: '50 g', prepared: '600 g', greens: '20 g', offcuts: '30 g' },
  'start-batch': START,
  'begin-making': { name: 'Kraut', styleId: 'shredded' },
  'begin-beside': { runId: 'run', lotId: 'lot2', name: 'Off-cuts' },
  'do-step': { runId: 'run', step: 'wash' },
  'skip-step': { runId: 'run', step: 'cut', why: 'They are small' },
  'answer-gate': { runId: 'run', gate: 'room', answer: 'fits' },
  'tick-kit': { runId: 'run', thing: 'tray', on: true },
  'put-in': { runId: 'run', objects: { j1: { weight: 1, leaf: 2 } } },
  'lay-jar': { runId: 'run', layers: ['crop:kohlrabi', 'cap'] },
  'put-off': { runId: 'run', minutes: 45 },
  'give-up': { runId: 'run', how: 'eaten', saltKindId: 'sea-fine', amount: '20 g' },
  'add-pick': { batchId: ID, fillingId: `${ID}.j1` },
  'put-right': {
    batchId: ID,
    fillingIds: `${ID}.j1`,
    trouble: 'wrong-top-up',
    amount: '150 ml',
    strengthPercent: '6',
    freeBrine: '100 ml'
  },
  'sour-sauce': {
    batchId: 'sauce',
    fillingIds: 'sauce.j1',
    pH: 4.2,
    wanted: 3.8,
    sauce: '700 g',
    vinegarMl: 20
  },
  'write-recipe': { name: 'Kraut', styleId: 'shredded', card: '2 kg cabbage' },
  'change-recipe': {
    recipeId: 'plain-kraut',
    name: 'Kraut',
    styleId: 'shredded',
    card: '2 kg cabbage',
    what: 'other'
  },
  'wish-next': { recipeId: 'plain-kraut', said: '100 % white cabbage', by: 'more' },
  'settle-wish': { recipeId: 'plain-kraut', wishId: 'wish', how: 'take' },
  'retire-recipe': { recipeId: 'plain-kraut', back: 'no' },
  sow: {
    ...{ sowingId: 'row', cropId: 'green-bean', variety: 'Blue', bed: 'north', day: '2026-06-01' },
    ...{ metres: 3, plants: 30, first: '2026-08-01', weeks: 5, amount: '4 kg', lateWeeks: 1 }
  },
  'drop-sowing': { sowingId: 'row' },
  'say-frost': { day: '2026-10-15' },
  'say-hands': { hours: 4, batches: 2 },
  'say-matter': { matter: 'waste', how: 'more' },
  'say-wish': { styleId: 'pieces', servings: 6 },
  'say-start': { styleId: 'pieces', monday: '2026-12-28', how: 'begin' },
  'keep-plan': {
    starts: [
      {
        ...{ styleId: 'pieces', monday: '2026-12-28' },
        ...{ picks: { carrot: 900 }, jars: { 'clip-1000.clamped': 1 } }
      }
    ]
  },
  'keep-brine': { name: 'Stock', amount: '1 l', strengthPercent: 5 },
  'take-brine': { brineId: 'stock', amount: '100 ml' },
  'shape-jar': {
    name: 'Old jar',
    kind: 'jar',
    shape: 'straight',
    waterWeight: '1195 g',
    opening: '90 mm',
    height: '185 mm',
    lid: 'loose',
    owned: 1
  },
  'set-weight': { name: 'Disc', kind: 'disc', displacesMl: 35, heightMm: 18, widthMm: 66 },
  'plan-away': { from: '2026-10-01', to: '2026-10-08' },
  'let-wait': { batchId: ID, fillingIds: `${ID}.j1`, waitsForId: '' },
  'change-lid': { batchId: ID, fillingIds: `${ID}.j1`, lid: 'airlock' },
  'calibrate-meter': { sevenMv: 8.1, sevenC: 21, fourMv: 176.5, fourC: 21 },
  'take-place': { placeId: 'counter', name: 'Ida' },
  'drop-away': { awayId: 'trip' },
  'plan-feast': { from: '2026-12-24', to: '2026-12-26', people: 12, name: 'Yule' },
  'drop-feast': { feastId: 'feast' },
  'break-jar': { jarId: 'clip-1000.clamped' },
  'start-timer': {
    name: 'Brine cools',
    lasts: '1 h 30',
    every: '30',
    placeId: 'counter',
    next: 'Pour it',
    sound: 'bell'
  },
  'change-timer': { timerId: 'rest', way: 'longer', by: '5' },
  'hear-timer': { timerId: 'rest' },
  'end-timer': { timerId: 'rest' },
  'wash-jars': { jarId: 'clip-1000.clamped' },
  care: { batchId: ID, kind: 'look', slot: 1, fillingIds: `${ID}.j1` },
  visit: {
    visits: [
      { batchId: ID, fillingIds: [`${ID}.j1`], cares: [{ kind: 'look', slot: 1, fillingIds: [`${ID}.j1`] }] }
    ],
    sour: 2
  },
  taste: { batchId: ID, fillingIds: `${ID}.j1`, sour: 1, salt: 1, crunch: 1 },
  'correct-taste': { batchId: ID, of: `batch-${ID}.2`, sour: 1, salt: 1, crunch: 1 },
  ph: { batchId: ID, fillingIds: `${ID}.j1`, pH: 4 },
  'correct-ph': { batchId: 'sauce', of: 'batch-sauce.2', pH: 4.1 },
  'add-photo': { batchId: ID, fillingIds: `${ID}.j1`, image: asAddress(TINY_JPEG) },
  'delete-photo': { batchId: 'sauce', of: 'batch-sauce.4' },
  titrate: { batchId: ID, fillingIds: `${ID}.j1`, sampleMl: 10, molar: 0.1, used: 9 },
  'see-gas': { batchId: ID, fillingIds: `${ID}.j1`, seen: 'lively' },
  'see-sign': { batchId: ID, fillingIds: `${ID}.j1`, sign: 'mould' },
  'take-back-sign': { batchId: 'sauce', of: 'batch-sauce.3' },
  move: { batchId: ID, fillingIds: `${ID}.j1`, placeId: 'fridge' },
  portion: { batchId: ID, fillingId: `${ID}.j1`, how: 'eaten', amount: 'quarter' },
  gone: { batchId: ID, fillingIds: `${ID}.j1`, how: 'eaten' },
  decant: { batchId: 'sauce', fillingId: 'sauce.j1', jarId: 'clip-500.airlock' },
  finish: {
    batchId: 'mash',
    brine: '50 g',
    back: '20 g',
    oldBrineId: 'stock',
    oldBrine: '30 g',
    freshCropId: 'carrot',
    fresh: '30 g',
    pulp: '40 g'
  },
  'leave-finish': { batchId: 'mash' },
  'heat-jars': {
    ...{ batchId: 'heated', fillingIds: 'heated.j1', placeId: 'pantry', guide: 'The county guide' },
    ...{ edition: '2019', product: 'Kraut', pack: 'raw', jarSize: '1 l', rowTo: '300 m', kitchen: '220 m' },
    ...{ way: 'boiling-water', minutes: 1, who: 'Ada' }
  },
  'eat-meal': {
    name: 'Soup',
    how: 'cooked',
    portions: [{ batchId: ID, fillingId: `${ID}.j1`, amount: 'quarter' }]
  },
  'set-dish': { name: 'Dumplings', uses: [{ styleId: 'shredded', weight: '50 g' }] },
  'drop-dish': { dishId: 'soup' },
  'plan-dish': { dishId: 'soup', servings: 4, day: '2026-12-24' },
  'drop-planned': { plannedId: 'supper' },
  'cook-dish': { dishId: 'soup', servings: 1 },
  'count-shelf': { placeId: 'fridge', jars: [], alsoHere: [] },
  bottle: {
    batchId: 'mash',
    counts: { 'clip-500.airlock': 1 },
    placeId: 'fridge',
    keepBrine: true,
    pH: 3.6
  },
  'pour-together': {
    batchId: ID,
    fillingId: `${ID}.j1`,
    intoBatchId: 'sauce',
    intoFillingId: 'sauce.j1',
    weight: '50 g'
  },
  'correct-portion': { batchId: ID, of: `batch-${ID}.3`, weight: '10 g' },
  'enter-standing': {
    name: 'Old',
    styleId: 'shredded',
    cropId: 'carrot',
    since: '2026-09-01',
    placeId: 'counter',
    jarId: 'clip-1000.clamped',
    jars: 1
  },
  'set-crop': { like: 'kohlrabi', name: 'Yacon', water: 88, piece: 'root', weight: '300 g' },
  'drop-crop': { cropId: 'carrot' },
  'set-style': {
    ...{ like: 'pieces', name: 'Ours', salt: 2.5, daysFrom: 6, daysTo: 20 },
    ...{ cutLike: 'spear', cutName: 'Matchsticks', cutWeight: '620 g' }
  },
  'drop-style': { styleId: 'pieces_1' },
  settle: { people: 2 },
  'own-jars': { geometryId: 'clip-500', lid: 'loose', owned: 1 },
  'set-place': { name: 'Shed', kind: 'counter', tempC: 15, swingC: 2 },
  'read-thermometer': { placeId: 'counter', tempC: 23.5 },
  'write-line': { line: 'Cheesecloth' },
  'strike-line': { lineId: 'line' },
  'tick-line': { lineId: 'line', isIn: true, price: 2.5 },
  'bring-home': { came: {} },
  'count-goods': { name: 'Dill seed', kind: 'spice', amount: '20 g' },
  'measure-jar': {
    jarId: 'clip-1000.clamped',
    waterWeight: '1052 g',
    headspace: '20 mm',
    weightMl: 30
  },
  'set-portion': { name: 'A bowl', weight: '150 g' },
  'set-tare': { name: 'Blue bowl', weight: '412 g' },
  'weigh-spoon': { saltKindId: 'sea-fine', spoons: 10, unit: 'tsp', weight: '58 g' },
  'reset-learning': { what: 'trim:carrot' },
  undo: { of: 'bite' }
};

/** What stores nothing in the log: right inputs, by the name it has in the API. */
export const GOOD_ASIDE: Readonly<Record<string, Record<string, unknown>>> = {
  worksheet: { ...START, items: [{ cropId: 'kohlrabi', prepared: '1 195 g' }] },
  'bench-draft': { set: { styleId: 'pieces' }, forget: ['name'], anew: false },
  'step-clock': { by: 'day' },
  scale: { do: 'put', g: 86 }
};

/** Who may come in: right inputs of Kit's forms and of the sign-in, by the use case's name in code. */
export const GOOD_DOOR: Readonly<Record<string, Record<string, unknown>>> = {
  'set-passphrase': { role: 'guest', passphrase: 'only looking at jars', current: '' },
  'drop-guests': {},
  'sign-out-everywhere': {},
  'take-back-pass': { passId: 'nobody' },
  'make-feed': { name: 'Ida' },
  'make-token': { name: 'Barn screen', role: 'guest', days: 5 },
  in: { name: 'Ida', passphrase: 'kohlrabi under the stairs' },
  first: { name: 'Ida', code: 'AAAA-AAAA', passphrase: 'kohlrabi under the stairs' }
};
