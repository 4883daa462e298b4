import type { PiePlan } from '@mardle/core';
import { fieldLimit, topAs, usualHandPie } from '@mardle/core';
import { changeFormSpec } from '../../../state/changeSpec.js';
import above from '../shared/Above.module.css';
import type { FormView } from '../form-view.js';
import type { HandleLayer } from '../shared/Handles.js';
import { LidDrawing, LidOnSlice } from '../shared/Lid.js';
import { usualView } from '../shared/usual.js';
import { HandPiePart } from './HandPiePart.js';

/** Pies in rows on their sheet: what is seen, and the middle of the fold of each. Lengths in cm. */
function layOut({ spec }: PiePlan) {
  const { discCm, count } = spec.form.handPie ?? usualHandPie;
  const { dish } = spec;
  const [across, down] = [dish.topCm, dish.widthCm ?? dish.topCm];
  const columns = Math.max(1, Math.min(count, Math.floor(across / (discCm + 1))));
  const rows = Math.ceil(count / columns);
  const high = Math.max(down, rows * (discCm / 2 + 1.5));
  const r = discCm / 2;
  const at = (i: number): readonly [x: number, y: number] => [
    ((i % columns) + 0.5) * (across / columns) - across / 2,
    (Math.floor(i / columns) + 0.5) * (high / rows) - high / 2 + r / 2,
  ];
  const box = `${-across / 2 - 1} ${-high / 2 - 1} ${across + 2} ${high + 2}`;
  return { count, across, high, r, at, box };
}

/** A disc is pulled larger by the end of its fold. */
function discHandle(plan: PiePlan): HandleLayer {
  const { r, at, box } = layOut(plan);
  const chosen = plan.spec.form.handPie ?? usualHandPie;
  const [x, y] = at(0);
  return {
    box,
    turned: false,
    handles: [
      {
        label: 'Disc',
        at: [x + r, y],
        along: [1, 0],
        valueCm: chosen.discCm,
        limit: fieldLimit('form.handPie.discCm'),
        perCm: 2,
        set: (discCm) => changeFormSpec({ handPie: { ...chosen, discCm } }),
      },
    ],
  };
}

/** Hand pies on their sheet, folded, each with its slit. */
function TrayAbove({ plan }: { readonly plan: PiePlan }) {
  const { count, across, high, r, at, box } = layOut(plan);
  return (
    <svg
      viewBox={box}
      role="img"
      aria-label={`From above: ${count} folded pies on the sheet`}
      className={above.plan}
    >
      <rect x={-across / 2} y={-high / 2} width={across} height={high} rx={1} className={above.sheet} />
      {Array.from({ length: count }, (_, i) => {
        const [x, y] = at(i);
        return (
          <g key={i}>
            <path d={`M${x - r} ${y}A${r} ${r} 0 0 1 ${x + r} ${y}Z`} className={above.pastry} />
            <line x1={x - 1} x2={x + 1} y1={y - r / 2} y2={y - r / 2} className={above.vent} />
          </g>
        );
      })}
    </svg>
  );
}

export const handPieView: FormView = {
  ...usualView,
  Controls: HandPiePart,
  FromAbove: TrayAbove,
  handles: discHandle,
  SectionTop: ({ section, colour }) => (
    <LidDrawing
      section={section}
      colour={colour}
      vents={1}
      riseCm={section.profile.depthCm * 1.5}
      restsCm={0}
    />
  ),
  SliceTop: LidOnSlice,
  covered: 'folded in pastry',
  topLine: ({ build }) => `${topAs('parcel', build.top)?.count ?? 0} folded and sealed`,
  cue: () => 'Done when they are gold all over and their bases are dry',
};
