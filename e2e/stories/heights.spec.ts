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

const sizes = [
  [1280, 800],
  [1024, 768],
] as const;

/** The slip and every leaf of every station of the pie on the bench. */
async function roomsOf(page: Page, label: string): Promise<Room[]> {
  // After a change of size the columns are laid anew in a later frame.
  await expect
    .poll(async () => slip(page, label).then(({ needs, has }) => needs - has), `${label}, the slip`)
    .toBeLessThanOrEqual(0);
  const rooms = [await slip(page, label)];
  for (const [i, station] of stations.entries()) {
    await page.getByRole('region', { name: 'Slip' }).getByRole('heading', { name: 'The slip' }).click();
    await page.keyboard.press(String(i + 1));
    const open = page.getByRole('region', { name: `Station: ${station.toLowerCase()}` });
    await expect(open).toBeVisible();
    const leaves = open.getByRole('tab');
    const words = await leaves.allTextContents();
    for (const [leaf, word] of words.entries()) {
      // A day's dough is a list as long as the kitchen's pies.
      if (word === 'Dough for a day') continue;
      await leaves.nth(leaf).click();
      rooms.push(await controls(page, `${label}, ${station}, ${word}`));
    }
  }
  return rooms;
}

for (const half of [forms.slice(0, 6), forms.slice(6)]) {
  test(`every station shows its controls without scrolling: ${half.join(', ')}`, async ({ page }) => {
    await newPie(page, 'Measured');
    const rooms: Room[] = [];
    for (const form of half) {
      await page.keyboard.press('1');
      await page.getByRole('tab', { name: 'Form' }).click();
      await page.getByRole('radio', { name: new RegExp(`^(✓ )?${form}$`) }).click();
      await whenBaked(page);
      for (const [width, height] of sizes) {
        await page.setViewportSize({ width, height });
        rooms.push(...(await roomsOf(page, `${form} at ${width} x ${height}`)));
      }
    }
    const tight = rooms.toSorted((a, b) => b.needs - b.has - (a.needs - a.has));
    console.log(
      [`height needed and there, px, the tightest ten of ${rooms.length}:`]
        .concat(tight.slice(0, 10).map(({ where, needs, has }) => `  ${where}: ${needs} of ${has}`))
        .join('\n'),
    );
    expect(tight.filter(({ needs, has }) => needs > has)).toEqual([]);
  });
}
