import { Fig } from '../../../../shared/ui/Figure/Fig.js';
import type { StationProps } from '../../../../state/changeSpec.js';
import classes from '../../../../shared/ui/stations.module.css';
import { ledgerSteps } from './LedgerPicture.js';

/** Where each gram of water goes, each figure open to its story. */
export function LedgerPart({ plan }: StationProps) {
  if (!plan) return null;
  const { figures } = plan;
  return (
    <ul className={classes.ledger}>
      {ledgerSteps.flatMap(({ id }) => {
        const figure = figures[id];
        return figure
          ? [
              <li key={id}>
                <span>{figure.label}</span> <Fig figure={figure} band />
              </li>,
            ]
          : [];
      })}
      <li>
        <span>
          With its sugar that is <Fig figure={figures['ledger.juice']} band /> of juice, at{' '}
          <Fig figure={figures['ledger.brix']} /> on a refractometer; sugar against acid{' '}
          <Fig figure={figures['sugar.to_acid']} />.
        </span>
      </li>
    </ul>
  );
}
