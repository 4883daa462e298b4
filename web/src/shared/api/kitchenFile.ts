import type { BroughtIn } from '@mardle/contract';
import { ask } from './client.js';

const FILE = '/kitchen/file';
const JSON_TYPE = 'application/json';

/** The whole kitchen as the file that another Mardle takes. */
export const kitchenFile = async (): Promise<Blob> =>
  new Blob([`${JSON.stringify(await ask<object>(FILE))}\n`], { type: JSON_TYPE });

/** Brings a kitchen in, whole or not at all. */
export const bringKitchenIn = (file: File, instead: boolean, signal: AbortSignal): Promise<BroughtIn> =>
  ask(`${FILE}?instead=${instead ? 'yes' : 'no'}`, {
    method: 'POST',
    // A file from a memory card may say nothing of what it is.
    file: new Blob([file], { type: JSON_TYPE }),
    signal,
  });
