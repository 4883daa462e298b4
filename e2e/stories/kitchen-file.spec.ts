import { readFile } from 'node:fs/promises';
import { expect, expectAccessible, pieInTheOven, test, whenStill } from '../kitchen.js';

/** Two by two dots. */
const PICTURE = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAIAAAACCAIAAAD91JpzAAAACXBIWXMAAAPoAAAD6AG1e1JrAAAAEUlEQVQImWNoMAhoMAhggFAAHM4EAeJt2rEAAAAASUVORK5CYII=',
  'base64',
);

test('a picture of a slice is kept with it, and taken away again', async ({ page }) => {
  await page.goto('/log');
  await page
    .getByRole('region', { name: 'Bakes' })
    .getByRole('link', { name: /Greengage/ })
    .first()
    .click();
  const picture = page.getByRole('group', { name: 'A picture of the slice' });
  const file = picture.getByLabel('Picture of the slice', { exact: true });
  await file.setInputFiles({ name: 'slice.png', mimeType: 'image/png', buffer: PICTURE });
  await expect(picture.getByRole('img', { name: 'The slice of Greengage' })).toBeVisible();
  await expectAccessible(page);
  await page.reload();
  await expect(picture.getByRole('img', { name: 'The slice of Greengage' })).toBeVisible();
  await picture.getByRole('button', { name: 'Take it away' }).click();
  await expect(picture.getByRole('img')).toHaveCount(0);
  await file.setInputFiles({ name: 'slice.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(picture.getByRole('alert')).toContainText('Send a photo as JPEG');
});

test('the whole kitchen goes out, comes in again, and a damaged file changes nothing', async ({ page }) => {
  await page.goto('/log');
  await page.getByRole('button', { name: 'Whole kitchen' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'Save the whole kitchen' }).click();
  const text = await readFile(await (await download).path(), 'utf8');
  const kitchen = JSON.parse(text) as { format: string; bakes: object[]; pies: { versions: object[] }[] };
  expect(kitchen.format).toBe('mardle-kitchen');
  expect(kitchen.bakes.length).toBeGreaterThanOrEqual(42);

  await page.getByRole('button', { name: 'Whole kitchen' }).click();
  await page.getByRole('menuitem', { name: 'Bring a kitchen in' }).click();
  const dialog = page.getByRole('dialog', { name: 'Bring a kitchen in' });
  const bring = async (name: string, content: string): Promise<void> => {
    await dialog
      .getByLabel('Kitchen file')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(content) });
    await expect(dialog.getByText(name)).toBeVisible();
    await dialog.getByRole('button', { name: 'Bring it in beside what is here' }).click();
  };
  await bring('same.json', text);
  await expect(dialog.getByRole('status')).toContainText('All of it was here already.');
  await whenStill(page);
  await expectAccessible(page);
  await bring('cut.json', text.slice(0, -20));
  await expect(dialog.getByRole('alert')).toBeVisible();
  const [pie] = kitchen.pies;
  const odd = {
    ...kitchen,
    pies: [{ ...pie, versions: pie?.versions.map((one) => ({ ...one, version: 7 })) }],
  };
  await bring('odd.json', JSON.stringify(odd));
  await expect(dialog.getByRole('alert')).toContainText('Version 1 is missing');
  const fresh = { ...pie, id: crypto.randomUUID() };
  await bring('one-more.json', JSON.stringify({ ...kitchen, pies: [fresh], bakes: [] }));
  await expect(dialog.getByRole('status')).toContainText(/Brought in: 1 pies, \d versions? of pies/);
});

test('what was learned of a fruit stands in the larder, and goes back to the book with one tap', async ({
  page,
}) => {
  await page.goto('/larder?shelf=fruits&fruit=damson');
  const learned = page.getByRole('region', { name: 'Learned here' });
  await expect(learned).toContainText(/learned by \d+ bakes/);
  await expectAccessible(page);
  await learned.getByRole('button', { name: 'Back to the book' }).click();
  await expect(learned).toContainText(/plans are offered× 1\.00/);
  await learned.getByRole('button', { name: 'Offer what was learned' }).click();
  await page.getByRole('button', { name: 'Learned here' }).click();
  const list = page.getByRole('region', { name: 'How fruit sets here' });
  await list.getByText('How it moved').first().click();
  await expect(list.getByRole('img', { name: /as it was learned: × \d/ })).toBeVisible();
});

test('hands in dough: any key does the next touch, Z takes it back', async ({ page }) => {
  const name = `Hands ${crypto.randomUUID().slice(0, 8)}`;
  const card = await pieInTheOven(page, name);
  await expect(card).toBeVisible();
  await page.getByRole('button', { name: 'Hands in dough' }).click();
  const large = page.getByRole('dialog');
  await expect(large.getByRole('button', { name: new RegExp(name) })).toContainText(/Lower|Set/);
  await whenStill(page);
  await expectAccessible(page);
  await page.keyboard.press('k');
  await expect(large.getByRole('status')).toContainText('Written down: oven at its second heat.');
  await page.keyboard.press('z');
  await expect(large.getByRole('status')).toContainText('taken back');
  await page.keyboard.press('Escape');
  await expect(large).toHaveCount(0);
  await card.getByRole('button', { name: 'Started by mistake' }).click();
  await expect(card).toHaveCount(0);
});
