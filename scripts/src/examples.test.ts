import { checkShape, PieSpecRequest } from '@mardle/contract';
import { fieldTable, pieJsonSchema } from '@mardle/contract/schema';
import type { PieSpec } from '@mardle/core';
import { draftPlan } from '@mardle/core';
import Ajv from 'ajv/dist/2020.js';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const docs = join(__dirname, '..', '..', 'docs');
const examples = readdirSync(join(docs, 'examples')).filter((name) => name.endsWith('.json'));
const read = (...path: string[]): unknown => JSON.parse(readFileSync(join(docs, ...path), 'utf8'));

describe('the examples', () => {
  const validate = new Ajv({ strict: false }).compile(pieJsonSchema());

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

it('the JSON Schema in docs is the one the contract makes', () => {
  expect(read('pie.schema.json')).toEqual(JSON.parse(JSON.stringify(pieJsonSchema())));
});

it('the table of fields in docs is the one the schema makes', () => {
  const page = readFileSync(join(docs, 'plan-format.md'), 'utf8');
  const [, table = ''] = /<!-- fields -->\s*([\s\S]*?)\s*<!-- \/fields -->/.exec(page) ?? [];
  expect(table.trim()).toBe(fieldTable());
});
