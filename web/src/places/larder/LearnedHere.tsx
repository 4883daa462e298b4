import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { useLearned } from '../../shared/api/log.js';
import { BandPicture } from '../../learned/BandPicture.js';
import { valueText } from '../../learned/valueText.js';
import { useSettings } from '../../state/settings.js';
import classes from './LarderPlace.module.css';

/** What this kitchen's bakes taught of a fruit: built-in, learned, and what a plan is offered. */
export function LearnedHere({ fruit }: { readonly fruit: string }) {
  const units = useSettings((state) => state.units);
  const byTheBook = useSettings((state) => state.byTheBook.includes(fruit));
  const setByTheBook = useSettings((state) => state.setByTheBook);
  const { data } = useLearned();
  const figure = data?.figures.find(({ kind, of }) => kind === 'set' && of === fruit);
  if (!figure) return null;
  const { builtIn, learned, used, bakes } = figure;
  const text = (value: number): string => valueText(figure, value, units);
  return (
    <section className={classes.learned} aria-label="Learned here">
      <h3>Thickener, learned here</h3>
      <dl>
        <div>
          <dt>the book</dt>
          <dd>
            {text(builtIn.value)} <small>{`${text(builtIn.low)} to ${text(builtIn.high)}`}</small>
          </dd>
        </div>
        <div>
          <dt>
            learned by {bakes.length} bake{bakes.length === 1 ? '' : 's'}
          </dt>
          <dd>
            {text(learned.value)} <small>{`${text(learned.low)} to ${text(learned.high)}`}</small>
          </dd>
        </div>
        <div>
          <dt>plans are offered</dt>
          <dd>
            <strong>{byTheBook ? text(builtIn.value) : text(used)}</strong>
          </dd>
        </div>
      </dl>
      <BandPicture figure={figure} text={text} />
      <p>
        <Button size="compact-sm" variant="default" onClick={() => setByTheBook(fruit, !byTheBook)}>
          {byTheBook ? 'Offer what was learned' : 'Back to the book'}
        </Button>{' '}
        <Link to="/larder?shelf=learned">All that was learned</Link>
      </p>
    </section>
  );
}
