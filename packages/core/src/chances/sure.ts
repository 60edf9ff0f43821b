import type { AuditReport } from '../audit/index.ts';
import { basisOf, settled, sureOf, type Occasion, type Plan } from '../model/index.ts';
import { scoring, workToPlan, type NoPlan, type PlanOptions, type SpareShares } from '../plan/index.ts';
import { auditedPlanning } from '../planner/index.ts';
import type { TaskNetwork } from '../tasks/index.ts';
import { better, type Leaning, type Score } from '../schedule/index.ts';
import { drawDurations, playDay } from './day.ts';
import { netOf } from './net.ts';
import { tallyOf, type DaySummary } from './summary.ts';

export interface SureOptions extends Omit<PlanOptions, 'spare'> {
  /** A plan of this very occasion that is at hand already: only what is better is found. */
  readonly rival?: Plan | undefined;
}

/** A plan that the audit has passed, and on what share of days everything is in time with it; absent: its days are not played yet, or need not be. */
export interface SurePlan {
  readonly plan: Plan;
  readonly report: AuditReport;
  readonly onTime?: number | undefined;
}

export type SureEvent = ({ readonly kind: 'found' } & SurePlan) | { readonly kind: 'progress'; readonly share: number };

/** The best that was found; nothing where the rival is as good. */
export type SureResult =
  { readonly kind: 'plan'; readonly best?: SurePlan | undefined } | { readonly kind: 'none'; readonly reason: NoPlan };

/** In how many goes it is bettered. */
const rounds = 4;
/** How often after each look more is put to spare, with no look for anything better. */
const mostRaises = 4;
/** How many days are played for a plan on the way, and which: others than those by which anybody is told how sure it is. */
const daysPlayed = 500;
const daysSeed = 1009;
/** So much of a look must be over before another of its plans is counted. */
const countedEvery = 0.2;
/** So much more is asked of the days that a plan is made for: on others it does a little worse. */
const margin = 0.01;
/** Where neither is sure enough, sureness that differs by less is the same: so few days do not tell it apart. */
const nearly = 0.01;
/** Seconds in which a plan with more to spare must be found, for each task: where it is not, there is no room for so much. */
const firstSecondsEach = 0.004;
/** The same where nothing is to spare, and there is no other way out. */
const plainSecondsEach = 0.025;
/** A step that so many late days break at is given more to spare; so much of all it may run over, and half of that where there is no room for it. */
const leastBroken = 0.02;
const mostRaised = 0.3;
const leastRaised = 0.1;
/** How much is to spare at first: measured on the demo occasions. What it really takes is found by playing the days. */
const firstShare = (sure: number): number => 0.12 + 0.8 * (sure - 0.8);

type Look =
  | { readonly kind: 'none'; readonly reason: NoPlan }
  | { readonly kind: 'counted'; readonly plan: Plan; readonly days: DaySummary; readonly along: Leaning };

/**
 * Plans an occasion so that it holds: every step has something to spare of what it may take longer, the days are played, and there is more to
 * spare for the steps at which they break, until everything is in time on as many of them as the cook wants. That comes before fewer washes and a shorter day. Yields
 * every better plan, and progress; the first as soon as there is one, before its days are played. Same occasion, seed and seconds: same plan.
 */
export function* surePlanning(
  asGiven: Occasion,
  { seconds = 2, rival, from, ...options }: SureOptions = {},
): Generator<SureEvent, SureResult> {
  const occasion = settled(asGiven);
  const asked = sureOf(occasion.wishes);
  const target = asked === 0 ? 0 : Math.min(asked + margin, (1 + asked) / 2);
  const work = workToPlan(occasion);
  const { network } = work;
  const play = (plan: Plan): DaySummary => daysOf(occasion, plan, network, target > 0 ? daysPlayed : 0);
  const score = scoring(occasion, network);
  // A plan of another state of the occasion is no rival.
  let bar: Rated | undefined =
    rival?.basis === basisOf(occasion) ? { score: score(rival), onTime: play(rival).allOnTime } : undefined;
  let best: SurePlan | undefined;

  /** How long for any plan: what is only to be made surer has one to fall back on, and so has what is padded. */
  const firstSecondsFor = (spare: SpareShares | undefined, isAnew: boolean): number => {
    const tasks = network.tasks.length;
    if (!spare) return Math.max(seconds, options.firstSeconds ?? plainSecondsEach * tasks);
    return isAnew ? firstSecondsEach * tasks : 0;
  };

  /** Looks for a plan with that much to spare: for the first that holds, and with a part of all that may be looked for, for better ones. */
  function* look(
    spare: SpareShares | undefined,
    part: number,
    done: number,
    { plan: beginning, along }: Beginning,
  ): Generator<SureEvent, Look> {
    const run = auditedPlanning(
      occasion,
      {
        ...options,
        seconds: seconds * part,
        spare,
        from: beginning,
        along,
        firstSeconds: firstSecondsFor(spare, part > 0 || !along),
        // Where a plan is at hand, or less to spare is tried next, nobody reads why there is none.
        remedies: !spare && !bar,
      },
      work,
    );
    let last: SurePlan | undefined;
    let reached = 0;
    let days: DaySummary | undefined;
    const consider = (found: SurePlan): SureEvent | undefined => {
      days = play(found.plan);
      const onTime = days.allOnTime;
      const rated = { score: score(found.plan), onTime };
      if (!isSurer(target, rated, bar)) return undefined;
      bar = rated;
      best = { plan: found.plan, report: found.report, ...(target > 0 && { onTime }) };
      return { kind: 'found', ...best };
    };
    for (let next = run.next(); ; next = run.next()) {
      if (next.done) {
        if (next.value.kind === 'none') return next.value;
        const said = consider(next.value);
        if (said) yield said;
        return { kind: 'counted', plan: next.value.plan, days: days!, along: next.value.along };
      }
      if (next.value.kind === 'progress') {
        yield { kind: 'progress', share: Math.min(1, done + part * next.value.share) };
        if (!last || next.value.share - reached < countedEvery) continue;
        reached = next.value.share;
        const said = consider(last);
        last = undefined;
        if (said) yield said;
        continue;
      }
      last = next.value;
      if (bar) continue;
      // Whoever waits sees something at once.
      [bar, best] = [{ score: score(last.plan) }, last];
      yield next.value;
    }
  }

  /** With more to spare where days break, until it is sure enough or there is no room for more. */
  function* roomier(from: Spared, done: number): Generator<SureEvent, Spared> {
    let now = from;
    let by = mostRaised;
    for (let raises = 0; raises < mostRaises && by > leastRaised && now.at.days.allOnTime < target; raises++) {
      const more = raised(now.spare ?? { usual: 0 }, now.at.days, by);
      const found: Look = yield* look(more, 0, done, now.at);
      if (found.kind === 'none') by /= 2;
      else now = { spare: more, at: found };
    }
    return now;
  }

  /** With so much to spare; where there is no room for that, with half of it, and at last with nothing. */
  function* roomFor(usual: number, beginning: Plan | undefined): Generator<SureEvent, Spared | NoPlan> {
    for (const spare of [{ usual }, { usual: usual / 2 }]) {
      const at: Look = yield* look(spare, 0, 0, { plan: beginning });
      if (at.kind === 'counted') return { spare, at };
    }
    const at: Look = yield* look(undefined, 0, 0, { plan: beginning });
    return at.kind === 'counted' ? { spare: undefined, at } : at.reason;
  }

  if (target === 0) {
    const at = yield* look(undefined, 1, 0, { plan: from });
    return at.kind === 'none' && !bar ? at : { kind: 'plan', best };
  }
  // A first plan is soon found and soon made sure; from there it is bettered, and what that cost in sureness put in again.
  const first = yield* roomFor(firstShare(asked), from);
  if (!('at' in first)) return bar ? { kind: 'plan', best } : { kind: 'none', reason: first };
  let here = yield* roomier(first, 0);
  for (let round = 0; round < rounds; round++) {
    // From a plan that was only repaired no walk goes on: where nothing else leads to one, it begins anew.
    const at = yield* look(here.spare, 1 / rounds, round / rounds, { plan: undefined, along: here.at.along });
    if (at.kind === 'counted') here = yield* roomier({ spare: here.spare, at }, (round + 1) / rounds);
  }
  return { kind: 'plan', best };
}

/** What a look begins from: a plan, and how that was put together. */
interface Beginning {
  readonly plan: Plan | undefined;
  readonly along?: Leaning | undefined;
}

interface Spared {
  readonly spare: SpareShares | undefined;
  readonly at: Extract<Look, { kind: 'counted' }>;
}

/** Whether one plan is better: sure enough where the other is not, or surer where neither is; else by what counts for this cook. */
function isSurer(target: number, one: Rated, other: Rated | undefined): boolean {
  if (!other) return true;
  const [here, there] = [one, other].map(({ onTime = -1 }) => onTime) as [number, number];
  if (here >= target !== there >= target) return here >= target;
  if (here < target && Math.abs(here - there) > nearly) return here > there;
  return better(one.score, other.score);
}

/** More to spare for the steps at which late days break. */
function raised({ usual, of }: SpareShares, { breaks }: DaySummary, by: number): SpareShares {
  const more = new Map(of);
  for (const { task, share } of breaks)
    if (share >= leastBroken) more.set(task, Math.min(1, (more.get(task) ?? usual) + by));
  return { usual, of: more };
}

interface Rated {
  readonly score: Score;
  readonly onTime?: number | undefined;
}

/** How the days go with a plan that passed the audit, where whoever is free goes on: the same days for every plan. */
function daysOf(occasion: Occasion, plan: Plan, network: TaskNetwork, days: number): DaySummary {
  const net = netOf(occasion, network, plan);
  const durations = drawDurations(net, days, daysSeed);
  const mine = net.pieces.map((piece) => durations.get(piece.id)!);
  const tally = tallyOf(net);
  for (let day = 0; day < days; day++) tally.add(playDay(net, mine, day, 'when-free'));
  return tally.summary();
}
