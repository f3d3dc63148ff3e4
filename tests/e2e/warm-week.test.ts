import { OwnServer } from './server';
import { expect, onBench, open, say, test } from './support';

const DAY_MS = 86_400_000;
/** What a warm jar of shreds would read, roughly, by its day. */
const readsOn = (day: number): string => (day < 1.5 ? '5,4' : day < 3 ? '4,4' : day < 5 ? '3,9' : '3,6');

test('a warm week from lid to cold, on a phone, by rounds alone', async ({ browser }) => {
  test.slow();
  const server = new OwnServer();
  await server.start();
  // A house with a word of its own is not sown, and has the demo's clock.
  await server.say('settle', { commandId: 'own', name: 'Warm kitchen', people: 2 });
  await server.end('SIGTERM');
  await server.start({ CROCKLE_DEMO: '1' });
  const page = await browser.newPage({ baseURL: server.base, viewport: { width: 390, height: 844 } });
  const { request } = page;
  await say(request, 'own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 4, name: '1 l clip jar' });
  await say(request, 'set-place', {
    ...{ placeId: 'counter', name: 'Kitchen counter', kind: 'counter', tempC: 27, always: 'true' }
  });
  await onBench(request, 'cabbage-pointed', '1.8 kg', '1.5 kg');
  await say(request, 'start-batch', {
    ...{ styleId: 'shredded', fraction: 0.022, saltKindId: 'sea-fine', placeId: 'counter' },
    ...{ opens: true, name: 'August kraut' }
  });
  const stops = page.getByRole('form', { name: /^jars? \d.*August kraut/ });
  let [taps, opened, tasted, measured] = [0, 0, 0, 0];
  let [began, day] = [0, 0];
  const stop = stops.first();
  let moved = false;
  while (!moved) {
    if ((await stops.count()) === 0) {
      const now = (await say(request, 'step-clock', { by: 'due' })).answer.now as number;
      began ||= now;
      day = (now - began) / DAY_MS;
      expect(day, 'it comes to the cold').toBeLessThan(40);
      // The phone comes out of the pocket.
      await open(page, '/');
      await expect(stop).toBeVisible();
    }
    expect(await stops.count(), 'gone to once').toBe(1);
    const wants = await stop.getByRole('listitem').allInnerTexts();
    if (wants.some((w) => w.startsWith('Open'))) opened++;
    const pH = stop.getByRole('textbox', { name: 'pH' });
    if ((await pH.count()) > 0) {
      await pH.fill(readsOn(day));
      [taps, measured] = [taps + 1, measured + 1];
    }
    if (wants.some((w) => w.startsWith('Taste'))) {
      await stop.getByText(String(Math.min(4, Math.floor(day / 2))), { exact: true }).click();
      [taps, tasted] = [taps + 1, tasted + 1];
    }
    const done = stop.getByRole('button', { name: /^Done/ });
    if ((await done.count()) > 0) {
      await done.click();
      taps++;
      // A taste may move what is to come: what is wanted then is gone to as well.
      const wanted = async () =>
        (await stops.count()) > 0 ? stop.getByRole('listitem').allInnerTexts() : [];
      await expect.poll(wanted).not.toEqual(wants);
      if ((await stops.count()) === 0) continue;
    }
    const move = stop.getByRole('button', { name: 'Move…' });
    if ((await move.count()) === 0) continue;
    await move.click();
    const sheet = page.getByRole('dialog');
    // Read at 4.6 or lower by then: nothing is heeded.
    await expect(sheet.getByText('No reading of 4.6 or lower yet')).toHaveCount(0);
    await sheet.getByRole('button', { name: /Fridge/ }).click();
    await expect(sheet).toHaveCount(0);
    taps += 2;
    moved = true;
  }
  // Twice a day from the first evening to day five, in a warm kitchen; and never looked for elsewhere.
  expect(opened).toBeGreaterThanOrEqual(9);
  expect(measured).toBeGreaterThanOrEqual(2);
  expect(tasted).toBeGreaterThanOrEqual(2);
  expect(taps).toBeLessThan(70);
  await expect(page.getByText(/Nothing to do now\. Next: /)).toBeVisible();
  await open(page, '/cold');
  await expect(page.getByRole('button', { name: /^Jar 1: August kraut/ }).first()).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.close();
  await server.end('SIGTERM');
  server.clean();
});
