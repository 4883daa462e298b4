import { readdir, readFile } from 'node:fs/promises';
import { createConnection } from 'node:net';
import { basename, join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { say } from './say.js';

interface Running {
  readonly pid: number;
  readonly port: number;
}

/** So often it is said what is waited for. */
export const SAID_EVERY_MS = 10_000;
/** A database that runs already and is silent for so long hangs. */
const HANGS_AFTER_MS = 45_000;

/** Whether a process of this number runs. */
export const isAlive = (pid: number): boolean => {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
};

/** A MariaDB greets whoever connects; anything else on the port does not. */
export const greets = (port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const socket = createConnection({ port, host: '127.0.0.1' });
    const done = (answer: boolean): void => {
      socket.destroy();
      resolve(answer);
    };
    socket.setTimeout(2000, () => done(false));
    socket.once('error', () => done(false));
    socket.once('data', (bytes) => done(bytes.includes('MariaDB') || bytes.includes('mysql')));
  });

/** The argument of a program's command line that begins so; null when there is none. */
const argumentOf = (words: readonly string[], name: string): string | null =>
  words.find((word) => word.startsWith(`${name}=`))?.slice(name.length + 1) ?? null;

/** The database that runs over a data folder, by what runs on this machine: what files say of it may be stale. */
async function databaseOver(folder: string): Promise<Running | null> {
  const data = join(folder, 'mariadb');
  for (const name of await readdir('/proc').catch(() => [] as string[])) {
    if (!/^\d+$/.test(name)) continue;
    const words = (await readFile(`/proc/${name}/cmdline`, 'utf8').catch(() => '')).split('\0');
    if (basename(words[0] ?? '') !== 'mariadbd' || argumentOf(words, '--datadir') !== data) continue;
    return { pid: Number(name), port: Number(argumentOf(words, '--port')) };
  }
  return null;
}

/**
 * The database that runs over a folder already, left over from a killed start: waited for while it comes to itself, ended when
 * it hangs. Null when none runs then.
 */
export async function takeRunning(folder: string): Promise<Running | null> {
  let saidAt = 0;
  const begun = Date.now();
  for (let found = await databaseOver(folder); found; found = await databaseOver(folder)) {
    if (await greets(found.port)) return found;
    if (Date.now() - begun > HANGS_AFTER_MS) {
      say('the database that runs over this folder hangs; ending it ...');
      await endProcess(found.pid);
    } else if (Date.now() - saidAt > SAID_EVERY_MS) {
      saidAt = Date.now();
      say(`a database runs over ${folder} already and does not answer yet; waiting for it ...`);
    }
    await sleep(200);
  }
  return null;
}

/** Whether a database runs over a data folder. */
export const databaseRuns = async (folder: string): Promise<boolean> => (await databaseOver(folder)) !== null;

/** Ends a process, by force when it does not end by itself: one that hangs never would. */
export async function endProcess(pid: number): Promise<void> {
  if (!isAlive(pid)) return;
  process.kill(pid, 'SIGTERM');
  for (let i = 0; i < 150 && isAlive(pid); i++) await sleep(100);
  if (isAlive(pid)) process.kill(pid, 'SIGKILL');
}
