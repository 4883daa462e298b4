/** Crust from raw dough over straw and gold to burnt, by browning index (1 golden, 2 deep, 4 too dark). */
const stops: readonly (readonly [index: number, rgb: readonly [number, number, number]])[] = [
  [0, [243, 226, 186]],
  [0.5, [232, 200, 136]],
  [1, [216, 164, 86]],
  [2, [174, 112, 46]],
  [3, [122, 72, 30]],
  [4, [72, 42, 24]],
];

/** Colour of crust; raw when there is no browning yet. */
export function crustColour(browning: number | undefined): string {
  const at = Math.min(4, Math.max(0, browning ?? 0));
  const upper = Math.max(
    1,
    stops.findIndex(([index]) => index >= at),
  );
  const [i0, c0] = stops[upper - 1]!;
  const [i1, c1] = stops[upper]!;
  const share = (at - i0) / (i1 - i0);
  const mix = c0.map((channel, k) => Math.round(channel + ((c1[k] ?? 0) - channel) * share));
  return `rgb(${mix.join(' ')})`;
}

/** Batter between the fruit, raw and baked. */
export const batterColours = { raw: 'rgb(247 236 205)', baked: 'rgb(236 204 138)' } as const;

/** Colour of crust in words, by browning index. */
export function colourWord(index: number): string {
  if (index < 0.25) return 'pale';
  if (index < 0.9) return 'straw';
  if (index < 1.9) return 'gold';
  if (index < 3) return 'deep gold';
  return 'too dark';
}
