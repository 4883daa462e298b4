import { ActionIcon, Button, NumberInput, Select, Switch } from '@mantine/core';
import type { FruitCut, FruitPart, FruitPiece, FruitState, Larder, OwnFruit } from '@mardle/core';
import { builtInLarder, withOwnFruits } from '@mardle/core';
import { IconPlus, IconX } from '@tabler/icons-react';
import { useMemo } from 'react';
import { Choice } from '../../kit/Choice/Choice.js';
import { Dial } from '../../kit/Dial/Dial.js';
import { Fig } from '../../kit/Figure/Fig.js';
import type { StationProps } from '../useBenchSpec.js';
import { changeFilling } from '../useBenchSpec.js';
import { juicinessStops } from '../words.js';
import { FruitAmount } from './FruitAmount.js';
import classes from './stations.module.css';

const states: readonly { value: FruitState; label: string }[] = [
  { value: 'fresh', label: 'Fresh' },
  { value: 'frozen', label: 'Frozen' },
  { value: 'thawed_drained', label: 'Thawed, drained' },
];

const MOST_FRUITS = 6;

/** Fruits by group, for the list. */
function fruitGroups(larder: Larder): { group: string; items: { value: string; label: string }[] }[] {
  const groups = new Map<string, { value: string; label: string }[]>();
  for (const { id, label, group } of larder.fruits.values()) {
    groups.set(group, [...(groups.get(group) ?? []), { value: id, label }]);
  }
  return [...groups].map(([group, items]) => ({ group, items }));
}

/** All the fruit, in g, that gives one part of the mix this much. */
function wholeMassG(parts: readonly FruitPart[], i: number, preparedG: number): number {
  const shares = parts.reduce((sum, { share }) => sum + share, 0);
  return Math.min(20000, Math.max(20, Math.round((preparedG * shares) / (parts[i]?.share ?? shares))));
}

const cuts: readonly { readonly value: FruitCut; readonly label: string; readonly note: string }[] = [
  { value: 'thin', label: 'thin', note: 'about 3 mm' },
  { value: 'usual', label: 'usual', note: '6 to 8 mm' },
  { value: 'chunks', label: 'chunks', note: 'an inch' },
  { value: 'halves', label: 'halves', note: 'or quarters' },
];

/** How a fruit of its kind may be cut: small fruit stays whole or is halved. */
const cutsOf = (piece: FruitPiece): typeof cuts =>
  piece === 'cut'
    ? cuts
    : [
        { value: 'usual', label: 'whole', note: piece === 'opened' ? 'stoned' : 'in its skin' },
        { value: 'thin', label: 'halved', note: 'gives more juice' },
      ];

interface FruitStationProps extends StationProps {
  readonly kitchenFruits: readonly OwnFruit[];
}

/** Which fruit, in which state, how juicy. */
export function FruitStation({ spec, plan, kitchenFruits }: FruitStationProps) {
  const { fruits } = spec.filling;
  const set = (i: number, part: Partial<FruitPart>): void =>
    changeFilling({ fruits: fruits.map((old, j) => (j === i ? { ...old, ...part } : old)) });
  const larder = useMemo(
    () => withOwnFruits(withOwnFruits(builtInLarder, spec.ownFruits), kitchenFruits),
    [spec.ownFruits, kitchenFruits],
  );
  const groups = useMemo(() => fruitGroups(larder), [larder]);
  return (
    <div className={classes.station}>
      {fruits.map((part, i) => {
        const fruit = larder.fruits.get(part.fruit);
        return (
          <div key={i} className={classes.fruit} role="group" aria-label={fruit?.label ?? 'Fruit'}>
            <div className={classes.column}>
              <div className={classes.row}>
                <Select
                  label={i === 0 ? 'Fruit' : 'and'}
                  aria-label={`Fruit ${i + 1}`}
                  data={groups}
                  value={part.fruit}
                  searchable
                  allowDeselect={false}
                  nothingFoundMessage="No such fruit; add it in the Larder"
                  w={230}
                  onChange={(id) => {
                    const chosen = id ? larder.fruits.get(id) : undefined;
                    if (chosen) set(i, { fruit: chosen.id });
                  }}
                />
                {fruits.length > 1 && (
                  <>
                    <NumberInput
                      label="Parts"
                      w={80}
                      value={part.share}
                      min={0.1}
                      step={1}
                      hideControls
                      onChange={(value) => typeof value === 'number' && value > 0 && set(i, { share: value })}
                    />
                    <ActionIcon
                      variant="subtle"
                      size="lg"
                      aria-label={`Take out ${fruit?.label ?? 'this fruit'}`}
                      onClick={() => changeFilling({ fruits: fruits.filter((_, j) => j !== i) })}
                    >
                      <IconX size={22} />
                    </ActionIcon>
                  </>
                )}
              </div>
              <Choice
                label="State"
                value={part.state}
                options={states}
                onChange={(state) => set(i, { state })}
              />
              <Choice<FruitCut>
                label="Cut"
                value={part.cut}
                options={cutsOf(fruit?.piece ?? 'cut')}
                onChange={(cut) => set(i, { cut, cutMm: undefined })}
              />
              <div className={classes.row}>
                {fruit?.refuseUnpeeled != null && (
                  <Switch
                    label="peeled"
                    checked={part.peeled}
                    onChange={(event) => set(i, { peeled: event.currentTarget.checked })}
                  />
                )}
              </div>
            </div>
            <Dial
              label="Juiciness"
              value={part.ripeness}
              stops={juicinessStops}
              hair={0.1}
              shown={part.ripeness.toFixed(1)}
              onChange={(ripeness) => set(i, { ripeness })}
            />
            <div className={classes.facts}>
              {plan?.filling.batch.fruits[i] && (
                <FruitAmount
                  item={plan.filling.batch.fruits[i]}
                  onChange={(preparedG) => changeFilling({ fruitMassG: wholeMassG(fruits, i, preparedG) })}
                />
              )}
              <p>
                Of its water <Fig figure={plan?.figures[`fruit.${i}.release`]} band /> comes free. Buy{' '}
                <Fig figure={plan?.figures[`fruit.${i}.bought`]} />.{' '}
                {spec.filling.fruitMassG !== null && i === 0 && (
                  <Button
                    variant="default"
                    size="compact-sm"
                    onClick={() => changeFilling({ fruitMassG: null })}
                  >
                    Fill the dish
                  </Button>
                )}
              </p>
            </div>
          </div>
        );
      })}
      {fruits.length < MOST_FRUITS && (
        <div>
          <Button
            variant="default"
            leftSection={<IconPlus size={18} />}
            onClick={() =>
              changeFilling({
                fruits: [
                  ...fruits,
                  {
                    fruit: 'apple_firm_tart',
                    share: 1,
                    state: 'fresh',
                    ripeness: 0,
                    cut: 'usual',
                    peeled: true,
                  },
                ],
              })
            }
          >
            Mix in another fruit
          </Button>
        </div>
      )}
    </div>
  );
}
