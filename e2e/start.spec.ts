import { spawnSync } from 'node:child_process';
import { createClient } from '@libsql/client';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from '@playwright/test';
import { root, startServer } from './server.ts';
import { test } from './test.ts';

const main = join(root, 'packages/server/dist/main.js');
const run = (env: Record<string, string>, ...args: string[]) =>
  spawnSync(process.execPath, [main, ...args], { env: { ...process.env, ...env }, encoding: 'utf8', timeout: 30_000 });

test('a second start keeps what was changed; --reset brings the demo back', async ({ request }) => {
  const folder = mkdtempSync(join(tmpdir(), 'lupin-again-'));
  const first = await startServer({ demo: true, folder });
  expect((await request.delete(`${first.url}/api/occasions/sunday-lunch`)).status()).toBe(204);
  await first.stop();
  const second = await startServer({ demo: true, folder });
  expect(await (await request.get(`${second.url}/api/occasions`)).json()).toHaveLength(2);
  await second.stop();
  const third = await startServer({ demo: true, folder, reset: true });
  expect(await (await request.get(`${third.url}/api/occasions`)).json()).toHaveLength(3);
  await third.stop();
  const taken = await startServer({ demo: true, folder });
  const port = new URL(taken.url).port;
  const clash = run({ LUPIN_PORT: port, LUPIN_DATA_DIR: folder }, '--demo');
  expect(clash.status).not.toBe(0);
  expect(clash.stderr.trim()).toBe(`Port ${port} is taken. Stop what uses it, or choose another with LUPIN_PORT.`);
  await taken.stop();
  rmSync(folder, { recursive: true });
});

test('a folder that cannot be written, and a port that is none, are said in one sentence', () => {
  const file = join(mkdtempSync(join(tmpdir(), 'lupin-file-')), 'file');
  writeFileSync(file, '');
  const folder = run({ LUPIN_DATA_DIR: join(file, 'inside') });
  expect(folder.status).toBe(1);
  expect(folder.stderr.trim().split('\n')).toHaveLength(1);
  expect(folder.stderr).toContain('cannot write to its data folder');
  const port = run({ LUPIN_PORT: 'soon' });
  expect(port.status).toBe(1);
  expect(port.stderr).toContain('it must be a port number');
});

test('a database from a newer Lupin is left alone', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'lupin-newer-'));
  await (await startServer({ demo: false, folder })).stop();
  const client = createClient({ url: `file:${join(folder, 'lupin.db')}` });
  await client.execute("INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('later', 99999999999999)");
  client.close();
  const newer = run({ LUPIN_DATA_DIR: folder, LUPIN_PORT: '4777' });
  expect(newer.status).toBe(1);
  expect(newer.stderr.trim()).toMatch(/^The database in .* was made by a newer Lupin\..* Nothing was changed\.$/);
  rmSync(folder, { recursive: true });
});

test('--reset never throws away data that is not the demo’s', async ({ request }) => {
  const folder = mkdtempSync(join(tmpdir(), 'lupin-own-'));
  const own = await startServer({ demo: false, folder });
  expect(
    (await request.post(`${own.url}/api/occasions`, { data: { name: 'Mine', date: '2027-01-01' } })).status(),
  ).toBe(201);
  await own.stop();
  const reset = run({ LUPIN_DATA_DIR: folder, LUPIN_PORT: '4778' }, '--demo', '--reset');
  expect(reset.status).toBe(1);
  expect(reset.stderr).toContain('does not hold demo data');
  const again = await startServer({ demo: false, folder });
  expect(await (await request.get(`${again.url}/api/occasions`)).json()).toMatchObject([{ name: 'Mine' }]);
  await again.stop();
  rmSync(folder, { recursive: true });
});
