import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { draftPlan, planPie } from '@mardle/core';
import { answerDay } from './day/day-door.js';
import { answerLog, answerWhy } from './learn/learn-door.js';
import { anyPie, drawsFrom } from './soak/any-pie.js';
import { inRoot } from './system/paths.js';

/**
 * One line for each example and each of 200 drawn pies: its name and a hash of every figure that is computed from it. Run before and
 * after a change that must not change a figure, and compare the two outputs.
 */

const DRAWN_PIES = 200;
const BAKED_OF_DRAWN = 25;

const hash = (value: unknown): string =>
  createHash('sha256')
    .update(JSON.stringify(value) ?? 'undefined')
    .digest('hex')
    .slice(0, 16);

const print = (name: string, value: unknown): void => void process.stdout.write(`${hash(value)} ${name}\n`);

const jsonIn = (
  folder: string,
): { readonly name: string; readonly path: string; readonly plain: unknown }[] =>
  readdirSync(inRoot(folder))
    .filter((file) => file.endsWith('.json'))
    .sort()
    .map((file) => {
      const path = inRoot(folder, file);
      return { name: `${folder}/${file}`, path, plain: JSON.parse(readFileSync(path, 'utf8')) as unknown };
    });

for (const { name, plain } of jsonIn('docs/examples'))
  print(name, planPie(plain as Parameters<typeof planPie>[0]));
let drawn = 0;
// Three of four that are drawn cannot be planned: why not is a figure too, but no plan.
for (let seed = 1; drawn < DRAWN_PIES; seed++) {
  const spec = anyPie(drawsFrom(seed));
  const draft = draftPlan(spec);
  if (draft.ok) drawn += 1;
  print(`drawn pie ${seed}`, draft.ok && drawn <= BAKED_OF_DRAWN ? planPie(spec) : draft);
}
for (const { name, path, plain } of jsonIn('docs/examples/days'))
  print(name, await answerDay(path, plain, 1));
for (const { name, plain } of jsonIn('docs/examples/logs')) {
  print(`${name}, learned`, answerLog(plain));
  print(`${name}, why`, answerWhy(plain));
}
