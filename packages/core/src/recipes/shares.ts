import type { Doing } from './doings.ts';
import type { LineId } from '../model/index.ts';
import type { Span } from '../reading/index.ts';
import type { Mention } from './mentions.ts';
import type { Stream } from './operation.ts';
import type { Scene } from './scene.ts';

/** Food in the making is divided: a part of it goes one way, and what is left another. */

const stops = 'in|into|on|onto|and|with|to|over|out|of|for|from|through|until|so|as|between|at|aside|back|by|than|that';
const portion = String.raw`(?:half|(?:a|one|two) ?-?(?:half|thirds?|quarters?|fifths?)|two-thirds|three[- ]quarters|most|some|part|a (?:little|few|couple|ladle(?:ful)?|cup(?:ful)?|mug(?:ful)?|spoonful|portion|handful)|\d+ (?:tbsp|tablespoons?|ml|g))`;
const partOf = new RegExp(
  String.raw`\b${portion}(?: of)? (?:the|your|this|that) (?<what>[\p{L}-]+(?: (?!(?:${stops})\b)[\p{L}-]+){0,2})`,
  'iu',
);
/** "Spoon a third into a small bowl": of what is in hand. */
const partAlone =
  /^[\p{L}-]+ (?:(?:out|aside|back|off) )?(?:half|(?:a|one) (?:third|quarter)|two[- ]thirds|most|some(?= of (?:it|them)))(?: of (?:it|them))?(?=\s+(?:in|into|on|onto|over|aside|back|for|to)\b|[.,;]|$)/iu;
const restOf = new RegExp(
  String.raw`\b(?:(?<left>rest|remaining|remainder|other half|plain)|(?<aside>reserved|saved|set-aside|kept-back))(?: of)?(?: the| your)? (?<what>(?!(?:${stops})\b)[\p{L}-]+(?: (?!(?:${stops})\b)[\p{L}-]+){0,2})`,
  'giu',
);
const restAlone = /\b(?:the|and) (?:rest|remainder|other half)\b(?! of| [\p{L}-]+ing\b)/iu;
/** What is left in the pot is no share of the food. */
const notFood = /^(?:reserved|remaining|rest)\b|(?:water|liquid|juices?|oil|fat|stock|broth|syrup|brine)$/i;
/** "A spoonful on each": all of it in the end. */
const byPieces = /\b(?:(?:on|into|in|with|to|over|between) (?:each|every)|each one|in turn)\b/i;

/** In small letters and without accents, as names are kept. */
export const plainly = (words: string): string => words.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '');

const foodCalled = (scene: Scene, what: string, among: (stream: Stream) => boolean): Stream | undefined => {
  for (const noun of plainly(what).split(' ').reverse()) {
    const single = noun.replace(/s$/, '');
    const lines = scene.find(noun, { used: scene.used }).map(({ line }) => line);
    const found = scene
      .alive()
      .findLast(
        (stream) =>
          among(stream) &&
          (stream.names.has(noun) || stream.names.has(single) || lines.some((line) => stream.lines.has(line))),
      );
    if (found) return found;
  }
  return undefined;
};

/** The food of which a clause takes a part; undefined where it takes none, or all. */
export function partedBy(
  scene: Scene,
  { clause: { text, verbAt }, does }: Doing,
  mentions: readonly Mention[],
  named: ReadonlySet<Stream>,
): Stream | undefined {
  if (byPieces.test(text) || does === 'serve' || does === 'cut') return undefined;
  // "Until most of the stock has gone" parts nothing.
  const told = partOf.exec(text.replace(/\b(?:until|till?)\b[^.;]*/i, ' '));
  const what = told?.groups?.['what'];
  if (told && what !== undefined) {
    const isFresh = mentions.some(
      ({ isFresh, start, end }) => isFresh && start < told.index + told[0].length && end > told.index,
    );
    if (isFresh || notFood.test(what)) return undefined;
    return foodCalled(scene, what, ({ isAside, isRest }) => !isAside && !isRest);
  }
  const isAlone = partAlone.test(text.slice(verbAt)) && mentions.length === 0 && named.size === 0;
  return isAlone ? scene.current : undefined;
}

/** What was left, or was set aside, of food that was divided, where a clause speaks of it; and where it does. */
export function leftIn(
  scene: Scene,
  { clause: { text } }: Doing,
  mentions: readonly Mention[],
): { readonly meant: ReadonlySet<Stream>; readonly spans: readonly Span[] } {
  const meant = new Set<Stream>();
  const kept = scene.alive().filter(({ isRest, isAside }) => isRest || isAside);
  const spans: Span[] = [];
  if (kept.length === 0) return { meant, spans };
  for (const { groups, index, 0: words } of text.matchAll(restOf)) {
    const what = groups!['what']!;
    const isLine = mentions.some(
      ({ isFresh, start, end, line }) =>
        (isFresh || scene.divided.has(line)) && start < index + words.length && end > index,
    );
    if (isLine || notFood.test(what)) continue;
    const isAside = groups!['aside'] !== undefined;
    const stream =
      foodCalled(scene, what, (each) => (isAside ? each.isAside : each.isRest)) ??
      foodCalled(scene, what, (each) => each.isRest || each.isAside);
    if (!stream) continue;
    meant.add(stream);
    spans.push({ start: index, end: index + words.length });
  }
  if (meant.size > 0) return { meant, spans };
  const isLine = mentions.some(({ share }) => share === 'rest');
  if (restAlone.test(text) && !isLine) meant.add(kept.findLast(({ isRest }) => isRest) ?? kept.at(-1)!);
  return { meant, spans };
}

/** What is put aside of food in hand, by words of its own: "and set aside for the halloumi". */
export const setAside =
  /\b(?:set|put)\b[^.;]{0,12}\b(?:aside|to one side)\b|^\W*(?:and )?(?:reserve|keep back|save)\b/i;

/** "The halloumi and half the vegetables": of all that is together, what of which a part was taken. */
function linesParted({ lines }: Stream, { clause: { text } }: Doing, mentions: readonly Mention[]): readonly LineId[] {
  const told = partOf.exec(text);
  const isTold = ({ start, end }: Mention) => told !== null && start < told.index + told[0].length && end > told.index;
  const here = mentions.filter(({ line, isFresh }) => !isFresh && lines.has(line));
  const parted = here.filter(isTold).map(({ line }) => line);
  return parted.length > 0 && parted.length < here.length ? parted : [...lines];
}

/** Parts food: what is taken goes on in hand, or is set aside; the other goes its own way from here. */
export function divide(scene: Scene, stream: Stream, doing: Doing, mentions: readonly Mention[]): void {
  const isKeptBack = doing.does === 'end';
  stream.shareOf.add(Symbol());
  const other: Stream = {
    ...stream,
    lines: new Set(linesParted(stream, doing, mentions)),
    names: new Set(stream.names),
    shareOf: new Set(stream.shareOf),
    isParted: true,
    isAside: isKeptBack,
    isRest: !isKeptBack,
  };
  scene.streams.push(other);
  stream.isParted = true;
  stream.isRest = isKeptBack;
  if (isKeptBack) {
    other.vessel = undefined;
    return;
  }
  scene.cupboard.pass(stream, other);
  stream.vessel = undefined;
}

/** Whether a part is only put into a piece of its own: "spoon a third into a small bowl". */
export const isOnlyPortioned = ({ does, device, clause, vessels }: Doing, mentions: readonly Mention[]): boolean =>
  does === 'move' &&
  device === undefined &&
  mentions.length === 0 &&
  vessels.some(({ isNew, kind }) => isNew && kind === 'bowl') &&
  partAlone.test(clause.text.slice(clause.verbAt));
