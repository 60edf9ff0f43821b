import { and, eq } from 'drizzle-orm';
import * as v from 'valibot';
import { basisOf, Occasion, upgraded, upgradedEntry, type Happening } from '@lupin/core';
import type { LibSQLDatabase } from 'drizzle-orm/libsql';
import * as schema from './schema.ts';

const { dayEvents, days, kept, occasionRevisions, occasions, plans, settings } = schema;

/** Which format the documents of a database are in; one more with each that older Lupins do not understand. */
const format = '2';
const key = 'document-format';

type Tx = Parameters<Parameters<LibSQLDatabase<typeof schema>['transaction']>[0]>[0];

const read = (text: string): unknown => JSON.parse(text);
const now = (text: string): string => JSON.stringify(upgraded(read(text)));

/**
 * A plan that was right for its occasion before is right for it after: the digest it rests on is made anew. One that was not is left
 * to be found so.
 */
function planFor(occasionAsItWas: string, plan: string): { readonly basis: string; readonly document: string } {
  const before = read(plan) as { readonly basis: string };
  const wasCurrent = before.basis === basisOf(read(occasionAsItWas) as Occasion);
  const basis = wasCurrent ? basisOf(v.parse(Occasion, upgraded(read(occasionAsItWas)))) : before.basis;
  return { basis, document: JSON.stringify({ ...(upgraded(before) as object), basis }) };
}

function happeningFor(planAsItWas: unknown, what: string): string {
  const happening = read(what) as Happening;
  if (!('entry' in happening) || happening.entry === undefined) return what;
  const entry = upgradedEntry(planAsItWas, happening.entry);
  return entry === undefined ? what : JSON.stringify({ ...happening, entry });
}

async function upgradeDays(tx: Tx): Promise<void> {
  for (const day of await tx.select().from(days)) {
    const planAsItWas = read(day.plan);
    const begun = day.begun === '' ? undefined : (read(day.begun) as { occasion: unknown; plan: unknown });
    const begunPlan = begun && planFor(JSON.stringify(begun.occasion), JSON.stringify(begun.plan));
    await tx
      .update(days)
      .set({
        document: now(day.document),
        plan: planFor(day.document, day.plan).document,
        ...(begun && begunPlan
          ? { begun: JSON.stringify({ occasion: upgraded(begun.occasion), plan: read(begunPlan.document) }) }
          : {}),
      })
      .where(eq(days.occasion, day.occasion));
    for (const event of await tx.select().from(dayEvents).where(eq(dayEvents.occasion, day.occasion))) {
      const what = happeningFor(planAsItWas, event.what);
      if (what !== event.what) await tx.update(dayEvents).set({ what }).where(eq(dayEvents.seq, event.seq));
    }
  }
}

/** Brings every document that an earlier Lupin wrote to today's format, all of them or, where one will not be read, none. */
export async function upgradeDocuments(db: LibSQLDatabase<typeof schema>): Promise<void> {
  const [known] = await db.select().from(settings).where(eq(settings.key, key));
  if (known?.value === format) return;
  await db.transaction(async (tx) => {
    const before = await tx.select().from(occasions);
    for (const plan of await tx.select().from(plans)) {
      const occasion = before.find((each) => each.id === plan.occasion);
      if (occasion)
        await tx.update(plans).set(planFor(occasion.document, plan.document)).where(eq(plans.occasion, plan.occasion));
    }
    await upgradeDays(tx);
    for (const { id, document } of before)
      await tx
        .update(occasions)
        .set({ document: now(document) })
        .where(eq(occasions.id, id));
    for (const { occasion, revision, document } of await tx.select().from(occasionRevisions))
      await tx
        .update(occasionRevisions)
        .set({ document: now(document) })
        .where(and(eq(occasionRevisions.occasion, occasion), eq(occasionRevisions.revision, revision)));
    for (const { id, document } of await tx.select().from(kept).where(eq(kept.kind, 'recipe')))
      await tx
        .update(kept)
        .set({ document: now(document) })
        .where(and(eq(kept.kind, 'recipe'), eq(kept.id, id)));
    await tx
      .insert(settings)
      .values({ key, value: format })
      .onConflictDoUpdate({ target: settings.key, set: { value: format } });
  });
}
