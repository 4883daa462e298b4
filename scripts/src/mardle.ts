import { readFile } from 'node:fs/promises';
import type { FieldProblem } from '@mardle/core';
// A plan is asked for and waited for: see `bootstrap.mjs`.
import { planPie } from '@mardle/core/whole';
import { stop } from './system/say.js';

/** Exit codes: 0 planned, 2 the file or the call is at fault. */
const BAD_INPUT = 2;

const usage = [
  'Use: npm run -s mardle -- plan pie.json [more.json ...]   prints each plan as JSON, one a line for several files',
  '     npm run -s mardle -- day day.json [--seed N]         plans a bake day: the day worked out, its plan, how likely it holds',
  '     npm run -s mardle -- learn log.json                  prints what a log of bakes teaches: built-in, learned, by which bakes',
  '     npm run -s mardle -- why bake.json                   prints why the last bake of a log went wrong, and what would mend it',
  '     npm run -s mardle -- schema [pie | day | log]        prints the JSON Schema of a file; of a pie where nothing is said',
  '     npm run -s mardle -- fields [pie | day | log]        prints the table of its fields',
  '     npm run -s mardle -- backup FILE                     the whole kitchen into a file, while Mardle runs or not',
  '     npm run -s mardle -- restore FILE [--over]           into an empty data folder (MARDLE_DATA); --over replaces what is there',
  'The form of a pie is described in docs/plan-format.md, of a day in docs/day-format.md, of a log in docs/log-format.md, backups in docs/operate.md.',
].join('\n');

/** What is wrong with a file, on stderr; the files after it are still planned. */
function report(file: string, problems: readonly FieldProblem[]): void {
  const lines = problems.map(
    ({ field, message, remedy }) => `  ${field || '(the file)'}: ${message} ${remedy}`,
  );
  process.stderr.write(`mardle: ${file} cannot be planned:\n${lines.join('\n')}\n`);
  process.exitCode = BAD_INPUT;
}

async function readJson(file: string): Promise<{ readonly plain: unknown } | null> {
  try {
    return { plain: JSON.parse(await readFile(file, 'utf8')) as unknown };
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    process.stderr.write(`mardle: cannot read ${file} as JSON: ${why}\n`);
    process.exitCode = BAD_INPUT;
    return null;
  }
}

// Whoever reads may have had enough.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code !== 'EPIPE') throw error;
  process.exit();
});

const print = (value: unknown, indent?: number): void =>
  void process.stdout.write(`${JSON.stringify(value, null, indent)}\n`);

async function plan(files: readonly string[]): Promise<void> {
  for (const file of files) {
    const read = await readJson(file);
    if (!read) continue;
    // The plan reads a pie of any version and says what is wrong with what is none.
    const planned = planPie(read.plain as Parameters<typeof planPie>[0]);
    if (planned.ok) print(planned.plan, files.length > 1 ? undefined : 2);
    else report(file, planned.problems);
  }
}

/** A day; nothing else needs its parts. */
async function planDay(file: string, seed: number): Promise<void> {
  const read = await readJson(file);
  if (!read) return;
  const { answerDay } = await import('./day/day-door.js');
  try {
    const answered = await answerDay(file, read.plain, seed);
    if (answered.ok) print(answered.answer, 2);
    else report(file, answered.problems);
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    process.stderr.write(`mardle: ${file} names a pie file that cannot be read: ${why}\n`);
    process.exitCode = BAD_INPUT;
  }
}

/** What a log says; nothing else needs its parts. */
async function askLog(what: 'learn' | 'why', file: string): Promise<void> {
  const read = await readJson(file);
  if (!read) return;
  const { answerLog, answerWhy } = await import('./learn/learn-door.js');
  const answered = what === 'learn' ? answerLog(read.plain) : answerWhy(read.plain);
  if (answered.ok) print(answered.answer, 2);
  else report(file, answered.problems);
}

/** The number after a flag; its usual value when the flag is not there, null for what is no whole number. */
function flagOf(args: readonly string[], flag: string, usual: number): number | null {
  const at = args.indexOf(flag);
  if (at < 0) return usual;
  const value = Number(args[at + 1]);
  return Number.isSafeInteger(value) ? value : null;
}

/** What describes the schema is read only when it is asked for: a plan has no need of it. */
async function describe(what: 'schema' | 'fields', of = 'pie'): Promise<void> {
  const { fieldTable, fileFormats, fileJsonSchema } = await import('@mardle/contract/schema');
  const format = fileFormats.find((known) => known === of);
  if (!format) stop(`There is no file called "${of}": it is ${fileFormats.join(', ')}.`, BAD_INPUT);
  else if (what === 'schema') print(fileJsonSchema(format), 2);
  else process.stdout.write(`${fieldTable(format)}\n`);
}

/** Backup and restore need the database; a plan has no need of it. */
async function keep(what: 'backup' | 'restore', file: string, over: boolean): Promise<void> {
  const { backupTo, restoreFrom } = await import('./system/keeping.js');
  try {
    await (what === 'backup' ? backupTo(file) : restoreFrom(file, over));
  } catch (error) {
    process.stderr.write(`mardle: ${error instanceof Error ? error.message : String(error)}\n`);
    process.exitCode = BAD_INPUT;
  }
}

const [command, ...files] = process.argv.slice(2);
if (command === 'plan' && files.length > 0) await plan(files);
else if (command === 'day' && files[0] !== undefined) {
  const seed = flagOf(files, '--seed', 1);
  if (seed === null) stop('--seed must be followed by a whole number.', BAD_INPUT);
  else await planDay(files[0], seed);
} else if ((command === 'learn' || command === 'why') && files[0] !== undefined) {
  await askLog(command, files[0]);
} else if ((command === 'backup' || command === 'restore') && files[0] !== undefined)
  await keep(command, files[0], files.includes('--over'));
else if (command === 'schema' || command === 'fields') await describe(command, files[0]);
else stop(usage, BAD_INPUT);
