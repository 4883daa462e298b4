import type * as contract from '@mardle/contract';

export const SCHEMAS = '#/components/schemas/';

/** A reference to a request class of the contract. */
export const ref = (name: keyof typeof contract): { $ref: string } => ({ $ref: `${SCHEMAS}${name}` });
