import { readTable, textIn } from '../units/index.js';

export type CareLevel = 'watch' | 'danger';

/** What to say where the work is. Food-safety figures are common guidance, from memory; local rules come first. */
const table = `
id|level|text
knife|watch|Knife and corer: cut away from your hand, board on a damp cloth. Children with an adult.
wash_fruit|watch|Wash the fruit before you cut it.
stone|watch|Take out every stone. Stones and kernels are not eaten or ground.
rhubarb|danger|Rhubarb leaves are poisonous: cut them off and throw them away. Only the stalk is food.
elderberry|danger|Elderberries are cooked before they are eaten, and come off their stalks first.
sulphite|watch|Dried fruit may hold sulphites: read the packet and say so on the label.
poach|watch|Quince is poached tender before it goes into a pie; raw it stays hard.
raw_dough|watch|Raw flour and raw egg are not eaten raw: no tasting of dough or wash; wash your hands.
thermal_shock|danger|Glass and stoneware can shatter: never from fridge or freezer into a hot oven, never onto a cold wet surface.
steam|watch|Steam comes out of the vents: keep hands and face away when you look.
hot_dish|watch|The dish stays hot long after it looks cool: dry cloths, both hands, a clear place to set it down.
spill_tray|watch|Boiled-over juice burns: a lined tray on the shelf below catches it.
boiling_sugar|danger|Boiling syrup is far hotter than water and sticks: deep pan, long spoon, no children near it.
alcohol|danger|Alcohol flares: take the pan off the flame before you pour.
storage|watch|A baked fruit pie keeps two days in a cool room, longer at 5 °C or below. Local food rules decide for pies you sell.
glaze_shell|watch|This filling is not baked again: take the form “open in a blind-baked shell”. In this form it goes into the oven as if it were raw.
hot_caramel|danger|Hot caramel burns deeply: turn the pie out warm, not hot, away from you, with dry cloths round both hands.
hot_handle|danger|A skillet’s handle is as hot as the oven: leave a cloth over it as long as it is hot.
hot_weights|watch|Blind-baking weights are hot for half an hour: lift them out in their paper, with a dish ready to take them.
hot_steel|danger|The steel stays at oven heat for an hour: mark it, and let nobody reach in.
nuts|watch|This crumb holds nuts: say so to every eater and on every label.
keep_cold|danger|Egg, cream or a cooked filling that is not baked again: keep the pie at 5 °C or below until it is eaten.
canning|watch|This is not a recipe for canning: for jars, follow a tested canning process.
selling|watch|For pies you sell, local food rules and inspectors decide; label the allergens.
`;

export interface Care {
  readonly id: string;
  readonly level: CareLevel;
  readonly text: string;
}

const rows: readonly Care[] = readTable(table, '|').map((row) => ({
  id: textIn(row, 'id'),
  level: textIn(row, 'level') as CareLevel,
  text: textIn(row, 'text'),
}));

/** A caution by its id; throws for an unknown one, since a missing warning must never pass silently. */
export function care(id: string): Care {
  const found = rows.find((row) => row.id === id);
  if (!found) throw new Error(`no caution called ${id}`);
  return found;
}
