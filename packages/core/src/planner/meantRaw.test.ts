import { alone } from '../../test-support/alone.ts';
import { guest } from '../../test-support/small.ts';
import type { Recipe } from '../model/index.ts';
import { fit } from '../fit/index.ts';
import { answered, checkRecipe, readRecipes, type RecipeReading } from '../recipes/index.ts';
import { auditedPlanning, toEnd } from './index.ts';

/** What is meant to be soft, pink, cured or raw: no timetable until the cook says so, one when it is said, and none of it for who may not have it. */
const read = (lines: string, method: string): RecipeReading =>
  readRecipes(`A dish\nServes 4\n\nIngredients\n${lines}\n\nMethod\n${method}`).recipes[0]!;

const planOf = (recipe: Recipe, guests = [guest('ana'), guest('ben')]) =>
  toEnd(auditedPlanning(alone(recipe, [], guests), { seconds: 0.02, firstSeconds: 1 }));

/** The recipe after everything that is asked about was said to be meant. */
function asMeant({ recipe, questions }: RecipeReading): Recipe {
  const changes = questions.flatMap(({ answers }) =>
    answers.filter(({ changes: all }) => all.some(({ what }) => what === 'meant')).flatMap((each) => each.changes),
  );
  return answered(recipe, changes);
}

const dishes: readonly (readonly [name: string, lines: string, method: string])[] = [
  [
    'mayonnaise',
    '2 egg yolks\n250 ml sunflower oil\n1 tsp mustard\n1 tbsp lemon juice',
    'Whisk the yolks with the mustard in a bowl. Pour in the oil slowly, whisking all the time. Season with the lemon juice.',
  ],
  [
    'a dressing over leaves',
    '1 egg yolk\n1 clove garlic\n100 ml olive oil\n2 romaine lettuces\n40 g parmesan',
    'Beat the yolk with the crushed garlic and the oil to a dressing. Tear the lettuces into a bowl. Toss with the dressing and the parmesan.',
  ],
  [
    'mousse',
    '200 g dark chocolate\n4 eggs, separated\n50 g sugar',
    'Melt the chocolate over simmering water. Take it off the heat and stir in the yolks. Whisk the whites with the sugar to soft peaks. Fold them into the chocolate. Chill for 3 hours.',
  ],
  [
    'soft eggs',
    '8 eggs\n4 slices toast',
    'Boil the eggs for 5 minutes until soft-boiled. Peel them and serve on the toast.',
  ],
  [
    'steak',
    '4 sirloin steaks, 200 g each\n1 tbsp oil',
    'Season the steaks on a board. Fry them in the oil in a hot frying pan for 2 minutes a side, medium rare. Leave to rest for 5 minutes. Slice them on a board and serve.',
  ],
  [
    'lamb',
    '8 lamb chops\n2 tbsp oil\n2 cloves garlic',
    'Rub the chops with the oil and garlic. Grill for 3 minutes a side so that they are still pink inside. Rest for 5 minutes.',
  ],
  [
    'cured fish',
    '600 g salmon fillet\n40 g salt\n40 g sugar\n1 bunch dill',
    'Mix the salt with the sugar and chopped dill. Rub it into the salmon in a dish. Cover and chill for 24 hours. Wipe off the cure. Slice thinly and serve.',
  ],
  [
    'fish in lime',
    '500 g sea bass fillet\n6 limes\n1 red onion',
    'Cut the fish into cubes. Mix with the lime juice and sliced onion in a bowl. Chill for 20 minutes and serve.',
  ],
  [
    'tuna',
    '4 tuna steaks\n1 tbsp oil\n2 tbsp sesame seeds',
    'Coat the tuna with the oil and seeds. Sear it in a very hot pan for 1 minute a side; it should stay rare. Slice and serve at once.',
  ],
];

describe.each(dishes)('%s', (_, lines, method) => {
  const reading = read(lines, method);
  const recipe = asMeant(reading);
  test('no timetable while nobody says that it is meant', () => {
    const result = planOf(reading.recipe);
    expect(result.kind === 'none' && result.reason.what).toBe('Something would go to the table raw.');
    expect(result.kind === 'none' && result.reason.tryThis).toContain('meant');
  });
  test('a timetable that passes the audit when it is said; and it is told, in no grave words', () => {
    expect(planOf(recipe).kind).toBe('plan');
    const findings = checkRecipe(recipe, () => undefined);
    expect(findings.filter(({ weight }) => weight === 'danger')).toEqual([]);
    expect(findings).toContainEqual(expect.objectContaining({ code: 'meant-raw', weight: 'hint' }));
  });
  test('nothing for a guest who may have nothing raw', () => {
    const occasion = alone(
      recipe,
      [],
      [guest('gwen', { id: 'n', kind: 'regimen', regimen: 'pregnancy', strictness: 'not-ingredient' })],
    );
    const verdicts = fit(occasion).rows.flatMap(({ cells }) =>
      [...cells.values()].map(({ judgement }) => judgement.verdict),
    );
    expect(verdicts).toEqual(['conflict']);
  });
});

test.each([
  [
    'minced beef, raw',
    '400 g minced beef\n4 egg yolks\n1 onion',
    'Mix the beef with the chopped onion. Top each with a yolk and serve.',
  ],
  [
    'beef cut thin, never on the heat',
    '400 g beef fillet\n2 tbsp olive oil',
    'Slice the beef very thinly. Drizzle with the oil and serve.',
  ],
  [
    'chicken that is pink',
    '4 chicken breasts\n1 tbsp oil',
    'Fry the chicken in the oil for 4 minutes, still pink in the middle.',
  ],
  ['raw dough', '200 g flour\n2 eggs\n100 g sugar', 'Mix everything to a dough. Roll into balls and serve.'],
])('%s: nobody can say that it is meant', (_, lines, method) => {
  const reading = read(lines, method);
  const recipe = asMeant(reading);
  expect(recipe.steps.flatMap(({ meantRaw = [] }) => meantRaw)).toEqual([]);
  expect(planOf(recipe).kind).toBe('none');
});
