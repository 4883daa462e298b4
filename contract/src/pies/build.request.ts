import type {
  BaseSource,
  CobblerSpec,
  CrumbSpec,
  CutOutShape,
  CutOutSpec,
  DishShape,
  DishSpec,
  FormKind,
  FormSpec,
  FreeFormSpec,
  HandPieSpec,
  LatticeSpec,
  PastrySpec,
  ShellSpec,
  StripStyle,
} from '@mardle/core';
import { baseSources, cutOutShapes, dishShapes, formKinds, latticeAngles, stripStyles } from '@mardle/core';
import { IsBoolean, IsIn, IsInt, IsOptional, IsString, MaxLength, ValidateNested } from 'class-validator';
import { Type } from 'class-transformer';
import { applyDecorators } from '../decorators.js';
import { Limited } from './limited.js';

export class LatticeRequest implements LatticeSpec {
  @IsInt() @Limited('form.lattice.strips') strips: number;
  @Limited('form.lattice.widthCm') widthCm: number;
  @IsOptional() @Limited('form.lattice.secondWidthCm') secondWidthCm?: number;
  @IsIn(latticeAngles) angleDeg: number;
  @IsOptional() @IsIn(stripStyles) style?: StripStyle;
}

export class CrumbRequest implements CrumbSpec {
  @IsString() @MaxLength(60) school: string;
  @Limited('form.crumb.cover') cover: number;
  @IsOptional() @Limited('form.crumb.lumpCm') lumpCm?: number;
}

export class CutOutRequest implements CutOutSpec {
  @IsIn(cutOutShapes) shape: CutOutShape;
  @Limited('form.cutOut.sizeCm') sizeCm: number;
}

export class FreeFormRequest implements FreeFormSpec {
  @Limited('form.freeForm.discCm') discCm: number;
  @Limited('form.freeForm.borderCm') borderCm: number;
}

export class ShellRequest implements ShellSpec {
  @Limited('form.shell.weightsMin') weightsMin: number;
}

export class CobblerRequest implements CobblerSpec {
  @Limited('form.cobbler.cover') cover: number;
}

export class HandPieRequest implements HandPieSpec {
  @Limited('form.handPie.discCm') discCm: number;
  @IsInt() @Limited('form.handPie.count') count: number;
}

/** Kept while another form is tried, so that going back finds it again. */
const Kept = (type: () => new () => object): PropertyDecorator =>
  applyDecorators(IsOptional(), ValidateNested(), Type(type));

export class FormRequest implements FormSpec {
  @IsIn(formKinds) kind: FormKind;
  @Limited('form.vents') vents: number;
  @Limited('form.ventLengthCm') ventLengthCm: number;
  @Kept(() => LatticeRequest) lattice?: LatticeRequest;
  @Kept(() => CrumbRequest) crumb?: CrumbRequest;
  @Kept(() => CutOutRequest) cutOut?: CutOutRequest;
  @Kept(() => FreeFormRequest) freeForm?: FreeFormRequest;
  @Kept(() => ShellRequest) shell?: ShellRequest;
  @Kept(() => CobblerRequest) cobbler?: CobblerRequest;
  @Kept(() => HandPieRequest) handPie?: HandPieRequest;
}

export class DishRequest implements DishSpec {
  @IsString() @MaxLength(80) label: string;
  @IsOptional() @IsIn(dishShapes) shape?: DishShape;
  @Limited('dish.topCm') topCm: number;
  @IsOptional() @Limited('dish.widthCm') widthCm?: number;
  @Limited('dish.baseCm') baseCm: number;
  @Limited('dish.depthCm') depthCm: number;
  @IsString() @MaxLength(60) material: string;
}

export class PastryRequest implements PastrySpec {
  @IsString() @MaxLength(60) dough: string;
  @Limited('pastry.thicknessMm') thicknessMm: number;
  @IsString() @MaxLength(60) wash: string;
  @IsBoolean() coarseSugar: boolean;
  @IsOptional() @IsIn(baseSources) base?: BaseSource;
  @IsOptional() @IsInt() @Limited('pastry.batch') batch?: number;
}
