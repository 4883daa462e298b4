import type { FormKind, PieSpec } from '@mardle/core';

export interface PieResponse {
  readonly id: string;
  readonly version: number;
  readonly savedAt: string;
  readonly spec: PieSpec;
}

export interface PieVersionResponse {
  readonly version: number;
  readonly savedAt: string;
  readonly name: string;
}

/** A pie as a list shows it. */
export interface PieSummary {
  readonly id: string;
  readonly version: number;
  readonly savedAt: string;
  readonly lastBakedAt: string | null;
  readonly name: string;
  readonly form: FormKind;
  /** Its fruits in words, the most of it first. */
  readonly fruits: string;
  readonly dish: string;
  readonly oven: string;
  /** Why it cannot be laid on the bench, with what to do; null for a sound one. */
  readonly unreadable: string | null;
  /** The whole pie, where it was asked for and can be read. */
  readonly spec?: PieSpec;
}

/** One page of a list. */
export interface PieListResponse {
  readonly pies: readonly PieSummary[];
  readonly total: number;
  readonly page: number;
  readonly size: number;
}
