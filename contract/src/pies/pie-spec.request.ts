import type {
  BakeSpec,
  ColourName,
  CrumbSpec,
  DishSpec,
  FormKind,
  FormSpec,
  LatticeSpec,
  OvenKind,
  OvenSpec,
  OwnFruit,
  OwnFruitFigure,
  PastrySpec,
  PieSpec,
  Stage,
} from '@mardle/core';
import { colourNames, formKinds, latticeAngles, ovenKinds, SPEC_FORMAT } from '@mardle/core';
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
import { FillingRequest } from './filling.request.js';
import { Limited } from './limited.js';

export class LatticeRequest implements LatticeSpec {
  @IsInt() @Limited('form.lattice.strips') strips: number;
  @Limited('form.lattice.widthCm') widthCm: number;
  @IsIn(latticeAngles) angleDeg: number;
}

export class CrumbRequest implements CrumbSpec {
  @IsString() @MaxLength(60) school: string;
  @Limited('form.crumb.cover') cover: number;
}

export class FormRequest implements FormSpec {
  @IsIn(formKinds) kind: FormKind;
  @Limited('form.vents') vents: number;
  @Limited('form.ventLengthCm') ventLengthCm: number;
  /** Kept while another form is tried, so that going back finds it again. */
  @IsOptional() @ValidateNested() @Type(() => LatticeRequest) lattice?: LatticeRequest;
  @IsOptional() @ValidateNested() @Type(() => CrumbRequest) crumb?: CrumbRequest;
}

export class DishRequest implements DishSpec {
  @IsString() @MaxLength(80) label: string;
  @Limited('dish.topCm') topCm: number;
  @Limited('dish.baseCm') baseCm: number;
  @Limited('dish.depthCm') depthCm: number;
  @IsString() @MaxLength(60) material: string;
}

export class PastryRequest implements PastrySpec {
  @IsString() @MaxLength(60) dough: string;
  @Limited('pastry.thicknessMm') thicknessMm: number;
  @IsString() @MaxLength(60) wash: string;
  @IsBoolean() coarseSugar: boolean;
}

export class OvenRequest implements OvenSpec {
  @IsString() @MaxLength(80) label: string;
  @IsIn(ovenKinds) kind: OvenKind;
  @Limited('bake.oven.offsetC') offsetC: number;
  @Limited('bake.oven.warmUpMin') warmUpMin: number;
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
