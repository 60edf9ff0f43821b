import * as v from 'valibot';
import {
  Dish as DishSchema,
  forOccasion,
  freshId,
  type CourseId,
  type Dish,
  type Guest,
  type GuestId,
  type Occasion,
  type Recipe,
} from '../model/index.ts';
import { dishEvidence, judge, type DishRow, type Verdict } from '../fit/index.ts';
import { flatten } from '../versions/index.ts';

/** A dish of the library as it would stand on a menu, and what it would be for some guests. */
export interface Candidate {
  readonly recipe: Recipe;
  readonly verdicts: ReadonlyMap<GuestId, Verdict>;
}

/** Dishes of the library for a course that are not on the menu yet, each judged for the guests given. */
export function candidatesFor(
  occasion: Occasion,
  course: CourseId,
  guests: readonly Guest[],
  library: readonly Recipe[],
): readonly Candidate[] {
  const name = occasion.courses.find((each) => each.id === course)!.name;
  const onMenu = new Set<string>(occasion.dishes.map((dish) => dish.recipe));
  return library
    .filter((recipe) => recipe.usualCourse === name && !onMenu.has(recipe.id))
    .map((recipe) => {
      const flat = flatten(recipe, (id) => library.find((each) => each.id === id));
      const dish = freshDish(occasion, recipe, course, []);
      const evidence = dishEvidence({ ...occasion, recipes: [...occasion.recipes, flat] }, dish, flat);
      return { recipe, verdicts: new Map(guests.map((guest) => [guest.id, judge(guest, evidence).verdict])) };
    });
}

const freshDish = (
  occasion: Pick<Occasion, 'dishes'>,
  recipe: Recipe,
  course: CourseId,
  notFor: readonly GuestId[],
): Dish =>
  v.parse(DishSchema, {
    id: freshId(recipe.id.slice(0, 60), new Set<string>(occasion.dishes.map((dish) => dish.id))),
    course,
    recipe: recipe.id,
    versions: [{ id: 'as-written', name: 'as written', swaps: [], guests: [] }],
    notFor: [...notFor],
  });

/** An occasion with one dish more, with all the recipes it is made with, for these guests alone. */
export function withDishFor(
  occasion: Occasion,
  recipe: Recipe,
  library: readonly Recipe[],
  course: CourseId,
  guests: readonly GuestId[],
): Occasion {
  const parts = forOccasion(recipe, (id) => library.find((each) => each.id === id));
  const others = occasion.guests.flatMap(({ id }) => (guests.includes(id) ? [] : [id]));
  return {
    ...occasion,
    recipes: [...occasion.recipes, ...parts.filter((part) => !occasion.recipes.some((each) => each.id === part.id))],
    dishes: [...occasion.dishes, freshDish(occasion, recipe, course, others)],
  };
}

/** A dish that takes another's place for those who cannot eat that. */
export interface Instead {
  readonly recipe: Recipe;
  /** What it is for the guest it was sought for. */
  readonly verdict: Exclude<Verdict, 'conflict'>;
  /** All who cannot eat the other dish and may eat this, the guest among them. */
  readonly guests: readonly GuestId[];
}

const mostShown = 3;

/**
 * What of the library may take a dish's place on a guest's plate: of the same course, clear before what has to be checked, what feeds more of
 * those who cannot eat the dish before what feeds fewer. At most three.
 */
export function insteadOf(
  occasion: Occasion,
  row: DishRow,
  guestId: GuestId,
  library: readonly Recipe[],
): readonly Instead[] {
  const without = occasion.guests.filter(
    ({ id }) =>
      id === guestId || (row.cells.get(id)?.judgement.verdict === 'conflict' && !row.dish.notFor.includes(id)),
  );
  return candidatesFor(occasion, row.dish.course, without, library)
    .flatMap(({ recipe, verdicts }): readonly Instead[] => {
      const verdict = verdicts.get(guestId)!;
      const guests = without.flatMap(({ id }) => (verdicts.get(id) === 'conflict' ? [] : [id]));
      return verdict === 'conflict' ? [] : [{ recipe, verdict, guests }];
    })
    .sort(
      (a, b) =>
        Number(a.verdict === 'check') - Number(b.verdict === 'check') ||
        b.guests.length - a.guests.length ||
        (a.recipe.name < b.recipe.name ? -1 : 1),
    )
    .slice(0, mostShown);
}

/** The menu with a dish that takes the place of another for those it feeds: the other is no longer for them. */
export function takeInstead(
  occasion: Occasion,
  dish: Dish,
  { recipe, guests }: Instead,
  library: readonly Recipe[],
): Occasion {
  const more = withDishFor(occasion, recipe, library, dish.course, guests);
  return {
    ...more,
    dishes: more.dishes.map((each) =>
      each.id === dish.id ? { ...each, notFor: [...new Set([...each.notFor, ...guests])] } : each,
    ),
  };
}
