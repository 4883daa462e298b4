import type { ChildProcess } from 'node:child_process';
import { spawn } from 'node:child_process';
import { setTimeout as sleep } from 'node:timers/promises';
import type { Database } from './mariadb.js';
import { inRoot } from './paths.js';

/** How a server is told where its database is. */
export const databaseEnv = (database: Database): NodeJS.ProcessEnv => ({
  MARDLE_DB_PORT: String(database.port),
  MARDLE_DB_USER: database.user,
  MARDLE_DB_PASSWORD: database.password,
  MARDLE_DB_NAME: database.name,
  MARDLE_DB_FOLDER: database.folder,
});

export const serverEnv = (database: Database, port: number): NodeJS.ProcessEnv => ({
  ...process.env,
  ...databaseEnv(database),
  MARDLE_PORT: String(port),
  MARDLE_WEB: inRoot('web/dist'),
});

export const spawnApp = (database: Database, port: number, env: NodeJS.ProcessEnv = {}): ChildProcess =>
  spawn(process.execPath, ['--enable-source-maps', inRoot('server/dist/main.js')], {
    env: { ...serverEnv(database, port), ...env },
    stdio: ['ignore', 2, 2],
  });

export interface Health {
  readonly application: string;
  readonly pid: number;
  /** The `npm start` that keeps it up; null when it was started by itself. */
  readonly supervisor: number | null;
}

/** What answers on a port, if it is Mardle. */
export async function healthOn(port: number): Promise<Health | null> {
  try {
    const answer = await fetch(`http://127.0.0.1:${port}/api/health/live`, {
      signal: AbortSignal.timeout(2000),
    });
    const health = (await answer.json()) as Health;
    return health.application === 'mardle' ? health : null;
  } catch {
    return null;
  }
}

/** Waits until the server and its database answer. */
export async function appIsReady(port: number, withinMs = 60_000, child?: ChildProcess): Promise<boolean> {
  const until = Date.now() + withinMs;
  while (Date.now() < until) {
    if (child && child.exitCode !== null) return false;
    try {
      const answer = await fetch(`http://127.0.0.1:${port}/api/health/ready`, {
        signal: AbortSignal.timeout(2000),
      });
      if (answer.ok) return true;
    } catch {
      // Not up yet.
    }
    await sleep(200);
  }
  return false;
}
