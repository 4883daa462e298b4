/** Colours of flesh and juice by fruit, raw; drawn from fruit on a white plate, not from any chart. */
const colours: Readonly<Record<string, readonly [flesh: string, juice: string]>> = {
  damson: ['#5b2b5e', '#8a1f4d'],
  plum: ['#8d3a56', '#a33053'],
  greengage: ['#a9b24f', '#b9a84a'],
  apricot: ['#e89b3f', '#e2a24c'],
  peach: ['#f0b06a', '#e8b070'],
  nectarine: ['#ec9f5c', '#e5a765'],
  sour_cherry: ['#b3142f', '#a60f33'],
  sweet_cherry: ['#6f1430', '#7d1236'],
  blueberry: ['#45457e', '#5b2b70'],
  bilberry: ['#37325f', '#4f2263'],
  blackberry: ['#3b2140', '#5a1d4a'],
  raspberry: ['#cf3457', '#c02848'],
  strawberry: ['#dd3a3f', '#d64a4a'],
  boysen_logan: ['#8e1f3f', '#96224a'],
  mulberry: ['#4a2036', '#5c1f40'],
  blackcurrant: ['#3a1f3d', '#6a1550'],
  redcurrant: ['#d3202f', '#c8242f'],
  whitecurrant: ['#efe3b4', '#e6d79c'],
  cranberry: ['#b5182f', '#b11d3a'],
  lingonberry: ['#b81e2b', '#ad2236'],
  gooseberry_green: ['#b7c46a', '#c6c784'],
  gooseberry_ripe: ['#b08a5a', '#c09a6a'],
  rhubarb: ['#d5848a', '#d6868c'],
  elderberry: ['#2f1a38', '#4a1a48'],
  fig: ['#a4556a', '#a05a62'],
  quince: ['#e6b873', '#d99a5b'],
  prune: ['#4a2a2e', '#5a2f2c'],
  raisin: ['#5f3a26', '#6d4327'],
};

const pale: readonly [string, string] = ['#ecd9a0', '#e3c586'];

export const fleshColour = (fruit: string): string => (colours[fruit] ?? pale)[0];
export const juiceColour = (fruit: string): string => (colours[fruit] ?? pale)[1];
