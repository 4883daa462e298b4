import { builtInLarder } from '../larder/index.js';
import type { FormKind } from '../schema/index.js';
import { formKinds, starterSpec } from '../schema/index.js';
import { buildPie } from './build-pie.js';
import { formOf } from './index.js';

const context = (kind: FormKind) => ({ spec: starterSpec, larder: builtInLarder, form: formOf(kind) });
const sinking = { heapMl: 1800, cookedMl: 1010, fruitG: 800 };

describe('the build', () => {
  it('leaves a gap under a lid when the heap sinks', () => {
    const build = buildPie(context('double_crust'), sinking);
    expect(build.gapCm).toBeCloseTo(790 / build.dish.topAreaCm2, 8);
    expect(build.rawMoundCm).toBeGreaterThan(build.bakedMoundCm);
  });

  it('leaves none where the top sinks with the fruit', () => {
    expect(buildPie(context('lattice'), sinking).gapCm).toBe(0);
    expect(buildPie(context('pandowdy'), sinking).gapCm).toBe(0);
  });

  it('gives batter room beside its fruit, and half as much more when it has risen', () => {
    const batter = buildPie(context('buckle'), { heapMl: 400, cookedMl: 400, fruitG: 300 });
    const plain = buildPie(context('crisp'), { heapMl: 400, cookedMl: 400, fruitG: 300 });
    // 1.4 g of batter to a gram of fruit, at about a gram to the mL: common practice, no source.
    const roomMl = (edgeCm: number): number => edgeCm * batter.dish.topAreaCm2;
    expect(roomMl(batter.rawEdgeCm) / roomMl(plain.rawEdgeCm)).toBeGreaterThan(1.8);
    expect(batter.bakedEdgeCm).toBeGreaterThan(1.2 * batter.rawEdgeCm);
  });
});

describe('every form', () => {
  it.each(formKinds)('%s stands under its own name', (kind) => {
    expect(formOf(kind).kind).toBe(kind);
    expect(formOf(kind).label).not.toBe('');
  });

  it('has a name of its own', () => {
    expect(new Set(formKinds.map((kind) => formOf(kind).label)).size).toBe(formKinds.length);
  });
});
