import type { PiePlan } from '@mardle/core';
import { showText } from '@mardle/core';
import { fleshColour, juiceColour } from '../../kit/fruitColours.js';
import { useSettings } from '../../state/settings.js';
import { crustColour } from '../CrossSection/colours.js';
import { pieces, pieceSizeCm } from '../CrossSection/geometry.js';
import { setWords } from '../stations/juice/setWords.js';
import classes from './SliceOnPlate.module.css';
import { sliceShape } from './shape.js';

/** Half of the plate drawn, cm. */
const PLATE_CM = 11;

/** The slice to expect on a plate: gap, run, base and colour, drawn from the computed numbers. */
export function SliceOnPlate({ plan }: { readonly plan: PiePlan }) {
  const units = useSettings((state) => state.units);
  const shape = sliceShape(plan);
  const { lengthCm, fillingCm, gapCm, crustCm, slump, puddleCm } = shape;
  const [first] = plan.filling.batch.fruits;
  const fruit = first?.fruit.id ?? '';
  const left = -lengthCm / 2;
  const right = lengthCm / 2;
  const lean = slump * fillingCm * 1.5;
  const top = crustCm + fillingCm;
  const face = `M${left} ${-crustCm}L${right + lean} ${-crustCm}Q${right + lean * 0.35} ${-crustCm - fillingCm * 0.5} ${right - lean * 0.25} ${-top + slump * fillingCm * 0.45}L${left} ${-top}Z`;
  const lidY = -top - gapCm;
  const colour = plan.bake?.atEnd;
  const words = `The slice to expect: ${setWords(plan)}, ${plan.filling.run}; gap ${showText(gapCm, 'cm', units)} under the lid${
    colour ? `; top ${colourWord(colour.topBrowning)}, base ${colourWord(colour.baseBrowning)}` : ''
  }.`;
  const size = pieceSizeCm(first?.fruit.piecesPerKg ?? null, first?.fruit.piece === 'cut');
  return (
    <figure className={classes.figure}>
      <svg
        viewBox={`${-PLATE_CM - 1} ${lidY - 1.4} ${2 * PLATE_CM + 2} ${2.6 - lidY}`}
        role="img"
        aria-label={words}
      >
        <defs>
          <clipPath id="slice-face">
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
        <path d={face} fill={juiceColour(fruit)} className={classes.juice} />
        <g clipPath="url(#slice-face)" opacity={0.8}>
          {pieces(lengthCm + 6, fillingCm + 1, size).map((piece, i) => (
            <ellipse
              key={i}
              cx={piece.x}
              cy={piece.y - crustCm}
              rx={piece.r}
              ry={piece.r * 0.72}
              transform={`rotate(${piece.turn} ${piece.x} ${piece.y})`}
              fill={fleshColour(fruit)}
              className={classes.piece}
            />
          ))}
        </g>
        <path
          d={`M${left - 0.6} ${lidY - crustCm}L${left - 0.6} ${-crustCm}L${left} 0H${right}V${-crustCm}H${left + crustCm}V${lidY}Z`}
          className={classes.crust}
          fill={crustColour(colour?.baseBrowning)}
        />
        <path
          d={`M${left - 1.2} ${lidY}Q${left - 1.4} ${lidY - crustCm * 1.6} ${left - 0.2} ${lidY - crustCm}Q0 ${lidY - crustCm - 0.5} ${right} ${lidY - crustCm - 0.25}V${lidY - 0.25}Q0 ${lidY - 0.5} ${left} ${lidY}Z`}
          className={classes.crust}
          fill={crustColour(colour?.topBrowning)}
        />
      </svg>
      <figcaption>{words}</figcaption>
    </figure>
  );
}

/** Colour of crust in words, by browning index. */
export function colourWord(index: number): string {
  if (index < 0.25) return 'pale';
  if (index < 0.9) return 'straw';
  if (index < 1.9) return 'gold';
  if (index < 3) return 'deep gold';
  return 'too dark';
}
