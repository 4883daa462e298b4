import { Button } from '@mantine/core';
import type { CrumbSpec, OwnCrumb } from '@mardle/core';
import { builtInLarder, rowOf, showText, usualCrumb } from '@mardle/core';
import { Choice } from '../../../kit/Choice/Choice.js';
import { Dial } from '../../../kit/Dial/Dial.js';
import { Fig } from '../../../kit/Figure/Fig.js';
import { useSettings } from '../../../state/settings.js';
import type { StationProps } from '../../useBenchSpec.js';
import { changeForm } from '../../useBenchSpec.js';
import { coverStops, lumpStops } from '../../words.js';
import { QuantityField } from '../../stations/QuantityField.js';
import { lumpCmOf } from './lump.js';
import classes from '../../stations/stations.module.css';

/** Which crumb, how much of it, and in how large lumps. */
export function CrumbPart({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const chosen = spec.form.crumb ?? usualCrumb;
  const figures = plan?.figures ?? {};
  const crumb = builtInLarder.crumbs.get(chosen.school);
  const set = (part: Partial<CrumbSpec>): void => changeForm({ crumb: { ...chosen, ...part } });
  const lumpCm = lumpCmOf(spec.form);
  return (
    <>
      <Choice
        label="Crumb"
        value={chosen.school}
        options={[...builtInLarder.crumbs.values()].map(({ id, label, butter, sugar }) => ({
          value: id,
          label,
          note: `${butter} butter, ${sugar} sugar to 100 flour`,
        }))}
        onChange={(school) => set({ school })}
      />
      <div className={classes.row}>
        <Dial
          label="Cover"
          value={chosen.cover}
          stops={coverStops}
          hair={0.05}
          shown={`${chosen.cover.toFixed(2)} x usual`}
          onChange={(cover) => set({ cover })}
        />
        <Dial
          label="Lumps"
          value={lumpCm}
          stops={lumpStops}
          hair={0.1}
          shown={showText(lumpCm, 'cm', units)}
          onChange={(next) => set({ lumpCm: next })}
        />
        <div className={classes.facts}>
          <p>
            <Fig figure={figures['crumb.mass']} band /> of crumb, <Fig figure={figures['crumb.thickness']} />{' '}
            deep over the whole top; <Fig figure={figures['top.open']} /> left bare.
          </p>
          {crumb && <p>{crumb.how} Bare fruit burns: strew to the edge, do not pack it.</p>}
        </div>
      </div>
      <OwnCrumbPart chosen={chosen} onChange={(own) => set({ own })} />
    </>
  );
}

const ownParts = [
  ['butter', 'Butter'],
  ['sugar', 'Sugar'],
  ['oats', 'Oats'],
  ['nuts', 'Nuts'],
  ['salt', 'Salt'],
  ['spice', 'Spice'],
] as const;

interface OwnCrumbProps {
  readonly chosen: CrumbSpec;
  readonly onChange: (own: OwnCrumb | undefined) => void;
}

/** A mix of one's own, by its parts to 100 of flour. */
function OwnCrumbPart({ chosen, onChange }: OwnCrumbProps) {
  const { own, school } = chosen;
  const row = rowOf(builtInLarder.crumbs, school);
  if (!own) {
    const { butter, sugar, oats, nuts } = row;
    return (
      <div>
        <Button variant="default" onClick={() => onChange({ butter, sugar, oats, nuts, salt: 1, spice: 0 })}>
          A mix of my own
        </Button>
      </div>
    );
  }
  return (
    <div className={classes.row} role="group" aria-label="Parts to 100 of flour">
      {ownParts.map(([part, label]) => (
        <QuantityField
          key={part}
          limit={`form.crumb.own.${part}`}
          label={label}
          unit="ratio"
          width={76}
          value={own[part]}
          onChange={(value) => value !== null && onChange({ ...own, [part]: value })}
        />
      ))}
      <span>to 100 flour</span>
      <Button variant="default" onClick={() => onChange(undefined)}>
        As the school has it
      </Button>
    </div>
  );
}
