import { readAmount } from '../quantities/index.ts';
import { foodOf } from '../reference/index.ts';
import { readIngredient } from '../reading/index.ts';
import { toldIn } from './clauses.ts';
import { readTimes } from './timesAndHeats.ts';
import type { Draft, DraftLine } from './draft.ts';
import { headed, isPartName, headingOf, isHeadedList, listedThings, numberedApart, severalThings } from './lists.ts';
import { draftOfProse } from './prose.ts';
import { topicWords } from './mentions.ts';
import { sentencesOf } from './wording.ts';

const ingredientsHead =
  /^[#*_=\s]*(?:ingredients?|ingredient list|you(?:['’]ll| will)? need|what you(?:['’]ll| will)? need|shopping list)\b\s*(?:\([^)]*\)|for \d+[^:]*|\(?serves? \d+[^:]*)?\s*[:*_=]*\s*$/i;
const ingredientsInline = /^[#*_=\s]*ingredients?\s*[:–-]\s*(?=\S)/i;
const methodHead =
  /^[#*_=\s]*(?:method|directions?|instructions?|preparation|procedure|steps|how to make(?: it)?|to make(?: it)?|what to do|what you do|how to|how (?:i|we|you) (?:make|do) it|let['’]s (?:go|cook|get cooking|do it|make it)|here['’]s how|making it|cooking method)\s*[!:*_=]*\s*$/i;
const methodInline = /^[#*_=\s]*(?:method|directions?|instructions?)\s*[:–-]\s*(?=\S)/i;
const notesHead =
  /^[#*_=\s]*(?:notes?|tips?|cook['’]?s notes?|storage|to store|make ahead|variations?|nutrition(?:al information)?|serving suggestions?|hints?)\s*[:*_=]*\s*$|^[#*_=\s]*(?:notes?|tips?|cook['’]?s notes?|storage|to store|make ahead|variations?|nutrition(?:al information)?|serving suggestions?|hints?)\s*:/i;
const yieldLine =
  /^(?:[-•*]\s*)?\(?(?:an? )?(?:(?:main course|main|starter|side|side dish|dessert|pudding)[.:]?\s+)?(?:to )?(?:serves?|servings?|makes|yields?|feeds|cuts into|enough for|for)\b\s*:?\s*(?:about |around |approximately |up to )?(?:\d|one|two|three|four|five|six|eight|ten|twelve|a dozen)(?:[^.]|\.\d){0,60}$|^\d+(?:\s?[-–]\s?\d+)?\s+(?:servings?|portions?|people|persons?)\b[^.]{0,20}$/i;
const timeLine =
  /^(?:[-•*]\s*)?(?:(?:prep(?:aration)?|cook(?:ing)?|total|active|hands[- ]on|baking|resting|chilling|ready in)\b[^:]{0,12}(?:time)?\s*:)|^(?:prep(?:aration)?|cook(?:ing)?|total|ready in)(?: time)?\s+(?:about )?\d[\d\s./½–-]*\s?(?:min|hour|hr|h\b)/i;
const numbered = /^(?:step\s*)?\d{1,2}\s*[.):]\s+/i;
const bulleted = /^\s*[-–—•*▢□☐·‣◦●]\s+/;

/** What is said after the work: how it keeps, what to do with the rest. */
const afterwards =
  /^(?:it |they |this |these |the \w+ |leftovers? )?(?:keeps?|will keep|can be (?:made|frozen|stored|kept|prepared|reheated)|store[sd]? |freezes?|leftovers?|tip:|note:)/i;

type Where = 'intro' | 'ingredients' | 'method' | 'notes';

/** Whether a line reads like an ingredient: short, with an amount in front or a food in it, and no sentence. */
function likeIngredient(text: string): boolean {
  if (
    text.length > 160 ||
    tellsWork(text) ||
    (/[.!?]$/.test(text.trim()) && !/\b(?:approx|tbsp|tsp|oz|lb)\.$/i.test(text)) ||
    (numbered.test(text) && text.length > 60)
  )
    return false;
  const { amount, start } = readAmount(text.replace(bulleted, ''));
  if ((amount.kind !== 'words' && start < 3) || isHeadedList(text)) return true;
  return (
    (bulleted.test(text) || text.length < 60) &&
    readIngredient(text).foods.length > 0 &&
    !/\b(?:until|then|into|with a|over a|stir|add|mix|heat|cook|bake|pour)\b/i.test(text)
  );
}

/** Whether a row begins with what is to be done and goes on as a sentence. */
function tellsWork(text: string): boolean {
  const bare = text.replace(bulleted, '').replace(numbered, '');
  if (readAmount(bare).start === 0 && readAmount(bare).amount.kind !== 'words') return false;
  const [first] = toldIn(bare);
  const clause = first?.clauses.find(({ verb }) => verb !== undefined);
  if (!first || !clause || clause.start > Math.max(24, clause.lead.length)) return false;
  const isSentence = /[.!]$/.test(bare) && bare.split(/\s+/).length >= 3;
  const hasMore = first.clauses.filter(({ verb }) => verb !== undefined).length > 1;
  const isPlain = clause.start === 0 && hasMore;
  return (
    isSentence ||
    (bulleted.test(text) && isPlain) ||
    (bare.length > 40 &&
      (toldIn(bare)
        .flatMap(({ clauses }) => clauses)
        .filter(({ verb }) => verb).length > 1 ||
        /\b(?:until|till?|minutes?|mins?|hours?)\b/i.test(bare)))
  );
}

/** "Blend everything.": a method of two words, where they stand alone. */
const tellsBriefly = (row: string): boolean =>
  /^\p{L}+ \p{L}+\.$/u.test(row) && toldIn(row)[0]?.clauses[0]?.verb !== undefined;

const likeMethod = (text: string): boolean =>
  numbered.test(text) ||
  tellsWork(text) ||
  (text.length > 40 &&
    /\b(?:until|then|into|stir|add|mix|heat|cook|bake|pour|place|put|chop|slice|whisk|simmer|boil|fry|roast|serve|combine|preheat|leave|cover|drain)\b/i.test(
      text,
    ));

const bareNumber = /^(\d{1,2})\s+(?=\p{Lu})/u;

/** Steps that are numbered with nothing behind the number ("1 Heat the oven."): counted from one on and mostly sentences, they are no amounts. */
function withNumbersPointed(rows: readonly string[]): readonly string[] {
  const pointed = [...rows];
  rows.forEach((row, from) => {
    if (bareNumber.exec(row)?.[1] !== '1') return;
    const run: number[] = [];
    for (let at = from; at < rows.length; at++) {
      if (rows[at] === '') continue;
      if (Number(bareNumber.exec(rows[at]!)?.[1]) !== run.length + 1) break;
      run.push(at);
    }
    const sentences = run.filter((at) => /[.!]$/.test(rows[at]!));
    if (run.length < 2 || sentences.length * 2 < run.length) return;
    for (const at of run) pointed[at] = rows[at]!.replace(bareNumber, '$1. ');
  });
  return pointed;
}

/** Whether a list begins here: with an amount, or with more rows of its kind. A list of reasons to love it is none. */
const startsList = (rows: readonly string[], at: number): boolean =>
  begins(rows[at]!) ||
  rows
    .slice(at + 1)
    .filter((each) => each !== '')
    .slice(0, 2)
    .some((each) => begins(each)) ||
  (rows[at]!.length < 40 && likeIngredient(rows[at + 1] ?? ''));

/** Whether a row of the list is none of it, and the method begins. */
const setsOven = /^(?:[-–—•*]\s+)?(?:pre-?heat|heat)?\s*(?:the )?oven\b.{0,20}\d{2,3}/i;
const endsList = (row: string, hasMethodHead: boolean): boolean =>
  setsOven.test(row) ||
  (/[.;]\s+\p{Lu}/u.test(row) && readTimes(row).length > 0) ||
  // "Salt courgettes 15 min in a colander.": a sentence with a time.
  (!hasMethodHead && /[.!]$/.test(row) && readTimes(row).length > 0 && !begins(row)) ||
  (!hasMethodHead && likeMethod(row) && !likeIngredient(row)) ||
  (tellsWork(row) && headingOf(row) === undefined);
const beginsList = (rows: readonly string[], at: number): boolean =>
  (likeIngredient(rows[at]!) && startsList(rows, at)) || headingOf(rows[at]!) !== undefined;

/** Whether a row of a word or two heads a part of the method: "Slaw", and behind it what is to be done. */
const isPartOfMethod = (rows: readonly string[], at: number): boolean =>
  /^[\p{L}][\p{L} '’&-]{1,28}$/u.test(rows[at]!) &&
  rows[at]!.split(/\s+/).length <= 3 &&
  /[.!]$/.test(rows[at + 1] ?? '') &&
  tellsWork(rows[at + 1]!);

/** Whether a row, and what follows it, is the head of another recipe: a name, and then what it makes or a list of ingredients. */
function beginsRecipe(rows: readonly string[], at: number): boolean {
  const row = rows[at]!;
  if (
    row.length > 70 ||
    /[.!?,;:]$/.test(row) ||
    numbered.test(row) ||
    bulleted.test(row) ||
    headingOf(row) !== undefined
  )
    return false;
  if (
    methodHead.test(row) ||
    ingredientsHead.test(row) ||
    notesHead.test(row) ||
    yieldLine.test(row) ||
    timeLine.test(row) ||
    tellsWork(row) ||
    begins(row)
  )
    return false;
  const next = rows
    .slice(at + 1)
    .filter((each) => each !== '')
    .slice(0, 4);
  const [first = '', second = ''] = next;
  return (
    (yieldLine.test(first) && next.slice(1).some((each) => begins(each) || ingredientsHead.test(each))) ||
    (ingredientsHead.test(first) && begins(second)) ||
    // A name with its list right below it.
    (!isPartName(row) && [1, 2, 3].every((more) => begins(rows[at + more] ?? '')))
  );
}

const begins = (row: string): boolean => {
  if (isHeadedList(row)) return true;
  const { amount, start } = readAmount(row.replace(bulleted, ''));
  return start === 0 && amount.kind !== 'words';
};

/** Takes what was pasted apart into recipes: a component may stand before the dish it is for. */
export function draftsOfText(text: string): readonly Draft[] {
  const rows = text
    .replace(/\r\n?/g, '\n')
    .split('\n')
    .map((row) => row.trim());
  const from: number[] = [0];
  let hasWork = false;
  const isAlone = (at: number) => at > 0 && rows[at - 1] === '' && (rows[at + 1] ?? '') === '';
  rows.forEach((row, at) => {
    if (row !== '' && (methodHead.test(row) || tellsWork(row) || (isAlone(at) && tellsBriefly(row)))) hasWork = true;
    if (at > 0 && hasWork && rows[at - 1] === '' && row !== '' && beginsRecipe(rows, at)) {
      from.push(at);
      hasWork = false;
    }
  });
  return from.map((start, i) => draftOfText(from.length === 1 ? text : rows.slice(start, from[i + 1]).join('\n')));
}

/** What is said before the recipe: more than a name, and a name stands below. */
const isTalk = (row: string): boolean => row.length > 80 || /[.!?]\s+\p{Lu}.*[.!?]$/u.test(row);
/** A row in capitals, or one that says of itself that it is a recipe. */
const isTitle = (row: string): boolean =>
  row.length < 60 &&
  /\p{L}{3}/u.test(row) &&
  row === row.toUpperCase() &&
  !/[.!?:|·]$|\bjump to\b|\d/i.test(row) &&
  !ingredientsHead.test(row) &&
  !methodHead.test(row) &&
  !notesHead.test(row);

/** "Ingredients: 200 g pasta, salt. Method: boil the pasta." in one row. */
function inlineOf(row: string): { readonly list: readonly DraftLine[]; readonly method: readonly DraftLine[] } {
  const [list = '', after] = row
    .replace(ingredientsInline, '')
    .split(/\.\s+(?=(?:method|directions?|instructions?)\s*[:–-])/i);
  return {
    list: listedThings(list.replace(/\.$/, '')).map((text) => ({ text })),
    method: after ? [{ text: after.replace(methodInline, '') }] : [],
  };
}

const titleBelow = (rows: readonly string[]): string | undefined =>
  isTalk(rows.find((row) => row !== '') ?? '') ? rows.find(isTitle) : undefined;
const saidIn = (row: string, pattern: RegExp): readonly string[] => pattern.exec(row)?.slice(0, 1) ?? [];
const stepAlone = /^step\s*\d{1,2}\s*[:.)]?$/i;
/** "Fridge cake. 16 squares": so many pieces behind the name. */
const piecesInName =
  /[.,–-]\s*(?:about )?(?<count>\d{1,3} (?:squares|pieces|slices|bars|buns|rolls|biscuits|cookies|muffins|scones|loaf|loaves|cakes|pies|tarts|balls|patties|wraps|skewers))\W*$/i;
/** "Sausage rolls, about two dozen." */
const dozensInName =
  /[.,–-]\s*(?:about |makes |makes about )?(?<dozens>(?:an?|one|two|three|four|half a|\d{1,2}) dozen)\W*$/i;
const feedsInTalk =
  /\b(?:feeds|fed|serves|enough for|makes(?: about)?)\s+(?:about |around )?(?:\d+|two|three|four|five|six|eight|ten|twelve)\b(?:\s?(?:-|–|to|or)\s?\d+)?/i;
const feedsInName =
  /\(?\b(?:serves?|for|feeds) (?:\d+|two|three|four|five|six|eight|ten)\b[^)]*\)?|\((?<n>\d+)\)$|\((?<of>\d+) (?:people|persons?|servings|portions)\b[^)]*\)|,\s*(?<last>\d{1,2})$|,\s*\d+ (?:people|persons?|servings|portions)\b/i;

/** What stands in the first row besides the name: how many it feeds, "cheese omelette - 3 eggs, 30 g cheddar". */
function headOf(row: string): {
  readonly name: string;
  readonly yields: readonly string[];
  readonly things: readonly string[];
} {
  const listed = / [-–—:] (?=.*\d)(?<rest>.+)$/u.exec(row)?.groups?.['rest'];
  const things = listed === undefined ? [] : severalThings(listed);
  const isListed = listed !== undefined && things.length > 1 && !/[.!?]\s+\p{Lu}/u.test(listed);
  const name = isListed ? row.slice(0, row.length - listed.length - 3).trim() : row;
  const feeds = name.length < 80 ? feedsInName.exec(name) : null;
  const bare = name
    .replace(feeds?.[0] ?? '', '')
    .replace(/[\s,.–-]+$/, '')
    .trim();
  const said = feeds?.groups?.['n'] ?? feeds?.groups?.['of'] ?? feeds?.groups?.['last'];
  const dozens = feeds ? undefined : dozensInName.exec(name)?.groups?.['dozens'];
  if (dozens !== undefined)
    return { name: name.replace(dozensInName, '').trim(), yields: [`makes ${dozens}`], things: [] };
  const pieces = feeds ? null : piecesInName.exec(name);
  if (pieces)
    return {
      name: name.slice(0, pieces.index).trim() || name,
      yields: [`makes ${pieces.groups!['count']!}`],
      things: [],
    };
  if (!feeds) return { name, yields: saidIn(name, feedsInTalk), things: isListed ? things : [] };
  return {
    name: bare || name,
    yields: [said ? `serves ${said}` : feeds[0].replace(/[(),]/g, '').trim()],
    things: isListed ? things : [],
  };
}

/** What is told of the food when the work is done: how it keeps, what to do with what is over. */
const isOfLater = (row: string, bare: string, startsBlock: boolean): boolean =>
  !numbered.test(row) &&
  afterwards.test(bare) &&
  (startsBlock || /^(?:leftovers?|it keeps?|keeps?|store[sd]?|freezes?)\b/i.test(bare));
const beginsNotes = (row: string, where: Where): boolean =>
  notesHead.test(row) && (where !== 'intro' || /^[#*_=\s]*(?:notes?|tips?|storage)/i.test(row)) && !likeIngredient(row);
/** Work by points below a list without: "- oven 220. sausages in the tin, 15 min". */
const isWorkByPoints = (row: string, listed: readonly DraftLine[]): boolean =>
  bulleted.test(row) &&
  !begins(row) &&
  listed.length >= 3 &&
  !listed.some(({ text }) => bulleted.test(text)) &&
  (readTimes(row).length > 0 || tellsWork(row));

/** "Shortbread: 125 g butter · 55 g sugar, plus extra to dust": a list behind its heading, parted by dots. */
const withCommas = (row: string): string =>
  /^[\p{L}][\p{L} '’-]{1,30}:\s+\d.*\s[·•|]\s/u.test(row) && !yieldLine.test(row) && !timeLine.test(row)
    ? row.replace(/\s+[·•|]\s+/g, '; ')
    : row;

/** "Custard - warm the cream", "Possets. Put the cream": a paragraph that begins with the name of a part of the list. */
function underOwnName(part: DraftLine, headings: ReadonlySet<string>): DraftLine {
  const match = /^(?<name>\p{L}[\p{L} ]{2,24})(?:[.:]|\s+[-–—])\s+(?=\p{L})/u.exec(part.text);
  if (!match || part.heading !== undefined) return part;
  const words = topicWords(match.groups!['name']!);
  const heading = [...headings].find((each) => [...topicWords(each)].some((word) => words.has(word)));
  return heading !== undefined && words.size <= 2 ? { text: part.text.slice(match[0].length), heading } : part;
}

const partOfList = /^for (?:the|a) [\p{L} '’-]{2,30}:\s+(?=.*\d)/iu;

/** "For the pastry: 350 g flour, 175 g butter. For the filling: 2 onions, 1 potato. An egg to glaze.": a list told in one paragraph, in its parts. */
function inParts(row: string): readonly string[] {
  if (!partOfList.test(row)) return [row];
  const sentences = sentencesOf(row).map(({ text }) => text.replace(/\.$/, ''));
  const parts = sentences.filter((each) => partOfList.test(each) && isHeadedList(each));
  const others = sentences.filter((each) => !parts.includes(each));
  const isRest = (each: string) => each.length < 50 && readIngredient(each).foods.length > 0;
  return parts.length > 0 && others.every(isRest) ? sentences : [row];
}

/** "Makes 10 patties. Prep: 25 mins. Cook: 12 mins.": yields and times in one row, each by itself. */
function yieldsApart(row: string): readonly string[] {
  const parts = row.split(/(?<=[^\d])\.\s+(?=\p{Lu})|\s+[|•·]\s+/u).map((part) => part.replace(/\.$/, ''));
  const [first = '', ...others] = parts;
  return parts.length > 1 && yieldLine.test(first) && others.every((part) => timeLine.test(part)) ? parts : [row];
}

/** Whether a list stands further down: three rows with amounts, one below the other. What stands above it is talk. */
const hasListBelow = (rows: readonly string[], at: number): boolean => {
  const isThing = (row: string | undefined) =>
    row !== undefined && begins(row) && !numbered.test(row) && !tellsWork(row) && readIngredient(row).foods.length > 0;
  return rows.some((_, from) => from > at && [0, 1, 2].every((more) => isThing(rows[from + more])));
};

const beginsMethod = (rows: readonly string[], at: number): boolean => likeMethod(rows[at]!) && !hasListBelow(rows, at);

const bareYield =
  /^(?:about |ca\.? )?(?<count>\d{1,3}(?:\s*(?:-|–|to)\s*\d{1,3})?)(?:\s+(?<what>(?:large |small |big |medium )?\p{L}+(?: \p{L}+)?))?$/iu;

/** An egg, a lemon: bought as it is, and no name for what a cook makes. */
const isAsGrown = (words: string): boolean =>
  readIngredient(words).foods.some(({ food }) => foodOf(food)?.kind === 'single');

/** "16 squares" or a bare "8" right under the name, and a gap below it: what it makes or feeds, and no food to begin a list with. */
function isBareYield(rows: readonly string[], at: number): boolean {
  // Right under the name, and nothing that a list might begin with: "6 eggs".
  if ((rows[at - 1] ?? '') === '') return false;
  const row = rows[at]!;
  const said = row.split(/,\s+/).map((part) => bareYield.exec(part)?.groups);
  if (!said.every((each) => each !== undefined)) return false;
  if (said.some((each) => each['what'] !== undefined && isAsGrown(each['what']))) return false;
  return said.every((each) => each['what'] === undefined) || (rows[at + 1] ?? '') === '';
}

const bareYieldOf = (row: string): string => {
  const { count, what } = bareYield.exec(row)!.groups!;
  if (what === undefined) return `serves ${count}`;
  return /^(?:people|persons?|portions?|servings?|adults)$/i.test(what) ? row : `makes ${row}`;
};

/** What a row says of how much it makes or whom it feeds, where that is all it says. */
function yieldsSaid(
  rows: readonly string[],
  at: number,
  where: Where,
  name: string,
  intro: readonly string[],
): readonly string[] {
  const row = rows[at]!;
  const isSaid =
    (where !== 'method' || !row.endsWith('.')) && yieldLine.test(row) && (name !== '' || !/^for\b/i.test(row));
  if (isSaid) return [row.replace(bulleted, '').replace(/^\(|\)$/g, '')];
  const isUnderName = where === 'intro' && name !== '' && intro.length === 0;
  return isUnderName && isBareYield(rows, at) ? row.split(/,\s+/).map(bareYieldOf) : [];
}

/** A sentence that was broken over two rows. */
const goesOnWithRow = (before: string, row: string): boolean =>
  !numbered.test(row) && !bulleted.test(row) && !/[.!?:)]$/.test(before);

/** Takes a pasted recipe apart. Headings lead where there are any; without them each line is taken for what it reads like. */
function draftOfText(text: string): Draft {
  const rows = withNumbersPointed(
    text
      .replace(/\r\n?/g, '\n')
      .replace(/\u00a0/g, ' ')
      .split('\n')
      .map((row) => row.trim())
      .map(withCommas)
      .flatMap(inParts)
      .flatMap(yieldsApart),
  );
  const hasIngredientsHead = rows.some((row) => ingredientsHead.test(row) || ingredientsInline.test(row));
  const hasMethodHead = rows.some((row) => methodHead.test(row) || methodInline.test(row));
  const ingredients: DraftLine[] = [];
  const method: DraftLine[] = [];
  const intro: string[] = [];
  const notes: string[] = [];
  const yields: string[] = [];
  // A name stands below where talk stands above it.
  const title = titleBelow(rows);
  let where: Where = 'intro';
  let name = '';
  let heading: string | undefined;
  let gap = true;
  for (const [at, row] of rows.entries()) {
    if (row === '') {
      gap = true;
      continue;
    }
    const startsBlock = gap;
    gap = false;
    if (stepAlone.test(row)) {
      [where, gap] = ['method', true];
      continue;
    }
    const bare = row.replace(/^[#*_=\s]+|[*_=\s]+$/g, '').trim();
    if (ingredientsHead.test(row)) {
      where = 'ingredients';
      heading = undefined;
      yields.push(...saidIn(row, /\b(?:serves?|for|makes)\s+(?:about |around )?\d+[^):]*/i));
    } else if (ingredientsInline.test(row)) {
      where = 'ingredients';
      const inline = inlineOf(row);
      ingredients.push(...inline.list);
      method.push(...inline.method);
      if (inline.method.length > 0) where = 'method';
    } else if (methodHead.test(row)) {
      where = 'method';
      heading = undefined;
    } else if (methodInline.test(row)) {
      where = 'method';
      method.push({ text: row.replace(methodInline, '') });
    } else if (name !== '' && beginsNotes(row, where)) {
      where = 'notes';
      const rest = row.replace(notesHead, '').trim();
      if (rest) notes.push(rest);
    } else if (yieldsSaid(rows, at, where, name, intro).length > 0) {
      yields.push(...yieldsSaid(rows, at, where, name, intro));
    } else if (where !== 'method' && timeLine.test(row)) {
      yields.push(...saidIn(row, /\b(?:serves?|makes|servings?)\s*:?\s*\d+[^|•·,]*/i));
      notes.push(row);
    } else if (name === '' && title !== undefined && row !== title) intro.push(row);
    else if (name === '' && where === 'intro') {
      const head = headOf(bare);
      name = head.name;
      yields.push(...head.yields);
      if (head.things.length > 0) where = 'ingredients';
      for (const text of head.things) ingredients.push({ text });
    } else if (where === 'ingredients') {
      if (!hasMethodHead && startsBlock && isPartOfMethod(rows, at)) {
        [where, heading] = ['method', bare];
      } else if (endsList(row, hasMethodHead) || (startsBlock && isWorkByPoints(row, ingredients))) {
        where = 'method';
        method.push({ text: row.replace(bulleted, '').replace(numbered, '') });
      } else ingredients.push({ text: row, isAfterGap: startsBlock });
    } else if (where === 'method' && isOfLater(row, bare, startsBlock)) {
      notes.push(row);
    } else if (where === 'method') {
      const section = headingOf(row) ?? (startsBlock && isPartOfMethod(rows, at) ? bare : undefined);
      const before = method.at(-1)?.text;
      if (section !== undefined && !numbered.test(row)) heading = section;
      else if (before !== undefined && !startsBlock && goesOnWithRow(before, row))
        method[method.length - 1] = { text: `${before} ${row}`, heading };
      else method.push({ text: row.replace(bulleted, '').replace(numbered, ''), heading });
    } else if (where === 'notes') notes.push(row);
    else if (!hasIngredientsHead && beginsList(rows, at)) {
      where = 'ingredients';
      ingredients.push({ text: row });
    } else if (!hasIngredientsHead && !hasMethodHead && beginsMethod(rows, at)) {
      where = 'method';
      method.push({ text: row.replace(numbered, '') });
    } else intro.push(row);
  }
  if (ingredients.length === 0) {
    const told = draftOfProse(text);
    if (told)
      return {
        format: 'text',
        ...told,
        yields: [...yields, ...told.yields],
        about: '',
        category: '',
        notes,
        leftOver: [],
        original: text,
      };
  }
  const listed = headed(ingredients);
  const headings = new Set(listed.flatMap(({ heading: part }) => part ?? []));
  return {
    format: 'text',
    name,
    about: intro.join('\n'),
    yields,
    category: '',
    ingredients: listed,
    method: method
      .map((part) => underOwnName(part, headings))
      .flatMap(({ text: each, heading: part }) => numberedApart(each).map((one) => ({ text: one, heading: part })))
      .filter((each) => each.text.trim() !== ''),
    notes,
    leftOver: [],
    original: text,
  };
}
