import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { migrations } from '../../test-support/app.ts';
import { openDb, StartError } from './open.ts';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'lupin-db-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('a new database is made, durable and strict', async () => {
  const { client, close } = await openDb(join(folder, 'deep/er'), migrations);
  const pragma = async (name: string) => Object.values((await client.execute(`PRAGMA ${name}`)).rows[0]!)[0];
  expect(await pragma('journal_mode')).toBe('wal');
  expect(Number(await pragma('foreign_keys'))).toBe(1);
  expect(Number(await pragma('synchronous'))).toBe(2);
  close();
});

test('a file that is no database is left as it is, and said in a sentence', async () => {
  writeFileSync(
    join(folder, 'lupin.db'),
    'this is a shopping list, not a database, and longer than a header '.repeat(20),
  );
  await expect(openDb(folder, migrations)).rejects.toThrow(StartError);
});

test('a database of a later version is refused', async () => {
  const first = await openDb(folder, migrations);
  await first.client.execute("INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('x', 99999999999999)");
  first.close();
  await expect(openDb(folder, migrations)).rejects.toThrow(/newer Lupin/);
});
