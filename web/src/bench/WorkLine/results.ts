import type { PiePlan, PieSpec, Station, Top, Unit } from '@mardle/core';
import { builtInDoughs, cutOutLabels, formTraits, markOnKnob, washes } from '@mardle/core';
import { nearestStop } from '../../kit/Dial/Dial.js';
import { juicinessStops } from '../words.js';

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

function ovenLine(spec: PieSpec, plan: PiePlan, say: Say): string {
  if (!plan.bake) return 'working out the bake …';
  const [first, second] = plan.bake.stages;
  const at = (tempC: number): string => markOnKnob(tempC, spec.bake.oven.knob) ?? say(tempC, 'C');
  if (first.tempC === second.tempC) return `${at(first.tempC)} ${first.timeMin + second.timeMin} min`;
  return `${at(first.tempC)} ${first.timeMin} min, then ${at(second.tempC)} ${second.timeMin}`;
}

function topLine(top: Top, wash: string, say: Say): string {
  switch (top.kind) {
    case 'lid':
      return `lid ${say(top.sheet.outline.lengthCm, 'cm')}, ${wash}`;
    case 'lattice': {
      const { long, cross } = top.lattice;
      return `${long.length} x ${cross.length} strips of ${say(long[0]?.widthCm ?? 0, 'cm')}, ${wash}`;
    }
    case 'cut_outs':
      return `${top.cutOuts.pieces.length} ${cutOutLabels[top.cutOuts.shape].toLowerCase()} of ${say(top.cutOuts.sizeCm, 'cm')}, ${wash}`;
    case 'crumb':
      return `${say(top.crumb.massG, 'g')} crumb, ${say(top.crumb.thicknessCm, 'cm')} deep`;
    case 'border':
      return `border ${say(top.freeForm.borderCm, 'cm')} in ${top.freeForm.pleats} pleats, ${wash}`;
    case 'open':
      return 'open';
    case 'scones':
      return `${say(top.scones.massG, 'g')} scone dough`;
    case 'batter':
      return `${say(top.batter.massG, 'g')} batter`;
    case 'parcel':
      return `${top.count} folded and sealed, ${wash}`;
  }
}

const shellWords = { made: '', bought: 'bought shell', frozen: 'shell from the freezer' } as const;

function pastryLine({ spec, build }: PiePlan, dough: string, say: Say): string {
  const shell = formTraits(spec.form.kind).lined ? shellWords[spec.pastry.base ?? 'made'] : '';
  const mixed = build.dough.massG > 0 ? `${say(build.dough.massG, 'g')} ${dough}` : '';
  const base = build.base ? `base ${say(build.base.outline.lengthCm, 'cm')}` : '';
  return [mixed, base || shell].filter(Boolean).join(', ') || 'none';
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
    shape: `${spec.dish.label}, ${formTraits(spec.form.kind).label}`,
    fruit: fruitLine(spec, plan, say),
    juice: juiceLine(spec, plan, say),
    pastry: pastryLine(plan, dough, say),
    top: topLine(plan.build.top, wash, say),
    oven: ovenLine(spec, plan, say),
  };
}
