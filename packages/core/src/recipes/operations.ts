import type { LineId } from '../model/index.ts';
import { tidied } from './afterwards.ts';
import { toldIn } from './clauses.ts';
import { Flow, type Aside } from './flow.ts';
import { finderOf, topicWords, type KnownLine } from './mentions.ts';
import type { MethodPart, Operation } from './operation.ts';

/** "Turning the potatoes half-way" puts none in. */
const inPassing =
  /\b(?:turning|basting|stirring|shaking|tossing|flipping|moving|brushing|rotating) (?:the |your )?\p{L}+/giu;

/** For every sentence of every part: the lines that are named by their own names in a sentence after it. */
function namedLater(
  parts: readonly MethodPart[],
  lines: readonly KnownLine[],
): readonly (readonly ReadonlySet<LineId>[])[] {
  const find = finderOf(lines);
  const nothing = { used: new Set<LineId>() };
  const seen = new Set<LineId>();
  const later = parts
    .map(({ text }) => toldIn(text))
    .map((sentences) => ({ sentences, sets: [] as ReadonlySet<LineId>[] }));
  for (const { sentences, sets } of [...later].reverse())
    for (const sentence of [...sentences].reverse()) {
      sets.unshift(new Set(seen));
      if (sentence.noWork !== undefined) continue;
      for (const { line, isKind } of find(sentence.text.replace(inPassing, ' '), nothing)) if (!isKind) seen.add(line);
    }
  return later.map(({ sets }) => sets);
}

/**
 * All that a method tells to do, in the order in which it is told; each waits only for operations before it. `name`: the dish's, by which steps may call it;
 * after `most` operations the rest is left unread and among the asides.
 */
export function operationsOf(
  parts: readonly MethodPart[],
  lines: readonly KnownLine[],
  name: string,
  most: number,
): { readonly operations: readonly Operation[]; readonly asides: readonly Aside[] } {
  const later = namedLater(parts, lines);
  const nobody = new Set<LineId>();
  const flow = new Flow(lines, topicWords(name), (part, sentence) => later[part]?.[sentence] ?? nobody, most);
  flow.read(parts);
  return { operations: tidied(flow.scene), asides: flow.asides };
}
