/** What a sign on a jar usually means, and what the cautious do. Common practice, no source, unless said. */
export interface Sign {
  readonly id: string;
  readonly sign: string;
  readonly means: string;
  readonly does: string;
  /** fine: nothing to do; heed: do this; discard: the jar is to be thrown away. */
  readonly level: 'fine' | 'heed' | 'discard';
}

const AWAY = 'Do not taste. Close it; throw the whole jar away.';

/** The signs that people ask about, harmless ones first. */
export const SIGNS: readonly Sign[] = [
  {
    id: 'cloudy',
    sign: 'cloudy brine, white dust at the bottom',
    means: 'Bacteria at work, and settled.',
    does: 'Nothing.',
    level: 'fine'
  },
  {
    id: 'blue-garlic',
    sign: 'garlic turned blue or green',
    means: 'A colour from its own sulphur compounds.',
    does: 'Nothing.',
    level: 'fine'
  },
  {
    id: 'whiff',
    sign: 'a cabbage or sulphur whiff in the first days',
    means: 'Usual while it starts.',
    does: 'Nothing; it passes within days.',
    level: 'fine'
  },
  {
    id: 'film',
    sign: 'a flat, matt, white or cream film',
    means: 'Yeast, as a rule: air, warmth or little salt.',
    does: 'Skim it, wipe the rim, cover better, stand it cooler. Eat it only if it is sour, firm and smells clean.',
    level: 'heed'
  },
  {
    id: 'overflow',
    sign: 'brine runs over',
    means: 'A full jar in its lively days.',
    does: 'Tray under it, press down, pour the clean juice back.',
    level: 'heed'
  },
  {
    id: 'low',
    sign: 'brine gone below the pieces',
    means: 'Brine sank back into the vegetables as the gas left, or a loose lid.',
    does: 'Press down; top it up by “Put right”.',
    level: 'heed'
  },
  {
    id: 'domed',
    sign: 'domed lid, or it hisses hard',
    means: 'Gas under pressure.',
    does: 'Open slowly over the sink under a cloth, then more often. A jar with a hairline crack: do not touch the lid, let it burst in a bucket, throw it away.',
    level: 'heed'
  },
  {
    id: 'no-bubbles',
    sign: 'no bubbles by day 3 (warm) or 7 (cool)',
    means: 'Cold, strong salt, chlorine in the water, or a lid that leaks.',
    does: 'Warm it, wait, measure the pH: 4.6 or lower by its day, else throw it away.',
    level: 'heed'
  },
  {
    id: 'soft',
    sign: 'soft, but sour and clean in smell',
    means: 'Heat, little salt, old produce, or blossom ends left on.',
    does: 'Use it soon, or cook with it. Soft and slimy is another sign.',
    level: 'heed'
  },
  {
    id: 'ropy',
    sign: 'ropy brine in the first days, nothing soft',
    means: 'Early bacteria that make threads; it may pass.',
    does: 'Cooler, and wait a week. Still ropy, or soft with it: throw it away.',
    level: 'heed'
  },
  {
    id: 'mould',
    sign: 'raised, furry or coloured spots',
    means: 'Mould; its threads go deeper than the spot.',
    does: AWAY,
    level: 'discard'
  },
  {
    id: 'pink',
    sign: 'pink patches, not from a red crop',
    means: 'Yeasts from too much or uneven salt. Beet colours the jar evenly.',
    does: AWAY,
    level: 'discard'
  },
  {
    id: 'slime',
    sign: 'slime with softness',
    means: 'The wrong bacteria: warmth or little salt.',
    does: AWAY,
    level: 'discard'
  },
  { id: 'rotten', sign: 'a rotten, putrid or faecal smell', means: 'Spoilage.', does: AWAY, level: 'discard' }
];

/** Example: `signCalled('mould')?.level` is `'discard'`. */
export const signCalled = (id: string): Sign | undefined => SIGNS.find((s) => s.id === id);

/** Who eats here, for whom a word of caution is said where jars are eaten and given. Handbook caution list; ask a professional. */
export const EATERS = [
  {
    id: 'pregnant',
    who: 'somebody pregnant',
    says: 'Pregnant: raw, unheated ferments are a question for a midwife or doctor first.'
  },
  {
    id: 'infant',
    who: 'a baby or small child',
    says: 'Babies and small children: ask a doctor before giving raw, salty ferments; never honey under one year.'
  },
  {
    id: 'immune',
    who: 'somebody with weak immunity',
    says: 'Weak immunity: raw, unheated ferments only as a doctor says.'
  },
  {
    id: 'salt',
    who: 'somebody on a low-salt diet (kidney, blood pressure)',
    says: 'Low-salt diet: these jars are salty; count them, and ask a doctor.'
  },
  {
    id: 'histamine',
    who: 'somebody sensitive to histamine',
    says: 'Histamine: long ferments hold much of it; ask a doctor.'
  },
  {
    id: 'anticoagulant',
    who: 'somebody taking anticoagulants',
    says: 'Anticoagulants: leaf greens hold vitamin K; keep amounts even, and ask a doctor.'
  }
] as const;
export type EaterId = (typeof EATERS)[number]['id'];
