import type { LogEntry, LogResponse } from '@mardle/contract';
import type { Sharp } from 'sharp';
import sharp from 'sharp';
import { first, on, second, useServers } from '../test/servers.js';

useServers();

const picture = (width = 400, height = 300): Sharp =>
  sharp({ create: { width, height, channels: 3, background: '#803050' } });

/** A bake of the demo's past. */
const someBake = async (): Promise<string> => {
  const { body } = (await on(first).get('/api/log?size=1')) as { body: LogResponse };
  return body.bakes[0]!.id;
};
const send = (id: string, bytes: Buffer | string, type = 'image/jpeg') =>
  on(first).put(`/api/log/${id}/photo`).set('Content-Type', type).send(bytes);

describe('the picture of a slice', () => {
  it('is kept upright and small, without where and when it was taken', async () => {
    const id = await someBake();
    const taken = await picture(3000, 2000)
      .withExif({ IFD0: { Make: 'Somebody' }, IFD3: { GPSLatitude: '51/1 0/1 0/1', GPSLatitudeRef: 'N' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    expect(taken.includes('Somebody')).toBe(true);
    const kept = await send(id, taken);
    expect(kept.status).toBe(200);
    const { photo } = kept.body as LogEntry;
    expect(photo).toMatch(/^[0-9a-f]{32}$/);
    const answer = await on(second).get(`/api/log/${id}/photo`).buffer(true);
    expect(answer.headers['content-type']).toBe('image/webp');
    const bytes = answer.body as Buffer;
    expect(bytes.includes('Somebody')).toBe(false);
    const { width, height, exif } = await sharp(bytes).metadata();
    // Held upright, the long side stands.
    expect([width, height, exif]).toEqual([853, 1280, undefined]);
    expect((await on(second).get(`/api/log/${id}`)).body).toMatchObject({ photo });
  });

  it('is told by its bytes, whatever it is called', async () => {
    const id = await someBake();
    const png = await picture().png().toBuffer();
    expect((await send(id, png, 'image/jpeg')).status).toBe(200);
    const script = '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>';
    for (const [bytes, type] of [
      [script, 'image/svg+xml'],
      ['<html></html>', 'image/png'],
      ['', 'image/png'],
      [png.subarray(0, 60), 'image/png'],
      ['{}', 'application/json'],
    ] as const) {
      const refused = await send(id, bytes as string, type);
      expect(refused.status).toBe(422);
      expect((refused.body as { detail: string }).detail).toMatch(/picture/);
    }
  });

  it('of too many bytes or pixels is refused', async () => {
    const id = await someBake();
    expect((await send(id, Buffer.alloc(21 * 1024 ** 2))).status).toBe(413);
    const wide = await picture(16_000, 8000).png({ compressionLevel: 9 }).toBuffer();
    expect((await send(id, wide, 'image/png')).status).toBe(422);
  });

  it('is taken away again, and asking twice is no error', async () => {
    const id = await someBake();
    await send(id, await picture().jpeg().toBuffer());
    for (let i = 0; i < 2; i++) expect((await on(first).delete(`/api/log/${id}/photo`)).status).toBe(204);
    expect((await on(second).get(`/api/log/${id}/photo`)).status).toBe(404);
    const none = '00000000-0000-4000-8000-000000000000';
    expect((await send(none, await picture().jpeg().toBuffer())).status).toBe(404);
  });
});
