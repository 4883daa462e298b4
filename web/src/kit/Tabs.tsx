import { Tabs as MantineTabs } from '@mantine/core';
import type { ReactNode } from 'react';
import { useState } from 'react';
import classes from './Tabs.module.css';

export interface Leaf {
  readonly id: string;
  readonly word: string;
  readonly content: () => ReactNode;
}

/** Leaves of one station: only the open one is drawn. */
export function Tabs({ label, leaves }: { readonly label: string; readonly leaves: readonly Leaf[] }) {
  const [open, setOpen] = useState<string | null>(leaves[0]?.id ?? null);
  return (
    <MantineTabs
      unstyled
      keepMounted={false}
      value={open}
      onChange={setOpen}
      classNames={{ root: classes.tabs, list: classes.list, panel: classes.panel }}
    >
      <MantineTabs.List aria-label={label}>
        {leaves.map(({ id, word }) => (
          <MantineTabs.Tab key={id} value={id}>
            {word}
          </MantineTabs.Tab>
        ))}
      </MantineTabs.List>
      {leaves.map(({ id, content }) => (
        <MantineTabs.Panel key={id} value={id}>
          {id === open && content()}
        </MantineTabs.Panel>
      ))}
    </MantineTabs>
  );
}
