import { events } from '../../test-support/day.ts';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { netOf } from '../chances/index.ts';
import { fit } from '../fit/index.ts';
import type { Happening, Occasion, TaskId } from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { happened, progressOf } from '../state/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { mayBeginEarly } from './early.ts';

const minutes = (likely: number) => ({ durationMin: { least: likely, likely, most: likely } });
const cake = occasion({
  guests: [guest('ana')],
  recipes: [
    recipe(
      'cake',
      [line('pear', 'pear'), line('icing', 'icing-sugar')],
      [
        step('cook', { uses: ['pear'], after: [], kit: [{ kind: 'bowl', as: 'tin' }], ...minutes(20) }),
        step('ice', {
          uses: ['icing'],
          after: [{ step: 'cook', leastMin: 30 }],
          kit: [{ kind: 'bowl', as: 'tin' }],
          ...minutes(10),
        }),
      ],
      { hold: { mostMin: 120, how: 'cool' } },
    ),
  ],
});
/** Whether a task may be begun so many minutes before its time, after what was ticked when, in minutes after it was planned to end. */
function earlyIn(one: Occasion, task: string, byMin: number, ticks: Readonly<Record<string, number>>): boolean {
  const made = makePlan(one, { seconds: 0 });
  if (made.kind === 'none') throw new Error(made.reason.what);
  const { plan } = made;
  const at = (id: string) => plan.tasks.find((each) => each.id === id)!;
  const noted = Object.entries(ticks).map(([id, late]): readonly [number, Happening] => [
    at(id).endMin + late,
    { kind: 'tick', entry: id },
  ]);
  const standpoint = happened(plan, progressOf(events(...noted)), at(task).startMin - byMin);
  return mayBeginEarly(netOf(one, tasksOf(one, fit(one)), plan), standpoint, task as TaskId);
}

test('what comes after a wait may begin early by as much as that began early', () => {
  expect(earlyIn(cake, 'cake.plain.ice', 5, { 'cake.plain.cook': -5 })).toBe(true);
  expect(earlyIn(cake, 'cake.plain.ice', 6, { 'cake.plain.cook': -5 })).toBe(false);
});

test('where that was late the wait is counted from when it really ended, not from when it should have', () => {
  expect(earlyIn(cake, 'cake.plain.ice', 5, { 'cake.plain.cook': 4 })).toBe(false);
  expect(earlyIn(cake, 'cake.plain.ice', 1, { 'cake.plain.cook': 0 })).toBe(false);
});

test('what is not over is not over, though its time is', () => {
  expect(earlyIn(cake, 'cake.plain.ice', 1, {})).toBe(false);
});

test('never by more than ten minutes', () => {
  expect(earlyIn(cake, 'cake.plain.ice', 10, { 'cake.plain.cook': -20 })).toBe(true);
  expect(earlyIn(cake, 'cake.plain.ice', 11, { 'cake.plain.cook': -20 })).toBe(false);
});

test('flour that was thrown up late has not settled by the clock', () => {
  const bakery = occasion({
    guests: [guest('ana'), guest('wren', noTrace('gluten'))],
    cooks: ['one', 'two'].map((id) => ({ id, name: id, windows: [{ fromMin: -600, toMin: 60 }] })),
    recipes: [
      recipe(
        'bread',
        [line('flour', 'wheat-flour')],
        [
          step('dust', { uses: ['flour'], after: [], looseFlour: true, kit: [{ kind: 'board' }], ...minutes(10) }),
          step('bake', {
            hands: 'off',
            oven: { temperatureC: 200 },
            kit: [{ kind: 'baking-tray' }],
            coreC: 95,
            ...minutes(30),
          }),
        ],
        { hold: { mostMin: 240, how: 'cool' } },
      ),
      recipe(
        'salad',
        [line('pear', 'pear')],
        [step('toss', { uses: ['pear'], kit: [{ kind: 'bowl' }], ...minutes(10) })],
        {
          hold: { mostMin: 60, how: 'cool' },
        },
      ),
    ],
    dishes: [dish('bread', 'bread', { notFor: ['wren'] }), dish('salad')],
    kit: [unit('board', 'board', 'plastic'), unit('tray', 'baking-tray'), unit('bowl', 'bowl')],
  });
  const pinned = {
    ...bakery,
    wishes: { ...bakery.wishes, pins: [{ task: 'bread.plain.dust', startsAtMin: -60 }] as never },
  };
  // Tossed from ten minutes before serving; the flour is down twenty minutes before that, or as much later as it flew up later.
  expect(earlyIn(pinned, 'salad.plain.toss', 8, { 'bread.plain.dust': 0 })).toBe(true);
  expect(earlyIn(pinned, 'salad.plain.toss', 8, { 'bread.plain.dust': 7 })).toBe(false);
});
