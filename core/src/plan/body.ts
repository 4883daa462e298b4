import type { DoneRule, FillingBody, PieBody } from '../bake/index.js';
import { BUBBLE_HOLD_MIN } from '../bake/index.js';
import type { Build, DishSpec, Makeup } from '../build/index.js';
import {
  doughComposition,
  equalDiscCm,
  formTraits,
  isCrumbed,
  isWashed,
  outlineAt,
  perimeterCm,
  toppingComposition,
} from '../build/index.js';
import type { Filling } from '../filling/index.js';
import type { Larder, Wash } from '../larder/index.js';
import {
  crumbTraits,
  dishMaterials,
  PRECOOKED_SOFTENS,
  softeningFactor,
  topping,
  washes,
} from '../larder/index.js';
import type { PieSpec } from './spec.js';
import { topBody } from './top-body.js';

const SUCROSE_G_MOL = 342.3;
const FRUIT_SUGAR_G_MOL = 180.2;
const ACID_G_MOL = 134;
/** A fruit below this share of the filling does not hold up the whole pie. */
const COUNTS_FROM_SHARE = 0.15;
/** Batter with fruit in it gives little juice to stir. Estimate. */
const BATTER_FREE_SHARE = 0.05;
const BATTER_STIRS = 0.05;
/** Wheat starch in a sweet batter swells about here, C. Memory (cake baking). */
const BATTER_SWELLS_C = 80;

/** Fried or stewed and thickened before it goes in. */
export const isCooked = ({ filling }: PieSpec): boolean =>
  filling.preparation.kind === 'stew' || filling.preparation.kind === 'saute';

/** The filling is not baked: a glaze with raw fruit in a shell that was baked empty. */
export const isFilledCold = ({ form, filling }: PieSpec): boolean =>
  form.kind === 'open_shell' && filling.preparation.kind === 'glaze';

/** An upside-down pie is turned out warm: its caramel no longer burns, and does not stick yet. Common practice, no source. */
const TURNED_OUT_MIN = 10;

/** Minutes from the oven until a pie leaves its dish; null when it cools in it. */
export const turnedOutMin = ({ form }: PieSpec): number | null =>
  form.kind === 'upside_down' ? TURNED_OUT_MIN : null;

/** The slowest fruit decides when a pie is tender. */
function softening(spec: PieSpec, filling: Filling): number {
  const factors = filling.batch.fruits
    .filter(({ massG }) => massG >= COUNTS_FROM_SHARE * filling.batch.massG)
    .map(({ fruit }) => softeningFactor(fruit));
  return Math.min(...factors) * (isCooked(spec) ? PRECOOKED_SOFTENS : 1);
}

/** What must have happened before a pie of this form comes out. Temperatures: common practice, no source. */
function doneRule(spec: PieSpec, filling: Filling): DoneRule {
  const nothing: DoneRule = {
    tender: false,
    set: false,
    bubblesMin: null,
    coldestC: null,
    coloured: false,
    baseDry: false,
  };
  if (isFilledCold(spec)) return { ...nothing, coloured: true, baseDry: true };
  if (spec.form.kind === 'buckle') return { ...nothing, set: true, coldestC: 95, coloured: true };
  if (spec.form.kind === 'upside_down') return { ...nothing, coldestC: 85, coloured: true };
  // Cooked fruit is tender and its starch has swollen: it only has to get hot all through.
  if (isCooked(spec)) return { ...nothing, coldestC: 80, coloured: true };
  return { ...nothing, tender: true, set: filling.thickenerG > 0, bubblesMin: BUBBLE_HOLD_MIN };
}

function fillingBody(spec: PieSpec, filling: Filling, build: Build): FillingBody {
  const { batch, ledger, sugar, prepared } = filling;
  const waterG = ledger.fruitWaterG + ledger.liquidWaterG - ledger.boiledOffG;
  const freeG = Math.max(0, prepared.freeFruitWaterG + prepared.liquidWaterG - ledger.boiledOffG);
  const moles = sugar.solidsG / SUCROSE_G_MOL + batch.sugarsG / FRUIT_SUGAR_G_MOL + batch.acidG / ACID_G_MOL;
  const fruit = {
    massKg: filling.massG / 1000,
    composition: makeup(waterG / filling.massG, (0.81 * spec.filling.butterG) / filling.massG, 0.007),
    // Before the oven, so that what evaporates there does not change what goes in.
    freeShare: waterG > 0 ? Math.min(1, freeG / waterG) : 0,
    molality: (1000 * moles) / Math.max(1, waterG),
    syrupShare: Math.min(0.75, ledger.syrupBrix / 100),
    stirs: 1,
    swollen: isCooked(spec) && filling.thickenerG > 0 ? 1 : 0,
  };
  if (build.top.kind !== 'batter') return fruit;
  const { batter } = build.top;
  const of = toppingComposition(batter);
  const share = batter.massG / (batter.massG + filling.massG);
  const mix = (part: 'water' | 'fat' | 'protein'): number =>
    share * of[part] + (1 - share) * fruit.composition[part];
  return {
    ...fruit,
    massKg: (batter.massG + filling.massG) / 1000,
    composition: makeup(mix('water'), mix('fat'), mix('protein')),
    freeShare: BATTER_FREE_SHARE,
    syrupShare: 0.3,
    stirs: BATTER_STIRS,
    swollen: 0,
  };
}

function makeup(water: number, fat: number, protein: number): Makeup {
  return { water, fat, protein, carbohydrate: Math.max(0.01, 1 - water - fat - protein) };
}

/** Girth over that of the round dish of the same area, half way up. */
function wallFactor(dish: DishSpec): number {
  const middle = outlineAt(dish, 0.5);
  return perimeterCm(middle) / (Math.PI * equalDiscCm(middle));
}

/** Coarse sugar on a wash browns by so much sooner. Estimate (05-bake). */
const COARSE_SUGAR_BROWNS = 1.25;

/** How much sooner than bare pastry the top browns. */
function topBrowning({ form, pastry }: PieSpec, { top }: Build, wash: Wash): number {
  if (isCrumbed(form.kind)) return crumbTraits.browning;
  if (top.kind === 'scones') return topping('scone').browning;
  if (top.kind === 'batter') return topping('batter').browning;
  return isWashed(form.kind) ? wash.browning * (pastry.coarseSugar ? COARSE_SUGAR_BROWNS : 1) : 1;
}

/** The pie as the oven meets it, in SI units; one of them where there are many. */
export function pieBody(spec: PieSpec, filling: Filling, build: Build, larder: Larder): PieBody {
  const dough = larder.doughs.get(spec.pastry.dough);
  const dish = dishMaterials.get(spec.dish.material);
  const wash = washes.get(spec.pastry.wash);
  if (!dough || !dish || !wash) throw new Error('the spec was not checked');
  const { lined, filled } = formTraits(spec.form.kind);
  const { vessel } = build;
  const cold = isFilledCold(spec);
  const all = fillingBody(spec, filling, build);
  const swells = spec.filling.thickeners.map(
    ({ thickener }) => larder.thickeners.get(thickener)?.gelatinisesC ?? 70,
  );
  const crustM = lined ? spec.pastry.thicknessMm / 1000 : 0;
  return {
    topRadiusM: equalDiscCm(outlineAt(vessel.dish, 1)) / 200,
    baseRadiusM: equalDiscCm(outlineAt(vessel.dish, 0)) / 200,
    wallFactor: wallFactor(vessel.dish),
    edgeM: cold ? vessel.dish.depthCm / 100 : Math.max(0.008, build.bakedEdgeCm / 100 - crustM),
    moundM: cold ? 0 : build.bakedMoundCm / 100,
    baseCrustM: crustM,
    baseBaked: spec.form.kind === 'open_shell' && !cold,
    freeStanding: filled !== 'dish',
    top: topBody(build, spec.pastry, dough),
    dough: doughComposition(dough),
    filling: cold ? null : { ...all, massKg: all.massKg / vessel.count },
    starchSwellsC: build.top.kind === 'batter' ? BATTER_SWELLS_C : Math.max(...swells),
    softening: softening(spec, filling),
    browning: topBrowning(spec, build, wash),
    dish,
    startC: spec.bake.startC,
    done: doneRule(spec, filling),
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
        done: { tender: false, set: false, bubblesMin: null, coldestC: null, coloured: true, baseDry: true },
      }
    : null;
