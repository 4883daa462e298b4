import type { LoggedBake } from '@mardle/core';

/** A bake that is over, as the log keeps it. */
export interface LogEntry extends LoggedBake {
  readonly pieId: string;
  readonly pieVersion: number;
  readonly name: string;
  /** When it went in, ISO 8601. */
  readonly bakedAt: string;
  readonly note: string;
  /** Of what was said of it; 0 when nothing was. */
  readonly version: number;
  /** Names the picture of the slice; null when there is none. */
  readonly photo: string | null;
}

/** One page of the log, the newest first. */
export interface LogResponse {
  readonly bakes: readonly LogEntry[];
  readonly total: number;
  readonly page: number;
  readonly size: number;
}
