import { demo, demoRecipes } from '../../test-support/demo.ts';
import { id } from '../../test-support/id.ts';
import { fit } from '../fit/index.ts';
import { insteadOf, takeInstead } from './instead.ts';
import { linesWithout } from './offers.ts';

const lantern = demo('lantern-supper');
const duck = fit(lantern).rows.find((row) => row.dish.id === 'duck')!;
const guestOf = (name: string) => lantern.guests.find((each) => each.id === name)!;

test('what keeps a vegan from duck legs is named, and not the stock cube, for which there is another', () => {
  expect(linesWithout(lantern, duck, guestOf('lena')).map(({ words }) => words)).toEqual(['8 duck legs, about 2.4 kg']);
});

test('dishes of the same course take its place: clear ones first, for all who cannot eat it', () => {
  const found = insteadOf(lantern, duck, id('lena'), demoRecipes);
  expect(found.length).toBe(3);
  for (const { recipe, verdict, guests } of found) {
    expect([recipe.name, recipe.usualCourse, verdict]).toEqual([recipe.name, 'Mains', 'clear']);
    expect(guests).toEqual(expect.arrayContaining(['lena', 'ravi', 'suki']));
    expect(lantern.dishes.map((dish) => dish.recipe)).not.toContain(recipe.id);
  }
  expect(insteadOf(lantern, duck, id('lena'), [])).toEqual([]);
});

test('taken, the new dish is theirs alone, and the other is no longer for them', () => {
  const [first] = insteadOf(lantern, duck, id('lena'), demoRecipes);
  const after = takeInstead(lantern, duck.dish, first!, demoRecipes);
  const rows = fit(after).rows;
  const added = rows.find((row) => row.dish.recipe === first!.recipe.id)!;
  for (const guest of first!.guests) {
    expect(added.cells.get(guest)!.judgement.verdict).not.toBe('conflict');
    expect(after.dishes.find((dish) => dish.id === 'duck')!.notFor).toContain(guest);
    expect(added.dish.notFor).not.toContain(guest);
  }
  expect(added.dish.notFor).toContain('ines');
  expect(after.recipes.filter((recipe) => recipe.id === first!.recipe.id)).toHaveLength(1);
});

test('what is on the menu already is not offered again', () => {
  const [first] = insteadOf(lantern, duck, id('lena'), demoRecipes);
  const after = takeInstead(lantern, duck.dish, first!, demoRecipes);
  const row = fit(after).rows.find((each) => each.dish.id === 'duck')!;
  expect(insteadOf(after, row, id('lena'), demoRecipes).map(({ recipe }) => recipe.id)).not.toContain(first!.recipe.id);
});
