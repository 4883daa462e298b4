import { Type } from 'class-transformer';
import { IsInt, Max, Min } from 'class-validator';
import { MayBeLeftOut } from './decorators.js';

/** Which page of a list, and how long a page is. */
export class PageQuery {
  @MayBeLeftOut() @Type(() => Number) @IsInt() @Min(1) @Max(100_000) page?: number;
  @MayBeLeftOut() @Type(() => Number) @IsInt() @Min(1) @Max(100) size?: number;
}

export const USUAL_SIZE = 24;
