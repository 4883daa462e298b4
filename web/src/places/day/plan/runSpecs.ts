import type { DayRun, BakeProgramme, OvenSpec, PieSpec, Stage } from '@mardle/core';
import { emptyShellSpec, shellId } from '@mardle/core';
import type { DayFile } from '../../../state/day/dayFile.js';
import { dayPortions } from '../portions.js';

/** As a pie's name may be. */
const LONGEST_NAME = 120;

/** A pie of a run as it goes into the oven. */
export interface Loaded {
  /** The day's id of it. */
  readonly pie: string;
  /** The pie as this kitchen keeps it. */
  readonly kept: PieSpec;
  /** As it is baked: in the run's oven, with its number among others of its kind. */
  readonly spec: PieSpec;
  readonly stages: readonly [Stage, Stage];
}

/** Both stages of a programme that ends at a minute; one heat all through is cut where a baker would look. */
export function stagesUntil(
  [firstC, firstMin, secondC]: BakeProgramme,
  outMin: number,
): readonly [Stage, Stage] {
  const lookMin = firstC === secondC ? Math.round(outMin / 2) : Math.min(firstMin, outMin);
  return [
    { tempC: firstC, timeMin: lookMin },
    { tempC: secondC, timeMin: outMin - lookMin },
  ];
}

/** What goes in with a run: each pie in the run's oven, at its stages. */
export function loadedBy(file: DayFile, run: DayRun): Loaded[] {
  const oven = file.kitchen.ovens.find((one) => 'id' in one && one.id === run.oven) as
    Partial<OvenSpec> | undefined;
  const made = dayPortions(file);
  return run.pies.flatMap(({ pie, out }) => {
    const portion = made.find(({ ids }) => ids.some((id) => id === pie || shellId(id) === pie));
    if (!portion) return [];
    const { wanted, ids } = portion;
    const whole = ids.find((id) => shellId(id) === pie);
    const asMade = whole === undefined ? portion.spec : emptyShellSpec(portion.spec);
    const stages = stagesUntil(run.heat, out);
    const { bake } = asMade;
    const number = wanted.count > 1 ? ` ${(whole ?? pie).slice(wanted.id.length + 1)}` : '';
    const told = whole === undefined ? number : `${number}, shell`;
    const spec: PieSpec = {
      ...asMade,
      name: `${wanted.pie.name.slice(0, LONGEST_NAME - told.length)}${told}`,
      bake: {
        ...bake,
        stages,
        oven: {
          ...bake.oven,
          label: run.oven,
          kind: oven?.kind ?? 'still',
          offsetC: oven?.offsetC ?? 0,
          hotSide: oven?.hotSide ?? 'none',
          warmUpMin: oven?.warmUpMin ?? bake.oven.warmUpMin,
        },
      },
    };
    return [{ pie, kept: wanted.pie, spec, stages }];
  });
}
