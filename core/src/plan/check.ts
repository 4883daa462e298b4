import { preparations } from '../filling/index.js';
import { formOf } from '../forms/index.js';
import type { Larder } from '../larder/index.js';
import {
  builtInLarder,
  checkOwnFruit,
  checkOwnThickener,
  withOwnFruits,
  withOwnThickeners,
} from '../larder/index.js';
import type { FieldProblem, PieSpec } from '../schema/index.js';
import { checkFields, pieSchema, UnreadableSpec, upgradeSpec } from '../schema/index.js';
import { checkDish } from './check-dish.js';

/** Gelatine melts in the oven: it serves unbaked fillings alone. */
function checkGelatine({ filling }: PieSpec, larder: Larder): FieldProblem[] {
  const gelatine = filling.thickeners.findIndex(
    ({ thickener }) => larder.thickeners.get(thickener)?.kind === 'gelatine',
  );
  if (gelatine < 0 || !preparations[filling.preparation.kind].baked) return [];
  return [
    {
      field: `filling.thickeners.${gelatine}.thickener`,
      message: 'Gelatine melts in the oven and lets the juice go.',
      remedy: 'Take a starch, or prepare the filling as a glaze with raw fruit, which is not baked.',
    },
  ];
}

/** What would harm in a filling that is not baked. */
function checkRaw({ filling }: PieSpec, larder: Larder): FieldProblem[] {
  if (preparations[filling.preparation.kind].baked) return [];
  const gelatine = filling.thickeners.some(
    ({ thickener }) => larder.thickeners.get(thickener)?.kind === 'gelatine',
  );
  return filling.fruits.flatMap(({ fruit }, i): FieldProblem[] => {
    const row = larder.fruits.get(fruit);
    if (!row) return [];
    if (row.neverRaw) {
      return [
        {
          field: `filling.fruits.${i}.fruit`,
          message: `${row.label} is not eaten raw, and a glaze with raw fruit is not baked.`,
          remedy: 'Stew it, or take another fruit for the glaze.',
        },
      ];
    }
    if (!gelatine || !row.cutsGelatine) return [];
    return [
      {
        field: `filling.fruits.${i}.fruit`,
        message: `Gelatine never sets with raw ${row.label.toLowerCase()}: its juice cuts it.`,
        remedy: 'Take a starch for the glaze, or canned fruit.',
      },
    ];
  });
}

/**
 * All that is wrong with a spec; empty when it can be planned. First its fields one by one, then what does not go together.
 * @param spec a pie of this version
 * @param larder with the rows it names
 * @returns fields with what to do
 * @example checkSpec(starterSpec, builtInLarder).length // 0
 */
export function checkSpec(spec: PieSpec, larder: Larder): FieldProblem[] {
  const fields = checkFields(pieSchema, spec, { larder });
  if (fields.length > 0) return fields;
  const form = formOf(spec.form.kind);
  return [
    ...form.check(spec),
    ...checkDish(form, spec.dish),
    ...checkGelatine(spec, larder),
    ...checkRaw(spec, larder),
    ...spec.ownFruits.flatMap((own, i) =>
      checkOwnFruit(own).map((problem) => ({ ...problem, field: `ownFruits.${i}.${problem.field}` })),
    ),
    ...(spec.ownThickeners ?? []).flatMap((own, i) =>
      checkOwnThickener(own).map((problem) => ({ ...problem, field: `ownThickeners.${i}.${problem.field}` })),
    ),
  ];
}

/** A spec that was read and can be planned, or what is wrong with it. */
type ReadSpec =
  | { readonly ok: true; readonly spec: PieSpec }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

type OwnFigures = Pick<PieSpec, 'ownFruits' | 'ownThickeners' | 'flourCupG'>;

/**
 * The larder that a spec is planned with: the built-in one with the spec's own fruits, thickeners and cup of flour over it.
 * @param spec a pie
 * @param larder to lay over
 * @returns a larder
 * @example larderFor(starterSpec).fruits.size === builtInLarder.fruits.size // true
 */
export function larderFor(spec: OwnFigures, larder: Larder = builtInLarder): Larder {
  const { ownFruits, ownThickeners, flourCupG } = spec;
  // A spec that is still to be checked may hold anything.
  const fruited = withOwnFruits(larder, Array.isArray(ownFruits) ? ownFruits : []);
  return withOwnThickeners(
    fruited,
    Array.isArray(ownThickeners) ? ownThickeners : [],
    typeof flourCupG === 'number' ? flourCupG : undefined,
  );
}

/**
 * Reads a pie of any version: brings it forward and checks it. The one way in for files, stored rows and drafts.
 * @param plain parsed JSON of any kind
 * @returns the spec, or what is wrong with it by field
 * @example readSpec(starterSpec).ok // true
 */
export function readSpec(plain: unknown, larder: Larder = builtInLarder): ReadSpec {
  let spec: PieSpec;
  try {
    spec = upgradeSpec(plain);
  } catch (error) {
    if (error instanceof UnreadableSpec) return { ok: false, problems: [error.problem] };
    throw error;
  }
  const problems = checkSpec(spec, larderFor(spec, larder));
  return problems.length > 0 ? { ok: false, problems } : { ok: true, spec };
}
