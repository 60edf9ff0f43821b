import * as v from 'valibot';
import { alone } from '../../test-support/alone.ts';
import { demoRecipes } from '../../test-support/demo.ts';
import { KitKind } from '../model/index.ts';
import { readRecipes } from '../recipes/index.ts';
import { foodOf, hazardOf, roleNames, substitutions } from '../reference/index.ts';
import { roleOf, swapsAt } from './offers.ts';

const role = (name: string, line: string, method: string) => {
  const recipe = readRecipes(`${name}\n\nIngredients\n${line}\n\nMethod\n${method}`).recipes[0]!.recipe;
  return roleOf(recipe, recipe.lines[0]!);
};

test.each([
  ['egg-wash', 'Sausage plait', '1 egg', 'Brush with the egg and bake for 20 minutes at 200 °C.'],
  [
    'coating-glue',
    'Fish in crumbs',
    '2 eggs',
    'Dip the fish in the eggs, then in the crumbs, and press the coating on.',
  ],
  ['foam', 'Pavlova', '4 egg whites', 'Whisk the egg whites to stiff peaks.'],
  ['emulsifier', 'Mayonnaise', '2 egg yolks', 'Whisk the egg yolks while the oil runs in.'],
  ['thickener', 'Vanilla custard', '4 egg yolks', 'Stir the egg yolks in until it coats the back of a spoon.'],
  ['binder', 'Bean patties', '1 egg', 'Mix the egg into the beans and shape.'],
  ['flour-pastry', 'Apple pie', '250 g plain flour', 'Rub the butter into the flour.'],
  ['flour-bread', 'White loaf of bread', '500 g strong white bread flour', 'Mix with the yeast and knead.'],
  ['flour-cake', 'Sponge cake', '200 g plain flour', 'Fold the flour in.'],
  ['thickener', 'White sauce', '40 g plain flour', 'Stir the flour into the butter for the sauce.'],
  ['whipped-cream', 'Trifle', '300 ml whipping cream', 'Whip the cream to soft peaks.'],
  ['cream-body', 'Leek soup', '100 ml double cream', 'Stir in the cream.'],
  ['fat-liquid', 'Fried mushrooms', '30 g butter', 'Fry the mushrooms in the butter.'],
  ['fat-solid', 'Shortbread', '150 g butter', 'Rub the butter into the flour.'],
  ['gelling', 'Jelly', '4 sheets gelatine', 'Soak the gelatine.'],
  ['stock', 'Soup', '1 l vegetable stock', 'Simmer the stock for 20 minutes.'],
] as const)('%s: %s', (wanted, name, line, method) => {
  expect(role(name, line, method)).toBe(wanted);
});

test('at least 400 swaps, for every job but the place beside the plate and what nothing but egg lifts, each with its words and kit that there is', () => {
  expect(substitutions.length).toBeGreaterThanOrEqual(400);
  expect(new Set(substitutions.map((each) => each.id)).size).toBe(substitutions.length);
  expect(
    Object.keys(roleNames).filter(
      (name) => name !== 'accompaniment' && name !== 'egg-lift' && !substitutions.some((each) => each.role === name),
    ),
  ).toEqual([]);
  for (const each of substitutions) {
    expect([each.id, [...each.replaces, ...each.with.map((part) => part.food)].filter((id) => !foodOf(id))]).toEqual([
      each.id,
      [],
    ]);
    expect([each.id, each.technique.length > 5 && each.source.length > 3]).toEqual([each.id, true]);
    expect([each.id, each.kit.every((kind) => v.is(KitKind, kind))]).toEqual([each.id, true]);
    expect([each.id, each.with.some((part) => each.replaces.includes(part.food))]).toEqual([each.id, false]);
  }
});

test('a food that can hurt has ways out: at least two swaps for each, one of which brings no declared allergen that it had', () => {
  for (const id of [
    'egg',
    'milk',
    'cream',
    'butter',
    'wheat-flour',
    'strong-wheat-flour',
    'breadcrumbs',
    'dried-pasta',
    'soy-sauce',
    'cheddar',
    'parmesan',
    'peanut-butter',
    'tahini',
    'walnut',
    'honey',
    'gelatine',
    'mayonnaise',
    'mustard-prepared',
    'couscous',
    'yoghurt',
  ]) {
    const food = foodOf(id)!;
    const ways = substitutions.filter((each) => each.replaces.includes(food.id));
    const own = food.contains.filter((hazard) => hazardOf(hazard).kind === 'allergen');
    expect([id, ways.length >= 2 || id === 'mayonnaise']).toEqual([id, true]);
    expect([
      id,
      ways.some((way) => way.with.every((part) => !foodOf(part.food)!.contains.some((hazard) => own.includes(hazard)))),
    ]).toEqual([id, true]);
  }
});

test('chicken in a curry has stand-ins; a roast bird has none: another dish takes its place', () => {
  const offered = (name: string, line: string, method: string) => {
    const recipe = readRecipes(`${name}\n\nIngredients\n${line}\n\nMethod\n${method}`).recipes[0]!.recipe;
    const occasion = alone(recipe);
    return swapsAt(occasion, occasion.dishes[0]!, recipe.lines[0]!, occasion.guests).options.map(({ name: to }) => to);
  };
  expect(offered('Chicken curry', '600 g chicken thighs', 'Simmer the chicken.')).toEqual(
    expect.arrayContaining(['tofu', 'chickpeas']),
  );
  expect(offered('Roast chicken', '1 whole chicken', 'Roast the chicken at 200 °C for 80 minutes.')).toEqual([]);
});

test('every line of the library that can be swapped has a job', () => {
  for (const recipe of demoRecipes) {
    for (const line of recipe.lines) {
      if (line.food && substitutions.some((each) => each.role !== 'protein' && each.replaces.includes(line.food!)))
        expect([recipe.id, line.text, roleOf(recipe, line) !== undefined]).toEqual([recipe.id, line.text, true]);
    }
  }
});
