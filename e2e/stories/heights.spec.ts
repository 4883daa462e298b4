import type { Page } from '@playwright/test';
import { expect, newPie, test, whenBaked } from '../kitchen.js';

/** Height needed against the height there, px. */
interface Room {
  readonly where: string;
  readonly needs: number;
  readonly has: number;
}

const stations = ['Shape', 'Fruit', 'Juice', 'Pastry', 'Top', 'Oven'];
const forms = [
  'double crust',
  'lattice',
  'cut-out lid',
  'crumb top',
  'free-form',
  'open in a blind-baked shell',
  'crisp',
  'cobbler',
  'buckle',
  'pandowdy',
  'upside-down',
  'hand pies',
];

/** The controls of the open leaf: everything in the station but what is said about it below. */
const controls = (page: Page, where: string): Promise<Room> =>
  page.getByRole('region', { name: /^Station:/ }).evaluate((plate, label) => {
    const top = plate.getBoundingClientRect().top;
    const said = plate.querySelector('[aria-label="Cautions"]');
    const parts = [...plate.children];
    const end = said ? parts.indexOf(said) : parts.length;
    const last = parts.slice(0, end).at(-1);
    const bottom = last?.getBoundingClientRect().bottom ?? top;
    return { where: label, needs: Math.ceil(bottom - top + plate.scrollTop), has: plate.clientHeight };
  }, where);

/** The slip: its lines and its clock. */
const slip = (page: Page, where: string): Promise<Room> =>
  page.getByRole('region', { name: 'What to weigh' }).evaluate((list, label) => {
    const over = Math.max(list.scrollHeight - list.clientHeight, list.scrollWidth - list.clientWidth);
    return { where: `${label}, the slip`, needs: list.clientHeight + over, has: list.clientHeight };
  }, where);

for (const [width, height] of [
  [1280, 800],
  [1024, 768],
] as const) {
  test(`every station of every form shows its controls without scrolling at ${width} x ${height}`, async ({
    page,
  }) => {
    test.setTimeout(420_000);
    await page.setViewportSize({ width, height });
    await newPie(page, 'Measured');
    const rooms: Room[] = [];
    for (const form of forms) {
      await page.keyboard.press('1');
      await page.getByRole('tab', { name: 'Form' }).click();
      await page.getByRole('radio', { name: new RegExp(`^(✓ )?${form}$`) }).click();
      await whenBaked(page);
      rooms.push(await slip(page, form));
      for (const [i, station] of stations.entries()) {
        await page.getByRole('region', { name: 'Slip' }).getByRole('heading', { name: 'The slip' }).click();
        await page.keyboard.press(String(i + 1));
        const open = page.getByRole('region', { name: `Station: ${station.toLowerCase()}` });
        await expect(open).toBeVisible();
        const leaves = open.getByRole('tab');
        const count = await leaves.count();
        for (let leaf = 0; leaf < count; leaf++) {
          const word = (await leaves.nth(leaf).textContent()) ?? '';
          // A day's dough is a list as long as the kitchen's pies.
          if (word === 'Dough for a day') continue;
          await leaves.nth(leaf).click();
          rooms.push(await controls(page, `${form}, ${station}, ${word}`));
        }
      }
    }
    const tight = rooms.toSorted((a, b) => b.needs - b.has - (a.needs - a.has));
    console.log(
      [`height needed and there at ${width} x ${height}, px, the tightest ten of ${rooms.length}:`]
        .concat(tight.slice(0, 10).map(({ where, needs, has }) => `  ${where}: ${needs} of ${has}`))
        .join('\n'),
    );
    expect(tight.filter(({ needs, has }) => needs > has)).toEqual([]);
  });
}
