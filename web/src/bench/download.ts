import type { PieSpec } from '@mardle/core';

/** Hands the baker a file. */
export function saveFile(content: Blob, name: string): void {
  const url = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Hands over the spec as a file that the command line and another Mardle read. */
export const downloadSpec = (spec: PieSpec): void =>
  saveFile(
    new Blob([`${JSON.stringify(spec, null, 2)}\n`], { type: 'application/json' }),
    `${spec.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase() || 'pie'}.json`,
  );
