import { builtInLarder } from '../../larder/index.js';
import { makePieTable } from '../log/pie-table.js';
import { plainBake } from '../test/kitchen.js';
import { fitOven } from './oven.js';

/** How hot an oven is believed to be after one pie that stood on the scale, C beside its knob. */
function believedC(weighed: { readonly inG: number | null; readonly outG: number | null }): number {
  const bake = plainBake({ weighed: { thickenerG: null, sugarG: null, ...weighed } });
  const table = makePieTable(bake, builtInLarder);
  return fitOven([{ bake, table }]).fitted.mean[0] ?? NaN;
}

describe('a pie on the scale before and after the oven', () => {
  const usual = believedC({ inG: null, outG: null });

  it('that lost much was in a hotter oven, one that lost little in a cooler one', () => {
    expect(believedC({ inG: 1600, outG: 1450 })).toBeGreaterThan(usual);
    expect(believedC({ inG: 1600, outG: 1590 })).toBeLessThan(usual);
  });

  it('says nothing where it stood there once', () => {
    expect(believedC({ inG: 1600, outG: null })).toBe(usual);
    expect(believedC({ inG: null, outG: 1450 })).toBe(usual);
  });
});
