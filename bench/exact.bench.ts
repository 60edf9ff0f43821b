import highsLoader from 'highs';
import { effortPerSecond, isStuck, solve } from '../packages/core/src/schedule/index.ts';
import { ms } from './demo.ts';
import { asProgramme, smallKitchen } from './exact.ts';

/** Small kitchens against the optimum that a mixed-integer solver proves: `npm run bench -- exact [how many]`. */
const count = Number(process.argv.at(-1)) || 20;
const secondsEach = 60;
/** As long as the web app looks for a plan, in seconds of an ordinary machine. */
const ownSeconds = 6;

function shortest(
  problem: Parameters<typeof solve>[0],
  effort: number,
): { readonly dayMin: number; readonly tookMs: number } {
  const from = performance.now();
  const run = solve(problem, { seed: 1, effort });
  for (let next = run.next(); ; next = run.next())
    if (next.done)
      return {
        dayMin: isStuck(next.value) ? Infinity : next.value.timetable.score[0]!,
        tookMs: performance.now() - from,
      };
}

for (const tasks of [8, 20]) {
  let [proven, matched] = [0, 0];
  let [worst, exactMs, ownMs] = [1, 0, 0];
  const missed: string[] = [];
  for (let seed = 1; seed <= count; seed++) {
    const problem = smallKitchen(tasks, seed);
    const own = shortest(problem, ownSeconds * effortPerSecond);
    ownMs += own.tookMs;
    if (!Number.isFinite(own.dayMin)) {
      missed.push(`${seed}: none found`);
      continue;
    }
    // A solver of its own each time: one that ran into its limit is not to be trusted again.
    const highs = await highsLoader();
    const from = performance.now();
    // Whatever is shorter than ours lies within our day.
    const solution = highs.solve(asProgramme(problem, own.dayMin), { time_limit: secondsEach, mip_rel_gap: 0 });
    exactMs += performance.now() - from;
    if (solution.Status !== 'Optimal') continue;
    proven++;
    const best = own.dayMin - Math.round(solution.ObjectiveValue);
    if (best === own.dayMin) matched++;
    else missed.push(`${seed}: ${own.dayMin} for ${best}`);
    worst = Math.max(worst, own.dayMin / best);
  }
  console.log(
    `${tasks} tasks, ${count} kitchens: ${proven} proven, ${matched} of them matched (${Math.round((100 * matched) / Math.max(1, proven))} %), worst ×${worst.toFixed(3)}; ours ${ms(ownMs / count)}, the exact solver ${ms(exactMs / count)} each${missed.length > 0 ? `; missed ${missed.join(', ')}` : ''}`,
  );
}
