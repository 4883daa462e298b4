import { spawnSync } from 'node:child_process';
import { inflateSync } from 'node:zlib';

const reader = `
import { readFileSync } from 'node:fs';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
const wordsOf = async (written) => {
  const data = new Uint8Array(Buffer.from(written, 'base64'));
  const document = await getDocument({ data, verbosity: 0 }).promise;
  let words = '';
  for (let i = 1; i <= document.numPages; i++) {
    const { items } = await (await document.getPage(i)).getTextContent();
    words += items.map(({ str = '' }) => str).join('') + ' ';
  }
  return words;
};
console.log(JSON.stringify(await Promise.all(JSON.parse(readFileSync(0, 'utf8')).map(wordsOf))));
`;

/** The words of PDFs, read by a tool that had no hand in writing them. Fractions as figures round a stroke. */
export async function wordsOf(pdfs: readonly Blob[]): Promise<string[]> {
  const written = await Promise.all(
    pdfs.map(async (pdf) => Buffer.from(await pdf.arrayBuffer()).toString('base64')),
  );
  const { stdout, stderr, status } = spawnSync(process.execPath, ['--input-type=module', '-e', reader], {
    cwd: __dirname,
    input: JSON.stringify(written),
    encoding: 'utf8',
  });
  if (status !== 0) throw new Error(stderr);
  return JSON.parse(stdout) as string[];
}

/** What a PDF draws, as it is written within: its streams inflated. */
export async function drawingOf(pdf: Blob): Promise<string> {
  const bytes = Buffer.from(await pdf.arrayBuffer());
  const text = bytes.toString('latin1');
  const drawn = [...text.matchAll(/\/FlateDecode\s*>>\s*stream\r?\n/g)].map(({ index, 0: head }) => {
    const from = index + head.length;
    return inflateSync(bytes.subarray(from, text.indexOf('endstream', from)), {
      finishFlush: 2,
    }).toString('latin1');
  });
  return [text, ...drawn].join('\n');
}
