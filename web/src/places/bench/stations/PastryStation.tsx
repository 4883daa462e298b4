import type { BaseSource, DishCoat, DoughAmounts, DoughSource, PieSpec } from '@mardle/core';
import {
  baseSources,
  builtInLarder,
  changeBase,
  dishCoats,
  doughAmounts,
  doughSources,
  formOf,
  showText,
  usualHandPie,
} from '@mardle/core';
import { useState } from 'react';
import { Choice } from '../../../shared/ui/Choice/Choice.js';
import { Dial } from '../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../shared/ui/Figure/Fig.js';
import { Tabs } from '../../../shared/ui/Tabs.js';
import { useSettings } from '../../../state/settings.js';
import type { StationProps } from '../../../state/changeSpec.js';
import { changePastry, changeSpec } from '../../../state/changeSpec.js';
import { batchStops, thicknessStops } from '../../../pie/words.js';
import { OwnAmounts } from '../../../pie/forms/shared/OwnAmounts.js';
import { DoughForDay } from './pastry/DayDough.js';
import { DoughFacts } from './pastry/DoughFacts.js';
import { QuantityField } from '../../../shared/ui/QuantityField.js';
import classes from '../../../shared/ui/stations.module.css';

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

const doughWords: Readonly<Record<DoughSource, { readonly label: string; readonly note: string }>> = {
  mixed: { label: 'Mixed for it', note: 'the slip weighs it' },
  made_before: { label: 'Made before', note: 'weighed as one piece' },
  bought: { label: 'Bought', note: 'nothing to mix' },
};
const coatWords: Readonly<Record<DishCoat, string>> = {
  bare: 'Bare',
  greased: 'Greased',
  lined: 'Lined with paper',
};

/** What is there already: the shell, the dough, what is on the dish. */
function ReadyPart({ spec }: Pick<StationProps, 'spec'>) {
  const { lined, filled } = formOf(spec.form.kind);
  const { pastry } = spec;
  const from = pastry.doughFrom ?? 'mixed';
  return (
    <>
      {lined && filled === 'dish' && <ShellPart spec={spec} />}
      <Choice<DoughSource>
        label="Dough that is rolled"
        value={from}
        options={doughSources.map((value) => ({ value, ...doughWords[value] }))}
        onChange={(doughFrom) =>
          changePastry({ doughFrom, boughtDiscCm: doughFrom === 'bought' ? pastry.boughtDiscCm : undefined })
        }
      />
      {from === 'bought' && (
        <QuantityField
          limit="pastry.boughtDiscCm"
          label="A bought disc or sheet, across"
          unit="cm"
          empty="large enough"
          width={230}
          value={pastry.boughtDiscCm ?? null}
          onChange={(boughtDiscCm) => changePastry({ boughtDiscCm: boughtDiscCm ?? undefined })}
        />
      )}
      <Choice<DishCoat>
        label={filled === 'dish' ? 'The dish is' : 'The sheet is'}
        value={pastry.dishCoat ?? 'bare'}
        options={dishCoats.map((value) => ({ value, label: coatWords[value] }))}
        onChange={(dishCoat) => changePastry({ dishCoat })}
      />
    </>
  );
}

/** Dough, how thin it is rolled, and how many pies it is mixed for. */
function DoughPart({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const { lined, filled } = formOf(spec.form.kind);
  const { pastry } = spec;
  const batch = pastry.batch ?? 1;
  const one = filled === 'parcel' ? (spec.form.handPie ?? usualHandPie).count : 1;
  if (plan !== null && plan.build.dough.massG <= 0) {
    return (
      <p className={classes.plain}>
        This pie takes no dough of yours{lined ? ': its shell comes ready.' : '.'} What lies on top stands at
        station 5.
      </p>
    );
  }
  return (
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
        {!pastry.amounts && (
          <Dial
            label="Mixed for"
            value={batch}
            stops={batchStops}
            hair={1}
            shown={one > 1 ? `${batch * one} hand pies` : batch === 1 ? 'this pie' : `${batch} pies`}
            onChange={(next) => changePastry({ batch: Math.round(next) })}
          />
        )}
        <DoughFacts spec={spec} plan={plan} />
      </div>
    </>
  );
}

/** The dough of the baker's recipe, by its amounts, and what they come to. */
function RecipePart({ spec, plan }: StationProps) {
  const { pastry } = spec;
  const figures = plan?.figures ?? {};
  const left = figures['pastry.left'];
  const { flourG = 0, butterG = 0, waterG = 0 } = pastry.amounts ?? {};
  const per100 = (massG: number): number => Math.round((100 * massG) / flourG);
  return (
    <>
      <OwnAmounts<DoughAmounts>
        limit="pastry.amounts"
        flourCupG={spec.flourCupG}
        amounts={pastry.amounts}
        mixed={plan && plan.build.dough.massG > 0 ? doughAmounts(plan) : null}
        back="As much as it takes"
        onChange={(amounts) => changePastry({ amounts, batch: undefined, doughFrom: 'mixed' })}
      />
      {pastry.amounts ? (
        <div className={classes.facts}>
          <p>
            It makes <Fig figure={figures['pastry.batch']} />; this pie takes{' '}
            <Fig figure={figures['pastry.dough']} />
            {left && (
              <>
                {left.label === 'Dough left over' ? ', left over ' : ', missing '}
                <Fig figure={left} />
              </>
            )}
            . To 100 of flour it has {per100(butterG)} of butter and {per100(waterG)} of water.
          </p>
        </div>
      ) : (
        <p className={classes.plain}>
          Mardle mixes as much as base and top take. With the amounts of your own recipe it says how far they
          go.
        </p>
      )}
    </>
  );
}

/** The dough, what of it is there already, and dough for a day. */
export function PastryStation({ spec, plan }: StationProps) {
  return (
    <Tabs
      label="Pastry"
      leaves={[
        { id: 'dough', word: 'Dough', content: () => <DoughPart spec={spec} plan={plan} /> },
        { id: 'recipe', word: 'My recipe', content: () => <RecipePart spec={spec} plan={plan} /> },
        { id: 'ready', word: 'There already', content: () => <ReadyPart spec={spec} /> },
        { id: 'day', word: 'Dough for a day', content: () => <DoughForDay spec={spec} plan={plan} /> },
      ]}
    />
  );
}
