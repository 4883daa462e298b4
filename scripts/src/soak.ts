import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { availableParallelism, tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildServer } from './system/build.js';
import { needPrograms } from './system/packages.js';
import { inRoot } from './system/paths.js';
import { runJest } from './system/test-runs.js';

/** The long tests at their full length (`soak` in their sources says how much that is); their result goes to docs/soak.md. */

const sizes = ['core', 'scripts', 'server'].map((workspace) => inRoot(workspace, 'src', 'test', 'soak.ts'));

interface JestReport {
  readonly testResults: readonly {
    readonly assertionResults: readonly {
      readonly fullName: string;
      readonly status: string;
      readonly duration: number | null;
    }[];
  }[];
}

const SLOW_MS = 1000;

async function writeResult(report: string): Promise<void> {
  const { testResults } = JSON.parse(await readFile(report, 'utf8')) as JestReport;
  const rows = testResults
    .flatMap(({ assertionResults }) => assertionResults)
    .filter(({ status, duration }) => status !== 'passed' || (duration ?? 0) > SLOW_MS)
    .sort((a, b) => (b.duration ?? 0) - (a.duration ?? 0))
    .map(
      ({ fullName, status, duration }) =>
        `| ${fullName} | ${status} | ${Math.round((duration ?? 0) / 1000)} |`,
    );
  const text = [
    '# The last soak',
    '',
    'Made by `npm run soak`. A slice of each of these tests is part of `npm test`.',
    '',
    `${new Date().toISOString().slice(0, 10)}, ${availableParallelism()} cores, Node ${process.versions.node}. Tests of under a second are left out.`,
    '',
    '| test | result | s |',
    '|-|-|-|',
    ...rows,
    '',
  ].join('\n');
  await writeFile(inRoot('docs', 'soak.md'), text);
}

const folder = await mkdtemp(join(tmpdir(), 'mardle-soak-'));
try {
  await needPrograms('mariadbd');
  await buildServer();
  process.env['MARDLE_SOAK'] = '1';
  const { passed, failed, skipped } = await runJest(folder, ['--findRelatedTests', ...sizes], 1);
  await writeResult(join(folder, 'jest.json'));
  process.stdout.write(`${passed} passed, ${failed} failed, ${skipped} skipped\n`);
  process.exitCode = failed > 0 ? 1 : 0;
} finally {
  await rm(folder, { recursive: true, force: true });
}
