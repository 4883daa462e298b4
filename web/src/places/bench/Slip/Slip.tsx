import type { PiePlan, SlipAmount, SlipLine } from '@mardle/core';
import { showText, slipAmount, slipWords } from '@mardle/core';
import { IconPencil, IconPrinter, IconRulerMeasure } from '@tabler/icons-react';
import { ActionIcon } from '@mantine/core';
import { memo, useState } from 'react';
import { useSettings } from '../../../state/settings.js';
import { useTicks } from '../../../state/ticks.js';
import { useWhy } from '../../../state/why.js';
import { onWhyKey } from '../../../shared/ui/Figure/Fig.js';
import { Plate } from '../../../shared/ui/Plate/Plate.js';
import { benchParts } from '../Jump.js';
import { PrintSheets } from '../print/PrintSheets.js';
import { Clock } from './Clock.js';
import classes from './Slip.module.css';

interface SlipProps {
  readonly pieId: string;
  readonly plan: PiePlan | null;
  readonly baking: number | null;
}

/** What to weigh, in the order it is needed; then the clock. */
export const Slip = memo(function Slip({ pieId, plan, baking }: SlipProps) {
  const clear = useTicks((state) => state.clear);
  const [printing, setPrinting] = useState(false);
  return (
    <Plate id={benchParts.slip} label="Slip" className={classes.slip}>
      <header className={classes.head}>
        <h2>The slip</h2>
        <span className={classes.tools}>
          <button type="button" className={classes.clear} onClick={() => clear(pieId)}>
            Untick all
          </button>
          <ActionIcon
            variant="subtle"
            aria-label="Slip and templates at true size"
            title="Slip and templates at true size"
            disabled={!plan}
            onClick={() => setPrinting(true)}
          >
            <IconRulerMeasure size={20} />
          </ActionIcon>
          <ActionIcon
            variant="subtle"
            aria-label="Print the slip"
            disabled={!plan}
            onClick={() => window.print()}
          >
            <IconPrinter size={20} />
          </ActionIcon>
        </span>
      </header>
      {plan ? (
        <SlipLines pieId={pieId} plan={plan} />
      ) : (
        <p>The slip comes back when the spec can be planned again; what is to correct stands on the left.</p>
      )}
      {plan && <Clock plan={plan} baking={baking} />}
      {printing && plan && <PrintSheets pieId={pieId} plan={plan} onClose={() => setPrinting(false)} />}
    </Plate>
  );
});

/** From so many lines and headings on they stand closer, to be seen all at once. */
const DENSE_FROM = 17;

/** Everything to weigh; drawn again only when the plan is another one. */
const SlipLines = memo(function SlipLines({
  pieId,
  plan,
}: {
  readonly pieId: string;
  readonly plan: PiePlan;
}) {
  const many = plan.slip.reduce((sum, { lines }) => sum + lines.length, plan.slip.length) > DENSE_FROM;
  return (
    <div
      className={`${classes.scroll} ${many ? classes.dense : ''}`}
      tabIndex={0}
      role="region"
      aria-label="What to weigh"
    >
      {plan.slip.map((group) => (
        <section key={group.title}>
          <h3>{group.title}</h3>
          <ul>
            {group.lines.map((line) => (
              <Line key={line.id} pieId={pieId} line={line} amount={slipAmount(plan, line.id)} />
            ))}
          </ul>
        </section>
      ))}
      {plan.allergens.length > 0 && (
        <p className={classes.allergens}>
          <b>Contains</b> {plan.allergens.join(', ')}.
        </p>
      )}
    </div>
  );
});

interface LineProps {
  readonly pieId: string;
  readonly line: SlipLine;
  /** Null for what cannot be said otherwise. */
  readonly amount: SlipAmount | null;
}

function Line({ pieId, line, amount }: LineProps) {
  const units = useSettings((state) => state.units);
  const first = useSettings((state) => state.first);
  const key = `${pieId}/${line.id}`;
  const weighed = useTicks((state) => state.weighed[key]);
  const toggle = useTicks((state) => state.toggle);
  const openLine = useWhy((state) => state.openLine);
  const { number, unit, measure, buy, note } = slipWords(line, units, first);
  const shownAmount = `${number} ${unit}`;
  const ticked = weighed === shownAmount;
  const small = [measure, buy, line.bought ? note : ''].filter(Boolean).join('; ');
  const whole = [measure, note, buy].filter(Boolean).join('; ');
  const shown = (
    <>
      <span key={number} className={classes.number}>
        {number}
      </span>
      <span className={classes.unit}>{unit}</span>
    </>
  );
  return (
    <li className={ticked ? classes.done : undefined}>
      <label className={classes.what}>
        <input type="checkbox" checked={ticked} onChange={() => toggle(key, shownAmount)} />
        <span title={whole}>
          {line.label}{' '}
          {weighed !== undefined && !ticked ? (
            <small className={classes.again} role="status">
              was {weighed}: weigh again
            </small>
          ) : (
            small && <small className={classes.small}>{small}</small>
          )}
        </span>
      </label>
      {line.figure || amount ? (
        <button
          type="button"
          className={classes.amount}
          title={amount ? 'Why, or say another amount (?)' : 'Why? (?)'}
          aria-label={`${line.label}: ${showText(line.massG, 'g', units)}${amount?.isOwn ? ', yours' : ''}. ${line.figure ? 'Why?' : 'Another amount?'}`}
          onClick={() => openLine(line.id, line.figure)}
          onKeyDown={onWhyKey(() => openLine(line.id, line.figure))}
        >
          {amount?.isOwn && <IconPencil size={13} className={classes.yours} aria-hidden />}
          {shown}
        </button>
      ) : (
        <span className={classes.amount}>{shown}</span>
      )}
    </li>
  );
}
