import { fileName } from './download.js';

describe('the name of a file', () => {
  it.each([
    ['Saturday damson', 'saturday-damson.pdf'],
    ['Šípková & co.', 'šípková-co.pdf'],
    ['تارت المشمش', 'تارت-المشمش.pdf'],
    ['  ../../etc/passwd ', 'etc-passwd.pdf'],
    ['🥧', 'pie.pdf'],
    ['', 'pie.pdf'],
  ])('of %s is %s', (words, name) => {
    expect(fileName(words, 'pdf')).toBe(name);
  });

  it('is never longer than a file system takes', () => {
    expect(fileName('ß'.repeat(120), 'json')).toBe(`${'ß'.repeat(60)}.json`);
  });
});
