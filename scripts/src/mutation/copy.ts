import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { inRoot } from '../system/paths.js';
import type { MutatedPart } from './parts.js';

/** What became of a run of tests: they passed, one failed, or they were stopped because they took too long. */
export type Outcome = 'passed' | 'failed' | 'timed out';

/** What the copy is made of: sources, what they were compiled to, and what the tests read. */
const copied = [
  'package.json',
  'jest.config.js',
  'jest.mutate.config.js',
  'jest.transform.mjs',
  'scripts/nearest-first.mjs',
  'scripts/dist',
  'scripts/package.json',
  'docs',
  ...['core', 'contract', 'server', 'web'].map((workspace) => `${workspace}/src`),
  ...['core', 'contract'].map((workspace) => `${workspace}/dist`),
  ...['core', 'contract', 'server', 'web'].map((workspace) => `${workspace}/package.json`),
];

/** A copy of the house, so that nothing here is ever changed. Returns its folder. */
export function copyOfHouse(): string {
  const copy = inRoot('.data', 'mutation');
  rmSync(copy, { recursive: true, force: true });
  mkdirSync(join(copy, 'scripts'), { recursive: true });
  for (const part of copied) cpSync(inRoot(part), join(copy, part), { recursive: true });
  symlinkSync(inRoot('node_modules'), join(copy, 'node_modules'));
  // Else the copied facts would ask the core that is not changed.
  mkdirSync(join(copy, 'scripts', 'node_modules', '@mardle'), { recursive: true });
  symlinkSync(join(copy, 'core'), join(copy, 'scripts', 'node_modules', '@mardle', 'core'));
  return copy;
}

/** Writes a file into the copy, as the suites read it and, of core, as the facts run it. */
export function put(copy: string, file: string, content: string): void {
  writeFileSync(join(copy, file), content);
  if (!file.startsWith('core/')) return;
  const { outputText } = ts.transpileModule(content, {
    compilerOptions: { module: ts.ModuleKind.ESNext, target: ts.ScriptTarget.ES2022 },
  });
  writeFileSync(join(copy, file.replace('/src/', '/dist/').replace(/ts$/, 'js')), outputText);
}

function outcomeOf(program: readonly string[], copy: string, limitMs: number, env: object = {}): Outcome {
  const { status, error } = spawnSync(process.execPath, program, {
    cwd: copy,
    env: { ...process.env, ...env },
    stdio: 'ignore',
    timeout: limitMs,
    // Jest's own children would go on after a softer word.
    killSignal: 'SIGKILL',
  });
  if ((error as NodeJS.ErrnoException | undefined)?.code === 'ETIMEDOUT') return 'timed out';
  return status === 0 ? 'passed' : 'failed';
}

/** Whether the table of facts is still the one that stands in `docs/`. */
export function runFacts(copy: string, limitMs: number): Outcome {
  const outcome = outcomeOf([join(copy, 'scripts', 'dist', 'facts.js')], copy, limitMs);
  if (outcome !== 'passed') return outcome;
  const written = readFileSync(join(copy, 'docs', 'facts.md'), 'utf8');
  return written === readFileSync(inRoot('docs', 'facts.md'), 'utf8') ? 'passed' : 'failed';
}

/** The suites that lean on a file, the nearest first, up to the first test that fails. */
export function runSuites(
  copy: string,
  part: MutatedPart,
  file: string,
  limitMs: number,
  env: object,
): Outcome {
  const jest = [
    join('node_modules', 'jest', 'bin', 'jest.js'),
    '--config=jest.mutate.config.js',
    '--bail=1',
    '--runInBand',
    '--silent',
    `--selectProjects=${part.project}`,
    ...part.skippedSuites.map((pattern) => `--testPathIgnorePatterns=${pattern}`),
    '--findRelatedTests',
    file,
  ];
  return outcomeOf(jest, copy, limitMs, { ...env, MARDLE_CHANGED: file });
}
