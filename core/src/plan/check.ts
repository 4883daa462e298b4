import type { Larder } from '../larder/index.js';
import { checkOwnFruit, dishMaterials, seasonings, washes } from '../larder/index.js';
import type { Problem } from './problem.js';
import { known, within } from './problem.js';
import { checkDish, checkForm } from './check-build.js';
import type { PieSpec } from './spec.js';
import { SPEC_FORMAT, SPEC_VERSION } from './spec.js';

function checkFilling({ filling }: PieSpec, larder: Larder): Problem[] {
  const problems: Problem[] = [];
  if (filling.fruits.length < 1 || filling.fruits.length > 6) {
    problems.push({
      field: 'filling.fruits',
      message: `A filling has 1 to 6 fruits, this one has ${filling.fruits.length}.`,
      remedy: 'Choose at least one fruit; mix at most six.',
    });
  }
  filling.fruits.forEach((part, i) => {
    const at = `filling.fruits.${i}`;
    problems.push(
      ...known(`${at}.fruit`, part.fruit, larder.fruits, 'fruit'),
      ...within(`${at}.share`, part.share, 'filling.fruits.share'),
      ...within(`${at}.ripeness`, part.ripeness, 'filling.fruits.ripeness'),
    );
  });
  if (filling.thickeners.length < 1 || filling.thickeners.length > 4) {
    problems.push({
      field: 'filling.thickeners',
      message: `A filling has 1 to 4 thickeners, this one has ${filling.thickeners.length}.`,
      remedy: 'Choose one thickener; set its amount to 0 g for none.',
    });
  }
  filling.thickeners.forEach((part, i) => {
    const at = `filling.thickeners.${i}`;
    problems.push(
      ...known(`${at}.thickener`, part.thickener, larder.thickeners, 'thickener'),
      ...within(`${at}.share`, part.share, 'filling.thickeners.share'),
    );
  });
  const gelatine = filling.thickeners.findIndex(
    ({ thickener }) => larder.thickeners.get(thickener)?.kind === 'gelatine',
  );
  if (gelatine >= 0 && filling.preparation.kind !== 'glaze') {
    problems.push({
      field: `filling.thickeners.${gelatine}.thickener`,
      message: 'Gelatine melts in the oven and lets the juice go.',
      remedy: 'Take a starch, or prepare the filling as a glaze with raw fruit, which is not baked.',
    });
  }
  filling.seasonings.forEach((part, i) => {
    const at = `filling.seasonings.${i}`;
    problems.push(
      ...known(`${at}.seasoning`, part.seasoning, seasonings, 'seasoning'),
      ...within(`${at}.massG`, part.massG, 'filling.seasonings.massG'),
    );
  });
  const { preparation } = filling;
  problems.push(
    ...known('filling.sugar.sugar', filling.sugar.sugar, larder.sugars, 'sugar'),
    ...within('filling.fruitMassG', filling.fruitMassG),
    ...within('filling.sugar.style', filling.sugar.style),
    ...within('filling.sugar.massG', filling.sugar.massG),
    ...within('filling.thickenerMassG', filling.thickenerMassG),
    ...within('filling.lemonJuiceG', filling.lemonJuiceG),
    ...within('filling.lemonZestG', filling.lemonZestG),
    ...within('filling.bicarbonateG', filling.bicarbonateG),
    ...within('filling.butterG', filling.butterG),
    ...within('filling.preparation.minutes', preparation.minutes),
    ...within('filling.preparation.boilToBrix', preparation.boilToBrix),
    ...within('filling.preparation.liquidG', preparation.liquidG),
    ...within('filling.preparation.cookedShare', preparation.cookedShare),
    ...within('filling.weepTest.drainedG', filling.weepTest?.drainedG),
  );
  return problems;
}

function checkBake({ bake }: PieSpec): Problem[] {
  return [
    ...within('bake.oven.offsetC', bake.oven.offsetC),
    ...within('bake.oven.warmUpMin', bake.oven.warmUpMin),
    ...within('bake.startC', bake.startC),
    ...within('bake.altitudeM', bake.altitudeM),
    ...(bake.stages ?? []).flatMap((stage, i) => [
      ...within(`bake.stages.${i}.tempC`, stage.tempC, 'bake.stages.tempC'),
      ...within(`bake.stages.${i}.timeMin`, stage.timeMin, 'bake.stages.timeMin'),
    ]),
  ];
}

/** All that is wrong with a spec of the right shape; empty when it can be planned. */
export function checkSpec(spec: PieSpec, larder: Larder): Problem[] {
  if (spec.format !== SPEC_FORMAT || spec.version > SPEC_VERSION) {
    return [
      {
        field: spec.format !== SPEC_FORMAT ? 'format' : 'version',
        message:
          spec.format !== SPEC_FORMAT
            ? `This is not a pie spec: its format is "${String(spec.format)}".`
            : `This pie was written by a newer Mardle (version ${spec.version}; this one reads up to ${SPEC_VERSION}).`,
        remedy:
          spec.format !== SPEC_FORMAT
            ? `Set "format" to "${SPEC_FORMAT}".`
            : 'Update Mardle; the file is left as it is.',
      },
    ];
  }
  return [
    ...within('form.vents', spec.form.vents),
    ...within('form.ventLengthCm', spec.form.ventLengthCm),
    ...checkForm(spec),
    ...known('dish.material', spec.dish.material, dishMaterials, 'dish material'),
    ...checkDish(spec),
    ...checkFilling(spec, larder),
    ...known('pastry.dough', spec.pastry.dough, larder.doughs, 'dough'),
    ...known('pastry.wash', spec.pastry.wash, washes, 'wash'),
    ...within('pastry.thicknessMm', spec.pastry.thicknessMm),
    ...within('pastry.batch', spec.pastry.batch),
    ...checkBake(spec),
    ...spec.ownFruits.flatMap((own, i) =>
      checkOwnFruit(own).map((problem) => ({ ...problem, field: `ownFruits.${i}.${problem.field}` })),
    ),
  ];
}
