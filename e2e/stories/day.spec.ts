import type { DayListResponse } from '@mardle/contract';
import type { Page } from '@playwright/test';
import { join } from 'node:path';
import { expect, expectAccessible, newPie, test } from '../kitchen.js';

const days = join(import.meta.dirname, '..', '..', 'docs', 'examples', 'days');
const saturday = join(days, 'saturday.json');

/** A pie of that name is made and kept, and is what a new day wants. */
async function beginDayOf(page: Page, name: string): Promise<void> {
  await newPie(page, name);
  await page.keyboard.press('Control+s');
  await expect(page.getByText(/version 2, saved/)).toBeVisible();
  await page.goto('/day');
  await page.getByRole('button', { name: 'Begin a day' }).click();
  await page.getByPlaceholder('a pie of this kitchen').fill(name);
  await page.getByRole('option', { name }).click();
}

test('a bake day: two pies are wanted, the day is planned, a slip is seen before it is agreed to', async ({
  page,
}) => {
  const name = `Stall ${crypto.randomUUID().slice(0, 8)}`;
  await beginDayOf(page, name);
  await page.getByLabel(`How many of ${name}`).fill('2');
  await page.getByLabel(`When ${name} is wanted`).fill('14:00');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Plan the day' }).click();
  await expect(page.getByText('All 2 in time.')).toBeVisible();
  const lead = page.getByRole('region', { name: 'What lead does' });
  await lead.getByRole('checkbox').first().check();
  await lead
    .getByRole('button', { name: /takes longer/ })
    .first()
    .click();
  await page.getByLabel('By how many minutes').fill('25');
  await expect(page.getByRole('dialog')).toContainText(/in time|Late then|Nothing is late/);
  await page.getByRole('button', { name: /^Go on/ }).click();
  // A thing is dragged along the line of time: what follows is seen first, or why it cannot go there.
  const last = page.locator('[data-drag]').last();
  const at = await last.boundingBox();
  if (!at) throw new Error('nothing to drag');
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + at.width / 2 - 120, at.y + at.height / 2, { steps: 6 });
  await page.mouse.up();
  const moving = page.getByRole('dialog', { name: /^Move: / });
  await expect(moving.getByRole('alert')).toContainText(/cannot begin before|Then /);
  await expectAccessible(page);
  await moving.getByLabel('Minutes later').fill('5');
  await expect(moving).toContainText(/in time|Late then|Nothing is late|Then /);
  await page.keyboard.press('Escape');
  await expect(moving).toHaveCount(0);
  await page.getByText('pie by pie').click();
  await expect(page.getByRole('img', { name: /line of time/ })).toContainText(`${name} 2`);
  await expectAccessible(page);
  // What is there and how it is sold: whole packs, and what a slice costs.
  await page.getByText('to buy', { exact: true }).click();
  const buying = page.getByRole('region', { name: 'What is to be bought' });
  await buying.getByRole('textbox', { name: 'Butter that is there' }).fill('1/2 lb');
  await buying.getByRole('textbox', { name: 'A pack of Butter holds' }).fill('250');
  await buying.getByRole('textbox', { name: 'A pack of Butter costs' }).fill('2.50');
  await expect(buying.getByRole('row', { name: /^Butter/ })).toContainText(/\d packs?/);
  await expect(buying.getByRole('row', { name: new RegExp(`^${name} over`) })).toBeVisible();
  await expectAccessible(page);
  await page.getByText('pie by pie').click();
  // The run goes in with one tap: each of its pies is a running bake.
  await page
    .getByRole('button', { name: /it is in now/ })
    .first()
    .click();
  await expect(page.getByRole('link', { name: 'in the oven', exact: true }).first()).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'In the oven' })).toContainText(name);
  await expectAccessible(page);
  // Nothing reaches past the edge of a phone, however much is in the oven.
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.setViewportSize({ width: 1280, height: 800 });
  // What was planned and ticked is there after a reload; what is cleared comes back.
  await page.reload();
  await expect(page.getByText('All 2 in time.')).toBeVisible();
  await page.getByRole('button', { name: 'Clear the day' }).click();
  await page.getByRole('button', { name: /Bring back/ }).click();
  await expect(page.getByText('All 2 in time.')).toBeVisible();
  // Nothing of it stays in the oven for the stories after it.
  await page.goto('/oven');
  const cards = page.getByRole('region', { name: new RegExp(`^${name}`) });
  await expect(cards.first()).toBeVisible();
  await expectAccessible(page);
  // A card that grows by its forecast may take a button from under the press: it is pressed until all are gone.
  await expect(async () => {
    const [card] = await cards.all();
    await card?.getByRole('button', { name: 'Started by mistake' }).click({ timeout: 2000 });
    expect(await cards.count()).toBe(0);
  }).toPass();
});

test('a bake day on another date: who comes the evening before, who is away, and what matters', async ({
  page,
}) => {
  const name = `Market ${crypto.randomUUID().slice(0, 8)}`;
  await beginDayOf(page, name);
  await page.getByLabel('Date of the day').fill('2027-05-22');
  // Friday evening, a night at home, and Saturday from six: too late to bake for nine.
  await page.getByLabel('From when lead is there, day').selectOption({ label: 'Fri' });
  await page.getByLabel('From when lead is there', { exact: true }).fill('17:00');
  await page.getByRole('button', { name: 'Breaks and skills of lead' }).click();
  await page.getByRole('button', { name: 'A break, or a night at home' }).click();
  await page.getByLabel('From when lead is away, break 1', { exact: true }).fill('22:00');
  await page.getByLabel('Until when lead is away, break 1, day').selectOption({ label: 'Sat' });
  await page.getByLabel('Until when lead is away, break 1', { exact: true }).fill('06:00');
  const late = page.getByRole('radiogroup', { name: 'How much it matters: Begin late' });
  await late.getByText('much').click();
  await expect(late.getByRole('radio', { name: 'much' })).toBeChecked();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Plan the day' }).click();
  await expect(page.getByText('It is in time.')).toBeVisible();
  const lead = page.getByRole('region', { name: 'What lead does' });
  await expect(lead.getByRole('listitem').first()).toContainText(new RegExp(`Fri .*${name}`));
  await expect(lead.getByText(/^Fri/).first()).toBeVisible();
  // What was said is there after a reload, and the day can be put away.
  await page.reload();
  await expect(page.getByLabel('Date of the day')).toHaveValue('2027-05-22');
  await expect(late.getByRole('radio', { name: 'much' })).toBeChecked();
  await page.getByRole('button', { name: 'Clear the day' }).click();
});

test('the demo’s Saturday is there to look at, and is planned at once', async ({ page }) => {
  test.slow();
  await page.goto('/day');
  await page.getByRole('button', { name: /a Saturday stall/ }).click();
  await expect(page.getByLabel('Name of the day')).toHaveValue('Saturday stall');
  await expect(page.getByLabel('When Quince with pear is wanted')).toHaveValue('09:00');
  await expect(page.getByRole('progressbar', { name: 'Planning the day' })).toBeVisible();
  await expect(page.getByText('All 16 in time.')).toBeVisible({ timeout: 400_000 });
});

test('the Saturday from a file: sixteen pies for two ovens and three people, all in time', async ({
  page,
}) => {
  test.slow();
  await page.goto('/day');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'From a file' }).click();
  await (await chooser).setFiles(saturday);
  await page.getByRole('button', { name: 'Plan the day' }).click();
  await expect(page.getByText('All 16 in time.')).toBeVisible({ timeout: 400_000 });
  await expect(page.getByRole('region', { name: 'What helper does' })).toBeVisible();
});

test('open shells are baked empty and filled; half of the damsons come from the freezer', async ({
  page,
}) => {
  await page.goto('/day');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'From a file' }).click();
  await (await chooser).setFiles(join(days, 'open-shells.json'));
  await expect(page.getByText('It goes to 1 Saturday damson.')).toBeVisible();
  await page.getByRole('button', { name: 'Plan the day' }).click();
  await expect(page.getByText('All 4 in time.')).toBeVisible();
  await page.getByText('lists', { exact: true }).click();
  await expect(page.getByText(/Patch and seal the shell of Apricot in an open shell 2/)).toBeVisible();
  await page.getByText('to buy', { exact: true }).click();
  const damsons = page.getByRole('row', { name: /^Damson/ });
  await expect(damsons).toHaveCount(1);
  await page.getByText('pie by pie').click();
  await expect(page.getByText('its shell')).toHaveCount(2);
  await expectAccessible(page);
  const ovens = page.getByRole('region', { name: 'What is in the ovens' });
  await expect(ovens.getByRole('listitem').filter({ hasText: 'the shell of' }).first()).toBeVisible();
});

test('two tablets, one day: each ticks, and sees the other’s ticks and the newest plan', async ({
  page,
  browser,
}) => {
  const name = `Tablets ${crypto.randomUUID().slice(0, 8)}`;
  await beginDayOf(page, name);
  await page.getByLabel('Name of the day').fill(name);
  await page.getByLabel(`When ${name} is wanted`).fill('14:00');
  await page.getByRole('button', { name: 'Plan the day' }).click();
  await expect(page.getByText('It is in time.')).toBeVisible();
  await page.getByRole('button', { name: 'On all screens' }).click();
  await expect(page.getByRole('status').getByText('On all screens')).toBeVisible();

  const there = await browser.newContext();
  const other = await there.newPage();
  await other.goto('/day');
  await other.getByRole('button', { name: `The kitchen’s day: “${name}”` }).click();
  await expect(other.getByText('It is in time.')).toBeVisible();
  for (const on of [page, other]) await on.getByText('lists', { exact: true }).click();
  const ticks = (on: typeof page) => on.getByRole('region', { name: 'What lead does' }).getByRole('checkbox');
  // Both at once: neither takes the other's away.
  await Promise.all([ticks(page).nth(0).check(), ticks(other).nth(1).check()]);
  await expect(ticks(page).nth(1)).toBeChecked();
  await expect(ticks(other).nth(0)).toBeChecked();
  await expectAccessible(other);
  // Away for a while: what was ticked meanwhile arrives, once.
  await there.setOffline(true);
  await ticks(other).nth(2).check();
  await there.setOffline(false);
  await expect(ticks(page).nth(2)).toBeChecked();
  // What slipped on one is the plan of both.
  await page
    .getByRole('button', { name: /takes longer/ })
    .nth(3)
    .click();
  await page.getByLabel('By how many minutes').fill('5');
  await page.getByRole('button', { name: /^Go on/ }).click();
  // A label for each pie: allergens stand out.
  await other.getByText('labels', { exact: true }).click();
  const label = other.getByRole('region', { name: 'Labels' }).getByRole('listitem');
  await expect(label).toHaveCount(1);
  await expect(label).toContainText(/damson, plain flour, .*Contains egg, milk, wheat.*eat by/s);
  await other.getByText('lists', { exact: true }).click();
  const hours = (on: typeof page) => on.getByRole('region', { name: 'What lead does' }).innerText();
  await expect.poll(async () => (await hours(other)) === (await hours(page))).toBe(true);
  // One plan went out, and no screen sends back what it was sent.
  const versions = await page.request
    .get('/api/days')
    .then((answer) => answer.json() as Promise<DayListResponse>);
  expect(versions.days.find((day) => day.name === name)?.version).toBe(2);
  await there.close();
});
