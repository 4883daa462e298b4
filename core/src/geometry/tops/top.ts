import type { CrumbBatch } from './crumb.js';
import type { CutOuts } from './cut-out.js';
import type { FreeForm } from './free-form.js';
import type { Lattice } from './lattice.js';
import type { Lid, Rolled } from '../rolled.js';
import type { ToppingBatch } from './topping.js';

/** What goes over the filling. `openShare` is the share of the top that stays open. */
export type Top =
  | { readonly kind: 'lid'; readonly sheet: Lid; readonly openShare: number }
  | { readonly kind: 'lattice'; readonly lattice: Lattice; readonly openShare: number }
  | { readonly kind: 'cut_outs'; readonly cutOuts: CutOuts; readonly openShare: number }
  | { readonly kind: 'crumb'; readonly crumb: CrumbBatch; readonly openShare: number }
  | { readonly kind: 'border'; readonly freeForm: FreeForm; readonly openShare: number }
  | { readonly kind: 'open'; readonly openShare: number }
  | { readonly kind: 'scones'; readonly scones: ToppingBatch; readonly openShare: number }
  | {
      readonly kind: 'batter';
      readonly batter: ToppingBatch;
      readonly streusel: CrumbBatch | null;
      readonly openShare: number;
    }
  | { readonly kind: 'parcel'; readonly disc: Rolled; readonly count: number; readonly openShare: number };

export type TopOf<Kind extends Top['kind']> = Extract<Top, { kind: Kind }>;

/**
 * A top of one sort, or null when it is another.
 * @param kind sort of top
 * @param top of a build
 * @returns the top with its own fields, or null
 * @example topAs('lattice', plan.build.top)
 */
export const topAs = <Kind extends Top['kind']>(kind: Kind, top: Top | undefined): TopOf<Kind> | null =>
  top?.kind === kind ? (top as TopOf<Kind>) : null;
