import { describe, expect, it } from 'vitest';
import { CROPS } from '$lib/core/produce';
import {
  isRed,
  isSign,
  judge,
  LOOKS,
  SIGNS,
  WHERES,
  type AnswerTo,
  type JarFacts,
  type Look
} from '$lib/core/safety';
import { LOOK_WORDS, QUESTION_WORDS, signWords, WHERE_WORDS } from '$lib/words';
import { cropColour } from '$lib/ui/jar/colours';

const LOOKS_ALL: readonly Look[] = WHERES.flatMap((w) => LOOKS[w]);
const FACTS: readonly JarFacts[] = [0, 3, 5, 6, 9, 40].flatMap((day) =>
  [12, 21, 28].flatMap((tempC) => [true, false].map((red) => ({ day, tempC, red })))
);
const ANSWERS: readonly AnswerTo[] = ['yes', 'no', 'unsure'];
const WORSE = { fine: 0, heed: 1, discard: 2 };
const signOf = (look: Look, facts: JarFacts, answer: AnswerTo | null) => {
  const judged = judge(look, facts, answer);
  return 'sign' in judged ? judged.sign : null;
};

describe('what is seen or smelt', () => {
  it('comes to a sign in three taps, whatever is known of the jar; every sign can be reached', () => {
    const reached = new Set<string>();
    for (const look of LOOKS_ALL)
      for (const facts of FACTS) {
        const two = signOf(look, facts, null);
        for (const answer of two ? [null] : ANSWERS) {
          const sign = signOf(look, facts, answer);
          expect(sign, look).not.toBeNull();
          expect(isSign(sign!)).toBe(true);
          reached.add(sign!);
        }
      }
    expect([...reached].sort()).toEqual(Object.keys(SIGNS).sort());
  });
  it('who is not sure is answered as the cautious would', () => {
    for (const look of LOOKS_ALL)
      for (const facts of FACTS) {
        if (signOf(look, facts, null)) continue;
        const level = (answer: AnswerTo) => WORSE[SIGNS[signOf(look, facts, answer)!]];
        expect(level('unsure')).toBe(Math.max(level('yes'), level('no')));
      }
  });
  // Handbook of the trade: common practice, no source.
  it.each([
    ['spots', { day: 2, tempC: 21, red: false }, null, 'mould'],
    ['patches', { day: 9, tempC: 21, red: false }, null, 'pink'],
    ['reddish', { day: 9, tempC: 21, red: true }, 'yes', 'red-crop'],
    ['reddish', { day: 9, tempC: 21, red: true }, 'no', 'pink'],
    ['threads', { day: 3, tempC: 21, red: false }, 'yes', 'ropy'],
    ['threads', { day: 9, tempC: 21, red: false }, null, 'slime'],
    ['sulphur', { day: 2, tempC: 21, red: false }, null, 'whiff'],
    ['still', { day: 2, tempC: 21, red: false }, null, 'lull'],
    ['still', { day: 5, tempC: 12, red: false }, null, 'lull'],
    ['still', { day: 5, tempC: 21, red: false }, 'no', 'no-bubbles'],
    ['still', { day: 20, tempC: 21, red: false }, 'yes', 'lull']
  ] as const)('%s: %o, %s is %s', (look, facts, answer, sign) =>
    expect(signOf(look, facts, answer)).toBe(sign)
  );
  it('mould is thrown away whatever is answered, and nothing is ever called safe', () => {
    for (const answer of [null, ...ANSWERS])
      for (const facts of FACTS) expect(signOf('spots', facts, answer)).toBe('mould');
    const said = [
      ...Object.keys(SIGNS)
        .filter(isSign)
        .flatMap((id) => Object.values(signWords(id)) as string[]),
      ...Object.values(LOOK_WORDS),
      ...Object.values(WHERE_WORDS),
      ...Object.values(QUESTION_WORDS).flat()
    ];
    for (const s of said) expect(s).not.toMatch(/\bsafe/i);
  });
  it('where practitioners differ both schools are named', () => {
    for (const id of ['mould', 'film', 'ropy'] as const)
      expect(signWords(id).schools).toMatch(/some|one school/i);
  });
  it('red crops are those that are drawn red', () => {
    const reddish = (hex: string) => {
      const [r, g, b] = [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16)) as [number, number, number];
      return r > g + 60 && r > b + 20 && g < 120;
    };
    for (const c of CROPS) if (reddish(cropColour(c.id))) expect(isRed(c.id), c.id).toBe(true);
    expect(isRed('beet_1')).toBe(true);
    expect(isRed('cabbage-white')).toBe(false);
  });
});
