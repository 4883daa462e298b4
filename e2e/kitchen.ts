import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test as base } from '@playwright/test';
import { urls } from './urls.js';

/** How many taps of this browser the server has not confirmed yet. */
const tapsWaiting = (page: Page): Promise<number> =>
  page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('mardle.tap.')).length);

/**
 * Every story fails on an error in the page's console, so that none goes unseen. Its last tap has arrived before its page closes: a
 * browser of somebody's own would send it when next it is opened, that of a story is gone, and a bake would stay in the oven for the
 * stories after it.
 */
export const test = base.extend({
  // eslint-disable-next-line no-empty-pattern -- the runner reads what a fixture needs from this pattern
  baseURL: async ({}, use, { parallelIndex }) => use(urls[parallelIndex % urls.length]),
  page: async ({ page }, use) => {
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    await use(page);
    if (!page.isClosed() && page.url().startsWith('http')) {
      await page.context().setOffline(false);
      await expect.poll(() => tapsWaiting(page), 'taps that have not arrived').toBe(0);
    }
    expect(errors, 'errors in the page').toEqual([]);
  },
});

export { expect };

/** A menu's first element takes the focus while it opens: the library's, and no child that anybody meets. */
const isSentinel = (html: string): boolean => html.includes('data-mantine-stop-propagation');

/** What axe looks at: all of the page by every rule, unless told otherwise. */
interface AxeScope {
  /** A selector: what has changed on a page that is known to be right. */
  readonly within?: string;
  /** Contrast alone: for the dark page, whose elements are those of the light one. */
  readonly coloursOnly?: boolean;
}

/** The open leaf of the bench. */
export const STATION = '[aria-label^="Station:"]';

/** What axe finds on what is shown. */
async function violationsOn(page: Page, scope: AxeScope): Promise<string[]> {
  // No frames of another origin: the page is looked at in itself, which is quicker.
  const axe = new AxeBuilder({ page }).setLegacyMode(true);
  if (scope.within) axe.include(scope.within);
  // Nothing here plays or is styled from elsewhere, so nothing is fetched; what passes is not listed. A third of the time.
  const runOnly = scope.coloursOnly
    ? { type: 'rule' as const, values: ['color-contrast', 'link-in-text-block'] }
    : {
        type: 'tag' as const,
        values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
      };
  axe.options({ preload: false, resultTypes: ['violations'], runOnly });
  const { violations } = await axe.analyze();
  return violations
    .filter(
      ({ id, nodes }) =>
        id !== 'aria-required-children' ||
        !nodes.every(({ any, all, none }) =>
          [...any, ...all, ...none].every(({ relatedNodes = [] }) =>
            relatedNodes.every(({ html }) => isSentinel(html)),
          ),
        ),
    )
    .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`);
}

const RESTS_WITHIN_MS = 120_000;

/**
 * WCAG 2.2 AA and best practice by axe, on what is shown when it has come to rest. A bake that ends while axe looks turns a button on
 * between two of its steps: what is wrong then is right at the next look, what is wrong stays so.
 */
export async function expectAccessible(page: Page, scope: AxeScope = {}): Promise<void> {
  await whenStill(page);
  await expect(async () => expect(await violationsOn(page, scope)).toEqual([])).toPass({
    timeout: RESTS_WITHIN_MS,
  });
}

/** A pie of the story's own, so that stories do not meet. */
export async function newPie(page: Page, name: string): Promise<string> {
  await page.goto('/pies');
  await page.getByRole('button', { name: 'New pie', exact: true }).click();
  await expect(page.getByRole('navigation', { name: 'Work line' })).toBeVisible();
  await page.getByLabel('Name of the pie').fill(name);
  // Away from the field, so that the keys of the bench are keys again.
  await page.getByLabel('Name of the pie').blur();
  return page.url();
}

/** The result line of a station. */
export const station = (page: Page, name: string) =>
  page
    .getByRole('navigation', { name: 'Work line' })
    .getByRole('button', { name: new RegExp(`^\\d ?${name}`) });

export const whenBaked = (page: Page): Promise<void> => expect(station(page, 'Oven')).toContainText(/\d min/);

/** Until what fades or slides has come to rest: colours half way are nobody's choice. */
export const whenStill = async (page: Page): Promise<void> => {
  await page.waitForFunction(() =>
    document
      .getAnimations()
      .every(
        ({ playState, effect }) => playState !== 'running' || effect?.getTiming().iterations === Infinity,
      ),
  );
};

/** A new pie, baked by the sums, kept, and put in: the oven page with its card. */
export async function pieInTheOven(page: Page, name: string) {
  await newPie(page, name);
  await whenBaked(page);
  await page.keyboard.press('Control+s');
  await expect(page.getByText(/version 2, saved/)).toBeVisible();
  await page.getByRole('button', { name: 'Bake it' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'It is in the oven now' }).click();
  await page.goto('/oven');
  return page.getByRole('region', { name });
}
