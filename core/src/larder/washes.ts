import { byId, numberIn, readTable, textIn } from '../units/index.js';

/** What is brushed on one pie, what it does, and how much sooner it browns. Amounts: common practice, no source; browning: fit over W1 to W5. */
const table = `
id,label,g_per_pie,recipe,effect,browning,contains
none,No wash,0,,pale and matt,1,
milk,Milk,20,20 g milk,soft gold; little shine,1.15,milk
egg_white,Egg white and water,35,1 egg white with 1 tsp water,shine and hold for coarse sugar; light colour,1.15,egg
whole_egg,Whole egg and milk,40,1 egg with 1 tbsp milk,even gold with shine,1.28,egg;milk
yolk_cream,Yolk and cream,33,1 yolk with 15 mL cream and a pinch of salt,deep gold; colours soonest,1.55,egg;milk
`;

export interface Wash {
  readonly id: string;
  readonly label: string;
  readonly gPerPie: number;
  readonly recipe: string;
  readonly effect: string;
  /** Factor on the rate of browning. */
  readonly browning: number;
  readonly contains: readonly string[];
}

export const washes: ReadonlyMap<string, Wash> = byId(
  readTable(table).map((row) => ({
    id: textIn(row, 'id'),
    label: textIn(row, 'label'),
    gPerPie: numberIn(row, 'g_per_pie'),
    recipe: textIn(row, 'recipe'),
    effect: textIn(row, 'effect'),
    browning: numberIn(row, 'browning'),
    contains: textIn(row, 'contains').split(';').filter(Boolean),
  })),
);
