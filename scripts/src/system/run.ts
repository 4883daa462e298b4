import { spawn, spawnSync } from 'node:child_process';
import { root } from './paths.js';

export interface RunOptions {
  readonly env?: NodeJS.ProcessEnv;
  readonly cwd?: string;
  /** Show the program's words only when it fails, or never. */
  readonly quiet?: boolean | 'always';
}

/** Runs a program to its end with its output on stderr; resolves to its exit code. */
export function run(program: string, args: readonly string[], options: RunOptions = {}): Promise<number> {
  return new Promise((resolve) => {
    const child = spawn(program, args, {
      cwd: options.cwd ?? root,
      env: { ...process.env, ...options.env },
      stdio: ['ignore', options.quiet ? 'pipe' : 2, options.quiet ? 'pipe' : 2],
    });
    const words: Buffer[] = [];
    child.stdout?.on('data', (chunk: Buffer) => words.push(chunk));
    child.stderr?.on('data', (chunk: Buffer) => words.push(chunk));
    child.once('error', () => resolve(127));
    child.once('close', (code, signal) => {
      const exit = code ?? (signal ? 1 : 0);
      if (exit !== 0 && options.quiet !== 'always') process.stderr.write(Buffer.concat(words));
      resolve(exit);
    });
  });
}

/** Whether a program is on the path. */
export const hasProgram = (program: string): boolean =>
  spawnSync('sh', ['-c', `command -v ${program}`], { stdio: 'ignore' }).status === 0;
