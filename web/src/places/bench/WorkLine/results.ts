import type { PiePlan, PieSpec, Station } from '@mardle/core';
import { builtInLarder, formOf, markOnKnob } from '@mardle/core';
import type { SayQuantity } from '../../../pie/forms/form-view.js';
import { viewOf } from '../../../pie/forms/index.js';
import { nearestStop } from '../../../shared/ui/Dial/Dial.js';
import { juicinessStops } from '../../../pie/words.js';

function fruitLine(spec: PieSpec, plan: PiePlan, say: SayQuantity): string {
  const names = plan.filling.batch.fruits.map(({ fruit }) => fruit.label.toLowerCase()).join(', ');
  const [first] = spec.filling.fruits;
  const ripeness =
    first && spec.filling.fruits.length === 1 ? `, ${nearestStop(juicinessStops, first.ripeness).word}` : '';
  return `${say(plan.filling.batch.massG, 'g', 'fruit.mass')} ${names}${ripeness}`;
}

function juiceLine(spec: PieSpec, plan: PiePlan, say: SayQuantity): string {
  const { thickenerG, dose, sugar } = plan.filling;
  const [first] = spec.filling.thickeners;
  const name =
    spec.filling.thickeners.length > 1
      ? 'thickener'
      : (plan.figures['thickener.0.mass']?.label.toLowerCase() ?? first?.thickener ?? '');
  const sweet = `${say(sugar.massG, 'g', 'sugar.mass')} sugar`;
  if (thickenerG < 0.05) return `${sweet}, no thickener`;
  const dosed = say(thickenerG, 'g', 'thickener.dose');
  // Spoons have no band of grams beside them.
  const banded = spec.filling.thickenerMassG === null && dosed === say(thickenerG, 'g');
  const band = banded ? ` ±${Math.round((dose.highG - dose.lowG) / 2)}` : '';
  return `${sweet}, ${dosed} ${name}${band}`;
}

function ovenLine(spec: PieSpec, plan: PiePlan, say: SayQuantity): string {
  if (!plan.bake) return 'working out the bake …';
  const [first, second] = plan.bake.stages;
  const at = (tempC: number): string => markOnKnob(tempC, spec.bake.oven.knob) ?? say(tempC, 'C');
  if (first.tempC === second.tempC) return `${at(first.tempC)} ${first.timeMin + second.timeMin} min`;
  return `${at(first.tempC)} ${first.timeMin} min, then ${at(second.tempC)} ${second.timeMin}`;
}

const shellWords = { made: '', bought: 'bought shell', frozen: 'shell from the freezer' } as const;

function pastryLine({ spec, build }: PiePlan, dough: string, say: SayQuantity): string {
  const shell = formOf(spec.form.kind).lined ? shellWords[spec.pastry.base ?? 'made'] : '';
  const mixed = build.dough.massG > 0 ? `${say(build.dough.massG, 'g')} ${dough}` : '';
  const base = build.base ? `base ${say(build.base.outline.lengthCm, 'cm')}` : '';
  return [mixed, base || shell].filter(Boolean).join(', ') || 'none';
}

/** The result of each station as one short line. */
export function stationResults(
  spec: PieSpec,
  plan: PiePlan | null,
  say: SayQuantity,
): Record<Station, string> {
  const dough = builtInLarder.doughs.get(spec.pastry.dough)?.label.toLowerCase() ?? '';
  const wash = builtInLarder.washes.get(spec.pastry.wash)?.label.toLowerCase() ?? '';
  if (!plan) {
    const wait = 'something to correct';
    return { shape: spec.dish.label, fruit: wait, juice: wait, pastry: dough, top: wash, oven: wait };
  }
  return {
    shape: `${spec.dish.label}, ${formOf(spec.form.kind).label}`,
    fruit: fruitLine(spec, plan, say),
    juice: juiceLine(spec, plan, say),
    pastry: pastryLine(plan, dough, say),
    top: [viewOf(spec.form.kind).topLine(plan, say), ...(formOf(spec.form.kind).washed ? [wash] : [])].join(
      ', ',
    ),
    oven: ovenLine(spec, plan, say),
  };
}
