import type { Filling } from '../../filling/index.js';
import {
  acidNeutralisedG,
  computeFilling,
  concentrationPer100G,
  doseG,
  evidenceRules,
  expectedWeepG,
  gelatinisesAtC,
  GLUEY_G_PER_100G,
  HIGHEST_BRIX,
  isBaked,
  isCooked,
  setTargets,
} from '../../filling/index.js';
import type { Advice, BuiltContext, AdviceQuantity } from '../../forms/index.js';
import { sentence } from '../../forms/index.js';
import type { PieSpec } from '../../schema/index.js';
import type { BakedContext } from '../timeline/index.js';
import { surroundings } from '../surroundings.js';

const grams = (massG: number): AdviceQuantity => ({ value: massG, unit: 'g' });

/** Draining as the other way out, in words; null when the same sums say that it would not be enough. */
function drainingRemedy(context: BuiltContext): string | null {
  const { spec, filling, larder } = context;
  if (spec.filling.preparation.kind !== 'raw') return null;
  const drained = {
    ...spec.filling,
    preparation: { kind: 'weep' as const, minutes: 45, boilToBrix: HIGHEST_BRIX },
  };
  const { dose } = computeFilling(drained, filling.batch.massG, surroundings(context), larder);
  return dose.massG <= filling.thickenerG
    ? 'or let it weep 45 minutes, drain, and boil that juice down to a thick syrup'
    : null;
}

function setAdvice(context: BuiltContext): Advice[] {
  const { spec, filling } = context;
  if (!isBaked(spec.filling)) return [];
  const wanted = setTargets[spec.filling.set];
  const short = filling.dose.massG - filling.thickenerG;
  const advice: Advice[] = [];
  if (short > Math.max(2, 0.12 * filling.dose.massG)) {
    const other = drainingRemedy(context);
    const held = spec.filling.set === 'clean_slice' ? 'a clean slice' : `“${wanted.label}”`;
    advice.push({
      id: 'too_runny',
      station: 'juice',
      level: 'watch',
      ...sentence(`Too runny for ${held}. {0} more thickener${other ? `, ${other}` : ''}.`, grams(short)),
    });
  }
  if (filling.reached > GLUEY_G_PER_100G && filling.thickenerG > 0) {
    const enough = doseG(filling.target, filling.body, filling.ledger.juiceG, filling.blend);
    advice.push({
      id: 'gluey',
      station: 'juice',
      level: 'watch',
      ...sentence('It will be gluey. {0} of thickener is enough.', grams(enough)),
    });
  }
  return advice;
}

/** High-methoxyl pectin sets by itself from this sugar and acid on (jam making; from memory). */
const PECTIN_SETS_BRIX = 55;
const PECTIN_SETS_PH = 3.4;

function starchAdvice({ spec, filling, larder }: BuiltContext): Advice[] {
  const rows = spec.filling.thickeners.flatMap(({ thickener }) => larder.thickeners.get(thickener) ?? []);
  const advice: Advice[] = [];
  if (spec.filling.set === 'in_the_hand' && rows.every((row) => row.stringy)) {
    advice.push({
      id: 'stringy',
      station: 'juice',
      level: 'watch',
      text: 'Tapioca, arrowroot and potato starch stay long and stringy: they will not stand in the hand by themselves. Blend in corn starch.',
    });
  }
  if (rows.some((row) => row.id === 'quick_tapioca')) {
    advice.push({
      id: 'tapioca_rests',
      station: 'juice',
      level: 'watch',
      text: 'Quick tapioca stands 15 minutes in the juice before it is baked, and wants pastry over it.',
    });
  }
  if (rows.some((row) => row.kind === 'pectin')) {
    const sets = filling.ledger.syrupBrix >= PECTIN_SETS_BRIX && filling.ph < PECTIN_SETS_PH;
    advice.push({
      id: 'pectin',
      station: 'juice',
      level: sets ? 'watch' : 'good',
      text: sets
        ? `At ${Math.round(filling.ledger.syrupBrix)} °Bx and pH ${filling.ph.toFixed(1)} pectin sets like jam: stiffer than the sum says.`
        : `Pectin counts as body here; it sets like jam only from ${PECTIN_SETS_BRIX} °Bx and below pH ${PECTIN_SETS_PH}.`,
    });
  }
  if (rows.some((row) => row.id === 'corn_starch') && filling.ph < 3 && filling.thickenerG > 0) {
    const kept = concentrationPer100G(1, 0, 100, filling.blend);
    advice.push({
      id: 'acid_thins',
      station: 'juice',
      level: 'watch',
      text: `This sharp juice thins corn starch to ${Math.round(100 * kept)} % of its strength; the dose allows for it. A long bake thins it further.`,
    });
  }
  if (spec.filling.bicarbonateG > 0) {
    const share = acidNeutralisedG(spec.filling.bicarbonateG) / Math.max(1, filling.batch.acidG);
    advice.push({
      id: 'bicarbonate',
      station: 'juice',
      level: share > 0.2 ? 'danger' : 'watch',
      text: `That bicarbonate takes away ${Math.round(100 * share)} % of the acid and foams${share > 0.2 ? '; past a fifth it tastes of soap and greys the fruit' : ''}.`,
    });
  }
  return advice;
}

/** A bench test that the fruit table cannot explain is more likely a slip of the scale than a miracle. */
const UNLIKELY_FACTOR = 1.6;

function testAdvice(spec: PieSpec, filling: Filling): Advice[] {
  const { factor } = filling.release;
  const { weepSampleG, weepSugarPerFruit, weepTimeMin } = evidenceRules;
  if (!spec.filling.weepTest || (factor < UNLIKELY_FACTOR && factor > 1 / UNLIKELY_FACTOR)) return [];
  return [
    {
      id: 'weep_unlikely',
      station: 'juice',
      level: 'watch',
      ...sentence(
        'The weep test is far from what this fruit does ({0} was to be expected). Was it {1} of fruit, {2} of sugar, {3}? If so, trust it and note it.',
        grams(expectedWeepG(filling.batch)),
        grams(weepSampleG),
        grams(weepSampleG * weepSugarPerFruit),
        { value: weepTimeMin, unit: 'min' },
      ),
    },
  ];
}

/** The coldest filling must pass the swelling of every starch in it, later in a sugary juice. */
function swellingAdvice({ spec, filling, bake, larder }: BakedContext): Advice[] {
  if (!bake || filling.thickenerG <= 0 || !isBaked(spec.filling)) return [];
  // What was boiled in the pan has swollen there.
  if (isCooked(spec.filling)) return [];
  // All but a last cold corner of it has set.
  if (bake.events.setMin !== null) return [];
  const reached = Math.max(...bake.readings.map(({ coldestC }) => coldestC), bake.atEnd.coldestC);
  return spec.filling.thickeners.flatMap(({ thickener }): Advice[] => {
    const row = larder.thickeners.get(thickener);
    if (!row || row.kind !== 'starch') return [];
    const needs = gelatinisesAtC(row, filling.ledger);
    if (reached >= needs) return [];
    return [
      {
        id: `raw_starch.${thickener}`,
        station: 'juice',
        level: 'danger',
        ...sentence(
          `${row.label} swells at about {0} in this juice; the middle only reaches {1}. It will stay raw and runny: bake longer, or use less sugar.`,
          { value: needs, unit: 'C' },
          { value: reached, unit: 'C' },
        ),
      },
    ];
  });
}

/** What should be said about the filling. */
export const fillingAdvice = (context: BakedContext): Advice[] => [
  ...setAdvice(context),
  ...starchAdvice(context),
  ...testAdvice(context.spec, context.filling),
  ...swellingAdvice(context),
];
