import type { DishMaterial } from '../larder/index.js';
import type { Composition } from './properties.js';

/** What lies over the filling: a lid, strips or crumbs. */
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
  /** Share of the vapour from below that leaves past the top. */
  readonly vented: number;
}

/** A pie as the oven meets it. Lengths in m, masses in kg: the simulation is in SI units throughout. */
export interface PieBody {
  readonly topRadiusM: number;
  readonly baseRadiusM: number;
  /** Height of the filling at the edge and of the mound in the middle. */
  readonly edgeM: number;
  readonly moundM: number;
  readonly baseCrustM: number;
  readonly top: TopBody;
  readonly dough: Composition;
  readonly filling: {
    readonly massKg: number;
    readonly composition: Composition;
    /** Share of its water that is free juice. */
    readonly freeShare: number;
    /** Moles of dissolved sugar and acid per kg of water. */
    readonly molality: number;
    readonly syrupShare: number;
  };
  readonly starchSwellsC: number;
  /** How fast the fruit softens, apple slices being 1. */
  readonly softening: number;
  readonly browning: number;
  readonly dish: DishMaterial;
  readonly startC: number;
}

/** The cylinder that has the volume of a frustum of the same height: R^2 = (Rt^2 + Rt Rb + Rb^2) / 3. */
export const cylinderRadiusM = ({ topRadiusM: t, baseRadiusM: b }: PieBody): number =>
  Math.sqrt((t * t + t * b + b * b) / 3);
