/**
 * Even numbers in [0, 1) from a seed, the same ones each time: mulberry32, a well-known 32-bit mixer (from memory).
 * @param seed any whole number
 * @returns a function that gives the next one
 * @example chanceFrom(1)()
 */
export function chanceFrom(seed: number): () => number {
  let state = seed | 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** A normal number from two even ones (Box and Muller 1958). */
export const normalFrom = (chance: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());
