import { readFile } from 'node:fs/promises';
import type { FieldProblem } from '@mardle/contract';
import { checkShape, PieSpecRequest } from '@mardle/contract';
import { pieSchema } from '@mardle/contract/schema';
import type { PieSpec } from '@mardle/core';
import { planPie, SPEC_FORMAT, SPEC_VERSION } from '@mardle/core';
import { stop } from './system/say.js';

/** Exit codes: 0 planned, 2 the file or the call is at fault. */
const BAD_INPUT = 2;

const usage = [
  'Use: npm run -s mardle -- plan pie.json    prints the plan as JSON',
  '     npm run -s mardle -- schema           prints the JSON Schema of a pie file',
  'The form is described in docs/plan-format.md.',
].join('\n');

function report(file: string, problems: readonly FieldProblem[]): never {
  const lines = problems.map(
    ({ field, message, remedy }) => `  ${field || '(the file)'}: ${message} ${remedy}`,
  );
  return stop(`${file} cannot be planned:\n${lines.join('\n')}`, BAD_INPUT);
}

async function readJson(file: string): Promise<unknown> {
  try {
    return JSON.parse(await readFile(file, 'utf8')) as unknown;
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return stop(`cannot read ${file} as JSON: ${why}`, BAD_INPUT);
  }
}

/** A file from a newer Mardle is named as such before its unknown fields are. */
function refuseNewer(file: string, plain: unknown): void {
  const version = (plain as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > SPEC_VERSION) {
    report(file, [
      {
        field: 'version',
        message: `This ${SPEC_FORMAT} file is version ${version}; this Mardle reads up to ${SPEC_VERSION}.`,
        remedy: 'Update Mardle; the file is left as it is.',
      },
    ]);
  }
}

async function plan(file: string): Promise<void> {
  const plain = await readJson(file);
  refuseNewer(file, plain);
  const shape = checkShape(PieSpecRequest, plain);
  if (!shape.ok) report(file, shape.problems);
  const planned = planPie(plain as PieSpec);
  if (!planned.ok) report(file, planned.problems);
  else print(planned.plan);
}

const print = (value: unknown): void => void process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);

const [command, file] = process.argv.slice(2);
if (command === 'plan' && file) await plan(file);
else if (command === 'schema') print(pieSchema());
else stop(usage, BAD_INPUT);
