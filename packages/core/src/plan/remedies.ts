import * as v from 'valibot';
import {
  Cook,
  CookId,
  freshId,
  kitWords,
  listed,
  Name,
  oneMore,
  type Chore,
  type CourseId,
  type DishId,
  type KitKind,
  type LineId,
  type Occasion,
  type Pin,
} from '../model/index.ts';
import { fit } from '../fit/index.ts';
import { placeKinds, places } from '../ledger/index.ts';
import { isStuck, provenClash, solve, type Clash, type Stuck } from '../schedule/index.ts';
import { tasksOf, type TaskNetwork } from '../tasks/index.ts';
import { recipeOf } from '../versions/index.ts';
import { compile } from './compile.ts';
import { at as clockAt, choreWords, pinWords } from './words.ts';

/** A change to an occasion, as data: it can be tried, offered and taken. */
export type Remedy =
  | { readonly kind: 'kit'; readonly of: KitKind }
  | { readonly kind: 'later'; readonly course: CourseId; readonly minutes: number }
  | { readonly kind: 'helper' | 'burner' | 'oven' }
  /** The oven can do more than the kitchen says. */
  | { readonly kind: 'heat'; readonly mostC: number; readonly grill: boolean }
  | { readonly kind: 'room'; readonly where: 'fridge' | 'freezer'; readonly count: number }
  | { readonly kind: 'hours'; readonly cook: CookId; readonly fromMin: number; readonly toMin: number }
  | { readonly kind: 'chores'; readonly cook: CookId; readonly chores: readonly Chore[] }
  /** A line is as its recipe has it, and not taken from another dish. */
  | { readonly kind: 'untaken'; readonly dish: DishId; readonly line: LineId }
  /** A wish that is taken back. */
  | { readonly kind: 'pin'; readonly task: Pin['task'] }
  | { readonly kind: 'absence'; readonly cook: CookId; readonly fromMin: number };

/** How many places are looked at to see whether there is a plan. */
const effort = 40_000;
/** So many are offered, and so many tried for it. */
const [most, mostTried] = [3, 8];

/** The occasion with a change made to it. */
export function remedied(occasion: Occasion, remedy: Remedy): Occasion {
  const { kitchen, wishes } = occasion;
  const inKitchen = (change: Partial<Occasion['kitchen']>): Occasion => ({
    ...occasion,
    kitchen: { ...kitchen, ...change },
  });
  const ofCook = (id: CookId, change: (cook: Cook) => Partial<Cook>) =>
    inKitchen({ cooks: kitchen.cooks.map((cook) => (cook.id === id ? { ...cook, ...change(cook) } : cook)) });
  switch (remedy.kind) {
    case 'kit':
      return inKitchen({ kit: [...kitchen.kit, oneMore(kitchen.kit, remedy.of)] });
    case 'later':
      return {
        ...occasion,
        courses: occasion.courses.map((course) =>
          course.id === remedy.course ? { ...course, offsetMin: course.offsetMin + remedy.minutes } : course,
        ),
      };
    case 'helper': {
      const taken = kitchen.cooks.map((cook) => cook.id as string);
      const helper = {
        ...kitchen.cooks[0]!,
        leaves: [],
        id: v.parse(CookId, freshId('helper', taken)),
        name: v.parse(Name, 'Helper'),
      };
      return inKitchen({ cooks: [...kitchen.cooks, helper] });
    }
    case 'burner':
      return inKitchen({ burners: kitchen.burners + 1 });
    case 'oven':
      return inKitchen({ moreOvens: [...kitchen.moreOvens, { ...kitchen.oven, name: v.parse(Name, 'Second oven') }] });
    case 'heat':
      return inKitchen({
        oven: {
          ...kitchen.oven,
          racks: Math.max(1, kitchen.oven.racks),
          mostC: Math.max(kitchen.oven.mostC, remedy.mostC),
          grill: kitchen.oven.grill || remedy.grill,
        },
      });
    case 'room': {
      const key = remedy.where === 'fridge' ? 'fridgePlaces' : 'freezerPlaces';
      return inKitchen({ [key]: (kitchen[key] ?? 0) + remedy.count });
    }
    case 'hours':
      return ofCook(remedy.cook, ({ windows }) => ({
        windows: joined([...windows, { fromMin: remedy.fromMin, toMin: remedy.toMin }]),
      }));
    case 'chores':
      return ofCook(remedy.cook, ({ leaves }) => ({
        leaves: leaves.filter((chore) => !remedy.chores.includes(chore)),
      }));
    case 'untaken':
      return {
        ...occasion,
        dishes: occasion.dishes.map((dish) =>
          dish.id === remedy.dish ? { ...dish, takes: dish.takes.filter(({ line }) => line !== remedy.line) } : dish,
        ),
      };
    case 'pin':
      return { ...occasion, wishes: { ...wishes, pins: wishes.pins.filter((pin) => pin.task !== remedy.task) } };
    case 'absence':
      return {
        ...occasion,
        wishes: {
          ...wishes,
          absences: wishes.absences.filter((each) => each.cook !== remedy.cook || each.fromMin !== remedy.fromMin),
        },
      };
    default:
      return remedy satisfies never;
  }
}

/** Times in the kitchen, those that touch made one. */
function joined(windows: Cook['windows']): Cook['windows'] {
  const found: Cook['windows'] = [];
  for (const { fromMin, toMin } of [...windows].sort((a, b) => a.fromMin - b.fromMin)) {
    const last = found.at(-1);
    if (last && fromMin <= last.toMin) found[found.length - 1] = { ...last, toMin: Math.max(last.toMin, toMin) };
    else found.push({ fromMin, toMin });
  }
  return found;
}

/** What a press on it says. */
export function remedyWords(occasion: Occasion, remedy: Remedy): string {
  const { kitchen, courses, wishes } = occasion;
  const cookOf = (id: CookId) => kitchen.cooks.find((cook) => cook.id === id)?.name ?? id;
  const at = (moment: number) => clockAt(occasion, moment);
  switch (remedy.kind) {
    case 'kit':
      return `There is one more ${kitWords(remedy.of)}`;
    case 'later':
      return `Serve ${courses.find(({ id }) => id === remedy.course)?.name ?? remedy.course} ${remedy.minutes} min later`;
    case 'helper':
      return 'A helper comes, for the same hours';
    case 'burner':
      return 'There is one more burner';
    case 'oven':
      return 'There is a second oven';
    case 'heat':
      return `${kitchen.oven.name} reaches ${remedy.mostC} °C${remedy.grill ? ' and has a grill' : ''}`;
    case 'room':
      return `There is room for ${remedy.count === 1 ? 'one more' : `${remedy.count} more`} in the ${remedy.where}`;
    case 'hours':
      return `${cookOf(remedy.cook)} is there from ${at(remedy.fromMin)} to ${at(remedy.toMin)}`;
    case 'chores':
      return `${cookOf(remedy.cook)} does ${listed(remedy.chores.map((chore) => choreWords[chore]))}`;
    case 'untaken': {
      const dish = occasion.dishes.find(({ id }) => id === remedy.dish)!;
      return `Make ${recipeOf(occasion, dish).name} with what its recipe has`;
    }
    case 'pin': {
      const pins = wishes.pins.filter((each) => each.task === remedy.task);
      return `Take back that it ${listed(pins.flatMap((pin) => pinWords(occasion, pin)))}`;
    }
    case 'absence':
      return `${cookOf(remedy.cook)} is not out after ${at(remedy.fromMin)}`;
    default:
      return remedy satisfies never;
  }
}

/** Whether a plan is found: one is looked for, not long. */
export function canBePlanned(occasion: Occasion, network: TaskNetwork = tasksOf(occasion, fit(occasion))): boolean {
  const problem = compile(occasion, network);
  if (provenClash(problem)) return false;
  const run = solve(problem, { seed: 1, effort: 0, firstEffort: effort });
  for (let next = run.next(); ; next = run.next()) if (next.done) return !isStuck(next.value);
}

/** Of the changes that might free it those with which a plan was really found, the likeliest first. */
export function remediesThatFree(occasion: Occasion, candidates: readonly Remedy[]): readonly Remedy[] {
  const found: Remedy[] = [];
  const once = [...new Map(candidates.map((each) => [JSON.stringify(each), each])).values()];
  for (const remedy of once.slice(0, mostTried)) {
    if (found.length >= most) break;
    // Of one cook's hours the fewest that do are enough.
    if (found.some((each) => each.kind === 'hours' && remedy.kind === 'hours' && each.cook === remedy.cook)) continue;
    if (canBePlanned(remedied(occasion, remedy))) found.push(remedy);
  }
  return found;
}

type Task = TaskNetwork['tasks'][number];

const courseOf = (occasion: Occasion, network: TaskNetwork, task: Task): CourseId => {
  const { dish } = network.batches.find((batch) => batch.id === task.batch)!;
  return occasion.dishes.find((each) => each.id === dish)!.course;
};

/** What might help where something certainly cannot hold. */
export function againstClash(occasion: Occasion, network: TaskNetwork, clash: Clash): readonly Remedy[] {
  const tasks = clash.activities.map((index) => network.tasks[index]!);
  const later = (minutes: number): Remedy[] =>
    tasks
      .toReversed()
      .map((task) => ({ kind: 'later', course: courseOf(occasion, network, task), minutes: upTo5(minutes) }));
  const [one, two] = tasks as [Task, Task | undefined];
  switch (clash.kind) {
    case 'no-unit':
      return one.kit.map(({ kind }) => ({ kind: 'kit', of: kind }));
    case 'no-oven':
      return one.oven ? [{ kind: 'heat', mostC: one.oven.temperatureC, grill: one.oven.grill }] : [];
    case 'no-place': {
      const where = placeKinds[clash.pool]!;
      if (where === 'burner') return [{ kind: 'burner' }];
      const there = places[where].in(occasion.kitchen) ?? 0;
      return [{ kind: 'room', where, count: Math.max(1, places[where].asks(one.ways[0]) - there) }];
    }
    case 'no-time':
      return later(clash.shortMin);
    case 'no-cook':
      return [...withOthers(occasion, one, clash), { kind: 'helper' }];
    case 'temperatures':
      return [{ kind: 'oven' }, ...later(clash.shortMin)];
    case 'same-cook':
      return [...later(clash.shortMin), { kind: 'helper' }];
    case 'same-unit':
      return [
        ...one.kit.flatMap(({ kind }): Remedy[] =>
          two!.kit.some((other) => other.kind === kind) ? [{ kind: 'kit', of: kind }] : [],
        ),
        ...later(clash.shortMin),
      ];
    case 'too-much-work':
      return [{ kind: 'helper' }, ...later(clash.shortMin)];
    default:
      return clash satisfies never;
  }
}

/** A course is not served at 18:07. */
const upTo5 = (minutes: number): number => Math.max(5, Math.ceil(minutes / 5) * 5);
/** Beside the work itself: to set it going, and to be there at its end. */
const aroundMin = 5;

/** Who might do what nobody does, and be there when nobody is. */
function withOthers(
  { kitchen }: Occasion,
  { chores }: Task,
  { able, fromMin, toMin, leastMin }: Extract<Clash, { kind: 'no-cook' }>,
): readonly Remedy[] {
  if (able.length === 0) return kitchen.cooks.map(({ id }) => ({ kind: 'chores', cook: id, chores }));
  return able.flatMap((index): Remedy[] => {
    const { id, windows } = kitchen.cooks[index]!;
    const from = Math.min(...windows.map((each) => each.fromMin));
    const to = Math.max(...windows.map((each) => each.toMin));
    const early = toMin - leastMin - aroundMin;
    const late = Math.max(fromMin, to) + leastMin + aroundMin;
    // What else must be done is not known yet: a little sooner may be needed for that.
    if (early < from)
      return [0, 30, 90, 240].map((sooner) => ({
        kind: 'hours',
        cook: id,
        fromMin: Math.floor((early - sooner) / 5) * 5,
        toMin: from,
      }));
    return [{ kind: 'hours', cook: id, fromMin: Math.min(to, early), toMin: late }];
  });
}

/** What might help where every order of work that was tried found no place for something. */
export function againstStuck(occasion: Occasion, network: TaskNetwork, stuck: Stuck): readonly Remedy[] {
  const task = network.tasks[stuck.activity];
  const kinds = [...new Set(task?.kit.map((use) => use.kind))];
  const lacksKit = stuck.why === 'no-unit' || stuck.why === 'no-clean-unit' || stuck.why === 'circular';
  const course = task && courseOf(occasion, network, task);
  const where = stuck.why === 'no-place' ? placeKinds[stuck.pool!]! : undefined;
  return [
    ...(where === 'fridge' || where === 'freezer' ? [{ kind: 'room', where, count: 1 } as const] : []),
    ...(lacksKit ? kinds.map((of) => ({ kind: 'kit', of }) as const) : []),
    ...(course === undefined ? [] : [15, 30].map((minutes) => ({ kind: 'later', course, minutes }) as const)),
    { kind: 'helper' },
    { kind: 'burner' },
    ...(task?.oven ? [{ kind: 'oven' } as const] : []),
  ];
}
