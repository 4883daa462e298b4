import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { stop } from './say.js';

/** The root of the checkout: this file is scripts/dist/system/paths.js. */
export const root = dirname(dirname(dirname(dirname(fileURLToPath(import.meta.url)))));

const asked = process.env['MARDLE_DATA'];
if (asked?.trim() === '') stop('MARDLE_DATA is empty: name a folder, or leave it out for .data.', 2);

/** Where the database keeps its files: MARDLE_DATA, or .data in the checkout. */
export const dataFolder = resolve(asked ?? join(root, '.data'));

/** Where the server writes what happened. */
export const logFolder = join(dataFolder, 'logs');

export const inRoot = (...parts: readonly string[]): string => join(root, ...parts);
