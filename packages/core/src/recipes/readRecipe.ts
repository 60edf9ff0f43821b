import { servedWithOf } from '../exposure/index.ts';
import * as v from 'valibot';
import {
  blankStep,
  CheckedRecipe,
  freshId,
  LineId,
  RecipeId,
  StepId,
  type IngredientLine,
  type Original,
  type Recipe,
  upgraded,
} from '../model/index.ts';
import type { WrittenIn } from '../quantities/index.ts';
import type { IngredientReading, Span } from '../reading/index.ts';
import { withHeatKnown } from './cookedThrough.ts';
import { checkRecipe } from './check.ts';
import type { RecipeFinding } from './finding.ts';
import type { Draft } from './draft.ts';
import { draftOfNode, recipeNodes } from './jsonLd.ts';
import { linkedAmong } from './linked.ts';
import { readLine, type LineReading } from './line.ts';
import { readPage } from './page.ts';
import { courseOf } from './course.ts';
import { draftsOfText } from './plainText.ts';
import type { StepNote } from './stepParts.ts';
import { asMarked, markedIn } from './stepMark.ts';
import { mostSteps, readSteps, type Guessed, type StepReading } from './steps.ts';
import { rawServedOf } from './meantRaw.ts';
import { questionsOf, type RecipeQuestion } from './questions.ts';
import { readTimes } from './timesAndHeats.ts';
import type { KnownLine } from './mentions.ts';
import { sentencesOf } from './wording.ts';
import { dividedAmong, readYield, type ReadYield } from './yields.ts';

/** A line as read, for the cook to confirm: what counts as its amount, what its words hold, what is odd. */
export interface ReadRecipeLine extends Pick<
  IngredientReading,
  'contained' | 'possible' | 'claims' | 'unknown' | 'foods'
> {
  readonly id: LineId;
  readonly text: string;
  readonly amountSpan: Span;
  readonly doubts: readonly string[];
}

export interface ReadRecipeStep {
  readonly id: StepId;
  readonly notes: readonly StepNote[];
  readonly guessed: readonly Guessed[];
}

export interface RecipeReading {
  readonly format: Original['format'];
  /** The recipe as proposed; valid, with its original attached. */
  readonly recipe: Recipe;
  readonly lines: readonly ReadRecipeLine[];
  readonly steps: readonly ReadRecipeStep[];
  /** What was assumed, in a sentence each. */
  readonly notes: readonly string[];
  /** What found no place in the recipe, and why. It stays in the original. */
  readonly leftOver: readonly { readonly words: string; readonly why: string }[];
  readonly findings: readonly RecipeFinding[];
  /** What is worth asking, in the order of what it decides. */
  readonly questions: readonly RecipeQuestion[];
}

export interface RecipesRead {
  readonly recipes: readonly RecipeReading[];
  /** What could not be read at all, in a sentence each. */
  readonly faults: readonly string[];
}

const mostLines = 300;
const tooMany = `more than ${mostSteps} steps`;

/**
 * Reads whatever a cook has: a schema.org/Recipe as JSON-LD (bare, in a graph, inside an HTML page), Lupin's own JSON, or pasted text.
 * A proposal: nothing is dropped silently, and what had to be assumed is said. Never throws on bad input; faults are sentences.
 */
export function readRecipes(input: string): RecipesRead {
  const text = input.replace(/^\ufeff/, '').trim();
  if (text === '') return { recipes: [], faults: ['There is nothing to read.'] };
  if (/^[{[]/.test(text)) return fromJson(text);
  if (/<(?:html|body|script|div|p|li|h1|ul|head|!doctype)\b/i.test(text)) return fromPage(text);
  return fromDrafts(draftsOfText(text), []);
}

function parsed(text: string): { readonly data: unknown } | { readonly fault: string } {
  try {
    return { data: JSON.parse(text) as unknown };
  } catch (error) {
    return { fault: (error as Error).message };
  }
}

function fromJson(text: string): RecipesRead {
  const json = parsed(text);
  if ('fault' in json) {
    // "[Serves 4]" is a note, not JSON: what does not parse may still be a recipe in words.
    const words = /["{[]\s*"?@?\w+"?\s*:/.test(text) ? undefined : fromDrafts(draftsOfText(text), []);
    return words && words.recipes.length > 0
      ? words
      : { recipes: [], faults: [`It looks like JSON and is not quite: ${json.fault}`] };
  }
  const own = fromOwn(upgraded(json.data), text);
  if (own) return own;
  const nodes = recipeNodes(json.data as never);
  if (nodes.length === 0)
    return { recipes: [], faults: ['The JSON holds no recipe: neither a schema.org Recipe nor a Lupin recipe.'] };
  return fromDrafts(
    nodes.map((node) => draftOfNode(node, JSON.stringify(node))),
    [],
  );
}

/** A recipe file of format lupin.recipe/2: `{format, recipe, components?}`, or the bare recipe. */
function fromOwn(data: unknown, text: string): RecipesRead | undefined {
  if (typeof data !== 'object' || data === null || Array.isArray(data)) return undefined;
  const holds = (key: string) => Object.hasOwn(data, key);
  const { format, recipe, components, ...bare } = data as { format?: unknown; recipe?: unknown; components?: unknown };
  const ours = holds('format') && typeof format === 'string' && format.startsWith('lupin.recipe');
  if (!ours && !(holds('lines') && holds('steps'))) return undefined;
  if (ours && format !== 'lupin.recipe/2')
    return { recipes: [], faults: [`This Lupin does not know the format "${String(format).slice(0, 60)}".`] };
  const all = recipe !== undefined ? [recipe, ...(Array.isArray(components) ? (components as unknown[]) : [])] : [bare];
  const faults: string[] = [];
  const recipes = all.flatMap((each): RecipeReading[] => {
    const checked = v.safeParse(CheckedRecipe, each);
    if (!checked.success) {
      faults.push(...checked.issues.slice(0, 8).map((issue) => `${v.getDotPath(issue) ?? 'recipe'}: ${issue.message}`));
      return [];
    }
    const whole: Recipe = checked.output.original
      ? checked.output
      : { ...checked.output, original: originalOf('lupin', all.length === 1 ? text : JSON.stringify(each)) };
    return [
      {
        format: 'lupin',
        recipe: whole,
        lines: whole.lines.map((line) => lineOf(line.id, readLine(line.text))),
        steps: whole.steps.map((step) => ({ id: step.id, notes: [], guessed: [] })),
        notes: [],
        leftOver: [],
        findings: [],
        questions: [],
      },
    ];
  });
  const find = (id: string) => recipes.find((each) => each.recipe.id === id)?.recipe;
  return { recipes: recipes.map((each) => ({ ...each, findings: checkRecipe(each.recipe, find) })), faults };
}

function fromPage(html: string): RecipesRead {
  const page = readPage(html);
  const faults: string[] = [];
  const drafts = page.jsonLd.flatMap((script) => {
    const json = parsed(script.trim());
    if ('data' in json) return recipeNodes(json.data as never).map((node) => draftOfNode(node, JSON.stringify(node)));
    faults.push(`The page holds linked data that is not quite JSON: ${json.fault}`);
    return [];
  });
  if (drafts.length > 0) return fromDrafts(drafts, faults);
  const words = fromDrafts(draftsOfText(page.text), faults);
  return {
    ...words,
    recipes: words.recipes.map((each) => ({
      ...each,
      notes: ['The page holds no recipe data; it was read as text.', ...each.notes],
    })),
  };
}

function fromDrafts(drafts: readonly Draft[], faults: readonly string[]): RecipesRead {
  const said = [...faults];
  const ids = new Set<string>();
  const recipes = drafts.slice(0, 1000).flatMap((draft) => {
    const reading = assemble(draft, ids);
    if (typeof reading === 'string') {
      said.push(reading);
      return [];
    }
    return [reading];
  });
  return { recipes: linkedAmong(recipes), faults: said };
}

const originalOf = (format: Original['format'], text: string): Original => ({ format, text: text.slice(0, 200_000) });

/** A new id, noted as taken. */
function slug(name: string, taken: Set<string>, otherwise: string, most = 48): string {
  const id = freshId(name, taken, most, otherwise);
  taken.add(id);
  return id;
}

/** Whether the writer measures in American units: more cups, ounces and °F than grams, millilitres and °C. */
export function writtenIn(text: string): WrittenIn {
  const count = (pattern: RegExp) => [...text.matchAll(pattern)].length;
  const us = count(/\b(?:cups?|sticks? (?:of |unsalted )?butter|quarts?|ounces?|oz|fl\.? oz|lbs?)\b|°\s?F\b/gi);
  const metric = count(/\d\s?(?:g|kg|ml|l|dl|cl)\b|°\s?C\b|\bgas mark\b/gi);
  return us > metric ? 'us' : 'metric';
}

const lineOf = (id: LineId, { text, amountSpan, doubts, ingredient }: LineReading): ReadRecipeLine => ({
  id,
  text,
  amountSpan,
  doubts,
  contained: ingredient.contained,
  possible: ingredient.possible,
  claims: ingredient.claims,
  unknown: ingredient.unknown,
  foods: ingredient.foods,
});

const kitLine =
  /^(?:you(?:['’]ll| will)? (?:also )?need:? )?(?:(?:about )?\d+ (?:x )?|an? |some )?(?:[\p{L}\d-]+ ){0,3}?(?:skewers?|cocktail sticks?|toothpicks?|baking (?:paper|parchment|trays?|sheets?)|greaseproof(?: paper)?|foil|cling ?film|string|twine|piping bags?|ramekins?|(?:cake|loaf|tart|muffin|bun|springform|roasting) tins?|paper cases|muslin|thermometer|food processor|blender)\.?$/iu;
/** "You will also need 16 wooden skewers." */
const isOfKit = (text: string): boolean => kitLine.test(text.trim()) && readLine(text).ingredient.foods.length === 0;

const yieldOf = ({ yields }: Draft, paragraphs: readonly string[]): ReadYield => {
  const read = readYield(yields.length > 0 ? yields : yieldsIn(paragraphs));
  return { ...read, portions: read.portions ?? dividedAmong(paragraphs) };
};

function assemble(draft: Draft, ids: Set<string>): RecipeReading | string {
  const name = (draft.name || 'A recipe without a name').slice(0, 120).trim();
  const called = draft.name ? `“${draft.name.slice(0, 60)}”` : 'The recipe';
  const system = writtenIn(draft.original);
  const notes: string[] = [];
  const leftOver = [...draft.leftOver];
  if (!draft.name) notes.push('No name was found.');
  const listed = draft.ingredients.filter((line) => line.text.trim() !== '');
  const wanted = listed.filter(({ text }) => !isOfKit(text));
  leftOver.push(
    ...listed
      .filter(({ text }) => isOfKit(text))
      .map(({ text }) => ({ words: text.slice(0, 300), why: 'kit, and no food' })),
  );
  if (wanted.length === 0) return `${called} has no list of ingredients that could be found; nothing was taken over.`;
  if (wanted.length > mostLines)
    notes.push(
      `It has ${wanted.length} ingredient lines; a recipe holds ${mostLines}. The rest stays in the original.`,
    );
  const beyond = `more than ${mostLines} lines`;
  leftOver.push(...wanted.slice(mostLines).map((line) => ({ words: line.text.slice(0, 300), why: beyond })));
  const lineIds = new Set<string>();
  const readings = wanted.slice(0, mostLines).map(({ text, heading }) => {
    const reading = readLine(text.slice(0, 300), system);
    if (text.length > 300) leftOver.push({ words: text.slice(300, 600), why: 'a line holds 300 characters' });
    const food =
      reading.ingredient.foods[0]?.words ??
      reading.text.slice(reading.amountSpan.start === 0 ? reading.amountSpan.end : 0);
    return { id: v.parse(LineId, slug(food, lineIds, 'line', 32)), reading, heading: heading?.slice(0, 80) };
  });
  const known: KnownLine[] = readings.map(({ id, reading, heading }) => ({ id, reading, heading }));
  const lines = readings.map(({ id, reading, heading }): IngredientLine => ({
    id,
    text: reading.text || '(empty line)',
    amount: reading.amount,
    part: reading.part,
    canOmit: reading.canOmit,
    ...(reading.food && { food: reading.food }),
    ...(heading && { heading }),
  }));
  const told = draft.method
    .map(({ text, heading }) => ({ text: text.trim().slice(0, 20_000), heading }))
    .filter(({ text }) => text !== '');
  const own = ownMarks(told);
  const method = own ? told.map((part, at) => ({ ...part, text: own[at]!.text })) : told;
  const paragraphs = method.map(({ text }) => text);
  const { portions, makes } = yieldOf(draft, paragraphs);
  const work = readSteps(method, known, {
    name,
    makes: makes?.kind === 'count' ? makes.count : undefined,
  });
  const { steps: read, asides } = own ? { steps: markedSteps(work.steps, own), asides: [] } : work;
  if (read.length > mostSteps)
    notes.push(`Its method falls into more than ${mostSteps} steps; the rest stays in the original.`);
  leftOver.push(...read.slice(mostSteps).map(({ step }) => ({ words: step.text.slice(0, 300), why: tooMany })));
  // What is no work is told once more, so that nobody has to look for it: a sentence that was work after all is seen here.
  leftOver.push(
    ...asides.slice(0, 60).map(({ words, why }) => ({ words: words.slice(0, 300), why: `${why}, no work` })),
  );
  const steps = read.slice(0, mostSteps);
  if (steps.length === 0) notes.push('No method was found: one step stands for all of it, with a guessed time.');
  if (portions === undefined)
    notes.push(`It ${makes ? 'says what it makes, not' : 'does not say'} how many it feeds: taken as 4 portions.`);
  const wholeText = [...paragraphs, ...draft.notes].join('\n');
  const keeps = keepsOf(wholeText);
  const hold = holdOf(paragraphs.join('\n'));
  notes.push(...totalNote(draft.totalMin, steps));
  const about = [draft.about, ...draft.notes].filter((text) => text !== '').join('\n');
  if (about.length > 2000) leftOver.push({ words: about.slice(2000, 2300), why: 'more than 2000 characters of notes' });
  const asWritten: Recipe = {
    id: v.parse(RecipeId, slug(name, ids, 'recipe')),
    name,
    about: about.slice(0, 2000),
    usualCourse: courseOf(
      draft.category,
      draft.yields,
      name,
      readings.map(({ reading }) => reading),
    ),
    portions: Math.min(500, Math.max(0.25, portions ?? 4)),
    ...(makes && { makes }),
    lines,
    steps:
      steps.length > 0
        ? steps.map(({ step }) => step)
        : [
            {
              ...blankStep,
              id: v.parse(StepId, 'make'),
              title: 'Make it',
              uses: lines.map((line) => line.id),
              durationMin: { least: 20, likely: 30, most: 60 },
              grows: true,
            },
          ],
    hold,
    keeps,
    servedWith: servedWithOf(wholeText),
    original: originalOf(draft.format, draft.original),
  };
  const { recipe, cooked, asked } = withHeatKnown(asWritten, asides.map(({ words }) => words).join('\n'));
  notes.push(...heatNotes(cooked));
  return {
    format: draft.format,
    recipe,
    lines: readings.map(({ id, reading }) => lineOf(id, reading)),
    steps:
      steps.length > 0
        ? steps.map(({ step, notes: found, guessed }) => ({ id: step.id, notes: found, guessed }))
        : [{ id: recipe.steps[0]!.id, notes: [], guessed: ['time'] }],
    notes,
    leftOver,
    findings: checkRecipe(recipe, () => undefined, { noYield: portions === undefined }),
    questions: questionsOf({
      recipe,
      steps,
      asked,
      raw: rawServedOf(recipe, () => undefined).open,
      noYield: portions === undefined,
    }),
  };
}

type Marked = NonNullable<ReturnType<typeof markedIn>>;

/** Lupin's own text says behind each step what it is; of any other text, undefined. */
function ownMarks(method: readonly { readonly text: string }[]): readonly Marked[] | undefined {
  const marked = method.flatMap(({ text }) => markedIn(text) ?? []);
  return marked.length > 0 && marked.length === method.length ? marked : undefined;
}

const markedSteps = (read: readonly StepReading[], own: readonly Marked[]): readonly StepReading[] =>
  asMarked(
    read,
    own.map(({ text }) => text),
    own.map(({ mark }) => mark),
    (text, at) => ({
      ...blankStep,
      id: v.parse(StepId, `told-${at + 1}`),
      title: text.slice(0, 60).replace(/[.:;,]?\s*$/, '') || 'Step',
    }),
  );

/** Where what a recipe says of its time in all is far from what its steps come to. */
function totalNote(totalMin: number | undefined, steps: readonly StepReading[]): readonly string[] {
  const likely = steps.reduce((sum, { step }) => sum + step.durationMin.likely, 0);
  const isNear = !totalMin || steps.length === 0 || (likely <= totalMin * 2 && likely >= totalMin / 2);
  return isNear ? [] : [`It says ${Math.round(totalMin)} minutes in all; its steps come to about ${likely}.`];
}

/** How many it feeds, where only the method says so. */
const yieldsIn = (paragraphs: readonly string[]): readonly string[] =>
  [
    ...paragraphs.join('\n').matchAll(/(?:^|[.!]\s+)((?:serves|feeds|makes)\s+(?:about |around )?\d+[^.!\n]{0,30})/gi),
  ].map((match) => match[1]!);

const heatNotes = (cooked: ReturnType<typeof withHeatKnown>['cooked']): readonly string[] =>
  cooked.length === 0
    ? []
    : [
        `Taken to be cooked through, though it says no heat: ${cooked.map(({ title, means }) => `“${title}” (${means})`).join(', ')}. A thermometer is surer.`,
      ];

function keepsOf(text: string): Recipe['keeps'] {
  const found: Recipe['keeps'] = [];
  for (const sentence of sentencesOf(text)) {
    const time = readTimes(sentence.text)
      .filter((each) => each.use === 'keeps')
      .at(-1);
    if (!time || time.likely < 720) continue;
    const where = /freez/i.test(sentence.text)
      ? ('freezer' as const)
      : /fridge|refrigerat|chill/i.test(sentence.text)
        ? ('fridge' as const)
        : /airtight|tin|jar|room temperature|cupboard/i.test(sentence.text)
          ? ('cupboard' as const)
          : ('fridge' as const);
    if (!found.some((each) => each.where === where))
      found.push({ where, days: Math.min(365, Math.max(1, Math.floor(time.likely / 1440))) });
  }
  return found.slice(0, 3);
}

function holdOf(text: string): Recipe['hold'] {
  if (/\bserve (?:it |them )?(?:at once|immediately|straight ?away|right away|piping hot)\b/i.test(text))
    return { mostMin: 10, how: 'the recipe says: serve at once' };
  if (
    /\bserve (?:it |them )?(?:cold|chilled|at room temperature)\b|\bchill(?:ed)? until (?:needed|serving|ready)\b/i.test(
      text,
    )
  )
    return { mostMin: 240, how: 'served cold; keep it in the fridge until then' };
  return { mostMin: 30, how: 'not said in the recipe; taken as half an hour' };
}
