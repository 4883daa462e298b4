import { readFileSync } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { databaseEnv } from './system/app.js';
import { startDatabase } from './system/mariadb.js';
import { needPrograms } from './system/packages.js';
import { inRoot } from './system/paths.js';
import { random } from './system/random.js';
import { say, stop } from './system/say.js';
import type { Change } from './mutation/changes.js';
import { changesOn, linesWorthChanging } from './mutation/changes.js';
import { copyOfHouse, put, runFacts, runSuites } from './mutation/copy.js';
import type { MutatedPart } from './mutation/parts.js';
import { mutatedParts } from './mutation/parts.js';

/**
 * Changes single places of the code at random, by a seed, and counts how many of the changes the tests notice: as many lines of
 * each part, one change of each. Survivors are printed, each a test that is missing. Stryker's instrumenter thinks up the changes;
 * each is tried in a copy by Jest, which stops at the first test that fails (docs/decisions/0008-one-room-each.md says why not by
 * its own runner). What core's own suites let pass is held against the facts, as `npm test` does.
 *
 *     npm run -s mutate -- --lines 20 --seed 7 --part scheduler
 */
const BAD_INPUT = 2;
/** The longest that the tests of one change may take. */
const LONGEST_MS = 600_000;

const text = (name: string): string | undefined => {
  const index = process.argv.indexOf(`--${name}`);
  return index < 0 ? undefined : process.argv[index + 1];
};

const whole = (name: string, usual: number): number => {
  const value = Number(text(name) ?? usual);
  if (!Number.isInteger(value) || value < 1) stop(`--${name} wants a whole number from 1 on`, BAD_INPUT);
  return value;
};

type Noticer = 'suites' | 'facts' | 'time' | 'none';
type Tally = Record<Noticer, number>;

const seed = whole('seed', 7);
const count = whole('lines', 10);
const chosen = text('part');
const parts = mutatedParts.filter(({ name }) => chosen === undefined || name === chosen);
if (parts.length === 0) {
  stop(`--part is one of: ${mutatedParts.map(({ name }) => name).join(', ')}`, BAD_INPUT);
}

const next = random(seed);
const oneOf = <T>(rows: readonly T[]): T | undefined => rows[Math.floor(next() * rows.length)];

/** Who notices a change: suites, facts, nobody; or the tests had not ended in time, which may be either. */
function noticerOf(copy: string, part: MutatedPart, change: Change, env: object): Noticer {
  put(copy, change.file, change.content);
  try {
    const suites = runSuites(copy, part, change.file, LONGEST_MS, env);
    if (suites !== 'passed') return suites === 'failed' ? 'suites' : 'time';
    if (!part.facts) return 'none';
    const facts = runFacts(copy, LONGEST_MS);
    return facts === 'passed' ? 'none' : facts === 'failed' ? 'facts' : 'time';
  } finally {
    put(copy, change.file, readFileSync(inRoot(change.file), 'utf8'));
  }
}

/** Else every change would count as noticed. */
function passUnchanged(copy: string, part: MutatedPart, file: string, env: object): void {
  const outcome = runSuites(copy, part, file, LONGEST_MS, env);
  const facts = part.facts ? runFacts(copy, LONGEST_MS) : 'passed';
  if (outcome === 'passed' && facts === 'passed') return;
  throw new Error(
    `${part.name}, ${file}: with nothing changed the suites ${outcome}, the facts ${facts}; mend them first`,
  );
}

async function tryPart(copy: string, part: MutatedPart, env: object): Promise<Tally> {
  const lines = linesWorthChanging(part.sources);
  say(`${part.name}: changing ${count} of ${lines.length} lines, seed ${seed} ...`);
  const tally: Tally = { suites: 0, facts: 0, time: 0, none: 0 };
  for (let tried = 0; tried < count;) {
    const line = oneOf(lines);
    const change = line && oneOf(await changesOn(line));
    if (!change) continue;
    if (tried === 0) passUnchanged(copy, part, change.file, env);
    const noticer = noticerOf(copy, part, change, env);
    tried += 1;
    tally[noticer] += 1;
    const place = `${change.file}:${change.line + 1} ${change.what}`;
    if (noticer === 'none' || noticer === 'time') process.stdout.write(`${noticer}: ${place}\n`);
    say(`${part.name} ${tried} of ${count}: ${noticer}, ${place}`);
  }
  return tally;
}

const row = (name: string, { suites, facts, time, none }: Tally): string => {
  const all = suites + facts + time + none;
  const share = Math.round((100 * (suites + facts)) / all);
  return `${name}: ${suites + facts} of ${all} noticed (${share} %), ${suites} by its suites, ${facts} by the facts; ${time} ran out of time; ${none} alive\n`;
};

const folder = await mkdtemp(join(tmpdir(), 'mardle-mutate-'));
await needPrograms('mariadbd');
const database = await startDatabase(folder);
const env = { MARDLE_TEST_DATABASES: JSON.stringify([databaseEnv(database)]) };
try {
  const copy = copyOfHouse();
  const total: Tally = { suites: 0, facts: 0, time: 0, none: 0 };
  const rows: string[] = [];
  for (const part of parts) {
    const tally = await tryPart(copy, part, env);
    for (const noticer of Object.keys(tally) as Noticer[]) total[noticer] += tally[noticer];
    rows.push(row(part.name, tally));
  }
  process.stdout.write(`${rows.join('')}${row(`all, seed ${seed}`, total)}`);
} catch (error) {
  say(error instanceof Error ? error.message : String(error));
  process.exitCode = 1;
} finally {
  await database.stop();
  await rm(folder, { recursive: true, force: true });
}
