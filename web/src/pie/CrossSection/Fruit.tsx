import type { PiePlan } from '@mardle/core';
import { useMemo } from 'react';
import { fleshColour, juiceColour } from '../../shared/format/fruitColours.js';
import { viewOf } from '../forms/index.js';
import { batterColours } from './colours.js';
import classes from './CrossSection.module.css';
import { fillingPath, pieces, pieceSizeCm } from './geometry.js';
import type { Section } from './section-shape.js';

interface FruitProps {
  readonly plan: PiePlan;
  readonly section: Section;
  readonly baked: boolean;
}

/** Pieces of fruit to their size, in air while raw, in juice or batter when baked. */
export function FruitDrawing({ plan, section, baked }: FruitProps) {
  const { filling } = plan;
  const { profile, edgeCm, moundCm } = section;
  const crustCm = section.lined ? section.crustCm : 0;
  const shape = fillingPath(profile, crustCm, Math.max(edgeCm, crustCm + 0.05), moundCm);
  const first = filling.batch.fruits[0];
  const isCut = first !== undefined && (first.fruit.piece === 'cut' || first.part.cut === 'thin');
  const sizeCm = pieceSizeCm(first?.fruit.piecesPerKg ?? null, isCut);
  const heapCm = profile.depthCm + Math.max(moundCm, 1) + 1;
  const scattered = useMemo(() => pieces(profile.topCm, heapCm, sizeCm), [profile.topCm, heapCm, sizeCm]);
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
  const batter = viewOf(plan.spec.form.kind).inBatter;
  const between = batter
    ? batterColours[baked ? 'baked' : 'raw']
    : baked
      ? juiceColour(first?.fruit.id ?? '')
      : 'var(--linen)';
  return (
    <>
      <defs>
        <clipPath id="filling-shape">
          <path d={shape} />
        </clipPath>
      </defs>
      <path className={classes.filling} d={shape} fill={between} />
      <g clipPath="url(#filling-shape)" opacity={baked ? 0.78 : 1}>
        {scattered.map((piece, i) =>
          batter && i % 2 === 1 ? null : (
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
          ),
        )}
      </g>
    </>
  );
}
