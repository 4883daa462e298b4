import { PRACTICE } from '../../units/index.js';
import type { TopOf } from '../../geometry/index.js';
import {
  areaCm2,
  DOUGH_DENSITY,
  doughOverG,
  isRound,
  lidTopFactor,
  sheetDrawing,
  topOutline,
  TRIM_FACTOR,
} from '../../geometry/index.js';
import { figure, from, given, q, makeSum } from '../../units/index.js';
import type { TopRules } from '../form.js';
import { pastryBody, pastryTop } from './pastry-top.js';

/** What sets one lid apart from another, in words. */
interface LidWords {
  readonly sizeRule: string;
  readonly openRule: string;
  readonly title: string;
}

/** A sheet of pastry over the whole top. */
export const lidTop = ({ sizeRule, openRule, title }: LidWords): TopRules<TopOf<'lid'>> => ({
  ...pastryTop,
  evaporates: ({ openShare }) => lidTopFactor(openShare),
  doughG: ({ sheet }) => sheet.massG,
  liesG: ({ sheet }, pastry) => doughOverG(areaCm2(sheet.outline), pastry.thicknessMm),
  body: (top, _build, beside) => pastryBody(top, beside),
  figures: ({ sheet, openShare }, { dish, pastry }) => {
    const { outline, massG } = sheet;
    return [
      figure({
        id: 'build.vent_share',
        label: 'Lid that is open',
        value: 100 * openShare,
        unit: 'percent',
        spread: 0.3,
        rule: openRule,
        sum: makeSum`${q(openShare * areaCm2(topOutline(dish)), 'cm2')} open of ${q(areaCm2(topOutline(dish)), 'cm2')}`,
        inputs: from('dish.top_area'),
        source: PRACTICE,
      }),
      figure({
        id: 'pastry.lid_disc',
        label: 'Lid, rolled to',
        value: outline.lengthCm,
        unit: 'cm',
        spread: 0.03,
        rule: sizeRule,
        sum: makeSum`${q(sheet.coversCm, 'cm')} over the top + 2 x ${q(sheet.beyondCm, 'cm')} at its edge`,
        inputs: [given('across the top', dish.topCm, 'cm'), ...from('build.mound')],
        source: PRACTICE,
      }),
      ...(isRound(outline)
        ? []
        : [
            figure({
              id: 'pastry.lid_width',
              label: 'Lid, the other way',
              value: outline.widthCm,
              unit: 'cm',
              spread: 0.03,
              rule: sizeRule,
              sum: makeSum`${q(sheet.coversWideCm, 'cm')} over the top + 2 x ${q(sheet.beyondCm, 'cm')} at its edge`,
              source: PRACTICE,
            }),
          ]),
      figure({
        id: 'pastry.top_mass',
        label: 'Dough for the lid',
        value: massG,
        unit: 'g',
        spread: 0.05,
        rule: 'Disc x thickness x 1.14 g/cm3, and 12 % for trimming.',
        sum: makeSum`${q(areaCm2(outline) * TRIM_FACTOR, 'cm2')} with trimming x ${q(pastry.thicknessMm, 'mm')} x ${q(DOUGH_DENSITY, 'ratio')}`,
        inputs: [...from('pastry.lid_disc'), given('thickness', pastry.thicknessMm, 'mm')],
        source: 'our estimate, held against batches of the trade',
      }),
    ];
  },
  templates: ({ sheet }, _dishTop, say) => [sheetDrawing('lid', title, sheet.outline, say)],
});

export const VENTS_RULE = 'Slits open to about 3.5 mm in the oven; 1 to 2 % of the lid lets steam out.';
