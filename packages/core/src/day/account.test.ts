import { demo } from '../../test-support/demo.ts';
import type { DayEvent, Happening } from '../model/index.ts';
import { planned } from '../../test-support/planned.ts';
import { accountOf } from './account.ts';
import { happened } from '../state/index.ts';
import { judgeDay } from './judge.ts';
import { dueMoments, playedMoments } from './played.ts';
import { progressOf } from '../state/index.ts';
import { fit } from '../fit/index.ts';
import { tasksOf } from '../tasks/index.ts';

const sunday = demo('sunday-lunch');
const plan = planned(sunday);
const noted = (list: readonly { readonly atMin: number; readonly what: Happening }[]): readonly DayEvent[] =>
  list.map(({ atMin, what }, at) => ({ seq: at + 1, id: `event-${at}`, device: 'a', atMin, what }));

test('a played day ticks everything once, the same for the same seed, and no plate is lost on it', () => {
  for (const seed of [1, 2, 3]) {
    const moments = playedMoments(sunday, plan, seed);
    expect(moments).toEqual(playedMoments(sunday, plan, seed));
    const progress = progressOf(noted(moments));
    const end = moments.at(-1)!.atMin + 120;
    const day = { ...happened(plan, progress, end), nowMin: Math.floor(end) };
    expect(plan.tasks.filter((task) => !day.done.has(task.id)).map((task) => task.id)).toEqual([]);
    expect(judgeDay(sunday, day).lost).toEqual([]);
  }
});

test('the account says what was late, what took longer, what was skipped and what was not hot enough', () => {
  const moments = [...playedMoments(sunday, plan, 1)];
  const roast = plan.tasks.find((task) => task.kind === 'step' && task.racks.length > 0 && task.looks.length > 1)!;
  const cooked = plan.tasks.find((task) => task.id === 'chicken.as-written.roast')!;
  const last = moments.at(-1)!.atMin;
  const events = noted([
    ...moments,
    { atMin: last, what: { kind: 'measure', entry: cooked.id, measured: 'core', celsius: 61 } },
    { atMin: last, what: { kind: 'skip', wash: 'wash-1', items: ['hands'], reason: 'the door bell' } },
  ]);
  const account = accountOf(sunday, plan, progressOf(events), last + 120);
  expect(account.dishes).toHaveLength(4);
  for (const dish of account.dishes) expect(dish.readyMin).toBeDefined();
  expect(account.skipped).toMatchObject([{ wash: 'wash-1', items: ['hands'], reason: 'the door bell' }]);
  expect(account.low).toMatchObject([{ entry: cooked.id, celsius: 61, limitC: 74 }]);
  const took = account.steps.find((step) => step.id === roast.id)!;
  expect(took.plannedMin).toBe(roast.endMin - roast.startMin);
  const [from, to] = [
    moments.find((moment) => moment.what.kind === 'tick' && moment.what.entry === roast.id)!,
    moments.findLast((moment) => moment.what.kind === 'tick' && moment.what.entry.startsWith(`${roast.id}@`))!,
  ];
  expect(Math.abs(took.tookMin - (to.atMin - from.atMin))).toBeLessThanOrEqual(1);
});

test('what was only just in time is named, and what a late dish waited for', () => {
  const roast = plan.tasks.find((task) => task.id === 'chicken.as-written.roast')!;
  const events = (late: number) =>
    noted(
      playedMoments(sunday, plan, 1).map((moment) =>
        moment.atMin > roast.startMin + 5 && moment.task.startsWith('chicken.')
          ? { ...moment, atMin: moment.atMin + late }
          : moment,
      ),
    );
  const late = accountOf(sunday, plan, progressOf(events(45)), 200);
  expect(late.dishes.find((dish) => dish.batch.startsWith('chicken'))!.readyMin!).toBeGreaterThan(0);
  expect(late.change).toContainEqual(expect.objectContaining({ id: roast.id }));
  expect(late.change.every((step) => step.moreMin >= 5)).toBe(true);
  // Where no dish is late, nothing needs changing, however long things took.
  const account = accountOf(sunday, plan, progressOf(events(0)), 200);
  for (const dish of account.close) expect(dish.atMin - dish.readyMin!).toBeLessThan(5);
  if (account.dishes.every((dish) => dish.readyMin! <= dish.atMin)) expect(account.change).toEqual([]);
});

test('of a day that stands in the middle nothing is said that has not been', () => {
  const account = accountOf(sunday, plan, progressOf([]), -300);
  expect(account.dishes.every((dish) => dish.readyMin === undefined)).toBe(true);
  expect(account).toMatchObject({ steps: [], skipped: [], low: [] });
});

describe('a day that plays by itself', () => {
  const network = tasksOf(sunday, fit(sunday));
  const moments = playedMoments(sunday, plan, 1);
  /** Plays minute by minute; what is due is noted at once. */
  const playThrough = (untilMin: number, holds: (task: string, nowMin: number) => boolean) => {
    const list: { atMin: number; what: Happening }[] = [];
    for (let now = moments[0]!.atMin; now <= untilMin; now++) {
      for (
        let due = dueMoments(network, plan, moments, progressOf(noted(list)), now, (moment) => holds(moment.task, now));
        due.length > 0;
        due = dueMoments(network, plan, moments, progressOf(noted(list)), now, (moment) => holds(moment.task, now))
      )
        list.push(...due.map(({ what }) => ({ atMin: now, what })));
    }
    return progressOf(noted(list));
  };

  test('notes everything at about its moment where nothing holds it', () => {
    const progress = playThrough(90, () => false);
    for (const { what, atMin } of moments)
      if (what.kind === 'tick') expect(progress.ticked.get(what.entry)!.atMin - atMin).toBeLessThanOrEqual(2);
  });

  test('what a device holds is noted later, and what waits for it is later by as much; the rest is not', () => {
    const roast = plan.tasks.find((task) => task.id === 'chicken.as-written.roast')!;
    const carve = plan.tasks.find(
      (task) =>
        task.kind === 'step' &&
        task.batch.startsWith('chicken') &&
        task.startMin >= roast.endMin &&
        task.cook !== undefined,
    )!;
    const at = moments.find((moment) => moment.task === roast.id)!.atMin;
    const progress = playThrough(120, (task, now) => task === roast.id && now < at + 20);
    expect(progress.ticked.get(roast.id)!.atMin).toBeGreaterThanOrEqual(at + 20);
    const due = moments.find((moment) => moment.task === carve.id)!.atMin;
    expect(progress.ticked.get(carve.id)!.atMin).toBeGreaterThanOrEqual(due + 18);
    const before = moments.filter((moment) => moment.what.kind === 'tick' && moment.atMin < at - 5);
    for (const { what, atMin } of before)
      if (what.kind === 'tick') expect(progress.ticked.get(what.entry)!.atMin - atMin).toBeLessThanOrEqual(2);
  });

  test('what was to be before it began to play is noted at once and delays nothing', () => {
    const from = moments[Math.floor(moments.length / 2)]!.atMin;
    const due = dueMoments(network, plan, moments, progressOf([]), from, () => false, from);
    expect(due.filter((moment) => moment.atMin < from)).toEqual(
      moments.filter((moment) => moment.atMin < from).map((moment) => ({ ...moment, dueMin: moment.atMin })),
    );
    const after = progressOf(noted(due.map(({ what }) => ({ atMin: from, what }))));
    const next = moments.find((moment) => moment.atMin > from)!;
    expect(dueMoments(network, plan, moments, after, next.atMin, () => false, from)).toContainEqual({
      ...next,
      dueMin: next.atMin,
    });
  });

  test('what is held for ever is never noted, nor what waits for it', () => {
    const progress = playThrough(60, (task) => task === 'chicken.as-written.roast');
    expect([...progress.ticked.keys()].filter((entry) => entry.startsWith('chicken.as-written.roast'))).toEqual([]);
  });
});
