import { claimEntries, hazardOf, type HazardId } from '../reference/index.ts';
import {
  animalOrigin,
  readIngredient,
  type AnimalOrigin,
  type IngredientReading,
  type ReadClaim,
  type ReadHazard,
  type SpanOfWords,
} from './ingredient.ts';
import { animalHazards, exemptDerivatives } from './kindsOfWords.ts';
import { sectionsOf, type Section } from './sections.ts';

export interface LabelHazard extends Omit<ReadHazard, 'level'> {
  /** `trace`: a precaution names it. */
  readonly level: 'contained' | 'possible' | 'trace';
  readonly from: 'ingredients' | 'contains-line' | 'precaution';
}

export interface LabelReading {
  readonly text: string;
  /** Each hazard stands once, where it is most serious. */
  readonly contained: readonly LabelHazard[];
  readonly possible: readonly LabelHazard[];
  /** Named by a precaution. */
  readonly mayContain: readonly LabelHazard[];
  readonly claims: readonly ReadClaim[];
  /** Where the label says two things, in plain words. The ingredient list outranks every claim. */
  readonly contradictions: readonly string[];
  readonly unknown: readonly SpanOfWords[];
  readonly animal: AnimalOrigin;
}

interface Item {
  readonly text: string;
  readonly start: number;
  /** Its own parts are listed in brackets behind it. */
  readonly opened: boolean;
  /** The words before the bracket it stands in. */
  readonly parent: string;
}

/** Splits a list into its items at every depth, in one pass. Percentages stay with what they measure. */
function itemsOf(text: string, from: number, to: number, signs: string): readonly Item[] {
  const items: Item[] = [];
  const parents: string[] = [];
  let start = from;
  const close = (end: number, opened: boolean) => {
    const words = text.slice(start, end);
    if (/[\p{L}\p{N}✗✘×✓✔]/u.test(words))
      items.push({ text: words, start, opened, parent: parents[parents.length - 1] ?? '' });
    start = end + 1;
    return words;
  };
  for (let at = from; at < to; at++) {
    const sign = text[at]!;
    if ('([{'.includes(sign))
      parents.push(
        close(at, listsParts(text, at + 1, to))
          .trim()
          .toLowerCase(),
      );
    else if (')]}'.includes(sign)) {
      close(at, false);
      parents.pop();
    } else if (signs.includes(sign) || (sign === '.' && !/\d/.test(text[at + 1] ?? ''))) close(at, false);
  }
  close(to, false);
  return items;
}

/** How much of a bracket is read to see whether it lists what something is made of. */
const mostPeeked = 200;

/** Whether a bracket names what something is made of, and not only how much of it there is or how it was kept: "(12 %)", "(8 %, free range)". */
function listsParts(text: string, from: number, to: number): boolean {
  const end = text.slice(from, Math.min(to, from + mostPeeked)).search(/[)\]}]/);
  const inside = text.slice(from, end < 0 ? Math.min(to, from + mostPeeked) : from + end);
  if (isAmount.test(inside)) return false;
  const { foods, contained, possible } = readIngredient(inside);
  return foods.length + contained.length + possible.length > 0;
}

const rank = { trace: 1, possible: 2, contained: 3 } as const;

/** "Pasteurised", "halal", "kosher", where it is said and not denied. */
function answersIn(text: string): readonly ReadClaim[] {
  return [...text.matchAll(/(?<!\b(?:un|non|not|no)[\s-]*)\b(pasteuri[sz]ed|halal|kosher)\b/gi)].map((found) => ({
    claim: found[0].toLowerCase().replace('ized', 'ised'),
    words: found[0],
    start: found.index,
    end: found.index + found[0].length,
  }));
}

/**
 * Reads a label as pasted or scanned: nested ingredients, the "contains" line, precautions of every common wording, claims.
 * A proposal: a person confirms it. Linear in the length of the text.
 */
export function readLabel(text: string): LabelReading {
  // Contained, possible and precaution are kept apart: what lifts one of them says nothing of the others.
  const found = new Map<HazardId, Map<LabelHazard['level'], LabelHazard>>();
  const claims: ReadClaim[] = [];
  const unknown: SpanOfWords[] = [];
  const put = (hazard: LabelHazard) => {
    const known = found.get(hazard.hazard) ?? new Map<LabelHazard['level'], LabelHazard>();
    found.set(hazard.hazard, known);
    if (!known.has(hazard.level)) known.set(hazard.level, hazard);
  };
  for (const section of sectionsOf(text)) readSection(text, section, put, claims, unknown);
  claims.push(...answersIn(text));
  const said = new Set(claims.map((claim) => claim.claim));
  // What is claimed of the whole product settles what was only possible; a regulated word, not a promise about traces.
  for (const [hazard, levels] of found)
    for (const each of [...levels.values()]) {
      // Lactose can be taken out of milk; only where it is itself listed does the list say otherwise.
      const takenOut = hazard === 'lactose' && each.from === 'ingredients' && !/lactose|milk sugar/i.test(each.words);
      if ((each.level === 'possible' || takenOut) && claimedAbsent(said, hazard)) levels.delete(each.level);
    }
  const gravest = [...found.values()].flatMap(
    (levels) => [...levels.values()].sort((a, b) => rank[b.level] - rank[a.level])[0] ?? [],
  );
  const at = (level: LabelHazard['level']) => gravest.filter((each) => each.level === level);
  const [contained, possible, mayContain] = [at('contained'), at('possible'), at('trace')];
  return {
    text,
    contained,
    possible,
    mayContain,
    claims,
    contradictions: contradictionsOf([...contained, ...mayContain], said),
    unknown,
    animal: animalOrigin(contained, possible, unknown),
  };
}

function readSection(
  text: string,
  section: Section,
  put: (hazard: LabelHazard) => void,
  claims: ReadClaim[],
  unknown: SpanOfWords[],
): void {
  const { kind, start, end } = section;
  if (kind === 'aside') return;
  if (kind === 'front') {
    const reading = readIngredient(text.slice(start, end));
    claims.push(...reading.claims.map((claim) => moved(claim, start)));
    return;
  }
  const inList = kind === 'ingredients';
  // A grid has a line for each allergen; a list runs on over line ends.
  const items = itemsOf(text, start, end, inList ? ',;•·|:*†' : ',;•·|:*†\n');
  // "Contains one or more of: corn, soybean oil" is a choice.
  const oneOf = /\bone or more of\b|\beither\b/i.test(text.slice(start, end));
  const stated = inList ? withoutNoes(items, no) : withoutNoes(items, noOrN).flatMap(apart);
  if (kind === 'precaution' && /c(?:o)?eliac/i.test(text.slice(start, end))) {
    const found = /c(?:o)?eliac\w*/i.exec(text.slice(start, end))!;
    put({
      hazard: 'gluten' as HazardId,
      level: 'trace',
      from: 'precaution',
      start: start + found.index,
      end: start + found.index + found[0].length,
      words: found[0],
      isGuess: false,
      because: 'It is said not to be for coeliacs.',
    });
  }
  // Where no list is announced, what stands first before a full stop or colon is the name: it counts as a question, the list decides.
  const name =
    section.guessed &&
    start === 0 &&
    items.length > 2 &&
    /^[.:]$/.test(text[items[0]!.start + items[0]!.text.length] ?? '')
      ? items[0]
      : undefined;
  // "May contain milk, egg or soy" names each of them.
  for (const item of stated) {
    const reading = readItem(item);
    // A sentence of its own behind the list ("Suitable for vegans.") speaks of the whole product.
    if (
      inList &&
      item.parent === '' &&
      reading.claims.length > 0 &&
      reading.foods.length + reading.contained.length + reading.possible.length + reading.unknown.length === 0
    )
      claims.push(...reading.claims.map((claim) => moved(claim, item.start)));
    const negations = reading.claims.filter((claim) => claim.claim.startsWith('no '));
    if (!inList && negations.length > 0) continue;
    if (inList && !isAmount.test(item.text)) unknown.push(...reading.unknown.map((each) => moved(each, item.start)));
    const exempt = exemptDerivatives.has(item.parent.replace(/^dried /, ''));
    for (const hazard of [...reading.contained, ...reading.possible]) {
      // There a word stands for itself: mustard is mustard, not what a jar of it may hold besides.
      if (!inList && hazard.level === 'possible') continue;
      const place = moved(hazard, item.start);
      if (kind === 'precaution')
        put({
          ...place,
          level: 'trace',
          from: 'precaution',
          because: `The precaution names ${hazardOf(hazard.hazard).name}: “${hazard.words}”.`,
        });
      else if (kind === 'contains-line')
        put({
          ...place,
          level: oneOf ? 'possible' : 'contained',
          from: 'contains-line',
          because: oneOf
            ? `One of several, of which the label leaves open which: “${hazard.words}”.`
            : `The label says that it contains ${hazardOf(hazard.hazard).name}.`,
        });
      // What a composite may hold is settled by its own list in brackets.
      else if (hazard.level === 'contained' || !item.opened)
        put({ ...place, level: exempt || item === name ? 'possible' : hazard.level, from: 'ingredients' });
    }
  }
}

/** An item, read; a bare number such as "471" or "160b" is the code of an additive, as Australian labels have it. */
function readItem({ text }: Item): IngredientReading {
  const code = /^\s*(\d{3,4}[a-z]?)\s*$/i.exec(text);
  if (!code) return readIngredient(text);
  const reading = readIngredient(`e${code[1]}`);
  const span = { start: 0, end: text.length, words: text };
  return {
    ...reading,
    text,
    contained: reading.contained.map((each) => ({ ...each, ...span })),
    possible: reading.possible.map((each) => ({ ...each, ...span })),
    unknown: [],
  };
}

/** "60 %", "92g": how much of it, not what. */
const isAmount = /^[\d\s.,%()<>~≈-]*(?:g|kg|ml|l|mg|per|%|\d)*\s*$/i;

const no = /^\W*(?:no|none|absent|nil|not present|✗|✘|×)\W*$/i;

/** Only where allergens are listed is a lone "n" an answer. */
const noOrN = new RegExp(`${no.source}|^\\W*(?:n|false)\\W*$`, 'i');

/** The cells of a grid without those that say no: "Egg: No", "Fish ✗". */
function withoutNoes(items: readonly Item[], no: RegExp): readonly Item[] {
  return items.filter(
    (item, index) =>
      !no.test(item.text) &&
      !(items[index + 1] && no.test(items[index + 1]!.text)) &&
      !/[\s|–-](?:no|none|absent|nil|✗|✘|×)\s*$/i.test(item.text),
  );
}

/** An item of a precaution, taken apart at "and" and "or". */
function apart(item: Item): readonly Item[] {
  const parts: Item[] = [];
  let from = 0;
  for (const match of item.text.matchAll(/\b(?:and|or)\b|[&/]/gi)) {
    parts.push({ ...item, text: item.text.slice(from, match.index), start: item.start + from });
    from = match.index + match[0].length;
  }
  return [...parts, { ...item, text: item.text.slice(from), start: item.start + from }];
}

function moved<T extends { readonly start: number; readonly end: number }>(span: T, by: number): T {
  return { ...span, start: span.start + by, end: span.end + by };
}

function claimedAbsent(said: ReadonlySet<string>, hazard: HazardId): boolean {
  if (said.has('vegan') && (animalHazards.has(hazard) || hazard === 'lactose')) return true;
  return claimEntries.some(
    (entry) =>
      entry.removes.includes(hazard) && entry.words.some((word) => said.has(`${word}-free`) || said.has(`no ${word}`)),
  );
}

function contradictionsOf(hazards: readonly LabelHazard[], said: ReadonlySet<string>): string[] {
  const found: string[] = [];
  for (const claim of said) {
    const against = hazards.filter((each) => each.level !== 'possible' && claimedAbsent(new Set([claim]), each.hazard));
    for (const each of against) {
      // One sentence for milk is enough.
      if (each.hazard === 'lactose' && against.some((other) => other.hazard === 'milk')) continue;
      // A vegan choice is not about traces.
      if (each.level === 'trace' && claim === 'vegan') continue;
      const name = hazardOf(each.hazard).name;
      found.push(
        each.level === 'trace'
          ? `It says “${claim}”, and that it may contain ${name}.`
          : `It says “${claim}”, and lists ${name}: “${each.words}”.`,
      );
    }
  }
  return found;
}
