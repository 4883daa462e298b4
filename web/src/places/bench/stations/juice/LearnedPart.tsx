import { Button } from '@mantine/core';
import { learnedDose } from '@mardle/core';
import type { LearnedDose, PieSpec } from '@mardle/core';
import { Link } from 'react-router';
import { useLearned } from '../../../../shared/api/log.js';
import { useSettings } from '../../../../state/settings.js';
import { changeFilling } from '../../../../state/changeSpec.js';

/** The sweetness dial moves by so much. */
const HAIR = 0.005;

const bakesSaid = ({ bakes }: LearnedDose): string => `${bakes} bake${bakes === 1 ? '' : 's'} here`;
/** How much more or less than the book has. */
function besideBook(dose: number): string {
  const percent = Math.round(100 * Math.abs(dose - 1));
  if (percent === 0) return 'as much thickener as the book';
  return `${percent} % ${dose > 1 ? 'more' : 'less'} thickener than the book`;
}
const doseSaid = ({ dose, deviation }: LearnedDose): string =>
  `${besideBook(dose)}, give or take ${Math.round(100 * 1.645 * deviation)} %`;

/** What the log has to say of this pie's dose: taken with one tap, and given back with another. */
export function LearnedPart({ spec }: { readonly spec: PieSpec }) {
  const { data } = useLearned();
  const byTheBook = useSettings((state) => state.byTheBook);
  const { learned } = spec.filling;
  const figures = data?.figures.filter(({ kind, of }) => kind !== 'set' || !byTheBook.includes(of));
  const now = figures ? learnedDose(figures, spec.filling) : null;
  const use = (taken: LearnedDose | undefined): void => changeFilling({ learned: taken });
  const liked = data?.figures.find(({ kind }) => kind === 'sweetness');
  const style = liked ? Math.round(liked.used / HAIR) * HAIR : null;
  const { sugar } = spec.filling;
  const sweetAsLiked = sugar.massG === null && style !== null && Math.abs(sugar.style - style) < HAIR / 2;
  if (!learned && !now && style === null) return null;
  const changed = now !== null && (now.dose !== learned?.dose || now.bakes !== learned.bakes);
  return (
    <p role="group" aria-label="What the log says">
      {learned
        ? `Taken from ${bakesSaid(learned)}: ${doseSaid(learned)}. `
        : now && `${bakesSaid(now)} say ${doseSaid(now)}. `}
      {now && changed && (
        <Button size="compact-sm" onClick={() => use(now)}>
          {learned ? `Take it as ${bakesSaid(now)} have it: ${besideBook(now.dose)}` : 'Use it'}
        </Button>
      )}{' '}
      {learned && (
        <Button size="compact-sm" variant="default" onClick={() => use(undefined)}>
          Back to the book
        </Button>
      )}{' '}
      {style !== null && !sweetAsLiked && (
        <Button
          size="compact-sm"
          variant="default"
          onClick={() => changeFilling({ sugar: { ...sugar, style, massG: null } })}
        >
          Sweeten as it is liked here
        </Button>
      )}{' '}
      <Link to="/log">Why</Link>
    </p>
  );
}
