import type { OvenPosition, PieBody } from '../../bake/index.js';

/**
 * What nobody knows of a pie that is in an oven, with its deviations: the oven's own degrees, what the dish takes up (ln), softening
 * (ln), juice that is free (ln), browning with the eye for golden (ln), the filling's start. Estimates.
 */
export const unknowns = [
  { name: 'offsetC', deviation: 14 },
  { name: 'transferLn', deviation: 0.1 },
  { name: 'softeningLn', deviation: 0.15 },
  { name: 'freeLn', deviation: 0.12 },
  { name: 'browningLn', deviation: 0.3 },
  { name: 'startC', deviation: 2.5 },
] as const;
export const OFFSET = 0;

const MOST_TAKEN_UP = 0.95;
const MOST_FREE = 0.9;

/** The pie and its oven with the unknowns at some values, in deviations from what is believed. */
export function withUnknowns(
  body: PieBody,
  place: OvenPosition,
  at: ArrayLike<number>,
): { readonly body: PieBody; readonly place: OvenPosition } {
  const [offsetC, transfer, softening, free, browning, startC] = unknowns.map(
    ({ deviation }, i) => deviation * at[i]!,
  ) as [number, number, number, number, number, number];
  const { filling } = body;
  return {
    place: { ...place, oven: { ...place.oven, offsetC: place.oven.offsetC + offsetC } },
    body: {
      ...body,
      dish: { ...body.dish, emissivity: Math.min(MOST_TAKEN_UP, body.dish.emissivity * Math.exp(transfer)) },
      softening: body.softening * Math.exp(softening),
      browning: body.browning * Math.exp(browning),
      startC: body.startC + startC,
      filling: filling && { ...filling, freeShare: Math.min(MOST_FREE, filling.freeShare * Math.exp(free)) },
    },
  };
}
