import fc from 'fast-check';
import { builtInMaterials as dishMaterials } from '../../larder/index.js';
import type { OvenSpec, Stage } from '../../schema/index.js';
import { aBody } from '../../test/body.js';
import type { PieBody } from '../materials/thermal-model-input.js';
import { coolDown, liftOut } from '../simulation/cooling.js';
import { enthalpyJ, temperatureC } from '../materials/enthalpy.js';
import { starchRate } from '../materials/kinetics.js';
import { buildMesh } from '../mesh/build-mesh.js';
import type { MeshSize } from '../mesh/mesh-size.js';
import { meshSizes } from '../mesh/mesh-size.js';
import { cellKinds } from '../mesh/mesh.js';
import { finishNow } from '../../units/index.js';
import { density, specificHeat } from '../materials/properties.js';
import { findStages } from './find-stages.js';
import type { BakeRun, SimulationRun } from '../simulation/simulate.js';
import type { BakeEvents } from '../simulation/events.js';
import { homeMin } from '../simulation/events.js';
import { simulateBake } from '../simulation/simulate.js';
import { startState, totalEnthalpyJ, VAPOUR_J_KG } from '../physics/state.js';
import { airPressurePa, boilingC, FUSION_J_KG, saturationPa } from '../materials/water.js';
import { once } from '../../test/once.js';

const body = aBody();

const still: OvenSpec = { label: 'still', kind: 'still', offsetC: 0, warmUpMin: 20 };
const usual: readonly Stage[] = [
  { tempC: 218, timeMin: 15 },
  { tempC: 177, timeMin: 65 },
];

const bake = (
  change: Partial<PieBody> = {},
  oven: Partial<OvenSpec> = {},
  stages = usual,
  size: keyof typeof meshSizes = 'coarse',
  altitudeM = 0,
): BakeRun & { readonly run: SimulationRun } =>
  simulateBake(
    { ...body, ...change },
    { oven: { ...still, ...oven }, altitudeM, colour: 'gold' },
    stages,
    meshSizes[size],
  );

describe('water', () => {
  /** Steam tables (IAPWS-IF97 values, from memory): Pa. */
  it.each([
    [10, 1228],
    [40, 7384],
    [80, 47414],
    [100, 101420],
  ])('saturates at %d C with %d Pa', (tempC, pa) => {
    expect(Math.abs(saturationPa(tempC) / pa - 1)).toBeLessThan(0.003);
  });

  /** Standard atmosphere and steam tables (from memory). */
  it.each([
    [0, 100],
    [1600, 94.7],
    [3000, 90.0],
  ])('boils at %d m at %d C', (altitudeM, tempC) => {
    expect(Math.abs(boilingC(airPressurePa(altitudeM)) - tempC)).toBeLessThan(0.35);
  });
});

describe('enthalpy', () => {
  it('goes there and back, frozen or not', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -30, max: 150, noNaN: true }),
        fc.double({ min: 1, max: 4000, noNaN: true }),
        fc.double({ min: 0.01, max: 3, noNaN: true }),
        fc.double({ min: -8, max: -0.05, noNaN: true }),
        (tempC, dryJK, waterKg, freezesC) => {
          expect(
            temperatureC(enthalpyJ(tempC, dryJK, waterKg, freezesC), dryJK, waterKg, freezesC),
          ).toBeCloseTo(tempC, 5);
        },
      ),
    );
  });

  /** Exact: melting dilute ice takes the heat of fusion of its freezing water. */
  it('holds the heat of fusion', () => {
    const took = enthalpyJ(0, 0, 1, -0.001) - enthalpyJ(-1, 0, 1, -0.001);
    expect(Math.abs(took / (0.95 * FUSION_J_KG + 2050 * 0.95 + 4180 * 0.05) - 1)).toBeLessThan(0.005);
  });
});

describe('properties of food', () => {
  /** ASHRAE Handbook, Refrigeration, after Choi & Okos 1986 (from memory): water at 20 C. */
  it('gives water its own', () => {
    const water = { water: 1, protein: 0, fat: 0, carbohydrate: 0 };
    expect(density(water, 20)).toBeCloseTo(995.7, 0);
    expect(specificHeat(water, 20)).toBeCloseTo(4176.6, 0);
  });
});

describe('conservation', () => {
  it.each([['coarse'], ['usual'], ['fine']] as const)('keeps every joule on the %s mesh', (size) => {
    const { run } = bake({}, {}, usual, size);
    const before = totalEnthalpyJ(startState(run.model.mesh, body));
    const gained = totalEnthalpyJ(run.state) - before;
    const accounted = run.state.heatInJ - run.state.vapourOutKg * VAPOUR_J_KG;
    expect(Math.abs(gained - accounted) / run.state.heatInJ).toBeLessThan(1e-9);
  });

  it('keeps every gram of water', () => {
    const { run } = bake();
    const start = run.model.mesh.waterKg.reduce((a, b) => a + b, 0);
    const end = run.state.waterKg.reduce((a, b) => a + b, 0);
    expect(start - end).toBeCloseTo(run.state.vapourOutKg, 9);
  });

  it('weighs the filling it was given', () => {
    const mesh = buildMesh(body, meshSizes.usual);
    const filling = mesh.kind.reduce(
      (sum, kind, i) => sum + (kind === 2 ? mesh.dryKg[i]! + mesh.waterKg[i]! : 0),
      0,
    );
    expect(filling).toBeCloseTo(body.filling!.massKg, 6);
  });
});

describe('mesh refinement', () => {
  it('moves no event by more than 5 % from the search mesh to the fine one', () => {
    const coarse = bake();
    const fine = bake({}, {}, usual, 'fine');
    for (const key of ['goldenMin', 'tenderMin', 'setMin', 'edgeBubblingMin', 'centreBubblingMin'] as const) {
      expect(Math.abs(coarse.events[key]! / fine.events[key]! - 1)).toBeLessThan(0.05);
    }
  });

  it('colours by long steps as by short ones: steam that fades is expected to fade', () => {
    const place = { oven: still, altitudeM: 0, colour: 'gold' } as const;
    const by = (size: Partial<MeshSize>): number =>
      simulateBake(body, place, usual, { ...meshSizes.coarse, ...size }).events.goldenMin!;
    expect(Math.abs(by({}) / by({ warmedTimes: 1, settledTimes: 1 }) - 1)).toBeLessThan(0.025);
  });

  it('bakes on by two steps as by three, late in the long bake of a frozen pie', () => {
    const place = { oven: still, altitudeM: 0, colour: 'gold' } as const;
    const slowly = [{ tempC: 170, timeMin: 120 }];
    const frozen: PieBody = { ...body, startC: -18 };
    const by = (size: Partial<MeshSize>): BakeEvents =>
      simulateBake(frozen, place, slowly, { ...meshSizes.coarse, ...size }).events;
    const two = by({});
    const three = by({ lateSteps: 3 });
    for (const key of ['goldenMin', 'tenderMin', 'centreBubblingMin'] as const) {
      expect(three[key]).toBeGreaterThan(65);
      expect(Math.abs(two[key]! / three[key]! - 1)).toBeLessThan(0.005);
    }
    expect(two.goldenMin).not.toBe(three.goldenMin);
  });

  it('has as much edge and as much middle on every mesh', () => {
    const within = (7 / 10) ** 2;
    for (const size of Object.values(meshSizes)) {
      const { columnArea, edgeArea, middleArea } = buildMesh(body, size);
      const whole = columnArea.reduce((a, b) => a + b, 0);
      expect(edgeArea.reduce((a, b) => a + b, 0) / whole).toBeCloseTo(1 - within, 9);
      expect(middleArea.reduce((a, b) => a + b, 0) / whole).toBeCloseTo(1 / 9, 9);
    }
  });
});

describe('trends that bakers know (common practice, no source)', () => {
  const base = once(() => bake());

  it('bakes no sooner when bigger, colder, shinier or higher', () => {
    const tender = base().events.tenderMin!;
    expect(bake({ startC: 5 }).events.tenderMin!).toBeGreaterThan(tender);
    const heavier = { ...body.filling!, massKg: 1.4 };
    expect(bake({ filling: heavier, moundM: 0.035 }).events.tenderMin!).toBeGreaterThan(tender);
    const long: Stage[] = [usual[0]!, { tempC: 177, timeMin: 110 }];
    const thin = { wallMm: 0.8 };
    const bright = { ...dishMaterials.get('aluminium')!, ...thin };
    const dark = { ...dishMaterials.get('dark_metal')!, ...thin };
    expect(bake({ dish: bright }, {}, long).events.tenderMin!).toBeGreaterThan(
      bake({ dish: dark }, {}, long).events.tenderMin!,
    );
  });

  it('browns sooner with a yolk wash, in a hotter oven, with a fan', () => {
    const golden = base().events.goldenMin!;
    expect(bake({ browning: 1.8 }).events.goldenMin!).toBeLessThan(golden);
    expect(bake({}, { offsetC: 14 }).events.goldenMin!).toBeLessThan(golden);
    expect(bake({}, { kind: 'fan' }).events.goldenMin!).toBeLessThan(golden);
  });

  it('takes a frozen pie far longer', () => {
    const long: Stage[] = [usual[0]!, { tempC: 177, timeMin: 130 }];
    expect(bake({ startC: -18 }, {}, long).events.tenderMin! / base().events.tenderMin!).toBeGreaterThan(1.4);
  });

  it('bubbles at a lower temperature up a mountain', () => {
    const high = bake({}, {}, usual, 'coarse', 1600);
    expect(Math.max(...high.readings.map((r) => r.centreC))).toBeLessThan(
      Math.max(...base().readings.map((r) => r.centreC)) - 3,
    );
  });

  it('cools in hours, not minutes', () => {
    const { warmMin, sliceMin } = coolDown(bake().run, { roomC: 21 });
    expect(warmMin!).toBeLessThan(sliceMin!);
    expect(sliceMin! / 60).toBeGreaterThan(2);
    expect(sliceMin! / 60).toBeLessThan(5);
  });

  it('cools sooner out of a heavy dish than in it', () => {
    const skillet = { dish: dishMaterials.get('cast_iron')! };
    const inDish = coolDown(bake(skillet).run, { roomC: 21 });
    const out = coolDown(bake(skillet).run, { roomC: 21, outAfterMin: 10 });
    expect(out.sliceMin!).toBeLessThan(inDish.sliceMin!);
    expect(out.sliceMin!).toBeGreaterThan(0.4 * inDish.sliceMin!);
  });

  it('loses no heat of its own when it is lifted out', () => {
    const { run } = bake();
    const lifted = liftOut(run, 101325);
    const food = (one: typeof run): number =>
      one.model.mesh.kind.reduce(
        (sum, kind, i) => sum + (kind === cellKinds.dish ? 0 : one.state.enthalpyJ[i]!),
        0,
      );
    expect(food(lifted)).toBeCloseTo(food(run), 3);
  });

  it('swells starch later in a sugary juice', () => {
    expect(starchRate(75, 70, 0.5)).toBeLessThan(starchRate(75, 70, 0.1));
  });
});

describe('the two-stage search', () => {
  it('finds stages that bring the filling home in the colour wanted', () => {
    const spec = { oven: still, colour: 'gold' as const, startC: 6, altitudeM: 0, stages: null };
    const found = finishNow(findStages({ ...body, startC: 6 }, spec))!;
    const [first, second] = found.stages;
    const { readings } = bake({ startC: 6 }, {}, found.stages, 'usual');
    // Watched for longer, for it may be home a little later here than on the mesh of the search.
    const { events } = bake({ startC: 6 }, {}, [first, { ...second, timeMin: second.timeMin + 10 }], 'usual');
    expect(found.stages[0].tempC).toBeGreaterThan(found.stages[1].tempC);
    expect(found.stages.every(({ tempC }) => tempC % 5 === 0)).toBe(true);
    const outMin = first.timeMin + second.timeMin;
    expect(Math.abs(homeMin(events, body.done, outMin + 10)! - found.doneMin)).toBeLessThan(4);
    expect(Math.abs(readings.at(-1)!.topBrowning / 1.5 - 1)).toBeLessThan(0.35);
  });

  it('tells how much longer the others take than the one it chose', () => {
    const spec = { oven: still, colour: 'gold' as const, startC: 6, altitudeM: 0, stages: null };
    const found = finishNow(findStages({ ...body, startC: 6 }, spec))!;
    expect(found.others.length).toBeGreaterThan(0);
    for (const { doneMin, longerMin, colourOff } of found.others) {
      expect(longerMin).toBeCloseTo(doneMin - found.doneMin, 9);
      // Paler or darker than what is wanted, as a share: another way, not another pie.
      expect(Math.abs(colourOff)).toBeLessThan(0.5);
    }
  });

  it('pauses often, so that it can be stopped', () => {
    const spec = { oven: still, colour: 'gold' as const, startC: 6, altitudeM: 0, stages: null };
    const steps = findStages(body, spec);
    const shares = [steps.next(), steps.next(), steps.next()].map(({ value }) => value as number);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares[2]).toBeLessThan(0.2);
  });
});
