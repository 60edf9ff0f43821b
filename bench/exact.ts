import type { Activity, Problem } from '../packages/core/src/schedule/index.ts';

/** Numbers in [0, 1), the same for the same seed. */
function random(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 4294967296;
  };
}

/** A small kitchen without anything to be kept apart: dishes as chains of steps, two cooks, two boards, one blender, one pan; the day is what is shortened. */
export function smallKitchen(tasks: number, seed: number): Problem {
  const roll = random(seed * 7919 + 13);
  for (let i = 0; i < 5; i++) roll();
  const dishes = Math.max(2, Math.round(tasks / 5));
  const kinds = ['board', 'blender', 'pan'];
  const activities: Activity[] = [];
  for (let dish = 0; dish < dishes; dish++) {
    const steps = Math.floor((tasks * (dish + 1)) / dishes) - Math.floor((tasks * dish) / dishes);
    for (let step = 0; step < steps; step++) {
      const handsOn = step === 0 || step === steps - 1 || roll() < 0.7;
      const uses = handsOn && roll() < 0.6 ? [{ kind: kinds[Math.floor(roll() * kinds.length)]! }] : [];
      activities.push({
        id: `${dish}.${step}`,
        dust: [],
        carries: [],
        guards: [],
        ends: [],
        ways: [
          {
            durationMin: (handsOn ? 3 : 10) + Math.floor(roll() * (handsOn ? 15 : 40)),
            handsOn,
            looks: [],
            uses,
            takes: [],
          },
        ],
        before:
          step === 0
            ? []
            : [
                {
                  activity: activities.length - 1,
                  leastMin: roll() < 0.2 ? 5 : 0,
                  mostMin: roll() < 0.25 ? 30 : Infinity,
                },
              ],
        ...(step === steps - 1 ? { dueMin: 0, mostHoldMin: 45 } : {}),
      });
    }
  }
  const unit = (kind: string) => ({ kind, comesClean: true, washMin: 2, barred: [] });
  return {
    activities,
    units: [unit('board'), unit('board'), unit('blender'), unit('pan')],
    ovens: [],
    pools: [],
    marks: 1,
    unknownMark: 0,
    heatEnds: [],
    settleMin: 0,
    handsMin: 1,
    dayStartsMin: -Infinity,
    goals: ['day'],
    cooks: [0, 1].map(() => ({ windows: [{ fromMin: -1000, toMin: 0 }], washesUp: true })),
  };
}

/**
 * The same problem as a mixed-integer programme in CPLEX LP format: `t_i` the start of an activity after `-horizonMin`, `F` the first hand,
 * which is made as late as can be. Big-M disjunctions for cooks and units; knows only what `smallKitchen` makes.
 */
export function asProgramme(problem: Problem, horizonMin: number): string {
  const { activities, cooks } = problem;
  const lasts = activities.map((each) => each.ways[0]!.durationMin);
  const rows: string[] = [];
  const binaries = new Set<string>();
  const add = (row: string): void => void rows.push(` c${rows.length}: ${row}`);
  const M = horizonMin;
  activities.forEach((activity, i) => {
    for (const link of activity.before) {
      add(`t_${i} - t_${link.activity} >= ${lasts[link.activity]! + link.leastMin}`);
      if (Number.isFinite(link.mostMin)) add(`t_${i} - t_${link.activity} <= ${lasts[link.activity]! + link.mostMin}`);
    }
    add(`t_${i} <= ${horizonMin - lasts[i]!}`);
    if (activity.mostHoldMin !== undefined) add(`t_${i} >= ${horizonMin - lasts[i]! - activity.mostHoldMin}`);
    if (activity.ways[0]!.handsOn) add(`F - t_${i} <= 0`);
  });
  // What follows another anyway needs no choice of order.
  const follows = activities.map(() => new Set<number>());
  activities.forEach((activity, i) => {
    for (const link of activity.before) {
      follows[i]!.add(link.activity);
      for (const earlier of follows[link.activity]!) follows[i]!.add(earlier);
    }
  });
  /** One of two is first, unless they are on different things: `apart` is at least 1 then. */
  const disjunct = (i: number, j: number, apart: readonly string[][]): void => {
    const y = `y_${i}_${j}`;
    binaries.add(y);
    for (const terms of apart.length > 0 ? apart : [[]]) {
      const constant = terms.includes('2') ? 2 * M : 0;
      const names = terms.filter((term) => term !== '2');
      const slack = names.map((name) => `${terms.includes('2') ? '-' : '+'} ${M} ${name}`).join(' ');
      add(`t_${j} - t_${i} - ${M} ${y} ${slack} >= ${lasts[i]! - M - constant}`);
      add(`t_${i} - t_${j} + ${M} ${y} ${slack} >= ${lasts[j]! - constant}`);
    }
  };
  const pairs = (members: readonly number[], choice: ((i: number) => string) | undefined): void => {
    members.forEach((i, at) =>
      members.slice(at + 1).forEach((j) => {
        if (follows[i]!.has(j) || follows[j]!.has(i)) return;
        if (!choice) return disjunct(i, j, []);
        const [a, b] = [choice(i), choice(j)];
        binaries.add(a);
        binaries.add(b);
        // Both on the first: a = b = 0. Both on the second: a = b = 1.
        return disjunct(i, j, [
          [a, b],
          [a, b, '2'],
        ]);
      }),
    );
  };
  const all = activities.map((_, i) => i);
  pairs(
    all.filter((i) => activities[i]!.ways[0]!.handsOn),
    cooks.length > 1 ? (i) => `w_${i}` : undefined,
  );
  for (const kind of new Set(problem.units.map((unit) => unit.kind))) {
    const count = problem.units.filter((unit) => unit.kind === kind).length;
    pairs(
      all.filter((i) => activities[i]!.ways[0]!.uses.some((use) => use.kind === kind)),
      count > 1 ? (i) => `u_${i}` : undefined,
    );
  }
  const generals = all.map((i) => `t_${i}`).join(' ');
  return `Maximize\n obj: F\nSubject To\n${rows.join('\n')}\nBounds\n 0 <= F <= ${horizonMin}\n${all.map((i) => ` 0 <= t_${i} <= ${horizonMin}`).join('\n')}\nGenerals\n ${generals}\nBinaries\n ${[...binaries].join(' ')}\nEnd\n`;
}
