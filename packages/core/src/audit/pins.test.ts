import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import type { Occasion, Plan, PlannedStep } from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { audit } from './audit.ts';

const fixed = (minutes: number) => ({ least: minutes, likely: minutes, most: minutes });
const base = occasion({
  guests: [guest('ana')],
  recipes: [
    recipe(
      'pie',
      [line('it', 'carrot')],
      [
        step('cut', { uses: ['it'], after: [], durationMin: fixed(5), kit: [{ kind: 'board' }, { kind: 'knife' }] }),
        step('mix', {
          after: [{ step: 'cut', leastMin: 4, mostMin: 30 }],
          durationMin: fixed(5),
          kit: [{ kind: 'bowl' }],
        }),
        step('bake', {
          after: [{ step: 'mix' }],
          hands: 'off',
          durationMin: fixed(30),
          kit: [{ kind: 'gratin-dish' }],
          oven: { temperatureC: 200, toleranceC: 5 },
          looks: [{ id: 'turn', atMin: 15, takesMin: 2, what: 'turn it' }],
        }),
      ],
      { hold: { mostMin: 25, how: 'warm' } },
    ),
  ],
  dishes: [dish('pie')],
  kit: [unit('b1', 'board'), unit('b2', 'board'), unit('k', 'knife'), unit('bowl', 'bowl'), unit('g', 'gratin-dish')],
});
const [cook] = base.kitchen.cooks;
const kitchen: Occasion = {
  ...base,
  kitchen: {
    ...base.kitchen,
    cooks: [cook!, { ...cook!, id: 'other' as never, name: 'Other' }],
    moreOvens: [{ ...base.kitchen.oven, name: 'second' }],
  },
};
const made = makePlan(kitchen, { seconds: 0.1 });
if (made.kind === 'none') throw new Error(`${made.reason.what} ${made.reason.why}`);
const { plan } = made;
const stepOf = (name: string): PlannedStep => plan.tasks.find((task) => task.id === `pie.plain.${name}`) as PlannedStep;
const [cut, mix, bake] = [stepOf('cut'), stepOf('mix'), stepOf('bake')];
type Pin = Partial<Occasion['wishes']['pins'][number]>;

function said(name: string, pin: Pin, of: Plan = plan): string[] {
  const pins = [{ task: `pie.plain.${name}`, ...pin }] as unknown as Occasion['wishes']['pins'];
  const wished = { ...kitchen, wishes: { ...kitchen.wishes, pins } };
  return audit(wished, of)
    .findings.filter(({ code }) => code === 'pin')
    .map(({ message, tasks, guests }) => {
      expect({ tasks, guests }).toEqual({ tasks: [`pie.plain.${name}`], guests: [] });
      return message;
    });
}
const changed = (name: string, change: Partial<PlannedStep>): Plan => ({
  ...plan,
  tasks: plan.tasks.map((task) => (task.id === `pie.plain.${name}` ? ({ ...task, ...change } as PlannedStep) : task)),
});
const whole = (minutes: number) => Math.round(minutes);

test('without a wish nothing is said, nor of what is not done at all', () => {
  expect(audit(kitchen, plan).findings).toEqual([]);
  expect(said('bake', {})).toEqual([]);
  expect(said('fry', { startsAtMin: 0, rack: 3, oven: 4 })).toEqual([]);
});

test.each<[string, string, Pin, RegExp | undefined]>([
  ['begun when it is fixed to', 'mix', { startsAtMin: mix.startMin }, undefined],
  ['a minute later', 'mix', { startsAtMin: mix.startMin - 1 }, /was fixed to \d\d:\d\d\.$/],
  ['a minute sooner', 'mix', { startsAtMin: mix.startMin + 1 }, /was fixed to/],
  ['not before', 'mix', { notBeforeMin: mix.startMin }, undefined],
  ['before', 'mix', { notBeforeMin: mix.startMin + 1 }, /was not to begin before \d\d:\d\d\.$/],
  ['done by then', 'mix', { endsByMin: mix.endMin }, undefined],
  ['done a minute late', 'mix', { endsByMin: mix.endMin - 1 }, /was to be done by \d\d:\d\d\.$/],
  ['a bake too', 'bake', { endsByMin: bake.endMin - 1 }, /was to be done by/],
  ['whose it is', 'mix', { cook: mix.cook }, undefined],
  ['in its oven', 'bake', { oven: bake.oven }, undefined],
  ['in the other one', 'bake', { oven: 1 - bake.oven }, /was fixed to another oven\.$/],
  ['no oven for what is not baked', 'mix', { oven: 1, rack: 1 }, undefined],
  ['on its rack', 'bake', { rack: bake.racks[0]! }, undefined],
  ['on another', 'bake', { rack: bake.racks[0]! + 1 }, /was fixed to another rack\.$/],
  ['on its board', 'cut', { unit: cut.units.find((one) => one.startsWith('b'))! }, undefined],
  ['a piece it does not need', 'mix', { unit: 'b1' as never }, undefined],
])('%s (%s)', (_, name, pin, words) => {
  expect(said(name, pin)).toEqual(words ? [expect.stringMatching(words)] : []);
});

test('another cook, also for a look alone', () => {
  const [one, two] = kitchen.kitchen.cooks.map(({ id }) => id);
  const other = mix.cook === one ? two : one;
  expect(said('mix', { cook: other })).toEqual([expect.stringMatching(/was given to another cook\.$/)]);
  const mine = changed('bake', { looks: bake.looks.map((look) => ({ ...look, cook: one! })) });
  expect(said('bake', { cook: one }, mine)).toEqual([]);
  const shared = changed('bake', {
    looks: bake.looks.map((look, at) => ({ ...look, cook: at === 1 ? two! : one! })),
  });
  expect(said('bake', { cook: one }, shared)).toEqual([expect.stringMatching(/another cook/)]);
});

test('another piece of a kind that it needs', () => {
  const other = cut.units.includes('b1' as never) ? 'b2' : 'b1';
  expect(said('cut', { unit: other as never })).toEqual([
    expect.stringMatching(/was fixed to another piece of kit\.$/),
  ]);
});

describe('time to spare after it, as far as its food can wait', () => {
  const gap = whole(mix.startMin - cut.endMin);
  test('before what follows', () => {
    expect(gap).toBeGreaterThanOrEqual(4);
    // The recipe's own least wait comes on top.
    expect(said('cut', { spareMin: gap - 4 })).toEqual([]);
    expect(said('cut', { spareMin: gap - 3 })).toEqual([
      expect.stringMatching(new RegExp(`was to have ${gap - 3} min to spare after it\\.$`)),
    ]);
    const far = changed('cut', { startMin: mix.startMin - 35, endMin: mix.startMin - 30 });
    expect(said('cut', { spareMin: 100 }, far)).toEqual([]);
    const near = changed('cut', { startMin: mix.startMin - 34, endMin: mix.startMin - 29 });
    expect(said('cut', { spareMin: 100 }, near)).toHaveLength(1);
  });

  test('before the table, for what nothing follows', () => {
    const served = (before: number) => changed('bake', { startMin: -before - 30, endMin: -before });
    expect(said('bake', { spareMin: 10 }, served(10))).toEqual([]);
    expect(said('bake', { spareMin: 10 }, served(9))).toHaveLength(1);
    expect(said('bake', { spareMin: 60 }, served(25))).toEqual([]);
    expect(said('bake', { spareMin: 60 }, served(24))).toHaveLength(1);
    // What something follows is not measured against the table.
    const close = changed('mix', { startMin: -15, endMin: -10 });
    const followed: Plan = {
      ...close,
      tasks: close.tasks.map((task) => (task.id === bake.id ? { ...task, startMin: 50, endMin: 80 } : task)),
    };
    expect(said('mix', { spareMin: 20 }, followed)).toEqual([]);
  });
});
