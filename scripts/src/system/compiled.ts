import { spawnSync } from 'node:child_process';
import { pathToFileURL } from 'node:url';
import { inRoot } from './paths.js';

const MOST_BYTES = 64 * 1024 * 1024;

/**
 * What an export of a compiled script gives, as plain data: thousands of bakes are too many for code that a test runner has
 * transformed.
 * @param file below the root, as in 'scripts/dist/facts/windows.js'
 * @param call as in `windowsHeld(500)`
 */
export function compiled<T>(file: string, call: string): T {
  const from = pathToFileURL(inRoot(...file.split('/'))).href;
  const program = `import * as all from '${from}'; process.stdout.write(JSON.stringify(await all.${call}));`;
  const { stdout, stderr, status } = spawnSync(process.execPath, ['--input-type=module', '-e', program], {
    encoding: 'utf8',
    maxBuffer: MOST_BYTES,
  });
  if (status !== 0) throw new Error(stderr);
  return JSON.parse(stdout) as T;
}
