import { expect, open, test } from './support';

test('labels go on the sheet that one has, and the code on one opens its jar', async ({ page, request }) => {
  const batches = (await (await request.get('/api/v1/batches')).json()) as {
    id: string;
    name: string;
  }[];
  const { id } = batches.find((b) => b.name.startsWith('Kohlrabi'))!;
  await open(page, `/notebook/${id}/labels`);
  const print = page.getByRole('link', { name: /^Print \d+ labels$/ });
  const href = async () => (await print.getAttribute('href'))!;
  const pdf = await request.get(await href());
  expect([pdf.status(), pdf.headers()['content-type']]).toEqual([200, 'application/pdf']);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  // A sheet that they do not fit on, and what is no figure, are said; nothing is lost.
  await page.getByText(/^A4, 3 by 7 labels/).click();
  await page.getByLabel('Labels across').fill('5');
  await expect(page.getByText(/They need 322 mm, and A4 has 210/).first()).toBeVisible();
  await expect(print).toBeHidden();
  await page.getByLabel('Labels across').fill('many');
  await expect(page.getByText(/Nothing to print/)).toBeVisible();
  await expect(page.getByLabel('Labels across')).toHaveValue('many');
  await page.getByLabel('Labels across').fill('2');
  await page.getByLabel('Places used up').fill('3');
  expect(await href()).toContain('skip=3');
  // This phone keeps the sheet; how much of one is used up is asked each time.
  await page.reload();
  await expect(page.getByText(/^A4, 2 by 7 labels/)).toBeVisible();
  expect(await href()).toContain('skip=0');
  const refused = await request.get(`/notebook/${id}/labels.pdf?columns=many`);
  expect([refused.status(), refused.headers()['content-type']]).toEqual([400, 'application/problem+json']);

  await open(page, `/jar/${id}.j1`);
  await expect(page).toHaveURL(`/counter?batch=${id}`);
  expect((await request.get('/jar/nobody')).status()).toBe(404);
});

test('what is no address is refused in Kit, and nothing else is lost', async ({ page }) => {
  await open(page, '/kit');
  const form = page.getByRole('form', { name: 'The household' });
  const address = form.getByLabel(/Where your phones find Crockle/);
  await address.fill('the kitchen');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByText('That is no address of a page.')).toBeVisible();
  await address.fill('http://Kitchen.local:4400/counter');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(address).toHaveValue('http://kitchen.local:4400');
});
