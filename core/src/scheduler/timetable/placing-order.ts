/** In what order, and by whom, things are placed when runs lie: none is best for every day. */
export interface PlacingOrder {
  /** Lining before fruit: dough has a long way before it. */
  readonly linesFirst: boolean;
  /** Dough before fruit that can wait. */
  readonly doughFirst: boolean;
  /** Tasks go to whoever has something to do right after them. */
  readonly inOnePiece: boolean;
  /** Those who can do more things are spared for them. */
  readonly sparing: boolean;
  /** All of an hour's pies, their dough too, before anything of an hour that comes before it; else dough of all of them last. */
  readonly byHour: boolean;
}

export const usualPlacingOrder: PlacingOrder = {
  linesFirst: false,
  doughFirst: false,
  inOnePiece: false,
  sparing: false,
  byHour: false,
};
