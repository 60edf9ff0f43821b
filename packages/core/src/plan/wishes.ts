import { listed, type Absence, type Occasion, type Pin } from '../model/index.ts';
import type { TaskNetwork } from '../tasks/index.ts';
import type { NoPlan } from './explain.ts';
import { canBePlanned, remediesThatFree, type Remedy } from './remedies.ts';
import { at, pinWords } from './words.ts';

type Wish = { readonly kind: 'pin'; readonly pin: Pin } | { readonly kind: 'absence'; readonly absence: Absence };

const withWishes = (occasion: Occasion, wishes: readonly Wish[]): Occasion => ({
  ...occasion,
  wishes: {
    ...occasion.wishes,
    pins: wishes.flatMap((wish) => (wish.kind === 'pin' ? [wish.pin] : [])),
    absences: wishes.flatMap((wish) => (wish.kind === 'absence' ? [wish.absence] : [])),
  },
});

const canHold = (occasion: Occasion, network: TaskNetwork, wishes: readonly Wish[]): boolean =>
  canBePlanned(withWishes(occasion, wishes), network);

/** A step that is fixed to a piece of kit too small for what it makes. */
function tooSmall(occasion: Occasion, network: TaskNetwork): NoPlan | undefined {
  for (const pin of occasion.wishes.pins) {
    const wanted = occasion.kitchen.kit.find((unit) => unit.id === pin.unit);
    const task = network.tasks.find((each) => each.id === pin.task);
    const use = task?.kit.find((each) => each.kind === wanted?.kind);
    if (!wanted || !task || !use?.only || use.only.includes(wanted.id)) continue;
    const large = occasion.kitchen.kit.filter((unit) => use.only!.includes(unit.id)).map((unit) => unit.name);
    return {
      what: `“${task.title}” cannot be done with ${wanted.name}: it is too small for so much.`,
      why: `Large enough ${large.length === 1 ? 'is' : 'are'} ${listed(large)}.`,
      tryThis: 'let go of the piece it is fixed to, or make less of it.',
      proven: true,
      frees: remediesThatFree(occasion, [{ kind: 'pin', task: pin.task }]),
    };
  }
  return undefined;
}

/**
 * Where no plan holds all the cook's wishes but one holds without them: a set of wishes that cannot hold together and from which none can
 * be spared, found by leaving out one after the other. Undefined where the wishes are not to blame.
 */
export function wishesInConflict(occasion: Occasion, network: TaskNetwork): NoPlan | undefined {
  const small = tooSmall(occasion, network);
  if (small) return small;
  const { pins, absences } = occasion.wishes;
  const all: Wish[] = [
    ...pins
      .filter((pin) => network.tasks.some((task) => task.id === pin.task))
      .map((pin): Wish => ({ kind: 'pin', pin })),
    ...absences.map((absence): Wish => ({ kind: 'absence', absence })),
  ];
  if (all.length === 0 || !canHold(occasion, network, [])) return undefined;
  let left = all;
  for (const wish of all) {
    const without = left.filter((each) => each !== wish);
    if (!canHold(occasion, network, without)) left = without;
  }
  const words = left.map((wish) => wordsOf(occasion, network, wish));
  const takenBack = left.map((wish): Remedy =>
    wish.kind === 'pin'
      ? { kind: 'pin', task: wish.pin.task }
      : { kind: 'absence', cook: wish.absence.cook, fromMin: wish.absence.fromMin },
  );
  const one = words.length === 1;
  return {
    what: one ? `It cannot be that ${words[0]}.` : 'These wishes cannot hold together.',
    why: one
      ? 'Nothing else that was asked for stands in its way; without it there is a plan.'
      : `${words.map((each) => `${each.charAt(0).toUpperCase()}${each.slice(1)}.`).join(' ')}`,
    tryThis: one
      ? 'take it back, or ask for a little less.'
      : 'take back one of them: with any one of them gone the others can hold.',
    proven: false,
    frees: remediesThatFree(occasion, takenBack),
  };
}

function wordsOf(occasion: Occasion, network: TaskNetwork, wish: Wish): string {
  if (wish.kind === 'absence') {
    const { cook, fromMin, toMin } = wish.absence;
    return `${occasion.kitchen.cooks.find((each) => each.id === cook)?.name ?? cook} is out from ${at(occasion, fromMin)} to ${at(occasion, toMin)}`;
  }
  const task = network.tasks.find((each) => each.id === wish.pin.task)!;
  return `“${task.title}” (${network.batches.find((batch) => batch.id === task.batch)!.recipe.name}) ${pinWords(occasion, wish.pin).join(' and ')}`;
}
