import { readFileSync } from 'node:fs';
import type { PaperFonts } from '../places/bench/print/fonts.js';

const file = (part: string): Uint8Array =>
  new Uint8Array(
    readFileSync(
      require.resolve(`@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-${part}-normal.woff`),
    ),
  );

/** The application's own type from its package, where no server gives it. */
export const paperFonts = (): Promise<PaperFonts> =>
  Promise.resolve({
    regular: [file('latin-400'), file('latin-ext-400')],
    bold: [file('latin-700'), file('latin-ext-700')],
  });
