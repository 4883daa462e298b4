import { Button, Group } from '@mantine/core';
import { cupG, flourCupField, showText } from '@mardle/core';
import { useKeepRow, useOwnRows, useResetRow } from '../../shared/api/larder.js';
import { QuantityField } from '../../shared/ui/QuantityField.js';
import { Failure } from '../../shared/ui/Failure.js';
import { Plate } from '../../shared/ui/Plate/Plate.js';
import { useSettings } from '../../state/settings.js';
import classes from './LarderPlace.module.css';

/** What a cup of flour weighs here: spooned in, dipped or sifted, each kitchen fills it in its own way. */
export function FlourCup() {
  const units = useSettings((state) => state.units);
  const { data, error } = useOwnRows('staples');
  const keep = useKeepRow('staples');
  const reset = useResetRow('staples');
  if (error) return <Failure error={error} />;
  if (!data) return <p role="status">Looking into the larder …</p>;
  const own = data.find(({ id }) => id === 'flour')?.cupG ?? null;
  return (
    <Plate label="A cup of flour" className={classes.figures}>
      <p>
        A cup of plain flour is taken as {showText(cupG.flour, 'g', units)} (common practice, no source). Fill
        yours three times as you always do, weigh each, and write the middle one.
      </p>
      <Group align="flex-end">
        <QuantityField
          limit={flourCupField}
          label="A cup of flour weighs here"
          unit="g"
          width={240}
          empty={showText(cupG.flour, 'g', units)}
          value={own}
          onChange={(value) =>
            value === null ? reset.mutate('flour') : keep.mutate({ id: 'flour', cupG: value })
          }
        />
        {own !== null && (
          <Button variant="default" loading={reset.isPending} onClick={() => reset.mutate('flour')}>
            Back to built-in
          </Button>
        )}
        <span role="status">{keep.isSuccess && own !== null ? 'Kept; slips count cups by it.' : ''}</span>
      </Group>
      {[keep.error, reset.error].map((wrong, i) => wrong && <Failure key={i} error={wrong} />)}
    </Plate>
  );
}
