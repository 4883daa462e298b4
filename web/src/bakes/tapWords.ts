import type { BakeResponse } from '@mardle/contract';
import type { BakeEventKind, NextTouch, UnitSystem } from '@mardle/core';
import { formOf, showText } from '@mardle/core';

/** What each tap says that it was. */
export const tapWords: Readonly<Record<BakeEventKind, string>> = {
  loaded: 'In the oven',
  lowered: 'Oven at its second heat',
  turned: 'Turned',
  foil_on: 'Foil on',
  foil_off: 'Foil off',
  weights_out: 'Weights out',
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

/** The same for one pie: a skewer goes into what is not tender, but baked through; a shell is dry. */
export function tapWordsFor({ spec }: BakeResponse, kind: BakeEventKind): string {
  const { seenDone, filledCold } = formOf(spec.form.kind);
  if (kind === 'tender' && seenDone === 'skewer') return 'Skewer comes out clean';
  if (kind === 'colour_pale' && filledCold(spec.filling)) return 'Dry and pale gold';
  return tapWords[kind];
}

/** What a touch asks of a hand, with the heat that it sets. */
export const touchWords = (
  { stages }: BakeResponse,
  { kind, label }: Pick<NextTouch, 'kind' | 'label'>,
  units: UnitSystem,
): string => (kind === 'lowered' ? `${label} to ${showText(stages[1].tempC, 'C', units)}` : label);
