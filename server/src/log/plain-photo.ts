import { KEPT_PHOTO_TYPE, PHOTO_TYPES } from '@mardle/contract';
import { fileTypeFromBuffer } from 'file-type';
import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { invalid } from '../problems/problem.js';

const LONGEST_SIDE_PX = 1280;
const QUALITY = 78;
/** A picture of more would take the machine's memory when it is opened. */
const MOST_PIXELS = 120_000_000;

export interface Photo {
  readonly name: string;
  readonly bytes: Buffer;
}

const refused = (message: string, remedy: string) => invalid([{ field: 'photo', message, remedy }]);

/** The name of a picture by its bytes. */
export const photoName = (bytes: Buffer): string =>
  createHash('sha256').update(bytes).digest('hex').slice(0, 32);

/** Bytes that claim to be a picture that was kept before. */
export async function isKeptPhoto(bytes: Buffer): Promise<boolean> {
  const type = await fileTypeFromBuffer(bytes);
  if (type?.mime !== KEPT_PHOTO_TYPE) return false;
  const { width, height, exif, xmp, iptc } = await sharp(bytes, { limitInputPixels: MOST_PIXELS })
    .metadata()
    .catch(() => ({ width: 0, height: 0, exif: undefined, xmp: undefined, iptc: undefined }));
  return width > 0 && Math.max(width, height) <= LONGEST_SIDE_PX && !exif && !xmp && !iptc;
}

/**
 * A picture as the log keeps it: upright, small, and nothing but the picture; where and when it was taken, and by whom, is
 * left behind. What it is is read from its bytes, whatever it is called.
 */
export async function plainPhoto(sent: Buffer): Promise<Photo> {
  const type = await fileTypeFromBuffer(sent);
  if (!type || !PHOTO_TYPES.some((known) => known === type.mime)) {
    throw refused('This is not a picture that can be kept.', 'Send a photo as JPEG, PNG, WebP or AVIF.');
  }
  try {
    const bytes = await sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
      .autoOrient()
      .resize(LONGEST_SIDE_PX, LONGEST_SIDE_PX, { fit: 'inside', withoutEnlargement: true })
      .webp({ quality: QUALITY })
      .toBuffer();
    return { name: photoName(bytes), bytes };
  } catch {
    throw refused(
      'The picture is damaged or too large to open.',
      'Take it again, or save it smaller and send that.',
    );
  }
}
