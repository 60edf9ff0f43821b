import { hits } from './demands.ts';
import { finished, insert, latestEnd, settled, type Leaning } from './decode.ts';
import { keep, type Known } from './keep.ts';
import type { Ground } from './moves.ts';
import type { Prepared } from './prepare.ts';
import type { Placed, Timetable } from './problem.ts';
import type { State } from './state.ts';
import type { Step } from './search.ts';

export interface Repaired {
  readonly leaning: Leaning;
  readonly result: Timetable;
}

/** Around what finds no place so many minutes are taken apart, at least and at most. */
const reachMin = { least: 15, most: 150 } as const;

/** As much of a timetable as could be put together, and what is left over. */
interface Partial {
  readonly leaning: Leaning;
  readonly known: Known;
  readonly open: readonly number[];
  readonly state: State;
}

/**
 * Goes on from a known timetable: all of it that holds stays, what is new or holds no more is put in between; where that finds no room,
 * stretches of the day around it are taken apart and put together anew, as long as no more is left over than before. Undefined where
 * that comes to no end.
 * @source ruin and recreate: Schrimpf, Schneider, Stamm-Wilbrandt, Dueck, Journal of Computational Physics 2000;159:139-171
 */
export function* repair(
  { prepared }: Ground,
  random: () => number,
  effort: number,
  leaning: Leaning,
  known: Known,
): Generator<Step, Repaired | undefined> {
  let looked = 0;
  const build = (from: Leaning, timetable: Known, loose: ReadonlySet<number>, noiseMin: number): Partial => {
    const { state, open } = keep(prepared, from, timetable, loose);
    const left = insert(state, from, open, random, noiseMin);
    looked += state.looked + prepared.problem.activities.length;
    return { leaning: from, state, open: left, known: { placed: state.order, washes: state.washes } };
  };
  let here = build(leaning, known, new Set(), 0);
  let best = here;
  for (let round = 0; ; round++) {
    const result = here.open.length === 0 ? settled(prepared, here.state) : undefined;
    if (result) {
      yield { kind: 'found', round, timetable: finished(prepared, result) };
      return { leaning: here.leaning, result };
    }
    if (looked >= effort) return undefined;
    yield { kind: 'round', share: 0 };
    const loose = takenApart(prepared, here, random);
    const tried = build(jostled(prepared, here.leaning, loose, random), here.known, loose, 40);
    // Sometimes a little more is left over, to get away from where nothing more can be won.
    const more = random() < 0.1 ? 1 : 0;
    if (tried.open.length <= here.open.length + more) here = tried;
    if (here.open.length <= best.open.length) best = here;
    else if (here.open.length > best.open.length + 2) here = best;
  }
}

/** What is let go with something that is left over: most of what is near it in time and wants the same, and what hangs on that. */
function takenApart(
  prepared: Prepared,
  { leaning, known, open, state }: Partial,
  random: () => number,
): ReadonlySet<number> {
  const { activities } = prepared.problem;
  const loose = new Set(open);
  const target = open[Math.floor(random() * open.length)] ?? Math.floor(random() * activities.length);
  const { durationMin } = activities[target]!.ways[leaning.ways[target]!]!;
  const latest = state.waiting[target] === 0 ? latestEnd(state, leaning, target) : 0;
  const reach = reachMin.least + random() ** 2 * (reachMin.most - reachMin.least);
  const toMin = latest + reach / 3 - (random() < 0.5 ? 0 : random() * reach);
  const fromMin = toMin - durationMin - reach;
  for (const placed of known.placed) {
    if (placed.startMin >= toMin || placed.endMin <= fromMin) continue;
    if (random() < (wantsSame(prepared, target, placed) ? 0.7 : 0.15)) loose.add(placed.activity);
  }
  // What comes before something that may move must be able to move with it, or it cannot.
  for (const placed of [...known.placed].sort((a, b) => b.startMin - a.startMin)) {
    const next = prepared.followers[placed.activity]!.find(({ activity }) => loose.has(activity));
    if (next && placed.endMin > fromMin && random() < (next.mostMin < 180 ? 0.9 : 0.5)) loose.add(placed.activity);
  }
  return loose;
}

/** Now and then something that is let go is done another way, or earlier than it could be. */
function jostled(prepared: Prepared, leaning: Leaning, loose: ReadonlySet<number>, random: () => number): Leaning {
  const ways = leaning.ways.slice();
  const early = new Float64Array(leaning.early.length);
  for (const index of loose) {
    if (random() < 0.15) early[index] = Math.floor(random() ** 2 * 180);
    const count = prepared.problem.activities[index]!.ways.length;
    if (count > 1 && random() < 0.3) ways[index] = random() < 0.5 ? 0 : Math.floor(random() * count);
  }
  return { ...leaning, ways, early, patienceMin: Math.floor(random() * 40) };
}

/** Whether an activity wants something that another, placed, has: a cook, a kind of kit, an oven, a place. */
function wantsSame(prepared: Prepared, index: number, placed: Placed): boolean {
  const { activities } = prepared.problem;
  return activities[index]!.ways.some((way) => {
    const other = activities[placed.activity]!.ways[placed.way]!;
    const hands = way.handsOn || way.looks.length > 0;
    return (
      (hands && placed.cook >= 0 && prepared.able[index]!.includes(placed.cook)) ||
      way.uses.some((use) => other.uses.some((each) => each.kind === use.kind)) ||
      (way.oven !== undefined && other.oven !== undefined) ||
      way.takes.some((places, pool) => places > 0 && (other.takes[pool] ?? 0) > 0) ||
      hits(prepared.facts[index]!.dust, prepared.facts[placed.activity]!.guards) ||
      hits(prepared.facts[placed.activity]!.dust, prepared.facts[index]!.guards)
    );
  });
}
