import type { BuckleSpec, CrumbAmounts, PiePlan } from '@mardle/core';
import {
  builtInLarder,
  crumbAmounts,
  larderRow,
  showText,
  topAs,
  topOutline,
  usualBuckle,
  usualStreusel,
} from '@mardle/core';
import { Choice } from '../../../shared/ui/Choice/Choice.js';
import { Dial } from '../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../shared/ui/Figure/Fig.js';
import { useSettings } from '../../../state/settings.js';
import drawing from '../../CrossSection/CrossSection.module.css';
import classes from '../../../shared/ui/stations.module.css';
import type { StationProps } from '../../../state/changeSpec.js';
import { changeFormSpec } from '../../../state/changeSpec.js';
import { batterStops, coverStops } from '../../words.js';
import type { FormView, SectionTopProps, SliceTopProps } from '../form-view.js';
import { Above, spreadOver } from '../shared/Above.js';
import above from '../shared/Above.module.css';
import { OutlineShape } from '../shared/TopShape.js';
import { fleshColour } from '../../../shared/format/fruitColours.js';
import { OwnAmounts } from '../shared/OwnAmounts.js';
import { OwnToppingPart } from '../shared/OwnTopping.js';
import { OnSlice } from '../shared/Pastry.js';
import { sliceFrame, topFrame } from '../shared/top-frame.js';
import { usualView } from '../shared/usual.js';

const NONE = 'none';
const streusels = [
  { value: NONE, label: 'None' },
  ...[...builtInLarder.crumbs.values()].map(({ id, label }) => ({ value: id, label })),
];

/** Batter that the fruit is folded into, and what is strewn on it. */
function BatterPart({ spec, plan }: StationProps) {
  const figures = plan?.figures ?? {};
  const chosen = spec.form.buckle ?? usualBuckle;
  const set = (part: Partial<BuckleSpec>): void => changeFormSpec({ buckle: { ...chosen, ...part } });
  const row = larderRow(builtInLarder.toppings, 'batter');
  const { streusel } = chosen;
  const top = plan ? topAs('batter', plan.build.top) : null;
  const units = useSettings((state) => state.units);
  const massOf = (id: string): string => {
    const figure = figures[id];
    return figure ? showText(figure.value, figure.unit, units) : '…';
  };
  return (
    <>
      <div className={classes.row}>
        {!chosen.amounts && (
          <Dial
            label="Batter"
            value={chosen.perFruit}
            stops={batterStops}
            hair={0.05}
            shown={massOf('topping.mass')}
            onChange={(perFruit) => set({ perFruit })}
          />
        )}
        {streusel && !streusel.amounts && (
          <Dial
            label="Streusel"
            value={streusel.cover}
            stops={coverStops}
            hair={0.05}
            shown={massOf('crumb.mass')}
            onChange={(cover) => set({ streusel: { ...streusel, cover } })}
          />
        )}
        <div className={classes.facts}>
          <p>
            <Fig figure={figures['topping.mass']} band /> of batter to fold the fruit into
            {streusel && (
              <>
                , <Fig figure={figures['crumb.mass']} band /> of streusel on it
              </>
            )}
            .
          </p>
          <p>{row.how} It is done when a skewer in the middle comes out clean.</p>
        </div>
      </div>
      <Choice
        label="Streusel on it"
        value={streusel?.school ?? NONE}
        options={streusels}
        onChange={(school) =>
          set({ streusel: school === NONE ? undefined : { ...(streusel ?? usualStreusel), school } })
        }
      />
      <OwnToppingPart
        path="form.buckle"
        row={row}
        chosen={chosen}
        mixed={top?.batter}
        flourCupG={spec.flourCupG}
        onChange={set}
      />
      {streusel && (
        <OwnAmounts<CrumbAmounts>
          called="Streusel of my recipe"
          limit="form.buckle.streusel.amounts"
          flourCupG={spec.flourCupG}
          amounts={streusel.amounts}
          mixed={top?.streusel ? crumbAmounts(top.streusel) : null}
          back="As much as covers it"
          onChange={(amounts) => set({ streusel: { ...streusel, amounts } })}
        />
      )}
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
  const streusel = topAs('batter', plan.build.top)?.streusel;
  return (
    <Above plan={plan} label={`batter with fruit showing through${streusel ? ', strewn with streusel' : ''}`}>
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
      {streusel &&
        spreadOver(top, 1.6).map(([x, y], i) => (
          <circle key={`s${i}`} cx={x} cy={y + ((i * 53) % 7) * 0.1} r={0.35} className={above.pastry} />
        ))}
    </Above>
  );
}

export const buckleView: FormView = {
  ...usualView,
  Controls: BatterPart,
  FromAbove: BatterAbove,
  SectionTop: BatterSection,
  SliceTop: BatterOnSlice,
  inBatter: true,
  covered: 'in a batter',
  topLine: ({ build }, say) => {
    const top = topAs('batter', build.top);
    const streusel = top?.streusel ? `, ${say(top.streusel.massG, 'g')} streusel` : '';
    return `${say(top?.batter.massG ?? 0, 'g')} batter${streusel}`;
  },
  cue: () => 'Done when a skewer in the middle comes out clean',
};
