import { ActionIcon, Popover } from '@mantine/core';
import type { Unit } from '@mardle/core';
import { IconPencil } from '@tabler/icons-react';
import { useState } from 'react';
import type { Limit } from '../QuantityField.js';
import { QuantityField } from '../QuantityField.js';
import classes from './Dial.module.css';

/** The amount behind a dial, which can be said instead of turned to. */
export interface TypedAmountProps {
  /** What is weighed. */
  readonly label: string;
  readonly limit: string | Limit;
  readonly unit: Unit;
  readonly value: number | null;
  /** What a cup of it weighs, g: then cups and spoons of it can be typed too. */
  readonly cupG?: number | undefined;
  /** What an empty field means; without it the field may not be empty. */
  readonly empty?: string;
  /** What is worth knowing of the amount as it is. */
  readonly note?: string | undefined;
  readonly onChange: (value: number | null) => void;
}

/** A pencil beside a dial: the amount as the baker says it, "a cup", "3 tbsp", "200 g". */
export function TypedAmount({ note, ...field }: TypedAmountProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Popover opened={isOpen} onChange={setOpen} trapFocus returnFocus withArrow shadow="md">
      <Popover.Target>
        <ActionIcon
          variant="subtle"
          color="gray"
          size={24}
          aria-label={`Type how much: ${field.label}`}
          onClick={() => setOpen(!isOpen)}
        >
          <IconPencil size={16} aria-hidden />
        </ActionIcon>
      </Popover.Target>
      <Popover.Dropdown>
        <form
          onSubmit={(event) => {
            event.preventDefault();
            setOpen(false);
          }}
        >
          <QuantityField {...(field as Required<TypedAmountProps>)} width={210} />
          <p className={classes.note} role="status">
            {note ?? (field.cupG === undefined ? '' : 'As you say it: 200 g, a cup, 3 tbsp.')}
          </p>
        </form>
      </Popover.Dropdown>
    </Popover>
  );
}
