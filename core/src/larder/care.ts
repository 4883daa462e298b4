export type CareLevel = 'watch' | 'danger';

/** What to say where the work is. */
interface Care {
  readonly level: CareLevel;
  readonly text: string;
}

/** Food-safety figures are common guidance, from memory; local rules come first. */
export const cautions = {
  knife: {
    level: 'watch',
    text: 'Knife and corer: cut away from your hand, board on a damp cloth. Children with an adult.',
  },
  wash_fruit: { level: 'watch', text: 'Wash the fruit before you cut it.' },
  stone: { level: 'watch', text: 'Take out every stone. Stones and kernels are not eaten or ground.' },
  rhubarb: {
    level: 'danger',
    text: 'Rhubarb leaves are poisonous: cut them off and throw them away. Only the stalk is food.',
  },
  elderberry: {
    level: 'danger',
    text: 'Elderberries are cooked before they are eaten, and come off their stalks first.',
  },
  sulphite: {
    level: 'watch',
    text: 'Dried fruit may hold sulphites: read the packet and say so on the label.',
  },
  poach: { level: 'watch', text: 'Quince is poached tender before it goes into a pie; raw it stays hard.' },
  raw_dough: {
    level: 'watch',
    text: 'Raw flour and raw egg are not eaten raw: no tasting of dough or wash; wash your hands.',
  },
  thermal_shock: {
    level: 'danger',
    text: 'Glass and stoneware can shatter, frozen into a hot oven: bake this one in metal, or let it thaw in its dish first.',
  },
  steam: { level: 'watch', text: 'Steam comes out of the vents: keep hands and face away when you look.' },
  hot_dish: {
    level: 'watch',
    text: 'The dish stays hot long after it looks cool: dry cloths, both hands, a clear place to set it down.',
  },
  spill_tray: {
    level: 'watch',
    text: 'Boiled-over juice burns: a lined tray on the shelf below catches it.',
  },
  boiling_sugar: {
    level: 'danger',
    text: 'Boiling syrup is far hotter than water and sticks: deep pan, long spoon, no children near it.',
  },
  alcohol: { level: 'danger', text: 'Alcohol flares: take the pan off the flame before you pour.' },
  storage: {
    level: 'watch',
    text: 'A baked fruit pie keeps two days in a cool room, longer at 5 °C or below. Local food rules decide for pies you sell.',
  },
  honey: { level: 'danger', text: 'Honey is not for children under one year, baked or not.' },
  frozen_raw: {
    level: 'danger',
    text: 'Frozen berries that are not baked can carry illness: boil them for a minute first.',
  },
  cooked_cold: {
    level: 'danger',
    text: 'Cool a cooked filling to under 5 °C within two hours, shallow and uncovered; use it within three days.',
  },
  wild: {
    level: 'danger',
    text: 'Picked wild: only what you know beyond doubt, away from roads and sprayed fields.',
  },
  whole_grapes: {
    level: 'danger',
    text: 'Whole grapes choke small children: halve them lengthwise for those under five.',
  },
  glass_steel: {
    level: 'danger',
    text: 'Glass on hot steel can shatter, however warm the pie is: take metal, or a rack.',
  },
  raw_flour: {
    level: 'watch',
    text: 'Raw flour is not eaten raw: no tasting of the topping before it is baked.',
  },
  glaze_shell: {
    level: 'watch',
    text: 'This filling is not baked again: take the form “open in a blind-baked shell”. In this form it goes into the oven as if it were raw.',
  },
  hot_caramel: {
    level: 'danger',
    text: 'Hot caramel burns deeply: turn the pie out warm, not hot, away from you, with dry cloths round both hands.',
  },
  hot_handle: {
    level: 'danger',
    text: 'A skillet’s handle is as hot as the oven: leave a cloth over it as long as it is hot.',
  },
  hot_weights: {
    level: 'watch',
    text: 'Blind-baking weights are hot for half an hour: lift them out in their paper, with a dish ready to take them.',
  },
  hot_steel: {
    level: 'danger',
    text: 'The steel stays at oven heat for an hour: mark it, and let nobody reach in.',
  },
  nuts: { level: 'watch', text: 'This crumb holds nuts: say so to every eater and on every label.' },
  keep_cold: {
    level: 'danger',
    text: 'Egg, cream or a cooked filling that is not baked again: keep the pie at 5 °C or below, at most two hours out of it.',
  },
  canning: {
    level: 'watch',
    text: 'This is not a recipe for canning: for jars, follow a tested canning process.',
  },
  selling: {
    level: 'watch',
    text: 'For pies you sell, local food rules and inspectors decide; label the allergens.',
  },
} as const satisfies Readonly<Record<string, Care>>;

export type CareId = keyof typeof cautions;
