import type { Advice } from '@mardle/core';
import { adviceText } from '@mardle/core';
import { IconAlertTriangle, IconEye, IconLeaf } from '@tabler/icons-react';
import { memo } from 'react';
import { useSettings } from '../../state/settings.js';
import classes from './Advice.module.css';

const marks = {
  good: { Icon: IconLeaf, word: 'Right' },
  // Told by its colour and its eye: a word before every line is read past.
  watch: { Icon: IconEye, word: null },
  danger: { Icon: IconAlertTriangle, word: 'Danger' },
} as const;

/** Danger stands first. */
const order = { good: 0, watch: 1, danger: 2 } as const;

/** Said where it applies, but not between a home baker and a pie: for jars, and for pies that are sold. */
const asides: ReadonlySet<string> = new Set(['canning', 'selling']);

/** What should be said where the work is: colour, shape and word together. */
export const AdviceList = memo(function AdviceList({
  advice,
  label,
}: {
  readonly advice: readonly Advice[];
  readonly label: string;
}) {
  if (advice.length === 0) return null;
  const aside = advice.filter(({ id }) => asides.has(id));
  return (
    <>
      <Lines label={label} advice={advice.filter(({ id }) => !asides.has(id))} />
      {aside.length > 0 && (
        <details className={classes.aside}>
          <summary>For jars, and for pies that you sell</summary>
          <Lines label="For jars and for selling" advice={aside} />
        </details>
      )}
    </>
  );
});

function Lines({ advice, label }: { readonly advice: readonly Advice[]; readonly label: string }) {
  const units = useSettings((state) => state.units);
  const first = useSettings((state) => state.first);
  if (advice.length === 0) return null;
  return (
    <ul className={classes.list} aria-label={label}>
      {[...advice]
        .sort((a, b) => order[b.level] - order[a.level])
        .map((one) => {
          const { id, level } = one;
          const { Icon, word } = marks[level];
          return (
            <li key={id} className={classes[level]}>
              <Icon
                size={20}
                aria-hidden={word !== null}
                aria-label={word === null ? 'Caution' : undefined}
              />
              <span>
                {word !== null && <b>{word}. </b>}
                {adviceText(one, units, first)}
              </span>
            </li>
          );
        })}
    </ul>
  );
}
