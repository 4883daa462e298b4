/** Whether server and database answer, and whether the clock of the machine can be right. */
export interface ReadyResponse {
  readonly database: 'answers';
  /** `behind` when something was saved later than it is now: the clock was set back. */
  readonly clock: 'right' | 'behind';
  /** When anything was last saved. */
  readonly lastSavedAt: string | null;
}
