import { foodOf, hazardOf, type FoodId, type HazardId } from '../reference/index.ts';
import { cookedIn } from './cooked.ts';
import type { IngredientReading } from './ingredient.ts';

const isRawFlesh = (hazard: HazardId): boolean =>
  hazardOf(hazard).kind === 'raw' && !['raw-egg', 'raw-flour'].includes(hazard);

/** The one food of the catalogue that stands for all that was read; undefined where the words say more than it does, or are not understood. */
export function wholeFood(reading: IngredientReading): FoodId | undefined {
  const { text, foods, unknown, claims, forms, contained, possible } = reading;
  // Water to soak or dissolve it in changes nothing about what it is.
  const named = foods.some((each) => each.food !== 'water') ? foods.filter((each) => each.food !== 'water') : foods;
  const distinct = new Set(named.map((each) => each.food));
  if (distinct.size !== 1 || unknown.length > 0 || forms.length > 0) return undefined;
  const food = foodOf(named[0]!.food)!;
  // "Grilled salmon" is not the raw salmon of the catalogue. An egg that is said to be cooked may be soft.
  if (food.contains.some(isRawFlesh) && cookedIn(text, named).size > 0) return undefined;
  const withGroups = (hazards: readonly HazardId[]) =>
    hazards.flatMap((hazard) => [hazard, ...hazardOf(hazard).groups]);
  const sure = new Set<string>(withGroups(food.contains));
  const known = new Set<string>([...sure, ...withGroups(food.possible.map((each) => each.hazard))]);
  // A claim is for the label to prove; the food's own name may carry it ("gluten-free flour").
  if (claims.some((claim) => !foods.some((each) => each.start <= claim.start && each.end >= claim.end)))
    return undefined;
  if (contained.some((each) => !sure.has(each.hazard)) || possible.some((each) => !known.has(each.hazard)))
    return undefined;
  return food.id;
}
