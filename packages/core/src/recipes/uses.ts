import { foodOf, substitutionsFor, type FoodId } from '../reference/index.ts';
import type { LineId } from '../model/index.ts';
import { singular, tokenise, type Token } from '../reading/index.ts';
import type { LineReading } from './line.ts';

export interface KnownLine {
  readonly id: LineId;
  readonly reading: LineReading;
  readonly heading?: string | undefined;
  /** The name of the component it stands for, which steps call it by. */
  readonly componentName?: string | undefined;
}

export interface Use {
  readonly line: LineId;
  readonly start: number;
  readonly end: number;
}

/** Words too general to name one ingredient. */
const general = new Set([
  'fresh',
  'large',
  'small',
  'dried',
  'ground',
  'whole',
  'leaf',
  'piece',
  'powder',
  'juice',
  'plain',
  'white',
  'black',
  'red',
  'green',
  'yellow',
  'hot',
  'cold',
  'raw',
  'sweet',
  'mixed',
  'good',
  'quality',
  'fine',
  'sharp',
  'extra',
  'virgin',
  'light',
  'dark',
  'sauce',
  'paste',
  'seed',
  'salted',
  'unsalted',
  'ripe',
  'soft',
  'thick',
  'thin',
  'free',
  'range',
  'organic',
  'baby',
]);

/** What a cook calls a food by its kind: "the berries" for strawberries, "the cheese" for cheddar, "the meat" for chicken. */
function kindsOf(id: FoodId): readonly string[] {
  const food = foodOf(id);
  if (!food) return [];
  const kinds: string[] = food.families.flatMap((family) => kindOfFamily[family] ?? []);
  if (food.contains.some((hazard) => ['meat', 'poultry', 'pork'].includes(hazard))) kinds.push('meat');
  if (substitutionsFor(id).some((each) => each.role.endsWith('-cheese'))) kinds.push('cheese');
  return kinds;
}
const kindOfFamily: Readonly<Record<string, readonly string[]>> = {
  berry: ['berry', 'fruit'],
  nut: ['nut'],
  herb: ['herb'],
  'white-fish': ['fish'],
  'oily-fish': ['fish'],
  citrus: ['fruit'],
  pome: ['fruit'],
  'stone-fruit': ['fruit'],
  'tropical-fruit': ['fruit'],
  mushroom: ['mushroom'],
  legume: ['pulse'],
};

/** The phrases by which a step may call an ingredient, longest first: its words on the line, its catalogue name, and their last words. */
function callsOf({ reading, componentName }: KnownLine): readonly (readonly string[])[] {
  const names = new Set<string>();
  for (const food of reading.ingredient.foods) {
    names.add(food.words);
    const entry = foodOf(food.food);
    for (const name of [entry?.name, entry?.us]) if (name) names.add(name);
  }
  for (const { food } of reading.ingredient.foods) for (const kind of kindsOf(food)) names.add(kind);
  for (const unknown of reading.ingredient.unknown) names.add(unknown.words);
  if (componentName) names.add(componentName);
  const calls = new Map<string, readonly string[]>();
  for (const name of names) {
    const words = tokenise(name).map((token) => token.word);
    for (let from = 0; from < words.length; from++) {
      const call = words.slice(from);
      if (call.length === 1 && (general.has(call[0]!) || call[0]!.length < 3)) continue;
      calls.set(call.join(' '), call);
    }
    // "Butternut squash" is called squash, and "chicken stock" stock; "chicken thighs" are called chicken.
    const first = words[0];
    if (words.length > 1 && first && !general.has(first) && first.length > 3) calls.set(first, [first]);
  }
  return [...calls.values()].sort((a, b) => b.length - a.length);
}

/** Finds which lines a text names. Of two that could be meant, the one called by more words is; a bare "oil" is every oil not yet used. */
export function finderOf(
  lines: readonly KnownLine[],
): (text: string, used: ReadonlySet<LineId>, heading?: string) => readonly Use[] {
  const byFirst = new Map<
    string,
    { readonly call: readonly string[]; readonly line: LineId; readonly whole: boolean }[]
  >();
  for (const line of lines) {
    const { foods } = line.reading.ingredient;
    const lastWords = new Set(foods.map((food) => tokenise(food.words).at(-1)?.word));
    const names = new Set(
      foods.map((food) =>
        tokenise(foodOf(food.food)?.name ?? '')
          .map((token) => token.word)
          .join(' '),
      ),
    );
    const kinds = new Set(foods.flatMap((food) => kindsOf(food.food)));
    for (const call of callsOf(line)) {
      const entry = {
        call,
        line: line.id,
        whole: call.length > 1 || lastWords.has(call[0]!) || names.has(call[0]!) || kinds.has(call[0]!),
      };
      byFirst.set(call[0]!, [...(byFirst.get(call[0]!) ?? []), entry]);
    }
  }
  return (text, used) => {
    const tokens = tokenise(text);
    const found = new Map<LineId, Use>();
    const put = (line: LineId, from: Token, to: Token) => {
      if (!found.has(line)) found.set(line, { line, start: from.start, end: to.end });
    };
    for (let at = 0; at < tokens.length;) {
      const here = (byFirst.get(tokens[at]!.word) ?? []).filter(({ call }) =>
        call.every((word, i) => tokens[at + i]?.word === word),
      );
      const longest = Math.max(0, ...here.map(({ call }) => call.length));
      let best = here.filter(({ call }) => call.length === longest);
      if (best.some((each) => each.whole)) best = best.filter((each) => each.whole);
      const fresh = best.filter((each) => !used.has(each.line));
      for (const each of fresh.length > 0 ? fresh : best)
        put(each.line, tokens[at]!, tokens[at + Math.max(1, longest) - 1]!);
      at += Math.max(1, longest);
    }
    for (const { pattern, pick } of gathers) {
      for (const match of text.matchAll(pattern)) {
        const heading = match.groups?.['heading'];
        for (const line of lines)
          if (pick(line, used, heading) && !found.has(line.id))
            found.set(line.id, { line: line.id, start: match.index, end: match.index + match[0].length });
      }
    }
    return [...found.values()].sort((a, b) => a.start - b.start);
  };
}

const under = (line: KnownLine, words: string): boolean => {
  const wanted = tokenise(words)
    .map((token) => token.word)
    .filter((word) => !['all', 'the', 'of', 'for', 'other', 'with', 'and', 'until'].includes(word));
  const heading = new Set(tokenise(line.heading ?? '').map((token) => token.word));
  return wanted.length > 0 && wanted.some((word) => heading.has(singular(word)));
};
/** Words that gather ingredients: "all the remaining ingredients", "the dressing ingredients", "season well". */
const gathers: readonly {
  readonly pattern: RegExp;
  readonly pick: (line: KnownLine, used: ReadonlySet<LineId>, heading: string | undefined) => boolean;
}[] = [
  {
    pattern:
      /\b(?:all (?:of )?(?:the )?(?:other |remaining )?ingredients|(?:the )?(?:remaining|other|rest of the) ingredients|everything|all ingredients)(?!\s+for\b)/gi,
    pick: (line, used) => !used.has(line.id) && line.reading.part === 'body',
  },
  {
    pattern: /\b(?:the )?(?<heading>[\p{L}-]{3,20}) ingredients\b/giu,
    pick: (line, _used, heading) =>
      heading !== undefined && !/^(?:remaining|other|dry|wet|all|the)$/i.test(heading) && under(line, heading),
  },
  {
    pattern: /\b(?:all )?(?:the )?ingredients for the (?<heading>[\p{L} -]{3,30})/giu,
    pick: (line, _used, heading) => heading !== undefined && under(line, heading),
  },
  {
    pattern: /\bdry ingredients\b/gi,
    pick: (line, used) =>
      !used.has(line.id) &&
      line.reading.likeFood !== undefined &&
      /flour|baking|powder|cocoa|sugar|salt|bicarbonate|spice|yeast|starch/.test(line.reading.likeFood),
  },
  {
    pattern: /\bwet ingredients\b/gi,
    pick: (line, used) =>
      !used.has(line.id) &&
      line.reading.likeFood !== undefined &&
      /milk|oil|egg|yogurt|syrup|honey|juice|vinegar|water|butter$/.test(line.reading.likeFood),
  },
  {
    pattern: /\bseason(?:ed|ing)?\b/gi,
    pick: (line) => line.reading.ingredient.foods.some((food) => food.food === 'salt' || food.food === 'black-pepper'),
  },
];
