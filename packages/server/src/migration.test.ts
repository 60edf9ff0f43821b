import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDb } from './db/open.ts';
import { Shelf } from './shelf.ts';

const migrations = join(__dirname, '../migrations');

test('a library kept by an earlier Lupin comes along, recipe by recipe, with everything that was changed in it', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'lupin-migration-'));
  const old = join(folder, 'migrations');
  cpSync(migrations, old, { recursive: true });
  const journal = JSON.parse(readFileSync(join(old, 'meta/_journal.json'), 'utf8')) as { entries: { tag: string }[] };
  writeFileSync(join(old, 'meta/_journal.json'), JSON.stringify({ ...journal, entries: journal.entries.slice(0, 2) }));
  const before = await openDb(folder, old);
  const recipe = {
    id: 'toast',
    name: 'My own toast',
    portions: 1,
    lines: [{ id: 'bread', text: 'bread', food: 'bread', amount: { kind: 'count', count: 1 } }],
    steps: [
      {
        id: 'toast',
        title: 'Toast',
        text: '',
        uses: ['bread'],
        durationMin: { least: 2, likely: 3, most: 4 },
        hands: 'on',
      },
    ],
    hold: { mostMin: 5, how: 'at once' },
  };
  await before.client.execute({
    sql: 'INSERT INTO recipes (id, document) VALUES (?, ?)',
    args: ['toast', JSON.stringify(recipe)],
  });
  before.close();
  const after = await openDb(folder, migrations);
  const kept = await new Shelf(after.db, () => new Date(0)).list('recipe');
  expect(kept).toMatchObject([{ revision: 1, entry: recipe }]);
  after.close();
  rmSync(folder, { recursive: true });
});
