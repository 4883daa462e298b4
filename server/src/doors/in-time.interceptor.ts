import type { CallHandler, ExecutionContext, NestInterceptor } from '@nestjs/common';
import { Observable } from 'rxjs';
import { databaseAway } from '../problems/problem.js';

/** A database that answered nobody for so long hangs; one that is only busy answers others meanwhile. */
const SILENT_MS = 1700;
const LOOK_EVERY_MS = 100;

/** One asks nothing of the database; the other is silent for as long as nothing comes. */
const answersInItsOwnTime = ['live', 'stream'];

/** Nobody waits for a database that hangs. */
export class InTime implements NestInterceptor {
  private answeredAt = 0;

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    if (answersInItsOwnTime.includes(context.getHandler().name)) return next.handle();
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
