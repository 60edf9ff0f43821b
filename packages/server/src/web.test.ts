import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, brotliDecompressSync, gzipSync, gunzipSync } from 'node:zlib';
import { host, testApp, type TestApp } from '../test-support/app.ts';

const script = 'export const soup = "leek";';
const webDir = mkdtempSync(join(tmpdir(), 'lupin-web-'));
let served: TestApp;
beforeAll(async () => {
  mkdirSync(join(webDir, 'assets'));
  writeFileSync(join(webDir, 'index.html'), '<h1>Lupin</h1>');
  writeFileSync(join(webDir, 'assets', 'soup-1a2b.js'), script);
  writeFileSync(join(webDir, 'assets', 'soup-1a2b.js.br'), brotliCompressSync(script));
  writeFileSync(join(webDir, 'assets', 'soup-1a2b.js.gz'), gzipSync(script));
  served = await testApp(undefined, webDir);
});
afterAll(async () => {
  await served.close();
  rmSync(webDir, { recursive: true, force: true });
});

const asked = (url: string, encodings: string) =>
  served.app.inject({ method: 'GET', url, headers: { ...host, 'accept-encoding': encodings } });

test.each([
  ['br, gzip', 'br', (body: Buffer) => brotliDecompressSync(body)],
  ['gzip, deflate', 'gzip', (body: Buffer) => gunzipSync(body)],
  ['identity', undefined, (body: Buffer) => body],
])(
  'asked for %s, what a browser keeps comes as it was packed, and need never be asked for again',
  async (asks, has, open) => {
    const { headers, rawPayload } = await asked('/assets/soup-1a2b.js', asks);
    expect(headers).toMatchObject({
      'cache-control': 'public, max-age=31536000, immutable',
      'content-type': expect.stringContaining('javascript'),
      vary: 'accept-encoding',
    });
    expect(headers['content-encoding']).toBe(has);
    expect(open(rawPayload).toString()).toBe(script);
  },
);

test.each(['/', '/o/lantern-supper/menu'])('the page itself is asked for anew each time: %s', async (url) => {
  const { statusCode, headers, body } = await asked(url, 'identity');
  expect([statusCode, headers['cache-control'], body]).toEqual([200, 'no-cache', '<h1>Lupin</h1>']);
});

test('what is not there is a problem, and no page', async () => {
  for (const url of ['/assets/soup-0000.js', '/api/nothing']) {
    const { statusCode, headers } = await asked(url, 'identity');
    expect([url, statusCode, headers['content-type']]).toEqual([url, 404, expect.stringContaining('problem+json')]);
  }
});
