import { aBody } from '../../test/body.js';
import { cylinderRadiusM } from '../materials/thermal-model-input.js';
import { buildMesh } from './build-mesh.js';
import { meshSizes } from './mesh-size.js';
import { cellKinds, looking } from './mesh.js';
import { bakeModel, evenSurroundings } from '../physics/model.js';
import { startState, totalEnthalpyJ } from '../physics/state.js';
import { heatSteps } from '../physics/step.js';
import { once } from '../../test/once.js';

const body = aBody();
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
    const lattice = buildMesh({ ...body, top: { ...body.top!, cover: 0.75 } }, meshSizes.usual);
    const bare = (mesh: typeof whole): number =>
      sum(
        mesh.ends.areaM2,
        (f) => mesh.ends.bare[f] === 1 && mesh.kind[mesh.ends.cell[f]!] === cellKinds.filling,
      );
    const top = (mesh: typeof whole): number => sum(mesh.ends.areaM2, (f) => mesh.ends.bare[f] === 1);
    expect(bare(whole)).toBe(0);
    expect(bare(lattice)).toBeGreaterThan(0);
    expect(top(lattice) / top(whole)).toBeGreaterThan(0.95);
    expect(top(lattice) / top(whole)).toBeLessThanOrEqual(1.000001);
  });

  it('lets frustum areas be themselves: the base smaller, the top larger than the cylinder', () => {
    const mesh = buildMesh(body, meshSizes.usual);
    const baseArea = sum(mesh.ends.areaM2, (f) => mesh.ends.looks[f] === looking.down);
    expect(baseArea).toBeCloseTo(Math.PI * body.baseRadiusM ** 2, 6);
    // Surface of a paraboloid of height H on a foot R: pi R^4 / 6 H^2 ((1 + 4 H^2 / R^2)^(3/2) - 1).
    const steep = (2 * body.moundM) / cylinderRadiusM(body);
    const larger = ((1 + steep ** 2) ** 1.5 - 1) / (1.5 * steep ** 2);
    expect(sum(mesh.ends.areaM2, (f) => mesh.ends.bare[f] === 1)).toBeCloseTo(
      Math.PI * body.topRadiusM ** 2 * larger,
      6,
    );
  });
});

describe('a pie as it goes in', () => {
  it('has its pastry at a temperature of its own where one is told, and all else at its own', () => {
    const mesh = buildMesh(body, meshSizes.coarse);
    const cold = startState(mesh, { ...body, pastryC: -12 }, 8);
    for (const cell of mesh.pastry) expect(cold.tempC[cell]).toBe(-12);
    for (const cell of mesh.fillingCells) expect(cold.tempC[cell]).toBe(8);
    const even = startState(mesh, { ...body, pastryC: null }, 8);
    for (const cell of mesh.pastry) expect(even.tempC[cell]).toBe(8);
  });
});

describe('a pie in balance with what surrounds it', () => {
  const mesh = once(() => buildMesh(body, meshSizes.coarse));
  const model = once(() => bakeModel(mesh(), body, 101325));

  it('neither warms nor cools in a room at its own temperature', () => {
    const state = startState(mesh(), { ...body, startC: 20 });
    const before = totalEnthalpyJ(state);
    // Air as wet as the crust: nothing dries either.
    for (let i = 0; i < 20; i++) heatSteps(model(), state, () => evenSurroundings(20, 10, 2400), 1);
    expect(Math.abs(totalEnthalpyJ(state) - before)).toBeLessThan(1);
  });

  it('only passes heat on when nothing comes in', () => {
    const state = startState(mesh(), body);
    state.tempC[5] = 60;
    state.enthalpyJ[5] = state.enthalpyJ[5]! + (mesh().dryJK[5]! + 4180 * mesh().waterKg[5]!) * 40;
    const before = totalEnthalpyJ(state);
    const none = { ...mesh().ends, cell: new Uint16Array(0) };
    const sealed = { ...model(), mesh: { ...mesh(), ends: none, sides: none } };
    for (let i = 0; i < 50; i++) heatSteps(sealed, state, () => evenSurroundings(20, 10, 0), 0.5);
    expect(totalEnthalpyJ(state)).toBeCloseTo(before, 5);
    expect(Math.max(...state.tempC)).toBeLessThan(60);
  });

  it('stays bounded by what surrounds it, however long the step', () => {
    for (const size of sizes) {
      const fresh = buildMesh(body, size);
      const state = startState(fresh, body);
      for (let i = 0; i < 30; i++) {
        heatSteps(bakeModel(fresh, body, 101325), state, () => evenSurroundings(200, 12, 3000, 214), 20);
      }
      expect(Math.min(...state.tempC)).toBeGreaterThan(15);
      expect(Math.max(...state.tempC)).toBeLessThan(215);
    }
  });
});

describe('the mesh of other forms', () => {
  it('of a pie without pastry beneath has none beneath', () => {
    const mesh = buildMesh({ ...body, baseCrustM: 0 }, meshSizes.coarse);
    expect(mesh.baseCells).toEqual([]);
    expect(mesh.sideCells).toEqual([]);
    const filling = sum(mesh.waterKg, (i) => mesh.kind[i] === cellKinds.filling);
    expect(filling).toBeCloseTo(1.15 * 0.76, 8);
  });

  it('of an empty shell holds only pastry, bare inside', () => {
    const mesh = buildMesh({ ...body, filling: null, top: null, moundM: 0 }, meshSizes.coarse);
    expect(Array.from(mesh.kind)).not.toContain(cellKinds.filling);
    expect(mesh.stacks.every((stack) => stack.length === meshSizes.coarse.crustRows + 1)).toBe(true);
    const inside = sum(mesh.sides.areaM2, (f) => mesh.sides.looks[f] === looking.up);
    const radius = cylinderRadiusM(body) - body.baseCrustM;
    expect(inside).toBeCloseTo(2 * Math.PI * radius * body.edgeM, 6);
  });

  it('of a free-standing pie shows its crust to the oven, not a dish', () => {
    const mesh = buildMesh({ ...body, freeStanding: true }, meshSizes.coarse);
    const aside = Array.from(mesh.sides.cell).map((cell) => mesh.kind[cell]);
    expect(new Set(aside)).toEqual(new Set([cellKinds.crust]));
  });

  it('on hot steel starts with the steel as hot as the oven', () => {
    const mesh = buildMesh(body, meshSizes.coarse, 'hot_steel');
    const state = startState(mesh, body, 5, 220);
    expect(mesh.preheated.length).toBe(meshSizes.coarse.columns + meshSizes.coarse.sideColumns);
    expect(mesh.preheated.every((cell) => state.tempC[cell] === 220)).toBe(true);
  });
});
