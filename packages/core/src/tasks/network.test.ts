import { demo } from '../../test-support/demo.ts';
import { dish, guest, line, noTrace, occasion, recipe, step } from '../../test-support/small.ts';
import { fit } from '../fit/index.ts';
import { tasksOf } from './network.ts';

const lantern = demo('lantern-supper');
const network = tasksOf(lantern, fit(lantern));
const task = (id: string) => network.tasks.find((each) => each.id === id)!;
const carried = (id: string) => task(id).carries.map((each) => each.mark as string);
const guarded = (id: string) => task(id).guards.map((each) => each.mark as string);

test('one dish in two versions is one base and two batches; the base is made once', () => {
  const pears = network.batches.filter((each) => each.dish === 'pears');
  expect(pears.map((each) => [each.id, each.base, each.steps.join()])).toEqual([
    ['pears.base', undefined, 'peel,poach,cool'],
    ['pears.as-written', 'pears.base', 'custard--cook,custard--chill,plate'],
    ['pears.coconut', 'pears.base', 'custard--cook,custard--chill,plate'],
  ]);
  expect(pears[0]!.portions).toBeCloseTo(pears[1]!.portions + pears[2]!.portions, 6);
  expect(task('pears.coconut.plate').after.map((link) => link.task)).toEqual([
    'pears.base.cool',
    'pears.coconut.custard--chill',
  ]);
});

test('a step carries what its food holds by then, contained or feared, and not what comes later', () => {
  expect(carried('salmon.as-written.crumb')).toEqual(expect.arrayContaining(['wheat', 'milk', 'sesame']));
  expect(carried('salmon.as-written.crumb')).not.toContain('fish');
  expect(carried('salmon.as-written.coat')).toEqual(expect.arrayContaining(['fish', 'raw-fish', 'mustard']));
  expect(carried('parcels.as-written.simmer')).toEqual(expect.arrayContaining(['celery', 'barley', 'unread']));
});

describe('a line that no step names', () => {
  const one = (swaps: object[] = []) =>
    occasion({
      guests: [guest('ana'), guest('ben', noTrace('milk'))],
      recipes: [
        recipe(
          'it',
          [line('rice', 'rice'), line('butter', 'butter')],
          [
            step('boil', { uses: ['rice'], splitPoint: true }),
            step('chop', { uses: [], after: [] }),
            step('mix', { after: [{ step: 'boil' }, { step: 'chop' }] }),
          ],
        ),
      ],
      dishes: [
        dish('it', 'it', {
          versions: [
            { id: 'plain', name: 'as written', swaps: [], guests: ['ana'] },
            { id: 'other', name: 'other', swaps, guests: ['ben'] },
          ],
        }),
      ],
    });

  test('is carried by every step, until the cook says where it goes', () => {
    const { tasks } = tasksOf(one(), fit(one()));
    const withMilk = tasks.filter((each) => each.carries.some(({ mark }) => mark === 'milk'));
    expect(withMilk.map((each) => each.id)).toEqual(tasks.map((each) => each.id));
  });

  test('is in no base of which a version is made that has something else instead', () => {
    const swapped = one([{ kind: 'omit', line: 'butter' }]);
    const { batches, tasks } = tasksOf(swapped, fit(swapped));
    expect(batches.map((batch) => batch.id)).toEqual(['it.plain', 'it.other']);
    const free = tasks.filter((each) => each.batch === 'it.other');
    expect(free.flatMap((each) => each.carries).map(({ mark }) => mark)).not.toContain('milk');
  });
});

test('a raw risk ends where the core reaches its temperature, for the food and for the tin in the oven', () => {
  expect(carried('duck.as-written.season')).toContain('raw-poultry');
  expect(carried('duck.as-written.roast')).not.toContain('raw-poultry');
  expect(carried('duck.as-written.sauce')).not.toContain('raw-poultry');
  expect(carried('pears.as-written.custard--cook')).toContain('raw-egg');
  expect(carried('pears.as-written.custard--chill')).not.toContain('raw-egg');
});

test('what is protected are the no-trace needs of those who eat it, relatives and unnamed groups counted', () => {
  expect(guarded('roots.as-written.cut')).toEqual(
    expect.arrayContaining([
      'wheat',
      'barley',
      'rye',
      'gluten',
      'milk',
      'cashew',
      'tree-nut',
      'sesame',
      'egg',
      'unread',
    ]),
  );
  expect(guarded('gratin.as-written.slice')).not.toContain('milk');
  expect(guarded('roots.as-written.cut')).not.toContain('fish');
});

test('food served uncooked is guarded from everything raw; cooked food from raw meat of other dishes alone', () => {
  expect(guarded('salad.as-written.peel')).toEqual(expect.arrayContaining(['raw-egg', 'raw-poultry', 'raw-flour']));
  const gratin = task('gratin.as-written.slice').guards;
  expect(gratin.map((each) => each.mark as string)).not.toContain('raw-egg');
  expect(gratin.find((each) => each.mark === 'raw-poultry')!.exempt).toEqual(['gratin.as-written']);
});

describe('what is raw on purpose', () => {
  const tasksFor = (food: string, steps: object[]) => {
    const one = occasion({
      guests: [guest('ana')],
      recipes: [recipe('it', [line('l', food)], steps as never)],
      dishes: [dish('it')],
    });
    return tasksOf(one, fit(one)).tasks;
  };
  const guardOf = (tasks: ReturnType<typeof tasksFor>, at: number, mark: string) =>
    tasks[at]!.guards.find((each) => (each.mark as string) === mark)?.exempt;
  test('egg is guarded from every egg but its own, and may be served', () => {
    const meant = tasksFor('egg', [step('whisk', { uses: ['l'], meantRaw: ['raw-egg'] }), step('season')]);
    expect([0, 1].map((at) => guardOf(meant, at, 'raw-egg'))).toEqual([['it.plain'], ['it.plain']]);
    expect(meant[1]!.serve!.raw).toEqual([]);
    const not = tasksFor('egg', [step('whisk', { uses: ['l'] }), step('season')]);
    expect([0, 1].map((at) => guardOf(not, at, 'raw-egg'))).toEqual([[], []]);
    expect(not[1]!.serve!.raw).toEqual(['raw-egg']);
  });
  test('a browned steak carries nothing raw any more and is guarded from its own board', () => {
    const fry = (burner: boolean) =>
      tasksFor('beef', [
        step('salt', { uses: ['l'] }),
        step('fry', { burner, meantRaw: ['raw-cut'] }),
        step('slice', { meantRaw: undefined }),
      ]);
    const [salt, , slice] = fry(true);
    expect(salt!.guards.find(({ mark }) => (mark as string) === 'raw-cut')!.exempt).toEqual(['it.plain']);
    expect(slice!.carries.map(({ mark }) => mark as string)).not.toContain('raw-cut');
    expect(guardOf(fry(true), 2, 'raw-cut')).toEqual([]);
    expect(slice!.serve!.raw).toEqual([]);
    expect(fry(false)[2]!.serve!.raw).toEqual(['raw-cut']);
    const warm = tasksFor('beef', [step('warm', { uses: ['l'], oven: { temperatureC: 80 }, meantRaw: ['raw-cut'] })]);
    expect(warm[0]!.serve!.raw).toEqual(['raw-cut']);
  });
});

test('hands-on work grows with the amount, slower than it; somebody puts things in and takes them out', () => {
  const cut = task('roots.as-written.cut').durationMin.planned;
  const { likely } = task('roots.as-written.cut').step.durationMin;
  expect(cut).toBe(Math.round(likely * ((13 * 0.6) / 8) ** 0.7));
  expect(task('roots.as-written.roast').looks.map((point) => point.what)).toEqual([
    'into the oven',
    'turn the roots',
    'look, and out of the oven',
  ]);
});

test('a moment from the end of a bake keeps its distance to it when the bake is bent', () => {
  const one = occasion({
    guests: [guest('ana')],
    recipes: [
      recipe(
        'pie',
        [line('it', 'carrot')],
        [
          step('bake', {
            uses: ['it'],
            hands: 'off',
            durationMin: { least: 60, likely: 60, most: 60 },
            oven: { temperatureC: 180, toleranceC: 10 },
            kit: [{ kind: 'gratin-dish' }],
            looks: [{ id: 'foil', atMin: 50, takesMin: 1, what: 'foil off', fromEnd: true }],
          }),
        ],
      ),
    ],
  });
  const { ways } = tasksOf(one, fit(one)).tasks[0]!;
  expect(ways.length).toBeGreaterThan(1);
  for (const { durationMin, looks } of ways)
    expect(durationMin.planned - looks.find((look) => look.id === 'foil')!.atMin).toBe(10);
});
