import type { CallHandler, ExecutionContext, NestInterceptor } from '@nestjs/common';
import { statfs } from 'node:fs/promises';
import { Observable } from 'rxjs';
import type { Config } from '../config.js';
import type { Problem } from '../problems/problem.js';
import { databaseAway, storageFull } from '../problems/problem.js';
import { DatabasePulse } from './database-pulse.js';
import { NO_TIME_LIMIT } from './no-time-limit.decorator.js';

/** After so long without any answer the database itself is asked whether it is there. */
const ASK_AFTER_MS = 700;
const LOOK_EVERY_MS = 100;

/** A table grows by up to this much at a time; with less left, a database that waits is waiting for room. */
const ROOM_BYTES = 4 * 1024 ** 2;

/** Whether the disk has no room left. */
async function isFull(dataFolder: string | null): Promise<boolean> {
  const disk = dataFolder === null ? null : await statfs(dataFolder).catch(() => null);
  return disk !== null && disk.bavail * disk.bsize < ROOM_BYTES;
}

/** Nobody waits for a database that hangs, or for room on a disk; one that is only busy takes the time it needs. */
export class DatabaseTimeoutInterceptor implements NestInterceptor {
  private answeredAt = 0;
  private readonly pulse: DatabasePulse;

  constructor(private readonly config: Pick<Config, 'database' | 'dataFolder'>) {
    this.pulse = new DatabasePulse(config.database);
  }

  /** Why nobody should wait any longer; null while the database is there. */
  private async silence(): Promise<Problem | null> {
    const [answers, full] = await Promise.all([this.pulse.answers(), isFull(this.config.dataFolder)]);
    if (full) return storageFull();
    if (!answers) return databaseAway();
    this.answeredAt = performance.now();
    return null;
  }

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    if (Reflect.hasMetadata(NO_TIME_LIMIT, context.getHandler())) return next.handle();
    return new Observable((asker) => {
      const begun = performance.now();
      let asking = false;
      const timer = setInterval(() => {
        if (asking || performance.now() - Math.max(begun, this.answeredAt) < ASK_AFTER_MS) return;
        asking = true;
        void this.silence().then((why) => {
          asking = false;
          if (why) asker.error(why);
        });
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
