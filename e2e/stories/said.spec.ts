import type { Page } from '@playwright/test';
import { STATION, expect, expectAccessible, newPie, station, test } from '../kitchen.js';

/** Types an amount beside its dial, as a baker says it. */
async function say(page: Page, what: string, words: string): Promise<void> {
  await page.getByRole('button', { name: `Type how much: ${what}` }).click();
  const field = page.getByRole('textbox', { name: new RegExp(`^${what}`) });
  await field.fill(words);
  await field.press('Enter');
  await expect(field).toBeHidden();
}

const slip = (page: Page) => page.getByRole('region', { name: 'Slip', exact: true });

/** Whole cups and sticks of the trade: 200 g of white sugar, 113 g of butter, 16 g of corn starch in two spoons. Common practice, no source. */
test('a cup of sugar, a stick of butter and two spoons of starch are what they are said to be', async ({
  page,
}) => {
  await newPie(page, 'As it was told');
  await page.keyboard.press('3');
  await expect(station(page, 'Juice')).toHaveAttribute('aria-current', 'step');
  await say(page, 'Sugar', 'a cup');
  await expect(page.getByRole('slider', { name: 'Sweetness' })).toHaveAttribute(
    'aria-valuetext',
    /yours, 200/,
  );
  await expect(slip(page).getByRole('listitem').filter({ hasText: 'White sugar' })).toContainText('200');
  await say(page, 'Thickener', '2 tbsp');
  await expect(page.getByRole('slider', { name: 'Set' })).toHaveAttribute('aria-valuetext', /yours, 16/);
  await expectAccessible(page, { within: STATION });
  // An empty field is Mardle's own dose again.
  await say(page, 'Sugar', '');
  await expect(page.getByRole('slider', { name: 'Sweetness' })).not.toHaveAttribute(
    'aria-valuetext',
    /yours/,
  );
  await page.getByRole('tab', { name: /Butter/ }).click();
  await say(page, 'Butter', '1 stick');
  await expect(page.getByRole('slider', { name: 'Butter' })).toHaveAttribute('aria-valuetext', /113/);
});

test('far more spice than usual is taken, and said', async ({ page }) => {
  await newPie(page, 'Nutmeg');
  await page.keyboard.press('3');
  await page.getByRole('tab', { name: /Spice/ }).click();
  await say(page, 'Nutmeg', '2 tsp');
  await expect(page.getByRole('slider', { name: 'Nutmeg' })).toHaveAttribute(
    'aria-valuetext',
    /4\.5\sg, 13 times the usual/,
  );
  await say(page, 'Nutmeg', '');
  await expect(page.getByRole('slider', { name: 'Nutmeg' })).not.toHaveAttribute('aria-valuetext', /times/);
});

test('what cannot be is not taken, and stays to be mended', async ({ page }) => {
  await newPie(page, 'Too much');
  await page.keyboard.press('3');
  await page.getByRole('button', { name: 'Type how much: Sugar' }).click();
  const field = page.getByRole('textbox', { name: /^Sugar/ });
  await field.fill('a handful');
  await expect(page.getByText(/Type an amount/)).toBeVisible();
  await field.fill('99 kg');
  await expect(page.getByText(/Weigh the sugar in g/)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('slider', { name: 'Sweetness' })).not.toHaveAttribute(
    'aria-valuetext',
    /yours/,
  );
  await expect(page.getByRole('button', { name: 'Type how much: Sugar' })).toBeFocused();
});

/** Half a cup of flour is 65 g, a stick of butter 113, a cup of oats 90, three spoons of corn starch 24. Common practice, no source. */
test('a crumb and a dough are mixed as the recipe says, and any line of the slip is said there', async ({
  page,
}) => {
  await newPie(page, 'My recipe');
  await page.getByRole('radio', { name: 'crumb top' }).click();
  await page.keyboard.press('5');
  await page.getByRole('button', { name: 'Amounts of my recipe' }).click();
  const amounts = page.getByRole('group', { name: 'Amounts of my recipe' });
  await amounts.getByLabel(/^Flour/).fill('half a cup');
  await amounts.getByLabel(/^Butter/).fill('a stick');
  await amounts.getByLabel(/^Oats/).fill('a cup');
  await expectAccessible(page, { within: STATION });
  const onTop = slip(page).locator('section').filter({ hasText: 'On top' }).getByRole('listitem');
  await expect(onTop.filter({ hasText: 'Plain flour' })).toContainText('65');
  await expect(onTop.filter({ hasText: 'Butter' })).toContainText('113');
  await expect(onTop.filter({ hasText: 'Rolled oats' })).toContainText('90');
  await page.keyboard.press('Escape');

  // Two shells from one mixing: what this pie leaves over.
  await station(page, 'Pastry').click();
  await page.getByRole('tab', { name: 'My recipe' }).click();
  await page.getByRole('button', { name: 'Amounts of my recipe' }).click();
  await amounts.getByLabel(/^Flour/).fill('300 g');
  await amounts.getByLabel(/^Butter/).fill('2 sticks');
  await amounts.getByLabel(/^Water/).fill('6 tbsp');
  await expect(page.getByText(/left over/)).toBeVisible();
  const pastry = slip(page).locator('section').filter({ hasText: 'Pastry' }).getByRole('listitem');
  await expect(pastry.filter({ hasText: 'Cold butter' })).toContainText('226');
  await expect(pastry.filter({ hasText: 'Ice water' })).toContainText('90');
  await expectAccessible(page, { within: STATION });

  // On the slip itself.
  await slip(page)
    .getByRole('button', { name: /^Corn starch.*Why/ })
    .click();
  const drawer = page.getByRole('dialog', { name: 'Corn starch' });
  await drawer.getByLabel(/^Yours/).fill('3 tbsp');
  await expect(drawer.getByText(/Mardle’s would be \d+/)).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Enter');
  await expect(drawer).toBeHidden();
  await expect(slip(page).getByRole('button', { name: /^Corn starch: 24 g, yours/ })).toBeVisible();
  await slip(page)
    .getByRole('button', { name: /^Corn starch/ })
    .click();
  await drawer.getByRole('button', { name: 'Back to Mardle’s' }).click();
  await page.keyboard.press('Escape');
  await expect(slip(page).getByRole('button', { name: /^Corn starch.*yours/ })).toHaveCount(0);
});
