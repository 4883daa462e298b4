import type { Advice, BuiltContext } from '../../forms/index.js';
import { sentence, watch } from '../../forms/index.js';

/** How full the vessel is: too little, too much, and what would be left over. */
function fillAdvice({ spec, form, filling, build }: BuiltContext): Advice[] {
  const { vessel } = build;
  const flat = form.filled !== 'dish';
  const advice: Advice[] = [];
  const overMl = filling.cookedMl - 1.15 * build.dish.netMl;
  if (!flat && build.rawMoundCm > vessel.dish.topCm * 0.28) {
    advice.push({
      id: 'too_full',
      station: 'shape',
      level: 'watch',
      ...sentence('The heap would stand {0} above the rim and slide. Take less fruit or a larger dish.', {
        value: build.rawMoundCm,
        unit: 'cm',
      }),
    });
  }
  if (spec.filling.fruitMassG !== null && overMl > 60) {
    const overG = (filling.massG * (filling.cookedMl - build.dish.netMl)) / filling.cookedMl;
    advice.push({
      id: 'left_over',
      station: 'shape',
      level: 'good',
      ...sentence(
        `About {0} of filling will be left over: ${overMl > 350 ? 'enough for a small extra pie' : 'a ramekin under a scrap of pastry'}, or freeze it flat in a bag, unbaked.`,
        { value: overG, unit: 'g' },
      ),
    });
  }
  if (
    !flat &&
    form.batterMl(1) === 0 &&
    build.bakedEdgeCm < vessel.dish.depthCm * 0.7 * Math.min(1, form.room)
  ) {
    advice.push({
      id: 'too_empty',
      station: 'shape',
      level: 'watch',
      text: 'The dish will be under-filled: a flat, sad slice. More fruit, or a smaller dish.',
    });
  }
  return advice;
}

/** A shell straight from the freezer, when the pie is said to be this warm, C. */
const FROZEN_SHELL_FROM_C = 10;
/** Gaps under a lid from here on are seen in the slice, cm. */
const SEEN_GAP_CM = 1;

/** What should be said about dish, heap and top. */
export function buildAdvice(context: BuiltContext): Advice[] {
  const { spec, form, build } = context;
  const gap: Advice[] =
    build.gapCm > SEEN_GAP_CM && spec.filling.preparation.kind === 'raw'
      ? [
          {
            id: 'gap',
            station: 'shape',
            level: 'watch',
            ...sentence(
              'Raw fruit sinks: expect a gap of about {0} under the lid. Weeping and draining, or holding at {1}, closes it.',
              { value: build.gapCm, unit: 'cm' },
              { value: 71, unit: 'C' },
            ),
          },
        ]
      : [];
  const shell =
    spec.pastry.base === 'frozen' && spec.bake.startC > FROZEN_SHELL_FROM_C && form.lined
      ? [
          watch(
            'frozen_shell',
            'pastry',
            'A frozen shell goes in cold: fill it after 15 minutes out of the freezer.',
          ),
        ]
      : [];
  return [
    ...fillAdvice(context),
    ...form.top.advice(build.top, context),
    ...gap,
    ...shell,
    ...form.advice(context),
  ];
}
