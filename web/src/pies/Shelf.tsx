import type { PieSort, PieSummary } from '@mardle/contract';
import type { PieSpec } from '@mardle/core';
import { colourTargets, draftPlan, formKinds, formOf, showText } from '@mardle/core';
import { IconCopy, IconTrash } from '@tabler/icons-react';
import type { CSSProperties } from 'react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { crustColour } from '../bench/CrossSection/colours.js';
import { viewOf } from '../bench/forms/index.js';
import { useSettings } from '../state/settings.js';
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
export function Shelf({ pies, sort, busy, onCopy, onPutAway }: ShelfProps) {
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

const dayText = (at: string): string => new Date(at).toLocaleDateString(undefined, { dateStyle: 'medium' });

interface PieCardProps {
  readonly pie: PieSummary;
  readonly level: 'h2' | 'h3';
  readonly onCopy: (spec: PieSpec) => void;
  readonly onPutAway: () => void;
}

function PieCard({ pie, level: Name, onCopy, onPutAway }: PieCardProps) {
  const { spec, name, unreadable } = pie;
  return (
    <li className={classes.pie}>
      <Link to={`/pies/${pie.id}`} className={classes.link}>
        {spec && <Drawn spec={spec} />}
        <Name className={classes.name}>{name}</Name>
        {spec && <Amounts spec={spec} />}
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

function Drawn({ spec }: { readonly spec: PieSpec }) {
  const drafted = useMemo(() => draftPlan(spec), [spec]);
  const { FromAbove } = viewOf(spec.form.kind);
  return (
    <div className={classes.picture} aria-hidden style={asBaked(spec)}>
      {drafted.ok && <FromAbove plan={drafted.plan} />}
    </div>
  );
}

function Amounts({ spec }: { readonly spec: PieSpec }) {
  const units = useSettings((state) => state.units);
  const drafted = useMemo(() => draftPlan(spec), [spec]);
  if (!drafted.ok) return null;
  const { filling, build } = drafted.plan;
  const say = (massG: number): string => showText(massG, 'g', units);
  return (
    <p>
      {say(filling.batch.massG)} fruit · {say(filling.sugar.massG)} sugar
      <br />
      {say(filling.thickenerG)} thickener · {say(build.dough.massG)} dough
    </p>
  );
}
