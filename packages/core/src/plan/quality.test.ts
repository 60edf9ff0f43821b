import { demo } from '../../test-support/demo.ts';
import { guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { type Occasion, type Plan, numberedTask } from '../model/index.ts';
import { makePlan, planning } from './make.ts';
import { fit } from '../fit/index.ts';
import { better } from '../schedule/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { planFigures, scoring } from './quality.ts';

const plums = recipe('plums', [line('it', 'plum')], [step('stone', { uses: ['it'], kit: [{ kind: 'board' }] })]);
const one = occasion({ guests: [guest('ana')], recipes: [plums], kit: [unit('board-1', 'board')] });
const made = makePlan(one, { seconds: 0 });
if (made.kind === 'none') throw new Error(made.reason.why);
const { plan } = made;
/** The plan begun earlier, with so many washes put in. */
const variant = (earlier: number, washes: number): Plan => ({
  ...plan,
  tasks: [
    ...plan.tasks.map((task) => ({ ...task, startMin: task.startMin - earlier, endMin: task.endMin - earlier })),
    ...Array.from({ length: washes }, (_, i) => ({
      kind: 'wash' as const,
      hands: true,
      id: numberedTask('wash', i + 1),
      startMin: -5,
      endMin: -3,
      cook: one.kitchen.cooks[0]!.id,
      units: [],
      because: [],
    })),
  ],
});
/** The same plan, its batch called otherwise. */
const renamed = (variantOf: Plan): Plan =>
  JSON.parse(JSON.stringify(variantOf).replaceAll('plums.plain', 'plums.first')) as Plan;
const dayFirst: Occasion = { ...one, wishes: { ...one.wishes, goals: ['day', 'washes', 'washMin', 'calm', 'held'] } };

const isBetter = (whose: Occasion, a: Plan, b: Plan): boolean => {
  const score = scoring(whose, tasksOf(whose, fit(whose)));
  return better(score(a), score(b));
};

test('a plan is measured from the first hand to the serving; work on a day before is counted for more than its minutes', () => {
  expect(planFigures(one, variant(25, 2))).toMatchObject({ washes: 2, washMin: 4, day: 30, held: 25, aheadMin: 0 });
  expect(planFigures(one, variant(1000, 0))).toMatchObject({ spanMin: 0, aheadMin: 5, day: 37.5 });
});

test.each<[string, Occasion, Plan, Plan, boolean]>([
  ['fewer washes win over a shorter day', one, variant(50, 1), variant(0, 2), true],
  ['unless the day counts first', dayFirst, variant(50, 1), variant(0, 2), false],
  ['of equal washes the shorter day wins', one, variant(5, 1), variant(9, 1), true],
  ['an equal one changes nothing', one, variant(5, 1), variant(5, 1), false],
  ['its batches may have other names', one, renamed(variant(5, 1)), variant(9, 1), true],
])('%s', (_, whose, a, b, expected) => expect(isBetter(whose, a, b)).toBe(expected));

test('the scheduler and this measure agree: every plan it finds is better than the one before', () => {
  const lunch = demo('sunday-lunch');
  for (const whose of [lunch, { ...lunch, wishes: { ...lunch.wishes, goals: dayFirst.wishes.goals } }]) {
    const found = [...planning(whose, { seconds: 0.3 })].flatMap((event) =>
      event.kind === 'found' ? [event.plan] : [],
    );
    expect(found.length).toBeGreaterThan(2);
    found.slice(1).forEach((plan, index) => expect(isBetter(whose, plan, found[index]!)).toBe(true));
  }
});
