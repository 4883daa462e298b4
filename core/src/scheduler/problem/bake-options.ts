import type { Bake } from '../../bake/index.js';
import { bakeOnProgramme, RIGHT_OFF, turnAt } from '../../bake/index.js';
import type { PiePlan } from '../../plan/index.js';
import type { PieSpec } from '../../schema/index.js';
import type { DayRequest } from './day-request.js';
import type { BakeProgramme, BakeOption } from '../model/index.js';
import { isSameProgramme } from '../model/index.js';

/** Programmes of each pie that others are tried on. */
const OWN_PROGRAMMES = 2;

/** One sort of pie, planned in one oven. */
export interface InOven {
  readonly plan: PiePlan;
  readonly spec: PieSpec;
}

/** The programme of a bake. */
export const programmeFrom = ({ stages: [first, second] }: Pick<Bake, 'stages'>): BakeProgramme =>
  first.tempC === second.tempC ? [first.tempC, 0, first.tempC] : [first.tempC, first.timeMin, second.tempC];

const optionsBetween = (own: readonly BakeOption[], more: readonly BakeOption[]): BakeOption[] =>
  more.reduce<BakeOption[]>(
    (all, way) => (all.some(({ heat }) => isSameProgramme(heat, way.heat)) ? all : [...all, way]),
    [...own],
  );

/** When a pie is turned round, if its clock says that it is. */
export const turned = ({ clock }: PiePlan, turn: number): Pick<BakeOption, 'turn'> =>
  clock.some(({ id }) => id === 'turn') ? { turn } : {};

/** A programme of another pie, tried on this one; null when it does not come out right. */
function tryProgramme(
  { plan, spec: { bake } }: InOven,
  heat: BakeProgramme,
  ownCost: number,
): BakeOption | null {
  const { body } = plan.work;
  const done = bakeOnProgramme(body, bake, heat);
  if (!done || Math.abs(done.colourOff) > RIGHT_OFF || done.doneMin < heat[1]) return null;
  return {
    heat,
    out: Math.ceil(done.doneMin),
    cost: Math.max(0, Math.round(done.cost - ownCost)),
    foil: done.foilMin,
    ...turned(
      plan,
      turnAt([
        { tempC: heat[0], timeMin: heat[1] },
        { tempC: heat[2], timeMin: done.doneMin - heat[1] },
      ]),
    ),
  };
}

/** Ways of each sort in each oven: its own programme, then those of the others that it bakes right on. */
export function bakeOptions(
  { ovens }: DayRequest,
  planned: ReadonlyMap<string, ReadonlyMap<string, InOven>>,
): Map<string, Record<string, BakeOption[]>> {
  const ways = new Map<string, Record<string, BakeOption[]>>([...planned.keys()].map((key) => [key, {}]));
  for (const { id } of ovens) {
    const programmes = [...planned.values()].flatMap((of) => {
      const plan = of.get(id)?.plan;
      if (!plan?.bake) return [];
      const own = programmeFrom(plan.bake);
      const others = plan.bake.others
        .filter(({ colourOff, foilMin }) => Math.abs(colourOff) < RIGHT_OFF / 2 && foilMin === null)
        .slice(0, OWN_PROGRAMMES - 1)
        .map(({ firstC, firstMin, secondC }): BakeProgramme => [
          firstC,
          firstC === secondC ? 0 : firstMin,
          secondC,
        ]);
      return [own, ...others];
    });
    for (const [key, of] of planned) {
      const planOf = of.get(id);
      if (!planOf?.plan.bake) continue;
      const own = programmeFrom(planOf.plan.bake);
      const { plan, spec } = planOf;
      const mine: BakeOption = {
        heat: own,
        out: planOf.plan.bake.outMin,
        cost: 0,
        foil: planOf.plan.bake.foilMin,
        ...turned(planOf.plan, planOf.plan.bake.turnMin),
      };
      // A baker's own heats are kept: nothing else is tried.
      const ownCost = bakeOnProgramme(plan.work.body, spec.bake, own)?.cost ?? 0;
      // Nor is a shell that is baked empty: it has no filling to be done.
      const tried =
        spec.bake.stages || !plan.work.body.filling
          ? []
          : programmes.flatMap((heat) =>
              isSameProgramme(heat, own)
                ? []
                : [tryProgramme(planOf, heat, ownCost)].filter((way) => way !== null),
            );
      const known = ways.get(key);
      if (known) known[id] = optionsBetween([mine], tried);
    }
  }
  return ways;
}
