/** Where figures of the filling come from. */
export const LEDGER_SOURCE = 'our juice ledger: all water that comes, less all that goes';
export const CHOICE_SOURCE = 'your choice';
