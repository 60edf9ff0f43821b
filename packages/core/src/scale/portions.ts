import { foodOf } from '../reference/index.ts';
import type { Amount, DishId, GuestId, IngredientLine, Occasion, Recipe, VersionId } from '../model/index.ts';
import type { FitTable } from '../fit/index.ts';
import { massOf, scaleAmount } from '../versions/index.ts';

/** How many adult portions one guest of an appetite takes. @source kitchen practice */
export const appetitePortions = { child: 0.6, adult: 1, 'big-eater': 1.4 } as const;

export interface ScaledLine {
  readonly line: IngredientLine;
  /** The amount for these portions; words stay words. */
  readonly amount: Amount;
  /** Exact mass in g, where density or piece weight are known. */
  readonly massG?: number | undefined;
}

export interface ScaledVersion {
  readonly dish: DishId;
  readonly version: VersionId;
  readonly recipe: Recipe;
  readonly eaters: readonly GuestId[];
  /** Adult portions to be made. */
  readonly portions: number;
  /** Portions made ÷ portions of the recipe. */
  readonly factor: number;
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
    return made.map(({ version, recipe, eaters }, index): ScaledVersion => {
      const portions = eaters.reduce((sum, id) => sum + appetite.get(id)!, 0) * dish.share + version.extraPortions + (index === 0 ? dish.extraPortions : 0);
      const factor = portions / recipe.portions;
      const lines = recipe.lines.map((line) => {
        const amount = scaleAmount(line.amount, factor);
        return { line, amount, massG: massOf(amount, line.food ? foodOf(line.food) : undefined) };
      });
      return { dish: dish.id, version: version.id, recipe, eaters, portions, factor, lines };
    });
  });
}
