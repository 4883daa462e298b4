import type { BakeEvent, BakeEventKind, PieSpec, Stage } from '@mardle/core';
import { bakeEventKinds } from '@mardle/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsISO8601,
  IsOptional,
  IsUUID,
  Max,
  MaxLength,
  Min,
  IsString,
  ValidateNested,
} from 'class-validator';
import { Nested } from '../decorators.js';
import { PieSpecRequest, StageRequest } from '../pies/pie-spec.request.js';

/** One thing that happened to a bake. Sending the same id twice changes nothing. */
export class BakeEventRequest implements BakeEvent {
  @IsUUID() id: string;
  @IsIn(bakeEventKinds) kind: BakeEventKind;
  /** When it happened, by the clock of the kitchen. */
  @IsISO8601({ strict: true }) at: string;
  /** Minutes more, for `more_time`. */
  @IsOptional() @IsInt() @Min(-60) @Max(120) minutes?: number;
  /** The event taken back, for `undo`. */
  @IsOptional() @IsUUID() undoes?: string;
  @IsOptional() @IsString() @MaxLength(200) note?: string;
}

export class BakeEventsRequest {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => BakeEventRequest)
  events: BakeEventRequest[];
}

/** A bake begins: the pie as it was planned, the stages the oven is set to, and the moment it was loaded. */
export class StartBakeRequest {
  @IsUUID() id: string;
  @IsUUID() pieId: string;
  @IsInt() @Min(1) pieVersion: number;
  @Nested(() => PieSpecRequest) spec: PieSpecRequest;
  @IsArray()
  @ArrayMinSize(2)
  @ArrayMaxSize(2)
  @ValidateNested({ each: true })
  @Type(() => StageRequest)
  stages: readonly [StageRequest, StageRequest];
  @Nested(() => BakeEventRequest) loaded: BakeEventRequest;
}

export interface BakeResponse {
  readonly id: string;
  readonly pieId: string;
  readonly pieVersion: number;
  readonly spec: PieSpec;
  readonly stages: readonly [Stage, Stage];
  readonly events: readonly BakeEvent[];
  readonly finished: boolean;
}
