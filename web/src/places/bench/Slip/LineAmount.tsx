import { Button } from '@mantine/core';
import type { PiePlan, SlipLine, UnitSystem } from '@mardle/core';
import { draftPlan, showText, slipAmount, withSlipAmount } from '@mardle/core';
import { QuantityField } from '../../../shared/ui/QuantityField.js';
import { changeSpec } from '../../../state/changeSpec.js';
import { useSettings } from '../../../state/settings.js';
import { useWhy } from '../../../state/why.js';
import classes from './Slip.module.css';

const ML_PER_CUP = 240;

interface LineAmountProps {
  readonly plan: PiePlan;
  readonly line: SlipLine;
}

/** Further from Mardle's than this it is said, as a factor. */
const WORTH_SAYING = 1.15;

/** What Mardle would take instead of the baker's amount, g; null where it has none of its own. */
function mardlesG(plan: PiePlan, line: SlipLine): number | null {
  // The dose of a baked plan knows how much steam leaves; a draft guesses it.
  const dose = plan.figures['thickener.dose'];
  if (line.id.startsWith('thickener.') && dose)
    return (dose.value * line.massG) / Math.max(plan.filling.thickenerG, 1e-9);
  const drafted = draftPlan(withSlipAmount(plan, line.id, null));
  const lines = drafted.ok ? drafted.plan.slip.flatMap((group) => group.lines) : [];
  return lines.find(({ id }) => id === line.id)?.massG ?? null;
}

/** "Mardle's would be 19 g: this is 1.3 times that." */
function besideMardles(massG: number, ownG: number | null, units: UnitSystem): string {
  if (ownG === null || ownG <= 0) return 'Mardle would take none.';
  const times = massG / ownG;
  const said = `Mardle’s would be ${showText(ownG, 'g', units)}`;
  if (times > WORTH_SAYING) return `${said}: this is ${times.toFixed(1)} times that.`;
  if (times < 1 / WORTH_SAYING) return `${said}: this is ${Math.round(100 * times)} % of that.`;
  return `${said}.`;
}

/** The amount of a line of the slip, as the baker says it; and the way back to Mardle's. */
export function LineAmount({ plan, line }: LineAmountProps) {
  const close = useWhy((state) => state.close);
  const units = useSettings((state) => state.units);
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
          ? `Yours: everything else follows from it. ${canGoBack ? besideMardles(line.massG, mardlesG(plan, line), units) : ''}`
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
