import { events, asPlanned } from '../packages/core/test-support/day.ts';
import { happened, latest, makePlan, mends, progressOf } from '@lupin/core';
import { demo, ms } from './demo.ts';
import { random } from './occasions.ts';

/** How long it takes to mend the Lantern Supper at random moments, with the cooks up to twenty minutes behind: `npm run bench -- mend [how many]`. */
const count = Number(process.argv.at(-1)) || 50;
const occasion = demo('lantern-supper');
const made = makePlan(occasion, { seconds: 2 });
if (made.kind === 'none') throw new Error(made.reason.what);
const { plan } = made;
const from = Math.max(-480, Math.min(...plan.tasks.map((task) => task.startMin)));
const roll = random(5);
const took: number[] = [];
let [same, other, none, patient, lateSum] = [0, 0, 0, 0, 0];
for (let i = 0; i < count; i++) {
  const nowMin = Math.round(from + roll() * (-10 - from));
  const behind = Math.round(roll() * 20);
  const day = { ...happened(plan, progressOf(events(...asPlanned(plan, nowMin - behind))), nowMin), nowMin };
  const at = performance.now();
  const found = mends(occasion, day);
  took.push(performance.now() - at);
  const [best] = found;
  if (!best) {
    none++;
    continue;
  }
  if (best.kind === 'same-order') same++;
  else other++;
  if (best.cautions.length > 0) patient++;
  lateSum += latest(best);
}
console.log(
  `Lantern Supper, ${count} moments, up to 20 min behind: median ${ms(took.sort((a, b) => a - b)[took.length >> 1]!)}, worst ${ms(took.at(-1)!)} (aims 500 ms, 1 s)`,
);
console.log(
  `  best mend: the old order ${same}, a new one ${other}, none ${none}; with food that stands longer than it likes ${patient}; dinner ${(lateSum / count).toFixed(1)} min later on average`,
);
