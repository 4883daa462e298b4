import type { PieSpec } from './pie.js';
import { SPEC_FORMAT, SPEC_VERSION } from './pie.js';
import type { FieldProblem, Plain } from './reading/index.js';
import { isPlain, quoted } from './reading/index.js';

const partOf = (spec: Plain, key: string): Plain => {
  const value = spec[key];
  return isPlain(value) ? value : {};
};

/** 1 to 2: a cut has a word instead of a yes or no; pies from before kitchens had fruits of their own name none. */
function fromFirst(spec: Plain): Plain {
  const filling = partOf(spec, 'filling');
  const fruits: readonly unknown[] = Array.isArray(filling['fruits']) ? filling['fruits'] : [];
  const withCut = fruits.map((part: unknown) => {
    if (!isPlain(part)) return part;
    const { cutSmall, ...rest } = part;
    return { cut: cutSmall === true ? 'thin' : 'usual', ...rest };
  });
  return {
    ...spec,
    ownFruits: spec['ownFruits'] ?? [],
    ...(Array.isArray(filling['fruits']) ? { filling: { ...filling, fruits: withCut } } : {}),
  };
}

/** 2 to 3: the cooked share said something of a glaze alone; elsewhere it was left over from one and said nothing. */
function fromSecond(spec: Plain): Plain {
  const filling = partOf(spec, 'filling');
  const { cookedShare, ...preparation } = partOf(filling, 'preparation');
  if (cookedShare === undefined || preparation['kind'] === 'glaze') return spec;
  return { ...spec, filling: { ...filling, preparation } };
}

/** What brings a pie of each version to the next. */
const steps: Readonly<Record<number, (spec: Plain) => Plain>> = { 1: fromFirst, 2: fromSecond };

/** What cannot be read as a pie at all, with what to do about it. */
export class UnreadableSpec extends Error {
  constructor(readonly problem: FieldProblem) {
    super(`${problem.message} ${problem.remedy}`);
  }
}

/**
 * Brings a pie of any older version forward, step by step. It looks at the version alone: what comes out has still to be
 * checked, as `readSpec` and the plans do.
 * @param plain parsed JSON of any kind
 * @returns the pie in this version; a pie of this version as it is
 * @throws UnreadableSpec for what is no pie, and for a pie of a newer version
 * @example upgradeSpec({ format: 'mardle-pie', version: 1, ... })
 */
export function upgradeSpec(plain: unknown): PieSpec {
  const refuse = (field: string, message: string, remedy: string): never => {
    throw new UnreadableSpec({ field, message, remedy });
  };
  if (!isPlain(plain)) return refuse('', 'This is not a JSON object.', 'Send one object with named fields.');
  if (plain['format'] !== SPEC_FORMAT) {
    return refuse(
      'format',
      `This is not a pie: its format is "${quoted(plain['format'])}".`,
      `Set "format" to "${SPEC_FORMAT}".`,
    );
  }
  const { version } = plain;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return refuse('version', `version is ${quoted(version)}.`, `Write the version, 1 to ${SPEC_VERSION}.`);
  }
  if (version > SPEC_VERSION) {
    return refuse(
      'version',
      `This ${SPEC_FORMAT} file is version ${version}; this Mardle reads up to ${SPEC_VERSION}.`,
      'Update Mardle; the file is left as it is.',
    );
  }
  let spec: Plain = plain;
  for (let at = version; at < SPEC_VERSION; at++) spec = { ...(steps[at]?.(spec) ?? spec), version: at + 1 };
  return spec as unknown as PieSpec;
}
