import { BadRequestException } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';
import { Worker } from 'node:worker_threads';
import { tooMuch } from '../problems/problem.js';

/** A kitchen of ten thousand pies with pictures, and of twenty thousand bakes with their readings. */
const MOST_BYTES = 256 * 1024 ** 2;
const MOST_OBJECTS = 5_000_000;

const [QUOTE, BACKSLASH, BRACE, BRACKET] = [...'"\\{['].map((sign) => sign.charCodeAt(0));

/** Counts objects and lists of JSON text as it comes, chunk by chunk; what stands in texts does not count. */
export function objectCounter(): (chunk: Uint8Array) => number {
  let count = 0;
  let inText = false;
  let escaped = false;
  return (chunk) => {
    for (const byte of chunk) {
      if (escaped) escaped = false;
      else if (byte === QUOTE) inText = !inText;
      else if (inText) escaped = byte === BACKSLASH;
      else if (byte === BRACE || byte === BRACKET) count++;
    }
    return count;
  };
}

/** Parses beside the thread that answers, and hands lists back part by part, so that none of it holds that thread for long. */
const PARSER = `
  const { parentPort, workerData } = require('node:worker_threads');
  const AT_ONCE = 25;
  try {
    const value = JSON.parse(Buffer.from(workerData).toString('utf8'));
    const plain = typeof value === 'object' && value !== null && !Array.isArray(value);
    const lists = plain ? Object.entries(value).filter(([, inner]) => Array.isArray(inner)) : [];
    for (const [name] of lists) value[name] = [];
    parentPort.postMessage({ whole: value });
    for (const [name, list] of lists)
      for (let i = 0; i < list.length; i += AT_ONCE) parentPort.postMessage({ name, parts: list.slice(i, i + AT_ONCE) });
    parentPort.postMessage({ done: true });
  } catch (error) {
    parentPort.postMessage({ error: error.message });
  }
`;

type FromParser =
  | { readonly whole: unknown }
  | { readonly name: string; readonly parts: readonly unknown[] }
  | { readonly error: string }
  | { readonly done: true };

/** Text of JSON as a value; throws in words when it is none. */
function parsedAside(text: Uint8Array): Promise<unknown> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(PARSER, { eval: true, workerData: text });
    let whole: unknown;
    const end = (act: () => void): void => {
      void worker.terminate();
      act();
    };
    worker.on('error', (error) => end(() => reject(error)));
    worker.on('message', (said: FromParser) => {
      if ('whole' in said) whole = said.whole;
      else if ('parts' in said) (whole as Record<string, unknown[]>)[said.name]?.push(...said.parts);
      else if ('error' in said) end(() => reject(new BadRequestException(`No JSON: ${said.error}`)));
      else end(() => resolve(whole));
    });
  });
}

/** The bytes of a request, refused as soon as they are too many or hold too many objects. */
async function bytesOf(request: Request): Promise<Uint8Array> {
  const chunks: Buffer[] = [];
  const objects = objectCounter();
  let bytes = 0;
  for await (const chunk of request as AsyncIterable<Buffer>) {
    bytes += chunk.length;
    if (bytes > MOST_BYTES || objects(chunk) > MOST_OBJECTS) throw tooMuch();
    chunks.push(chunk);
  }
  return new Uint8Array(Buffer.concat(chunks));
}

/** Reads the body of a kitchen's file, however large, without holding up whoever else asks. */
export function readLarge(request: Request, _response: Response, next: NextFunction): void {
  if (request.method !== 'POST' || !request.is('json')) {
    next();
    return;
  }
  bytesOf(request)
    .then(parsedAside)
    .then((body) => {
      request.body = body;
      next();
    }, next);
}
