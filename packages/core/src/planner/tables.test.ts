import { aloud, faultsIn } from '../../test-support/minutes/index.ts';
import { occasionOf, tables } from '../../test-support/minutes/occasions.ts';
import { movedTo, type Plan, type PlannedStep, type PlannedTask } from '../model/index.ts';
import { auditedPlanning, toEnd } from './index.ts';

/**
 * Whole tables, library and pasted recipes mixed: each is planned and read minute by minute by a reader who knows neither scheduler nor audit
 * (test-support/minutes). `SHOW=1` prints the plans as one would read them aloud.
 */
const planned = tables.map((told) => {
  const occasion = occasionOf(told);
  return { name: told.name, occasion, result: toEnd(auditedPlanning(occasion, { seconds: 0.1, firstSeconds: 6 })) };
});

test.each(planned.map((each) => [each.name, each] as const))('%s: nothing is wrong with it', (_, each) => {
  const { occasion, result } = each;
  if (process.env['SHOW'])
    process.stdout.write(
      `\n## ${occasion.name}\n${result.kind === 'none' ? `${result.reason.what} ${result.reason.why}` : aloud(occasion, result.plan)}\n`,
    );
  expect(result.kind === 'none' ? result.reason : faultsIn(occasion, result.plan)).toEqual([]);
});

describe('the reader finds what is wrong', () => {
  const [{ occasion, result }] = planned as [(typeof planned)[number]];
  const plan = result.kind === 'plan' ? result.plan : undefined;
  const isOf =
    (id: string) =>
    (task: PlannedTask): task is PlannedStep =>
      task.kind === 'step' && task.id === id;
  const changed =
    (id: string, change: (task: PlannedStep) => PlannedTask) =>
    (one: Plan): Plan => ({ ...one, tasks: one.tasks.map((task) => (isOf(id)(task) ? change(task) : task)) });
  const find = (id: string) => plan!.tasks.find(isOf(id))!;
  const [roast, carve] = ['roast-chicken.plain.roast', 'roast-chicken.plain.carve'];
  const tossed = 'green-beans-almonds.for-cleo.toss';
  const earlier = (id: string, minutes: number) =>
    changed(id, (task) => movedTo(task, task.startMin - minutes, task.endMin - minutes));

  test.each<[string, RegExp, (one: Plan) => Plan]>([
    ['nothing is washed', /reaches|raw/, (one) => ({ ...one, tasks: one.tasks.filter(({ kind }) => kind !== 'wash') })],
    [
      'almonds in the pan of who must not have them',
      /tree-nut.* reaches cleo/,
      changed(tossed, (task) => ({
        ...task,
        units: [...task.units, ...find('green-beans-almonds.plain.toss').units.slice(1, 2)],
      })),
    ],
    ['raw chicken stands', /^raw for 1\d\d min before/, earlier('roast-chicken.plain.ready', 100)],
    ['the bird is carved long after it came from the oven', /from the heat|stands/, earlier(carve, -200)],
    ['a dish comes late', /is late/, changed(tossed, (task) => movedTo(task, 60, 63))],
    [
      'a dish waits for hours',
      /stands \d+ min|from the heat/,
      (one) =>
        ['top', 'boil', 'toast', 'toss'].reduce(
          (now, step) => earlier(`green-beans-almonds.plain.${step}`, 300)(now),
          one,
        ),
    ],
    ['two on one rack', /one rack for/, changed(roast, (task) => ({ ...task, racks: [0] }))],
    ['no rack', /no such rack/, changed(roast, (task) => ({ ...task, racks: [] }))],
    [
      'the oven is not hot',
      /wants 195 °C and has/,
      (one) => ({
        ...one,
        tasks: one.tasks.map((task) => (task.kind === 'oven' ? { ...task, startMin: task.endMin - 3 } : task)),
      }),
    ],
    [
      'nobody bastes',
      /nobody comes to/,
      changed(roast, (task) => ({
        ...task,
        looks: task.looks.filter(({ look }) => look === 'start' || look === 'end'),
      })),
    ],
    [
      'nobody takes it out',
      /nobody ends/,
      changed(roast, (task) => ({ ...task, looks: task.looks.filter(({ look }) => look !== 'end') })),
    ],
    [
      'two things by one pair of hands',
      /Cook does/,
      changed(carve, (task) => ({ ...task, startMin: task.startMin - 20 })),
    ],
    ['nobody is there', /is not there/, earlier(carve, 700)],
    ['what follows comes first', /begins before/, earlier(carve, 60)],
    [
      'one dish for two, before it is off the table',
      /still holds|two hands/,
      changed(carve, (task) => ({
        ...task,
        units: [
          ...task.units.slice(0, 2),
          ...find('green-beans-almonds.plain.toss').units.slice(-1),
          ...task.units.slice(3),
        ],
      })),
    ],
  ])('%s', (_, fault, damage) => {
    expect(faultsIn(occasion, damage(plan!)).join('\n')).toMatch(fault);
  });
});
