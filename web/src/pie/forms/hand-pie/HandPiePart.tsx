import type { HandPieSpec } from '@mardle/core';
import { showText, usualHandPie } from '@mardle/core';
import { Dial } from '../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../shared/ui/Figure/Fig.js';
import { useSettings } from '../../../state/settings.js';
import type { StationProps } from '../../../state/changeSpec.js';
import { changeFormSpec } from '../../../state/changeSpec.js';
import { handCountStops, handDiscStops } from '../../words.js';
import classes from '../../../shared/ui/stations.module.css';

/** How many hand pies, out of which discs. */
export function HandPiePart({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const chosen = spec.form.handPie ?? usualHandPie;
  const figures = plan?.figures ?? {};
  const set = (part: Partial<HandPieSpec>): void => changeFormSpec({ handPie: { ...chosen, ...part } });
  return (
    <div className={classes.row}>
      <Dial
        label="Hand pies"
        value={chosen.count}
        stops={handCountStops}
        hair={1}
        shown={`${chosen.count} of them`}
        onChange={(count) => set({ count: Math.round(count) })}
      />
      <Dial
        label="Disc"
        value={chosen.discCm}
        stops={handDiscStops}
        hair={0.5}
        shown={showText(chosen.discCm, 'cm', units)}
        onChange={(discCm) => set({ discCm })}
      />
      <div className={classes.facts}>
        <p>
          Each takes <Fig figure={figures['parcel.filling_each']} band /> of cold, thick filling: more bursts,
          less is all pastry. The discs come out of <Fig figure={figures['pastry.top_mass']} /> of dough,
          scraps rolled once more.
        </p>
        <p>Wet the edge, fold, press out the air, seal with a fork, cut one slit.</p>
      </div>
    </div>
  );
}
