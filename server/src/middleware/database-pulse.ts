import type { Connection } from 'mysql2/promise';
import { createConnection } from 'mysql2/promise';
import { setTimeout as sleep } from 'node:timers/promises';
import type { Config } from '../config.js';

const TICK_MS = 100;
/** A database that is well greets and answers within so many ticks. */
const TICKS = 10;

/** So many ticks of this process: what it spends on other work counts as little as what the machine spends on others. */
async function patience(): Promise<boolean> {
  for (let tick = 0; tick < TICKS; tick++) await sleep(TICK_MS);
  return false;
}

/**
 * Asks the database itself whether it answers, on a connection of its own: neither a pool that others have emptied nor a busy
 * machine counts as a silent database.
 */
export class DatabasePulse {
  private asking: Promise<boolean> | null = null;

  constructor(private readonly database: Config['database']) {}

  /** Whether it answers; those who ask meanwhile get the same answer. */
  answers(): Promise<boolean> {
    this.asking ??= this.ask().finally(() => {
      this.asking = null;
    });
    return this.asking;
  }

  private async ask(): Promise<boolean> {
    const { port, user, password } = this.database;
    const opened: { connection: Connection | null } = { connection: null };
    const asked = createConnection({
      host: '127.0.0.1',
      port,
      user,
      password,
      connectTimeout: 2 * TICKS * TICK_MS,
    })
      .then(async (connection) => {
        opened.connection = connection;
        await connection.query('SELECT 1');
        return true;
      })
      .catch(() => false);
    const answer = await Promise.race([asked, patience()]);
    // What came too late is closed when it comes.
    void asked.then(() => opened.connection?.destroy());
    return answer;
  }
}
