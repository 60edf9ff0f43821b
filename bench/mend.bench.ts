import { events, asPlanned } from '../packages/core/test-support/day.ts';
import {
  dishesOut,
  guestGone,
  guestNeeds,
  happened,
  judgeDay,
  latest,
  leftOut,
  madeAgain,
  makePlan,
  mends,
  ovenDead,
  patienceCodes,
  planningRest,
  progressOf,
  wantOven,
  type Occasion,
  type Plan,
  type Slipped,
} from '@lupin/core';
import { demo, ms } from './demo.ts';
import { generated, random } from './occasions.ts';

/**
 * How a day is mended: three occasions, so many random moments each (cooks up to twenty minutes behind), every kind of slip:
 * `npm run bench -- mend [moments an occasion]`. Where no way is found, one is looked for at length; and on schedule the plan at hand must be found again.
 */
const count = Number(process.argv.at(-1)) || 67;
const roll = random(5);
const pick = <T>(list: readonly T[]): T => list[Math.floor(roll() * list.length)]!;

/** The kinds of slip; undefined where there is none of its kind at that moment. */
const slips: Readonly<Record<string, (from: Slipped) => Slipped | undefined>> = {
  none: (from) => from,
  'made again': (from) => {
    const begun = from.standpoint.plan.batches.filter((batch) =>
      from.standpoint.plan.tasks.some(
        (task) =>
          task.kind === 'step' &&
          task.batch === batch.id &&
          (from.standpoint.done.has(task.id) || from.standpoint.running.has(task.id)),
      ),
    );
    return begun.length === 0 ? undefined : madeAgain(from, pick(begun).id);
  },
  'left out': (from) => leftOut(from, pick(from.standpoint.plan.batches).id),
  'a guest gone': (from) => guestGone(from, pick(from.occasion.guests).id),
  'a need found': (from) =>
    guestNeeds(from, pick(from.occasion.guests).id, {
      id: 'found-today' as never,
      kind: 'hazard',
      hazard: pick(['milk', 'tree-nut', 'gluten', 'egg', 'fish']) as never,
      strictness: 'no-trace',
      exceptions: [],
    } as never),
  'an oven dead': (from) => {
    const dead = ovenDead(from, 0);
    return dishesOut(dead, wantOven(dead));
  },
};

interface Case {
  readonly name: string;
  readonly occasion: Occasion;
  readonly plan: Plan;
}
const cases = [
  { name: 'Sunday lunch', occasion: demo('sunday-lunch') },
  { name: 'Lantern Supper', occasion: demo('lantern-supper') },
  { name: 'generated', occasion: generated(40, 3) },
].map(({ name, occasion }): Case => {
  const made = makePlan(occasion, { seconds: 2 });
  if (made.kind === 'none') throw new Error(made.reason.what);
  return { name, occasion, plan: made.plan };
});

/** Looks at length for any way that the audit lets through, however late and however long food must stand. */
function isThereAWay({ occasion, standpoint }: Slipped): boolean {
  for (const minutes of [0, 60, 180]) {
    const later = {
      ...occasion,
      courses: occasion.courses.map((each) => ({ ...each, offsetMin: each.offsetMin + minutes })),
    };
    const run = planningRest(later, standpoint, {
      seconds: 0,
      repairEffort: 500_000,
      firstEffort: 1_000_000,
      patient: true,
    });
    for (let next = run.next(); ; next = run.next()) {
      if (next.value) {
        const judged = judgeDay(later, { ...standpoint, plan: next.value });
        if (judged.ahead.length === 0 && judged.objections.every((each) => patienceCodes.has(each.code))) return true;
      }
      if (next.done) break;
    }
  }
  return false;
}

const took: number[] = [];
for (const { name, occasion, plan } of cases) {
  const from = Math.max(-480, Math.min(...plan.tasks.map((task) => task.startMin)));
  const rows = new Map(
    Object.keys(slips).map((kind) => [
      kind,
      { tried: 0, same: 0, other: 0, none: 0, missed: 0, patient: 0, late: 0, took: [] as number[] },
    ]),
  );
  let onSchedule = 0;
  for (let i = 0; i < count; i++) {
    const nowMin = Math.round(from + roll() * (-10 - from));
    const behind = i % 3 === 0 ? 0 : Math.round(roll() * 20);
    const standpoint = happened(plan, progressOf(events(...asPlanned(plan, nowMin - behind))), nowMin);
    if (behind === 0) {
      let found = false;
      for (const next of planningRest(occasion, standpoint, { seconds: 0, firstEffort: 1 }))
        found ||= next !== undefined;
      if (!found) console.log(`  ${name}: on schedule at ${nowMin}, and the plan at hand was not found again`);
      else onSchedule++;
    }
    for (const [kind, slip] of Object.entries(slips)) {
      const slipped = slip({ occasion, standpoint });
      if (!slipped) continue;
      const row = rows.get(kind)!;
      row.tried++;
      const at = performance.now();
      const [best] = mends(slipped.occasion, slipped.standpoint);
      row.took.push(performance.now() - at);
      if (!best) {
        row.none++;
        if (isThereAWay(slipped)) row.missed++;
        continue;
      }
      if (best.kind === 'same-order') row.same++;
      else row.other++;
      if (best.cautions.length > 0) row.patient++;
      row.late += latest(best);
    }
  }
  console.log(`${name}, ${count} moments; on schedule the plan at hand found again ${onSchedule} times`);
  for (const [kind, row] of rows) {
    if (row.tried === 0) continue;
    took.push(...row.took);
    row.took.sort((a, b) => a - b);
    console.log(
      `  ${kind}: ${row.tried} tried, old order ${row.same}, new ${row.other}, none ${row.none} (${row.missed} of them missed); patient ${row.patient}; ${(row.late / Math.max(1, row.tried - row.none)).toFixed(1)} min later on average; median ${ms(row.took[row.took.length >> 1]!)}, worst ${ms(row.took.at(-1)!)}`,
    );
  }
}
took.sort((a, b) => a - b);
console.log(
  `${took.length} mends: median ${ms(took[took.length >> 1]!)}, worst ${ms(took.at(-1)!)} (aims 300 ms, 1 s)`,
);
