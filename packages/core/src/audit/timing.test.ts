import { byHand, type Place } from '../../test-support/byHand.ts';
import { dish, guest, line, occasion, recipe, step } from '../../test-support/small.ts';
import type { Occasion, Plan } from '../model/index.ts';
import { auditTiming } from './timing.ts';
import { gather } from './facts.ts';

type Loose = Record<string, unknown>;
const minutes = (least: number, likely = least, most = likely) => ({ durationMin: { least, likely, most } });
const of = (steps: Loose[], extra: Loose = {}, more: Loose = {}): Occasion =>
  occasion({ guests: [guest('ana')], recipes: [recipe('r', [line('it', 'salt')], steps, extra)], ...more });

/** What is said of a plan's times: code, tasks and words. */
const said = (one: Occasion, plan: Plan): string[] =>
  auditTiming(gather(one, plan)).map(({ code, tasks, guests, message }) => {
    expect(guests).toEqual([]);
    return `${code} [${tasks.join(' ')}] ${message}`;
  });
const saidOf = (one: Occasion, places: Record<string, Place>): string[] => said(one, byHand(one, places));

describe('least times', () => {
  const one = of([step('mix', minutes(8, 10))]);
  test('a step of eight to ten minutes is done in eight, and not in seven', () => {
    expect(saidOf(one, { 'r.plain.mix': [-20, -12] })).toEqual([]);
    expect(saidOf(one, { 'r.plain.mix': [-20, -13] })).toEqual([
      'too-short [r.plain.mix] “mix” (r, 17:40) is given 7 min; it takes at least 8.',
    ]);
  });

  /** The least minutes that pass, of a step of twenty made for so many portions of its four. */
  const least = (portions: number, extra: Loose, said: Loose = {}): number => {
    const grown = of([step('do', { ...minutes(20), ...extra })]);
    const batches = [{ id: 'r.plain', dish: 'r', versions: ['plain'], portions }];
    for (let took = 1; took < 60; took++) {
      const plan = byHand(grown, { 'r.plain.do': [-60, took - 60, said] }, { batches });
      if (!auditTiming(gather(grown, plan)).some(({ code }) => code === 'too-short')) return took;
    }
    return 60;
  };
  test.each([
    ['work by hand shrinks with its amount, more slowly than that', 2, { grows: true }, {}, 12],
    ['down to half', 0.4, { grows: true }, {}, 10],
    ['but what need not grow does not', 2, { grows: false }, {}, 20],
    ['nor what goes by itself', 2, { grows: true, hands: 'off' }, {}, 20],
    ['more of it is not asked to take longer: two hands may be quicker', 8, { grows: true }, {}, 20],
    ['twice as much in loads takes twice as many', 8, { burner: true, loads: 2 }, {}, 40],
    [
      'and so does what lies side by side in a pan',
      8,
      { burner: true, kit: [{ kind: 'frying-pan' }], text: 'Two minutes each side.' },
      {},
      40,
    ],
    ['a cooler oven takes longer', 4, { hands: 'off', oven: { temperatureC: 200 } }, { bentC: -20 }, 23],
    ['a hotter one less long', 4, { hands: 'off', oven: { temperatureC: 200 } }, { bentC: 20 }, 17],
    ['what is no bake cannot be bent', 4, { hands: 'off' }, { bentC: 20 }, 20],
  ])('%s', (_, portions, extra, said, minutesLeast) => {
    expect(least(portions, extra, said)).toBe(minutesLeast);
  });
  test('nothing takes no time at all', () => {
    const quick = of([step('do', minutes(0, 1, 1))]);
    expect(saidOf(quick, { 'r.plain.do': [-60, -60] })).toEqual([expect.stringMatching(/^too-short .* at least 1\.$/)]);
  });
  test('another way takes its own time, at no bent heat', () => {
    const ways = of([
      step('bake', {
        ...minutes(20),
        hands: 'off',
        oven: { temperatureC: 200 },
        alternatives: [
          { id: 'steam', name: 'Steam', text: '', durationMin: { least: 9, likely: 9, most: 9 }, hands: 'off' },
        ],
      }),
    ]);
    const took = (length: number) => saidOf(ways, { 'r.plain.bake': [-60, length - 60, { way: 'steam', bentC: -20 }] });
    expect(took(9)).toEqual([]);
    expect(took(8)).toEqual([expect.stringMatching(/^too-short .*“Steam” .* at least 9\.$/)]);
  });
});

describe('order and waits', () => {
  const linked = (link: Loose): Occasion => of([step('a'), step('b', { after: [{ step: 'a', ...link }] })]);
  const at = (one: Occasion, wait: number) =>
    saidOf(one, { 'r.plain.a': [-30, -25], 'r.plain.b': [wait - 25, wait - 20] });
  test('a step comes when what it follows is over, and not a minute sooner', () => {
    expect(at(linked({}), 0)).toEqual([]);
    expect(at(linked({}), -1)).toEqual(['order [r.plain.a r.plain.b] “b” (r, 17:34) comes before the end of “a”.']);
  });
  test('so long after it as is asked at least', () => {
    expect(at(linked({ leastMin: 10 }), 10)).toEqual([]);
    expect(at(linked({ leastMin: 10 }), 9)).toEqual([
      'order [r.plain.a r.plain.b] “b” (r, 17:44) comes 9 min after “a”; at least 10 are needed.',
    ]);
  });
  test('and as is allowed at most', () => {
    expect(at(linked({ mostMin: 4 }), 4)).toEqual([]);
    expect(at(linked({ mostMin: 4 }), 5)).toEqual([
      'waits-too-long [r.plain.a r.plain.b] “b” (r, 17:40) comes 5 min after “a”; at most 4 are allowed.',
    ]);
    expect(at(linked({ mostMin: 0 }), 1)).toEqual([expect.stringMatching(/^waits-too-long .* at most 0 /)]);
  });
  test('where a recipe names none, each follows the one before it; one that names no other follows nothing', () => {
    const inOrder = of([step('a'), step('b')]);
    expect(at(inOrder, -1)).toEqual([expect.stringMatching(/^order /)]);
    const free = of([
      step('a', { after: [] }),
      step('b', { after: [] }),
      step('c', { after: [{ step: 'a' }, { step: 'b' }] }),
    ]);
    expect(saidOf(free, { 'r.plain.a': [-30, -25], 'r.plain.b': [-40, -35], 'r.plain.c': [-20, -15] })).toEqual([]);
  });
  test('what stands cold for longer than it must is over when it may be taken', () => {
    const chilled = of(
      [
        step('chill', { ...minutes(30), hands: 'off', cold: 'fridge' }),
        step('cut', { after: [{ step: 'chill', mostMin: 20 }] }),
      ],
      { hold: { mostMin: 600, how: 'covered' } },
    );
    const cutAt = (min: number) => saidOf(chilled, { 'r.plain.chill': [-100, -10], 'r.plain.cut': [min, min + 5] });
    expect(cutAt(-50)).toEqual([]);
    expect(cutAt(-49)).toEqual([expect.stringMatching(/^waits-too-long .* 21 min after/)]);
    expect(cutAt(-71)).toEqual([expect.stringMatching(/^order /)]);
    expect(cutAt(-70)).toEqual([]);
  });
});

describe('serving', () => {
  const one = of([step('a'), step('b')], { hold: { mostMin: 30, how: 'covered' } });
  const endsAt = (min: number) => saidOf(one, { 'r.plain.a': [-200, -195], 'r.plain.b': [min - 5, min] });
  test('is not late to the minute, and only the last step counts', () => {
    expect(endsAt(0)).toEqual([]);
    expect(endsAt(1)).toEqual(['late [r.plain.b] r is ready at 18:01; Main go out at 18:00.']);
  });
  test('does not wait for longer than it holds', () => {
    expect(endsAt(-30)).toEqual([]);
    expect(endsAt(-31)).toEqual(['stands-too-long [r.plain.b] r stands 31 min before serving; it can stand 30.']);
  });
  test('of two last steps each', () => {
    const two = of([step('a', { after: [] }), step('b', { after: [] })], { hold: { mostMin: 30, how: 'covered' } });
    expect(saidOf(two, { 'r.plain.a': [-60, -55], 'r.plain.b': [0, 5] })).toEqual([
      expect.stringMatching(/^stands-too-long \[r\.plain\.a\]/),
      expect.stringMatching(/^late \[r\.plain\.b\]/),
    ]);
  });
  test('by the course of the dish', () => {
    const courses = [
      { id: 'main', name: 'Main', offsetMin: 0 },
      { id: 'sweet', name: 'Sweet', offsetMin: 60 },
    ];
    const later = {
      ...one,
      courses,
      dishes: one.dishes.map((each) => ({ ...each, course: 'sweet' })),
    } as unknown as Occasion;
    const ends = (min: number) => saidOf(later, { 'r.plain.a': [-200, -195], 'r.plain.b': [min - 5, min] });
    expect(ends(60)).toEqual([]);
    expect(ends(61)).toEqual([expect.stringMatching(/^late .* ready at 19:01; Sweet go out at 19:00/)]);
    expect(ends(29)).toEqual([expect.stringMatching(/^stands-too-long /)]);
  });
  test('what was lost is served to nobody', () => {
    const places: Record<string, Place> = { 'r.plain.a': [-200, -195], 'r.plain.b': [20, 25] };
    const batches = [{ id: 'r.plain', dish: 'r', versions: ['plain'], portions: 4, lost: true }];
    expect(said(one, byHand(one, places, { batches })).filter((each) => !each.startsWith('missing-step'))).toEqual([]);
  });
});

describe('every step once', () => {
  const one = of([step('a'), step('b')], { hold: { mostMin: 600, how: 'covered' } });
  const both: Record<string, Place> = { 'r.plain.a': [-60, -55], 'r.plain.b': [-50, -45] };
  test('one that is nowhere', () => {
    expect(saidOf(one, { 'r.plain.a': [-60, -55] })).toEqual(['missing-step [] “b” of r is nowhere in the plan.']);
  });
  test('one that is there twice', () => {
    const plan = byHand(one, both);
    const again = { ...plan.tasks[1]!, id: 'again' } as Plan['tasks'][number];
    expect(said(one, { ...plan, tasks: [...plan.tasks, again] })).toEqual([
      'missing-step [r.plain.b again] “b” of r is in the plan 2 times.',
    ]);
  });
  test('of a dish nobody eats nothing is missing', () => {
    const eaten = of([step('a')], {}, { dishes: [dish('r', 'r', { notFor: ['ana'] })] });
    expect(said(eaten, byHand(eaten, {}))).toEqual([]);
  });
  test('of each version its own', () => {
    const two = of(
      [step('a'), step('b', { uses: ['it'] })],
      { hold: { mostMin: 600, how: 'covered' } },
      {
        guests: [guest('ana'), guest('ben')],
        dishes: [
          dish('r', 'r', {
            versions: [
              { id: 'plain', name: 'as written', swaps: [], guests: ['ana'] },
              { id: 'bare', name: 'bare', swaps: [{ kind: 'omit', line: 'it' }], guests: ['ben'] },
            ],
          }),
        ],
      },
    );
    expect(saidOf(two, both)).toHaveLength(2);
    expect(saidOf(two, { ...both, 'r.bare.a': [-40, -35], 'r.bare.b': [-30, -25] })).toEqual([]);
    // What is shared is done once for both.
    const batches = [
      { id: 'r.base', dish: 'r', versions: ['plain', 'bare'], portions: 4 },
      { id: 'r.plain', dish: 'r', versions: ['plain'], portions: 2, base: 'r.base' },
      { id: 'r.bare', dish: 'r', versions: ['bare'], portions: 2, base: 'r.base' },
    ];
    const split: Record<string, Place> = {
      'r.base.a': [-60, -55],
      'r.plain.b': [-50, -45],
      'r.bare.b': [-40, -35],
    };
    expect(said(two, byHand(two, split, { batches }))).toEqual([]);
  });
});

test('what the occasion does not know is named', () => {
  const one = of([step('a')]);
  expect(saidOf(one, { 'r.plain.a': [-10, -5], 'r.plain.z': [-20, -15] })).toEqual([
    'unknown-name [] The plan has a step r.plain.z, which the occasion does not know.',
  ]);
});

describe('whose steps count', () => {
  const one = of([step('a')], { hold: { mostMin: 600, how: 'covered' } });
  const own = { id: 'r.plain', dish: 'r', versions: ['plain'], portions: 4 };
  test('not those of what was lost', () => {
    const lost = { ...own, id: 'r.gone', lost: true };
    const plan = byHand(one, { 'r.gone.a': [-60, -55] }, { batches: [own, lost] });
    expect(said(one, plan)).toEqual(['missing-step [] “a” of r is nowhere in the plan.']);
    expect(
      said(one, byHand(one, { 'r.gone.a': [-60, -55], 'r.plain.a': [-40, -35] }, { batches: [own, lost] })),
    ).toEqual([]);
  });
  test('not those of another dish, though its steps have the same names', () => {
    const two = of(
      [step('a')],
      {},
      {
        recipes: [recipe('r', [line('it', 'salt')], [step('a')]), recipe('q', [line('it', 'salt')], [step('a')])],
      },
    );
    expect(saidOf(two, { 'q.plain.a': [-10, -5] })).toEqual(['missing-step [] “a” of r is nowhere in the plan.']);
  });
  test('those of a batch that is several versions in one', () => {
    const versions = [
      { id: 'plain', name: 'as written', swaps: [], guests: ['ana'] },
      { id: 'same', name: 'the same', swaps: [], guests: ['ben'] },
    ];
    const two = of([step('a')], {}, { guests: [guest('ana'), guest('ben')], dishes: [dish('r', 'r', { versions })] });
    const both = { ...own, id: 'r.base', versions: ['plain', 'same'] };
    expect(said(two, byHand(two, { 'r.base.a': [-10, -5] }, { batches: [both] }))).toEqual([]);
  });
  test('what is cooked once for dishes that do not have it alike is named', () => {
    const unlike = { ...gather(one, byHand(one, { 'r.plain.a': [-10, -5] })), unlike: ['custard'] };
    expect(auditTiming(unlike)).toEqual([
      {
        code: 'shared',
        message: 'custard is cooked once for dishes that do not have it alike.',
        tasks: [],
        guests: [],
      },
    ]);
  });
  test('where what it follows is not planned at all, only that is said', () => {
    const two = of([step('a'), step('b')]);
    expect(saidOf(two, { 'r.plain.b': [-10, -5] })).toEqual(['missing-step [] “a” of r is nowhere in the plan.']);
  });
});
