import { builtInLarder, withOwnFruits } from '@mardle/core';
import { fruitFilter, fruitFinder } from './findFruit.js';

const find = fruitFinder(builtInLarder);

describe('a fruit is found', () => {
  it.each([
    ['cherry', 'sour_cherry'],
    ['cherry', 'sweet_cherry'],
    ['blackcurant', 'blackcurrant'],
    ['wild blueberry', 'bilberry'],
    ['huckleberry', 'bilberry'],
    ['bramble', 'blackberry'],
    ['rasberry', 'raspberry'],
    ['tart apple', 'apple_firm_tart'],
    ['saskatoon', 'serviceberry'],
    ['tinned peach', 'canned_peach'],
  ])('by "%s": %s among the first', (typed, id) => {
    expect(find(typed).slice(0, 4)).toContain(id);
  });

  it.each([...builtInLarder.fruits.values()].map(({ label, id }) => [label, id] as const))(
    'by its own name, %s, before any other',
    (label, id) => {
      expect(find(label)[0]).toBe(id);
    },
  );

  it('not when nothing is like it', () => {
    expect(find('xylophone')).toEqual([]);
  });

  it('by the name that a kitchen gave it', () => {
    const own = { id: 'our_damson', label: 'Damson from the yard', like: 'damson', figures: {} };
    expect(fruitFinder(withOwnFruits(builtInLarder, [own]))('yard')[0]).toBe('our_damson');
  });
});

describe('the list of fruits', () => {
  const filter = fruitFilter(builtInLarder);
  const options = [
    { group: 'berry', items: [{ value: 'raspberry', label: 'Raspberry' }] },
    { group: 'stone fruit', items: [{ value: 'sour_cherry', label: 'Sour cherry' }] },
  ];
  const shown = (search: string) => filter({ options, search, limit: Infinity });

  it('is whole, by group, until something is typed', () => {
    expect(shown('')).toBe(options);
    expect(shown('Raspberry')).toBe(options);
  });

  it('is what was found when something is', () => {
    expect(shown('tart cherry')[0]).toEqual({ value: 'sour_cherry', label: 'Sour cherry' });
    expect(shown('xylophone')).toEqual([]);
  });
});
