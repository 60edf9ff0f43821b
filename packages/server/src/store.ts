import { and, desc, eq } from 'drizzle-orm';
import * as v from 'valibot';
import { Occasion, Plan, type KeptOccasion, type OccasionId, type OccasionSummary } from '@lupin/core';
import type { Db } from './db/open.ts';
import { dayEvents, days, occasionRevisions, occasions, plans } from './db/schema.ts';
import { Problem } from './problems.ts';
import { Turns } from './turns.ts';

/** Which top-level parts of two occasions differ: what a person needs to know when somebody else was faster. */
function changedParts(before: Occasion, after: Occasion): string[] {
  return (Object.keys(after) as (keyof Occasion)[]).filter(
    (part) => JSON.stringify(before[part]) !== JSON.stringify(after[part]),
  );
}

/** All reading and writing of the database. A write names the revision it is based on; a stale one changes nothing. */
export class Store {
  private readonly turns = new Turns();

  constructor(
    private readonly db: Db,
    private readonly now: () => Date,
  ) {}

  async list(): Promise<OccasionSummary[]> {
    const rows = await this.db.select().from(occasions);
    return rows
      .map(({ document, revision, changedAt }) => {
        const { id, name, note, date, serveAt, guests, dishes } = JSON.parse(document) as Occasion;
        return { id, revision, name, note, date, serveAt, guests: guests.length, dishes: dishes.length, changedAt };
      })
      .sort((a, b) => (a.date < b.date ? 1 : -1));
  }

  async get(id: string): Promise<KeptOccasion> {
    const [row] = await this.db.select().from(occasions).where(eq(occasions.id, id));
    if (!row) throw new Problem('unknown-occasion', `No occasion "${id}".`);
    return { revision: row.revision, occasion: v.parse(Occasion, JSON.parse(row.document)) };
  }

  create(occasion: Occasion): Promise<KeptOccasion> {
    return this.turns.take(async () => {
      const [known] = await this.db.select({ id: occasions.id }).from(occasions).where(eq(occasions.id, occasion.id));
      if (known) throw new Problem('occasion-exists', `An occasion "${occasion.id}" is there already.`);
      const document = JSON.stringify(occasion);
      const changedAt = this.now().toISOString();
      await this.db.batch([
        this.db.insert(occasions).values({ id: occasion.id, revision: 1, document, changedAt }),
        this.db.insert(occasionRevisions).values({ occasion: occasion.id, revision: 1, document, changedAt }),
      ]);
      return { revision: 1, occasion };
    });
  }

  /** Writes a new revision. Refused with what changed where `baseRevision` is not the latest. */
  put(id: OccasionId | string, baseRevision: number, occasion: Occasion): Promise<KeptOccasion> {
    return this.turns.take(async () => {
      const current = await this.get(id);
      if (current.revision !== baseRevision) {
        const [base] = await this.db
          .select()
          .from(occasionRevisions)
          .where(and(eq(occasionRevisions.occasion, id), eq(occasionRevisions.revision, baseRevision)));
        const changed = base ? changedParts(JSON.parse(base.document) as Occasion, current.occasion) : [];
        throw new Problem(
          'stale-revision',
          `You changed revision ${baseRevision}; revision ${current.revision} has other ${changed.join(', ') || 'contents'}.`,
          { revision: current.revision, changed },
        );
      }
      const revision = baseRevision + 1;
      const document = JSON.stringify(occasion);
      const changedAt = this.now().toISOString();
      await this.db.batch([
        // The primary key refuses a second writer of the same revision even from another process.
        this.db.insert(occasionRevisions).values({ occasion: id, revision, document, changedAt }),
        this.db
          .update(occasions)
          .set({ revision, document, changedAt })
          .where(and(eq(occasions.id, id), eq(occasions.revision, baseRevision))),
      ]);
      return { revision, occasion };
    });
  }

  /** Makes an earlier revision the newest: undo, and undo of undo. */
  async restore(id: string, baseRevision: number, revision: number): Promise<KeptOccasion> {
    await this.get(id);
    const [row] = await this.db
      .select()
      .from(occasionRevisions)
      .where(and(eq(occasionRevisions.occasion, id), eq(occasionRevisions.revision, revision)));
    if (!row) throw new Problem('unknown-revision', `Occasion "${id}" has no revision ${revision}.`);
    return this.put(id, baseRevision, v.parse(Occasion, JSON.parse(row.document)));
  }

  async revisions(id: string): Promise<{ revision: number; changedAt: string }[]> {
    await this.get(id);
    return this.db
      .select({ revision: occasionRevisions.revision, changedAt: occasionRevisions.changedAt })
      .from(occasionRevisions)
      .where(eq(occasionRevisions.occasion, id))
      .orderBy(desc(occasionRevisions.revision));
  }

  remove(id: string): Promise<void> {
    return this.turns.take(async () => {
      await this.get(id);
      await this.db.batch([
        this.db.delete(dayEvents).where(eq(dayEvents.occasion, id)),
        this.db.delete(days).where(eq(days.occasion, id)),
        this.db.delete(plans).where(eq(plans.occasion, id)),
        this.db.delete(occasionRevisions).where(eq(occasionRevisions.occasion, id)),
        this.db.delete(occasions).where(eq(occasions.id, id)),
      ]);
    });
  }

  /** The occasion as its real day has it; undefined where none has been begun. */
  async dayOf(id: string): Promise<Occasion | undefined> {
    const [row] = await this.db
      .select({ document: days.document, mode: days.mode })
      .from(days)
      .where(eq(days.occasion, id));
    return row?.mode === 'day' ? v.parse(Occasion, JSON.parse(row.document)) : undefined;
  }

  async plan(id: string): Promise<Plan> {
    await this.get(id);
    const [row] = await this.db.select().from(plans).where(eq(plans.occasion, id));
    if (!row) throw new Problem('no-plan', `No plan is kept for "${id}" yet.`);
    return v.parse(Plan, JSON.parse(row.document));
  }

  async keepPlan(id: string, plan: Plan): Promise<void> {
    const values = { basis: plan.basis, document: JSON.stringify(plan), keptAt: this.now().toISOString() };
    await this.turns.take(() =>
      this.db
        .insert(plans)
        .values({ occasion: id, ...values })
        .onConflictDoUpdate({ target: plans.occasion, set: values }),
    );
  }
}
