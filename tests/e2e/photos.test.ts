import exifr from 'exifr';
import { withPlace } from '../support/photo';
import { expect, open, test } from './support';
import type { Page } from '@playwright/test';

/** A picture as a phone takes it: large, in a colour, with the place in it where it was taken. */
async function taken(page: Page, colour: string): Promise<Buffer> {
  const drawn = await page.evaluate((fill) => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [3000, 2000];
    const on = canvas.getContext('2d')!;
    on.fillStyle = fill;
    on.fillRect(0, 0, 3000, 2000);
    return canvas.toDataURL('image/jpeg', 0.9);
  }, colour);
  return withPlace(Buffer.from(drawn.slice(drawn.indexOf(',') + 1), 'base64'));
}

test('photos of a jar: shrunk, without the place, along the days, two side by side, deleted for good', async ({
  page,
  request
}) => {
  await open(page, '/counter');
  await page.getByRole('button', { name: /^Jar 38/ }).click();
  const photos = page.getByRole('region', { name: 'Photos' });
  // The guess may come in between a finger's down and up, and move the fold away from under it.
  await expect(async () => {
    if (!(await photos.isVisible())) await page.getByText('Add a photo').first().click();
    await expect(photos).toBeVisible({ timeout: 2000 });
  }).toPass();
  const add = async (colour: string) => {
    const buffer = await taken(page, colour);
    expect(await exifr.gps(buffer)).toMatchObject({ latitude: 53.2 });
    await photos.getByLabel('Add a photo').setInputFiles({ name: 'jar.jpg', mimeType: 'image/jpeg', buffer });
  };
  const along = photos.getByRole('list', { name: 'Photos along the days' }).getByRole('img');
  await add('#3a7');
  await expect(along).toHaveCount(1);
  const src = (await along.first().getAttribute('src'))!;
  const kept = await request.get(src);
  expect(kept.headers()['content-type']).toBe('image/jpeg');
  const bytes = await kept.body();
  expect(await exifr.gps(bytes)).toBeUndefined();
  expect(bytes.length).toBeLessThan(600_000);
  await expect(along.first()).toHaveAttribute('width', '1600');
  // What is no picture is said, and nothing is stored.
  await photos
    .getByLabel('Add a photo')
    .setInputFiles({ name: 'jar.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(photos.getByText('cannot read that as a picture')).toBeVisible();
  await request.post('/api/v1/step-clock', { data: { by: 'day' } });
  await add('#c63');
  await expect(along).toHaveCount(2);
  // By keys: both stand side by side, the older first.
  const buttons = photos.getByRole('list', { name: 'Photos along the days' }).getByRole('button');
  await buttons.nth(1).press('Enter');
  await buttons.nth(0).press('Enter');
  const large = photos.getByRole('figure').getByRole('img');
  await expect(large).toHaveCount(2);
  await expect(large.first()).toHaveAttribute('src', src);
  await photos
    .getByRole('button', { name: /^Delete: / })
    .first()
    .click();
  await expect(photos.getByText('It cannot come back.')).toBeVisible();
  await photos.getByRole('button', { name: 'Delete it for good' }).click();
  await expect(along).toHaveCount(1);
  expect((await request.get(src)).status()).toBe(404);
});
