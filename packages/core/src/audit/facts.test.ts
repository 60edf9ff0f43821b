import { byHand, heatOf, washOf, type Place } from '../../test-support/byHand.ts';
import { id } from '../../test-support/id.ts';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from '../../test-support/small.ts';
import type { Occasion, Plan, Recipe } from '../model/index.ts';
import {
  allDoing,
  broughtInto,
  clock,
  doing,
  endOf,
  forbiddenTo,
  gather,
  heldAs,
  isRaw,
  linksOf,
  markName,
  named,
  nearTo,
  residueOf,
  upTo,
} from './facts.ts';

type Loose = Record<string, unknown>;
const of = (recipes: Loose[], more: Loose = {}): Occasion =>
  occasion({ guests: [guest('ana'), guest('ben')], recipes, ...more } as Parameters<typeof occasion>[0]);
const recipeOf = (steps: Loose[], lines = [line('it', 'carrot'), line('fat', 'butter')]): Recipe =>
  of([recipe('r', lines, steps)]).recipes[0]!;

describe('what follows what', () => {
  test('where a recipe names none, the step before it; where it names some, those', () => {
    const made = recipeOf([
      step('a'),
      step('b'),
      step('c', { after: [{ step: 'a', leastMin: 5, mostMin: 9 }] }),
      step('d', { after: [] }),
    ]);
    const links = made.steps.map((each) => linksOf(made, each));
    expect(links).toEqual([[], [{ step: 'a', leastMin: 0 }], [{ step: 'a', leastMin: 5, mostMin: 9 }], []]);
  });
  test('up to a step is all that must be done before it, in the recipe’s order', () => {
    const made = recipeOf([
      step('a', { after: [] }),
      step('b', { after: [] }),
      step('c', { after: [{ step: 'b' }] }),
      step('d', { after: [{ step: 'a' }, { step: 'c' }] }),
      step('e', { after: [] }),
    ]);
    const before = (at: number) => upTo(made, made.steps[at]!).map((each) => each.id as string);
    expect(before(3)).toEqual(['a', 'b', 'c', 'd']);
    expect(before(2)).toEqual(['b', 'c']);
    expect(before(4)).toEqual(['e']);
  });
  test('what the recipe puts nowhere is in every food that begins', () => {
    const made = recipeOf([
      step('a', { uses: ['it'], after: [] }),
      step('b', { after: [] }),
      step('c', { after: [{ step: 'a' }] }),
    ]);
    expect(made.steps.map((each) => broughtInto(made, each))).toEqual([['it', 'fat'], ['fat'], []]);
  });
  test('what stands cold is over when it may be taken out, and any other when it ends', () => {
    const one = of([
      recipe(
        'r',
        [line('it', 'carrot')],
        [
          step('chill', { hands: 'off', cold: 'fridge', durationMin: { least: 20, likely: 30, most: 60 } }),
          step('cut'),
        ],
      ),
    ]);
    const at = (until: number) =>
      gather(one, byHand(one, { 'r.plain.chill': [-100, until], 'r.plain.cut': [-20, -10] })).steps;
    expect(at(-40).map(endOf)).toEqual([-70, -10]);
    expect(at(-75).map(endOf)).toEqual([-75, -10]);
  });
});

describe('residues of a line', () => {
  const one = of([
    recipe(
      'r',
      [line('it', 'couscous'), line('raw', 'chicken'), line('odd', undefined), line('packet', 'vegetable-stock-cube')],
      [step('do', { uses: ['it', 'raw', 'odd', 'packet'] })],
    ),
  ]);
  const marks = (name: string, on = one) => residueOf(on.recipes[0]!, name, on);
  test('are what it holds, raw or not, and whatever nobody has read', () => {
    expect(marks('it')).toEqual(expect.arrayContaining(['wheat']));
    expect(marks('it')).not.toContain('unread');
    expect(marks('raw').some(isRaw)).toBe(true);
    expect(marks('it').some(isRaw)).toBe(false);
    expect(marks('odd')).toContain('unread');
    expect(marks('packet')).toContain('unread');
    expect(marks('nothing')).toEqual([]);
  });
  test('of a dish that somebody brings also what it met on the way, unless it stays sealed', () => {
    const brought = (sealed: boolean) => {
      const with_ = of([recipe('r', [line('it', 'couscous')], [step('do', { uses: ['it'] })])]);
      return {
        ...with_,
        dishes: with_.dishes.map((each) => ({ ...each, brought: { by: id('ana'), sealed } })),
      } as unknown as Occasion;
    };
    expect(marks('it', brought(false))).toContain('unread');
    expect(marks('it', brought(true))).not.toContain('unread');
    // Only that dish.
    const two = of([
      recipe('r', [line('it', 'couscous')], [step('do')]),
      recipe('q', [line('it', 'plum')], [step('do')]),
    ]);
    const [first, second] = two.dishes;
    const one_ = {
      ...two,
      dishes: [{ ...first!, brought: { by: id('ana'), sealed: false } }, second!],
    } as unknown as Occasion;
    expect(residueOf(one_.recipes[0]!, 'it', one_)).toContain('unread');
    expect(residueOf(one_.recipes[1]!, 'it', one_)).not.toContain('unread');
  });
  test('have names, and only those that are raw are raw', () => {
    expect(markName('unread')).toBe('something unread');
    expect(markName(id('wheat'))).toBe('wheat');
    expect(isRaw('unread')).toBe(false);
  });
});

describe('what must not reach a guest', () => {
  const forbidden = (...needs: Loose[]) => {
    const [only] = of([recipe('r', [line('it', 'carrot')], [step('do')])], { guests: [guest('ana', ...needs)] }).guests;
    return [...forbiddenTo(only!)];
  };
  test('is a hazard with its group, what belongs to it, and whatever nobody has read', () => {
    const gluten = forbidden(noTrace('gluten'));
    expect(gluten).toEqual(expect.arrayContaining(['gluten', 'wheat', 'barley', 'rye', 'unread']));
    expect(gluten).not.toContain('milk');
    expect(forbidden(noTrace('wheat'))).toContain('gluten');
    expect(nearTo(id('gluten'))).toContain('wheat');
  });
  test('is nothing for who only avoids it, or whose need nobody can judge', () => {
    expect(forbidden({ id: 'g', kind: 'hazard', hazard: 'gluten', strictness: 'not-ingredient' })).toEqual([]);
    expect(forbidden({ id: 'o', kind: 'open', text: 'nothing white' })).toEqual([]);
    expect(forbidden()).toEqual([]);
  });
});

describe('a moment by the clock', () => {
  const one = of([recipe('r', [line('it', 'carrot')], [step('do')])]);
  test.each([
    [0, '18:00'],
    [-1, '17:59'],
    [359, '23:59'],
    [360, '00:00 the day after'],
    [-1080, '00:00'],
    [-1081, '23:59 the day before'],
    [-2520, '00:00 the day before'],
    [-2521, '23:59, 2 days before'],
    [65, '19:05'],
  ])('%i min from serving at 18:00 is %s', (min, words) => expect(clock(one, min)).toBe(words));
  test('by the minutes of an hour that is not whole', () =>
    expect(clock({ ...one, serveAt: '18:25' }, 10)).toBe('18:35'));
  test('a step is named by its words, its dish and its time', () => {
    const [only] = gather(one, byHand(one, { 'r.plain.do': [-65, -60] })).steps;
    expect(named(one, only!)).toBe('“do” (r, 16:55)');
  });
});

describe('batches', () => {
  const two = of(
    [
      recipe(
        'r',
        [line('it', 'carrot'), line('herb', 'parsley')],
        [step('a', { uses: ['it'], splitPoint: true }), step('b', { uses: ['herb'] })],
      ),
    ],
    {
      dishes: [
        dish('r', 'r', {
          versions: [
            { id: 'plain', name: 'as written', swaps: [], guests: ['ana'] },
            { id: 'bare', name: 'bare', swaps: [{ kind: 'omit', line: 'herb' }], guests: ['ben'] },
          ],
        }),
      ],
    },
  );
  const batches = [
    { id: 'r.base', dish: 'r', versions: ['plain', 'bare'], portions: 4 },
    { id: 'r.plain', dish: 'r', versions: ['plain'], portions: 2, base: 'r.base' },
    { id: 'r.bare', dish: 'r', versions: ['bare'], portions: 2, base: 'r.base' },
  ];
  const places: Record<string, Place> = { 'r.base.a': [-60, -55], 'r.plain.b': [-50, -45], 'r.bare.b': [-40, -35] };
  const factsOf = () => gather(two, byHand(two, places, { batches }));
  const batch = (name: string, facts = factsOf()) => facts.batches.get(name)!;

  test('have those who eat of them, and what they are taken from', () => {
    expect(batch('r.base').eaters.map((each) => each.id)).toEqual(['ana', 'ben']);
    expect(batch('r.plain').eaters.map((each) => each.id)).toEqual(['ana']);
    expect([...batch('r.base').lineage]).toEqual(['r.base']);
    expect([...batch('r.bare').lineage]).toEqual(['r.bare', 'r.base']);
    expect(batch('r.plain')).toMatchObject({ served: true, factor: 0.5, dishName: 'r' });
    expect(batch('r.base').factor).toBe(1);
    expect(factsOf().strangers).toEqual([]);
    expect([...factsOf().eaten.keys()]).toEqual(['r/plain', 'r/bare']);
    expect(factsOf().eaten.get('r/bare')).toMatchObject({ dish: { id: 'r' }, name: 'r', recipe: { id: 'r' } });
  });
  test('a base is made as the first version; a version as itself', () => {
    const lines = (name: string) => batch(name).recipe.lines.map((each) => each.id as string);
    expect(lines('r.base')).toEqual(['it', 'herb']);
    expect(lines('r.plain')).toEqual(['it', 'herb']);
    expect(lines('r.bare')).toEqual(['it']);
  });
  test('a step is done by its own batch, or by what that is taken from', () => {
    const facts = factsOf();
    const task = (name: string, stepName: string) => doing(facts, batch(name, facts), id(stepName))?.task.id;
    expect(task('r.plain', 'a')).toBe('r.base.a');
    expect(task('r.plain', 'b')).toBe('r.plain.b');
    expect(task('r.bare', 'b')).toBe('r.bare.b');
    expect(task('r.base', 'b')).toBeUndefined();
    // Done by both, its own counts, and both are found.
    const also = gather(two, byHand(two, { ...places, 'r.plain.a': [-70, -65] }, { batches }));
    expect(doing(also, also.batches.get('r.plain')!, id('a'))!.task.id).toBe('r.plain.a');
    expect(allDoing(also, also.batches.get('r.plain')!, id('a'))).toHaveLength(2);
  });
  test('lost, one is served to nobody', () => {
    const lost = gather(two, byHand(two, places, { batches: batches.map((each) => ({ ...each, lost: true })) }));
    expect([...lost.batches.values()].map((each) => each.served)).toEqual([false, false, false]);
  });
  test('a piece is told apart by kind, name and whose food it is', () => {
    expect(heldAs(batch('r.plain'), 'bowl', 'x')).toBe('r.plain/bowl/x');
  });
});

describe('strangers', () => {
  const one = of([recipe('r', [line('it', 'carrot')], [step('a'), step('b')])]);
  const places: Record<string, Place> = { 'r.plain.a': [-60, -55], 'r.plain.b': [-50, -45] };
  const strange = (change: (plan: Plan) => unknown) => {
    const plan = structuredClone(byHand(one, places));
    change(plan);
    return gather(one, plan).strangers;
  };
  test('of batches: a dish that is not there, a version that is not, none at all, two that are one', () => {
    const batch = (more: Loose) => strange((plan) => Object.assign(plan.batches[0]!, more));
    expect(batch({})).toEqual([]);
    expect(batch({ dish: 'other' })[0]).toBe('batch r.plain');
    expect(batch({ versions: ['other'] })[0]).toBe('batch r.plain');
    expect(batch({ versions: [] })[0]).toBe('batch r.plain');
    expect(batch({ versions: ['plain', 'plain'] })[0]).toBe('batch r.plain');
  });
  test('of steps: without a batch, without a step, in a way that it has not', () => {
    const task = (more: Loose) => strange((plan) => Object.assign(plan.tasks[0]!, more));
    expect(task({ batch: 'other' })).toEqual(['step r.plain.a']);
    expect(task({ step: 'other' })).toEqual(['step r.plain.a']);
    expect(task({ way: 'other' })).toEqual(['step r.plain.a']);
  });

  const rest = (more: Loose = {}, looks = 2): readonly string[] =>
    strange((plan) =>
      plan.tasks.push({
        ...structuredClone(plan.tasks[0]!),
        cook: undefined,
        id: 'rest',
        step: 'rest',
        startMin: -55,
        endMin: -50,
        rest: { after: 'r.plain.a', before: ['r.plain.b'] },
        looks: Array.from({ length: looks }, () => ({ look: 'x', startMin: -55, endMin: -54, cook: 'cook', what: '' })),
        ...more,
      } as unknown as Plan['tasks'][number]),
    );
  test('of rests: after or before what is not there, without its looks, with kit or racks', () => {
    expect(rest()).toEqual([]);
    expect(rest({ rest: { after: 'r.plain.a', before: ['table'] } })).toEqual([]);
    const { tasks } = byHand(one, places);
    const away = {
      ...tasks[0]!,
      cook: undefined,
      id: 'rest',
      step: 'rest',
      rest: { after: 'r.plain.a', before: ['r.plain.b'] },
    };
    const looks = [-55, -51].map((startMin) => ({ look: 'x', startMin, endMin: startMin + 1, cook: 'cook', what: '' }));
    const facts = gather(one, byHand(one, places, { besides: [{ ...away, looks }] }));
    expect(facts.rests.map(({ after, takes }) => [after.task.id, takes])).toEqual([
      ['r.plain.a', [{ before: 'r.plain.b', look: looks[1] }]],
    ]);
    expect(facts.steps).toHaveLength(2);
    expect(rest({ rest: { after: 'other', before: ['r.plain.b'] } })).toEqual(['rest rest']);
    expect(rest({ rest: { after: 'r.plain.a', before: ['other'] } })).toEqual(['rest rest']);
    expect(rest({ rest: { after: 'r.plain.a', before: ['r.plain.b', 'other'] } }, 3)).toEqual(['rest rest']);
    expect(rest({}, 3)).toEqual(['rest rest']);
    expect(rest({}, 1)).toEqual(['rest rest']);
    expect(rest({ units: ['bowl-1'] })).toEqual(['rest rest']);
    expect(rest({ racks: [0] })).toEqual(['rest rest']);
  });
});

test('washes and ovens of the plan are told apart, and versions that nobody eats are not asked for', () => {
  const versions = [
    { id: 'plain', name: 'as written', swaps: [], guests: ['ana', 'ben'] },
    { id: 'bare', name: 'bare', swaps: [], guests: [] },
  ];
  const one = of([recipe('r', [line('it', 'carrot')], [step('a')])], { dishes: [dish('r', 'r', { versions })] });
  const besides = [washOf('w', -50, -45, []), heatOf('o', -60, -40, 0, 200)];
  const facts = gather(one, byHand(one, { 'r.plain.a': [-60, -55] }, { besides }));
  expect(facts.washes.map((each) => each.id)).toEqual(['w']);
  expect(facts.ovens.map((each) => each.id)).toEqual(['o']);
  expect([...facts.eaten.keys()]).toEqual(['r/plain']);
});

describe('a step as it is really done', () => {
  const one = of([
    recipe(
      'r',
      [line('it', 'carrot')],
      [
        step('bake', {
          hands: 'off',
          oven: { temperatureC: 200 },
          kit: [{ kind: 'baking-tray' }],
          looks: [{ id: 'turn', atMin: 2, takesMin: 1, what: 'turn it' }],
          alternatives: [
            {
              id: 'steam',
              name: 'Steam',
              text: '',
              hands: 'off',
              burner: true,
              kit: [{ kind: 'saucepan' }],
              durationMin: { least: 9, likely: 9, most: 9 },
            },
          ],
        }),
        step('stand', { hands: 'off' }),
        step('stir'),
      ],
    ),
  ]);
  const done = (name: string, said: Loose) =>
    gather(one, byHand(one, { [`r.plain.${name}`]: [-60, -50, said] })).steps[0]!.step;
  test('in another way has the time, kit and heat of that, and no oven', () => {
    expect(done('bake', { way: 'steam' })).toMatchObject({
      title: 'Steam',
      burner: true,
      hands: 'off',
      looks: [],
      kit: [{ kind: 'saucepan' }],
    });
    expect(done('bake', { way: 'steam' }).oven).toBeUndefined();
  });
  test('at a bent heat', () => {
    expect(done('bake', { bentC: -15 }).oven!.temperatureC).toBe(185);
    expect(done('bake', {}).oven!.temperatureC).toBe(200);
    expect(done('stand', { bentC: 15 }).oven).toBeUndefined();
  });
  test('in the fridge, if it goes by itself and on no heat', () => {
    expect(done('stand', { inFridge: true }).cold).toBe('fridge');
    expect(done('stand', {}).cold).toBeUndefined();
    expect(done('stir', { inFridge: true }).cold).toBeUndefined();
    expect(done('bake', { inFridge: true }).cold).toBeUndefined();
    expect(done('bake', { way: 'steam', inFridge: true }).cold).toBeUndefined();
  });
});

describe('what is cooked once for several dishes', () => {
  const sauce = recipe(
    'sauce',
    [line('it', 'tomato')],
    [step('simmer', { uses: ['it'], kit: [{ kind: 'bowl', as: 'pot' }] })],
    {
      keeps: [{ where: 'fridge', days: 3 }],
    },
  );
  const using = (name: string, extra: Loose = {}) =>
    recipe(
      name,
      [
        line('s', undefined, { component: 'sauce', amount: { kind: 'batches', batches: 1 }, ...extra }),
        line('own', 'carrot'),
      ],
      [step('top', { uses: ['s', 'own'] })],
    );
  const one = of([sauce, using('pie'), using('pasta'), recipe('salad', [line('it', 'carrot')], [step('cut')])], {
    dishes: [dish('pie'), dish('pasta'), dish('salad')],
    kit: [unit('bowl-1', 'bowl')],
  });
  const component = (into: Loose[], more: Loose = {}) => ({
    id: 'sauce.once',
    dish: 'pie',
    versions: ['plain'],
    portions: 8,
    component: { recipe: 'sauce', into },
    ...more,
  });
  const into = (name: string, path = ['s']) => ({ dish: name, version: 'plain', path });
  const own = ['pie', 'pasta', 'salad'].map((name) => ({
    id: `${name}.plain`,
    dish: name,
    versions: ['plain'],
    portions: 4,
  }));
  const gathered = (batch: Loose) =>
    gather(one, byHand(one, { 'sauce.once.simmer': [-60, -50] }, { batches: [batch, ...own] }));

  test('is eaten by all who eat of them, served by itself to nobody, and is in what they are', () => {
    const facts = gathered(component([into('pie'), into('pasta')]));
    const made = facts.batches.get('sauce.once')!;
    expect(made).toMatchObject({ served: false, factor: 2, dishName: 'sauce', from: [] });
    expect(made.eaters.map((each) => each.id)).toEqual(['ana', 'ben']);
    expect(facts.strangers.filter((each) => each.startsWith('batch'))).toEqual([]);
    expect(facts.unlike).toEqual([]);
    expect([...facts.batches.get('pie.plain')!.lineage]).toEqual(['pie.plain', 'sauce.once']);
    expect([...facts.batches.get('salad.plain')!.lineage]).toEqual(['salad.plain']);
    const pie = facts.batches.get('pie.plain')!;
    expect(pie.from.map((each) => each.batch)).toEqual(['sauce.once']);
    const simmer = pie.recipe.steps.find((each) => each.title === 'simmer')!;
    expect(doing(facts, pie, simmer.id)!.task.id).toBe('sauce.once.simmer');
    const held = simmer.kit[0]!;
    expect(heldAs(pie, 'bowl', held.as!)).toBe('sauce.once/bowl/pot');
  });
  test('where it does not belong it is unlike; where nothing is like it, it is a stranger', () => {
    expect(gathered(component([into('pie'), into('salad')])).unlike).toEqual(['sauce']);
    expect(gathered(component([into('salad')])).strangers).toContain('batch sauce.once');
    expect(gathered(component([into('pie', ['own'])])).strangers).toContain('batch sauce.once');
    expect(gathered(component([into('pie')], { dish: 'other' })).strangers).toContain('batch sauce.once');
    expect(
      gathered({ ...component([into('pie')]), component: { recipe: 'salad', into: [into('pie')] } }).unlike,
    ).toHaveLength(1);
  });
  test('made otherwise in one of them it is unlike', () => {
    const other = {
      ...one,
      dishes: one.dishes.map((each) =>
        each.id === 'pasta'
          ? { ...each, versions: each.versions.map((made) => ({ ...made, swaps: [{ kind: 'omit', line: 's--it' }] })) }
          : each,
      ),
    } as unknown as Occasion;
    const facts = gather(
      other,
      byHand(other, {}, { batches: [component([into('pie'), into('pasta')]), ...own] as Record<string, unknown>[] }),
    );
    expect(facts.unlike).toEqual(['sauce']);
  });
  test('two of them are told apart, and are eaten by those of their own dishes', () => {
    const table = {
      ...one,
      dishes: one.dishes.map((each) => (each.id === 'pie' ? { ...each, notFor: ['ben'] } : each)),
    } as unknown as Occasion;
    const batches = [
      component([into('pie')]),
      { ...component([into('pasta')]), id: 'sauce.again', dish: 'pasta' },
      ...own,
    ] as Record<string, unknown>[];
    const facts = gather(
      table,
      byHand(table, { 'sauce.once.simmer': [-60, -50], 'sauce.again.simmer': [-40, -30] }, { batches }),
    );
    const eaters = (name: string) => facts.batches.get(name)!.eaters.map((each) => each.id as string);
    expect(eaters('sauce.once')).toEqual(['ana']);
    expect(eaters('sauce.again')).toEqual(['ana', 'ben']);
    expect([...facts.batches.get('sauce.once')!.lineage]).toEqual(['sauce.once']);
    const [pie, pasta] = [facts.batches.get('pie.plain')!, facts.batches.get('pasta.plain')!];
    const simmer = (batch: typeof pie) => batch.recipe.steps.find((each) => each.title === 'simmer')!.id;
    expect(allDoing(facts, pie, simmer(pie)).map(({ task }) => task.id)).toEqual(['sauce.once.simmer']);
    expect(allDoing(facts, pasta, simmer(pasta)).map(({ task }) => task.id)).toEqual(['sauce.again.simmer']);
  });
  test('a base takes it only where all its versions do', () => {
    const versions = [
      { id: 'plain', name: 'as written', swaps: [], guests: ['ana'] },
      { id: 'bare', name: 'bare', swaps: [], guests: ['ben'] },
    ];
    const two = {
      ...one,
      dishes: one.dishes.map((each) => (each.id === 'pie' ? { ...each, versions } : each)),
    } as unknown as Occasion;
    const lineage = (...into_: Loose[]) => {
      const batches = [
        component(into_),
        { id: 'pie.base', dish: 'pie', versions: ['plain', 'bare'], portions: 4 },
      ] as Record<string, unknown>[];
      return [...gather(two, byHand(two, {}, { batches })).batches.get('pie.base')!.lineage];
    };
    expect(lineage(into('pie'), { ...into('pie'), version: 'bare' })).toEqual(['pie.base', 'sauce.once']);
    expect(lineage(into('pie'))).toEqual(['pie.base']);
    expect(lineage({ ...into('pie'), version: 'bare' }, into('pasta'))).toEqual(['pie.base']);
  });
  test('lost, it goes into nothing', () => {
    const facts = gathered(component([into('pie'), into('pasta')], { lost: true }));
    expect([...facts.batches.get('pie.plain')!.lineage]).toEqual(['pie.plain']);
  });
});
