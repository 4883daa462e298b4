/** Where figures of the filling come from. */
export const LEDGER_SOURCE = 'the juice ledger (docs/decisions/0002-juice-ledger.md)';
export const CHOICE_SOURCE = 'your choice';
