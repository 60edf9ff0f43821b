import type { Doing } from './doings.ts';
import { topicWords, type Mention } from './mentions.ts';
import {
  besideDish,
  definite,
  gathering,
  isMadeName,
  madeOf,
  pronoun,
  residueNames,
  signless,
  vesselNouns,
} from './names.ts';
import type { Stream } from './operation.ts';
import { isInNewPiece, type Scene } from './scene.ts';
import { leftIn, plainly } from './shares.ts';
import { isVerb } from './verbWords.ts';

/** Who is asked what a clause names. */
interface Asked {
  readonly scene: Scene;
  readonly doing: Doing;
  readonly mentions: readonly Mention[];
  /** Whether a place in the clause tells of what was left of divided food. */
  readonly isOfRest: (span: { readonly start: number; readonly end: number }) => boolean;
}

const covers = (mentions: readonly Mention[], from: number, to: number): boolean =>
  mentions.some(({ start, end }) => from < end && to > start);

/** Oil, salt, butter: named again, it is more of it and not the food it went into. */
const staple = /oil\b|\bsalt\b|pepper$|sugar|\bbutter\b|flour|\bwater\b/;

const eggPart = (words: string): string | undefined => /\b(yolk|white)s?\b/i.exec(words)?.[1]?.toLowerCase();
/** "The whites", where only the yolks went in: they were parted, and are elsewhere. */
function isOtherPart({ scene, doing }: Asked, mention: Mention, stream: Stream): boolean {
  const wordsOf = ({ clause: { text } }: Doing, { start, end }: Mention) => text.slice(start, end + 8);
  const part = mention.share === 'part' ? eggPart(wordsOf(doing, mention)) : undefined;
  if (part === undefined) return false;
  const parts = scene.operations
    .filter((each) => each === stream.last || scene.isAbove(each, stream.last))
    .flatMap(({ mentions }) => mentions)
    .filter((each) => each.mention.line === mention.line)
    .flatMap((each) => eggPart(wordsOf(each.doing, each.mention)) ?? []);
  return parts.length > 0 && !parts.includes(part);
}

/** By a line that is in it. */
function* byLine(asked: Asked): Generator<Stream> {
  const { scene, doing, mentions } = asked;
  const { text } = doing.clause;
  // "The poaching milk" is no milk.
  const told = [...text.matchAll(definite)].filter(({ groups }) => /\s/.test(groups!['noun']!));
  for (const mention of mentions) {
    const { line, isFresh, share, start, end } = mention;
    if (isFresh || (share === 'rest' && scene.divided.has(line))) continue;
    if (told.some((match) => start >= match.index && start < match.index + match[0].length)) continue;
    // "2 tbsp of the pineapple syrup": no pineapple.
    if (/^\s+(?:syrup|juice|brine|water|liquid|skins?|stalks?|leaves|shells?|bones?|peel)\b/i.test(text.slice(end)))
      continue;
    const holding = scene.alive().filter((stream) => stream.lines.has(line) && !isOtherPart(asked, mention, stream));
    const [last] = holding.slice(-1);
    // "Half the spiced salt": that was made of it.
    const isMade = /\bthe \p{L}+(?:ed|y) $|\b(?:piece|slice|disc|round|portion|share) of (?:the )?$/u.test(
      text.slice(0, start),
    );
    const isStaple = !isMade && staple.test(scene.food(line)) && holding.every(({ lines }) => lines.size > 1);
    // "Warm 2 tbsp oil in a saucepan": more of it.
    if (isStaple && isInNewPiece(doing)) continue;
    if (isStaple && /\b(?:pinch|grinding|little|dash|drop) of (?:more )?$/i.test(text.slice(0, start))) continue;
    if (scene.current && holding.includes(scene.current)) yield scene.current;
    else if (last) {
      if (!isStaple || /\b(?:into|in) the (?:hot |warm )?$/i.test(text.slice(0, start))) yield last;
    }
  }
}

/** "Fold the whites into the yolk mixture": both are of the same eggs. */
const isOfSameEggs = (noun: string, text: string): boolean =>
  /\bm(?:ixture|ix)$/.test(noun) && /\b(?:whites|yolks)\b/i.test(text);

/** By what it was called when it was made: "the dough", "your sauce". */
function* byName({ scene, doing, mentions, isOfRest }: Asked, named: ReadonlySet<Stream>): Generator<Stream> {
  const { text, lead } = doing.clause;
  const isLeadOff = /^(?:meanwhile,? )?(?:for|to make|while|whilst|as)\b/i.test(lead);
  const sign = text.search(/\b(?:until|till?)\b/i);
  const isSaid = pronoun.test(signless(text)) && scene.current ? [scene.current] : [];
  for (const match of text.matchAll(definite)) {
    if (isLeadOff && match.index < lead.length) continue;
    // "Cream the butter for the filling", "until the flesh flakes": what for, and how long.
    if (/\b(?:for|to make) $/i.test(text.slice(0, match.index)) || (sign >= 0 && match.index > sign)) continue;
    const noun = match.groups!['noun']!.toLowerCase();
    const end = match.index + match[0].length;
    if (covers(mentions, end - noun.length, end) || isOfRest({ start: match.index, end })) continue;
    // "The chicken skewers": those of the chicken.
    const inPhrase = mentions.filter(({ start, end: to, isFresh }) => !isFresh && start >= match.index && to < end);
    if (inPhrase.some(({ line }) => scene.alive().some(({ lines }) => lines.has(line))) && /s$/.test(noun)) continue;
    // "The pineapple syrup" is of the pineapple.
    if (/^(?:syrup|juices?|liquid)$/.test(noun) && covers(mentions, match.index, end)) continue;
    // "Drain, keeping a cupful of the water": its own.
    if (noun === 'water' && doing.does === 'end') continue;
    const stream = scene.called(noun, match[0], new Set([...named, ...isSaid]));
    if (!stream) continue;
    yield stream;
    if (isOfSameEggs(noun, text)) yield scene.current ?? stream;
  }
}

/** "Shape 20 balls": of the dough, and not of the sauce that was whisked meanwhile. */
function* byShaping({ scene, doing, mentions }: Asked): Generator<Stream> {
  const { clause } = doing;
  const isShaped = /^(?:shape|form|mould|roll)$/.test(clause.verb?.verb ?? '') && mentions.length === 0;
  if (!isShaped || pronoun.test(clause.text) || !scene.current) return;
  const isBeside = ({ names }: Stream) => [...names].some((name) => besideDish.test(name));
  if (!isBeside(scene.current)) return;
  const others = scene.alive().filter((each) => !isBeside(each) && each.lines.size > 1);
  const last = others.sort((a, b) => scene.operations.indexOf(b.last) - scene.operations.indexOf(a.last))[0];
  if (last) yield last;
}

/** By the heading of its part: "the ragù", "half the buttercream". */
function* byHeading({ scene, doing, mentions }: Asked): Generator<Stream> {
  const text = plainly(doing.clause.text);
  const { lead } = doing.clause;
  for (const stream of scene.alive()) {
    const headings = [...stream.lines].flatMap((line) => scene.headingOf(line) ?? []);
    for (const name of new Set(headings.flatMap((heading) => plainly(heading).match(/\p{L}{4,}/gu) ?? []))) {
      if (isVerb(name) || isMadeName(name) || /^(?:for|with|your|dish|other)$/.test(name)) continue;
      const at = text.search(new RegExp(`\\b(?:the|with|then|half the|remaining) ${name}\\b`));
      if (at < lead.length || covers(mentions, at, at + name.length + 4)) continue;
      yield stream;
    }
  }
}

/** "All the dukkah stuff": all that stands under that heading, whatever was done to it. */
function* byAllOf({ scene, doing }: Asked): Generator<Stream> {
  const heading = /\ball (?:of )?(?:the |your )?(?<heading>[\p{L}-]{3,20}) (?:ingredients|stuff|things|bits)\b/iu.exec(
    doing.clause.text,
  )?.groups?.['heading'];
  if (heading === undefined) return;
  const words = topicWords(heading);
  for (const stream of scene.alive()) {
    const headings = [...stream.lines].map((line) => topicWords(scene.headingOf(line) ?? ''));
    if (headings.length > 0 && headings.every((each) => [...words].some((word) => each.has(word)))) yield stream;
  }
}

/** By the name of the dish: "the tagine". */
function* byTitle({ scene, doing, mentions }: Asked): Generator<Stream> {
  const { text, lead } = doing.clause;
  for (const match of text.matchAll(/\bthe (?<noun>[\p{L}-]{4,})/giu)) {
    const noun = match.groups!['noun']!.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '');
    if (match.index < lead.length || !scene.title.has(noun)) continue;
    // "Add to the relish", of cakes with relish: that was made, and has its name.
    if (besideDish.test(noun) && scene.isCalled(noun)) continue;
    // "Add to the pot", of a pot pie; "to make the drizzle", of a drizzle cake: that is not the dish.
    if (vesselNouns.test(noun) || /\bmake $/i.test(text.slice(0, match.index))) continue;
    if (covers(mentions, match.index, match.index + match[0].length)) continue;
    // What is in hand, where that may be a dish: a glaze that stands under a heading of its own is none.
    const isPart = (each: Stream) => [...each.lines].every((line) => scene.headingOf(line) !== undefined);
    const main = scene.main();
    const { current } = scene;
    const mayBe =
      current && !current.isGone && current.lines.size > 2 && !(isPart(current) && main !== undefined && !isPart(main));
    const stream = mayBe ? current : main;
    if (stream && stream.lines.size > 2) yield stream;
  }
}

/** "Dip in the tops": of the pieces that are the dish. */
function* byTops({ scene, doing: { clause } }: Asked): Generator<Stream> {
  if (!/\bdip\b[^.;]*\bthe (?:tops|bottoms|bases|ends)\b/i.test(clause.text)) return;
  const pieces = scene
    .alive()
    .filter((stream) => stream !== scene.current)
    .sort((a, b) => scene.operations.indexOf(b.last) - scene.operations.indexOf(a.last))[0];
  if (pieces) yield pieces;
}

/** "Drain them": what is boiling, where what is in hand is not. */
function* byDraining({ scene, doing, mentions }: Asked): Generator<Stream> {
  const { current } = scene;
  if (doing.clause.verb?.verb !== 'drain' || mentions.length > 0 || current?.last.isOff) return;
  const boiling = scene.alive().findLast(({ isDrained, last }) => !isDrained && last.isOff && last.device === 'hob');
  if (boiling && current && scene.isFatOnly(current)) yield boiling;
}

/** "When the soup is done, blend it". */
function* byLead({ scene, doing: { clause } }: Asked): Generator<Stream> {
  const stream = scene.waitedFor(clause.lead);
  if (stream && pronoun.test(signless(clause.text.slice(clause.lead.length)))) yield stream;
}

/** "A little of the pasta water": what pasta, or whatever it is, was boiled in. */
function* byWater({ scene, doing }: Asked): Generator<Stream> {
  const what = /\b(?<what>pasta|potato|noodle|cooking|its|saved|reserved) (?:cooking )?water\b/i.exec(doing.clause.text)
    ?.groups?.['what'];
  if (what === undefined || doing.does === 'end') return;
  const boiled = scene
    .alive()
    .filter((stream) => stream !== scene.current && stream.cookedOn === 'hob' && !stream.isBeside);
  const kept = scene.alive().findLast(({ isWater }) => isWater);
  if (kept) return void (yield kept);
  const named = scene.called(what.toLowerCase(), `the ${what}`);
  const stream = named ?? boiled.at(-1);
  if (stream) yield stream;
}

/** By a name without "the", as in "with pork and slaw"; only what cannot be anything else. */
function* byBareName({ scene, doing, mentions }: Asked): Generator<Stream> {
  for (const match of doing.clause.text.matchAll(
    /(?<by>\bof|\bwith|\band|\bin|\bover|\bonto|\binto|,)\s+(?<noun>[\p{L}-]{3,})/giu,
  )) {
    if (covers(mentions, match.index, match.index + match[0].length)) continue;
    const noun = match.groups!['noun']!.toLowerCase();
    const single = noun.replace(/s$/, '');
    const isMade = madeOf[single] !== undefined;
    // "Pour over crust."
    const isOn = /^(?:over|onto|into)$/i.test(match.groups!['by']!);
    // "A teaspoon of filling."
    if (/^of$/i.test(match.groups!['by']!)) {
      const mixed = /^(?:filling|mixture|stuffing|batter|dough)$/.test(noun) ? scene.called(noun, noun) : undefined;
      if (mixed) yield mixed;
      continue;
    }
    if (!besideDish.test(noun) && (!isMade || (single === noun && !isOn))) continue;
    const stream =
      scene.alive().findLast(({ names }) => names.has(noun)) ?? (isMade ? scene.called(noun, noun) : undefined);
    if (stream) yield stream;
  }
}

/** By what it is in: "out of the tin", "back to the pan". */
function* byVessel({ scene, doing, mentions }: Asked): Generator<Stream> {
  for (const vessel of doing.vessels) {
    const there = vessel.isNew ? undefined : scene.cupboard.find(vessel.kind);
    if (!there || there.stream.isGone) continue;
    // "Drain the pasta. Take the pan off the heat": the one that is on it still.
    if (there.stream.isDrained && /\boff the heat\b/i.test(doing.clause.text)) {
      const hot = scene.alive().findLast(({ isDrained, last }) => !isDrained && last.device === 'hob');
      if (hot) yield hot;
      continue;
    }
    const isInHand = there.stream === scene.current;
    if (isInHand && rests(there.stream) && mentions.some(({ isFresh }) => isFresh))
      yield leftBehind(scene, there.stream);
    else if ((vessel.isFrom || !isInHand) && there.stream.vessel?.as === there.vessel.as) yield there.stream;
  }
}

const rests = ({ last }: Stream): boolean =>
  last.isOff &&
  last.device === undefined &&
  last.after.size === 1 &&
  last.doings.every(({ clause }) => clause.verb?.verb === 'rest');

/** What runs out of a roast is in its tin while the roast rests on something else. */
function leftBehind(scene: Scene, roast: Stream): Stream {
  const juices: Stream = {
    ...roast,
    last: [...roast.last.after][0]!,
    lines: new Set(),
    names: new Set(residueNames),
    isForked: true,
    isBeside: true,
  };
  scene.streams.push(juices);
  roast.vessel = scene.cupboard.fresh({ kind: 'serving-dish', own: '' });
  roast.last.vessels.set(roast.vessel.as, roast.vessel);
  roast.last.vessel = roast.vessel;
  return juices;
}

/** The food that a clause names: by its lines, by what it was called, by what it is in, or all of it. In the order in which it is found. */
export function namedIn(scene: Scene, doing: Doing, mentions: readonly Mention[]): ReadonlySet<Stream> {
  // "The rest of the dough": not what was taken of it.
  const { meant, spans } = leftIn(scene, doing, mentions);
  const isOfRest = ({ start, end }: { readonly start: number; readonly end: number }) =>
    spans.some((span) => start < span.end && end > span.start);
  const asked: Asked = { scene, doing, mentions: mentions.filter((each) => each.isFresh || !isOfRest(each)), isOfRest };
  const { text } = doing.clause;
  // "Soak the skewers": no food.
  if (mentions.length === 0 && /\bsoak\b[^.;]*\bskewers\b/i.test(text)) return new Set();
  const named = new Set<Stream>([...byLine(asked), ...meant]);
  for (const stream of byName(asked, named)) named.add(stream);
  for (const by of [byShaping, byHeading, byAllOf, byTitle, byBareName, byTops, byVessel, byWater, byLead, byDraining])
    for (const stream of by(asked)) named.add(stream);
  for (const stream of scene.alive())
    if (stream.label !== undefined && text.toLowerCase().includes(stream.label)) named.add(stream);
  if (gathering.test(text) && doing.does !== 'end' && doing.does !== 'dress')
    for (const stream of scene.alive()) named.add(stream);
  return named;
}
