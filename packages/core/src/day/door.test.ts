import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { runSheet } from '../cookday/index.ts';
import { fit } from '../fit/index.ts';
import { planned } from '../../test-support/planned.ts';
import { events } from '../../test-support/day.ts';
import { doorShutFor } from './door.ts';
import { happened, kitchenAt } from '../state/index.ts';
import { judgeDay } from './judge.ts';
import { mends } from './mend.ts';
import { progressOf } from '../state/index.ts';

const bake = (id: string, minutes: number, oven: object) =>
  recipe(
    id,
    [line('it', 'carrot')],
    [
      step('bake', {
        title: `Bake ${id}`,
        uses: ['it'],
        hands: 'off',
        durationMin: { least: minutes, likely: minutes, most: minutes + 5 },
        kit: [{ kind: 'baking-tray' }],
        oven: { temperatureC: 180, ...oven },
      }),
    ],
  );
const one = occasion({
  guests: [guest('ana')],
  recipes: [bake('sponge', 50, { shutMin: 40 }), bake('tray', 30, {})],
  dishes: [dish('sponge'), dish('tray')],
  kit: [unit('tray-1', 'baking-tray'), unit('tray-2', 'baking-tray')],
});
const plan = planned(one);
const entries = runSheet(one, plan, fit(one));
const at = (id: string) => plan.tasks.find((task) => task.id === id)!;
const [sponge, tray] = [at('sponge.plain.bake'), at('tray.plain.bake')];
const tick = (id: string) => ({ kind: 'tick' as const, entry: id });
const oven = plan.tasks.filter((task) => task.kind === 'oven').map((task) => [task.startMin, tick(task.id)] as const);

test('planned, the tray goes in before the sponge, with it, or when its minutes are over', () => {
  const moments = [tray.startMin, tray.endMin];
  expect(moments.some((moment) => moment > sponge.startMin && moment < sponge.startMin + 40)).toBe(false);
});

test('while the sponge must not be disturbed, the bench says until when; its own looks are its own affair', () => {
  const now = sponge.startMin + 5;
  const noted = events(...oven, [sponge.startMin, tick(sponge.id)]);
  const kitchen = kitchenAt(one, plan, progressOf(noted), now);
  const entry = (id: string) => entries.find((each) => each.id === id)!;
  expect(doorShutFor(entry(tray.id), plan, kitchen)).toEqual({
    oven: 0,
    untilMin: sponge.startMin + 40,
    task: sponge.id,
  });
  expect(
    doorShutFor(
      entries.find((each) => each.kind === 'look' && each.of === sponge.id)!,
      plan,
      kitchen,
    ),
  ).toBeUndefined();
  expect(doorShutFor(entry(oven[0]![1].entry), plan, kitchen)).toBeUndefined();
  const later = kitchenAt(one, plan, progressOf(noted), sponge.startMin + 40);
  expect(doorShutFor(entry(tray.id), plan, later)).toBeUndefined();
});

test('put in late, it is waited for: whatever way on is offered opens the door on nothing', () => {
  const late = Math.min(sponge.startMin, tray.startMin) + 12;
  const noted = events(...oven, [late, tick(sponge.id)]);
  const now = late + 2;
  const from = { ...happened(plan, progressOf(noted), now), nowMin: now };
  const ways = mends(one, from);
  expect(ways.length).toBeGreaterThan(0);
  for (const way of ways) {
    const said = judgeDay(way.occasion, { ...from, plan: way.plan });
    expect(
      [...said.objections, ...said.said].filter(
        (finding) =>
          finding.code === 'oven-door' && !finding.tasks.every((id) => from.done.has(id) || from.running.has(id)),
      ),
    ).toEqual([]);
  }
});
