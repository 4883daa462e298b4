/** Colours of heat from frozen over room and boiling to browning; each is told apart by lightness alone as well. */
export const heatStops: readonly (readonly [tempC: number, rgb: readonly [number, number, number]])[] = [
  [-20, [236, 244, 250]],
  [0, [206, 226, 238]],
  [20, [240, 232, 208]],
  [60, [245, 198, 120]],
  [80, [228, 140, 70]],
  [100, [184, 66, 48]],
  [140, [120, 30, 54]],
  [200, [62, 14, 44]],
];

export function heatColour(tempC: number): string {
  const found = heatStops.findIndex(([stop]) => stop >= tempC);
  const upper = found === -1 ? heatStops.length - 1 : Math.max(1, found);
  const [t0, c0] = heatStops[upper - 1]!;
  const [t1, c1] = heatStops[upper]!;
  const share = Math.min(1, Math.max(0, (tempC - t0) / (t1 - t0)));
  return `rgb(${c0.map((channel, k) => Math.round(channel + ((c1[k] ?? 0) - channel) * share)).join(' ')})`;
}
