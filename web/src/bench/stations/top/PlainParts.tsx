import { topping, usualCobbler, usualShell } from '@mardle/core';
import { Dial } from '../../../kit/Dial/Dial.js';
import { Fig } from '../../../kit/Figure/Fig.js';
import type { StationProps } from '../../useBenchSpec.js';
import { changeForm } from '../../useBenchSpec.js';
import { sconeStops, weightStops } from '../../words.js';
import classes from '../stations.module.css';

/** An open pie: the shell is baked empty first, under weights or without. */
export function OpenPart({ spec, plan }: StationProps) {
  const { weightsMin } = spec.form.shell ?? usualShell;
  const figures = plan?.figures ?? {};
  return (
    <div className={classes.row}>
      <Dial
        label="Weights in the shell"
        value={weightsMin}
        stops={weightStops}
        hair={1}
        shown={weightsMin === 0 ? 'pricked instead' : `${weightsMin} min`}
        onChange={(next) => changeForm({ shell: { weightsMin: Math.round(next) } })}
      />
      <div className={classes.facts}>
        <p>
          Bake the shell empty: <Fig figure={figures['blind.temp']} /> for{' '}
          <Fig figure={figures['blind.time']} band /> in all.{' '}
          {weightsMin > 0
            ? `Line it with paper, fill it with dry beans, lift them out after ${weightsMin} minutes.`
            : 'Prick it all over; it puffs and shrinks more without weights.'}
        </p>
        <p>Nothing lies over the fruit. Fill the shell cold.</p>
      </div>
    </div>
  );
}

/** Scone dough dropped in heaps. */
export function SconePart({ spec, plan }: StationProps) {
  const { cover } = spec.form.cobbler ?? usualCobbler;
  const figures = plan?.figures ?? {};
  return (
    <div className={classes.row}>
      <Dial
        label="Cover"
        value={cover}
        stops={sconeStops}
        hair={0.05}
        shown={`${Math.round(100 * cover)} %`}
        onChange={(next) => changeForm({ cobbler: { cover: next } })}
      />
      <div className={classes.facts}>
        <p>
          <Fig figure={figures['topping.mass']} band /> of scone dough; <Fig figure={figures['top.open']} />{' '}
          stays open between the heaps.
        </p>
        <p>{topping('scone').how} It is done when a heap pulled apart is dry inside.</p>
      </div>
    </div>
  );
}

/** Batter that the fruit is folded into. */
export function BatterPart({ plan }: StationProps) {
  const figures = plan?.figures ?? {};
  return (
    <div className={classes.facts}>
      <p>
        <Fig figure={figures['topping.mass']} band /> of batter, more than fruit by half.
      </p>
      <p>{topping('batter').how} It is done when a skewer in the middle comes out clean.</p>
    </div>
  );
}

/** Pastry over caramelised fruit, turned out after. */
export function UpsideDownPart({ plan }: StationProps) {
  const figures = plan?.figures ?? {};
  return (
    <div className={classes.facts}>
      <p>
        Roll the lid to <Fig figure={figures['pastry.lid_disc']} />
        {figures['pastry.lid_width'] && (
          <>
            {' '}
            by <Fig figure={figures['pastry.lid_width']} />
          </>
        )}
        , lay it over the fruit cold, tuck the edge down inside the pan, and prick it all over.
      </p>
      <p>Turn it out warm, not hot, with a dry cloth over both hands: hot caramel burns.</p>
    </div>
  );
}
