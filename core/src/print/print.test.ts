import fc from 'fast-check';
import type { Drawing, Mark } from '../geometry/index.js';
import { clipSegment, makeLattice } from '../geometry/index.js';
import type { PiePlan } from '../plan/index.js';
import { changeForm, draftPlan } from '../plan/index.js';
import type { FormKind } from '../schema/index.js';
import { formKinds, starterSpec, usualLattice } from '../schema/index.js';
import type { Page } from './paper.js';
import { MARGIN_MM, OVERLAP_MM, paperNames, papers, SCALE_BAR_MM, tile } from './paper.js';
import { slipPages } from './slip-sheet.js';
import { pageSvg } from './svg.js';
import { makeTemplates } from './templates.js';

function planOf(kind: FormKind): PiePlan {
  const planned = draftPlan(changeForm(starterSpec, kind).spec);
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  return planned.plan;
}

const drawing = (kind: FormKind, id: string): Drawing => {
  const found = makeTemplates(planOf(kind)).find((one) => one.id === id);
  if (!found) throw new Error(`no template ${id}`);
  return found;
};

type LineMark = Extract<Mark, { kind: 'line' }>;
const linesOf = ({ marks }: { readonly marks: readonly Mark[] }, role: LineMark['role']): LineMark[] =>
  marks.filter((mark): mark is LineMark => mark.kind === 'line' && mark.role === role);

/** Extent of lines across and down, mm. */
function extent(lines: readonly LineMark[]): readonly [number, number] {
  const all = lines.flatMap(({ points }) => points);
  const xs = all.map(([x]) => x);
  const ys = all.map(([, y]) => y);
  return [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
}

const lengthOf = (lines: readonly LineMark[]): number =>
  lines.reduce(
    (sum, { points }) =>
      sum +
      points.slice(1).reduce((part, [x, y], i) => {
        const before = points[i]!;
        return part + Math.hypot(x - before[0], y - before[1]);
      }, 0),
    0,
  );

describe('templates at true size', () => {
  it('a base and a lid are as large as the plan says', () => {
    const { build } = planOf('double_crust');
    const [across, down] = extent(linesOf(drawing('double_crust', 'base'), 'cut'));
    expect(across).toBeCloseTo(10 * build.base!.outline.widthCm, 1);
    expect(down).toBeCloseTo(10 * build.base!.outline.lengthCm, 1);
    const lid = build.top.kind === 'lid' ? build.top.sheet.outline.widthCm : 0;
    expect(extent(linesOf(drawing('double_crust', 'lid'), 'cut'))[0]).toBeCloseTo(10 * lid, 1);
  });

  it('every strip is on the sheet with its own length and width, and none lies on another', () => {
    const { build } = planOf('lattice');
    if (build.top.kind !== 'lattice') throw new Error('no lattice');
    const { long, cross, sheetCm } = build.top.lattice;
    const drawn = linesOf(drawing('lattice', 'strips'), 'cut').map((mark) => extent([mark]));
    const wanted = [...long, ...cross].map(({ widthCm, lengthCm }) => [10 * widthCm, 10 * lengthCm]);
    const sorted = (rows: readonly (readonly number[])[]): string[] =>
      rows.map(([w, l]) => `${w?.toFixed(1)} x ${l?.toFixed(1)}`).sort();
    expect(sorted(drawn)).toEqual(sorted(wanted));
    for (const [i, a] of sheetCm.pieces.entries()) {
      expect(a.fromCm + a.strip.lengthCm).toBeLessThanOrEqual(sheetCm.lengthCm + 1e-9);
      expect(a.acrossCm + a.strip.widthCm).toBeLessThanOrEqual(sheetCm.widthCm + 1e-9);
      for (const b of sheetCm.pieces.slice(i + 1)) {
        const apart =
          a.fromCm + a.strip.lengthCm <= b.fromCm + 1e-9 ||
          b.fromCm + b.strip.lengthCm <= a.fromCm + 1e-9 ||
          a.acrossCm + a.strip.widthCm <= b.acrossCm + 1e-9 ||
          b.acrossCm + b.strip.widthCm <= a.acrossCm + 1e-9;
        expect(apart).toBe(true);
      }
    }
  });

  it('short strips share a lane when that saves dough', () => {
    const dish = { label: 'd', topCm: 32, baseCm: 26, depthCm: 4, material: 'glass' };
    const lattice = makeLattice({ ...usualLattice, strips: 15, widthCm: 0.8 }, dish, 3);
    const side = [...lattice.long, ...lattice.cross].reduce((sum, { widthCm }) => sum + widthCm, 0);
    expect(lattice.sheetCm.widthCm).toBeLessThan(side);
  });

  it('a cut-out is drawn as long as it is cut, and each where it lies', () => {
    const { build } = planOf('cut_out');
    if (build.top.kind !== 'cut_outs') throw new Error('no cut-outs');
    const { sizeCm, pieces } = build.top.cutOuts;
    expect(extent(linesOf(drawing('cut_out', 'piece'), 'cut'))[1]).toBeCloseTo(10 * sizeCm, 1);
    expect(linesOf(drawing('cut_out', 'pieces'), 'cut')).toHaveLength(pieces.length);
  });

  it('a free-form disc shows its fold', () => {
    const { build } = planOf('free_form');
    if (build.top.kind !== 'border') throw new Error('no border');
    const { discCm, fillingCm } = build.top.freeForm;
    const disc = drawing('free_form', 'disc');
    expect(extent(linesOf(disc, 'cut'))[0]).toBeCloseTo(10 * discCm, 1);
    expect(extent(linesOf(disc, 'guide'))[0]).toBeCloseTo(10 * fillingCm, 1);
  });

  it.each(formKinds)('%s has something to print', (kind) => {
    expect(makeTemplates(planOf(kind)).length).toBeGreaterThan(0);
  });
});

describe('paper', () => {
  it('has the sizes of ISO 216 and of US Letter (8.5 x 11 in)', () => {
    expect(papers.a4).toMatchObject({ widthMm: 210, heightMm: 297 });
    expect(papers.letter.widthMm).toBeCloseTo(8.5 * 25.4, 6);
    expect(papers.letter.heightMm).toBeCloseTo(11 * 25.4, 6);
  });

  it.each(paperNames)('%s: no words lie over a joint', (name) => {
    const wide = { ...starterSpec, dish: { ...starterSpec.dish, topCm: 30, baseCm: 28, depthCm: 5 } };
    for (const kind of formKinds) {
      const planned = draftPlan(changeForm(wide, kind).spec);
      if (!planned.ok) throw new Error(kind);
      for (const one of makeTemplates(planned.plan)) {
        for (const page of tile(one, name)) {
          for (const mark of page.marks) {
            if (mark.kind !== 'text' || mark.anchor !== 'middle') continue;
            const half = (mark.text.length * mark.sizeMm * 0.5) / 2;
            expect(mark.x - half).toBeGreaterThan(MARGIN_MM - 1);
            expect(mark.x + half).toBeLessThan(page.widthMm - MARGIN_MM + 1);
          }
        }
      }
    }
  });

  it.each(paperNames)('%s pages carry a bar of 10 cm, and marks keep off the edge', (name) => {
    const pages = tile(drawing('lattice', 'lattice'), name);
    expect(pages.length).toBeGreaterThan(1);
    for (const page of pages) {
      const bar = linesOf(page, 'frame').map((mark) => extent([mark])[0]);
      expect(Math.max(...bar)).toBeCloseTo(SCALE_BAR_MM, 6);
      for (const mark of page.marks) {
        const points = mark.kind === 'line' ? mark.points : [[mark.x, mark.y] as const];
        for (const [x, y] of points) {
          expect(x).toBeGreaterThanOrEqual(MARGIN_MM - 1e-6);
          expect(x).toBeLessThanOrEqual(page.widthMm - MARGIN_MM + 1e-6);
          expect(y).toBeGreaterThanOrEqual(MARGIN_MM - 1e-6);
          expect(y).toBeLessThanOrEqual(page.heightMm - MARGIN_MM + 1e-6);
        }
      }
    }
  });

  it('tiles lose nothing: glued by their overlap, they show every line whole', () => {
    for (const name of paperNames) {
      for (const [kind, id] of [
        ['double_crust', 'base'],
        ['lattice', 'lattice'],
        ['cut_out', 'pieces'],
      ] as const) {
        const whole = drawing(kind, id);
        const drawn = tile(whole, name).reduce((sum, page) => sum + lengthOf(linesOf(page, 'cut')), 0);
        const once = lengthOf(linesOf(whole, 'cut'));
        expect(drawn).toBeGreaterThan(once - 0.5);
        // What lies in an overlap is drawn on two sheets, on four where the corners meet.
        expect(drawn).toBeLessThan(once * 1.5);
      }
    }
  });

  it('what fits on one sheet stays whole, turned if that helps', () => {
    const wide: Drawing = { id: 'x', title: 'X', widthMm: 260, heightMm: 150, marks: [] };
    expect(tile(wide, 'a4')).toHaveLength(1);
    expect(tile(wide, 'a4')[0]?.widthMm).toBe(297);
  });

  it('a line cut to a box lies on the line and in the box', () => {
    const coordinate = fc.double({ min: -500, max: 500, noNaN: true });
    const box = { left: -50, top: -80, right: 120, bottom: 60 };
    fc.assert(
      fc.property(coordinate, coordinate, coordinate, coordinate, (x0, y0, x1, y1) => {
        const cut = clipSegment([x0, y0], [x1, y1], box);
        for (const [x, y] of cut ?? []) {
          expect(x).toBeGreaterThanOrEqual(box.left - 1e-6);
          expect(x).toBeLessThanOrEqual(box.right + 1e-6);
          expect(y).toBeGreaterThanOrEqual(box.top - 1e-6);
          expect(y).toBeLessThanOrEqual(box.bottom + 1e-6);
          expect(Math.abs((x - x0) * (y1 - y0) - (y - y0) * (x1 - x0))).toBeLessThan(1e-6);
        }
        const insideAlready = [
          [x0, y0],
          [x1, y1],
        ].every(([x, y]) => x! > box.left && x! < box.right && y! > box.top && y! < box.bottom);
        if (insideAlready) expect(cut).not.toBeNull();
      }),
    );
  });
});

describe('the slip for the wall', () => {
  it.each(paperNames)('on %s has every line to weigh and every step, within the page', (name) => {
    const plan = planOf('lattice');
    const pages = slipPages(plan, name);
    const words = pages.flatMap(({ marks }) =>
      marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])),
    );
    for (const { label } of plan.slip.flatMap(({ lines }) => lines)) expect(words).toContain(label);
    for (const { label } of plan.clock) expect(words.join(' ')).toContain(label.split(',')[0]);
    // A second page is worth its paper.
    for (const { marks } of pages) expect(marks.length).toBeGreaterThan(8);
    for (const { marks, heightMm } of pages) {
      for (const mark of marks)
        if (mark.kind === 'text') expect(mark.y).toBeLessThan(heightMm - MARGIN_MM + 1);
    }
  });
});

describe('a page as SVG', () => {
  const page = (): Page => tile(drawing('double_crust', 'base'), 'a4')[0]!;

  it('measures in millimetres what the page does', () => {
    const svg = pageSvg(page());
    expect(svg).toContain('width="210mm" height="297mm" viewBox="0 0 210 297"');
    const bars = [...svg.matchAll(/d="M([\d.]+) ([\d.]+)L([\d.]+) ([\d.]+)"/g)].map(([, x0, y0, x1, y1]) =>
      Math.hypot(Number(x1) - Number(x0), Number(y1) - Number(y0)),
    );
    expect(bars).toContain(SCALE_BAR_MM);
    const glue = [...svg.matchAll(/stroke-dasharray/g)];
    expect(glue.length).toBe(2);
    expect(OVERLAP_MM).toBe(10);
  });

  it('keeps what a baker types from breaking it', () => {
    const svg = pageSvg({ ...page(), title: 'Plum & "pear" <new>' });
    expect(svg).toContain('<title>Plum &amp; &quot;pear&quot; &lt;new&gt;</title>');
  });
});

describe('a name on the slip', () => {
  const named = (name: string) => {
    const planned = draftPlan({ ...starterSpec, name });
    if (!planned.ok) throw new Error('the pie is not planned');
    const [first] = slipPages(planned.plan, 'a4');
    return (first?.marks ?? []).flatMap((mark) =>
      mark.kind === 'text' && mark.bold && mark.sizeMm > 7 ? [mark.text] : [],
    );
  };

  it('is broken where it is too long for the sheet, and loses no letter', () => {
    const wide = named('W'.repeat(120));
    // A bold W is about as wide as its size: 182 mm hold 24 of 7.5 mm.
    for (const line of wide) expect(line.length).toBeLessThanOrEqual(24);
    expect(wide.join('')).toBe('W'.repeat(120));
  });

  it('stands on one line where it fits', () => {
    expect(named('Saturday damson with a lattice')).toEqual(['Saturday damson with a lattice']);
  });
});
