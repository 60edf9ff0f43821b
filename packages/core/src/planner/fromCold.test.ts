import { asPlanned, events } from '../../test-support/day.ts';
import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { timedOn } from '../after/index.ts';
import { colderWords, runSheet, type StepEntry } from '../cookday/index.ts';
import { fit } from '../fit/index.ts';
import type { Occasion, PlannedStep, PlannedTask } from '../model/index.ts';
import { colderBakes } from '../plan/index.ts';
import { progressOf } from '../state/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { auditedPlanning } from './planner.ts';

type Loose = Record<string, unknown>;
const fixed = (minutes: number) => ({ durationMin: { least: minutes, likely: minutes, most: minutes } });

/** A dish put together by a cook who then has hours of no time, and baked before it is served. */
const of = (foods: string[], fromMin: number, bake: Loose = {}): Occasion => {
  const pie = recipe(
    'pie',
    foods.map((food) => line(food, food)),
    [
      step('fill', { uses: foods, kit: [{ kind: 'gratin-dish', as: 'dish' }], ...fixed(20) }),
      step('bake', {
        hands: 'off',
        oven: { temperatureC: 200 },
        kit: [{ kind: 'gratin-dish', as: 'dish' }],
        coreC: 75,
        ...fixed(40),
        ...bake,
      }),
    ],
    { hold: { mostMin: 20, how: 'in the dish' } },
  );
  return occasion({
    guests: [guest('ana')],
    recipes: [pie],
    dishes: [dish('pie')],
    kit: [unit('g1', 'gratin-dish', 'ceramic'), unit('g2', 'gratin-dish', 'ceramic'), unit('bowl', 'bowl')],
    cooks: [
      {
        id: 'cook',
        name: 'Cook',
        windows: [
          { fromMin: -600, toMin: -500 },
          { fromMin, toMin: 60 },
        ],
      },
    ],
  });
};
function planned(one: Occasion) {
  const run = auditedPlanning(one, { seconds: 0.05 });
  for (let next = run.next(); ; next = run.next())
    if (next.done) {
      if (next.value.kind === 'none') throw new Error(`${next.value.reason.what} ${next.value.reason.why}`);
      expect(next.value.report.findings).toEqual([]);
      return next.value.plan;
    }
}
const bakeOf = (tasks: readonly PlannedTask[]) => tasks.find((task) => task.id === 'pie.plain.bake') as PlannedStep;
const isRested = (tasks: readonly PlannedTask[]) =>
  tasks.some((task) => task.kind === 'step' && task.rest !== undefined);
const wordsOf = (one: Occasion) => {
  const plan = planned(one);
  const bake = bakeOf(plan.tasks);
  const entry = runSheet(one, plan).find((each): each is StepEntry => each.id === 'pie.plain.bake')!;
  return { took: bake.endMin - bake.startMin, words: colderWords(entry), isRested: isRested(plan.tasks), plan };
};
describe('what the plan has in the fridge before it bakes', () => {
  test('bakes a fifth longer, goes in so much sooner, and the oven is hot by then', () => {
    const { took, words, isRested, plan } = wordsOf(of(['potato', 'cream'], -55));
    expect(isRested).toBe(true);
    expect(took).toBe(48);
    expect(words).toBe('It comes from the fridge: 8 min are added to its time, a guess. Look for its sign.');
    const bake = bakeOf(plan.tasks);
    const heat = plan.tasks.find((task) => task.kind === 'oven')!;
    expect(heat.endMin).toBeLessThanOrEqual(bake.startMin);
    const rest = plan.tasks.find((task): task is PlannedStep => task.kind === 'step' && task.rest !== undefined)!;
    expect(rest.looks.at(-1)!.endMin).toBe(bake.startMin);
  });
  test('what is due so long before its end stays there, and what is due after its start goes with that', () => {
    const looks = [
      { id: 'turn', atMin: 20, takesMin: 1, what: 'turn it' },
      { id: 'foil', atMin: 30, takesMin: 1, what: 'foil off', fromEnd: true },
    ];
    const { took, plan } = wordsOf(of(['potato', 'cream'], -55, { looks }));
    const bake = bakeOf(plan.tasks);
    const at = (id: string) => bake.looks.find(({ look }) => look === id)!.startMin;
    expect([took, at('turn') - bake.startMin, bake.endMin - at('foil')]).toEqual([48, 20, 10]);
  });
  test('where nobody is there sooner, its time is as written, and it is said that it may not be enough', () => {
    const { took, words } = wordsOf(of(['potato', 'cream'], -45));
    expect(took).toBe(40);
    expect(words).toBe('It comes from the fridge: it may take some 8 min longer than planned. Look for its sign.');
  });
  test('raw flesh is written for as it comes from the fridge', () => {
    const { took, words, isRested } = wordsOf(of(['chicken'], -55));
    expect(isRested).toBe(true);
    expect([took, words]).toEqual([40, undefined]);
  });
  test('so is what its recipe itself has waiting', () => {
    const written = of(['potato', 'cream'], -55, { after: [{ step: 'fill', mostMin: 1440 }] });
    expect(wordsOf(written)).toMatchObject({ took: 40, words: undefined, isRested: true });
  });
  test('what never was in the fridge bakes as written', () => {
    expect(wordsOf(of(['potato', 'cream'], -120))).toMatchObject({
      took: 40,
      words: undefined,
      isRested: false,
    });
  });

  test('is cold after an hour, to the minute', () => {
    const one = of(['potato', 'cream'], -55);
    const plan = planned(one);
    const network = tasksOf(one, fit(one), plan.batches);
    const after = (minutes: number) =>
      colderBakes(network, {
        ...plan,
        tasks: plan.tasks.map((task) =>
          task.kind === 'step' && task.rest ? { ...task, startMin: task.endMin - minutes } : task,
        ),
      }).size;
    expect([after(59), after(60)]).toEqual([0, 1]);
  });
  test('teaches its recipe nothing', () => {
    const taught = (fromMin: number) => {
      const one = of(['potato', 'cream'], fromMin);
      const plan = planned(one);
      return timedOn(one, plan, progressOf(events(...asPlanned(plan, 30)))).map(({ step }) => step as string);
    };
    expect(taught(-120)).toContain('bake');
    expect(taught(-55)).not.toContain('bake');
  });
});
