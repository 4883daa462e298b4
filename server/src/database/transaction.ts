import { setTimeout as sleep } from 'node:timers/promises';
import type { DataSource, EntityManager } from 'typeorm';

/** Others were at the same rows at the same moment: asked again, the answer is a plain one. */
const AGAIN = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD', 'ER_DUP_ENTRY']);
const MOST_TRIES = 8;
const WAIT_MS = 15;

const codeOf = (error: unknown): string =>
  typeof error === 'object' && error !== null && 'code' in error ? String(error.code) : '';

/**
 * Does work in a transaction, and again when it met another at the same rows: a row that two would make is there the second
 * time. The work must ask the database alone, and may be done several times.
 */
export async function inTransaction<T>(
  source: DataSource,
  work: (manager: EntityManager) => Promise<T>,
): Promise<T> {
  for (let attempt = 1; ; attempt++) {
    try {
      return await source.transaction(work);
    } catch (error) {
      if (attempt >= MOST_TRIES || !AGAIN.has(codeOf(error))) throw error;
      await sleep(WAIT_MS * attempt * (0.5 + Math.random()));
    }
  }
}
