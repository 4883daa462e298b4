import { colourTargets, DARK_BASE } from '../../bake/index.js';
import type { Advice } from '../../forms/index.js';
import { careAt, watch } from '../../forms/index.js';
import { larderRow } from '../../larder/index.js';
import type { HotSide, PieSpec } from '../../schema/index.js';
import type { BakedContext } from '../timeline/index.js';
import { beforeOven, COLD_DISH_C, frozenFruitG } from '../timeline/index.js';

/** A top this much paler than asked is seen. Estimate. */
const PALE_SHARE = 0.75;
/** Filling that was done this long before it came out has boiled away more than it should. Estimate. */
const LONG_DONE_MIN = 20;
const turnWords: Readonly<Record<HotSide, string>> = {
  none: 'half way round',
  back: 'half way round: this oven is hotter at the back',
  front: 'half way round: this oven is hotter at the front',
  left: 'half way round, and swap what stands left with what stands right: this oven is hotter at the left',
  right: 'half way round, and swap what stands right with what stands left: this oven is hotter at the right',
};

/** A base wetter than this at out is soggy, kg per kg dry. Estimate. */
const SOGGY_MOISTURE = 0.12;
/** A filling warmer than this melts the butter of raw pastry, C. Common practice, no source. */
const WARM_FILLING_C = 35;

/** What made it so, and what mends it. */
function soggyRemedy({ bake, dish }: PieSpec): string {
  if (bake.startC > WARM_FILLING_C && (bake.pastryC ?? bake.startC) < bake.startC) {
    return 'Hot filling melts the pastry before it sets: let it get cold first.';
  }
  if (bake.beneath === 'tray') return 'Off the tray onto the rack, or onto steel that is hot already.';
  if (dish.material === 'glass' || dish.material === 'stoneware' || dish.material.includes('aluminium')) {
    return 'A dish of dark metal, a lower rack, or hot steel under it.';
  }
  return 'A hotter first stage, a lower rack, or hot steel under it.';
}

/** Past the limit by this much it is worth a word: the share that an oven ten degrees off makes. Estimate. */
const DARKER = 1.15;

/** What keeps it paler. */
function darkRemedy({ bake }: PieSpec): string {
  if (bake.beneath === 'hot_steel') return 'Off the hot steel, onto the rack.';
  if (bake.rack === 'low') return 'Up to the middle of the oven.';
  if (bake.beneath === 'tray') return 'A second tray under the first.';
  return 'A tray under the dish, or a dish of glass or bright metal.';
}

/** What is done so that a brittle dish is not cold, and what would let it be. */
function sparedWords(context: BakedContext): string {
  const { spec, build } = context;
  const { thawMin, benchMin } = beforeOven(context);
  const done = [
    ...(build.base ? ['the base is chilled flat'] : []),
    ...(thawMin > 0 ? ['the frozen pie thaws for a night'] : []),
    benchMin > 0
      ? 'the pie stands on the bench until its dish is no longer cold'
      : 'the pie has no wait in the cold',
  ];
  const instead =
    thawMin > 0
      ? ' Take a metal dish to bake it from frozen.'
      : spec.bake.chill
        ? ' Take a metal dish to chill it whole.'
        : '';
  return `Glass and stoneware can shatter from the cold into a hot oven: here ${done.join(', and ')}.${instead}`;
}

/** What should be said about the oven. */
export function bakeAdvice(context: BakedContext): Advice[] {
  const { spec, larder, form, bake } = context;
  const frozen = frozenFruitG(context) > 0 && !form.filledCold(spec.filling);
  const { brittle } = larderRow(larder.materials, spec.dish.material);
  const advice: Advice[] = [];
  if (beforeOven(context).spared) {
    advice.push(watch('dish_spared', 'oven', sparedWords(context)));
  } else if (brittle && form.filled !== 'dish') {
    if (beforeOven(context).chill !== null) {
      advice.push(
        watch(
          'sheet_warm',
          'oven',
          'Chill it on its paper, on a board, and slide it onto the sheet: glass and stoneware can shatter from the cold into a hot oven.',
        ),
      );
    }
  } else if (brittle && (frozen || spec.bake.startC < COLD_DISH_C))
    advice.push(...careAt('oven', 'thermal_shock'));
  if (frozen) {
    advice.push({
      id: 'goes_in_frozen',
      station: 'oven',
      level: 'good',
      text: 'Frozen fruit goes in frozen here, and bakes the longer for it: fill and bake at once, before it thaws and runs. Thawed and drained, say so.',
    });
  }
  if (!bake) return advice;
  if (bake.doneMin === null && bake.filledMin !== null) {
    advice.push(
      watch(
        'not_coloured',
        'oven',
        `After ${bake.outMin} minutes the filling is ready and the top still pale: leave it until it has its colour.`,
      ),
    );
  } else if (bake.doneMin === null) {
    advice.push({
      id: 'not_done',
      station: 'oven',
      level: 'danger',
      text: `After ${bake.outMin} minutes the pie is not done. Bake longer, or hotter at first.`,
    });
  } else if (bake.doneMin > bake.outMin + 3) {
    advice.push({
      id: 'too_short',
      station: 'oven',
      level: 'watch',
      text: `The filling needs about ${Math.round(bake.doneMin - bake.outMin)} minutes more than these stages give.`,
    });
  }
  const { topBrowning } = bake.atEnd;
  const target = colourTargets[spec.bake.colour].index;
  if (topBrowning < PALE_SHARE * target) {
    advice.push({
      id: 'too_pale',
      station: 'oven',
      level: 'watch',
      text: `The top will be paler than ${colourTargets[spec.bake.colour].label}. Hotter or longer at first, a higher rack, or a yolk wash.`,
    });
  }
  // Of a pie that is still pale nobody says that it has been done for long.
  const { colouredMin } = bake.events;
  const wholeMin = bake.doneMin === null || colouredMin === null ? null : Math.max(bake.doneMin, colouredMin);
  if (!bake.found && wholeMin !== null && wholeMin < bake.outMin - LONG_DONE_MIN) {
    advice.push({
      id: 'too_long',
      station: 'oven',
      level: 'watch',
      text: `The pie is done about ${Math.round(bake.outMin - wholeMin)} minutes before these stages end: take it out when thick bubbles come through, or a pick goes in easily half way to the middle.`,
    });
  }
  if (form.lined && bake.atEnd.baseMoisture > SOGGY_MOISTURE) {
    advice.push({
      id: 'soggy_base',
      station: 'oven',
      level: 'watch',
      text: `The base will be soggy. ${soggyRemedy(spec)}`,
    });
  }
  if (bake.atEnd.baseBrowning > DARK_BASE * DARKER) {
    advice.push(watch('dark_base', 'oven', `The base gets too dark. ${darkRemedy(spec)}`));
  }
  if (spec.bake.oven.hotSide && spec.bake.oven.hotSide !== 'none') {
    advice.push({
      id: 'turn',
      station: 'oven',
      level: 'good',
      text: `After about ${bake.turnMin} minutes turn the pie ${turnWords[spec.bake.oven.hotSide]}.`,
    });
  }
  if (bake.foilMin !== null) {
    advice.push({
      id: 'foil',
      station: 'oven',
      level: 'watch',
      text: `The top is ahead of the filling: lay foil over it, loose, after about ${bake.foilMin} minutes, or as soon as it is golden.`,
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
