import fc from 'fast-check';
import { builtInLarder } from '../larder/index.js';
import { checkFields } from './check-fields.js';
import { listFields } from './field.js';
import { fieldLimit, limits } from './limits.js';
import { pieSchema } from './pie.js';
import { starterSpec } from './starter.js';

const problemsOf = (spec: object): string[] =>
  checkFields(pieSchema, { ...spec }, { larder: builtInLarder }).map(({ field }) => field);

/** The starter with a value at a path. */
function changed(path: string, value: unknown): object {
  const copy = structuredClone(starterSpec) as unknown as Record<string, unknown>;
  const keys = path.split('.');
  const last = keys.pop()!;
  const at = keys.reduce((part, key) => part[key] as Record<string, unknown>, copy);
  at[last] = value;
  return copy;
}

describe('the fields of a spec', () => {
  it('finds nothing wrong with the starter', () => {
    expect(problemsOf(starterSpec)).toEqual([]);
  });

  it.each<[string, unknown]>([
    ['dish.depthCm', '3.5'],
    ['dish.depthCm', null],
    ['dish.depthCm', Number.NaN],
    ['dish.depthCm', 0.99],
    ['dish.material', 'cheese'],
    ['filling.fruits', []],
    ['filling.fruits', {}],
    ['filling.fruits.0.cut', 'sawn'],
    ['filling.preparation', []],
    ['bake.stages', [{ tempC: 200, timeMin: 10 }]],
    ['pastry.coarseSugar', 1],
    ['pastry.batch', 1.5],
    ['form.kind', 'cake'],
    ['form.lattice', { strips: 6 }],
    ['name', ''],
    ['format', 'pie'],
    ['surprise', 1],
  ])('names %s when it is %p', (path, value) => {
    expect(problemsOf(changed(path, value)).some((field) => field.startsWith(path))).toBe(true);
  });

  it('lets be null or left out what the schema says, and nothing else', () => {
    for (const { path, field } of listFields(pieSchema)) {
      if (
        path.split('.').length > 2 ||
        /ownFruits|ownThickeners|fruits\.|thickeners\.|seasonings\./.test(path)
      )
        continue;
      const nulled = problemsOf(changed(path, null));
      const left = problemsOf(changed(path, undefined));
      expect(nulled.length === 0).toBe(field.nullMeans !== undefined);
      expect(left.length === 0).toBe(field.leftOut !== undefined);
    }
  });

  it('survives anything at all', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.constantFrom(...Object.keys(pieSchema)), fc.jsonValue()), (spec) => {
        expect(Array.isArray(checkFields(pieSchema, spec, { larder: builtInLarder }))).toBe(true);
      }),
      { seed: 11, numRuns: 300 },
    );
  });
});

describe('the limits', () => {
  it('hold every number once, with a remedy', () => {
    for (const { path, field } of listFields(pieSchema)) {
      if (field.type !== 'number') continue;
      expect(limits.get(path)).toEqual({
        path,
        least: field.least,
        most: field.most,
        remedy: field.remedy,
      });
      expect(field.least).toBeLessThan(field.most);
      expect(field.remedy).toMatch(/\.$/);
    }
  });

  it('refuse a path that there is not', () => {
    expect(() => fieldLimit('dish.colour')).toThrow('no limit');
  });
});
