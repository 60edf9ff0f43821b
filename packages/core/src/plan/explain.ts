import { placeKinds, places, type PlaceKind } from '../ledger/index.ts';
import { kitWords, listed, ovensOf, type KitKind, type Occasion } from '../model/index.ts';
import type { Clash, Stuck } from '../schedule/index.ts';
import type { TaskNetwork } from '../tasks/index.ts';
import type { Remedy } from './remedies.ts';
import { at, choreWords } from './words.ts';

/** Why there is no plan, in a cook's words, and what would free it. */
export interface NoPlan {
  readonly what: string;
  readonly why: string;
  readonly tryThis: string;
  /** Whether it is certain that there is none; otherwise many orders of work were tried in vain. */
  readonly proven: boolean;
  /** Pieces of kit that would have to be there. */
  readonly missing?: readonly MissingKit[] | undefined;
  /** Changes with which a plan was really found, the likeliest first. */
  readonly frees?: readonly Remedy[] | undefined;
}

/** So many pieces of a kind more. */
export interface MissingKit {
  readonly kind: KitKind;
  readonly count: number;
}

type Task = TaskNetwork['tasks'][number];

function dishOf(network: TaskNetwork, task: Task): string {
  return network.batches.find((batch) => batch.id === task.batch)!.recipe.name;
}

const named = (network: TaskNetwork, task: Task): string => `“${task.title}” (${dishOf(network, task)})`;

const courseOf = (occasion: Occasion, network: TaskNetwork, task: Task): string => {
  const { dish } = network.batches.find((batch) => batch.id === task.batch)!;
  return occasion.courses.find((course) => course.id === occasion.dishes.find((each) => each.id === dish)!.course)!
    .name;
};

type Advice = Pick<NoPlan, 'why' | 'tryThis'>;

interface PlaceWords {
  /** More is wanted by one thing than there ever is. */
  readonly never: (wanted: number, there: number) => Advice;
  /** All are taken when they are wanted. */
  readonly full: (there: number) => Advice;
}

const coldWords = (where: string): PlaceWords => ({
  never: (wanted) => ({
    why: `It takes ${wanted === 1 ? 'a place' : `${wanted} places`} in the ${where}; there ${wanted === 1 ? 'is none' : 'are not so many'}.`,
    tryThis: `Make room in the ${where}, or make less of it.`,
  }),
  full: () => ({
    why: `The ${where} is full at that time.`,
    tryThis: 'Make room there, or make a dish earlier or later.',
  }),
});

const placeWords: Readonly<Record<PlaceKind, PlaceWords>> = {
  burner: {
    never: (wanted, there) => ({
      why:
        there === 0
          ? 'It needs a burner; the kitchen has none.'
          : `For its amount it needs ${wanted} burners; the kitchen has ${there}.`,
      tryThis: 'Add a burner to the kitchen, or choose a dish for the oven.',
    }),
    full: (there) => ({
      why: `All ${there} burners are taken.`,
      tryThis: 'Choose a dish for the oven, or serve a course later.',
    }),
  },
  fridge: coldWords('fridge'),
  freezer: coldWords('freezer'),
};

/** Why nobody can do something at any time at which it could be done. */
function nobodyFor(
  occasion: Occasion,
  { chores }: Task,
  { fromMin, toMin, leastMin, able }: Extract<Clash, { kind: 'no-cook' }>,
): Advice {
  const { cooks } = occasion.kitchen;
  if (able.length === 0) {
    const left = chores.filter((chore) => cooks.every(({ leaves }) => leaves.includes(chore)));
    const words = listed((left.length > 0 ? left : chores).map((chore) => choreWords[chore]));
    return {
      why:
        left.length > 0
          ? `It is ${words}, which nobody in the kitchen does.`
          : `It is ${words}: nobody does all of that.`,
      tryThis: 'Let a cook do that, or ask a helper who does.',
    };
  }
  const hours = able.flatMap((cook) => cooks[cook]!.windows);
  const comes = Math.min(...hours.map((each) => each.fromMin));
  const goes = Math.max(...hours.map((each) => each.toMin));
  const who = able.length === 1 ? cooks[able[0]!]!.name : 'whoever can do it';
  if (comes > toMin - leastMin)
    return {
      why: `It must be over by ${at(occasion, toMin)}; ${who} is in the kitchen only from ${at(occasion, comes)}.`,
      tryThis: `Let a cook be there by ${at(occasion, toMin - leastMin)}, or serve later.`,
    };
  if (goes < fromMin + leastMin)
    return {
      why: `It cannot begin before ${at(occasion, fromMin)}; ${who} is in the kitchen only until ${at(occasion, goes)}.`,
      tryThis: `Let a cook be there until ${at(occasion, fromMin + leastMin)}, or ask a helper.`,
    };
  return {
    why: 'Nobody who can do it is in the kitchen when it must be done.',
    tryThis: 'Give a cook more time in the kitchen, ask a helper, or serve later.',
  };
}

/** Says what certainly cannot hold together. */
export function explainClash(occasion: Occasion, network: TaskNetwork, clash: Clash): NoPlan {
  const tasks = clash.activities.map((index) => network.tasks[index]!);
  const [one, two] = tasks as [Task, Task | undefined];
  const what = `${named(network, one)} finds no place.`;
  switch (clash.kind) {
    case 'no-unit': {
      // What there is none of is said before anything is tried: here it is too small.
      return {
        what,
        why: 'The piece of kit it is fixed to is too small for its amount, or is not there.',
        tryThis: 'Let go of the piece it is fixed to, or make less of it.',
        proven: true,
      };
    }
    case 'no-oven':
      return {
        what,
        why: `It needs ${one.oven?.temperatureC} °C; no oven of this kitchen ${ovensOf(occasion.kitchen).every((oven) => oven.racks === 0) ? 'is there' : one.oven?.grill ? 'reaches that with a grill' : 'reaches that'}.`,
        tryThis: 'Choose a dish for the hob, or correct the oven under Kitchen.',
        proven: true,
      };
    case 'no-place': {
      const kind = placeKinds[clash.pool]!;
      const [wanted, there] = [places[kind].asks(one.ways[0]), places[kind].in(occasion.kitchen) ?? 0];
      return { what, ...placeWords[kind].never(wanted, there), proven: true };
    }
    case 'no-time':
      return {
        what,
        why: `Between what must come before it and what must follow, it is short of ${clash.shortMin} min.`,
        tryThis: `Serve ${courseOf(occasion, network, one)} ${clash.shortMin} min later, or let the dish stand longer.`,
        proven: true,
      };
    case 'no-cook':
      return { what, ...nobodyFor(occasion, one, clash), proven: true };
    case 'temperatures': {
      return {
        what: `${named(network, one)} and ${named(network, two!)} cannot both have the oven.`,
        why: `One needs ${one.oven!.temperatureC} °C, the other ${two!.oven!.temperatureC} °C${one.oven!.grill || two!.oven!.grill ? ', under the grill alone' : ''}; one after the other they are short of at least ${clash.shortMin} min, with the time the oven takes to change.`,
        tryThis: `Serve ${dishOf(network, two!)} at least ${clash.shortMin} min later, let one of them stand that much longer, or use a second oven.`,
        proven: true,
      };
    }
    case 'same-cook':
      return {
        what: `${named(network, one)} and ${named(network, two!)} are wanted at once.`,
        why: `One pair of hands is short of ${clash.shortMin} min to do one after the other.`,
        tryThis: `Ask a helper, or serve ${dishOf(network, two!)} ${clash.shortMin} min later.`,
        proven: true,
      };
    case 'same-unit': {
      const kind = one.kit.find(
        (use) =>
          two!.kit.some((other) => other.kind === use.kind) &&
          occasion.kitchen.kit.filter((unit) => unit.kind === use.kind).length === 1,
      );
      const name = kitWords(kind?.kind ?? 'piece');
      return {
        what: `${named(network, one)} and ${named(network, two!)} need the same ${name} at once.`,
        why: `There is one, and it is short of ${clash.shortMin} min to do one after the other.`,
        tryThis: `Add a second ${name}, or serve ${dishOf(network, two!)} ${clash.shortMin} min later.`,
        proven: true,
      };
    }
    case 'too-much-work':
      return {
        what: `Between ${at(occasion, clash.fromMin)} and ${at(occasion, clash.toMin)} there is more to do than there are hands.`,
        why: `${listed(tasks.slice(0, 4).map((task) => named(network, task)))}${tasks.length > 4 ? ` and ${tasks.length - 4} more` : ''} must be done then; that is ${clash.shortMin} min too much.`,
        tryThis: 'Ask a helper, give a cook more time in the kitchen, or serve a course later.',
        proven: true,
      };
    default:
      return clash satisfies never;
  }
}

/** Says what stood in the way most often, when nothing was proven. */
export function explainStuck(occasion: Occasion, network: TaskNetwork, stuck: Stuck): NoPlan {
  const task = network.tasks[stuck.activity];
  const what = task ? `${named(network, task)} finds no place.` : 'The steps wait for each other.';
  const kinds = task ? listed([...new Set(task.kit.map((use) => kitWords(use.kind)))]) : '';
  switch (stuck.why) {
    case 'no-cook':
      return {
        what,
        why: 'No cook is free, and in the kitchen, when it must be done.',
        tryThis: 'Give a cook more time in the kitchen, ask a helper, or serve later.',
        proven: false,
      };
    case 'no-unit':
      return {
        what,
        why: `There is not enough kit of its kinds: ${kinds}.`,
        tryThis: 'Add a piece to the kitchen, or take a dish off the menu.',
        proven: false,
      };
    case 'no-clean-unit':
      return {
        what,
        why: `Of ${kinds}, no piece can be clean enough for those who eat it.`,
        tryThis: 'Add one that comes clean with hot water and detergent, or keep one for what is free-from.',
        proven: false,
      };
    case 'too-early':
      return {
        what,
        why: 'It would have to be done before the time it may begin.',
        tryThis: 'Let it begin earlier, or serve later.',
        proven: false,
      };
    case 'dust':
      return {
        what,
        why: 'Flour would be in the air over food that must stay free from it.',
        tryThis: 'Do the dusty work the evening before, or use a flour that they may have.',
        proven: false,
      };
    case 'wait-too-long':
      return {
        what,
        why: 'Its food would wait longer for what comes next than its recipe, or how it keeps, allows.',
        tryThis: 'Another cook, burner or place in the fridge, or serve a course later.',
        proven: false,
      };
    case 'stands-too-long':
      return {
        what,
        why: 'It would be ready longer before serving than it can stand.',
        tryThis: 'Serve a course later, or take a dish off the menu.',
        proven: false,
      };
    case 'no-oven':
      return {
        what,
        why: 'The oven has no room at the right temperature.',
        tryThis: 'Serve a course later, or choose a dish for the hob.',
        proven: false,
      };
    case 'no-place': {
      const kind = placeKinds[stuck.pool!]!;
      return { what, ...placeWords[kind].full(places[kind].in(occasion.kitchen) ?? 0), proven: false };
    }
    case 'circular':
      return {
        what,
        why: 'Kit is held by dishes that wait for each other.',
        tryThis: 'Add a pan or a bowl to the kitchen.',
        proven: false,
      };
    default:
      return stuck.why satisfies never;
  }
}
