import { describe, expect, it } from 'vitest';
import { BATCH_UNDO, BATCH_UPCASTS } from '$lib/core/batch';
import { NOTHING } from '$lib/core/contents';
import { builtOn, upcast, versionNow, type Upcasts } from '$lib/core/history';
import { HOUSEHOLD_UPCASTS } from '$lib/core/kit';
import { BRINE_UPCASTS, PANTRY_UNDO } from '$lib/core/pantry';
import { RUN_UPCASTS } from '$lib/core/run';
import { LOT_UPCASTS } from '$lib/core/lot';
import { factsOf, STYLES } from '$lib/core/style';
import { heldByOthers } from '$lib/core/making';

const FIRST = factsOf(STYLES[0]!);
const ALL: Upcasts[] = [BATCH_UPCASTS, BRINE_UPCASTS, HOUSEHOLD_UPCASTS, LOT_UPCASTS, RUN_UPCASTS];

/** Each old shape as it was written, and as today's code reads it: a step without a line here fails below. */
const FIXTURES: readonly (readonly [upcasts: Upcasts, type: string, was: object, is: object])[] = [
  [
    BATCH_UPCASTS,
    'started',
    { name: 'Old sticks', worksheet: { ends: { equilibrium: 0.024 } } },
    {
      name: 'Old sticks',
      worksheet: { ends: { equilibrium: 0.024 }, working: [] },
      aim: 0.024,
      rinses: [],
      recipe: null,
      brineSaid: false,
      note: '',
      knowing: [],
      items: [],
      style: FIRST,
      fillings: []
    }
  ],
  [
    BATCH_UPCASTS,
    'started',
    {
      aim: 0.01,
      rinses: [],
      recipe: null,
      brineSaid: true,
      note: 'dill · Knew of: salt-too-weak · Knew of: warm'
    },
    {
      aim: 0.01,
      rinses: [],
      recipe: null,
      brineSaid: true,
      note: 'dill',
      knowing: ['salt-too-weak', 'warm'],
      items: [],
      style: FIRST,
      fillings: []
    }
  ],
  [
    BATCH_UPCASTS,
    'started',
    {
      aim: 0.02,
      rinses: [],
      recipe: null,
      brineSaid: true,
      worksheet: {
        salting: 'dry',
        saltKindId: 'sea-fine',
        cautions: [{ rule: 'gloves', level: 'heed', says: 'Cayenne: wear gloves.', reason: '', source: '' }],
        working: [
          { id: 'prepared', name: 'Prepared vegetables', values: [] },
          {
            id: 'salt',
            name: 'Salt to weigh out',
            result: { name: 'salt', value: 20, unit: 'salt' },
            formula: 'share of the wanted salinity …',
            values: [
              { name: 'pure salt', value: 19.8, unit: 'salt' },
              { name: 'a name long gone', value: 1, unit: 'number' },
              { name: 'Old kraut, 3 %, there already', value: 400, unit: 'volume' },
              { name: 'your brine against the plan, from your 1 batch', value: 1.1, unit: 'number' }
            ],
            source: 'Fine sea salt: published table',
            plusMinus: 0.5
          }
        ]
      }
    },
    {
      aim: 0.02,
      rinses: [],
      recipe: null,
      brineSaid: true,
      note: '',
      knowing: [],
      items: [],
      style: FIRST,
      fillings: [],
      worksheet: {
        salting: 'dry',
        saltKindId: 'sea-fine',
        // In codes, of what a record shows.
        working: [
          {
            id: 'salt',
            result: { value: 20, unit: 'salt' },
            formula: 'saltDry',
            sources: [{ from: 'saltKind', of: 'sea-fine' }],
            values: [
              { what: 'pureSalt', value: 19.8, unit: 'salt' },
              { what: 'saved', of: 'Old kraut, 3 %', value: 400, unit: 'volume' },
              { what: 'brineUse', n: 1, value: 1.1, unit: 'number' }
            ],
            plusMinus: 0.5
          }
        ]
      }
    }
  ],
  [
    BATCH_UPCASTS,
    'entered',
    { name: 'Stood there' },
    { name: 'Stood there', brineSaid: false, items: [], style: FIRST, fillings: [] }
  ],
  [
    BATCH_UPCASTS,
    'entered',
    { brineSaid: false, items: [{ cropId: 'kohlrabi', preparedG: 900 }] },
    {
      brineSaid: false,
      items: [{ cropId: 'kohlrabi', preparedG: 900, moisture: 0.91, density: 0.99, pack: 'spear' }],
      style: FIRST,
      fillings: []
    }
  ],
  [
    BATCH_UPCASTS,
    'entered',
    {
      brineSaid: false,
      equilibrium: 0.025,
      items: [{ lotId: 'l', cropId: 'kohlrabi', preparedG: 900 }],
      fillings: [{ id: 'f', vegG: 450, contentsG: 900, startG: 450 }]
    },
    {
      brineSaid: false,
      equilibrium: 0.025,
      items: [
        { lotId: 'l', cropId: 'kohlrabi', preparedG: 900, moisture: 0.91, density: 0.99, pack: 'spear' }
      ],
      style: FIRST,
      fillings: [
        {
          id: 'f',
          startG: 450,
          // What was told apart is as heavy as what was not, and salty as the batch was.
          parts: [
            { from: 'pick:l', what: { dryG: 40.5, juiceG: 409.5, brineG: 0, saltG: 0 } },
            { from: 'water', what: { dryG: 0, juiceG: 0, brineG: 428.5125, saltG: 0 } },
            { from: 'salt', what: { dryG: 0, juiceG: 0, brineG: 0, saltG: 21.4875 } }
          ]
        }
      ]
    }
  ],
  [
    BATCH_UPCASTS,
    'started',
    {
      name: 'Topped up',
      worksheet: {
        ends: { equilibrium: 0.02 },
        brine: { mixMl: 500, fromStock: [{ id: 'b', ml: 2000, naclG: 61.1767 }] }
      }
    },
    {
      name: 'Topped up',
      worksheet: {
        ends: { equilibrium: 0.02 },
        brine: {
          mixMl: 500,
          fromSaved: [{ id: 'b', ml: 2000, naclG: 61.1767, waterG: expect.closeTo(1978.0477, 3) }]
        },
        working: []
      },
      aim: 0.02,
      note: '',
      rinses: [],
      recipe: null,
      brineSaid: false,
      knowing: [],
      items: [],
      style: FIRST,
      fillings: []
    }
  ],
  [
    BATCH_UPCASTS,
    'added',
    { items: [{ cropId: 'gone', preparedG: 9 }] },
    { items: [{ cropId: 'gone', preparedG: 9, moisture: 0.92, density: 1, pack: 'chunk' }] }
  ],
  ...(['tasted', 'tasteCorrected'] as const).map((type): (typeof FIXTURES)[number] => [
    BATCH_UPCASTS,
    type,
    { sour: 3, salt: null, crunch: 4, note: 'young' },
    { sour: 3, salt: null, crunch: 4, note: 'young', bite: null, aroma: null, who: '', liked: false }
  ]),
  [
    BRINE_UPCASTS,
    'kept',
    { from: 'mixed', ml: 2000, strength: 0.03 },
    {
      from: 'mixed',
      ml: 2000,
      strength: 0.03,
      parts: [
        { from: 'water', what: { dryG: 0, juiceG: 0, brineG: 1978.0477, saltG: 0 } },
        { from: 'salt', what: { dryG: 0, juiceG: 0, brineG: 0, saltG: 61.1767 } }
      ]
    }
  ],
  [BRINE_UPCASTS, 'kept', { from: 'batch', ml: 2000 }, { from: 'batch', ml: 2000, parts: [] }],
  [BRINE_UPCASTS, 'used', { ml: 20, batchId: 'b' }, { ml: 20, batchId: 'b', away: NOTHING }],
  [HOUSEHOLD_UPCASTS, 'jarsOwned', { id: 'a' }, { id: 'a', weightId: null }],
  [RUN_UPCASTS, 'closed', { batchId: 'b', lidNumbers: [1] }, { batchId: 'b', lidNumbers: [1], made: null }],
  [LOT_UPCASTS, 'takenToBench', { g: 3 }, { g: 3, bench: 'bench' }],
  [LOT_UPCASTS, 'putBack', { g: 3 }, { g: 3, bench: 'bench' }],
  [LOT_UPCASTS, 'prepared', { weighed: null }, { weighed: null, bench: 'bench' }],
  [LOT_UPCASTS, 'packed', { g: 3, preparedG: 2 }, { g: 3, preparedG: 2, bench: 'bench' }],
  [LOT_UPCASTS, 'sorted', { culledG: 3 }, { culledG: 3, bench: 'bench' }],
  [LOT_UPCASTS, 'ended', { g: 3, from: 'bench' }, { g: 3, bench: 'bench' }],
  [LOT_UPCASTS, 'ended', { g: 3, from: 'garden' }, { g: 3, bench: null }]
];

describe('events keep their history', () => {
  it.each(FIXTURES)('%# %s of version 1 is read as today’s', (upcasts, type, was, is) => {
    expect(upcast(upcasts, { type, version: 1, data: was })).toEqual(is);
  });
  it('what was written with all that came later is not overwritten by an upcast', () => {
    const full = {
      aim: 0.03,
      rinses: [{ after: '1 kg', taste: '', salinity: '' }],
      recipe: { id: 'r' },
      brineSaid: true,
      note: 'oak leaf'
    };
    expect(upcast(BATCH_UPCASTS, { type: 'started', version: 1, data: full })).toEqual({
      ...full,
      knowing: [],
      items: [],
      style: FIRST,
      fillings: []
    });
  });
  it('every step has a fixture, and today’s shape passes through untouched', () => {
    for (const upcasts of ALL)
      for (const type of Object.keys(upcasts)) {
        expect(
          FIXTURES.some((f) => f[0] === upcasts && f[1] === type),
          type
        ).toBe(true);
        const now = { any: 'thing' };
        expect(upcast(upcasts, { type, version: versionNow(upcasts, type), data: now })).toBe(now);
      }
  });
  it('an event newer than the code is a bug, and said so', () => {
    expect(() => upcast(LOT_UPCASTS, { type: 'packed', version: 9, data: {} })).toThrow(
      /newer than this code/
    );
  });
});

describe('what an undo may take back', () => {
  const e = (type: string, id = type, of?: string) => ({ type, id, ...(of ? { of } : {}) });
  it.each([
    ['a taste, with a taste after it', [e('tasted', 'a')], [e('tasted', 'b')], false],
    ['a taste that was corrected', [e('tasted', 'a')], [e('tasteCorrected', 'b', 'a')], true],
    ['a move, with a taste after it', [e('moved')], [e('tasted')], true],
    ['a correction of jars, with a taste after it', [e('putRight')], [e('tasted')], false],
    ['a correction of jars, with a move after it', [e('putRight')], [e('moved')], true]
  ] as const)('%s', (_, mine, later, stands) => expect(builtOn(BATCH_UNDO, mine, later)).toBe(stands));
  it('salt taken off the shelf, though it was counted since', () => {
    expect(builtOn(PANTRY_UNDO, [e('goodsUsed')], [e('goodsCounted')])).toBe(false);
    expect(builtOn(PANTRY_UNDO, [e('goodsCounted')], [e('goodsUsed')])).toBe(false);
  });
});

describe('jars held side by side', () => {
  const a = { id: 'a', begun: 1, holds: { litre: 3 } };
  const b = { id: 'b', begun: 2, holds: { litre: 2, half: 1 } };
  it('the later sees what the earlier holds, the earlier sees all as free', () => {
    expect(heldByOthers(b, [a, b])).toEqual({ litre: 3 });
    expect(heldByOthers(a, [a, b])).toEqual({});
  });
  it('by hand goes before what was not said', () => {
    const byHand = { ...b, counts: { litre: 5 } };
    expect(heldByOthers(a, [a, byHand])).toEqual({ litre: 5 });
    expect(heldByOthers(byHand, [a, byHand])).toEqual({});
  });
  it('one that was never begun holds nothing back', () => {
    expect(heldByOthers(a, [a, { id: 'c' }])).toEqual({});
    expect(heldByOthers({ id: 'c' }, [a, b])).toEqual({ litre: 5, half: 1 });
  });
});
