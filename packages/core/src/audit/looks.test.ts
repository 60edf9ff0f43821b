import { demo } from '../../test-support/demo.ts';
import { id } from '../../test-support/id.ts';
import { planned } from '../../test-support/planned.ts';
import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import type { Plan, PlannedStep } from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { audit } from './audit.ts';

const fixed = (minutes: number) => ({ least: minutes, likely: minutes, most: minutes });
const kitchen = occasion({
  guests: [guest('ana')],
  recipes: [
    recipe(
      'pie',
      [line('it', 'carrot')],
      [
        step('cut', { uses: ['it'], after: [], durationMin: fixed(5), kit: [{ kind: 'board' }] }),
        step('soak', { after: [{ step: 'cut' }], hands: 'off', durationMin: fixed(10) }),
        step('boil', {
          after: [{ step: 'soak' }],
          hands: 'off',
          burner: true,
          durationMin: fixed(10),
          kit: [{ kind: 'saucepan' }],
        }),
        step('bake', {
          after: [{ step: 'boil' }],
          hands: 'off',
          durationMin: fixed(30),
          kit: [{ kind: 'gratin-dish' }],
          oven: { temperatureC: 200, toleranceC: 5 },
          looks: [{ id: 'turn', atMin: 15, takesMin: 2, what: 'turn it' }],
        }),
        step('brown', {
          after: [{ step: 'bake' }],
          hands: 'off',
          durationMin: fixed(4),
          kit: [{ kind: 'gratin-dish' }],
          oven: { temperatureC: 200, toleranceC: 5 },
          looks: [{ id: 'baste', atMin: 3, takesMin: 2, what: 'baste it' }],
        }),
      ],
    ),
  ],
  dishes: [dish('pie')],
  kit: [unit('b', 'board'), unit('s', 'saucepan'), unit('g', 'gratin-dish')],
});
const made = makePlan(kitchen, { seconds: 0.1 });
if (made.kind === 'none') throw new Error(`${made.reason.what} ${made.reason.why}`);
const { plan } = made;
const stepOf = (of: Plan, name: string): PlannedStep =>
  of.tasks.find((task) => task.id === `pie.plain.${name}`) as PlannedStep;
type Looks = PlannedStep['looks'];

/** What is said of the looks of a step when they are others. */
function said(name: string, change: (looks: Looks, task: PlannedStep) => Looks): string[] {
  const of: Plan = {
    ...plan,
    tasks: plan.tasks.map((task) =>
      task.kind === 'step' && task.id === `pie.plain.${name}` ? { ...task, looks: change(task.looks, task) } : task,
    ),
  };
  return audit(kitchen, of)
    .findings.filter(({ code }) => code === 'look' || code === 'look-time')
    .map(({ code, message, tasks, guests }) => {
      expect({ tasks, guests }).toEqual({ tasks: [`pie.plain.${name}`], guests: [] });
      return `${code}: ${message}`;
    });
}
const without = (look: string) => (looks: Looks) => looks.filter((each) => each.look !== look);
/** A look from one minute of its step to another; from the end, where they are negative. */
const at =
  (look: string, fromMin: number, toMin: number) =>
  (looks: Looks, { startMin, endMin }: PlannedStep) =>
    looks.map((each) => {
      const zero = fromMin < 0 || Object.is(fromMin, -0) ? endMin : startMin;
      return each.look === look ? { ...each, startMin: zero + fromMin, endMin: zero + toMin } : each;
    });

test('the plan itself passes', () => {
  expect(audit(kitchen, plan).findings).toEqual([]);
  expect(stepOf(plan, 'bake').looks.map(({ look }) => look)).toEqual(['start', 'turn', 'end']);
});

test('what is counted from the end moves with it, and nothing else does', () => {
  const fromEnd = {
    ...kitchen,
    recipes: kitchen.recipes.map((each) => ({
      ...each,
      steps: each.steps.map((one) =>
        one.id === 'bake' ? { ...one, looks: one.looks.map((look) => ({ ...look, fromEnd: true as const })) } : one,
      ),
    })),
  };
  /** The bake takes a quarter of an hour longer than its recipe says, and the tin is turned so many minutes after its start. */
  const timesOf = (occasionOf: typeof kitchen, turnMin: number) => {
    const bake = stepOf(plan, 'bake');
    const startMin = bake.startMin - 15;
    const looks = bake.looks.map((look) => {
      if (look.look === 'start') return { ...look, startMin, endMin: startMin + 1 };
      return look.look === 'turn' ? { ...look, startMin: startMin + turnMin, endMin: startMin + turnMin + 2 } : look;
    });
    const tasks = plan.tasks.map((task) => (task === bake ? { ...bake, startMin, looks } : task));
    return audit(occasionOf, { ...plan, tasks }).findings.filter(({ code }) => code === 'look-time');
  };
  expect(timesOf(fromEnd, 30)).toEqual([]);
  expect(timesOf(fromEnd, 15)).toHaveLength(1);
  expect(timesOf(kitchen, 15)).toEqual([]);
  expect(timesOf(kitchen, 30)).toHaveLength(1);
});

describe('each that must be there is, once, and no other', () => {
  test.each([
    ['bake', 'start', /^look: .*nobody is there to put it into the oven\.$/],
    ['bake', 'turn', /^look: .*nobody is there to turn it\.$/],
    ['bake', 'end', /^look: .*nobody is there to take it out of the oven\.$/],
    ['boil', 'start', /^look: .*nobody is there to put it on to the heat\.$/],
    ['boil', 'end', /^look: .*nobody is there to take it off the heat\.$/],
    ['soak', 'start', /^look: .*nobody is there to set it going\.$/],
  ])('%s without its %s', (name, look, words) => {
    expect(said(name, without(look))).toEqual([expect.stringMatching(words)]);
  });

  test('what only stands has no end that somebody must be there for', () => {
    expect(stepOf(plan, 'soak').looks.map(({ look }) => look)).toEqual(['start']);
  });

  test('twice', () => {
    const twice = said('bake', (looks) => looks.flatMap((each) => (each.look === 'turn' ? [each, each] : [each])));
    expect(twice).toEqual([expect.stringMatching(/^look: .*“turn it” is planned 2 times\.$/)]);
  });

  test('one that is not the step’s', () => {
    const [start] = stepOf(plan, 'bake').looks;
    const other = said('bake', (looks) => [...looks, { ...start!, look: id('other'), what: 'stir it' }]);
    expect(other).toEqual([expect.stringMatching(/^look: .*“stir it” is no look of this step\.$/)]);
  });

  test('none where hands are on it', () => {
    const [start] = stepOf(plan, 'bake').looks;
    const { startMin } = stepOf(plan, 'cut');
    expect(said('cut', () => [{ ...start!, startMin, endMin: startMin + 1 }])).toEqual([
      expect.stringMatching(/^look: .*somebody comes to look where hands are on it all the time\.$/),
    ]);
  });
});

describe('when it must be, to the minute', () => {
  test.each([
    ['bake', 'start', 0, 1, true],
    ['bake', 'start', 1, 2, false],
    ['bake', 'end', -1, 0, true],
    ['bake', 'end', -2, -1, false],
    ['boil', 'end', -2, -1, false],
    // Five minutes either way of what the recipe says.
    ['bake', 'turn', 15, 17, true],
    ['bake', 'turn', 10, 12, true],
    ['bake', 'turn', 9, 11, false],
    ['bake', 'turn', 20, 22, true],
    ['bake', 'turn', 21, 23, false],
    // Before its end, where that comes first.
    ['brown', 'baste', 2, 4, true],
    ['brown', 'baste', 3, 5, false],
  ])('%s: %s from %i to %i', (name, look, fromMin, toMin, passes) => {
    const found = said(name, at(look, fromMin, toMin));
    expect(found.filter((message) => message.startsWith('look-time')).length > 0).toBe(!passes);
  });

  test('it says when it is planned for, and when it is due', () => {
    expect(said('bake', at('turn', 21, 23))).toEqual([
      expect.stringMatching(/“turn it” is planned for \d\d:\d\d; it is due between \d\d:\d\d and \d\d:\d\d\.$/),
    ]);
  });

  test('and it has its time', () => {
    expect(said('bake', at('turn', 15, 16))).toEqual([expect.stringMatching(/“turn it” has 1 min and takes 2\.$/)]);
    // Of a step that is shorter than its look no more can be asked than there is.
    expect(said('brown', at('baste', 1, 2))).toEqual([expect.stringMatching(/“baste it” has 1 min and takes 2\.$/)]);
  });
});

describe('what is put into the fridge between two steps', () => {
  const supper = demo('lantern-supper');
  const whole = planned(supper);
  const rests = whole.tasks.filter((task): task is PlannedStep => task.kind === 'step' && task.rest !== undefined);
  const rest = rests.find(({ looks }) => looks.length === 2)!;
  const after = whole.tasks.find(({ id: task }) => task === rest.rest!.after)!;
  const [put, take] = rest.looks as [Looks[number], Looks[number]];

  function saidOf(change: Partial<PlannedStep>): string[] {
    const of: Plan = {
      ...whole,
      tasks: whole.tasks.map((task) => (task.id === rest.id ? ({ ...task, ...change } as PlannedStep) : task)),
    };
    return audit(supper, of)
      .findings.filter(({ code, tasks }) => (code === 'look' || code === 'look-time') && tasks.includes(rest.id))
      .map(({ code, message, tasks, guests }) => {
        expect({ tasks, guests }).toEqual({ tasks: [rest.id], guests: [] });
        return `${code}: ${message}`;
      });
  }

  test('as it is planned nothing is said', () => {
    expect(saidOf({})).toEqual([]);
  });

  test.each<[string, Partial<PlannedStep>, RegExp[]]>([
    ['nobody puts it there', { looks: [{ ...put, look: id('other') }, take] }, [/^look: .*nobody puts it there/]],
    ['nobody takes it out', { looks: [put, { ...take, look: id('other') }] }, [/^look: .*nobody puts it there/]],
    [
      'no time to put it there',
      { looks: [{ ...put, endMin: put.startMin }, take] },
      [/^look-time: .*“into the fridge” has no time/],
    ],
    [
      'it is there from another minute on',
      { startMin: rest.startMin - 1 },
      [/^look-time: .*it is put there at \d\d:\d\d.* and is there from \d\d:\d\d.*\.$/],
    ],
    [
      'until another',
      { endMin: rest.endMin + 1 },
      [/^look-time: .*it is taken out by \d\d:\d\d.* and is there until \d\d:\d\d.*\.$/],
    ],
    [
      'before it is made',
      {
        startMin: after.endMin - 1,
        looks: [{ ...put, startMin: after.endMin - 1, endMin: after.endMin }, take],
      },
      [/^look-time: .*it is put there before it is made/],
    ],
    [
      'taken out before it is there',
      { endMin: put.endMin, looks: [put, { ...take, startMin: put.startMin, endMin: put.endMin }] },
      [/^look-time: .*taken out before it is put there/],
    ],
  ])('%s', (_, change, words) => {
    expect(saidOf(change)).toEqual(words.map((each) => expect.stringMatching(each) as string));
  });

  test('as soon as it is made, and out again at once', () => {
    const soon: Partial<PlannedStep> = {
      startMin: after.endMin,
      endMin: after.endMin + 2,
      looks: [
        { ...put, startMin: after.endMin, endMin: after.endMin + 1 },
        { ...take, startMin: after.endMin + 1, endMin: after.endMin + 2 },
      ],
    };
    expect(saidOf(soon)).toEqual([]);
  });
});
