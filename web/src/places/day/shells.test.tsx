import type { PieSpec } from '@mardle/core';
import { changeForm, planPie, shellId, starterSpec } from '@mardle/core';
import { aDayFile } from '../../test/day.js';
import { loadedBy } from './plan/runSpecs.js';

const open: PieSpec = { ...changeForm(starterSpec, 'open_shell').spec, name: 'Open damson' };
const file = { ...aDayFile(), pies: aDayFile().pies.map((one) => ({ ...one, pie: open })) };
const runOf = (...pies: readonly string[]) => ({
  id: 'run-1',
  oven: 'Corner oven',
  heat: [190, 0, 190] as const,
  start: 0,
  pies: pies.map((pie) => ({ pie, out: 30, foil: null })),
});

describe('a run with shells that are baked before they are filled', () => {
  it('starts a bake of an empty shell for each, by the name of its pie', () => {
    const loaded = loadedBy(file, runOf(shellId('pie-1-1'), shellId('pie-1-2')));
    expect(loaded.map(({ spec }) => spec.name)).toEqual(['Open damson 1, shell', 'Open damson 2, shell']);
    expect(loaded.map(({ kept }) => kept)).toEqual([open, open]);
    const [first] = loaded;
    const planned = first && planPie(first.spec);
    expect(planned?.ok && planned.plan.work.body.filling).toBeNull();
    expect(planned?.ok && planned.plan.bake?.outMin).toBe(30);
  });

  it('bakes the pies themselves as they are', () => {
    const [pie] = loadedBy(file, runOf('pie-1-2'));
    expect(pie?.spec.name).toBe('Open damson 2');
    expect(pie?.spec.filling).toEqual(open.filling);
  });
});
