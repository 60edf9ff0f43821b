import { line, occasion, guest, recipe, step } from '../../test-support/small.ts';
import { knowledgeOf } from '../exposure/index.ts';
import type { Recipe, StepId } from '../model/index.ts';
import { rules } from '../reference/index.ts';
import { waitsOf, type WaitLaw, type Waits } from './index.ts';

type Loose = Record<string, unknown>;

const heat = { hands: 'off', burner: true, durationMin: { least: 20, likely: 20, most: 25 } };
const bake = { hands: 'off', oven: { temperatureC: 180 }, durationMin: { least: 30, likely: 30, most: 40 } };
const alone = (minutes: number) => ({
  hands: 'off',
  durationMin: { least: minutes, likely: minutes, most: minutes },
});

/** Steps one after the other; all foods come into the first, but those a step names itself. */
function made(foods: readonly string[], steps: readonly Loose[], extra: Loose = {}): { recipe: Recipe; waits: Waits } {
  const named = new Set(steps.flatMap((each) => (each['uses'] as string[] | undefined) ?? []));
  const one = occasion({
    guests: [guest('ana')],
    recipes: [
      recipe(
        'r',
        foods.map((food) => line(food, food)),
        steps.map((each, at) =>
          step(`s${at}`, { uses: at === 0 ? foods.filter((food) => !named.has(food)) : [], ...each }),
        ),
        { hold: { mostMin: 30, how: 'not said' }, ...extra },
      ),
    ],
  });
  const [written] = one.recipes;
  const minutes = new Map(written!.steps.map((each) => [each.id, each.durationMin.likely]));
  return { recipe: written!, waits: waitsOf(written!, knowledgeOf(one), (id) => minutes.get(id)!) };
}

const after = ({ recipe: { steps }, waits }: ReturnType<typeof made>, at: number): WaitLaw =>
  waits.between(steps[at]!.id, steps[at + 1]?.id);

const cold = { hold: { mostMin: 600, how: 'cold, in the fridge' } };

describe('what spoils after a step', () => {
  test.each<[string, readonly string[], readonly Loose[], boolean]>([
    ['milk', ['milk'], [{}, {}], true],
    ['carrots cut', ['carrot'], [{}, {}], false],
    ['carrots boiled', ['carrot'], [heat, {}], true],
    ['tomatoes cut', ['tomato'], [{}, {}], true],
    ['strawberries cut', ['strawberry'], [{}, {}], true],
    ['strawberries cooked', ['strawberry', 'sugar'], [heat, {}], false],
    ['apples, raw or cooked', ['apple'], [heat, {}], false],
    ['rice, dry', ['rice'], [{}, {}], false],
    ['rice, soaked', ['rice', 'water'], [{}, {}], true],
    ['rice, boiled', ['rice'], [heat, {}], true],
    ['rice, in a slow cooker', ['rice'], [{ ...heat, burner: false, kit: [{ kind: 'slow-cooker' }] }, {}], true],
    ['rice, in a microwave', ['rice'], [{ ...heat, burner: false, kit: [{ kind: 'microwave' }] }, {}], true],
    ['rice, by itself in a bowl', ['rice'], [{ ...heat, burner: false, kit: [{ kind: 'bowl' }] }, {}], false],
    ['nuts, toasted', ['walnut'], [heat, {}], false],
    ['nuts, blended', ['cashews'], [{ kit: [{ kind: 'blender' }] }, {}], true],
    ['nuts, soaked', ['cashews', 'water'], [{}, {}], true],
    ['flour and water', ['wheat-flour', 'water'], [{}, {}], false],
    ['a sauce of flour and water', ['wheat-flour', 'water'], [heat, {}], true],
    [
      'a heat too short to heat through',
      ['carrot'],
      [{ ...heat, durationMin: { least: 2, likely: 2, most: 2 } }, {}],
      false,
    ],
    ['a word nobody knows', ['nobody-knows'], [{}, {}], true],
  ])('%s', (_, foods, steps, spoils) => {
    const unknown = foods.includes('nobody-knows');
    const one = unknown
      ? made([], [{}, {}], { lines: [line('thing', undefined, { text: 'two glimps of wobblewort' })] })
      : made(foods, steps, cold);
    expect(after(one, 0).spoils).toBe(spoils);
  });

  test('what is baked dry keeps, until something that spoils comes on it', () => {
    const cake = made(['wheat-flour', 'sugar', 'butter', 'egg'], [{}, { ...bake, coreC: 90 }, {}], cold);
    expect(after(cake, 1).spoils).toBe(false);
    const iced = made(
      ['wheat-flour', 'sugar', 'butter', 'egg', 'cream'],
      [{}, { ...bake, coreC: 90 }, { uses: ['cream'] }],
      cold,
    );
    expect([after(iced, 1).spoils, after(iced, 2).spoils]).toEqual([false, true]);
  });

  test('what is baked moist spoils, and flesh whatever it is baked with', () => {
    const tart = made(['wheat-flour', 'milk', 'cream', 'egg'], [{}, { ...bake, coreC: 90 }, {}], cold);
    const pie = made(['wheat-flour', 'butter', 'sugar', 'beef-mince'], [{}, { ...bake, coreC: 90 }, {}], cold);
    const bought = made(['wheat-flour', 'butter', 'sugar', 'ham'], [{}, bake, {}], cold);
    expect([after(tart, 1).spoils, after(pie, 1).spoils, after(bought, 1).spoils]).toEqual([true, true, true]);
  });

  test('flatbread is baked dry in a pan, and a sauce in a saucepan is not', () => {
    const dough = ['wheat-flour', 'butter', 'yoghurt'];
    const inKit = (kind: string) => made(dough, [{}, { ...heat, kit: [{ kind }] }, {}], cold);
    expect([after(inKit('frying-pan'), 1).spoils, after(inKit('saucepan'), 1).spoils]).toEqual([false, true]);
  });
});

describe('raw', () => {
  test.each(['chicken', 'lamb', 'salmon', 'egg'])('%s stands for minutes, until its core was hot enough', (food) => {
    const one = made([food], [{}, { ...heat, coreC: 95 }, {}], cold);
    expect(after(one, 0)).toMatchObject({ standsMin: rules.rawWaitsMostMin, cold: { mostMin: rules.coldWaitMostMin } });
    expect(after(one, 1).standsMin).toBe(Infinity);
  });

  test('heat without a core temperature leaves it raw', () => {
    expect(after(made(['chicken'], [{}, heat, {}], cold), 1).standsMin).toBe(rules.rawWaitsMostMin);
  });

  test('browned and meant to stay pink it is cooked food; an egg that is meant to stay raw is raw', () => {
    const seared = made(['beef'], [{}, { ...heat, meantRaw: ['raw-cut'] }, {}], cold);
    expect(after(made(['egg'], [{}, { ...heat, meantRaw: ['raw-egg'] }, {}], cold), 1).standsMin).toBe(Infinity);
    expect(after(seared, 1)).toMatchObject({ spoils: true, standsMin: Infinity });
    expect(after(made(['egg'], [{}, { meantRaw: ['raw-egg'] }, {}], cold), 1).standsMin).toBe(rules.rawWaitsMostMin);
  });
  test('raw flour is not raw food', () => {
    expect(after(made(['wheat-flour'], [{}, {}], cold), 0)).toEqual({ spoils: false, standsMin: Infinity });
  });
});

describe('browned, and not done', () => {
  const brown = { ...heat, uses: ['carrot'] };
  const browned = (food: string, coreC?: number) =>
    after(made([food], [heat, { ...bake, ...(coreC ? { coreC } : {}) }, {}, { ...heat, coreC: 95 }], cold), 1);

  test.each(['chicken', 'beef-mince', 'salmon'])('%s goes on at once, and never into the fridge', (food) => {
    expect(browned(food)).toEqual({ spoils: true, standsMin: rules.rawWaitsMostMin });
  });

  test('cooked through it may wait, and so may egg, and flesh that has not been on the heat', () => {
    expect(browned('chicken', 95).cold).toBeDefined();
    expect(browned('egg').cold).toBeDefined();
    const beside = made(
      ['chicken', 'carrot'],
      [
        { uses: ['chicken'] },
        { ...brown, after: [] },
        { after: [{ step: 's0' }, { step: 's1' }] },
        { ...heat, coreC: 95 },
      ],
      cold,
    );
    expect(after(beside, 2).cold).toBeDefined();
  });
});

describe('what a wait would spoil, though it hurts nobody', () => {
  const boil = { ...heat, text: 'Boil it and drain.' };
  const cake = ['wheat-flour', 'milk', 'baking-powder'];

  test.each<[string, readonly string[], readonly Loose[], number | undefined, number | undefined]>([
    ['drained pasta', ['dried-pasta'], [boil, {}], 20, undefined],
    ['potatoes are no pasta', ['potato'], [boil, {}], Infinity, 1440],
    ['a batter with baking powder', cake, [{}, bake], 20, undefined],
    ['before it is baked, not before it is shaped', cake, [{}, {}, bake], Infinity, 1440],
    [
      'pulses soaked with soda',
      ['chickpeas', 'water', 'bicarbonate-of-soda'],
      [{ text: 'Soak over night.' }, bake],
      Infinity,
      1440,
    ],
    ['a batter with soaked fruit in it', cake, [{ text: 'Mix with the soaked raisins.' }, bake], 20, undefined],
    ['a dry mix with baking powder', ['wheat-flour', 'baking-powder'], [{}, bake], Infinity, undefined],
    ['whites beaten stiff', ['egg-white'], [{ text: 'Whisk the whites to stiff peaks.' }, {}], 10, undefined],
    ['whipped cream', ['whipping-cream'], [{ text: 'Whip the cream.' }, {}], 30, 240],
    ['dressed leaves', ['lettuce'], [{ text: 'Toss with the dressing.' }, {}], 15, undefined],
    ['leaves, washed', ['lettuce'], [{ text: 'Wash and dry.' }, {}], Infinity, 1440],
    ['something crisp', ['carrot'], [{ ...heat, text: 'Fry until crisp.' }, {}], 30, undefined],
    [
      'what is coated in crumbs',
      ['chicken', 'breadcrumbs'],
      [{ text: 'Coat in the crumbs.' }, { ...bake, coreC: 95 }],
      rules.rawWaitsMostMin,
      240,
    ],
    ['vegetables coated in crumbs', ['aubergine', 'breadcrumbs'], [{ text: 'Coat in the crumbs.' }, bake], 30, 240],
    ['cut apple', ['apple'], [{ text: 'Peel and slice.' }, {}], 60, 120],
    ['cut apple with lemon on it', ['apple', 'lemon'], [{ text: 'Peel and slice.' }, {}], Infinity, undefined],
    ['cut carrots', ['carrot'], [{ text: 'Slice them.' }, {}], 120, 1440],
    ['whole carrots', ['carrot'], [{ text: 'Wash them.' }, {}], Infinity, undefined],
  ])('%s', (_, foods, steps, standsMin, coldMin) => {
    const law = after(made(foods, steps, cold), 0);
    expect([law.standsMin, law.cold?.mostMin]).toEqual([standsMin, coldMin]);
  });

  test('what rests or cools does so from when it leaves the heat; what is worked on, chilled or comes together may come to it later', () => {
    const then = (next: Loose, steps: readonly Loose[] = [bake, next]) =>
      after(made(['carrot'], [...steps], cold), 0).standsMin;
    expect(then({ hands: 'off' })).toBe(20);
    expect(then({ hands: 'on' })).not.toBe(20);
    expect(then({ hands: 'off', cold: 'fridge' })).not.toBe(20);
    expect(
      then({}, [{ ...bake, after: [] }, { after: [] }, { hands: 'off', after: [{ step: 's0' }, { step: 's1' }] }]),
    ).not.toBe(20);
  });

  test('a heat that goes on in the same piece, and in another', () => {
    const kit = (kind: string) => ({ kit: [{ kind }] });
    const twice = (then: Loose) =>
      after(
        made(
          ['carrot'],
          [
            { ...bake, ...kit('gratin-dish') },
            { ...bake, ...then },
          ],
          cold,
        ),
        0,
      );
    expect([twice({}).standsMin, twice(kit('gratin-dish')).standsMin, twice(kit('roasting-tin')).standsMin]).toEqual([
      20, 20, 45,
    ]);
  });

  test('what the recipe itself says of the wait goes before', () => {
    const said = { after: [{ step: 's0', mostMin: 90 }] };
    expect(after(made(['dried-pasta'], [boil, said], cold), 0)).toMatchObject({ standsMin: Infinity });
    const least = { after: [{ step: 's0', leastMin: 45 }] };
    expect(after(made(cake, [{}, { ...bake, ...least }], cold), 0).standsMin).toBe(45);
  });
});

describe('what goes by itself', () => {
  const inFridge = (food: string, minutes: number, more: readonly string[] = []) =>
    [...made([food, ...more], [alone(minutes), { ...heat, coreC: 95 }], cold).waits.inFridge].length === 1;

  test('raw stands in the fridge after some minutes, other food after longer', () => {
    expect([inFridge('chicken', rules.rawWaitsMostMin), inFridge('chicken', rules.rawWaitsMostMin + 1)]).toEqual([
      false,
      true,
    ]);
    expect([inFridge('milk', rules.setAsideMostMin), inFridge('milk', rules.setAsideMostMin + 1)]).toEqual([
      false,
      true,
    ]);
    expect(inFridge('olive-oil', 600)).toBe(false);
  });

  test('a dough rises as its recipe says, one with flesh in it does not', () => {
    expect(inFridge('egg', 120, ['wheat-flour', 'dried-yeast'])).toBe(false);
    expect(inFridge('beef-mince', 120, ['wheat-flour', 'dried-yeast'])).toBe(true);
    const dough = made(['egg', 'wheat-flour', 'dried-yeast'], [{}, alone(120), { ...bake, coreC: 95 }]);
    expect(after(dough, 0)).toMatchObject({ spoils: false });
    expect(dough.waits.standing.has(dough.recipe.steps[1]!.id)).toBe(false);
    // The milk was warmed before the yeast came in, and it is a dough all the same; heated with the yeast it is none.
    const isCold = (usesYeast: number) => {
      const steps = [heat, {}, alone(120), bake].map((each, at) =>
        at === usesYeast ? { ...each, uses: ['dried-yeast'] } : each,
      );
      return made(['milk', 'wheat-flour', 'dried-yeast'], steps).waits.inFridge.size > 0;
    };
    expect([isCold(1), isCold(0)]).toEqual([false, true]);
  });

  test('what is cold by its recipe is there already', () => {
    const one = made(['milk'], [{ ...alone(60), cold: 'fridge' }, {}], cold);
    expect(after(one, 0).cold).toMatchObject({ isThere: true });
    expect(one.waits.standing.has(one.recipe.steps[0]!.id)).toBe(false);
  });
});

describe('served hot', () => {
  const hot = (one: ReturnType<typeof made>) =>
    [...(one.waits.hot ?? [])].map(([id, minutes]) => [id as string, minutes]);

  test('from its last heat on, its trailing work and the recipe’s own waits apart', () => {
    expect(hot(made(['carrot'], [heat, {}]))).toEqual([['s0', 5 + 30]]);
    const waits = { after: [{ step: 's0', mostMin: 10 }] };
    expect(hot(made(['carrot'], [heat, waits]))).toEqual([['s0', 10 + 5 + 30]]);
  });

  test('at once is five minutes at the least', () => {
    const atOnce = { hold: { mostMin: 0, how: 'at once' } };
    expect(hot(made(['carrot'], [heat], atOnce))).toEqual([['s0', rules.hotHoldLeastMin]]);
  });

  test.each<[string, readonly Loose[], Loose]>([
    ['by its recipe’s word', [heat], { hold: { mostMin: 30, how: 'at room temperature' } }],
    ['once it has chilled', [heat, { ...alone(20), cold: 'fridge' }], {}],
    ['once it has stood by itself', [heat, alone(rules.coolsOffMin)], {}],
    ['once it was left to cool', [heat, { ...alone(5), text: 'Leave it to cool.' }], {}],
  ])('not %s', (_, steps, extra) => {
    expect(made(['carrot'], steps, extra).waits.hot).toBeUndefined();
  });

  test('nuts that were toasted for it need not be', () => {
    const one = made(
      ['carrot', 'walnut'],
      [
        { uses: ['carrot'], ...heat },
        { ...heat, uses: ['walnut'], after: [] },
        { after: [{ step: 's0' }, { step: 's1' }] },
      ],
    );
    expect(hot(one).map(([id]) => id)).toEqual(['s0']);
  });

  test('it is not chilled on the way, unless it is heated through again', () => {
    const reheated = (minutes: number) =>
      after(
        made(['carrot'], [heat, {}, { ...heat, durationMin: { least: minutes, likely: minutes, most: minutes } }]),
        0,
      );
    expect(after(made(['carrot'], [heat, {}]), 0).cold).toBeUndefined();
    expect(reheated(rules.reheatsLeastMin - 1).cold).toBeUndefined();
    expect(reheated(rules.reheatsLeastMin).cold).toBeDefined();
  });
});

describe('how long the fridge keeps it', () => {
  const mostMin = (food: string, days: number | undefined) =>
    after(
      made([food], [{}, { ...heat, coreC: 95 }], {
        ...cold,
        keeps: days === undefined ? [] : [{ where: 'fridge', days }],
      }),
      0,
    ).cold?.mostMin;
  test.each([
    ['milk', undefined, 1440],
    ['milk', 2, 2880],
    ['milk', 9, rules.leftoverFridgeDays * 1440],
    ['chicken', 2, 1440],
  ])('%s, %s days by its recipe: %i minutes', (food, days, minutes) => {
    expect(mostMin(food, days)).toBe(minutes);
  });
});

test('what no step uses is in all of them', () => {
  const one = made(['salt', 'chicken'], [{ uses: ['salt'] }, { uses: ['chicken'] }], cold);
  const [first, second] = one.recipe.steps.map((each) => each.id) as [StepId, StepId];
  expect(one.waits.between(first, second).standsMin).toBe(Infinity);
  const loose = made(['salt'], [{}, {}], { ...cold, lines: [line('salt', 'salt'), line('chicken', 'chicken')] });
  expect(loose.waits.between(first, second).standsMin).toBe(rules.rawWaitsMostMin);
});
