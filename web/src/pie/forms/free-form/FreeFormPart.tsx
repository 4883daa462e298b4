import type { FreeFormSpec } from '@mardle/core';
import { showText, usualFreeForm } from '@mardle/core';
import { Dial } from '../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../shared/ui/Figure/Fig.js';
import { useSettings } from '../../../state/settings.js';
import type { StationProps } from '../../../state/changeSpec.js';
import { changeFormSpec } from '../../../state/changeSpec.js';
import { borderStops, discStops } from '../../words.js';
import classes from '../../../shared/ui/stations.module.css';

/** The disc and how much of it is folded in. */
export function FreeFormPart({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const chosen = spec.form.freeForm ?? usualFreeForm;
  const figures = plan?.figures ?? {};
  const set = (part: Partial<FreeFormSpec>): void => {
    const next = { ...chosen, ...part };
    // A border never leaves less than a handful of fruit in the middle.
    const most = Math.max(1, Math.floor((next.discCm - 6) / 0.2) / 10);
    changeFormSpec({ freeForm: { ...next, borderCm: Math.min(next.borderCm, most) } });
  };
  return (
    <div className={classes.row}>
      <Dial
        label="Disc"
        value={chosen.discCm}
        stops={discStops}
        hair={0.5}
        shown={showText(chosen.discCm, 'cm', units)}
        onChange={(discCm) => set({ discCm })}
      />
      <Dial
        label="Border"
        value={chosen.borderCm}
        stops={borderStops}
        hair={0.5}
        shown={showText(chosen.borderCm, 'cm', units)}
        onChange={(borderCm) => set({ borderCm })}
      />
      <div className={classes.facts}>
        <p>
          Heap the fruit <Fig figure={figures['free_form.filling']} /> across; it holds{' '}
          <Fig figure={figures['dish.net']} band />. The fold stands{' '}
          <Fig figure={figures['free_form.wall']} /> high in about{' '}
          <Fig figure={figures['free_form.pleats']} band /> pleats, and leaves{' '}
          <Fig figure={figures['free_form.aperture']} /> open.
        </p>
        <p>
          Press each pleat down where it meets the base. Pour the collected juice in last, so that it cannot
          soak the pastry on the bench.
        </p>
      </div>
    </div>
  );
}
