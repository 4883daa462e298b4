import { readSpec, starterSpec } from '@mardle/core';
import { checkShape, KitchenDishRequest, PieSpecRequest } from './index.js';

const S = starterSpec;
const filling = (part: object): unknown => ({ ...S, filling: { ...S.filling, ...part } });
const dish = (part: object): unknown => ({ ...S, dish: { ...S.dish, ...part } });

/** What clients send by mistake or malice: core and server refuse it alike, naming the field, and neither throws. */
describe('what stands for one thing is never taken for another', () => {
  it.each<[string, unknown, string]>([
    ['a list for a part', filling({ preparation: [] }), 'filling.preparation'],
    ['a list for the filling', { ...S, filling: [] }, 'filling'],
    ['a list for a fruit', filling({ fruits: [[]] }), 'filling.fruits'],
    ['an object for a list', filling({ fruits: { 0: S.filling.fruits[0], length: 1 } }), 'filling.fruits'],
    ['an object for additions', filling({ additions: {} }), 'filling.additions'],
    ['a list for a test', filling({ weepTest: [] }), 'filling.weepTest'],
    ['a list for a text', dish({ label: ['x'] }), 'dish.label'],
    ['a number for a name', { ...S, name: 5 }, 'name'],
    ['a list for the oven', { ...S, bake: { ...S.bake, oven: [] } }, 'bake.oven'],
    ['an object for two stages', { ...S, bake: { ...S.bake, stages: { 0: {}, 1: {} } } }, 'bake.stages'],
    [
      'a list for own parts',
      { ...S, form: { ...S.form, crumb: { school: 'rubbed', cover: 1, own: [] } } },
      'form.crumb.own',
    ],
    [
      'a list for own figures',
      { ...S, ownFruits: [{ id: 'x', label: 'x', like: 'damson', figures: [] }] },
      'ownFruits.0.figures',
    ],
    ['no number', dish({ topCm: Number.NaN }), 'dish.topCm'],
    ['endless', dish({ topCm: Number.POSITIVE_INFINITY }), 'dish.topCm'],
    ['truth for a number', dish({ topCm: true }), 'dish.topCm'],
    ['nothing for a number', dish({ topCm: null }), 'dish.topCm'],
  ])('%s', (_, plain, field) => {
    const core = readSpec(plain);
    expect(core.ok).toBe(false);
    if (!core.ok) expect(core.problems.some((problem) => problem.field.startsWith(field))).toBe(true);
    const request = checkShape(PieSpecRequest, plain);
    expect(request.ok).toBe(false);
    if (!request.ok) expect(request.problems.some((problem) => problem.field.startsWith(field))).toBe(true);
  });

  it.each(['constructor', '__proto__', 'toString', 'hasOwnProperty'])(
    'no row of the larder is called %s',
    (id) => {
      const [fruit] = S.filling.fruits;
      for (const plain of [filling({ fruits: [{ ...fruit, fruit: id }] }), dish({ material: id })]) {
        expect(readSpec(plain).ok).toBe(false);
      }
    },
  );

  it('a pie with fields of the language itself is no pie', () => {
    const odd = JSON.parse('{"__proto__": {"format": "mardle-pie"}, "constructor": 1}') as unknown;
    expect(readSpec(odd).ok).toBe(false);
    expect(checkShape(PieSpecRequest, odd).ok).toBe(false);
  });

  it('every refusal says what to do', () => {
    for (const plain of [filling({ preparation: [] }), dish({ topCm: 'wide' }), { ...S, surprise: 1 }]) {
      const request = checkShape(PieSpecRequest, plain);
      if (request.ok) throw new Error('it was taken');
      for (const { message, remedy } of request.problems) {
        expect(message).not.toBe('');
        expect(remedy).not.toBe('');
      }
    }
  });

  it.each([[[]], [null], ['dish'], [7], [{ label: [] }]])('%j is no dish', (plain) => {
    expect(checkShape(KitchenDishRequest, plain).ok).toBe(false);
  });
});
