/** A flat shape about its middle: an ellipse (a disc among them) or a rectangle. Lengths in cm; length runs along y. */
export interface Outline {
  readonly kind: 'ellipse' | 'rectangle';
  readonly lengthCm: number;
  readonly widthCm: number;
}

export const disc = (diameterCm: number): Outline => ({
  kind: 'ellipse',
  lengthCm: diameterCm,
  widthCm: diameterCm,
});

export const discAreaCm2 = (diameterCm: number): number => (Math.PI * diameterCm ** 2) / 4;

export const areaCm2 = ({ kind, lengthCm, widthCm }: Outline): number =>
  kind === 'ellipse' ? (Math.PI * lengthCm * widthCm) / 4 : lengthCm * widthCm;

/** Perimeter in cm; of an ellipse by Ramanujan's second approximation, exact to 1e-4 for what is baked in. */
export function perimeterCm({ kind, lengthCm, widthCm }: Outline): number {
  if (kind === 'rectangle') return 2 * (lengthCm + widthCm);
  const a = lengthCm / 2;
  const b = widthCm / 2;
  const h = ((a - b) / (a + b)) ** 2;
  return Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
}

/** The same shape, larger on every side. */
export const grown = (outline: Outline, byCm: number): Outline => ({
  ...outline,
  lengthCm: Math.max(0, outline.lengthCm + 2 * byCm),
  widthCm: Math.max(0, outline.widthCm + 2 * byCm),
});

/** Diameter of the disc of the same area. */
export const equalDiscCm = (outline: Outline): number => Math.sqrt((4 * areaCm2(outline)) / Math.PI);

/**
 * Whether turning a dish changes nothing.
 * @param options an outline
 * @returns whether all its diameters are one
 * @example isRound(topOutline(starterSpec.dish)) // true
 */
export const isRound = ({ kind, lengthCm, widthCm }: Outline): boolean =>
  kind === 'ellipse' && Math.abs(lengthCm - widthCm) < 1e-9;

/** How far the shape reaches to both sides of its middle, measured across lines that run at an angle to y. */
export function extentCm({ kind, lengthCm, widthCm }: Outline, angleRad: number): number {
  const across = Math.abs(Math.cos(angleRad)) * widthCm;
  const along = Math.abs(Math.sin(angleRad)) * lengthCm;
  return kind === 'rectangle' ? across + along : Math.hypot(across, along);
}

/**
 * Length of the line that crosses the shape at an angle to y and a distance from the middle; 0 when it misses.
 * The line is n * offset + t * u with u = (sin, cos) and n = (cos, -sin).
 */
export function chordCm({ kind, lengthCm, widthCm }: Outline, angleRad: number, offsetCm: number): number {
  const b = widthCm / 2;
  const a = lengthCm / 2;
  const ux = Math.sin(angleRad);
  const uy = Math.cos(angleRad);
  const x0 = uy * offsetCm;
  const y0 = -ux * offsetCm;
  if (kind === 'ellipse') {
    const p = (ux / b) ** 2 + (uy / a) ** 2;
    const q = (x0 * ux) / b ** 2 + (y0 * uy) / a ** 2;
    const r = (x0 / b) ** 2 + (y0 / a) ** 2 - 1;
    const root = q * q - p * r;
    return root > 0 ? (2 * Math.sqrt(root)) / p : 0;
  }
  let from = -Infinity;
  let to = Infinity;
  for (const [at, u, half] of [
    [x0, ux, b],
    [y0, uy, a],
  ] as const) {
    if (Math.abs(u) < 1e-12) {
      if (Math.abs(at) > half) return 0;
      continue;
    }
    const ends = [(-half - at) / u, (half - at) / u].sort((s, t) => s - t) as [number, number];
    from = Math.max(from, ends[0]);
    to = Math.min(to, ends[1]);
  }
  return Math.max(0, to - from);
}
