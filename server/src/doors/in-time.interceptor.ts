import type { CallHandler, ExecutionContext, NestInterceptor } from '@nestjs/common';
import type { Observable } from 'rxjs';
import { throwError, timeout } from 'rxjs';
import { databaseAway } from '../problems/problem.js';

/** A database that hangs is one that is away: nobody waits longer than this. */
const WITHIN_MS = 1800;

export class InTime implements NestInterceptor {
  intercept(_context: ExecutionContext, next: CallHandler): Observable<unknown> {
    return next.handle().pipe(timeout({ first: WITHIN_MS, with: () => throwError(databaseAway) }));
  }
}
