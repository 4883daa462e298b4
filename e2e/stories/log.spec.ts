import { expect, expectAccessible, newPie, pieInTheOven, station, test } from '../kitchen.js';

test('a bake, start to slice: tasted by thumb, kept, and asked why it was loose', async ({ page }) => {
  const name = `Log ${crypto.randomUUID().slice(0, 8)}`;
  const card = await pieInTheOven(page, name);
  await card.getByRole('button', { name: 'Out now' }).click();
  await card.getByRole('button', { name: 'Yes, it is out' }).click();
  await card.getByRole('button', { name: 'Slice it' }).click();
  await expect(card).toHaveCount(0);
  const over = page.getByRole('listitem').filter({ hasText: name });
  await over.getByRole('link', { name: 'How was it?' }).click();
  const tasting = page.getByRole('region', { name: 'How the slice was' });
  await tasting.getByRole('group', { name: 'The filling' }).getByRole('button', { name: 'loose' }).click();
  await tasting.getByRole('group', { name: 'Sweetness' }).getByRole('button', { name: 'right' }).click();
  await tasting.getByLabel('Cooled before it was cut').fill('200');
  await tasting.getByLabel('A note').fill('plate wet');
  await expect(tasting.getByText('Kept.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Bakes' }).getByRole('link', { name })).toContainText(
    'filling loose',
  );
  const why = page.getByRole('region', { name: 'Why it may be so' });
  await expect(why.getByRole('listitem').first()).toContainText(/juice|thickener/i);
  await expect(why.getByRole('img', { name: /With the remedy/ }).first()).toBeVisible();
  await expectAccessible(page);
  // One question separates the likeliest two; its answer moves them.
  await why.getByRole('button', { name: 'Yes', exact: true }).click();
  await expect(why.getByText('Baking the causes again')).toHaveCount(0);
  await page.reload();
  await expect(tasting.getByRole('button', { name: 'loose' })).toHaveAttribute('aria-pressed', 'true');
  await expect(tasting.getByLabel('A note')).toHaveValue('plate wet');
  // A second tap takes a word back.
  await tasting.getByRole('button', { name: 'loose' }).click();
  await expect(tasting.getByText('Kept.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Bakes' }).getByRole('link', { name })).not.toContainText(
    'loose',
  );
});

test('two tell of one slice at once: the second sees that somebody was quicker', async ({
  page,
  context,
}) => {
  await page.goto('/log');
  await page.getByLabel('Find a bake by pie or oven').fill('quince');
  await page
    .getByRole('region', { name: 'Bakes' })
    .getByRole('link', { name: /Quince with pear/ })
    .first()
    .click();
  const other = await context.newPage();
  await other.goto(page.url());
  const note = (on: typeof page) =>
    on.getByRole('region', { name: 'How the slice was' }).getByLabel('A note');
  await expect(note(other)).toBeVisible();
  await note(page).fill(`first ${Date.now()}`);
  await expect(page.getByText('Kept.')).toBeVisible();
  // Another bake of the same pie beside it: what differs is marked.
  const beside = page.getByRole('region', { name: 'Beside another bake' });
  await beside.getByLabel('Beside another bake').selectOption({ index: 1 });
  await expect(beside.getByRole('row', { name: /The filling/ })).toBeVisible();
  await expect(beside.getByText('differs').first()).toBeVisible();
  // Both slices by the sums, and both curves.
  await expect(beside.getByRole('img', { name: /by the sums: /i })).toHaveCount(3);
  await expectAccessible(page);
  await note(other).fill('second');
  await expect(other.getByRole('alert')).toContainText('Nothing was overwritten');
  await other.close();
});

test('the demo’s two seasons are read: a hot oven to tell the kitchen, a dose to take, and back', async ({
  page,
}) => {
  await page.goto('/log');
  const ovens = page.getByRole('region', { name: 'How hot the ovens are' });
  await expect(ovens).toContainText(/Corner oven bakes as if it were \d+ °C hotter/);
  await expect(page.getByRole('region', { name: 'How fruit sets here' })).toContainText('By season: 2025');
  await expectAccessible(page);
  await ovens.getByRole('button', { name: /^Use \+/ }).click();
  await expect(ovens.getByText(/The kitchen knows: Corner oven/)).toBeVisible();
  await ovens.getByRole('button', { name: /^Back to/ }).click();
  await expect(ovens.getByRole('button', { name: /^Use \+/ })).toBeVisible();

  await newPie(page, `Learned ${crypto.randomUUID().slice(0, 8)}`);
  await station(page, 'Juice').click();
  const said = page.getByRole('group', { name: 'What the log says' });
  await said.getByRole('button', { name: 'Use it' }).click();
  await expect(said).toContainText(/Taken from \d+ bakes here: \d+ % (more|less) thickener than the book/);
  await said.getByRole('button', { name: /Sweeten as it is liked here/ }).click();
  await expect(said.getByRole('button', { name: /Sweeten as it is liked here/ })).toHaveCount(0);
  await said.getByRole('button', { name: 'Back to the book' }).click();
  await expect(said.getByRole('button', { name: 'Use it' })).toBeVisible();
});
