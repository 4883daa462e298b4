import { scaleLinear } from 'd3-scale';

/** Colours of heat from frozen over room and boiling to browning; each is told apart by lightness alone as well. */
export const heatStops: readonly (readonly [tempC: number, colour: string])[] = [
  [-20, '#ecf4fa'],
  [0, '#cee2ee'],
  [20, '#f0e8d0'],
  [60, '#f5c678'],
  [80, '#e48c46'],
  [100, '#b84230'],
  [140, '#781e36'],
  [200, '#3e0e2c'],
];

/** The colour of a temperature in C; beyond the stops that of the nearest. */
export const heatColour: (tempC: number) => string = scaleLinear<string>()
  .domain(heatStops.map(([tempC]) => tempC))
  .range(heatStops.map(([, colour]) => colour))
  .clamp(true);
