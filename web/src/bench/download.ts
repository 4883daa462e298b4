import type { PieSpec } from '@mardle/core';

/** Hands the spec to the baker as a file that the command line and another Mardle read. */
export function downloadSpec(spec: PieSpec): void {
  const url = URL.createObjectURL(
    new Blob([`${JSON.stringify(spec, null, 2)}\n`], { type: 'application/json' }),
  );
  const link = document.createElement('a');
  link.href = url;
  link.download = `${spec.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase() || 'pie'}.json`;
  link.click();
  URL.revokeObjectURL(url);
}
