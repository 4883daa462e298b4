import { expect, expectAccessible, newPie, station, test } from '../kitchen.js';

const slip = 'What to weigh';

test('a thickener and a cup of flour of the kitchen’s own: kept, used, and taken back', async ({ page }) => {
  const name = `Waxy maize ${crypto.randomUUID().slice(0, 6)}`;
  const url = await newPie(page, 'Own starch');
  const flour = page
    .getByRole('region', { name: slip })
    .getByRole('listitem')
    .filter({ hasText: 'Plain flour' });
  await expect(flour).toContainText('2 cups');

  await page.goto('/larder?shelf=thickeners');
  await page.getByRole('button', { name: 'Add a thickener' }).click();
  await page.getByLabel('Its name').fill(name);
  await page.getByLabel('Strength, slice').fill('20');
  await expect(page.getByRole('alert')).toContainText('must lie between');
  await page.getByLabel('Strength, slice').fill('2');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Keep this thickener' }).click();
  await expect(page.getByText('it stands at Juice with the others')).toBeVisible();
  await page.goto('/larder?shelf=flour');
  await page.getByLabel('A cup of flour weighs here').fill('104');
  await expect(page.getByText('slips count cups by it')).toBeVisible();
  await expectAccessible(page);

  await page.goto(url);
  await expect(flour).toContainText('2½ cups');
  const before = await station(page, 'Juice').textContent();
  await page.keyboard.press('3');
  await page.getByRole('tab', { name: 'Thickener' }).click();
  await page.getByRole('radio', { name: new RegExp(name) }).click();
  await expect(page.getByRole('region', { name: slip })).toContainText(name);
  await expect(station(page, 'Juice')).not.toHaveText(before ?? '');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('version 2, saved')).toBeVisible();

  await page.goto('/larder?shelf=flour');
  await page.getByRole('button', { name: 'Back to built-in' }).click();
  await expect(page.getByRole('button', { name: 'Back to built-in' })).toBeHidden();
  await page.goto('/larder?shelf=thickeners');
  await page.getByRole('button', { name: new RegExp(name) }).click();
  await page.getByRole('button', { name: 'Put it away' }).click();
  await expect(page.getByRole('button', { name: new RegExp(name) })).toHaveCount(0);
  // The pie keeps what it was planned with.
  await page.goto(url);
  await expect(page.getByRole('region', { name: slip })).toContainText(name);
  await expect(flour).toContainText('2 cups');
});

test('a buckle with streusel has two bowls on its slip; cups stand in sentences; a timer goes with you', async ({
  page,
}) => {
  await newPie(page, 'Strewn');
  await page.getByRole('radio', { name: /buckle/ }).click();
  await page.keyboard.press('5');
  await page.getByRole('radio', { name: 'Oats and nuts' }).click();
  for (const bowl of ['Batter', 'Streusel'])
    await expect(page.getByRole('region', { name: slip }).getByRole('heading', { name: bowl })).toBeVisible();
  await expect(page.getByRole('region', { name: slip })).toContainText('Rolled oats');
  await expectAccessible(page);

  await page.keyboard.press('1');
  await page.getByRole('radio', { name: 'double crust' }).click();
  await page.getByLabel('Units').selectOption('cups');
  await expect(station(page, 'Juice')).toContainText(/1\scup sugar/);
  await page.getByRole('tab', { name: 'Dish' }).click();
  await page.getByRole('radio', { name: /20 cm glass/ }).click();
  await expect(page.getByText(/From 23 cm enamel: fruit 5\scups → 3½\scups/)).toBeVisible();
  await page.getByRole('button', { name: 'Scale it to this dish' }).click();
  await expect(page.getByText(/From 23 cm enamel/)).toBeHidden();
  await page.getByLabel('Units').selectOption('g');

  await page.keyboard.press('3');
  await page.getByRole('tab', { name: 'Tests' }).click();
  await page.getByRole('button', { name: 'Start 20 minutes' }).click();
  await page.goto('/log');
  const timer = page.getByRole('navigation', { name: 'Timers' }).getByRole('link');
  await expect(timer).toContainText(/Weep test: drain and weigh (20:00|19:5\d)/);
  await timer.click();
  await page.getByRole('button', { name: /to go; stop/ }).click();
  await expect(page.getByRole('navigation', { name: 'Timers' })).toHaveCount(0);
});
