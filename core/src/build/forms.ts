import { byId, numberIn, readTable, textIn } from '../units/index.js';
import type { FormKind } from './spec.js';
import { formKinds } from './spec.js';

/**
 * What sets the forms apart. `lined`: pastry lies under the filling. `room`: share of the dish that fruit may take, the rest
 * being for what rises over it. `thickened`: a thickener holds the juice; else batter or caramel does. `filled`: where
 * the fruit lies: in a dish, on a flat sheet, or folded into parcels. `top_min`: hands for the top. Common practice, no
 * source; rooms are estimates.
 */
const table = `
id|label|lined|room|thickened|filled|top_work|top_min
double_crust|double crust|1|1|1|dish|Lid, crimp, vents, wash|12
lattice|lattice|1|1|1|dish|Cut the strips, weave, crimp, wash|25
cut_out|cut-out lid|1|1|1|dish|Cut the shapes, lay them from the rim inward, wash|18
crumb_top|crumb top|1|1|1|dish|Strew the crumb, loose, to the edge|6
free_form|free-form|1|1|1|sheet|Fold the border in pleats, wash, pour the juice in last|10
open_shell|open in a blind-baked shell|1|1|1|dish|Fill the baked shell|4
crisp|crisp|0|.9|1|dish|Strew the crumb, loose, to the edge|6
cobbler|cobbler|0|.7|1|dish|Drop the scone dough in heaps|8
buckle|buckle|0|.28|0|dish|Fold fruit into batter, spread, level|8
upside_down|upside-down|0|.8|0|dish|Lay the pastry over, tuck it in, dock it|6
hand_pie|hand pies|1|1|1|parcel|Cut discs, fill, fold, seal, vent, wash|30
`;

export interface FormTraits {
  readonly id: string;
  readonly label: string;
  readonly lined: boolean;
  readonly room: number;
  readonly thickened: boolean;
  readonly filled: 'dish' | 'sheet' | 'parcel';
  readonly topWork: string;
  readonly topMin: number;
}

const filledWays = ['dish', 'sheet', 'parcel'] as const;

const traits: ReadonlyMap<string, FormTraits> = byId(
  readTable(table, '|').map((row) => ({
    id: textIn(row, 'id'),
    label: textIn(row, 'label'),
    lined: numberIn(row, 'lined') === 1,
    room: numberIn(row, 'room'),
    thickened: numberIn(row, 'thickened') === 1,
    filled: filledWays.find((way) => way === textIn(row, 'filled')) ?? 'dish',
    topWork: textIn(row, 'top_work'),
    topMin: numberIn(row, 'top_min'),
  })),
);

for (const kind of formKinds) if (!traits.has(kind)) throw new Error(`no traits for ${kind}`);

export const formTraits = (kind: FormKind): FormTraits => traits.get(kind)!;

/** Forms whose top is pastry and takes a wash. */
export const isWashed = (kind: FormKind): boolean =>
  ['double_crust', 'lattice', 'cut_out', 'free_form', 'hand_pie', 'upside_down'].includes(kind);
/** Forms under a crumb. */
export const isCrumbed = (kind: FormKind): boolean => kind === 'crumb_top' || kind === 'crisp';
