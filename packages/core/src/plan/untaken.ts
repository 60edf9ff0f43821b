import type { FitTable } from '../fit/index.ts';
import type { Occasion } from '../model/index.ts';
import { recipeOf, takingStep } from '../versions/index.ts';
import type { NoPlan } from './explain.ts';
import { remediesThatFree } from './remedies.ts';

/** Whether something that is made is to be taken from a dish that nobody is served: there is then no pot to take it from. */
export function takenFromNobody(occasion: Occasion, table: FitTable): NoPlan | undefined {
  const madeOf = (id: string) =>
    table.rows.find(({ dish }) => dish.id === id)!.versions.filter(({ eaters }) => eaters.length > 0);
  for (const dish of occasion.dishes) {
    for (const { line, from } of dish.takes) {
      const isTaken = madeOf(dish.id).some(({ recipe }) => recipe.steps.some(({ id }) => id === takingStep(line)));
      const giver = occasion.dishes.find(({ id }) => id === from)!;
      const [everybodys] = giver.versions;
      const made = madeOf(from);
      if (!isTaken || made.some(({ version }) => version.id === everybodys!.id)) continue;
      const [name, given] = [dish, giver].map((each) => recipeOf(occasion, each).name);
      return {
        what: `${name} is to be made with what ${given} leaves, and that is not made.`,
        why:
          made.length > 0
            ? `It is taken from “${everybodys!.name}”, the version for everybody, which nobody is served.`
            : `Nobody is served ${given}.`,
        tryThis: `make ${name} with what its recipe has, or serve ${given}.`,
        proven: true,
        frees: remediesThatFree(occasion, [{ kind: 'untaken', dish: dish.id, line }]),
      };
    }
  }
  return undefined;
}
