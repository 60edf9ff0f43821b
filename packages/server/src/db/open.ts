import { mkdirSync, accessSync, constants, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { createClient, type Client } from '@libsql/client';
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import * as schema from './schema.ts';
import { upgradeDocuments } from './upgradeDocuments.ts';

export type Db = LibSQLDatabase<typeof schema>;

export interface OpenDb {
  readonly db: Db;
  readonly client: Client;
  close(): void;
}

/** A start that cannot go on, in one sentence for the person who started it. */
export class StartError extends Error {}

interface Journal {
  readonly entries: readonly { readonly when: number }[];
}

/**
 * Opens (or makes) the database in a folder and brings it up to date.
 * Throws a StartError, and changes nothing, where the folder cannot be written or the database is newer than this Lupin.
 */
export async function openDb(folder: string, migrationsFolder: string): Promise<OpenDb> {
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.W_OK);
  } catch {
    throw new StartError(`Lupin cannot write to its data folder ${folder}. Choose another with LUPIN_DATA_DIR.`);
  }
  let client: Client;
  try {
    client = createClient({ url: `file:${join(folder, 'lupin.db')}` });
    await refuseNewer(client, migrationsFolder, folder);
    await client.execute('PRAGMA journal_mode = WAL');
    await client.execute('PRAGMA synchronous = FULL');
    await client.execute('PRAGMA foreign_keys = ON');
  } catch (error) {
    if (error instanceof StartError) throw error;
    throw new StartError(
      `Lupin cannot open the database in ${folder}: ${(error as Error).message}. Nothing was changed.`,
    );
  }
  const db = drizzle(client, { schema });
  await migrate(db, { migrationsFolder });
  await upgradeDocuments(db);
  await client.execute('PRAGMA foreign_keys = ON');
  return { db, client, close: () => client.close() };
}

async function refuseNewer(client: Client, migrationsFolder: string, folder: string): Promise<void> {
  const journal = JSON.parse(readFileSync(join(migrationsFolder, 'meta/_journal.json'), 'utf8')) as Journal;
  const newest = Math.max(...journal.entries.map((entry) => entry.when));
  const table = await client.execute(
    "SELECT name FROM sqlite_master WHERE type = 'table' AND name = '__drizzle_migrations'",
  );
  if (table.rows.length === 0) return;
  const last = await client.execute('SELECT max(created_at) AS last FROM __drizzle_migrations');
  if (Number(last.rows[0]?.['last'] ?? 0) > newest) {
    throw new StartError(
      `The database in ${folder} was made by a newer Lupin. Use that one, or another folder with LUPIN_DATA_DIR. Nothing was changed.`,
    );
  }
}
