import type { Leaning } from './decode.ts';
import type { Prepared } from './prepare.ts';
import type { Placed, Timetable, Wash } from './problem.ts';

/** What the moves need to know of a problem, worked out once. */
export interface Ground {
  readonly prepared: Prepared;
  /** Activities whose result keeps for eight hours or more before anything must follow. */
  readonly patient: readonly number[];
  /** When somebody works before the day that counts begins. */
  readonly ahead: readonly { readonly fromMin: number; readonly toMin: number }[];
  /** Activities that can be done in several ways. */
  readonly flexible: readonly number[];
  /** Activities by hand that several cooks can do, where who does it leaves no mark. */
  readonly shareable: readonly number[];
  /** Whether hands could be kept apart: there are marks, and more cooks than one. */
  readonly dividable: boolean;
}

export function groundOf(prepared: Prepared): Ground {
  const { activities } = prepared.problem;
  const keeps = activities.map((activity, index) =>
    Math.min(activity.mostHoldMin ?? Infinity, ...prepared.followers[index]!.map((next) => next.mostMin)),
  );
  return {
    prepared,
    patient: keeps.flatMap((most, index) => (most >= 480 ? [index] : [])),
    ahead: prepared.problem.cooks.flatMap(({ windows }) =>
      windows.flatMap(({ fromMin, toMin }) =>
        fromMin < prepared.problem.dayStartsMin
          ? [{ fromMin, toMin: Math.min(toMin, prepared.problem.dayStartsMin) }]
          : [],
      ),
    ),
    flexible: activities.flatMap((activity, index) => (activity.ways.length > 1 ? [index] : [])),
    // Hands that must be clean for something are better chosen by where they have been.
    dividable: prepared.classes.length > 0 && prepared.problem.cooks.length > 1,
    shareable:
      prepared.classes.length > 0
        ? []
        : activities.flatMap((activity, index) =>
            prepared.able[index]!.length > 1 && activity.ways.some((way) => way.handsOn) ? [index] : [],
          ),
  };
}

/**
 * Brings an activity, with all that follows it and still stands behind, directly before another in the line.
 * Undefined where it follows from that other.
 */
export function before(prepared: Prepared, line: Int32Array, activity: number, other: number): Int32Array | undefined {
  const at = line.indexOf(activity);
  const to = line.indexOf(other);
  if (to >= at) return undefined;
  const moving = new Set([activity]);
  for (let i = at - 1; i >= to; i--) {
    if (followsAny(prepared, line[i]!, moving)) moving.add(line[i]!);
  }
  if (moving.has(other)) return undefined;
  const changed = line.slice();
  let write = to;
  for (let i = to; i <= at; i++) if (moving.has(line[i]!)) changed[write++] = line[i]!;
  for (let i = to; i <= at; i++) if (!moving.has(line[i]!)) changed[write++] = line[i]!;
  return changed;
}

const followsAny = (prepared: Prepared, index: number, moving: ReadonlySet<number>): boolean =>
  prepared.problem.activities[index]!.before.some((link) => moving.has(link.activity));

/** Brings an activity, with all it follows and that still stand before the place, directly behind another. */
export function behind(prepared: Prepared, line: Int32Array, activity: number, other: number): Int32Array | undefined {
  const at = line.indexOf(activity);
  const to = line.indexOf(other);
  if (to <= at) return undefined;
  const moving = new Set([activity]);
  for (let i = at + 1; i <= to; i++) {
    if (prepared.followers[line[i]!]!.some((next) => moving.has(next.activity))) moving.add(line[i]!);
  }
  if (moving.has(other)) return undefined;
  const changed = line.slice();
  let write = at;
  for (let i = at; i <= to; i++) if (!moving.has(line[i]!)) changed[write++] = line[i]!;
  for (let i = at; i <= to; i++) if (moving.has(line[i]!)) changed[write++] = line[i]!;
  return changed;
}

/**
 * What holds the day from being shorter: from the first hand on, at each activity what stands in the way of doing it later.
 * Pairs of an activity and the one on the same cook or kit that blocks it. Where several in a row block each other, only
 * the first and the last pair: swapping those between cannot shorten anything by itself.
 * @source E. Nowicki, C. Smutnicki, Management Science 1996;42:797-813, on the ends of critical blocks
 */
export function criticalPairs(
  { prepared }: Ground,
  table: Timetable,
  random: () => number,
): readonly (readonly [activity: number, blocker: number])[] {
  const { problem } = prepared;
  const byActivity: Placed[] = [];
  for (const each of table.placed) byActivity[each.activity] = each;
  let first: Placed | undefined;
  for (const each of table.placed)
    if (
      (each.cook >= 0 || each.looks.length > 0) &&
      each.startMin >= problem.dayStartsMin &&
      (!first || each.startMin < first.startMin)
    )
      first = each;
  const pairs: (readonly [number, number])[] = [];
  let block: (readonly [number, number])[] = [];
  const close = (): void => {
    if (block.length > 0) pairs.push(block[0]!);
    if (block.length > 1) pairs.push(block.at(-1)!);
    block = [];
  };
  let at = first?.activity;
  for (let steps = 0; at !== undefined && steps < problem.activities.length; steps++) {
    const here = byActivity[at]!;
    const tied: number[] = [];
    for (const next of prepared.followers[at]!)
      if (byActivity[next.activity]!.startMin - next.leastMin === here.endMin) tied.push(next.activity);
    const blocker: number = table.blockers[at]!;
    if (blocker >= 0 && (tied.length === 0 || random() < 0.5)) {
      block.push([at, blocker]);
      at = blocker;
    } else {
      close();
      at = tied.length > 0 ? tied[Math.floor(random() * tied.length)]! : undefined;
    }
  }
  close();
  return pairs;
}

/** The last activity before a wash on a unit, or (unit −1) by the hands that wash. */
function lastUser(table: Timetable, wash: Wash, unit: number): number | undefined {
  let last: number | undefined;
  let lastEnd = -Infinity;
  for (const each of table.placed) {
    if (each.endMin > wash.startMin || each.endMin <= lastEnd) continue;
    if (unit >= 0 ? each.units.includes(unit) : each.cook === wash.cook) {
      last = each.activity;
      lastEnd = each.endMin;
    }
  }
  return last;
}

/** Washes of units that all could go into the machine. */
const forMachine = ({ problem }: Prepared, table: Timetable): readonly Wash[] =>
  table.washes.filter(({ units }) => units.length > 0 && units.every((unit) => problem.units[unit]!.machine));

/** The activity that left what a wash takes away, and the one that needs it gone. */
function washPair(
  { prepared }: Ground,
  table: Timetable,
  random: () => number,
): readonly [dirtied: number, needs: number] | undefined {
  if (table.washes.length === 0) return undefined;
  const wash = table.washes[Math.floor(random() * table.washes.length)]!;
  if (wash.because.length === 0) return undefined;
  const why = wash.because[Math.floor(random() * wash.because.length)]!;
  const last = lastUser(table, wash, why.unit);
  return last === undefined || prepared.problem.activities[why.before] === undefined ? undefined : [last, why.before];
}

/** The line with one activity moved some places on or back. */
export function shifted(prepared: Prepared, line: Int32Array, random: () => number): Int32Array {
  const size = line.length;
  const here = Math.floor(random() * size);
  const there = Math.max(0, Math.min(size - 1, here + Math.round((random() - 0.5) * Math.min(size, 40))));
  if (here === there) return line;
  return (
    (here > there
      ? before(prepared, line, line[here]!, line[there]!)
      : behind(prepared, line, line[here]!, line[there]!)) ?? line
  );
}

/** Keeps hands apart: whatever carries a mark goes to one cook, and sometimes what is guarded from it to others; or takes that back. */
function divided({ prepared }: Ground, who: Int8Array, random: () => number): Int8Array {
  const mark = Math.floor(random() * prepared.classes.length);
  const cook = Math.floor(random() * prepared.problem.cooks.length);
  const guardedToo = random() < 0.5;
  const takesBack = random() < 0.3;
  return who.map((now, index) => {
    const { carries, guards } = prepared.facts[index]!;
    const able = prepared.able[index]!;
    if (!able.includes(cook)) return now;
    if (carries.some((carry) => carry.mark === mark)) return takesBack ? -1 : cook;
    if (!guardedToo || !guards.some((guard) => guard.mark === mark)) return now;
    return takesBack ? -1 : (able.find((each) => each !== cook) ?? now);
  });
}

/** By how much an activity goes earlier to be done ahead, while somebody works before the day that counts begins; by hours, where nobody does, which stirs the order up. */
function minutesAhead({ ahead }: Ground, table: Timetable, activity: number, random: () => number): number {
  const hours = pick(ahead, random);
  if (!hours) return 180 + Math.floor(random() * 1000);
  const { endMin } = table.placed.find((each) => each.activity === activity)!;
  return Math.max(0, endMin - hours.toMin + Math.floor(random() * (hours.toMin - hours.fromMin)));
}

/** How often a move looks at what holds the day, and how often at a wash; the rest is by chance. */
const criticalShare = 0.12;
const washShare = 0.25;
/** How often something is put ahead, where there are hours worked before the day, and where there are none. Found by trial on kitchens of 20 to 150 tasks. */
const aheadShare = 0.26;
const stirShare = 0.15;

/** A neighbour of a timetable: something goes elsewhere in the line, stands earlier, or is done another way. */
export function neighbour(ground: Ground, from: Leaning, table: Timetable, random: () => number): Leaning {
  const { prepared, patient, ahead, flexible, shareable, dividable } = ground;
  const patientShare = ahead.length > 0 ? aheadShare : stirShare;
  const size = prepared.problem.activities.length;
  let line = from.line!;
  let { early, ways, who, byHand, patienceMin } = from;
  const roll = random();
  const pair = roll < criticalShare ? pick(criticalPairs(ground, table, random), random) : undefined;
  if (pair) {
    line =
      (random() < 0.5 ? behind(prepared, line, pair[1], pair[0]) : before(prepared, line, pair[0], pair[1])) ?? line;
  } else if (roll < criticalShare + washShare && table.washes.length > 0) {
    const dirty = washPair(ground, table, random);
    // What left it is done after what needs it gone: it stands before it in the line.
    if (dirty)
      line =
        (random() < 0.7 ? before(prepared, line, dirty[0], dirty[1]) : behind(prepared, line, dirty[1], dirty[0])) ??
        line;
  }
  const changes = line === from.line ? 1 + Math.floor(random() * 3) : random() < 0.25 ? 1 : 0;
  for (let i = 0; i < changes; i++) {
    const kind = random();
    const at = Math.floor(random() * size);
    const pile = prepared.problem.machine && kind > 0.94 ? pick(forMachine(prepared, table), random) : undefined;
    if (patient.length > 0 && kind < patientShare) {
      // What can wait for hours after it may be done long ahead, even the evening before.
      const activity = pick(patient, random)!;
      early = early.slice();
      early[activity] = early[activity]! > 0 ? 0 : minutesAhead(ground, table, activity, random);
    } else if (kind < patientShare + 0.15) {
      early = early.slice();
      early[at] = early[at]! > 0 && random() < 0.6 ? 0 : early[at]! + 1 + Math.floor(random() * 20);
    } else if (flexible.length > 0 && kind < patientShare + 0.25) {
      const other = pick(flexible, random)!;
      ways = ways.slice();
      ways[other] =
        ways[other]! > 0 && random() < 0.6 ? 0 : Math.floor(random() * prepared.problem.activities[other]!.ways.length);
    } else if (shareable.length > 0 && kind > 0.96) {
      const other = pick(shareable, random)!;
      who = who.slice();
      who[other] = who[other]! >= 0 && random() < 0.6 ? -1 : pick(prepared.able[other]!, random)!;
    } else if (pile) {
      // It could go into the machine, or be washed by hand so that the machine is free for more.
      const dirtied = lastUser(table, pile, pile.units[0]!);
      byHand = byHand.slice();
      if (dirtied !== undefined) byHand[dirtied] = 1 - byHand[dirtied]!;
    } else if (dividable && kind > 0.87) {
      who = divided(ground, who, random);
    } else if (kind < patientShare + 0.28) {
      patienceMin = Math.floor(random() * 90);
    } else {
      line = shifted(prepared, line, random);
    }
  }
  return { ...from, line, early, ways, who, byHand, patienceMin };
}

function pick<T>(list: readonly T[], random: () => number): T | undefined {
  return list.length === 0 ? undefined : list[Math.floor(random() * list.length)];
}
