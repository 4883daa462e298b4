import type { DoneRule, FillingBody, PieBody } from '../bake/index.js';
import { fillingMakeup, pieceLag, softenedShare } from '../bake/index.js';
import { chosenDough, doughComposition, equalDiscCm, outlineAt, perimeterCm } from '../geometry/index.js';
import type { Filling } from '../filling/index.js';
import { cookedShare, isCooked, pieceThicknessMm, preparations } from '../filling/index.js';
import type { BuiltContext } from '../forms/index.js';
import { stapleComposition, larderRow, softeningFactor } from '../larder/index.js';
import type { DishSpec, PieSpec } from '../schema/index.js';
import { beforeOven, coldC, FRUIT_SUGAR_G_MOL, initialFillingC } from './timeline/index.js';
import { onPaper } from './slip/index.js';

const SUCROSE_G_MOL = 342.3;
const ACID_G_MOL = 134;
/** A fruit below this share of the filling does not hold up the whole pie. */
const COUNTS_FROM_SHARE = 0.15;
/** Protein of a fruit filling. From memory of food tables. */
const FRUIT_PROTEIN = 0.007;
/** A filling is set and safe to keep when its coldest place has been this hot, C; one that was cooked before when it is hot through. Common practice, no source. */
const SET_AT_C = 82;
const COOKED_HOT_C = 75;
/** Grams of starch for which a starch that is not told swells about here, C. */
const USUAL_SWELLS_C = 70;
/** Raw fruit without the air around it, g/mL, and the most air that a heap can hold. Estimates. */
const FRUIT_G_PER_ML = 0.9;
const MOST_AIR = 0.6;
const LOWEST_FILL_M = 0.008;
const MOST_SYRUP_SHARE = 0.75;

/** The slowest fruit decides when a pie is tender. */
function softening(filling: Filling): number {
  const factors = filling.batch.fruits
    .filter(({ massG }) => massG >= COUNTS_FROM_SHARE * filling.batch.massG)
    .map(({ fruit }) => softeningFactor(fruit));
  return Math.min(...factors);
}

/** Softening that the preparation has done already, by the same kinetics as in the oven. */
function softenedBefore({ filling }: PieSpec, factor: number): number {
  const { kind, minutes = preparations[kind].minutes } = filling.preparation;
  const { heldAtC } = preparations[kind];
  return heldAtC === null ? 0 : cookedShare(filling.preparation) * softenedShare(heldAtC, minutes, factor);
}

/** Air in a raw heap: what its pieces leave of the room they are heaped in; none is left between cooked ones. */
function airBetweenPieces(filling: Filling): number {
  const { fruits } = filling.batch;
  const pieceMl = fruits.reduce((sum, { massG }) => sum + massG / FRUIT_G_PER_ML, 0);
  return Math.max(0, Math.min(MOST_AIR, 1 - pieceMl / filling.heapMl));
}

/** How far the thickest of the fruits lags behind what is round it, s. */
function pieceLagS(filling: Filling): number {
  const halves = filling.batch.fruits.map(({ fruit, part }) => pieceThicknessMm(fruit, part) / 2000);
  return pieceLag(Math.max(...halves));
}

const nothingAsked: DoneRule = {
  tender: false,
  set: false,
  bubblesMin: null,
  coldestC: null,
  coloured: false,
  baseDry: false,
};

/** An empty shell is done when it is dry and coloured. */
const shellDone: DoneRule = { ...nothingAsked, coloured: true, baseDry: true };

/** What must have happened before a pie comes out. */
function doneRule({ spec, form, filling }: BuiltContext): DoneRule {
  if (form.filledCold(spec.filling)) return shellDone;
  if (form.done) return form.done;
  if (isCooked(spec.filling)) return { ...nothingAsked, coldestC: COOKED_HOT_C, coloured: true };
  return { ...nothingAsked, tender: true, set: filling.thickenerG > 0, coldestC: SET_AT_C };
}

function fillingBody({ spec, form, filling, build }: BuiltContext): FillingBody {
  const { batch, ledger, sugar, prepared, brought } = filling;
  const waterG = ledger.fruitWaterG + ledger.liquidWaterG - ledger.boiledOffG;
  const freeG = Math.max(0, prepared.freeFruitWaterG + prepared.liquidWaterG - ledger.boiledOffG);
  const moles =
    (sugar.solidsG + brought.sugarsG) / SUCROSE_G_MOL +
    batch.sugarsG / FRUIT_SUGAR_G_MOL +
    batch.acidG / ACID_G_MOL;
  const fruit: FillingBody = {
    massKg: filling.massG / 1000,
    composition: fillingMakeup(
      waterG / filling.massG,
      (stapleComposition.butter.fat * spec.filling.butterG + brought.fatG) / filling.massG,
      FRUIT_PROTEIN,
    ),
    // Before the oven, so that what evaporates there does not change what goes in.
    freeShare: waterG > 0 ? Math.min(1, freeG / waterG) : 0,
    molality: (1000 * moles) / Math.max(1, waterG),
    syrupShare: Math.min(MOST_SYRUP_SHARE, ledger.syrupBrix / 100),
    stirs: 1,
    swollen: isCooked(spec.filling) && filling.thickenerG > 0 ? 1 : 0,
    softened: softenedBefore(spec, softening(filling)),
    setGPer100G: filling.reached,
    airShare: airBetweenPieces(filling),
    lagS: pieceLagS(filling),
    steamRises: 1,
  };
  return form.fillingBody(fruit, filling, build);
}

/** Girth over that of the round dish of the same area, half way up. */
function wallFactor(dish: DishSpec): number {
  const middle = outlineAt(dish, 0.5);
  return perimeterCm(middle) / (Math.PI * equalDiscCm(middle));
}

/** A heap sinks as it softens: for most of the bake it stands between raw and baked. */
const midway = (rawCm: number, bakedCm: number): number => (rawCm + bakedCm) / 2;

/** The pie as the oven meets it, in SI units; one of them where there are many. */
export function pieBody(context: BuiltContext): PieBody {
  const { spec, larder, form, filling, build } = context;
  const { vessel } = build;
  const dough = chosenDough(spec.pastry, larder);
  const beside = { form: spec.form, dish: vessel.dish, pastry: spec.pastry, larder };
  const cold = form.filledCold(spec.filling);
  const all = fillingBody(context);
  const { chill, startC: shellC } = beforeOven(context);
  const startC = cold ? shellC : initialFillingC(context, all);
  const swells = spec.filling.thickeners.map(
    ({ thickener }) => larder.thickeners.get(thickener)?.gelatinisesC ?? USUAL_SWELLS_C,
  );
  const crustM = form.lined ? spec.pastry.thicknessMm / 1000 : 0;
  return {
    topRadiusM: equalDiscCm(outlineAt(vessel.dish, 1)) / 200,
    baseRadiusM: equalDiscCm(outlineAt(vessel.dish, 0)) / 200,
    wallFactor: wallFactor(vessel.dish),
    edgeM: cold
      ? vessel.dish.depthCm / 100
      : Math.max(LOWEST_FILL_M, midway(build.rawEdgeCm, build.bakedEdgeCm) / 100 - crustM),
    moundM: cold ? 0 : midway(build.rawMoundCm, build.bakedMoundCm) / 100,
    baseCrustM: crustM,
    baseBaked: form.baseBaked && !cold,
    freeStanding: form.filled !== 'dish',
    onPaper: onPaper(context),
    top: form.top.body(build.top, build, beside),
    dough: doughComposition(dough),
    filling: cold ? null : { ...all, massKg: all.massKg / vessel.count },
    starchSwellsC: form.setsAtC ?? Math.max(...swells),
    softening: softening(filling),
    browning: form.top.browning(build.top, beside),
    dish: larderRow(larder.materials, spec.dish.material),
    startC,
    pastryC: spec.bake.pastryC ?? (startC === shellC ? null : shellC),
    chill: chill ? { airC: coldC[chill.place], timeS: 60 * chill.minutes } : null,
    done: doneRule(context),
    usual: { oneHeat: form.oneHeat || isCooked(spec.filling) || cold, singleC: form.singleC },
  };
}

/** The empty shell of an open pie, baked before its filling goes in; null for other forms. */
export const blindShell = (spec: PieSpec, body: PieBody): PieBody | null =>
  body.baseBaked
    ? {
        ...body,
        filling: null,
        edgeM: spec.dish.depthCm / 100,
        moundM: 0,
        baseBaked: false,
        browning: 1,
        done: shellDone,
      }
    : null;
