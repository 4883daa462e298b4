import type { OvenSpec, RackLevel } from '../spec/index.js';
import { constant } from './constants.js';
import type { BoundaryConditions } from './model.js';
import { bareTop } from './model.js';

/** An oven at work: walls that lag behind the knob, air that falls when the door opens. Temperatures in C, times in s. */
export interface OvenState {
  readonly wallC: number;
  readonly airDipC: number;
}

export interface OvenTraits {
  readonly convectionWM2K: number;
  /** How much hotter than the air the walls look from below, from above, from the side. */
  readonly radiantRiseC: readonly [up: number, down: number, aside: number];
  readonly fallsS: number;
  readonly risesS: number;
  readonly offsetC: number;
}

/** Nearer the floor the base gets more of the walls' extra radiation, nearer the roof the top. */
const shiftOf: Readonly<Record<RackLevel, number>> = { low: -1, middle: 0, high: 1 };

export function ovenTraits(oven: OvenSpec, rack: RackLevel = 'middle'): OvenTraits {
  const fan = oven.kind === 'fan';
  const rise = constant(fan ? 'fanRadiant' : 'stillRadiant');
  const shift = constant('rackShift') * shiftOf[rack];
  const lag = fan ? constant('fanWalls') : 1;
  return {
    convectionWM2K: constant(fan ? 'fanH' : 'stillH'),
    radiantRiseC: [rise * (1 + shift), rise * (1 - shift), rise],
    fallsS: constant('wallsFall') * lag,
    risesS: constant('wallsRise') * lag,
    offsetC: oven.offsetC,
  };
}

const ROOM_C = 22;
const AIR_DIP = constant('airDip');
const AIR_RECOVERS_S = constant('airRecovers');

/** The oven heated through at a setting, with the door just opened to put the pie in. */
export function loadedOven(traits: OvenTraits, settingC: number): OvenState {
  const wallC = settingC + traits.offsetC;
  return { wallC, airDipC: AIR_DIP * (wallC - ROOM_C) };
}

/** The door opened again. */
export const doorOpened = (state: OvenState): OvenState => ({
  ...state,
  airDipC: AIR_DIP * (state.wallC - ROOM_C),
});

/** The oven a short time later, at a setting. */
export function ovenAfter(state: OvenState, traits: OvenTraits, settingC: number, stepS: number): OvenState {
  const goal = settingC + traits.offsetC;
  const lagS = goal < state.wallC ? traits.fallsS : traits.risesS;
  return {
    wallC: goal + (state.wallC - goal) * Math.exp(-stepS / lagS),
    airDipC: state.airDipC * Math.exp(-stepS / AIR_RECOVERS_S),
  };
}

const OVEN_VAPOUR_PA = 3000;

/** What a pie meets in the oven at a moment. */
export const boundaryIn = (
  state: OvenState,
  traits: OvenTraits,
  cover: BoundaryConditions['cover'] = bareTop,
): BoundaryConditions => {
  const [up, down, aside] = traits.radiantRiseC;
  const convection = traits.convectionWM2K;
  return {
    airC: state.wallC - state.airDipC,
    radiantC: [state.wallC + up, state.wallC + down, state.wallC + aside],
    convectionWM2K: [convection, convection, convection],
    vapourPa: OVEN_VAPOUR_PA,
    cover,
  };
};
