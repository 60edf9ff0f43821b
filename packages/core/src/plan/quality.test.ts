import { guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { type Occasion, type Plan, numberedTask } from '../model/index.ts';
import { makePlan, planning } from './make.ts';
import { isBetterPlan, planFigures } from './quality.ts';

const plums = recipe('plums', [line('it', 'plum')], [step('stone', { uses: ['it'], kit: [{ kind: 'board' }] })]);
const one = occasion({ guests: [guest('ana')], recipes: [plums], kit: [unit('board-1', 'board')] });
const made = makePlan(one, { seconds: 0 });
if (made.kind === 'none') throw new Error(made.reason.why);
const { plan } = made;
/** The plan begun earlier, with so many washes put in. */
const variant = (earlier: number, washes: number, basis = plan.basis): Plan => ({
  ...plan,
  basis,
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
const dayFirst: Occasion = { ...one, wishes: { ...one.wishes, goals: ['day', 'washes', 'washMin', 'calm', 'held'] } };

test('a plan is measured from the first hand to the serving; work on a day before is counted for more than its minutes', () => {
  expect(planFigures(one, variant(25, 2))).toMatchObject({ washes: 2, washMin: 4, day: 30, held: 25, aheadMin: 0 });
  expect(planFigures(one, variant(1000, 0))).toMatchObject({ spanMin: 0, aheadMin: 5, day: 37.5 });
});

test.each<[string, Occasion, Plan, Plan, boolean]>([
  ['fewer washes win over a shorter day', one, variant(50, 1), variant(0, 2), true],
  ['unless the day counts first', dayFirst, variant(50, 1), variant(0, 2), false],
  ['of equal washes the shorter day wins', one, variant(5, 1), variant(9, 1), true],
  ['an equal one changes nothing', one, variant(5, 1), variant(5, 1), false],
  ['a plan of another state of the occasion is no rival', one, variant(50, 9), variant(0, 0, 'old'), true],
])('%s', (_, whose, a, b, expected) => expect(isBetterPlan(whose, a, b)).toBe(expected));

test('the scheduler and this measure agree: every plan it finds is better than the one before', () => {
  for (const whose of [one, dayFirst]) {
    let last: Plan | undefined;
    for (const event of planning(whose, { seconds: 0.05 })) {
      if (event.kind !== 'found') continue;
      expect(isBetterPlan(whose, event.plan, last)).toBe(true);
      last = event.plan;
    }
  }
});
