import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '..', '..');
const example = readFileSync(join(root, 'docs', 'examples', 'double-crust.json'), 'utf8');

/** The compiled door, as `npm run mardle` calls it. */
const mardle = (...args: string[]): { status: number | null; stdout: string; stderr: string } =>
  spawnSync(process.execPath, [join(root, 'scripts', 'bootstrap.mjs'), 'mardle', ...args], {
    encoding: 'utf8',
  });

describe('the command-line door', () => {
  let folder: string;
  const file = (name: string, text: string): string => {
    const path = join(folder, name);
    writeFileSync(path, text);
    return path;
  };
  beforeAll(() => {
    folder = mkdtempSync(join(tmpdir(), 'mardle-door-'));
  });
  afterAll(() => rmSync(folder, { recursive: true }));

  it('prints a plan as JSON and nothing else', () => {
    const { status, stdout } = mardle('plan', file('pie.json', example));
    expect(status).toBe(0);
    const plan = JSON.parse(stdout) as {
      format: string;
      figures: Record<string, { unit: string }>;
      bake: object;
    };
    expect(plan.format).toBe('mardle-plan');
    expect(Object.keys(plan.figures).length).toBeGreaterThan(40);
    expect(plan.bake).not.toBeNull();
  });

  it.each<[string, string, RegExp]>([
    ['not JSON', 'dear diary', /cannot read .* as JSON/],
    ['a list', '[]', /not a JSON object/],
    ['text in a number', example.replace('"depthCm": 3.5', '"depthCm": "3.5"'), /dish\.depthCm.*1 to 15/],
    [
      'an oven at 20 C',
      example.replace('"stages": null', '"stages": [{"tempC":20,"timeMin":9},{"tempC":180,"timeMin":9}]'),
      /tempC.*120 to 290/,
    ],
    ['a dish deeper than wide', example.replace('"depthCm": 3.5', '"depthCm": 14'), /is a pot/],
    ['an unknown fruit', example.replace('"fruit": "damson"', '"fruit": "moon"'), /no fruit called "moon"/],
    [
      'a newer version',
      example.replace(/"version": \d+/, '"version": 99'),
      /version 99; this Mardle reads up to/,
    ],
  ])(
    '%s: says which field, exits with 2, prints no plan',
    (_, text, message) => {
      const { status, stdout, stderr } = mardle('plan', file('bad.json', text));
      expect(status).toBe(2);
      expect(stdout).toBe('');
      expect(stderr).toMatch(message);
    },
    60_000,
  );

  it.each([[[]], [['plan']], [['bake', 'x.json']]])(
    '%j: says how it is used',
    (args) => {
      const { status, stderr } = mardle(...args);
      expect(status).toBe(2);
      expect(stderr).toMatch(/Use: npm run -s mardle -- plan/);
    },
    60_000,
  );

  it('a file that is not there', () => {
    const { status, stderr } = mardle('plan', join(folder, 'nothing.json'));
    expect(status).toBe(2);
    expect(stderr).toMatch(/nothing\.json/);
  });
});
