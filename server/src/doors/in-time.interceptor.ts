import type { CallHandler, ExecutionContext, NestInterceptor } from '@nestjs/common';
import { statfs } from 'node:fs/promises';
import { Observable } from 'rxjs';
import type { Problem } from '../problems/problem.js';
import { databaseAway, storageFull } from '../problems/problem.js';

/** A database that answered nobody for so long hangs; one that is only busy answers others meanwhile. */
const SILENT_MS = 1700;
const LOOK_EVERY_MS = 100;

/** One asks nothing of the database, one is silent for as long as nothing comes, two go through a whole kitchen. */
const answersInItsOwnTime = ['live', 'stream', 'saveKitchen', 'bringKitchenIn'];

/** A table grows by up to this much at a time; with less left, a database that waits is waiting for room. */
const ROOM_BYTES = 4 * 1024 ** 2;

/** Why a database that answers nobody is silent. */
async function silence(dataFolder: string | null): Promise<Problem> {
  const disk = dataFolder === null ? null : await statfs(dataFolder).catch(() => null);
  return disk && disk.bavail * disk.bsize < ROOM_BYTES ? storageFull() : databaseAway();
}

/** Nobody waits for a database that hangs. */
export class InTime implements NestInterceptor {
  private answeredAt = 0;

  constructor(private readonly dataFolder: string | null) {}

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    if (answersInItsOwnTime.includes(context.getHandler().name)) return next.handle();
    return new Observable((asker) => {
      const begun = performance.now();
      const timer = setInterval(() => {
        if (performance.now() - Math.max(begun, this.answeredAt) < SILENT_MS) return;
        void silence(this.dataFolder).then((why) => asker.error(why));
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
