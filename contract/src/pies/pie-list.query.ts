import type { FormKind } from '@mardle/core';
import { formKinds } from '@mardle/core';
import { IsIn, IsString, MaxLength } from 'class-validator';
import { IsWritable, MayBeLeftOut } from '../decorators.js';
import { PageQuery } from '../page.request.js';

/** What a list of pies may be sorted by; all but the first two gather what is alike. */
export const pieSorts = ['saved', 'name', 'baked', 'fruit', 'form', 'oven'] as const;
export type PieSort = (typeof pieSorts)[number];

/** Which pies, in what order. */
export class PieListQuery extends PageQuery {
  /** Words that its name, fruits, form, dish or oven hold. */
  @MayBeLeftOut() @IsString() @MaxLength(80) @IsWritable() find?: string;
  @MayBeLeftOut() @IsIn(pieSorts) sort?: PieSort;
  @MayBeLeftOut() @IsIn(formKinds) form?: FormKind;
  /** `yes` sends each pie whole. */
  @MayBeLeftOut() @IsIn(['yes', 'no']) whole?: 'yes' | 'no';
}
