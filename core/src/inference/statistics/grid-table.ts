/** Where a value lies between its neighbours in a rising list, as a place and a share; ends are carried on. */
function place(rising: readonly number[], at: number): { readonly i: number; readonly share: number } {
  let i = 0;
  while (i < rising.length - 2 && at > rising[i + 1]!) i++;
  const share = (at - rising[i]!) / (rising[i + 1]! - rising[i]!);
  return { i, share };
}

/** A straight line between points of a curve; beyond its ends the last line goes on. */
export function onCurve(at: readonly number[], values: readonly number[], x: number): number {
  const { i, share } = place(at, x);
  return values[i]! + share * (values[i + 1]! - values[i]!);
}

/** Where a rising curve reaches a level; null when it does not. */
export function reaches(at: readonly number[], values: readonly number[], level: number): number | null {
  for (let i = 0; i < values.length; i++) {
    if (values[i]! < level) continue;
    if (i === 0) return at[0]!;
    const share = (level - values[i - 1]!) / (values[i]! - values[i - 1]!);
    return at[i - 1]! + share * (at[i]! - at[i - 1]!);
  }
  return null;
}
