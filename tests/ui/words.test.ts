import { COMMANDS } from '$lib/schema/commands';
import { listed, dayAndYear, shortDay } from '$lib/words';
import { describe, expect, it } from 'vitest';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { wall } from '$lib/core/calendar';
import { CARE_KINDS } from '$lib/core/batch';
import { CROPS } from '$lib/core/produce';

import { cropColour } from '$lib/ui/jar/colours';
import { courseMm, layPieces } from '$lib/ui/jar/pieces';
import { NEW_HOUSEHOLD, waysOf } from '$lib/core/kit';
import { heldAgainst } from '$lib/ui/bench/said';
import { clockTime, inDays, longDay, relativeDay, relativeTime } from '$lib/ui/time';
import { careShort, careWhy, careWords, questionWords } from '$lib/words';
import { bench, sheet } from '../support/builders';
import { spaced } from '../support/spaced';

const now = wall('2026-09-12', 8, 10);

describe('times as they are said', () => {
  it.each([
    [longDay(now), 'Sat 12 September'],
    [shortDay(now), '12 Sep'],
    [dayAndYear(now), '12 Sep 2026'],
    [clockTime(now), '8:10'],
    [relativeDay(now + 1440, now), 'tomorrow'],
    [relativeDay(now - 1440, now), 'yesterday'],
    [relativeDay(now + 3 * 1440, now), 'Tue'],
    [relativeDay(now + 30 * 1440, now), '12 Oct'],
    [relativeDay(now + 400 * 1440, now), '17 Oct 2027'],
    [relativeTime(now, now), 'today, 8:10'],
    [inDays(0), 'today'],
    [inDays(1), 'in 1 day'],
    [inDays(-2), '2 days ago']
  ])('%s', (said, wanted) => expect(said).toBe(wanted));
});

describe('codes to sentences', () => {
  it('every care kind has its words', () => {
    for (const kind of CARE_KINDS) {
      expect(careWords(kind, [38, 39])).toMatch(/38 and 39/);
      expect(careWhy(kind).length).toBeGreaterThan(3);
      expect(careShort(kind).length).toBeGreaterThan(1);
    }
    expect([listed([]), listed([4]), listed([4, 5, 6])]).toEqual(['', '4', '4, 5 and 6']);
  });
  it('what was done is said in the household’s units', () => {
    const answer = { lotId: 'a', name: 'Carrot', g: 992.23 };
    expect(spaced(COMMANDS['weigh-in'].said(answer, 'US'))).toBe('Weighed in: Carrot, 2 lb 3 oz');
    const started = { batchId: 'b', name: 'Kraut', lidNumbers: [3] };
    expect(COMMANDS['start-batch'].said(started, 'metric')).toBe('Started: Kraut. Write 3 on the lid');
  });
  it('a question names the numbers and the slip', () => {
    const q = {
      code: 'prepared-too-little' as const,
      itemId: 'a',
      slip: 'ounces' as const,
      values: { preparedG: 96, pickedG: 3400, expectedG: 2720 }
    };
    expect(questionWords(q, (g) => `${g} g`)).toBe(
      '96 g from 3400 g picked is little: about 2720 g is usual. Perhaps the scale showed ounces, or grams, and the other was meant?'
    );
  });
  it('no glyph that the shipped faces lack, no word of a back office', () => {
    const files = (dir: string): string[] =>
      readdirSync(dir).flatMap((n) =>
        statSync(join(dir, n)).isDirectory() ? files(join(dir, n)) : [join(dir, n)]
      );
    for (const file of [...files('src/routes'), ...files('src/lib/ui')].filter((f) =>
      f.endsWith('.svelte')
    )) {
      const text = readFileSync(file, 'utf8');
      expect(text, file).not.toMatch(/[→←≥≤⌫✓]/);
      expect(text.replace(/type="submit"/g, ''), file).not.toMatch(/>\s*(Submit|Dashboard|Manage)\b/);
    }
  });
});

describe('pictures', () => {
  it('every crop has a colour of its own, and gold shows', () => {
    for (const c of CROPS) expect(cropColour(c.id), c.id).not.toBe('#c9c18f');
    expect(cropColour('beet', 'Golden beet dice')).not.toBe(cropColour('beet'));
  });
  it('the same jar always looks the same, and shares show', () => {
    const a = layPieces(100, 'chunk', [0.7, 0.3]);
    expect(layPieces(100, 'chunk', [0.7, 0.3])).toEqual(a);
    expect(a[0]!.length).toBeGreaterThan(a[1]!.length);
    for (const cut of ['shred', 'ring', 'floret', 'half', 'upright', 'coin'] as const) {
      const path = layPieces(90, cut, [1])[0]!;
      expect(path).toMatch(/^M-?\d/);
      // Begun from the floor up, in tenths of a mm, and no higher than the next course begins.
      const starts = [...path.matchAll(/M-?\d+,(-?\d+)/g)].map((m) => Number(m[1]) / 10);
      expect(Math.min(...starts)).toBeGreaterThan(-courseMm(cut) - 30);
      expect(Math.max(...starts)).toBeLessThan(30);
    }
  });
});

describe('a dose held against the jars', () => {
  const ways = waysOf(NEW_HOUSEHOLD);
  const input = bench({ styleId: 'pieces', fraction: 0.025 });
  const w = sheet({ styleId: 'pieces', fraction: 0.025 });
  it('says where each reading ends, and asks when they end apart', () => {
    const d = heldAgainst('2.2 %', input, w, ways);
    expect(d.readings).toHaveLength(4);
    expect(d.ask).toBe(true);
    const [veg, total, water, ends] = d.readings.map((r) => r.ends.mean);
    expect(ends!).toBeCloseTo(0.022, 9);
    expect(total!).toBeGreaterThan(veg!);
    expect(total!).toBeGreaterThan(water!);
  });
  it('does not ask when there is one reading, and means nothing where there is no water', () => {
    expect(heldAgainst('30 g/l', input, w, ways)).toMatchObject({ ask: false, problem: null });
    expect(heldAgainst('30 g/l', bench(), sheet(), ways).problem?.code).toBe('dose-means-nothing');
    expect(heldAgainst('', input, w, ways)).toMatchObject({ readings: [], problem: null });
    expect(heldAgainst('a dollop', input, w, ways).problem?.code).toBe('dose-word-unknown');
  });
});
