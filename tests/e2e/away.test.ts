import { expect, open, test } from './support';
import { OwnServer } from './server';

test('before one leaves: what wants another lid, the cold or a neighbour, and a sheet for whoever comes by', async ({
  page
}) => {
  await open(page, '/kit');
  await page.locator('#away summary').click();
  const days = page.getByRole('form', { name: 'Days away' });
  await days.getByLabel('From').fill('2026-09-16');
  await days.getByLabel('To').fill('2026-09-20');
  await days.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Noted: away then')).toBeVisible();
  await open(page, '/');
  const said = page.getByRole('link', { name: /^\d+ jars want something before/ });
  const before = parseInt(await said.innerText());
  await said.click();
  await expect(page.getByRole('heading', { name: /^Away: Wed 16 September to Sun 20/ })).toBeVisible();
  const sheet = page.getByRole('table', { name: 'Rounds while we are away' });
  await expect(sheet.getByText('Gherkins, oak leaf').first()).toBeVisible();
  // Nobody else is asked to judge.
  await expect(sheet.getByText(/taste|pH/)).toHaveCount(0);
  const gherkins = page.getByRole('listitem').filter({ hasText: 'Gherkins, oak leaf' });
  await gherkins.getByRole('button', { name: 'Another lid…' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'airlock' }).click();
  await expect(page.getByText('Another lid: jars 2, 57 and 58')).toBeVisible();
  await expect(sheet.getByText('Gherkins, oak leaf')).toHaveCount(0);
  const left = page.getByRole('region', { name: 'May be left' });
  await expect(left.getByText('Gherkins, oak leaf')).toBeVisible();
  // On paper there is the sheet alone.
  await page.emulateMedia({ media: 'print' });
  await expect(left).toBeHidden();
  await expect(sheet).toBeVisible();
  await page.emulateMedia({ media: 'screen' });
  await open(page, '/');
  await expect(page.getByRole('link', { name: `${before - 3} jars want something before` })).toBeVisible();
  await open(page, '/away/nowhere');
  await expect(page.getByText('Nobody plans to be away then.')).toBeVisible();
});

test('a calendar’s address: for one who has taken a place, read, and taken back', async ({
  page,
  request
}) => {
  await open(page, '/');
  const counter = page.getByRole('region', { name: 'Kitchen counter' });
  await counter.getByRole('button', { name: 'Who goes here?' }).click();
  await counter.getByLabel('A name').fill('Rob');
  await counter.getByRole('button', { name: 'Save' }).click();
  await expect(counter.getByRole('button', { name: 'Rob goes here' })).toBeVisible();
  await open(page, '/kit');
  const feeds = page.getByRole('region', { name: 'Reminders' });
  await feeds.getByLabel('For whom').fill('Ida');
  await feeds.getByRole('button', { name: 'Make an address' }).click();
  const address = new URL(await feeds.locator('code').innerText());
  const read = await request.get(address.pathname);
  expect(read.headers()['content-type']).toBe('text/calendar; charset=utf-8');
  const text = await read.text();
  expect(text).toContain('SUMMARY:Round: Back stairs');
  expect(text).not.toContain('SUMMARY:Round: Kitchen counter');
  await feeds.getByRole('button', { name: 'Take back the calendar: for Ida' }).click();
  await expect(feeds.getByRole('list', { name: 'Calendars' })).toHaveCount(0);
  expect((await request.get(address.pathname)).status()).toBe(404);
});

test('a page that lies open looks again when the day turns', async ({ page }) => {
  // A house on the real clock; the page's own is set.
  const server = new OwnServer();
  await server.start({});
  try {
    const { request } = page.context();
    await page.clock.install();
    await request.post(`${server.base}/api/v1/settle`, { data: { commandId: 'settle', skip: true } });
    await open(page, `${server.base}/`);
    const again = page.waitForRequest((r) => r.url().includes('__data.json'));
    await page.clock.fastForward('25:00:00');
    await again;
    // The page goes before the house does: an asking that is cut off is said on the console.
    await page.close();
  } finally {
    await server.end('SIGTERM');
    server.clean();
  }
});
