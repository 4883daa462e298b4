import type { SimulatedFault } from '@mardle/core';
import { bakeRecordLimits, probeFaults } from '@mardle/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  Max,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { IsMoment, IsPlainObject, MayBeLeftOut } from '../decorators.js';

/** What a wire read at a moment, C; null where it gave nothing. */
export class ReadingRequest {
  /** By the clock of the kitchen. */
  @IsMoment() at: string;
  @MayBeLeftOut()
  @ValidateIf((_, value) => value !== null)
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(bakeRecordLimits.probeC.least)
  @Max(bakeRecordLimits.probeC.most)
  fillingC?: number | null;
  @MayBeLeftOut()
  @ValidateIf((_, value) => value !== null)
  @IsNumber({ allowNaN: false, allowInfinity: false })
  @Min(bakeRecordLimits.probeC.least)
  @Max(bakeRecordLimits.probeC.most)
  airC?: number | null;
}

/** Readings of a probe; one sent twice counts once. */
export class ReadingsRequest {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(500)
  @IsPlainObject({ each: true })
  @ValidateNested({ each: true })
  @Type(() => ReadingRequest)
  readings: ReadingRequest[];
}

/** A probe that is none: it reads a bake which the server makes up. */
export class SimulatedProbeRequest {
  /** Minutes of the bake that pass in a minute. */
  @IsInt() @Min(1) @Max(600) speed: number;
  @IsIn(probeFaults) fault: SimulatedFault;
  @IsInt() @Min(1) @Max(1_000_000) seed: number;
}
