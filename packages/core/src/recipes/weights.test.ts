import * as v from 'valibot';
import { foodOf } from '../reference/index.ts';
import { IngredientLine } from '../model/index.ts';
import { massOf } from '../versions/index.ts';
import { readLine } from './line.ts';

/** What a line weighs, in g. */
function weightOf(text: string): number | undefined {
  const reading = readLine(text);
  const line = v.parse(IngredientLine, { id: 'l', text, food: reading.food, amount: reading.amount });
  return massOf(line.amount, line.food && foodOf(line.food));
}

/** By kitchen scale or as the trade packs it; within a quarter, which is as far as one cook's cup is from another's. @source household measures; USDA FoodData Central portions */
test.each([
  ['1 cup icing sugar', 120],
  ['1 cup brown sugar', 215],
  ['1 tbsp kosher salt', 10],
  ['1 tbsp powdered glucose', 9],
  ['1 cup whipped cream', 60],
  ['1 cup dry breadcrumbs', 110],
  ['1 cup fresh breadcrumbs', 50],
  ['1 cup steel-cut oats', 170],
  ['1 cup rolled oats', 95],
  ['1 cup flaxseed', 165],
  ['1 cup ground flaxseed', 105],
  ['1 cup wheat germ', 115],
  ['1 cup wheat bran', 58],
  ['1 cup soya flour', 85],
  ['1 cup flaked almonds', 93],
  ['1 cup coconut flakes', 60],
  ['1 tsp xanthan gum', 2.8],
  ['1 tbsp nutritional yeast', 4],
  ['1 tbsp agar flakes', 2],
  ['6 chicken wings', 360],
  ['1 quail egg', 9],
  ['1 duck egg', 70],
  ['5 artichoke hearts', 75],
  ['1 portobello mushroom', 85],
  ['1 little gem', 110],
  ['1 iceberg lettuce', 600],
  ['10 new potatoes', 500],
  ['1 baking potato', 280],
  ['1 poblano', 65],
  ['1 Persian cucumber', 110],
  ['1 bunch kale', 200],
  ['1 bunch grapes', 500],
  ['1 bunch celery', 450],
  ['1 bunch parsley', 30],
  ['1 tin anchovies', 50],
  ['1 tin sardines', 120],
  ['1 tin tuna', 145],
  ['1 bagel', 100],
  ['1 ear of corn', 100],
  ['1 cup chopped parsley', 60],
  ['1 cup chopped onion', 150],
  ['1 cup diced carrots', 130],
  ['1 cup blueberries', 150],
  ['1 cup spinach', 30],
  ['1 cup cream cheese', 232],
  ['1 cup ricotta', 250],
  ['1 cup chocolate chips', 170],
  ['1 cup dried cranberries', 120],
  ['2 cups dried pasta', 200],
  ['1 tsp dried oregano', 1],
  ['1 tsp curry powder', 2],
  ['4 lamb chops', 440],
  ['2 sirloin steaks', 440],
  ['6 sausages', 390],
  ['4 slices cheese', 80],
  ['10 olives', 40],
  ['1 punnet strawberries', 400],
  ['1 block tofu', 400],
  ['1 cup flour', 125],
  ['1 cup sugar', 200],
  ['1 cup rice', 190],
  ['1 cup grated cheddar', 105],
  ['1 chicken breast', 175],
  ['1 sheet puff pastry', 320],
] as const)('%s: about %d g', (text, massG) => {
  const weight = weightOf(text)!;
  expect(weight / massG).toBeGreaterThan(0.75);
  expect(weight / massG).toBeLessThan(1.25);
});
