import { DAY_VERSION, LOG_VERSION, starterSpec } from '@mardle/core';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { KITCHEN_VERSION } from './index.js';
import { fileJsonSchema, requestSchemas } from './schema.js';

const root = join(__dirname, '..', '..');

interface Known {
  readonly version: number;
  readonly hash: string;
}

const hashed = (schema: unknown): string =>
  createHash('sha256').update(JSON.stringify(schema)).digest('hex').slice(0, 16);

/** The kitchen's file is made of several classes, and of none but these. */
const kitchenSchemas = (): unknown =>
  Object.fromEntries(Object.entries(requestSchemas('#/')).filter(([name]) => name.startsWith('KitchenFile')));

const formats = {
  pie: { version: starterSpec.version, hash: hashed(fileJsonSchema('pie')) },
  day: { version: DAY_VERSION, hash: hashed(fileJsonSchema('day')) },
  log: { version: LOG_VERSION, hash: hashed(fileJsonSchema('log')) },
  kitchen: { version: KITCHEN_VERSION, hash: hashed(kitchenSchemas()) },
};

/**
 * Files are kept for years. Where one of these is red, the format was changed: raise its version, add the step that brings the version
 * before forward (`core/src/schema/upgrade.ts`), keep files of the version before (`core/src/test/pies/vN`), add a line to
 * CHANGELOG.md, and only then write the new hash into docs/formats.json. A change that takes every old file as it is, such as a wider
 * limit, needs the hash alone.
 */
describe('a format that is changed', () => {
  const known = JSON.parse(readFileSync(join(root, 'docs', 'formats.json'), 'utf8')) as Record<string, Known>;

  it.each(Object.entries(formats))('is known by its version: %s', (name, now) => {
    expect({ [name]: now }).toEqual({ [name]: known[name] });
  });

  it('has files of every version before', () => {
    const missing = Array.from({ length: starterSpec.version - 1 }, (_, i) => `v${i + 1}`).filter(
      (version) => !existsSync(join(root, 'core', 'src', 'test', 'pies', version)),
    );
    expect(missing).toEqual([]);
  });
});
