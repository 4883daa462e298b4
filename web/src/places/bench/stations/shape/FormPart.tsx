import type { FormKind, PieSpec } from '@mardle/core';
import { changeForm, formKinds, formOf } from '@mardle/core';
import { useState } from 'react';
import { useKitchen } from '../../../../shared/api/kitchen.js';
import { Choice } from '../../../../shared/ui/Choice/Choice.js';
import { useBench } from '../../../../state/bench.js';
import { beforeTrial, keepTrial } from '../../../../state/sending/trying.js';
import { changeSpec } from '../../../../state/changeSpec.js';
import classes from '../../../../shared/ui/stations.module.css';

/** Forms as the baker thinks of them: what is under the fruit, then what is over it. */
const groups = [
  { label: 'In a dish, pastry under and over', filled: ['dish'], lined: true },
  { label: 'On a sheet', filled: ['sheet', 'parcel'], lined: true },
  { label: 'In a dish, nothing under', filled: ['dish'], lined: false },
] as const;

const kindsIn = ({ filled, lined }: (typeof groups)[number]): FormKind[] =>
  formKinds.filter((kind) => {
    const form = formOf(kind);
    return form.lined === lined && filled.some((way) => way === form.filled);
  });

/** Which form; a change keeps what still makes sense, and says what it changed. */
export function FormPart({ spec }: { readonly spec: PieSpec }) {
  const { data: kitchen } = useKitchen();
  const [changes, setChanges] = useState<readonly string[] | null>(null);
  const choose = (kind: FormKind): void => {
    if (kind === spec.form.kind) return;
    const { pieId } = useBench.getState();
    const from = beforeTrial(pieId ?? '', spec);
    const own = (kitchen?.dishes ?? []).map(({ id: _, ...dish }) => dish);
    const changed =
      kind === from.form.kind
        ? { spec: from, changes: ['What the other form brought is taken back.'] }
        : changeForm(from, kind, own);
    keepTrial(pieId ?? '', from, changed.spec);
    changeSpec(() => changed.spec);
    setChanges(changed.changes);
  };
  return (
    <>
      <div className={classes.row}>
        {groups.map((group) => (
          <Choice<FormKind>
            key={group.label}
            label={group.label}
            value={spec.form.kind}
            options={kindsIn(group).map((kind) => ({ value: kind, label: formOf(kind).label }))}
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
