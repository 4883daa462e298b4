import type { PieSort, PieSummary } from '@mardle/contract';
import type { PiePlan, PieSpec } from '@mardle/core';
import { colourTargets, draftPlan, formKinds, formOf, showText } from '@mardle/core';
import { IconCopy, IconTrash } from '@tabler/icons-react';
import type { CSSProperties } from 'react';
import { useDeferredValue, useMemo } from 'react';
import { Link } from 'react-router';
import { crustColour } from '../../pie/CrossSection/colours.js';
import { viewOf } from '../../pie/forms/index.js';
import { useSettings } from '../../state/settings.js';
import classes from './PiesPlace.module.css';

/** What pies have in common that stand together in an order; null where nothing is. */
const groupOf: Readonly<Record<PieSort, ((pie: PieSummary) => string) | null>> = {
  saved: null,
  baked: null,
  name: null,
  fruit: ({ fruits }) => fruits,
  form: ({ form }) => {
    const kind = formKinds.find((known) => known === form);
    return kind ? formOf(kind).label : 'unreadable';
  },
  oven: ({ oven }) => oven,
};

interface Group {
  readonly title: string | null;
  readonly pies: readonly PieSummary[];
}

function grouped(pies: readonly PieSummary[], sort: PieSort): Group[] {
  const of = groupOf[sort];
  const groups = new Map<string | null, PieSummary[]>();
  for (const pie of pies) {
    const title = of ? of(pie) : null;
    groups.set(title, [...(groups.get(title) ?? []), pie]);
  }
  return [...groups].map(([title, of]) => ({ title, pies: of }));
}

interface ShelfProps {
  readonly pies: readonly PieSummary[];
  readonly sort: PieSort;
  /** The next ones are on their way. */
  readonly busy: boolean;
  readonly onCopy: (spec: PieSpec) => void;
  readonly onPutAway: (pie: PieSummary) => void;
}

/** The pies of a page, those alike together. */
export function PieShelf({ pies, sort, busy, onCopy, onPutAway }: ShelfProps) {
  return (
    <div aria-busy={busy}>
      {grouped(pies, sort).map(({ title, pies: of }) => (
        <section key={title ?? ''} aria-label={title ?? 'Pies'}>
          {title !== null && <h2 className={classes.group}>{title === '' ? 'none' : title}</h2>}
          <ul className={classes.shelf}>
            {of.map((pie) => (
              <PieCard
                key={pie.id}
                pie={pie}
                level={title === null ? 'h2' : 'h3'}
                onCopy={onCopy}
                onPutAway={() => onPutAway(pie)}
              />
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

/** The colour that its pastry is baked to, for its picture. */
const asBaked = ({ bake }: PieSpec): CSSProperties =>
  ({ '--pastry': crustColour(colourTargets[bake.colour].index) }) as CSSProperties;

/** Made once: a formatter costs more than all the days of a page. */
const days = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium' });
const dayText = (at: string): string => days.format(new Date(at));

interface PieCardProps {
  readonly pie: PieSummary;
  readonly level: 'h2' | 'h3';
  readonly onCopy: (spec: PieSpec) => void;
  readonly onPutAway: () => void;
}

function PieCard({ pie, level: Name, onCopy, onPutAway }: PieCardProps) {
  const { spec, name, unreadable } = pie;
  // All names are there at once; pictures and amounts follow pie by pie, in the pauses of the hand.
  const worked = useDeferredValue(spec, null);
  const drafted = useMemo(() => (worked ? draftPlan(worked) : null), [worked]);
  const plan = drafted?.ok ? drafted.plan : null;
  return (
    <li className={classes.pie}>
      <Link to={`/pies/${pie.id}`} className={classes.link}>
        {spec && <div className={classes.picture}>{plan && <Drawn plan={plan} />}</div>}
        <Name className={classes.name}>{name}</Name>
        {spec && <p className={classes.amounts}>{plan && <Amounts plan={plan} />}</p>}
        {unreadable !== null && <p>It cannot be read: {unreadable}</p>}
        <p className={classes.small}>
          {pie.dish} · {pie.oven} · version {pie.version}
          {pie.lastBakedAt !== null && ` · baked ${dayText(pie.lastBakedAt)}`}
        </p>
      </Link>
      <div className={classes.tools}>
        {spec && (
          <button type="button" aria-label={`Copy ${name}`} onClick={() => onCopy(spec)}>
            <IconCopy size={20} />
          </button>
        )}
        <button type="button" aria-label={`Put away ${name}`} onClick={onPutAway}>
          <IconTrash size={20} />
        </button>
      </div>
    </li>
  );
}

function Drawn({ plan }: { readonly plan: PiePlan }) {
  const { FromAbove } = viewOf(plan.spec.form.kind);
  return (
    <div aria-hidden style={asBaked(plan.spec)}>
      <FromAbove plan={plan} />
    </div>
  );
}

function Amounts({ plan: { filling, build } }: { readonly plan: PiePlan }) {
  const units = useSettings((state) => state.units);
  const say = (massG: number): string => showText(massG, 'g', units);
  return (
    <>
      {say(filling.batch.massG)} fruit · {say(filling.sugar.massG)} sugar
      <br />
      {say(filling.thickenerG)} thickener · {say(build.dough.massG)} dough
    </>
  );
}
