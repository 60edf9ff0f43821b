import { audit } from '../audit/index.ts';
import { fit } from '../fit/index.ts';
import { basisOf, Sure, type Occasion, type Plan, type TaskId } from '../model/index.ts';
import { makePlan, planFigures } from '../plan/index.ts';
import { spareOf } from '../plan/spare.ts';
import { toEnd } from '../planner/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { demo } from '../../test-support/demo.ts';
import { guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { countChances } from './chances.ts';
import { sureCosts, wishedSure } from './costs.ts';
import { playDay } from './day.ts';
import { netOf } from './net.ts';
import { surePlanning, type SurePlan } from './sure.ts';

type Loose = Record<string, unknown>;

const minutes = (least: number, likely: number, most: number) => ({ durationMin: { least, likely, most } });
const kit = [
  unit('pan-1', 'saucepan'),
  unit('pan-2', 'saucepan'),
  unit('board-1', 'board', 'plastic'),
  unit('knife-1', 'knife'),
];
/** Three pots of soup by one cook, each cut and simmered for twenty minutes or up to forty, and hot for half an hour at most. */
const soups = (extra: Loose = {}): Occasion =>
  occasion({
    guests: [guest('ana')],
    kit: [...kit, unit('pan-3', 'saucepan')],
    burners: 1,
    recipes: ['leek', 'carrot', 'potato'].map((food) =>
      recipe(
        `${food}-soup`,
        [line(food, food)],
        [
          step('cut', { uses: [food], kit: [{ kind: 'board' }, { kind: 'knife' }], ...minutes(5, 8, 16) }),
          step('simmer', {
            hands: 'off',
            burner: true,
            until: 'soft',
            kit: [{ kind: 'saucepan', as: 'pot' }],
            ...minutes(15, 20, 40),
            ...extra,
          }),
        ],
        { hold: { mostMin: 90, how: 'covered' } },
      ),
    ),
  });
const bestOf = (one: Occasion, options = {}): SurePlan => {
  const result = toEnd(surePlanning(one, { seconds: 0.1, ...options }));
  if (result.kind === 'none') throw new Error(result.reason.what);
  return result.best!;
};
const days = (one: Occasion, plan: Plan) => countChances(one, plan, { days: 1000, seed: 5, spareSeconds: 0 });

test('a plan holds on as many days as are asked for, on days it was not made for', () => {
  const one = soups();
  const careless = bestOf(wishedSure(one, 0));
  expect(days(one, careless.plan).allOnTime).toBeLessThan(0.7);
  const { plan, report, onTime } = bestOf(one);
  expect(report.passed).toBe(true);
  expect(onTime).toBeGreaterThanOrEqual(0.95);
  expect(days(one, plan).allOnTime).toBeGreaterThan(0.92);
});

test('the surer it is to be, the surer it is; the day may be longer for it', () => {
  const [loose, tight] = [80, 99].map((sure) => bestOf(wishedSure(soups(), sure as Sure)).plan) as [Plan, Plan];
  const of = (plan: Plan) => days(soups(), plan).allOnTime;
  expect(of(loose)).toBeGreaterThanOrEqual(0.77);
  expect(of(tight)).toBeGreaterThanOrEqual(0.97);
  expect(planFigures(soups(), tight).day).toBeGreaterThanOrEqual(planFigures(soups(), loose).day);
});

test('what it shows last is the best it has shown, sureness first', () => {
  const one = soups();
  const shown: SurePlan[] = [];
  const run = surePlanning(one, { seconds: 0.1 });
  for (let next = run.next(); ; next = run.next()) {
    if (next.done) {
      expect(next.value).toMatchObject({ kind: 'plan', best: { plan: shown.at(-1)!.plan } });
      break;
    }
    if (next.value.kind === 'found') shown.push(next.value);
    else expect(next.value.share).toBeLessThanOrEqual(1);
  }
  // The first is shown before its days are played.
  expect(shown[0]!.onTime).toBeUndefined();
  const played = shown.flatMap(({ onTime }) => onTime ?? []);
  const firstSure = played.findIndex((each) => each >= 0.95);
  expect(played.slice(0, firstSure)).toEqual([...played.slice(0, firstSure)].sort((a, b) => a - b));
  expect(played.slice(firstSure).every((each) => each >= 0.95)).toBe(true);
});

test('same occasion, seed and seconds: same plan', () => {
  expect(bestOf(soups()).plan).toEqual(bestOf(soups()).plan);
});

test('where a plan is at hand only what is better is found', () => {
  const one = soups();
  const { plan: rival } = bestOf(one);
  const again = toEnd(surePlanning(one, { seconds: 0.05, rival, from: rival }));
  expect(again.kind).toBe('plan');
  if (again.kind === 'plan' && again.best) {
    expect(planFigures(one, again.best.plan).washes).toBeLessThanOrEqual(planFigures(one, rival).washes);
    expect(again.best.onTime).toBeGreaterThanOrEqual(0.95);
  }
  const careless = bestOf(wishedSure(one, 0)).plan;
  const better = toEnd(surePlanning(one, { seconds: 0.1, rival: { ...careless, basis: rival.basis } }));
  expect(better).toMatchObject({ kind: 'plan', best: { onTime: expect.any(Number) } });
  // A plan of another state of the occasion is no rival, however good.
  const other = toEnd(surePlanning(one, { seconds: 0, rival: { ...rival, basis: careless.basis } }));
  expect(other).toMatchObject({ kind: 'plan', best: { plan: { basis: rival.basis } } });
});

test('what it was made sure for is kept while it is bettered: no sureness is paid for a wash less', () => {
  const feast = demo('sunday-lunch');
  const brief = bestOf(feast, { seconds: 0 });
  const looked = bestOf(feast, { seconds: 0.6 });
  const sureness = [brief, looked].map(({ plan }) =>
    countChances(feast, plan, { days: 1000, seed: 5, spareSeconds: 0 }),
  );
  for (const { allOnTime } of sureness) expect(allOnTime).toBeGreaterThan(0.93);
  expect(planFigures(feast, looked.plan).washes).toBeLessThanOrEqual(planFigures(feast, brief.plan).washes);
});

test('with no time for it there is a plan all the same: the surest there is room for', () => {
  const one = soups();
  const short: Occasion = {
    ...one,
    kitchen: {
      ...one.kitchen,
      cooks: one.kitchen.cooks.map((cook) => ({ ...cook, windows: [{ fromMin: -70, toMin: 60 }] })),
    },
  };
  const { plan, report, onTime } = bestOf(short);
  expect(report.passed).toBe(true);
  expect(onTime).toBeLessThan(0.95);
  expect(audit(short, plan).findings).toEqual([]);
});

test('where nothing can be planned the reason is told as ever', () => {
  const one = soups();
  const none = { ...one, kitchen: { ...one.kitchen, kit: [] } };
  expect(toEnd(surePlanning(none, { seconds: 0.05 }))).toMatchObject({
    kind: 'none',
    reason: { what: expect.stringContaining('kinds of kit') },
  });
});

test('each sureness has its cost: a plan that can be taken as it is', () => {
  const one = soups();
  const costs = toEnd(sureCosts(one, { seconds: 0.05 }));
  expect(costs.map(({ sure }) => sure)).toEqual([99, 95, 90, 80]);
  for (const { sure, plan, onTime, startMin } of costs) {
    expect(audit(wishedSure(one, sure), { ...plan, basis: basisOf(wishedSure(one, sure)) }).findings).toEqual([]);
    expect(onTime).toBeGreaterThanOrEqual(sure / 100 - 0.03);
    expect(startMin).toBe(Math.min(...plan.tasks.flatMap((task) => (task.kind === 'oven' ? [] : [task.startMin]))));
  }
});

describe('minutes to spare', () => {
  const networkOf = (one: Occasion) => tasksOf(one, fit(one));
  const spareIn = (one: Occasion, usual: number) =>
    Object.fromEntries([...spareOf(networkOf(one), { usual })].map(([task, ways]) => [task, ways[0]]));
  const one = (links: Loose = {}, hold = 60, extra: Loose = {}) =>
    occasion({
      guests: [guest('ana')],
      recipes: [
        recipe(
          'pie',
          [line('pear', 'pear')],
          [
            step('cut', { uses: ['pear'], ...minutes(10, 10, 30) }),
            step('bake', { after: [{ step: 'cut', ...links }], ...minutes(10, 10, 20), ...extra }),
          ],
          { hold: { mostMin: hold, how: 'warm' } },
        ),
      ],
    });

  test('are a share of what a step may run over', () => {
    expect(spareIn(one(), 0.5)).toEqual({ 'pie.plain.cut': 10, 'pie.plain.bake': 5 });
    expect(spareIn(one(), 0)).toEqual({ 'pie.plain.cut': 0, 'pie.plain.bake': 0 });
  });

  test('keep no food waiting longer than it may; what is left of them goes on to what comes next', () => {
    expect(spareIn(one({ mostMin: 2 }), 0.5)).toEqual({ 'pie.plain.cut': 2, 'pie.plain.bake': 13 });
    expect(spareIn(one({}, 3), 0.5)).toEqual({ 'pie.plain.cut': 10, 'pie.plain.bake': 3 });
  });

  test('are not for what only stands, unless it has a sign to wait for', () => {
    const stands = { hands: 'off', ...minutes(60, 60, 240) };
    expect(spareIn(one({}, 600, stands), 0.5)).toMatchObject({ 'pie.plain.bake': 0 });
    expect(spareIn(one({}, 600, { ...stands, until: 'risen' }), 0.5)).toMatchObject({ 'pie.plain.bake': 90 });
  });

  test('come after each step in the plan; the step itself takes as long as ever', () => {
    const pie = one();
    const made = makePlan(pie, { seconds: 0, spare: { usual: 0.5 } });
    if (made.kind === 'none') throw new Error(made.reason.what);
    const at = (id: string) => made.plan.tasks.find((task) => task.id === id)!;
    expect(at('pie.plain.cut').endMin - at('pie.plain.cut').startMin).toBe(10);
    expect(at('pie.plain.bake').startMin - at('pie.plain.cut').endMin).toBeGreaterThanOrEqual(10);
    expect(at('pie.plain.bake').endMin).toBe(-5);
  });

  test('are no time for food to stand longer than it may: it stands from when its work is likely over', () => {
    /** A plan with half of what may run over to spare, of something that is to be done by a minute. */
    const planned = (steps: Loose[], hold: Loose, task: string, endsByMin: number) => {
      const made = occasion({
        guests: [guest('ana')],
        kit,
        recipes: [recipe('mash', [line('potato', 'potato')], steps, { hold })],
      });
      const pinned = {
        ...made,
        kitchen: { ...made.kitchen, fridgePlaces: 0 },
        wishes: { ...made.wishes, pins: [{ task, endsByMin }] as never },
      };
      const result = makePlan(pinned, { seconds: 0, firstSeconds: 0.2, spare: { usual: 0.5 } });
      return result.kind === 'plan' ? audit(pinned, result.plan).findings.map(({ code }) => code) : 'none';
    };
    const simmer = {
      uses: ['potato'],
      after: [],
      hands: 'off',
      burner: true,
      kit: [{ kind: 'saucepan', as: 'pan' }],
      ...minutes(20, 20, 60),
    };
    // All in all, where no fridge has room for it.
    const mash = step('mash', { kit: [{ kind: 'saucepan', as: 'pan' }], ...minutes(5, 5, 5) });
    const cool = { mostMin: 240, how: 'cool' };
    expect(planned([step('simmer', simmer), mash], cool, 'mash.plain.simmer', -110)).toBe('none');
    expect(planned([step('simmer', simmer), mash], cool, 'mash.plain.simmer', -95)).toEqual([]);
    // Finished, until it is served.
    const stir = step('stir', { uses: ['potato'], ...minutes(10, 10, 40) });
    expect(planned([stir], { mostMin: 30, how: 'cool' }, 'mash.plain.stir', -20)).toBe('none');
    expect(planned([stir], { mostMin: 30, how: 'cool' }, 'mash.plain.stir', -14)).toEqual([]);
    // Hot, from its last heat.
    const hot = { mostMin: 30, how: 'hot' };
    const top = step('top', { kit: [{ kind: 'saucepan', as: 'pan' }], ...minutes(2, 2, 2) });
    expect(planned([step('simmer', simmer), top], hot, 'mash.plain.simmer', -15)).toBe('none');
    expect(planned([step('simmer', simmer), top], hot, 'mash.plain.simmer', -9)).toEqual([]);
  });

  test('open no oven that must stay shut: what is likely done sooner comes out sooner', () => {
    const baked = (id: string, more: Loose, range: Loose) =>
      recipe(
        id,
        [line('potato', 'potato')],
        [
          step('bake', {
            uses: ['potato'],
            hands: 'off',
            oven: { temperatureC: 200, ...more },
            kit: [{ kind: 'gratin-dish' }],
            ...range,
          }),
        ],
        { hold: { mostMin: 240, how: 'covered' } },
      );
    const made = occasion({
      guests: [guest('ana')],
      cooks: ['one', 'two'].map((id) => ({ id, name: id, windows: [{ fromMin: -300, toMin: 60 }] })),
      kit: [unit('dish-1', 'gratin-dish', 'ceramic'), unit('dish-2', 'gratin-dish', 'ceramic')],
      recipes: [baked('cake', { shutMin: 20 }, minutes(30, 30, 30)), baked('gratin', {}, minutes(10, 10, 70))],
    });
    const planned = (startsAtMin: number) => {
      const pins = [
        { task: 'cake.plain.bake', startsAtMin: -60 },
        { task: 'gratin.plain.bake', startsAtMin },
      ] as never;
      const pinned = { ...made, wishes: { ...made.wishes, pins } };
      const result = makePlan(pinned, { seconds: 0, firstSeconds: 0.2, spare: { usual: 0.5 } });
      return result.kind === 'plan' ? audit(pinned, result.plan).findings : 'none';
    };
    // Its door is opened for the other a minute after it went in.
    expect(planned(-69)).toBe('none');
    expect(planned(-75)).toEqual([]);
  });

  test('leave what a cook wants after a step as it is, in whichever way that is done', () => {
    const made = occasion({
      guests: [guest('ana')],
      kit: [unit('dish-1', 'gratin-dish', 'ceramic')],
      recipes: [
        recipe(
          'fish',
          [line('cod', 'cod')],
          [
            step('bake', { uses: ['cod'], hands: 'off', oven: { temperatureC: 220 }, ...minutes(3, 3, 63) }),
            step('rest', { hands: 'off', coreC: 90 }),
          ],
          { hold: { mostMin: 240, how: 'covered' } },
        ),
      ],
    });
    const pinned = { ...made, wishes: { ...made.wishes, pins: [{ task: 'fish.plain.bake', spareMin: 15 }] as never } };
    const result = makePlan(pinned, { seconds: 0, firstSeconds: 0.2, spare: { usual: 0.2 } });
    expect(result.kind === 'plan' && audit(pinned, result.plan).findings).toEqual([]);
  });

  test.each([
    [25, -14],
    [25, -18],
    [25, -22],
    [25, -26],
    [25, -40],
    [65, -10],
    [65, -40],
  ])('raw food whose cutting may take %i min and is over at %i is put away in time', (most, endsByMin) => {
    const made = occasion({
      guests: [guest('ana')],
      kit,
      recipes: [
        recipe(
          'fish',
          [line('cod', 'cod')],
          [
            step('trim', { uses: ['cod'], kit: [{ kind: 'board' }, { kind: 'knife' }], ...minutes(5, 5, most) }),
            step('poach', {
              hands: 'off',
              burner: true,
              coreC: 63,
              kit: [{ kind: 'saucepan', as: 'pan' }],
              ...minutes(10, 10, 10),
            }),
          ],
          { hold: { mostMin: 10, how: 'hot' } },
        ),
      ],
    });
    const pinned = { ...made, wishes: { ...made.wishes, pins: [{ task: 'fish.plain.trim', endsByMin }] as never } };
    const result = makePlan(pinned, { seconds: 0, firstSeconds: 0.2, spare: { usual: 0.5 } });
    expect(result.kind).toBe('plan');
    if (result.kind === 'plan') expect(audit(pinned, result.plan).findings).toEqual([]);
  });

  test('never break a rule of the kitchen: the audit passes what comes out of the demo’s feast', () => {
    const feast = demo('lantern-supper');
    const made = makePlan(feast, { seconds: 0.1, firstSeconds: 8, spare: { usual: 0.24 } });
    expect(made.kind === 'plan' && audit(feast, made.plan).findings).toEqual([]);
  });
});

describe('whoever is free goes on', () => {
  const pace = (one: Occasion, takes: Record<string, number>) => {
    const made = makePlan(one, { seconds: 0 });
    if (made.kind === 'none') throw new Error(made.reason.what);
    const net = netOf(one, tasksOf(one, fit(one)), made.plan);
    const durations = net.pieces.map((piece) => Float64Array.of(takes[piece.id] ?? piece.plannedMin));
    const day = playDay(net, durations, 0, 'when-free');
    const started = new Map(
      net.pieces.map((piece, at) => [piece.id as TaskId, day.startMin[at]! - piece.plannedStartMin]),
    );
    return { net, early: (id: string) => started.get(id as TaskId)! };
  };
  const line2 = (hold: number, pins: Loose[] = [], windows = [{ fromMin: -600, toMin: 60 }]): Occasion => {
    const made = occasion({
      guests: [guest('ana')],
      cooks: [{ id: 'cook', name: 'Cook', windows }],
      recipes: [
        recipe(
          'tart',
          [line('pear', 'pear')],
          [step('roll', { uses: ['pear'], ...minutes(5, 20, 30) }), step('fill', { ...minutes(10, 10, 10) })],
          { hold: { mostMin: hold, how: 'cool' } },
        ),
      ],
    });
    return { ...made, wishes: { ...made.wishes, pins: pins as never } };
  };

  test('what was quick lets the next begin early, by ten minutes at most', () => {
    const { early } = pace(line2(60), { 'tart.plain.roll': 5 });
    expect(early('tart.plain.roll')).toBe(-10);
    expect(early('tart.plain.fill')).toBe(-10);
  });

  test('but not so early that it then stands too long', () => {
    const { early } = pace(line2(4), { 'tart.plain.roll': 5 });
    expect(early('tart.plain.fill')).toBe(-4);
  });

  test('nor before its cook is there, or before the cook wants it', () => {
    expect(pace(line2(60, [], [{ fromMin: -33, toMin: 60 }]), {}).early('tart.plain.roll')).toBe(-3);
    const pins = [{ task: 'tart.plain.fill', notBeforeMin: -12 }];
    expect(pace(line2(60, pins), { 'tart.plain.roll': 5 }).early('tart.plain.fill')).toBe(-2);
  });

  test('it is surer than waiting for the clock', () => {
    const one = soups();
    const { plan } = bestOf(wishedSure(one, 0));
    const { allOnTime, byClock } = days(one, plan);
    expect(allOnTime).toBeGreaterThan(byClock + 0.05);
  });
});
