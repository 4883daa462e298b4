import type { LearnedFigure, LearnedKind } from '@mardle/core';
import { Button } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { useKeepOven, useKitchen } from '../shared/api/kitchen.js';
import { useLearned } from '../shared/api/log.js';
import { Failure } from '../shared/ui/Failure.js';
import { Plate } from '../shared/ui/Plate/Plate.js';
import { useSettings } from '../state/settings.js';
import { BandPicture } from './BandPicture.js';
import { OddSlice } from './OddSlice.js';
import { TrendPart } from './TrendPart.js';
import { valueText } from './valueText.js';
import classes from './LearnedList.module.css';

const kinds: Readonly<Record<LearnedKind, string>> = {
  set: 'How fruit sets here',
  sweetness: 'How sweet it is liked',
  oven: 'How hot the ovens are',
  colour: 'How quickly tops colour',
};
const order = Object.keys(kinds) as readonly LearnedKind[];

/** An oven's learned heat can be told to the kitchen, and taken back. */
function TellOven({ figure }: { readonly figure: LearnedFigure }) {
  const units = useSettings((state) => state.units);
  const { data: kitchen } = useKitchen();
  const keep = useKeepOven();
  /** What the kitchen had before it was told, to go back to. */
  const [before, setBefore] = useState(figure.builtIn.value);
  const oven = kitchen?.ovens.find(({ label }) => label === figure.of);
  if (!oven) return null;
  const told = oven.offsetC === figure.used;
  return (
    <p className={classes.use}>
      {told
        ? `The kitchen knows: ${oven.label} is set as ${valueText(figure, oven.offsetC, units)}.`
        : `The kitchen has it as ${valueText(figure, oven.offsetC, units)}.`}{' '}
      {!told && (
        <Button
          size="compact-sm"
          loading={keep.isPending}
          onClick={() => {
            setBefore(oven.offsetC);
            keep.mutate({ ...oven, offsetC: figure.used });
          }}
        >
          Use {valueText(figure, figure.used, units)}
        </Button>
      )}
      {told && before !== figure.used && (
        <Button
          size="compact-sm"
          variant="default"
          loading={keep.isPending}
          onClick={() => keep.mutate({ ...oven, offsetC: before })}
        >
          Back to {valueText(figure, before, units)}
        </Button>
      )}
      {keep.error && <Failure error={keep.error} />}
    </p>
  );
}

export function Learnt({ figure }: { readonly figure: LearnedFigure }) {
  const units = useSettings((state) => state.units);
  const text = (value: number): string => valueText(figure, value, units);
  const { learned, split, seasons, bakes, odd } = figure;
  return (
    <li className={classes.figure}>
      <div className={classes.head}>
        <h4>{figure.label}</h4>
        <p className={classes.value}>
          <strong>{text(figure.used)}</strong>{' '}
          <small>{`${text(learned.low)} to ${text(learned.high)}`}</small>
        </p>
      </div>
      <BandPicture figure={figure} text={text} />
      <p>{figure.words}</p>
      {odd !== null && <OddSlice id={odd} />}
      {seasons.length > 0 && (
        <p>By season: {seasons.map(({ season, value }) => `${season} ${text(value)}`).join(', ')}.</p>
      )}
      {figure.kind === 'oven' && <TellOven figure={figure} />}
      {bakes.length > 1 && <TrendPart figure={figure} />}
      <details>
        <summary>
          By {bakes.length} bake{bakes.length === 1 ? '' : 's'}
          {split.length > 0 ? ', and what it may come from' : ''}
        </summary>
        {split.length > 0 && (
          <ul className={classes.split}>
            {split.map(({ label, value, low, high }) => (
              <li key={label}>
                {label}: × {value.toFixed(2)}, unsure from {low.toFixed(2)} to {high.toFixed(2)}
              </li>
            ))}
          </ul>
        )}
        <p className={classes.bakes}>
          {bakes.map((id, i) => (
            <Link key={id} to={`/log/${id}`}>
              {i + 1}
            </Link>
          ))}
        </p>
      </details>
    </li>
  );
}

const mostBakedFirst = (figures: readonly LearnedFigure[]): LearnedFigure[] =>
  [...figures].sort((a, b) => b.bakes.length - a.bakes.length);

/** What all bakes together teach: built-in, learned, how sure, by which bakes. */
export function LearnedList() {
  const { data, error } = useLearned();
  if (error) return <Failure error={error} />;
  if (!data) return <p role="status">Reading all bakes …</p>;
  const { figures, unread } = data;
  return (
    <Plate label="What the log teaches" className={classes.plate}>
      <h2>What the log teaches</h2>
      <p className={classes.legend}>
        Pale is how far the book leaves it open, the notch what it says; dark is how far your bakes still
        leave it open.
      </p>
      {figures.length === 0 && <p>Nothing yet. Say how a slice was, and it begins.</p>}
      {order
        .map((kind) => ({ kind, its: mostBakedFirst(figures.filter((figure) => figure.kind === kind)) }))
        .filter(({ its }) => its.length > 0)
        .map(({ kind, its }) => (
          <section key={kind} aria-label={kinds[kind]}>
            <h3>{kinds[kind]}</h3>
            <ul>
              {its.map((figure) => (
                <Learnt key={`${figure.kind} ${figure.of}`} figure={figure} />
              ))}
            </ul>
          </section>
        ))}
      {unread.length > 0 && (
        <p>
          {unread.length} bake{unread.length === 1 ? '' : 's'} could not be read as a plan and taught nothing.
        </p>
      )}
    </Plate>
  );
}
