import type { CobblerSpec, PiePlan } from '@mardle/core';
import { builtInLarder, larderRow, topAs, topOutline, usualCobbler } from '@mardle/core';
import { Dial } from '../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../shared/ui/Figure/Fig.js';
import drawing from '../../CrossSection/CrossSection.module.css';
import classes from '../../../shared/ui/stations.module.css';
import type { StationProps } from '../../../state/changeSpec.js';
import { changeFormSpec } from '../../../state/changeSpec.js';
import { sconeStops } from '../../words.js';
import type { FormView, SectionTopProps, SliceTopProps } from '../form-view.js';
import { Above, spreadOver } from '../shared/Above.js';
import above from '../shared/Above.module.css';
import { OwnToppingPart } from '../shared/OwnTopping.js';
import { AlongSlice } from '../shared/Pastry.js';
import { sliceFrame, topFrame } from '../shared/top-frame.js';
import { usualView } from '../shared/usual.js';

/** Scone dough dropped in heaps. */
function SconePart({ spec, plan }: StationProps) {
  const chosen = spec.form.cobbler ?? usualCobbler;
  const { cover } = chosen;
  const figures = plan?.figures ?? {};
  const set = (part: Partial<CobblerSpec>): void => changeFormSpec({ cobbler: { ...chosen, ...part } });
  const row = larderRow(builtInLarder.toppings, 'scone');
  return (
    <>
      <div className={classes.row}>
        {!chosen.amounts && (
          <Dial
            label="Cover"
            value={cover}
            stops={sconeStops}
            hair={0.05}
            shown={`${Math.round(100 * cover)} %`}
            onChange={(next) => set({ cover: next })}
          />
        )}
        <div className={classes.facts}>
          <p>
            <Fig figure={figures['topping.mass']} band /> of scone dough; <Fig figure={figures['top.open']} />{' '}
            stays open between the heaps.
          </p>
          <p>{row.how} It is done when a heap pulled apart is dry inside.</p>
        </div>
      </div>
      <OwnToppingPart
        path="form.cobbler"
        row={row}
        chosen={chosen}
        mixed={plan ? topAs('scones', plan.build.top)?.scones : undefined}
        flourCupG={spec.flourCupG}
        onChange={set}
      />
    </>
  );
}

/** How high a heap stands, cm. */
const HEAP_CM = 2.4;

function SconeSection({ plan, section, colour }: SectionTopProps) {
  const { half, surfaceY } = topFrame(section);
  const count = Math.max(3, Math.round(half / 3));
  const pitch = (2 * half) / count;
  const r = (pitch * (1 - plan.build.top.openShare)) / 2;
  return (
    <>
      {Array.from({ length: count }, (_, i) => {
        const x = -half + pitch * (i + 0.5);
        const y = surfaceY(x) + 0.15;
        return (
          <path
            key={i}
            d={`M${x - r} ${y}C${x - r} ${y - 2} ${x - r * 0.3} ${y - HEAP_CM} ${x} ${y - 2.1}S${x + r} ${y - 1.8} ${x + r} ${y}Z`}
            className={drawing.crust}
            fill={colour}
          />
        );
      })}
    </>
  );
}

function SconeOnSlice({ plan, shape, colour }: SliceTopProps) {
  const { y } = sliceFrame(shape);
  const half = (shape.lengthCm / 4) * (1 - plan.build.top.openShare);
  return (
    <AlongSlice
      shape={shape}
      count={2}
      colour={colour}
      each={(x) =>
        `M${x - half} ${y + 0.2}C${x - half} ${y - 2} ${x + half} ${y - 2} ${x + half} ${y + 0.2}Z`
      }
    />
  );
}

/** Across a heap of scone dough, cm. */
const HEAP_ACROSS_CM = 5.5;

function SconesAbove({ plan }: { readonly plan: PiePlan }) {
  const { openShare } = plan.build.top;
  const r = (HEAP_ACROSS_CM / 2) * Math.sqrt(1 - openShare) * 1.05;
  return (
    <Above plan={plan} label={`heaps of scone dough, ${Math.round(100 * openShare)} % left open`}>
      {spreadOver(topOutline(plan.build.vessel.dish), HEAP_ACROSS_CM).map(([x, y]) => (
        <circle key={`${x}/${y}`} cx={x} cy={y} r={r} className={above.pastry} />
      ))}
    </Above>
  );
}

export const cobblerView: FormView = {
  ...usualView,
  Controls: SconePart,
  FromAbove: SconesAbove,
  SectionTop: SconeSection,
  SliceTop: SconeOnSlice,
  standsCm: () => HEAP_CM,
  covered: 'under heaps of scone dough',
  topLine: ({ build }, say) => `${say(topAs('scones', build.top)?.scones.massG ?? 0, 'g')} scone dough`,
  cue: () => 'Done when the juice bubbles thick and a heap pulled apart is dry inside',
};
