import { aBody, aPlace } from '../../test/body.js';
import { once } from '../../test/once.js';
import { colourTargets } from '../materials/colour.js';
import { buildMesh } from '../mesh/build-mesh.js';
import { meshSizes } from '../mesh/mesh-size.js';
import type { Reading } from './readings.js';
import { noInterventions, simulateBake } from './simulate.js';
import { startState } from '../physics/state.js';

const shell = aBody({ filling: null, top: null, moundM: 0, startC: -15 });
const oneHeat = [{ tempC: 190, timeMin: 50 }];
const baked = (weightsMin: number): readonly Reading[] =>
  simulateBake(shell, aPlace, oneHeat, meshSizes.usual, { ...noInterventions, weightsMin }).readings;
const weighted = once(() => baked(25));
const bare = once(() => baked(0));
const at = (readings: readonly Reading[], minute: number): Reading =>
  readings.find(({ timeMin }) => timeMin === minute) ?? readings[0]!;

/** A shell that is baked empty: 190 C, 25 minutes with weights and about 10 without (common practice, no source). */
describe('an empty shell', () => {
  it('is still damp and pale when its weights are lifted out, and dry and coloured some ten minutes later', () => {
    const lifted = at(weighted(), 25);
    expect(lifted.baseMoisture).toBeGreaterThan(0.08);
    expect(lifted.topBrowning).toBeLessThan(0.5);
    expect(at(weighted(), 35).baseMoisture).toBeLessThan(0.06);
    expect(at(weighted(), 35).topBrowning).toBeGreaterThan(2 * lifted.topBrowning);
  });

  it('without weights is ahead all the way: they take up heat, and keep the oven off', () => {
    for (const minute of [10, 20, 25]) {
      expect(at(weighted(), minute).topC).toBeLessThan(at(bare(), minute).topC);
      expect(at(weighted(), minute).baseMoisture).toBeGreaterThanOrEqual(at(bare(), minute).baseMoisture);
    }
    expect(at(weighted(), 25).topBrowning).toBeLessThan(at(bare(), 25).topBrowning / 3);
  });

  it('takes its weights out no hotter than the oven, and no colder than boiling is near', () => {
    const { run } = simulateBake(shell, aPlace, [{ tempC: 190, timeMin: 25 }], meshSizes.usual, {
      ...noInterventions,
      weightsMin: 25,
    });
    expect(run.weightsC).toBeGreaterThan(80);
    expect(run.weightsC).toBeLessThan(150);
  });

  it('is judged from both sides', () => {
    const mesh = buildMesh(shell, meshSizes.coarse);
    expect(mesh.topCells.slice(meshSizes.coarse.columns)).toEqual(mesh.baseCells);
    const { topBrowning, baseBrowning } = at(weighted(), 35);
    expect(topBrowning).toBeLessThan(baseBrowning);
    expect(topBrowning).toBeGreaterThan(baseBrowning / 2);
  });

  it('comes back with its filling as pale as it was to be baked', () => {
    const body = aBody({ top: null, baseBaked: true });
    const mesh = buildMesh(body, meshSizes.coarse);
    const { browning } = startState(mesh, body);
    for (const cell of mesh.pastry) expect(browning[cell]).toBe(colourTargets.straw.index);
    for (const cell of mesh.fillingCells) expect(browning[cell]).toBe(0);
    const raw = aBody({ top: null });
    expect(startState(mesh, raw).browning.every((index) => index === 0)).toBe(true);
  });
});
