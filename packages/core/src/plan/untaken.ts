import type { FitTable } from '../fit/index.ts';
import type { Occasion } from '../model/index.ts';
import { recipeOf } from '../versions/index.ts';
import type { NoPlan } from './explain.ts';
import { remediesThatFree } from './remedies.ts';

/** Whether a dish is to take from one that nobody is served: there is then no pot to take it from. */
export function takenFromNobody(occasion: Occasion, table: FitTable): NoPlan | undefined {
  const isMade = (id: string, version?: string) =>
    table.rows.some(
      ({ dish, versions }) =>
        dish.id === id &&
        versions.some((each) => each.eaters.length > 0 && (version ?? each.version.id) === each.version.id),
    );
  for (const dish of occasion.dishes) {
    for (const { line, from } of dish.takes) {
      const giver = occasion.dishes.find(({ id }) => id === from)!;
      if (!isMade(dish.id) || isMade(from, giver.versions[0]!.id)) continue;
      const [name, given] = [dish, giver].map((each) => recipeOf(occasion, each).name);
      const isOfOthers = isMade(from);
      return {
        what: `${name} is to be made with what ${given} leaves, and that is not made.`,
        why: isOfOthers
          ? `It is taken from “${giver.versions[0]!.name}”, the version for everybody, which nobody is served.`
          : `Nobody is served ${given}.`,
        tryThis: `make ${name} with what its recipe has, or serve ${given}.`,
        proven: true,
        frees: remediesThatFree(occasion, [{ kind: 'untaken', dish: dish.id, line }]),
      };
    }
  }
  return undefined;
}
