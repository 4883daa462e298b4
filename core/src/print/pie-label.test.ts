import { changeForm, draftPlan } from '../plan/index.js';
import { formKinds, starterSpec } from '../schema/index.js';
import type { PieSpec } from '../schema/index.js';
import { pieLabel } from './pie-label.js';

function labelOf(spec: PieSpec) {
  const planned = draftPlan(spec);
  if (!planned.ok) throw new Error('cannot be planned');
  return { label: pieLabel(planned.plan), plan: planned.plan };
}

describe('the label of a pie', () => {
  it('names what is in it by weight, and marks what holds an allergen', () => {
    const { label } = labelOf(starterSpec);
    expect(label.parts.slice(0, 3).map((part) => part.label)).toEqual(['Damson', 'Plain flour', 'Sugar']);
    const standing = label.parts.filter(({ stands }) => stands).map((part) => part.label);
    expect(standing).toEqual(expect.arrayContaining(['Plain flour', 'Butter', 'Whole egg and milk']));
    expect(standing).not.toContain('Damson');
    expect(label.contains).toEqual(['egg', 'milk', 'wheat']);
    expect(label.keepsDays).toBe(2);
  });

  it.each(formKinds)(
    '%s: every allergen but those of a packet stands out somewhere, and nothing is lost',
    (kind) => {
      const { label, plan } = labelOf(changeForm(starterSpec, kind).spec);
      const all = plan.slip.flatMap(({ lines }) => lines.map(({ massG }) => massG));
      expect(label.massG).toBeCloseTo(
        all.filter((massG) => massG >= 0.05).reduce((sum, massG) => sum + massG, 0),
        6,
      );
      expect(new Set(label.parts.map((part) => part.label)).size).toBe(label.parts.length);
      if (label.contains.some((one) => ['wheat', 'milk', 'egg'].includes(one))) {
        expect(label.parts.some(({ stands }) => stands)).toBe(true);
      }
    },
  );

  it('raw fruit in a glaze keeps a day', () => {
    const { spec } = changeForm(starterSpec, 'open_shell');
    const glazed = { ...spec, filling: { ...spec.filling, preparation: { kind: 'glaze' as const } } };
    expect(labelOf(glazed).label.keepsDays).toBe(1);
  });
});
