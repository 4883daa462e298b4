import { crumbs, usualCrumb } from '@mardle/core';
import { Choice } from '../../kit/Choice/Choice.js';
import { Dial } from '../../kit/Dial/Dial.js';
import { Fig } from '../../kit/Figure/Fig.js';
import type { StationProps } from '../useBenchSpec.js';
import { changeForm } from '../useBenchSpec.js';
import { coverStops } from '../words.js';
import classes from './stations.module.css';

/** Which crumb, and how much of it. */
export function CrumbPart({ spec, plan }: StationProps) {
  const chosen = spec.form.crumb ?? usualCrumb;
  const figures = plan?.figures ?? {};
  const crumb = crumbs.get(chosen.school);
  return (
    <>
      <Choice
        label="Crumb"
        value={chosen.school}
        options={[...crumbs.values()].map(({ id, label, butter, sugar }) => ({
          value: id,
          label,
          note: `${butter} butter, ${sugar} sugar to 100 flour`,
        }))}
        onChange={(school) => changeForm({ crumb: { ...chosen, school } })}
      />
      <div className={classes.row}>
        <Dial
          label="Cover"
          value={chosen.cover}
          stops={coverStops}
          hair={0.05}
          shown={`${chosen.cover.toFixed(2)} x usual`}
          onChange={(cover) => changeForm({ crumb: { ...chosen, cover } })}
        />
        <div className={classes.facts}>
          <p>
            <Fig figure={figures['crumb.mass']} band /> of crumb, <Fig figure={figures['crumb.thickness']} />{' '}
            deep over the whole top.
          </p>
          {crumb && <p>{crumb.how} Bare fruit burns: strew to the edge, do not pack it.</p>}
        </div>
      </div>
    </>
  );
}
