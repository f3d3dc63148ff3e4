import { describe, expect, it } from 'vitest';
import { phaseOfJar, freeBrineG, usualTarget, evenHoursOf, correctionOf } from '$lib/core/batch';
import { phaseOf, putRight } from '$lib/core/correct';
import { as } from '$lib/core/quantity';
import { brineOf, fromSaved, tasteWord } from '$lib/core/salt';
import { crop } from '$lib/core/produce';
import { cutFor, saltings, style } from '$lib/core/style';
import { heightOf, jarGeometry, jarsWorth, packingKey, profile, volumeTo } from '$lib/core/vessel';
import { jarShare } from '$lib/core/worksheet';
import { batch } from '../support/builders';
import { near } from '../support/vectors';

/** What the docstrings say, repeated; the rest stands in examples.test.ts. */
describe('examples in the docstrings', () => {
  it('brine from stock', () => {
    const wanted = brineOf(1000, as.trueStrength(0.05), 20);
    const { rest } = fromSaved(
      wanted,
      [{ id: 's', name: 'S', ml: 400, strength: as.trueStrength(0.03) }],
      20
    );
    near(rest.naclG, 39.5, 0.005);
    near(rest.waterG, 586.7, 0.005);
  });
  it('weights in jars and packing', () => {
    near(jarShare(330, 835.8, crop('carrot', [])!, 0.62).share, 0.618, 0.003);
    expect(packingKey('kohlrabi', 'spear')).toBe('kohlrabi.spear');
    expect([jarsWorth([900, 900, 13_200]), jarsWorth([]), jarsWorth([430])]).toEqual([15, 0, 1]);
    expect(tasteWord('soup')?.salinity.mean).toBe(0.0175);
  });
  it('cuts and saltings by style', () => {
    const cabbage = crop('cabbage-pointed', [])!;
    expect([cutFor(style('pieces')!, cabbage), cutFor(style('leaf-rinsed')!, cabbage)]).toEqual([
      'chunk',
      'leaf'
    ]);
    expect(saltings(style('slaw')!)).toEqual(['dry', 'brine']);
  });
  it('a jar’s water phase', () => {
    const b = batch();
    near(phaseOfJar(b.fillings[0]!, 0.022).massG, 849.8, 1e-4);
    expect(freeBrineG(b.fillings[0]!)).toBeGreaterThan(50);
    expect(usualTarget(b)).toBe(0.022);
    expect(evenHoursOf(b, b.startedAt)).toBe(1);
    near(phaseOf(24, 0, 1180 * 0.92).salinity, 0.02163, 1e-3);
  });
  it('what a correction did, added up', () => {
    const jar = {
      phase: phaseOf(30, 400, 970),
      target: as.equilibriumSalinity(0.0215),
      roomG: 1e9,
      evenHours: 1,
      ageHours: 90
    };
    const trouble = { kind: 'spilled' as const, missingG: 100 };
    const remedy = putRight(jar, trouble);
    if (!remedy.ok) throw new Error(remedy.refusal.code);
    const c = correctionOf(trouble, remedy.value, 0.985);
    near(c.waterG + c.naclG, 100, 1e-9);
    near(c.saltG * 0.985, c.naclG, 1e-9);
    expect([c.lostG, c.drawnG, c.vegG]).toEqual([100, 0, 0]);
  });
  it('volume and height are each other’s way back', () => {
    const p = profile(jarGeometry('clip-1000')!);
    for (const ml of [0, 120, 700, 980, 1060]) near(volumeTo(heightOf(ml, p), p), ml, 1e-9);
  });
});
