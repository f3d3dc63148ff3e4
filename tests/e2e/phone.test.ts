import { ROOMS } from '../../scripts/lib.mjs';
import { expect, open, test } from './support';

test('on the narrowest phone the taste sheet is whole: every mark can be tapped', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 640 });
  await open(page, '/counter');
  // Jars come first; what is chosen rises from below, over them, and goes again by Esc or Back.
  const panel = page.getByRole('complementary', { name: 'The chosen batch' });
  await expect(panel).toBeHidden();
  await expect(page.locator('[data-small-curve] circle').first()).toBeVisible();
  await page.getByRole('button', { name: /^Jar 47/ }).click();
  await expect(panel.getByRole('heading', { name: 'Wax-pepper rings' })).toBeVisible();
  await expect(panel).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(panel).toBeHidden();
  await page.getByRole('button', { name: /^Jar 38/ }).click();
  await panel.getByRole('button', { name: 'back to the jars' }).click();
  await expect(panel).toBeHidden();
  await page.getByRole('button', { name: /^Jar 38/ }).click();
  await page.getByRole('button', { name: 'Taste', exact: true }).first().click();
  const marks = page.getByRole('dialog').locator('label:has(input[type=radio])');
  await expect(marks).toHaveCount(18);
  for (const box of await marks.evaluateAll((all) =>
    all.map((m) => m.getBoundingClientRect().toJSON() as DOMRect)
  )) {
    expect(box.left).toBeGreaterThanOrEqual(0);
    expect(box.right).toBeLessThanOrEqual(320);
    expect(box.height).toBeGreaterThanOrEqual(44);
  }
});

test('at twice its size a page is not hidden by bars that stay', async ({ page }) => {
  // A desk of 1280 by 800 at 200 % is as large to the page as this.
  await page.setViewportSize({ width: 640, height: 400 });
  for (const room of ROOMS) {
    await open(page, room);
    await page.mouse.wheel(0, 500);
    await page.evaluate(() => new Promise((painted) => requestAnimationFrame(painted)));
    const hidden = await page.evaluate(() => {
      const rows = new Set<number>();
      for (const el of document.querySelectorAll('body *')) {
        const { position } = getComputedStyle(el);
        const box = el.getBoundingClientRect();
        const stays =
          position === 'fixed' || (position === 'sticky' && (box.top <= 1 || box.bottom >= innerHeight - 1));
        if (!stays || box.height === 0 || box.width < innerWidth / 2) continue;
        for (let y = Math.max(0, box.top); y < Math.min(innerHeight, box.bottom); y++)
          rows.add(Math.round(y));
      }
      return rows.size / innerHeight;
    });
    expect(hidden, room).toBeLessThanOrEqual(1 / 3);
  }
});

test('on a phone every name in the season strip is whole, wherever it is moved to', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, '/season');
  const strip = page.getByRole('region', { name: 'The season strip' });
  for (const moved of [null, 0, 160]) {
    if (moved !== null) await strip.evaluate((el, to) => (el.scrollLeft = to), moved);
    await expect
      .poll(() =>
        strip.evaluate((el) => {
          const frame = el.getBoundingClientRect();
          return [...el.querySelectorAll('a text')].filter((t) => {
            const box = t.getBoundingClientRect();
            return box.left < frame.left - 1 || box.right > frame.right + 1;
          }).length;
        })
      )
      .toBe(0);
  }
});

test('the line cut while the page looks again: the room stays, and what was typed in it', async ({
  page
}) => {
  await open(page, '/garden');
  await page.getByRole('button', { name: '+ weigh in' }).first().click();
  const pad = page.getByRole('dialog');
  await pad.getByLabel('What', { exact: true }).selectOption('carrot');
  await pad.getByRole('textbox', { name: 'Weight', exact: true }).fill('700 g');
  // The house goes while the answer to the weigh-in is already on its way: the asking for what is new finds nobody.
  await page.route(/\/(health|garden\/__data\.json)/, (route) => route.abort());
  await pad.getByRole('button', { name: 'Weigh in', exact: true }).click();
  await expect(page.getByText('Weighed in: Carrot, 700 g')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByText('Something broke')).toHaveCount(0);
  await page.unroute(/\/(health|garden\/__data\.json)/);
});

test('where the hand is stands out, on every control of every room', async ({ page }) => {
  for (const room of ROOMS) {
    await open(page, room);
    const dull = new Set<string>();
    for (let n = 0; n < 120; n++) {
      await page.keyboard.press('Tab');
      const at = await page.evaluate(() => {
        const el = document.activeElement;
        if (!el || el === document.body) return null;
        const out = (e: Element) => {
          const s = getComputedStyle(e);
          return (
            s.outlineStyle === 'solid' && parseFloat(s.outlineWidth) >= 2 && !s.outlineColor.endsWith(', 0)')
          );
        };
        // A mark that is drawn by its label wears it there.
        const label = el.closest('label');
        return out(el) || (label !== null && out(label)) ? '' : el.outerHTML.slice(0, 120);
      });
      if (at === null) break;
      if (at !== '') dull.add(at);
    }
    expect([...dull], room).toEqual([]);
  }
});

test('a dialog opens on its first field, and gives the hand back where it was', async ({ page }) => {
  await open(page, '/garden');
  await page.getByRole('button', { name: '+ weigh in' }).first().click();
  await expect(page.getByRole('dialog').getByLabel('What', { exact: true })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: '+ weigh in' }).first()).toBeFocused();
});
