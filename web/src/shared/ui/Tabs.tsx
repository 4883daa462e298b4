import { Tabs as MantineTabs } from '@mantine/core';
import type { ReactNode } from 'react';
import { useState } from 'react';
import classes from './Tabs.module.css';

export interface Leaf {
  readonly id: string;
  readonly word: string;
  readonly content: () => ReactNode;
}

interface TabsProps {
  readonly label: string;
  readonly leaves: readonly Leaf[];
  /** Which leaf was asked for, where a leaf itself opens another; else the tabs remember it. */
  readonly asked?: string | null;
  readonly onAsk?: (id: string | null) => void;
  /** The leaf that is open at first, where a link names one. */
  readonly first?: string | null;
}

/** Leaves of one station: only the open one is drawn. */
export function Tabs({ label, leaves, asked: told, onAsk, first = null }: TabsProps) {
  const [remembered, remember] = useState(first);
  const asked = told === undefined ? remembered : told;
  const setOpen = onAsk ?? remember;
  // A leaf may go while it is open: then the first is.
  const open = leaves.some(({ id }) => id === asked) ? asked : (leaves[0]?.id ?? null);
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
