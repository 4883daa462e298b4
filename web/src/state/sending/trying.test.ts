import type { FormKind, PieSpec } from '@mardle/core';
import { changeForm, formKinds, starterSpec } from '@mardle/core';
import { beforeTrial, keepTrial } from './trying.js';

/** Takes up a form as the bench does. */
function tried(spec: PieSpec, kind: FormKind, pieId = 'pie'): PieSpec {
  const from = beforeTrial(pieId, spec);
  const next = kind === from.form.kind ? from : changeForm(from, kind).spec;
  keepTrial(pieId, from, next);
  return next;
}

describe('trying forms', () => {
  const others = formKinds.filter((kind) => kind !== starterSpec.form.kind);

  it.each(others)('%s and going back gives the pie that one had', (kind) => {
    expect(tried(tried(starterSpec, kind, kind), starterSpec.form.kind, kind)).toEqual(starterSpec);
  });

  it('one after the other leaves nothing of the first behind', () => {
    const once = tried(starterSpec, 'crisp', 'straight');
    const after = tried(tried(starterSpec, 'hand_pie', 'round'), 'crisp', 'round');
    expect(after).toEqual(once);
    expect(after.filling.preparation.kind).toBe('raw');
  });

  it('all of them in turn and back is as it was', () => {
    const all = others.reduce((spec, kind) => tried(spec, kind, 'all'), starterSpec);
    expect(tried(all, starterSpec.form.kind, 'all')).toEqual(starterSpec);
  });

  it('keeps what was changed since', () => {
    const folded = tried(starterSpec, 'hand_pie', 'kept');
    const sweeter: PieSpec = {
      ...folded,
      filling: { ...folded.filling, sugar: { ...folded.filling.sugar, style: 0.3 }, butterG: 55 },
    };
    const back = tried(sweeter, 'double_crust', 'kept');
    expect(back.filling.sugar.style).toBe(0.3);
    expect(back.filling.butterG).toBe(55);
    expect(back.filling.preparation).toEqual(starterSpec.filling.preparation);
    expect(back.filling.set).toBe(starterSpec.filling.set);
  });

  it('knows nothing of another pie, nor of a form that was taken up elsewhere', () => {
    keepTrial('one', starterSpec, changeForm(starterSpec, 'hand_pie').spec);
    const lattice = changeForm(starterSpec, 'lattice').spec;
    expect(beforeTrial('one', lattice)).toBe(lattice);
    expect(beforeTrial('two', lattice)).toBe(lattice);
  });
});
