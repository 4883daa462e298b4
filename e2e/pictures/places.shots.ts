import type { Page } from '@playwright/test';
import { join } from 'node:path';
import { expect, test, whenBaked, whenStill } from '../kitchen.js';

const folder = join(import.meta.dirname, '..', '..', 'docs', 'screenshots');
const take = async (page: Page, name: string): Promise<void> => {
  await whenStill(page);
  await page.screenshot({ path: join(folder, `${name}.png`) });
};

test('the places, from the demo', async ({ page }) => {
  await page.goto('/pies');
  await expect(page.getByRole('link', { name: /Saturday damson/ })).toBeVisible();
  await take(page, 'pies');
  await page.getByRole('link', { name: /Saturday damson/ }).click();
  await whenBaked(page);
  for (const [key, name] of [
    ['1', 'bench-shape'],
    ['2', 'bench-fruit'],
    ['3', 'bench-juice'],
    ['4', 'bench-pastry'],
    ['6', 'bench-oven'],
  ] as const) {
    await page.keyboard.press(key);
    if (name === 'bench-oven') {
      await expect(
        page.getByRole('img', { name: /through the bake/ }).locator('.cartesianlayer'),
      ).toBeVisible();
    }
    if (name === 'bench-juice') {
      await expect(
        page.getByRole('img', { name: /Where the water goes/ }).locator('.barlayer'),
      ).toBeVisible();
    }
    await take(page, name);
  }
  await page.getByRole('button', { name: 'the heat' }).click();
  await page.getByRole('slider', { name: 'Minutes in the oven' }).focus();
  await page.keyboard.press('Home');
  for (let i = 0; i < 28; i++) await page.keyboard.press('ArrowRight');
  await take(page, 'heat');
  await page.keyboard.press('3');
  await page.getByRole('tab', { name: 'Where it goes' }).click();
  await page.getByRole('button', { name: 'the juice' }).click();
  await expect(page.getByRole('img', { name: /Where the water goes/ }).locator('.barlayer')).toBeVisible();
  await take(page, 'juice-ledger');
  await page.getByRole('button', { name: 'Bake it' }).click();
  await page.getByRole('button', { name: 'It is in the oven now' }).click();
  await page.goto('/larder?shelf=fruits&fruit=damson');
  await expect(page.getByRole('heading', { name: 'Damson' })).toBeVisible();
  await take(page, 'larder');
  await page.goto('/larder?shelf=ovens');
  await page.getByRole('button', { name: /Corner oven/ }).click();
  await take(page, 'larder-ovens');
  await page.goto('/day');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'From a file' }).click();
  await (await chooser).setFiles(join(folder, '..', 'examples', 'days', 'saturday.json'));
  await page.getByRole('button', { name: 'Plan the day' }).click();
  await expect(page.getByText('All 16 in time.')).toBeVisible({ timeout: 100_000 });
  await take(page, 'bake-day');
  await page.goto('/log');
  await expect(page.getByRole('region', { name: 'How hot the ovens are' })).toBeVisible({ timeout: 30_000 });
  await take(page, 'log');
  await page.goto('/pies');
  await page.getByRole('link', { name: /Greengage free-form/ }).click();
  await whenBaked(page);
  await page.keyboard.press('5');
  await page.getByRole('button', { name: 'as baked' }).click();
  await take(page, 'bench-free-form');
  await page.goto('/pies');
  await page.getByRole('link', { name: /Apricot with tapioca/ }).click();
  await whenBaked(page);
  await page.getByRole('radio', { name: 'cut-out lid' }).click();
  await page.keyboard.press('5');
  await page.getByRole('radio', { name: 'Leaves' }).click();
  await whenBaked(page);
  await page.getByRole('button', { name: 'the slice' }).click();
  await take(page, 'bench-cut-out');
  await page.goto('/pies');
  await page.getByRole('link', { name: /^Greengage(?! free)/ }).click();
  await whenBaked(page);
  await page.getByRole('radio', { name: 'lattice' }).click();
  await page.keyboard.press('5');
  await page.getByRole('radio', { name: '60°' }).click();
  await whenBaked(page);
  await page.getByRole('button', { name: 'as baked' }).click();
  await take(page, 'bench-lattice');
  await page.getByRole('button', { name: /Weave it/ }).click();
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
  await take(page, 'weave');
  await page.goto('/pies');
  await page.getByRole('link', { name: /Loganberry/ }).click();
  await whenBaked(page);
  await page.getByRole('button', { name: 'Slip and templates at true size' }).click();
  await take(page, 'print');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Bake it' }).click();
  await page.getByRole('button', { name: 'It is in the oven now' }).click();
  const card = page.getByRole('region', { name: 'Loganberry' });
  await card.getByRole('button', { name: /Lower/ }).click();
  await card.getByText('Try a simulated one').click();
  await card.getByLabel('Speed').selectOption('300');
  await card.getByRole('button', { name: 'Start it' }).click();
  await expect(card.getByRole('img', { name: /measured [4-9]\d °C/ })).toBeVisible({ timeout: 60_000 });
  await card.getByRole('button', { name: 'Stop it' }).click();
  await page.getByRole('main').evaluate((main) => main.scrollTo(0, 0));
  await take(page, 'oven');
});
