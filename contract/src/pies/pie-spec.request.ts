import { ownFruitSchema, pieSchema, recordedStageSchema } from '@mardle/core';
import type { RequestClass } from '../request-class.js';
import { requestClass } from '../request-class.js';

/** A pie as the baker chose it: the shape that core's schema says, for server, command line and JSON Schema. */
export const PieSpecRequest: RequestClass<typeof pieSchema> = requestClass('PieSpecRequest', pieSchema);
export type PieSpecRequest = InstanceType<typeof PieSpecRequest>;

/** A kitchen's own fruit; its figures are checked in core, which knows which there are. */
export const OwnFruitRequest: RequestClass<typeof ownFruitSchema> = requestClass(
  'OwnFruitRequest',
  ownFruitSchema,
);
export type OwnFruitRequest = InstanceType<typeof OwnFruitRequest>;

/** One stage of a bake, as the oven was set. */
export const RecordedStageRequest: RequestClass<typeof recordedStageSchema> = requestClass(
  'RecordedStageRequest',
  recordedStageSchema,
);
export type RecordedStageRequest = InstanceType<typeof RecordedStageRequest>;
