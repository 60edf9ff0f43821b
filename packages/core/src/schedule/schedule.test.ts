import * as fc from 'fast-check';
import { demo } from '../../test-support/demo.ts';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from '../../test-support/small.ts';
import type { Occasion, Plan } from '../model/index.ts';
import { audit } from '../audit/index.ts';
import { makePlan, planning } from '../plan/index.ts';
import { ExemptSets, addGuards, clashes, meet, noDemand } from './demands.ts';
import { fits, heatsOf, type Load } from './chamber.ts';
import { better } from './problem.ts';
import { seeded } from './random.ts';

const planOf = (one: Occasion, rounds = 10): Plan => {
  const result = makePlan(one, { rounds });
  if (result.kind === 'none') throw new Error(`${result.reason.what} ${result.reason.why}`);
  return result.plan;
};

test('same occasion, same seed: same plan, to the minute', () => {
  expect(planOf(demo('sunday-lunch'), 30)).toEqual(planOf(demo('sunday-lunch'), 30));
});

test('plans only get better as they come', () => {
  const washes: number[] = [];
  for (const event of planning(demo('sunday-lunch'), { rounds: 60 })) if (event.kind === 'found') washes.push(event.plan.tasks.filter((task) => task.kind === 'wash').length);
  expect(washes).toEqual([...washes].sort((a, b) => b - a));
});

test('no plan is shorter than the lower bound it states', () => {
  for (const name of ['sunday-lunch', 'lantern-supper'] as const) {
    const one = demo(name);
    const plan = planOf(one, 40);
    const first = Math.min(...plan.tasks.filter((task) => 'cook' in task && task.cook && task.startMin >= -720).map((task) => task.startMin));
    expect(Math.max(...one.courses.map((course) => course.offsetMin)) - first).toBeGreaterThanOrEqual(plan.lowerBoundMin);
  }
});

test('what holds wheat is cut after what must be free from it, when there is one board and nothing hinders: no wash at all', () => {
  const one = occasion({
    guests: [guest('ana'), guest('oriel', noTrace('gluten'))],
    recipes: [recipe('bread', [line('crumbs', 'breadcrumbs')], [step('cut', { uses: ['crumbs'], kit: [{ kind: 'board' }] })]), recipe('plums', [line('plums', 'plum')], [step('stone', { uses: ['plums'], kit: [{ kind: 'board' }] })])],
    dishes: [dish('bread'), dish('plums')],
    kit: [unit('board-1', 'board', 'plastic')],
  });
  const plan = planOf(one, 40);
  expect(plan.tasks.filter((task) => task.kind === 'wash')).toEqual([]);
  expect(plan.tasks.map((task) => task.id)).toEqual(['plums.plain.stone', 'bread.plain.cut']);
});

test('where no plan exists, it says which step finds no place, why, and what to try', () => {
  const one = demo('sunday-lunch');
  one.kitchen.kit = one.kitchen.kit.filter((each) => each.kind !== 'roasting-tin');
  expect(makePlan(one, { rounds: 5 })).toMatchObject({ kind: 'none', reason: { what: expect.stringContaining('“') as string, why: 'It needs a roasting tin; the kitchen has none.' } });
  expect(makePlan({ ...one, dishes: [] })).toMatchObject({ kind: 'none', reason: { what: 'There is nothing to plan yet.' } });
});

describe('every plan passes the audit', () => {
  const foods = ['breadcrumbs', 'plum', 'butter', 'egg', 'walnut', 'duck-leg', 'wheat-flour', 'vegetable-stock-cube', 'salmon', 'potato'];
  const anyStep = fc.record({
    hands: fc.constantFrom('on', 'off'), likely: fc.integer({ min: 2, max: 40 }), kit: fc.subarray(['board', 'knife', 'bowl', 'saucepan'], { maxLength: 3 }),
    oven: fc.constantFrom(undefined, 150, 190, 220), burner: fc.boolean(), looseFlour: fc.boolean(), hold: fc.boolean(),
  });
  const anyRecipe = fc.record({ foods: fc.array(fc.constantFrom(...foods), { minLength: 1, maxLength: 4 }), steps: fc.array(anyStep, { minLength: 1, maxLength: 4 }), cooked: fc.boolean() });
  const anyNeeds = fc.subarray(['gluten', 'milk', 'egg', 'tree-nut', 'celery'], { maxLength: 2 });

  const build = (recipes: readonly { foods: string[]; steps: { hands: string; likely: number; kit: string[]; oven: number | undefined; burner: boolean; looseFlour: boolean; hold: boolean }[]; cooked: boolean }[], needs: readonly string[][]): Occasion => occasion({
    guests: [guest('host'), ...needs.map((list, i) => guest(`guest-${i}`, ...list.map(noTrace)))],
    recipes: recipes.map((each, r) => recipe(`r${r}`, each.foods.map((food, i) => line(`l${i}`, food)), [
      ...each.steps.map((one, i) => step(`s${i}`, {
        uses: i === 0 ? each.foods.map((_, at) => `l${at}`) : [], hands: one.oven ? 'off' : one.hands, durationMin: { least: one.likely, likely: one.likely, most: one.likely + 5 },
        kit: one.kit.map((kind) => ({ kind, ...(one.hold ? { as: 'it' } : {}) })), ...(one.oven ? { oven: { temperatureC: one.oven } } : {}), burner: one.burner && !one.oven, looseFlour: one.looseFlour,
      })),
      step('finish', { hands: 'off', ...(each.cooked ? { coreC: 90 } : {}) }),
    ], { hold: { mostMin: 240, how: 'covered' } })),
    kit: [unit('board-1', 'board', 'plastic'), unit('board-2', 'board', 'wood'), unit('board-3', 'board', 'wood', { keptFreeOf: ['gluten'] }), unit('knife-1', 'knife'), unit('bowl-1', 'bowl'), unit('bowl-2', 'bowl'), unit('saucepan-1', 'saucepan'), unit('saucepan-2', 'saucepan')],
    cooks: [{ id: 'one', name: 'One', windows: [{ fromMin: -700, toMin: 60 }] }, { id: 'two', name: 'Two', windows: [{ fromMin: -200, toMin: 60 }] }],
  });

  test('over kitchens nobody thought of', () => {
    let planned = 0;
    fc.assert(fc.property(fc.array(anyRecipe, { minLength: 1, maxLength: 5 }), fc.array(anyNeeds, { minLength: 1, maxLength: 4 }), (recipes, needs) => {
      const one = build(recipes, needs);
      const result = makePlan(one, { rounds: 3 });
      if (result.kind === 'none') return;
      planned++;
      // A recipe that never cooks its raw food is the cook's to mend, not the plan's.
      expect(audit(one, result.plan).findings.filter((finding) => finding.code !== 'raw-served')).toEqual([]);
    }), { numRuns: 150, seed: 7 });
    expect(planned).toBeGreaterThan(100);
  });
});

describe('demands', () => {
  const sets = new ExemptSets();
  test('meet asks what either asks, with only the exemptions both grant', () => {
    const [one, two] = [noDemand(3), noDemand(3)];
    addGuards(one, [{ mark: 0, exempt: [1, 2] }], sets);
    addGuards(two, [{ mark: 0, exempt: [2, 3] }, { mark: 1, exempt: [] }], sets);
    meet(one, two, sets);
    expect(clashes([{ mark: 0, origin: 2 }], one, sets)).toEqual([]);
    expect(clashes([{ mark: 0, origin: 1 }, { mark: 1, origin: 9 }, { mark: 2, origin: 9 }], one, sets)).toEqual([0, 1]);
  });
});

describe('the oven', () => {
  const chamber = { shelves: 2, mostC: 250, roomC: 20, heatsCPerMin: 10, coolsCPerMin: 5 };
  const load = (start: number, end: number, wishC: number, tolerance = 10, alone = false): Load => ({ start, end, use: { wishC, lowC: wishC - tolerance, highC: wishC + tolerance, shelves: 1, covered: true, alone }, shelves: [0], activity: 0 });
  test('loads share it where a temperature suits them all', () => {
    expect(fits([load(0, 60, 190), load(30, 90, 200)], chamber)).toBe(true);
    expect(fits([load(0, 60, 160), load(30, 90, 200)], chamber)).toBe(false);
    expect(fits([load(0, 60, 230), load(30, 33, 230, 10, true)], chamber)).toBe(false);
  });
  test('between two temperatures it needs its time, more to cool than to heat', () => {
    expect(fits([load(0, 60, 160), load(64, 90, 200)], chamber)).toBe(true);
    expect(fits([load(0, 60, 160), load(63, 90, 200)], chamber)).toBe(false);
    expect(fits([load(0, 60, 200), load(67, 90, 160)], chamber)).toBe(false);
  });
  test('it is turned on in time, from cold', () => {
    expect(heatsOf([load(0, 60, 200)], chamber)).toEqual([{ startMin: -18, readyMin: 0, untilMin: 60, temperatureC: 200 }]);
  });
});

test('scores compare in their order, and the generator repeats itself', () => {
  expect(better([1, 9, 9, 9, 9], [2, 0, 0, 0, 0])).toBe(true);
  expect(better([1, 2, 3, 4, 5], [1, 2, 3, 4, 5])).toBe(false);
  const [one, two] = [seeded(42), seeded(42)];
  expect(Array.from({ length: 5 }, one)).toEqual(Array.from({ length: 5 }, two));
});
