import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Page } from '@mardle/core';
import { changeForm, SCALE_BAR_MM, starterSpec, templatesOf, tile } from '@mardle/core';
import { useSettings } from '../../state/settings.js';
import { planOf, renderInKitchen } from '../../test/kitchen.js';
import { pagesPdf } from './pdf.js';
import { PrintSheets } from './PrintSheets.js';

const POINTS_PER_MM = 72 / 25.4;

/** The text of a PDF as written; its drawing operators are not compressed. */
const textOf = async (pdf: Blob): Promise<string> =>
  new TextDecoder('latin1').decode(await pdf.arrayBuffer());

const pages = (paper: 'a4' | 'letter'): Page[] => {
  const plan = planOf(changeForm(starterSpec, 'free_form').spec);
  return templatesOf(plan).flatMap((drawing) => tile(drawing, paper));
};

describe('the PDF', () => {
  it.each([
    ['a4', 210, 297],
    ['letter', 215.9, 279.4],
  ] as const)('has pages of %s, each with a bar of 10 cm as drawn', async (paper, widthMm, heightMm) => {
    const sheets = pages(paper);
    const text = await textOf(await pagesPdf(sheets, 'Greengage'));
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
    const [disc] = templatesOf(plan);
    const text = await textOf(await pagesPdf(tile(disc!, 'a4'), 'Hand pies'));
    const edge = [...text.matchAll(/(-?[\d.]+) (-?[\d.]+) [ml]\n/g)].map(([, x, y]) => [
      Number(x),
      Number(y),
    ]);
    // The long runs of the edge; the bar and the ticks lie at the foot.
    const above = edge.filter(([, y]) => y! > 40 * POINTS_PER_MM).map(([x]) => x!);
    const across = (Math.max(...above) - Math.min(...above)) / POINTS_PER_MM;
    expect(across).toBeCloseTo(140, 0);
  });
});

describe('the sheets to print', () => {
  beforeEach(() => useSettings.setState({ units: 'metric' }));

  it('are shown as they print, and left out one by one', async () => {
    const user = userEvent.setup();
    renderInKitchen(<PrintSheets plan={planOf()} onClose={() => undefined} />);
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
    renderInKitchen(<PrintSheets plan={planOf()} onClose={() => undefined} />);
    expect(await screen.findByRole('radio', { name: /Letter/ })).toHaveAttribute('aria-checked', 'true');
  });
});
