import { describe, expect, it } from 'vitest';
import {
  checkPlan,
  greedyPlan,
  type Fault,
  type PlannedBatch,
  type SeasonInput,
  type SeasonPlan
} from '$lib/core/season';
import { HOUSEHOLD, someSeason } from '../../support/season';

const input = someSeason(4, HOUSEHOLD);
const plan = greedyPlan(input);
const faultsOf = (spoiled: SeasonPlan, of: SeasonInput = input): Fault[] =>
  checkPlan(of, spoiled).faults.map((f) => f.fault);
const batch = (of: (b: PlannedBatch) => boolean): PlannedBatch => plan.batches.find(of)!;
/** The plan with one batch put in the place of another, or of none. */
const swapped = (old: PlannedBatch, now: PlannedBatch): SeasonPlan => ({
  ...plan,
  batches: plan.batches.map((b) => (b === old ? now : b))
});
const style = (b: PlannedBatch) => input.styles.find((s) => s.id === b.styleId)!;

/** A sound plan, spoiled in every way that the model's section 11 names, and in some more. */
describe('the checker against spoiled plans', () => {
  it('lets a sound plan pass', () => {
    expect(plan.batches.length).toBeGreaterThan(5);
    expect(faultsOf(plan)).toEqual([]);
  });

  const first = batch(() => true);
  const away = input.weeks.findIndex((w) => w.away);
  const ends = (b: PlannedBatch, week: number) => swapped(b, { ...b, ends: [{ ...b.ends[0]!, week }] });
  const fewest = { ...input, sizes: input.sizes.map((j) => ({ ...j, owned: 0 })) };
  const cases: [string, Fault, SeasonPlan, SeasonInput?][] = [
    ['more jars than there are', 'jars', plan, fewest],
    [
      'half a jar in a firm week',
      'half-jar',
      swapped(first, { ...first, jars: [{ ...first.jars[0]!, n: 0.5 }] }),
      { ...input, firmWeeks: 60 }
    ],
    [
      'moved from the counter too late',
      'too-late',
      ends(first, first.week + style(first).counter[first.week]!.to + 1)
    ],
    ['moved too early', 'too-early', ends(first, first.week)],
    [
      'more eaten than there is',
      'stock-overdrawn',
      { ...plan, eaten: plan.eaten.map((e) => ({ ...e, kg: e.kg * 1.5 })) }
    ],
    [
      'more fresh than one likes',
      'fresh',
      { ...plan, fresh: plan.fresh.map((f) => ({ ...f, kg: f.kg * 3 })) }
    ],
    [
      'more brine than there is water for',
      'water',
      plan,
      { ...input, weeks: input.weeks.map((w) => ({ ...w, water: 0 })) }
    ],
    ['more in bottles than there are', 'bottles', plan, { ...input, bottles: 0 }],
    ['a batch twice', 'twice', { ...plan, batches: [...plan.batches, first] }],
    [
      'shares shifted',
      'shares',
      swapped(first, { ...first, uses: first.uses.map((u) => ({ ...u, kg: u.kg * 0.8 })) })
    ],
    [
      'what it is not made of',
      'shares',
      swapped(first, { ...first, uses: [{ cropId: 'no-crop', kg: first.kg }] })
    ],
    [
      'in a place where it does not keep',
      'place',
      ((b) => swapped(b, { ...b, ends: [{ ...b.ends[0]!, place: 'cellar' as const }] }))(
        batch((b) => style(b).keeps.cellar === 0)
      )
    ],
    ['begun in a week away', 'away', swapped(first, { ...first, week: away })],
    [
      'jars given back that are full',
      'back',
      { ...plan, back: plan.back.map((b) => ({ ...b, n: b.n + 5 })) }
    ],
    [
      'parts that do not add up',
      'parts',
      swapped(first, { ...first, ends: first.ends.map((e) => ({ ...e, kg: e.kg / 2 })) })
    ],
    ['more than its jars hold', 'kg-not-jars', swapped(first, { ...first, kg: first.kg * 1.2 })],
    [
      'a size that it does not stand in',
      'size',
      swapped(first, { ...first, jars: [{ sizeId: 'strange', n: 1 }] })
    ],
    [
      'more raw than there is',
      'raw-overdrawn',
      plan,
      { ...input, crops: input.crops.map((c) => ({ ...c, picks: c.picks.map((kg) => kg / 2) })) }
    ],
    [
      'a counter that is too small',
      'counter',
      plan,
      { ...input, weeks: input.weeks.map((w) => ({ ...w, counter: 1 })) }
    ],
    [
      'a cold that is too small',
      'room',
      plan,
      { ...input, weeks: input.weeks.map((w) => ({ ...w, cold: 0.5 })) }
    ],
    [
      'more than hands can do',
      'hours',
      plan,
      { ...input, weeks: input.weeks.map((w) => ({ ...w, hours: 0.3 })) }
    ],
    [
      'too many batches in a week',
      'batches',
      plan,
      { ...input, weeks: input.weeks.map((w) => ({ ...w, batches: 0 })) }
    ],
    [
      'more on the table than is wanted',
      'served',
      plan,
      { ...input, groups: input.groups.map((g) => ({ ...g, wanted: g.wanted.map((q) => q / 4) })) }
    ],
    [
      'a batch that is too large',
      'litres',
      plan,
      { ...input, styles: input.styles.map((s) => ({ ...s, litres: { from: 0, to: 0.2 } })) }
    ]
  ];
  it.each(cases)('%s: %s', (_, fault, spoiled, of) => {
    expect(faultsOf(spoiled, of)).toContain(fault);
  });
});
