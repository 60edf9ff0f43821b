import * as v from 'valibot';
import {
  clockTime,
  Cook,
  freshId,
  Guest,
  KitUnit,
  minutesOfClock,
  movedServing,
  ovensOf,
  Oven,
  span,
  usualDishwasher,
  withoutCook,
  withoutDish,
  withoutGuest,
  withoutUnit,
  type Occasion,
} from '../model/index.ts';
import { equalWork, gatherWork } from '../gather/index.ts';
import { recipeOf } from '../versions/index.ts';

/** Something that could be otherwise. */
export type Change =
  | { readonly kind: 'guest-more' }
  | { readonly kind: 'guest-less'; readonly guest: string }
  | { readonly kind: 'dish-less'; readonly dish: string }
  /** Minutes later; earlier where negative. */
  | { readonly kind: 'serve'; readonly laterMin: number }
  | { readonly kind: 'helper' }
  | { readonly kind: 'cook-less'; readonly cook: string }
  | { readonly kind: 'oven-more' }
  | { readonly kind: 'oven-less'; readonly oven: number }
  | { readonly kind: 'burner-less' }
  | { readonly kind: 'dishwasher' }
  | { readonly kind: 'dishwasher-less' }
  /** One more just like this one. */
  | { readonly kind: 'kit-more'; readonly like: string }
  | { readonly kind: 'kit-less'; readonly unit: string }
  /** Equal work of several dishes done in one go. */
  | { readonly kind: 'gather'; readonly work: string };

/** A helper comes for the last hours before the first course. */
const helperFromMin = -120;
/** A second oven, of an ordinary kind. */
const secondOven = { name: 'Second oven', racks: 2, mostC: 250 };

/** The occasion as it would be; the same object where the change names something that is not there. */
export function changed(occasion: Occasion, change: Change): Occasion {
  const { kitchen } = occasion;
  switch (change.kind) {
    case 'guest-more':
      return {
        ...occasion,
        guests: [
          ...occasion.guests,
          v.parse(Guest, {
            id: freshId(
              'one-more',
              occasion.guests.map((guest) => guest.id),
            ),
            name: 'One more',
            needs: [],
          }),
        ],
      };
    case 'guest-less':
      return occasion.guests.some((guest) => guest.id === change.guest)
        ? withoutGuest(occasion, change.guest)
        : occasion;
    case 'dish-less':
      return occasion.dishes.some((dish) => dish.id === change.dish) ? withoutDish(occasion, change.dish) : occasion;
    case 'serve':
      return movedServing(occasion, clockTime(occasion.serveAt, change.laterMin));
    case 'helper': {
      const last = Math.max(0, ...occasion.courses.map((course) => course.offsetMin));
      const cook = v.parse(Cook, {
        id: freshId(
          'helper',
          kitchen.cooks.map((each) => each.id),
        ),
        name: 'Helper',
        windows: [{ fromMin: helperFromMin, toMin: last + 15 }],
      });
      return { ...occasion, kitchen: { ...kitchen, cooks: [...kitchen.cooks, cook] } };
    }
    case 'cook-less':
      return kitchen.cooks.some((cook) => cook.id === change.cook) && kitchen.cooks.length > 1
        ? withoutCook(occasion, change.cook)
        : occasion;
    case 'oven-more':
      return { ...occasion, kitchen: { ...kitchen, moreOvens: [...kitchen.moreOvens, v.parse(Oven, secondOven)] } };
    case 'oven-less': {
      if (!ovensOf(kitchen)[change.oven]) return occasion;
      const pins = occasion.wishes.pins
        .map(({ oven: _oven, rack: _rack, ...pin }) => pin)
        .filter((pin) => Object.keys(pin).length > 1);
      const less =
        change.oven === 0
          ? { oven: { ...kitchen.oven, racks: 0 } }
          : { moreOvens: kitchen.moreOvens.filter((_, at) => at !== change.oven - 1) };
      return { ...occasion, kitchen: { ...kitchen, ...less }, wishes: { ...occasion.wishes, pins } };
    }
    case 'burner-less':
      return { ...occasion, kitchen: { ...kitchen, burners: Math.max(0, kitchen.burners - 1) } };
    case 'dishwasher':
      return kitchen.dishwasher ? occasion : { ...occasion, kitchen: { ...kitchen, dishwasher: usualDishwasher } };
    case 'dishwasher-less': {
      const { dishwasher: _gone, ...byHand } = kitchen;
      return kitchen.dishwasher ? { ...occasion, kitchen: byHand } : occasion;
    }
    case 'kit-more': {
      const like = kitchen.kit.find((unit) => unit.id === change.like);
      if (!like) return occasion;
      return {
        ...occasion,
        kitchen: {
          ...kitchen,
          kit: [
            ...kitchen.kit,
            v.parse(KitUnit, {
              ...like,
              id: freshId(
                like.kind,
                kitchen.kit.map((unit) => unit.id),
              ),
              name: `${like.name}, one more`,
            }),
          ],
        },
      };
    }
    case 'kit-less':
      return kitchen.kit.some((unit) => unit.id === change.unit) ? withoutUnit(occasion, change.unit) : occasion;
    case 'gather':
      return gatherWork(occasion, change.work);
    default:
      return change satisfies never;
  }
}

/** A change in words, as of the occasion before it: "served at 19:00", "without the blender". */
export function changeWords(occasion: Occasion, change: Change): string {
  const { kitchen } = occasion;
  const nameOf = (list: readonly { readonly id: string; readonly name: string }[], id: string) =>
    list.find((each) => each.id === id)?.name ?? id;
  switch (change.kind) {
    case 'guest-more':
      return 'one guest more, who eats everything';
    case 'guest-less':
      return `without ${nameOf(occasion.guests, change.guest)}`;
    case 'dish-less': {
      const dish = occasion.dishes.find((each) => each.id === change.dish);
      return `without ${dish ? recipeOf(occasion, dish).name : change.dish}`;
    }
    case 'serve':
      return `served ${span(Math.abs(change.laterMin))} ${change.laterMin < 0 ? 'earlier' : 'later'}, at ${clockTime(occasion.serveAt, change.laterMin)}`;
    case 'helper':
      return `a helper from ${clockTime(occasion.serveAt, helperFromMin)}`;
    case 'cook-less':
      return `without ${nameOf(kitchen.cooks, change.cook)} in the kitchen`;
    case 'oven-more':
      return 'a second oven';
    case 'oven-less':
      return `without ${ovensOf(kitchen)[change.oven]?.name ?? 'the oven'}`;
    case 'burner-less':
      return 'one burner less';
    case 'dishwasher':
      return 'a dishwasher';
    case 'dishwasher-less':
      return 'all washed by hand';
    case 'kit-more':
      return `one more: ${nameOf(kitchen.kit, change.like)}`;
    case 'kit-less':
      return `without: ${nameOf(kitchen.kit, change.unit)}`;
    case 'gather': {
      const work = equalWork(occasion).find((each) => each.id === change.work);
      return work ? `in one go: ${work.name.slice(0, 1).toLowerCase()}${work.name.slice(1)}` : 'in one go';
    }
    default:
      return change satisfies never;
  }
}

/** The occasion with several changes, one after the other. */
export const allChanged = (occasion: Occasion, changes: readonly Change[]): Occasion =>
  changes.reduce(changed, occasion);

/** Minutes since midnight of the occasion's day, of a moment of it. */
export const byTheClock = (occasion: Occasion, momentMin: number): number =>
  minutesOfClock(occasion.serveAt) + momentMin;
