import type { PiePlan, PieSpec, Station, Top, Unit } from '@mardle/core';
import { builtInDoughs, washes } from '@mardle/core';
import { nearestStop } from '../../kit/Dial/Dial.js';
import { formWords, juicinessStops } from '../words.js';

type Say = (value: number, unit: Unit) => string;

function fruitLine(spec: PieSpec, plan: PiePlan, say: Say): string {
  const names = plan.filling.batch.fruits.map(({ fruit }) => fruit.label.toLowerCase()).join(', ');
  const [first] = spec.filling.fruits;
  const ripeness =
    first && spec.filling.fruits.length === 1 ? `, ${nearestStop(juicinessStops, first.ripeness).word}` : '';
  return `${say(plan.filling.batch.massG, 'g')} ${names}${ripeness}`;
}

function juiceLine(spec: PieSpec, plan: PiePlan, say: Say): string {
  const { thickenerG, dose, sugar } = plan.filling;
  const [first] = spec.filling.thickeners;
  const name =
    spec.filling.thickeners.length > 1
      ? 'thickener'
      : (plan.figures['thickener.0.mass']?.label.toLowerCase() ?? first?.thickener ?? '');
  const band = spec.filling.thickenerMassG === null ? ` ±${Math.round((dose.highG - dose.lowG) / 2)}` : '';
  return `${say(sugar.massG, 'g')} sugar, ${say(thickenerG, 'g')} ${name}${band}`;
}

function ovenLine(plan: PiePlan, say: Say): string {
  if (!plan.bake) return 'working out the bake …';
  const [first, second] = plan.bake.stages;
  return `${say(first.tempC, 'C')} ${first.timeMin} min, then ${say(second.tempC, 'C')} ${second.timeMin}`;
}

function topLine(top: Top, wash: string, say: Say): string {
  if (top.kind === 'lid') return `lid ${say(top.disc.diameterCm, 'cm')}, ${wash}`;
  if (top.kind === 'crumb')
    return `${say(top.crumb.massG, 'g')} crumb, ${say(top.crumb.thicknessCm, 'cm')} deep`;
  const { lengthsCm, widthCm } = top.lattice;
  return `${lengthsCm.length} x ${lengthsCm.length} strips of ${say(widthCm, 'cm')}, ${wash}`;
}

/** The result of each station as one short line. */
export function stationResults(spec: PieSpec, plan: PiePlan | null, say: Say): Record<Station, string> {
  const dough = builtInDoughs.get(spec.pastry.dough)?.label.toLowerCase() ?? '';
  const wash = washes.get(spec.pastry.wash)?.label.toLowerCase() ?? '';
  if (!plan) {
    const wait = 'something to correct';
    return { shape: spec.dish.label, fruit: wait, juice: wait, pastry: dough, top: wash, oven: wait };
  }
  return {
    shape: `${spec.dish.label}, ${formWords[spec.form.kind]}`,
    fruit: fruitLine(spec, plan, say),
    juice: juiceLine(spec, plan, say),
    pastry: `${say(plan.build.dough.massG, 'g')} ${dough}, base ${say(plan.build.base.diameterCm, 'cm')}`,
    top: topLine(plan.build.top, wash, say),
    oven: ovenLine(plan, say),
  };
}
