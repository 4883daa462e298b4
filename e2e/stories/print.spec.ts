import { readFile } from 'node:fs/promises';
import { inflateSync } from 'node:zlib';
import { expect, expectAccessible, newPie, station, test, whenBaked } from '../kitchen.js';

const POINTS_PER_MM = 72 / 25.4;

interface Measured {
  readonly pages: number;
  readonly boxesMm: readonly (readonly [number, number])[];
  /** Lengths of all straight strokes, mm. */
  readonly strokesMm: readonly number[];
}

/** A PDF as it is written, what it draws inflated. */
async function written(path: string): Promise<string> {
  const bytes = await readFile(path);
  const text = bytes.toString('latin1');
  const drawn = [...text.matchAll(/\/FlateDecode\s*>>\s*stream\r?\n/g)].map(({ index, 0: head }) =>
    inflateSync(bytes.subarray(index + head.length), { finishFlush: 2 }).toString('latin1'),
  );
  return [text, ...drawn].join('\n');
}

/** Measures a PDF: page boxes, and how long each stroke is. */
async function measure(path: string): Promise<Measured> {
  const text = await written(path);
  const mm = (points: string | undefined): number => Number(points) / POINTS_PER_MM;
  const boxes = [...text.matchAll(/\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/g)];
  const strokes = [
    ...text.matchAll(/(-?[\d.]+) (-?[\d.]+) m\n(-?[\d.]+) (-?[\d.]+) l\n(?!-?[\d.]+ -?[\d.]+ l)/g),
  ];
  return {
    pages: boxes.length,
    boxesMm: boxes.map(([, w, h]) => [mm(w), mm(h)] as const),
    strokesMm: strokes.map(([, x0, y0, x1, y1]) => Math.hypot(mm(x1) - mm(x0), mm(y1) - mm(y0))),
  };
}

test('templates come out of the PDF at true size, on A4 and on Letter', async ({ page }) => {
  await newPie(page, 'Printed');
  await page.getByRole('radio', { name: 'lattice' }).click();
  await expect(station(page, 'Top')).toContainText('6 x 6 strips');
  await page.getByRole('button', { name: 'Slip and templates at true size' }).click();
  const dialog = page.getByRole('dialog', { name: 'Print at true size' });
  await expect(
    dialog.getByRole('img', { name: /Lattice, where the strips lie: row 1 of 2.*as it prints/ }),
  ).toHaveCount(2);
  await expectAccessible(page);
  for (const [paper, widthMm, heightMm] of [
    ['A4', 210, 297],
    ['Letter', 215.9, 279.4],
  ] as const) {
    await dialog.getByRole('radio', { name: paper }).click();
    const saved = page.waitForEvent('download');
    await dialog.getByRole('button', { name: /as PDF/ }).click();
    const download = await saved;
    expect(download.suggestedFilename()).toBe('printed.pdf');
    const { pages, boxesMm, strokesMm } = await measure(await download.path());
    expect(pages).toBeGreaterThan(6);
    for (const box of boxesMm) {
      expect([...box].sort((a, b) => a - b)).toEqual([
        expect.closeTo(Math.min(widthMm, heightMm), 0),
        expect.closeTo(Math.max(widthMm, heightMm), 0),
      ]);
    }
    // A scale bar of 10 cm on every page but the slip's.
    const bars = strokesMm.filter((length) => Math.abs(length - 100) < 0.1);
    expect(bars.length).toBeGreaterThanOrEqual(pages - 2);
  }
});

test('a single page is saved as SVG in millimetres', async ({ page }) => {
  await newPie(page, 'Single page');
  await page.getByRole('button', { name: 'Slip and templates at true size' }).click();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save Slip as SVG' }).click();
  const svg = await readFile(await (await saved).path(), 'utf8');
  expect(svg).toContain('width="210mm" height="297mm"');
  expect(svg).toContain('Single page');
});

test('the printer gets the pages that the dialog shows', async ({ page }) => {
  await newPie(page, 'To the printer');
  await whenBaked(page);
  await page.getByRole('button', { name: 'Slip and templates at true size' }).click();
  const shown = await page
    .getByRole('img', { name: /^Slip, as it prints/ })
    .locator('text')
    .allTextContents();
  await page.keyboard.press('Escape');
  await page.emulateMedia({ media: 'print' });
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  const printed = page.locator('svg').filter({ has: page.locator('title', { hasText: /^Slip$/ }) });
  await expect(printed).toBeVisible();
  const words = await printed.locator('text').allTextContents();
  expect(words).toContain('To the printer');
  expect(words).toEqual(shown);
  await expect(page.getByRole('navigation', { name: 'Work line' })).toBeHidden();
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await expect(printed).toBeHidden();
});
