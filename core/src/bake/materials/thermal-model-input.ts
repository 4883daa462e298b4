import type { DishMaterial } from '../../larder/index.js';
import type { Composition } from './properties.js';

/** What lies over the filling: a lid, strips, crumbs, scones, batter. */
export interface TopBody {
  /** Share of the top that is covered; the rest of the filling is bare to the oven. */
  readonly cover: number;
  readonly thicknessM: number;
  readonly densityKgM3: number;
  readonly composition: Composition;
  /** Thermal conductivity, dry and raw, W/(m K). */
  readonly conductivityDry: number;
  readonly conductivityWet: number;
  /** Air between filling and top, m2 K/W. */
  readonly gapM2KW: number;
  /** How much lower than pastry a top like this starts, C: sugar and butter on top brown sooner. */
  readonly startsLowerC: number;
  /** Share of the steam from below that leaves past the top. */
  readonly vented: number;
  /** What vapour of a filling below its boil needs to get through it, s/m: its depth over the diffusivity there. */
  readonly vapourSM: number;
}

export interface FillingBody {
  readonly massKg: number;
  readonly composition: Composition;
  /** Share of its water that is free juice. */
  readonly freeShare: number;
  /** Moles of dissolved sugar and acid per kg of water. */
  readonly molality: number;
  readonly syrupShare: number;
  /** How freely thin juice can stir: 1 fruit in its juice, near 0 fruit held in batter. */
  readonly stirs: number;
  /** Share of the starch, and of the softening, that was done before the oven. */
  readonly swollen: number;
  readonly softened: number;
  /** Set that the juice comes to, g of corn starch per 100 g: thick juice does not stir. */
  readonly setGPer100G: number;
  /** Air between raw pieces, as a share of the heap; it goes as they soften. */
  readonly airShare: number;
  /** How far a piece lags behind its surroundings, s: a^2 / (pi^2 alpha), a half its thickness. */
  readonly lagS: number;
  /** Share of the steam inside that rises through the filling; the rest finds its way along the tin. */
  readonly steamRises: number;
}

/** The makeup of what is not said otherwise: the rest is carbohydrate. */
export const fillingMakeup = (water: number, fat: number, protein: number): Composition => ({
  water,
  fat,
  protein,
  carbohydrate: Math.max(0.01, 1 - water - fat - protein),
});

/** Batter with fruit in it gives little juice to stir, and holds it still. Estimates. */
const BATTER_FREE_SHARE = 0.05;
const BATTER_STIRS = 0.05;
const BATTER_SYRUP_SHARE = 0.3;
/** A batter sets before it steams: half of its steam goes along the tin. Estimate. */
const BATTER_STEAM_RISES = 0.5;

/** A filling of fruit folded into batter. */
export function inBatter(
  fruit: FillingBody,
  fruitKg: number,
  batter: Composition,
  batterKg: number,
): FillingBody {
  const share = batterKg / (batterKg + fruitKg);
  const mix = (part: 'water' | 'fat' | 'protein'): number =>
    share * batter[part] + (1 - share) * fruit.composition[part];
  return {
    ...fruit,
    massKg: batterKg + fruitKg,
    composition: fillingMakeup(mix('water'), mix('fat'), mix('protein')),
    freeShare: BATTER_FREE_SHARE,
    syrupShare: BATTER_SYRUP_SHARE,
    stirs: BATTER_STIRS,
    swollen: 0,
    softened: 0,
    setGPer100G: 0,
    airShare: 0,
    lagS: 0,
    steamRises: BATTER_STEAM_RISES,
  };
}

/** When a bake is done; the last of all that apply. */
export interface DoneRule {
  readonly tender: boolean;
  readonly set: boolean;
  /** Minutes that the middle must have bubbled; null where nothing need bubble. */
  readonly bubblesMin: number | null;
  /** The coldest filling must reach this; null where the bubbles tell. */
  readonly coldestC: number | null;
  /** The top must have reached its colour: where the filling was cooked before, colour tells. */
  readonly coloured: boolean;
  /** The shell must have dried. */
  readonly baseDry: boolean;
}

/** A pie as the oven meets it. Lengths in m, masses in kg: the simulation is in SI units throughout. */
export interface PieBody {
  readonly topRadiusM: number;
  readonly baseRadiusM: number;
  /** Girth of the dish over that of the round dish of the same area. */
  readonly wallFactor: number;
  /** Height of the filling at the edge and of the mound in the middle; of the bare wall for an empty shell. */
  readonly edgeM: number;
  readonly moundM: number;
  /** 0 where no pastry lies under the filling. */
  readonly baseCrustM: number;
  /** The base was baked blind before. */
  readonly baseBaked: boolean;
  /** Stands on a flat sheet: no dish around it. */
  readonly freeStanding: boolean;
  /** Baking paper lies under it. */
  readonly onPaper: boolean;
  readonly top: TopBody | null;
  readonly dough: Composition;
  /** Null for a shell that is baked empty. */
  readonly filling: FillingBody | null;
  readonly starchSwellsC: number;
  /** How fast the fruit softens, apple slices being 1. */
  readonly softening: number;
  /** Factor of wash or topping on the browning of what lies on top; the base is never washed. */
  readonly browning: number;
  readonly dish: DishMaterial;
  readonly startC: number;
  /** Pastry that goes in at a temperature of its own; null when it is as the rest. */
  readonly pastryC: number | null;
  /** A wait in cold air before the oven; null for none. */
  readonly chill: { readonly airC: number; readonly timeS: number } | null;
  readonly done: DoneRule;
  /** What practice does with pies of its kind: whether one heat is usual, and which that is, C. */
  readonly usual: { readonly oneHeat: boolean; readonly singleC: number };
}

/** The cylinder that has the volume of a frustum of the same height: R^2 = (Rt^2 + Rt Rb + Rb^2) / 3. */
export const cylinderRadiusM = ({
  topRadiusM: t,
  baseRadiusM: b,
}: Pick<PieBody, 'topRadiusM' | 'baseRadiusM'>): number => Math.sqrt((t * t + t * b + b * b) / 3);
