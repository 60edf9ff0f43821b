import type { Doing } from './doings.ts';
import type { Mention } from './mentions.ts';
import { besideDish, definite, gathering, madeOf, pronoun, residueNames, signless } from './names.ts';
import type { Stream } from './operation.ts';
import type { Scene } from './scene.ts';

/** Who is asked what a clause names. */
interface Asked {
  readonly scene: Scene;
  readonly doing: Doing;
  readonly mentions: readonly Mention[];
}

const covers = (mentions: readonly Mention[], from: number, to: number): boolean =>
  mentions.some(({ start, end }) => from < end && to > start);

/** Oil, salt, butter: named again, it is more of it and not the food it went into. */
const staple = /oil|salt|pepper$|sugar|butter|flour|water/;

/** By a line that is in it. */
function* byLine({ scene, doing, mentions }: Asked): Generator<Stream> {
  const { text } = doing.clause;
  // "The poaching milk" is no milk.
  const told = [...text.matchAll(definite)].filter(({ groups }) => /\s/.test(groups!['noun']!));
  for (const { line, isFresh, share, start } of mentions) {
    if (isFresh || (share === 'rest' && scene.divided.has(line))) continue;
    if (told.some((match) => start >= match.index && start < match.index + match[0].length)) continue;
    const holding = scene.alive().filter((stream) => stream.lines.has(line));
    const [last] = holding.slice(-1);
    if (scene.current && holding.includes(scene.current)) yield scene.current;
    else if (last) {
      const isStaple = staple.test(scene.food(line)) && holding.every(({ lines }) => lines.size > 1);
      if (!isStaple || /\b(?:into|in) the (?:hot |warm )?$/i.test(text.slice(0, start))) yield last;
    }
  }
}

/** By what it was called when it was made: "the dough", "your sauce". */
function* byName({ scene, doing, mentions }: Asked, named: ReadonlySet<Stream>): Generator<Stream> {
  const { text, lead } = doing.clause;
  const isLeadOff = /^(?:meanwhile,? )?(?:for|to make|while|whilst|as)\b/i.test(lead);
  const isSaid = pronoun.test(signless(text)) && scene.current ? [scene.current] : [];
  for (const match of text.matchAll(definite)) {
    if (isLeadOff && match.index < lead.length) continue;
    const noun = match.groups!['noun']!.toLowerCase();
    const end = match.index + match[0].length;
    if (covers(mentions, end - noun.length, end)) continue;
    const stream = scene.called(noun, match[0], new Set([...named, ...isSaid]));
    if (stream) yield stream;
  }
}

/** By the name of the dish: "the tagine". */
function* byTitle({ scene, doing, mentions }: Asked): Generator<Stream> {
  const { text, lead } = doing.clause;
  for (const match of text.matchAll(/\bthe (?<noun>[\p{L}-]{4,})/giu)) {
    if (match.index < lead.length || !scene.title.has(match.groups!['noun']!.toLowerCase())) continue;
    if (covers(mentions, match.index, match.index + match[0].length)) continue;
    const stream = scene.main();
    if (stream && stream.lines.size > 2) yield stream;
  }
}

/** By a name without "the", as in "with pork and slaw"; only what cannot be anything else. */
function* byBareName({ scene, doing, mentions }: Asked): Generator<Stream> {
  for (const match of doing.clause.text.matchAll(/(?:\bwith|\band|,)\s+(?<noun>[\p{L}-]{3,})/giu)) {
    if (covers(mentions, match.index, match.index + match[0].length)) continue;
    const noun = match.groups!['noun']!.toLowerCase();
    const single = noun.replace(/s$/, '');
    const isMade = madeOf[single] !== undefined;
    if (!besideDish.test(noun) && (!isMade || single === noun)) continue;
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
  const asked = { scene, doing, mentions };
  const { text } = doing.clause;
  const named = new Set<Stream>(byLine(asked));
  for (const stream of byName(asked, named)) named.add(stream);
  for (const by of [byTitle, byBareName, byVessel]) for (const stream of by(asked)) named.add(stream);
  for (const stream of scene.alive())
    if (stream.label !== undefined && text.toLowerCase().includes(stream.label)) named.add(stream);
  if (gathering.test(text) && doing.does !== 'end' && doing.does !== 'dress')
    for (const stream of scene.alive()) named.add(stream);
  return named;
}
