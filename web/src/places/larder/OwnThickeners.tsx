import { NumberInput, Select, TextInput } from '@mantine/core';
import type { OwnThickener, UnitSystem } from '@mardle/core';
import { builtInThickeners, checkOwnThickener, ownThickenerRows, showText } from '@mardle/core';
import { useState } from 'react';
import { useKeepRow, useOwnRows, useResetRow } from '../../shared/api/larder.js';
import { QuantityField } from '../../shared/ui/QuantityField.js';
import { Failure } from '../../shared/ui/Failure.js';
import { Plate } from '../../shared/ui/Plate/Plate.js';
import { useSettings } from '../../state/settings.js';
import { KeepOrPutAway } from './KeepOrPutAway.js';
import classes from './LarderPlace.module.css';
import { OwnList } from './OwnList.js';

const LIKE = 'corn_starch';
const newThickener = (): OwnThickener => ({
  id: `own_${crypto.randomUUID().slice(0, 8)}`,
  label: 'New thickener',
  like: LIKE,
  figures: {},
});

/** The thickeners of this kitchen's own: a starch that no list has, or a packet that is stronger. */
export function OwnThickeners() {
  const { data: own, error } = useOwnRows('thickeners');
  if (error) return <Failure error={error} />;
  if (!own) return <p role="status">Looking into the larder …</p>;
  return (
    <OwnList
      label="Thickeners of this kitchen"
      addLabel="Add a thickener"
      things={own}
      make={newThickener}
      note={({ like }) => `like ${builtInThickeners.get(like)?.label.toLowerCase() ?? like}`}
    >
      {(one, isNew, onGone) => <ThickenerForm key={one.id} own={one} isNew={isNew} onGone={onGone} />}
    </OwnList>
  );
}

interface ThickenerFormProps {
  readonly own: OwnThickener;
  readonly isNew: boolean;
  readonly onGone: () => void;
}

function ThickenerForm({ own, isNew, onGone }: ThickenerFormProps) {
  const [before] = useState(own);
  const [draft, setDraft] = useState(own);
  const units = useSettings((state) => state.units);
  const keep = useKeepRow('thickeners');
  const reset = useResetRow('thickeners');
  const named = draft.label.trim() !== '';
  const problems = checkOwnThickener(draft);
  return (
    <Plate label={own.label} className={classes.figures}>
      <TextInput
        label="Its name"
        maxLength={80}
        value={draft.label}
        error={named ? undefined : 'Give it a name that tells it from the others'}
        onChange={(event) => setDraft({ ...draft, label: event.currentTarget.value })}
      />
      <Select
        label="Most like"
        description="Its figures stand in for those that you leave open."
        allowDeselect={false}
        data={[...builtInThickeners.values()].map(({ id, label }) => ({ value: id, label }))}
        value={draft.like}
        onChange={(like) => like !== null && setDraft({ ...draft, like })}
      />
      <FigureFields draft={draft} units={units} onChange={(figures) => setDraft({ ...draft, figures })} />
      {problems.length > 0 && (
        <p role="alert" className={classes.bad}>
          {problems.map(({ message, remedy }) => `${message} ${remedy}`).join(' ')}
        </p>
      )}
      <KeepOrPutAway
        before={before}
        draft={draft}
        isNew={isNew}
        sound={named && problems.length === 0}
        keep={keep}
        remove={reset}
        onGone={onGone}
        keepLabel="Keep this thickener"
        keptWords="Kept; it stands at Juice with the others."
      />
    </Plate>
  );
}

interface FigureFieldsProps {
  readonly draft: OwnThickener;
  readonly units: UnitSystem;
  readonly onChange: (figures: OwnThickener['figures']) => void;
}

function FigureFields({ draft, units, onChange }: FigureFieldsProps) {
  const base = builtInThickeners.get(draft.like);
  return (
    <div className={classes.fields}>
      {[...ownThickenerRows.values()].map(({ id, label, unit, what, least, most }) => {
        const set = (value: number | null): void =>
          onChange(
            Object.fromEntries(
              Object.entries({ ...draft.figures, [id]: value }).filter(([, kept]) => kept !== null),
            ),
          );
        const builtIn = base?.[id];
        const empty =
          builtIn === undefined ? '' : unit === 'ratio' ? String(builtIn) : showText(builtIn, unit, units);
        return unit === 'ratio' ? (
          <NumberInput
            key={id}
            label={label}
            description={what}
            hideControls
            placeholder={empty}
            value={draft.figures[id] ?? ''}
            onChange={(value) => set(typeof value === 'number' ? value : null)}
          />
        ) : (
          <QuantityField
            key={id}
            limit={{ least, most, remedy: `${label}: ${what}.` }}
            label={label}
            unit={unit}
            empty={empty}
            value={draft.figures[id] ?? null}
            onChange={set}
          />
        );
      })}
    </div>
  );
}
