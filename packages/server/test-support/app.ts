import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { buildApp } from '../src/app.ts';
import { openDb } from '../src/db/open.ts';
import { blankOccasion, seed } from '../src/seed.ts';
import { Shelf } from '../src/shelf.ts';
import { DayStore } from '../src/dayStore.ts';
import { Devices } from '../src/devices.ts';
import { Sharing } from '../src/sharing.ts';
import { Store } from '../src/store.ts';

export const migrations = join(__dirname, '../migrations');
export const data = join(__dirname, '../../../data');

export interface TestApp {
  readonly app: FastifyInstance;
  readonly sharing: Sharing;
  readonly folder: string;
  /** What the server takes for the time; set it to let a day go by. */
  readonly clock: { now: Date };
  close(): Promise<void>;
}

/** The real app on a real SQLite file in a temporary folder, with the demo data; with a folder of the web app, that too. */
export async function testApp(folder = mkdtempSync(join(tmpdir(), 'lupin-api-')), webDir?: string): Promise<TestApp> {
  const { db, close } = await openDb(folder, migrations);
  const clock = { now: new Date('2026-11-25T12:00:00Z') };
  const store = new Store(db, () => new Date('2026-11-25T12:00:00Z'));
  const shelf = new Shelf(db, () => new Date('2026-11-25T12:00:00Z'));
  const days = new DayStore(db, store, shelf, () => clock.now);
  await seed({ store, shelf }, data, true);
  const sharing = new Sharing(db, () => clock.now, 0, '127.0.0.1');
  const app = await buildApp({
    store,
    shelf,
    days,
    sharing,
    devices: new Devices(days, () => clock.now),
    blank: blankOccasion(data),
    webDir,
  });
  await app.ready();
  await sharing.start((request, response) => app.routing(request, response));
  return {
    app,
    sharing,
    folder,
    clock,
    close: async () => {
      await app.close();
      close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

export const host = { host: '127.0.0.1:4400' };
