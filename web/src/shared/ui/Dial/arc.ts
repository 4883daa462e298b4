/** Geometry of the dial's arc: from lower left over the top to lower right, angles in radians. */
export const SWEEP = (Math.PI * 4) / 3;
const START = Math.PI / 2 + (2 * Math.PI - SWEEP) / 2;

export const angleAt = (share: number): number => START + SWEEP * share;

export const pointAt = (share: number, radius: number): { x: number; y: number } => ({
  x: radius * Math.cos(angleAt(share)),
  y: radius * Math.sin(angleAt(share)),
});

/** Share of the sweep nearest to a point relative to the centre. */
export function shareAt(x: number, y: number): number {
  const turn = (((Math.atan2(y, x) - START) % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);
  if (turn <= SWEEP) return turn / SWEEP;
  return turn - SWEEP < (2 * Math.PI - SWEEP) / 2 ? 1 : 0;
}

export function arcPath(from: number, to: number, radius: number): string {
  const a = pointAt(from, radius);
  const b = pointAt(to, radius);
  const large = (to - from) * SWEEP > Math.PI ? 1 : 0;
  return `M${a.x.toFixed(2)} ${a.y.toFixed(2)}A${radius} ${radius} 0 ${large} 1 ${b.x.toFixed(2)} ${b.y.toFixed(2)}`;
}
