import type { Bake } from '../../bake/index.js';
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

/** What is said of a dish that can shatter, or of the sheet that a pie is slid onto. */
function dishAdvice(context: BakedContext): Advice[] {
  const { spec, larder, form } = context;
  if (beforeOven(context).spared) return [watch('dish_spared', 'oven', sparedWords(context))];
  if (!larderRow(larder.materials, spec.dish.material).brittle) return [];
  if (form.filled !== 'dish') {
    if (beforeOven(context).chill === null) return [];
    const text =
      'Chill it on its paper, on a board, and slide it onto the sheet: glass and stoneware can shatter from the cold into a hot oven.';
    return [watch('sheet_warm', 'oven', text)];
  }
  const isCold = goesInFrozen(context) || spec.bake.startC < COLD_DISH_C;
  return isCold ? careAt('oven', 'thermal_shock') : [];
}

const goesInFrozen = (context: BakedContext): boolean =>
  frozenFruitG(context) > 0 && !context.form.filledCold(context.spec.filling);

const danger = (id: string, text: string): Advice => ({ id, station: 'oven', level: 'danger', text });
const good = (id: string, text: string): Advice => ({ id, station: 'oven', level: 'good', text });

/** Whether the pie is done when it comes out. */
function donenessAdvice({ doneMin, filledMin, outMin }: Bake): Advice[] {
  if (doneMin === null && filledMin !== null) {
    const text = `After ${outMin} minutes the filling is ready and the top still pale: leave it until it has its colour.`;
    return [watch('not_coloured', 'oven', text)];
  }
  if (doneMin === null)
    return [
      danger('not_done', `After ${outMin} minutes the pie is not done. Bake longer, or hotter at first.`),
    ];
  if (doneMin <= outMin + 3) return [];
  const text = `The filling needs about ${Math.round(doneMin - outMin)} minutes more than these stages give.`;
  return [watch('too_short', 'oven', text)];
}

function paleAdvice({ spec }: BakedContext, { atEnd }: Bake): Advice[] {
  const { index, label } = colourTargets[spec.bake.colour];
  if (atEnd.topBrowning >= PALE_SHARE * index) return [];
  const text = `The top will be paler than ${label}. Hotter or longer at first, a higher rack, or a yolk wash.`;
  return [watch('too_pale', 'oven', text)];
}

/** Of a pie that is still pale nobody says that it has been done for long. */
function longDoneAdvice({ doneMin, events, found, outMin }: Bake): Advice[] {
  if (found || doneMin === null || events.colouredMin === null) return [];
  const aheadMin = outMin - Math.max(doneMin, events.colouredMin);
  if (aheadMin <= LONG_DONE_MIN) return [];
  const text = `The pie is done about ${Math.round(aheadMin)} minutes before these stages end: take it out when thick bubbles come through, or a pick goes in easily half way to the middle.`;
  return [watch('too_long', 'oven', text)];
}

function baseAdvice({ spec, form }: BakedContext, { atEnd }: Bake): Advice[] {
  const advice: Advice[] = [];
  if (form.lined && atEnd.baseMoisture > SOGGY_MOISTURE)
    advice.push(watch('soggy_base', 'oven', `The base will be soggy. ${soggyRemedy(spec)}`));
  if (atEnd.baseBrowning > DARK_BASE * DARKER)
    advice.push(watch('dark_base', 'oven', `The base gets too dark. ${darkRemedy(spec)}`));
  return advice;
}

/** What hands do while it bakes. */
function handAdvice({ spec }: BakedContext, { turnMin, foilMin }: Bake): Advice[] {
  const { hotSide } = spec.bake.oven;
  const advice: Advice[] = [];
  if (hotSide && hotSide !== 'none')
    advice.push(good('turn', `After about ${turnMin} minutes turn the pie ${turnWords[hotSide]}.`));
  if (foilMin !== null) {
    const text = `The top is ahead of the filling: lay foil over it, loose, after about ${foilMin} minutes, or as soon as it is golden.`;
    advice.push(watch('foil', 'oven', text));
  }
  return advice;
}

function darkTopAdvice({ events: { tooDarkMin }, outMin }: Bake): Advice[] {
  if (tooDarkMin === null || tooDarkMin >= outMin) return [];
  const text = `The top is too dark after ${Math.round(tooDarkMin)} minutes: foil sooner, or a lower first stage.`;
  return [danger('too_dark', text)];
}

const FROZEN_IN =
  'Frozen fruit goes in frozen here, and bakes the longer for it: fill and bake at once, before it thaws and runs. Thawed and drained, say so.';

/** What should be said about the oven. */
export function bakeAdvice(context: BakedContext): Advice[] {
  const { bake } = context;
  const before = [
    ...dishAdvice(context),
    ...(goesInFrozen(context) ? [good('goes_in_frozen', FROZEN_IN)] : []),
  ];
  if (!bake) return before;
  return [
    ...before,
    ...donenessAdvice(bake),
    ...paleAdvice(context, bake),
    ...longDoneAdvice(bake),
    ...baseAdvice(context, bake),
    ...handAdvice(context, bake),
    ...darkTopAdvice(bake),
  ];
}
