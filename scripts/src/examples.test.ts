import { checkShape, PieSpecRequest } from '@mardle/contract';
import { fieldTable, fileFormats, fileJsonSchema } from '@mardle/contract/schema';
import type { PieSpec } from '@mardle/core';
import { draftPlan } from '@mardle/core';
import Ajv from 'ajv/dist/2020.js';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const docs = join(__dirname, '..', '..', 'docs');
const examples = readdirSync(join(docs, 'examples')).filter((name) => name.endsWith('.json'));
const read = (...path: string[]): unknown => JSON.parse(readFileSync(join(docs, ...path), 'utf8'));

describe('the examples', () => {
  const validate = new Ajv({ strict: false }).compile(fileJsonSchema('pie'));

  it.each(examples)('%s is valid by the JSON Schema, by the contract, and can be planned', (name) => {
    const plain = read('examples', name);
    validate(plain);
    expect(validate.errors ?? []).toEqual([]);
    expect(checkShape(PieSpecRequest, plain).ok).toBe(true);
    expect(draftPlan(plain as PieSpec).ok).toBe(true);
  });

  it('shows what the schema refuses', () => {
    expect(validate({ ...(read('examples', examples[0] ?? '') as object), name: 7 })).toBe(false);
    expect(validate({ ...(read('examples', examples[0] ?? '') as object), more: 1 })).toBe(false);
  });
});

const pages = { pie: 'plan-format.md', day: 'day-format.md', log: 'log-format.md' } as const;

describe.each(fileFormats)('the page of a %s', (format) => {
  it('has the JSON Schema that the contract makes', () => {
    expect(read(`${format}.schema.json`)).toEqual(JSON.parse(JSON.stringify(fileJsonSchema(format))));
  });

  it('has the table of fields that the schema makes', () => {
    const page = readFileSync(join(docs, pages[format]), 'utf8');
    const [, table = ''] = /<!-- fields -->\s*([\s\S]*?)\s*<!-- \/fields -->/.exec(page) ?? [];
    expect(table.trim()).toBe(fieldTable(format));
  });
});

it.each([
  ['day', 'days'],
  ['log', 'logs'],
] as const)('the examples of a %s are valid by its JSON Schema', (format, folder) => {
  const validate = new Ajv({ strict: false, formats: { 'date-time': true } }).compile(fileJsonSchema(format));
  for (const name of readdirSync(join(docs, 'examples', folder))) {
    validate(read('examples', folder, name));
    expect([name, validate.errors ?? []]).toEqual([name, []]);
  }
});
