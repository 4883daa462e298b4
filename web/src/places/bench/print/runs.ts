/** A stretch of text that one font can write, or none. */
export interface PrintRun {
  readonly text: string;
  /** Which of the fonts has its signs; null when none has. */
  readonly font: number | null;
  /** One over another: a fraction that the font makes of figures and a stroke. */
  readonly fraction: boolean;
}

/** Whether a font has a sign. */
export type Has = (codePoint: number) => boolean;

/** A space that must not break is as wide as any other on paper. */
const plainSpaces = (text: string): string => text.replace(/[\u202f\u2009]/g, '\u00a0');

/**
 * Text split by what can write it: the first font that has a sign, figures round a stroke where a fraction has no sign of its
 * own, and null for what no font of ours has.
 */
export function printRuns(text: string, fonts: readonly Has[]): PrintRun[] {
  const fontOf = (sign: string): number | null => {
    const found = fonts.findIndex((has) => has(sign.codePointAt(0) ?? 0));
    return found < 0 ? null : found;
  };
  const runs: PrintRun[] = [];
  for (const sign of plainSpaces(text.normalize('NFC'))) {
    const font = fontOf(sign);
    const parts = sign.normalize('NFKD');
    const fraction = font === null && parts.includes('\u2044');
    const next: PrintRun = fraction ? { text: parts, font: 0, fraction } : { text: sign, font, fraction };
    const last = runs.at(-1);
    // A space within another script belongs to it.
    const joins = last && !last.fraction && !fraction && (last.font === font || isSpaceAfter(last, sign));
    if (joins) runs[runs.length - 1] = { ...last, text: last.text + sign };
    else runs.push(next);
  }
  return runs;
}

const isSpaceAfter = (last: PrintRun, sign: string): boolean => last.font === null && sign === ' ';
