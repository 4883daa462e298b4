import type { ArgumentsHost } from '@nestjs/common';
import { BadRequestException, NotFoundException, PayloadTooLargeException } from '@nestjs/common';
import type { ProblemDocument } from '@mardle/contract';
import { PieSpecRequest } from '@mardle/contract';
import { starterSpec } from '@mardle/core';
import { pino } from 'pino';
import { readConfig } from '../config.js';
import { changedMeanwhile, databaseAway, invalid, notFound, Problem } from './problem.js';
import { ProblemFilter } from './problem.filter.js';
import { ShapePipe } from './shape.pipe.js';
import { UuidPipe } from './uuid.pipe.js';

/** What the filter sends for an error. */
function answerTo(error: unknown): ProblemDocument & { readonly type: string } {
  let sent = '';
  const response = {
    status: () => response,
    type: (type: string) => {
      expect(type).toBe('application/problem+json');
      return response;
    },
    send: (text: string) => {
      sent = text;
    },
  };
  const host = {
    switchToHttp: () => ({ getResponse: () => response, getRequest: () => ({ originalUrl: '/api/pies/1' }) }),
  } as unknown as ArgumentsHost;
  new ProblemFilter(pino({ level: 'silent' })).catch(error, host);
  return JSON.parse(sent) as ProblemDocument & { type: string };
}

const failing = (code: string, more: object = {}): Error => Object.assign(new Error(code), { code, ...more });

describe('errors leave as problem documents', () => {
  it.each([
    ['refused', failing('ECONNREFUSED')],
    ['reset', failing('ECONNRESET')],
    ['lost', failing('PROTOCOL_CONNECTION_LOST')],
    ['shutting down', failing('ER_SERVER_SHUTDOWN')],
    ['wrapped by TypeORM', Object.assign(new Error('query failed'), { driverError: failing('ETIMEDOUT') })],
    ['fatal of any kind', failing('ER_ODD', { fatal: true })],
  ])('a database that is away (%s): 503, nothing saved, what to do', (_, error) => {
    expect(answerTo(error)).toMatchObject({ status: 503, title: databaseAway().document.title });
    expect(answerTo(error).remedy).toMatch(/save again/);
  });

  it('our own problems as they are, with the address', () => {
    expect(answerTo(changedMeanwhile(4))).toMatchObject({
      status: 412,
      type: 'urn:mardle:problem:changed-meanwhile',
      instance: '/api/pies/1',
    });
    expect(answerTo(notFound('pie')).detail).toBe('There is no such pie.');
    const named = invalid([{ field: 'dish.topCm', message: 'It is 0.', remedy: 'Measure it.' }]);
    expect(answerTo(named)).toMatchObject({
      status: 422,
      remedy: 'Measure it.',
      problems: [{ field: 'dish.topCm' }],
    });
  });

  it.each([
    [new BadRequestException('Unexpected token in JSON'), 400, 'Send the body as JSON.'],
    [new NotFoundException(), 404, 'Check the address.'],
    [new PayloadTooLargeException(), 413, 'Send less: a pie is a few kilobytes.'],
  ])('%s', (error, status, remedy) => {
    expect(answerTo(error)).toMatchObject({ status, remedy });
  });

  it('what nobody foresaw: 500, without a word of its inside', () => {
    const answer = answerTo(new TypeError('password of the kitchen is crumble'));
    expect(answer.status).toBe(500);
    expect(JSON.stringify(answer)).not.toContain('crumble');
    expect(answerTo('thrown text').status).toBe(500);
  });
});

describe('pipes', () => {
  it('take a right shape and refuse a wrong one as a problem', () => {
    const pipe = new ShapePipe(PieSpecRequest);
    expect(pipe.transform(starterSpec).name).toBe(starterSpec.name);
    expect(() => pipe.transform({ ...starterSpec, name: '' })).toThrow();
    expect(() => pipe.transform(null)).toThrow();
  });

  it('find nothing under an id that is none', () => {
    const pipe = new UuidPipe('pie');
    const id = '0A9E6F5E-4D3C-4B2A-9F18-57696B657266';
    expect(pipe.transform(id)).toBe(id.toLowerCase());
    for (const wrong of ['', '1', "' OR 1=1", '../etc']) expect(() => pipe.transform(wrong)).toThrow(Problem);
  });
});

describe('settings', () => {
  const env = { MARDLE_DB_PORT: '3311', MARDLE_DB_USER: 'u', MARDLE_DB_PASSWORD: 'p', MARDLE_DB_NAME: 'n' };

  it('come from the environment', () => {
    expect(
      readConfig({ ...env, MARDLE_PORT: '4999', MARDLE_SUPERVISOR: '12', MARDLE_DB_FOLDER: '/data' }),
    ).toMatchObject({
      port: 4999,
      supervisor: 12,
      webFolder: null,
      dataFolder: '/data',
      database: { port: 3311, user: 'u', password: 'p', name: 'n' },
    });
  });

  it('say which one is missing', () => {
    expect(() => readConfig({ ...env, MARDLE_DB_PASSWORD: '' })).toThrow('MARDLE_DB_PASSWORD');
  });
});
