import type { Build } from '../../build/index.js';
import { discForCapacityCm, formTraits, isCrumbed, juiceHeldG, usualVentShare } from '../../build/index.js';
import type { Filling } from '../../filling/index.js';
import type { PieSpec } from '../spec.js';
import type { Advice } from './advice.js';
import { sentence } from './advice.js';

/** How full the vessel is: too little, too much, and what would be left over. */
function fillAdvice(spec: PieSpec, filling: Filling, build: Build): Advice[] {
  const { vessel } = build;
  const flat = formTraits(spec.form.kind).filled !== 'dish';
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
    spec.form.kind !== 'buckle' &&
    build.bakedEdgeCm < vessel.dish.depthCm * 0.7 * roomShare(spec)
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

const roomShare = (spec: PieSpec): number => Math.min(1, formTraits(spec.form.kind).room);

/** Fruit that lies bare under a crumb burns before the crumb is done. Estimate of how much is too much. */
const BARE_FRUIT_SHARE = 0.08;

function bareAdvice({ top }: Build): Advice[] {
  if (top.kind !== 'crumb' || top.openShare < BARE_FRUIT_SHARE) return [];
  return [
    {
      id: 'too_bare',
      station: 'top',
      level: 'watch',
      ...sentence(
        'Lumps that large leave {0} of the fruit bare, and bare fruit burns. Smaller lumps, or more crumb.',
        {
          value: 100 * top.openShare,
          unit: 'percent',
        },
      ),
    },
  ];
}

/** Whether a fold keeps its juice in, and what to do when it does not. */
function leakAdvice(filling: Filling, build: Build): Advice[] {
  const { top } = build;
  if (top.kind !== 'border') return [];
  const { freeForm } = top;
  const advice: Advice[] = [];
  // What a set gel holds does not run; the rest is as loose as the juice is before it thickens.
  const looseG = filling.ledger.juiceG * (filling.reached >= 2.5 ? 0.5 : 1);
  const heldG = juiceHeldG(freeForm);
  if (looseG > heldG) {
    advice.push({
      id: 'too_leaky',
      station: 'shape',
      level: 'watch',
      ...sentence(
        'It would leak: {0} of loose juice, and the fold keeps in about {1}. Weep and drain the fruit, strew crumbs or ground nuts under it, heap less, or fold a wider border.',
        { value: looseG, unit: 'g' },
        { value: heldG, unit: 'g' },
      ),
    });
  }
  if (filling.cookedMl > 1.2 * freeForm.capacityMl) {
    advice.push({
      id: 'too_full',
      station: 'shape',
      level: 'watch',
      ...sentence('Too much fruit for this disc. Roll it to {0}, or take less.', {
        value: discForCapacityCm(filling.cookedMl, freeForm.borderCm),
        unit: 'cm',
      }),
    });
  }
  return advice;
}

/** What should be said about dish, heap and top. */
export function buildAdvice(spec: PieSpec, filling: Filling, build: Build): Advice[] {
  const { top } = build;
  const advice: Advice[] = [
    ...fillAdvice(spec, filling, build),
    ...leakAdvice(filling, build),
    ...bareAdvice(build),
  ];
  const watch = (id: string, station: Advice['station'], text: string): void => {
    advice.push({ id, station, level: 'watch', text });
  };
  if (spec.form.kind === 'double_crust' && top.openShare < 0.7 * usualVentShare.low) {
    watch('vents', 'top', 'Too few vents: the lid balloons and cracks. Open 1 to 2 % of it.');
  }
  if (build.gapCm > 1 && spec.filling.preparation.kind === 'raw') {
    advice.push({
      id: 'gap',
      station: 'shape',
      level: 'watch',
      ...sentence(
        'Raw fruit sinks: expect a gap of about {0} under the lid. Weeping and draining, or holding at {1}, closes it.',
        { value: build.gapCm, unit: 'cm' },
        { value: 71, unit: 'C' },
      ),
    });
  }
  if (isCrumbed(spec.form.kind) && (spec.form.crumb?.cover ?? 1) < 0.85) {
    watch('bare_fruit', 'top', 'Too little crumb: it must cover the fruit, bare fruit burns.');
  }
  if (
    top.kind === 'lattice' &&
    top.lattice.style === 'straight' &&
    top.lattice.gapCm < (2 * spec.pastry.thicknessMm) / 10
  ) {
    watch(
      'too_tight',
      'top',
      'The strips lie too close to weave: leave two thicknesses of pastry between them. Fewer or narrower strips.',
    );
  }
  if (top.kind === 'cut_outs' && spec.pastry.thicknessMm > 4) {
    watch('too_thick', 'top', 'Cut-outs thicker than the base stay raw: roll them no thicker.');
  }
  if (spec.pastry.base === 'frozen' && spec.bake.startC > 10 && formTraits(spec.form.kind).lined) {
    watch(
      'frozen_shell',
      'pastry',
      'A frozen shell goes in cold: fill it after 15 minutes out of the freezer.',
    );
  }
  if (spec.form.kind === 'hand_pie' && (filling.run === 'runs' || filling.run === 'runs a little')) {
    watch(
      'too_wet',
      'juice',
      'A hand pie must not run out when bitten: fry the juice away, or take more thickener.',
    );
  }
  if (spec.form.kind === 'hand_pie' && spec.filling.preparation.kind === 'raw') {
    watch(
      'raw_hand_pie',
      'juice',
      'Raw fruit bursts a hand pie: fry it in butter and sugar, thicken, and chill it thick.',
    );
  }
  return advice;
}
