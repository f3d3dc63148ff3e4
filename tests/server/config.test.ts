import { describe, expect, it } from 'vitest';
import { DEMO_ZONE, readConfig } from '$lib/server/config';
import { openScale } from '$lib/server/devices';
import { scaleActSchema } from '$lib/schema/devices';

describe('settings', () => {
  it('a household has no scale unless it says so; the demo has one to play with', () => {
    expect(readConfig({}).scale).toBe('none');
    expect(readConfig({ CROCKLE_DEMO: '1' })).toMatchObject({ scale: 'stand-in', zone: DEMO_ZONE });
    expect(readConfig({ CROCKLE_SCALE: 'stand-in' }).scale).toBe('stand-in');
    expect(readConfig({ CROCKLE_DEMO: '1', CROCKLE_SCALE: 'none' }).scale).toBe('none');
    expect(openScale('none')).toBeNull();
    const scale = openScale('stand-in')!;
    expect([scale.stepG, scale.lost, scale.play !== undefined]).toEqual([1, false, true]);
  });
  it('what cannot be is refused by name, with what it was', () => {
    expect(() => readConfig({ CROCKLE_SCALE: 'bathroom' })).toThrow(/CROCKLE_SCALE must be none or stand-in/);
    expect(() => readConfig({ CROCKLE_ZONE: 'Mars/Base' })).toThrow(/such as Europe\/Dublin/);
  });
  it('a scale is told only what it can do', () => {
    expect(scaleActSchema.safeParse({ do: 'put', g: '86' })).toMatchObject({ success: true });
    for (const bad of [{ do: 'dance' }, { do: 'put' }, { do: 'put', g: 1e9 }, { do: 'plug' }, null, 'tare'])
      expect(scaleActSchema.safeParse(bad).success).toBe(false);
  });
});
