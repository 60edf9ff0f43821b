/**
 * A stretch of a label. `front`: name and claims. `aside`: what says nothing of what is in it (cooking instructions, nutrition,
 * shell and bone warnings).
 */
export interface Section {
  readonly kind: 'front' | 'ingredients' | 'contains-line' | 'precaution' | 'aside';
  readonly start: number;
  readonly end: number;
  /** No list of ingredients is announced; this is taken for one, and may begin with the product's name. */
  readonly guessed?: true;
}

interface Marker {
  readonly kind: Section['kind'];
  readonly pattern: RegExp;
  /** The section ends with its sentence; what follows belongs to the front again. */
  readonly sentence: boolean;
}

/** A word as print and scanners have it: broken at the end of a line, i for l, 0 for o. */
const loose = (word: string): string =>
  [...word]
    .map((letter) => ({ i: '[i|l1!]', l: '[l|i1!]', o: '[o0]' })[letter] ?? letter)
    .join(String.raw`(?:-[^\S\n]*\n\s*)?`);
const contain = loose('contain');
const may = loose('may');

const precautionWords = [
  String.raw`${may}\s+(?:also\s+|still\s+|occasionally\s+)?(?:${contain}|include|have)(?:\s+small amounts of|\s+trace(?:s)?(?: amounts)?(?: of)?|\s+some)?`,
  String.raw`(?:can|could|might)\s+${contain}(?:\s+trace(?:s)? of)?`,
  String.raw`may be present\s*:?`,
  String.raw`(?:possible )?traces? (?:of|may)`,
  String.raw`not suitable for (?:people |anyone |those |persons |customers |consumers |individuals )?(?:with |who (?:have|has) )?(?:an? )?(?=[^.\n]{0,60}?(?:allerg|intoleran|c(?:o)?eliac))`,
  String.raw`unsuitable for (?:people |anyone |those )?(?:with )?(?:an? )?(?=[^.\n]{0,60}?(?:allerg|intoleran|c(?:o)?eliac))`,
  String.raw`(?:made|manufactured|produced|packed|packaged|prepared|processed|baked|handled|roasted|bottled)(?: and \w+)? (?:in|on|at|by|using) (?:an? |the |shared |our |same )*(?:\w+ ){0,2}?(?:factory|facility|kitchen|bakery|site|plant|premises|environment|equipment|lines?|machinery|area)(?: (?:that|which|where|with|also|we|is|are|may|handles?|handling|processes|processing|uses?|using|used|handled|stores|make|makes|produces|containing|contains|other|products|the|to|process|following|allergens|shared|in|a|on|including))*`,
  String.raw`(?:shared|same) (?:equipment|lines?|facility)(?: (?:with|that|which|also|processes|handles|uses))*`,
  String.raw`(?:we )?cannot (?:be )?guarantee[^.\n]{0,60}?(?:free (?:from|of)|absence of|traces of)`,
  String.raw`(?:allergen )?cross[- ]?cont(?:act|amination)(?: (?:with|risk|from|is|possible))*\s*:?`,
  String.raw`(?:contact|contamination) with`,
  String.raw`(?:cooked|fried|boiled|prepared) in (?:the )?(?:same|shared) (?:oil|fryer|water|pan)s? (?:as|with|used for)`,
];

const markers: readonly Marker[] = [
  {
    kind: 'aside',
    pattern:
      /may (?:still |occasionally )?contain (?:small |some |the odd |occasional |pieces of |fragments of |the occasional )*(?:shells?|bones?|stones?|pits?|stalks?|feathers|pips|fragments)\b/gi,
    sentence: true,
  },
  { kind: 'precaution', pattern: new RegExp(String.raw`\b(?:${precautionWords.join('|')})`, 'gi'), sentence: true },
  { kind: 'aside', pattern: /\b(?:(?:allergy|allergen|nut|food)\s+)?(?:warning|caution)\s*:/gi, sentence: true },
  {
    kind: 'aside',
    pattern:
      /\b(?:does not contain|contains no|contain no|free from|free of|without|no added|contains naturally occurring sugars?|contains? less than|contains? \d)/gi,
    sentence: true,
  },
  {
    kind: 'contains-line',
    pattern: new RegExp(
      String.raw`\b(?:allergy advice|allergy information|allergen (?:advice|information|info|statement|declaration)|allergens?|${contain}s?)\b\s*:?(?:\s*(?:${contain}s?|including)\b\s*:?)?`,
      'gi',
    ),
    sentence: true,
  },
  {
    kind: 'ingredients',
    pattern: new RegExp(
      String.raw`(?:^|[^\p{L}])(?:${loose('ingredients')}|${loose('ingredient')}|ingredient list|ingredients list|zutaten|composition|made (?:from|with))\s*[:\-–]`,
      'giu',
    ),
    sentence: false,
  },
  {
    kind: 'aside',
    pattern:
      /\b(?:serving (?:suggestions?|ideas?|tips?)|suggested use|try (?:it|this|them) with|great with|delicious with|goes well with|perfect with|enjoy with|recipe ideas?|cooking instructions?|cooking(?=\s*:)|cooking guidelines|oven(?=\s*:)|microwave(?=\s*:)|to cook|directions|instructions|preparation|how to (?:use|cook|prepare)|nutrition(?:al)?(?: information| facts| values)?|typical values|storage|store in|keep refrigerated|best before|use by|net weight|produced for|manufactured for|distributed by|for allergens,? (?:including cereals containing gluten,? )?see|recycl\w*|refrigerate|once opened)\b/gi,
    sentence: false,
  },
];

/** Parts a label at its own signposts. Where no list of ingredients is announced, what stands first is taken for one. */
export function sectionsOf(text: string): readonly Section[] {
  const posts = markers.flatMap((marker, order) =>
    [...text.matchAll(marker.pattern)].map((match) => ({
      marker,
      order,
      start: match.index,
      after: match.index + match[0].length,
    })),
  );
  posts.sort((a, b) => a.start - b.start || a.order - b.order);
  const announced = posts.some((post) => post.marker.kind === 'ingredients');
  const sections: Section[] = [];
  const between = (start: number, end: number) => {
    if (end <= start) return;
    // Unannounced words before or between signposts: the name and claims, or the list itself where none is announced.
    sections.push({ kind: 'front', start, end });
    if (!announced) sections.push({ kind: 'ingredients', start, end, guessed: true });
  };
  let at = 0;
  // What is said in brackets inside a list interrupts the list, and does not end it.
  let listed = false;
  for (const [index, post] of posts.entries()) {
    if (post.start < at) continue;
    if (listed) sections.push({ kind: 'ingredients', start: at, end: post.start });
    else between(at, post.start);
    const next = posts.slice(index + 1, index + 40).find((other) => other.start >= post.after)?.start ?? text.length;
    const bracketed = /[([]\s*$/.test(text.slice(Math.max(0, post.start - 4), post.start));
    const stop = post.marker.sentence ? sentenceEnd(text, post.after, next, bracketed) : next;
    const negated =
      post.marker.kind === 'aside' &&
      /^(?:does not contain|contains no|contain no|free from|free of|without|no added)/i.test(
        text.slice(post.start, post.after),
      );
    // "Free from milk" is a claim, not an ingredient.
    sections.push({ kind: negated ? 'front' : post.marker.kind, start: negated ? post.start : post.after, end: stop });
    const inList: boolean =
      listed || (index > 0 && sections.length > 1 && sections[sections.length - 2]!.kind === 'ingredients');
    listed = bracketed && inList && /[)\]]/.test(text[stop] ?? '');
    at = stop;
  }
  if (listed) sections.push({ kind: 'ingredients', start: at, end: text.length });
  else between(at, text.length);
  return sections;
}

/** Where a sentence ends: at a full stop that is none inside a number, at an empty line, at the bracket it stands in, or at the next signpost. */
function sentenceEnd(text: string, from: number, most: number, bracketed: boolean): number {
  let depth = 0;
  for (let at = from; at < most; at++) {
    const sign = text[at]!;
    if (sign === '(' || sign === '[') depth++;
    else if (sign === ')' || sign === ']') {
      if (bracketed && depth === 0) return at;
      depth--;
    }
    if (sign === '.' && !/\d/.test(text[at + 1] ?? '')) return at;
    if (sign === '\n' && (text[at + 1] === '\n' || /^\s*\n/.test(text.slice(at + 1, at + 20)))) return at;
  }
  return most;
}
