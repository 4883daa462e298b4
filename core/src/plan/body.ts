import type { PieBody } from '../bake/index.js';
import type { Build } from '../build/index.js';
import { doughComposition } from '../build/index.js';
import type { Filling } from '../filling/index.js';
import type { Larder } from '../larder/index.js';
import { crumbTraits, dishMaterials, PRECOOKED_SOFTENS, softeningFactor, washes } from '../larder/index.js';
import type { PieSpec } from './spec.js';
import { topBody } from './top-body.js';

const SUCROSE_G_MOL = 342.3;
const FRUIT_SUGAR_G_MOL = 180.2;
const ACID_G_MOL = 134;
/** A fruit below this share of the filling does not hold up the whole pie. */
const COUNTS_FROM_SHARE = 0.15;

/** The slowest fruit decides when a pie is tender. */
function softening(spec: PieSpec, filling: Filling): number {
  const factors = filling.batch.fruits
    .filter(({ massG }) => massG >= COUNTS_FROM_SHARE * filling.batch.massG)
    .map(({ fruit }) => softeningFactor(fruit));
  const { kind } = spec.filling.preparation;
  return Math.min(...factors) * (kind === 'stew' || kind === 'saute' ? PRECOOKED_SOFTENS : 1);
}

/** The pie as the oven meets it, in SI units. */
export function pieBody(spec: PieSpec, filling: Filling, build: Build, larder: Larder): PieBody {
  const dough = larder.doughs.get(spec.pastry.dough);
  const dish = dishMaterials.get(spec.dish.material);
  const wash = washes.get(spec.pastry.wash);
  if (!dough || !dish || !wash) throw new Error('the spec was not checked');
  const { batch, ledger, sugar } = filling;
  const waterG = ledger.fruitWaterG + ledger.liquidWaterG - ledger.boiledOffG;
  const water = waterG / filling.massG;
  const fat = (0.81 * spec.filling.butterG) / filling.massG;
  const protein = 0.007;
  const moles = sugar.solidsG / SUCROSE_G_MOL + batch.sugarsG / FRUIT_SUGAR_G_MOL + batch.acidG / ACID_G_MOL;
  const swells = spec.filling.thickeners.map(
    ({ thickener }) => larder.thickeners.get(thickener)?.gelatinisesC ?? 70,
  );
  return {
    topRadiusM: spec.dish.topCm / 200,
    baseRadiusM: spec.dish.baseCm / 200,
    edgeM: Math.max(0.008, build.bakedEdgeCm / 100 - spec.pastry.thicknessMm / 1000),
    moundM: build.bakedMoundCm / 100,
    baseCrustM: spec.pastry.thicknessMm / 1000,
    top: topBody(build, spec.pastry, dough),
    dough: doughComposition(dough),
    filling: {
      massKg: filling.massG / 1000,
      composition: { water, fat, protein, carbohydrate: Math.max(0.01, 1 - water - fat - protein) },
      freeShare: ledger.freeShare,
      molality: (1000 * moles) / Math.max(1, waterG),
      syrupShare: Math.min(0.75, ledger.syrupBrix / 100),
    },
    starchSwellsC: Math.max(...swells),
    softening: softening(spec, filling),
    browning:
      build.top.kind === 'crumb'
        ? crumbTraits.browning
        : wash.browning * (spec.pastry.coarseSugar ? 1.25 : 1),
    dish,
    startC: spec.bake.startC,
  };
}
