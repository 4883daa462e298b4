import { aBody, aPlace } from '../../test/body.js';
import type { Reading } from '../simulation/readings.js';
import type { PieBody } from '../materials/thermal-model-input.js';
import type { MeshSize } from '../mesh/mesh-size.js';
import { meshSizes } from '../mesh/mesh-size.js';
import { simulateBake } from '../simulation/simulate.js';
import { totalEnthalpyJ, VAPOUR_J_KG } from './state.js';
import { once } from '../../test/once.js';

const hot = [{ tempC: 210, timeMin: 40 }];

/** A lid as light as puff, whose skin steam passes in seconds. */
const light = (more: Partial<NonNullable<PieBody['top']>> = {}): PieBody => {
  const { top, ...body } = aBody();
  if (!top) throw new Error('the body has no lid');
  return {
    ...body,
    edgeM: 0.02,
    moundM: 0,
    top: {
      ...top,
      thicknessM: 0.0096,
      densityKgM3: 380,
      conductivityDry: 0.05,
      conductivityWet: 0.12,
      vented: 0.2,
      ...more,
    },
  };
};

const bakeBy = (body: PieBody, stepS: number) => {
  const size: MeshSize = { ...meshSizes.coarse, stepS, warmedTimes: 1, settledTimes: 1 };
  return simulateBake(body, aPlace, hot, size);
};

describe('steam through a thin, light skin', () => {
  const body = once(() => light());
  const fine = once(() => bakeBy(body(), 1));

  it('colours it alike whatever the length of a step', () => {
    const golden = (stepS: number): number => bakeBy(body(), stepS).events.goldenMin ?? Infinity;
    expect(Math.abs(golden(5) / golden(1) - 1)).toBeLessThan(0.03);
  });

  it('leaves in it about what it holds in equilibrium, never nothing and never soaking', () => {
    const moisture = (stepS: number): number => {
      const { run } = bakeBy(body(), stepS);
      const { mesh } = run.model;
      const [top] = mesh.topCells;
      return top === undefined ? NaN : run.state.waterKg[top]! / mesh.dryKg[top]!;
    };
    const told = moisture(1);
    expect(told).toBeGreaterThan(0.005);
    expect(told).toBeLessThan(0.06);
    expect(moisture(5)).toBeGreaterThan(0.5 * told);
    expect(moisture(5)).toBeLessThan(2 * told);
  });

  it.each([1, 5, 10])('in steps of %d s no water is below nothing and no heat is lost', (stepS) => {
    let beforeJ = NaN;
    let least = Infinity;
    const size: MeshSize = { ...meshSizes.coarse, stepS, warmedTimes: 1, settledTimes: 1 };
    const { run } = simulateBake(body(), aPlace, hot, size, undefined, ({ state }) => {
      if (state.timeS === 0) beforeJ = totalEnthalpyJ(state);
      least = Math.min(least, ...state.waterKg);
    });
    const { state } = run;
    const gained = totalEnthalpyJ(state) - beforeJ;
    const drift = Math.abs(gained + state.vapourOutKg * VAPOUR_J_KG - state.heatInJ);
    expect(drift / state.heatInJ).toBeLessThan(0.002);
    expect(least).toBeGreaterThan(-1e-9);
  });

  it('water that is gone from the pie is vapour that went out', () => {
    const { run } = fine();
    const start = run.model.mesh.waterKg.reduce((sum, kg) => sum + kg, 0);
    const end = run.state.waterKg.reduce((sum, kg) => sum + kg, 0);
    expect(start - end).toBeCloseTo(run.state.vapourOutKg, 6);
  });

  it('a lid that lets steam by dries sooner than one that it must pass', () => {
    const dries = (vented: number): number => bakeBy(light({ vented }), 5).events.goldenMin ?? Infinity;
    expect(dries(0.9)).toBeLessThanOrEqual(dries(0));
  });

  it('what must pass it keeps its skin from drying to the bone: the more finds a vent, the paler it stays', () => {
    const boiled = [{ tempC: 210, timeMin: 80 }];
    const [none, some, all] = [0, 0.4, 1].map(
      (vented) =>
        simulateBake(light({ vented }), aPlace, boiled, meshSizes.coarse).readings.at(-1)!.topBrowning,
    );
    expect(some! / none!).toBeLessThan(0.98);
    expect(all! / some!).toBeLessThan(0.98);
  });
});

describe('readings', () => {
  const told = once(() => simulateBake(aBody(), aPlace, hot, meshSizes.usual));

  it('come each half minute, from loading to out', () => {
    expect(told().readings[0]?.timeMin).toBe(0);
    expect(told().readings.at(-1)?.timeMin).toBe(40);
    expect(told().readings).toHaveLength(81);
  });

  it('come at least each minute where steps are longer', () => {
    const minutes = simulateBake(aBody(), aPlace, hot, meshSizes.coarse).readings.map(
      ({ timeMin }) => timeMin,
    );
    for (let minute = 0; minute <= 40; minute++) expect(minutes).toContain(minute);
  });

  it('are crossed by each event at its moment', () => {
    const { readings, events } = simulateBake(aBody(), aPlace, [...hot, ...hot], meshSizes.usual);
    const at = (minute: number | null, of: (reading: Reading) => number): [number, number] => {
      const after = readings.findIndex(({ timeMin }) => timeMin >= (minute ?? Infinity));
      return [of(readings[after - 1]!), of(readings[after]!)];
    };
    for (const [minute, of, level] of [
      [events.tenderMin, (r: Reading) => r.tender, 0.64],
      [events.setMin, (r: Reading) => r.set, 0.9],
      [events.goldenMin, (r: Reading) => r.topBrowning, 1],
    ] as const) {
      const [before, after] = at(minute, of);
      expect(before).toBeLessThanOrEqual(level);
      expect(after).toBeGreaterThanOrEqual(level);
    }
  });

  it('begin with what the preparation has done', () => {
    const body = aBody();
    const stewed = { ...body, filling: body.filling && { ...body.filling, softened: 0.4, swollen: 0.3 } };
    const [first] = simulateBake(stewed, aPlace, hot, meshSizes.coarse).readings;
    expect(first?.tender).toBeCloseTo(0.4, 6);
    expect(first?.set).toBeCloseTo(0.3, 6);
  });

  it('colour, softness, set and loss only ever rise', () => {
    for (const figure of ['topBrowning', 'baseBrowning', 'tender', 'set', 'lostG'] as const) {
      for (let i = 1; i < told().readings.length; i++) {
        expect(told().readings[i]![figure]).toBeGreaterThanOrEqual(told().readings[i - 1]![figure] - 1e-9);
      }
    }
  });

  it('the coldest is no hotter than the hottest, and nothing is hotter than the oven', () => {
    for (const { coldestC, hottestC, centreC, topC } of told().readings) {
      expect(coldestC).toBeLessThanOrEqual(hottestC + 1e-9);
      expect(centreC).toBeLessThanOrEqual(hottestC + 1e-9);
      expect(topC).toBeLessThan(240);
    }
  });
});

/** A second law, in words: nothing gets hotter than what heats it. */
it('pastry that has nothing left to boil follows the oven, past the heat at which it chars', () => {
  const { run, readings } = simulateBake(
    { ...aBody(), top: null, filling: null },
    aPlace,
    [{ tempC: 300, timeMin: 60 }],
    meshSizes.coarse,
  );
  const hottestWallC = run.oven.wallC + Math.max(...run.traits.radiantRiseC);
  expect(Math.max(...readings.map(({ hottestC }) => hottestC))).toBeLessThan(hottestWallC);
  expect(readings.at(-1)?.coldestC).toBeGreaterThan(280);
});

describe('vapour below the boil, through what lies over the fruit', () => {
  const { top } = aBody();
  /** What the filling has lost after half an hour at a heat that never brings it to its boil, g. */
  const lostG = (change: Partial<NonNullable<PieBody['top']>>): number => {
    const body = aBody({ startC: 70, top: { ...top!, ...change } });
    const { readings } = simulateBake(body, aPlace, [{ tempC: 95, timeMin: 30 }], meshSizes.coarse);
    expect(readings.at(-1)!.hottestC).toBeLessThan(95);
    return readings.at(-1)!.fillingLostG;
  };
  const tight = once(() => lostG({ vapourSM: 1e9 }));
  const crumb = once(() => lostG({ vapourSM: 1000 }));

  it('goes the slower the more it has to pass, and not at all through what is tight', () => {
    expect(tight()).toBeLessThan(1);
    expect(lostG({ vapourSM: 4000 })).toBeGreaterThan(tight() + 1);
    expect(crumb()).toBeGreaterThan(1.5 * lostG({ vapourSM: 4000 }));
  });

  it('is a fifth to a half under crumb of what bare fruit gives off, as practice has it (common practice, no source)', () => {
    // Nothing lies on it: the same fruit, its top open.
    const bare = lostG({ cover: 0.001 });
    expect(crumb() / bare).toBeGreaterThan(0.2);
    expect(crumb() / bare).toBeLessThan(0.5);
  });
});
