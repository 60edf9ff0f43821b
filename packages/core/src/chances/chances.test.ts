import { demo } from '../../test-support/demo.ts';
import { guest, line, occasion, recipe, step } from '../../test-support/small.ts';
import { audit } from '../audit/index.ts';
import { fit } from '../fit/index.ts';
import type { Occasion, Plan, TaskId } from '../model/index.ts';
import { planned } from '../../test-support/planned.ts';
import { tasksOf } from '../tasks/index.ts';
import { countChances } from './chances.ts';
import { drawDurations, playDay } from './day.ts';
import { netOf } from './net.ts';
import { id } from '../../test-support/id.ts';

function planOf(one: Occasion): Plan {
  const plan = planned(one);
  expect(audit(one, plan).findings).toEqual([]);
  return plan;
}
const netFor = (one: Occasion, plan: Plan) => netOf(one, tasksOf(one, fit(one)), plan);
const minutes = (least: number, likely: number, most: number) => ({ durationMin: { least, likely, most } });

/** A soup that simmers for 20 to 60 minutes on one burner, and a salad chopped by the same hands. */
function soupAndSalad(simmers: readonly [number, number, number]): Occasion {
  return occasion({
    guests: [guest('ana')],
    burners: 1,
    recipes: [
      recipe(
        'soup',
        [line('leek', 'leek')],
        [
          step('cut', { uses: ['leek'], ...minutes(10, 10, 10) }),
          step('simmer', { hands: 'off', burner: true, until: 'soft', ...minutes(...simmers) }),
        ],
      ),
      recipe('salad', [line('cress', 'potato')], [step('chop', { uses: ['cress'], ...minutes(5, 5, 5) })]),
    ],
  });
}

describe('a day that goes as planned', () => {
  test.each(['sunday-lunch', 'lantern-supper', 'allotment-lunch'] as const)(
    '%s: everything happens at its minute, and waits only for what comes before it',
    (name) => {
      const one = demo(name);
      const net = netFor(one, planOf(one));
      net.pieces.forEach((piece, at) => piece.waits.forEach((wait) => expect(wait.piece).toBeLessThan(at)));
      const played = playDay(
        net,
        net.pieces.map((piece) => Float64Array.of(piece.plannedMin)),
        0,
      );
      net.pieces.forEach((piece, at) => {
        expect([piece.id, played.startMin[at]]).toEqual([piece.id, piece.plannedStartMin]);
        expect([piece.id, played.endMin[at]]).toEqual([piece.id, piece.plannedStartMin + piece.plannedMin]);
      });
      expect(net.pieces.reduce((sum, piece) => sum + piece.waits.length, 0)).toBeGreaterThan(net.pieces.length);
    },
  );

  test('what takes exactly as long as its recipe says is on time every day', () => {
    const one = soupAndSalad([30, 30, 30]);
    const chances = countChances(one, planOf(one), { days: 200, spareSeconds: 0 });
    expect(chances.allOnTime).toBe(1);
    expect(chances.breaks).toEqual([]);
    expect(chances.buffers).toEqual([]);
  });
});

describe('a day that does not', () => {
  const one = soupAndSalad([20, 30, 60]);
  const plan = planOf(one);

  test('the simmering that may take an hour is where it breaks, as often as its range says', () => {
    const chances = countChances(one, plan, { days: 4000, spareSeconds: 0 });
    const end = plan.tasks.find((task) => task.id === 'soup.plain.simmer')!.endMin;
    // Late from 5 minutes after serving on: the share of the triangle beyond that.
    const over = 30 + 5 - end;
    const share = (60 - over) ** 2 / ((60 - 20) * (60 - 30));
    expect(chances.byClock).toBeCloseTo(1 - share, 1);
    // What was chopped early leaves more time for it.
    expect(chances.allOnTime).toBeGreaterThan(chances.byClock);
    expect(chances.breaks[0]).toMatchObject({ task: 'soup.plain.simmer', share: 1 });
    expect(chances.dishes.find((each) => each.batch === 'salad.plain')!.onTime).toBe(1);
  });

  test('ten minutes to spare buy something, and a plan with them keeps them', () => {
    const { allOnTime, buffers } = countChances(one, plan, { days: 1000, spareSeconds: 0.02 });
    expect(buffers.length).toBeGreaterThan(0);
    const [best] = buffers;
    expect(best!.allOnTime).toBeGreaterThan(allOnTime);
    const spared = { ...one, wishes: { ...one.wishes, pins: [...best!.pins] } };
    const made = planOf(spared);
    expect(made.tasks.find((task) => task.id === 'soup.plain.simmer')!.endMin).toBeLessThanOrEqual(-10);
    expect(countChances(spared, made, { days: 1000, spareSeconds: 0 }).allOnTime).toBeGreaterThan(allOnTime);
    // Time to spare that a plan does not give is found out.
    expect(audit(spared, { ...made, tasks: plan.tasks }).findings).toMatchObject([
      { code: 'pin', tasks: ['soup.plain.simmer'] },
      { code: 'pin', tasks: ['salad.plain.chop'] },
    ]);
  });

  test('the same plan, days and seed give the same answer; another seed nearly the same', () => {
    const [a, b, c] = [1, 1, 2].map((seed) => countChances(one, plan, { days: 2000, seed, spareSeconds: 0 }));
    expect(a).toEqual(b);
    expect(c!.allOnTime).not.toBe(a!.allOnTime);
    expect(c!.allOnTime).toBeCloseTo(a!.allOnTime, 1);
  });
});

test('what only stands is ready after its least time: a late start eats into it and makes nothing late', () => {
  const one = occasion({
    guests: [guest('ana')],
    recipes: [
      recipe(
        'jelly',
        [line('pear', 'pear')],
        [
          step('stir', { uses: ['pear'], ...minutes(5, 5, 25) }),
          step('chill', { hands: 'off', ...minutes(60, 120, 900) }),
        ],
      ),
    ],
  });
  const chances = countChances(one, planOf(one), { days: 500, spareSeconds: 0 });
  expect(chances.allOnTime).toBe(1);
  expect(chances.dishes[0]!.late.worstMin).toBeLessThanOrEqual(0);
});

test('food that waits for what is late waits too long, and it is said by how much', () => {
  const one = occasion({
    guests: [guest('ana')],
    recipes: [
      recipe(
        'tart',
        [line('pear', 'pear'), line('rice', 'rice')],
        [
          step('whip', { uses: ['pear'], ...minutes(5, 5, 5), after: [] }),
          step('boil', {
            uses: ['rice'],
            hands: 'off',
            burner: true,
            until: 'soft',
            ...minutes(20, 20, 50),
            after: [],
          }),
          step('fold', {
            ...minutes(5, 5, 5),
            after: [
              { step: 'whip', leastMin: 0, mostMin: 5 },
              { step: 'boil', leastMin: 0 },
            ],
          }),
        ],
      ),
    ],
  });
  const { longWaits } = countChances(one, planOf(one), { days: 500, spareSeconds: 0 });
  expect(longWaits).toMatchObject([{ after: 'tart.plain.whip', task: 'tart.plain.fold', mostMin: 5 }]);
  expect(longWaits[0]!.share).toBeGreaterThan(0.2);
});

test('one cook’s times on one day go together; two cooks’ do not', () => {
  const piece = (name: string, cook: number) => ({
    id: id<TaskId>(name),
    kind: 'step' as const,
    plannedStartMin: 0,
    plannedMin: 10,
    earlyMin: 0,
    range: { least: 5, likely: 10, most: 15 },
    cook,
    calls: [],
    waits: [],
  });
  const drawn = drawDurations(
    { pieces: [piece('a', 0), piece('b', 0), piece('c', 1)], limits: [], outcomes: [], cooks: 2 },
    4000,
    3,
  );
  const correlation = (one: string, two: string) => {
    const [x, y] = [drawn.get(id(one))!, drawn.get(id(two))!];
    const mean = (values: Float64Array) => values.reduce((sum, value) => sum + value, 0) / values.length;
    const [mx, my] = [mean(x), mean(y)];
    const co = x.reduce((sum, value, at) => sum + (value - mx) * (y[at]! - my), 0);
    return (
      co /
      Math.sqrt(
        x.reduce((sum, value) => sum + (value - mx) ** 2, 0) * y.reduce((sum, value) => sum + (value - my) ** 2, 0),
      )
    );
  };
  expect(correlation('a', 'b')).toBeCloseTo(0.3, 1);
  expect(Math.abs(correlation('a', 'c'))).toBeLessThan(0.06);
});
