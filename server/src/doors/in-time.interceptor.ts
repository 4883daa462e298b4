import type { CallHandler, ExecutionContext, NestInterceptor } from '@nestjs/common';
import { Observable } from 'rxjs';
import { databaseAway } from '../problems/problem.js';

/** A database that answered nobody for so long hangs; one that is only busy answers others meanwhile. */
const SILENT_MS = 1700;
const LOOK_EVERY_MS = 100;

/** Nobody waits for a database that hangs. */
export class InTime implements NestInterceptor {
  private answeredAt = 0;

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    // It asks nothing of the database, so its answer says nothing of it.
    if (context.getHandler().name === 'live') return next.handle();
    return new Observable((asker) => {
      const begun = performance.now();
      const timer = setInterval(() => {
        if (performance.now() - Math.max(begun, this.answeredAt) >= SILENT_MS) asker.error(databaseAway());
      }, LOOK_EVERY_MS);
      const answered = (): void => {
        this.answeredAt = performance.now();
      };
      const asked = next.handle().subscribe({
        next: (value) => {
          answered();
          asker.next(value);
        },
        error: (error: unknown) => {
          answered();
          asker.error(error);
        },
        complete: () => asker.complete(),
      });
      return () => {
        clearInterval(timer);
        asked.unsubscribe();
      };
    });
  }
}
