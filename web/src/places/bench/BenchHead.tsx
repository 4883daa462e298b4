import type { PieResponse } from '@mardle/contract';
import type { PiePlan, PieSpec } from '@mardle/core';
import { ActionIcon, Button, Menu, TextInput } from '@mantine/core';
import { IconArrowBackUp, IconArrowForwardUp, IconDotsVertical } from '@tabler/icons-react';
import type { ReactNode } from 'react';
import { memo, useState } from 'react';
import { useStore } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import { usePieVersions, readPieVersion } from '../../shared/api/pies.js';
import { HeadSlot } from '../../app/HeadSlot.js';
import { useKeys } from '../../shared/hooks/useKeys.js';
import { Failure } from '../../shared/ui/Failure.js';
import { isChanged, useBench } from '../../state/bench.js';
import classes from './BenchHead.module.css';
import { SavedElsewhere } from './SavedElsewhere.js';
import { StartBake } from './StartBake.js';
import { useSettings } from '../../state/settings.js';
import { useTyped } from '../../state/typed.js';
import { downloadRecipe, downloadSpec } from '../../shared/download.js';
import type { KitchenFigures } from './kitchenFigures.js';
import { usePieSaving } from './usePieSaving.js';
import { useChangedElsewhere } from './useChangedElsewhere.js';

interface BenchHeadProps {
  readonly pie: PieResponse;
  readonly name: string;
  readonly kitchen: KitchenFigures;
  readonly plan: PiePlan | null;
  /** The answer of this oven is still being worked out. */
  readonly baking: boolean;
}

/** Why the pie cannot be baked yet; undefined when it can. */
function whyNotBaked(plan: PiePlan | null, baking: boolean): string | undefined {
  if (baking) return 'Working out the heats of this oven …';
  return plan?.bake ? undefined : 'Something in it has to be mended first: the stations say what.';
}

/** Name, version, and what can be done with the pie as a whole. */
export const BenchHead = memo(function BenchHead({ pie, name, plan, baking, kitchen }: BenchHeadProps) {
  const { change, undo, redo } = useBench.getState();
  const basedOn = useBench((state) => state.basedOn);
  const canUndo = useStore(useBench.temporal, ({ pastStates }) => pastStates.length > 0);
  const canRedo = useStore(useBench.temporal, ({ futureStates }) => futureStates.length > 0);
  const changed = useBench(isChanged);
  const unread = useTyped(useShallow((state) => Object.values(state.unread)));
  const { onBench, saveNow, saveCopy, isSaving, keptHere, clash, errors } = usePieSaving(pie, name, kitchen);
  const [starting, setStarting] = useState(false);
  const hasName = name.trim() !== '';
  useKeys([['mod+s', () => void saveNow()]]);

  return (
    <div className="no-print">
      <HeadSlot>
        <div className={classes.head}>
          <h1 className={classes.hidden}>{name}</h1>
          <TextInput
            aria-label="Name of the pie"
            className={classes.name}
            classNames={{ input: classes.nameInput }}
            value={name}
            maxLength={120}
            error={hasName ? undefined : 'Give the pie a name'}
            onChange={(event) => {
              const typed = event.currentTarget.value;
              change((old) => ({ ...old, name: typed }));
            }}
          />
          <SaveState pieId={pie.id} keptHere={keptHere} />
          <Step word="Undo" hotkey="z" can={canUndo} onStep={undo} icon={<IconArrowBackUp size={20} />} />
          <Step
            word="Redo"
            hotkey="Shift z"
            can={canRedo}
            onStep={redo}
            icon={<IconArrowForwardUp size={20} />}
          />
          <Button
            variant="default"
            px={12}
            loading={isSaving}
            disabled={!changed || keptHere || !hasName}
            onClick={() => void saveNow()}
          >
            Save
          </Button>
          <Button
            px={12}
            disabled={!plan?.bake || baking}
            title={whyNotBaked(plan, baking)}
            onClick={() => setStarting(true)}
          >
            Bake it
          </Button>
          <MoreMenu pie={pie} plan={plan} onBench={onBench} onCopy={() => void saveCopy()} />
        </div>
      </HeadSlot>
      {(pie.version > basedOn || clash) && (
        <SavedElsewhere
          pie={pie}
          onKeepMine={(version) => void saveNow(version)}
          onCopy={() => void saveCopy()}
        />
      )}
      {unread.length > 0 && (
        <p role="status" className={classes.unread}>
          Not in it, since it cannot be read:{' '}
          {unread.map(({ label, text }) => `${label}, “${text}”`).join('; ')}.
        </p>
      )}
      {errors.map((error) => (
        <Failure key={error.message} error={error} />
      ))}
      {starting && plan?.bake && (
        <StartBake
          pie={pie}
          spec={plan.spec}
          plan={plan}
          changed={changed}
          save={() => saveNow()}
          onClose={() => setStarting(false)}
        />
      )}
    </div>
  );
});

interface StepProps {
  readonly word: string;
  readonly hotkey: string;
  readonly can: boolean;
  readonly icon: ReactNode;
  readonly onStep: () => void;
}

/** One step back or forth. */
function Step({ word, hotkey, can, icon, onStep }: StepProps) {
  return (
    <ActionIcon
      variant="default"
      size={36}
      aria-label={word}
      title={`${word} (${hotkey})`}
      disabled={!can}
      onClick={onStep}
    >
      {icon}
    </ActionIcon>
  );
}

/** Whether what lies on the bench is saved, and where. */
function SaveState({ pieId, keptHere }: { readonly pieId: string; readonly keptHere: boolean }) {
  const basedOn = useBench((state) => state.basedOn);
  const restored = useBench((state) => state.restored);
  const changed = useBench(isChanged);
  const changedElsewhere = useChangedElsewhere(pieId);
  return (
    <span className={classes.state} role="status">
      {keptHere ? 'saved here' : changed ? 'not saved' : `version ${basedOn}, saved`}
      {keptHere && <small>sent when Mardle answers</small>}
      {changed && !keptHere && (
        <small>{restored ? 'changes kept from before' : `builds on version ${basedOn}`}</small>
      )}
      {changedElsewhere && <small>other changes in another tab</small>}
    </span>
  );
}

interface MoreMenuProps {
  readonly pie: PieResponse;
  readonly plan: PiePlan | null;
  readonly onBench: () => PieSpec;
  readonly onCopy: () => void;
}

/** What is seldom done with a pie: copies, files, earlier versions. */
function MoreMenu({ pie, plan, onBench, onCopy }: MoreMenuProps) {
  const { change, discard } = useBench.getState();
  const changed = useBench(isChanged);
  const { data: versions } = usePieVersions(pie.id, pie.version);
  return (
    <Menu position="bottom-end" withinPortal={false}>
      <Menu.Target>
        <Button variant="default" px={10} aria-label="More">
          <IconDotsVertical size={18} />
        </Button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item onClick={onCopy}>Save as a copy</Menu.Item>
        <Menu.Item onClick={() => downloadSpec(onBench())}>Save as a file</Menu.Item>
        <Menu.Item
          disabled={!plan}
          onClick={() => plan && downloadRecipe(plan, useSettings.getState().units)}
        >
          Save as a recipe for other programs
        </Menu.Item>
        <Menu.Item disabled={!changed} onClick={discard}>
          Throw away the changes
        </Menu.Item>
        {versions && versions.length > 1 && <Menu.Label>Go back to an earlier version</Menu.Label>}
        {versions?.slice(0, 8).map(({ version, savedAt }) => (
          <Menu.Item
            key={version}
            onClick={() => void readPieVersion(pie.id, version).then(({ spec: old }) => change(() => old))}
          >
            Version {version},{' '}
            {new Date(savedAt).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}
