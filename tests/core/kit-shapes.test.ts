import { describe, expect, it } from 'vitest';
import { NOTHING } from '$lib/core/contents';
import {
  aboveRimMm,
  isBottle,
  isCrock,
  jarGeometry,
  letsBitsPast,
  ownShapeId,
  usableMl,
  USUAL_WEIGHTS,
  WEIGHT_KINDS,
  type OwnShape
} from '$lib/core/vessel';
import { crop } from '$lib/core/produce';
import { brineUseBy, evolveBrine, mayPour, type KeptBrine } from '$lib/core/pantry';
import { jarShare } from '$lib/core/worksheet';
import { bench, sheet } from '../support/builders';
import { near, vector } from '../support/vectors';

const LITRE: OwnShape = { kind: 'jar', shape: 'straight', brimMl: 1200, openingMm: 90, innerHeightMm: 185 };

describe('a jar of one’s own', () => {
  it('is named by its measures, and read back from its name', () => {
    expect(ownShapeId(LITRE)).toBe('own.jar.straight.1200.90.185');
    expect(jarGeometry(ownShapeId(LITRE))).toMatchObject({ brimMl: 1200, openingMm: 90, innerHeightMm: 185 });
    near(usableMl(jarGeometry(ownShapeId(LITRE))!, 25, 0), 1200 - 25 * Math.PI * 0.25 * 8.1, 1e-9);
  });
  it('measures that cannot be are no jar: far too wide, far too small, nonsense', () => {
    for (const id of [
      'own.jar.straight.1200.190.185',
      'own.jar.straight.9000.50.100',
      'own.pot.straight.1200.90.185',
      'own.jar'
    ])
      expect(jarGeometry(id)).toBeUndefined();
  });
  it('crocks and buckets want more room above; bottles take no pieces', () => {
    expect(isCrock(jarGeometry(ownShapeId({ ...LITRE, kind: 'bucket', brimMl: 1180 }))!)).toBe(true);
    const bottle = ownShapeId({
      kind: 'bottle',
      shape: 'shouldered',
      brimMl: 500,
      openingMm: 30,
      innerHeightMm: 260
    });
    expect(isBottle(jarGeometry(bottle)!)).toBe(true);
    const only = [{ ...bench().jars[0]!, id: 'b', name: 'Bottle', geometryId: bottle }];
    expect(() => sheet({ jars: only })).toThrow('nothing-fits');
  });
  const v = vector('V39');
  it(v.name, () => {
    const crock = ownShapeId({
      kind: 'crock',
      shape: 'straight',
      brimMl: Math.round(v.out.crockMl),
      openingMm: v.in.crockDiameterMm,
      innerHeightMm: v.in.innerHeightMm
    });
    const shredsG = 25 * 453.59237 * v.in.trimYield;
    near(shredsG, v.out.shredsG, v.tol);
    const w = sheet({
      items: [{ id: 'a', cropId: 'cabbage-white', pickedG: 11340, withTops: false, preparedG: shredsG }],
      jars: [{ id: 'c', name: 'Crock', geometryId: crock, lid: 'cloth', free: 1 }],
      counts: { c: 1 }
    });
    near(w.jars[0]!.vegRoomMl / jarGeometry(crock)!.brimMl, v.out.fillFraction, 0.005);
    near(w.packedG, shredsG, 1e-9);
  });
});

describe('weights and covers', () => {
  it('every kind has usual measures, marked as such', () => {
    for (const kind of WEIGHT_KINDS) expect(USUAL_WEIGHTS[kind]).toMatchObject({ kind });
    expect(aboveRimMm({ heightMm: 130 }, 25)).toBe(95);
    expect([letsBitsPast({ widthMm: 66 }, 76), letsBitsPast({ widthMm: 66 }, 98)]).toEqual([false, true]);
  });
  it('displace brine: less room in the jar', () => {
    const jars = bench().jars;
    const with350 = jars.map((j) => ({ ...j, weight: USUAL_WEIGHTS.stone }));
    const counts = { litre: 3, half: 0 };
    const room = sheet({ counts }).chosen.roomMl - sheet({ counts, jars: with350 }).chosen.roomMl;
    near(room, 3 * 350, 1e-9);
  });

  const rules = (over: object) => sheet(over).cautions.map((c) => c.rule);
  const jar = bench().jars[0]!;
  it('said before cutting starts: above the rim, bits past, away, hollow, floating, much surface', () => {
    expect(rules({ jars: [{ ...jar, weight: USUAL_WEIGHTS['jar on a plate'] }] })).toContain(
      'weight-above-rim'
    );
    const narrow = { ...USUAL_WEIGHTS.disc, widthMm: 50 };
    expect(rules({ jars: [{ ...jar, weight: narrow }] })).toContain('bits-past');
    expect(rules({ away: { from: 4, to: 6 } })).toContain('away-clamped');
    expect(rules({ away: { from: 40, to: 46 } })).not.toContain('away-clamped');
    const cherry = [{ id: 't', cropId: 'tomato-cherry', pickedG: 900, withTops: false, preparedG: 880 }];
    expect(rules({ styleId: 'soft-fruit', items: cherry, fraction: 0.025 })).toContain('hollow');
    const sprout = [{ id: 's', cropId: 'brussels-sprout', pickedG: 900, withTops: false, preparedG: 700 }];
    expect(rules({ styleId: 'pieces', items: sprout, fraction: 0.025 })).toContain('floats');
    const wide = { ...jar, id: 'c', geometryId: 'own.crock.straight.15000.300.215', lid: 'cloth' as const };
    const half = [{ id: 'a', cropId: 'cabbage-white', pickedG: 6000, withTops: false, preparedG: 4700 }];
    expect(rules({ jars: [wide], counts: { c: 1 }, items: half })).toContain('much-surface');
  });
  it('a reading is held against the jar it stands in', () => {
    expect(jarShare(330, 871, crop('carrot', [])!, 0.62).ask).toBe(false);
    expect(jarShare(120, 871, crop('carrot', [])!, 0.62).ask).toBe(true);
    expect(jarShare(900, 871, crop('carrot', [])!, 0.62).ask).toBe(true);
  });
});

describe('kept brine and water', () => {
  const kept = (over: object = {}): KeptBrine => {
    const b = evolveBrine('b', undefined, {
      type: 'kept',
      data: {
        name: 'Spare',
        ml: 400,
        strength: 0.04,
        from: 'mixed',
        batchId: null,
        day: '2026-09-01',
        parts: [],
        ...over
      }
    });
    if (!b) throw new Error();
    return b;
  };
  it('goes down as it is used, and is gone at nothing', () => {
    const used = evolveBrine('b', kept(), { type: 'used', data: { ml: 150, batchId: null, away: NOTHING } });
    expect(used?.ml).toBe(250);
    expect(evolveBrine('b', used, { type: 'used', data: { ml: 250, batchId: 'x', away: NOTHING } })?.ml).toBe(
      0
    );
  });
  it('keeps a fortnight fresh, two months sour and cold (common practice, no source)', () => {
    expect(brineUseBy(kept())).toBe('2026-09-15');
    expect(brineUseBy(kept({ from: 'batch' }))).toBe('2026-10-31');
  });
  it('no more of it than there is', () => {
    expect(mayPour(kept(), 402)).toEqual({ ok: true, value: 400 });
    expect(mayPour(kept(), 500).ok || mayPour(kept(), 0).ok).toBe(false);
  });
});
