import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { basisOf, entryOf, laterLooks, makePlan, type Occasion, type Plan, type PlannedStep } from '@lupin/core';
import { dayEvents, days, plans } from './db/schema.ts';
import { createClient } from '@libsql/client';
import { drizzle } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import { openDb } from './db/open.ts';
import { DayStore } from './dayStore.ts';
import { demoOccasions } from './seed.ts';
import { Shelf } from './shelf.ts';
import { Store } from './store.ts';

const migrations = join(__dirname, '../migrations');

test('a library kept by an earlier Lupin comes along, recipe by recipe, with everything that was changed in it', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'lupin-migration-'));
  const old = join(folder, 'migrations');
  cpSync(migrations, old, { recursive: true });
  const journal = JSON.parse(readFileSync(join(old, 'meta/_journal.json'), 'utf8')) as { entries: { tag: string }[] };
  writeFileSync(join(old, 'meta/_journal.json'), JSON.stringify({ ...journal, entries: journal.entries.slice(0, 2) }));
  const before = createClient({ url: `file:${join(folder, 'lupin.db')}` });
  await migrate(drizzle(before), { migrationsFolder: old });
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
  await before.execute({
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

/** A document as a Lupin before wrote it: looks were called attention, and had no names. */
const asBefore = (document: unknown): string =>
  JSON.stringify(document, (name, value: unknown) =>
    name === 'format'
      ? String(value).replace('/2', '/1')
      : value !== null && typeof value === 'object' && 'looks' in value
        ? (({ looks, ...rest }) => ({
            ...rest,
            attention: (looks as object[]).map((each) =>
              (({ id: _id, look: _look, ...other }: Record<string, unknown>) => other)(each as never),
            ),
          }))(value as { looks: object[] })
        : value,
  );

test('occasions, plans and days in the format of before are read as they were, what was ticked of them too', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'lupin-format-'));
  const lunch = demoOccasions(join(__dirname, '../../../data')).find((each) => each.id === 'sunday-lunch')!;
  const made = makePlan(lunch, { seconds: 0 });
  if (made.kind === 'none') throw new Error(made.reason.why);
  const oldOccasion = asBefore(lunch);
  const oldPlan = asBefore({ ...made.plan, basis: basisOf(JSON.parse(oldOccasion) as Occasion) });
  const first = await openDb(folder, migrations);
  await new Store(first.db, () => new Date(0)).create(lunch);
  const bake = made.plan.tasks.find(
    (task): task is PlannedStep => task.kind === 'step' && task.racks.length > 0 && laterLooks(task).length > 0,
  )!;
  const ending = laterLooks(bake).at(-1)!;
  await first.client.executeMultiple('DELETE FROM settings');
  await first.client.execute({ sql: 'UPDATE occasions SET document = ?', args: [oldOccasion] });
  await first.client.execute({ sql: 'UPDATE occasion_revisions SET document = ?', args: [oldOccasion] });
  await first.db.insert(plans).values({ occasion: lunch.id, basis: 'x', document: oldPlan, keptAt: '2026-01-01' });
  await first.db.insert(days).values({
    occasion: lunch.id,
    day: 'a-day',
    mode: 'day',
    version: 1,
    document: oldOccasion,
    plan: oldPlan,
    mends: '[]',
    begun: JSON.stringify({ occasion: JSON.parse(oldOccasion) as unknown, plan: JSON.parse(oldPlan) as unknown }),
    ended: false,
    speed: 1,
    clockMin: 0,
    clockAt: 0,
  });
  await first.db.insert(dayEvents).values({
    occasion: lunch.id,
    id: 'event-1000',
    device: 'bench',
    atMin: bake.endMin,
    what: JSON.stringify({ kind: 'tick', entry: `${bake.id}@${bake.looks.length - 1}` }),
  });
  first.close();

  const { db, close } = await openDb(folder, migrations);
  const store = new Store(db, () => new Date(0));
  expect((await store.get(lunch.id)).occasion).toEqual(lunch);
  const [kept] = await db.select().from(plans);
  expect(JSON.parse(kept!.document) as Plan).toEqual(made.plan);
  expect(kept!.basis).toBe(made.plan.basis);
  const day = await new DayStore(db, store, new Shelf(db, () => new Date(0)), () => new Date(0)).get(lunch.id);
  expect(day.plan).toEqual(made.plan);
  expect(day.events.map((each) => each.what)).toEqual([{ kind: 'tick', entry: entryOf(bake, ending) }]);
  close();
  rmSync(folder, { recursive: true });
});
