import * as v from 'valibot';
import { madeWith } from './components.ts';
import { Course, Dish } from './dish.ts';
import { OwnFood } from './food.ts';
import { Guest } from './guest.ts';
import { ClockTime, Day, Name, OccasionId, Words } from './ids.ts';
import { Kitchen } from './kitchen.ts';
import { LabelRecord } from './label.ts';
import { recipeFaults, type LinkFault } from './recipeLinks.ts';
import { Recipe } from './recipe.ts';
import { takingFaults } from './taking.ts';
import { Wishes } from './pins.ts';
import { Shopping } from './shopping.ts';

const fields = v.strictObject({
  format: v.literal('lupin.occasion/2', 'This is not an occasion of format lupin.occasion/2.'),
  id: OccasionId,
  name: Name,
  note: v.optional(Words, ''),
  date: Day,
  serveAt: ClockTime,
  courses: v.pipe(v.array(Course), v.minLength(1, 'An occasion has at least one course.'), v.maxLength(12)),
  guests: v.pipe(v.array(Guest), v.maxLength(60, 'At most 60 guests.')),
  dishes: v.pipe(v.array(Dish), v.maxLength(60, 'At most 60 dishes.')),
  /** The recipes as they were when planned, so that an old occasion can be read years later. */
  recipes: v.pipe(v.array(Recipe), v.maxLength(80)),
  kitchen: Kitchen,
  labels: v.optional(v.pipe(v.array(LabelRecord), v.maxLength(500)), []),
  /** Foods that the user added or corrected, as they were when planned. */
  ownFoods: v.optional(v.pipe(v.array(OwnFood), v.maxLength(500)), []),
  shopping: v.optional(Shopping, {}),
  wishes: v.optional(Wishes, {}),
});

/** Every id that names something must name something that is there, once. Returns what does not, with its place. */
export function linkFaults(occasion: v.InferOutput<typeof fields>): LinkFault[] {
  const faults: LinkFault[] = [];
  const fault = (message: string, ...path: (string | number)[]) => void faults.push({ path, message });
  const unique = (ids: readonly string[], what: string, ...path: (string | number)[]) => {
    const seen = new Set<string>();
    ids.forEach((id, i) => (seen.has(id) ? fault(`Two ${what} have the id "${id}".`, ...path, i, 'id') : seen.add(id)));
    return seen;
  };
  const guests = unique(
    occasion.guests.map((g) => g.id),
    'guests',
    'guests',
  );
  const courses = unique(
    occasion.courses.map((c) => c.id),
    'courses',
    'courses',
  );
  unique(
    occasion.dishes.map((d) => d.id),
    'dishes',
    'dishes',
  );
  const recipes = unique(
    occasion.recipes.map((r) => r.id),
    'recipes',
    'recipes',
  );
  unique(
    occasion.ownFoods.map((f) => f.id),
    'own foods',
    'ownFoods',
  );
  unique(
    occasion.kitchen.kit.map((k) => k.id),
    'pieces of kit',
    'kitchen',
    'kit',
  );
  unique(
    occasion.kitchen.cooks.map((k) => k.id),
    'cooks',
    'kitchen',
    'cooks',
  );
  occasion.kitchen.cooks.forEach((cook, i) =>
    cook.windows.forEach((w, j) => {
      if (w.toMin <= w.fromMin)
        fault('The time in the kitchen ends before it begins.', 'kitchen', 'cooks', i, 'windows', j);
    }),
  );
  occasion.wishes.pins.forEach((pin, i) => {
    if (pin.cook !== undefined && !occasion.kitchen.cooks.some((cook) => cook.id === pin.cook))
      fault(`There is no cook "${pin.cook}".`, 'wishes', 'pins', i, 'cook');
    if (pin.unit !== undefined && !occasion.kitchen.kit.some((unit) => unit.id === pin.unit))
      fault(`There is no piece of kit "${pin.unit}".`, 'wishes', 'pins', i, 'unit');
  });
  occasion.wishes.absences.forEach((absence, i) => {
    if (!occasion.kitchen.cooks.some((cook) => cook.id === absence.cook))
      fault(`There is no cook "${absence.cook}".`, 'wishes', 'absences', i, 'cook');
    if (absence.toMin <= absence.fromMin) fault('The absence ends before it begins.', 'wishes', 'absences', i, 'toMin');
  });
  occasion.guests.forEach((guest, i) =>
    unique(
      guest.needs.map((n) => n.id),
      'needs',
      'guests',
      i,
      'needs',
    ),
  );
  occasion.recipes.forEach((recipe, i) => {
    faults.push(...recipeFaults(recipe).map((each) => ({ ...each, path: ['recipes', i, ...each.path] })));
  });
  const find = (id: string) => occasion.recipes.find((each) => each.id === id);
  occasion.recipes.forEach((recipe, i) => {
    recipe.lines.forEach((line, j) => {
      if (line.component && !recipes.has(line.component))
        fault(
          `There is no recipe "${line.component}" in this occasion to make "${line.text}" by.`,
          'recipes',
          i,
          'lines',
          j,
          'component',
        );
    });
    const { loop } = madeWith(recipe, find);
    if (loop) fault(`A recipe cannot be made with itself: ${loop.join(' → ')}.`, 'recipes', i, 'lines');
  });
  occasion.dishes.forEach((dish, i) => {
    if (!courses.has(dish.course)) fault(`There is no course "${dish.course}".`, 'dishes', i, 'course');
    if (!recipes.has(dish.recipe))
      fault(`There is no recipe "${dish.recipe}" in this occasion.`, 'dishes', i, 'recipe');
    unique(
      dish.versions.map((each) => each.id),
      'versions',
      'dishes',
      i,
      'versions',
    );
    const recipe = find(dish.recipe);
    const named = new Set<string>();
    dish.versions.forEach((version, j) => {
      version.guests.forEach((id) => {
        if (!guests.has(id)) fault(`There is no guest "${id}".`, 'dishes', i, 'versions', j, 'guests');
        if (named.has(id))
          fault(`Guest "${id}" is named by two versions of one dish.`, 'dishes', i, 'versions', j, 'guests');
        named.add(id);
      });
      version.swaps.forEach((swap, k) => {
        if (recipe && !hasLine(recipe, swap.line, find))
          fault(`There is no line "${swap.line}" to swap.`, 'dishes', i, 'versions', j, 'swaps', k);
      });
    });
    dish.shares.forEach((shared, j) =>
      shared.with.forEach((id) => {
        if (id === dish.id || !occasion.dishes.some((other) => other.id === id))
          fault(
            id === dish.id ? 'A dish shares with others, not with itself.' : `There is no dish "${id}" to share with.`,
            'dishes',
            i,
            'shares',
            j,
            'with',
          );
      }),
    );
    faults.push(
      ...takingFaults(occasion.dishes, dish).map(({ message, path }) => ({
        message,
        path: ['dishes', i, 'takes', ...path],
      })),
    );
    dish.takes.forEach(({ line }, j) => {
      if (recipe && !hasLine(recipe, line, find))
        fault(`There is no line "${line}" to take.`, 'dishes', i, 'takes', j, 'line');
    });
    dish.notFor.forEach((id) => {
      if (!guests.has(id)) fault(`There is no guest "${id}".`, 'dishes', i, 'notFor');
    });
  });
  return faults;
}

/** Whether a recipe, its components written out, has a line: its own, or one of a component behind the id of the line that asks for it. */
function hasLine(recipe: Recipe, id: string, find: (id: string) => Recipe | undefined, depth = 0): boolean {
  if (depth > 20) return false;
  return recipe.lines.some((line) => {
    const part = line.component && find(line.component);
    // Ids that were shortened end in a digest and cannot be taken apart again.
    return part
      ? id.startsWith(`${line.id}--`) &&
          (id.length >= 56 || hasLine(part, id.slice(line.id.length + 2), find, depth + 1))
      : line.id === id;
  });
}

/** The whole plan of a meal: guests, dishes, kitchen, choices. All else is computed from it. */
export const Occasion = v.pipe(
  fields,
  v.rawCheck(({ dataset, addIssue }) => {
    if (!dataset.typed) return;
    for (const { message, path } of linkFaults(dataset.value)) {
      addIssue({
        message,
        path: path.map((key) => ({
          type: 'unknown',
          origin: 'value',
          input: undefined,
          key,
          value: undefined,
        })) as never,
      });
    }
  }),
);
export type Occasion = v.InferOutput<typeof Occasion>;
