import type { PieResponse } from '@mardle/contract';
import type { PieSpec } from '@mardle/core';
import { colourTargets, draftPlan, readSpec, showText, starterSpec } from '@mardle/core';
import { Alert, Button, FileButton, Group } from '@mantine/core';
import { IconCopy, IconPlus, IconTrash, IconUpload } from '@tabler/icons-react';
import type { CSSProperties } from 'react';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useCreatePie, usePies, useRemovePie } from '../api/pies.js';
import { crustColour } from '../bench/CrossSection/colours.js';
import { viewOf } from '../bench/forms/index.js';
import { Failure } from '../kit/Failure.js';
import { useSettings } from '../state/settings.js';
import classes from './PiesPlace.module.css';

/** Which pies there are; start one, copy one, read one from a file. */
export function PiesPlace() {
  const { data: pies, error } = usePies();
  const create = useCreatePie();
  const remove = useRemovePie();
  const navigate = useNavigate();
  const [badFile, setBadFile] = useState<readonly string[]>([]);
  const begin = async (spec: PieSpec): Promise<void> => {
    const made = await create.mutateAsync(spec).catch(() => null);
    if (made) await navigate(`/pies/${made.id}`);
  };
  const readFile = async (file: File | null): Promise<void> => {
    if (!file) return;
    const read = readPie(await file.text());
    setBadFile(read.ok ? [] : read.problems);
    if (read.ok) await begin(read.spec);
  };
  return (
    <>
      <Group justify="space-between" mb={14}>
        <h1>Pies</h1>
        <Group gap={8}>
          <FileButton accept="application/json,.json" onChange={(file) => void readFile(file)}>
            {(props) => (
              <Button {...props} variant="default" leftSection={<IconUpload size={18} />}>
                From a file
              </Button>
            )}
          </FileButton>
          <Button
            leftSection={<IconPlus size={18} />}
            loading={create.isPending}
            onClick={() => void begin({ ...starterSpec, name: 'New pie' })}
          >
            New pie
          </Button>
        </Group>
      </Group>
      {badFile.length > 0 && (
        <Alert
          color="red"
          title="That file is not a pie"
          role="alert"
          mb={12}
          withCloseButton
          closeButtonLabel="Close"
          onClose={() => setBadFile([])}
        >
          {badFile.slice(0, 5).join(' ')}
        </Alert>
      )}
      {[error, create.error, remove.error].map(
        (problem, i) => problem && <Failure key={i} error={problem} />,
      )}
      {pies?.length === 0 && (
        <p className={classes.empty}>No pies yet. Start with the fruit that is on the bench: New pie.</p>
      )}
      <ul className={classes.shelf}>
        {pies?.map((pie) => (
          <PieCard
            key={pie.id}
            pie={pie}
            onCopy={() => void begin({ ...pie.spec, name: `${pie.spec.name}, copy` })}
            onRemove={() => {
              if (window.confirm(`Put away “${pie.spec.name}”? Its bakes stay in the log.`))
                remove.mutate(pie.id);
            }}
          />
        ))}
      </ul>
    </>
  );
}

type ReadFile =
  | { readonly ok: true; readonly spec: PieSpec }
  | { readonly ok: false; readonly problems: readonly string[] };

/** A pie out of a file of any version. */
function readPie(text: string): ReadFile {
  let plain: unknown;
  try {
    plain = JSON.parse(text);
  } catch {
    return { ok: false, problems: ['It is not JSON. Choose a file that “Save as a file” made.'] };
  }
  const read = readSpec(plain);
  return read.ok
    ? read
    : { ok: false, problems: read.problems.map(({ message, remedy }) => `${message} ${remedy}`) };
}

interface PieCardProps {
  readonly pie: PieResponse;
  readonly onCopy: () => void;
  readonly onRemove: () => void;
}

/** The colour that its pastry is baked to, for its picture. */
const asBaked = ({ bake }: PieSpec): CSSProperties =>
  ({ '--pastry': crustColour(colourTargets[bake.colour].index) }) as CSSProperties;

function PieCard({ pie, onCopy, onRemove }: PieCardProps) {
  const units = useSettings((state) => state.units);
  const { spec } = pie;
  const drafted = useMemo(() => draftPlan(spec), [spec]);
  const say = (massG: number): string => showText(massG, 'g', units);
  const { FromAbove } = viewOf(spec.form.kind);
  return (
    <li className={classes.pie}>
      <Link to={`/pies/${pie.id}`} className={classes.link}>
        <div className={classes.picture} aria-hidden style={asBaked(spec)}>
          {drafted.ok && <FromAbove plan={drafted.plan} />}
        </div>
        <h2>{spec.name}</h2>
        {drafted.ok && (
          <p>
            {say(drafted.plan.filling.batch.massG)} fruit · {say(drafted.plan.filling.sugar.massG)} sugar
            <br />
            {say(drafted.plan.filling.thickenerG)} thickener · {say(drafted.plan.build.dough.massG)} dough
          </p>
        )}
        <p className={classes.small}>
          {spec.dish.label} · {spec.bake.oven.label} · version {pie.version}
        </p>
      </Link>
      <div className={classes.tools}>
        <button type="button" aria-label={`Copy ${spec.name}`} onClick={onCopy}>
          <IconCopy size={20} />
        </button>
        <button type="button" aria-label={`Put away ${spec.name}`} onClick={onRemove}>
          <IconTrash size={20} />
        </button>
      </div>
    </li>
  );
}
