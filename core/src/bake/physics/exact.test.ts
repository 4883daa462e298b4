import { aBody } from '../../test/body.js';
import { bisect } from '../../units/index.js';
import type { Link } from '../mesh/mesh-builder.js';
import { makeFaces, makeLines } from '../mesh/mesh-builder.js';
import type { Mesh } from '../mesh/mesh.js';
import { cellKinds, looking } from '../mesh/mesh.js';
import type { BakeModel, BoundaryConditions } from './model.js';
import { bakeModel, evenSurroundings } from './model.js';
import type { BakeState } from './state.js';
import { startState } from './state.js';
import { heatSteps, SLOW_EVERY } from './step.js';
import { FUSION_J_KG } from '../materials/water.js';

/** The scheme of the bake on problems with exact solutions (Carslaw & Jaeger, Conduction of Heat in Solids; from memory). */

interface Bar {
  readonly cells: number;
  readonly lengthM: number;
  readonly k: number;
  /** J/(m3 K), for a bar that is not water. */
  readonly heat: number;
  /** W/(m2 K) at the outer face. */
  readonly h: number;
  readonly waterKgM3?: number;
  /** A wedge of a cylinder about the closed end instead of a bar. */
  readonly round?: boolean;
  /** Lies along the upward lines, or along the outward ones. */
  readonly way?: 'upward' | 'outward';
}

const body = aBody();

/** A bar closed at cell 0, with the last cell's face to the oven. */
function bar(spec: Bar): { model: BakeModel; mesh: Mesh; around: (airC: number) => BoundaryConditions } {
  const { cells, lengthM, heat, h, k, waterKgM3 = 0, round = false, way = 'upward' } = spec;
  const dx = lengthM / cells;
  const edge = (i: number): number => i * dx;
  const volume = (i: number): number => (round ? (edge(i + 1) ** 2 - edge(i) ** 2) / 2 : dx);
  const area = (i: number): number => (round ? edge(i + 1) : 1);
  const line = Array.from({ length: cells }, (_, i): Link => ({
    cell: i,
    areaM2: area(i),
    halfHereM: dx / 2,
    halfNextM: dx / 2,
    contactM2KW: 0,
  }));
  const outside = makeFaces([
    { cell: cells - 1, areaM2: area(cells - 1), emissivity: 0, bare: false, share: 1, looks: looking.aside },
  ]);
  const volumes = Float64Array.from({ length: cells }, (_, i) => volume(i));
  const mesh: Mesh = {
    size: {
      columns: 0,
      sideColumns: 0,
      fillingRows: 0,
      crustRows: 0,
      stepS: 1,
      warmedTimes: 1,
      settledTimes: 1,
      lateSteps: 3,
    },
    kind: new Uint8Array(cells).fill(cellKinds.dish),
    dryJK: volumes.map((v) => heat * v),
    dryKg: new Float64Array(cells).fill(1),
    waterKg: volumes.map((v) => waterKgM3 * v),
    volumeM3: volumes,
    conductivityDry: new Float64Array(cells).fill(k),
    conductivityWet: new Float64Array(cells).fill(k),
    freezesC: new Float64Array(cells).fill(waterKgM3 > 0 ? -0.001 : -273),
    upward: makeLines(way === 'upward' ? [line] : []),
    outward: makeLines(way === 'outward' ? [line] : []),
    ends: way === 'upward' ? outside : makeFaces([]),
    sides: way === 'outward' ? outside : makeFaces([]),
    stacks: [],
    columnArea: new Float64Array(0),
    edgeArea: new Float64Array(0),
    middleArea: new Float64Array(0),
    topCells: [],
    topWeights: new Float64Array(0),
    baseCells: [],
    outerBase: [],
    washed: [],
    pastry: [],
    fillingCells: [],
    middleCells: [],
    preheated: [],
    sideCells: [],
  };
  // The half cell between the last node and the face stands in series with the film.
  const film = 1 / (1 / h + dx / 2 / k);
  return {
    mesh,
    model: bakeModel(mesh, body, 101325),
    around: (airC) => evenSurroundings(airC, film, 0),
  };
}

function runBar(spec: Bar, startC: number, airC: number, seconds: number, steps = 600): BakeState {
  const { mesh, model, around } = bar(spec);
  const state = startState(mesh, body, startC);
  const rounds = Math.ceil(steps / SLOW_EVERY);
  for (let i = 0; i < rounds; i++) {
    heatSteps(model, state, () => around(airC), seconds / rounds / SLOW_EVERY);
  }
  return state;
}

/** First roots of z tan z = Bi, by bisection. */
const slabRoots = (bi: number, count: number): number[] =>
  Array.from({ length: count }, (_, n) => {
    const from = n * Math.PI;
    return bisect(from, from + Math.PI / 2 - 1e-12, 1e-13, (z) => z * Math.tan(z) >= bi);
  });

const slab = (bi: number, fo: number, x: number): number =>
  slabRoots(bi, 40).reduce(
    (sum, z) =>
      sum + ((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))) * Math.exp(-z * z * fo) * Math.cos(z * x),
    0,
  );

describe('against exact solutions', () => {
  it.each([
    [0.5, 0.3],
    [0.5, 1],
    [4, 0.2],
    [4, 0.6],
  ])('a slab with convection, Bi %d, Fo %d: within .3 %% of the span', (bi, fo) => {
    const spec = { cells: 40, lengthM: 0.04, k: 0.5, heat: 3.6e6, h: (bi * 0.5) / 0.04 };
    const seconds = (fo * 0.04 ** 2 * 3.6e6) / 0.5;
    const { tempC } = runBar(spec, 20, 120, seconds);
    for (const i of [0, 13, 26, 39]) {
      const exact = 120 - 100 * slab(bi, fo, (i + 0.5) / 40);
      expect(Math.abs(tempC[i]! - exact)).toBeLessThan(0.3);
    }
  });

  it('a half space after a step at its face: within .4 % of the span', () => {
    // erfc by its complement series; the bar is long enough not to feel its far end.
    const erf = (x: number): number => {
      let sum = 0;
      for (let n = 0, term = x; n < 60; n++) {
        sum += term / (2 * n + 1);
        term *= (-x * x) / (n + 1);
      }
      return (2 / Math.sqrt(Math.PI)) * sum;
    };
    const spec = { cells: 120, lengthM: 0.12, k: 0.5, heat: 3.6e6, h: 1e7 };
    const { tempC } = runBar(spec, 0, 100, 1500);
    const spread = 2 * Math.sqrt((0.5 / 3.6e6) * 1500);
    for (const i of [119, 110, 100, 90]) {
      const depth = 0.12 - (i + 0.5) * 0.001;
      expect(Math.abs(tempC[i]! - 100 * (1 - erf(depth / spread)))).toBeLessThan(0.4);
    }
  });

  it('ice melting from a warm face (Stefan): heat taken up within 2 %', () => {
    const waterKgM3 = 1000;
    const k = 0.58;
    const spec = { cells: 120, lengthM: 0.03, k, heat: 0, h: 1e7, waterKgM3 };
    const seconds = 5400;
    const state = runBar(spec, -0.2, 20, seconds, 6000);
    const start = startState(bar(spec).mesh, body, -0.2);
    const taken = state.enthalpyJ.reduce((sum, h, i) => sum + h - start.enthalpyJ[i]!, 0);
    // Neumann's one-phase solution: St / sqrt(pi) = z exp(z^2) erf(z), with the 95 % of the water that freezes.
    const latent = 0.95 * FUSION_J_KG;
    const stefan = (4180 * 20) / latent;
    const erf = (x: number): number =>
      (2 / Math.sqrt(Math.PI)) * (x - x ** 3 / 3 + x ** 5 / 10 - x ** 7 / 42);
    const low = bisect(0, 1, 1e-14, (z) => z * Math.exp(z * z) * erf(z) >= stefan / Math.sqrt(Math.PI));
    const depth = 2 * low * Math.sqrt((k / (4180 * waterKgM3)) * seconds);
    // Heat through the face, integrated: k dT / sqrt(pi a t) / erf(z) from 0 to t.
    const exact =
      (2 * k * 20 * Math.sqrt(seconds)) / (Math.sqrt((Math.PI * k) / (4180 * waterKgM3)) * erf(low));
    expect(depth).toBeLessThan(spec.lengthM);
    expect(Math.abs(taken / exact - 1)).toBeLessThan(0.02);
  });

  /** Infinite cylinder with convection: roots of z J1(z) = Bi J0(z); here Bi 1: .2 and .5 on the axis and at the face. */
  it.each([0.2, 0.5])('a cylinder with convection, Bi 1, Fo %d: within .4 %% of the span', (fo) => {
    const spec = { cells: 40, lengthM: 0.1, k: 0.5, heat: 3.6e6, h: 5, round: true, way: 'outward' as const };
    const seconds = (fo * 0.1 ** 2 * 3.6e6) / 0.5;
    const { tempC } = runBar(spec, 20, 120, seconds, 1200);
    for (const i of [0, 20, 39]) {
      const exact = 120 - 100 * cylinder(1, fo, (i + 0.5) / 40);
      expect(Math.abs(tempC[i]! - exact)).toBeLessThan(0.4);
    }
  });

  it('is first order in time: half the step, about half the error', () => {
    const spec = { cells: 40, lengthM: 0.04, k: 0.5, heat: 3.6e6, h: 50 };
    const exact = runBar(spec, 20, 120, 2000, 24000).tempC[0]!;
    const error = (steps: number): number => Math.abs(runBar(spec, 20, 120, 2000, steps).tempC[0]! - exact);
    expect(error(60) / error(120)).toBeGreaterThan(1.7);
    expect(error(60) / error(120)).toBeLessThan(2.3);
  });
});

/** Bessel functions of order 0 and 1 by their series; the sums below need no large arguments. */
function bessel(order: 0 | 1, x: number): number {
  let term = order === 0 ? 1 : x / 2;
  let sum = 0;
  for (let n = 1; n < 60; n++) {
    sum += term;
    term *= -(x * x) / 4 / (n * (n + order));
  }
  return sum;
}

function cylinder(bi: number, fo: number, r: number): number {
  let sum = 0;
  for (let n = 0; n < 6; n++) {
    const f = (z: number): number => z * bessel(1, z) - bi * bessel(0, z);
    // One root between neighbouring zeros of J1, near n pi and (n + 3/4) pi.
    const low = n === 0 ? 1e-6 : n * Math.PI + 0.4;
    const high = n * Math.PI + 2.4;
    const z = bisect(low, high, 1e-13, (at) => f(at) * f(high) >= 0);
    const j0 = bessel(0, z);
    const j1 = bessel(1, z);
    sum += ((2 * j1) / (z * (j0 ** 2 + j1 ** 2))) * bessel(0, z * r) * Math.exp(-z * z * fo);
  }
  return sum;
}
