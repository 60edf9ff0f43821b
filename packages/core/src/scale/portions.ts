import type { DishId, GuestId, Occasion, Recipe, VersionId } from '../model/index.ts';
import type { FitTable } from '../fit/index.ts';
import { scaleLine, type LineAmount } from './lines.ts';

/** How many adult portions one guest of an appetite takes. @source kitchen practice */
export const appetitePortions = { child: 0.6, adult: 1, 'big-eater': 1.4 } as const;

/**
 * How much of a full portion each eater usually takes where so many dishes stand in one course: more dishes, a little more food in all.
 * @source kitchen practice
 */
export const usualShare = (dishes: number): number => Math.round(Math.max(1, dishes) ** -0.6 * 20) / 20;

export type ScaledLine = LineAmount;

export interface ScaledVersion {
  readonly dish: DishId;
  readonly version: VersionId;
  readonly recipe: Recipe;
  readonly eaters: readonly GuestId[];
  /** Adult portions to be made. */
  readonly portions: number;
  /** Portions made ÷ portions of the recipe. */
  readonly factor: number;
  /** Of the whole dish: the factors of all its versions together. */
  readonly dishFactor: number;
  readonly lines: readonly ScaledLine[];
}

/**
 * Every version that somebody eats, with its amounts for the portions it must feed: the eaters' appetites times the
 * dish's share; the extra portions go to the first version that is made.
 */
export function scale(occasion: Occasion, table: FitTable): readonly ScaledVersion[] {
  const appetite = new Map(occasion.guests.map((guest) => [guest.id, appetitePortions[guest.appetite]]));
  return table.rows.flatMap(({ dish, versions }) => {
    const made = versions.filter((each) => each.eaters.length > 0);
    const portionsOf = made.map(
      ({ version, eaters }, index) =>
        eaters.reduce((sum, id) => sum + appetite.get(id)!, 0) * dish.share +
        version.extraPortions +
        (index === 0 ? dish.extraPortions : 0),
    );
    const dishFactor = made.reduce((sum, { recipe }, index) => sum + portionsOf[index]! / recipe.portions, 0);
    return made.map(({ version, recipe, eaters }, index): ScaledVersion => {
      const portions = portionsOf[index]!;
      const factor = portions / recipe.portions;
      return {
        dish: dish.id,
        version: version.id,
        recipe,
        eaters,
        portions,
        factor,
        dishFactor,
        lines: recipe.lines
          .filter(({ carriedFrom }) => carriedFrom === undefined)
          .map((line) => scaleLine(recipe, line, factor, dishFactor)),
      };
    });
  });
}
