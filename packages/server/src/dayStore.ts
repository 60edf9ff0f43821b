import { randomUUID } from 'node:crypto';
import { asc, and, eq, gt, max } from 'drizzle-orm';
import * as v from 'valibot';
import {
  basisOf,
  happened,
  timedOn,
  judgeDay,
  Occasion,
  patienceCodes,
  Plan,
  progressOf,
  type PutMend,
  type DayClock,
  type BegunWith,
  type DayEvent,
  type DayNews,
  type Happening,
  type RunningDay,
  type SentEvent,
} from '@lupin/core';
import type { Db } from './db/open.ts';
import { dayEvents, days } from './db/schema.ts';
import { readClock, servedAtMs } from './dayClock.ts';
import { Problem } from './problems.ts';
import type { Shelf } from './shelf.ts';
import type { Store } from './store.ts';
import { Turns } from './turns.ts';

type Row = typeof days.$inferSelect;
type Listener = (news: DayNews) => void;

type SentMend = v.InferOutput<typeof PutMend>;

/** What is ticked of tasks that are to be done again: themselves, and the looks at them. */
function takenBack(again: readonly string[], events: readonly DayEvent[]): readonly string[] {
  const { ticked, until } = progressOf(events);
  return again.flatMap((task) =>
    [...new Set([task, ...ticked.keys(), ...until.keys()])].filter(
      (entry) => entry === task || entry.startsWith(`${task}@`),
    ),
  );
}

/** The days that have been begun: their clocks, everything that happened, and how they were mended. An event that was answered is on the disk. */
export class DayStore {
  private readonly turns = new Turns();
  private readonly listeners = new Map<string, Set<Listener>>();

  constructor(
    private readonly db: Db,
    private readonly store: Store,
    private readonly shelf: Shelf,
    private readonly now: () => Date,
  ) {}

  private async row(id: string): Promise<Row> {
    await this.store.get(id);
    const [row] = await this.db.select().from(days).where(eq(days.occasion, id));
    if (!row) throw new Problem('no-day', 'Begin it, or rehearse it, on the Cook page.');
    return row;
  }

  /** The latest moment each day has shown: the machine's clock may be set back, the day's is not. */
  private readonly shown = new Map<string, number>();

  /** The row of just this day; refused where another has been begun. */
  private async rowOf(id: string, day: string): Promise<Row> {
    const row = await this.row(id);
    if (row.day !== day)
      throw new Problem('another-day', 'What was noted for an earlier one is not taken for this.', { day: row.day });
    return row;
  }

  private clockOf(row: Row): DayClock {
    const nowMin = Math.max(readClock(row, this.now().getTime()), this.shown.get(row.occasion) ?? -Infinity);
    this.shown.set(row.occasion, nowMin);
    return { nowMin, speed: row.speed };
  }

  private async eventsOf(id: string, since = 0): Promise<DayEvent[]> {
    const rows = await this.db
      .select()
      .from(dayEvents)
      .where(and(eq(dayEvents.occasion, id), gt(dayEvents.seq, since)))
      .orderBy(asc(dayEvents.seq));
    return rows.map(({ seq, id: event, device, atMin, what }) => ({
      seq,
      id: event,
      device,
      atMin,
      what: JSON.parse(what) as Happening,
    }));
  }

  async get(id: string): Promise<RunningDay> {
    const row = await this.row(id);
    return {
      day: row.day,
      mode: row.mode,
      version: row.version,
      occasion: v.parse(Occasion, JSON.parse(row.document)),
      plan: v.parse(Plan, JSON.parse(row.plan)),
      mends: JSON.parse(row.mends) as RunningDay['mends'],
      ended: row.ended,
      clock: this.clockOf(row),
      events: await this.eventsOf(id),
    };
  }

  /** What a device needs to know of a day: its plan as it stands, where it stands, and what happened. The parsed plan is kept until it is mended. */
  async forDevices(id: string): Promise<{
    readonly day: string;
    readonly mode: Row['mode'];
    readonly ended: boolean;
    readonly clock: DayClock;
    readonly occasion: Occasion;
    readonly plan: Plan;
    readonly events: readonly DayEvent[];
  }> {
    const row = await this.row(id);
    const key = `${row.day}/${row.version}`;
    let known = this.parsed.get(id);
    if (known?.key !== key) {
      known = { key, occasion: v.parse(Occasion, JSON.parse(row.document)), plan: v.parse(Plan, JSON.parse(row.plan)) };
      this.parsed.set(id, known);
    }
    return {
      day: row.day,
      mode: row.mode,
      ended: row.ended,
      clock: this.clockOf(row),
      occasion: known.occasion,
      plan: known.plan,
      events: await this.eventsOf(id),
    };
  }

  private readonly parsed = new Map<
    string,
    { readonly key: string; readonly occasion: Occasion; readonly plan: Plan }
  >();

  /** Begins a day with the plan that is kept for the occasion as it now stands. A day that is over, or was only rehearsed, gives way to the new one. */
  begin(
    id: string,
    how:
      | { readonly mode: 'day' }
      | { readonly mode: 'rehearsal'; readonly speed: number; readonly fromMin?: number | undefined },
  ): Promise<RunningDay> {
    return this.turns.take(async () => {
      const { occasion } = await this.store.get(id);
      const plan = await this.store.plan(id);
      if (plan.basis !== basisOf(occasion)) throw new Problem('stale-plan', 'Plan again, then begin.');
      const [known] = await this.db.select().from(days).where(eq(days.occasion, id));
      if (known && known.mode === 'day' && !known.ended)
        throw new Problem('day-begun', 'End it before another is begun.');
      const clockAt = this.now().getTime();
      const first = Math.min(0, ...plan.tasks.map((task) => task.startMin));
      const clock =
        how.mode === 'day'
          ? { speed: 1, clockMin: (clockAt - servedAtMs(occasion)) / 60_000 }
          : { speed: how.speed, clockMin: how.fromMin ?? first - 2 };
      this.shown.delete(id);
      const values = {
        day: randomUUID(),
        mode: how.mode,
        version: 1,
        document: JSON.stringify(occasion),
        plan: JSON.stringify(plan),
        mends: '[]',
        begun: JSON.stringify({ occasion, plan } satisfies BegunWith),
        ended: false,
        ...clock,
        clockAt,
      };
      await this.db.batch([
        this.db.delete(dayEvents).where(eq(dayEvents.occasion, id)),
        this.db
          .insert(days)
          .values({ occasion: id, ...values })
          .onConflictDoUpdate({ target: days.occasion, set: values }),
      ]);
      await this.tell(id, 0);
      return this.get(id);
    });
  }

  /** Sets the clock of a rehearsal: how fast it goes, and where it stands. */
  async setClock(id: string, speed: number, nowMin?: number): Promise<DayClock> {
    await this.turns.take(async () => {
      const row = await this.row(id);
      if (row.mode !== 'rehearsal') throw new Problem('not-a-rehearsal', 'Only a rehearsal can be sped up or stopped.');
      const clock = this.clockOf(row);
      // What has been noted stays in the past.
      const least = Math.max(clock.nowMin, await this.latestEvent(id));
      await this.db
        .update(days)
        .set({
          speed,
          clockMin: nowMin === undefined ? clock.nowMin : Math.max(nowMin, least),
          clockAt: this.now().getTime(),
        })
        .where(eq(days.occasion, id));
      await this.tell(id, Number.MAX_SAFE_INTEGER);
    });
    return this.clockOf(await this.row(id));
  }

  private async latestEvent(id: string): Promise<number> {
    const [found] = await this.db
      .select({ at: max(dayEvents.atMin) })
      .from(dayEvents)
      .where(eq(dayEvents.occasion, id));
    return found?.at ?? -Infinity;
  }

  /** Adds events in their order; one that is known already is left as it is. Answers the highest number given. */
  add(id: string, day: string, sent: readonly SentEvent[]): Promise<{ readonly seq: number }> {
    return this.turns.take(async () => {
      const row = await this.rowOf(id, day);
      if (row.mode !== 'rehearsal' && sent.some((each) => each.what.kind === 'fault'))
        throw new Problem('not-a-rehearsal', 'No device is made to fail on a real day.');
      // A day that is over still takes what a device without a connection noted before it ended.
      const clock = this.clockOf(row);
      const [before] = await this.db
        .select({ seq: max(dayEvents.seq) })
        .from(dayEvents)
        .where(eq(dayEvents.occasion, id));
      const rows = sent.map(({ id: event, device, agoMin, what }) => ({
        occasion: id,
        id: event,
        device,
        atMin: Math.round((clock.nowMin - agoMin * (row.mode === 'rehearsal' ? clock.speed : 1)) * 100) / 100,
        what: JSON.stringify(what),
      }));
      await this.db
        .insert(dayEvents)
        .values(rows)
        .onConflictDoNothing({ target: [dayEvents.occasion, dayEvents.id] });
      if (row.ended) await this.learn(id);
      await this.tell(id, before?.seq ?? 0);
      const [after] = await this.db
        .select({ seq: max(dayEvents.seq) })
        .from(dayEvents)
        .where(eq(dayEvents.occasion, id));
      return { seq: after?.seq ?? 0 };
    });
  }

  /** Goes on with another plan. It is held against what has happened here, and refused where the audit objects to anything but patience. */
  mend(id: string, { day, baseVersion, occasion, plan, again, words }: SentMend): Promise<RunningDay> {
    return this.turns.take(async () => {
      const row = await this.rowOf(id, day);
      if (row.ended) throw new Problem('day-ended', 'Nothing is planned any more.');
      if (row.version !== baseVersion)
        throw new Problem('stale-mend', `You mended version ${baseVersion}; it is ${row.version} now.`, {
          version: row.version,
        });
      if (occasion.id !== id || plan.basis !== basisOf(occasion))
        throw new Problem('stale-plan', 'The plan is not one of this occasion.');
      const clock = this.clockOf(row);
      const version = baseVersion + 1;
      const known = await this.eventsOf(id);
      const back = takenBack(again, known).map((entry, at) => ({
        occasion: id,
        id: `again-${version}-${at + 1}`,
        device: 'a mend',
        atMin: clock.nowMin,
        what: JSON.stringify({ kind: 'untick', entry } satisfies Happening),
      }));
      const lastSeq = known.at(-1)?.seq ?? 0;
      const events = [
        ...known,
        ...back.map(({ what, ...event }, at): DayEvent => ({
          ...event,
          seq: lastSeq + at + 1,
          what: JSON.parse(what) as Happening,
        })),
      ];
      const standpoint = { ...happened(plan, progressOf(events), clock.nowMin), nowMin: Math.floor(clock.nowMin) };
      const { objections, ahead } = judgeDay(occasion, standpoint);
      const serious = objections.filter((finding) => !patienceCodes.has(finding.code));
      if (serious.length > 0 || ahead.length > 0)
        throw new Problem('mend-has-findings', serious[0]?.message ?? ahead[0]!.why, { findings: serious });
      const mends = [
        ...(JSON.parse(row.mends) as RunningDay['mends']),
        { version, atMin: Math.round(clock.nowMin), words },
      ];
      const update = this.db
        .update(days)
        .set({ version, document: JSON.stringify(occasion), plan: JSON.stringify(plan), mends: JSON.stringify(mends) })
        .where(eq(days.occasion, id));
      // The plan and what it takes back are kept together or not at all.
      await (back.length > 0 ? this.db.batch([this.db.insert(dayEvents).values(back), update]) : update);
      await this.tell(id, lastSeq);
      return this.get(id);
    });
  }

  /** What the day was begun with; for one begun before that was kept, what it is now. */
  async begunWith(id: string): Promise<BegunWith> {
    const { begun, document, plan } = await this.row(id);
    const known =
      begun === ''
        ? { occasion: JSON.parse(document) as unknown, plan: JSON.parse(plan) as unknown }
        : (JSON.parse(begun) as { occasion: unknown; plan: unknown });
    return { occasion: v.parse(Occasion, known.occasion), plan: v.parse(Plan, known.plan) };
  }

  /** What a real day that is over says of its recipes' times; a rehearsal says nothing. */
  private async learn(id: string): Promise<void> {
    const day = await this.get(id);
    if (day.mode !== 'day' || !day.ended) return;
    try {
      await this.shelf.keepTimes(day.day, day.occasion.date, timedOn(day.occasion, day.plan, progressOf(day.events)));
    } catch (error) {
      // The day ends, and its ticks are kept, whatever can be learned from it.
      console.error(error);
    }
  }

  /** Ends a day. A real one's clock goes on: what is left over stands and cools. */
  async end(id: string): Promise<void> {
    await this.turns.take(async () => {
      const row = await this.row(id);
      await this.db
        .update(days)
        .set({
          ended: true,
          speed: row.mode === 'day' ? 1 : 0,
          clockMin: this.clockOf(row).nowMin,
          clockAt: this.now().getTime(),
        })
        .where(eq(days.occasion, id));
      await this.learn(id);
      await this.tell(id, Number.MAX_SAFE_INTEGER);
    });
  }

  async news(id: string, since: number): Promise<DayNews> {
    const row = await this.row(id);
    return {
      day: row.day,
      version: row.version,
      ended: row.ended,
      clock: this.clockOf(row),
      events: await this.eventsOf(id, since),
    };
  }

  /** Hears of everything new on a day until it is told to stop. */
  listen(id: string, listener: Listener): () => void {
    const all = this.listeners.get(id) ?? new Set();
    this.listeners.set(id, all.add(listener));
    return () => {
      all.delete(listener);
    };
  }

  private async tell(id: string, since: number): Promise<void> {
    const all = this.listeners.get(id);
    if (!all || all.size === 0) return;
    const news = await this.news(id, since);
    for (const listener of all) listener(news);
  }
}
