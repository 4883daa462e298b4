import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { builtInLarder } from '../larder/index.js';
import { checkFields } from './check-fields.js';
import { pieSchema, SPEC_VERSION } from './pie.js';
import { starterSpec } from './starter.js';
import { UnreadableSpec, upgradeSpec } from './upgrade.js';

const kept = join(__dirname, '..', 'test', 'pies');
const stored = readdirSync(kept).flatMap((version) =>
  readdirSync(join(kept, version)).map((name) => [`${version}/${name}`] as const),
);
const read = (name: string): unknown => JSON.parse(readFileSync(join(kept, name), 'utf8'));

describe('pies stored by every version before', () => {
  it.each(stored)('%s is brought forward whole', (name) => {
    const spec = upgradeSpec(read(name));
    expect(spec.version).toBe(SPEC_VERSION);
    expect(checkFields(pieSchema, { ...spec }, { larder: builtInLarder })).toEqual([]);
  });

  it('keeps what was said: a small cut is a thin one', () => {
    const [part] = starterSpec.filling.fruits;
    const { cut: _, ...rest } = part!;
    const old = (cutSmall: boolean) => ({
      ...starterSpec,
      version: 1,
      filling: { ...starterSpec.filling, fruits: [{ ...rest, cutSmall }] },
    });
    expect(upgradeSpec(old(true)).filling.fruits[0]?.cut).toBe('thin');
    expect(upgradeSpec(old(false))).toEqual(starterSpec);
  });
});

describe('a cooked share that was left over from a glaze', () => {
  it('says nothing of what is stewed, and stays with a glaze', () => {
    const old = (kind: string) => ({
      ...starterSpec,
      version: 2,
      filling: { ...starterSpec.filling, preparation: { kind, cookedShare: 0.2 } },
    });
    expect(upgradeSpec(old('stew')).filling.preparation).toEqual({ kind: 'stew' });
    expect(upgradeSpec(old('glaze')).filling.preparation).toEqual({ kind: 'glaze', cookedShare: 0.2 });
  });
});

describe('bringing forward', () => {
  it('leaves a pie of this version as it is', () => {
    expect(upgradeSpec(starterSpec)).toBe(starterSpec);
  });

  it.each<[string, unknown, RegExp]>([
    ['a newer one', { ...starterSpec, version: SPEC_VERSION + 1 }, /reads up to/],
    ['a version that is none', { ...starterSpec, version: 0 }, /version is 0/],
    ['another format', { ...starterSpec, format: 'cake' }, /not a pie/],
    ['a list', [], /not a JSON object/],
    ['nothing', null, /not a JSON object/],
  ])('refuses %s with a remedy', (_, plain, message) => {
    expect(() => upgradeSpec(plain)).toThrow(message);
    expect(() => upgradeSpec(plain)).toThrow(UnreadableSpec);
  });

  it.each([
    [{ ...starterSpec, version: 1, filling: null }],
    [{ ...starterSpec, version: 1, filling: { fruits: 'damson' } }],
    [{ ...starterSpec, version: 1, filling: { fruits: [null, 3] } }],
    [{ format: 'mardle-pie', version: 1 }],
  ])('%j: whatever else is wrong is left for the check', (plain) => {
    expect(upgradeSpec(plain).version).toBe(SPEC_VERSION);
    expect(
      checkFields(pieSchema, { ...upgradeSpec(plain) }, { larder: builtInLarder }).length,
    ).toBeGreaterThan(0);
  });
});
