import bold from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-700-normal.woff?url';
import regular from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-400-normal.woff?url';
import boldMore from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-ext-700-normal.woff?url';
import more from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-ext-400-normal.woff?url';

/** The files of the application's own type by their weight: the one with most signs first. */
export interface PaperFonts {
  readonly regular: readonly Uint8Array[];
  readonly bold: readonly Uint8Array[];
}

async function read(url: string): Promise<Uint8Array> {
  const answer = await fetch(url);
  if (!answer.ok) throw new Error(`the font ${url} did not come: ${answer.status}`);
  return new Uint8Array(await answer.arrayBuffer());
}

/** Fetched when the first page is made. */
export async function paperFonts(): Promise<PaperFonts> {
  return {
    regular: await Promise.all([regular, more].map(read)),
    bold: await Promise.all([bold, boldMore].map(read)),
  };
}
