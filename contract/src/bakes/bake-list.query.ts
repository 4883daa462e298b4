import { IsIn } from 'class-validator';
import { MayBeLeftOut } from '../decorators.js';
import { PageQuery } from '../page.request.js';

/** Which bakes. */
export class BakeListQuery extends PageQuery {
  @MayBeLeftOut() @IsIn(['running', 'finished']) state?: 'running' | 'finished';
}
