import { existsSync } from 'node:fs';
import { OwnServer } from './server';
import { alive, expect, test } from './support';

test('a clean end closes the database', async () => {
  const server = new OwnServer();
  await server.start();
  await server.say('weigh-in', { commandId: 'a', cropId: 'carrot', weight: '1 kg' });
  expect(existsSync(`${server.database}-wal`)).toBe(true);
  expect(await server.end('SIGTERM')).toBe(0);
  expect(existsSync(`${server.database}-wal`)).toBe(false);
  server.clean();
});

test('settings that cannot be are refused by name', async () => {
  const server = new OwnServer();
  await server.start({ CROCKLE_LOG: 'loud' });
  expect(server.exitCode()).toBe(1);
  expect(server.errors).toContain('CROCKLE_LOG must be debug, info, warn, error or silent (it is "loud")');
  server.clean();
});

test('the first run asks a few things, and can be skipped', async ({ page }) => {
  const server = new OwnServer();
  await server.start();
  await page.goto(server.base);
  await alive(page);
  await page.getByRole('button', { name: 'Set up my kitchen' }).click();
  await page.getByRole('button', { name: 'One Clip-top jar 1 l, clamped more' }).click();
  await page.getByLabel('a baby or small child').check();
  // Counted in one list of jars, the units changed: what was counted stays, and its lid can be another.
  await page.getByText('pounds, ounces, US quarts').click();
  await page.getByRole('button', { name: 'One US quart, wide mouth, loose more' }).click();
  await expect(page.getByLabel('Lid of Clip-top jar 1 l')).toHaveValue('clamped');
  await page.getByLabel('Lid of US quart, wide mouth').first().selectOption('valve');
  await page.getByText('grams and litres').click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText('Saved: 2 jars, the units and who eats')).toBeVisible();
  await expect(page.getByText('No jars yet.')).toBeVisible();
  // Every room says what to do first.
  for (const [room, says] of [
    ['garden', 'The Garden is empty'],
    ['bench', 'The bench is clear'],
    ['counter', 'The counter is bare'],
    ['cold', 'Nothing in the cold'],
    ['pantry', 'The shelf is not counted'],
    ['season', 'still blank'],
    ['notebook', 'No batch yet']
  ] as const) {
    await page.goto(`${server.base}/${room}`);
    await expect(page.getByText(says).first()).toBeVisible();
  }
  await page.goto(`${server.base}/kit`);
  await expect(page.getByText('Clip-top jar 1 l, clamped').first()).toBeVisible();
  await expect(page.getByText(/wide mouth, valve/).first()).toBeVisible();
  await server.end('SIGTERM');
  server.clean();
  const other = new OwnServer();
  await other.start();
  await page.goto(other.base);
  await alive(page);
  await page.getByRole('button', { name: /^Skip/ }).click();
  await expect(page.getByText('No jars yet.')).toBeVisible();
  await other.end('SIGTERM');
  other.clean();
});

test('the API refuses as problem+json, with the field and what would work', async ({ request, baseURL }) => {
  const bad = await request.post('/api/v1/weigh-in', {
    data: { commandId: 'api-1', cropId: 'carrot', weight: '1.250 g' }
  });
  expect(bad.status()).toBe(400);
  expect(bad.headers()['content-type']).toContain('application/problem+json');
  expect(((await bad.json()) as { problems: unknown[] }).problems[0]).toMatchObject({
    code: 'comma-unclear',
    field: 'weight',
    wouldWork: 'Write 1.25 g or 1250 g.'
  });
  const raw = (body: string, headers: Record<string, string>) =>
    fetch(`${baseURL}/api/v1/weigh-in`, { method: 'POST', body, headers });
  expect((await raw('{ not json', { 'content-type': 'application/json' })).status).toBe(400);
  // What another site's page could send without asking is not let in.
  expect((await raw('{}', { 'content-type': 'text/plain', origin: 'http://evil.example' })).status).toBe(403);
  expect((await request.post('/api/v1/no-such-thing', { data: {} })).status()).toBe(404);
  expect(
    (
      await request.post('/api/v1/move', {
        data: { commandId: 'api-2', batchId: 'nope', fillingIds: ['a'], placeId: 'fridge' }
      })
    ).status()
  ).toBe(404);
  const sheet = await request.post('/api/v1/worksheet', {
    data: {
      styleId: 'pieces',
      fraction: 0.025,
      saltKindId: 'sea-fine',
      placeId: 'counter',
      opens: true,
      items: [{ cropId: 'kohlrabi', prepared: '1 195 g' }]
    }
  });
  expect(sheet.ok()).toBe(true);
  expect(((await sheet.json()) as { jars: unknown[]; brine: { mixMl: number } }).brine.mixMl).toBeGreaterThan(
    300
  );
  for (const thing of ['picks', 'batches', 'tasks', 'stock', 'kit', 'pantry', 'timers'])
    expect((await request.get(`/api/v1/${thing}`)).ok(), thing).toBe(true);
});
