import type { Larder } from '../../larder/index.js';
import { builtInLarder } from '../../larder/index.js';
import type { Purchase, SlipLine } from '../../forms/index.js';
import type { PiePlan } from '../../plan/index.js';
import { planPie } from '../../plan/index.js';
import type { PieSpec } from '../../schema/index.js';

/** One thing to weigh or buy for the whole day. */
export interface WeighingLine {
  /** Where on a slip it stands: pastry, filling, on top. */
  readonly title: string;
  readonly label: string;
  readonly massG: number;
  /** As bought, for fruit; the same as the mass for the rest. */
  readonly boughtG: number;
  /** So many, of what is bought by the piece: there is nothing to weigh then. */
  readonly pieces: number | null;
  /** What is bought for all of it, where that is not the thing itself: lemons for their juice. */
  readonly buys?: readonly Purchase[];
  /** It is there already: nothing to buy. */
  readonly ready: boolean;
  /** What it is for, by the names of the pies with how many of each. */
  readonly pies: readonly { readonly name: string; readonly count: number; readonly massG: number }[];
}

export interface WeighingList {
  readonly amounts: readonly WeighingLine[];
  readonly allergens: readonly string[];
}

/** Of nothing, nothing is bought. */
const TINY_G = 1e-9;

type ForPie = WeighingLine['pies'][number];

/** Pies of one name are told once, also when they are wanted at several hours. */
const withPie = (pies: readonly ForPie[], one: ForPie): ForPie[] => {
  const same = pies.find(({ name }) => name === one.name);
  if (!same) return [...pies, one];
  const both = { ...same, count: same.count + one.count, massG: same.massG + one.massG };
  return pies.map((pie) => (pie === same ? both : pie));
};

const timesMore = (bought: readonly Purchase[], by: number): Purchase[] =>
  bought.map((one) =>
    'pieces' in one
      ? { label: one.label, pieces: one.pieces * by }
      : { label: one.label, massG: one.massG * by },
  );

/** A line while the pies are gone through; `mixedG` is mixed at a time, of what is not weighed to the gram. */
type GatheredLine = WeighingLine & { readonly mixedG: number | null };

/** A line of the list with that of one more sort of pie. */
function withLine(
  before: GatheredLine | undefined,
  {
    title,
    line,
    count,
    name,
  }: { readonly title: string; readonly line: SlipLine; readonly count: number; readonly name: string },
): GatheredLine {
  const massG = (line.usesG ?? line.massG) * count;
  return {
    title,
    label: line.label,
    massG: (before?.massG ?? 0) + massG,
    boughtG: (before?.boughtG ?? 0) + (line.boughtG === undefined ? massG : line.boughtG * count),
    pieces: line.bought && line.massG === 0 ? (before?.pieces ?? 0) + count : null,
    ready: line.ready ?? false,
    ...(line.buys && {
      buys: [...(before?.buys ?? []), ...timesMore(line.buys, massG / Math.max(line.massG, TINY_G))],
    }),
    mixedG: line.usesG === undefined ? null : line.massG,
    pies: withPie(before?.pies ?? [], { name, count, massG }),
  };
}

/** What is mixed for several pies at once, as a wash by the egg, is mixed whole. */
function whole({ mixedG, ...amount }: GatheredLine): WeighingLine {
  if (mixedG === null || mixedG <= 0 || amount.massG <= 0) return amount;
  const massG = Math.ceil(amount.massG / mixedG) * mixedG;
  const more = massG / amount.massG;
  return {
    ...amount,
    massG,
    boughtG: massG,
    ...(amount.buys && { buys: timesMore(amount.buys, more) }),
    pies: amount.pies.map((pie) => ({ ...pie, massG: pie.massG * more })),
  };
}

/** Fruit that lies in the freezer is weighed and not bought. */
function outOfFreezer(line: SlipLine, { filling }: PiePlan, frozen: readonly string[]): SlipLine {
  const i = filling.batch.fruits.findIndex((_, k) => line.id === `fruit.${k}`);
  const part = filling.batch.fruits[i]?.part;
  return part && frozen.includes(part.fruit)
    ? { ...line, label: `${line.label}, from the freezer`, ready: true }
    : line;
}

/**
 * What a day takes, like things put together: flour for all doughs on one line. The sum of the slips: each sort of pie is baked for
 * it, some .4 s each.
 * @param wanted pies with their counts, and which of their fruit lies in the freezer; what cannot be planned is left out, planning the day says why
 * @param larder as for a plan
 * @returns amounts in the order of the slips, and all allergens
 * @example makeWeighingList([{ count: 2, spec: starterSpec }]).amounts[0]?.label
 */
export function makeWeighingList(
  wanted: readonly {
    readonly count: number;
    readonly spec: PieSpec;
    readonly frozenFruit?: readonly string[];
  }[],
  larder: Larder = builtInLarder,
): WeighingList {
  const found = new Map<string, GatheredLine>();
  const allergens = new Set<string>();
  for (const { count, spec, frozenFruit = [] } of wanted) {
    // Dough for a batch would be weighed for each of its pies.
    const drafted = planPie({ ...spec, pastry: { ...spec.pastry, batch: 1 } }, larder);
    if (!drafted.ok) continue;
    for (const contained of drafted.plan.allergens) allergens.add(contained);
    for (const { title, lines } of drafted.plan.slip) {
      for (const line of lines.map((one) => outOfFreezer(one, drafted.plan, frozenFruit))) {
        const key = `${title}/${line.label}`;
        found.set(key, withLine(found.get(key), { title, line, count, name: spec.name }));
      }
    }
  }
  return { amounts: [...found.values()].map(whole), allergens: [...allergens].sort() };
}
