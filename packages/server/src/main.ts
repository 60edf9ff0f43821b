import { existsSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildApp } from './app.ts';
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

async function start(): Promise<void> {
  const demo = process.argv.includes('--demo');
  const folder = resolve(process.env['LUPIN_DATA_DIR'] ?? join(root, demo ? 'var/demo' : 'var/lupin'));
  const port = Number(process.env['LUPIN_PORT'] ?? 4400);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new StartError(`LUPIN_PORT is "${process.env['LUPIN_PORT']}"; it must be a port number from 1 to 65535.`);
  if (process.argv.includes('--reset')) {
    if (!demo) throw new StartError('--reset is for the demo only; your own data is never thrown away.');
    if (existsSync(join(folder, 'lupin.db')) && !existsSync(join(folder, demoMark)))
      throw new StartError(`${folder} does not hold demo data; --reset leaves it alone.`);
    for (const file of ['lupin.db', 'lupin.db-wal', 'lupin.db-shm'])
      if (existsSync(join(folder, file))) rmSync(join(folder, file));
  }
  const isNew = !existsSync(join(folder, 'lupin.db'));
  const { db, close } = await openDb(folder, join(root, 'packages/server/migrations'));
  if (demo && isNew)
    writeFileSync(join(folder, demoMark), 'This folder holds demo data; "npm run demo -- --reset" throws it away.\n');
  const store = new Store(db, () => new Date());
  const shelf = new Shelf(db, () => new Date());
  const days = new DayStore(db, store, shelf, () => new Date());
  const sharePort = Number(process.env['LUPIN_SHARE_PORT'] ?? (port < 65535 ? port + 1 : port - 1));
  if (!Number.isInteger(sharePort) || sharePort < 1 || sharePort > 65535 || sharePort === port)
    throw new StartError('LUPIN_SHARE_PORT must be a port number from 1 to 65535, other than LUPIN_PORT.');
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
  });
  try {
    await app.listen({ host: '127.0.0.1', port });
  } catch (error) {
    close();
    if ((error as NodeJS.ErrnoException).code === 'EADDRINUSE')
      throw new StartError(`Port ${port} is taken. Stop what uses it, or choose another with LUPIN_PORT.`);
    if ((error as NodeJS.ErrnoException).code === 'EACCES')
      throw new StartError(`Port ${port} may not be used by you. Choose another with LUPIN_PORT.`);
    throw error;
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
