import { spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { inRoot } from './system/paths.js';
import { random } from './system/random.js';
import { say, stop } from './system/say.js';

/**
 * Changes single places of core's code at random, by a seed, and counts how many of the changes its tests notice. Lines are
 * drawn over the four rooms that hold the sums; survivors are printed, each a test that is missing.
 */
const rooms = ['filling', 'build', 'bake', 'plan'];
const BAD_INPUT = 2;

const option = (name: string, usual: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  const value = at < 0 ? usual : Number(process.argv[at + 1]);
  if (!Number.isInteger(value) || value < 1) stop(`--${name} wants a whole number from 1 on`, BAD_INPUT);
  return value;
};

/** Lines that hold a sum or a decision: what is worth changing. */
const worthChanging = /[=<>+\-*/?&|]|Math\./;
const onlyWords =
  /^\s*(\/?\*|\/\/|import|export (type|\*)|readonly|'|\}|label:|text:|message:|remedy:|rule:|source:|what:|how:)/;

function linesOf(file: string): string[] {
  return readFileSync(inRoot(file), 'utf8')
    .split('\n')
    .flatMap((text, i) =>
      worthChanging.test(text) && !onlyWords.test(text) ? [`${file}:${i + 1}-${i + 1}`] : [],
    );
}

const sources = (folder: string): string[] =>
  readdirSync(inRoot(folder), { withFileTypes: true }).flatMap((entry) => {
    const path = `${folder}/${entry.name}`;
    if (entry.isDirectory()) return sources(path);
    return entry.name.endsWith('.ts') && !/(\.test|index)\.ts$/.test(entry.name) ? [path] : [];
  });

interface Mutant {
  readonly status: string;
  readonly mutatorName: string;
  readonly replacement?: string;
  readonly location: { readonly start: { readonly line: number } };
}
interface Report {
  readonly files: Readonly<Record<string, { readonly mutants: readonly Mutant[] }>>;
}

const seed = option('seed', 7);
const count = option('lines', 30);
const next = random(seed);
const all = rooms.flatMap((room) => sources(`core/src/${room}`).flatMap(linesOf));
const drawn = Array.from({ length: count }, () => all[Math.floor(next() * all.length)] ?? '');
say(`changing ${count} of ${all.length} lines, seed ${seed}; some minutes ...`);
mkdirSync(inRoot('.data', 'mutation'), { recursive: true });
const { status } = spawnSync('npx', ['stryker', 'run'], {
  cwd: inRoot(),
  env: { ...process.env, MARDLE_MUTATE: [...new Set(drawn)].join(',') },
  stdio: ['ignore', 2, 2],
});
if (status !== 0) stop('the mutation run failed; the lines above say why', 1);
const report = JSON.parse(readFileSync(join(inRoot('.data', 'mutation'), 'report.json'), 'utf8')) as Report;
const mutants = Object.entries(report.files).flatMap(([file, { mutants: its }]) =>
  its.map((mutant) => ({ file, ...mutant })),
);
const caught = mutants.filter(({ status: its }) => its === 'Killed' || its === 'Timeout');
const alive = mutants.filter(({ status: its }) => its === 'Survived' || its === 'NoCoverage');
const known = caught.length + alive.length;
for (const { file, location, mutatorName, replacement } of alive) {
  process.stdout.write(`${file}:${location.start.line} ${mutatorName} -> ${replacement ?? ''}\n`);
}
process.stdout.write(
  `${caught.length} of ${known} caught (${known > 0 ? Math.round((100 * caught.length) / known) : 0} %), seed ${seed}\n`,
);
