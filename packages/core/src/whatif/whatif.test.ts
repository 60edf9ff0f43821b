import * as v from 'valibot';
import { demo } from '../../test-support/demo.ts';
import { Occasion, type Plan } from '../model/index.ts';
import { auditedPlanning, toEnd } from '../planner/index.ts';
import { allChanged, changed, changeWords, type Change } from './changes.ts';
import { comparePlans } from './compare.ts';

const lantern = demo('lantern-supper');
const sunday = demo('sunday-lunch');

function planOf(one: Occasion, from?: Plan): Plan {
  const result = toEnd(auditedPlanning(one, { seconds: 0.2, from }));
  if (result.kind === 'none') throw new Error(`${result.reason.what} ${result.reason.why}`);
  return result.plan;
}

const cases: readonly [Change, RegExp, (one: Occasion) => unknown, unknown][] = [
  [{ kind: 'guest-more' }, /one guest more/, (one) => one.guests.length, 14],
  [{ kind: 'guest-less', guest: 'oriel' }, /without Oriel/, (one) => JSON.stringify(one).includes('"oriel"'), false],
  [
    { kind: 'dish-less', dish: 'gratin' },
    /without Celeriac and apple gratin/,
    (one) => [
      one.dishes.some((dish) => dish.id === 'gratin'),
      one.recipes.some((recipe) => recipe.id === 'celeriac-apple-gratin'),
    ],
    [false, false],
  ],
  [{ kind: 'serve', laterMin: 30 }, /served 30 min later, at 19:00/, (one) => one.serveAt, '19:00'],
  [{ kind: 'helper' }, /a helper from 16:30/, (one) => one.kitchen.cooks.length, 3],
  [
    { kind: 'cook-less', cook: 'tomas' },
    /without Tomas in the kitchen/,
    (one) => one.kitchen.cooks.map((cook) => cook.id),
    ['ines'],
  ],
  [{ kind: 'oven-more' }, /second oven/, (one) => one.kitchen.moreOvens.length, 1],
  [{ kind: 'oven-less', oven: 0 }, /without Oven/, (one) => one.kitchen.oven.racks, 0],
  [{ kind: 'burner-less' }, /one burner less/, (one) => lantern.kitchen.burners - one.kitchen.burners, 1],
  [
    { kind: 'kit-more', like: 'board-1' },
    /one more/,
    (one) =>
      one.kitchen.kit.filter((unit) => unit.kind === 'board').length -
      lantern.kitchen.kit.filter((unit) => unit.kind === 'board').length,
    1,
  ],
  [
    { kind: 'kit-less', unit: lantern.kitchen.kit[0]!.id },
    /without: /,
    (one) => lantern.kitchen.kit.length - one.kitchen.kit.length,
    1,
  ],
];

test.each(cases)('%j', (change, words, look, expected) => {
  const pinned = {
    ...lantern,
    wishes: {
      ...lantern.wishes,
      pins: [
        { task: 'gratin.as-written.bake', cook: 'tomas', rack: 0, unit: lantern.kitchen.kit[0]!.id },
      ] as Occasion['wishes']['pins'],
      absences: [{ cook: 'tomas', fromMin: -200, toMin: -180 }] as Occasion['wishes']['absences'],
    },
  };
  const other = changed(pinned, change);
  expect(changeWords(pinned, change)).toMatch(words);
  expect(v.safeParse(Occasion, other).issues).toBeUndefined();
  expect(look(other)).toEqual(expected);
  // What it was made from is untouched.
  expect(pinned.guests).toHaveLength(13);
});

test('what is not there changes nothing; the last cook stays', () => {
  expect(changed(sunday, { kind: 'guest-less', guest: 'nobody' })).toBe(sunday);
  expect(changed(sunday, { kind: 'kit-more', like: 'nothing' })).toBe(sunday);
  expect(changed(sunday, { kind: 'cook-less', cook: sunday.kitchen.cooks[0]!.id })).toBe(sunday);
});

describe('side by side', () => {
  const plan = planOf(sunday);

  test('a plan beside itself differs in nothing', () => {
    const { changes, same, before, after } = comparePlans({ occasion: sunday, plan }, { occasion: sunday, plan });
    expect(changes).toEqual([]);
    expect(same).toBe(plan.tasks.filter((task) => task.kind === 'step').length);
    expect(before).toEqual(after);
  });

  test('served later, a dish less: what is gone, what is done at another time, and the measures of both', () => {
    const other = allChanged(sunday, [
      { kind: 'serve', laterMin: 30 },
      { kind: 'dish-less', dish: 'crumble' },
    ]);
    const made = planOf(other, plan);
    const { before, after, changes } = comparePlans({ occasion: sunday, plan }, { occasion: other, plan: made });
    expect(changes.filter((each) => !each.after).map((each) => each.dishName)).toEqual(
      expect.arrayContaining(['Apple crumble']),
    );
    expect(changes.every((each) => each.dishName !== 'Apple crumble' || !each.after)).toBe(true);
    const carve = changes.find((each) => each.id === 'chicken.as-written.carve')!;
    expect(carve.after!.endAt - carve.before!.endAt).toBeGreaterThan(10);
    expect([before.lastServingAt, after.lastServingAt]).toEqual([13 * 60 + 45, 13 * 60 + 30]);
    expect(after.short).not.toEqual([]);
    expect([...before.handsMin.values()][0]).toBeGreaterThan([...after.handsMin.values()][0]!);
    const firstHand = Math.min(
      ...made.tasks.flatMap((task) =>
        task.kind === 'step' ? [...(task.cook ? [task.startMin] : []), ...task.looks.map((look) => look.startMin)] : [],
      ),
    );
    expect(after.firstHandAt).toBe(13 * 60 + 30 + firstHand);
  });
});
