import { ActionIcon, Button, Select } from '@mantine/core';
import type { FillingSpec, PiePlan } from '@mardle/core';
import {
  larderFor,
  planContext,
  makeUpWith,
  showText,
  surroundings,
  swaps,
  withOwnThickeners,
} from '@mardle/core';
import { IconPlus, IconX } from '@tabler/icons-react';
import { useMemo } from 'react';
import { useOwnRows } from '../../../../shared/api/larder.js';
import { Choice } from '../../../../shared/ui/Choice/Choice.js';
import { Fig } from '../../../../shared/ui/Figure/Fig.js';
import { useSettings } from '../../../../state/settings.js';
import type { StationProps } from '../../../../state/changeSpec.js';
import { changeFilling } from '../../../../state/changeSpec.js';
import classes from '../../../../shared/ui/stations.module.css';
import { QuantityField } from '../../../../shared/ui/QuantityField.js';
import { setDescriptions } from '../../../../pie/setWords.js';

const MOST_THICKENERS = 4;

/** Which thickener, each with what it would take for the same set; blends; and the sum the other way round. */
export function ThickenerChoice({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const { filling } = spec;
  const { thickeners } = filling;
  const figures = plan?.figures ?? {};
  const fruitG = plan?.filling.batch.massG ?? 0;
  const evaporatedG = plan?.filling.ledger.evaporatedG ?? null;
  const { data: kitchen } = useOwnRows('thickeners');
  const larder = useMemo(() => withOwnThickeners(larderFor(spec), kitchen ?? []), [spec, kitchen]);
  const doses = useMemo(
    () =>
      fruitG > 0
        ? swaps(filling, fruitG, surroundings(planContext(spec), evaporatedG), larder)
        : new Map<string, number>(),
    [filling, fruitG, evaporatedG, spec, larder],
  );
  const first = thickeners[0]?.thickener ?? 'corn_starch';
  const open = [...larder.thickeners.values()].filter(({ id }) => doses.size === 0 || doses.has(id));
  const short = filling.thickenerMassG;
  const other = first === 'corn_starch' ? 'plain_flour' : 'corn_starch';
  const isShort = plan !== null && short !== null && short < plan.filling.dose.massG - 1;
  return (
    <>
      {thickeners.length === 1 ? (
        <Choice
          label="Thickener, and what each takes for this set"
          value={first}
          options={open.map(({ id, label, tablespoonG }) => {
            const dose = doses.get(id);
            return {
              value: id,
              label,
              note:
                dose === undefined
                  ? undefined
                  : `${showText(dose, 'g', units)}, ${(dose / tablespoonG).toFixed(1)} tbsp`,
            };
          })}
          onChange={(thickener) => changeFilling({ thickeners: [{ thickener, share: 1 }] })}
        />
      ) : (
        <Blend thickeners={thickeners} open={open} figures={figures} />
      )}
      <div className={classes.row}>
        {thickeners.length < MOST_THICKENERS && (
          <Button
            variant="default"
            size="sm"
            leftSection={<IconPlus size={16} />}
            onClick={() =>
              changeFilling({
                thickeners: [...thickeners, { thickener: other, share: thickeners[0]?.share ?? 1 }],
              })
            }
          >
            Blend with another
          </Button>
        )}
        <QuantityField
          limit="filling.thickenerMassG"
          label="I only have"
          unit="g"
          empty="enough"
          value={short}
          onChange={(thickenerMassG) => changeFilling({ thickenerMassG })}
        />
        {plan && (
          <p className={classes.side} role="status">
            {short === null ? 'The dose' : 'That'} gives <Fig figure={figures['thickener.reached']} band />:{' '}
            <b>{setDescriptions(plan)}</b>, {plan.filling.run} on the plate.
          </p>
        )}
        {isShort && thickeners.length === 1 && (
          <Button
            variant="default"
            size="sm"
            onClick={() =>
              changeFilling({
                thickeners: makeUpWith(
                  plan.filling,
                  { thickener: first, massG: short },
                  other,
                  filling,
                  surroundings(planContext(spec), evaporatedG),
                  larder,
                ),
                thickenerMassG: null,
              })
            }
          >
            Make up the rest with {larder.thickeners.get(other)?.label.toLowerCase()}
          </Button>
        )}
        {short !== null && (
          <Button variant="default" size="sm" onClick={() => changeFilling({ thickenerMassG: null })}>
            There is enough
          </Button>
        )}
      </div>
    </>
  );
}

interface BlendProps {
  readonly thickeners: FillingSpec['thickeners'];
  /** Those that may be in it. */
  readonly open: readonly { readonly id: string; readonly label: string }[];
  readonly figures: PiePlan['figures'];
}

/** Thickeners side by side, by their parts. */
function Blend({ thickeners, open, figures }: BlendProps) {
  return (
    <div className={classes.column} role="group" aria-label="Blend">
      {thickeners.map((part, i) => (
        <div key={i} className={classes.row}>
          <Select
            aria-label={`Thickener ${i + 1}`}
            data={open.map(({ id, label }) => ({ value: id, label }))}
            value={part.thickener}
            allowDeselect={false}
            onChange={(id) =>
              id &&
              changeFilling({
                thickeners: thickeners.map((old, j) => (j === i ? { ...old, thickener: id } : old)),
              })
            }
          />
          <QuantityField
            limit="filling.thickeners.share"
            label=""
            name={`Parts of thickener ${i + 1}`}
            unit="count"
            width={90}
            size="sm"
            value={part.share}
            onChange={(share) =>
              share !== null &&
              changeFilling({
                thickeners: thickeners.map((old, j) => (j === i ? { ...old, share } : old)),
              })
            }
          />
          <span>
            parts: <Fig figure={figures[`thickener.${i}.mass`]} />
          </span>
          <ActionIcon
            variant="subtle"
            size="lg"
            aria-label={`Take out thickener ${i + 1}`}
            onClick={() => changeFilling({ thickeners: thickeners.filter((_, j) => j !== i) })}
          >
            <IconX size={20} />
          </ActionIcon>
        </div>
      ))}
    </div>
  );
}
