import type { Larder } from '../larder/index.js';
import { lemon } from '../larder/index.js';
import type { FillingSpec } from '../schema/index.js';
import type { Brought } from './additions.js';
import { broughtBy } from './additions.js';
import type { Batch } from './batch.js';
import { batchPh, collapsedVolumeMl, heapedVolumeMl, makeBatch } from './batch.js';
import type { Posterior } from './evidence.js';
import { BAND_DEVIATIONS, evidenceRules, releaseBelief, setBelief } from './evidence.js';
import { glazeLedger, stirredInG } from './glaze.js';
import type { Ledger, Surroundings } from './ledger.js';
import { balance } from './ledger.js';
import type { Prepared } from './preparation.js';
import { cookedShare, isBaked, preparations, prepare } from './preparation.js';
import type { RunWord, SetReached } from './set.js';
import { glazeReached, runIndex, runWord, setReached } from './set.js';
import type { SugarAmount } from './sugar.js';
import { acidNeutralisedG, sugarAmount } from './sugar.js';
import { blendPotency, bodyPer100G, concentrationPer100G, doseG, targetPer100G } from './thickener.js';

/** A computed filling. Masses in g, concentrations in g of corn-starch equivalent per 100 g of juice. */
export interface Filling {
  readonly batch: Batch;
  readonly sugar: SugarAmount;
  /** What liquids, jams and purees bring. */
  readonly brought: Brought;
  readonly prepared: Prepared;
  readonly ledger: Ledger;
  readonly release: Posterior;
  readonly ph: number;
  readonly body: number;
  readonly blend: number;
  readonly target: number;
  /** The dose that reaches the target, with its nine-in-ten band. */
  readonly dose: { readonly massG: number; readonly lowG: number; readonly highG: number };
  /** What goes in: the dose, or what the baker set. */
  readonly thickenerG: number;
  readonly reached: number;
  readonly set: SetReached;
  readonly run: RunWord;
  readonly massG: number;
  readonly heapMl: number;
  readonly cookedMl: number;
}

/** Density of a cooked filling in g/mL. Estimate. */
const COOKED_DENSITY = 1.05;

function ledgerFor(
  spec: FillingSpec,
  batch: Batch,
  sugar: SugarAmount,
  brought: Brought,
  around: Surroundings,
  releaseFactor: number,
): { prepared: Prepared; ledger: Ledger } {
  const heldG = brought.heldWaterG;
  const waterG = sugar.waterG + brought.waterG - heldG;
  const solidsG = sugar.solidsG + brought.sugarsG + brought.acidG;
  const prepared = prepare({
    batch,
    preparation: spec.preparation,
    sugarSolidsG: solidsG,
    addedWaterG: waterG + (spec.lemonJuiceG * lemon.waterPercent) / 100,
    releaseFactor,
  });
  const ledger = !isBaked(spec)
    ? glazeLedger(batch, spec.preparation, { solidsG, waterG, heldG }, spec.lemonJuiceG)
    : balance(batch, prepared, solidsG, spec.lemonJuiceG, around, heldG);
  return { prepared, ledger };
}

/** The pH after lemon and bicarbonate: each share of the acid that is neutralised takes hydrogen ions with it. */
function fillingPh(spec: FillingSpec, batch: Batch, brought: Brought): number {
  const acidG = batch.acidG + (spec.lemonJuiceG * lemon.acidPercent) / 100 + brought.acidG;
  const left = Math.max(0.1, 1 - acidNeutralisedG(spec.bicarbonateG) / Math.max(acidG, 1e-9));
  return batchPh(batch, spec.lemonJuiceG, brought) - Math.log10(left);
}

interface Sums {
  readonly prepared: Prepared;
  readonly ledger: Ledger;
  readonly body: number;
  readonly blend: number;
  readonly doseG: number;
}

/** Water, body, potency and dose at one value of the release factor. */
function sumsAt(
  spec: FillingSpec,
  batch: Batch,
  sugar: SugarAmount,
  brought: Brought,
  around: Surroundings,
  larder: Larder,
  releaseFactor: number,
): Sums {
  const { prepared, ledger } = ledgerFor(spec, batch, sugar, brought, around, releaseFactor);
  const set = isBaked(spec) ? spec.set : 'binder';
  const bakedMin = isBaked(spec) ? around.bubblingMin : 0;
  const { freesBody } = preparations[spec.preparation.kind];
  const body =
    bodyPer100G(batch, prepared.releases) * (1 + (freesBody - 1) * cookedShare(spec.preparation)) +
    (100 * brought.bodyG) / Math.max(1, ledger.juiceG);
  const byTheBook = blendPotency(
    spec.thickeners,
    {
      ph: fillingPh(spec, batch, brought),
      boilingH: (bakedMin + prepared.starchBoilMin) / 60,
      syrupBrix: ledger.syrupBrix,
      set,
    },
    larder,
  );
  // A kitchen that wants so much more of it for the same set has a weaker one, whatever the cause.
  const blend = byTheBook / (spec.learned?.dose ?? 1);
  return {
    prepared,
    ledger,
    body,
    blend,
    doseG: around.thickened ? doseG(targetPer100G(set), body, ledger.juiceG, blend) : 0,
  };
}

/** What decides the set: juice in g, the fruit's own body in it, and what a gram of thickener stands for. */
export interface SetSums {
  readonly juiceG: number;
  /** g of corn starch by strength in 100 g of juice. */
  readonly body: number;
  readonly blend: number;
}

/**
 * Juice, body and strength of a filling whose fruit lets go `factor` times the share of the table, whatever tests say.
 * @param spec the filling
 * @param fruitMassG g, ready for the bowl
 * @param around `surroundings`
 * @param larder with the rows it names
 * @param factor on the share of juice that comes free
 * @returns g, g in 100 g, g of corn starch by the gram
 * @example setSums(plan.spec.filling, 900, surroundings(planContext(plan.spec)), builtInLarder, 1.1).juiceG
 */
export function setSums(
  spec: FillingSpec,
  fruitMassG: number,
  around: Surroundings,
  larder: Larder,
  factor: number,
): SetSums {
  const batch = makeBatch(spec, fruitMassG, larder);
  const brought = broughtBy(spec, larder);
  const sugar = sugarAmount(batch, spec.sugar, larder, around.crumbSugarG, brought.sugarsG);
  const { ledger, body, blend } = sumsAt(spec, batch, sugar, brought, around, larder, factor);
  return { juiceG: ledger.juiceG, body, blend };
}

/**
 * Computes a filling of a given fruit mass. Throws on ids that the larder does not hold; `checkSpec` finds those first.
 * @param spec the filling
 * @param fruitMassG g, ready for the bowl
 * @param around `surroundings`
 * @param larder with the rows it names
 * @returns sugar, ledger, thickener, volumes; g and mL
 * @example computeFilling(plan.spec.filling, 900, surroundings(planContext(plan.spec)), builtInLarder).dose.massG
 */
export function computeFilling(
  spec: FillingSpec,
  fruitMassG: number,
  around: Surroundings,
  larder: Larder,
): Filling {
  const batch = makeBatch(spec, fruitMassG, larder);
  const brought = broughtBy(spec, larder);
  const sugar = sugarAmount(batch, spec.sugar, larder, around.crumbSugarG, brought.sugarsG);
  const release = releaseBelief(batch, spec);
  const at = (factor: number): Sums => sumsAt(spec, batch, sugar, brought, around, larder, factor);
  const { prepared, ledger, body, blend, doseG: rawDoseG } = at(release.factor);
  const target = targetPer100G(isBaked(spec) ? spec.set : 'binder');

  const releaseDeviationG = Math.abs(at(release.factor * (1 + release.deviation)).doseG - rawDoseG);
  const deviation =
    rawDoseG > 0 ? Math.hypot(releaseDeviationG / rawDoseG, evidenceRules.potencyDeviation) : 0;
  const tested = spec.thickenerMassG ?? rawDoseG;
  // What the log has taught is surer than the book, or less sure: it says so itself.
  const unsure = spec.learned && rawDoseG > 0 ? spec.learned.deviation : deviation;
  const believed = setBelief(
    spec.saucerTest?.result ?? null,
    concentrationPer100G(tested, body, ledger.juiceG, blend) / target,
    { factor: 1, deviation: unsure },
  );
  // What the saucer showed holds for starch and fruit together: more starch makes up for both.
  const massDoseG = rawDoseG > 0 ? doseG(target / believed.factor, body, ledger.juiceG, blend) : 0;
  const half = BAND_DEVIATIONS * believed.deviation * massDoseG;
  const thickenerG = spec.thickenerMassG ?? massDoseG;
  const reached = concentrationPer100G(thickenerG, body, ledger.juiceG, blend) * believed.factor;

  const massG =
    fruitMassG +
    sugar.massG +
    thickenerG +
    spec.lemonJuiceG +
    spec.butterG +
    stirredInG(spec, fruitMassG) +
    // Alcohol boils off long before the water does.
    (brought.massG - brought.alcoholG) -
    prepared.boiledOffG;
  const cookedMl = Math.max(
    isBaked(spec) ? collapsedVolumeMl(batch) : heapedVolumeMl(batch),
    massG / COOKED_DENSITY,
  );
  const { heap: cookedHeap } = preparations[spec.preparation.kind];
  const rawShare =
    preparations[spec.preparation.kind].heldAtC === null ? 0 : 1 - cookedShare(spec.preparation);
  const heap = cookedHeap + (1 - cookedHeap) * rawShare;
  return {
    batch,
    sugar,
    brought,
    prepared,
    ledger,
    release,
    ph: fillingPh(spec, batch, brought),
    body,
    blend,
    target,
    dose: { massG: massDoseG, lowG: Math.max(0, massDoseG - half), highG: massDoseG + half },
    thickenerG,
    reached,
    set: isBaked(spec) ? setReached(reached) : glazeReached(reached),
    run: runWord(runIndex(ledger.juiceG, massG, reached)),
    massG,
    heapMl: Math.max(cookedMl, heap * heapedVolumeMl(batch)),
    cookedMl,
  };
}

/**
 * Prepared fruit in g whose filling has a volume, by the volume that is asked for. Everything in a filling grows with the fruit
 * but for the spoonfuls, so three rounds settle it.
 */
const fruitFor =
  (volumeOf: (filling: Filling) => number) =>
  (spec: FillingSpec, volumeMl: number, around: Surroundings, larder: Larder): number => {
    let massG = volumeMl;
    for (let round = 0; round < 3; round++) {
      massG *= volumeMl / volumeOf(computeFilling(spec, massG, around, larder));
    }
    return massG;
  };

/** Prepared fruit in g that heaps raw to a volume in mL. */
export const fruitToHeapG = fruitFor(({ heapMl }) => heapMl);

/** Prepared fruit in g whose cooked filling comes level with a volume in mL. */
export const fruitToFillG = fruitFor(({ cookedMl }) => cookedMl);
