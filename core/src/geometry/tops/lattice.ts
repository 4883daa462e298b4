import type { DishSpec, LatticeSpec, StripStyle } from '../../schema/index.js';
import { rims, topOutline } from '../dish.js';
import type { Outline } from '../outline.js';
import { chordCm, extentCm, isRound } from '../outline.js';
import { DOUGH_DENSITY } from '../rolled.js';

/** One strip of a lattice: number counts from 1 in its way, offset from the middle, length to cut. */
interface Strip {
  readonly number: number;
  readonly offsetCm: number;
  readonly widthCm: number;
  readonly lengthCm: number;
}

/** A sheet that strips are cut from, side by side, short ones end to end; each strip by where it lies, its corner from the sheet's. */
interface CutSheet {
  readonly lengthCm: number;
  readonly widthCm: number;
  /** Share of the sheet that is left over. */
  readonly wasteShare: number;
  readonly pieces: readonly {
    readonly way: 'long' | 'cross';
    readonly strip: Strip;
    readonly fromCm: number;
    readonly acrossCm: number;
  }[];
}

/** A lattice over the top of a dish. Lengths in cm, masses in g. */
export interface Lattice {
  readonly style: StripStyle;
  readonly angleDeg: number;
  /** Strips laid first, along the length of the top; then those woven across them. */
  readonly long: readonly Strip[];
  readonly cross: readonly Strip[];
  readonly gapCm: number;
  /** Share of the top that stays open. */
  readonly openShare: number;
  /** Share of the top that the strips of each way cover by themselves. */
  readonly coveredEachWay: readonly [number, number];
  /** The way whose gaps are the narrower: how far it reaches, and how much of that its strips take. */
  readonly tightest: { readonly reachCm: number; readonly lyingCm: number; readonly count: number };
  /** Sheet of dough that all strips are cut from. */
  readonly sheetCm: CutSheet;
  readonly massG: number;
}

/** What twisting and plaiting do: dough cut longer, lying narrower, standing thicker. Estimates. */
const stripTraits: Readonly<
  Record<StripStyle, { readonly longer: number; readonly lies: number; readonly thicker: number }>
> = {
  straight: { longer: 1, lies: 1, thicker: 1 },
  twisted: { longer: 1.12, lies: 0.7, thicker: 1.6 },
  plaited: { longer: 1.2, lies: 0.95, thicker: 1.3 },
};

/** Cutting straight strips from a sheet wastes its edges. Estimate. */
const SHEET_TRIM = 1.05;
const MOST_STRIPS = 40;

interface Way {
  readonly strips: Strip[];
  readonly gapCm: number;
  readonly covered: number;
  readonly reachCm: number;
  readonly lyingCm: number;
}

/** Strips of one way with equal gaps between them, half a gap at either side. */
function layWay(top: Outline, angleRad: number, count: number, spec: LatticeSpec): Way {
  const { longer, lies } = stripTraits[spec.style ?? 'straight'];
  const reachCm = extentCm(top, angleRad);
  const cut = Array.from({ length: count }, (_, i) =>
    i % 2 === 1 ? (spec.secondWidthCm ?? spec.widthCm) : spec.widthCm,
  );
  const lyingCm = cut.reduce((sum, width) => sum + width * lies, 0);
  const squeeze = Math.min(1, reachCm / lyingCm);
  const gapCm = Math.max(0, (reachCm - lyingCm) / count);
  let at = -reachCm / 2;
  const strips = cut.map((width, i): Strip => {
    const lying = width * lies * squeeze;
    const offsetCm = at + gapCm / 2 + lying / 2;
    at += gapCm + lying;
    // The longest line under the strip: the one nearest to the middle.
    const nearest = Math.sign(offsetCm) * Math.max(0, Math.abs(offsetCm) - lying / 2);
    const lengthCm = (chordCm(top, angleRad, nearest) + 2 * (rims.widthCm + rims.overhangCm)) * longer;
    return { number: i + 1, offsetCm, widthCm: width * squeeze, lengthCm };
  });
  return { strips, gapCm, covered: Math.min(1, lyingCm / reachCm), reachCm, lyingCm };
}

/** Strips laid into lanes as long as the longest strip, longest first, so that short ones share a lane. */
function packLanes(long: readonly Strip[], cross: readonly Strip[]): CutSheet {
  const all = [
    ...long.map((strip) => ({ way: 'long' as const, strip })),
    ...cross.map((strip) => ({ way: 'cross' as const, strip })),
  ].sort((a, b) => b.strip.lengthCm - a.strip.lengthCm);
  const lengthCm = all[0]?.strip.lengthCm ?? 0;
  const lanes: { usedCm: number; readonly widthCm: number; readonly acrossCm: number }[] = [];
  const pieces = all.map(({ way, strip }): CutSheet['pieces'][number] => {
    let lane = lanes.find(
      (other) => other.widthCm >= strip.widthCm - 1e-9 && lengthCm - other.usedCm >= strip.lengthCm,
    );
    if (!lane) {
      const last = lanes.at(-1);
      lane = { usedCm: 0, widthCm: strip.widthCm, acrossCm: last ? last.acrossCm + last.widthCm : 0 };
      lanes.push(lane);
    }
    const piece = { way, strip, fromCm: lane.usedCm, acrossCm: lane.acrossCm };
    lane.usedCm += strip.lengthCm;
    return piece;
  });
  const widthCm = lanes.reduce((sum, lane) => sum + lane.widthCm, 0);
  const used = all.reduce((sum, { strip }) => sum + strip.lengthCm * strip.widthCm, 0);
  return { lengthCm, widthCm, wasteShare: Math.max(0, 1 - used / (lengthCm * widthCm)), pieces };
}

/**
 * Strips spread evenly over the top, both ways.
 * @param spec strips each way, width, angle
 * @param dish what it lies over
 * @param thicknessMm of the sheet
 * @returns strips with their lengths (cm), the sheet to cut them from, the share left open
 * @example makeLattice(usualLattice, starterSpec.dish, 3).coverShare
 */
export function makeLattice(spec: LatticeSpec, dish: DishSpec, thicknessMm: number): Lattice {
  const top = topOutline(dish);
  const angleDeg = isRound(top) ? spec.angleDeg : 90;
  const angleRad = (angleDeg * Math.PI) / 180;
  const pitchCm = top.widthCm / spec.strips;
  const crossings = isRound(top)
    ? spec.strips
    : Math.min(MOST_STRIPS, Math.max(2, Math.round(extentCm(top, angleRad) / pitchCm)));
  const long = layWay(top, 0, spec.strips, spec);
  const cross = layWay(top, angleRad, crossings, spec);
  const tight = long.gapCm <= cross.gapCm ? long : cross;
  const sheetCm = packLanes(long.strips, cross.strips);
  return {
    style: spec.style ?? 'straight',
    angleDeg,
    long: long.strips,
    cross: cross.strips,
    gapCm: Math.min(long.gapCm, cross.gapCm),
    openShare: (1 - long.covered) * (1 - cross.covered),
    coveredEachWay: [long.covered, cross.covered],
    tightest: { reachCm: tight.reachCm, lyingCm: tight.lyingCm, count: tight.strips.length },
    sheetCm,
    massG: sheetCm.lengthCm * sheetCm.widthCm * (thicknessMm / 10) * DOUGH_DENSITY * SHEET_TRIM,
  };
}

/** Share of a top's area that strips lie on, and how thick the pastry is there on average, in strips. */
export function latticeCover({ openShare, style }: Pick<Lattice, 'openShare' | 'style'>): {
  readonly cover: number;
  readonly layers: number;
} {
  const covered = 1 - Math.sqrt(openShare);
  const cover = 1 - openShare;
  const { thicker } = stripTraits[style];
  return { cover, layers: thicker * (cover > 0 ? (2 * covered) / cover : 1) };
}
