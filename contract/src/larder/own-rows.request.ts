import { checkOwnThickener, ownThickenerSchema, soldSchema, stapleSchema } from '@mardle/core';
import type { FieldProblem } from '../problem.js';
import type { RequestClass } from '../request-class.js';
import { requestClass } from '../request-class.js';

/** A kitchen's own thickener, or its own figures for a built-in one. */
export const OwnThickenerRequest: RequestClass<typeof ownThickenerSchema> = requestClass(
  'OwnThickenerRequest',
  ownThickenerSchema,
);
export type OwnThickenerRequest = InstanceType<typeof OwnThickenerRequest>;

/** What a cup of a staple weighs in this kitchen. */
export const OwnStapleRequest: RequestClass<typeof stapleSchema> = requestClass(
  'OwnStapleRequest',
  stapleSchema,
);
export type OwnStapleRequest = InstanceType<typeof OwnStapleRequest>;

/** How a thing is sold where this kitchen buys it. */
export const SoldRequest: RequestClass<typeof soldSchema> = requestClass('SoldRequest', soldSchema);
export type SoldRequest = InstanceType<typeof SoldRequest>;

/** What a kitchen keeps of its own beside fruits, dishes and ovens: each list with its shape. */
export interface OwnRows {
  readonly thickeners: OwnThickenerRequest;
  readonly staples: OwnStapleRequest;
  readonly sold: SoldRequest;
}
export type OwnRowKind = keyof OwnRows;

interface RowShape<Row> {
  readonly shape: new () => Row;
  /** What is wrong with a row of the right shape. */
  readonly check: (row: Row) => readonly FieldProblem[];
}

export const ownRowShapes: { readonly [Kind in OwnRowKind]: RowShape<OwnRows[Kind]> } = {
  thickeners: { shape: OwnThickenerRequest, check: checkOwnThickener },
  staples: { shape: OwnStapleRequest, check: () => [] },
  sold: { shape: SoldRequest, check: () => [] },
};

export const ownRowKinds = Object.keys(ownRowShapes) as readonly OwnRowKind[];
