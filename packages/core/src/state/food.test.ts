import { asPlanned, events } from '../../test-support/day.ts';
import { id } from '../../test-support/id.ts';
import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { audit } from '../audit/index.ts';
import type { Occasion, Plan } from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { kitchenAt, progressOf } from './index.ts';

const planOf = (one: Occasion): Plan => {
  const made = makePlan(one, { seconds: 0.02 });
  if (made.kind === 'none') throw new Error(`${made.reason.what} ${made.reason.why}`);
  return made.plan;
};
const at = (one: Occasion, plan: Plan, nowMin: number) =>
  kitchenAt(one, plan, progressOf(events(...asPlanned(plan, nowMin))), nowMin);
const taskOf = (plan: Plan, name: string) => {
  const task = plan.tasks.find((each) => each.id === name)!;
  if (task.kind !== 'step') throw new Error(name);
  return task;
};

test('what versions are taken from is full until the last is taken, a dish until it is off the table', () => {
  const one = occasion({
    guests: [guest('ana'), guest('ben')],
    recipes: [
      recipe(
        'stew',
        [line('salt', 'salt'), line('herb', 'parsley')],
        [
          step('boil', { uses: ['salt'], kit: [{ kind: 'large-pot' }], burner: true, splitPoint: true }),
          step('finish', { uses: ['herb'], kit: [{ kind: 'serving-dish' }] }),
        ],
      ),
    ],
    dishes: [
      dish('stew', 'stew', {
        versions: [
          { id: 'plain', name: 'as written', swaps: [], guests: ['ana'] },
          { id: 'bare', name: 'bare', swaps: [{ kind: 'omit', line: 'herb' }], guests: ['ben'] },
        ],
      }),
    ],
    kit: [unit('pot', 'large-pot'), unit('dish-1', 'serving-dish'), unit('dish-2', 'serving-dish')],
  });
  const plan = planOf(one);
  expect(audit(one, plan).findings).toEqual([]);
  const [first, last] = [taskOf(plan, 'stew.plain.finish'), taskOf(plan, 'stew.bare.finish')].sort(
    (a, b) => a.startMin - b.startMin,
  ) as [ReturnType<typeof taskOf>, ReturnType<typeof taskOf>];
  const filled = (nowMin: number, name: string) => at(one, plan, nowMin).filled.get(id(name));
  expect(filled(taskOf(plan, 'stew.base.boil').endMin, 'pot')).toBe(Infinity);
  expect(filled(first.endMin, 'pot')).toBe(Infinity);
  expect(filled(last.endMin, 'pot')).toBeUndefined();
  expect(filled(first.endMin, first.units[0]!)).toBe(60);
});

test('the pot in which something is cooked is free of what was raw in it, whoever stirs; the whisk is not', () => {
  const one = occasion({
    guests: [guest('ana')],
    recipes: [
      recipe(
        'custard',
        [line('eggs', 'egg')],
        [step('cook', { uses: ['eggs'], kit: [{ kind: 'saucepan' }, { kind: 'whisk' }], burner: true, coreC: 82 })],
      ),
    ],
    kit: [unit('pan', 'saucepan'), unit('whisk', 'whisk')],
  });
  const plan = planOf(one);
  const { surfaces, findings } = audit(one, plan);
  expect(findings).toEqual([]);
  const now = at(one, plan, taskOf(plan, 'custard.plain.cook').endMin);
  for (const [name, isRaw] of [
    ['pan', false],
    ['whisk', true],
    ['hands:cook', true],
  ] as const) {
    expect([name, surfaces.get(name)!.at(-1)!.marks.includes(id('raw-egg'))]).toEqual([name, isRaw]);
    expect([name, now.surfaces.get(id(name))!.residues.some(({ mark }) => mark === 'raw-egg')]).toEqual([name, isRaw]);
  }
});
