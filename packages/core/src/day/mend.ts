import type { Finding, FindingCode } from '../audit/index.ts';
import { fit } from '../fit/index.ts';
import { rules } from '../reference/index.ts';
import {
  basisOf,
  settled,
  clockTime,
  listed,
  type CourseId,
  type Occasion,
  type Plan,
  type PlannedStep,
  type PlannedTask,
  type PlannedWash,
  type TaskId,
  type BatchId,
  endLook,
  moreTasks,
  inTime,
} from '../model/index.ts';
import { planningRest } from '../plan/index.ts';
import type { Standpoint } from '../state/index.ts';
import { tasksById, tasksOf, type TaskNetwork } from '../tasks/index.ts';
import { stepChanges, type StepChange } from '../whatif/index.ts';
import { judgeDay, withoutPlates, type DayJudgement, type LostPlate } from './judge.ts';
import { shifted } from './shift.ts';

/** A way to go on from now: the occasion as it then is, the whole plan with what has been, and what it means. */
export interface Mend {
  /** `same-order`: everything as it was, later where it must be. `new-order`: what is left is planned anew. */
  readonly kind: 'same-order' | 'new-order';
  readonly occasion: Occasion;
  readonly plan: Plan;
  /** How much later each course goes out, in minutes. */
  readonly later: readonly { readonly course: CourseId; readonly name: string; readonly minutes: number }[];
  /** What is to be done otherwise than the plan said. */
  readonly changes: readonly StepChange[];
  /** How many things are done in another order, by somebody else or with other kit, and not only later. */
  readonly otherwise: number;
  /** Food that must stand longer than its recipe likes. */
  readonly cautions: readonly Finding[];
  /** Tasks that are done again: what was ticked of them before counts no more. */
  readonly again: readonly TaskId[];
  /** Plates that what has happened has cost. */
  readonly lost: readonly LostPlate[];
  /** What the audit says of what has been; it lets nothing else through. */
  readonly said: DayJudgement['said'];
  readonly words: string;
}

export interface MendOptions {
  readonly seed?: number;
  /** Places looked at for the serving times that are tried. */
  readonly effort?: number;
}

/** By how many minutes later serving is tried, where the old order does not hold at any pace. */
const laterTried = [0, 15, 30, 60, 120];
/** A new order must bring dinner so many minutes forward to be worth learning. */
const worthMin = 3;

/**
 * How a day can go on. First the same order, later where it must be; then, where that is late or does not hold, with what is new put in
 * between, or what is left planned anew. Nothing that the audit objects to is given out, but for what has been; where food can only be in
 * time by standing longer than its recipe likes, that is said, and such a mend comes after those that need it not.
 */
export function* mending(
  asGiven: Occasion,
  asSeen: Standpoint,
  { seed = 1, effort = 30_000 }: MendOptions = {},
): Generator<undefined, readonly Mend[]> {
  const before = settled(asGiven);
  // Plates that are lost are nobody's any more, so that nothing is washed for them.
  const seen = judgeDay(before, asSeen);
  const standpoint = seen.ahead.some(({ task }) => asSeen.assumed.has(task)) ? unassumed(asSeen) : asSeen;
  const { lost } = seen;
  const occasion = settled(withoutPlates(before, lost));
  const day = dayOf(before, occasion, withoutGone(occasion, standpoint), lost);
  const found: Mend[] = [...sameOrder(day, day.standpoint)];
  yield undefined;
  // What a wash left dirty can be washed now, and the old order stands.
  if (found.length === 0) {
    const washed = withSkippedWashes(occasion, day.standpoint);
    if (washed) found.push(...sameOrder(day, washed));
    yield undefined;
  }
  const other = yield* found.length > 0 ? firstOf(day, bettering(found, effort), seed) : anyOrder(day, effort, seed);
  if (other) found.push(other);
  return best(found);
}

/** A day to be mended. */
interface Day {
  /** The occasion before anything was lost. */
  readonly before: Occasion;
  readonly occasion: Occasion;
  readonly standpoint: Standpoint;
  readonly lost: readonly LostPlate[];
  /** The tasks of the plan at hand, and of what is left of it. */
  readonly networkBefore: TaskNetwork;
  readonly network: TaskNetwork;
  /** Serving times that have been tried, by how many minutes later they are. */
  readonly servings: Map<number, Serving>;
}

/** The day served so many minutes later: from the plan at hand, with everything as much later. */
interface Serving {
  readonly occasion: Occasion;
  readonly network: TaskNetwork;
  readonly from: Plan;
}

function dayOf(before: Occasion, occasion: Occasion, standpoint: Standpoint, lost: readonly LostPlate[]): Day {
  const network = tasksOf(occasion, fit(occasion), standpoint.plan.batches);
  const networkBefore = before === occasion ? network : tasksOf(before, fit(before), standpoint.plan.batches);
  return { before, occasion, standpoint, lost, network, networkBefore, servings: new Map() };
}

/** Each serving time is worked out once, however often it is tried. */
function servingAt({ occasion, standpoint, network, servings }: Day, minutes: number): Serving {
  const known = servings.get(minutes);
  if (known) return known;
  const later = settled(served(occasion, network, standpoint, minutes));
  const itsNetwork = later === occasion ? network : tasksOf(later, fit(later), standpoint.plan.batches);
  const serving: Serving = {
    occasion: later,
    network: itsNetwork,
    from: shifted(later, itsNetwork, standpoint, () => minutes).plan,
  };
  servings.set(minutes, serving);
  return serving;
}

/** So many minutes later, whether food that has been begun may stand longer than it likes, and how much is looked for. */
interface Trial {
  readonly minutes: number;
  readonly patient: boolean;
  /** Places to look at to go on from the plan at hand, and for one that owes it nothing. */
  readonly near: number;
  readonly wide: number;
}

/** What is tried besides an old order that holds: in time, and half as late; where its food must stand too long, some that need not. */
function bettering(found: readonly Mend[], effort: number): readonly Trial[] {
  const clean = found.find((mend) => mend.cautions.length === 0);
  if (!clean)
    return laterTried.slice(0, 3).map((minutes) => ({ minutes, patient: false, near: effort / 10, wide: effort / 10 }));
  const lateMin = latest(clean);
  return [...new Set([0, Math.round(lateMin / 2)])]
    .filter((minutes) => minutes <= lateMin - worthMin)
    .map((minutes) => ({ minutes, patient: false, near: effort / 3, wide: effort / 6 }));
}

/**
 * Where the old order does not hold: first whether there is any way, half an hour later or more and with food that may stand longer than it likes, then
 * in time, then later still. Where there is one, how much sooner it goes, and whether without that patience.
 */
function* anyOrder(day: Day, effort: number, seed: number): Generator<undefined, Mend | undefined> {
  const any = yield* firstOf(
    day,
    [
      ...[30, 60, 0, 120].map((minutes) => ({ minutes, patient: true, near: effort / 6, wide: effort / 4 })),
      // Before there is said to be none, once at length.
      { minutes: 60, patient: true, near: effort * 0.7, wide: effort * 0.7 },
    ],
    seed,
  );
  if (!any) return undefined;
  const sooner = laterTried.filter((minutes) => minutes < latest(any));
  const tried = (minutes: readonly number[], patient: boolean): readonly Trial[] =>
    minutes.map((each) => ({ minutes: each, patient, near: effort / 15, wide: effort / 15 }));
  const better = yield* firstOf(
    day,
    [...(any.cautions.length > 0 ? tried([...sooner, latest(any)], false) : []), ...tried(sooner, true)],
    seed,
  );
  return better ?? any;
}

/** The mend of the first trial that leads to one. */
function* firstOf(day: Day, trials: readonly Trial[], seed: number): Generator<undefined, Mend | undefined> {
  for (const trial of trials) {
    const mend = yield* newOrder(day, trial, seed);
    if (mend) return mend;
  }
  return undefined;
}

/** What is left of the day with as little changed as can be, or planned anew. */
function* newOrder(
  day: Day,
  { minutes, patient, near, wide }: Trial,
  seed: number,
): Generator<undefined, Mend | undefined> {
  const { standpoint } = day;
  const { occasion, network, from } = servingAt(day, minutes);
  const run = planningRest(
    occasion,
    standpoint,
    { seed, seconds: 0.02, repairEffort: near, firstEffort: wide, patient, from },
    network,
  );
  let mend: Held | undefined;
  for (;;) {
    const next = run.next();
    // The scheduler does not see everything that the audit sees: of its plans the last one counts that holds.
    const held = next.value && heldBy(occasion, network, { ...standpoint, plan: next.value });
    if (held && (patient || held.cautions.length === 0)) mend = held;
    if (next.done) return mend && mendOf('new-order', day, mend);
    yield undefined;
  }
}

/** Work that nobody needs any more is left out; a wash too many does no harm. */
function withoutGone(occasion: Occasion, standpoint: Standpoint): Standpoint {
  const { plan, done, running } = standpoint;
  const network = tasksOf(occasion, fit(occasion), plan.batches);
  const wanted = new Set(tasksById(network).keys());
  const isThere = (id: TaskId) => wanted.has(id) || done.has(id) || running.has(id);
  const tasks = plan.tasks.flatMap((task): readonly PlannedTask[] => {
    if (task.kind !== 'step') return [task];
    if (task.rest) return takenBy(task, isThere);
    return isThere(task.id) ? [task] : [];
  });
  return { ...standpoint, plan: { ...plan, tasks } };
}

/** What is put away, for those that still take it out; none: it is left out. */
function takenBy(task: PlannedStep, isThere: (id: TaskId) => boolean): readonly PlannedStep[] {
  const { after, before } = task.rest!;
  if (!isThere(after)) return [];
  const kept = before.flatMap((id, at) => (id === 'table' || isThere(id) ? [{ id, look: task.looks[at + 1]! }] : []));
  if (kept.length === before.length) return [task];
  const last = kept.at(-1);
  if (!last) return [];
  const looks = [
    ...task.looks.slice(0, 1),
    ...kept.slice(0, -1).map(({ look }) => look),
    { ...last.look, look: endLook },
  ];
  return [{ ...task, endMin: last.look.endMin, looks, rest: { after, before: kept.map(({ id }) => id) } }];
}

/** The day without what is only taken to be in hand: where that would cost a plate, it can still wait. */
function unassumed(standpoint: Standpoint): Standpoint {
  const { plan, running, assumed } = standpoint;
  if (assumed.size === 0) return standpoint;
  return {
    ...standpoint,
    assumed: new Map(),
    running: new Set([...running].filter((id) => !assumed.has(id))),
    plan: { ...plan, tasks: inTime(plan.tasks.map((task) => assumed.get(task.id) ?? task)) },
  };
}

/** Of each kind the best, and none that another betters in everything. */
function best(found: readonly Mend[]): readonly Mend[] {
  const weight = (mend: Mend) => latest(mend) + 15 * mend.cautions.length + 0.2 * mend.otherwise;
  const sorted = [...found].sort((a, b) => weight(a) - weight(b));
  return sorted
    .filter(
      (mend, index) =>
        !sorted
          .slice(0, index)
          .some(
            (other) =>
              latest(other) <= latest(mend) &&
              other.cautions.length <= mend.cautions.length &&
              other.otherwise <= mend.otherwise,
          ),
    )
    .slice(0, 3);
}

/** The minutes by which the latest course is later. */
export const latest = ({ later }: Mend): number => Math.max(0, ...later.map((each) => each.minutes));

/** The old order of a standpoint's plan at several paces: what has not been begun may wait for a later serving with the rest, or go on as soon as it can. */
function sameOrder(day: Day, standpoint: Standpoint): readonly Mend[] {
  const { occasion, network } = day;
  const steps = new Set(standpoint.plan.tasks.map((task) => task.id));
  // Work that the plan does not have cannot be shifted.
  if (network.tasks.some((task) => !steps.has(task.id))) return [];
  const courseOf = new Map(
    network.batches.map((batch) => [batch.id, occasion.dishes.find((dish) => dish.id === batch.dish)!.course]),
  );
  const begun = new Set(
    standpoint.plan.tasks.flatMap((task) =>
      task.kind === 'step' && (standpoint.done.has(task.id) || standpoint.running.has(task.id)) ? [task.batch] : [],
    ),
  );
  const delayed = new Map<CourseId, number>();
  const mends: Mend[] = [];
  for (const pace of ['soon', 'unbegun', 'all', 'all'] as const) {
    const { plan, lateMin } = shifted(occasion, network, standpoint, (batch) =>
      pace === 'soon' || (pace === 'unbegun' && begun.has(batch)) ? 0 : (delayed.get(courseOf.get(batch)!) ?? 0),
    );
    const minutes = new Map<CourseId, number>(delayed);
    for (const [batch, late] of lateMin) {
      if (late <= 0 || isDone(standpoint, batch)) continue;
      minutes.set(courseOf.get(batch)!, Math.max(minutes.get(courseOf.get(batch)!) ?? 0, Math.ceil(late)));
    }
    // What goes out together stays together.
    for (const course of occasion.courses)
      minutes.set(
        course.id,
        Math.max(
          ...occasion.courses
            .filter((each) => each.offsetMin === course.offsetMin)
            .map((each) => minutes.get(each.id) ?? 0),
        ),
      );
    const moved = settled({
      ...occasion,
      courses: occasion.courses.map((course) => ({ ...course, offsetMin: course.offsetMin + minutes.get(course.id)! })),
    });
    const held = heldBy(moved, network, { ...standpoint, plan: { ...plan, basis: basisOf(moved) } });
    const mend = held && mendOf('same-order', day, held);
    if (mend) mends.push(mend);
    if (mend?.cautions.length === 0 || [...minutes.values()].every((each) => each === 0)) break;
    for (const [course, late] of minutes) delayed.set(course, late);
  }
  return mends;
}

/** The day with each wash that was passed without all of it once more, for what was left as it is; undefined where nothing was. */
function withSkippedWashes(occasion: Occasion, standpoint: Standpoint): Standpoint | undefined {
  const { plan, done, skipped } = standpoint;
  const nextWash = moreTasks(
    'wash',
    plan.tasks.map((task) => task.id),
  );
  const again = skipped.flatMap((left): PlannedWash[] => {
    const wash = plan.tasks.find((task): task is PlannedWash => task.kind === 'wash' && task.id === left.wash);
    if (!wash || !done.has(wash.id)) return [];
    const washMin = left.units.reduce<number>(
      (sum, id) => sum + (occasion.kitchen.kit.find((unit) => unit.id === id)?.washMin ?? 0),
      rules.handWashMin,
    );
    // It takes the turn of the one that was skipped: after what had dirtied it, before what must not meet it.
    const { machineUntilMin: _machine, ...byHand } = wash;
    return [
      {
        ...byHand,
        id: nextWash(),
        units: [...left.units],
        hands: true,
        startMin: wash.startMin,
        endMin: wash.startMin + washMin,
      },
    ];
  });
  return again.length === 0
    ? undefined
    : { ...standpoint, plan: { ...plan, tasks: inTime([...plan.tasks, ...again]) } };
}

const isDone = ({ plan, done }: Standpoint, batch: BatchId): boolean =>
  plan.tasks.every((task) => task.kind !== 'step' || task.batch !== batch || done.has(task.id));

/** What a recipe would rather not, and a late day may have to: food that stands longer. It is said, and weighed. */
export const patienceCodes: ReadonlySet<FindingCode> = new Set([
  'waits-too-long',
  'stands-too-long',
  'hold',
  'raw-wait',
  'warm-wait',
]);

/** The occasion with every course that is not on the table yet so many minutes later. */
function served(occasion: Occasion, network: TaskNetwork, standpoint: Standpoint, minutes: number): Occasion {
  if (minutes === 0) return occasion;
  const waiting = new Set(
    network.tasks.flatMap((task) =>
      standpoint.done.has(task.id) ? [] : [network.batches.find((batch) => batch.id === task.batch)!.dish],
    ),
  );
  const courses = new Set(occasion.dishes.filter((dish) => waiting.has(dish.id)).map((dish) => dish.course));
  const moments = new Set(
    occasion.courses.filter((course) => courses.has(course.id)).map((course) => course.offsetMin),
  );
  return {
    ...occasion,
    courses: occasion.courses.map((course) =>
      moments.has(course.offsetMin) ? { ...course, offsetMin: course.offsetMin + minutes } : course,
    ),
  };
}

/** A day that goes on with a plan which the audit lets through. */
interface Held {
  readonly occasion: Occasion;
  /** With the titles of all that is done; another serving time changes none. */
  readonly network: TaskNetwork;
  readonly after: Standpoint;
  readonly cautions: readonly Finding[];
  readonly said: DayJudgement['said'];
}

/** Undefined where the audit objects to anything that is to come, but for food that stands longer than it likes. */
function heldBy(occasion: Occasion, network: TaskNetwork, after: Standpoint): Held | undefined {
  const { objections, ahead, said } = judgeDay(occasion, after);
  const cautions = objections.filter((finding) => patienceCodes.has(finding.code));
  if (cautions.length < objections.length || ahead.length > 0) return undefined;
  return { occasion, network, after, cautions, said };
}

function mendOf(kind: Mend['kind'], day: Day, { occasion, network, after, cautions, said }: Held): Mend {
  const { before, standpoint: from, lost } = day;
  const later = occasion.courses.flatMap((course) => {
    const minutes =
      course.offsetMin - (before.courses.find((each) => each.id === course.id)?.offsetMin ?? course.offsetMin);
    return minutes === 0 ? [] : [{ course: course.id, name: course.name, minutes }];
  });
  const { changes } = stepChanges(
    { occasion: before, plan: from.plan, network: day.networkBefore },
    { occasion, plan: after.plan, network },
  );
  const open = changes.filter((change) => !from.done.has(change.id) && !from.running.has(change.id));
  const otherwise = kind === 'same-order' ? 0 : movedAbout(from.plan, after.plan, from);
  const had = new Set(from.plan.tasks.map((task) => task.id));
  const rewashed = kind === 'same-order' && after.plan.tasks.some((task) => task.kind === 'wash' && !had.has(task.id));
  return {
    kind,
    occasion,
    plan: after.plan,
    later,
    changes: open,
    otherwise,
    again: from.again,
    lost,
    said,
    cautions,
    words: wordsOf(before, later, open, { otherwise, rewashed }, cautions, lost),
  };
}

/** Steps that are done by somebody else, with other kit or in another way, or by the same cook after something that was to come later. */
function movedAbout(before: Plan, after: Plan, { done, running }: Standpoint): number {
  const steps = (plan: Plan) =>
    plan.tasks.filter((task) => task.kind === 'step').filter((task) => !done.has(task.id) && !running.has(task.id));
  const [old, now] = [steps(before), steps(after)];
  const was = new Map(old.map((task, at) => [task.id, { task, at }]));
  let furthest = -1;
  return (
    now.filter((task) => {
      const known = was.get(task.id);
      if (
        !known ||
        known.task.cook !== task.cook ||
        known.task.way !== task.way ||
        known.task.racks.join() !== task.racks.join() ||
        known.task.units.join() !== task.units.join()
      )
        return true;
      const behind = known.at < furthest;
      furthest = Math.max(furthest, known.at);
      return behind;
    }).length + old.filter((task) => !now.some((each) => each.id === task.id)).length
  );
}

/** What a mend means, in a sentence or two. */
function wordsOf(
  before: Occasion,
  later: Mend['later'],
  changes: readonly StepChange[],
  { otherwise, rewashed }: { readonly otherwise: number; readonly rewashed: boolean },
  cautions: readonly Finding[],
  lost: readonly LostPlate[],
): string {
  const serving =
    later.length === 0
      ? 'Everything still goes out in time'
      : listed(
          later.map(
            ({ name, minutes, course }) =>
              `${name} ${minutes} min later, at ${clockTime(before.serveAt, before.courses.find((each) => each.id === course)!.offsetMin + minutes)}`,
          ),
        );
  const first = changes[0];
  const next = first ? `next is “${first.title}” (${first.dishName})` : '';
  const moved =
    changes.length === 0
      ? 'nothing else changes'
      : otherwise === 0
        ? `the order stays, ${next}`
        : `${otherwise} ${otherwise === 1 ? 'thing is' : 'things are'} done otherwise, ${next}`;
  const names = new Map<string, string[]>();
  for (const { guest, dish } of lost)
    names.set(dish, [...(names.get(dish) ?? []), before.guests.find((each) => each.id === guest)?.name ?? guest]);
  const gone = [...names].map(
    ([dish, guests]) =>
      ` ${listed(guests)} ${guests.length === 1 ? 'gets' : 'get'} no ${before.recipes.find((each) => each.id === before.dishes.find((one) => one.id === dish)?.recipe)?.name.toLowerCase() ?? dish}.`,
  );
  return `${rewashed ? 'What was left is washed first. ' : ''}${serving}; ${moved}.${cautions.map((each) => ` ${each.message}`).join('')}${gone.join('')}`;
}

/** The best mends, found to the end. */
export function mends(occasion: Occasion, standpoint: Standpoint, options: MendOptions = {}): readonly Mend[] {
  const run = mending(occasion, standpoint, options);
  for (;;) {
    const next = run.next();
    if (next.done) return next.value;
  }
}
