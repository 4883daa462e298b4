import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Page } from '@mardle/core';
import {
  changeForm,
  formKinds,
  SCALE_BAR_MM,
  slipPages,
  slipWords,
  starterSpec,
  makeTemplates,
  tile,
} from '@mardle/core';
import { useSettings } from '../../../state/settings.js';
import { planOf, renderInKitchen } from '../../../test/kitchen.js';
import { drawingOf, wordsOf } from '../../../test/readPdf.js';
import { pagesPdf } from './pdf.js';
import { PrintSheets } from './PrintSheets.js';
import { printRuns } from './runs.js';

jest.mock('./fonts.js', () => jest.requireActual('../../../test/paperFonts.js'));

const POINTS_PER_MM = 72 / 25.4;

const pages = (paper: 'a4' | 'letter'): Page[] => {
  const plan = planOf(changeForm(starterSpec, 'free_form').spec);
  return makeTemplates(plan).flatMap((drawing) => tile(drawing, paper));
};

describe('the PDF', () => {
  it.each([
    ['a4', 210, 297],
    ['letter', 215.9, 279.4],
  ] as const)('has pages of %s, each with a bar of 10 cm as drawn', async (paper, widthMm, heightMm) => {
    const sheets = pages(paper);
    const text = await drawingOf(await pagesPdf(sheets, 'Greengage'));
    const boxes = [...text.matchAll(/\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/g)];
    expect(boxes).toHaveLength(sheets.length);
    for (const [, w, h] of boxes) {
      const sides = [Number(w), Number(h)].map((points) => points / POINTS_PER_MM).sort((a, b) => a - b);
      expect(sides[0]).toBeCloseTo(widthMm, 0);
      expect(sides[1]).toBeCloseTo(heightMm, 0);
    }
    const strokes = [...text.matchAll(/(-?[\d.]+) (-?[\d.]+) m\n(-?[\d.]+) (-?[\d.]+) l\n/g)].map(
      ([, x0, y0, x1, y1]) => Math.hypot(Number(x1) - Number(x0), Number(y1) - Number(y0)) / POINTS_PER_MM,
    );
    const bars = strokes.filter((length) => Math.abs(length - SCALE_BAR_MM) < 0.05);
    expect(bars.length).toBeGreaterThanOrEqual(sheets.length);
  });

  it('draws a disc as wide as it is rolled', async () => {
    const plan = planOf(changeForm(starterSpec, 'hand_pie').spec);
    const [disc] = makeTemplates(plan);
    const text = await drawingOf(await pagesPdf(tile(disc!, 'a4'), 'Hand pies'));
    const edge = [...text.matchAll(/(-?[\d.]+) (-?[\d.]+) [ml]\n/g)].map(([, x, y]) => [
      Number(x),
      Number(y),
    ]);
    // The long runs of the edge; the bar and the ticks lie at the foot.
    const above = edge.filter(([, y]) => y! < 257 * POINTS_PER_MM).map(([x]) => x!);
    const across = (Math.max(...above) - Math.min(...above)) / POINTS_PER_MM;
    expect(across).toBeCloseTo(140, 0);
  });
});

/** As a reader of PDF tells it: fractions as figures round a stroke, all spaces alike. */
const plain = (text: string): string => text.normalize('NFKD').replace(/\s+/g, ' ');

describe('the slip as a PDF, read back', () => {
  it.each(['metric', 'us'] as const)('says of every form in %s units what the screen says', async (units) => {
    const slips = formKinds.map((kind) => {
      const plan = planOf(changeForm(starterSpec, kind).spec);
      return { plan, sheets: slipPages(plan, 'a4', { units, timeAt: null, code: null }) };
    });
    const read = await wordsOf(
      await Promise.all(slips.map(({ plan, sheets }) => pagesPdf(sheets, plan.spec.name))),
    );
    for (const [i, { plan, sheets }] of slips.entries()) {
      const words = plain(read[i] ?? '');
      for (const line of plan.slip.flatMap(({ lines }) => lines)) {
        const { number, unit } = slipWords(line, units);
        expect(words).toContain(plain(line.label));
        expect(words).toContain(plain(`${number} ${unit}`));
      }
      for (const mark of sheets.flatMap(({ marks }) => marks)) {
        if (mark.kind === 'text') expect(words).toContain(plain(mark.text));
      }
    }
  });

  it('has every Latin letter and every fraction of ours', async () => {
    const signs =
      'Crème brûlée, Þorláksmessa, Łódź, Šumava, kőrözött; ⅛ ⅓ ⅔ ⅜ ⅝ ⅞ 1⅞ 2½ 180 °C 3 × 4–5 “so” …';
    const page: Page = {
      title: 'Signs',
      widthMm: 210,
      heightMm: 297,
      marks: [
        { kind: 'text', x: 20, y: 20, text: signs, sizeMm: 4, anchor: 'start' },
        { kind: 'text', x: 190, y: 40, text: signs, sizeMm: 3, anchor: 'end', bold: true },
      ],
    };
    const [read = ''] = await wordsOf([await pagesPdf([page], 'Signs')]);
    expect(plain(read).split('Crème'.normalize('NFKD')).length).toBe(3);
    expect(plain(read)).toContain(plain(signs));
  });
});

describe('stretches of text', () => {
  const latin = (code: number): boolean => code < 0x100 || code === 0x2044;
  const more = (code: number): boolean => code >= 0x100 && code < 0x180;
  const told = (text: string) =>
    printRuns(text, [latin, more]).map(({ text: part, font, fraction }) => [
      part,
      fraction ? 'fraction' : font,
    ]);

  it.each([
    ['Damson', [['Damson', 0]]],
    [
      'Šípková',
      [
        ['Š', 1],
        ['ípková', 0],
      ],
    ],
    [
      '1⅞ tsp',
      [
        ['1', 0],
        ['7⁄8', 'fraction'],
        [' tsp', 0],
      ],
    ],
    [
      'Слива и айва 2',
      [
        ['Слива и айва ', null],
        ['2', 0],
      ],
    ],
  ])('of %s', (text, runs) => {
    expect(told(text)).toEqual(runs);
  });
});

describe('the sheets to print', () => {
  beforeEach(() => useSettings.setState({ units: 'metric' }));

  it('are shown as they print, and left out one by one', async () => {
    const user = userEvent.setup();
    renderInKitchen(<PrintSheets pieId="p1" plan={planOf()} onClose={() => undefined} />);
    const save = await screen.findByRole('button', { name: /Save \d+ pages as PDF/ });
    const before = Number(/\d+/.exec(save.textContent)?.[0]);
    expect(screen.getAllByRole('img')).toHaveLength(before);
    await user.click(screen.getByRole('checkbox', { name: /^Base/ }));
    expect(Number(/\d+/.exec(save.textContent)?.[0])).toBe(before - 4);
    await user.click(screen.getByRole('radio', { name: /Letter/ }));
    expect(screen.getByRole('radio', { name: /Letter/ })).toHaveAttribute('aria-checked', 'true');
  });

  it('begin with Letter where people measure in inches', async () => {
    useSettings.setState({ units: 'us' });
    renderInKitchen(<PrintSheets pieId="p1" plan={planOf()} onClose={() => undefined} />);
    expect(await screen.findByRole('radio', { name: /Letter/ })).toHaveAttribute('aria-checked', 'true');
  });
});
