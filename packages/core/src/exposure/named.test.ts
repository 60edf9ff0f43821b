import { dish, guest, line, noTrace, occasion, recipe, step } from '../../test-support/small.ts';
import { fit } from '../fit/index.ts';
import { noLabels } from './knowledge.ts';
import { namedInSteps, servedBesideOf, servedWithOf } from './named.ts';

const milk = noTrace('milk');
const sesame = { ...noTrace('sesame'), strictness: 'not-ingredient' };

/** Roast carrots whose last step says something besides. */
const carrots = (says: string, more: Record<string, unknown> = {}) =>
  recipe(
    'carrots',
    [line('carrots', 'carrot'), line('oil', 'olive-oil')],
    [step('roast', { uses: ['carrots', 'oil'] }), step('end', { title: 'Finish', text: says })],
    more,
  );
const verdictOf = (says: string, need: Record<string, unknown>, more: Record<string, unknown> = {}) => {
  const one = occasion({
    guests: [guest('gwen', need)],
    recipes: [carrots(says, more)],
    dishes: [dish('carrots')],
  });
  const [row] = fit(one).rows;
  return row!.cells.get(one.guests[0]!.id)!.judgement;
};

test.each([
  ['Finish with a drizzle of tahini.', sesame],
  ['Scatter with sesame seeds.', sesame],
  ['Pile on to a board with ranch to dip.', milk],
  ['Serve with ranch.', milk],
  ['Serve hot, with ranch dressing for dipping.', milk],
  ['Bring to the table with a bowl of sour cream.', milk],
  ['Top with crumbled feta.', milk],
  ['Scatter with curd.', milk],
  ['Toss with a spoon of tahini sauce.', sesame],
  ['Roll them in breadcrumbs.', noTrace('wheat')],
  ['Dip into fine crumbs and fry.', noTrace('wheat')],
  ['Top with walnut pieces.', noTrace('walnut')],
  ['Scatter with hazelnut pieces and serve.', noTrace('tree-nut')],
  ['Serve with eggs benedict.', noTrace('egg')],
  ['Top with slaw.', noTrace('egg')],
  ['Great on the day with butter.', milk],
  ['Accompany with garlic bread.', milk],
])('what a step names counts for the guests, listed or not: “%s”', (says, need) => {
  const { verdict, reasons } = verdictOf(says, need);
  expect(verdict).toBe('check');
  expect(reasons.every(({ settles }) => settles === 'recipe')).toBe(true);
  expect(reasons[0]!.chain.at(-1)).toContain('not on the list of ingredients');
});

test.each([
  ['Stir until crisp and golden.', milk],
  ['Toss the carrots with the oil.', milk],
  ['Scrape on to a baking sheet.', milk],
  ['Cook to the thickness of cream.', milk],
  ['Season with salt and pepper.', sesame],
])('and nothing else does: “%s”', (says, need) => {
  expect(verdictOf(says, need).verdict).toBe('clear');
});

test.each([
  ['Toast them, then squash some with a fork.', []],
  ['Mix in the squash and leave it.', ['squash']],
  ['Chuck the carrots in.', []],
  ['Line it with paper and baking beans. Take out the beans and paper.', []],
  ['Tip in the beans.', ['beans']],
  ['Cool it on a rack or it goes gummy.', []],
  ['Then in goes tahini.', ['tahini']],
  ['Stir in the carrot sauce.', []],
  ['Stir in the soy sauce.', ['soy sauce']],
  ['Stick a big lidded casserole in the oven.', []],
  ['Leave it while you have a coffee.', []],
  ['Stir in a spoon of coffee.', ['coffee']],
  ['Toss till hot. Pepper.', ['pepper']],
  ['Rub in until it is like fine crumbs.', []],
  ['Pulse to coarse crumbs.', []],
  ['Roll in crumbs.', ['crumbs']],
  ['Top with walnut pieces, then more walnut pieces.', ['walnut pieces']],
  // A word that is merely like a food is another word.
  ['Halve them; they stay whole. Don’t score the case.', []],
])('work, kit and pauses are no food: “%s”', (says, named) => {
  const one = occasion({ guests: [guest('gwen')], recipes: [carrots(says)], dishes: [dish('carrots')] }).recipes[0]!;
  expect(namedInSteps(one, one.lines, noLabels).map(({ words }) => words.toLowerCase())).toEqual(named);
});

test('the cook says that it is not in the dish, and it is clear', () => {
  expect(verdictOf('Top with crumbled feta.', milk, { notMeant: ['feta'] }).verdict).toBe('clear');
  expect(verdictOf('Serve with ranch.', milk, { notMeant: ['ranch'] }).verdict).toBe('clear');
});

test('also of what it is made with: a component’s words count, and what is not meant by them does not', () => {
  const dip = (more: object) =>
    recipe('dip', [line('it', 'chickpeas')], [step('mash', { uses: ['it'], text: 'Mash. Finish with tahini.' })], {
      ...more,
    });
  const of = (more: object) => {
    const one = occasion({
      guests: [guest('gwen', sesame)],
      recipes: [
        recipe(
          'plate',
          [line('dip', undefined, { component: 'dip', amount: { kind: 'batches', batches: 1 } })],
          [step('spread', { uses: ['dip'] })],
        ),
        dip(more),
      ],
      dishes: [dish('plate')],
    });
    return fit(one).rows[0]!.cells.get(one.guests[0]!.id)!.judgement.verdict;
  };
  expect(of({})).toBe('check');
  expect(of({ notMeant: ['tahini'] })).toBe('clear');
});

test('what it is usually served with counts as well', () => {
  expect(verdictOf('Plate up.', milk, { servedWith: ['sour cream'] }).verdict).toBe('check');
});

test('what is on the list is served beside, and is not said twice, by whatever word', () => {
  const besideOf = (says: string) => {
    const [one] = occasion({ guests: [guest('g')], recipes: [carrots(says)] }).recipes;
    return servedBesideOf(one!, one!.lines);
  };
  expect(besideOf('Serve with carrots.')).toEqual([]);
  expect(besideOf('Serve with the roast vegetables.')).toEqual([]);
  expect(besideOf('Serve with the butter.')).toEqual(['the butter']);
});

test.each([
  ['Serve with rice and peas.', ['rice and peas']],
  ['Serve hot, with lime wedges.', ['lime wedges']],
  ['Good with mustard on the side.', ['mustard']],
  ['Toss with the oil.', []],
])('served with: %s', (text, words) => {
  expect(servedWithOf(text)).toEqual(words);
});
