import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The root of the checkout: this file is scripts/dist/system/paths.js. */
export const root = dirname(dirname(dirname(dirname(fileURLToPath(import.meta.url)))));

/** Where the database keeps its files: MARDLE_DATA, or .data in the checkout. */
export const dataFolder = resolve(process.env['MARDLE_DATA'] ?? join(root, '.data'));

/** Where the server writes what happened. */
export const logFolder = join(dataFolder, 'logs');

export const inRoot = (...parts: readonly string[]): string => join(root, ...parts);
