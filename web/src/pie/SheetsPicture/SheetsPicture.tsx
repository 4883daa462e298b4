import type { Outline, PiePlan, Rolled } from '@mardle/core';
import { showText, topAs } from '@mardle/core';
import { useSettings } from '../../state/settings.js';
import { OutlineShape } from '../forms/shared/TopShape.js';
import classes from './SheetsPicture.module.css';

/** One piece to roll, as it lies on the bench. */
interface Piece {
  readonly word: string;
  readonly outline: Outline;
  readonly massG: number;
  readonly count: number;
}

const sheet = (word: string, { outline, massG }: Rolled, count = 1): Piece => ({
  word,
  outline,
  massG,
  count,
});

/** The pieces that this pie's dough is rolled to, in the order of work. */
function piecesOf({ build, figures }: PiePlan): Piece[] {
  const { base, top } = build;
  const lid = topAs('lid', top)?.sheet;
  const parcel = topAs('parcel', top);
  const long = figures['lattice.longest']?.value;
  const wide = figures['lattice.sheet_width']?.value;
  const topMassG = figures['pastry.top_mass']?.value ?? 0;
  return [
    ...(base ? [sheet('base', base)] : []),
    ...(lid ? [sheet('lid', lid)] : []),
    ...(parcel ? [sheet('discs', parcel.disc, parcel.count)] : []),
    ...(long && wide
      ? [
          {
            word: 'strips out of',
            outline: { kind: 'rectangle' as const, lengthCm: long, widthCm: wide },
            massG: topMassG,
            count: 1,
          },
        ]
      : []),
  ];
}

const GAP_CM = 3;
const WORDS_CM = 6;

/** The discs and sheets to roll and cut, beside each other and to one scale, with their sizes and weights. */
export function SheetsPicture({ plan }: { readonly plan: PiePlan }) {
  const units = useSettings((state) => state.units);
  const pieces = piecesOf(plan);
  if (pieces.length === 0)
    return <p>No dough is rolled for this pie; what lies on top stands at station 5.</p>;
  const say = (cm: number): string => showText(cm, 'cm', units);
  const size = ({ lengthCm, widthCm }: Outline): string =>
    Math.abs(lengthCm - widthCm) < 0.05 ? say(lengthCm) : `${say(lengthCm)} x ${say(widthCm)}`;
  const high = Math.max(...pieces.map(({ outline }) => outline.widthCm));
  const placed = pieces.reduce<{ readonly piece: Piece; readonly x: number }[]>((all, piece) => {
    const before = all.at(-1);
    const x = before
      ? before.x + before.piece.outline.lengthCm / 2 + GAP_CM + piece.outline.lengthCm / 2
      : piece.outline.lengthCm / 2;
    return [...all, { piece, x }];
  }, []);
  const last = placed.at(-1);
  const whole = last ? last.x + last.piece.outline.lengthCm / 2 : 0;
  const called = ({ word, count }: Piece): string => (count > 1 ? `${count} ${word}` : word);
  const weighs = ({ massG, count }: Piece): string => showText(massG * count, 'g', units);
  const words = pieces.map((piece) => `${called(piece)} ${size(piece.outline)}, ${weighs(piece)}`);
  return (
    <svg
      viewBox={`${-GAP_CM} ${-high / 2 - 1} ${whole + 2 * GAP_CM} ${high + WORDS_CM + 1}`}
      role="img"
      aria-label={`To roll: ${words.join('; ')}`}
      className={classes.picture}
    >
      {placed.map(({ piece, x }) => (
        <g key={piece.word} transform={`translate(${x} 0)`}>
          <g transform="rotate(90)">
            <OutlineShape of={piece.outline} className={classes.sheet} />
          </g>
          <text y={0.4} className={classes.size}>
            {size(piece.outline)}
          </text>
          <text y={high / 2 + 2.6} className={classes.word}>
            {called(piece)}, {weighs(piece)}
          </text>
        </g>
      ))}
    </svg>
  );
}
