import type { Page } from '@playwright/test';
import {
  STATION,
  expect,
  expectAccessible,
  newPie,
  station,
  test,
  whenBaked,
  whenStill,
} from '../kitchen.js';

/** Starts a bake of a new pie and goes to its card. */
async function bakeOf(page: Page, name: string) {
  await newPie(page, name);
  await whenBaked(page);
  const bakeIt = page.getByRole('button', { name: 'Bake it' });
  await expect(bakeIt).toBeEnabled();
  await bakeIt.click();
  await page.getByRole('button', { name: 'It is in the oven now' }).click();
  const card = page.getByRole('region', { name });
  await expect(card).toBeVisible();
  return card;
}

const piesNamed = (page: Page, find: string): Promise<number> =>
  page.evaluate(
    async (words) =>
      ((await (await fetch(`/api/pies?find=${encodeURIComponent(words)}`)).json()) as { total: number })
        .total,
    find,
  );

test.describe('keys act only where the eye is', () => {
  test('none behind a dialog, and the focus comes back', async ({ page }) => {
    await newPie(page, 'Keys behind');
    const help = page.getByRole('button', { name: 'Keys', exact: true });
    await help.focus();
    await page.keyboard.press('Enter');
    const dialog = page.getByRole('dialog', { name: 'Keys' });
    await expect(dialog).toBeVisible();
    await page.keyboard.press('5');
    await page.keyboard.press('n');
    await page.keyboard.press('Escape');
    await expect(dialog).toBeHidden();
    await expect(help).toBeFocused();
    await expect(station(page, 'Shape')).toHaveAttribute('aria-current', 'step');
    await expect(page.getByLabel('Name of the pie')).toHaveValue('Keys behind');
  });

  test('Space presses the button that has the focus', async ({ page }) => {
    const card = await bakeOf(page, 'Space pie');
    const more = card.getByRole('button', { name: '5 minutes more' });
    await more.focus();
    const next = card.getByRole('timer');
    const before = await next.getAttribute('aria-label');
    await page.keyboard.press(' ');
    await expect(card.getByText('First stage').or(card.getByText('One temperature'))).toBeVisible();
    await expect(next).not.toHaveAttribute('aria-label', before ?? '');
    await expect(more).toBeFocused();
    await card.getByRole('button', { name: 'Started by mistake' }).click();
    await expect(card).toBeHidden();
  });

  test('single keys can be switched off; those with Ctrl stay', async ({ page }) => {
    await newPie(page, 'Quiet keys');
    await page.keyboard.press('h');
    await page.getByRole('switch', { name: /Single keys/ }).click();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
    await page.keyboard.press('5');
    await page.getByRole('button', { name: 'Dark' }).click();
    await expect(station(page, 'Shape')).toHaveAttribute('aria-current', 'step');
    await page.keyboard.press('Control+s');
    await expect(page.getByText(/version 2, saved/)).toBeVisible();
  });

  test('after a tick keys still work; the slip has its key, and ? asks there too', async ({ page }) => {
    await newPie(page, 'Ticked');
    await page.getByRole('region', { name: 'Slip' }).getByRole('checkbox').first().check();
    await page.keyboard.press('5');
    await expect(station(page, 'Top')).toHaveAttribute('aria-current', 'step');
    await page.keyboard.press('7');
    const line = page.locator(':focus');
    await expect(line).toHaveAttribute('aria-label', /Why\?$/);
    await page.keyboard.press('?');
    const reason = page.getByRole('dialog');
    await expect(reason.getByRole('heading', { name: 'How' })).toBeVisible();
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await expect(reason).toBeHidden();
    await expect(line).toBeFocused();
  });
});

test.describe('what is in the oven', () => {
  test('is shown on every page, in the title too', async ({ page }) => {
    const card = await bakeOf(page, 'Seen everywhere');
    await page.getByRole('link', { name: 'Larder' }).click();
    const bar = page.getByRole('navigation', { name: 'In the oven' });
    await expect(bar).toContainText('Seen everywhere');
    await expect(bar).toContainText(/\d+:\d\d/);
    await expect(page).toHaveTitle(/min: .* Mardle/);
    await bar.getByRole('link', { name: /Seen everywhere/ }).click();
    await card.getByRole('button', { name: 'Out now' }).click();
    await card.getByRole('button', { name: 'Yes, it is out' }).click();
    await expect(card.getByText('Cooling on the rack')).toBeVisible();
    // A cooling pie is not sliced by a key before it may be.
    await page.keyboard.press(' ');
    await expect(card.getByText('Cooling on the rack')).toBeVisible();
    await card.getByRole('button', { name: 'Slice it' }).click();
    const late = page.getByRole('listitem').filter({ hasText: 'Seen everywhere' });
    await late.getByRole('button', { name: 'Not over yet' }).click();
    await expect(card.getByText('Cooling on the rack')).toBeVisible();
    await card.getByRole('button', { name: 'Slice it' }).click();
    await expect(card).toBeHidden();
  });

  test('one heat is one heat in the dialog, on the card and on the slip', async ({ page }) => {
    await newPie(page, 'One heat');
    await page.getByRole('radio', { name: 'crisp', exact: true }).click();
    await whenBaked(page);
    const bakeIt = page.getByRole('button', { name: 'Bake it' });
    await expect(bakeIt).toBeEnabled();
    await expect(page.getByRole('region', { name: 'Slip' })).not.toContainText('Lower');
    await bakeIt.click();
    await expect(page.getByRole('dialog')).toContainText(/minutes at this one heat/);
    await page.getByRole('button', { name: 'It is in the oven now' }).click();
    const card = page.getByRole('region', { name: 'One heat' });
    await expect(card).toContainText('One temperature all through');
    await expect(card).not.toContainText('Lower');
    await card.getByRole('button', { name: 'Started by mistake' }).click();
    await expect(card).toBeHidden();
  });
});

test.describe('offline', () => {
  test('is said; presses do nothing in silence, and nothing goes off later', async ({ page, context }) => {
    await page.goto('/pies');
    await expect(page.getByText(/\d+ pies/)).toBeVisible();
    const before = await piesNamed(page, 'New pie');
    await context.setOffline(true);
    const button = page.getByRole('button', { name: 'New pie', exact: true });
    for (let i = 0; i < 3; i++) {
      await button.click();
      await expect(page.getByRole('alert').filter({ hasText: 'does not answer' }).first()).toBeVisible();
      await expect(button).toBeEnabled();
    }
    await expect(page.getByText('What you do on the bench is kept in this browser')).toBeVisible();
    await context.setOffline(false);
    await expect(page.getByText('What you do on the bench is kept in this browser')).toBeHidden();
    expect(await piesNamed(page, 'New pie')).toBe(before);
    await button.click();
    await expect(page.getByRole('navigation', { name: 'Work line' })).toBeVisible();
    expect(await piesNamed(page, 'New pie')).toBe(before + 1);
  });
});

test('a place whose code could not be fetched is there when the server answers again', async ({ page }) => {
  // The code of the bench alone stays away, as when the network goes just after the first view.
  await page.route(/BenchPlace-.*\.js$/, (route) => route.abort());
  let loads = 0;
  page.on('load', () => (loads += 1));
  await page.goto('/pies');
  await page.getByRole('button', { name: 'New pie', exact: true }).click();
  // The page loads again once by itself, then waits for the hand. (Refused fetches cannot be counted instead: the
  // code of every place is also fetched ahead, before anybody asks for it.)
  await expect.poll(() => loads).toBeGreaterThan(1);
  await expect(page.getByText('This place could not be fetched')).toBeVisible();
  await page.unroute(/BenchPlace-.*\.js$/);
  await page.getByRole('button', { name: 'Load again' }).click();
  await expect(page.getByRole('navigation', { name: 'Work line' })).toBeVisible();
});

test('a pie that was put away comes back, and going back comes to the same pies', async ({ page }) => {
  const name = `Zwetschge ${crypto.randomUUID().slice(0, 8)}`;
  await newPie(page, name);
  await page.keyboard.press('Control+s');
  await expect(page.getByText(/version 2, saved/)).toBeVisible();
  await page.goto('/pies');
  await page.getByLabel(/Find a pie/).fill(name);
  const link = page.getByRole('link', { name: new RegExp(name) });
  await expect(page.getByText('1 pie', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: `Put away ${name}` }).click();
  await expect(page.getByText('is put away')).toBeVisible();
  await expect(link).toBeHidden();
  await page.getByRole('button', { name: 'Take it out again' }).click();
  await link.click();
  await expect(page.getByLabel('Name of the pie')).toHaveValue(name);
  await page.goBack();
  await expect(page.getByLabel(/Find a pie/)).toHaveValue(name);
  await expect(link).toBeVisible();
});

for (const light of ['Light', 'Dark'] as const) {
  const checked = async (page: Page, within?: string): Promise<void> => {
    await whenStill(page);
    await expectAccessible(page, { coloursOnly: light === 'Dark', ...(within ? { within } : {}) });
  };
  const toLight = async (page: Page): Promise<void> => {
    if (light === 'Dark') await page.getByRole('button', { name: light, exact: true }).click();
  };

  test(`axe finds nothing on any menu or dialog: ${light}`, async ({ page }) => {
    await newPie(page, `Axe over ${light}`);
    await whenBaked(page);
    await toLight(page);
    await page.getByRole('button', { name: 'More', exact: true }).click();
    await expect(page.getByRole('menu')).toBeVisible();
    await checked(page);
    await page.keyboard.press('Escape');
    const bakeIt = page.getByRole('button', { name: 'Bake it' });
    await expect(bakeIt).toBeEnabled();
    await bakeIt.click();
    const dialog = page.getByRole('dialog');
    await expect(dialog).toBeVisible();
    await checked(page);
    await page.keyboard.press('Escape');
    await expect(dialog).toBeHidden();
    await page.keyboard.press('h');
    await expect(dialog).toBeVisible();
    await checked(page);
    await page.keyboard.press('Escape');
    await expect(dialog).toBeHidden();
    await page.keyboard.press('/');
    await page.getByLabel('What to find').fill('damson');
    await checked(page);
  });

  test(`axe finds nothing on any tab of a station: ${light}`, async ({ page }) => {
    await newPie(page, `Axe tabs ${light}`);
    await whenBaked(page);
    await toLight(page);
    for (const at of ['2', '3', '4', '6']) {
      await page.keyboard.press(at);
      const tabs = page.getByRole('region', { name: /^Station/ }).getByRole('tab');
      for (let i = 1; i < (await tabs.count()); i++) {
        await tabs.nth(i).click();
        await checked(page, STATION);
      }
    }
  });

  test(`axe finds nothing on the shelves of the larder: ${light}`, async ({ page }) => {
    await page.goto('/larder');
    await toLight(page);
    const shelves = page.getByRole('group', { name: 'Shelf' }).getByRole('button');
    await expect(shelves.first()).toBeVisible();
    for (let i = 0; i < (await shelves.count()); i++) {
      await shelves.nth(i).click();
      await checked(page, 'main');
    }
  });

  test(`axe finds nothing in the log, on a bake of it, or in an empty oven: ${light}`, async ({ page }) => {
    await page.goto('/log');
    await toLight(page);
    await expect(page.getByRole('region', { name: 'How hot the ovens are' })).toBeVisible();
    await checked(page);
    const bakes = page.getByRole('region', { name: 'Bakes' });
    await bakes.getByLabel('Find a bake by pie or oven').fill('saturday');
    await bakes
      .getByRole('link', { name: /Saturday damson/ })
      .first()
      .click();
    await expect(page.getByRole('region', { name: 'How the slice was' })).toBeVisible();
    await checked(page);
    await page.getByRole('link', { name: 'Oven', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Oven', level: 1 })).toBeVisible();
    await checked(page);
  });
}
