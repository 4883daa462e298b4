import type { BaseSource, PieSpec } from '@mardle/core';
import { baseSources, builtInLarder, changeBase, formOf, showText, usualHandPie } from '@mardle/core';
import { useState } from 'react';
import { Choice } from '../../kit/Choice/Choice.js';
import { Dial } from '../../kit/Dial/Dial.js';
import { useSettings } from '../../state/settings.js';
import type { StationProps } from '../useBenchSpec.js';
import { changePastry, changeSpec } from '../useBenchSpec.js';
import { batchStops, thicknessStops } from '../words.js';
import { DayDough } from './pastry/DayDough.js';
import { DoughFacts } from './pastry/DoughFacts.js';
import classes from './stations.module.css';

const sourceWords: Readonly<Record<BaseSource, { readonly label: string; readonly note: string }>> = {
  made: { label: 'Made here', note: 'rolled and lined' },
  bought: { label: 'Bought shell', note: 'in its own foil' },
  frozen: { label: 'From the freezer', note: 'your own, lined ahead' },
};

/** Where the shell comes from; with a bought one comes its own dish, and what fits it. */
function ShellPart({ spec }: Pick<StationProps, 'spec'>) {
  const [changes, setChanges] = useState<readonly string[]>([]);
  const [before, setBefore] = useState<PieSpec | null>(null);
  const base = spec.pastry.base ?? 'made';
  const choose = (next: BaseSource): void => {
    if (next === base) return;
    // Back from a bought shell the baker's own dish and fruit come back too.
    const back = base === 'bought' && before ? before : spec;
    const changed = changeBase(
      { ...spec, dish: back.dish, filling: { ...spec.filling, fruitMassG: back.filling.fruitMassG } },
      next,
    );
    setBefore(next === 'bought' ? spec : null);
    setChanges(changed.changes);
    changeSpec(() => changed.spec);
  };
  return (
    <>
      <Choice
        label="The shell"
        value={base}
        options={baseSources.map((value) => ({ value, ...sourceWords[value] }))}
        onChange={choose}
      />
      {changes.length > 0 && (
        <p className={classes.plain} role="status">
          {changes.join(' ')}
        </p>
      )}
    </>
  );
}

/** Dough, how thin it is rolled, where the shell comes from, and how many pies it is mixed for. */
export function PastryStation({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const { lined, filled } = formOf(spec.form.kind);
  const { pastry } = spec;
  const noDough = plan !== null && plan.build.dough.massG <= 0;
  const batch = pastry.batch ?? 1;
  const one = filled === 'parcel' ? (spec.form.handPie ?? usualHandPie).count : 1;
  return (
    <div className={classes.station}>
      {lined && filled === 'dish' && <ShellPart spec={spec} />}
      {noDough ? (
        <p className={classes.plain}>
          This pie takes no dough of yours{lined ? ': its shell comes ready.' : '.'} What lies on top stands
          at station 5.
        </p>
      ) : (
        <>
          <Choice
            label="Dough"
            value={pastry.dough}
            options={[...builtInLarder.doughs.values()].map(({ id, label, butter }) => ({
              value: id,
              label,
              note: `${butter} butter to 100 flour`,
            }))}
            onChange={(id) => changePastry({ dough: id })}
          />
          <div className={classes.row}>
            <Dial
              label="Rolled"
              value={pastry.thicknessMm}
              stops={thicknessStops}
              hair={0.1}
              shown={showText(pastry.thicknessMm, 'mm', units)}
              onChange={(thicknessMm) => changePastry({ thicknessMm })}
            />
            <Dial
              label="Mixed for"
              value={batch}
              stops={batchStops}
              hair={1}
              shown={one > 1 ? `${batch * one} hand pies` : batch === 1 ? 'this pie' : `${batch} pies`}
              onChange={(next) => changePastry({ batch: Math.round(next) })}
            />
            <DoughFacts spec={spec} plan={plan} />
          </div>
        </>
      )}
      <DayDough spec={spec} plan={plan} />
    </div>
  );
}
