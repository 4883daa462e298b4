import { Instrumenter } from '@stryker-mutator/instrumenter';
import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { inRoot } from './system/paths.js';
import { random } from './system/random.js';
import { say, stop } from './system/say.js';

/**
 * Changes single places of core's code at random, by a seed, and counts how many of the changes its tests notice. Lines are
 * drawn over the four rooms that hold the sums, and one change of each; survivors are printed, each a test that is missing.
 * Stryker's instrumenter thinks up the changes; each is tried in a copy of core by jest, which stops at the first test that
 * fails (docs/decisions/0008-one-room-each.md says why not by its own runner).
 */
const rooms = ['filling', 'build', 'bake', 'plan'];
const BAD_INPUT = 2;
/** A change that makes the tests run for ever has been noticed too. */
const LONGEST_MS = 400_000;

const option = (name: string, usual: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  const value = at < 0 ? usual : Number(process.argv[at + 1]);
  if (!Number.isInteger(value) || value < 1) stop(`--${name} wants a whole number from 1 on`, BAD_INPUT);
  return value;
};

/** Lines that hold a sum or a decision: what is worth changing. */
const worthChanging = /[=<>+\-*/?&|]|Math\./;
const onlyWords =
  /^\s*(\/?\*|\/\/|import|export (type|\*)|readonly|'|\}|label:|text:|message:|remedy:|rule:|source:|what:|how:)/;

interface Line {
  readonly file: string;
  /** From 0. */
  readonly line: number;
}

const linesOf = (file: string): Line[] =>
  readFileSync(inRoot(file), 'utf8')
    .split('\n')
    .flatMap((text, line) => (worthChanging.test(text) && !onlyWords.test(text) ? [{ file, line }] : []));

const sources = (folder: string): string[] =>
  readdirSync(inRoot(folder), { withFileTypes: true }).flatMap((entry) => {
    const path = `${folder}/${entry.name}`;
    if (entry.isDirectory()) return sources(path);
    return entry.name.endsWith('.ts') && !/(\.test|index)\.ts$/.test(entry.name) ? [path] : [];
  });

interface Change extends Line {
  readonly what: string;
  /** The whole file, changed. */
  readonly content: string;
}

const silent = (): void => undefined;
const instrumenter = new Instrumenter({
  isTraceEnabled: () => false,
  isDebugEnabled: () => false,
  isInfoEnabled: () => false,
  isWarnEnabled: () => false,
  isErrorEnabled: () => false,
  isFatalEnabled: () => false,
  trace: silent,
  debug: silent,
  info: silent,
  warn: silent,
  error: silent,
  fatal: silent,
});

/** Where a line and column are in a text. */
const indexOf = (content: string, { line, column }: { line: number; column: number }): number =>
  content
    .split('\n')
    .slice(0, line)
    .reduce((sum, text) => sum + text.length + 1, 0) + column;

/** All changes that can be made on one line. */
async function changesOn({ file, line }: Line): Promise<Change[]> {
  const content = readFileSync(inRoot(file), 'utf8');
  const { mutants } = await instrumenter.instrument([{ name: inRoot(file), content, mutate: true }], {
    plugins: null,
    excludedMutations: ['StringLiteral', 'ObjectLiteral'],
    ignorers: [],
  });
  return mutants
    .filter(({ location, status }) => location.start.line === line && status === undefined)
    .map(({ location: { start, end }, replacement, mutatorName }) => ({
      file,
      line,
      what: `${mutatorName} -> ${replacement}`,
      content: content.slice(0, indexOf(content, start)) + replacement + content.slice(indexOf(content, end)),
    }));
}

/** A copy of core, so that nothing here is ever changed. */
function copyOfCore(): string {
  const copy = inRoot('.data', 'mutation');
  rmSync(copy, { recursive: true, force: true });
  mkdirSync(join(copy, 'scripts'), { recursive: true });
  const kept = ['package.json', 'jest.config.js', 'jest.mutate.config.js', 'scripts/nearest-first.mjs'];
  for (const part of [...kept, 'core/src', 'core/package.json', 'docs']) {
    cpSync(inRoot(part), join(copy, part), { recursive: true });
  }
  symlinkSync(inRoot('node_modules'), join(copy, 'node_modules'));
  return copy;
}

/** Whether the tests that lean on a file notice how it is now. */
function isNoticed(copy: string, file: string): boolean {
  const jest = [
    join('node_modules', 'jest', 'bin', 'jest.js'),
    '--config=jest.mutate.config.js',
    '--bail=1',
    '--silent',
    '--findRelatedTests',
    file,
  ];
  const { status } = spawnSync(process.execPath, jest, {
    cwd: copy,
    env: { ...process.env, MARDLE_CHANGED: file },
    stdio: 'ignore',
    timeout: LONGEST_MS,
  });
  return status !== 0;
}

const seed = option('seed', 7);
const count = option('lines', 30);
const next = random(seed);
const oneOf = <T>(rows: readonly T[]): T | undefined => rows[Math.floor(next() * rows.length)];
const all = rooms.flatMap((room) => sources(`core/src/${room}`).flatMap(linesOf));
say(`changing ${count} of ${all.length} lines, seed ${seed}; half a minute each ...`);
const copy = copyOfCore();
// Else everything would count as noticed.
if (isNoticed(copy, 'core/src/bake/boil.ts')) stop('the tests fail with nothing changed; mend them first', 1);
let tried = 0;
let noticed = 0;
while (tried < count) {
  const line = oneOf(all);
  const change = line && oneOf(await changesOn(line));
  if (!change) continue;
  const { file } = change;
  writeFileSync(join(copy, file), change.content);
  const seen = isNoticed(copy, file);
  cpSync(inRoot(file), join(copy, file));
  tried += 1;
  noticed += Number(seen);
  if (!seen) process.stdout.write(`${file}:${change.line + 1} ${change.what}\n`);
  say(`${tried} of ${count}: ${seen ? 'noticed' : 'alive'}, ${file}:${change.line + 1} ${change.what}`);
}
const share = Math.round((100 * noticed) / tried);
process.stdout.write(`${noticed} of ${tried} noticed (${share} %), seed ${seed}\n`);
