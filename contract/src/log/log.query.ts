import { IsIn, IsString, MaxLength } from 'class-validator';
import { MayBeLeftOut } from '../decorators.js';
import { PageQuery } from '../page.request.js';

/** Which bakes of the log. */
export class LogQuery extends PageQuery {
  /** Words of the pie's name or its oven. */
  @MayBeLeftOut() @IsString() @MaxLength(80) q?: string;
  @MayBeLeftOut() @IsIn(['yes', 'no']) tasted?: 'yes' | 'no';
}
