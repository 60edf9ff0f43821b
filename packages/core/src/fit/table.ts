import type { CourseId, Dish, DishId, Guest, GuestId, Occasion, Recipe, Version, VersionId } from '../model/index.ts';
import {
  knowledgeOf,
  makerEvidence,
  mediumEvidence,
  saidEvidence,
  servedEvidence,
  type Evidence,
  type Knowledge,
} from '../exposure/index.ts';
import { recipeOf, versionFor, versionRecipe } from '../versions/index.ts';
import { apartAtMeal } from './meal.ts';
import { judge, type Judgement, type Verdict } from './verdict.ts';

export interface MadeVersion {
  readonly version: Version;
  readonly recipe: Recipe;
  readonly evidence: readonly Evidence[];
  /** Guests who are given it: assigned to it, in no conflict with it, not left out. A *check* counts as given until it is settled. */
  readonly eaters: readonly GuestId[];
}

export interface Cell {
  readonly guest: GuestId;
  readonly dish: DishId;
  readonly version: VersionId;
  readonly judgement: Judgement;
  readonly served: boolean;
}

export interface DishRow {
  readonly dish: Dish;
  readonly versions: readonly MadeVersion[];
  readonly cells: ReadonlyMap<GuestId, Cell>;
}

export interface CourseCover {
  readonly course: CourseId;
  readonly enough: number;
  readonly clear: number;
  readonly check: number;
  /** Of those to check, how many can still turn out clear. */
  readonly hopeful: number;
}

export interface Plate {
  readonly guest: GuestId;
  readonly courses: readonly CourseCover[];
  /** `full`: enough clear dishes in every course. `checks`: enough once the open checks turn out well. `short`: not enough even then. */
  readonly state: 'full' | 'checks' | 'short';
}

export interface FitTable {
  readonly rows: readonly DishRow[];
  readonly plates: readonly Plate[];
}

const nothing: readonly Evidence[] = [];
const joinedLists = new WeakMap<
  readonly Evidence[],
  {
    readonly maker: readonly Evidence[];
    readonly medium: readonly Evidence[];
    readonly said: readonly Evidence[];
    readonly all: readonly Evidence[];
  }
>();

/** All that a made version of a dish brings to a plate: its lines, what its words name besides, what its maker said, what it shares oil or water with. The same array as long as nothing of it changed. */
export function dishEvidence(
  occasion: Occasion,
  dish: Dish,
  recipe: Recipe,
  knowledge: Knowledge = knowledgeOf(occasion),
): readonly Evidence[] {
  const lines = servedEvidence(recipe, knowledge);
  const maker = makerEvidence(dish);
  const medium = mediumEvidence(occasion, dish);
  const said = dish.brought ? nothing : saidEvidence(recipeOf(occasion, dish), knowledge);
  if (maker.length === 0 && medium.length === 0 && said.length === 0 && !dish.brought) return lines;
  const known = joinedLists.get(lines);
  if (known && known.maker === maker && known.said === said && medium.length === 0 && known.medium.length === 0)
    return known.all;
  // A sealed thing with a label is what its label says; of its name only what it holds by nature counts besides.
  const label = dish.brought?.sealed === true ? dish.brought.label : undefined;
  const named = label
    ? lines
        .filter((each) => each.level === 'contained')
        .map((each) =>
          each.about.kind === 'food' ? { ...each, about: { ...each.about, claims: label.claims } } : each,
        )
    : lines;
  const all = [...named, ...said, ...maker, ...medium];
  joinedLists.set(lines, { maker, medium, said, all });
  return all;
}

function judgeDish(occasion: Occasion, dish: Dish, knowledge: Knowledge): DishRow {
  const made = dish.versions.map((version) => {
    const recipe = versionRecipe(occasion, dish, version);
    return { version, recipe, evidence: dishEvidence(occasion, dish, recipe, knowledge) };
  });
  const cells = new Map<GuestId, Cell>();
  for (const guest of occasion.guests) {
    const version = versionFor(dish, guest);
    const { evidence } = made.find((each) => each.version.id === version.id)!;
    const judgement = judge(guest, evidence);
    const served = judgement.verdict !== 'conflict' && !dish.notFor.includes(guest.id);
    cells.set(guest.id, { guest: guest.id, dish: dish.id, version: version.id, judgement, served });
  }
  const versions = made.map((each) => ({
    ...each,
    eaters: [...cells.values()]
      .filter((cell) => cell.version === each.version.id && cell.served)
      .map((cell) => cell.guest),
  }));
  return { dish, versions, cells };
}

function plateOf(occasion: Occasion, guest: Guest, rows: readonly DishRow[]): Plate {
  const courses = occasion.courses.map((course): CourseCover => {
    const mine = rows
      .filter((row) => row.dish.course === course.id)
      .map((row) => row.cells.get(guest.id)!)
      .filter((cell) => cell.served);
    const count = (verdict: Verdict) => mine.filter((cell) => cell.judgement.verdict === verdict).length;
    const hopeful = mine.filter(
      (cell) =>
        cell.judgement.verdict === 'check' && cell.judgement.reasons.every((reason) => reason.settles !== 'nothing'),
    ).length;
    return { course: course.id, enough: course.enough, clear: count('clear'), check: count('check'), hopeful };
  });
  const state = courses.every((c) => c.clear >= c.enough)
    ? 'full'
    : courses.every((c) => c.clear + c.hopeful >= c.enough)
      ? 'checks'
      : 'short';
  return { guest: guest.id, courses, state };
}

/** Who may eat what, with reasons, and how full each plate is. Pure; 13 guests × 11 dishes take a few milliseconds. */
export function fit(occasion: Occasion): FitTable {
  const knowledge = knowledgeOf(occasion);
  const rows = apartAtMeal(
    occasion,
    occasion.dishes.map((dish) => judgeDish(occasion, dish, knowledge)),
  );
  return { rows, plates: occasion.guests.map((guest) => plateOf(occasion, guest, rows)) };
}
