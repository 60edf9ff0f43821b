import { readAmount } from '../quantities/index.ts';
import { readIngredient } from '../reading/index.ts';
import type { Draft, DraftLine } from './draft.ts';
import { headed, headingOf, listedThings, numberedApart } from './lists.ts';

const ingredientsHead =
  /^[#*_=\s]*(?:ingredients?|ingredient list|you(?:['’]ll| will)? need|what you(?:['’]ll| will)? need|shopping list)\b\s*(?:\([^)]*\)|for \d+[^:]*|\(?serves? \d+[^:]*)?\s*[:*_=]*\s*$/i;
const ingredientsInline = /^[#*_=\s]*ingredients?\s*[:–-]\s*(?=\S)/i;
const methodHead =
  /^[#*_=\s]*(?:method|directions?|instructions?|preparation|procedure|steps|how to make(?: it)?|to make(?: it)?|what to do|cooking method)\s*[:*_=]*\s*$/i;
const methodInline = /^[#*_=\s]*(?:method|directions?|instructions?)\s*[:–-]\s*(?=\S)/i;
const notesHead =
  /^[#*_=\s]*(?:notes?|tips?|cook['’]?s notes?|storage|to store|make ahead|variations?|nutrition(?:al information)?|serving suggestions?|hints?)\s*[:*_=]*\s*$|^[#*_=\s]*(?:notes?|tips?|cook['’]?s notes?|storage|to store|make ahead|variations?|nutrition(?:al information)?|serving suggestions?|hints?)\s*:/i;
const yieldLine =
  /^(?:[-•*]\s*)?(?:serves?|servings?|makes|yields?|feeds|for)\b\s*:?\s*(?:about |around |approximately |up to )?(?:\d|one|two|three|four|five|six|eight|ten|twelve|a dozen)[^.]{0,60}$|^\d+(?:\s?[-–]\s?\d+)?\s+(?:servings?|portions?|people|persons?)\b[^.]{0,20}$/i;
const timeLine =
  /^(?:[-•*]\s*)?(?:(?:prep(?:aration)?|cook(?:ing)?|total|active|hands[- ]on|baking|resting|chilling|ready in)\b[^:]{0,12}(?:time)?\s*:)/i;
const numbered = /^(?:step\s*)?\d{1,2}\s*[.):]\s+/i;
const bulleted = /^\s*[-–—•*▢□☐·‣◦●]\s+/;

/** What is said after the work: how it keeps, what to do with the rest. */
const afterwards =
  /^(?:it |they |this |these |the \w+ |leftovers? )?(?:keeps?|will keep|can be (?:made|frozen|stored|kept|prepared|reheated)|store[sd]? |freezes?|leftovers?|tip:|note:)/i;

type Where = 'intro' | 'ingredients' | 'method' | 'notes';

/** Whether a line reads like an ingredient: short, with an amount in front or a food in it, and no sentence. */
function likeIngredient(text: string): boolean {
  if (
    text.length > 120 ||
    (/[.!?]$/.test(text.trim()) && !/\b(?:approx|tbsp|tsp|oz|lb)\.$/i.test(text)) ||
    (numbered.test(text) && text.length > 60)
  )
    return false;
  const { amount, start } = readAmount(text.replace(bulleted, ''));
  if (amount.kind !== 'words' && start < 3) return true;
  return (
    (bulleted.test(text) || text.length < 60) &&
    readIngredient(text).foods.length > 0 &&
    !/\b(?:until|then|into|with a|over a|stir|add|mix|heat|cook|bake|pour)\b/i.test(text)
  );
}

const likeMethod = (text: string): boolean =>
  numbered.test(text) ||
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

/** Takes a pasted recipe apart. Headings lead where there are any; without them each line is taken for what it reads like. */
export function draftOfText(text: string): Draft {
  const rows = withNumbersPointed(
    text
      .replace(/\r\n?/g, '\n')
      .replace(/\u00a0/g, ' ')
      .split('\n')
      .map((row) => row.trim()),
  );
  const hasIngredientsHead = rows.some((row) => ingredientsHead.test(row) || ingredientsInline.test(row));
  const hasMethodHead = rows.some((row) => methodHead.test(row) || methodInline.test(row));
  const ingredients: DraftLine[] = [];
  const method: DraftLine[] = [];
  const intro: string[] = [];
  const notes: string[] = [];
  const yields: string[] = [];
  let where: Where = 'intro';
  let name = '';
  let heading: string | undefined;
  let gap = true;
  for (const row of rows) {
    if (row === '') {
      gap = true;
      continue;
    }
    const startsBlock = gap;
    gap = false;
    if (/^step\s*\d{1,2}\s*[:.)]?$/i.test(row)) {
      where = 'method';
      gap = true;
      continue;
    }
    const bare = row.replace(/^[#*_=\s]+|[*_=\s]+$/g, '').trim();
    if (ingredientsHead.test(row)) {
      where = 'ingredients';
      heading = undefined;
      const serves = /\b(?:serves?|for)\s+\d+[^):]*/i.exec(row);
      if (serves) yields.push(serves[0]);
    } else if (ingredientsInline.test(row)) {
      where = 'ingredients';
      const rest = row.replace(ingredientsInline, '');
      const [list, after] = rest.split(/\.\s+(?=(?:method|directions?|instructions?)\s*[:–-])/i);
      for (const each of listedThings(list!.replace(/\.$/, ''))) ingredients.push({ text: each });
      if (after) {
        where = 'method';
        method.push({ text: after.replace(methodInline, '') });
      }
    } else if (methodHead.test(row)) {
      where = 'method';
      heading = undefined;
    } else if (methodInline.test(row)) {
      where = 'method';
      method.push({ text: row.replace(methodInline, '') });
    } else if (
      name !== '' &&
      notesHead.test(row) &&
      (where !== 'intro' || /^[#*_=\s]*(?:notes?|tips?|storage)/i.test(row)) &&
      !likeIngredient(row)
    ) {
      where = 'notes';
      const rest = row.replace(notesHead, '').trim();
      if (rest) notes.push(rest);
    } else if (
      (where !== 'method' || !/[.]$/.test(row)) &&
      yieldLine.test(row) &&
      (name !== '' || !/^for\b/i.test(row))
    ) {
      yields.push(row.replace(bulleted, ''));
    } else if (where !== 'method' && timeLine.test(row)) {
      const serves = /\b(?:serves?|makes|servings?)\s*:?\s*\d+[^|•·,]*/i.exec(row);
      if (serves) yields.push(serves[0]);
      notes.push(row);
    } else if (name === '' && where === 'intro') {
      name = bare;
    } else if (where === 'ingredients') {
      if (!hasMethodHead && likeMethod(row) && !likeIngredient(row)) {
        where = 'method';
        method.push({ text: row.replace(numbered, '') });
      } else ingredients.push({ text: row });
    } else if (
      where === 'method' &&
      !numbered.test(row) &&
      afterwards.test(bare) &&
      (startsBlock || /^(?:leftovers?|it keeps?|keeps?|store[sd]?|freezes?)\b/i.test(bare))
    ) {
      notes.push(row);
    } else if (where === 'method') {
      const section = headingOf(row);
      if (section !== undefined && !numbered.test(row)) heading = section;
      else if (
        !startsBlock &&
        !numbered.test(row) &&
        !bulleted.test(row) &&
        method.length > 0 &&
        !/[.!?:)]$/.test(method[method.length - 1]!.text)
      )
        method[method.length - 1] = { text: `${method[method.length - 1]!.text} ${row}`, heading };
      else method.push({ text: row.replace(bulleted, '').replace(numbered, ''), heading });
    } else if (where === 'notes') notes.push(row);
    else if (!hasIngredientsHead && (likeIngredient(row) || headingOf(row) !== undefined)) {
      where = 'ingredients';
      ingredients.push({ text: row });
    } else if (!hasIngredientsHead && !hasMethodHead && likeMethod(row)) {
      where = 'method';
      method.push({ text: row.replace(numbered, '') });
    } else intro.push(row);
  }
  if (ingredients.length === 0) {
    const told = fromProse(rows.filter((row) => row !== '').join(' '));
    if (told) return { format: 'text', ...told, about: '', yields, category: '', notes, leftOver: [], original: text };
  }
  return {
    format: 'text',
    name,
    about: intro.join('\n'),
    yields,
    category: '',
    ingredients: headed(ingredients),
    method: method
      .flatMap(({ text: each, heading: part }) => numberedApart(each).map((one) => ({ text: one, heading: part })))
      .filter((each) => each.text.trim() !== ''),
    notes,
    leftOver: [],
    original: text,
  };
}

/** A recipe told in sentences ("Slice 1 onion, bring 120 ml vinegar to the boil …"): its amounts are its list. Undefined where it names none. */
function fromProse(text: string): Pick<Draft, 'name' | 'ingredients' | 'method'> | undefined {
  const [, title, rest] = /^([^.:!?]{3,80})[:.]\s+(.+)$/su.exec(text) ?? [];
  if (title === undefined || rest === undefined) return undefined;
  const ingredients = rest
    .slice(0, 20_000)
    .split(/[,;.]|\band\b|\bwith\b|\bto the boil\b/i)
    .flatMap((part): DraftLine[] => {
      const from = part.search(/[\d½¼¾⅓⅔]/);
      const words =
        from < 0
          ? ''
          : part
              .slice(from)
              .replace(/\s+(?:into|over|in|on|to|for|until|at)\s.*$/i, '')
              .trim();
      const { amount, start } = readAmount(words);
      return words !== '' && start === 0 && amount.kind !== 'words' && readIngredient(words).foods.length > 0
        ? [{ text: words }]
        : [];
    });
  return ingredients.length < 2 ? undefined : { name: title.trim(), ingredients, method: [{ text: rest }] };
}
