import { existsSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildApp } from './app.ts';
import { configFrom } from './config.ts';
import { openDb, StartError } from './db/open.ts';
import { blankOccasion, seed } from './seed.ts';
import { Shelf } from './shelf.ts';
import { DayStore } from './dayStore.ts';
import { Devices } from './devices.ts';
import { Sharing } from './sharing.ts';
import { Store } from './store.ts';

// The bundle lies in packages/server/dist.
const root = resolve(dirname(fileURLToPath(import.meta.url)), '../../..');

/** A file beside the database that says it may be thrown away. */
const demoMark = 'demo-data.txt';

/** Throws a demo's data away, and nothing else. */
function resetDemo(folder: string): void {
  if (existsSync(join(folder, 'lupin.db')) && !existsSync(join(folder, demoMark)))
    throw new StartError(`${folder} does not hold demo data; --reset leaves it alone.`);
  for (const file of ['lupin.db', 'lupin.db-wal', 'lupin.db-shm'])
    if (existsSync(join(folder, file))) rmSync(join(folder, file));
}

/** Why a port cannot be listened at, for the person who started it. */
function portTrouble(error: unknown, port: number): unknown {
  switch ((error as NodeJS.ErrnoException).code) {
    case 'EADDRINUSE':
      return new StartError(`Port ${port} is taken. Stop what uses it, or choose another with LUPIN_PORT.`);
    case 'EACCES':
      return new StartError(`Port ${port} may not be used by you. Choose another with LUPIN_PORT.`);
    default:
      return error;
  }
}

async function start(): Promise<void> {
  const { demo, reset, folder, port, sharePort, logLevel } = configFrom(root, process.argv, process.env);
  if (reset) resetDemo(folder);
  const isNew = !existsSync(join(folder, 'lupin.db'));
  const { db, close } = await openDb(folder, join(root, 'packages/server/migrations'));
  if (demo && isNew)
    writeFileSync(join(folder, demoMark), 'This folder holds demo data; "npm run demo -- --reset" throws it away.\n');
  const store = new Store(db, () => new Date());
  const shelf = new Shelf(db, () => new Date());
  const days = new DayStore(db, store, shelf, () => new Date());
  const sharing = new Sharing(db, () => new Date(), sharePort);
  const devices = new Devices(days, () => new Date());
  await seed({ store, shelf }, join(root, 'data'), demo);
  const app = await buildApp({
    store,
    shelf,
    days,
    devices,
    sharing,
    webDir: join(root, 'packages/web/dist'),
    blank: blankOccasion(join(root, 'data')),
    logLevel,
  });
  try {
    await app.listen({ host: '127.0.0.1', port });
  } catch (error) {
    close();
    throw portTrouble(error, port);
  }
  await sharing.start((request, response) => app.routing(request, response));
  if (sharing.isOn) console.log(`Sharing with the home network is on: ${(await sharing.state()).addresses.join(', ')}`);
  console.log(`Lupin is at http://127.0.0.1:${port}${demo ? ' (demo data)' : ''}`);
  const stop = () =>
    void app.close().then(() => {
      close();
      process.exit(0);
    });
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
}

start().catch((error: unknown) => {
  console.error(error instanceof StartError ? error.message : error);
  process.exit(1);
});
