import { asPlanned, events } from '../../test-support/day.ts';
import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { fit } from '../fit/index.ts';
import type { Happening, Occasion, Plan, TaskId } from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { rules } from '../reference/index.ts';
import { happened, progressOf } from '../state/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { waitingNow } from './waiting.ts';

const fixed = (minutes: number) => ({ least: minutes, likely: minutes, most: minutes });
/** Chicken is cut, rubbed (or left as it is), fried and dressed. */
function kitchen(food: string, heat: object = { coreC: 74 }): { one: Occasion; plan: Plan } {
  const one = occasion({
    guests: [guest('ana')],
    recipes: [
      recipe(
        'bites',
        [line('it', food)],
        [
          step('cut', { uses: ['it'], after: [], durationMin: fixed(5), kit: [{ kind: 'board' }] }),
          step('rub', { after: [{ step: 'cut' }], durationMin: fixed(5), kit: [{ kind: 'bowl', as: 'bowl' }] }),
          step('fry', {
            after: [{ step: 'rub' }],
            durationMin: fixed(10),
            burner: true,
            kit: [{ kind: 'frying-pan', as: 'pan' }],
            ...heat,
          }),
          step('dress', { after: [{ step: 'fry' }], durationMin: fixed(5), kit: [{ kind: 'frying-pan', as: 'pan' }] }),
        ],
        { hold: { mostMin: 15, how: 'warm' } },
      ),
    ],
    dishes: [dish('bites')],
    kit: [unit('b', 'board'), unit('m', 'bowl'), unit('p', 'frying-pan')],
  });
  const made = makePlan(one, { seconds: 0.1 });
  if (made.kind === 'none') throw new Error(`${made.reason.what} ${made.reason.why}`);
  return { one, plan: made.plan };
}

const id = (name: string) => `bites.plain.${name}` as TaskId;
function waiting(
  { one, plan }: ReturnType<typeof kitchen>,
  until: string,
  later: number,
  more: (readonly [number, Happening])[] = [],
) {
  const done = plan.tasks.find((task) => task.id === id(until))!;
  const now = done.endMin + later;
  // The cook keeps to the plan until then, and does nothing more.
  const progress = progressOf(
    events(...asPlanned(plan, done.endMin), ...more.map(([at, what]) => [done.endMin + at, what] as const)),
  );
  return {
    endMin: done.endMin,
    foods: waitingNow(tasksOf(one, fit(one), plan.batches), happened(plan, progress, now), progress),
  };
}

test('raw flesh may stand a quarter of an hour, and not in hand', () => {
  const here = kitchen('chicken');
  const { endMin, foods } = waiting(here, 'cut', 9);
  expect(foods).toEqual([
    {
      batch: 'bites.plain',
      after: id('cut'),
      next: id('rub'),
      nextMin: expect.any(Number) as number,
      sinceMin: endMin,
      untilMin: endMin + rules.rawWaitsMostMin,
      spoiltMin: endMin + rules.standsMostMin - 5,
      isRaw: true,
    },
  ]);
});

test('what somebody put into the fridge does not stand; what they had stood before counts', () => {
  const here = kitchen('chicken');
  const away = [4, { kind: 'into-fridge', entry: id('cut') }] as const;
  expect(waiting(here, 'cut', 40, [away]).foods).toEqual([]);
  const begun = [60, { kind: 'tick', entry: id('rub') }] as const;
  const { endMin, foods } = waiting(here, 'cut', 70, [away, begun]);
  expect(foods).toMatchObject([{ after: id('rub'), isRaw: true, sinceMin: endMin + 60 }]);
  // Five minutes of cutting, four on the board and five of rubbing; not the hour in the fridge.
  expect(foods[0]!.spoiltMin).toBe(endMin + 60 + rules.standsMostMin - 14);
});

test('what has stood is forgotten when it is heated through', () => {
  const here = kitchen('chicken');
  const { endMin, foods } = waiting(here, 'fry', 30);
  expect(foods).toMatchObject([
    { after: id('fry'), isRaw: false, untilMin: endMin + rules.standsMostMin, spoiltMin: endMin + rules.standsMostMin },
  ]);
});

test('nothing stands that keeps, that is done, or that nobody has begun', () => {
  expect(waiting(kitchen('rice', {}), 'cut', 60).foods).toEqual([]);
  const here = kitchen('chicken');
  expect(waiting(here, 'dress', 5).foods).toEqual([]);
  const network = tasksOf(here.one, fit(here.one), here.plan.batches);
  const progress = progressOf([]);
  expect(waitingNow(network, happened(here.plan, progress, -60), progress)).toEqual([]);
});
