import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { draftPlan, readSpec } from '../../plan/index.js';
import { meshSizes } from '../mesh/mesh-size.js';
import { filledMin } from './events.js';
import { simulateBake } from './simulate.js';
import { once } from '../../test/once.js';

const folder = join(__dirname, '../../../../docs/whole-pies');
const stages = [
  { tempC: 205, timeMin: 20 },
  { tempC: 180, timeMin: 70 },
];

/** Every form bakes on the search mesh as on one twice as fine in every way: for colour and done. */
describe.each(readdirSync(folder).filter((name) => name.endsWith('.json')))('%s', (file) => {
  const drafted = once(() => {
    const read = readSpec(JSON.parse(readFileSync(join(folder, file), 'utf8')));
    if (!read.ok) throw new Error(`${file} cannot be read`);
    const planned = draftPlan(read.spec);
    if (!planned.ok) throw new Error(`${file} cannot be planned`);
    return planned.plan;
  });
  const bakeOn = (size: (typeof meshSizes)[keyof typeof meshSizes]) => {
    const { work, spec } = drafted();
    const { body } = work;
    const { events, readings } = simulateBake(body, spec.bake, stages, size);
    return { golden: events.goldenMin, done: filledMin(events, body.done), readings };
  };

  it('is golden and done on the search mesh within 3 % of the fine one', () => {
    const coarse = bakeOn(meshSizes.coarse);
    const fine = bakeOn(meshSizes.fine);
    for (const event of ['golden', 'done'] as const) {
      const told = fine[event];
      if (!told) expect(coarse[event]).toBe(told);
      else expect(Math.abs((coarse[event] ?? Infinity) / told - 1)).toBeLessThan(0.03);
    }
  });
});
