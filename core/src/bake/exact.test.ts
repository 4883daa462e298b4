import { cellKinds } from './mesh.js';
import type { Mesh } from './mesh.js';
import { dishMaterials } from '../larder/index.js';
import type { BakeState } from './state.js';
import { startState } from './state.js';
import type { Kitchen } from './step.js';
import { fastStep, kitchenFor } from './step.js';
import type { PieBody } from './body.js';
import { FUSION_J_KG, ICE_J_KG_K } from './water.js';

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
}

const body: PieBody = {
  topRadiusM: 0.1,
  baseRadiusM: 0.1,
  edgeM: 0.03,
  moundM: 0,
  baseCrustM: 0.003,
  top: {
    cover: 1,
    thicknessM: 0.003,
    densityKgM3: 1140,
    composition: { water: 0.25, carbohydrate: 0.4, protein: 0.05, fat: 0.3 },
    conductivityDry: 0.07,
    conductivityWet: 0.305,
    gapM2KW: 0,
    startsLowerC: 0,
    vented: 0,
  },
  dough: { water: 0.25, carbohydrate: 0.4, protein: 0.05, fat: 0.3 },
  filling: {
    massKg: 1,
    composition: { water: 0.8, protein: 0, fat: 0, carbohydrate: 0.2 },
    freeShare: 0,
    molality: 0,
    syrupShare: 0,
  },
  starchSwellsC: 70,
  softening: 1,
  browning: 1,
  dish: dishMaterials.get('glass')!,
  startC: 0,
};

/** A bar of unit cross-section, closed at cell 0, with the last cell's face to the oven. */
function bar({ cells, lengthM, heat, h, k, waterKgM3 = 0 }: Bar): {
  kitchen: Kitchen;
  mesh: Mesh;
  around: (airC: number) => Parameters<typeof fastStep>[2];
  conductance: number;
} {
  const dx = lengthM / cells;
  const mesh: Mesh = {
    size: { columns: 0, sideColumns: 0, fillingRows: 0, crustRows: 0 },
    kind: new Uint8Array(cells).fill(cellKinds.dish),
    dryJK: new Float64Array(cells).fill(heat * dx),
    dryKg: new Float64Array(cells).fill(1),
    waterKg: new Float64Array(cells).fill(waterKgM3 * dx),
    volumeM3: new Float64Array(cells).fill(dx),
    conductivityDry: new Float64Array(cells).fill(k),
    conductivityWet: new Float64Array(cells).fill(k),
    faceA: Uint16Array.from({ length: cells - 1 }, (_, i) => i),
    faceB: Uint16Array.from({ length: cells - 1 }, (_, i) => i + 1),
    faceShapeA: new Float64Array(cells - 1).fill(2 / dx),
    faceShapeB: new Float64Array(cells - 1).fill(2 / dx),
    faceResistance: new Float64Array(cells - 1),
    outerCell: Uint16Array.of(cells - 1),
    outerArea: Float64Array.of(1),
    outerEmissivity: Float64Array.of(0),
    outerBare: Uint8Array.of(0),
    outerShare: Float64Array.of(1),
    stacks: [],
    columnArea: new Float64Array(0),
    columnRadius: new Float64Array(0),
    topCells: [],
    baseOuterCells: [],
    sideCells: [],
    freezesC: new Float64Array(cells).fill(waterKgM3 > 0 ? -0.001 : -273),
  };
  // The half cell between the last node and the face stands in series with the film.
  const film = 1 / (1 / h + dx / 2 / k);
  return {
    mesh,
    kitchen: kitchenFor(mesh, body, 101325),
    conductance: k / dx,
    around: (airC) => ({ airC, radiantC: airC, convectionWM2K: film, vapourPa: 0 }),
  };
}

function runBar(spec: Bar, startC: number, airC: number, seconds: number): BakeState {
  const { mesh, kitchen, around, conductance } = bar(spec);
  const state = startState(mesh, body, startC);
  state.conductance.fill(conductance);
  const dx = spec.lengthM / spec.cells;
  const perM3 = spec.heat + ICE_J_KG_K * (spec.waterKgM3 ?? 0);
  const step = (0.4 * dx * dx * perM3) / spec.k;
  const steps = Math.ceil(seconds / step);
  for (let i = 0; i < steps; i++) fastStep(kitchen, state, around(airC), seconds / steps);
  return state;
}

/** First roots of z tan z = Bi, by bisection. */
const slabRoots = (bi: number, count: number): number[] =>
  Array.from({ length: count }, (_, n) => {
    let low = n * Math.PI;
    let high = n * Math.PI + Math.PI / 2 - 1e-12;
    for (let i = 0; i < 100; i++) {
      const z = (low + high) / 2;
      if (z * Math.tan(z) < bi) low = z;
      else high = z;
    }
    return (low + high) / 2;
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
    const state = runBar(spec, -0.2, 20, seconds);
    const start = startState(bar(spec).mesh, body, -0.2);
    const taken = state.enthalpyJ.reduce((sum, h, i) => sum + h - start.enthalpyJ[i]!, 0);
    // Neumann's one-phase solution: St / sqrt(pi) = z exp(z^2) erf(z), with the 95 % of the water that freezes.
    const latent = 0.95 * FUSION_J_KG;
    const stefan = (4180 * 20) / latent;
    const erf = (x: number): number =>
      (2 / Math.sqrt(Math.PI)) * (x - x ** 3 / 3 + x ** 5 / 10 - x ** 7 / 42);
    let low = 0;
    let high = 1;
    for (let i = 0; i < 60; i++) {
      const z = (low + high) / 2;
      if (z * Math.exp(z * z) * erf(z) < stefan / Math.sqrt(Math.PI)) low = z;
      else high = z;
    }
    const depth = 2 * low * Math.sqrt((k / (4180 * waterKgM3)) * seconds);
    // Heat through the face, integrated: k dT / sqrt(pi a t) / erf(z) from 0 to t.
    const exact =
      (2 * k * 20 * Math.sqrt(seconds)) / (Math.sqrt((Math.PI * k) / (4180 * waterKgM3)) * erf(low));
    expect(depth).toBeLessThan(spec.lengthM);
    expect(Math.abs(taken / exact - 1)).toBeLessThan(0.02);
  });
});
