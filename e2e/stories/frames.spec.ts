import type { CDPSession, Page } from '@playwright/test';
import { expect, newPie, test, whenBaked } from '../kitchen.js';

const TURNS = 40;
const FRAMES_BETWEEN = 4;

/** Turns the focused dial by a hair every so many frames. */
const turnDial = (page: Page): Promise<void> =>
  page.evaluate(
    ({ turns, every }) =>
      new Promise<void>((done) => {
        const dial = document.activeElement;
        let drawn = 0;
        const tick = (): void => {
          drawn += 1;
          if (drawn % every === 0) {
            const key = (drawn >> 4) % 2 ? 'ArrowRight' : 'ArrowLeft';
            dial?.dispatchEvent(new KeyboardEvent('keydown', { key, shiftKey: true, bubbles: true }));
          }
          if (drawn < turns * every) requestAnimationFrame(tick);
          else done();
        };
        requestAnimationFrame(tick);
      }),
    { turns: TURNS, every: FRAMES_BETWEEN },
  );

/** A fixed amount of arithmetic, as a measure of the machine. */
const reckon = (page: Page): Promise<number> =>
  page.evaluate(() => {
    let sum = 0;
    for (let i = 0; i < 30_000_000; i++) sum += Math.sqrt(i % 1000);
    return sum;
  });

/** Seconds of its own processor time that the page's thread took: whatever else the machine does counts nothing. */
async function threadSeconds(session: CDPSession, task: () => Promise<unknown>): Promise<number> {
  const taken = async (): Promise<number> => {
    const { metrics } = await session.send('Performance.getMetrics');
    return metrics.find(({ name }) => name === 'TaskDuration')?.value ?? Number.NaN;
  };
  const before = await taken();
  await task();
  return (await taken()) - before;
}

test('the page keeps drawing while a dial turns', async ({ page }) => {
  await newPie(page, 'Turning');
  await page.getByRole('radio', { name: 'lattice' }).click();
  await whenBaked(page);
  await page.keyboard.press('5');
  await page.getByRole('slider', { name: 'Strip', exact: true }).focus();
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable', { timeDomain: 'threadTicks' });
  await reckon(page);
  const reckoned = await threadSeconds(session, () => reckon(page));
  const turned = (await threadSeconds(session, () => turnDial(page))) / TURNS;
  console.log(
    `a turn of the dial takes the page ${Math.round(1000 * turned)} ms, 30 million roots ${Math.round(1000 * reckoned)} ms`,
  );
  // A ratio in one run: a slow machine is slow at both.
  expect(turned / reckoned).toBeLessThan(2);
});
