import type { CrumbAmounts, CrumbSpec, OwnCrumb } from '@mardle/core';
import { builtInLarder, crumbAmounts, showText, topAs, usualCrumb } from '@mardle/core';
import { Choice } from '../../../shared/ui/Choice/Choice.js';
import { Dial } from '../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../shared/ui/Figure/Fig.js';
import { useSettings } from '../../../state/settings.js';
import type { StationProps } from '../../../state/changeSpec.js';
import { changeFormSpec } from '../../../state/changeSpec.js';
import { coverStops, lumpStops } from '../../words.js';
import { lumpSizeCm } from './lump.js';
import { OwnAmounts } from './OwnAmounts.js';
import { OwnMix } from './OwnMix.js';
import classes from '../../../shared/ui/stations.module.css';

const ownParts = {
  butter: 'Butter',
  sugar: 'Sugar',
  oats: 'Oats',
  nuts: 'Nuts',
  salt: 'Salt',
  spice: 'Spice',
} as const satisfies Record<keyof OwnCrumb, string>;

/** Which crumb, how much of it, and in how large lumps. */
export function CrumbPart({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const chosen = spec.form.crumb ?? usualCrumb;
  const figures = plan?.figures ?? {};
  const crumb = builtInLarder.crumbs.get(chosen.school);
  const set = (part: Partial<CrumbSpec>): void => changeFormSpec({ crumb: { ...chosen, ...part } });
  const amount = figures['crumb.mass'];
  const lumpCm = lumpSizeCm(spec.form);
  const mixed = plan && topAs('crumb', plan.build.top)?.crumb;
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
        {!chosen.amounts && (
          <Dial
            label="Cover"
            value={chosen.cover}
            stops={coverStops}
            hair={0.05}
            shown={amount ? showText(amount.value, amount.unit, units) : '…'}
            onChange={(cover) => set({ cover })}
          />
        )}
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
      <div className={classes.row}>
        {!chosen.amounts && (
          <OwnMix
            limit="form.crumb.own"
            labels={ownParts}
            own={chosen.own}
            usual={crumb ? { ...crumb, salt: 1, spice: 0 } : undefined}
            onChange={(own) => set({ own })}
            back="As the school has it"
          />
        )}
        {!chosen.own && (
          <OwnAmounts<CrumbAmounts>
            limit="form.crumb.amounts"
            flourCupG={spec.flourCupG}
            amounts={chosen.amounts}
            mixed={mixed ? crumbAmounts(mixed) : null}
            back="As much as covers it"
            onChange={(amounts) => set({ amounts })}
          />
        )}
      </div>
    </>
  );
}
