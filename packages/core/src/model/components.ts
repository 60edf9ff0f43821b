import type { IngredientLine, Recipe } from './recipe.ts';

/** The recipes a recipe is made with, itself first, at any depth; `loop` where one of them needs itself. */
export function madeWith(
  recipe: Recipe,
  find: (id: string) => Recipe | undefined,
): { readonly parts: readonly Recipe[]; readonly loop?: readonly string[] | undefined } {
  const parts: Recipe[] = [];
  const path: string[] = [];
  let loop: readonly string[] | undefined;
  const visit = (each: Recipe) => {
    if (path.includes(each.id)) {
      loop ??= [...path.slice(path.indexOf(each.id)), each.id];
      return;
    }
    if (parts.includes(each)) return;
    parts.push(each);
    path.push(each.id);
    for (const line of each.lines) {
      const part = line.component && find(line.component);
      if (part) visit(part);
    }
    path.pop();
  };
  visit(recipe);
  return { parts, loop };
}

/**
 * How many batches of a component a line asks for: by batches, or by what the component says it makes.
 * Undefined where that cannot be known ("some custard", or grams of something that only says portions).
 */
export function batchesOfComponent(line: IngredientLine, component: Recipe): number | undefined {
  const { amount } = line;
  const { makes } = component;
  switch (amount.kind) {
    case 'batches':
      return amount.batches;
    case 'mass':
      return makes?.kind === 'mass' && makes.massG > 0 ? amount.massG / makes.massG : undefined;
    case 'volume':
      return makes?.kind === 'volume' && makes.volumeMl > 0 ? amount.volumeMl / makes.volumeMl : undefined;
    case 'count':
      if (/^portions?$/.test(amount.piece)) return amount.count / component.portions;
      return makes?.kind === 'count' && makes.count > 0 ? amount.count / makes.count : undefined;
    case 'words':
      return undefined;
    default:
      return amount satisfies never;
  }
}

/** A recipe as an occasion keeps it: with all it is made with, itself first, without the texts they came from. */
export const forOccasion = (recipe: Recipe, find: (id: string) => Recipe | undefined): readonly Recipe[] =>
  madeWith(recipe, find).parts.map(({ original: _original, ...each }) => each);

/** The recipes that are still needed by what is on the menu. */
export function neededRecipes(recipes: readonly Recipe[], onMenu: readonly string[]): Recipe[] {
  const find = (id: string) => recipes.find((each) => each.id === id);
  const needed = new Set(
    onMenu.flatMap((id) => {
      const recipe = find(id);
      return recipe ? madeWith(recipe, find).parts.map((each) => each.id as string) : [];
    }),
  );
  return recipes.filter((each) => needed.has(each.id));
}

/** Where a line that stands in a recipe written out comes from: the recipe itself, or the component behind the id ("custard--milk"). */
export function sourceOfLine(
  recipes: readonly Recipe[],
  recipe: string,
  line: string,
): { readonly recipe: string; readonly line: string } | undefined {
  const home = recipes.find((each) => each.id === recipe);
  if (!home) return undefined;
  if (home.lines.some((each) => each.id === line && !each.component)) return { recipe, line };
  for (const each of home.lines) {
    if (each.component && line.startsWith(`${each.id}--`)) {
      const found = sourceOfLine(recipes, each.component, line.slice(each.id.length + 2));
      if (found) return found;
    }
  }
  return undefined;
}
