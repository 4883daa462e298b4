import fc from 'fast-check';
import polygonClipping from 'polygon-clipping';
import type { DishSpec } from '../schema/index.js';
import { cutOutShapes } from '../schema/index.js';
import type { Solid } from '../test/solids.js';
import { solidVolumes } from '../test/solids.js';
import { cutOutPoints, packCutOuts, placedPoints, polygonAreaCm2 } from './tops/cut-out.js';
import { baseFromWaterCm, capHeightCm, outlineAt, topOutline, volumeMl, wallAreaCm2 } from './dish.js';
import type { Point } from './drawing.js';
import { makeLattice } from './tops/lattice.js';
import type { Outline } from './outline.js';
import { areaCm2, chordCm, extentCm, perimeterCm } from './outline.js';

/** Areas and volumes against geometry libraries of the registry: polygon-clipping 0.15 and manifold-3d 3.5. */

type Ring = [number, number][];

const CORNERS = 720;
const ring = ({ kind, lengthCm, widthCm }: Outline): Ring => {
  const [a, b] = [widthCm / 2, lengthCm / 2];
  if (kind === 'rectangle') {
    return [
      [-a, -b],
      [a, -b],
      [a, b],
      [-a, b],
    ];
  }
  return Array.from({ length: CORNERS }, (_, i) => {
    const t = (2 * Math.PI * i) / CORNERS;
    return [a * Math.cos(t), b * Math.sin(t)];
  });
};
const ringArea = (points: Ring): number => polygonAreaCm2(points);
const areaOf = (shape: ReturnType<typeof polygonClipping.union>): number =>
  shape.reduce(
    (sum, [outer, ...holes]) =>
      sum + ringArea(outer ?? []) - holes.reduce((inner, hole) => inner + ringArea(hole), 0),
    0,
  );
const strip = (offset: number, width: number, angleRad: number): Ring => {
  const [ux, uy] = [Math.sin(angleRad), Math.cos(angleRad)];
  const corner = (t: number, d: number): [number, number] => [uy * d + ux * t, -ux * d + uy * t];
  const [low, high] = [offset - width / 2, offset + width / 2];
  return [corner(-99, low), corner(99, low), corner(99, high), corner(-99, high)];
};

const round: DishSpec = { label: 'round', topCm: 22.9, baseCm: 18.3, depthCm: 3.5, material: 'glass' };
const dishes: Record<string, DishSpec> = {
  round,
  square: { ...round, shape: 'square', topCm: 20.3, baseCm: 18.5, depthCm: 5 },
  rectangle: { ...round, shape: 'rectangle', topCm: 33, widthCm: 23, baseCm: 30, depthCm: 5 },
  oval: { ...round, shape: 'oval', topCm: 30, widthCm: 20, baseCm: 25, depthCm: 5 },
};

describe('volumes of dishes', () => {
  it('are those of the solids between base and top, within .05 %', () => {
    const solids = Object.values(dishes).map((dish): Solid => ({
      kind: 'hull',
      base: ring(outlineAt(dish, 0)),
      top: ring(outlineAt(dish, 1)),
      heightCm: dish.depthCm,
    }));
    const volumes = solidVolumes(solids);
    Object.values(dishes).forEach((dish, i) => {
      expect(Math.abs(volumeMl(dish) / volumes[i]! - 1)).toBeLessThan(5e-4);
    });
  });

  it('of mounds are those of cut spheres, within .1 %', () => {
    const caps = [120, 400, 900].map((ml): Solid & { ml: number } => {
      const heightCm = capHeightCm(ml, 22.9);
      return { kind: 'cap', radiusCm: (11.45 ** 2 + heightCm ** 2) / (2 * heightCm), heightCm, ml };
    });
    solidVolumes(caps).forEach((volume, i) => {
      expect(Math.abs(volume / caps[i]!.ml - 1)).toBeLessThan(1e-3);
    });
  });

  it('give back the base from the water that the dish holds', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...Object.values(dishes)),
        fc.double({ min: 0.6, max: 1, noNaN: true }),
        (dish, lean) => {
          const whole = { ...dish, baseCm: dish.topCm * lean };
          if (outlineAt(whole, 0).widthCm <= 0) return;
          expect(baseFromWaterCm(whole, volumeMl(whole))).toBeCloseTo(whole.baseCm, 3);
        },
      ),
    );
    expect(baseFromWaterCm(round, 9000)).toBeNull();
    expect(baseFromWaterCm(round, 20)).toBeNull();
  });

  it('have walls as large as the slant and the girths say', () => {
    // Cone frustum: pi (R + r) s, exact.
    expect(wallAreaCm2(round)).toBeCloseTo(Math.PI * (11.45 + 9.15) * Math.hypot(3.5, 2.3), 6);
  });
});

describe('outlines', () => {
  it.each(Object.entries(dishes))('of a %s dish have the area and girth of their polygon', (_, dish) => {
    const top = topOutline(dish);
    const points = ring(top);
    const girth = points.reduce((sum, [x, y], i) => {
      const [nx, ny] = points[(i + 1) % points.length]!;
      return sum + Math.hypot(nx - x, ny - y);
    }, 0);
    expect(Math.abs(areaCm2(top) / areaOf(polygonClipping.union([points])) - 1)).toBeLessThan(1e-4);
    expect(Math.abs(perimeterCm(top) / girth - 1)).toBeLessThan(1e-4);
  });

  it.each(Object.entries(dishes))('of a %s dish are crossed by chords that add up to the area', (_, dish) => {
    const top = topOutline(dish);
    for (const angle of [0, 0.4, Math.PI / 3, Math.PI / 2]) {
      const reach = extentCm(top, angle);
      const lines = 4000;
      let sum = 0;
      for (let i = 0; i < lines; i++) {
        sum += (chordCm(top, angle, ((i + 0.5) / lines - 0.5) * reach) * reach) / lines;
      }
      expect(Math.abs(sum / areaCm2(top) - 1)).toBeLessThan(1e-3);
      expect(chordCm(top, angle, reach * 0.51)).toBe(0);
    }
  });
});

describe('a lattice', () => {
  it.each([
    ['round', 90, 6, undefined],
    ['round', 60, 7, undefined],
    ['round', 45, 9, 1],
    ['square', 90, 6, undefined],
    ['rectangle', 90, 7, 1.2],
    ['oval', 90, 6, undefined],
  ] as const)(
    'on a %s top at %d degrees, %d strips, leaves open what the polygons do',
    (name, angleDeg, strips, second) => {
      const dish = dishes[name]!;
      const lattice = makeLattice({ strips, widthCm: 1.6, secondWidthCm: second, angleDeg }, dish, 3.2);
      const top = ring(topOutline(dish));
      const laid = [
        ...lattice.long.map(({ offsetCm, widthCm }) => strip(offsetCm, widthCm, 0)),
        ...lattice.cross.map(({ offsetCm, widthCm }) =>
          strip(offsetCm, widthCm, (lattice.angleDeg * Math.PI) / 180),
        ),
      ];
      const covered = polygonClipping.intersection(
        [top],
        polygonClipping.union(
          laid.map((points) => [points])[0]!,
          ...laid.slice(1).map((points) => [points] as [Ring]),
        ),
      );
      const open = 1 - areaOf(covered) / areaCm2(topOutline(dish));
      expect(Math.abs(open - lattice.openShare)).toBeLessThan(0.015);
    },
  );

  it('cuts every strip out of its sheet, and wastes less than side by side', () => {
    const { long, cross, sheetCm } = makeLattice({ strips: 8, widthCm: 1.5, angleDeg: 90 }, round, 3.2);
    const all = [...long, ...cross];
    const used = all.reduce((sum, { lengthCm, widthCm }) => sum + lengthCm * widthCm, 0);
    expect(sheetCm.lengthCm * sheetCm.widthCm * (1 - sheetCm.wasteShare)).toBeCloseTo(used, 6);
    expect(sheetCm.widthCm).toBeLessThanOrEqual(all.reduce((sum, { widthCm }) => sum + widthCm, 0) + 1e-9);
    expect(Math.max(...all.map(({ lengthCm }) => lengthCm))).toBeCloseTo(sheetCm.lengthCm, 9);
  });
});

describe('cut-outs', () => {
  const closed = (points: readonly Point[]): [Ring] => [points.map(([x, y]) => [x, y])];

  it.each(cutOutShapes)('shaped as a %s have the area of their polygon', (shape) => {
    const points = cutOutPoints(shape);
    expect(polygonAreaCm2(points)).toBeCloseTo(areaOf(polygonClipping.union(closed(points))), 6);
  });

  it('of discs come near the circle that they are', () => {
    expect(Math.abs(polygonAreaCm2(cutOutPoints('disc')) / (Math.PI / 4) - 1)).toBeLessThan(0.005);
  });

  it.each([
    ['disc', 'round', 5],
    ['scallop', 'round', 4],
    ['leaf', 'round', 6],
    ['petal', 'oval', 5],
    ['disc', 'rectangle', 4.5],
    ['disc', 'square', 5],
  ] as const)(
    'of %s on a %s top, %d cm, touch a neighbour, reach the rim, and cover what the polygons do',
    (shape, name, sizeCm) => {
      const dish = dishes[name]!;
      const packed = packCutOuts({ shape, sizeCm }, dish, 3.2);
      const polygons = packed.pieces.map((piece) => closed(placedPoints(packed, piece)));
      // A hair larger, so that what only touches meets.
      const grown = packed.pieces.map((piece) =>
        closed(placedPoints({ ...packed, sizeCm: packed.sizeCm * 1.04 }, piece)),
      );
      grown.forEach((piece, i) => {
        const meets = grown.some(
          (other, j) => j !== i && polygonClipping.intersection(piece, other).length > 0,
        );
        expect(meets).toBe(true);
      });
      const [first, ...rest] = polygons;
      const union = polygonClipping.union(first!, ...rest);
      const reach = Math.max(...union.flat(2).map(([x]) => Math.abs(x)));
      expect(Math.abs(reach / (topOutline(dish).widthCm / 2) - 1)).toBeLessThan(0.02);
      const open = 1 - areaOf(union) / areaCm2(topOutline(dish));
      expect(Math.abs(open - packed.openShare)).toBeLessThan(0.06);
    },
  );

  /** Touching circles cover at most .907 of a plane (pi / sqrt 12); rings in a disc less. */
  it('of 5 cm stand in rows on a rectangle, as many as it takes to cover it', () => {
    const tin = dishes['rectangle']!;
    const { pieces } = packCutOuts({ shape: 'disc', sizeCm: 5 }, tin, 3.2);
    const outline = topOutline(tin);
    expect(pieces).toHaveLength(Math.ceil(outline.widthCm / 5) * Math.ceil(outline.lengthCm / 5));
  });

  it('never cover more than touching circles can, but for what overlaps', () => {
    const { openShare } = packCutOuts({ shape: 'disc', sizeCm: 3 }, round, 3.2);
    expect(openShare).toBeGreaterThan(1 - 0.907);
    expect(openShare).toBeLessThan(0.3);
  });
});
