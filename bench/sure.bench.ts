import { audit, countChances, planFigures, surePlanning, type Occasion, type Sure } from '@lupin/core';
import { demo, ms } from './demo.ts';
import { generated } from './occasions.ts';

/** How much is looked for, in the seconds in which looking is counted. */
const seconds = Number(process.argv.at(-1)) || 6;
/** Other days than those that the plan was made for. */
const unseen = { days: 2000, seed: 7, spareSeconds: 0 };

console.log(
  `Sure plans, ${seconds} s of work as counted: days of 100 on which everything is within five minutes, on ${unseen.days} days that the plan was not made for`,
);
for (const [name, occasion] of [
  ['sunday-lunch', demo('sunday-lunch')],
  ['lantern-supper', demo('lantern-supper')],
  ...[60, 150].map((tasks) => [`generated ${tasks}`, generated(tasks, 1)] as const),
] as const)
  for (const sure of [0, 80, 90, 95, 99] as const)
    console.log(`  ${name}, ${sure || 'not'} asked: ${lineOf(occasion, sure)}`);

function lineOf(occasion: Occasion, sure: Sure): string {
  const one = { ...occasion, wishes: { ...occasion.wishes, sure } };
  const from = performance.now();
  let firstMs: number | undefined;
  let sureMs: number | undefined;
  const run = surePlanning(one, { seconds });
  for (let next = run.next(); ; next = run.next()) {
    if (next.done) {
      if (next.value.kind === 'none') return `no plan. ${next.value.reason.what}`;
      const { plan } = next.value.best!;
      const { washes, day } = planFigures(one, plan);
      const { allOnTime, byClock } = countChances(one, plan, unseen);
      return `${Math.round(100 * allOnTime)} (by the clock ${Math.round(100 * byClock)}); ${washes} washes, day ${Math.round(day)} min; first plan ${ms(firstMs!)}, ${sureMs === undefined ? 'never sure enough' : `sure ${ms(sureMs)}`}, in all ${ms(performance.now() - from)}; audit ${audit(one, plan).findings.length} findings`;
    }
    if (next.value.kind !== 'found') continue;
    firstMs ??= performance.now() - from;
    if (sure > 0 && (next.value.onTime ?? 0) >= sure / 100) sureMs ??= performance.now() - from;
  }
}
