import type { SaucerResult, Tasting } from '@mardle/core';
import { saucerResults, tastingWords } from '@mardle/core';
import { IsBoolean, IsIn, IsInt, IsNumber, IsString, Max, MaxLength, Min } from 'class-validator';
import { IsNote, MayBeLeftOut } from '../decorators.js';

/** A figure from a kitchen scale, g. */
const Grams = (most: number): PropertyDecorator => {
  const checks = [MayBeLeftOut(), IsNumber({ allowNaN: false, allowInfinity: false }), Min(0), Max(most)];
  return (target, key) => checks.forEach((check) => check(target, key));
};
const Word = (words: readonly string[]): PropertyDecorator => {
  const checks = [MayBeLeftOut(), IsIn(words)];
  return (target, key) => checks.forEach((check) => check(target, key));
};

const MOST_PIE_G = 50_000;
const A_WEEK_MIN = 7 * 24 * 60;

type Words = { readonly [Q in keyof Tasting]?: NonNullable<Tasting[Q]> };

/** What is known of a bake afterwards: how the slice was, and what was weighed and tested. What nobody said is left out. */
export class TastingRequest implements Words {
  /** Version that it builds on; 0 for the first. */
  @IsInt() @Min(0) @Max(1_000_000) version: number;
  @MayBeLeftOut() @IsInt() @Min(0) @Max(A_WEEK_MIN) cooledMin?: number;
  /** Whether a set that nobody expected was meant; false leaves it out of what is learned. */
  @MayBeLeftOut() @IsBoolean() stands?: boolean;
  @Word(tastingWords.set) set?: NonNullable<Tasting['set']>;
  @Word(tastingWords.sweetness) sweetness?: NonNullable<Tasting['sweetness']>;
  @Word(tastingWords.base) base?: NonNullable<Tasting['base']>;
  @Word(tastingWords.top) top?: NonNullable<Tasting['top']>;
  @Word(tastingWords.fruit) fruit?: NonNullable<Tasting['fruit']>;
  @Word(tastingWords.gap) gap?: NonNullable<Tasting['gap']>;
  @Word(tastingWords.leak) leak?: NonNullable<Tasting['leak']>;
  @Word(tastingWords.crust) crust?: NonNullable<Tasting['crust']>;
  @Grams(MOST_PIE_G) thickenerG?: number;
  @Grams(MOST_PIE_G) sugarG?: number;
  @Grams(MOST_PIE_G) inG?: number;
  @Grams(MOST_PIE_G) outG?: number;
  @Grams(100) weepDrainedG?: number;
  @Word(saucerResults) saucer?: SaucerResult;
  @MayBeLeftOut() @IsString() @MaxLength(500) @IsNote() note?: string;
}
