import { describe, expect, it } from 'vitest';
import { evolveBatch, placeOf, standing, type Batch, type BatchEvent } from '$lib/core/batch';
import { addDays, dayOfWall, minuteOfDay, MINUTES_PER_DAY, wall, wallText } from '$lib/core/calendar';
import { awayPlan, careBy, careTasks, roundsAhead, windowsAhead, type Courses } from '$lib/core/care';
import { upBy, USUAL_ROUNDS } from '$lib/core/kit';
import { STYLES } from '$lib/core/style';
import { LIDS } from '$lib/core/vessel';
import { batch, filling, PLACES, START } from '../support/builders';
import { careAt, knowsAt } from '../support/care';

const day = MINUTES_PER_DAY;
const EARLY = { morning: 5 * 60 + 30, evening: 19 * 60 };

describe('the household’s own hours', () => {
  const b = batch();
  it('rounds fall on them, and what gas asks for in between on when somebody is up', () => {
    for (const rounds of [USUAL_ROUNDS, EARLY]) {
      const all = roundsAhead([b], careAt(PLACES, START, rounds), START, START + 20 * day);
      const times = all.map((r) => minuteOfDay(r.at));
      expect(times).toContain(rounds.morning);
      expect(times).toContain(rounds.evening);
      const { from, to } = upBy(rounds);
      for (const at of times) {
        expect(at).toBeGreaterThanOrEqual(from);
        expect(at).toBeLessThanOrEqual(to);
      }
    }
  });
  it('what was done stays done when the hours change', () => {
    const slot = wall('2026-09-04', 8);
    const opened: BatchEvent = {
      type: 'cared',
      data: { kind: 'open', how: 'done', slot, fillingIds: ['f1'] }
    };
    const done = batch({}, [[3 * 24 - 1, opened]]);
    const later = { morning: 9 * 60, evening: 20 * 60 };
    const due = careTasks(done, careAt(PLACES, START, later), wall('2026-09-04', 12));
    expect(due.filter((t) => t.due <= wall('2026-09-04', 12)).map((t) => t.kind)).not.toContain('open');
  });
});

/** Plays the days one due moment after another, each task answered when it falls due; what was done, where and when. */
function played(from: Batch, until: number): string[] {
  const done: string[] = [];
  const courses: Courses = new Map();
  let b = from;
  for (let now = START, n = 0; ;) {
    const tasks = careTasks(b, careBy(knowsAt(PLACES), now, courses), now).filter(
      (t) => t.due > now && t.due < until
    );
    if (tasks.length === 0) return done.sort();
    now = Math.min(...tasks.map((t) => t.due));
    for (const t of tasks.filter((x) => x.due === now)) {
      for (const id of t.fillingIds) done.push(`${wallText(now)} ${t.placeId} ${id} ${t.kind}`);
      const { kind, fillingIds } = t;
      const event: BatchEvent =
        kind === 'toCold'
          ? { type: 'moved', data: { fillingIds, placeId: 'fridge' } }
          : { type: 'cared', data: { kind, how: 'done', slot: now, fillingIds } };
      b = evolveBatch(b.id, b, event, { id: `p${++n}`, at: now })!;
    }
    if (standing(b).every((f) => PLACES.find((p) => p.id === placeOf(f))?.kind === 'cold'))
      return done.sort();
  }
}

describe('rounds ahead', () => {
  it.each(STYLES.map((s) => s.id))(
    'are those of a season played day by day, on the counter: %s',
    (styleId) => {
      for (const lid of LIDS)
        for (const placeId of ['counter', 'stairs']) {
          const b = batch({
            styleId,
            placeId,
            fillings: [filling({ lid }), filling({ id: 'f2', lidNumber: 2 })]
          });
          const until = START + 25 * day;
          const told = roundsAhead([b], careAt(PLACES, START), START, until).flatMap((r) =>
            r.cares.flatMap((c) =>
              c.lidNumbers.flatMap((n) => c.kinds.map((k) => `${wallText(r.at)} ${r.placeId} f${n} ${k}`))
            )
          );
          const counter = (line: string) => line.includes(` ${placeId} `);
          expect(told.sort(), `${lid} ${placeId}`).toEqual(played(b, until).filter(counter));
        }
    }
  );
  it('leave out what is to be thrown away, and end with the way to the cold', () => {
    const b = batch({}, [[24, { type: 'signSeen', data: { fillingIds: ['f1'], sign: 'mould' } }]]);
    expect(roundsAhead([b], careAt(PLACES, START), START, START + 60 * day)).toEqual([]);
    const sound = roundsAhead([batch()], careAt(PLACES, START), START, START + 60 * day);
    expect(sound.at(-1)!.cares[0]!.kinds).toContain('toCold');
  });
  it('a window keeps its name when a reading moves it; jars of a day are named together', () => {
    const two = { fillings: [filling(), filling({ id: 'f2', lidNumber: 2 })] };
    const windows = (b: Batch) => windowsAhead([b], careAt(PLACES, START), START);
    const before = windows(batch(two));
    expect(before.map((w) => [w.what, w.lidNumbers])).toEqual([
      ['firstTaste', [1, 2]],
      ['last', [1, 2]]
    ]);
    const sour: BatchEvent = { type: 'measured', data: { fillingIds: ['f1', 'f2'], pH: 3.5, by: 'meter' } };
    const after = windows(batch(two, [[96, sour]]));
    const name = (w: (typeof before)[number]) => `${w.what} ${w.key}`;
    expect(after.map(name)).toEqual(before.map(name));
    expect(after[0]!.at).toBeLessThan(before[0]!.at);
    // A reading of one parts them.
    const one: BatchEvent = { type: 'measured', data: { fillingIds: ['f2'], pH: 3.5, by: 'meter' } };
    const parted = windows(batch(two, [[96, one]])).map(name);
    expect(new Set(parted).size).toBe(parted.length);
    expect(parted).toHaveLength(4);
  });
});

describe('another lid', () => {
  const changed = (from: (typeof LIDS)[number], to: (typeof LIDS)[number], days: number) =>
    batch({ fillings: [filling({ lid: from })] }, [
      [days * 24, { type: 'lidChanged', data: { fillingIds: ['f1'], lid: to } }]
    ]);
  const tasks = (b: Batch, at: number) => careTasks(b, careAt(PLACES, at), at).filter((t) => t.due <= at);
  it('asks for what it wants from then on, and not for what it would have wanted before', () => {
    const at = START + 7 * day;
    expect(tasks(changed('airlock', 'clamped', 6.99), at).map((t) => t.kind)).not.toContain('open');
    expect(tasks(changed('airlock', 'clamped', 6.99), at + 3 * day)).toContainEqual(
      expect.objectContaining({ kind: 'open', missed: expect.any(Number) as number })
    );
    for (const t of tasks(changed('airlock', 'clamped', 6.99), at + 3 * day).filter((x) => x.kind === 'open'))
      expect(t.since).toBeGreaterThan(START + 6.99 * day);
    expect(tasks(changed('clamped', 'airlock', 20), START + 20.1 * day).map((t) => t.kind)).not.toContain(
      'airlock'
    );
    expect(tasks(changed('clamped', 'airlock', 20), START + 29 * day).map((t) => t.kind)).toContain(
      'airlock'
    );
  });
  it('is no taste and no reading', () => {
    const kinds = tasks(changed('clamped', 'airlock', 8), START + 8.1 * day).map((t) => t.kind);
    expect(kinds).toEqual(expect.arrayContaining(['taste', 'pH']));
    expect(kinds).not.toContain('open');
  });
});

describe('days away', () => {
  const from = addDays(dayOfWall(START), 2);
  const plan = (b: Batch, days = 4, at = from) =>
    awayPlan([b], careAt(PLACES, START), { from: at, to: addDays(at, days) }, START);
  const lids = (lid: (typeof LIDS)[number]) => batch({ fillings: [filling({ lid })] });

  it('a clamped lid wants another, or somebody; an airlock is left', () => {
    const clamped = plan(lids('clamped'));
    expect(clamped.jars[0]!.openings).toBeGreaterThan(4);
    expect(clamped.jars[0]!.ways).toEqual(['lid', 'neighbour']);
    const airlock = plan(lids('airlock'));
    expect(airlock.jars[0]).toMatchObject({ openings: 0, ways: ['stays'] });
    expect(airlock.neighbour).toEqual([]);
    // But not for weeks.
    expect(plan(lids('airlock'), 13).jars[0]!.ways).not.toContain('stays');
  });
  it('what is sour enough may go to the cold before; what is there already is not spoken of', () => {
    const sour: BatchEvent = { type: 'measured', data: { fillingIds: ['f1'], pH: 3.4, by: 'meter' } };
    const late = addDays(from, 10);
    expect(plan(batch({}, [[72, sour]]), 4, late).jars[0]!.ways[0]).toBe('cold');
    const cold: BatchEvent = { type: 'moved', data: { fillingIds: ['f1'], placeId: 'fridge' } };
    expect(plan(batch({}, [[24, cold]]), 4, late).jars).toEqual([]);
    // Just moved there and clamped, it still wants opening once.
    expect(plan(batch({}, [[24, cold]])).jars[0]).toMatchObject({ openings: 1, placeId: 'fridge' });
  });
  it('whoever comes by judges nothing: no taste, no pH, no cold', () => {
    const { neighbour, jars } = plan(batch(), 20);
    expect(jars[0]!.misses.map((m) => m.kind)).toEqual(['taste', 'pH']);
    const kinds = new Set(neighbour.flatMap((r) => r.cares.flatMap((c) => c.kinds)));
    expect([...kinds].sort()).toEqual(['look', 'open']);
    for (const r of neighbour) expect(r.at).toBeLessThan(wall(addDays(from, 21)));
  });
  it('goes by the jar of a batch that wants most, and not by one that is to be thrown away', () => {
    const three = {
      fillings: [1, 2, 3].map((n) => filling({ id: `f${n}`, lidNumber: n }))
    };
    const mould: BatchEvent = { type: 'signSeen', data: { fillingIds: ['f3'], sign: 'mould' } };
    const opened: BatchEvent = {
      type: 'cared',
      data: { kind: 'open', how: 'done', slot: wall(from, 20), fillingIds: ['f1'] }
    };
    const all = plan(
      batch(three, [
        [47, opened],
        [48, mould]
      ])
    );
    expect(all.jars).toHaveLength(1);
    expect(all.jars[0]!.lidNumbers).toEqual([1, 2]);
    expect(all.jars[0]!.openings).toBe(plan(batch()).jars[0]!.openings);
  });
  it('what is past its last sensible day goes into the cold before anybody leaves, whatever its lid', () => {
    const b = lids('airlock');
    const last = careAt(PLACES, START).courseOf(b, b.fillings[0]!).last!;
    const leaves = addDays(dayOfWall(last), 5);
    const late = awayPlan(
      [b],
      careAt(PLACES, last),
      { from: leaves, to: addDays(leaves, 3) },
      last + 2 * day
    );
    expect(late.jars[0]!.ways).toEqual(['cold', 'neighbour']);
    expect(late.jars[0]!.last).toBeLessThan(wall(leaves));
  });
  it('of days that have begun only what is left is asked', () => {
    const now = wall(addDays(from, 2), 12);
    const left = awayPlan([batch()], careAt(PLACES, now), { from, to: addDays(from, 4) }, now);
    expect(left.from).toBe(now);
    expect(left.jars[0]!.openings).toBeLessThan(plan(batch()).jars[0]!.openings);
  });
});
