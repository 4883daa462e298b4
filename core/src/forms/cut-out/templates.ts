import type { CutOuts, Drawing, Outline, Point, TemplateText } from '../../geometry/index.js';
import { about, cutOutLabels, cutOutPoints, outlinePoints, placedPoints } from '../../geometry/index.js';

/** One piece to cut, and where they all lie. */
export function cutOutSheets(cutOuts: CutOuts, top: Outline, say: TemplateText): Drawing[] {
  const { shape, sizeCm, widthCm, pieces } = cutOuts;
  const one: Outline = { kind: 'rectangle', lengthCm: sizeCm, widthCm };
  const name = cutOutLabels[shape];
  return [
    about(
      'piece',
      `${name}: one piece of ${pieces.length}`,
      { ...one, widthCm: Math.max(widthCm, 6) },
      [{ points: cutOutPoints(shape).map(([x, y]): Point => [x * sizeCm, y * sizeCm]), role: 'cut' }],
      [{ at: [0, 0], text: say(sizeCm), sizeMm: 4 }],
    ),
    about(
      'pieces',
      `${name}, where they lie`,
      top,
      [
        { points: outlinePoints(top), role: 'guide' },
        ...pieces.map((piece) => ({ points: placedPoints(cutOuts, piece), role: 'cut' as const })),
      ],
      [],
    ),
  ];
}
