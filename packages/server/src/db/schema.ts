import { integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core';

/** Occasions as they stand; the document is a lupin.occasion/1, checked before it is written. */
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
    occasion: text('occasion').notNull().references(() => occasions.id, { onDelete: 'cascade' }),
    revision: integer('revision').notNull(),
    document: text('document').notNull(),
    changedAt: text('changed_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.occasion, table.revision] })],
);

/** The audited plan last kept for an occasion; a lupin.plan/1. */
export const plans = sqliteTable('plans', {
  occasion: text('occasion').primaryKey().references(() => occasions.id, { onDelete: 'cascade' }),
  basis: text('basis').notNull(),
  document: text('document').notNull(),
  keptAt: text('kept_at').notNull(),
});

/** What was ticked off on the day. */
export const ticks = sqliteTable(
  'ticks',
  {
    occasion: text('occasion').notNull().references(() => occasions.id, { onDelete: 'cascade' }),
    basis: text('basis').notNull(),
    task: text('task').notNull(),
    doneAt: text('done_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.occasion, table.basis, table.task] })],
);

/** What outlives an occasion: people of the address book, products with their last label, foods the user added or corrected, recipes, own swaps, packages with their prices. */
export const kept = sqliteTable(
  'kept',
  {
    kind: text('kind', { enum: ['person', 'product', 'food', 'recipe', 'swap', 'pack'] }).notNull(),
    id: text('id').notNull(),
    revision: integer('revision').notNull(),
    document: text('document').notNull(),
    changedAt: text('changed_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.kind, table.id] })],
);
