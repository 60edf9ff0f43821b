import { isUnder, topicWords, type KnownLine } from './mentions.ts';

const announced = String.raw`(?:for (?:the|your)|to make (?:the|your)|make (?:the|your)|start with (?:the|your)|now (?:for )?the)`;
const labelled = new RegExp(String.raw`^(?:meanwhile,?\s+)?${announced} (?<what>[\p{L}-]+ [\p{L}-]+)(?=[,:])`, 'iu');
const topical = new RegExp(
  String.raw`^(?:meanwhile,?\s+)?${announced}\s+(?<what>[\p{L}' -]{3,40}?)(?=[,:;.]|\s+by\b|$)`,
  'iu',
);

export const labelOf = (sentence: string): string | undefined =>
  labelled.exec(sentence)?.groups?.['what']?.toLowerCase();

/** "For the white sauce, …", "Make the dressing: …": the part that is being made, by the headings of the list. */
export function topicOf(sentence: string, lines: readonly KnownLine[]): ReadonlySet<string> | undefined {
  const what = topical.exec(sentence)?.groups?.['what'];
  if (what === undefined) return undefined;
  const words = topicWords(what);
  const under = lines.filter((line) => line.heading && isUnder(line, words));
  // "The white sauce", where another part is a sauce too: the word that tells them apart decides.
  const exact = under.filter((line) => [...words].every((word) => topicWords(line.heading!).has(word)));
  if (exact.length === 0 || exact.length === under.length) return words;
  return topicWords(words.size > 1 ? exact[0]!.heading!.replace(/\bsauce\b/i, '') : exact[0]!.heading!);
}
