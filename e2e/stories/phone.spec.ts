import type { Page } from '@playwright/test';
import { expect, expectAccessible, newPie, station, test, whenBaked } from '../kitchen.js';

const stations = ['Shape', 'Fruit', 'Juice', 'Pastry', 'Top', 'Oven'] as const;
const LONGEST_NAME = 'W'.repeat(120);

/** What reaches past the right edge with nothing that scrolls or cuts it round it. */
const pastTheEdge = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const cut = (element: Element): boolean => {
      for (let up = element.parentElement; up && up !== document.body; up = up.parentElement) {
        if (getComputedStyle(up).overflowX !== 'visible') return true;
      }
      return false;
    };
    const past = [...document.querySelectorAll('body *')].filter((element) => {
      const { width, right } = element.getBoundingClientRect();
      return width > 0 && right > innerWidth + 1 && !cut(element);
    });
    const scrolls = document.documentElement.scrollWidth > innerWidth;
    return [
      ...past.map(({ tagName, className }) => `${tagName} ${String(className)}`),
      ...(scrolls ? ['the page'] : []),
    ];
  });

const swipe = async (
  page: Page,
  from: { x: number; y: number },
  by: { x: number; y: number },
): Promise<void> => {
  const touch = await page.context().newCDPSession(page);
  const at = (share: number) => [{ x: from.x + by.x * share, y: from.y + by.y * share }];
  await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(0) });
  for (const share of [0.2, 0.4, 0.6, 0.8, 1])
    await touch.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(share) });
  await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
};

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('a tapped station comes into view, and the slip is one tap away', async ({ page }) => {
    await newPie(page, 'Pocket pie');
    await whenBaked(page);
    for (const name of stations) {
      await station(page, name).tap();
      await expect(page.getByRole('region', { name: new RegExp(`Station: ${name}`, 'i') })).toBeInViewport({
        ratio: 0.3,
      });
    }
    await page.getByRole('button', { name: 'Slip', exact: true }).tap();
    await expect(page.getByRole('heading', { name: 'The slip' })).toBeInViewport();
    await page.getByRole('button', { name: 'Station', exact: true }).tap();
    await expect(page.getByRole('heading', { name: 'The slip' })).not.toBeInViewport();
    await expectAccessible(page);
  });

  test('a finger sweeps past a dial, turns it across, and a tap sets it', async ({ page }) => {
    await newPie(page, 'Swept pie');
    await station(page, 'Fruit').tap();
    const dial = page.getByRole('slider', { name: 'Juiciness' });
    await dial.scrollIntoViewIfNeeded();
    const before = await dial.getAttribute('aria-valuenow');
    const box = await dial.boundingBox();
    if (!box) throw new Error('the dial has no box');
    const middle = { x: box.x + box.width / 2, y: box.y + 20 };
    const top = () => page.locator('main').evaluate((main) => main.scrollTop);
    const scrolledFrom = await top();
    await swipe(page, middle, { x: 2, y: -160 });
    await expect.poll(top).not.toBe(scrolledFrom);
    await expect(dial).toHaveAttribute('aria-valuenow', before ?? '');
    await dial.scrollIntoViewIfNeeded();
    const now = await dial.boundingBox();
    if (!now) throw new Error('the dial has no box');
    await swipe(page, { x: now.x + now.width / 2, y: now.y + 20 }, { x: 55, y: 12 });
    await expect(dial).not.toHaveAttribute('aria-valuenow', before ?? '');
    await dial.focus();
    await page.keyboard.press('Home');
    const least = await dial.getAttribute('aria-valuenow');
    await page.touchscreen.tap(now.x + now.width - 22, now.y + 50);
    await expect(dial).not.toHaveAttribute('aria-valuenow', least ?? '');
  });
});

for (const [what, width, height] of [
  ['a narrow phone', 320, 640],
  ['a small window at 200 %', 640, 400],
] as const) {
  test.describe(`in ${what}`, () => {
    test.use({ viewport: { width, height } });

    test('nothing reaches past the edge, a name of 120 letters neither', async ({ page }) => {
      await newPie(page, LONGEST_NAME);
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      await expect(page.getByText(/version \d+, saved/)).toBeVisible();
      for (const name of stations) {
        await station(page, name).click();
        await expect(page.getByRole('region', { name: `Station: ${name.toLowerCase()}` })).toBeVisible();
        for (const leaf of await page.getByRole('tab').all()) {
          await leaf.click();
          expect(await pastTheEdge(page), `${name}, ${await leaf.textContent()}`).toEqual([]);
        }
      }
      for (const place of [
        '/pies',
        '/day',
        '/oven',
        '/log',
        '/larder?shelf=fruits&fruit=damson',
        '/larder?shelf=thickeners',
      ]) {
        await page.goto(place);
        await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
        await expect(page.getByRole('main')).toContainText(/\w/);
        expect(await pastTheEdge(page), place).toEqual([]);
      }
    });
  });
}
