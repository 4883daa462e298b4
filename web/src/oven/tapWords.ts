import type { BakeEventKind } from '@mardle/core';

/** What each tap says that it was. */
export const tapWords: Readonly<Record<BakeEventKind, string>> = {
  loaded: 'In the oven',
  lowered: 'Oven set anew',
  turned: 'Turned',
  foil_on: 'Foil on',
  foil_off: 'Foil off',
  door_opened: 'Door opened',
  bubbling: 'It bubbles',
  tender: 'Knife goes in',
  colour_pale: 'It is pale',
  colour_golden: 'It is golden',
  colour_deep: 'It is deep gold',
  colour_dark: 'It is dark',
  more_time: 'More time',
  out: 'Out',
  cooled: 'Cool',
  cut: 'Sliced',
  cancelled: 'Cancelled',
  undo: 'Undone',
};
