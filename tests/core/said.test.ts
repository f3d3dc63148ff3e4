import { describe, expect, it } from 'vitest';
import { readDose } from '$lib/core/reading';
import { dosePhrase, pick, seeded } from '../support/say';
import { fits, judgedCards, judgedDoses, OWN, SYSTEMS, type Verdict } from '../support/verdicts';

/** The reader on generated phrases: the meaning, a question with it, or a refusal; never another meaning. */
const SEED = Number(process.env.SAY_SEED ?? 20_261_128);
const COUNT = Number(process.env.SAY_COUNT ?? 20_000);

describe(`20 000 doses as people say them (seed ${SEED})`, () => {
  const all = judgedDoses(SEED, COUNT);
  const said = (is: Verdict, ambiguous?: boolean) =>
    all.filter((a) => a.is === is && (ambiguous === undefined || a.phrase.means.ambiguous === ambiguous));
  it('never another meaning', () =>
    expect(
      said('wrong')
        .slice(0, 20)
        .map((a) => `${a.system}: ${a.phrase.text}`)
    ).toEqual([]));
  it('answers nine in ten of those whose words tell', () => {
    const told = all.filter((a) => !a.phrase.means.ambiguous);
    const share = told.filter((a) => a.is === 'answered').length / told.length;
    if (process.env.SAY_SHOW) {
      console.log(
        Object.fromEntries((['answered', 'asked', 'refused'] as const).map((v) => [v, said(v).length])),
        share
      );
      console.log(
        [...said('refused').slice(0, 40), ...said('asked', false).slice(0, 20)]
          .map((a) => `${a.is} ${a.system}: ${a.phrase.text}`)
          .join('\n')
      );
    }
    expect(share).toBeGreaterThan(0.9);
  });
  it('asks where the words do not tell, and never picks one of the two', () =>
    expect(
      said('answered', true)
        .slice(0, 20)
        .map((a) => a.phrase.text)
    ).toEqual([]));
});

describe(`typing slips (seed ${SEED})`, () => {
  /** Words that are measures or numbers of their own: a slip that makes one is another phrase, and nobody can tell. */
  const OTHERS =
    /^(g|gr|kg|l|lb|lbs|oz|t|tb|tbs|tsp|tsps|tbsp|c|cup|cups|pt|qt|gal|ml|cl|dl|one|two|three|four|five|six|seven|eight|nine|ten|half|a|an|i|in|jar|head|pint|quart|lt|m|cm|mm|ft|cc|dsp)$/i;
  it('a slip in a word is a question, a refusal, or the same figure', () => {
    const random = seeded(SEED + 1);
    const bad: string[] = [];
    for (let i = 0; i < COUNT / 2; i++) {
      const system = pick(random, SYSTEMS);
      const phrase = dosePhrase(random, system);
      const words = phrase.text.split(' ');
      const at = Math.floor(random() * words.length);
      const word = words[at]!;
      if (!/^[a-z]{2,}$/i.test(word)) continue;
      const k = Math.floor(random() * word.length);
      const letter = 'abcdefghijklmnopqrstuvwxyz'[Math.floor(random() * 26)]!;
      const slip = pick(random, [
        word.slice(0, k) + word.slice(k + 1),
        word.slice(0, k) + letter + word.slice(k),
        word.slice(0, k) + letter + word.slice(k + 1)
      ]);
      if (OTHERS.test(slip)) continue;
      const edited = words.with(at, slip).join(' ');
      const read = readDose(edited, { system, kind: OWN, crops: [] });
      if (!read.ok) continue;
      const near = read.value.some(
        (r) =>
          r.base === phrase.means.base &&
          fits(r, { ...phrase.means, kinds: phrase.means.kinds && [...phrase.means.kinds, r.kind.id] })
      );
      if (!near && !read.value.some((r) => fits(r, phrase.means))) bad.push(`${phrase.text} -> ${edited}`);
    }
    expect(bad.slice(0, 20)).toEqual([]);
  });
});

describe(`2 000 recipe cards (seed ${SEED})`, () => {
  const read = judgedCards(SEED + 2, COUNT / 10);
  it('never another meaning', () =>
    expect(
      read
        .filter((c) => !c.asked && c.wrong.length > 0)
        .slice(0, 8)
        .map((c) => `${c.text.replaceAll('\n', ' / ')} => ${c.wrong.join('; ')}`)
    ).toEqual([]));
  it('answers nine in ten', () => {
    const share = read.filter((c) => !c.asked && c.wrong.length === 0).length / read.length;
    if (process.env.SAY_SHOW) {
      console.log('cards', share);
      console.log(
        read
          .filter((c) => c.asked)
          .slice(0, 25)
          .map(
            (c) =>
              `${c.text.replaceAll('\n', ' / ')} => ${c.problems.map((p) => `${p.code} ${p.said} ${p.word ?? ''}`).join(',')}`
          )
          .join('\n')
      );
    }
    expect(share).toBeGreaterThan(0.9);
  });
});
