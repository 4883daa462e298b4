import type { FormView } from '../form-view.js';

/** What most forms say alike. */
export const usualView = {
  standsCm: () => 0,
  inBatter: false,
  cue: () => 'Done when thick bubbles, not thin ones, come up in the middle',
} as const satisfies Partial<FormView>;

export const Nothing = (): null => null;
