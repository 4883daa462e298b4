import type { BuiltContext } from '../../forms/index.js';

/** Whether baking paper lies under a pie: in a lined dish, and on a sheet that is not greased. */
export const onPaper = ({ form, spec: { pastry } }: Pick<BuiltContext, 'form' | 'spec'>): boolean =>
  pastry.dishCoat === 'lined' || (form.filled !== 'dish' && pastry.dishCoat !== 'greased');
