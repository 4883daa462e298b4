import type { DishSpec, FillingSpec, FormKind, FruitPart, OvenSpec, PieSpec } from '@mardle/core';
import { changeForm } from '@mardle/core';

const fruit = (id: string, share: number, ripeness: number): FruitPart => ({
  fruit: id,
  share,
  state: 'fresh',
  ripeness,
  cut: 'usual',
  peeled: id === 'quince' || id === 'pear_firm',
});

interface DemoPie {
  readonly name: string;
  readonly fruits: readonly FruitPart[];
  readonly dish: number;
  readonly oven: number;
  readonly filling?: Partial<FillingSpec>;
  readonly form?: FormKind;
}

const pies: readonly DemoPie[] = [
  { name: 'Saturday damson', fruits: [fruit('damson', 1, 1)], dish: 0, oven: 1 },
  {
    name: 'Green gooseberry',
    fruits: [fruit('gooseberry_green', 1, 0)],
    dish: 0,
    oven: 0,
    filling: { sugar: { sugar: 'white', style: 0.18, massG: null } },
  },
  { name: 'Greengage', fruits: [fruit('greengage', 1, 0)], dish: 2, oven: 0 },
  {
    name: 'Blackcurrant',
    fruits: [fruit('blackcurrant', 1, 0)],
    dish: 2,
    oven: 0,
    filling: { set: 'soft' },
  },
  {
    name: 'Quince with pear',
    fruits: [fruit('quince', 1, 0), fruit('pear_firm', 2, 0)],
    dish: 1,
    oven: 1,
    filling: { lemonJuiceG: 20, seasonings: [{ seasoning: 'cardamom', massG: 0.7 }] },
  },
  {
    name: 'Apricot with tapioca',
    fruits: [fruit('apricot', 1, 0)],
    dish: 0,
    oven: 0,
    filling: { thickeners: [{ thickener: 'quick_tapioca', share: 1 }] },
  },
  { name: 'Loganberry', fruits: [fruit('boysen_logan', 1, 0)], dish: 0, oven: 1, form: 'lattice' },
  {
    name: 'Greengage free-form',
    fruits: [fruit('greengage', 1, -1)],
    dish: 3,
    oven: 0,
    filling: { preparation: { kind: 'weep', minutes: 45, boilToBrix: 60 } },
    form: 'free_form',
  },
  {
    name: 'Quince hand pies',
    fruits: [fruit('quince', 1, 0), fruit('pear_firm', 2, 0)],
    dish: 3,
    oven: 0,
    form: 'hand_pie',
  },
];

/** The pies of the demo kitchen, laid over a starting spec. */
export const demoPies = (base: PieSpec, dishes: readonly DishSpec[], ovens: readonly OvenSpec[]): PieSpec[] =>
  pies.map(({ name, fruits, dish, oven, filling, form }) => {
    const { label, kind, offsetC, warmUpMin, knob, hotSide } = ovens[oven] ?? base.bake.oven;
    const whole: PieSpec = {
      ...base,
      name,
      dish: dishes[dish] ?? base.dish,
      filling: { ...base.filling, ...filling, fruits },
      bake: { ...base.bake, oven: { label, kind, offsetC, warmUpMin, knob, hotSide } },
    };
    return form ? changeForm(whole, form).spec : whole;
  });
