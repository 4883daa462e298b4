import { Instrumenter } from '@stryker-mutator/instrumenter';
import { readdirSync, readFileSync } from 'node:fs';
import { inRoot } from '../system/paths.js';

/** A line of a source file. */
export interface Line {
  readonly file: string;
  /** From 0. */
  readonly line: number;
}

/** One change of one place. */
export interface Change extends Line {
  readonly what: string;
  /** The whole file, changed. */
  readonly content: string;
}

/** Lines that hold a sum or a decision: what is worth changing. */
const worthChanging = /[=<>+\-*/?&|]|Math\./;
const onlyWords =
  /^\s*(\/?\*|\/\/|import|@|export (type|\*)|readonly|'|\}|label:|text:|message:|remedy:|rule:|source:|what:|how:)/;
/** Declarations without a decision in them. */
const declarationFile = /(\.test|\.entity|\.entities|\.module|\.d|index)\.tsx?$/;

const sourceFiles = (path: string): string[] =>
  readdirSync(inRoot(path), { withFileTypes: true }).flatMap((entry) => {
    const inside = `${path}/${entry.name}`;
    if (entry.isDirectory()) return sourceFiles(inside);
    return entry.name.endsWith('.ts') && !declarationFile.test(entry.name) ? [inside] : [];
  });

/**
 * Lines of some folders that are worth changing.
 * @param folders from the root
 */
export const linesWorthChanging = (folders: readonly string[]): Line[] =>
  folders.flatMap(sourceFiles).flatMap((file) =>
    readFileSync(inRoot(file), 'utf8')
      .split('\n')
      .flatMap((text, line) => (worthChanging.test(text) && !onlyWords.test(text) ? [{ file, line }] : [])),
  );

const silent = (): void => undefined;
const off = (): boolean => false;
const instrumenter = new Instrumenter({
  isTraceEnabled: off,
  isDebugEnabled: off,
  isInfoEnabled: off,
  isWarnEnabled: off,
  isErrorEnabled: off,
  isFatalEnabled: off,
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
export async function changesOn({ file, line }: Line): Promise<Change[]> {
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
