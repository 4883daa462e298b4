import type { FormView } from '../form-view.js';

/** What most forms say alike. */
export const usualView = {
  standsCm: () => 0,
  handles: () => null,
  inBatter: false,
  cue: () => 'Look for thick bubbles, not thin ones, all round',
} as const satisfies Partial<FormView>;

export const Nothing = (): null => null;
