import type { Page } from '@playwright/test';
import { expect, newPie, test, whenBaked } from '../kitchen.js';

/** What the bell was asked to ring, and what was said aloud, since the page was loaded. */
const rung = (page: Page): Promise<string[]> =>
  page.evaluate(() => (window as unknown as { rung: string[] }).rung);

/** The bell of this browser writes down what it would ring. */
async function withABell(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const rang: string[] = [];
    Object.assign(window, {
      rung: rang,
      Notification: class {
        static permission = 'granted';
        static requestPermission(): Promise<string> {
          return Promise.resolve('granted');
        }
        constructor(_title: string, { body }: { body: string }) {
          rang.push(body);
        }
      },
    });
  });
}

const intoTheOven = async (page: Page, name: string): Promise<void> => {
  await whenBaked(page);
  await page.getByRole('button', { name: 'Bake it' }).click();
  await page.getByRole('button', { name: 'It is in the oven now' }).click();
  await expect(page.getByRole('region', { name })).toBeVisible();
};

test('a pie that nobody taps at rings all through, and “out” leads when it is out', async ({ page }) => {
  await withABell(page);
  await page.clock.install();
  await newPie(page, 'Nobody taps');
  await intoTheOven(page, 'Nobody taps');
  const card = page.getByRole('region', { name: 'Nobody taps' });
  await page.clock.fastForward('22:00');
  await expect(card.getByRole('timer')).toContainText('due now');
  await expect.poll(() => rung(page)).toContainEqual(expect.stringContaining('Nobody taps: Lower the oven'));
  // Bubbles are looked for and the pie is turned, whatever was not tapped before.
  await page.clock.fastForward('20:00');
  await expect.poll(async () => (await rung(page)).join(' ')).toMatch(/Turn the pie.*Look: thick bubbles/s);
  await page.clock.fastForward('20:00');
  await expect(card.getByRole('button', { name: 'Out', exact: true })).toBeVisible();
  await expect.poll(async () => (await rung(page)).join(' ')).toMatch(/Nobody taps: .*Out/s);
  // It rings again until somebody answers.
  const before = (await rung(page)).length;
  await page.clock.fastForward('01:05');
  await expect.poll(async () => (await rung(page)).length).toBeGreaterThan(before);
  await card.getByRole('button', { name: 'Heard, stop the bell' }).click();
  const quiet = (await rung(page)).length;
  await page.clock.fastForward('01:05');
  await expect(card.getByRole('timer')).toContainText('+');
  expect((await rung(page)).length).toBe(quiet);
  // A page that is loaded again says at once what is due, on whichever page, and that it may not ring yet.
  await page.clock.fastForward('05:00');
  await page.goto('/pies');
  await expect(page.getByRole('navigation', { name: 'In the oven' })).toContainText('Out');
  await expect.poll(async () => (await rung(page)).join(' ')).toContain('Out');
  await page.getByRole('navigation', { name: 'In the oven' }).getByText('Nobody taps').click();
  await page.getByRole('button', { name: 'Out', exact: true }).click();
  await page.clock.fastForward('06:00:00');
  await page.getByRole('button', { name: /first slice/i }).click();
});

test('the end follows when the oven was really lowered, and no time that has passed is forecast', async ({
  page,
}) => {
  await page.clock.install();
  await newPie(page, 'Lowered late');
  await intoTheOven(page, 'Lowered late');
  const card = page.getByRole('region', { name: 'Lowered late' });
  const outAt = async (): Promise<number> => {
    const [, hours = '', minutes = ''] = /out at (\d\d):(\d\d)/.exec((await card.textContent()) ?? '') ?? [];
    return Number(hours) * 60 + Number(minutes);
  };
  await expect(card).toContainText(/first slice at/);
  const planned = await outAt();
  await page.clock.fastForward('29:00');
  await card.getByRole('button', { name: /Lower the oven/ }).click();
  // A quarter of an hour too long at the first heat: it is home sooner.
  await expect.poll(outAt).toBeLessThan(planned);
  expect(await outAt()).toBeGreaterThan(planned - 15);
  await card.getByRole('button', { name: 'Undo last tap' }).click();
  await expect.poll(outAt).toBe(planned);
  await card.getByRole('button', { name: 'Out now' }).click();
  await expect(card.getByText(/Out after 29 of \d+ minutes\?/)).toBeVisible();
  await card.getByRole('button', { name: 'Yes, it is out' }).click();
  await page.clock.fastForward('06:00:00');
  await card.getByRole('button', { name: /first slice/i }).click();
});

test('an empty shell: weights go in and come out, and nothing is asked of a filling', async ({ page }) => {
  await page.clock.install();
  await newPie(page, 'Open shell');
  await page.getByRole('radio', { name: /open in a blind-baked shell/ }).click();
  await page.keyboard.press('3');
  await page
    .getByRole('tab', { name: 'Cook or drain' })
    .or(page.getByRole('tab', { name: /Prepar/ }))
    .first()
    .click();
  await page.getByRole('radio', { name: /glaze/i }).click();
  await whenBaked(page);
  await expect(page.getByText('Paper and baking weights')).toBeVisible();
  await page.getByText('Every step').click();
  await expect(page.getByText('Lift paper and weights out')).toBeVisible();
  await intoTheOven(page, 'Open shell');
  const card = page.getByRole('region', { name: 'Open shell' });
  await expect(card.getByRole('button', { name: /It bubbles|Knife goes in/ })).toHaveCount(0);
  await page.clock.fastForward('25:30');
  await expect(card.getByRole('button', { name: 'Lift the weights out' })).toBeVisible();
  await card.getByRole('button', { name: 'Lift the weights out' }).click();
  await expect(card).toContainText('weights out');
  await page.clock.fastForward('30:00');
  await card.getByRole('button', { name: 'Out', exact: true }).click();
  await page.clock.fastForward('12:00:00');
  await card.getByRole('button', { name: /first slice/i }).click();
});
