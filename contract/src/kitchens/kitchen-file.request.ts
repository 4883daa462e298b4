import { bakeRecordLimits } from '@mardle/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  Equals,
  IsArray,
  IsBase64,
  IsBoolean,
  IsIn,
  IsInt,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { BakeEventRequest } from '../bakes/bake.request.js';
import {
  applyDecorators,
  IsId,
  IsMoment,
  IsPlainObject,
  IsWritable,
  MayBeLeftOut,
  Nested,
} from '../decorators.js';
import { KeepDayRequest } from '../days/day.request.js';
import { TastingRequest } from '../log/tasting.request.js';
import { PieSpecRequest, RecordedStageRequest } from '../pies/pie-spec.request.js';
import { ReadingRequest } from '../probe/readings.request.js';
import { KitchenDishRequest, KitchenOvenRequest } from './kitchen.request.js';

export const KITCHEN_FORMAT = 'mardle-kitchen';
export const KITCHEN_VERSION = 1;

/** A list of objects of a request class. */
const ListOf = (shape: () => new () => object, most: number, least = 0): PropertyDecorator =>
  applyDecorators(
    IsArray(),
    ArrayMinSize(least),
    ArrayMaxSize(most),
    IsPlainObject({ each: true }),
    ValidateNested({ each: true }),
    Type(shape),
  );
/** A list whose parts are checked one by one, so that a long file is not checked in one breath. */
const Parts = (): PropertyDecorator =>
  applyDecorators(IsArray(), ArrayMaxSize(200_000), IsPlainObject({ each: true }));

const MOST_VERSIONS = 10_000;
/** A photo of the log, as base64. */
const LONGEST_PHOTO = 4_000_000;

export class KitchenFileDish {
  @IsId() id: string;
  @Nested(() => KitchenDishRequest) dish: KitchenDishRequest;
}

export class KitchenFileOven {
  @IsId() id: string;
  @Nested(() => KitchenOvenRequest) oven: KitchenOvenRequest;
}

export class KitchenFilePieVersion {
  @IsInt() @Min(1) @Max(1_000_000) version: number;
  @IsMoment() savedAt: string;
  @Nested(() => PieSpecRequest) spec: PieSpecRequest;
}

/** A pie with all its versions, the first one first. */
export class KitchenFilePie {
  @IsId() id: string;
  /** When it was put away; left out of one that stands in the list. */
  @MayBeLeftOut() @IsMoment() putAwayAt?: string;
  @ListOf(() => KitchenFilePieVersion, MOST_VERSIONS) versions: KitchenFilePieVersion[];
}

export class KitchenFileTasting extends TastingRequest {
  @IsMoment() savedAt: string;
}

export class KitchenFileReading extends ReadingRequest {
  /** Kept when others of its minutes go. */
  @MayBeLeftOut() @IsBoolean() stays?: boolean;
}

/** A bake as it was planned, with all that happened and was said of it. */
export class KitchenFileBake {
  @IsId() id: string;
  @IsId() pieId: string;
  @IsInt() @Min(1) @Max(1_000_000) pieVersion: number;
  @Nested(() => PieSpecRequest) spec: PieSpecRequest;
  @ListOf(() => RecordedStageRequest, 2, 2) stages: readonly [RecordedStageRequest, RecordedStageRequest];
  @IsMoment() loadedAt: string;
  @ListOf(() => BakeEventRequest, bakeRecordLimits.events) events: BakeEventRequest[];
  @MayBeLeftOut() @Nested(() => KitchenFileTasting) tasting?: KitchenFileTasting;
  @ListOf(() => KitchenFileReading, bakeRecordLimits.readings) readings: KitchenFileReading[];
  /** A picture of the slice, base64 of its bytes. */
  @MayBeLeftOut() @IsString() @MaxLength(LONGEST_PHOTO) @IsBase64() photo?: string;
}

/** A bake day that the kitchen's screens share. */
export class KitchenFileDay extends KeepDayRequest {
  @IsId() id: string;
  @IsMoment() savedAt: string;
  /** Ids of the tasks that are done. */
  @IsArray() @ArrayMaxSize(5000) @IsString({ each: true }) @MaxLength(160, { each: true }) done: string[];
}

/** A whole kitchen in one file; docs/kitchen-format.md says it in words. */
export class KitchenFileRequest {
  @Equals(KITCHEN_FORMAT) format: typeof KITCHEN_FORMAT;
  @Equals(KITCHEN_VERSION) version: typeof KITCHEN_VERSION;
  @IsMoment() savedAt: string;
  @IsString() @MaxLength(120) @IsWritable() name: string;
  @Parts() dishes: KitchenFileDish[];
  @Parts() ovens: KitchenFileOven[];
  @Parts() fruits: object[];
  @Parts() pies: KitchenFilePie[];
  @Parts() bakes: KitchenFileBake[];
  /** Left out of files of an earlier Mardle. */
  @MayBeLeftOut() @Parts() days?: KitchenFileDay[];
  @MayBeLeftOut() @Parts() thickeners?: object[];
  @MayBeLeftOut() @Parts() staples?: object[];
  @MayBeLeftOut() @Parts() sold?: object[];
}

export class KitchenFileQuery {
  /** Whether all that is here goes first. */
  @MayBeLeftOut() @IsIn(['yes', 'no']) instead?: 'yes' | 'no';
}
