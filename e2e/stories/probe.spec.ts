import { expect, expectAccessible, pieInTheOven, test } from '../kitchen.js';

test('a probe in a running bake: the forecast bends to it, one tap goes by it, and a wire that slips out is said to have', async ({
  page,
}) => {
  const name = `Probe ${crypto.randomUUID().slice(0, 8)}`;
  const card = await pieInTheOven(page, name);
  await card.getByText('Try a simulated one').click();
  await card.getByLabel('Speed').selectOption('600');
  await card.getByLabel('What goes wrong').selectOption('slipped_out');
  await card.getByRole('button', { name: 'Start it' }).click();
  await expect(card).toContainText(/the filling is done at \d+:\d\d/);
  await expect(card.getByText('these are no measurements')).toBeVisible();
  await expect(card.getByRole('alert')).toContainText('has slipped out of the filling; it is left out.');
  await expect(card.getByRole('img', { name: /Middle of the filling: measured/ })).toBeVisible();
  await expectAccessible(page);
  // A tap bends it too, and what was read is there after a reload.
  await card.getByRole('button', { name: 'It is golden' }).click();
  await page.reload();
  await expect(card).toContainText(/the filling is done at \d+:\d\d/);
  await card.getByRole('button', { name: 'Started by mistake' }).click();
  await expect(card).toHaveCount(0);
});
