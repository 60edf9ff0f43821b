import { demo } from '../../test-support/demo.ts';
import { asPlanned, events } from '../../test-support/day.ts';
import { dish, guest, line, noTrace, occasion, recipe, step } from '../../test-support/small.ts';
import { fit } from '../fit/index.ts';
import { type DayEvent, type Happening, type Occasion, type PlannedStep } from '../model/index.ts';
import { planned } from '../../test-support/planned.ts';
import { rules } from '../reference/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { happened } from '../state/index.ts';
import { judgeDay, lostByBeginning } from './judge.ts';
import { mends } from './mend.ts';
import { progressOf } from '../state/index.ts';
import { id } from '../../test-support/id.ts';

/** Two pairs of hands with kit of their own: only the air could bring the flour of one dish to the other, which Ben eats. */
const supper = ((): Occasion => {
  const one = occasion({
    guests: [guest('ana'), guest('ben', noTrace('gluten'))],
    recipes: [
      recipe(
        'loaf',
        [line('flour', 'wheat-flour')],
        [
          step('knead', {
            uses: ['flour'],
            looseFlour: true,
            kit: [{ kind: 'bowl' }],
            durationMin: { least: 10, likely: 10, most: 12 },
          }),
          step('bake', {
            hands: 'off',
            durationMin: { least: 30, likely: 30, most: 35 },
            oven: { temperatureC: 200 },
            coreC: 95,
          }),
        ],
        { hold: { mostMin: 600, how: 'covered' } },
      ),
      recipe(
        'salad',
        [line('leaves', 'apple')],
        [
          step('cut', { uses: ['leaves'], kit: [{ kind: 'board' }], durationMin: { least: 10, likely: 10, most: 12 } }),
          step('dress', { kit: [{ kind: 'bowl' }] }),
        ],
        { hold: { mostMin: 60, how: 'cool' } },
      ),
    ],
    dishes: [
      dish('loaf', 'loaf', { versions: [{ id: 'plain', name: 'as written', swaps: [], guests: ['ana'] }] }),
      dish('salad'),
    ],
    cooks: ['one', 'two'].map((id) => ({ id, name: id, windows: [{ fromMin: -600, toMin: 60 }] })),
  });
  const pins = [
    { task: 'loaf.plain.knead', cook: 'one', endsByMin: -150 },
    { task: 'salad.plain.cut', cook: 'two', notBeforeMin: -60 },
    { task: 'salad.plain.dress', cook: 'two' },
  ];
  return { ...one, wishes: { ...one.wishes, pins: pins as unknown as Occasion['wishes']['pins'] } };
})();
const plan = planned(supper);
const network = tasksOf(supper, fit(supper));
const taskOf = new Map(network.tasks.map((task) => [task.id, task]));
const steps = plan.tasks.filter((task): task is PlannedStep => task.kind === 'step');
const standing = (noted: readonly DayEvent[], nowMin: number) => ({
  ...happened(plan, progressOf(noted), nowMin),
  nowMin,
});

/** Loose flour, and the first work by hand after it that must stay free of it. */
const [flour, kept] = steps.flatMap((dusty): [PlannedStep, PlannedStep][] => {
  const dust = taskOf.get(dusty.id)?.dust ?? [];
  if (dust.length === 0) return [];
  const next = steps.find(
    (task) =>
      task.cook !== undefined &&
      task.startMin >= dusty.endMin + rules.flourSettlesMin &&
      taskOf.get(task.id)!.guards.some((guard) => dust.some((each) => each.mark === guard.mark)),
  );
  return next ? [[dusty, next]] : [];
})[0]!;
/** The day as planned, but for the flour, which is done only shortly before what must be kept from it is due. */
const lateMin = kept.startMin - 4;
/** All that must be kept from it and is due while it hangs in the air: nobody has said that any of it was done. */
const exposed = new Set<string>(
  steps
    .filter(
      (task) =>
        task.cook !== undefined &&
        task.startMin >= flour.endMin &&
        task.startMin <= lateMin + rules.flourSettlesMin + 10 &&
        taskOf
          .get(task.id)!
          .guards.some((guard) => taskOf.get(flour.id)!.dust.some((each) => each.mark === guard.mark)),
    )
    .map((task) => task.id),
);
const noted = (untilMin: number, ...more: readonly (readonly [number, Happening])[]) =>
  events(
    ...[
      ...asPlanned(plan, untilMin)
        .map(([at, what]): readonly [number, Happening] =>
          what.kind === 'tick' && what.entry === flour.id ? [lateMin, what] : [at, what],
        )
        .filter(([, what]) => what.kind !== 'tick' || !exposed.has(what.entry)),
      ...more,
    ].sort((a, b) => a[0] - b[0]),
  );

test('while flour hangs in the air, beginning what must be kept from it would cost plates; nothing is lost on the assumption that somebody has', () => {
  const now = kept.startMin + 3;
  const day = standing(noted(now), now);
  expect(day.assumed.has(kept.id)).toBe(true);
  const dishes = new Set(judgeDay(supper, day).lost.map((plate) => plate.dish as string));
  expect(dishes.has(kept.batch.split('.')[0]!)).toBe(false);
  const costs = lostByBeginning(supper, day, kept.id);
  expect(costs.length).toBeGreaterThan(0);
  expect(costs[0]!.why).toContain('air');
});

test('once it has settled it costs none, and one that is done costs nothing any more', () => {
  const now = lateMin + rules.flourSettlesMin + 1;
  expect(lostByBeginning(supper, standing(noted(now), now), kept.id)).toEqual([]);
  expect(lostByBeginning(supper, standing(noted(now), now), flour.id)).toEqual([]);
  expect(lostByBeginning(supper, standing(noted(now), now), id('nothing'))).toEqual([]);
});

test('who says that it was begun all the same has lost the plates; who began it later has not, however quick the work was', () => {
  const now = lateMin + rules.flourSettlesMin + 10;
  const lostWith = (...more: readonly (readonly [number, Happening])[]) =>
    judgeDay(supper, standing(noted(now, ...more), now)).lost.filter(
      (plate) => plate.dish === kept.batch.split('.')[0],
    );
  expect(lostWith([kept.startMin, { kind: 'begin', entry: kept.id }]).length).toBeGreaterThan(0);
  const settled = lateMin + rules.flourSettlesMin;
  expect(
    lostWith([settled + 1, { kind: 'begin', entry: kept.id }], [settled + 2, { kind: 'tick', entry: kept.id }]),
  ).toEqual([]);
  // Without a word of when it was begun it is taken to have been as long as planned: that is no reason to call it clear.
  if (kept.endMin - kept.startMin > 2)
    expect(lostWith([settled + 2, { kind: 'tick', entry: kept.id }]).length).toBeGreaterThan(0);
});

test('a mend lets what is only taken to be in hand wait for the flour', () => {
  const now = kept.startMin + 3;
  const day = standing(noted(now), now);
  const [mend] = mends(supper, day);
  expect(mend).toBeDefined();
  expect(mend!.lost.map((plate) => plate.dish)).not.toContain(kept.batch.split('.')[0]);
  expect(mend!.plan.tasks.find((task) => task.id === kept.id)!.startMin).toBeGreaterThanOrEqual(
    lateMin + rules.flourSettlesMin,
  );
});

test('what was begun by hand stands at its real time, and has nothing else assumed beside it', () => {
  const other = steps.find(
    (task) => task.cook !== undefined && task.startMin > -300 && task.endMin - task.startMin >= 5,
  )!;
  const before = asPlanned(plan, other.startMin);
  const now = other.startMin + 40;
  const day = standing(events(...before, [other.startMin + 30, { kind: 'begin', entry: other.id }]), now);
  expect(day.running.has(other.id)).toBe(true);
  expect(
    day.assumed.size === 0 ||
      ![...day.assumed.values()].some((task) => task.kind === 'step' && task.cook === other.cook),
  ).toBe(true);
  expect(day.plan.tasks.find((task) => task.id === other.id)!.startMin).toBe(other.startMin + 30);
  const done = standing(
    events(
      ...before,
      [other.startMin + 30, { kind: 'begin', entry: other.id }],
      [other.startMin + 37, { kind: 'tick', entry: other.id }],
    ),
    now,
  );
  expect(done.plan.tasks.find((task) => task.id === other.id)).toMatchObject({
    startMin: other.startMin + 30,
    endMin: other.startMin + 37,
  });
  // Taken back, it has not been begun either.
  expect(
    progressOf(
      events(
        [0, { kind: 'begin', entry: 'a' }],
        [1, { kind: 'tick', entry: 'a' }],
        [2, { kind: 'untick', entry: 'a' }],
      ),
    ).begun.size,
  ).toBe(0);
});

test('a whole plan ticked in one minute keeps the order of kit and hands: no plate is lost by them, and some are where the washes come last', () => {
  const sunday = demo('sunday-lunch');
  const lunch = planned(sunday);
  const nowMin = 60;
  const whole = asPlanned(lunch, 30).map(([, what]): readonly [number, Happening] => [nowMin - 1, what]);
  // Whether flour had settled nobody can say of such a day, and it is not said to have.
  const judged = (list: readonly (readonly [number, Happening])[]) =>
    judgeDay(sunday, { ...happened(lunch, progressOf(events(...list)), nowMin), nowMin }).lost.filter(
      (plate) => !plate.why.includes('in the air'),
    );
  expect(judged(whole)).toEqual([]);
  const washesLast = [
    ...whole.filter(([, what]) => what.kind !== 'clean'),
    ...whole.filter(([, what]) => what.kind === 'clean'),
  ];
  expect(judged(washesLast).length).toBeGreaterThan(0);
});
