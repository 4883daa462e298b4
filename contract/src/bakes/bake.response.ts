import type { BakeEvent, PieSpec, Stage } from '@mardle/core';

/** A bake with all that happened to it. */
export interface BakeResponse {
  readonly id: string;
  readonly pieId: string;
  readonly pieVersion: number;
  readonly spec: PieSpec;
  readonly stages: readonly [Stage, Stage];
  readonly events: readonly BakeEvent[];
  readonly finished: boolean;
}

/** A bake as a list shows it. */
export interface BakeSummary {
  readonly id: string;
  readonly pieId: string;
  readonly pieVersion: number;
  readonly name: string;
  readonly oven: string;
  readonly loadedAt: string;
  readonly finished: boolean;
  /** Over and no mistake: there is a slice to ask about. */
  readonly logged: boolean;
}

/** One page of a list. */
export interface BakeListResponse {
  readonly bakes: readonly BakeSummary[];
  readonly total: number;
  readonly page: number;
  readonly size: number;
}
