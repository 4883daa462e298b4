/** One step of the weave: fold back some long strips, lay a cross strip, unfold. Strips count from 1. */
export interface WeaveStep {
  readonly cross: number;
  readonly foldBack: readonly number[];
  /** Where the cross strip lies beside the one before: the first goes across the middle. */
  readonly side: 'middle' | 'right' | 'left';
}

/** Cross strips in the order they are laid: the middle one, outward to one side, then to the other. */
function layingOrder(cross: number): { readonly strip: number; readonly side: WeaveStep['side'] }[] {
  const middle = Math.ceil(cross / 2);
  const right = Array.from({ length: cross - middle }, (_, i) => ({
    strip: middle + 1 + i,
    side: 'right' as const,
  }));
  const left = Array.from({ length: middle - 1 }, (_, i) => ({
    strip: middle - 1 - i,
    side: 'left' as const,
  }));
  return [{ strip: middle, side: 'middle' }, ...right, ...left];
}

/**
 * Steps that weave a plain weave of `long` strips laid first and `cross` strips laid over them: each next cross strip has
 * exactly those long strips folded back that now lie under the one beside it.
 * @param long strips laid first
 * @param cross strips laid over them
 * @returns which long strips to fold back before each cross strip
 * @example weaveSteps(5, 4).length // 4
 */
export function weaveSteps(long: number, cross: number): WeaveStep[] {
  const all = Array.from({ length: long }, (_, i) => i + 1);
  const folded = new Map<number, readonly number[]>();
  return layingOrder(cross).map(({ strip, side }) => {
    const beside = side === 'middle' ? null : (folded.get(side === 'right' ? strip - 1 : strip + 1) ?? []);
    // Long strips that were not folded back lie under the strip beside.
    const foldBack =
      beside === null ? all.filter((i) => i % 2 === 1) : all.filter((i) => !beside.includes(i));
    folded.set(strip, foldBack);
    return { cross: strip, foldBack, side };
  });
}

/** Which strip is on top at each crossing, after some of the steps: true where the long strip is. */
export function crossings(
  long: number,
  steps: readonly WeaveStep[],
): ReadonlyMap<number, readonly boolean[]> {
  return new Map(
    steps.map(({ cross, foldBack }) => [
      cross,
      Array.from({ length: long }, (_, i) => foldBack.includes(i + 1)),
    ]),
  );
}
