import { Switch } from '@mantine/core';
import { builtInLarder, formOf } from '@mardle/core';
import { Choice } from '../../../shared/ui/Choice/Choice.js';
import { Tabs } from '../../../shared/ui/Tabs.js';
import type { StationProps } from '../../../state/changeSpec.js';
import { changePastry } from '../../../state/changeSpec.js';
import { viewOf } from '../../../pie/forms/index.js';

/** What is brushed and strewn on pastry. */
function WashPart({ spec }: Pick<StationProps, 'spec'>) {
  return (
    <>
      <Choice
        label="Wash"
        value={spec.pastry.wash}
        options={[...builtInLarder.washes.values()].map(({ id, label, effect }) => ({
          value: id,
          label,
          note: effect,
        }))}
        onChange={(wash) => changePastry({ wash })}
      />
      <Switch
        label="Coarse sugar on top"
        checked={spec.pastry.coarseSugar}
        onChange={(event) => changePastry({ coarseSugar: event.currentTarget.checked })}
      />
    </>
  );
}

/** What goes over the filling, by the form; then the wash of those that are pastry. */
export function TopStation(props: StationProps) {
  const { kind } = props.spec.form;
  const { Controls } = viewOf(kind);
  return (
    <Tabs
      label="Top"
      leaves={[
        { id: 'design', word: 'Design', content: () => <Controls {...props} /> },
        ...(formOf(kind).washed
          ? [{ id: 'wash', word: 'Wash', content: () => <WashPart spec={props.spec} /> }]
          : []),
      ]}
    />
  );
}
