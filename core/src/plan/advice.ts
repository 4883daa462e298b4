import type { Build } from '../build/index.js';
import { usualVentShare } from '../build/index.js';
import type { Filling } from '../filling/index.js';
import {
  acidNeutralisedG,
  concentrationPer100G,
  doseG,
  drawnWaterG,
  GLUEY_G_PER_100G,
  setTargets,
  weepEffects,
} from '../filling/index.js';
import type { CareLevel, Larder } from '../larder/index.js';
import { care, dishMaterials } from '../larder/index.js';
import { show } from '../units/index.js';
import type { Bake } from './bake.js';
import type { PieSpec } from './spec.js';

/** The stations of a pie's bench, in the order of work. */
export const stations = ['shape', 'fruit', 'juice', 'pastry', 'top', 'oven'] as const;
export type Station = (typeof stations)[number];

/** Something to say where the work is: `good` needs nothing, `watch` wants a look, `danger` hurts. */
export interface Advice {
  readonly id: string;
  readonly station: Station;
  readonly level: 'good' | CareLevel;
  readonly text: string;
}

const grams = (massG: number): string => `${show(massG, 'g').number} ${show(massG, 'g').unit}`;

/** What ten more minutes of weeping and draining would take out of the juice, as words; null when that is not open. */
function drainingRemedy(spec: PieSpec, filling: Filling, missingG: number): string | null {
  if (spec.filling.preparation.kind !== 'raw') return null;
  const drawn = filling.batch.fruits.reduce(
    (sum, item, i) =>
      sum +
      drawnWaterG(item, filling.prepared.releases[i] ?? 0, filling.sugar.solidsG / filling.batch.massG, 45),
    0,
  );
  const spared = (drawn * weepEffects.drained * 0.5 * filling.target) / 100 / filling.blend;
  return spared >= missingG ? 'or let it weep 45 minutes, drain, and boil that juice down by half' : null;
}

function setAdvice(spec: PieSpec, filling: Filling): Advice[] {
  if (spec.filling.preparation.kind === 'glaze') return [];
  const wanted = setTargets[spec.filling.set];
  const short = filling.dose.massG - filling.thickenerG;
  const advice: Advice[] = [];
  if (short > Math.max(2, 0.12 * filling.dose.massG)) {
    const other = drainingRemedy(spec, filling, short);
    const held = spec.filling.set === 'clean_slice' ? 'a clean slice' : `“${wanted.label}”`;
    advice.push({
      id: 'too_runny',
      station: 'juice',
      level: 'watch',
      text: `Too runny for ${held}. ${grams(short)} more thickener${other ? `, ${other}` : ''}.`,
    });
  }
  if (filling.reached > GLUEY_G_PER_100G && filling.thickenerG > 0) {
    const enough = doseG(filling.target, filling.body, filling.ledger.juiceG, filling.blend);
    advice.push({
      id: 'gluey',
      station: 'juice',
      level: 'watch',
      text: `It will be gluey. ${grams(enough)} of thickener is enough.`,
    });
  }
  return advice;
}

function starchAdvice(spec: PieSpec, filling: Filling, larder: Larder): Advice[] {
  const rows = spec.filling.thickeners.flatMap(({ thickener }) => larder.thickeners.get(thickener) ?? []);
  const advice: Advice[] = [];
  if (spec.filling.set === 'in_the_hand' && rows.every((row) => row.stringy)) {
    advice.push({
      id: 'stringy',
      station: 'juice',
      level: 'watch',
      text: 'Tapioca, arrowroot and potato starch stay long and stringy: they will not stand in the hand by themselves. Blend in corn starch.',
    });
  }
  if (rows.some((row) => row.id === 'corn_starch') && filling.ph < 3 && filling.thickenerG > 0) {
    const kept = concentrationPer100G(1, 0, 100, filling.blend);
    advice.push({
      id: 'acid_thins',
      station: 'juice',
      level: 'watch',
      text: `This sharp juice thins corn starch to ${Math.round(100 * kept)} % of its strength; the dose allows for it. A long bake thins it further.`,
    });
  }
  if (spec.filling.bicarbonateG > 0) {
    const share = acidNeutralisedG(spec.filling.bicarbonateG) / Math.max(1, filling.batch.acidG);
    advice.push({
      id: 'bicarbonate',
      station: 'juice',
      level: share > 0.2 ? 'danger' : 'watch',
      text: `That bicarbonate takes away ${Math.round(100 * share)} % of the acid and foams${share > 0.2 ? '; past a fifth it tastes of soap and greys the fruit' : ''}.`,
    });
  }
  return advice;
}

function buildAdvice(spec: PieSpec, build: Build): Advice[] {
  const advice: Advice[] = [];
  if (build.ventShare < 0.7 * usualVentShare.low) {
    advice.push({
      id: 'vents',
      station: 'top',
      level: 'watch',
      text: 'Too few vents: the lid balloons and cracks. Open 1 to 2 % of it.',
    });
  }
  if (build.gapCm > 1 && spec.filling.preparation.kind === 'raw') {
    advice.push({
      id: 'gap',
      station: 'shape',
      level: 'watch',
      text: `Raw fruit sinks: expect a gap of about ${build.gapCm.toFixed(1)} cm under the lid. Weeping and draining, or holding at 71 °C, closes it.`,
    });
  }
  if (build.rawMoundCm > spec.dish.topCm * 0.28) {
    advice.push({
      id: 'too_full',
      station: 'shape',
      level: 'watch',
      text: `The heap would stand ${build.rawMoundCm.toFixed(1)} cm above the rim and slide. Take less fruit or a larger dish.`,
    });
  }
  if (build.bakedEdgeCm < spec.dish.depthCm * 0.7) {
    advice.push({
      id: 'too_empty',
      station: 'shape',
      level: 'watch',
      text: 'The dish will be under-filled: a flat, sad slice. More fruit, or a smaller dish.',
    });
  }
  return advice;
}

function bakeAdvice(spec: PieSpec, bake: Bake | null): Advice[] {
  const material = dishMaterials.get(spec.dish.material);
  const advice: Advice[] = [];
  if (material?.brittle && spec.bake.startC < 12) {
    advice.push({ id: 'thermal_shock', station: 'oven', ...pick('thermal_shock') });
  }
  if (!bake) return advice;
  if (bake.doneMin === null) {
    advice.push({
      id: 'not_done',
      station: 'oven',
      level: 'danger',
      text: `After ${bake.outMin} minutes the filling is not done: the middle has not bubbled. Bake longer, or hotter at first.`,
    });
  } else if (bake.doneMin > bake.outMin + 3) {
    advice.push({
      id: 'too_short',
      station: 'oven',
      level: 'watch',
      text: `The filling needs about ${Math.round(bake.doneMin - bake.outMin)} minutes more than these stages give.`,
    });
  }
  if (bake.events.tooDarkMin !== null && bake.events.tooDarkMin < bake.outMin) {
    advice.push({
      id: 'too_dark',
      station: 'oven',
      level: 'danger',
      text: `The top is too dark after ${Math.round(bake.events.tooDarkMin)} minutes: foil sooner, or a lower first stage.`,
    });
  }
  return advice;
}

const pick = (id: string): { level: CareLevel; text: string } => {
  const { level, text } = care(id);
  return { level, text };
};

function careAdvice(spec: PieSpec, filling: Filling): Advice[] {
  const hazards = new Set(filling.batch.fruits.flatMap(({ fruit }) => fruit.hazards));
  const at = (station: Station, ...ids: string[]): Advice[] =>
    ids.map((id) => ({ id, station, ...pick(id) }));
  const unsuited = filling.batch.fruits.flatMap(({ fruit }): Advice[] =>
    fruit.unsuited
      ? [{ id: `unsuited.${fruit.id}`, station: 'fruit', level: 'danger', text: fruit.unsuited }]
      : [],
  );
  const { kind } = spec.filling.preparation;
  return [
    ...unsuited,
    ...at('fruit', ...hazards),
    ...at('fruit', 'wash_fruit', 'knife'),
    ...(kind === 'weep' || kind === 'hold' || kind === 'saute' ? at('juice', 'boiling_sugar') : []),
    ...(kind === 'saute' ? at('juice', 'alcohol') : []),
    ...(kind === 'glaze' ? at('juice', 'keep_cold') : []),
    ...at('pastry', 'raw_dough'),
    ...at('top', 'steam'),
    ...at('oven', 'spill_tray', 'hot_dish', 'storage', 'selling'),
  ];
}

/** All that should be said about a plan, what needs doing first. */
export function makeAdvice(
  spec: PieSpec,
  filling: Filling,
  build: Build,
  bake: Bake | null,
  larder: Larder,
): Advice[] {
  return [
    ...setAdvice(spec, filling),
    ...starchAdvice(spec, filling, larder),
    ...buildAdvice(spec, build),
    ...bakeAdvice(spec, bake),
    ...careAdvice(spec, filling),
  ];
}

/** What eaters must be told: allergens of everything that goes in. */
export function allergensOf(
  spec: PieSpec,
  filling: Filling,
  larder: Larder,
  washContains: readonly string[],
): string[] {
  const found = new Set<string>([
    ...(larder.doughs.get(spec.pastry.dough)?.contains ?? []),
    ...washContains,
    ...spec.filling.thickeners.flatMap(({ thickener }) => larder.thickeners.get(thickener)?.contains ?? []),
    ...(spec.filling.butterG > 0 ? ['milk'] : []),
    ...(filling.batch.fruits.some(({ fruit }) => fruit.hazards.includes('sulphite'))
      ? ['sulphites (read the packet)']
      : []),
  ]);
  return [...found].sort();
}
