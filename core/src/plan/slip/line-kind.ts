import type { BuiltContext } from '../../forms/index.js';
import type { PieSpec } from '../../schema/index.js';

/** What of a plan its slip is made of. */
export type SlipPlan = Pick<BuiltContext, 'spec' | 'filling' | 'build'>;

/** What can be said of the amount on a line of the slip. */
export interface SlipAmount {
  /** The baker set it, and all else follows. */
  readonly isOwn: boolean;
  /** Mardle can work it out again. */
  readonly canGoBack: boolean;
  /** Path of the field whose limits hold for it. */
  readonly limit: string;
}

/** How the lines of one kind are read and set; `key` is what follows the kind in the id of a line. */
export interface LineKind {
  readonly ids: RegExp;
  amount(plan: SlipPlan, key: string): SlipAmount | null;
  /** The pie with another mass, g; null gives the amount back to Mardle. */
  change(plan: SlipPlan, key: string, massG: number | null): PieSpec;
}

/** An amount as it is kept, g: no finer than a scale for spices. */
export const kept = (massG: number): number => Math.round(massG * 100) / 100;
