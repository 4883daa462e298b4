import type { CutOutShape, CutOutSpec, DishSpec } from '../../schema/index.js';
import { topOutline } from '../dish.js';
import type { Point } from '../drawing.js';
import type { Outline } from '../outline.js';
import { areaCm2, grown, perimeterCm } from '../outline.js';
import { cutterYield, doughOverG } from '../rolled.js';

/** Half the outline of a shape of length 1 along y, from its outer end at .5 to its inner end: half-width at a height. */
const halfWidths: Readonly<Record<CutOutShape, (y: number) => number>> = {
  disc: (y) => Math.sqrt(Math.max(0, 0.25 - y * y)),
  leaf: (y) => 0.25 * (1 - 4 * y * y),
  petal: (y) => 0.5 * Math.sqrt(Math.max(0, 0.5 - y)) * (y + 0.5) ** 0.8 * 1.32,
  scallop: (y) => Math.sqrt(Math.max(0, 0.25 - y * y)) * (1 - 0.07 * Math.abs(Math.sin(12 * y))),
};

export const cutOutLabels: Readonly<Record<CutOutShape, string>> = {
  disc: 'Discs',
  leaf: 'Leaves',
  petal: 'Petals',
  scallop: 'Scallops',
};

const STEPS = 24;

/** Closed outline of a piece of length 1 about its middle, its outer end up. */
export function cutOutPoints(shape: CutOutShape): Point[] {
  const side = Array.from({ length: STEPS + 1 }, (_, i): Point => {
    // Steps lie closer at the ends, where the outline turns.
    const y = 0.5 * Math.cos((Math.PI * i) / STEPS);
    return [halfWidths[shape](y), y];
  });
  return [
    ...side,
    ...side
      .slice(1, -1)
      .reverse()
      .map(([x, y]): Point => [-x, y]),
  ];
}

/** Area of a closed outline by the shoelace rule. */
export const polygonAreaCm2 = (points: readonly Point[]): number =>
  Math.abs(
    points.reduce((sum, [x, y], i) => {
      const [nx, ny] = points[(i + 1) % points.length]!;
      return sum + x * ny - nx * y;
    }, 0),
  ) / 2;

interface ShapeMeasures {
  readonly points: readonly Point[];
  readonly area: number;
  readonly width: number;
}

const measured = new Map<CutOutShape, ShapeMeasures>();

/** Outline, area and width of a shape of length 1. */
function measureShape(shape: CutOutShape): ShapeMeasures {
  const known = measured.get(shape);
  if (known) return known;
  const points = cutOutPoints(shape);
  const measures = {
    points,
    area: polygonAreaCm2(points),
    width: 2 * Math.max(...points.map(([x]) => x)),
  };
  measured.set(shape, measures);
  return measures;
}

/** Where one piece lies: its middle, and how far it is turned, its outer end pointing away from the middle at 0. */
interface Placed {
  readonly x: number;
  readonly y: number;
  readonly turnRad: number;
}

export interface CutOuts {
  readonly shape: CutOutShape;
  readonly sizeCm: number;
  readonly widthCm: number;
  readonly pieces: readonly Placed[];
  readonly pieceCm2: number;
  /** Pieces that cover, where one lies over another counted in part. */
  readonly showing: number;
  readonly openShare: number;
  /** Dough that lies on the pie, and what must be rolled to cut it. */
  readonly liesG: number;
  readonly massG: number;
}

/** Pieces side by side along a ring, just touching; how many would exactly fill it. */
function ring(middle: Outline, widthCm: number): { readonly placed: Placed[]; readonly exact: number } {
  const exact = perimeterCm(middle) / widthCm;
  const count = Math.max(1, Math.ceil(exact));
  const a = middle.lengthCm / 2;
  const b = middle.widthCm / 2;
  // Equal steps of arc along the ellipse.
  const SAMPLES = 360;
  const at = (i: number): Point => {
    const t = (2 * Math.PI * i) / SAMPLES;
    return [b * Math.sin(t), a * Math.cos(t)];
  };
  const placed: Placed[] = [];
  const step = perimeterCm(middle) / count;
  let walked = 0;
  for (let i = 0; i < SAMPLES && placed.length < count; i++) {
    const [x, y] = at(i);
    const [nx, ny] = at(i + 1);
    const long = Math.hypot(nx - x, ny - y);
    while (placed.length < count && walked + long >= step * placed.length - 1e-9) {
      const share = long > 0 ? (step * placed.length - walked) / long : 0;
      const px = x + (nx - x) * share;
      const py = y + (ny - y) * share;
      // Outward is the normal of the ellipse, not the ray from its middle.
      placed.push({ x: px, y: py, turnRad: Math.atan2(px / b ** 2, py / a ** 2) });
    }
    walked += long;
  }
  return { placed, exact };
}

const SAMPLES_A_SIDE = 20;

/** Share covered of one cell of a grid of pieces that overlap where the steps are shorter than the pieces. */
function cellCover(shape: CutOutShape, sizeCm: number, stepX: number, stepY: number): number {
  const on = (x: number, y: number): boolean =>
    Math.abs(y) <= sizeCm / 2 && Math.abs(x) <= halfWidths[shape](y / sizeCm) * sizeCm;
  let covered = 0;
  for (let i = 0; i < SAMPLES_A_SIDE; i++) {
    for (let j = 0; j < SAMPLES_A_SIDE; j++) {
      const x = ((i + 0.5) / SAMPLES_A_SIDE) * stepX;
      const y = ((j + 0.5) / SAMPLES_A_SIDE) * stepY;
      const any = on(x, y) || on(x - stepX, y) || on(x, y - stepY) || on(x - stepX, y - stepY);
      if (any) covered++;
    }
  }
  return covered / SAMPLES_A_SIDE ** 2;
}

/**
 * Pieces packed to touch: rings from the rim inward on a round or oval top, rows on a square one. The outer ends of the
 * outer ring touch the rim, each piece touches its neighbours, and the first of each ring stands on the first of the next,
 * so that nothing drifts.
 */
export function packCutOuts({ shape, sizeCm }: CutOutSpec, dish: DishSpec, thicknessMm: number): CutOuts {
  const outline = topOutline(dish);
  const { area, width } = measureShape(shape);
  const widthCm = width * sizeCm;
  const pieceCm2 = area * sizeCm ** 2;
  const pieces: Placed[] = [];
  let showing = 0;
  if (outline.kind === 'rectangle') {
    const across = Math.max(1, Math.ceil(outline.widthCm / widthCm));
    const along = Math.max(1, Math.ceil(outline.lengthCm / sizeCm));
    for (let i = 0; i < along; i++) {
      for (let j = 0; j < across; j++) {
        const x =
          across === 1
            ? 0
            : -outline.widthCm / 2 + widthCm / 2 + ((outline.widthCm - widthCm) * j) / (across - 1);
        const y =
          along === 1
            ? 0
            : -outline.lengthCm / 2 + sizeCm / 2 + ((outline.lengthCm - sizeCm) * i) / (along - 1);
        pieces.push({ x, y, turnRad: 0 });
      }
    }
    const stepX = across === 1 ? outline.widthCm : (outline.widthCm - widthCm) / (across - 1);
    const stepY = along === 1 ? outline.lengthCm : (outline.lengthCm - sizeCm) / (along - 1);
    showing = (areaCm2(outline) * cellCover(shape, sizeCm, stepX, stepY)) / pieceCm2;
  } else {
    let middle = grown(outline, -sizeCm / 2);
    while (Math.min(middle.lengthCm, middle.widthCm) > sizeCm * 0.6) {
      const { placed, exact } = ring(middle, widthCm);
      pieces.push(...placed);
      showing += Math.min(exact, placed.length);
      middle = grown(middle, -sizeCm);
    }
    // What is left in the middle takes one piece more.
    if (Math.min(middle.lengthCm, middle.widthCm) > -0.6 * sizeCm) {
      pieces.push({ x: 0, y: 0, turnRad: 0 });
      showing += 0.8;
    }
  }
  const liesG = pieces.length * doughOverG(pieceCm2, thicknessMm);
  return {
    shape,
    sizeCm,
    widthCm,
    pieces,
    pieceCm2,
    showing,
    openShare: Math.max(0, 1 - (showing * pieceCm2) / areaCm2(outline)),
    liesG,
    massG: liesG / cutterYield.rerolled,
  };
}

/**
 * Outline of a piece where it lies.
 * @param options shape and size in cm, place in cm and turn in rad
 * @param options shape and size in cm, place in cm and turn in rad
 * @returns a closed line of points, cm
 * @example placedPoints({ shape: 'disc', sizeCm: 3 }, { x: 0, y: 0, turnRad: 0 }).length // 48
 */
export function placedPoints({ shape, sizeCm }: CutOuts, { x, y, turnRad }: Placed): Point[] {
  const sin = Math.sin(turnRad);
  const cos = Math.cos(turnRad);
  return measureShape(shape).points.map(([px, py]) => [
    x + sizeCm * (px * cos + py * sin),
    y + sizeCm * (-px * sin + py * cos),
  ]);
}
