import { ActionIcon, Select } from '@mantine/core';
import type { AdditionPart } from '@mardle/core';
import { builtInAdditions } from '@mardle/core';
import { IconX } from '@tabler/icons-react';
import { Fig } from '../../../../shared/ui/Figure/Fig.js';
import type { StationProps } from '../../../../state/changeSpec.js';
import { changeFilling } from '../../../../state/changeSpec.js';
import { QuantityField } from '../../../../shared/ui/QuantityField.js';
import classes from '../../../../shared/ui/stations.module.css';

const MOST = 6;
const USUAL_G = 60;

const all = [...builtInAdditions.values()].map(({ id, label }) => ({ value: id, label }));

/** Liquids, jams and purees that go in beside the fruit: their water wants thickening, their sugar is not weighed again. */
export function BesidePart({ spec, plan }: StationProps) {
  const additions = spec.filling.additions ?? [];
  const set = (next: readonly AdditionPart[]): void =>
    changeFilling({ additions: next.length > 0 ? next : undefined });
  const free = all.filter(({ value }) => !additions.some(({ addition }) => addition === value));
  return (
    <>
      {additions.map(({ addition, massG }, i) => (
        <div key={addition} className={classes.row}>
          <QuantityField
            limit="filling.additions.massG"
            label={builtInAdditions.get(addition)?.label ?? addition}
            unit="g"
            width={230}
            value={massG}
            onChange={(next) =>
              next !== null && set(additions.map((part, j) => (i === j ? { ...part, massG: next } : part)))
            }
          />
          <ActionIcon
            variant="subtle"
            size="lg"
            aria-label={`Leave out ${builtInAdditions.get(addition)?.label ?? addition}`}
            onClick={() => set(additions.filter((_, j) => j !== i))}
          >
            <IconX size={22} />
          </ActionIcon>
        </div>
      ))}
      {additions.length < MOST && (
        <Select
          label={additions.length > 0 ? 'and' : 'A liquid, jam or puree goes in'}
          placeholder="Choose one"
          data={free}
          value={null}
          searchable
          w={280}
          onChange={(id) => id && set([...additions, { addition: id, massG: USUAL_G }])}
        />
      )}
      <p className={classes.plain}>
        In all <Fig figure={plan?.figures['ledger.liquid_water']} /> of water beside the fruit's own; it takes{' '}
        <Fig figure={plan?.figures['thickener.dose']} band /> of thickener and{' '}
        <Fig figure={plan?.figures['sugar.mass']} /> of sugar.
      </p>
    </>
  );
}
