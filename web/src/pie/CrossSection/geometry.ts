/** Shapes of the cross-section in cm: x to the right from the middle, y down, 0 at the inside of the base. */
export interface Profile {
  readonly topCm: number;
  readonly baseCm: number;
  readonly depthCm: number;
}

/** Half-width of the dish's inside at a height. */
export const halfWidthAt = ({ topCm, baseCm, depthCm }: Profile, heightCm: number): number =>
  (baseCm + (topCm - baseCm) * Math.min(1, heightCm / depthCm)) / 2;

/** Height over its edge, at a distance from the middle, of a cap that rises so far. */
export function capAt(halfCm: number, riseCm: number, xCm: number): number {
  if (riseCm < 0.05 || Math.abs(xCm) >= halfCm) return 0;
  const radius = arcRadius(halfCm, riseCm);
  return Math.sqrt(Math.max(0, radius ** 2 - xCm ** 2)) - radius + riseCm;
}

/** Arc over a chord: radius of the circle through both ends that rises by `riseCm`. */
const arcRadius = (halfChordCm: number, riseCm: number): number =>
  (halfChordCm ** 2 + riseCm ** 2) / (2 * riseCm);

/** The top of a heap from right to left: flat, or a cap. */
export function surface(halfCm: number, heightCm: number, moundCm: number): string {
  if (moundCm < 0.05) return `L${-halfCm} ${-heightCm}`;
  const r = arcRadius(halfCm, moundCm);
  return `A${r} ${r} 0 0 0 ${-halfCm} ${-heightCm}`;
}

/** The filling's outline within its crust. */
export function fillingPath(dish: Profile, crustCm: number, edgeCm: number, moundCm: number): string {
  const bottom = halfWidthAt(dish, crustCm) - crustCm;
  const top = halfWidthAt(dish, edgeCm) - crustCm;
  return `M${-bottom} ${-crustCm}L${bottom} ${-crustCm}L${top} ${-edgeCm}${surface(top, edgeCm, moundCm)}Z`;
}

/** The base crust: along the base, up both walls, out over the rim. */
export function baseCrustPath(dish: Profile, crustCm: number, rimCm: number): string {
  const b = dish.baseCm / 2;
  const t = dish.topCm / 2;
  const d = dish.depthCm;
  const c = crustCm;
  return [
    `M${-t - rimCm} ${-d}L${-t} ${-d}L${-b} 0L${b} 0L${t} ${-d}L${t + rimCm} ${-d}`,
    `L${t + rimCm} ${-d - c}L${t - c} ${-d - c}L${b - c} ${-c}L${-b + c} ${-c}L${-t + c} ${-d - c}L${-t - rimCm} ${-d - c}Z`,
  ].join('');
}

/** The lid: a band over the heap, from rim to rim. */
export function lidPath(dish: Profile, crustCm: number, riseCm: number, rimCm: number): string {
  const t = dish.topCm / 2;
  const y = -dish.depthCm - crustCm;
  const inner = Math.max(0.15, riseCm);
  const outer = inner + crustCm;
  const ri = arcRadius(t, inner);
  const ro = arcRadius(t, outer);
  return `M${-t - rimCm} ${y}L${-t} ${y}A${ri} ${ri} 0 0 1 ${t} ${y}L${t + rimCm} ${y}L${t + rimCm} ${y - crustCm}L${t} ${y - crustCm}A${ro} ${ro} 0 0 0 ${-t} ${y - crustCm}L${-t - rimCm} ${y - crustCm}Z`;
}

export interface DrawnPiece {
  readonly x: number;
  readonly y: number;
  readonly r: number;
  readonly turn: number;
}

/** A repeatable number between 0 and 1 for a place, so that the same pie always looks the same. */
const scatter = (i: number, j: number): number => {
  const s = Math.sin(i * 127.1 + j * 311.7) * 43758.5453;
  return s - Math.floor(s);
};

/** Fruit lying in a box, row by row, each row shifted by half a piece. */
export function pieces(widthCm: number, heightCm: number, sizeCm: number): DrawnPiece[] {
  const found: DrawnPiece[] = [];
  const rows = Math.ceil(heightCm / (sizeCm * 0.84)) + 1;
  const across = Math.ceil(widthCm / sizeCm) + 1;
  for (let i = 0; i < rows; i++) {
    for (let j = 0; j < across; j++) {
      const wobble = 0.24 * sizeCm;
      found.push({
        x: (j - across / 2 + (i % 2) / 2) * sizeCm + (scatter(i, j) - 0.5) * wobble,
        y: -(i + 0.45) * sizeCm * 0.84 + (scatter(j, i) - 0.5) * wobble,
        r: (sizeCm / 2) * (0.86 + 0.24 * scatter(i + 7, j)),
        turn: 180 * scatter(i, j + 13),
      });
    }
  }
  return found;
}

/** How big a piece of fruit looks: whole ones by their mass, cut ones in slices. */
export function pieceSizeCm(piecesPerKg: number | null, cut: boolean): number {
  const whole = piecesPerKg === null ? 1.6 : Math.cbrt((6 * 1000) / (Math.PI * piecesPerKg));
  return Math.min(2.1, Math.max(0.65, cut ? whole * 0.62 : whole));
}
