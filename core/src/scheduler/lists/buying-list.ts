import type { Purchase } from '../../forms/index.js';
import type { WeighingLine } from './weighing-list.js';

/** What a kitchen has of a thing and how it is sold; null for what nobody said. */
export interface StockedItem {
  readonly haveG: number | null;
  /** What one pack holds. */
  readonly packG: number | null;
  /** In the kitchen's own money. */
  readonly packPrice: number | null;
}

/** What is known of buying, by the name on the slip. */
export interface BuyingSettings {
  /** A pie is cut into so many. */
  readonly slices: number;
  readonly items: Readonly<Record<string, StockedItem>>;
}

/** Eight of a pie of 23 cm (common practice, no source). */
export const usualBuying: BuyingSettings = { slices: 8, items: {} };

export const nothingStocked: StockedItem = { haveG: null, packG: null, packPrice: null };

/** One thing to buy for the whole day. */
export interface BuyingLine extends StockedItem {
  readonly label: string;
  /** So many, of what is bought by the piece: a pack is one piece then, and nothing is weighed. */
  readonly pieces: number | null;
  /** As bought, for all pies. */
  readonly needsG: number;
  /** Of that, what is not there yet. */
  readonly missingG: number;
  /** Whole packs that cover it; null when no pack is known. */
  readonly packs: number | null;
  /** What the day uses of it, by weight of the pack; null when no price is known. */
  readonly usesCost: number | null;
  /** What is paid for it now, whole packs; null when no price is known. */
  readonly buysCost: number | null;
}

/** What one pie of a sort takes, where all that costs something has a price. */
export interface PieCost {
  readonly name: string;
  readonly count: number;
  readonly cost: number;
  readonly sliceCost: number;
  /** Things in it without a price: what they cost is not in it. */
  readonly unpriced: readonly string[];
}

export interface BuyingList {
  readonly items: readonly BuyingLine[];
  readonly pies: readonly PieCost[];
  readonly usesCost: number;
  readonly buysCost: number;
  /** Things that are wanted and have no price. */
  readonly unpriced: readonly string[];
}

/** Comes out of the tap. */
const FREE = new Set(['Water', 'Ice water']);

/** What a slip names by its use is bought by one name. */
const boughtAs: ReadonlyMap<string, string> = new Map([
  ['Cold butter', 'Butter'],
  ['Butter in dots', 'Butter'],
  ['Butter to fry in', 'Butter'],
  ['Soft butter for the dish', 'Butter'],
  ['Sugar', 'White sugar'],
]);
const purchaseName = (label: string): string => boughtAs.get(label) ?? label;

/** So much of a piece is not worth another one: eggs differ by more. Common practice, no source. */
const SPARE_PIECE = 0.1;

/** Less is a rounding, not a pack more. */
const ROUNDING_G = 0.05;

const pricePerG = ({ packG, packPrice }: StockedItem): number | null =>
  packG !== null && packPrice !== null && packG > 0 ? packPrice / packG : null;

function toBuy(label: string, needsG: number, stocked: StockedItem): BuyingLine {
  const missingG = Math.max(0, needsG - (stocked.haveG ?? 0));
  const { packG, packPrice } = stocked;
  const packs = packG !== null && packG > 0 ? Math.max(0, Math.ceil((missingG - ROUNDING_G) / packG)) : null;
  const price = pricePerG(stocked);
  return {
    ...stocked,
    label,
    pieces: null,
    needsG,
    missingG,
    packs,
    usesCost: price === null ? null : price * needsG,
    buysCost: packs === null || packPrice === null ? null : packs * packPrice,
  };
}

function piecesToBuy(label: string, used: number, { packPrice }: StockedItem): BuyingLine {
  // Two eggs and a twentieth are two eggs.
  const pieces = Math.max(1, Math.ceil(used - SPARE_PIECE));
  return {
    ...nothingStocked,
    packPrice,
    label,
    pieces,
    needsG: 0,
    missingG: 0,
    packs: pieces,
    usesCost: packPrice === null ? null : used * packPrice,
    buysCost: packPrice === null ? null : pieces * packPrice,
  };
}

/** One thing that is bought for one line of what is weighed, in pieces or g, and what of it each sort of pie takes. */
interface PurchasedAmount {
  readonly label: string;
  readonly byPiece: boolean;
  readonly quantity: number;
  readonly pies: readonly { readonly name: string; readonly count: number; readonly quantity: number }[];
}

/** What a line of the day takes from a shop. */
function purchaseFor({ label, massG, boughtG, pieces, buys, ready, pies }: WeighingLine): PurchasedAmount[] {
  if (ready) return [];
  if (pieces !== null) {
    const each = pies.map(({ name, count }) => ({ name, count, quantity: count }));
    return [{ label, byPiece: true, quantity: pieces, pies: each }];
  }
  const whole: readonly Purchase[] = buys ?? [{ label: purchaseName(label), massG: boughtG }];
  return whole.map((one) => {
    const byPiece = 'pieces' in one;
    const quantity = byPiece ? one.pieces : one.massG;
    const each = pies.map(({ name, count, massG: forPieG }) => ({
      name,
      count,
      quantity: massG > 0 ? (quantity * forPieG) / massG : 0,
    }));
    return { label: one.label, byPiece, quantity, pies: each };
  });
}

/**
 * What is to be bought for a day, and what its pies cost. The same thing in pastry and filling is one thing to buy; what is there
 * is taken off; packs are whole.
 * @param amounts of `makeWeighingList`
 * @param buying what is there, packs and prices, by name
 * @returns a line a thing, a cost a sort of pie and their sums, in the kitchen's own money
 * @example makeBuyingList([], usualBuying).buysCost // 0
 */
export function makeBuyingList(
  amounts: readonly WeighingLine[],
  { slices, items }: BuyingSettings,
): BuyingList {
  const bought = amounts.flatMap(purchaseFor).filter(({ label }) => !FREE.has(label));
  // A kitchen may call its fruit what it likes, also as what every object has.
  const known = new Map(Object.entries(items));
  const stockedOf = (label: string): StockedItem => known.get(label) ?? nothingStocked;
  const labels = [...new Set(bought.map(({ label }) => label))];
  const lines = labels.map((label): BuyingLine => {
    const uses = bought.filter((one) => one.label === label);
    const all = uses.reduce((sum, { quantity }) => sum + quantity, 0);
    return uses.some(({ byPiece }) => byPiece)
      ? piecesToBuy(label, all, stockedOf(label))
      : toBuy(label, all, stockedOf(label));
  });
  const pies = new Map<string, { count: number; cost: number; unpriced: Set<string> }>();
  for (const { label, byPiece, pies: of } of bought) {
    const stocked = stockedOf(label);
    const price = byPiece ? stocked.packPrice : pricePerG(stocked);
    for (const { name, count, quantity } of of) {
      const pie = pies.get(name) ?? { count, cost: 0, unpriced: new Set<string>() };
      // Not each of them takes of everything: one on a frozen shell takes no flour.
      pie.count = Math.max(pie.count, count);
      if (price === null) pie.unpriced.add(label);
      else pie.cost += price * quantity;
      pies.set(name, pie);
    }
  }
  const sum = (of: (line: BuyingLine) => number | null): number =>
    lines.reduce((all, line) => all + (of(line) ?? 0), 0);
  return {
    items: lines,
    pies: [...pies].map(([name, { count, cost, unpriced }]) => ({
      name,
      count,
      cost: cost / count,
      sliceCost: cost / count / slices,
      unpriced: [...unpriced],
    })),
    usesCost: sum(({ usesCost }) => usesCost),
    buysCost: sum(({ buysCost }) => buysCost),
    unpriced: lines.filter(({ usesCost }) => usesCost === null).map(({ label }) => label),
  };
}
