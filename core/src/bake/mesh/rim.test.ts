import { builtInMaterials, larderRow } from '../../larder/index.js';
import { aBody } from '../../test/body.js';
import { constant } from '../materials/constants.js';
import { buildMesh } from './build-mesh.js';
import { meshSizes } from './mesh-size.js';
import { finEfficiency, rimAreasM2 } from './rim.js';

const made = (id: string) => larderRow(builtInMaterials, id);
const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);
/** Eight bands of 4 mm. */
const heights = Array.from({ length: 8 }, () => 0.004);

/**
 * A sheet in steady state, cell by cell: k t T'' = h T, heat of one watt in at its end, none at its root. What each cell gives
 * off, W. By Gauss and Seidel, for no formula stands in it.
 */
function sheetGives(sheetWK: number, h: number, lengthM: number, cells = 64): number[] {
  const dx = lengthM / cells;
  const along = sheetWK / dx;
  const temp = new Float64Array(cells);
  for (let round = 0; round < 40_000; round++) {
    for (let i = 0; i < cells; i++) {
      const below = i > 0 ? along : 0;
      const above = i + 1 < cells ? along : 0;
      const comes = below * (temp[i - 1] ?? 0) + above * (temp[i + 1] ?? 0) + (i + 1 === cells ? 1 : 0);
      temp[i] = comes / (below + above + h * dx);
    }
  }
  return [...temp].map((t) => h * dx * t);
}

describe('the rim of a dish', () => {
  it('is as good a fin as the handbook says', () => {
    // tanh(1) / 1, and a short one is all as hot as its root.
    expect(finEfficiency(100, 0.01)).toBeCloseTo(0.7616, 4);
    expect(finEfficiency(30, 0.0001)).toBeCloseTo(1, 5);
  });

  it.each(['enamelled_steel', 'aluminium', 'glass'])(
    'of %s: its heat comes down the wall as a sum cell by cell has it',
    (id) => {
      const dish = made(id);
      const body = aBody({ dish });
      const areas = rimAreasM2(body, heights);
      const halfDry = (constant('crustKDry') + constant('crustKWet')) / 2;
      const gives = constant('rimTakes') + 1 / (1 / constant('dishContact') + body.baseCrustM / halfDry);
      const exact = sheetGives((dish.conductivity * dish.wallMm) / 1000, gives, sum(heights));
      areas.forEach((area, band) => {
        expect(area / sum(areas)).toBeCloseTo(sum(exact.slice(8 * band, 8 * band + 8)), 2);
      });
    },
  );

  it('is carried far down by metal, and stays at the top of glass', () => {
    const inUpperHalf = (id: string): number => {
      const areas = rimAreasM2(aBody({ dish: made(id) }), heights);
      return sum(areas.slice(4)) / sum(areas);
    };
    expect(inUpperHalf('glass')).toBeGreaterThan(0.8);
    expect(inUpperHalf('aluminium')).toBeLessThan(0.62);
  });

  it('is a ring of a centimetre or so round the top, and no more', () => {
    const { topRadiusM, ...body } = aBody({ dish: made('aluminium') });
    const ring = Math.PI * ((topRadiusM + constant('rim')) ** 2 - topRadiusM ** 2);
    const all = sum(rimAreasM2({ topRadiusM, ...body }, heights));
    expect(all).toBeLessThan(ring);
    expect(all).toBeGreaterThan(0.95 * ring);
  });

  it('lies on pie dishes alone: a sheet has none, nor what is baked without pastry in it', () => {
    const facesOf = (change: Parameters<typeof aBody>[0]) =>
      sum([...buildMesh(aBody(change), meshSizes.coarse).sides.areaM2]);
    const wall = (change: Parameters<typeof aBody>[0]): number =>
      facesOf(change) / facesOf({ ...change, baseCrustM: 0 });
    expect(wall({})).toBeGreaterThan(1.15);
    expect(wall({ freeStanding: true })).toBeCloseTo(1, 1);
    expect(rimAreasM2(aBody({ baseCrustM: 0 }), heights)).toEqual(heights.map(() => 0));
  });
});
