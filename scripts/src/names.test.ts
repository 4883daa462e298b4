import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { inRoot } from './system/paths.js';

const EXPORTED = /^export (?:abstract )?(?:async )?(?:const|function\*?|interface|type|class) (\w+)/gm;

/** Files of a workspace but for tests, from the root of the project. */
const filesOf = (workspace: string): string[] =>
  readdirSync(inRoot(workspace, 'src'), { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.tsx?$/.test(file) && !/\.test\.|(^|\/)test\//.test(file))
    .map((file) => join(workspace, 'src', file));

it('an exported name means one thing in the whole project', () => {
  const places = new Map<string, string[]>();
  for (const file of ['core', 'contract', 'server', 'web', 'research', 'scripts'].flatMap(filesOf))
    for (const [, name = ''] of readFileSync(inRoot(file), 'utf8').matchAll(EXPORTED))
      places.set(name, [...new Set([...(places.get(name) ?? []), file])]);
  expect(places.size).toBeGreaterThan(1500);
  expect([...places].filter(([, files]) => files.length > 1)).toEqual([]);
});
