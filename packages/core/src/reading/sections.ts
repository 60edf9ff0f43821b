/**
 * A stretch of a label. `front`: name and claims. `aside`: what says nothing of what is in it (cooking instructions, nutrition,
 * shell and bone warnings).
 */
export interface Section {
  readonly kind: 'front' | 'ingredients' | 'contains-line' | 'precaution' | 'aside';
  readonly start: number;
  readonly end: number;
}

interface Marker {
  readonly kind: Section['kind'];
  readonly pattern: RegExp;
  /** The section ends with its sentence; what follows belongs to the front again. */
  readonly sentence: boolean;
}

const precautionWords = [
  String.raw`may (?:also )?(?:contain|include|have)(?: small amounts of| trace(?:s)?(?: amounts)? of| some)?`,
  String.raw`(?:can|could|might) contain(?: trace(?:s)? of)?`,
  String.raw`may be present\s*:?`,
  String.raw`(?:possible )?traces? (?:of|may)`,
  String.raw`not suitable for (?:people|anyone|those|persons|customers|consumers)?[^.\n]{0,40}?(?:allerg\w*|intoleran\w*)`,
  String.raw`(?:made|manufactured|produced|packed|packaged|prepared|processed|baked|handled)(?: and \w+)? (?:in|on|at|by) (?:an? |the |shared |our |same )*(?:\w+ ){0,2}?(?:factory|facility|kitchen|bakery|site|plant|premises|environment|equipment|lines?|machinery|area)(?: (?:that|which|where|with|also|we|is|are|may|handles?|handling|processes|processing|uses?|using|used|handled|stores|make|makes|produces|containing|contains|other|products|the|to|process|following|allergens|shared|in|a|on))*`,
  String.raw`(?:shared|same) (?:equipment|lines?|facility)(?: (?:with|that|which|also|processes|handles|uses))*`,
  String.raw`(?:we )?cannot guarantee[^.\n]{0,60}?(?:free (?:from|of)|absence of|traces of)`,
  String.raw`allergen cross[- ]?contact\s*:?`,
];

const markers: readonly Marker[] = [
  { kind: 'aside', pattern: /may (?:still )?contain (?:small |some |the odd |occasional |pieces of |fragments of )*(?:shells?|bones?|stones?|pits?|stalks?|feathers)\b/gi, sentence: true },
  { kind: 'precaution', pattern: new RegExp(String.raw`\b(?:${precautionWords.join('|')})`, 'gi'), sentence: true },
  { kind: 'aside', pattern: /\b(?:does not contain|contains no|contain no|free from|free of|without|no added|contains naturally occurring sugars?|contains? less than|contains? \d)/gi, sentence: true },
  { kind: 'contains-line', pattern: /\b(?:allergy advice|allergy information|allergen (?:advice|information|info|statement|declaration)|allergens?|contains)\b\s*:?(?:\s*contains?\b\s*:?)?/gi, sentence: true },
  { kind: 'ingredients', pattern: /\b(?:ingredients?(?: list)?|zutaten|composition)\s*[:\-–]/gi, sentence: false },
  { kind: 'aside', pattern: /\b(?:serving suggestions?|suggested use|cooking instructions?|to cook|directions|preparation|how to use|nutrition(?:al)?(?: information| facts| values)?|typical values|storage|store in|keep refrigerated|best before|use by|net weight|produced for|manufactured for|for allergens,? (?:including cereals containing gluten,? )?see|recycl\w*|refrigerate)\b/gi, sentence: false },
];

/** Parts a label at its own signposts. Where no list of ingredients is announced, what stands first is taken for one. */
export function sectionsOf(text: string): readonly Section[] {
  const posts = markers.flatMap((marker, order) => [...text.matchAll(marker.pattern)].map((match) => ({ marker, order, start: match.index, after: match.index + match[0].length })));
  posts.sort((a, b) => a.start - b.start || a.order - b.order);
  const announced = posts.some((post) => post.marker.kind === 'ingredients');
  const sections: Section[] = [];
  const between = (start: number, end: number) => {
    if (end <= start) return;
    // Unannounced words before or between signposts: the name and claims, or the list itself where none is announced.
    sections.push({ kind: 'front', start, end });
    if (!announced) sections.push({ kind: 'ingredients', start, end });
  };
  let at = 0;
  for (const [index, post] of posts.entries()) {
    if (post.start < at) continue;
    between(at, post.start);
    const next = posts.slice(index + 1, index + 40).find((other) => other.start >= post.after)?.start ?? text.length;
    const stop = post.marker.sentence ? sentenceEnd(text, post.after, next) : next;
    const negated = post.marker.kind === 'aside' && /^(?:does not contain|contains no|contain no|free from|free of|without|no added)/i.test(text.slice(post.start, post.after));
    // "Free from milk" is a claim, not an ingredient.
    sections.push({ kind: negated ? 'front' : post.marker.kind, start: negated ? post.start : post.after, end: stop });
    at = stop;
  }
  between(at, text.length);
  return sections;
}

/** Where a sentence ends: at a full stop that is none inside a number, at an empty line, or at the next signpost. */
function sentenceEnd(text: string, from: number, most: number): number {
  for (let at = from; at < most; at++) {
    if (text[at] === '.' && !/\d/.test(text[at + 1] ?? '')) return at;
    if (text[at] === '\n' && (text[at + 1] === '\n' || /^\s*\n/.test(text.slice(at + 1, at + 20)))) return at;
  }
  return most;
}
