import { decode, finished } from './decode.ts';
import { before, behind, criticalPairs, shifted, type Ground } from './moves.ts';
import { better } from './problem.ts';
import { energyOf } from './score.ts';
import { inTime, isStuck, type Solved, type Standing, type Step } from './search.ts';

/** For how many rounds a pair may not be swapped back, at least; up to twice as many by chance. */
const tenure = 16;
/** After how many swaps without a new best the walk begins again near the best, and how far away. */
const stagnant = 600;
const kicks = 4;

interface Candidate {
  readonly at: Standing;
  readonly energy: number;
  readonly key: number;
}

/**
 * Tabu search along the critical chain: of all swaps at the ends of its blocks the best is taken, better or worse, and not
 * taken back for a while. @source F. Glover, ORSA Journal on Computing 1989;1:190-206; Nowicki, Smutnicki, Management Science 1996;42:797-813
 */
export function* tabu(ground: Ground, random: () => number, effort: number, start: Standing): Generator<Step, Solved> {
  const { prepared } = ground;
  const { problem } = prepared;
  const size = problem.activities.length;
  let here = inTime(start.leaning, start.table);
  let best = here;
  let looked = 0;
  let since = 0;
  const forbidden = new Map<number, number>();
  const tryOut = (leaning: Standing['leaning']): Standing | undefined => {
    const { result, looked: now } = decode(prepared, leaning);
    looked += now + size;
    return isStuck(result) ? undefined : inTime(leaning, result);
  };
  const aside = (): Standing =>
    tryOut({ ...here.leaning, line: shifted(prepared, here.leaning.line!, random) }) ?? here;
  for (let round = 1; looked < effort; round++) {
    let chosen: Candidate | undefined;
    let lastResort: Candidate | undefined;
    for (const [activity, blocker] of criticalPairs(ground, here.table, random)) {
      const line =
        behind(prepared, here.leaning.line!, blocker, activity) ??
        before(prepared, here.leaning.line!, activity, blocker);
      const tried = line && tryOut({ ...here.leaning, line });
      if (!tried) continue;
      const isTabu =
        (forbidden.get(activity * size + blocker) ?? 0) > round && !better(tried.table.score, best.table.score);
      // Equals are told apart by chance, or the walk would go in circles.
      const energy = energyOf(problem, tried.table.score) + random() * 0.01;
      const candidate = { at: tried, energy, key: blocker * size + activity };
      if (!isTabu && (!chosen || energy < chosen.energy)) chosen = candidate;
      if (isTabu && (!lastResort || energy < lastResort.energy)) lastResort = candidate;
    }
    // With every swap forbidden, either the best of them all the same, or a step aside.
    if (!chosen && random() < 0.5) chosen = lastResort;
    if (chosen) {
      forbidden.set(chosen.key, round + tenure + Math.floor(random() * tenure));
      here = chosen.at;
      since++;
    } else {
      here = aside();
    }
    if (better(here.table.score, best.table.score)) {
      best = here;
      since = 0;
      yield { kind: 'found', round, timetable: finished(prepared, here.table) };
    } else if (since > stagnant) {
      since = 0;
      here = best;
      forbidden.clear();
      for (let i = 0; i < kicks; i++) here = aside();
    }
    yield { kind: 'round', share: Math.min(1, looked / effort) };
  }
  return { timetable: finished(prepared, best.table), along: best.led };
}
