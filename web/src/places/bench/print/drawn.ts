/** Words as a picture, for scripts that the application's own type does not have. Lengths in points. */
export interface DrawnWords {
  readonly png: Uint8Array;
  readonly width: number;
  readonly height: number;
  /** From its top to the line that the words stand on. */
  readonly ascent: number;
}

/** Dots to a point: as fine as a printer. */
const FINENESS = 6;
const ASCENT = 1.1;
const HEIGHT = 1.5;

/** Draws words with whatever type this machine has for them. */
export async function drawnWords(text: string, size: number, bold: boolean): Promise<DrawnWords> {
  const canvas = document.createElement('canvas');
  const pen = canvas.getContext('2d');
  if (!pen) throw new Error('this browser draws no pictures');
  const font = `${bold ? 700 : 400} ${size * FINENESS}px 'Atkinson Hyperlegible', sans-serif`;
  pen.font = font;
  canvas.width = Math.max(1, Math.ceil(pen.measureText(text).width));
  canvas.height = Math.ceil(HEIGHT * size * FINENESS);
  pen.font = font;
  pen.fillText(text, 0, ASCENT * size * FINENESS);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (!blob) throw new Error('the picture of the words was not made');
  return {
    png: new Uint8Array(await blob.arrayBuffer()),
    width: canvas.width / FINENESS,
    height: canvas.height / FINENESS,
    ascent: ASCENT * size,
  };
}
