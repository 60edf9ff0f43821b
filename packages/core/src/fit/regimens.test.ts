import * as v from 'valibot';
import { dish, line, occasion, recipe, step } from '../../test-support/small.ts';
import { evidenceOf, guest, lines, verdict } from '../../test-support/judging.ts';
import { id } from '../../test-support/id.ts';
import { IngredientLine } from '../model/index.ts';
import { foodOf, hazardOf, regimens } from '../reference/index.ts';
import { fit } from './table.ts';
import { noLabels } from '../exposure/index.ts';
import { labelAsks } from './regimens.ts';
import { judge } from './verdict.ts';
import { avoidedBy, needWords, noTraceHazards } from './needs.ts';

const of = (regimen: string, more: object = {}) =>
  guest({ id: 'n', kind: 'regimen', regimen, strictness: 'not-ingredient', ...more });

/** By hand, from what health services and custom say of each. As it is bought, with no step that would cook it. */
test.each([
  ['pregnancy', 'brie', 'conflict'],
  ['pregnancy', 'blue-cheese', 'conflict'],
  ['pregnancy', 'cheddar', 'clear'],
  ['pregnancy', 'parmesan', 'clear'],
  ['pregnancy', 'feta', 'check'],
  ['pregnancy', 'pate', 'conflict'],
  ['pregnancy', 'chicken-liver', 'conflict'],
  ['pregnancy', 'smoked-salmon', 'conflict'],
  ['pregnancy', 'salami', 'check'],
  ['pregnancy', 'egg', 'conflict'],
  ['pregnancy', 'beef', 'conflict'],
  ['pregnancy', 'bean-sprouts', 'conflict'],
  ['pregnancy', 'red-wine', 'conflict'],
  ['pregnancy', 'coffee', 'check'],
  ['pregnancy', 'mustard-prepared', 'clear'],
  ['pregnancy', 'carrot', 'clear'],
  ['pregnancy', 'peanuts', 'clear'],
  ['weak', 'brie', 'conflict'],
  ['weak', 'lettuce', 'check'],
  ['weak', 'oyster', 'conflict'],
  ['weak', 'rice', 'clear'],
  ['under-five', 'grape', 'check'],
  ['under-five', 'red-wine', 'conflict'],
  ['under-five', 'almonds', 'check'],
  ['under-five', 'ground-almonds', 'clear'],
  ['under-five', 'peanut-butter', 'clear'],
  ['under-five', 'honey', 'clear'],
  ['under-five', 'potato', 'clear'],
  ['under-one', 'honey', 'conflict'],
  ['under-one', 'almonds', 'conflict'],
  ['under-one', 'almond-butter', 'clear'],
  ['halal', 'pork', 'conflict'],
  ['halal', 'lard', 'conflict'],
  ['halal', 'red-wine', 'conflict'],
  ['halal', 'lamb', 'check'],
  ['halal', 'chicken', 'check'],
  ['halal', 'gelatine', 'check'],
  ['halal', 'vanilla-extract', 'check'],
  ['halal', 'prawn', 'check'],
  ['halal', 'salmon', 'clear'],
  ['halal', 'rice', 'clear'],
  ['kosher', 'pork', 'conflict'],
  ['kosher', 'prawn', 'conflict'],
  ['kosher', 'mussel', 'conflict'],
  ['kosher', 'beef', 'check'],
  ['kosher', 'cheddar', 'check'],
  ['kosher', 'salmon', 'clear'],
  ['kosher', 'milk', 'clear'],
  ['kosher', 'bread', 'check'],
  ['jain', 'onion', 'conflict'],
  ['jain', 'potato', 'conflict'],
  ['jain', 'egg', 'conflict'],
  ['jain', 'honey', 'conflict'],
  ['jain', 'mushroom', 'check'],
  ['jain', 'milk', 'clear'],
  ['jain', 'tomato', 'clear'],
  ['alpha-gal', 'beef', 'conflict'],
  ['alpha-gal', 'lard', 'conflict'],
  ['alpha-gal', 'gelatine', 'conflict'],
  ['alpha-gal', 'milk', 'check'],
  ['alpha-gal', 'chicken', 'clear'],
  ['alpha-gal', 'salmon', 'clear'],
  ['fava', 'broad-bean', 'conflict'],
  ['fava', 'dried-broad-beans', 'conflict'],
  ['fava', 'falafel', 'check'],
  ['fava', 'green-beans', 'clear'],
  ['pollen', 'apple', 'check'],
  ['pollen', 'celery', 'check'],
  ['pollen', 'hazelnuts', 'check'],
  ['pollen', 'hazelnut-butter', 'check'],
  ['pollen', 'cider-vinegar', 'clear'],
  ['pollen', 'rice', 'clear'],
  ['latex', 'banana', 'check'],
  ['latex', 'avocado', 'check'],
  ['latex', 'apple', 'clear'],
  ['low-fodmap', 'onion', 'conflict'],
  ['low-fodmap', 'garlic-powder', 'conflict'],
  ['low-fodmap', 'leek', 'check'],
  ['low-fodmap', 'chickpeas', 'check'],
  ['low-fodmap', 'tofu', 'clear'],
  ['low-fodmap', 'carrot', 'clear'],
  ['low-fodmap', 'cheddar', 'clear'],
  ['low-fodmap', 'stock-cube', 'check'],
  ['pregnancy', 'wheat-flour', 'conflict'],
  ['pregnancy', 'hot-smoked-salmon', 'conflict'],
  ['pregnancy', 'swordfish', 'conflict'],
  ['pregnancy', 'tinned-tuna', 'check'],
  ['pregnancy', 'tinned-mackerel', 'check'],
  ['pregnancy', 'frozen-berries', 'check'],
  ['pregnancy', 'burrata', 'check'],
  ['pregnancy', 'mascarpone', 'check'],
  ['pregnancy', 'tiramisu', 'check'],
  ['pregnancy', 'cheesecake', 'check'],
  ['pregnancy', 'kombucha', 'check'],
  ['weak', 'egg', 'conflict'],
  ['weak', 'wheat-flour', 'conflict'],
  ['weak', 'feta', 'check'],
  ['weak', 'pate', 'conflict'],
  ['weak', 'ham', 'check'],
  ['weak', 'bean-sprouts', 'conflict'],
  ['weak', 'frozen-cherries', 'check'],
  ['weak', 'chocolate-mousse', 'check'],
  ['weak', 'kefir', 'check'],
  ['under-five', 'popping-corn', 'check'],
  ['under-five', 'cooked-sausage', 'check'],
  ['under-five', 'apple', 'check'],
  ['under-five', 'kipper', 'conflict'],
  ['under-five', 'beef', 'conflict'],
  ['under-five', 'egg', 'conflict'],
  ['under-five', 'coffee', 'check'],
  ['under-five', 'rice-drink', 'check'],
  ['under-five', 'brie', 'check'],
  ['under-five', 'bean-sprouts', 'check'],
  ['under-one', 'grape', 'check'],
  ['under-one', 'cooked-sausage', 'check'],
  ['under-one', 'carrot', 'check'],
  ['under-one', 'lamb', 'conflict'],
  ['under-one', 'egg', 'conflict'],
  ['under-one', 'red-wine', 'conflict'],
  ['under-one', 'tea', 'conflict'],
  ['under-one', 'feta', 'check'],
  ['under-one', 'rice-drink', 'check'],
  ['halal', 'parmesan', 'check'],
  ['halal', 'white-wine', 'conflict'],
  ['kosher', 'eel', 'conflict'],
  ['kosher', 'rabbit', 'conflict'],
  ['kosher', 'white-fish', 'check'],
  ['kosher', 'gelatine', 'check'],
  ['kosher', 'paneer', 'check'],
  ['kosher', 'white-wine', 'check'],
  ['jain', 'fresh-yeast', 'check'],
  ['alpha-gal', 'parmesan', 'check'],
  ['alpha-gal', 'chicken-sausage', 'check'],
  ['pollen', 'kiwi', 'check'],
  ['pollen', 'parsley', 'check'],
  ['pollen', 'tofu', 'check'],
  ['pollen', 'melon', 'check'],
  ['latex', 'papaya', 'check'],
  ['low-fodmap', 'couscous', 'check'],
  ['low-fodmap', 'milk', 'check'],
  ['low-fodmap', 'pear', 'check'],
  ['low-fodmap', 'cauliflower', 'check'],
  ['low-fodmap', 'honey', 'check'],
  ['low-fodmap', 'cashews', 'check'],
  ['low-fodmap', 'agave-syrup', 'check'],
  ['low-fodmap', 'chives', 'clear'],
  ['low-fodmap', 'garlic-oil', 'clear'],
  ['raw-egg', 'egg', 'conflict'],
  ['raw-egg', 'mayonnaise', 'check'],
] as const)('%s: %s is %s', (regimen, food, expected) => {
  const strictness = regimens.find((each) => each.id === regimen)!.strict ? 'no-trace' : 'not-ingredient';
  expect(verdict(of(regimen, { strictness }), food)).toBe(expected);
});

const bake = { oven: { temperatureC: 200 }, hands: 'off', durationMin: { least: 20, likely: 25, most: 30 } };
const simmer = { burner: true, hands: 'off', durationMin: { least: 10, likely: 12, most: 15 } };

describe('what has been heated is judged as heated', () => {
  const served = (food: string, regimen: string, ...after: object[]) => {
    const steps = [step('mix', { uses: ['l'] }), ...after.map((each, at) => step(`s${at}`, each as never))];
    const all = occasion({
      guests: [{ id: 'g', name: 'Gwen', needs: [{ id: 'n', kind: 'regimen', regimen, strictness: 'not-ingredient' }] }],
      recipes: [recipe('tart', [line('l', food)], steps)],
      dishes: [dish('tart')],
    });
    return fit(all).rows[0]!.cells.get(id('g'))!.judgement;
  };
  test.each([
    ['brie', 'pregnancy', [], 'conflict'],
    ['brie', 'pregnancy', [bake], 'clear'],
    // Stirred into a sauce: hot, and nobody knows how hot.
    ['brie', 'pregnancy', [simmer], 'check'],
    ['smoked-salmon', 'pregnancy', [bake], 'check'],
    ['smoked-trout', 'pregnancy', [bake], 'clear'],
    ['egg', 'pregnancy', [bake], 'clear'],
    ['egg', 'pregnancy', [simmer], 'check'],
    // It is meant to stay soft: no doubt is left.
    ['egg', 'pregnancy', [{ ...simmer, meantRaw: ['raw-egg'] }], 'conflict'],
    ['egg', 'pregnancy', [{ ...bake, meantRaw: ['raw-egg'] }], 'conflict'],
    ['egg', 'halal', [{ ...bake, meantRaw: ['raw-egg'] }], 'clear'],
    ['beef', 'weak', [{ ...simmer, meantRaw: ['raw-cut'] }], 'conflict'],
    ['egg', 'pregnancy', [{ ...simmer, coreC: 74 }], 'clear'],
    ['beef', 'pregnancy', [bake], 'check'],
    ['beef', 'pregnancy', [{ ...bake, coreC: 74 }], 'clear'],
    ['kidney', 'pregnancy', [{ ...bake, coreC: 74 }], 'check'],
    ['mussel', 'weak', [{ ...simmer, coreC: 74 }], 'check'],
    ['salmon', 'under-five', [{ ...bake, coreC: 63 }], 'check'],
    ['tuna-steak', 'under-five', [{ ...bake, coreC: 63 }], 'check'],
    ['swordfish', 'pregnancy', [{ ...bake, coreC: 63 }], 'conflict'],
    ['swordfish', 'under-five', [{ ...bake, coreC: 63 }], 'conflict'],
    ['cod', 'under-one', [{ ...bake, coreC: 63 }], 'check'],
    ['apple', 'pollen', [simmer], 'clear'],
    ['celery', 'pollen', [simmer], 'check'],
    // Some of it stays, however long it is cooked.
    ['red-wine', 'pregnancy', [simmer], 'check'],
    ['red-wine', 'under-five', [simmer], 'check'],
    ['mustard-prepared', 'pregnancy', [simmer], 'clear'],
    ['red-wine', 'under-one', [simmer], 'conflict'],
    ['honey', 'under-one', [bake], 'conflict'],
    ['frozen-berries', 'weak', [], 'check'],
    ['frozen-berries', 'weak', [simmer], 'clear'],
    // Some of it goes on at the end as it is.
    ['parsley', 'weak', [simmer, { text: 'Scatter the remaining parsley over it.' }], 'check'],
    ['parsley', 'weak', [simmer, { text: 'Stir well.' }], 'clear'],
    // A rest of nothing that is named may be of anything.
    ['brie', 'pregnancy', [bake, { text: 'Crumble the rest of the cheese over it.' }], 'conflict'],
    ['brie', 'pregnancy', [bake, { text: 'Garnish and serve.' }], 'clear'],
  ] as const)('%s for %s', (food, regimen, after, expected) => {
    expect(served(food, regimen, ...after).verdict).toBe(expected);
  });
  test('what is only warmed says what is not known', () => {
    const [reason] = served('brie', 'pregnancy', simmer).reasons;
    expect(reason!.chain[2]).toMatch(/Listeria.*nobody says that it becomes hot right through/);
  });
});

describe('what settles it', () => {
  const label = (claims: readonly string[], more: object = {}) =>
    ({
      food: 'feta',
      product: 'Feta',
      readOn: '2026-12-20',
      contains: ['milk'],
      mayContain: [],
      foodsFound: [],
      foodsAbsent: [],
      familiesFound: [],
      familiesAbsent: [],
      claims,
      text: '',
      ...more,
    }) as never;
  test('the label says that the milk was pasteurised', () => {
    const judged = (claims: readonly string[]) =>
      judge(of('pregnancy'), evidenceOf(lines('feta'), [label(claims)])).verdict;
    expect([judged([]), judged(['pasteurised'])]).toEqual(['check', 'clear']);
  });
  test('meat called halal', () => {
    const judged = (claims: readonly string[]) =>
      judge(of('halal'), evidenceOf(lines('lamb'), [label(claims, { food: 'lamb', contains: [] })])).verdict;
    expect([judged(['kosher']), judged(['halal'])]).toEqual(['check', 'clear']);
  });
  test('what is certified as a whole, whatever it is made of; what is known to be in it stays', () => {
    const judged = (food: string, claims: readonly string[]) =>
      judge(of('kosher'), evidenceOf(lines(food), [label(claims, { food, contains: [], lookedFor: [] })])).verdict;
    expect([judged('stock-cube', []), judged('stock-cube', ['kosher'])]).toEqual(['check', 'clear']);
    expect(judged('black-pudding', ['kosher'])).toBe('conflict');
  });
  test('a label that was read for an earlier occasion is read again only for whom no trace may reach', () => {
    const judged = (strictness: string) =>
      judge(
        of('halal', { strictness }),
        evidenceOf(lines('bread'), [label([], { food: 'bread', contains: ['wheat'], carriedOver: true })]),
      ).verdict;
    expect([judged('not-ingredient'), judged('no-trace')]).toEqual(['clear', 'check']);
  });
  test('what is in no family or hazard that the label is read for stays open: onion in a stock cube', () => {
    const all = ['wheat', 'barley', 'rye', 'lactose', 'honey', 'cashew', 'pistachio'];
    const judged = (familiesAbsent: readonly string[]) =>
      judge(
        of('low-fodmap'),
        evidenceOf(lines('vegetable-stock-cube'), [
          label([], { food: 'vegetable-stock-cube', contains: [], lookedFor: all, familiesAbsent }),
        ]),
      ).verdict;
    expect([judged(['legume']), judged(['legume', 'allium'])]).toEqual(['check', 'clear']);
  });
  test('the guest has said so, and to whom no trace may come it is asked again', () => {
    const exceptions = [{ food: 'grape', words: 'cut in quarters', agreedOn: '2026-12-20' }];
    expect(verdict(of('under-five', { exceptions }), 'grape')).toBe('clear');
    expect(verdict(of('under-five', { exceptions, strictness: 'no-trace' }), 'grape')).toBe('check');
    expect(judge(of('under-five', { exceptions }), evidenceOf(lines('grape'))).notes[0]!.chain.at(-1)).toMatch(
      /Gwen said on 20 Dec 2026: “cut in quarters”/,
    );
  });
  test('a label is asked of what may hold it, the guest of what does', () => {
    const settles = (regimen: string, food: string) =>
      judge(of(regimen), evidenceOf(lines(food))).reasons.map((each) => each.settles);
    expect(settles('halal', 'lamb')).toEqual(['label']);
    expect(settles('under-five', 'grape')).toEqual(['guest']);
    expect(settles('kosher', 'bread')).toContain('label');
  });
  test('a wish is a note and never a verdict', () => {
    const wish = judge(of('low-fodmap', { strictness: 'prefers-not' }), evidenceOf(lines('onion', 'apple')));
    expect([wish.verdict, wish.notes.length]).toEqual(['clear', 1]);
  });
  test('what nobody has named is a question', () => {
    for (const { id: regimen } of regimens) expect(verdict(of(regimen), undefined)).toBe('check');
  });
});

describe('meat and milk apart', () => {
  const keeps = [{ id: 'n', kind: 'regimen', regimen: 'kosher', strictness: 'not-ingredient', exceptions: [] }];
  const meal = (...recipes: (readonly [string, readonly string[]])[]) =>
    occasion({
      guests: [
        { id: 'g', name: 'Gwen', needs: keeps },
        { id: 'h', name: 'Hal', needs: [] },
      ],
      recipes: recipes.map(([name, foods]) =>
        recipe(
          name,
          foods.map((food, at) => line(`l${at}`, food)),
          [step('mix', { uses: foods.map((_, at) => `l${at}`), coreC: 74 })],
        ),
      ),
      dishes: recipes.map(([name]) => dish(name)),
    });
  const verdicts = (all: ReturnType<typeof meal>, who = 'g') =>
    fit(all).rows.map((row) => row.cells.get(id(who))!.judgement.verdict);
  test('in one dish it is a conflict', () => {
    expect(verdicts(meal(['pie', ['beef', 'milk']]))).toEqual(['conflict']);
  });
  test('in two dishes of a meal each is a question, to that guest alone', () => {
    const all = meal(['roast', ['beef']], ['pudding', ['milk']], ['rice', ['rice']]);
    expect([verdicts(all), verdicts(all, 'h')]).toEqual([
      ['check', 'check', 'clear'],
      ['clear', 'clear', 'clear'],
    ]);
    expect(
      fit(all)
        .rows[1]!.cells.get(id('g'))!
        .judgement.reasons.map((each) => each.chain[1]),
    ).toEqual(['At this meal there is roast too']);
  });
  test('what is certified is not feared to hold the other kind', () => {
    const all = meal(['roast', ['beef']], ['broth', ['vegetable-stock-cube']]);
    const labels = (claims: readonly string[]) =>
      ({
        ...all,
        labels: [
          {
            food: 'vegetable-stock-cube',
            product: 'Cubes',
            readOn: '2026-12-20',
            contains: [],
            mayContain: [],
            foodsFound: [],
            foodsAbsent: [],
            familiesFound: [],
            familiesAbsent: [],
            lookedFor: [],
            claims,
            text: '',
          },
        ],
      }) as never;
    const reasons = (claims: readonly string[]) =>
      fit(labels(claims)).rows[1]!.cells.get(id('g'))!.judgement.reasons.length;
    expect([reasons([]) > 0, reasons(['kosher'])]).toEqual([true, 0]);
  });
  test('what they are left out of does not count', () => {
    const all = meal(['roast', ['beef']], ['pudding', ['milk']]);
    const [roast, pudding] = all.dishes;
    expect(verdicts({ ...all, dishes: [{ ...roast!, notFor: [id('g')] }, pudding!] })[1]).toBe('clear');
  });
});

test.each([
  ['kosher', 'gelatine', /of which animal/i],
  ['kosher', 'white-wine', /must be kosher/i],
  ['alpha-gal', 'parmesan', /of which animal/i],
  ['alpha-gal', 'chicken-sausage', /sausage skins/i],
] as const)('%s asks of %s for more than one reason', (regimen, food, why) => {
  const { reasons } = judge(of(regimen, { strictness: 'no-trace' }), evidenceOf(lines(food)));
  expect(reasons.map(({ chain }) => chain[2]).join('\n')).toMatch(why);
});

test('a named animal is no pig', () => {
  const noPork = guest({ id: 'n', kind: 'diet', diet: 'no-pork', strictness: 'not-ingredient' });
  expect(['beef', 'lamb', 'venison'].map((food) => verdict(noPork, food))).toEqual(['clear', 'clear', 'clear']);
  expect(['meat', 'burger', 'sausage', 'liver'].map((food) => verdict(noPork, food))).toEqual(
    Array.from({ length: 4 }, () => 'check'),
  );
});

test('nor is it where only the words of a line name it', () => {
  const noPork = guest({ id: 'n', kind: 'diet', diet: 'no-pork', strictness: 'not-ingredient' });
  const of = (text: string) =>
    judge(noPork, evidenceOf([v.parse(IngredientLine, { ...line('l', undefined), text })])).reasons.filter(
      ({ hazard }) => hazard === 'meat',
    ).length;
  expect([of('800 g lamb henry, with rosemary'), of('800 g meat henry')]).toEqual([0, 1]);
});

test('in words, in what is kept apart, and in what is avoided at all', () => {
  const [halal] = of('halal').needs;
  expect([needWords(halal!), avoidedBy(halal!)]).toEqual(['halal', ['pork', 'alcohol']]);
  expect(noTraceHazards(of('kosher', { strictness: 'no-trace' })).has(id('crustacean'))).toBe(true);
  expect(noTraceHazards(of('kosher')).size).toBe(0);
});

test('every rule is about something that exists, and has a reason; every way of eating has a source', () => {
  for (const { rules, source } of regimens) {
    expect(source.length).toBeGreaterThan(10);
    for (const rule of rules) {
      const about = [...rule.hazards, ...rule.families, ...rule.foods, ...rule.itself];
      expect(about).not.toEqual([]);
      for (const hazard of rule.hazards) expect(hazardOf(hazard).name).toBeTruthy();
      for (const food of [...rule.foods, ...rule.itself, ...rule.but]) expect(foodOf(food)?.id).toBe(food);
    }
  }
});

test('a label is read for what a way of eating asks of that food, and for what settles it', () => {
  const asks = (regimen: string, food: string) => {
    const [need] = of(regimen).needs;
    const { hazards, families, claims } = labelAsks(need as never, foodOf(food), noLabels);
    return { hazards: hazards.map(String), families: families.map(String), claims };
  };
  expect(asks('pregnancy', 'feta')).toEqual({ hazards: [], families: [], claims: ['pasteurised'] });
  expect(asks('halal', 'lamb').claims).toEqual(['halal']);
  expect(asks('halal', 'rice')).toEqual({ hazards: [], families: [], claims: [] });
  expect(asks('jain', 'stock-cube').families).toEqual(['allium', 'root', 'mushroom']);
  expect(asks('kosher', 'bread').hazards).toEqual(expect.arrayContaining(['pork', 'crustacean', 'gelatine']));
});
