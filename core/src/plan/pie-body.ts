import type { DoneRule, FillingBody, PieBody } from '../bake/index.js';
import { BUBBLE_HOLD_MIN, fillingMakeup } from '../bake/index.js';
import { doughComposition, equalDiscCm, outlineAt, perimeterCm } from '../build/index.js';
import type { Filling } from '../filling/index.js';
import { preparations } from '../filling/index.js';
import type { BuiltContext } from '../forms/index.js';
import { madeOf, PRECOOKED_SOFTENS, rowOf, softeningFactor } from '../larder/index.js';
import type { DishSpec, PieSpec } from '../spec/index.js';

const SUCROSE_G_MOL = 342.3;
const FRUIT_SUGAR_G_MOL = 180.2;
const ACID_G_MOL = 134;
/** A fruit below this share of the filling does not hold up the whole pie. */
const COUNTS_FROM_SHARE = 0.15;
/** Protein of a fruit filling. From memory of food tables. */
const FRUIT_PROTEIN = 0.007;
/** Cooked fruit is tender and its starch has swollen: it only has to get this hot all through, C. Common practice, no source. */
const COOKED_HOT_C = 80;
/** Grams of starch for which a starch that is not told swells about here, C. */
const USUAL_SWELLS_C = 70;
const LOWEST_FILL_M = 0.008;
const MOST_SYRUP_SHARE = 0.75;

/** Fried or stewed and thickened before it goes in. */
export const isCooked = ({ filling }: PieSpec): boolean => preparations[filling.preparation.kind].cooked;

/** The slowest fruit decides when a pie is tender. */
function softening(spec: PieSpec, filling: Filling): number {
  const factors = filling.batch.fruits
    .filter(({ massG }) => massG >= COUNTS_FROM_SHARE * filling.batch.massG)
    .map(({ fruit }) => softeningFactor(fruit));
  return Math.min(...factors) * (isCooked(spec) ? PRECOOKED_SOFTENS : 1);
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
  if (isCooked(spec)) return { ...nothingAsked, coldestC: COOKED_HOT_C, coloured: true };
  return { ...nothingAsked, tender: true, set: filling.thickenerG > 0, bubblesMin: BUBBLE_HOLD_MIN };
}

function fillingBody({ spec, form, filling, build }: BuiltContext): FillingBody {
  const { batch, ledger, sugar, prepared } = filling;
  const waterG = ledger.fruitWaterG + ledger.liquidWaterG - ledger.boiledOffG;
  const freeG = Math.max(0, prepared.freeFruitWaterG + prepared.liquidWaterG - ledger.boiledOffG);
  const moles = sugar.solidsG / SUCROSE_G_MOL + batch.sugarsG / FRUIT_SUGAR_G_MOL + batch.acidG / ACID_G_MOL;
  const fruit: FillingBody = {
    massKg: filling.massG / 1000,
    composition: fillingMakeup(
      waterG / filling.massG,
      (madeOf.butter.fat * spec.filling.butterG) / filling.massG,
      FRUIT_PROTEIN,
    ),
    // Before the oven, so that what evaporates there does not change what goes in.
    freeShare: waterG > 0 ? Math.min(1, freeG / waterG) : 0,
    molality: (1000 * moles) / Math.max(1, waterG),
    syrupShare: Math.min(MOST_SYRUP_SHARE, ledger.syrupBrix / 100),
    stirs: 1,
    swollen: isCooked(spec) && filling.thickenerG > 0 ? 1 : 0,
  };
  return form.fillingBody(fruit, filling, build);
}

/** Girth over that of the round dish of the same area, half way up. */
function wallFactor(dish: DishSpec): number {
  const middle = outlineAt(dish, 0.5);
  return perimeterCm(middle) / (Math.PI * equalDiscCm(middle));
}

/** The pie as the oven meets it, in SI units; one of them where there are many. */
export function pieBody(context: BuiltContext): PieBody {
  const { spec, larder, form, filling, build } = context;
  const { vessel } = build;
  const dough = rowOf(larder.doughs, spec.pastry.dough);
  const beside = { form: spec.form, dish: vessel.dish, pastry: spec.pastry, larder };
  const cold = form.filledCold(spec.filling);
  const all = fillingBody(context);
  const swells = spec.filling.thickeners.map(
    ({ thickener }) => larder.thickeners.get(thickener)?.gelatinisesC ?? USUAL_SWELLS_C,
  );
  const crustM = form.lined ? spec.pastry.thicknessMm / 1000 : 0;
  return {
    topRadiusM: equalDiscCm(outlineAt(vessel.dish, 1)) / 200,
    baseRadiusM: equalDiscCm(outlineAt(vessel.dish, 0)) / 200,
    wallFactor: wallFactor(vessel.dish),
    edgeM: cold ? vessel.dish.depthCm / 100 : Math.max(LOWEST_FILL_M, build.bakedEdgeCm / 100 - crustM),
    moundM: cold ? 0 : build.bakedMoundCm / 100,
    baseCrustM: crustM,
    baseBaked: form.baseBaked && !cold,
    freeStanding: form.filled !== 'dish',
    top: form.top.body(build.top, build, beside),
    dough: doughComposition(dough),
    filling: cold ? null : { ...all, massKg: all.massKg / vessel.count },
    starchSwellsC: form.setsAtC ?? Math.max(...swells),
    softening: softening(spec, filling),
    browning: form.top.browning(build.top, beside),
    dish: rowOf(larder.materials, spec.dish.material),
    startC: spec.bake.startC,
    done: doneRule(context),
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
