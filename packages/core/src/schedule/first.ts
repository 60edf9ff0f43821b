import { decode, finished, type Leaning } from './decode.ts';
import type { Ground } from './moves.ts';
import type { Prepared } from './prepare.ts';
import type { Problem, Stuck, Timetable } from './problem.ts';
import { isStuck, type Step } from './search.ts';

/** After how many orders in vain to begin elsewhere, and after how many the same obstacle is believed. */
const restartAfter = 60;
const hopelessAfter = 60;
/**
 * How often something is changed by chance beside what found no place, by turns: with much to do chance undoes more than it finds, with
 * little and narrow limits it is the only way out. Which it is shows only in trying.
 */
const chanceOfMore = [0.1, 1] as const;

interface First {
  readonly leaning: Leaning;
  readonly result: Timetable | Stuck;
}

/** Orders that come to nothing are cheap to try: what finds no place asks louder, until a timetable holds. */
export function* findFirst(
  prepared: Prepared,
  ground: Ground,
  random: () => number,
  effort: number,
): Generator<Step, First> {
  const { problem } = prepared;
  const size = problem.activities.length;
  const fresh = (lean: Float64Array): Leaning => ({
    lean,
    early: new Float64Array(size),
    ways: new Uint8Array(size),
    who: new Int8Array(size).fill(-1),
    byHand: new Uint8Array(size),
    patienceMin: 15,
  });
  let kept = fresh(new Float64Array(size));
  const obstacles = new Map<string, { count: number; stuck: Stuck }>();
  let looked = 0;
  for (let round = 0; looked < effort; round++) {
    if (round > 0 && round % restartAfter === 0) kept = fresh(Float64Array.from({ length: size }, () => random() * 60));
    const chance = chanceOfMore[Math.floor(round / restartAfter) % chanceOfMore.length]!;
    const tried = round === 0 || random() >= chance ? kept : jostled(kept, ground, random);
    const { result, looked: here } = decode(prepared, tried);
    looked += here + size;
    if (!isStuck(result)) {
      yield { kind: 'found', round, timetable: finished(prepared, result) };
      return { leaning: tried, result };
    }
    const key = `${result.activity}/${result.why}`;
    obstacles.set(key, { count: (obstacles.get(key)?.count ?? 0) + 1, stuck: result });
    // Always the same one, for want of a cook or kit: another order will not help.
    if (obstacles.size === 1 && round >= hopelessAfter && result.why.startsWith('no-')) break;
    kept = louder(problem, tried, result, random);
    yield { kind: 'round', share: 0 };
  }
  const most = [...obstacles.values()].sort((a, b) => b.count - a.count)[0];
  return { leaning: kept, result: most ? most.stuck : { activity: 0, why: 'circular' } };
}

/** An activity and all that come after it: they must be early in line together, or it is only pushed away from them. */
function withFollowers(problem: Problem, from: number): ReadonlySet<number> {
  const found = new Set([from]);
  problem.activities.forEach((activity, index) => {
    if (activity.before.some((link) => found.has(link.activity))) found.add(index);
  });
  return found;
}

/**
 * What found no place asks louder next time: it goes sooner in line, with all that follow it; or what follows it and
 * cannot wait is put earlier by as much as was short; or it is done another way.
 */
function louder(problem: Problem, tried: Leaning, stuck: Stuck, random: () => number): Leaning {
  const lean = tried.lean.slice();
  const early = tried.early.slice();
  const ways = tried.ways.slice();
  const holder = stuck.around?.[Math.floor(random() * stuck.around.length)];
  if (holder !== undefined && random() < 0.35) {
    // It may be what holds it that must be otherwise: done another way, or not first in line.
    const others = problem.activities[holder]!.ways.length;
    if (others > 1 && random() < 0.6) ways[holder] = Math.floor(random() * others);
    else lean[holder] = lean[holder]! - 20 - random() * 60;
  }
  const tooEarly = stuck.why === 'stands-too-long' || stuck.why === 'wait-too-long' || stuck.why === 'too-early';
  const choices = problem.activities[stuck.activity]!.ways.length;
  if (choices > 1 && random() < 0.5) ways[stuck.activity] = Math.floor(random() * choices);
  if (tooEarly && early[stuck.activity]! > 0) {
    // It was itself pulled too early for what comes after.
    early[stuck.activity] = 0;
  } else if (stuck.follower !== undefined && stuck.shortMin !== undefined && stuck.shortMin < 300 && random() < 0.2) {
    early[stuck.follower] = early[stuck.follower]! + stuck.shortMin;
  } else {
    // By chance, not by rote: equal steps would let the same few push each other aside for ever.
    const push = 20 + Math.floor(random() * 80);
    for (const index of withFollowers(problem, stuck.activity)) lean[index] = lean[index]! + push;
  }
  if (random() < 0.4) {
    // What may stand a while before serving makes room for what may not.
    const standing = problem.activities.flatMap((activity, index) => ((activity.mostHoldMin ?? 0) > 0 ? [index] : []));
    const at = standing[Math.floor(random() * standing.length)];
    if (at !== undefined && at !== stuck.activity)
      early[at] = Math.floor(random() * Math.min(60, problem.activities[at]!.mostHoldMin!));
  }
  return { ...tried, lean, early, ways };
}

/** A little otherwise: while nothing holds, a few activities lean elsewhere. */
function jostled(from: Leaning, { prepared, patient, flexible }: Ground, random: () => number): Leaning {
  const lean = from.lean.slice();
  const early = from.early.slice();
  const ways = from.ways.slice();
  const size = lean.length;
  for (let i = Math.floor(random() * 3); i > 0; i--) {
    const at = Math.floor(random() * size);
    const ahead = patient[Math.floor(random() * patient.length)];
    if (ahead !== undefined && random() < 0.2) early[ahead] = early[ahead]! > 0 ? 0 : 180 + Math.floor(random() * 1000);
    else if (random() < 0.25)
      early[at] = random() < 0.5 ? 0 : Math.max(0, early[at]! + Math.round((random() - 0.4) * 30));
    else lean[at] = lean[at]! + (random() - 0.5) * (random() < 0.3 ? 240 : 50);
    const other = flexible[Math.floor(random() * flexible.length)];
    if (other !== undefined && random() < 0.2)
      ways[other] = Math.floor(random() * prepared.problem.activities[other]!.ways.length);
  }
  return {
    lean,
    early,
    ways,
    who: from.who,
    byHand: from.byHand,
    patienceMin: random() < 0.2 ? Math.floor(random() * 90) : from.patienceMin,
  };
}
