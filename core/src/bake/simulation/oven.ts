import type { BakeSpec, RackLevel } from '../../schema/index.js';
import { constant } from '../materials/index.js';
import type { BoundaryConditions, Cover } from '../physics/index.js';
import { bareTop } from '../physics/index.js';

/** An oven at work: walls that lag behind the knob, air that falls when the door opens. Temperatures in C, times in s. */
export interface OvenState {
  readonly wallC: number;
  readonly airDipC: number;
}

export interface OvenTraits {
  /** Over a pie 25 cm across; `sizeShare` tells it for others. */
  readonly convectionWM2K: number;
  /** How much hotter than the air the walls look from below, from above, from the side. */
  readonly radiantRiseC: readonly [up: number, down: number, aside: number];
  /** Convection on what looks up, over that elsewhere. */
  readonly upShare: number;
  readonly fallsS: number;
  readonly risesS: number;
  readonly offsetC: number;
  /** Drop of the air over the room when the door opens, as a share; other pies make it deeper. */
  readonly dipShare: number;
  /** How much colder the walls look for the other pies, at first. */
  readonly besideCoolsC: number;
}

const AIR_DIP = constant('airDip');

/** Nearer the floor the base gets more of the walls' extra radiation, nearer the roof the top. */
const rackShiftC: Readonly<Record<RackLevel, number>> = { low: -1, middle: 0, high: 1 };

/** Natural convection over a wide pie is weaker than over a small one: h falls as D^-1/4 from 25 cm. Handbook. */
const USUAL_ACROSS_M = 0.25;

/**
 * What an oven does to a pie so many m across, at a height in it, with others beside it.
 * @param options the oven with rack and neighbours
 * @param acrossM width of the pie, m
 * @returns heat transfer, radiation and time constants, SI units
 * @example ovenTraits(plan.spec.bake).warmUpS
 */
export function ovenTraits(
  { oven, rack = 'middle', beside = 0 }: Pick<BakeSpec, 'oven' | 'rack' | 'beside'>,
  acrossM = USUAL_ACROSS_M,
): OvenTraits {
  const fan = oven.kind === 'fan';
  const rise = constant(fan ? 'fanRadiant' : 'stillRadiant');
  const floor = constant(fan ? 'fanFloor' : 'stillFloor');
  const shift = constant('rackShift') * rackShiftC[rack];
  const lag = fan ? constant('fanWalls') : 1;
  return {
    convectionWM2K: fan ? constant('fanH') : constant('stillH') * (USUAL_ACROSS_M / acrossM) ** 0.25,
    // Cold air slides off a small pie, and lies on a wide one.
    upShare: fan ? 1 : 1 - (1 - constant('stillUp')) * Math.min(1, acrossM / USUAL_ACROSS_M),
    radiantRiseC: [rise * (1 + shift), rise * (1 - shift) + floor, rise],
    fallsS: constant('wallsFall') * lag,
    risesS: constant('wallsRise') * lag * (1 + constant('besideSlows') * beside),
    offsetC: oven.offsetC,
    dipShare: AIR_DIP * (1 + constant('besideDip') * beside),
    besideCoolsC: constant('besideCools') * beside,
  };
}

const ROOM_C = 22;
const AIR_RECOVERS_S = constant('airRecovers');

/**
 * The oven at a setting, with the door just opened to put the pie in: hot through, or only just there.
 * @param traits `ovenTraits`
 * @param settingC C
 * @param ready how far it was heated through
 * @returns air and wall temperatures, C
 * @example loadedOven(ovenTraits(plan.spec.bake), 200)
 */
export function loadedOven(
  traits: OvenTraits,
  settingC: number,
  ready: BakeSpec['ready'] = 'hot_through',
): OvenState {
  const behindC = ready === 'hot_through' ? 0 : constant('justReached');
  const wallC = settingC + traits.offsetC - behindC - traits.besideCoolsC;
  return { wallC, airDipC: traits.dipShare * (wallC - ROOM_C) };
}

/** The door opened again. */
export const doorOpened = (state: OvenState, { dipShare }: OvenTraits): OvenState => ({
  ...state,
  airDipC: dipShare * (state.wallC - ROOM_C),
});

/**
 * The oven a short time later, at a setting.
 * @param state the oven now
 * @param traits `ovenTraits`
 * @param settingC C
 * @param stepS s
 * @returns the oven then
 * @example ovenAfter(oven, traits, 180, 30)
 */
export function ovenAfter(state: OvenState, traits: OvenTraits, settingC: number, stepS: number): OvenState {
  const goal = settingC + traits.offsetC;
  const lagS = goal < state.wallC ? traits.fallsS : traits.risesS;
  return {
    wallC: goal + (state.wallC - goal) * Math.exp(-stepS / lagS),
    airDipC: state.airDipC * Math.exp(-stepS / AIR_RECOVERS_S),
  };
}

const OVEN_VAPOUR_PA = 3000;

/**
 * What a pie meets in the oven at a moment.
 * @param state the oven now
 * @param traits `ovenTraits`
 * @param cover foil or none
 * @returns temperatures (C) and transfer coefficients (W/(m2 K)) round the pie
 * @example boundaryIn(oven, traits)
 */
export const boundaryIn = (
  state: OvenState,
  traits: OvenTraits,
  cover: Cover = bareTop,
): BoundaryConditions => {
  const [up, down, aside] = traits.radiantRiseC;
  const convection = traits.convectionWM2K;
  return {
    airC: state.wallC - state.airDipC,
    radiantC: [state.wallC + up, state.wallC + down, state.wallC + aside],
    convectionWM2K: [convection * traits.upShare, convection, convection],
    vapourPa: OVEN_VAPOUR_PA,
    cover,
  };
};
