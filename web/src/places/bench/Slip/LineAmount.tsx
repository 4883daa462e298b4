import { Button } from '@mantine/core';
import type { PiePlan, SlipLine } from '@mardle/core';
import { slipAmount, withSlipAmount } from '@mardle/core';
import { QuantityField } from '../../../shared/ui/QuantityField.js';
import { changeSpec } from '../../../state/changeSpec.js';
import { useWhy } from '../../../state/why.js';
import classes from './Slip.module.css';

const ML_PER_CUP = 240;

interface LineAmountProps {
  readonly plan: PiePlan;
  readonly line: SlipLine;
}

/** The amount of a line of the slip, as the baker says it; and the way back to Mardle's. */
export function LineAmount({ plan, line }: LineAmountProps) {
  const close = useWhy((state) => state.close);
  const amount = slipAmount(plan, line.id);
  if (!amount) return null;
  const { isOwn, canGoBack, limit } = amount;
  const massG = Math.round(10 * line.massG) / 10;
  const set = (said: number | null): void =>
    changeSpec((spec) => withSlipAmount({ ...plan, spec }, line.id, said));
  return (
    <form
      className={classes.own}
      onSubmit={(event) => {
        event.preventDefault();
        close();
      }}
    >
      <QuantityField
        key={line.id}
        limit={limit}
        label={`Yours: ${line.label.toLowerCase()}`}
        unit="g"
        width={260}
        value={massG}
        {...(line.volumeMl && { cupG: (line.massG / line.volumeMl) * ML_PER_CUP })}
        onChange={(said) => said !== null && set(said)}
      />
      <p role="status">
        {isOwn
          ? 'Yours: everything else follows from it.'
          : 'Say it as your recipe does: 200 g, a cup, 3 tbsp.'}
      </p>
      {isOwn && canGoBack && (
        <Button variant="default" size="sm" onClick={() => set(null)}>
          Back to Mardle’s
        </Button>
      )}
    </form>
  );
}
