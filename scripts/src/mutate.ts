import { Instrumenter } from '@stryker-mutator/instrumenter';
import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { inRoot } from './system/paths.js';
import { random } from './system/random.js';
import { say, stop } from './system/say.js';

/**
 * Changes single places of core's code at random, by a seed, and counts how many of the changes its tests notice. Lines are
 * drawn over the four rooms that hold the sums, and one change of each; survivors are printed, each a test that is missing.
 * Stryker's instrumenter thinks up the changes; each is tried in a copy of core by jest, which stops at the first test that
 * fails (docs/decisions/0008-one-room-each.md says why not by its own runner). What core's own suites let pass is held
 * against the facts, as `npm test` does.
 */
const rooms = ['filling', 'geometry', 'bake', 'plan'];
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

/** A copy of core and of the facts, so that nothing here is ever changed. */
function copyOfCore(): string {
  const copy = inRoot('.data', 'mutation');
  rmSync(copy, { recursive: true, force: true });
  mkdirSync(join(copy, 'scripts'), { recursive: true });
  const kept = ['package.json', 'jest.config.js', 'jest.mutate.config.js', 'scripts/nearest-first.mjs'];
  for (const part of [
    ...kept,
    'core/src',
    'core/dist',
    'core/package.json',
    'docs',
    'scripts/dist',
    'scripts/package.json',
  ]) {
    cpSync(inRoot(part), join(copy, part), { recursive: true });
  }
  symlinkSync(inRoot('node_modules'), join(copy, 'node_modules'));
  // Else the copied facts would ask the core that is not changed.
  mkdirSync(join(copy, 'scripts', 'node_modules', '@mardle'), { recursive: true });
  symlinkSync(join(copy, 'core'), join(copy, 'scripts', 'node_modules', '@mardle', 'core'));
  return copy;
}

/** Writes a file of core into the copy, as it is read by the suites and as it is run by the facts. */
function put(copy: string, file: string, content: string): void {
  const { outputText } = ts.transpileModule(content, {
    compilerOptions: { module: ts.ModuleKind.ESNext, target: ts.ScriptTarget.ES2022 },
  });
  writeFileSync(join(copy, file), content);
  writeFileSync(join(copy, file.replace('/src/', '/dist/').replace(/ts$/, 'js')), outputText);
}

/** Whether the table of facts is another one now. */
function factsNotice(copy: string): boolean {
  const written = join(copy, 'docs', 'facts.md');
  const { status } = spawnSync(process.execPath, [join(copy, 'scripts', 'dist', 'facts.js')], {
    cwd: copy,
    stdio: 'ignore',
    timeout: LONGEST_MS,
  });
  return status !== 0 || readFileSync(written, 'utf8') !== readFileSync(inRoot('docs', 'facts.md'), 'utf8');
}

/** Whether the tests that lean on a file notice how it is now. */
function suitesNotice(copy: string, file: string): boolean {
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
if (suitesNotice(copy, 'core/src/bake/physics/boil.ts') || factsNotice(copy)) {
  stop('the tests fail with nothing changed; mend them first', 1);
}
const by = { suites: 0, facts: 0, none: 0 };
for (let tried = 0; tried < count;) {
  const line = oneOf(all);
  const change = line && oneOf(await changesOn(line));
  if (!change) continue;
  const { file } = change;
  put(copy, file, change.content);
  const noticer = suitesNotice(copy, file) ? 'suites' : factsNotice(copy) ? 'facts' : 'none';
  put(copy, file, readFileSync(inRoot(file), 'utf8'));
  tried += 1;
  by[noticer] += 1;
  const at = `${file}:${change.line + 1} ${change.what}`;
  if (noticer === 'none') process.stdout.write(`${at}\n`);
  say(`${tried} of ${count}: ${noticer === 'none' ? 'alive' : `noticed by ${noticer}`}, ${at}`);
}
const noticed = by.suites + by.facts;
const share = Math.round((100 * noticed) / count);
process.stdout.write(
  `${noticed} of ${count} noticed (${share} %), ${by.suites} by core's suites, ${by.facts} by the facts; seed ${seed}\n`,
);
