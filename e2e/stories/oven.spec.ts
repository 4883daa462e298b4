import { expect, expectAccessible, newPie, station, test, whenBaked } from '../kitchen.js';

test('my recipe says 220 then 175: what it would do here, and its times mended', async ({ page }) => {
  await newPie(page, 'By the book');
  await whenBaked(page);
  await page.keyboard.press('6');
  await page.getByRole('radio', { name: /My recipe says/ }).click();
  await page.getByLabel('First, °C').fill('220');
  await page.getByLabel('Then, °C').fill('175');
  await page.getByLabel('for, min').first().fill('10');
  await page.getByLabel('for, min').last().fill('10');
  await expect(station(page, 'Oven')).toContainText(/220\s°C 10 min, then 175\s°C 10/);
  await expect(page.getByText(/the filling (wants|is not done)/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep the heats, mend the times' }).click();
  await expect(
    page.getByText(/the filling is done (as it comes out|with \d+ minutes to spare)/),
  ).toBeVisible();
  await expect(station(page, 'Oven')).toContainText(/220\s°C \d+ min, then 175\s°C [2-9]\d/);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Find better heats' }).click();
  await whenBaked(page);
  await page.getByRole('tab', { name: 'What else would do' }).click();
  await expect(page.getByText(/It comes out right with a first stage of/)).toBeVisible();
  await page.getByRole('button', { name: 'take it' }).or(page.getByText('take it')).first().click();
  await page.getByRole('tab', { name: 'The bake' }).click();
  await expect(page.getByRole('radio', { name: /My recipe says/ })).toHaveAttribute('aria-checked', 'true');
});

test('the oven picture: a stage is dragged, and the answer follows', async ({ page }) => {
  await newPie(page, 'Dragged');
  await whenBaked(page);
  await page.keyboard.press('6');
  await page.getByRole('button', { name: 'the oven', exact: true }).click();
  const picture = page.getByRole('img', { name: /Temperatures and colour through the bake/ });
  const bar = picture.locator('.shapelayer path').nth(1);
  await expect(bar).toBeAttached();
  const before = await station(page, 'Oven').textContent();
  const box = (await bar.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 - 14, { steps: 6 });
  await page.mouse.up();
  await expect(station(page, 'Oven')).not.toHaveText(before ?? '');
  await page.getByRole('tab', { name: 'The bake' }).click();
  await expect(page.getByRole('radio', { name: /My recipe says/ })).toHaveAttribute('aria-checked', 'true');
  await expectAccessible(page);
});

test('the heat is scrubbed through the bake', async ({ page }) => {
  await newPie(page, 'Heat');
  await whenBaked(page);
  await page.getByRole('button', { name: 'the heat' }).click();
  const minutes = page.getByRole('slider', { name: 'Minutes in the oven' });
  await expect(minutes).toBeVisible();
  await minutes.focus();
  await page.keyboard.press('Home');
  await expect(page.getByRole('img', { name: /After 0 minutes the filling is between/ })).toBeVisible();
  await page.keyboard.press('End');
  // Its coldest place is hot enough to set, or it would not be taken out.
  await expect(page.getByRole('img', { name: /the filling is between (8[2-9]|9\d|10\d)/ })).toBeVisible();
  await expectAccessible(page);
});

test('an oven of the larder: measured by a thermometer, or by a pie that takes longer', async ({ page }) => {
  await page.goto('/larder?shelf=ovens');
  const name = `Garden oven ${Date.now()}`;
  await page.getByRole('button', { name: 'Add an oven' }).click();
  await page.getByLabel('Its name').fill(name);
  await page.getByRole('radio', { name: 'gas marks' }).click();
  await page.getByLabel('Knob at, °C').fill('180');
  await page.getByLabel('It reads, °C').fill('168');
  await expect(page.getByText('12 °C cold').first()).toBeVisible();
  await page.getByRole('radio', { name: /A pie that takes longer/ }).click();
  await page.getByRole('button', { name: 'Work it out' }).click();
  await expect(page.getByText(/An oven \d+ °C cold would do that/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Keep this oven' }).click();
  await expect(page.getByText(/Kept\. Choose it again/)).toBeVisible();
  await page.reload();
  const row = page.getByRole('button', { name: new RegExp(name) });
  await row.click();
  await page.getByRole('button', { name: 'Put it away' }).click();
  await expect(row).toHaveCount(0);
});

test('a dish of the larder is kept, and refused with its reason when no pie could be made in it', async ({
  page,
}) => {
  await page.goto('/larder?shelf=dishes');
  await page.getByRole('button', { name: 'Add a dish' }).click();
  await page.getByLabel('Its name').fill('Blue oval');
  await page.getByRole('radio', { name: 'Oval' }).click();
  await page.getByLabel('Longer side, at the base, cm').fill('40');
  await expect(page.getByRole('alert')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep this dish' })).toBeDisabled();
  await page.getByLabel('Longer side, at the base, cm').fill('19');
  await page.getByRole('button', { name: 'Keep this dish' }).click();
  await expect(page.getByText(/Kept\./)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Put it away' }).click();
  await expect(page.getByRole('button', { name: /Blue oval/ })).toHaveCount(0);
});
