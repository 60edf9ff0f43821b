import * as v from 'valibot';
import { demo } from '../../test-support/demo.ts';
import { audit } from '../audit/index.ts';
import { Occasion } from '../model/index.ts';
import { planning } from '../plan/index.ts';
import { jobShop } from '../../test-support/jobShop.ts';
import { ExemptSets, letsNoMoreIn, noDemand, type Demand } from './demands.ts';
import { prepare } from './prepare.ts';
import type { Activity, Placed, Problem, Wash } from './problem.ts';
import { reachesGuarded } from './prune.ts';

/** Lunch where the cook is away in the middle of the morning and the topping must be rubbed early: floury hands come to the bird next. */
function lunchWithAnHourOut(): Occasion {
  const one = demo('sunday-lunch');
  const cook = one.kitchen.cooks[0]!.id;
  return v.parse(Occasion, {
    ...one,
    wishes: {
      ...one.wishes,
      pins: [{ task: 'crumble.as-written.rub', endsByMin: -200 }],
      absences: [{ cook, fromMin: -180, toMin: -120 }],
    },
  });
}

test('what came into a dish from hands or kit does not fall from it on what stands below in the oven', () => {
  const one = lunchWithAnHourOut();
  for (const seed of [1, 2, 3, 4, 5]) {
    const run = planning(one, { seed, seconds: 0.05, firstSeconds: 8 });
    let next = run.next();
    while (!next.done && next.value.kind !== 'found') next = run.next();
    const plan = !next.done && next.value.kind === 'found' ? next.value.plan : undefined;
    expect([seed, plan && audit(one, plan).findings]).toEqual([seed, []]);
  }
});

describe('what may be in a food', () => {
  const sets = new ExemptSets();
  const asks = (...asked: (readonly number[] | undefined)[]): Demand => {
    const demand = noDemand(asked.length);
    asked.forEach((exempt, mark) => {
      if (exempt) demand[mark] = sets.intern(exempt);
    });
    return demand;
  };
  // Mark 0 comes from dishes 1 and 2, mark 1 from dish 3 and from a past that nobody knows.
  const carriers = [
    [1, 2],
    [3, -1],
  ];
  test.each([
    ['nothing is asked of either', asks(undefined, undefined), asks(undefined, undefined), true],
    ['the one below asks nothing', asks([], undefined), asks(undefined, undefined), true],
    ['the one below asks what the other does not', asks(undefined, []), asks([], undefined), false],
    ['both ask alike', asks([], []), asks([], []), true],
    ['above may hold what is its own, and below must not', asks([1], undefined), asks([], undefined), false],
    ['below may hold what above may', asks([1], undefined), asks([1, 2], undefined), true],
    ['each may hold its own', asks([1], undefined), asks([2], undefined), false],
    ['what nobody carries from there does not count', asks([7], undefined), asks([], undefined), true],
    ['a past that nobody knows counts', asks(undefined, [-1]), asks(undefined, [3]), false],
    ['all that is in it is known', undefined, asks([], []), true],
  ])('%s', (_, above, below, isFree) => {
    expect(letsNoMoreIn({ sets, carriers }, above, below)).toBe(isFree);
  });
});

describe('a timetable played forwards', () => {
  const usual = { dust: [], carries: [], guards: [], ends: [], before: [] };
  const byHand: Activity['ways'] = [{ durationMin: 10, handsOn: true, looks: [], uses: [], takes: [] }];
  const baked = (covered: boolean): Activity['ways'] => [
    {
      durationMin: 60,
      handsOn: false,
      looks: [],
      uses: [],
      takes: [],
      oven: { in: [0], wishC: 190, lowC: 180, highC: 200, racks: 1, covered, alone: false },
    },
  ];
  /** One cook kneads wheat dough and fills a pie after it; the pie bakes beside what must be free from wheat. */
  const kitchen = (covered: boolean, loads: Problem['ovens'][number]['loads'] = []): Problem => ({
    ...jobShop('0 1'),
    marks: 2,
    activities: [
      { ...usual, id: 'knead', ways: byHand, carries: [{ mark: 1, origin: 0 }] },
      { ...usual, id: 'fill', ways: byHand },
      { ...usual, id: 'pie', ways: baked(covered), before: [{ activity: 1, leastMin: 0, mostMin: 600 }] },
      { ...usual, id: 'free', ways: baked(false), guards: [{ mark: 1, exempt: [3] }] },
    ],
    ovens: [{ racks: 2, roomC: 20, heatsCPerMin: 10, coolsCPerMin: 5, shutCoolsCPerMin: 1.5, keptOnMin: 90, loads }],
    cooks: [{ windows: [{ fromMin: -600, toMin: 60 }], washesUp: true }],
  });
  const at = (activity: number, startMin: number, rack?: number): Placed => ({
    activity,
    way: 0,
    startMin,
    endMin: startMin + (rack === undefined ? 10 : 60),
    cook: rack === undefined ? 0 : -1,
    units: [],
    oven: rack === undefined ? -1 : 0,
    racks: rack === undefined ? [] : [rack],
    looks: [],
    rests: [],
  });
  const washed: Wash = { startMin: -186, endMin: -185, cook: 0, units: [], because: [] };
  const day = (pie: Placed, free: Placed) => [at(0, -200), at(1, -180), pie, free];
  test.each([
    ['above, open', false, day(at(2, -120, 0), at(3, -100, 1)), [], true],
    ['below', false, day(at(2, -120, 1), at(3, -100, 0)), [], false],
    ['one after the other', false, day(at(2, -130, 0), at(3, -70, 1)), [], false],
    ['above, covered', true, day(at(2, -120, 0), at(3, -100, 1)), [], false],
    ['above, filled with clean hands', false, day(at(2, -120, 0), at(3, -100, 1)), [washed], false],
  ])('%s', (_, covered, placed, washes, falls) => {
    expect(reachesGuarded(prepare(kitchen(covered)), placed, washes)).toBe(falls);
  });
  test('what stands in the oven from before is kept from it too', () => {
    const load = {
      startMin: -150,
      endMin: -90,
      use: { in: [0], wishC: 190, lowC: 180, highC: 200, racks: 1, covered: false, alone: false },
      racks: [1],
      opens: [],
      drips: [],
      guards: [{ mark: 1, exempt: [] }],
    };
    const one = prepare(kitchen(false, [load]));
    expect(reachesGuarded(one, [at(0, -200), at(1, -180), at(2, -120, 0)], [])).toBe(true);
    expect(reachesGuarded(one, [at(0, -200), at(1, -180), at(2, -80, 0)], [])).toBe(false);
  });
});
