import { readFileSync } from 'node:fs';
import { parse } from 'valibot';
import { Kitchen, Occasion, settled, type Recipe } from '../src/model/index.ts';
import { dish, guest } from './small.ts';

/** What a new occasion begins with. */
export const usualKitchen = (): Kitchen => parse(Kitchen, JSON.parse(readFileSync('data/kitchen.json', 'utf8')));

/** An occasion of one dish in a new occasion's kitchen, with the recipes it is made with. */
export const alone = (
  recipe: Recipe,
  others: readonly Recipe[] = [],
  guests = [guest('ana'), guest('ben'), guest('cleo'), guest('dan')],
): Occasion =>
  settled(
    parse(Occasion, {
      format: 'lupin.occasion/2',
      id: 'alone',
      name: 'Alone',
      date: '2027-01-10',
      serveAt: '18:30',
      courses: [{ id: 'main', name: 'Main', offsetMin: 0 }],
      guests,
      recipes: [recipe, ...others],
      dishes: [dish('it', recipe.id)],
      kitchen: usualKitchen(),
    }),
  );
