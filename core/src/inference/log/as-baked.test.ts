import { starterSpec } from '../../schema/index.js';
import { asBaked } from './as-baked.js';
import { plainBake } from '../test/kitchen.js';

describe('a bake as the sums have it', () => {
  it('is out when it came out, at the stages that were set', () => {
    const plan = asBaked(plainBake({ events: [{ kind: 'out', atMin: 48 }] }));
    expect(plan?.bake?.outMin).toBe(48);
    expect(plan?.bake?.stages.map(({ tempC }) => tempC)).toEqual([210, 180]);
    expect(asBaked(plainBake())?.bake?.outMin).toBe(55);
    // Out before the knob was turned.
    expect(asBaked(plainBake({ events: [{ kind: 'out', atMin: 12 }] }))?.bake?.outMin).toBe(12);
  });

  it('has the thickener that was weighed: less of it sets looser', () => {
    const weighed = (thickenerG: number) =>
      asBaked(plainBake({ weighed: { thickenerG, sugarG: null, inG: null, outG: null } }))?.filling.reached ??
      NaN;
    expect(weighed(8)).toBeLessThan(weighed(24));
  });

  it('is nothing where the pie cannot be planned', () => {
    const none = { ...starterSpec, filling: { ...starterSpec.filling, fruits: [] } };
    expect(asBaked(plainBake({ plan: none }))).toBeNull();
  });
});
