/**
 * Park & Miller's generator (1988, with the multiplier 48271): repeatable on every machine.
 * @param seed whole, from 1 on
 * @returns what gives the next number between 0 and 1
 */
export function random(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}
