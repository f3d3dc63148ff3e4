import type { Because } from '../core/batch';
import { isSign, SIGNS, type Look, type Question, type SignId, type Where } from '../core/safety';

/** What a sign on a jar usually means, and what the cautious do. Common practice, no source. */
export interface SignWords {
  readonly sign: string;
  readonly means: string;
  readonly does: string;
  /** Where practitioners differ: both, and which is Crockle's. */
  readonly schools?: string;
}

const AWAY = 'Do not taste. Close it; throw the whole jar away.';

const WORDS: Readonly<Record<SignId, SignWords>> = {
  cloudy: {
    sign: 'cloudy brine, white dust at the bottom',
    means: 'Bacteria at work, and settled.',
    does: 'Nothing.'
  },
  'blue-garlic': {
    sign: 'garlic turned blue or green',
    means: 'A colour from its own sulphur compounds.',
    does: 'Nothing.'
  },
  whiff: {
    sign: 'a cabbage or sulphur whiff in the first days',
    means: 'Usual while it starts.',
    does: 'Nothing; it passes within days.'
  },
  dull: {
    sign: 'green turned olive, colours dull',
    means: 'Acid does that to what is green.',
    does: 'Nothing.'
  },
  'red-crop': {
    sign: 'all of it pink or red, with a red crop in it',
    means: 'Its colour runs into the brine, evenly.',
    does: 'Nothing. Patches of pink on the surface are another sign.'
  },
  lull: {
    sign: 'no bubbles just now',
    means:
      'It has not begun yet, or pauses on day 2 or 3, or its gas is over. The pause is common practice; no forecast knows it.',
    does: 'Wait, and measure the pH on its day: 4.6 or lower.'
  },
  film: {
    sign: 'a flat, matt, white or cream film',
    means: 'Yeast, as a rule: air, warmth or little salt.',
    does: 'Skim it, wipe the rim, cover better, stand it cooler. Eat it only if it is sour, firm and smells clean.',
    schools: 'All skim it; some throw a jar away whose film comes back again and again.'
  },
  overflow: {
    sign: 'brine runs over',
    means: 'A full jar in its lively days.',
    does: 'Tray under it, press down, pour the clean juice back.'
  },
  low: {
    sign: 'brine gone below the pieces',
    means:
      'Not yet drawn out, lifted, sunk back as the gas left, drawn in, run over, or evaporated: each wants something else.',
    does: 'Press it down first. What stands dry does not sour.'
  },
  lifted: {
    sign: 'pieces stand out of the brine',
    means: 'Gas lifts them in the lively days.',
    does: 'Press them under with clean hands, the weight back on; daily. What stood dry and soft is taken out.'
  },
  yeasty: {
    sign: 'a smell of bread, beer or wine',
    means: 'Yeasts on the sugar: a sweet crop, warmth or air.',
    does: 'Stand it cooler, keep air out, and eat it soon. Soft or slimy with it: throw it away.'
  },
  domed: {
    sign: 'domed lid, or it hisses hard',
    means: 'Gas under pressure.',
    does: 'Open slowly over the sink under a cloth, then more often. A jar with a hairline crack: do not touch the lid, let it burst in a bucket, throw it away.'
  },
  'no-bubbles': {
    sign: 'no bubbles by day 3 (warm) or 7 (cool)',
    means: 'Cold, strong salt, chlorine in the water, or a lid that leaks.',
    does: 'Warm it, wait, measure the pH: 4.6 or lower by its day, else throw it away.'
  },
  soft: {
    sign: 'soft, but sour and clean in smell',
    means: 'Heat, little salt, old produce, or blossom ends left on.',
    does: 'Use it soon, or cook with it. Soft and slimy is another sign.'
  },
  ropy: {
    sign: 'ropy brine in the first days, nothing soft',
    means: 'Early bacteria that make threads; it may pass.',
    does: 'Cooler, and wait a week. Still ropy, or soft with it: throw it away.',
    schools: 'Some wait it out; the cautious throw away what is not gone in a week.'
  },
  mould: {
    sign: 'raised, furry or coloured spots',
    means: 'Mould; its threads go deeper than the spot.',
    does: AWAY,
    schools:
      'One school lifts small white spots off a firm, sour kraut that stood under its brine. The cautious school, and Crockle, throws the jar away.'
  },
  'film-off': {
    sign: 'a film, and soft or ill-smelling beneath, or nobody is sure',
    means: 'Not yeast alone: what is under it has turned.',
    does: AWAY
  },
  pink: {
    sign: 'pink patches, not from a red crop',
    means: 'Yeasts from too much or uneven salt. Beet colours the jar evenly.',
    does: AWAY
  },
  slime: {
    sign: 'slime with softness',
    means: 'The wrong bacteria: warmth or little salt.',
    does: AWAY
  },
  rotten: {
    sign: 'a rotten, putrid or faecal smell',
    means: 'Spoilage.',
    does: AWAY
  }
};

/** The signs to choose from, harmless ones first. */
export const SIGN_IDS = Object.keys(SIGNS).filter(isSign);

export const signWords = (id: SignId): SignWords => WORDS[id];

/** Why something was thrown away, where the house knows. Example: "pH 5.1 on day 9: it should have been 4.6 or lower by day 7". */
export function becauseWords(because: Because): string {
  switch (because.kind) {
    case 'pH':
      return `pH ${because.pH} on day ${because.day}: it should have been 4.6 or lower by day ${because.lineDay}`;
    case 'sign':
      return signName(because.sign);
    case 'broke':
      return 'the jar broke';
  }
}

/** A sign by its name. Example: `signName('film')` begins with "a flat"; an unknown one is called as it was said. */
export const signName = (id: string): string => (isSign(id) ? WORDS[id].sign : id);

/** Where one looks first. */
export const WHERE_WORDS: Readonly<Record<Where, string>> = {
  surface: 'On the surface',
  brine: 'In the brine',
  pieces: 'The pieces',
  smell: 'A smell',
  lid: 'Gas and lid'
};

/** What it looks like there. */
export const LOOK_WORDS: Readonly<Record<Look, string>> = {
  film: 'a flat, pale film',
  spots: 'furry or coloured spots',
  patches: 'pink patches',
  specks: 'white specks, like dust',
  cloudy: 'cloudy',
  reddish: 'pink or red',
  threads: 'ropy, draws threads',
  low: 'below the pieces',
  over: 'runs over',
  dull: 'duller, olive',
  garlic: 'blue or green garlic',
  lifted: 'stand out of the brine',
  soft: 'soft',
  slimy: 'slimy',
  sulphur: 'cabbage, sulphur',
  yeast: 'bread, beer, wine',
  foul: 'rotten, foul',
  still: 'no bubbles',
  domed: 'domed lid, hisses hard'
};

/** What is asked once more, and what its two answers are. */
export const QUESTION_WORDS: Readonly<Record<Question, readonly [asks: string, yes: string, no: string]>> = {
  'sound-beneath': [
    'Push the film aside, taste nothing. Is it firm beneath, and does it smell clean and sour?',
    'Firm and clean',
    'Soft, or an ill smell'
  ],
  even: ['There is a red crop in it. Is the whole jar that colour, evenly?', 'Evenly', 'In patches'],
  firm: ['Are the pieces firm, and does it smell clean?', 'Firm and clean', 'Soft, or an ill smell'],
  slimy: ['Is it slimy, too, or does it smell ill?', 'Slimy, or an ill smell', 'Only soft'],
  foul: ['It is past its first days. Is it foul, rather than like cooked cabbage?', 'Foul', 'Cooked cabbage'],
  bubbled: ['Did it bubble before?', 'Yes, before', 'Never']
};
