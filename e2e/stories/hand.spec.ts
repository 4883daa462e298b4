import type { Page } from '@playwright/test';
import { expect, newPie, station, test, whenBaked } from '../kitchen.js';

/** Away from any field, so that the keys of the bench are keys again. */
const away = (page: Page) => page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
const fruitField = (page: Page) => page.getByLabel('Or weigh the fruit you have, g');
const line = (page: Page, name: string) => page.getByRole('listitem').filter({ hasText: name });

test('amounts are read as bakers type them, said back, and kept when they cannot be', async ({ page }) => {
  await newPie(page, 'Typed');
  const field = fruitField(page);
  for (const [typed, said] of [
    ['1.5 kg', /1\.50\skg/],
    ['2 lb', /905\sg/],
    ['1 lb 4 oz', /565\sg/],
    ['1/2 kg', /500\sg/],
  ] as const) {
    await field.fill(typed);
    await expect(page.getByText(said).first(), typed).toBeVisible();
  }
  await field.fill('900');
  await expect(line(page, 'Damson')).toContainText('900');
  for (const wrong of ['two moons', '25000']) {
    await field.fill(wrong);
    await field.blur();
    await expect(field).toHaveValue(wrong);
    await expect(field).toHaveAttribute('aria-invalid', 'true');
    await expect(line(page, 'Damson')).toContainText('900');
  }
});

test('a mix is weighed fruit by fruit, as it lies on the scale', async ({ page }) => {
  await newPie(page, 'Mixed');
  await station(page, 'Fruit').click();
  await page.getByRole('button', { name: 'Mix in another fruit' }).click();
  // Its leaf opened, and the focus with it: the button went.
  await expect(page.getByRole('tab', { name: 'Firm tart apple' })).toBeFocused();
  await page.getByRole('tab', { name: 'Mix and amount' }).click();
  await page.getByLabel('Damson, g', { exact: true }).fill('300');
  await page.getByLabel('Firm tart apple, g', { exact: true }).fill('200');
  await expect(line(page, 'Damson')).toContainText('300');
  await expect(line(page, 'Firm tart apple')).toContainText('200');
});

test('the fruit is found by another name, a near miss too, and typing replaces', async ({ page }) => {
  await newPie(page, 'Found');
  await station(page, 'Fruit').click();
  const picker = page.getByRole('combobox', { name: 'Fruit 1' }).or(page.getByLabel('Fruit 1')).first();
  for (const [typed, found] of [
    ['bramble', 'Blackberry'],
    ['blackcurant', 'Blackcurrant'],
    ['cherry', 'Sour cherry'],
  ] as const) {
    await picker.click();
    await page.keyboard.type(typed);
    await page.getByRole('option', { name: found, exact: true }).click();
    await expect(station(page, 'Fruit')).toContainText(found.toLowerCase());
  }
});

test('forms are tried and left again, and the pie is as it was; what was changed since stays', async ({
  page,
}) => {
  await newPie(page, 'Tried');
  await whenBaked(page);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('version 2, saved')).toBeVisible();
  const form = (name: string) => page.getByRole('radio', { name, exact: true });
  await form('hand pies').click();
  await expect(line(page, 'Butter to fry in')).toBeVisible();
  await form('upside-down').click();
  await form('crisp').click();
  await expect(line(page, 'Butter to fry in')).toBeHidden();
  await form('double crust').click();
  await expect(page.getByText('version 2, saved')).toBeVisible();
});

test('one gesture is one undo, redone, and both are there after a reload', async ({ page }) => {
  await newPie(page, 'Undone');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('version 2, saved')).toBeVisible();
  await station(page, 'Juice').click();
  const sweet = page.getByRole('slider', { name: 'Sweetness' });
  const from = await sweet.getAttribute('aria-valuenow');
  const box = await sweet.boundingBox();
  if (!box) throw new Error('the dial has no box');
  await page.mouse.move(box.x + box.width / 2, box.y + 18);
  await page.mouse.down();
  for (const x of [10, 25, 40, 52]) await page.mouse.move(box.x + box.width / 2 + x, box.y + 18 + x / 2);
  await page.mouse.up();
  await expect(sweet).not.toHaveAttribute('aria-valuenow', from ?? '');
  const to = await sweet.getAttribute('aria-valuenow');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(sweet).toHaveAttribute('aria-valuenow', from ?? '');
  await expect(page.getByText('version 2, saved')).toBeVisible();
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(sweet).toHaveAttribute('aria-valuenow', to ?? '');
  await page.reload();
  await expect(sweet).toHaveAttribute('aria-valuenow', to ?? '');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(sweet).toHaveAttribute('aria-valuenow', from ?? '');
  await page.reload();
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(sweet).toHaveAttribute('aria-valuenow', to ?? '');
});

test('a tick belongs to its amount: changed, it asks again', async ({ page }) => {
  await newPie(page, 'Ticked');
  await fruitField(page).fill('800');
  const tick = page.getByRole('checkbox', { name: /Damson/ });
  await tick.check();
  await fruitField(page).fill('700');
  await expect(tick).not.toBeChecked();
  await expect(line(page, 'Damson')).toContainText(/was 800\sg: weigh again/);
  await fruitField(page).fill('800');
  await expect(tick).toBeChecked();
});

test('first touch is now, or the pie is ready at an hour', async ({ page }) => {
  await newPie(page, 'Now');
  await whenBaked(page);
  await page.getByLabel('Ready at').fill('18:00');
  await page.getByLabel('Ready at').blur();
  const first = await page.getByLabel('First touch').inputValue();
  expect(first).toMatch(/^1[0-7]:\d\d$/);
  await page.getByRole('button', { name: /^now/ }).click();
  const now = await page.evaluate(() => new Date().getHours());
  await expect(page.getByLabel('First touch')).toHaveValue(new RegExp(`^${String(now).padStart(2, '0')}:`));
});

test('a dish measured on the bench is named and then one of the kitchen’s', async ({ page }) => {
  await newPie(page, 'Another dish');
  const name = `Brown one ${Date.now()}`;
  await page.getByRole('tab', { name: 'Dish' }).click();
  await page.getByRole('radio', { name: /Another dish/ }).click();
  await page.getByLabel('Across, at the top, cm').fill('10 in');
  await expect(page.getByText(/that is 25\.5\scm/)).toBeVisible();
  await page.getByLabel('Keep it as').fill(name);
  await page.getByRole('button', { name: 'Keep in this kitchen' }).click();
  await expect(page.getByRole('radio', { name: new RegExp(name) })).toHaveAttribute('aria-checked', 'true');
  await expect(station(page, 'Shape')).toContainText(name);
});

test('cups come first for those who count so, and everything else follows', async ({ page }) => {
  await newPie(page, 'In cups');
  await whenBaked(page);
  await page.getByLabel('Units').selectOption('cups, °F');
  await expect(line(page, 'White sugar')).toContainText(/cup/);
  await expect(station(page, 'Oven')).toContainText(/(3|4)(00|25|50|75)\s°F/);
  await away(page);
  await page.keyboard.press('6');
  await expect(page.getByText(/longer at 41\s°F or below/)).toBeVisible();
  await page.keyboard.press('3');
  await page.getByRole('tab', { name: 'Tests' }).click();
  await expect(page.getByText(/3\.5\soz of the prepared fruit/)).toBeVisible();
  await expect(page.getByText(/0\.00\soz/)).toHaveCount(0);
});

test('a picture is pinned by a tap, and follows the station again by another', async ({ page }) => {
  await newPie(page, 'Pinned');
  const pictures = page.getByRole('group', { name: 'Picture' });
  await pictures.getByRole('button', { name: 'from above' }).click();
  await station(page, 'Juice').click();
  await expect(pictures.getByRole('button', { name: /from above/ })).toHaveAttribute('aria-pressed', 'true');
  await pictures.getByRole('button', { name: /from above/ }).click();
  await expect(pictures.getByRole('button', { name: 'the juice' })).toHaveAttribute('aria-pressed', 'true');
});
