import { builtInDoughs, showText } from '@mardle/core';
import { useSettings } from '../../state/settings.js';
import { Choice } from '../../kit/Choice/Choice.js';
import { Dial } from '../../kit/Dial/Dial.js';
import { Fig } from '../../kit/Figure/Fig.js';
import type { StationProps } from '../useBenchSpec.js';
import { changePastry } from '../useBenchSpec.js';
import { thicknessStops } from '../words.js';
import classes from './stations.module.css';

/** Dough and how thin it is rolled. */
export function PastryStation({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const figures = plan?.figures ?? {};
  const dough = builtInDoughs.get(spec.pastry.dough);
  return (
    <div className={classes.station}>
      <Choice
        label="Dough"
        value={spec.pastry.dough}
        options={[...builtInDoughs.values()].map(({ id, label, butter }) => ({
          value: id,
          label,
          note: `${butter} butter to 100 flour`,
        }))}
        onChange={(id) => changePastry({ dough: id })}
      />
      <div className={classes.row}>
        <Dial
          label="Rolled"
          value={spec.pastry.thicknessMm}
          stops={thicknessStops}
          hair={0.1}
          shown={showText(spec.pastry.thicknessMm, 'mm', units)}
          onChange={(thicknessMm) => changePastry({ thicknessMm })}
        />
        <div className={classes.facts}>
          <p>
            Dough in all <Fig figure={figures['pastry.dough']} band />. Divide: base{' '}
            <Fig figure={figures['pastry.base_mass']} />, lid <Fig figure={figures['pastry.top_mass']} />.
          </p>
          <p>
            Roll the base to <Fig figure={figures['pastry.base_disc']} />
            {figures['pastry.lid_disc'] && (
              <>
                , the lid to <Fig figure={figures['pastry.lid_disc']} />
              </>
            )}
            {figures['lattice.longest'] && (
              <>
                , the strips from a sheet <Fig figure={figures['lattice.longest']} /> by{' '}
                <Fig figure={figures['lattice.sheet_width']} />
              </>
            )}
            .
          </p>
          <p>
            Ice water <Fig figure={figures['pastry.water']} band />: begin with the low figure, then by the
            spoon until a pressed handful holds.
          </p>
          {dough && (
            <p>
              {dough.note} In the cold at least {dough.chillLeastMin} min;{' '}
              {Math.round(dough.chillGoodMin / 60)} h is better. If it shrinks when rolled, back to the cold.
            </p>
          )}
        </div>
      </div>
    </div>
  );
}
