import type { Amount, Recipe } from '../model/index.ts';
import { markOf } from './stepMark.ts';
import { plainNumber } from '../quantities/index.ts';

const isoOf = (minutes: number): string =>
  `PT${Math.floor(minutes / 60) > 0 ? `${Math.floor(minutes / 60)}H` : ''}${minutes % 60 > 0 || minutes === 0 ? `${minutes % 60}M` : ''}`;

function yieldWords(makes: Amount): string {
  switch (makes.kind) {
    case 'mass':
      return `${plainNumber(makes.massG)} g`;
    case 'volume':
      return `${plainNumber(makes.volumeMl)} ml`;
    case 'count':
      return `${plainNumber(makes.count)} ${makes.piece || 'pieces'}`;
    case 'batches':
      return `${plainNumber(makes.batches)} batches`;
    case 'words':
      return makes.words;
    default:
      return makes satisfies never;
  }
}

/** What a step says, with its title in front where the text does not begin with it. */
function stepWords(title: string, text: string): string {
  if (text.trim() === '') return title;
  const bare = title.replace(/\s*…$/, '').toLowerCase();
  const first = text.toLowerCase().replace(/^(?:meanwhile|next|then|now|first|finally|after that|to serve),?\s+/, '');
  return first.startsWith(bare) || text.toLowerCase().includes(bare) ? text : `${title}. ${text}`;
}

/** A recipe as schema.org/Recipe linked data, its components beside it in one graph. @source schema.org/Recipe */
export function toJsonLd(recipe: Recipe, components: readonly Recipe[] = []): Record<string, unknown> {
  const nodes = [recipe, ...components].map(nodeOf);
  return nodes.length === 1
    ? { '@context': 'https://schema.org', ...nodes[0]! }
    : { '@context': 'https://schema.org', '@graph': nodes };
}

function nodeOf(recipe: Recipe): Record<string, unknown> {
  const totalMin = recipe.steps.reduce((sum, step) => sum + step.durationMin.likely, 0);
  // Headings have no place in the vocabulary; they stand as lines, as most pages have them.
  let heading: string | undefined;
  const ingredients = recipe.lines.flatMap((line) => {
    const starts = line.heading !== undefined && line.heading !== heading ? [`${line.heading}:`] : [];
    heading = line.heading;
    return [...starts, line.text];
  });
  return {
    '@type': 'Recipe',
    name: recipe.name,
    ...(recipe.about && { description: recipe.about }),
    recipeYield: [
      `Serves ${plainNumber(recipe.portions)}`,
      ...(recipe.makes ? [`Makes ${yieldWords(recipe.makes)}`] : []),
    ],
    ...(recipe.usualCourse && { recipeCategory: recipe.usualCourse }),
    totalTime: isoOf(totalMin),
    recipeIngredient: ingredients,
    recipeInstructions: recipe.steps.map((step) => ({ '@type': 'HowToStep', text: stepWords(step.title, step.text) })),
  };
}

/** A recipe as plain text that reads back, each step with what it is to be known by. Headings in English, as `readRecipes` knows them. */
export function toText(recipe: Recipe): string {
  let heading: string | undefined;
  const ingredients = recipe.lines.flatMap((line) => {
    const starts = line.heading !== undefined && line.heading !== heading ? [`${line.heading}:`] : [];
    heading = line.heading;
    return [...starts, `- ${line.text}`];
  });
  const keeps = recipe.keeps.map(({ where, days }) => `Keeps in the ${where} for ${days} days.`);
  return [
    recipe.name,
    '',
    `Serves ${plainNumber(recipe.portions)}`,
    ...(recipe.makes ? [`Makes ${yieldWords(recipe.makes)}`] : []),
    ...(recipe.about ? ['', recipe.about] : []),
    '',
    'Ingredients',
    ...ingredients,
    '',
    'Method',
    ...recipe.steps.map((step, index) => `${index + 1}. ${stepWords(step.title, step.text)} ${markOf(recipe, index)}`),
    ...(keeps.length > 0 ? ['', 'Notes', ...keeps] : []),
    '',
  ].join('\n');
}

/** A recipe file that loses nothing: format lupin.recipe/2. */
export function toRecipeFile(recipe: Recipe, components: readonly Recipe[] = []): Record<string, unknown> {
  return { format: 'lupin.recipe/2', recipe, ...(components.length > 0 && { components }) };
}
