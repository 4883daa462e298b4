import { PROBLEM_TYPE } from '@mardle/contract';
import type { RequestHandler } from 'express';
import { static as files } from 'express';
import { join } from 'node:path';
import { notFound } from '../problems/problem.js';

const { document: missing } = notFound('file');

/**
 * Files with a hash in their name: they never change and are kept for good. What is missing there is missing, and not the page
 * of the application.
 */
export const assets = (webFolder: string): RequestHandler[] => [
  files(join(webFolder, 'assets'), { index: false, immutable: true, maxAge: '365d', redirect: false }),
  (_request, response) => {
    response.status(missing.status).type(PROBLEM_TYPE).send(JSON.stringify(missing));
  },
];
