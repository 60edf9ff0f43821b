import { readAmount } from '../quantities/index.ts';
import type { Amount, IngredientLine, Recipe } from '../model/index.ts';
import { flatten } from '../versions/index.ts';
import { checkRecipe } from './check.ts';
import { withHeatKnown } from './cookedThrough.ts';
import { questionsOf } from './questions.ts';
import type { RecipeReading } from './readRecipe.ts';

/** "1 batch", "half a quantity of", "a double recipe": so many times what the other recipe makes. */
const batchWords =
  /\b(?<count>\d+(?:[.,]\d+)?|½|¼|¾|1½|an?|one|two|three|half(?: an?| the)?|double(?: an?| the)?)?\s*(?:x\s*)?(?:batch(?:es)?|quantit(?:y|ies)|recipes?|portions?|lots?) (?:of )?/i;
const counts: Readonly<Record<string, number>> = { '½': 0.5, '¼': 0.25, '¾': 0.75, '1½': 1.5, two: 2, three: 3 };

function batchesIn(count: string | undefined): number {
  const said = count?.toLowerCase() ?? '';
  if (said.startsWith('half')) return 0.5;
  if (said.startsWith('double')) return 2;
  return counts[said] ?? (Number(said.replace(',', '.')) || 1);
}

/** Words that name no other thing: "my pizza dough (see above)". */
const empty = new Set(
  'the of my your our a an homemade home made from above below see recipe as left chilled cold ready at room temperature opposite page'.split(
    ' ',
  ),
);
const wordsOf = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .split(/[^\p{L}]+/u)
    .map((word) => word.replace(/(?<=\p{L}{3})s$/u, ''))
    .filter((word) => word !== '' && !empty.has(word));

/** Whether words are the name of a recipe: all of it, or as "pastry" is of "sweet pastry" where a batch is asked for. */
function isNameOf(name: string, words: readonly string[], isBatch: boolean): boolean {
  const own = wordsOf(name);
  if (own.length === 0 || words.length === 0) return false;
  const isWhole = own.length === words.length && own.every((word) => words.includes(word));
  return isWhole || (isBatch && words.every((word) => own.includes(word)) && words.at(-1) === own.at(-1));
}

interface Link {
  readonly id: Recipe['id'];
  readonly name: string;
  readonly amount: Amount;
}

/** The recipe that a line asks for, and how much of it. A line with a name alone asks for one batch. */
function linkOf({ text, amount, component }: IngredientLine, others: readonly Recipe[]): Link | undefined {
  if (component) return undefined;
  const batch = batchWords.exec(text);
  const told = batch
    ? text.replace(batch[0], ' ')
    : text.slice(0, readAmount(text).start) + text.slice(readAmount(text).end);
  const words = wordsOf(told.replace(/\([^)]*\)|,.*$/g, ' '));
  const other = others.find(({ name }) => isNameOf(name, words, batch !== null));
  if (!other) return undefined;
  // A weight or a number of pieces says how much only where the other recipe says what it makes.
  const isSaid = !batch && amount.kind !== 'words' && other.makes !== undefined;
  const batches: Amount = { kind: 'batches', batches: batchesIn(batch?.groups?.['count']) };
  return { id: other.id, name: other.name, amount: isSaid ? amount : batches };
}

/**
 * A reading whose lines are tied to the other recipes that they name: a dough above the pizza it is for, a pastry of the library. What the parts hold
 * counts in it from now on; the heat that is known, what is odd and what is asked are told anew. The very reading, where no line names any.
 */
export function linkedTo(
  reading: RecipeReading,
  others: readonly Recipe[],
  /** What may be bought by the same name is tied only where a batch of it is asked for. */
  { onlyBatches = false }: { readonly onlyBatches?: boolean } = {},
): RecipeReading {
  const parts = others.filter(
    (other) => other.id !== reading.recipe.id && !other.lines.some((line) => linkOf(line, [reading.recipe])),
  );
  const links = new Map(
    reading.recipe.lines.flatMap((line) => {
      const link = onlyBatches && !batchWords.test(line.text) ? undefined : linkOf(line, parts);
      return link ? [[line.id, link] as const] : [];
    }),
  );
  if (links.size === 0) return reading;
  const find = (id: string) => others.find((each) => each.id === id);
  const lines = reading.recipe.lines.map((line): IngredientLine => {
    const link = links.get(line.id);
    if (!link) return line;
    const { food: _food, ...rest } = line;
    return { ...rest, component: link.id, amount: link.amount };
  });
  const tied: Recipe = { ...reading.recipe, lines };
  // What is raw in a part is cooked, or not, where the part goes.
  const { recipe: whole, asked } = withHeatKnown(flatten(tied, find));
  const cores = new Map(whole.steps.map(({ id, coreC }) => [id, coreC]));
  const recipe: Recipe = {
    ...tied,
    steps: tied.steps.map((step) => {
      const coreC = step.coreC ?? cores.get(step.id);
      return coreC === undefined ? step : { ...step, coreC };
    }),
  };
  const noYield = reading.questions.some(({ id }) => id === 'portions');
  const own = asked.filter(({ step }) => recipe.steps.some(({ id }) => id === step));
  return {
    ...reading,
    recipe,
    notes: [
      ...reading.notes,
      ...[...links].map(([id, { name }]) => `“${lines.find((line) => line.id === id)!.text}” is made by “${name}”.`),
    ],
    findings: checkRecipe(recipe, find, { noYield }),
    questions: [...questionsOf({ recipe, steps: [], asked: own, noYield: false }), ...reading.questions].slice(0, 5),
  };
}
