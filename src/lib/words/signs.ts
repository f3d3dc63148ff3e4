import type { Because } from '../core/batch';
import { isSign, SIGNS, type SignId } from '../core/safety';

/** What a sign on a jar usually means, and what the cautious do. Common practice, no source. */
export interface SignWords {
  readonly sign: string;
  readonly means: string;
  readonly does: string;
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
  film: {
    sign: 'a flat, matt, white or cream film',
    means: 'Yeast, as a rule: air, warmth or little salt.',
    does: 'Skim it, wipe the rim, cover better, stand it cooler. Eat it only if it is sour, firm and smells clean.'
  },
  overflow: {
    sign: 'brine runs over',
    means: 'A full jar in its lively days.',
    does: 'Tray under it, press down, pour the clean juice back.'
  },
  low: {
    sign: 'brine gone below the pieces',
    means: 'Brine sank back into the vegetables as the gas left, or a loose lid.',
    does: 'Press down; top it up by “Put right”.'
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
    does: 'Cooler, and wait a week. Still ropy, or soft with it: throw it away.'
  },
  mould: {
    sign: 'raised, furry or coloured spots',
    means: 'Mould; its threads go deeper than the spot.',
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
