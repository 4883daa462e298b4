import { Button } from '@mantine/core';
import type { LatticeSpec, StripStyle } from '@mardle/core';
import { isRound, latticeAngles, showText, stripStyles, topAs, topOutline, usualLattice } from '@mardle/core';
import { useMemo, useState } from 'react';
import { Choice } from '../../../shared/ui/Choice/Choice.js';
import { Dial } from '../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../shared/ui/Figure/Fig.js';
import { useSettings } from '../../../state/settings.js';
import type { StationProps } from '../../../state/changeSpec.js';
import { changeFormSpec } from '../../../state/changeSpec.js';
import { widestCm } from './widest.js';
import { WeaveSteps } from './weave/WeaveSteps.js';
import { stripStops, stripWidthStops } from '../../words.js';
import classes from '../../../shared/ui/stations.module.css';

const styleWords: Readonly<Record<StripStyle, string>> = {
  straight: 'Straight',
  twisted: 'Twisted',
  plaited: 'Plaited',
};

/** How many strips, how wide, at which angle; and the weave. */
export function LatticePart({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const [weaving, setWeaving] = useState(false);
  const chosen = spec.form.lattice ?? usualLattice;
  const figures = plan?.figures ?? {};
  const built = plan?.build.top;
  const lattice = topAs('lattice', built)?.lattice ?? null;
  const { dish } = spec;
  const top = useMemo(() => topOutline(dish), [dish]);
  const style = chosen.style ?? 'straight';
  const set = (part: Partial<LatticeSpec>): void => {
    const next = { ...chosen, ...part };
    const widest = widestCm(next, top);
    changeFormSpec({
      lattice: {
        ...next,
        widthCm: Math.min(next.widthCm, widest),
        ...(next.secondWidthCm === undefined
          ? {}
          : { secondWidthCm: Math.min(next.secondWidthCm, 2 * widest - Math.min(next.widthCm, widest)) }),
      },
    });
  };
  const wide = (widthCm: number): string => `${showText(widthCm, 'cm', units)} wide`;
  return (
    <div className={classes.row}>
      <Dial
        label="Strips each way"
        value={chosen.strips}
        stops={stripStops}
        hair={1}
        shown={lattice ? `${lattice.long.length} x ${lattice.cross.length}` : String(chosen.strips)}
        onChange={(strips) => set({ strips: Math.round(strips) })}
      />
      <Dial
        label="Strip"
        value={chosen.widthCm}
        stops={stripWidthStops}
        hair={0.1}
        shown={wide(chosen.widthCm)}
        onChange={(widthCm) => set({ widthCm })}
      />
      {chosen.secondWidthCm !== undefined && (
        <Dial
          label="Every second"
          value={chosen.secondWidthCm}
          stops={stripWidthStops}
          hair={0.1}
          shown={wide(chosen.secondWidthCm)}
          onChange={(secondWidthCm) => set({ secondWidthCm })}
        />
      )}
      <div className={classes.narrow}>
        <Choice
          label="Strips are"
          value={chosen.secondWidthCm === undefined ? 'alike' : 'unequal'}
          options={[
            { value: 'alike', label: 'Alike' },
            { value: 'unequal', label: 'Wide and narrow' },
          ]}
          onChange={(value) =>
            set({
              secondWidthCm:
                value === 'alike' ? undefined : Math.max(0.5, Math.round(chosen.widthCm * 5) / 10),
            })
          }
        />
        <Choice
          label="Laid"
          value={style}
          options={stripStyles.map((value) => ({ value, label: styleWords[value] }))}
          onChange={(value) => set({ style: value })}
        />
        {isRound(top) && (
          <Choice
            label="Angle"
            value={String(chosen.angleDeg)}
            options={latticeAngles.map((angle) => ({ value: String(angle), label: `${angle}°` }))}
            onChange={(angle) => set({ angleDeg: Number(angle) })}
          />
        )}
      </div>
      <div className={classes.facts}>
        <p>
          Gap <Fig figure={figures['lattice.gap']} />, open <Fig figure={figures['lattice.open']} />. Cut from
          a sheet <Fig figure={figures['lattice.longest']} /> by{' '}
          <Fig figure={figures['lattice.sheet_width']} />. Wide strips are easier and quicker.
        </p>
        {style === 'straight' ? (
          <Button onClick={() => setWeaving(true)} disabled={!lattice}>
            Weave it, step by step
          </Button>
        ) : (
          <p>
            {style === 'twisted'
              ? 'Twist each strip as it is laid, one way over the other; twisted strips are not woven.'
              : 'Plait three thin strands for each strip; plaits lie one way over the other.'}
          </p>
        )}
      </div>
      {weaving && lattice && <WeaveSteps lattice={lattice} top={top} onClose={() => setWeaving(false)} />}
    </div>
  );
}
