import { dishMaterials } from '../larder/index.js';
import type { PieBody } from './body.js';
import { cylinderRadiusM } from './body.js';
import { buildMesh, cellKinds, meshSizes } from './mesh.js';
import { startState, totalEnthalpyJ } from './state.js';
import { fastStep, kitchenFor, slowStep } from './step.js';

const dough = { water: 0.25, carbohydrate: 0.38, protein: 0.05, fat: 0.3 };
const body: PieBody = {
  topRadiusM: 0.1145,
  baseRadiusM: 0.0915,
  edgeM: 0.032,
  moundM: 0.02,
  baseCrustM: 0.0032,
  top: {
    cover: 1,
    thicknessM: 0.0032,
    densityKgM3: 1140,
    composition: dough,
    conductivityDry: 0.07,
    conductivityWet: 0.305,
    gapM2KW: 0.038,
    startsLowerC: 0,
    vented: 0.7,
  },
  dough,
  filling: {
    massKg: 1.15,
    composition: { water: 0.76, protein: 0.005, fat: 0.02, carbohydrate: 0.215 },
    freeShare: 0.4,
    molality: 1,
    syrupShare: 0.3,
  },
  starchSwellsC: 70,
  softening: 1,
  browning: 1,
  dish: dishMaterials.get('glass')!,
  startC: 20,
};
const sizes = Object.values(meshSizes);
const sum = (values: ArrayLike<number>, of: (i: number) => boolean): number =>
  Array.from(values).reduce((total, value, i) => total + (of(i) ? value : 0), 0);

describe('the mesh', () => {
  it.each(sizes.map((size) => [size.columns, size] as const))(
    'of %d columns holds what the pie holds',
    (_, size) => {
      const mesh = buildMesh(body, size);
      const isFilling = (i: number): boolean => mesh.kind[i] === cellKinds.filling;
      const filling = sum(mesh.dryKg, isFilling) + sum(mesh.waterKg, isFilling);
      expect(filling).toBeCloseTo(1.15, 8);
      expect(sum(mesh.waterKg, isFilling) / filling).toBeCloseTo(0.76, 8);
    },
  );

  it('has the volume of its cylinder and of a parabolic mound', () => {
    const mesh = buildMesh(body, meshSizes.fine);
    const inner = cylinderRadiusM(body) - body.baseCrustM;
    const cylinder = Math.PI * inner ** 2 * body.edgeM;
    // A paraboloid holds half of its cylinder; the mound is cut off a little inside its foot by the side crust.
    const mound = (Math.PI * inner ** 2 * body.moundM) / 2;
    const volume = sum(mesh.volumeM3, (i) => mesh.kind[i] === cellKinds.filling);
    expect(Math.abs(volume / (cylinder + mound) - 1)).toBeLessThan(0.05);
  });

  it('covers the top wholly, or leaves the filling bare for the rest', () => {
    const whole = buildMesh(body, meshSizes.usual);
    const lattice = buildMesh({ ...body, top: { ...body.top, cover: 0.75 } }, meshSizes.usual);
    const bare = (mesh: typeof whole): number =>
      sum(
        mesh.outerArea,
        (f) => mesh.outerBare[f] === 1 && mesh.kind[mesh.outerCell[f]!] === cellKinds.filling,
      );
    const top = (mesh: typeof whole): number => sum(mesh.outerArea, (f) => mesh.outerBare[f] === 1);
    expect(bare(whole)).toBe(0);
    expect(bare(lattice)).toBeGreaterThan(0);
    expect(top(lattice) / top(whole)).toBeGreaterThan(0.95);
    expect(top(lattice) / top(whole)).toBeLessThanOrEqual(1.000001);
  });

  it('lets frustum areas be themselves: the base smaller, the top larger than the cylinder', () => {
    const mesh = buildMesh(body, meshSizes.usual);
    const baseArea = sum(mesh.outerArea, (f) => mesh.outerShare[f]! < 1);
    expect(baseArea).toBeCloseTo(Math.PI * body.baseRadiusM ** 2, 6);
    expect(sum(mesh.outerArea, (f) => mesh.outerBare[f] === 1)).toBeCloseTo(
      Math.PI * body.topRadiusM ** 2,
      6,
    );
  });
});

describe('a pie in balance with what surrounds it', () => {
  const mesh = buildMesh(body, meshSizes.coarse);
  const kitchen = kitchenFor(mesh, body, 101325);

  it('neither warms nor cools in a room at its own temperature', () => {
    const state = startState(mesh, { ...body, startC: 20 });
    const before = totalEnthalpyJ(state);
    slowStep(kitchen, state);
    // Air as wet as the crust: nothing dries either.
    for (let i = 0; i < 20; i++) {
      fastStep(kitchen, state, { airC: 20, radiantC: 20, convectionWM2K: 10, vapourPa: 2400 }, 1);
    }
    expect(Math.abs(totalEnthalpyJ(state) - before)).toBeLessThan(1);
  });

  it('only passes heat on when nothing comes in', () => {
    const state = startState(mesh, body);
    state.tempC[5] = 60;
    state.enthalpyJ[5] = state.enthalpyJ[5]! + (mesh.dryJK[5]! + 4180 * mesh.waterKg[5]!) * 40;
    const before = totalEnthalpyJ(state);
    slowStep(kitchen, state);
    const sealed = { ...kitchen, mesh: { ...mesh, outerCell: new Uint16Array(0) } };
    for (let i = 0; i < 50; i++) {
      fastStep(sealed, state, { airC: 20, radiantC: 20, convectionWM2K: 10, vapourPa: 0 }, 0.5);
    }
    expect(totalEnthalpyJ(state)).toBeCloseTo(before, 6);
    expect(Math.max(...state.tempC)).toBeLessThan(60);
  });

  it('keeps its steps stable on every mesh', () => {
    for (const size of sizes) {
      const fresh = buildMesh(body, size);
      const step = slowStep(kitchenFor(fresh, body, 101325), startState(fresh, body));
      expect(step).toBeGreaterThan(0.02);
      expect(step).toBeLessThanOrEqual(2.5);
    }
  });
});
