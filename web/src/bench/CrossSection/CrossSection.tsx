import type { PiePlan } from '@mardle/core';
import { setTargets, show, showText } from '@mardle/core';
import type { KeyboardEvent, PointerEvent } from 'react';
import { useMemo, useRef } from 'react';
import { fleshColour, juiceColour } from '../../kit/fruitColours.js';
import { useSettings } from '../../state/settings.js';
import { changeFilling } from '../useBenchSpec.js';
import { crustColour } from './colours.js';
import classes from './CrossSection.module.css';
import { baseCrustPath, fillingPath, halfWidthAt, pieces, pieceSizeCm } from './geometry.js';
import { TopLayer } from './TopLayer.js';

export type PieView = 'filled' | 'baked';

interface CrossSectionProps {
  readonly plan: PiePlan;
  readonly view: PieView;
}

const RIM_CM = 1;
const MARGIN_CM = 4.6;

const topWords = { double_crust: 'a lid', lattice: 'a lattice', crumb_top: 'a crumb' } as const;

/** What the drawing shows, for those who cannot see it. */
function describe(plan: PiePlan, view: PieView, say: (cm: number) => string): string {
  const { build, spec, filling } = plan;
  const dish = `${spec.dish.label}, ${say(spec.dish.topCm)} across and ${say(spec.dish.depthCm)} deep`;
  const names = filling.batch.fruits.map(({ fruit }) => fruit.label).join(' and ');
  if (view === 'filled') {
    return `Cross-section as filled: ${dish}; ${names} ${
      build.rawMoundCm > 0.1
        ? `mounded ${say(build.rawMoundCm)} above the rim`
        : `up to ${say(build.rawEdgeCm)}`
    } under ${topWords[spec.form.kind]}.`;
  }
  return `Cross-section as baked: the filling stands at ${say(build.bakedEdgeCm + build.bakedMoundCm)}, a gap of ${say(
    build.gapCm,
  )} under the lid; set: ${setTargets[spec.filling.set].label}.`;
}

/** The pie to scale, as filled or as baked. The knob on the fill line sets the fruit: drag it, or use the arrow keys. */
export function CrossSection({ plan, view }: CrossSectionProps) {
  const units = useSettings((state) => state.units);
  const drawing = useRef<SVGSVGElement>(null);
  const { build, spec, filling } = plan;
  const { dish } = spec;
  const crustCm = spec.pastry.thicknessMm / 10;
  const baked = view === 'baked';
  const edge = baked ? build.bakedEdgeCm : build.rawEdgeCm;
  const mound = baked ? build.bakedMoundCm : build.rawMoundCm;
  // The lid stays where the raw heap lifted it, or lies flat over a low filling.
  const lidRise = build.rawMoundCm;
  const half = dish.topCm / 2 + MARGIN_CM;
  const topY = -dish.depthCm - Math.max(lidRise, 0.4) - crustCm * 2 - 2.1;
  const fillingShape = fillingPath(dish, crustCm, edge, mound);
  const first = filling.batch.fruits[0];

  const isCut = first !== undefined && (first.fruit.piece === 'cut' || first.part.cutSmall);
  const sizeCm = pieceSizeCm(first?.fruit.piecesPerKg ?? null, isCut);
  const heapCm = dish.depthCm + Math.max(mound, 1) + 1;
  const scattered = useMemo(() => pieces(dish.topCm, heapCm, sizeCm), [dish.topCm, heapCm, sizeCm]);

  /** Fruit by shares, dealt out piece by piece. */
  const fruitOf = (i: number): string => {
    const at = ((i * 7919) % 101) / 101;
    let sum = 0;
    for (const item of filling.batch.fruits) {
      sum += item.massG / filling.batch.massG;
      if (at < sum) return item.fruit.id;
    }
    return first?.fruit.id ?? '';
  };

  const setMass = (massG: number): void =>
    changeFilling({ fruitMassG: Math.min(20000, Math.max(20, Math.round(massG / 5) * 5)) });
  const onDrag = (event: PointerEvent<SVGGElement>): void => {
    if (event.type === 'pointerdown') event.currentTarget.setPointerCapture(event.pointerId);
    else if (event.buttons === 0) return;
    const matrix = drawing.current?.getScreenCTM();
    if (!matrix) return;
    const y = -new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse()).y;
    const moved = y - (edge + mound);
    // A mound grows by half of what its top rises; a level fill by all of it.
    const perCm = build.dish.topAreaCm2 * (mound > 0.05 ? 0.5 : 0.9);
    if (Math.abs(moved) > 0.03) setMass(filling.batch.massG * (1 + (moved * perCm) / filling.heapMl));
  };
  const onKey = (event: KeyboardEvent): void => {
    const step = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    setMass(filling.batch.massG + step * (event.shiftKey ? 5 : 25));
  };

  const say = (cm: number): string => showText(cm, 'cm', units);
  const browning = plan.bake?.atEnd;
  const mass = show(filling.batch.massG, 'g', units);
  return (
    <svg
      ref={drawing}
      className={classes.drawing}
      viewBox={`${-half} ${topY} ${2 * half} ${-topY + 2}`}
      role="group"
      aria-label={describe(plan, view, say)}
    >
      <defs>
        <clipPath id="filling-shape">
          <path d={fillingShape} />
        </clipPath>
      </defs>
      <line x1={-half} x2={half} y1={0.28} y2={0.28} className={classes.bench} />
      <path
        className={classes.filling}
        d={fillingShape}
        fill={baked ? juiceColour(first?.fruit.id ?? '') : 'var(--linen)'}
      />
      <g clipPath="url(#filling-shape)" opacity={baked ? 0.78 : 1}>
        {scattered.map((piece, i) => (
          <ellipse
            key={i}
            cx={piece.x}
            cy={piece.y}
            rx={piece.r}
            ry={piece.r * (baked ? 0.72 : isCut ? 0.74 : 0.97)}
            transform={`rotate(${piece.turn} ${piece.x} ${piece.y})`}
            fill={fleshColour(fruitOf(i))}
            className={classes.piece}
          />
        ))}
      </g>
      <path
        d={baseCrustPath(dish, crustCm, RIM_CM)}
        className={classes.crust}
        fill={crustColour(baked ? browning?.baseBrowning : undefined)}
      />
      <TopLayer
        plan={plan}
        rise={build.top.kind === 'lid' ? lidRise : mound}
        colour={crustColour(baked ? browning?.topBrowning : undefined)}
      />
      <path
        d={`M${-dish.topCm / 2 - RIM_CM} ${-dish.depthCm}L${-dish.topCm / 2} ${-dish.depthCm}L${-dish.baseCm / 2} 0L${dish.baseCm / 2} 0L${dish.topCm / 2} ${-dish.depthCm}L${dish.topCm / 2 + RIM_CM} ${-dish.depthCm}`}
        className={classes.dish}
      />
      <Measure x1={-dish.topCm / 2} x2={dish.topCm / 2} y={1.05} text={say(dish.topCm)} />
      <g className={classes.text}>
        <line x1={-half + 3.15} x2={-half + 3.15} y1={0} y2={-dish.depthCm} className={classes.measure} />
        <text x={-half + 2.8} y={-dish.depthCm / 2 + 0.25} textAnchor="end">
          {say(dish.depthCm)}
        </text>
        {baked && build.gapCm > 0.15 && (
          <text x={half - 0.2} y={topY + 1} textAnchor="end">
            gap {say(build.gapCm)}
          </text>
        )}
        {!baked && build.rawMoundCm > 0.15 && (
          <text x={half - 0.2} y={topY + 1} textAnchor="end">
            mound {say(build.rawMoundCm)}
          </text>
        )}
      </g>
      {!baked && (
        <g
          role="slider"
          tabIndex={0}
          className={classes.handle}
          aria-label="Fill line: prepared fruit"
          aria-valuemin={20}
          aria-valuemax={20000}
          aria-valuenow={Math.round(filling.batch.massG)}
          aria-valuetext={`${mass.number} ${mass.unit}`}
          onKeyDown={onKey}
          onPointerDown={onDrag}
          onPointerMove={onDrag}
        >
          <line
            x1={-halfWidthAt(dish, edge) * 0.5}
            x2={halfWidthAt(dish, edge) * 0.5}
            y1={-edge - mound}
            y2={-edge - mound}
          />
          <circle cx={0} cy={-edge - mound} r={0.62} />
          <path
            d={`M-.22 ${-edge - mound - 0.1}l.22 -.24l.22 .24M-.22 ${-edge - mound + 0.1}l.22 .24l.22 -.24`}
          />
        </g>
      )}
    </svg>
  );
}

function Measure({
  x1,
  x2,
  y,
  text,
}: {
  readonly x1: number;
  readonly x2: number;
  readonly y: number;
  readonly text: string;
}) {
  return (
    <g className={classes.text}>
      <line x1={x1} x2={x2} y1={y} y2={y} className={classes.measure} />
      <line x1={x1} x2={x1} y1={y - 0.25} y2={y + 0.25} className={classes.measure} />
      <line x1={x2} x2={x2} y1={y - 0.25} y2={y + 0.25} className={classes.measure} />
      <rect x={-1.6} y={y - 0.5} width={3.2} height={1} className={classes.tag} />
      <text x={0} y={y + 0.27} textAnchor="middle">
        {text}
      </text>
    </g>
  );
}
