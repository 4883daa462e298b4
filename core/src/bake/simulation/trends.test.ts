import fc from 'fast-check';
import { builtInMaterials as dishMaterials } from '../../larder/index.js';
import type { BakeSpec } from '../../schema/index.js';
import { bisect } from '../../units/index.js';
import { aBody, aPlace } from '../../test/body.js';
import type { PieBody } from '../materials/thermal-model-input.js';
import { meshSizes } from '../mesh/mesh-size.js';
import { doneMin } from './events.js';
import { simulateBake } from './simulate.js';
import { evaporationKgSM2 } from '../physics/surface.js';
import { saturationPa, vaporisationJKg } from '../materials/water.js';

/** Any ordinary lidded pie: its size, its start and its heats from a seed. */
const anyBake = fc.record({
  scale: fc.double({ min: 0.75, max: 1.25, noNaN: true }),
  startC: fc.double({ min: 2, max: 22, noNaN: true }),
  material: fc.constantFrom('glass', 'stoneware', 'enamelled_steel', 'dark_metal', 'aluminium'),
  firstC: fc.double({ min: 200, max: 225, noNaN: true }),
  secondC: fc.double({ min: 165, max: 190, noNaN: true }),
  freeShare: fc.double({ min: 0.1, max: 0.7, noNaN: true }),
});
type AnyBake = typeof anyBake extends fc.Arbitrary<infer T> ? T : never;

function bodyOf({ scale, startC, material, freeShare }: AnyBake): PieBody {
  const body = aBody();
  return aBody({
    topRadiusM: body.topRadiusM * scale,
    baseRadiusM: body.baseRadiusM * scale,
    filling: { ...body.filling!, massKg: body.filling!.massKg * scale ** 2, freeShare },
    startC,
    dish: dishMaterials.get(material)!,
  });
}

const stagesOf = ({ firstC, secondC }: AnyBake) => [
  { tempC: firstC, timeMin: 20 },
  { tempC: secondC, timeMin: 100 },
];

const doneOf = (body: PieBody, bake: AnyBake, where: BakeSpec = aPlace): number => {
  const { events } = simulateBake(body, where, stagesOf(bake), meshSizes.coarse);
  return doneMin(events, body.done) ?? Infinity;
};
const goldenOf = (body: PieBody, bake: AnyBake, where: BakeSpec = aPlace): number =>
  simulateBake(body, where, stagesOf(bake), meshSizes.coarse).events.goldenMin ?? Infinity;

/** Readings come each half minute; what lies closer together than this is the same. */
const SAME_MIN = 0.6;
const runs = { numRuns: 12 };

describe('trends that hold for any pie (common practice, no source)', () => {
  it('deeper never bakes sooner', () => {
    fc.assert(
      fc.property(anyBake, fc.double({ min: 1.05, max: 1.5, noNaN: true }), (bake, deeper) => {
        const body = bodyOf(bake);
        const deep = {
          ...body,
          edgeM: body.edgeM * deeper,
          filling: { ...body.filling!, massKg: body.filling!.massKg * deeper },
        };
        expect(doneOf(deep, bake)).toBeGreaterThanOrEqual(doneOf(body, bake) - SAME_MIN);
      }),
      runs,
    );
  });

  it('colder never bakes sooner', () => {
    fc.assert(
      fc.property(anyBake, fc.double({ min: 1, max: 20, noNaN: true }), (bake, colder) => {
        const body = bodyOf(bake);
        expect(doneOf({ ...body, startC: body.startC - colder }, bake)).toBeGreaterThanOrEqual(
          doneOf(body, bake) - SAME_MIN,
        );
      }),
      runs,
    );
  });

  it('a shinier dish never bakes sooner', () => {
    fc.assert(
      fc.property(anyBake, fc.double({ min: 0.1, max: 0.9, noNaN: true }), (bake, share) => {
        const body = bodyOf(bake);
        const shiny = { ...body, dish: { ...body.dish, emissivity: body.dish.emissivity * share } };
        expect(doneOf(shiny, bake)).toBeGreaterThanOrEqual(doneOf(body, bake) - SAME_MIN);
      }),
      runs,
    );
  });

  it('fruit is never tender sooner higher up, where it boils cooler', () => {
    fc.assert(
      fc.property(anyBake, fc.double({ min: 500, max: 3500, noNaN: true }), (bake, altitudeM) => {
        const tender = (where: BakeSpec): number =>
          simulateBake(bodyOf(bake), where, stagesOf(bake), meshSizes.coarse).events.tenderMin ?? Infinity;
        expect(tender({ ...aPlace, altitudeM })).toBeGreaterThanOrEqual(tender(aPlace) - SAME_MIN);
      }),
      runs,
    );
  });

  it('a hotter oven never bakes later, nor leaves the top paler', () => {
    fc.assert(
      fc.property(anyBake, fc.double({ min: 2, max: 25, noNaN: true }), (bake, offsetC) => {
        const body = bodyOf(bake);
        const hot = { ...aPlace, oven: { ...aPlace.oven, offsetC } };
        expect(doneOf(body, bake, hot)).toBeLessThanOrEqual(doneOf(body, bake) + SAME_MIN);
        expect(goldenOf(body, bake, hot)).toBeLessThanOrEqual(goldenOf(body, bake) + SAME_MIN);
      }),
      runs,
    );
  });

  it('yolk browns before none, and foil holds the top back', () => {
    fc.assert(
      fc.property(anyBake, fc.double({ min: 1.1, max: 2, noNaN: true }), (bake, wash) => {
        const body = bodyOf(bake);
        expect(goldenOf({ ...body, browning: wash }, bake)).toBeLessThanOrEqual(goldenOf(body, bake));
        const foil = { foilMin: 20, weightsMin: 0, doorMin: [] };
        const top = (interventions?: typeof foil): number =>
          simulateBake(body, aPlace, stagesOf(bake), meshSizes.coarse, interventions).readings.at(-1)!
            .topBrowning;
        expect(top(foil)).toBeLessThan(top());
      }),
      runs,
    );
  });
});

describe('what juice and paper do to heat', () => {
  const heats = [{ tempC: 200, timeMin: 50 }];

  it('paper under a pie keeps its base a little cooler and paler, and the top as it was', () => {
    const [bare, papered] = [false, true].map((onPaper) =>
      simulateBake(aBody({ onPaper }), aPlace, heats, meshSizes.usual).readings.at(-1),
    );
    const coolerC = (bare?.baseC ?? 0) - (papered?.baseC ?? 0);
    expect(coolerC).toBeGreaterThan(1);
    expect(coolerC).toBeLessThan(10);
    expect(papered?.baseBrowning).toBeLessThan(bare?.baseBrowning ?? 0);
    expect((papered?.topBrowning ?? 0) / (bare?.topBrowning ?? 1)).toBeCloseTo(1, 1);
  });

  it('edges bubble some minutes before middles, in thin juice and in thick (common practice, no source)', () => {
    for (const setGPer100G of [0, 3, 6]) {
      const body = aBody();
      const set = aBody({ filling: { ...body.filling!, setGPer100G } });
      const { events } = simulateBake(set, aPlace, [{ tempC: 200, timeMin: 110 }], meshSizes.usual);
      const [edge, middle] = [events.edgeBubblingMin ?? Infinity, events.centreBubblingMin ?? Infinity];
      expect(edge).toBeLessThan(90);
      expect(middle - edge).toBeGreaterThan(3);
    }
  });
});

describe('drying', () => {
  /** Wet bulb from air temperature and humidity, C: psychrometric chart at sea level, from memory. */
  it.each([
    [20, 50, 13.8],
    [30, 50, 22.0],
    [40, 20, 22.0],
    [50, 10, 24.1],
  ])('cools a wet face in air of %d C and %d %% to its wet bulb', (airC, humidity, wetBulbC) => {
    const vapourPa = (humidity / 100) * saturationPa(airC);
    const h = 12;
    const faceC = bisect(0, airC, 1e-9, (at) => {
      const lost = evaporationKgSM2(h, 0, at + 273.15, airC + 273.15, saturationPa(at) - vapourPa);
      return lost * vaporisationJKg(at) > h * (airC - at);
    });
    expect(Math.abs(faceC - wetBulbC)).toBeLessThan(0.05 * (airC - wetBulbC));
  });
});
