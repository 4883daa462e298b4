import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsInt,
  IsString,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { IsMoment, IsPlainObject, IsWritable } from '../decorators.js';

/** The file of a day and its plan, as JSON text: some hundred kilobytes. */
export const LONGEST_DAY = 4_000_000;

/** A bake day for all of the kitchen's screens, over the version that it builds on. */
export class KeepDayRequest {
  /** 0 for a day that is not here yet. */
  @IsInt() @Min(0) @Max(1_000_000) version: number;
  @IsString() @MinLength(1) @MaxLength(80) @IsWritable() name: string;
  /** JSON of `file`, as docs/day-format.md has it, and of `solved`, the plan that was made of it. */
  @IsString() @MinLength(2) @MaxLength(LONGEST_DAY) content: string;
}

/** Something of the day was done, or was not after all. */
export class TickRequest {
  @IsString() @MinLength(1) @MaxLength(160) @IsWritable() task: string;
  @IsBoolean() done: boolean;
  /** By the clock of the kitchen; of two about one task the later one holds. */
  @IsMoment() at: string;
}

export class TicksRequest {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(200)
  @IsPlainObject({ each: true })
  @ValidateNested({ each: true })
  @Type(() => TickRequest)
  ticks: TickRequest[];
}
