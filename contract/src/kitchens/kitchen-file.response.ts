/** What came of bringing a kitchen in: nothing that was there is overwritten. */
export interface BroughtIn {
  /** How many of each were not there before. */
  readonly added: {
    readonly dishes: number;
    readonly ovens: number;
    readonly fruits: number;
    /** Thickeners, weights of a cup and how things are sold. */
    readonly ownRows: number;
    readonly pies: number;
    readonly versions: number;
    readonly bakes: number;
    readonly events: number;
    readonly tastings: number;
    readonly readings: number;
    readonly photos: number;
    readonly days: number;
  };
  /** What is otherwise here than in the file, by name: it stayed as it is here. */
  readonly differs: readonly string[];
}
