import type { Lattice, Outline } from '@mardle/core';
import { showText, weaveSteps } from '@mardle/core';
import { Button, Group, Modal } from '@mantine/core';
import { useFocusBack } from '../../../../shared/hooks/useFocusBack.js';
import { useKeys } from '../../../../shared/hooks/useKeys.js';
import { useState } from 'react';
import { useSettings } from '../../../../state/settings.js';
import { LatticePlan } from './LatticePlan.js';
import classes from './Weave.module.css';

interface WeaveStepsProps {
  readonly lattice: Lattice;
  readonly top: Outline;
  readonly onClose: () => void;
}

const sideWords = {
  middle: 'across the middle',
  right: 'next to it, nearer to you',
  left: 'next to it, away from you',
} as const;

/** The weave as steps to tap through while both hands are busy: Space or the arrow on, the other arrow back. */
export function WeaveSteps({ lattice, top, onClose }: WeaveStepsProps) {
  const units = useSettings((state) => state.units);
  const count = lattice.long.length;
  const steps = weaveSteps(count, lattice.cross.length);
  const [at, setAt] = useState(0);
  useFocusBack();
  const last = steps.length + 1;
  const on = (): void => setAt((step) => Math.min(last, step + 1));
  const back = (): void => setAt((step) => Math.max(0, step - 1));
  useKeys(
    [
      ['space', on],
      ['ArrowRight', on],
      ['ArrowLeft', back],
    ],
    'dialog',
  );
  const now = at >= 1 && at <= steps.length ? (steps[at - 1] ?? null) : null;
  const say = (): string => {
    if (at === 0)
      return `Lay all ${count} long strips side by side, ${showText(lattice.gapCm, 'cm', units)} apart.`;
    if (!now) return 'Trim the ends to the rim, tuck them under, crimp.';
    const where = sideWords[now.side];
    return `Fold back ${now.foldBack.join(', ') || 'none'}. Lay cross strip ${now.cross} ${where}. Unfold.`;
  };
  return (
    <Modal
      opened
      onClose={onClose}
      fullScreen
      title={`The weave, step ${at + 1} of ${last + 1}`}
      closeButtonProps={{ 'aria-label': 'Close' }}
    >
      <div className={classes.steps}>
        <LatticePlan
          lattice={lattice}
          top={top}
          steps={at === 0 ? [] : steps.slice(0, Math.min(at, steps.length))}
          now={now}
          label={say()}
        />
        <div>
          <p className={classes.say} role="status">
            {say()}
          </p>
          <Group gap={12}>
            <Button size="xl" variant="default" disabled={at === 0} onClick={back}>
              Back
            </Button>
            <Button size="xl" data-autofocus onClick={at === last ? onClose : on}>
              {at === last ? 'Done' : 'Next'}
            </Button>
          </Group>
        </div>
      </div>
    </Modal>
  );
}
