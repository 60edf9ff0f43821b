import { readAmount } from '../quantities/index.ts';
import type { Amount, IngredientLine, Recipe } from '../model/index.ts';
import { flatten } from '../versions/index.ts';
import { checkRecipe } from './check.ts';
import { withHeatKnown } from './cookedThrough.ts';
import { rawServedOf } from './meantRaw.ts';
import { mostQuestions, questionsOf } from './questions.ts';
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

/** A recipe's name in its words, by each of them. */
type Names = ReadonlyMap<string, readonly { readonly recipe: Recipe; readonly own: readonly string[] }[]>;

function namesOf(recipes: readonly Recipe[]): Names {
  const names = new Map<string, { readonly recipe: Recipe; readonly own: readonly string[] }[]>();
  for (const recipe of recipes) {
    const own = wordsOf(recipe.name);
    for (const word of new Set(own)) {
      const same = names.get(word);
      if (same) same.push({ recipe, own });
      else names.set(word, [{ recipe, own }]);
    }
  }
  return names;
}

/** The recipe that words name: by all of its name, or as "pastry" names "sweet pastry" where a batch is asked for. */
function namedBy(words: readonly string[], names: Names, isBatch: boolean): Recipe | undefined {
  const last = words.at(-1);
  if (last === undefined) return undefined;
  return names.get(last)?.find(({ own }) => {
    if (!words.every((word) => own.includes(word))) return false;
    return own.every((word) => words.includes(word)) || (isBatch && own.at(-1) === last);
  })?.recipe;
}

interface Link {
  readonly id: Recipe['id'];
  readonly name: string;
  readonly amount: Amount;
}
type Links = ReadonlyMap<IngredientLine['id'], Link>;

/** The recipe that a line asks for, and how much of it. A line with a name alone asks for one batch. */
function linkOf({ text, amount, component }: IngredientLine, names: Names): Link | undefined {
  if (component) return undefined;
  const batch = batchWords.exec(text);
  const told = batch
    ? text.replace(batch[0], ' ')
    : text.slice(0, readAmount(text).start) + text.slice(readAmount(text).end);
  const words = wordsOf(told.replace(/\([^)]*\)|,.*$/g, ' '));
  const other = namedBy(words, names, batch !== null);
  if (!other) return undefined;
  // A weight or a number of pieces says how much only where the other recipe says what it makes.
  const isSaid = !batch && amount.kind !== 'words' && other.makes !== undefined;
  const batches: Amount = { kind: 'batches', batches: batchesIn(batch?.groups?.['count']) };
  return { id: other.id, name: other.name, amount: isSaid ? amount : batches };
}

const linksOf = (lines: readonly IngredientLine[], names: Names): Links =>
  new Map(
    lines.flatMap((line) => {
      const link = linkOf(line, names);
      return link ? [[line.id, link] as const] : [];
    }),
  );

/**
 * A reading whose lines are tied to recipes of the library that they ask for by the batch: what may be bought by the same name is not tied otherwise.
 * The very reading, where no line asks for any.
 */
export function linkedTo(reading: RecipeReading, library: readonly Recipe[]): RecipeReading {
  const { recipe } = reading;
  const self = namesOf([recipe]);
  const parts = library.filter(({ id, lines }) => id !== recipe.id && linksOf(lines, self).size === 0);
  const byTheBatch = recipe.lines.filter(({ text }) => batchWords.test(text));
  return tied(reading, linksOf(byTheBatch, namesOf(parts)), (id) => library.find((each) => each.id === id));
}

/** The readings of one paste tied to one another: a dough to the pizza it is for. What is named in a ring is tied to none of it. */
export function linkedAmong(readings: readonly RecipeReading[]): readonly RecipeReading[] {
  const names = namesOf(readings.map(({ recipe }) => recipe));
  const named = new Map(readings.map(({ recipe }) => [recipe.id, linksOf(recipe.lines, names)]));
  const done = new Map<string, RecipeReading>();
  const find = (id: string) => done.get(id)?.recipe;
  // Parts first: what they hold is known by then, and what holds in them.
  const tie = (reading: RecipeReading): void => {
    const { id } = reading.recipe;
    if (done.has(id)) return;
    const links = new Map([...named.get(id)!].filter(([, to]) => !leadsTo(to.id, id, named)));
    for (const to of links.values()) tie(readings.find(({ recipe }) => recipe.id === to.id)!);
    done.set(id, tied(reading, links, find));
  };
  readings.forEach(tie);
  return readings.map(({ recipe }) => done.get(recipe.id)!);
}

/** Whether one recipe is the other, or made with it, by however many parts between. */
function leadsTo(from: Recipe['id'], to: Recipe['id'], named: ReadonlyMap<Recipe['id'], Links>): boolean {
  const seen = new Set([from]);
  for (const id of seen) for (const link of named.get(id)!.values()) seen.add(link.id);
  return seen.has(to);
}

/** What the parts hold counts in it from now on; the heat that is known, what is odd and what is asked are told anew. */
function tied(reading: RecipeReading, links: Links, find: (id: string) => Recipe | undefined): RecipeReading {
  if (links.size === 0) return reading;
  const lines = reading.recipe.lines.map((line): IngredientLine => {
    const link = links.get(line.id);
    if (!link) return line;
    const { food: _food, ...rest } = line;
    return { ...rest, component: link.id, amount: link.amount };
  });
  const written: Recipe = { ...reading.recipe, lines };
  // What is raw in a part is cooked, or not, where the part goes.
  const { recipe: whole, asked } = withHeatKnown(
    flatten(written, find),
    reading.leftOver.map(({ words }) => words).join('\n'),
  );
  const cores = new Map(whole.steps.map(({ id, coreC }) => [id, coreC]));
  const recipe: Recipe = {
    ...written,
    steps: written.steps.map((step) => {
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
    questions: [
      ...questionsOf({ recipe, steps: [], asked: own, raw: rawServedOf(recipe, find).open, noYield: false }),
      // What was raw in it may be cooked by now, or other things raw.
      ...reading.questions.filter(({ id }) => !id.startsWith('meant:')),
    ].slice(0, mostQuestions),
  };
}
