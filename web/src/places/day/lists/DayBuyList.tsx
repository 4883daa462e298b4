import { Group, NumberInput, Table } from '@mantine/core';
import { useDebouncedCallback } from '@mantine/hooks';
import type { WeighingLine, StockedItem, BuyingLine, UnitSystem } from '@mardle/core';
import { makeBuyingList, nothingStocked, showText, typedUnit, usualBuying } from '@mardle/core';
import { useMemo, useState } from 'react';
import type { Limit } from '../../../shared/ui/QuantityField.js';
import { useKeepRow, useOwnRows } from '../../../shared/api/larder.js';
import { QuantityField } from '../../../shared/ui/QuantityField.js';
import type { DayFile } from '../../../state/day/dayFile.js';
import { useDay } from '../../../state/day/day.js';
import { useSettings } from '../../../state/settings.js';
import classes from '../DayPlace.module.css';
import { tableOfBuying } from './outFiles.js';
import { money, PriceField } from './PriceField.js';
import { TableButton } from './TableButton.js';
import { useWeighed } from './useWeighed.js';

const MOST_SLICES = 40;
/** Three fields in a row: on a phone the list moves under a finger, not the page. */
const WIDE_PX = 680;

const anyMass: Limit = { least: 0, most: 1e6, remedy: 'Write what it weighs.' };
const packMass: Limit = { least: 1, most: 1e6, remedy: 'Write what a pack weighs.' };

type Sold = Pick<StockedItem, 'packG' | 'packPrice'>;

interface WeighedProps {
  readonly name: string;
  readonly limit: Limit;
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
}

/** A weight that may be left open. */
const Weighed = (props: WeighedProps) => <QuantityField {...props} unit="g" empty="" width={96} size="sm" />;

interface RowProps {
  readonly item: BuyingLine;
  readonly units: UnitSystem;
  /** Somebody says here how it is sold. */
  readonly onSold: (label: string) => void;
}

/** What is typed is kept after so long: not each letter of it. */
const KEPT_AFTER_MS = 600;

/** One thing: what the day needs, what is there, how it is sold, and what is left to buy. */
function Row({ item, units, onSold }: RowProps) {
  const stock = useDay((state) => state.stock);
  const { label, pieces, needsG, missingG, packs, packG, packPrice, haveG, buysCost } = item;
  const keep = useKeepRow('sold');
  const keepSoon = useDebouncedCallback(
    (sold: Sold) =>
      keep.mutate({
        id: label,
        ...(sold.packG !== null && { packG: sold.packG }),
        ...(sold.packPrice !== null && { packPrice: sold.packPrice }),
      }),
    { delay: KEPT_AFTER_MS, flushOnUnmount: true },
  );
  const set = (part: Partial<StockedItem>): void => stock(label, { haveG, packG, packPrice, ...part });
  /** How it is sold stays with the kitchen; what is there is this day's alone. */
  const sell = (part: Partial<Sold>): void => {
    const sold = { packG, packPrice, ...part };
    onSold(label);
    set(sold);
    keepSoon(sold);
  };
  const toBuy =
    pieces !== null
      ? String(pieces)
      : missingG <= 0
        ? 'enough'
        : packs === null
          ? showText(missingG, 'g', units)
          : `${packs} ${packs === 1 ? 'pack' : 'packs'}`;
  return (
    <Table.Tr>
      <Table.Th scope="row">{label}</Table.Th>
      <Table.Td>{pieces ?? showText(needsG, 'g', units)}</Table.Td>
      <Table.Td>
        {pieces === null && (
          <Weighed
            name={`${label} that is there`}
            limit={anyMass}
            value={haveG}
            onChange={(value) => set({ haveG: value })}
          />
        )}
      </Table.Td>
      <Table.Td>
        {pieces === null && (
          <Weighed
            name={`A pack of ${label} holds`}
            limit={packMass}
            value={packG}
            onChange={(value) => sell({ packG: value })}
          />
        )}
      </Table.Td>
      <Table.Td>
        <PriceField
          name={pieces === null ? `A pack of ${label} costs` : `${label}: one costs`}
          value={packPrice}
          onChange={(value) => sell({ packPrice: value })}
        />
      </Table.Td>
      <Table.Td>
        {toBuy}
        {keep.isError && <small role="alert"> not kept for other days: the server does not answer</small>}
      </Table.Td>
      <Table.Td>{buysCost === null ? '' : money(buysCost)}</Table.Td>
    </Table.Tr>
  );
}

/** What is to be bought for the day, less what is there, in whole packs; and what each pie and slice costs. */
export function DayBuyList({ file }: { readonly file: DayFile }) {
  const weighed = useWeighed(file);
  return weighed ? (
    <BuyTable file={file} amounts={weighed.amounts} />
  ) : (
    <p role="status">Adding up the slips …</p>
  );
}

interface BuyTableProps {
  readonly file: DayFile;
  readonly amounts: readonly WeighingLine[];
}

function BuyTable({ file, amounts }: BuyTableProps) {
  const units = useSettings((state) => state.units);
  const cut = useDay((state) => state.cut);
  const { word } = typedUnit('g', units);
  const { data: sold } = useOwnRows('sold');
  const [typed, setTyped] = useState<ReadonlySet<string>>(new Set());
  const onSold = (label: string): void => setTyped((old) => new Set([...old, label]));
  const { slices = usualBuying.slices, items: known = usualBuying.items } = file.buying ?? usualBuying;
  const { items, pies, usesCost, buysCost, unpriced } = useMemo(() => {
    const all = Object.fromEntries([
      ...Object.entries(known).map(([label, item]) => [label, { ...nothingStocked, ...item }] as const),
      // How the kitchen buys goes before what an earlier day's file says of it, and what is typed now before both.
      ...(sold ?? [])
        .filter(({ id }) => !typed.has(id))
        .map(
          ({ id, packG = null, packPrice = null }) =>
            [id, { haveG: known[id]?.haveG ?? null, packG, packPrice }] as const,
        ),
    ]);
    return makeBuyingList(amounts, { slices, items: all });
  }, [amounts, slices, known, sold, typed]);
  const priced = items.some(({ buysCost: cost }) => cost !== null);
  return (
    <section aria-label="What is to be bought" className={classes.page}>
      <Group justify="space-between">
        <p>Say what is there and how a thing is sold. Packs and prices stay with the kitchen.</p>
        <TableButton name={`${file.name} to buy`} table={() => tableOfBuying(items)} />
      </Group>
      <Table.ScrollContainer minWidth={WIDE_PX} type="native">
        <Table striped verticalSpacing={4} className={classes.named}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">What</Table.Th>
              <Table.Th scope="col">Needed</Table.Th>
              <Table.Th scope="col">Is there, {word}</Table.Th>
              <Table.Th scope="col">A pack, {word}</Table.Th>
              <Table.Th scope="col">costs</Table.Th>
              <Table.Th scope="col">To buy</Table.Th>
              <Table.Th scope="col">Cost</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {items.map((item) => (
              <Row key={item.label} item={item} units={units} onSold={onSold} />
            ))}
          </Table.Tbody>
        </Table>
      </Table.ScrollContainer>
      <p role="status">
        {priced ? (
          <>
            To pay now <b>{money(buysCost)}</b>; the pies take <b>{money(usesCost)}</b> of it and of what is
            there.
            {unpriced.length > 0 && ` Without a price: ${unpriced.join(', ')}.`}
          </>
        ) : (
          'No prices yet.'
        )}
      </p>
      {priced && (
        <>
          <Group gap="sm" mb={6}>
            <h3 className={classes.asWritten}>What a pie costs</h3>
            <NumberInput
              aria-label="Slices of a pie"
              suffix=" slices"
              w={116}
              min={1}
              max={MOST_SLICES}
              allowDecimal={false}
              clampBehavior="strict"
              value={slices}
              onChange={(count) => typeof count === 'number' && count >= 1 && cut(count)}
            />
          </Group>
          <Table striped verticalSpacing={4}>
            <Table.Thead>
              <Table.Tr>
                <Table.Th scope="col">Pie</Table.Th>
                <Table.Th scope="col">Each</Table.Th>
                <Table.Th scope="col">Slice</Table.Th>
                <Table.Th scope="col">In it without a price</Table.Th>
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {pies.map(({ name, cost, sliceCost, unpriced: without }) => (
                <Table.Tr key={name}>
                  <Table.Th scope="row">{name}</Table.Th>
                  <Table.Td>
                    {without.length > 0 && 'over '}
                    {money(cost)}
                  </Table.Td>
                  <Table.Td>
                    {without.length > 0 && 'over '}
                    {money(sliceCost)}
                  </Table.Td>
                  <Table.Td>{without.length > 3 ? `${without.length} things` : without.join(', ')}</Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
          <p>Of what goes in: hands, heat and boxes are not in it.</p>
        </>
      )}
    </section>
  );
}
