import { describe, expect, it } from 'vitest';
import { EVENTS } from '$lib/core/forecast';
import type { Outlook, Span } from '$lib/core/outlook';
import {
  aheadSays,
  EVENT_WORDS,
  fillsSays,
  gasSays,
  guideSays,
  movedSays,
  nextSays,
  spanSays,
  triedSays,
  trustSays
} from '$lib/words';

const DAY = 1440;
/** Days from the start, written plainly. */
const day = (at: number) => `day ${Math.round(at / DAY)}`;
const span = (early: number | null, likely: number | null, late: number | null): Span => {
  const at = (d: number | null) => (d === null ? null : d * DAY);
  return { early: at(early), likely: at(likely), late: at(late) };
};
const spans: Outlook['spans'] = {
  bubbles: span(1, 1, 2),
  under46: span(2, 3, 4),
  firstTaste: span(2, 3, 4),
  mild: span(3, 4, 6),
  tangy: span(4, 6, 9),
  fullySour: span(8, 13, 19),
  last: span(44, 45, 45)
};
const outlook = (over: Partial<Outlook> = {}): Outlook => ({
  spans,
  curve: [],
  phases: [],
  gas: { fills: 0, openings: [], topBar: 0, hoursOver: 0, shutBar: 0 },
  rate: { mean: 0, sd: 0.3 },
  ...{ used: [], tooEarly: [], strays: [], before: null, guide: null, mayTurnAlcoholic: false },
  fullySour: (over.spans ?? spans).fullySour.likely,
  ...over
});

describe('what is said of an outlook', () => {
  it('names what comes next, with its span', () => {
    expect(nextSays(outlook(), 1 * DAY, day)).toBe('First taste between day 2 and day 4, most likely day 3.');
    expect(nextSays(outlook(), 5 * DAY, day)).toBe(
      'Likely tangy between day 4 and day 9, most likely day 6.'
    );
    expect(nextSays(outlook(), 20 * DAY, day)).toBe('By this guess fully sour since day 13.');
  });
  it('says fully sour by the guides where their weeks are later and nothing was read', () => {
    const guide = { from: 21 * DAY, to: 28 * DAY, apart: true };
    const ruled = outlook({ guide, fullySour: 21 * DAY });
    expect(nextSays(ruled, 15 * DAY, day)).toBe('Fully sour from day 21, as tested guides say.');
    expect(nextSays(ruled, 5 * DAY, day)).toMatch(/^Likely tangy/);
    expect(nextSays(ruled, 22 * DAY, day)).toBe('By this guess fully sour since day 21.');
  });
  it('where a span has no end it says so, and never more', () => {
    const never = outlook({ spans: { ...spans, fullySour: span(null, null, null) } });
    expect(nextSays(never, 10 * DAY, day)).toBe('It will hardly get fully sour here: too cool or too salty.');
    expect(spanSays('tangy', span(3, null, null), day)).toBe('from day 3 at the soonest, perhaps never here');
    expect(spanSays('tangy', span(3, 5, null), day)).toBe(
      'from day 3, most likely day 5, perhaps never here'
    );
    expect(spanSays('last', span(null, null, null), day)).toBe('not in sight');
    expect(spanSays('last', span(30, null, null), day)).toBe('from day 30, perhaps much later');
    expect(spanSays('mild', span(3, 3.2, 3.3), day)).toBe('day 3');
  });
  it('says by how much the last reading moved it', () => {
    const before = { ...spans, tangy: span(5, 8, 11) };
    expect(movedSays(outlook({ before }), 2 * DAY)).toBe('Your last reading moved tangy 2 days earlier.');
    const later = { ...spans, tangy: span(4, 5.5, 7) };
    expect(movedSays(outlook({ before: later }), 2 * DAY)).toBe(
      'Your last reading moved tangy half a day later.'
    );
    expect(movedSays(outlook({ before: spans }), 2 * DAY)).toBe('Your last reading bears the guess out.');
    expect(movedSays(outlook(), 2 * DAY)).toBe('');
    // A slip is no confirmation.
    const slip = outlook({ before: spans, used: ['a', 'b'], strays: ['b'] });
    expect(movedSays(slip, 2 * DAY)).toMatch(/does not fit the rest .* read it again/);
    expect(movedSays(outlook({ before: spans, used: ['b', 'a'], strays: ['b'] }), 2 * DAY)).toContain(
      'bears'
    );
  });
  it('tells what guides say, and which counts', () => {
    const guide = { from: 21 * DAY, to: 28 * DAY, apart: true };
    expect(guideSays(outlook({ guide }), day)).toBe(
      'Tested guides say fully sour from day 21 to day 28: until you have read this jar, the later one counts.'
    );
    expect(guideSays(outlook({ guide, used: ['r'] }), day)).toContain('your own readings say otherwise');
    expect(guideSays(outlook({ guide: { ...guide, apart: false } }), day)).toMatch(/day 28\.$/);
    expect(guideSays(outlook(), day)).toBe('');
  });
  it('says what it goes by, how wide it is, and that it is no safety test, whatever it goes by', () => {
    expect(trustSays(outlook(), 0)).toMatch(/^A first guess, nothing read yet: eight times in ten/);
    expect(trustSays(outlook(), 7)).toMatch(/^A guess from your 7 batches before, nothing read of it yet/);
    expect(trustSays(outlook({ used: ['a'] }), 1)).toMatch(
      /^A guess from 1 reading of it and from your one batch before/
    );
    expect(trustSays(outlook({ used: ['a', 'b'], tooEarly: ['c'] }), 0)).toMatch(
      /2 readings of it: .* not used/
    );
    for (const n of [0, 1, 5]) expect(trustSays(outlook(), n)).toContain('It is no safety test');
  });
  it('names the next opening, and another lid where opening is not enough', () => {
    const gas = { ...outlook().gas, openings: [DAY, 2 * DAY], hoursOver: 4 };
    expect(gasSays(outlook({ gas }), 1.5 * DAY, day)).toBe(
      'Gas by this guess: open it day 2. Even so it comes to more than 0.3 bar for 4 hours: a lid that lets gas out is better.'
    );
    expect(gasSays(outlook(), DAY, day)).toBe('');
    const fills = (n: number) => fillsSays(outlook({ gas: { ...gas, fills: n } }));
    expect([fills(0.3), fills(0.8), fills(1.2)]).toEqual([
      '',
      'It may rise near to the rim: a tray is wise.',
      'It may rise and run over: stand it in a tray.'
    ]);
  });
  it('sets what is tried beside how it is', () => {
    const warm = outlook({ spans: { ...spans, tangy: span(3, 4.5, 6), fullySour: span(6, 10, 15) } });
    expect(triedSays(outlook(), warm, 0, 'airlock')).toEqual([
      'Tangy about day 4½ instead of day 6.',
      'Fully sour about day 10 instead of day 13.',
      'Softer than one likes from about day 45.'
    ]);
    const shut = { ...outlook().gas, shutBar: 1.24, openings: [1, 2, 3] };
    expect(triedSays(outlook(), outlook({ gas: shut }), 0, 'clamped')[2]).toBe(
      'Shut and never opened it might come to 1.2 bar; to stay under 0.3 bar it wants opening 3 times.'
    );
    const cold = outlook({ spans: { ...spans, tangy: span(null, null, null) } });
    expect(triedSays(outlook(), cold, 0, 'loose')[0]).toBe('Tangy: not here.');
  });
  it('says how sour it will be in a week and in a month', () => {
    const pH = (likely: number) => ({ low: likely - 0.1, likely, high: likely + 0.1 });
    const acidity = pH(1);
    const at = (d: number, likely: number) => ({
      at: d * DAY,
      pH: pH(likely),
      acidity,
      sour: pH(2),
      tempC: 20
    });
    const curve = [at(0, 6), at(7, 4.04), at(20, 3.8), at(31, 3.68)];
    expect(aheadSays(outlook({ curve }), 0)).toBe('In a week pH about 4.0, in a month 3.7.');
    expect(aheadSays(outlook({ curve }), 20 * DAY)).toBe('In a week pH about 3.7.');
    expect(aheadSays(outlook({ curve }), 40 * DAY)).toBe('');
  });
  it('has a word for every window, and none promises anything', () => {
    expect(EVENTS.map((e) => EVENT_WORDS[e]).filter((w) => !w || /safe\b/.test(w))).toEqual([]);
  });
});
