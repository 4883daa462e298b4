import { expect, expectAccessible, newPie, station, test } from '../kitchen.js';

test('a watery pie: judged by the weep test, held by another preparation, seen in the ledger', async ({
  page,
}) => {
  await newPie(page, 'Watery damson');
  await page.keyboard.press('3');
  const dose = (): Promise<string> =>
    station(page, 'Juice')
      .textContent()
      .then((text) => text ?? '');

  // The weep test narrows the band.
  await page.getByRole('tab', { name: 'Tests' }).click();
  const before = await dose();
  await page.getByRole('button', { name: /Start 20 minutes/ }).click();
  await expect(page.getByRole('timer')).toContainText(/1?\d:\d\d/);
  await page.getByLabel('It drained, g').fill('30');
  await expect(page.getByRole('img', { name: /before: thickener .*; after: thickener/ })).toBeVisible();
  await expect.poll(dose).not.toBe(before);
  await page.getByRole('radio', { name: 'It creeps' }).click();
  await expect(page.getByRole('img', { name: /before: thickener/ })).toHaveCount(2);
  await expectAccessible(page);

  // Another preparation, with the weight at which the pan stops.
  await page.getByRole('tab', { name: 'Preparation' }).click();
  await page.getByRole('radio', { name: 'Stew' }).click();
  await expect(page.getByText(/Boiled away before the oven/)).toBeVisible();
  await expect(page.getByText(/Against raw: thickener/)).toBeVisible();
  await page.getByRole('radio', { name: 'Weep and boil down' }).click();
  await expect(page.getByText(/drains\./)).toBeVisible();
  await expect(page.getByText(/Boiling syrup is far hotter than water/)).toBeVisible();
  await expectAccessible(page);

  // The ledger as a picture, each bar a figure with its story.
  await page.getByRole('tab', { name: 'Where it goes' }).click();
  await expect(page.getByRole('img', { name: /Where the water goes/ }).locator('.barlayer')).toBeVisible();
  await page.getByRole('button', { name: /^Left for the thickener to hold/ }).click();
  await expect(page.getByRole('dialog')).toContainText('What came free, less all that left');
  await page.keyboard.press('Escape');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'the slice' }).click();
  await expect(page.getByRole('img', { name: /The slice to expect: clean slice/ })).toBeVisible();
});

test('two spoons of flour left: what they give, and the rest made up', async ({ page }) => {
  await newPie(page, 'Short of flour');
  await page.keyboard.press('3');
  await page.getByRole('tab', { name: 'Thickener' }).click();
  await page.getByRole('radio', { name: /Plain flour/ }).click();
  await page.getByLabel('I only have, g').fill('16');
  await expect(page.getByText(/Too runny for a clean slice\. \d+\sg more thickener/)).toBeVisible();
  await page.getByRole('button', { name: 'the slice' }).click();
  await expect(page.getByRole('img', { name: /The slice to expect: soft/ })).toBeVisible();
  await page.getByRole('button', { name: 'Make up the rest with corn starch' }).click();
  await expect(page.getByRole('combobox', { name: 'Thickener 2' })).toHaveValue('Corn starch');
  await expect(page.getByText(/Too runny/)).toBeHidden();
  await expect(
    page.getByRole('region', { name: 'Slip' }).getByRole('button', { name: /^Corn starch: / }),
  ).toBeVisible();
});

test('taste and adjust: still sharp', async ({ page }) => {
  await newPie(page, 'Sharp');
  await page.keyboard.press('3');
  const sugar = page.getByRole('region', { name: 'Slip' }).getByRole('button', { name: /^White sugar: / });
  const grams = async (): Promise<number> =>
    Number(/(\d+)/.exec((await sugar.getAttribute('aria-label')) ?? '')?.[1]);
  const before = await grams();
  await page.getByRole('button', { name: /Still sharp/ }).click();
  await expect.poll(grams).toBeGreaterThan(before + 15);
  await page.getByRole('button', { name: 'Back to the dial' }).click();
  await expect.poll(grams).toBe(before);
});

test('a mix of fruits by any way of counting, and what is dangerous said when it is chosen', async ({
  page,
}) => {
  await newPie(page, 'Mixed');
  await page.keyboard.press('2');
  await page.getByRole('button', { name: 'Mix in another fruit' }).click();
  await page.getByRole('combobox', { name: 'Fruit 2' }).click();
  await page.getByRole('option', { name: 'Rhubarb', exact: true }).click();
  await expect(page.getByText(/Rhubarb leaves are poisonous/)).toBeVisible();
  await page.getByRole('tab', { name: 'Mix and amount' }).click();
  const rhubarb = page.getByRole('group', { name: 'Amount of Rhubarb' });
  await rhubarb.getByLabel('cups').fill('3');
  await expect(
    page.getByRole('region', { name: 'Slip' }).getByRole('button', { name: /^Rhubarb: 36\d\sg/ }),
  ).toBeVisible();
  await page.getByRole('tab', { name: 'Rhubarb' }).click();
  await page.getByRole('combobox', { name: 'Fruit 2' }).click();
  await page.getByRole('option', { name: 'Kiwi', exact: true }).click();
  await expect(page.getByText(/Kiwi goes grey/)).toBeVisible();
  await expectAccessible(page);
});

test('the larder: own figures bear on this kitchen’s pies, and go back to built-in', async ({ page }) => {
  const url = await newPie(page, 'Wet greengage');
  await page.keyboard.press('2');
  await page.getByRole('combobox', { name: 'Fruit 1' }).click();
  await page.getByRole('option', { name: 'Greengage', exact: true }).click();
  const before = await station(page, 'Juice').textContent();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('version 2, saved')).toBeVisible();

  await page.goto('/larder?shelf=fruits&fruit=greengage');
  await page.getByLabel('Acid, this kitchen’s').fill('40');
  await expect(page.getByRole('alert')).toContainText('must lie between');
  await page.getByLabel('Acid, this kitchen’s').fill('');
  await page.getByLabel('Juice that comes free, ripe, this kitchen’s').fill('0.75');
  await page.getByRole('button', { name: 'Keep these figures' }).click();
  await expect(page.getByText(/Kept; pies of this kitchen/)).toBeVisible();
  await expectAccessible(page);
  await page.goto(url);
  await expect(station(page, 'Juice')).not.toHaveText(before ?? '');

  await page.goto('/larder?shelf=fruits&fruit=greengage');
  await page.getByRole('button', { name: 'Back to built-in' }).click();
  await expect(page.getByRole('button', { name: 'Back to built-in' })).toBeHidden();
  await page.goto(url);
  await expect(station(page, 'Juice')).toHaveText(before ?? '');

  // A fruit of the kitchen's own, from a similar one.
  await page.goto('/larder');
  await page.getByRole('button', { name: 'Add a fruit' }).click();
  await page.getByLabel('Its name').fill('Hedge damson');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('heading', { name: 'Hedge damson' })).toBeVisible();
  await page.goto(url);
  await expect(station(page, 'Fruit')).toBeVisible();
  await page.keyboard.press('2');
  await page.getByRole('combobox', { name: 'Fruit 1' }).click();
  await page.getByRole('option', { name: 'Hedge damson' }).last().click();
  await expect(station(page, 'Fruit')).toContainText('hedge damson');
  for (const shelf of ['thickeners', 'sugars']) {
    await page.goto(`/larder?shelf=${shelf}`);
    await expect(page.getByRole('table')).toBeVisible();
    await expectAccessible(page);
  }
});

test('spices by their usual dose, and bicarbonate says what it takes away', async ({ page }) => {
  await newPie(page, 'Spiced');
  await page.keyboard.press('3');
  await page.getByRole('tab', { name: 'Spice' }).click();
  await page.getByRole('slider', { name: 'Cinnamon' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('slider', { name: 'Cinnamon' })).toHaveAttribute('aria-valuetext', /usual/);
  const slip = page.getByRole('region', { name: 'Slip' });
  await expect(slip.getByText('Cinnamon', { exact: false }).first()).toBeVisible();
  await page.getByRole('tab', { name: 'Butter, zest' }).click();
  await page.getByRole('slider', { name: 'Bicarbonate' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/That bicarbonate takes away \d+ % of the acid/)).toBeVisible();
  await expectAccessible(page);
});

test('units are the baker’s own in fields and sentences too', async ({ page }) => {
  await newPie(page, 'Ounces');
  await page.getByLabel('Units').selectOption('oz, °F');
  await page.getByRole('tab', { name: 'Dish' }).click();
  await page.getByRole('radio', { name: /Another dish/ }).click();
  await expect(page.getByLabel('Depth, in')).toHaveValue('1.38');
  await page.getByLabel('Depth, in').fill('2');
  await page.getByLabel('Depth, in').blur();
  await page.keyboard.press('3');
  await page.getByRole('tab', { name: 'Thickener' }).click();
  await page.getByLabel('I only have, oz').fill('0.3');
  await expect(page.getByText(/Too runny for a clean slice\. [\d.]+\soz more thickener/)).toBeVisible();
});
