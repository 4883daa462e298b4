/** A day that the kitchen shares, without what is in it. */
export interface DaySummary {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  /** ISO 8601. */
  readonly savedAt: string;
}

/** How a shared day stands: asked for again and again while somebody looks at it. */
export interface DayNow extends DaySummary {
  /** Ids of the tasks that are done. */
  readonly done: readonly string[];
}

export interface DayResponse extends DayNow {
  /** As it was kept. */
  readonly content: string;
}

export interface DayListResponse {
  /** The newest first. */
  readonly days: readonly DaySummary[];
}
