import { expect, expectAccessible, newPie, station, test, whenBaked } from '../kitchen.js';

test('a lattice: designed, seen from above and from the side, woven step by step with one key', async ({
  page,
}) => {
  await newPie(page, 'Woven');
  await page.getByRole('radio', { name: 'lattice' }).click();
  await expect(page.getByText(/Fruit, sugar, dish and oven stay as they were/)).toBeVisible();
  await page.keyboard.press('5');
  await expect(station(page, 'Top')).toContainText('6 x 6 strips');
  const strips = page.getByRole('slider', { name: 'Strips each way' });
  await strips.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(station(page, 'Top')).toContainText('5 x 5 strips');
  await expect(page.getByRole('img', { name: /5 by 5 strips, woven/ })).toBeVisible();
  await page.getByRole('radio', { name: '60°' }).click();
  await whenBaked(page);
  await expectAccessible(page);

  await page.getByRole('button', { name: /Weave it/ }).click();
  const say = page.getByRole('dialog').getByRole('status');
  await expect(say).toContainText('Lay all 5 long strips');
  await page.keyboard.press('ArrowRight');
  await expect(say).toContainText('Fold back 1, 3, 5. Lay cross strip 3 across the middle');
  await page.keyboard.press('ArrowRight');
  await expect(say).toContainText('Fold back 2, 4. Lay cross strip 4 next to it, nearer to you');
  await expectAccessible(page);
  await page.keyboard.press('ArrowLeft');
  await expect(say).toContainText('cross strip 3');
  for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowRight');
  await expect(say).toContainText('Trim the ends');
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('version 2, saved')).toBeVisible();
});

test('a crumb: covers the fruit, counts its nuts, and going back finds the vents again', async ({ page }) => {
  await newPie(page, 'Crumbly');
  await page.getByRole('radio', { name: 'crumb top' }).click();
  await page.keyboard.press('5');
  await page.getByRole('radio', { name: /Oats and nuts/ }).click();
  const slip = page.getByRole('region', { name: 'Slip' });
  await expect(slip.getByText('Rolled oats')).toBeVisible();
  await expect(slip.getByText(/nuts, oats, wheat/)).toBeVisible();
  await page.getByRole('slider', { name: 'Cover' }).focus();
  await page.keyboard.press('Home');
  await expect(page.getByText(/bare fruit burns\./)).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('1');
  await page.getByRole('radio', { name: 'double crust' }).click();
  await page.keyboard.press('5');
  await expect(page.getByRole('slider', { name: 'Vents' })).toHaveAttribute('aria-valuenow', '5');
});

test('the design is pulled in its picture, by hand and by keys', async ({ page }) => {
  await newPie(page, 'Pulled');
  const form = async (name: string): Promise<void> => {
    await station(page, 'Shape').click();
    await page.getByRole('radio', { name: new RegExp(`${name}$`) }).click();
    await station(page, 'Top').click();
  };
  for (const [name, label, dial] of [
    ['double crust', 'Length of each slit', 'Each slit'],
    ['lattice', 'Width of the strips', 'Strip'],
    ['cut-out lid', 'Size of the pieces', 'Each'],
    ['free-form', 'Border', 'Border'],
    ['hand pies', 'Disc', 'Disc'],
  ] as const) {
    await form(name);
    const handle = page
      .getByRole('group', { name: 'Handles of the design' })
      .getByRole('slider', { name: label });
    const before = Number(await handle.getAttribute('aria-valuenow'));
    await handle.focus();
    await page.keyboard.press('ArrowDown');
    await expect(handle, dial).toHaveAttribute('aria-valuenow', String(Number((before - 0.5).toFixed(1))));
  }
  await form('lattice');
  const strips = page.getByRole('slider', { name: 'Width of the strips' });
  const before = Number(await strips.getAttribute('aria-valuenow'));
  const box = await strips.boundingBox();
  if (!box) throw new Error('the handle has no box');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 4, box.y + box.height / 2, { steps: 3 });
  await page.mouse.up();
  await expect.poll(async () => Number(await strips.getAttribute('aria-valuenow'))).toBeLessThan(before);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(strips).toHaveAttribute('aria-valuenow', String(before));
  await expectAccessible(page);
});
