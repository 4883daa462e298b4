/// <reference lib="dom" />
import type { Browser, Page } from '@playwright/test';
import { chromium } from '@playwright/test';
import { inLargeKitchen, median } from './large-kitchen.js';
import type { Benchmark } from './measure.js';
import { compare } from './measure.js';

const PIES = 3000;
const ROUNDS = 5;
const PRESSES = 14;
const SLOWER = 4;

const repeat = async (times: number, job: () => Promise<number>): Promise<number> => {
  const taken: number[] = [];
  for (let i = 0; i < times; i++) taken.push(await job());
  return median(taken);
};

/** A new browser's first look at the pies, until the first can be opened. */
async function firstView(browser: Browser, url: string, slower: number): Promise<number> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  if (slower > 1) {
    const cdp = await context.newCDPSession(page);
    await cdp.send('Emulation.setCPUThrottlingRate', { rate: slower });
  }
  const begun = performance.now();
  await page.goto(`${url}/pies`, { waitUntil: 'commit' });
  await page.getByRole('listitem').first().waitFor();
  const taken = performance.now() - begun;
  await context.close();
  return taken;
}

/** The same browser and server with next to nothing to show. */
async function emptyView(browser: Browser, url: string): Promise<number> {
  const context = await browser.newContext();
  const page = await context.newPage();
  const begun = performance.now();
  await page.goto(`${url}/api/health/live`, { waitUntil: 'commit' });
  await page.getByText('mardle').first().waitFor();
  const taken = performance.now() - begun;
  await context.close();
  return taken;
}

/** Milliseconds from the press of a key on a dial until the slip says something else, and the longest task meanwhile. */
const pressToSlip = (page: Page): Promise<{ readonly ms: number; readonly longestTaskMs: number }> =>
  page.evaluate(async (presses) => {
    const dial = document.activeElement;
    const slip = document.getElementById('bench-slip');
    const taken: number[] = [];
    let longest = 0;
    const tasks = new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) longest = Math.max(longest, duration);
    });
    tasks.observe({ type: 'longtask' } as unknown as PerformanceObserverInit);
    for (let i = 0; i < presses; i++) {
      const key = i % 2 === 0 ? 'ArrowRight' : 'ArrowLeft';
      const begun = performance.now();
      const changed = new Promise<void>((done) => {
        const watch = new MutationObserver(() => {
          watch.disconnect();
          done();
        });
        if (slip) watch.observe(slip, { subtree: true, childList: true, characterData: true });
      });
      dial?.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
      await changed;
      taken.push(performance.now() - begun);
      await new Promise((done) => setTimeout(done, 400));
    }
    tasks.disconnect();
    return { ms: taken.sort((a, b) => a - b)[taken.length >> 1] ?? 0, longestTaskMs: longest };
  }, PRESSES);

/** The longest task of the page since it was loaded, ms. */
const longestTask = (page: Page): Promise<number> =>
  page.evaluate(
    () =>
      new Promise<number>((done) => {
        const seen = new PerformanceObserver((list) =>
          done(Math.max(...list.getEntries().map(({ duration }) => duration))),
        );
        seen.observe({ type: 'longtask', buffered: true });
        setTimeout(() => done(0), 1000);
      }),
  );

/** The bench has its heats and takes a bake: nothing more comes by itself. */
const allIsThere = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: 'Bake it', disabled: false }).waitFor();
};

const frame = (page: Page): Promise<number> =>
  page.evaluate(async () => {
    const begun = performance.now();
    for (let i = 0; i < 10; i++) await new Promise(requestAnimationFrame);
    return (performance.now() - begun) / 10;
  });

async function measured(browser: Browser, url: string): Promise<Benchmark[]> {
  await firstView(browser, url, 1);
  const empty = await repeat(ROUNDS, () => emptyView(browser, url));
  const view = await repeat(ROUNDS, () => firstView(browser, url, 1));
  const slow = await repeat(ROUNDS, () => firstView(browser, url, SLOWER));
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(`${url}/larder`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  const opened = await repeat(ROUNDS, async () => {
    const begun = performance.now();
    await page.getByRole('link', { name: 'Pies' }).first().click();
    await page.getByRole('listitem').first().waitFor();
    const taken = performance.now() - begun;
    await page.getByRole('link', { name: 'Larder' }).click();
    await page.getByRole('heading', { level: 1, name: 'Larder' }).waitFor();
    return taken;
  });
  await page.goto(`${url}/pies`);
  await page.getByRole('link').filter({ hasText: 'version 1' }).first().click();
  await page.getByRole('navigation', { name: 'Work line' }).waitFor();
  await page.goto(`${page.url()}?station=juice`);
  await allIsThere(page);
  const opening = await longestTask(page);
  await page.getByRole('slider').first().focus();
  const drawn = await frame(page);
  const { ms, longestTaskMs } = await pressToSlip(page);
  return [
    compare(
      `first view of ${PIES} pies (1500 ms wanted)`,
      view,
      'next to nothing, by the same server',
      empty,
      40,
    ),
    compare(
      `the same, processor ${SLOWER} times slower (2500 ms wanted)`,
      slow,
      'the same at its own speed',
      view,
      5,
    ),
    compare(
      `to the ${PIES} pies from another page, first rows (300 ms wanted)`,
      opened,
      'first view',
      view,
      1,
    ),
    compare('the longest task while a pie opens (50 ms wanted)', opening, 'a frame of the screen', drawn, 3),
    compare('a dial to the slip, median (100 ms wanted)', ms, 'a frame of the screen', drawn, 6),
    compare(
      'the longest task while the dial turns (50 ms wanted)',
      longestTaskMs,
      'a frame of the screen',
      drawn,
      3,
    ),
  ];
}

/** What somebody waits for in a real browser, in a kitchen with three years of pies. */
export const browserBenchmarks = (): Promise<Benchmark[]> =>
  inLargeKitchen(PIES, 1, async ({ url }) => {
    const browser = await chromium.launch({
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking'],
    });
    try {
      return await measured(browser, url);
    } finally {
      await browser.close();
    }
  });
