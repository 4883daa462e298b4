import { makeTable } from '../units/index.js';

export interface Seasoning {
  readonly id: string;
  readonly label: string;
  readonly gPerKg: number;
  readonly teaspoonG: number;
  /** It stands with the zest, not with the spices. */
  readonly isZest?: true;
  /** What eaters must be told. */
  readonly contains?: readonly string[];
}

/** Usual grams per kg of fruit, and grams in a teaspoon. Estimates of ours; a baker's spoon is the judge. */
export const builtInSeasonings = makeTable<Seasoning>({
  salt: { label: 'Salt', gPerKg: 2, teaspoonG: 6 },
  cinnamon: { label: 'Cinnamon', gPerKg: 2.5, teaspoonG: 2.6 },
  nutmeg: { label: 'Nutmeg', gPerKg: 0.4, teaspoonG: 2.2 },
  allspice: { label: 'Allspice', gPerKg: 0.3, teaspoonG: 1.9 },
  clove: { label: 'Clove', gPerKg: 0.15, teaspoonG: 2.1 },
  cardamom: { label: 'Cardamom', gPerKg: 0.6, teaspoonG: 2 },
  ginger: { label: 'Ginger', gPerKg: 1.5, teaspoonG: 1.8 },
  // Grated fresh, as that of a lemon.
  orange_zest: { label: 'Orange zest', gPerKg: 4, teaspoonG: 2, isZest: true },
  vanilla: { label: 'Vanilla extract', gPerKg: 5, teaspoonG: 4.3 },
  almond: {
    label: 'Almond extract',
    gPerKg: 1,
    teaspoonG: 4.2,
    contains: ['almond extract (read the label)'],
  },
});

/** Lemon: juice is 5.5 % acid and 2.5 % sugar, pH 2.3; one lemon gives about 45 g of juice and 6 g of zest. From memory. */
export const lemon = {
  acidPercent: 5.5,
  sugarsPercent: 2.5,
  waterPercent: 91,
  ph: 2.3,
  juicePerLemonG: 45,
  zestPerLemonG: 6,
  zestTeaspoonG: 2,
  tablespoonG: 15,
} as const;
