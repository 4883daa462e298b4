import type { Drawing, TemplateText } from '../geometry/index.js';
import { sheetDrawing, topOutline } from '../geometry/index.js';
import { formOf } from '../forms/index.js';
import type { PiePlan } from '../plan/index.js';
import type { UnitSystem } from '../units/index.js';
import { showText } from '../units/index.js';

/**
 * All that is cut for a pie, at true size: sheets, strips, pieces, folds; paper for a dish when nothing is.
 * @param options a plan
 * @param units of the measures written on them
 * @returns drawings, mm
 * @example makeTemplates(plan).length // 2
 */
export function makeTemplates({ build, spec }: PiePlan, units: UnitSystem = 'metric'): Drawing[] {
  const say: TemplateText = (cm) => showText(cm, 'cm', units);
  const form = formOf(spec.form.kind);
  const { base, top } = build;
  const dishTop = topOutline(spec.dish);
  const drawings = [
    ...(base ? form.baseTemplates(base, top, say) : []),
    ...form.top.templates(top, dishTop, say),
  ];
  if (drawings.length > 0 || form.filled !== 'dish') return drawings;
  return [sheetDrawing('paper', 'Paper for the top of the dish', dishTop, say)];
}
