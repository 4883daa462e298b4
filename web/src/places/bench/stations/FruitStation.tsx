import { Button, Select, Switch } from '@mantine/core';
import type { Fruit, FruitCut, FruitPart, FruitPiece, FruitState, Larder, OwnFruit } from '@mardle/core';
import { builtInLarder, withOwnFruits } from '@mardle/core';
import { IconPlus, IconX } from '@tabler/icons-react';
import { useMemo, useState } from 'react';
import { Choice } from '../../../shared/ui/Choice/Choice.js';
import { Dial } from '../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../shared/ui/Figure/Fig.js';
import type { StationProps } from '../../../state/changeSpec.js';
import { changeFilling } from '../../../state/changeSpec.js';
import { juicinessStops, juicinessText } from '../../../pie/words.js';
import { Tabs } from '../../../shared/ui/Tabs.js';
import { FruitAmount } from './FruitAmount.js';
import { fruitFilter } from './findFruit.js';
import { QuantityField } from '../../../shared/ui/QuantityField.js';
import classes from '../../../shared/ui/stations.module.css';

const states: readonly { value: FruitState; label: string }[] = [
  { value: 'fresh', label: 'Fresh' },
  { value: 'frozen', label: 'Frozen' },
  { value: 'thawed_drained', label: 'Thawed, drained' },
];

const MOST_FRUITS = 6;

/** What is mixed in before it is chosen. */
const another: FruitPart = {
  fruit: 'apple_firm_tart',
  share: 1,
  state: 'fresh',
  ripeness: 0,
  cut: 'usual',
  peeled: true,
};

/** What is mixed in first, and next when that is there already. */
const usuallyMixed = ['apple_firm_tart', 'pear_firm', 'blackberry', 'raspberry', 'plum', 'blueberry'];

/** Apples and pears are mostly peeled, stone fruit and berries not. Common practice, no source. */
const usuallyPeeled = ({ group }: Pick<Fruit, 'group'>): boolean => group === 'apple' || group === 'pear';

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

/** Which fruit, in which state, how juicy; a leaf for each, and one for the mix. */
export function FruitStation({ spec, plan, kitchenFruits }: FruitStationProps) {
  const { fruits } = spec.filling;
  const larder = useMemo(
    () => withOwnFruits(withOwnFruits(builtInLarder, spec.ownFruits), kitchenFruits),
    [spec.ownFruits, kitchenFruits],
  );
  const [asked, ask] = useState<string | null>(null);
  const mixIn = (): void => {
    const next = usuallyMixed.find((id) => !fruits.some(({ fruit }) => fruit === id)) ?? another.fruit;
    const row = larder.fruits.get(next);
    changeFilling({
      fruits: [...fruits, { ...another, fruit: next, peeled: row ? usuallyPeeled(row) : false }],
    });
    ask(String(fruits.length));
  };
  return (
    <Tabs
      label="Fruit"
      asked={asked}
      onAsk={ask}
      leaves={[
        ...fruits.map((part, i) => ({
          id: String(i),
          word: larder.fruits.get(part.fruit)?.label ?? 'Fruit',
          content: () => <OneFruit spec={spec} plan={plan} i={i} larder={larder} mixIn={mixIn} />,
        })),
        {
          id: 'mix',
          word: 'Mix and amount',
          content: () => <MixPart spec={spec} plan={plan} larder={larder} />,
        },
      ]}
    />
  );
}

interface OneFruitProps extends StationProps {
  readonly mixIn: () => void;
  readonly i: number;
  readonly larder: Larder;
}

/** One fruit of the mix: what it is and how it comes to the bench. */
function OneFruit({ spec, plan, i, larder, mixIn }: OneFruitProps) {
  const { fruits } = spec.filling;
  const groups = useMemo(() => fruitGroups(larder), [larder]);
  const filter = useMemo(() => fruitFilter(larder), [larder]);
  const part = fruits[i];
  if (!part) return null;
  const fruit = larder.fruits.get(part.fruit);
  const set = (change: Partial<FruitPart>): void =>
    changeFilling({ fruits: fruits.map((old, j) => (j === i ? { ...old, ...change } : old)) });
  return (
    <div className={classes.column} role="group" aria-label={fruit?.label ?? 'Fruit'}>
      <div className={classes.row}>
        <Select
          label="Fruit"
          aria-label={`Fruit ${i + 1}`}
          data={groups}
          value={part.fruit}
          searchable
          selectFirstOptionOnChange
          autoSelectOnBlur
          filter={filter}
          allowDeselect={false}
          nothingFoundMessage="No such fruit; add it in the Larder"
          w={230}
          onFocus={(event) => event.currentTarget.select()}
          onClick={(event) => event.currentTarget.select()}
          onChange={(id) => {
            const chosen = id ? larder.fruits.get(id) : undefined;
            if (chosen && chosen.id !== part.fruit) set({ fruit: chosen.id, peeled: usuallyPeeled(chosen) });
          }}
        />
        {fruits.length < MOST_FRUITS && (
          <Button variant="default" leftSection={<IconPlus size={18} />} onClick={mixIn}>
            Mix in another fruit
          </Button>
        )}
        {fruits.length > 1 && (
          <Button
            variant="default"
            leftSection={<IconX size={18} />}
            onClick={() => changeFilling({ fruits: fruits.filter((_, j) => j !== i) })}
          >
            Take out {fruit?.label.toLowerCase() ?? 'this fruit'}
          </Button>
        )}
      </div>
      <Choice label="State" value={part.state} options={states} onChange={(state) => set({ state })} />
      <Choice<FruitCut>
        label="Cut"
        value={part.cut}
        options={cutsOf(fruit?.piece ?? 'cut')}
        onChange={(cut) => set({ cut, cutMm: undefined })}
      />
      <div className={classes.row}>
        <Dial
          label="Juiciness"
          value={part.ripeness}
          stops={juicinessStops}
          hair={0.1}
          shown={juicinessText(part.ripeness)}
          onChange={(ripeness) => set({ ripeness })}
        />
        <div className={classes.facts}>
          <p>
            Of its water <Fig figure={plan?.figures[`fruit.${i}.release`]} band /> comes free. Buy{' '}
            <Fig figure={plan?.figures[`fruit.${i}.bought`]} />.
          </p>
          {fruit?.piece === 'cut' && (
            <QuantityField
              limit="filling.fruits.cutMm"
              label="or pieces of"
              unit="mm"
              empty="as cut"
              width={150}
              value={part.cutMm ?? null}
              onChange={(cutMm) => set({ cutMm: cutMm ?? undefined })}
            />
          )}
          {fruit?.refuseUnpeeled != null && (
            <Switch
              label="peeled"
              checked={part.peeled}
              onChange={(event) => set({ peeled: event.currentTarget.checked })}
            />
          )}
        </div>
      </div>
    </div>
  );
}

/** How much of each: by parts, or as they lie on the scale; and how full it all is. */
function MixPart({ spec, plan, larder }: StationProps & { readonly larder: Larder }) {
  const { filling } = spec;
  const { fruits } = filling;
  const items = plan?.filling.batch.fruits ?? [];
  /** Weighed one by one: the weights are the parts, and their sum is all the fruit. */
  const weigh = (i: number, massG: number): void => {
    const weights = fruits.map((_, j) => (i === j ? massG : Math.round(items[j]?.massG ?? 0)));
    changeFilling({
      fruits: fruits.map((part, j) => ({ ...part, share: Math.max(0.001, weights[j] ?? 0) })),
      fruitMassG: Math.min(
        20000,
        Math.max(
          20,
          weights.reduce((sum, g) => sum + g, 0),
        ),
      ),
    });
  };
  return (
    <>
      {fruits.map((part, i) => (
        <div key={i} className={classes.row}>
          <QuantityField
            limit="filling.fruitMassG"
            label={larder.fruits.get(part.fruit)?.label ?? 'Fruit'}
            unit="g"
            cupG={larder.fruits.get(part.fruit)?.cupG}
            width={190}
            value={items[i]?.massG ?? null}
            onChange={(massG) => massG !== null && weigh(i, massG)}
          />
          {fruits.length > 1 && (
            <QuantityField
              limit="filling.fruits.share"
              label="or parts"
              name={`Parts of ${larder.fruits.get(part.fruit)?.label ?? 'fruit'}`}
              unit="count"
              width={100}
              value={part.share}
              onChange={(share) =>
                share !== null &&
                changeFilling({ fruits: fruits.map((old, j) => (i === j ? { ...old, share } : old)) })
              }
            />
          )}
          {items[i] && fruits.length < 4 && (
            <FruitAmount
              item={items[i]}
              onChange={(preparedG) => changeFilling({ fruitMassG: wholeMassG(fruits, i, preparedG) })}
            />
          )}
        </div>
      ))}
      <div className={classes.row}>
        {filling.fruitMassG !== null && (
          <Button variant="default" onClick={() => changeFilling({ fruitMassG: null })}>
            Fill the dish
          </Button>
        )}
      </div>
    </>
  );
}
