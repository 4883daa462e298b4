import type { BakeEvent, BakeEventKind } from '@mardle/core';
import { bakeEventKinds } from '@mardle/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  Max,
  MaxLength,
  Min,
  IsString,
  ValidateNested,
} from 'class-validator';
import { IsId, IsMoment, IsPlainObject, IsWritable, MayBeLeftOut, Nested } from '../decorators.js';
import { PieSpecRequest, RecordedStageRequest } from '../pies/pie-spec.request.js';

/** One thing that happened to a bake. Sending the same id twice changes nothing. */
export class BakeEventRequest implements BakeEvent {
  @IsId() id: string;
  @IsIn(bakeEventKinds) kind: BakeEventKind;
  /** When it happened, by the clock of the kitchen. */
  @IsMoment() at: string;
  /** Minutes more, for `more_time`. */
  @MayBeLeftOut() @IsInt() @Min(-60) @Max(120) minutes?: number;
  /** The event taken back, for `undo`. */
  @MayBeLeftOut() @IsId() undoes?: string;
  @MayBeLeftOut() @IsString() @MaxLength(200) @IsWritable() note?: string;
}

export class BakeEventsRequest {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(200)
  @IsPlainObject({ each: true })
  @ValidateNested({ each: true })
  @Type(() => BakeEventRequest)
  events: BakeEventRequest[];
}

/** A bake begins: the pie as it was planned, the stages the oven is set to, and the moment it was loaded. */
export class StartBakeRequest {
  @IsId() id: string;
  @IsId() pieId: string;
  @IsInt() @Min(1) @Max(1_000_000) pieVersion: number;
  @Nested(() => PieSpecRequest) spec: PieSpecRequest;
  @IsArray()
  @ArrayMinSize(2)
  @ArrayMaxSize(2)
  @IsPlainObject({ each: true })
  @ValidateNested({ each: true })
  @Type(() => RecordedStageRequest)
  stages: readonly [RecordedStageRequest, RecordedStageRequest];
  @Nested(() => BakeEventRequest) loaded: BakeEventRequest;
}
