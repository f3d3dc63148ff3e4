import { networkInterfaces } from 'node:os';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { OwnServer } from './server';
import { alive, expect, test } from './support';

const OURS = 'kohlrabi under the stairs';
const GUESTS = 'only looking at jars';

const codeOf = (server: OwnServer) => /with this code: (\S+)/.exec(server.said)?.[1] ?? '';
const fill = async (page: Page, said: Record<string, string>) => {
  await alive(page);
  for (const [label, text] of Object.entries(said)) await page.getByLabel(label).fill(text);
};

test('beyond loopback: a code once, then a passphrase and a name, under any own address; guests look on', async ({
  page,
  browser
}) => {
  const server = new OwnServer();
  await server.start({ CROCKLE_HOST: '0.0.0.0' });
  const port = new URL(server.base).port;
  const address = Object.values(networkInterfaces())
    .flat()
    .find((a) => a?.family === 'IPv4' && !a.internal)?.address;
  const code = codeOf(server);
  expect(code).toMatch(/^[A-Z2-9]{4}-[A-Z2-9]{4}$/);

  // Nothing of the house is told to who is not in.
  expect(await (await fetch(`${server.base}/health`)).json()).toEqual({ ok: true });
  for (const path of ['/', '/kit', '/garden/__data.json', '/nothing-here'])
    expect(
      (await fetch(`${server.base}${path}`, { redirect: 'manual' })).headers.get('location') ?? ''
    ).toMatch(path.includes('__data') ? /^$/ : /^\/sign-in/);
  expect(await (await fetch(`${server.base}/garden/__data.json`)).text()).toContain('"redirect"');
  for (const thing of ['picks', 'scale'])
    expect((await fetch(`${server.base}/api/v1/${thing}`)).status).toBe(401);
  expect((await server.say('weigh-in', { commandId: 'x', cropId: 'carrot', weight: '1 kg' })).status).toBe(
    401
  );

  await page.goto(`${server.base}/kit`);
  await fill(page, { 'The code that': 'AAAA-AAAA', 'Your name': 'Ida', 'A passphrase': OURS });
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await page.getByRole('button', { name: 'Set it and come in' }).click();
  await expect(page.getByText('That is not the code.')).toBeVisible();
  await page.getByLabel('The code that').fill(code.toLowerCase());
  await page.getByRole('button', { name: 'Set it and come in' }).click();
  await page.getByRole('button', { name: /^Skip/ }).click();
  await page.waitForURL(`${server.base}/`);
  const [cookie] = await page.context().cookies();
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Lax' });

  // Under each of its addresses: in by the passphrase, and a form posts.
  for (const host of ['localhost', ...(address ? [address] : [])]) {
    const base = `http://${host}:${port}`;
    await page.goto(`${base}/garden`);
    await fill(page, { 'Your name': 'Ida', Passphrase: 'wrong it is' });
    await page.getByRole('button', { name: 'Come in' }).click();
    await expect(page.getByText('That is not the passphrase.')).toBeVisible();
    await expect(page.getByLabel('Your name')).toHaveValue('Ida');
    await page.getByLabel('Passphrase', { exact: true }).fill(OURS);
    await page.getByRole('button', { name: 'Come in' }).click();
    await page.waitForURL(`${base}/garden`);
    await alive(page);
    await page.getByRole('banner').getByRole('button', { name: '+ weigh in' }).click();
    const pad = page.getByRole('dialog');
    await pad.getByLabel('What', { exact: true }).selectOption('carrot');
    await pad.getByRole('textbox', { name: 'Weight', exact: true }).fill('700 g');
    await pad.getByRole('button', { name: 'Weigh in', exact: true }).click();
    await expect(page.getByText('Weighed in: Carrot, 700 g')).toBeVisible();
  }

  // Guests get a passphrase of their own; a program gets a token, told once.
  await page.goto(`${server.base}/kit`);
  await alive(page);
  const door = page.locator('#door');
  await door.getByText('Guests, who look on').click();
  await door.getByLabel('The household’s own').fill(OURS);
  await door.getByLabel('One for guests').fill(GUESTS);
  await door.getByRole('button', { name: 'Set the guests’ passphrase' }).click();
  await expect(page.getByText('The guests’ passphrase is set')).toBeVisible();
  await door.getByText('Tokens, for programs').click();
  await door.getByLabel('For what').fill('Barn screen');
  await door.getByRole('button', { name: 'Make a token' }).click();
  const token = await door.locator('code').first().innerText();
  const asProgram = { headers: { authorization: `Bearer ${token}` } };
  expect((await fetch(`${server.base}/api/v1/picks`, asProgram)).status).toBe(200);
  const write = await server.say(
    'weigh-in',
    { commandId: 'y', cropId: 'carrot', weight: '1 kg' },
    asProgram.headers
  );
  expect(write.status).toBe(403);
  await door.getByRole('button', { name: 'Take back the token of Barn screen' }).click();
  await expect(page.getByRole('alert').getByText('Taken back')).toBeVisible();
  expect((await fetch(`${server.base}/api/v1/picks`, asProgram)).status).toBe(401);

  const other = await browser.newContext();
  const guest = await other.newPage();
  await guest.goto(`${server.base}/garden`);
  await fill(guest, { 'Your name': 'Max', Passphrase: GUESTS });
  await guest.getByRole('button', { name: 'Come in' }).click();
  await expect(guest.getByText('You look on as a guest')).toBeVisible();
  await alive(guest);
  await guest.getByRole('banner').getByRole('button', { name: '+ weigh in' }).click();
  const pad = guest.getByRole('dialog');
  await pad.getByLabel('What', { exact: true }).selectOption('carrot');
  await pad.getByRole('textbox', { name: 'Weight', exact: true }).fill('700 g');
  await pad.getByRole('button', { name: 'Weigh in', exact: true }).click();
  await expect(pad.getByText('Guests look on: nothing was stored.')).toBeVisible();

  // Signed out from afar, what is being typed stays where it is.
  await page.reload();
  await alive(page);
  // With no hand in the form the guest's page looks again once it is told of it, is refused, and stays.
  await guest.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  const refused = guest.waitForResponse((r) => r.url().includes('/__data.json'));
  await page.getByRole('button', { name: 'Sign out Max' }).click();
  await expect(page.getByRole('button', { name: 'Sign out Max' })).toBeHidden();
  await refused;
  await pad.getByRole('button', { name: 'Weigh in', exact: true }).click();
  await expect(pad.getByText('Not stored: you are signed out.')).toBeVisible();
  await expect(pad.getByRole('textbox', { name: 'Weight', exact: true })).toHaveValue('700 g');
  await other.close();

  // The name stands in the record, and the way out is in the foot of every page.
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Come in' })).toBeVisible();
  await server.end('SIGTERM');
  expect(server.said + server.errors).not.toContain(OURS);
  server.clean();
});

test('on loopback nobody is asked, and the first passphrase is set in Kit: that is the way back in, too', async ({
  page
}) => {
  const server = new OwnServer();
  await server.start();
  await server.say('settle', { commandId: 's', skip: true });
  await page.goto(`${server.base}/kit`);
  await alive(page);
  const door = page.locator('#door');
  await expect(door.getByText('asks nobody')).toBeVisible();
  await door.getByText('Set a passphrase', { exact: true }).click();
  await door.getByLabel('Three or four words').fill('short');
  await door.getByRole('button', { name: 'Set it' }).click();
  await expect(door.getByText('That is short: it can be guessed.')).toBeVisible();
  await door.getByLabel('Three or four words').fill(OURS);
  await door.getByRole('button', { name: 'Set it' }).click();
  await expect(page.getByText('The passphrase is set')).toBeVisible();
  await server.end('SIGTERM');
  await server.start({ CROCKLE_SIGN_IN: 'always' });
  expect(server.said).not.toContain('code');
  await page.goto(`${server.base}/kit`);
  await fill(page, { 'Your name': 'Ida', Passphrase: OURS });
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page.getByRole('heading', { name: 'What you work with' })).toBeVisible();
  await server.end('SIGTERM');
  server.clean();
});

test('what comes from elsewhere goes no further: origins, names, media types, broken and oversize bodies', async () => {
  const server = new OwnServer();
  await server.start();
  const form = (headers: Record<string, string>, body: BodyInit = 'commandId=z&cropId=carrot&weight=1+kg') =>
    fetch(`${server.base}/do/weigh-in`, {
      method: 'POST',
      headers: {
        accept: 'application/json',
        'x-sveltekit-action': 'true',
        origin: server.base,
        ...headers
      },
      body
    });
  const json = (headers: Record<string, string>, body = '{}') =>
    fetch(`${server.base}/api/v1/weigh-in`, { method: 'POST', headers, body });
  const plain = { 'content-type': 'application/x-www-form-urlencoded' };
  expect((await form({ ...plain, origin: 'http://evil.example' })).status).toBe(403);
  const isJson = { 'content-type': 'application/json' };
  const elsewhere: Record<string, string>[] = [
    { origin: 'http://evil.example' },
    { origin: 'null' },
    { 'sec-fetch-site': 'cross-site' }
  ];
  for (const more of elsewhere) {
    const answer = await json({ ...isJson, ...more });
    expect(answer.status).toBe(403);
    expect(answer.headers.get('content-type')).toBe('application/problem+json');
  }
  for (const type of ['application/jsonp', 'application/json-patch+json'])
    expect((await json({ 'content-type': type })).status, type).toBe(400);

  // Form data that is none, files where words belong, and more than fits.
  const sent = async (answer: Response) => ((await answer.json()) as { status: number; data: string }).data;
  const multi = { 'content-type': 'multipart/form-data; boundary=x' };
  expect(await sent(await form(multi, '--x\r\nnothing of the kind'))).toContain('form-broken');
  const files = new FormData();
  files.set('weight', new Blob(['1 kg']), 'weight.txt');
  expect(await sent(await form({}, files))).toContain('field-is-file');
  const huge = 'x'.repeat(1_100_000);
  expect((await json(isJson, `"${huge}"`)).status).toBe(413);
  const chunked = new ReadableStream<Uint8Array>({
    pull: (to) => to.enqueue(new TextEncoder().encode(huge))
  });
  const cut = await fetch(`${server.base}/api/v1/weigh-in`, {
    method: 'POST',
    headers: isJson,
    body: chunked,
    duplex: 'half'
  } as RequestInit).then(
    (r) => r.status,
    () => 'cut'
  );
  expect([413, 'cut']).toContain(cut);
  for (const thing of ['constructor', '__proto__', 'toString', 'hasOwnProperty']) {
    expect((await fetch(`${server.base}/api/v1/${thing}`)).status, thing).toBe(404);
    expect((await server.say(thing, {})).status, thing).toBe(404);
  }

  // Headers stand on every answer: files, refusals, and the last page of all.
  for (const path of ['/icon.svg', '/api/v1/nothing', '/%E0%A4%A', '/_app/nothing.js'])
    expect((await fetch(`${server.base}${path}`)).headers.get('x-content-type-options'), path).toBe(
      'nosniff'
    );
  // It still stands.
  expect((await server.say('weigh-in', { commandId: 'a', cropId: 'carrot', weight: '1 kg' })).status).toBe(
    200
  );
  await server.end('SIGTERM');
  server.clean();
});
