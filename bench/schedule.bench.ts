import { audit, planFigures, planning, type Occasion, type Plan } from '@lupin/core';
import { lowerBoundMin, solve } from '../packages/core/src/schedule/index.ts';
import { demo, ms } from './demo.ts';
import { jobShop, published } from '../packages/core/test-support/jobShop.ts';
import { generated } from './occasions.ts';

/** Seconds on the clock for the best that is known; 60 for the figures in the notes, fewer for a smoke run. */
const longSeconds = Number(process.argv.at(-1)) || 15;

/** One number for a plan, in minutes: a wash at what the search itself weighs it, and the day. Fewer washes come first all the same, so a plan found later may cost more by this. */
function cost(occasion: Occasion, plan: Plan): number {
  const { washes, day } = planFigures(occasion, plan);
  return 30 * washes + day;
}

interface Found {
  readonly atMs: number;
  readonly plan: Plan;
}

function search(occasion: Occasion, seconds: number): { found: Found[]; tasks: number; none?: string } {
  const found: Found[] = [];
  const from = performance.now();
  const run = planning(occasion, { seed: 1, seconds: 600 });
  for (let next = run.next(); ; next = run.next()) {
    const atMs = performance.now() - from;
    if (next.done)
      return next.value.kind === 'none'
        ? { found, tasks: 0, none: `${next.value.reason.what} ${next.value.reason.why}` }
        : { found, tasks: found.at(-1)!.plan.tasks.length };
    if (next.value.kind === 'found') found.push({ atMs, plan: next.value.plan });
    if (atMs > seconds * 1000)
      return found.length > 0
        ? { found, tasks: found.at(-1)!.plan.tasks.length }
        : { found, tasks: 0, none: 'nothing yet' };
  }
}

console.log(`Quality: 30 min a wash and the length of the day, as a ratio to the best after ${longSeconds} s`);
for (const [name, occasion] of [
  ['sunday-lunch', demo('sunday-lunch')],
  ['lantern-supper', demo('lantern-supper')],
  ...[20, 60, 150, 500].map((tasks) => [`generated ${tasks}`, generated(tasks, 1)] as const),
] as const) {
  const { found, none } = search(occasion, longSeconds);
  if (none) {
    console.log(`${name}: no plan. ${none}`);
    continue;
  }
  const best = found.reduce((one, each) => (cost(occasion, each.plan) < cost(occasion, one.plan) ? each : one)).plan;
  const after = (seconds: number) => {
    const last = found.filter((each) => each.atMs <= seconds * 1000).at(-1);
    return last ? `×${(cost(occasion, last.plan) / cost(occasion, best)).toFixed(3)}` : 'none yet';
  };
  console.log(
    `${name} (${best.tasks.filter((task) => task.kind === 'step').length} tasks): first plan ${ms(found[0]!.atMs)}; 2 s ${after(2)}, 5 s ${after(5)}, ${longSeconds} s ${after(longSeconds)}; ${planFigures(occasion, best).washes} washes, day ${planFigures(occasion, best).day} min, ×${(planFigures(occasion, best).day / best.lowerBoundMin).toFixed(2)} of the bound; audit ${audit(occasion, best).findings.length} findings`,
  );
}

console.log('Growth of the first plan, best of three seeds');
const points = [20, 60, 150, 500].flatMap((tasks) => {
  const times = [1, 2, 3].flatMap((seed) => {
    const { found } = search(generated(tasks, seed), 8);
    return found[0] ? [found[0].atMs] : [];
  });
  return times.length > 0 ? [{ tasks, best: Math.min(...times) }] : [];
});
for (const { tasks, best } of points) console.log(`  ${tasks} tasks: ${ms(best)}`);
if (points.length > 1)
  console.log(
    `  growth n^${(Math.log(points.at(-1)!.best / points[0]!.best) / Math.log(points.at(-1)!.tasks / points[0]!.tasks)).toFixed(2)}`,
  );

console.log('Published shops, 10 s each');
for (const [name, { jobs, best }] of Object.entries(published)) {
  const shop = jobShop(jobs);
  const reached = [1, 2, 3].map((seed) => {
    const from = performance.now();
    const run = solve(shop, { seed, effort: 1e9 });
    let day = Infinity;
    for (let next = run.next(); !next.done && performance.now() - from < 10_000; next = run.next())
      if (next.value.kind === 'found') day = next.value.timetable.score[0]!;
    return day;
  });
  console.log(
    `  ${name}: optimum ${best}, bound ${lowerBoundMin(shop)}, reached ${reached.map((day) => `${day} (×${(day / best).toFixed(3)})`).join(', ')}`,
  );
}
const seconds = 5;
const from = performance.now();
const worked = planning(demo('lantern-supper'), { seed: 1, seconds });
for (let next = worked.next(); !next.done;) next = worked.next();
console.log(`Lantern Supper, ${seconds} s of work as counted: ${ms(performance.now() - from)} here`);
console.log(`memory ${Math.round(process.memoryUsage().rss / 1e6)} MB`);
