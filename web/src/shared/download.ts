import type { PiePlan, PieSpec, UnitSystem } from '@mardle/core';
import { makeRecipe } from '@mardle/core';

/** Hands the baker a file. */
export function saveFile(content: Blob, name: string): void {
  const url = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

const MOST_LETTERS = 60;

/** A name that every file system takes, in the letters of the pie’s own; never empty. */
export const fileName = (words: string, extension: string): string => {
  const plain = words
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .toLowerCase();
  return `${[...plain].slice(0, MOST_LETTERS).join('') || 'pie'}.${extension}`;
};

/** Hands over the plan as a schema.org Recipe that other programs read. */
export const downloadRecipe = (plan: PiePlan, units: UnitSystem): void =>
  saveFile(
    new Blob([`${JSON.stringify(makeRecipe(plan, units), null, 2)}\n`], { type: 'application/ld+json' }),
    fileName(plan.spec.name, 'recipe.json'),
  );

/** Hands over the spec as a file that the command line and another Mardle read. */
export const downloadSpec = (spec: PieSpec): void =>
  saveFile(
    new Blob([`${JSON.stringify(spec, null, 2)}\n`], { type: 'application/json' }),
    fileName(spec.name, 'json'),
  );
