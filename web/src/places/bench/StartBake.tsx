import type { PieResponse } from '@mardle/contract';
import type { PiePlan, PieSpec } from '@mardle/core';
import { careAt, showText } from '@mardle/core';
import { Button, Group, Modal } from '@mantine/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useStartBake } from '../../shared/api/bakes.js';
import { AdviceList } from '../../shared/ui/Advice.js';
import { useFocusBack } from '../../shared/hooks/useFocusBack.js';
import { Failure } from '../../shared/ui/Failure.js';
import { useSettings } from '../../state/settings.js';

interface StartBakeProps {
  readonly pie: PieResponse;
  readonly spec: PieSpec;
  readonly plan: PiePlan;
  readonly changed: boolean;
  readonly save: () => Promise<PieResponse | null>;
  readonly onClose: () => void;
}

/** The last look before the pie goes in. */
export function StartBake({ pie, spec, plan, changed, save, onClose }: StartBakeProps) {
  const units = useSettings((state) => state.units);
  useFocusBack();
  const start = useStartBake();
  const navigate = useNavigate();
  // One id for this dialog: pressing twice starts one bake.
  const [id] = useState(() => crypto.randomUUID());
  const [loadedId] = useState(() => crypto.randomUUID());
  // What was read when the dialog opened is what is baked: it does not change under the hand.
  const [settled] = useState(plan.bake);
  if (!settled) return null;
  const [first, second] = settled.stages;
  const single = first.tempC === second.tempC;

  const load = async (): Promise<void> => {
    const kept = changed ? await save() : pie;
    if (!kept) return;
    const started = await start
      .mutateAsync({
        id,
        pieId: pie.id,
        pieVersion: kept.version,
        spec,
        stages: [first, second],
        loaded: { id: loadedId, kind: 'loaded', at: new Date().toISOString() },
      })
      .catch(() => null);
    if (started) await navigate('/oven');
  };

  return (
    <Modal
      opened
      onClose={onClose}
      title={`${spec.name} into the ${spec.bake.oven.label}`}
      closeButtonProps={{ 'aria-label': 'Close' }}
    >
      <p>
        The {spec.bake.oven.label} stands at <b>{showText(first.tempC, 'C', units)}</b>, heated through.{' '}
        {single ? (
          <>{first.timeMin + second.timeMin} minutes at this one heat.</>
        ) : (
          <>
            {first.timeMin} minutes, then <b>{showText(second.tempC, 'C', units)}</b> for {second.timeMin}.
          </>
        )}
      </p>
      <AdviceList
        label="Before you load"
        advice={[
          ...plan.advice.filter(({ level, station }) => level === 'danger' && station === 'oven'),
          ...careAt('oven', 'spill_tray'),
        ]}
      />
      {changed && <p>The pie is saved first, as a new version.</p>}
      {start.error && <Failure error={start.error} />}
      <Group mt={16} justify="flex-end">
        <Button variant="default" onClick={onClose}>
          Not yet
        </Button>
        <Button loading={start.isPending} onClick={() => void load()} data-autofocus>
          It is in the oven now
        </Button>
      </Group>
    </Modal>
  );
}
