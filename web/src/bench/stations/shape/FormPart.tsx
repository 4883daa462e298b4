import type { FormKind, PieSpec } from '@mardle/core';
import { changeForm, formTraits } from '@mardle/core';
import { useState } from 'react';
import { useKitchen } from '../../../api/kitchen.js';
import { Choice } from '../../../kit/Choice/Choice.js';
import { changeSpec } from '../../useBenchSpec.js';
import { formGroups } from '../../words.js';
import classes from '../stations.module.css';

/** Which form; a change keeps what still makes sense, and says what it changed. */
export function FormPart({ spec }: { readonly spec: PieSpec }) {
  const { data: kitchen } = useKitchen();
  const [changes, setChanges] = useState<readonly string[] | null>(null);
  const choose = (kind: FormKind): void => {
    if (kind === spec.form.kind) return;
    const changed = changeForm(
      spec,
      kind,
      (kitchen?.dishes ?? []).map(({ id: _, ...dish }) => dish),
    );
    changeSpec(() => changed.spec);
    setChanges(changed.changes);
  };
  return (
    <>
      <div className={classes.row}>
        {formGroups.map(({ label, kinds }) => (
          <Choice<FormKind>
            key={label}
            label={label}
            value={spec.form.kind}
            options={kinds.map((kind) => ({ value: kind, label: formTraits(kind).label }))}
            onChange={choose}
          />
        ))}
      </div>
      {changes && (
        <p className={classes.plain} role="status">
          {changes.length === 0 ? 'Fruit, sugar, dish and oven stay as they were.' : changes.join(' ')}
        </p>
      )}
    </>
  );
}
