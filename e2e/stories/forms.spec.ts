import { STATION, expect, expectAccessible, newPie, station, test, whenBaked } from '../kitchen.js';

/** Every form with what its bench must show: the line of its top, and a thing to weigh or to cut. */
const forms = [
  ['cut-out lid', /\d+ discs of 5/, /Whole egg/],
  ['open in a blind-baked shell', /open/, /Plain flour/],
  ['crisp', /\d+\sg crumb/, /Butter/],
  ['cobbler', /\d+\sg scone dough/, /Baking powder/],
  ['buckle', /\d+\sg batter/, /Milk/],
  ['upside-down', /lid \d+/, /Butter/],
  ['free-form', /border 5\scm in \d+ pleats/, /Plain flour/],
  ['hand pies', /8 folded and sealed/, /Plain flour/],
] as const;

test('every form is planned, drawn, weighed and baked', async ({ page }) => {
  await newPie(page, 'Every form');
  const slip = page.getByRole('region', { name: 'Slip', exact: true });
  for (const [form, top, weighs] of forms) {
    await page.keyboard.press('1');
    await page.getByRole('radio', { name: new RegExp(`${form}$`) }).click();
    await expect(station(page, 'Top')).toContainText(top);
    await expect(slip.getByText(weighs).first()).toBeVisible();
    await whenBaked(page);
    await page.keyboard.press('5');
    await expect(page.getByRole('region', { name: 'Station: top' })).toBeVisible();
    for (const view of ['as baked', 'the slice', 'as filled']) {
      await page.getByRole('button', { name: view }).click();
    }
    await expectAccessible(page, { within: STATION });
  }
  await page.keyboard.press('1');
  await page.getByRole('radio', { name: 'double crust' }).click();
  await expect(page.getByText('What the other form brought is taken back.')).toBeVisible();
  await expect(station(page, 'Shape')).toContainText('23 cm enamel, double crust');
});

test('a dish by the water it holds, and which of my dishes takes this', async ({ page }) => {
  await newPie(page, 'By water');
  await page.getByRole('tab', { name: 'Dish' }).click();
  await expect(
    page.getByRole('radio', { name: /25 cm deep stoneware.*takes 1\.\d+ times this pie/ }),
  ).toBeVisible();
  await page.getByRole('radio', { name: /Another dish/ }).click();
  await page.getByRole('radio', { name: 'Square' }).click();
  await page.getByLabel('Side, at the top, cm').fill('22');
  await page.getByLabel('Depth, cm').fill('5');
  const water = page.getByLabel('Or water to the brim, mL');
  await water.fill('2000');
  await water.blur();
  const base = Number(await page.getByLabel('Side, at the base, cm').inputValue());
  // A frustum of a square pyramid: h/3 (A + B + sqrt(A B)).
  const holds = (5 / 3) * (22 ** 2 + base ** 2 + 22 * base);
  expect(Math.abs(holds - 2000)).toBeLessThan(15);
  await water.fill('9000');
  await expect(page.getByRole('alert')).toContainText('No dish of that width and depth');
  await expectAccessible(page);
});

test('dough for a batch and for a day', async ({ page }) => {
  await newPie(page, 'Batch');
  await page.keyboard.press('4');
  await page.getByRole('slider', { name: 'Mixed for' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('Pastry, for 2 pies')).toBeVisible();
  await page.getByRole('tab', { name: 'Dough for a day' }).click();
  await page.getByLabel('How many Saturday damson').fill('12');
  await page.getByLabel('How many Loganberry').fill('4');
  await expect(page.getByRole('table', { name: 'Dough for the day' })).toContainText('All-butter');
  await expectAccessible(page);
  await page.getByRole('tab', { name: 'There already' }).click();
  await page.getByRole('radio', { name: /Bought shell/ }).click();
  await expect(page.getByRole('region', { name: 'Slip', exact: true })).toContainText('Bought shell');
});
