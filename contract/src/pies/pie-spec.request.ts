import type {
  BakeSpec,
  Beneath,
  ColourName,
  HotSide,
  KnobKind,
  OvenKind,
  OvenSpec,
  OwnFruit,
  OwnFruitFigure,
  PieSpec,
  RackLevel,
  Stage,
} from '@mardle/core';
import {
  beneathKinds,
  colourNames,
  hotSides,
  knobKinds,
  ovenKinds,
  rackLevels,
  SPEC_FORMAT,
} from '@mardle/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { Nested } from '../decorators.js';
import { DishRequest, FormRequest, PastryRequest } from './build.request.js';
import { FillingRequest } from './filling.request.js';
import { Limited } from './limited.js';

export class OvenRequest implements OvenSpec {
  @IsString() @MaxLength(80) label: string;
  @IsIn(ovenKinds) kind: OvenKind;
  @Limited('bake.oven.offsetC') offsetC: number;
  @Limited('bake.oven.warmUpMin') warmUpMin: number;
  @IsOptional() @IsIn(knobKinds) knob?: KnobKind;
  @IsOptional() @IsIn(hotSides) hotSide?: HotSide;
}

export class StageRequest implements Stage {
  @Limited('bake.stages.tempC') tempC: number;
  @Limited('bake.stages.timeMin') timeMin: number;
}

export class BakeSpecRequest implements BakeSpec {
  @Nested(() => OvenRequest) oven: OvenRequest;
  @IsIn(colourNames) colour: ColourName;
  @Limited('bake.startC') startC: number;
  @Limited('bake.altitudeM') altitudeM: number;
  @IsOptional() @IsIn(beneathKinds) beneath?: Beneath;
  @IsOptional() @IsIn(rackLevels) rack?: RackLevel;
  @IsOptional() @IsBoolean() singleStage?: boolean;
  @ValidateIf((_, value) => value !== null)
  @IsArray()
  @ArrayMinSize(2)
  @ArrayMaxSize(2)
  @ValidateNested({ each: true })
  @Type(() => StageRequest)
  stages: readonly [StageRequest, StageRequest] | null;
}

export class OwnFruitRequest implements OwnFruit {
  @IsString() @IsNotEmpty() @MaxLength(60) id: string;
  @IsString() @IsNotEmpty() @MaxLength(80) label: string;
  @IsString() @MaxLength(60) like: string;
  /** Checked figure by figure in core, which knows which figures there are. */
  @IsObject() figures: Partial<Record<OwnFruitFigure, number>>;
}

/** A pie as the baker chose it: the one definition of the shape for forms, server, command line and JSON Schema. */
export class PieSpecRequest implements PieSpec {
  @Equals(SPEC_FORMAT, { message: `format must be "${SPEC_FORMAT}".` }) format: typeof SPEC_FORMAT;
  @IsInt() @Min(1) version: number;
  @IsString() @IsNotEmpty({ message: 'name is empty. Give the pie a name.' }) @MaxLength(120) name: string;
  @Nested(() => FormRequest) form: FormRequest;
  @Nested(() => DishRequest) dish: DishRequest;
  @Nested(() => FillingRequest) filling: FillingRequest;
  @Nested(() => PastryRequest) pastry: PastryRequest;
  @Nested(() => BakeSpecRequest) bake: BakeSpecRequest;
  @IsArray()
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => OwnFruitRequest)
  ownFruits: readonly OwnFruitRequest[];
}
