import { takeable } from '../reference/index.ts';
import { takesFrom, type Dish, type IngredientLine, type Occasion, type Step, type Taken } from '../model/index.ts';
import { ancestry, leavingsOf, recipeOf } from '../versions/index.ts';

/** A step of another dish of whose liquid or juices something can be taken when it ends. */
export interface TakeSource {
  readonly from: Dish['id'];
  readonly name: string;
  readonly step: Step;
  /** "potato water", "juices": what it leaves. */
  readonly what: string;
}

/** What a dish can be made with of what others on the menu leave. */
export interface Takeable {
  /** Its lines that are liquid, as its recipe has them. */
  readonly lines: readonly IngredientLine[];
  readonly sources: readonly TakeSource[];
  /** What the recipe's own words ask for: its "potato water", where potatoes are boiled for another dish. Not taken yet. */
  readonly likely: readonly (Taken & { readonly words: string; readonly source: TakeSource })[];
}

const none: Takeable = { lines: [], sources: [], likely: [] };

/** Words that say what is left in a pot or tin, and not of what. */
const said =
  /\b(\p{L}{4,})(?:s|es)? (?:cooking |boiling |poaching |pan |roasting )?(?:water|liquid|liquor|juices|drippings?)\b/iu;

/** A glass of water, stock or wine, or what is called liquid; spoonfuls are nobody's cooking water. */
function isLiquid({ amount, food, text }: IngredientLine): boolean {
  if (amount.kind === 'volume' && amount.volumeMl < takeable.leastMl) return false;
  if (food !== undefined && takeable.foods.has(food)) return true;
  // "400 ml potato water" is read as potato; "2 tins chickpeas in water" are no water.
  return food === undefined ? takeable.called.test(text) : amount.kind === 'volume' && said.test(text);
}

/** Whether something is left in the pot or the tin that is worth taking: its recipe says so, or it cooks by itself in liquid or roasts in a tin. */
function leavesSome({ title, text, hands, burner, oven, kit, leaves }: Step): boolean {
  if (leaves.length > 0) return true;
  if (hands === 'on') return false;
  if (oven) return !oven.grill && kit.some(({ kind }) => kind === 'roasting-tin');
  return burner && takeable.cookedIn.test(`${title} ${text}`);
}

/** Everything that a dish could take from others: nothing that others cook, and nothing from a dish that takes from it. */
export function takeableFor(occasion: Occasion, dish: Dish): Takeable {
  if (dish.brought) return none;
  const sources = occasion.dishes.flatMap((other): TakeSource[] => {
    if (other === dish || other.brought || takesFrom(occasion.dishes, other).has(dish.id)) return [];
    const { name, steps } = recipeOf(occasion, { ...other, takes: [] });
    return steps.filter(leavesSome).map((step) => ({ from: other.id, name, step, what: leavingsOf(step) }));
  });
  if (sources.length === 0) return none;
  const lines = recipeOf(occasion, { ...dish, takes: [] }).lines.filter(isLiquid);
  const likely = lines.flatMap((line) => {
    const word = said.exec(line.text)?.[1]?.toLowerCase();
    const source = word === undefined ? undefined : sources.find((each) => isOf(occasion, each, word));
    const isTaken = dish.takes.some((taken) => taken.line === line.id);
    return source && !isTaken
      ? [{ line: line.id, from: source.from, step: source.step.id, words: line.text, source }]
      : [];
  });
  return { lines, sources, likely };
}

/** Whether what is left there is of that food: the dish, what it leaves, or something that has come in by then is called so. */
function isOf(occasion: Occasion, { from, name, step, what }: TakeSource, word: string): boolean {
  const recipe = recipeOf(occasion, { ...occasion.dishes.find(({ id }) => id === from)!, takes: [] });
  const before = ancestry(recipe).get(step.id)!;
  const used = new Set(recipe.steps.flatMap(({ id, uses }) => (before.has(id) ? uses : [])));
  const words = [name, what, step.title, ...recipe.lines.flatMap(({ id, text }) => (used.has(id) ? [text] : []))];
  return words
    .join(' ')
    .toLowerCase()
    .includes(word.replace(/(?:es|s)$/, ''));
}
