import { Button, Drawer } from '@mantine/core';
import type { Figure, Input } from '@mardle/core';
import { saidIn, showText } from '@mardle/core';
import { IconArrowLeft } from '@tabler/icons-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useSettings } from '../../../state/settings.js';
import { useWhy } from '../../../state/why.js';
import { useFocusBack } from '../../hooks/useFocusBack.js';
import classes from './WhyDrawer.module.css';

interface WhyDrawerProps {
  readonly figures: Readonly<Record<string, Figure>>;
  /** What stands over the story of a line of the slip: what it is called, and how its amount is said. */
  readonly ofLine?: (line: string) => { readonly title: string; readonly field: ReactNode } | null;
}

/** The story of a figure: rule, inputs as links to their own stories, source, band. */
export function WhyDrawer({ figures, ofLine }: WhyDrawerProps) {
  const opened = useWhy((state) => state.trail.length > 0 || state.line !== null);
  // A closed drawer costs nothing while a dial turns.
  return opened ? <OpenDrawer figures={figures} {...(ofLine && { ofLine })} /> : null;
}

function OpenDrawer({ figures, ofLine }: WhyDrawerProps) {
  const units = useSettings((state) => state.units);
  const { trail, line, back, close, follow } = useWhy();
  useFocusBack();
  const id = trail.at(-1);
  const figure = id === undefined ? undefined : figures[id];
  // Further on in the trail it is another figure's story.
  const said = line !== null && trail.length < 2 ? (ofLine?.(line) ?? null) : null;
  return (
    <Drawer
      opened={figure !== undefined || said !== null}
      onClose={close}
      position="right"
      size={400}
      title={said?.title ?? figure?.label ?? ''}
      closeButtonProps={{ 'aria-label': 'Close' }}
      overlayProps={{ backgroundOpacity: 0.2 }}
    >
      {said?.field}
      {figure && (
        <div className={classes.story}>
          {trail.length > 1 && (
            <Button variant="subtle" size="sm" leftSection={<IconArrowLeft size={18} />} onClick={back}>
              Back
            </Button>
          )}
          <p className={classes.value}>{showText(figure.value, figure.unit, units)}</p>
          {figure.high > figure.low && (
            <p>
              Nine times in ten between {showText(figure.low, figure.unit, units)} and{' '}
              {showText(figure.high, figure.unit, units)}.
            </p>
          )}
          <h3>How</h3>
          {figure.why.sum.length > 0 && (
            <p className={classes.sum}>
              {figure.why.sum
                .map((word) => (typeof word === 'string' ? word : showText(word.value, word.unit, units)))
                .join('')}
            </p>
          )}
          <p>{saidIn(figure.why.rule, units)}</p>
          {figure.why.narrows !== '' && figure.high > figure.low && (
            <>
              <h3>What would narrow it</h3>
              <p>{figure.why.narrows}</p>
            </>
          )}
          {figure.why.inputs.length > 0 && (
            <>
              <h3>From</h3>
              <ul>
                {figure.why.inputs.map((input, i) => (
                  <li key={i}>
                    <InputLine input={input} figures={figures} follow={follow} />
                  </li>
                ))}
              </ul>
            </>
          )}
          <h3>Source</h3>
          <p>{figure.why.source}</p>
        </div>
      )}
    </Drawer>
  );
}

interface InputLineProps extends WhyDrawerProps {
  readonly input: Input;
  readonly follow: (id: string) => void;
}

function InputLine({ input, figures, follow }: InputLineProps) {
  const units = useSettings((state) => state.units);
  if ('figure' in input) {
    const from = figures[input.figure];
    if (!from) return null;
    return (
      <button type="button" className={classes.link} onClick={() => follow(from.id)}>
        {from.label}: {showText(from.value, from.unit, units)}
      </button>
    );
  }
  if ('text' in input) {
    return (
      <>
        {input.label}: {input.text}
      </>
    );
  }
  const said = `${input.label}: ${showText(input.value, input.unit, units)}`;
  if (input.fruit === undefined) return said;
  return (
    <Link to={`/larder?shelf=fruits&fruit=${encodeURIComponent(input.fruit)}`} title="Its row in the larder">
      {said}
    </Link>
  );
}
