import type { BuckleSpec, PiePlan } from '@mardle/core';
import { builtInLarder, rowOf, topAs, topOutline, usualBuckle } from '@mardle/core';
import { Dial } from '../../../kit/Dial/Dial.js';
import { Fig } from '../../../kit/Figure/Fig.js';
import drawing from '../../CrossSection/CrossSection.module.css';
import classes from '../../stations/stations.module.css';
import type { StationProps } from '../../useBenchSpec.js';
import { changeForm } from '../../useBenchSpec.js';
import { batterStops } from '../../words.js';
import type { FormView, SectionTopProps, SliceTopProps } from '../form-view.js';
import { Above, spreadOver } from '../shared/Above.js';
import above from '../shared/Above.module.css';
import { OutlineShape } from '../shared/TopShape.js';
import { fleshColour } from '../../../kit/fruitColours.js';
import { OwnToppingPart } from '../shared/OwnTopping.js';
import { OnSlice } from '../shared/Pastry.js';
import { sliceFrame, topFrame } from '../shared/top-frame.js';
import { usualView } from '../shared/usual.js';

/** Batter that the fruit is folded into. */
function BatterPart({ spec, plan }: StationProps) {
  const figures = plan?.figures ?? {};
  const chosen = spec.form.buckle ?? usualBuckle;
  const set = (part: Partial<BuckleSpec>): void => changeForm({ buckle: { ...chosen, ...part } });
  const row = rowOf(builtInLarder.toppings, 'batter');
  return (
    <>
      <div className={classes.row}>
        <Dial
          label="Batter"
          value={chosen.perFruit}
          stops={batterStops}
          hair={0.05}
          shown={`${chosen.perFruit.toFixed(2)} x`}
          onChange={(perFruit) => set({ perFruit })}
        />
        <div className={classes.facts}>
          <p>
            <Fig figure={figures['topping.mass']} band /> of batter to fold the fruit into.
          </p>
          <p>{row.how} It is done when a skewer in the middle comes out clean.</p>
        </div>
      </div>
      <OwnToppingPart limit="form.buckle.own" row={row} own={chosen.own} onChange={(own) => set({ own })} />
    </>
  );
}

function BatterSection({ section, colour }: SectionTopProps) {
  const { half, rimY } = topFrame(section);
  const { topRiseCm } = section;
  return (
    <path
      d={`M${-half + 0.1} ${rimY}Q0 ${rimY - 2 * topRiseCm - 0.5} ${half - 0.1} ${rimY}V${rimY + 0.35}Q0 ${rimY - 2 * topRiseCm - 0.15} ${-half + 0.1} ${rimY + 0.35}Z`}
      className={drawing.crust}
      fill={colour}
    />
  );
}

function BatterOnSlice({ shape, colour }: SliceTopProps) {
  const { left, right, y } = sliceFrame(shape);
  return (
    <OnSlice
      colour={colour}
      d={`M${left} ${y + 0.3}V${y}Q0 ${y - 0.4} ${right} ${y}V${y + 0.3}Q0 ${y} ${left} ${y + 0.3}Z`}
    />
  );
}

function BatterAbove({ plan }: { readonly plan: PiePlan }) {
  const top = topOutline(plan.build.vessel.dish);
  return (
    <Above plan={plan} label="batter with fruit showing through">
      <OutlineShape of={top} className={above.batter} />
      {spreadOver(top, 2.2).map(([x, y], i) => (
        <circle
          key={i}
          cx={x + ((i * 37) % 5) * 0.2}
          cy={y}
          r={0.6}
          fill={fleshColour(plan.spec.filling.fruits[0]?.fruit ?? '')}
        />
      ))}
    </Above>
  );
}

export const buckle: FormView = {
  ...usualView,
  Controls: BatterPart,
  FromAbove: BatterAbove,
  SectionTop: BatterSection,
  SliceTop: BatterOnSlice,
  inBatter: true,
  covered: 'in a batter',
  topLine: ({ build }, say) => `${say(topAs('batter', build.top)?.batter.massG ?? 0, 'g')} batter`,
  cue: () => 'Done when a skewer in the middle comes out clean',
};
