import { decode, finished } from './decode.ts';
import { neighbour, type Ground } from './moves.ts';
import { better } from './problem.ts';
import { energyOf } from './score.ts';
import { asBuilt, isStuck, type Solved, type Standing, type Step } from './search.ts';

/** Energies, in minutes of the day, by which a neighbour may be worse: at the start and in the end. */
const hottest = 20;
const coldest = 1;
/** How much is done until it has cooled for the first time, and how much longer each time it is warmed again takes: so that it is good whenever it is stopped. */
const large = { firstCycle: 800_000, cycleGrowth: 2, wanderShare: 1 / 12 } as const;
/** Where there is little to put in order a walk soon finds all that lies near: every second one then begins anew, and strays further. Found by trial on kitchens of 20 tasks. */
const small = { firstCycle: 400_000, cycleGrowth: 1, wanderShare: 0.3 } as const;
const smallUpTo = 40;

/**
 * Walks from neighbour to neighbour by simulated annealing: at first a worse one is taken now and then, in the end only a
 * better one. @source Kirkpatrick, Gelatt, Vecchi, Science 1983;220:671-680
 */
export function* anneal(
  ground: Ground,
  random: () => number,
  effort: number,
  start: Standing,
): Generator<Step, Solved> {
  const { prepared } = ground;
  const { problem } = prepared;
  const isSmall = problem.activities.length <= smallUpTo;
  // After `wanderShare` of a cycle's work without a new best, the walk goes on from the best.
  const { firstCycle, cycleGrowth, wanderShare } = isSmall ? small : large;
  let cycles = 0;
  let best = asBuilt(start.leaning, start.table);
  let here = best;
  let energy = energyOf(problem, start.table.score);
  let bestEnergy = energy;
  let looked = 0;
  let sinceBest = 0;
  let cycle = Math.min(effort, firstCycle);
  let cycleFrom = 0;
  for (let round = 1; looked < effort; round++) {
    if (looked - cycleFrom >= cycle) {
      cycleFrom = looked;
      cycle = Math.min(effort - looked, cycle * cycleGrowth);
      const anew = isSmall && ++cycles % 2 === 1;
      [here, energy, sinceBest] = anew
        ? [asBuilt(start.leaning, start.table), energyOf(problem, start.table.score), 0]
        : [best, bestEnergy, 0];
    }
    const temperature = hottest * (coldest / hottest) ** ((looked - cycleFrom) / cycle);
    const tried = neighbour(ground, here.leaning, here.table, random);
    const { result, looked: now } = decode(prepared, tried, here.table);
    looked += now + problem.activities.length;
    sinceBest += now;
    if (!isStuck(result)) {
      const energyNow = energyOf(problem, result.score);
      if (energyNow <= energy || random() < Math.exp((energy - energyNow) / temperature))
        [here, energy] = [asBuilt(tried, result), energyNow];
      if (better(result.score, best.table.score)) {
        [best, bestEnergy, sinceBest] = [asBuilt(tried, result), energyNow, 0];
        yield { kind: 'found', round, timetable: finished(prepared, result) };
      }
    }
    if (sinceBest > cycle * wanderShare && energy > bestEnergy) [here, energy, sinceBest] = [best, bestEnergy, 0];
    yield { kind: 'round', share: Math.min(1, looked / effort) };
  }
  return { timetable: finished(prepared, best.table), along: best.led };
}
