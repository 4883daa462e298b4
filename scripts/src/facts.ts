import { writeFile } from 'node:fs/promises';
import { allFacts } from './facts/all.js';
import { factsTable } from './facts/table.js';
import { inRoot } from './system/paths.js';

const facts = allFacts();
if (process.argv.includes('--json')) {
  process.stdout.write(`${JSON.stringify(facts, null, 2)}\n`);
} else {
  const text = factsTable(facts);
  await writeFile(inRoot('docs', 'facts.md'), text);
  process.stdout.write(text);
}
