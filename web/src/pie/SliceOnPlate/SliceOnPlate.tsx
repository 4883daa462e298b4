import type { PiePlan } from '@mardle/core';
import { showText } from '@mardle/core';
import { useId } from 'react';
import { fleshColour, juiceColour } from '../../shared/format/fruitColours.js';
import { useSettings } from '../../state/settings.js';
import { batterColours, colourWord, crustColour } from '../CrossSection/colours.js';
import { pieces, pieceSizeCm } from '../CrossSection/geometry.js';
import { setDescriptions } from '../setWords.js';
import classes from './SliceOnPlate.module.css';
import { sliceShape } from './shape.js';
import { viewOf } from '../forms/index.js';

/** Half of the plate drawn, cm. */
const PLATE_CM = 11;

interface SliceOnPlateProps {
  readonly plan: PiePlan;
  /** What slice it is. */
  readonly said?: string;
}

/** The slice to expect on a plate: gap, run, base and colour, drawn from the computed numbers. */
export function SliceOnPlate({ plan, said = 'The slice to expect' }: SliceOnPlateProps) {
  const units = useSettings((state) => state.units);
  // Several slices may stand on one page.
  const faceId = useId();
  const shape = sliceShape(plan);
  const { lengthCm, fillingCm, gapCm, crustCm, baseCm, rimCm, leansCm, slump, puddleCm } = shape;
  const { SliceTop, inBatter } = viewOf(plan.spec.form.kind);
  const [first] = plan.filling.batch.fruits;
  const fruit = first?.fruit.id ?? '';
  const left = -lengthCm / 2;
  const right = lengthCm / 2;
  const lean = slump * fillingCm * 1.5;
  const highCm = baseCm + fillingCm;
  // The wall leans in toward the base, as the dish's does, and pastry lines it to the corner.
  const wallCm = baseCm > 0 ? crustCm : 0;
  const face = `M${left + leansCm + wallCm} ${-baseCm}L${right + lean} ${-baseCm}Q${right + lean * 0.35} ${-baseCm - fillingCm * 0.5} ${right - lean * 0.25} ${-highCm + slump * fillingCm * 0.45}L${left + wallCm} ${-highCm}Z`;
  const topY = -highCm - gapCm;
  const inside = inBatter ? batterColours.baked : juiceColour(fruit);
  const colour = plan.bake?.atEnd;
  const words = `${said}: ${setDescriptions(plan)}, ${plan.filling.run}${
    gapCm > 0 ? `; gap ${showText(gapCm, 'cm', units)} under the lid` : ''
  }${colour ? `; top ${colourWord(colour.topBrowning)}` : ''}${
    colour && baseCm > 0 ? `, base ${colourWord(colour.baseBrowning)}` : ''
  }.`;
  const size = pieceSizeCm(first?.fruit.piecesPerKg ?? null, first?.fruit.piece === 'cut');
  return (
    <figure className={classes.figure}>
      <svg
        viewBox={`${-PLATE_CM - 1} ${topY - 2.4} ${2 * PLATE_CM + 2} ${3.6 - topY}`}
        role="img"
        aria-label={words}
      >
        <defs>
          <clipPath id={faceId}>
            <path d={face} />
          </clipPath>
        </defs>
        <path
          d={`M${-PLATE_CM} -.3C${-PLATE_CM + 2} 1.1 ${PLATE_CM - 2} 1.1 ${PLATE_CM} -.3`}
          className={classes.plate}
        />
        {puddleCm > 0 && (
          <ellipse
            cx={right + puddleCm * 0.35}
            cy={0.18}
            rx={puddleCm * 0.75}
            ry={0.28}
            fill={juiceColour(fruit)}
            opacity={0.85}
            className={classes.juice}
          />
        )}
        <path d={face} fill={inside} className={classes.juice} />
        <g clipPath={`url(#${faceId})`} opacity={0.8}>
          {pieces(lengthCm + 6, fillingCm + 1, size).map((piece, i) => (
            <ellipse
              key={i}
              cx={piece.x}
              cy={piece.y - baseCm}
              rx={piece.r}
              ry={piece.r * 0.72}
              transform={`rotate(${piece.turn} ${piece.x} ${piece.y})`}
              fill={fleshColour(fruit)}
              className={classes.piece}
            />
          ))}
        </g>
        {baseCm > 0 && (
          <path
            d={`M${left - rimCm} ${topY - crustCm}V${topY}H${left}L${left + leansCm} 0H${right}V${-baseCm}H${left + leansCm + crustCm}L${left + crustCm} ${topY - crustCm}Z`}
            className={classes.crust}
            fill={crustColour(colour?.baseBrowning)}
          />
        )}
        <SliceTop plan={plan} shape={shape} colour={crustColour(colour?.topBrowning)} />
      </svg>
      <figcaption>{words}</figcaption>
    </figure>
  );
}
