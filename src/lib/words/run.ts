import { plain, writeMass, writePercent, writeSalt, writeVolume, type WrittenUnits } from '../core/quantity';
import type { GateId, GateSays, GivenUp, KitThing, Lead, ObjectKind } from '../core/run';
import { lastingWords } from './timers';

/** What a gate asks, and what to look at. */
export const GATE_ASKS: Readonly<Record<GateId, readonly [asks: string, look: string]>> = {
  fresh: ['Is all of it sound?', 'Soft, slimy, spotted or old pieces spoil the jar they lie in.'],
  juice: ['Does it stand in its own juice?', 'Press it down with a fist: juice must run over the knuckles.'],
  taste: [
    'How does the juice taste?',
    'Stir, wait a moment, then taste a drop. The tongue is out by a quarter or so; a scale is not.'
  ],
  rinse: [
    'How much salt did the rinse leave?',
    'Weigh it wrung out, then taste a leaf or measure its juice.'
  ],
  cold: [
    'Is the brine cold?',
    'As cool as the kitchen. Hot brine kills what ferments, and cracks cold glass.'
  ],
  glue: ['Is the cooked glue cold?', 'A warm paste kills what ferments and cooks the leaf.'],
  room: ['Does all of it fit?', 'Packed and pressed, up to where the liquid will stand over it.'],
  covered: [
    'Does the liquid stand over everything?',
    '1–2 cm over the last piece, the weight under it. What stands in the air moulds.'
  ]
};

/** What may be answered. */
export const GATE_SAYS: Readonly<Record<GateSays, string>> = {
  'fresh.sound': 'All sound',
  'fresh.cull': 'Some is not: cull it',
  'fresh.second': 'Some is second grade',
  'juice.covered': 'Yes, it stands in it',
  'juice.soon': 'Not yet, but it is wet',
  'juice.dry': 'No, it stays dry',
  'taste.bland': 'Bland',
  'taste.soup': 'Like a well-seasoned soup',
  'taste.salty': 'Like tears, too salty for a soup',
  'taste.sea': 'Like the sea',
  'rinse.measured': 'It is as said above',
  'rinse.bland': 'It tastes of nothing',
  'rinse.salty': 'It is too salty still',
  'cold.cold': 'Cold',
  'cold.warm': 'Warm still',
  'cold.hot': 'It goes in hot, as meant',
  'glue.cold': 'Cold',
  'glue.warm': 'Warm still',
  'glue.none': 'There is no glue in it',
  'room.fits': 'Yes, it fits',
  'room.larger': 'No: one more jar',
  'room.own': 'No: a jar of its own',
  'room.eat': 'No: we eat the rest',
  'covered.over': 'Yes, all of it',
  'covered.short': 'No, it falls short',
  'covered.floats': 'Something floats'
};

/** What an answer leads to, before it is given. Amounts in the household's units; salt is always weighed in grams. */
export function leadWords(lead: Lead, units: WrittenUnits): string {
  switch (lead.to) {
    case 'on':
      return 'Go on.';
    case 'sort':
      return 'Weigh out what does not go in; the worksheet follows.';
    case 'wait':
      return `Wait ${lastingWords(lead.minutes)}, then look again.`;
    case 'brine': {
      const spare =
        lead.spareMl === null
          ? 'Pour'
          : `Pour what is left of your brine, ${writeVolume(lead.spareMl, units)}. Not enough? Then`;
      return `${spare} brine of ${writePercent(lead.strength)} until all is covered: ${plain(lead.saltPerLitreG, 0)} g of your salt to 1 l of water. It changes nothing but the level.`;
    }
    case 'salt':
      return `${writeSalt(lead.g)} more salt, then taste again.`;
    case 'leaf':
      return `${writeMass(lead.g, units)} more of the vegetables, unsalted: then it settles at ${writePercent(lead.settles)}.`;
    case 'rinse':
      return 'Rinse it once more, wring it out, taste again.';
    case 'careful':
      return 'A warm jar on a cloth, poured slowly, gloves or a towel.';
    case 'press':
      return 'Lay a larger piece over it, the weight on that, then look again.';
    case 'jars':
      return `One more jar takes it: ${lead.names.join(', or ')}.`;
    case 'own':
      return 'Weigh what is over: it gets a jar of its own, salted as the others are.';
    case 'eat':
      return 'What is over is weighed out as greens for the kitchen; the salt follows what goes in.';
  }
}

/** Why a step is left out, as one mostly says it. */
export const SKIP_REASONS = ['done before', 'not needed here', 'nothing there for it'] as const;

/** What lies ready, beside jars, weights and salt. */
export const KIT_WORDS: Readonly<Record<KitThing, string>> = {
  followers: 'Three sound outer leaves, as followers',
  seals: 'Lids and seals, whole and clean',
  bowl: 'A bowl that takes all of it',
  jug: 'A jug for the brine',
  scale: 'The scale, and an empty bowl to zero it with',
  board: 'Board, knife, guard or glove',
  gloves: 'Gloves: there are hot peppers in it',
  tray: 'A tray to stand the jars on',
  'spare-water': 'Cold water to spare'
};

/** What has to come out of a jar again. */
export const OBJECT_WORDS: Readonly<Record<ObjectKind, string>> = {
  weight: 'weights',
  bag: 'spice bags',
  leaf: 'whole leaves',
  stick: 'sticks'
};

/** What becomes of the produce of a making that is given up. */
export const GIVEN_UP_WORDS: Readonly<Record<GivenUp, string>> = {
  back: 'back to the Garden',
  eaten: 'eaten',
  thrown: 'thrown away'
};

/** Screens that are no step of a style. */
export const RUN_WORDS = {
  kit: 'Lay all of it ready.',
  close: 'Close the lids and stand the jars in their place.',
  label: 'Write on each lid.'
} as const;
