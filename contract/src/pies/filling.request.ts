import type {
  FillingSpec,
  FruitPart,
  FruitState,
  Preparation,
  PreparationKind,
  SaucerResult,
  SaucerTest,
  SeasoningPart,
  SetName,
  SugarChoice,
  ThickenerPart,
  WeepTest,
} from '@mardle/core';
import { fruitStates, preparationKinds, saucerResults, setNames } from '@mardle/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsOptional,
  IsString,
  MaxLength,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { Nested } from '../decorators.js';
import { Limited } from './limited.js';

/** null stands for "let Mardle compute it" and skips the other checks. */
const OrNull = (): PropertyDecorator => ValidateIf((_, value) => value !== null);

export class FruitPartRequest implements FruitPart {
  @IsString() @MaxLength(60) fruit: string;
  @Limited('filling.fruits.share') share: number;
  @IsIn(fruitStates) state: FruitState;
  @Limited('filling.fruits.ripeness') ripeness: number;
  @IsBoolean() cutSmall: boolean;
  @IsBoolean() peeled: boolean;
}

export class PreparationRequest implements Preparation {
  @IsIn(preparationKinds) kind: PreparationKind;
  @IsOptional() @Limited('filling.preparation.minutes') minutes?: number;
  @IsOptional() @Limited('filling.preparation.boilToBrix') boilToBrix?: number;
  @IsOptional() @Limited('filling.preparation.liquidG') liquidG?: number;
  @IsOptional() @Limited('filling.preparation.cookedShare') cookedShare?: number;
}

export class SugarChoiceRequest implements SugarChoice {
  @IsString() @MaxLength(60) sugar: string;
  @Limited('filling.sugar.style') style: number;
  @OrNull() @Limited('filling.sugar.massG') massG: number | null;
}

export class ThickenerPartRequest implements ThickenerPart {
  @IsString() @MaxLength(60) thickener: string;
  @Limited('filling.thickeners.share') share: number;
}

export class SeasoningPartRequest implements SeasoningPart {
  @IsString() @MaxLength(60) seasoning: string;
  @Limited('filling.seasonings.massG') massG: number;
}

export class WeepTestRequest implements WeepTest {
  @Limited('filling.weepTest.drainedG') drainedG: number;
}

export class SaucerTestRequest implements SaucerTest {
  @IsIn(saucerResults) result: SaucerResult;
}

export class FillingRequest implements FillingSpec {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(6)
  @ValidateNested({ each: true })
  @Type(() => FruitPartRequest)
  fruits: readonly FruitPartRequest[];
  @OrNull() @Limited('filling.fruitMassG') fruitMassG: number | null;
  @Nested(() => PreparationRequest) preparation: PreparationRequest;
  @Nested(() => SugarChoiceRequest) sugar: SugarChoiceRequest;
  @IsIn(setNames) set: SetName;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(4)
  @ValidateNested({ each: true })
  @Type(() => ThickenerPartRequest)
  thickeners: readonly ThickenerPartRequest[];
  @OrNull() @Limited('filling.thickenerMassG') thickenerMassG: number | null;
  @Limited('filling.lemonJuiceG') lemonJuiceG: number;
  @Limited('filling.lemonZestG') lemonZestG: number;
  @Limited('filling.bicarbonateG') bicarbonateG: number;
  @Limited('filling.butterG') butterG: number;
  @IsArray()
  @ArrayMaxSize(12)
  @ValidateNested({ each: true })
  @Type(() => SeasoningPartRequest)
  seasonings: readonly SeasoningPartRequest[];
  @OrNull() @Nested(() => WeepTestRequest) weepTest: WeepTestRequest | null;
  @OrNull() @Nested(() => SaucerTestRequest) saucerTest: SaucerTestRequest | null;
}
