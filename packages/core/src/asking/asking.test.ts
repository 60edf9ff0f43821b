import * as v from 'valibot';
import { demo } from '../../test-support/demo.ts';
import { noTrace } from '../../test-support/small.ts';
import { id } from '../../test-support/id.ts';
import { Guest } from '../model/index.ts';
import type { HazardId } from '../reference/index.ts';
import { guestMessage, makerMessage, questionsAbout } from './index.ts';

const who = (needs: object[], more: object = {}) =>
  v.parse(Guest, { id: 'g', name: 'Gwen', needs, confirmedOn: '2026-11-01', ...more });
const asked = (guest: Guest) =>
  questionsAbout(guest, '2026-12-21').map((question) => `${question.kind}: ${question.words}`);

test('nothing to ask where all is confirmed and clear', () => expect(asked(who([noTrace('milk')]))).toEqual([]));

test('never asked, asked long ago, not understood', () => {
  expect(asked(who([noTrace('milk')], { confirmedOn: undefined }))).toEqual([expect.stringMatching(/^never-asked/)]);
  expect(asked(who([noTrace('milk')], { confirmedOn: '2025-11-01' }))).toEqual([expect.stringMatching(/^long-ago/)]);
  expect(asked(who([{ id: 'q', kind: 'open', text: 'nothing blue' }]))).toEqual([
    expect.stringMatching(/“nothing blue” is not understood/),
  ]);
});

test('vegan, and a note that says “eats honey”: asked, not guessed', () => {
  expect(
    asked(who([{ id: 'd', kind: 'diet', diet: 'vegan', strictness: 'not-ingredient' }], { note: 'eats honey' })),
  ).toEqual([expect.stringMatching(/contradiction: You noted “eats honey”, and vegan leaves no room for honey/)]);
  expect(
    asked(who([{ id: 'd', kind: 'diet', diet: 'vegan', strictness: 'not-ingredient' }], { note: 'hates honey' })),
  ).toEqual([]);
});

test('no trace of milk, but ghee; one thing noted at two strictnesses', () => {
  const but = { ...noTrace('milk'), exceptions: [{ food: 'ghee', words: 'ghee is fine' }] };
  expect(asked(who([but]))).toEqual([expect.stringMatching(/do not go together: may Gwen have ghee/)]);
  expect(
    asked(who([noTrace('milk'), { ...noTrace('milk'), id: 'm2', strictness: 'prefers-not' }])).some((words) =>
      /noted twice/.test(words),
    ),
  ).toBe(true);
});

test('an allergen that is only “not an ingredient” asks about traces', () => {
  const mild = { ...noTrace('egg'), strictness: 'not-ingredient' };
  expect(asked(who([mild], { confirmedOn: undefined }))).toEqual([
    expect.stringMatching(/^never-asked/),
    expect.stringMatching(/check-strictness: .*do traces matter/),
  ]);
  expect(asked(who([mild]))).toEqual([]);
});

test('the message reads back what was noted, asks what fits, and names nobody else', () => {
  const occasion = demo('lantern-supper');
  for (const guest of occasion.guests) {
    const message = guestMessage(occasion, guest);
    expect(message).toContain(`Dear ${guest.name},`);
    for (const other of occasion.guests)
      if (other.id !== guest.id) expect(message).not.toMatch(new RegExp(`\\b${other.name}\\b`));
  }
  const coeliac = guestMessage(occasion, who([{ ...noTrace('gluten'), note: 'since childhood' }]));
  expect(coeliac).toMatch(/no trace of gluten; since childhood/);
  expect(coeliac).toMatch(/oats certified gluten-free/);
});

test('what is served soft on purpose is asked of whom nothing is known, and of nobody who could have none of it', () => {
  const lantern = demo('lantern-supper');
  const [dish] = lantern.dishes;
  const recipes = lantern.recipes.map((recipe) =>
    recipe.id === dish!.recipe
      ? { ...recipe, steps: recipe.steps.map((step) => ({ ...step, meantRaw: [id<HazardId>('raw-egg')] })) }
      : recipe,
  );
  const asksIn = (guest: Guest, more: object = {}) =>
    /raw or soft egg\)/.test(guestMessage({ ...lantern, recipes, ...more }, guest));
  expect(asksIn(who([]))).toBe(true);
  expect(asksIn(who([]), { recipes: lantern.recipes })).toBe(false);
  expect(asksIn(who([]), { dishes: [{ ...dish!, notFor: [id('g')] }] })).toBe(false);
  const need = (regimen: string) => ({ id: 'p', kind: 'regimen', regimen, strictness: 'not-ingredient' });
  expect(asksIn(who([need('pregnancy')]))).toBe(false);
  expect(asksIn(who([need('halal')]))).toBe(true);
});

test('a maker is asked about the hazards that matter, and told of nobody', () => {
  const occasion = demo('lantern-supper');
  const message = makerMessage(
    occasion,
    { brought: { how: 'brought', by: 'Tamsin', sealed: false, answers: [] } },
    'Potato salad',
  );
  expect(message).toMatch(/Dear Tamsin/);
  expect(message).toMatch(/What matters at this table: .*gluten/);
  for (const guest of occasion.guests) expect(message).not.toMatch(new RegExp(`\\b${guest.name}\\b`));
});
