import { integer, primaryKey, real, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';

/** Occasions as they stand; the document is a lupin.occasion/2, checked before it is written. */
export const occasions = sqliteTable('occasions', {
  id: text('id').primaryKey(),
  revision: integer('revision').notNull(),
  document: text('document').notNull(),
  changedAt: text('changed_at').notNull(),
});

/** Every state an occasion has had; undo goes back to one of them. */
export const occasionRevisions = sqliteTable(
  'occasion_revisions',
  {
    occasion: text('occasion')
      .notNull()
      .references(() => occasions.id, { onDelete: 'cascade' }),
    revision: integer('revision').notNull(),
    document: text('document').notNull(),
    changedAt: text('changed_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.occasion, table.revision] })],
);

/** The audited plan last kept for an occasion; a lupin.plan/2. */
export const plans = sqliteTable('plans', {
  occasion: text('occasion')
    .primaryKey()
    .references(() => occasions.id, { onDelete: 'cascade' }),
  basis: text('basis').notNull(),
  document: text('document').notNull(),
  keptAt: text('kept_at').notNull(),
});

/** A day that has been begun: what is cooked and how, as it now is. A rehearsal has a clock of its own. */
export const days = sqliteTable('days', {
  occasion: text('occasion')
    .primaryKey()
    .references(() => occasions.id, { onDelete: 'cascade' }),
  /** Another each time a day is begun, so that nothing from an earlier one is taken for this. */
  day: text('day').notNull().default(''),
  mode: text('mode', { enum: ['day', 'rehearsal'] }).notNull(),
  version: integer('version').notNull(),
  document: text('document').notNull(),
  plan: text('plan').notNull(),
  mends: text('mends').notNull(),
  /** What it was begun with, occasion and plan: mends are read against it. Empty for days begun before it was kept. */
  begun: text('begun').notNull().default(''),
  ended: integer('ended', { mode: 'boolean' }).notNull(),
  speed: real('speed').notNull(),
  /** The moment of the day that the clock showed at `clockAt` (ms since 1970). */
  clockMin: real('clock_min').notNull(),
  clockAt: integer('clock_at').notNull(),
});

/** Everything that happened on a day, in the order in which it came in; only ever added to. */
export const dayEvents = sqliteTable(
  'day_events',
  {
    seq: integer('seq').primaryKey({ autoIncrement: true }),
    occasion: text('occasion')
      .notNull()
      .references(() => days.occasion, { onDelete: 'cascade' }),
    id: text('id').notNull(),
    device: text('device').notNull(),
    atMin: real('at_min').notNull(),
    what: text('what').notNull(),
  },
  (table) => [uniqueIndex('day_events_once').on(table.occasion, table.id)],
);

/** Devices of the home network that have joined a day with a code. Of the token that each holds only a digest is kept. */
export const joinedDevices = sqliteTable('joined_devices', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  role: text('role', { enum: ['reader', 'helper'] }).notNull(),
  occasion: text('occasion')
    .notNull()
    .references(() => occasions.id, { onDelete: 'cascade' }),
  tokenDigest: text('token_digest').notNull().unique(),
  joinedAt: text('joined_at').notNull(),
});

/** What the host has switched on or off. */
export const settings = sqliteTable('settings', { key: text('key').primaryKey(), value: text('value').notNull() });

/** What outlives an occasion: people of the address book, products with their last label, foods the user added or corrected, recipes, own swaps, packages with their prices, times that were taken. */
export const kept = sqliteTable(
  'kept',
  {
    kind: text('kind', { enum: ['person', 'product', 'food', 'recipe', 'swap', 'pack', 'timing'] }).notNull(),
    id: text('id').notNull(),
    revision: integer('revision').notNull(),
    document: text('document').notNull(),
    changedAt: text('changed_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.kind, table.id] })],
);
