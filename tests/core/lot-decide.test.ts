import { describe, expect, it } from 'vitest';
import { NEW_HOUSEHOLD, waysOf } from '$lib/core/kit';
import {
  atBench,
  corrected,
  ended,
  evolveLot,
  prepared,
  putBack,
  sorted,
  taken,
  weighedIn,
  type Decided,
  type Lot,
  type PickSaid
} from '$lib/core/lot';
import type { Outcome } from '$lib/core/refusal';

const ways = waysOf(NEW_HOUSEHOLD);
const today = '2026-09-12';
const SAID: PickSaid = {
  cropId: 'kohlrabi',
  variety: '',
  bed: 'Long bed',
  weight: '2 kg',
  gross: '',
  tare: '',
  withTops: false,
  quality: 'sound',
  kept: 'room',
  sure: false,
  note: ''
};
const SORT = { culled: '', prepared: '', followers: '', greens: '', seed: '', offcuts: '' };

/** The pick after what was decided; a refusal is the test's mistake. */
function after(lot: Lot | undefined, decided: Outcome<Decided>): Lot {
  if (!decided.ok) throw new Error(decided.refusal.code);
  return evolveLot('l', lot, decided.value.event)!;
}
const says = (decided: Outcome<unknown>) =>
  decided.ok ? 'ok' : `${decided.refusal.field}: ${decided.refusal.code}`;

const picked = after(undefined, weighedIn(SAID, { ways, today }));
const onTwo = after(
  after(picked, taken(picked, { weight: '1.2 kg', bench: 'a' }, ways)),
  taken(picked, { weight: '0.5 kg', bench: 'b' }, ways)
);

describe('what may be done with a pick is decided without a database', () => {
  it.each([
    [
      'an unknown crop',
      weighedIn({ ...SAID, cropId: 'unobtainium' }, { ways, today }),
      'cropId: crop-unknown'
    ],
    ['a day to come', weighedIn({ ...SAID, day: '2026-12-24' }, { ways, today }), 'day: day-ahead'],
    [
      'another crop counted',
      weighedIn({ ...SAID, weight: '3 carrots' }, { ways, today }),
      'weight: count-of-another'
    ],
    [
      'pieces far from the table',
      weighedIn({ ...SAID, pieces: 900 }, { ways, today }),
      'pieces: pieces-weight-far'
    ],
    ['pieces far, and it is so', weighedIn({ ...SAID, pieces: 900, sure: true }, { ways, today }), 'ok'],
    [
      'more than lies in the Garden',
      taken(onTwo, { weight: '1 kg', bench: 'a' }, ways),
      'weight: more-than-there-is'
    ],
    ['less than has left it', corrected(onTwo, { weight: '1 kg', note: '' }, ways), 'weight: less-than-used'],
    ['back off a bench it is not on', putBack(onTwo, 'c'), 'weight: weight-not-positive'],
    [
      'prepared on a bench it is not on',
      prepared(atBench(onTwo, 'c'), { weight: '1 kg' }, { ways }),
      'lotId: bench-empty'
    ],
    [
      'prepared to more than was picked',
      prepared(atBench(onTwo, 'b'), { weight: '900 g' }, { ways }),
      'weight: more-than-there-is'
    ],
    [
      'sorted into more than lies there',
      sorted(atBench(onTwo, 'b'), { ...SORT, culled: '900 g' }, ways),
      'prepared: sorted-too-much'
    ],
    ['sorted into nothing', sorted(atBench(onTwo, 'b'), SORT, ways), 'prepared: missing'],
    [
      'another end of more than is there',
      ended(onTwo, { how: 'cooked', weight: '9 kg', bench: 'a', note: '' }, ways),
      'weight: more-than-there-is'
    ]
  ] as const)('%s: %#', (_, decided, wanted) => expect(says(decided)).toBe(wanted));

  it('each bench has its own share, and sorting sets off-cuts free', () => {
    expect(onTwo).toMatchObject({ gardenG: 300, benchG: 1700, benches: { a: { g: 1200 }, b: { g: 500 } } });
    const done = sorted(
      atBench(onTwo, 'a'),
      { ...SORT, culled: '100 g', prepared: '800 g', offcuts: '150 g' },
      ways
    );
    if (!done.ok || !done.value.offcuts) throw new Error('not sorted');
    expect(after(onTwo, done)).toMatchObject({
      benches: { a: { g: 950, prepared: { g: 800 } }, b: { g: 500, prepared: null } },
      endedG: { composted: 100 },
      aside: { offcuts: 150 }
    });
    expect(evolveLot('o', undefined, done.value.offcuts.event)).toMatchObject({ gardenG: 150, ready: true });
  });
});
