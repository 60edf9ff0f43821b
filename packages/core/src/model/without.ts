import { neededRecipes } from './components.ts';
import type { Occasion } from './occasion.ts';

/** The occasion without a guest, who is then named nowhere; a version made for nobody else is gone. */
export function withoutGuest(occasion: Occasion, guest: string): Occasion {
  return {
    ...occasion,
    guests: occasion.guests.filter((each) => each.id !== guest),
    dishes: occasion.dishes.map((dish) => ({
      ...dish,
      notFor: dish.notFor.filter((id) => id !== guest),
      versions: dish.versions
        .map((version) => ({ ...version, guests: version.guests.filter((id) => id !== guest) }))
        .filter((version, index) => index === 0 || version.guests.length > 0),
    })),
  };
}

/** The occasion without a dish, and without recipes that nothing else is made with. */
export function withoutDish(occasion: Occasion, dish: string): Occasion {
  const dishes = occasion.dishes
    .filter((each) => each.id !== dish)
    .map((each) => ({
      ...each,
      shares: each.shares
        .map((shared) => ({ ...shared, with: shared.with.filter((other) => other !== dish) }))
        .filter((shared) => shared.with.length > 0),
      takes: each.takes.filter(({ from }) => from !== dish),
    }));
  return {
    ...occasion,
    dishes,
    recipes: neededRecipes(
      occasion.recipes,
      dishes.map((each) => each.recipe),
    ),
  };
}

/** The occasion without a cook; what was given to them is anybody's. */
export function withoutCook(occasion: Occasion, cook: string): Occasion {
  const { kitchen, wishes } = occasion;
  return {
    ...occasion,
    kitchen: { ...kitchen, cooks: kitchen.cooks.filter((each) => each.id !== cook) },
    wishes: {
      ...wishes,
      absences: wishes.absences.filter((each) => each.cook !== cook),
      pins: wishes.pins
        .map(({ cook: by, ...pin }) => (by === undefined || by === cook ? pin : { ...pin, cook: by }))
        .filter((pin) => Object.keys(pin).length > 1),
    },
  };
}

/** The occasion without a piece of kit; what was fixed to it is free again. */
export function withoutUnit(occasion: Occasion, unit: string): Occasion {
  const { kitchen, wishes } = occasion;
  return {
    ...occasion,
    kitchen: { ...kitchen, kit: kitchen.kit.filter((each) => each.id !== unit) },
    wishes: {
      ...wishes,
      pins: wishes.pins
        .map(({ unit: on, ...pin }) => (on === undefined || on === unit ? pin : { ...pin, unit: on }))
        .filter((pin) => Object.keys(pin).length > 1),
    },
  };
}
