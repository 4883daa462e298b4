import { Table } from '@mantine/core';
import type { Bake, PiePlan, Stage } from '@mardle/core';
import { markOnKnob, otherWaysInWords, showText } from '@mardle/core';
import { useState } from 'react';
import { useSettings } from '../../../../state/settings.js';
import { colourWord } from '../../../../pie/CrossSection/colours.js';
import { stagesInOtherKind } from '../../../../shared/workers/bake.js';
import { changeBake } from '../../../../state/changeSpec.js';
import classes from '../../../../shared/ui/stations.module.css';

interface OtherWaysProps {
  readonly plan: PiePlan;
  readonly bake: Bake;
}

/** Ranges within which the pie still comes out right, and what the next best heats cost. */
export function OtherWays({ plan, bake }: OtherWaysProps) {
  const units = useSettings((state) => state.units);
  const { knob, kind } = plan.spec.bake.oven;
  const [elsewhere, setElsewhere] = useState<readonly [Stage, Stage] | 'asked' | null>(null);
  const { bands, others } = bake;
  if (!bands) return null;
  const heat = (tempC: number): string => markOnKnob(tempC, knob) ?? showText(tempC, 'C', units);
  const range = (low: string, high: string): string => (low === high ? low : `${low} to ${high}`);
  const chosen = { ...bake.atEnd, browning: bake.atEnd.topBrowning, foilMin: bake.foilMin };
  const said = otherWaysInWords(others, chosen);
  const minutes = ({ low, high }: { readonly low: number; readonly high: number }): string =>
    range(String(Math.round(low)), `${Math.round(high)} min`).replace(/^(\d+)$/, '$1 min');
  return (
    <>
      <p className={classes.plain}>
        It comes out right with a first stage of {range(heat(bands.firstC.low), heat(bands.firstC.high))} for{' '}
        {minutes(bands.firstMin)}, then {range(heat(bands.secondC.low), heat(bands.secondC.high))} for{' '}
        {minutes(bands.secondMin)}, the others following.
      </p>
      {said.length > 0 && (
        <ul>
          {said.map(({ way, differs }) => (
            <li key={`${way.firstC}/${way.secondC}`}>
              {way.firstC === way.secondC
                ? `${heat(way.firstC)} for ${Math.round(way.doneMin)} minutes`
                : `${heat(way.firstC)} for ${Math.round(way.firstMin)} minutes, then ${heat(way.secondC)} for ${Math.round(way.doneMin - way.firstMin)},`}{' '}
              would do too{differs === '' ? '' : `: ${differs}`}.
            </li>
          ))}
        </ul>
      )}
      <p className={classes.plain}>
        <button
          type="button"
          className={classes.link}
          onClick={() => {
            setElsewhere('asked');
            void stagesInOtherKind(plan.work, plan.spec.bake).then((found) => setElsewhere(found ?? null));
          }}
        >
          And in a {kind === 'fan' ? 'still' : 'fan'} oven?
        </button>{' '}
        <span role="status">
          {elsewhere === 'asked' && 'Baking it there …'}
          {elsewhere !== null &&
            elsewhere !== 'asked' &&
            `There, if it is true to its knob: ${elsewhere
              .map(({ tempC, timeMin }) => `${heat(tempC)} ${timeMin} min`)
              .join(', then ')}.`}
        </span>
      </p>
      {others.length > 0 && (
        <Table fz="sm" verticalSpacing={1} horizontalSpacing={4} aria-label="Other heats">
          <Table.Thead>
            <Table.Tr>
              {['First', 'Then', 'Out after', 'Costs', 'Top', 'Instead'].map((word) => (
                <Table.Th key={word}>{word}</Table.Th>
              ))}
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {others.slice(0, 4).map((way) => {
              const firstMin = Math.round(way.firstMin);
              const restMin = Math.max(0, Math.round(way.doneMin) - firstMin);
              const longer = Math.round(way.longerMin);
              return (
                <Table.Tr key={`${way.firstC}/${way.secondC}`}>
                  <Table.Td>
                    {heat(way.firstC)}, {firstMin} min
                  </Table.Td>
                  <Table.Td>
                    {heat(way.secondC)}, {restMin} min
                  </Table.Td>
                  <Table.Td>{firstMin + restMin} min</Table.Td>
                  <Table.Td>
                    {longer === 0 ? 'no time' : longer > 0 ? `${longer} min more` : `${-longer} min less`}
                  </Table.Td>
                  <Table.Td>{colourWord(way.browning)}</Table.Td>
                  <Table.Td>
                    <button
                      type="button"
                      className={classes.link}
                      aria-label={`Bake at ${heat(way.firstC)}, then ${heat(way.secondC)}`}
                      onClick={() =>
                        changeBake({
                          stages: [
                            { tempC: way.firstC, timeMin: firstMin },
                            { tempC: way.secondC, timeMin: restMin },
                          ],
                        })
                      }
                    >
                      take it
                    </button>
                  </Table.Td>
                </Table.Tr>
              );
            })}
          </Table.Tbody>
        </Table>
      )}
    </>
  );
}
