import { and, asc, eq } from 'drizzle-orm';
import * as v from 'valibot';
import {
  CheckedRecipe,
  OwnFood,
  OwnSubstitution,
  Pack,
  Person,
  Product,
  StepTiming,
  type Kept,
  type TimedStep,
} from '@lupin/core';
import type { Db } from './db/open.ts';
import { kept } from './db/schema.ts';
import { Problem } from './problems.ts';
import { Turns } from './turns.ts';

/** What is kept between occasions, and how each is checked. */
export const shelves = {
  person: Person,
  product: Product,
  food: OwnFood,
  recipe: CheckedRecipe,
  swap: OwnSubstitution,
  pack: Pack,
  timing: StepTiming,
} as const;
export type ShelfKind = keyof typeof shelves;
export type Entry<Kind extends ShelfKind> = v.InferOutput<(typeof shelves)[Kind]>;

const timingId = ({ recipe, step }: Pick<TimedStep, 'recipe' | 'step'>): string => `${recipe}.${step}`;

/** The recipe library, the address book, the products and the user's own foods, swaps and packages. A write names the revision it is based on, 0 for a new entry; a stale one changes nothing. */
export class Shelf {
  private readonly turns = new Turns();

  constructor(
    private readonly db: Db,
    private readonly now: () => Date,
  ) {}

  async list<Kind extends ShelfKind>(kind: Kind): Promise<Kept<Entry<Kind>>[]> {
    const rows = await this.db.select().from(kept).where(eq(kept.kind, kind)).orderBy(asc(kept.id));
    return rows.map(({ revision, document, changedAt }) => ({
      revision,
      changedAt,
      entry: v.parse(shelves[kind] as v.GenericSchema<unknown, Entry<Kind>>, JSON.parse(document)),
    }));
  }

  async get<Kind extends ShelfKind>(kind: Kind, id: string): Promise<Kept<Entry<Kind>>> {
    const [row] = await this.db
      .select()
      .from(kept)
      .where(and(eq(kept.kind, kind), eq(kept.id, id)));
    if (!row) throw new Problem('unknown-entry', `There is no ${kind} "${id}".`);
    return {
      revision: row.revision,
      changedAt: row.changedAt,
      entry: v.parse(shelves[kind] as v.GenericSchema<unknown, Entry<Kind>>, JSON.parse(row.document)),
    };
  }

  put<Kind extends ShelfKind>(kind: Kind, baseRevision: number, entry: Entry<Kind>): Promise<Kept<Entry<Kind>>> {
    return this.turns.take(async () => {
      const [row] = await this.db
        .select()
        .from(kept)
        .where(and(eq(kept.kind, kind), eq(kept.id, entry.id)));
      const revision = row?.revision ?? 0;
      if (revision !== baseRevision)
        throw new Problem('stale-revision', `You changed revision ${baseRevision}; revision ${revision} is kept.`, {
          revision,
        });
      const values = {
        kind,
        id: entry.id as string,
        revision: revision + 1,
        document: JSON.stringify(entry),
        changedAt: this.now().toISOString(),
      };
      if (row)
        await this.db
          .update(kept)
          .set(values)
          .where(and(eq(kept.kind, kind), eq(kept.id, entry.id), eq(kept.revision, revision)));
      else await this.db.insert(kept).values(values);
      return { revision: values.revision, changedAt: values.changedAt, entry };
    });
  }

  /** Keeps what a day says of the times of steps; the same day again replaces what it said before. */
  keepTimes(day: string, on: string, steps: readonly TimedStep[]): Promise<void> {
    return this.turns.take(async () => {
      const known = new Map((await this.list('timing')).map((each) => [each.entry.id, each]));
      const ids = new Set(steps.map(timingId));
      const said = steps.map((each) => ({
        id: timingId(each),
        recipe: each.recipe,
        step: each.step,
        minutes: each.minutes,
      }));
      // What the day said earlier and does not say any more (a tick taken back) goes too.
      const stale = [...known.values()].flatMap(({ entry }) =>
        !ids.has(entry.id) && entry.timed.some((each) => each.day === day) ? [{ ...entry, minutes: undefined }] : [],
      );
      for (const { minutes, ...each } of [...said, ...stale]) {
        const before = known.get(each.id);
        const others = (before?.entry.timed ?? []).filter((one) => one.day !== day);
        const entry: StepTiming = {
          id: each.id,
          recipe: each.recipe,
          step: each.step,
          timed: [...others, ...(minutes === undefined ? [] : [{ day, on, minutes }])].slice(-200),
        };
        const values = {
          kind: 'timing' as const,
          id: entry.id,
          revision: (before?.revision ?? 0) + 1,
          document: JSON.stringify(entry),
          changedAt: this.now().toISOString(),
        };
        await this.db
          .insert(kept)
          .values(values)
          .onConflictDoUpdate({ target: [kept.kind, kept.id], set: values });
      }
    });
  }

  remove(kind: ShelfKind, id: string): Promise<void> {
    return this.turns.take(async () => {
      const gone = await this.db
        .delete(kept)
        .where(and(eq(kept.kind, kind), eq(kept.id, id)))
        .returning({ id: kept.id });
      if (gone.length === 0) throw new Problem('unknown-entry', `There is no ${kind} "${id}".`);
    });
  }
}
