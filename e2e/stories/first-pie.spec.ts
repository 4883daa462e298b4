import { expect, expectAccessible, newPie, station, test, whenBaked, whenStill } from '../kitchen.js';

test('damsons, a 23 cm dish and one oven: from nothing to a running bake, and still there tomorrow', async ({
  page,
}) => {
  await newPie(page, 'Two-minute damson');

  // Shape and fruit.
  await page.getByRole('tab', { name: 'Dish' }).click();
  await page.getByRole('radio', { name: /23 cm enamel/ }).click();
  await page.keyboard.press('2');
  await page.getByRole('combobox', { name: 'Fruit 1' }).click();
  await page.getByRole('option', { name: 'Damson', exact: true }).click();
  const juiciness = page.getByRole('slider', { name: 'Juiciness' });
  await juiciness.focus();
  await page.keyboard.press('ArrowRight');
  await expect(juiciness).toHaveAttribute('aria-valuetext', /juicy/);

  // Each change is answered at once: sugar and thickener stand in the work line and on the slip.
  await expect(station(page, 'Juice')).toContainText(/\d+\sg sugar, \d+\sg corn starch ±\d+/);
  const slip = page.getByRole('region', { name: 'Slip' });
  await expect(slip.getByRole('button', { name: /^White sugar: \d+/ })).toBeVisible();
  await page.keyboard.press('3');
  const before = await station(page, 'Juice').textContent();
  await page.getByRole('slider', { name: 'Sweetness' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(station(page, 'Juice')).not.toHaveText(before ?? '');

  // Pastry, and the two temperatures.
  await expect(station(page, 'Pastry')).toContainText(/base \d+/);
  await whenBaked(page);
  await expect(station(page, 'Oven')).toContainText(/\d{3}\s°C \d+ min, then \d{3}\s°C \d+/);
  await expect(page.getByRole('region', { name: 'Clock' })).toContainText('First slice');

  // A figure opens to its reason, and the reason to its inputs.
  await slip.getByRole('button', { name: /^Corn starch: / }).click();
  const story = page.getByRole('dialog');
  await expect(story).toContainText('Nine times in ten');
  await story.getByRole('button', { name: /Thickener for that set/ }).click();
  await expect(story).toContainText('weep or saucer test');
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('version 2, saved')).toBeVisible();

  // Into the oven.
  await page.getByRole('button', { name: 'Bake it' }).click();
  await page.getByRole('button', { name: 'It is in the oven now' }).click();
  await expect(page).toHaveURL(/\/oven$/);
  const card = page.getByRole('region', { name: 'Two-minute damson' });
  await expect(card).toContainText('First stage, hot');
  await card.getByRole('button', { name: /Lower the oven to/ }).click();
  await expect(card).toContainText('Second stage, lower');

  // It is all still there after a reload.
  await page.reload();
  await expect(card).toContainText('Second stage, lower');
  await card.getByRole('button', { name: '5 minutes more' }).click();
  await card.getByRole('button', { name: 'Undo last tap' }).click();
  await card.getByRole('button', { name: 'Out now' }).click();
  await card.getByRole('button', { name: 'Yes, it is out' }).click();
  await expect(card).toContainText('Cooling on the rack');
  await expectAccessible(page);
  await card.getByRole('button', { name: 'Slice it' }).click();
  await expect(page.getByText('Lately out')).toBeVisible();
});

test('the same by keyboard alone', async ({ page }) => {
  await page.goto('/pies');
  await expect(page.getByRole('link', { name: /Saturday damson/ })).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('navigation', { name: 'Work line' })).toBeVisible();
  for (const [key, label] of [
    ['2', 'fruit'],
    ['4', 'pastry'],
    ['6', 'oven'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page.getByRole('region', { name: `Station: ${label}` })).toBeVisible();
  }
  await page.keyboard.press('3');
  const set = page.getByRole('slider', { name: 'Set' });
  await set.focus();
  await page.keyboard.press('Home');
  await expect(set).toHaveAttribute('aria-valuetext', /spoonable/);
  await page.keyboard.press('z');
  await expect(set).toHaveAttribute('aria-valuetext', /clean slice/);
  await page.keyboard.press('Control+s');
  await page.keyboard.press('/');
  await page.getByLabel('What to find').fill('loganb');
  await expect(
    page
      .getByRole('option', { name: /^Loganberry/ })
      .or(page.getByRole('button', { name: /^Loganberry/ }))
      .first(),
  ).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the pie')).toHaveValue('Loganberry');
});

test('the fill line sets the fruit, and filling the dish takes it back', async ({ page }) => {
  await newPie(page, 'Fill line');
  const line = page.getByRole('slider', { name: /Fill line/ });
  const full = Number(await line.getAttribute('aria-valuenow'));
  await line.focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowUp');
  await expect.poll(async () => Number(await line.getAttribute('aria-valuenow'))).toBeGreaterThan(full + 60);
  await page.getByRole('button', { name: 'Fill it', exact: true }).click();
  await expect(line).toHaveAttribute('aria-valuenow', String(full));
});

test('units are changed in one place', async ({ page }) => {
  await newPie(page, 'Units');
  await whenBaked(page);
  await page.getByLabel('Units').selectOption('oz, °F');
  await expect(station(page, 'Oven')).toContainText(/\d{3}\s°F/);
  await expect(station(page, 'Juice')).toContainText(/oz sugar/);
});

for (const [name, path] of [
  ['pies', '/pies'],
  ['oven', '/oven'],
] as const) {
  test(`axe finds nothing on ${name}`, async ({ page }) => {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await whenStill(page);
    await expectAccessible(page);
  });
}

test('axe finds nothing at any station, by day and by night', async ({ page }) => {
  await newPie(page, 'Axe');
  await whenBaked(page);
  for (const light of ['day', 'night']) {
    if (light === 'night') await page.getByRole('button', { name: 'Dark' }).click();
    for (const [at, name] of ['Shape', 'Fruit', 'Juice', 'Pastry', 'Top', 'Oven'].entries()) {
      await page.keyboard.press(String(at + 1));
      await expect(station(page, name)).toHaveAttribute('aria-current', 'step');
      await whenStill(page);
      await expectAccessible(page, { coloursOnly: light === 'night' });
    }
  }
});
