import { starterSpec } from '../../schema/index.js';
import { draftPlan } from '../plan.js';
import { slipWords } from './slip-words.js';
import { once } from '../../test/once.js';

const lines = once(() => {
  const planned = draftPlan(starterSpec);
  return planned.ok ? planned.plan.slip.flatMap(({ lines: its }) => its) : [];
});
const line = (id: string) => {
  const found = lines().find((one) => one.id === id);
  if (!found) throw new Error(`no line ${id}`);
  return found;
};
const sugar = { id: 'sugar', label: 'White sugar', massG: 200, volumeMl: 240 };

describe('a line of the slip', () => {
  it('says what the scale says large, cups and spoons beside', () => {
    expect(slipWords(sugar, 'metric')).toEqual({
      number: '200',
      unit: 'g',
      measure: '1 cup',
      buy: '',
      note: '',
    });
  });

  it('says it the other way for those who count in cups', () => {
    expect(slipWords(sugar, 'us', 'measure')).toMatchObject({ number: '1', unit: 'cup', measure: '7.1 oz' });
  });

  it('weighs what no cup tells, whatever comes first', () => {
    expect(slipWords({ id: 'x', label: 'Egg', massG: 50 }, 'metric', 'measure')).toMatchObject({
      number: '50',
      unit: 'g',
      measure: '',
    });
  });

  it('tells the range of what goes in by feel', () => {
    expect(slipWords({ ...sugar, highG: 240 }, 'metric').number).toBe('200–240');
  });

  it('counts pieces to the half while they are few, and not what is less than a third', () => {
    const pieces = (count: number) =>
      slipWords({ ...sugar, pieces: { count, word: 'apple' } }, 'metric').measure;
    expect(pieces(3.4)).toBe('1 cup · about 3½');
    expect(pieces(12.4)).toBe('1 cup · about 12');
    expect(pieces(0.2)).toBe('1 cup');
  });

  it('of fruit says how much to buy', () => {
    const { boughtG = 0, massG } = line('fruit.0');
    expect(boughtG).toBeGreaterThan(massG);
    expect(slipWords(line('fruit.0'), 'metric').buy).toMatch(/^buy [\d.]+\sk?g$/);
  });
});
