import * as v from 'valibot';
import { foodOf, substitutionOf, type FoodId } from '../reference/index.ts';
import {
  listed,
  VersionId,
  type CourseId,
  type Dish,
  type DishId,
  type Guest,
  type GuestId,
  type Occasion,
  type OwnSubstitution,
  type Recipe,
  type Swap,
} from '../model/index.ts';
import { dishEvidence, fit, judge, type DishRow, type FitTable, type Verdict } from '../fit/index.ts';
import { applySwaps, flatten, recipeOf, swappedRecipe } from '../versions/index.ts';
import { candidatesFor, withDishFor } from './instead.ts';
import { answer, applyOffer, nameFor } from './offers.ts';

/** What the cook would rather have: one pot for all, a second version where it costs taste, or a plate of its own. */
export type Policy = 'one-menu' | 'split-where-it-matters' | 'separate-plates';
export const policies: readonly Policy[] = ['one-menu', 'split-where-it-matters', 'separate-plates'];

export interface MenuChange {
  readonly kind: 'for-all' | 'second-version' | 'separate-dish';
  readonly course: CourseId;
  /** The dish changed; absent where one is added. */
  readonly dish?: DishId | undefined;
  readonly recipe: Recipe;
  readonly guests: readonly GuestId[];
  readonly swaps: readonly Swap[];
  /** One sentence. */
  readonly words: string;
}

export interface AdviceCost {
  /** Batches made besides those of the menu as it is. */
  readonly extraBatches: number;
  /** Changeovers that the extra batches ask for, at least. */
  readonly extraWashes: number;
  /** Foods that nothing else on the menu needs. */
  readonly oddFoods: readonly FoodId[];
  /** Plates that change although nothing was wrong with them. */
  readonly changedPlates: number;
}

export interface MenuAdvice {
  readonly policy: Policy;
  readonly changes: readonly MenuChange[];
  readonly cost: AdviceCost;
  /** Guests and courses that still have too little. */
  readonly gaps: readonly {
    readonly guest: GuestId;
    readonly course: CourseId;
    readonly has: number;
    readonly enough: number;
  }[];
  /** Guests and courses that have enough only once something is read, asked or chosen: what is open is never counted as settled. */
  readonly unsure: readonly { readonly guest: GuestId; readonly course: CourseId }[];
  /** No better answer exists among all combinations of what is known; false where the search was cut short. */
  readonly exact: boolean;
  /** The weighed cost, and what it cannot be below. */
  readonly weight: number;
  readonly bound: number;
  readonly after: Occasion;
}

/** What each thing counts for, by policy. A gap counts for more than everything else. @source kitchen practice */
export const weights: Readonly<
  Record<
    Policy,
    { gap: number; batch: number; wash: number; odd: number; taste: number; newDish: number; check: number }
  >
> = {
  'one-menu': { gap: 1000, batch: 9, wash: 3, odd: 1, taste: 0.15, newDish: 14, check: 0.3 },
  'split-where-it-matters': { gap: 1000, batch: 3, wash: 1, odd: 1, taste: 0.9, newDish: 9, check: 0.3 },
  'separate-plates': { gap: 1000, batch: 4, wash: 1.5, odd: 1, taste: 3, newDish: 3, check: 0.3 },
};

export interface Option {
  readonly change: MenuChange | undefined;
  readonly apply: (occasion: Occasion) => Occasion;
  /** Who can eat the dish then, at least once its checks turn out well. */
  readonly feeds: ReadonlySet<GuestId>;
  /** Of those, for whom nothing has to be read or asked first. */
  readonly sure: ReadonlySet<GuestId>;
  readonly checks: number;
  readonly batches: number;
  readonly washes: number;
  readonly foods: readonly FoodId[];
  readonly changed: number;
  /** Loss of taste, summed over the plates that change. */
  readonly loss: number;
  readonly newDish: number;
}

const mostNodes = 200_000;

/** How far a swap is from the original, 0 (nobody notices) to 4. */
const lossOf = (closeness: number): number => 5 - closeness;

function servedTo(occasion: Occasion, dish: Dish): readonly Guest[] {
  return occasion.guests.filter((guest) => !dish.notFor.includes(guest.id));
}

function verdictsOf(
  occasion: Occasion,
  dish: Dish,
  recipe: Recipe,
  guests: readonly Guest[],
): ReadonlyMap<GuestId, Verdict> {
  const evidence = dishEvidence(occasion, dish, recipe);
  return new Map(guests.map((guest) => [guest.id, judge(guest, evidence).verdict]));
}

const namesOf = (occasion: Occasion, ids: readonly GuestId[]): string =>
  listed(ids.map((id) => occasion.guests.find((guest) => guest.id === id)?.name ?? id));

/** Each swap in words, and how much taste it costs. */
function swapsInWords(
  recipe: Recipe,
  swaps: readonly Swap[],
): { readonly words: string; readonly loss: number; readonly foods: readonly FoodId[] } {
  const parts: string[] = [];
  const foods: FoodId[] = [];
  let loss = 0;
  for (const swap of swaps) {
    const line = recipe.lines.find((each) => each.id === swap.line);
    const old = line?.food ? (foodOf(line.food)?.name ?? line.text) : (line?.text ?? swap.line);
    if (swap.kind === 'omit') {
      parts.push(`without ${old}`);
      loss += 3;
      continue;
    }
    const fresh = applySwaps(recipe, [swap]).lines.filter((each) => !recipe.lines.includes(each));
    foods.push(...fresh.flatMap((each) => each.food ?? []));
    parts.push(
      `${fresh.map((each) => (each.food ? foodOf(each.food)?.name : undefined) ?? each.text).join(' and ')} instead of ${old}`,
    );
    loss += swap.kind === 'substitute' ? lossOf(substitutionOf(swap.substitution)?.closeness ?? 2) : 2;
  }
  return { words: parts.join(', '), loss, foods };
}

function optionsOf(occasion: Occasion, row: DishRow, own: readonly OwnSubstitution[]): readonly Option[] {
  const { dish } = row;
  const recipe = recipeOf(occasion, dish);
  const guests = servedTo(occasion, dish);
  const now = new Map(guests.map((guest) => [guest.id, row.cells.get(guest.id)!.judgement.verdict]));
  const feeds = (verdicts: ReadonlyMap<GuestId, Verdict>) =>
    new Set([...verdicts].filter(([, verdict]) => verdict !== 'conflict').map(([id]) => id));
  const sure = (verdicts: ReadonlyMap<GuestId, Verdict>) =>
    new Set([...verdicts].filter(([, verdict]) => verdict === 'clear').map(([id]) => id));
  const checksIn = (verdicts: ReadonlyMap<GuestId, Verdict>) =>
    [...verdicts.values()].filter((verdict) => verdict === 'check').length;
  const options: Option[] = [
    {
      change: undefined,
      apply: (one) => one,
      feeds: feeds(now),
      sure: sure(now),
      checks: checksIn(now),
      batches: 0,
      washes: 0,
      foods: [],
      changed: 0,
      loss: 0,
      newDish: 0,
    },
  ];
  const needy = guests.filter((guest) => now.get(guest.id) === 'conflict');
  if (needy.length === 0 || dish.brought) return options;
  const kept = dish.versions[0]!.swaps;
  const swapSets = new Set<string>();
  const first = dish.versions[0]!;
  const made = row.versions.filter((each) => each.eaters.length > 0).length;
  /** One change for all who share the first version; or, `whole`, one version for the whole table, the others given up. */
  const forAll = (some: readonly Guest[], whole: boolean) => {
    const sharers = whole ? guests : guests.filter((guest) => row.cells.get(guest.id)!.version === first.id);
    const helped = some.filter((guest) => sharers.includes(guest));
    if (helped.length === 0) return;
    const fine = sharers.filter((guest) => now.get(guest.id) !== 'conflict');
    const offer = answer(
      occasion,
      dish,
      'everyone',
      whole ? sharers.filter((guest) => helped.includes(guest) || fine.includes(guest)) : helped,
      [...fine, ...helped],
      kept,
      own,
    );
    if (!offer) return;
    const key = `${whole} ${JSON.stringify(offer.swaps)}`;
    if (swapSets.has(key)) return;
    swapSets.add(key);
    const verdicts = new Map(now);
    for (const [id, verdict] of verdictsOf(occasion, dish, swappedRecipe(occasion, dish, offer.swaps), sharers))
      verdicts.set(id, verdict);
    if (fine.some((guest) => verdicts.get(guest.id) === 'conflict')) return;
    const { words, loss, foods } = swapsInWords(
      recipe,
      offer.swaps.filter((swap) => !kept.some((each) => each.line === swap.line)),
    );
    const changed = {
      ...first,
      name: nameFor(first.name, offer.swaps),
      swaps: [...offer.swaps],
      guests: whole ? [] : first.guests,
    };
    options.push({
      change: {
        kind: 'for-all',
        course: dish.course,
        dish: dish.id,
        recipe,
        guests: sharers.map((guest) => guest.id),
        swaps: offer.swaps,
        words: `${recipe.name}: ${words}, for ${
          sharers.length === occasion.guests.length
            ? 'everyone'
            : namesOf(
                occasion,
                sharers.map((guest) => guest.id),
              )
        }`,
      },
      apply: (one) => ({
        ...one,
        dishes: one.dishes.map((each) =>
          each.id === dish.id
            ? {
                ...each,
                versions: whole
                  ? [changed]
                  : each.versions.map((version) => (version.id === first.id ? changed : version)),
              }
            : each,
        ),
      }),
      feeds: feeds(verdicts),
      sure: sure(verdicts),
      checks: checksIn(verdicts),
      batches: whole ? 1 - made : 0,
      washes: 0,
      foods,
      changed: fine.length,
      loss: loss * fine.length,
      newDish: 0,
    });
  };
  const split = (some: readonly Guest[]) => {
    const offer = answer(occasion, dish, 'own-version', some, some, [], own);
    if (!offer) return;
    const helped = some.filter((guest) => offer.gains.includes(guest.id));
    if (helped.length < some.length) return;
    const key = `split ${some.map((guest) => guest.id).join()}`;
    if (swapSets.has(key)) return;
    swapSets.add(key);
    const { words, loss, foods } = swapsInWords(recipe, offer.swaps);
    const verdicts = new Map(now);
    for (const [id, verdict] of verdictsOf(occasion, dish, swappedRecipe(occasion, dish, offer.swaps), some))
      verdicts.set(id, verdict);
    const ids = some.map((guest) => guest.id);
    const versionId = v.parse(
      VersionId,
      `for-${ids[0]!}`.slice(0, 60) +
        (dish.versions.some((each) => each.id === `for-${ids[0]!}`) ? `-${dish.versions.length + 1}` : ''),
    );
    options.push({
      change: {
        kind: 'second-version',
        course: dish.course,
        dish: dish.id,
        recipe,
        guests: ids,
        swaps: offer.swaps,
        words: `${recipe.name}: a second batch with ${words}, for ${namesOf(occasion, ids)}`,
      },
      apply: (one) => ({
        ...one,
        dishes: one.dishes.map((each) =>
          each.id === dish.id
            ? applyOffer(
                each,
                { scope: 'own-version', swaps: offer.swaps, guests: ids },
                ids[0]!,
                versionId,
                `for ${namesOf(occasion, ids)}`.slice(0, 120),
              )
            : each,
        ),
      }),
      feeds: feeds(verdicts),
      sure: sure(verdicts),
      checks: checksIn(verdicts),
      batches: 1,
      washes: 1,
      foods,
      changed: 0,
      loss: loss * 0.3 * some.length,
      newDish: 0,
    });
  };
  const helpable = needy.filter((guest) =>
    answer(occasion, dish, 'own-version', [guest], [guest], [], own)?.gains.includes(guest.id),
  );
  for (const whole of made > 1 ? [false, true] : [false]) {
    forAll(needy, whole);
    if (helpable.length < needy.length && helpable.length > 0) forAll(helpable, whole);
  }
  if (helpable.length > 0) split(helpable);
  if (helpable.length > 1 && helpable.length <= 5)
    for (const guest of helpable) {
      forAll([guest], false);
      split([guest]);
    }
  return options;
}

/** Dishes of the library that would feed those who now have too little of a course. */
function separateDishes(
  occasion: Occasion,
  course: CourseId,
  hungry: readonly Guest[],
  library: readonly Recipe[],
): readonly (readonly Option[])[] {
  const find = (id: string) => library.find((each) => each.id === id);
  const candidates = candidatesFor(occasion, course, hungry, library).flatMap(({ recipe, verdicts }) => {
    const fed = [...verdicts].filter(([, verdict]) => verdict !== 'conflict').map(([id]) => id);
    const checks = [...verdicts.values()].filter((verdict) => verdict === 'check').length;
    const sure = new Set(fed.filter((id) => verdicts.get(id) === 'clear'));
    return fed.length === 0 ? [] : [{ recipe, fed, sure, checks }];
  });
  candidates.sort((a, b) => b.fed.length - a.fed.length || a.checks - b.checks || (a.recipe.id < b.recipe.id ? -1 : 1));
  return candidates.slice(0, 3).map(({ recipe, fed, sure, checks }): readonly Option[] => {
    const none: Option = {
      change: undefined,
      apply: (one) => one,
      feeds: new Set(),
      sure: new Set(),
      checks: 0,
      batches: 0,
      washes: 0,
      foods: [],
      changed: 0,
      loss: 0,
      newDish: 0,
    };
    return [
      none,
      {
        change: {
          kind: 'separate-dish',
          course,
          recipe,
          guests: fed,
          swaps: [],
          words: `${recipe.name} as one more dish, for ${namesOf(occasion, fed)}`,
        },
        apply: (one) => withDishFor(one, recipe, library, course, fed),
        feeds: new Set(fed),
        sure,
        checks,
        batches: 1,
        washes: 1,
        foods: flatten(recipe, find).lines.flatMap((line) => line.food ?? []),
        changed: 0,
        loss: 0,
        newDish: 1,
      },
    ];
  });
}

interface Found {
  readonly options: readonly Option[];
  readonly weight: number;
  readonly bound: number;
  readonly exact: boolean;
}

/** The best choice of one option a dish for a course: all combinations, cut off where they cannot get better any more. */
export function search(
  slots: readonly (readonly Option[])[],
  guests: readonly Guest[],
  enough: number,
  policy: Policy,
  bought: ReadonlySet<FoodId>,
): Found {
  const weight = weights[policy];
  const alone = (option: Option) =>
    option.batches * weight.batch +
    option.washes * weight.wash +
    option.loss * weight.taste +
    option.newDish * weight.newDish +
    option.checks * weight.check;
  const sorted = slots.map((options) => [...options].sort((a, b) => alone(a) - alone(b)));
  const leastRest = sorted.map(() => 0);
  for (let i = sorted.length - 1; i >= 0; i--)
    leastRest[i] = Math.min(...sorted[i]!.map(alone)) + (leastRest[i + 1] ?? 0);
  // Of each guest, in how many of the remaining dishes they could be fed at best.
  const couldEat = sorted.map(() => new Map<GuestId, number>());
  for (let i = sorted.length - 1; i >= 0; i--)
    for (const { id } of guests)
      couldEat[i]!.set(
        id,
        (couldEat[i + 1]?.get(id) ?? 0) + (sorted[i]!.some((option) => option.feeds.has(id)) ? 1 : 0),
      );
  let best: { options: Option[]; weight: number } | undefined;
  let nodes = 0;
  const chosen: Option[] = [];
  const has = new Map<GuestId, number>(guests.map((guest) => [guest.id, 0]));
  const gapWeight = (at: number) =>
    guests.reduce((sum, { id }) => sum + Math.max(0, enough - has.get(id)! - (couldEat[at]?.get(id) ?? 0)), 0) *
    weight.gap;
  const oddWeight = () =>
    new Set(chosen.flatMap((option) => option.foods).filter((food) => !bought.has(food))).size * weight.odd;
  const visit = (at: number, sum: number) => {
    if (nodes++ > mostNodes) return;
    const floor = sum + oddWeight() + gapWeight(at);
    if (best && floor + (leastRest[at] ?? 0) >= best.weight - 1e-9) return;
    if (at === sorted.length) {
      best = { options: [...chosen], weight: floor };
      return;
    }
    for (const option of sorted[at]!) {
      chosen.push(option);
      for (const id of option.feeds) has.set(id, has.get(id)! + 1);
      visit(at + 1, sum + alone(option));
      for (const id of option.feeds) has.set(id, has.get(id)! - 1);
      chosen.pop();
    }
  };
  visit(0, 0);
  const exact = nodes <= mostNodes;
  const bound = gapWeight(0) + (leastRest[0] ?? 0);
  return {
    options: best?.options ?? sorted.map((options) => options[0]!),
    weight: best?.weight ?? Infinity,
    bound: exact ? (best?.weight ?? bound) : bound,
    exact,
  };
}

const changesKey = (options: readonly Option[]): string =>
  options
    .flatMap((option) => option.change?.words ?? [])
    .sort()
    .join('|');

/**
 * For the whole occasion, the smallest set of changes with which everyone has enough in every course: the best answer by each policy,
 * the wanted one first, each different from the others. Courses are weighed one by one, because what is eaten in one fills no other.
 * No answer turns a plate into a conflict that was none.
 */
export function adviseMenu(
  occasion: Occasion,
  options: {
    readonly policy?: Policy;
    readonly library?: readonly Recipe[];
    readonly own?: readonly OwnSubstitution[];
    readonly table?: FitTable;
  } = {},
): readonly MenuAdvice[] {
  const { policy = 'split-where-it-matters', library = [], own = [], table = fit(occasion) } = options;
  const bought = new Set(occasion.recipes.flatMap((recipe) => recipe.lines.flatMap((line) => line.food ?? [])));
  const perCourse = occasion.courses.map((course) => {
    const rows = table.rows.filter((row) => row.dish.course === course.id);
    const slots = rows.map((row) => optionsOf(occasion, row, own));
    const guests = occasion.guests;
    const enough = Math.min(course.enough, Math.max(rows.length, library.length > 0 ? 1 : 0));
    const hungry = guests.filter((guest) => slots.filter((each) => each[0]!.feeds.has(guest.id)).length < enough);
    return {
      course,
      slots,
      extra: hungry.length > 0 ? separateDishes(occasion, course.id, hungry, library) : [],
      enough,
    };
  });
  const order = [policy, ...policies.filter((each) => each !== policy)];
  const answers: MenuAdvice[] = [];
  const seen = new Set<string>();
  for (const each of order) {
    const found = perCourse.map(({ slots, extra, enough }) =>
      search([...slots, ...extra], occasion.guests, enough, each, bought),
    );
    const chosen = found.flatMap((one) => one.options);
    const key = changesKey(chosen);
    if (seen.has(key)) continue;
    seen.add(key);
    answers.push(describe(occasion, each, chosen, bought, perCourse, found));
  }
  return answers;
}

function describe(
  occasion: Occasion,
  policy: Policy,
  chosen: readonly Option[],
  bought: ReadonlySet<FoodId>,
  courses: readonly { readonly course: Occasion['courses'][number] }[],
  found: readonly Found[],
): MenuAdvice {
  const after = chosen.reduce((one, option) => option.apply(one), occasion);
  const sum = (pick: (option: Option) => number) => chosen.reduce((total, option) => total + pick(option), 0);
  const plates = courses.flatMap(({ course }, index) =>
    occasion.guests.map(({ id }) => ({
      guest: id,
      course: course.id,
      has: found[index]!.options.filter((option) => option.feeds.has(id)).length,
      isSure: found[index]!.options.filter((option) => option.sure.has(id)).length >= course.enough,
      enough: course.enough,
    })),
  );
  const gaps = plates.flatMap(({ guest, course, has, enough }) =>
    has < enough ? [{ guest, course, has, enough }] : [],
  );
  const total = (pick: (one: Found) => number) =>
    Math.round(found.reduce((all, one) => all + pick(one), 0) * 100) / 100;
  return {
    policy,
    changes: chosen.flatMap((option) => option.change ?? []),
    gaps,
    unsure: plates.flatMap(({ guest, course, has, enough, isSure }) =>
      has >= enough && !isSure ? [{ guest, course }] : [],
    ),
    exact: found.every((one) => one.exact),
    weight: total((one) => one.weight),
    bound: total((one) => one.bound),
    after,
    cost: {
      extraBatches: sum((option) => option.batches),
      extraWashes: sum((option) => option.washes),
      oddFoods: [...new Set(chosen.flatMap((option) => option.foods).filter((food) => !bought.has(food)))],
      changedPlates: sum((option) => option.changed),
    },
  };
}
