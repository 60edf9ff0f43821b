import { besideDish, more } from './names.ts';
import type { InVessel, Operation, Stream } from './operation.ts';
import type { Scene } from './scene.ts';

/** What can only be seen when a method was read to its end. */
export function tidied(scene: Scene): readonly Operation[] {
  foldLooks(scene);
  joinPassing(scene);
  joinOrphans(scene);
  takeDeepPots(scene);
  return scene.operations;
}

/** So much liquid is no longer cooked in a frying pan, ml. @source house figure: one of 28 cm holds it a finger deep */
const shallowMl = 450;

/** "Fry the leeks. Add the stock and simmer": where nobody says in what, in something that holds it. */
function takeDeepPots(scene: Scene): void {
  for (const as of scene.cupboard.guessed) {
    const there = scene.operations.filter(({ vessels }) => vessels.get(as)?.kind === 'frying-pan');
    const lines = new Set(there.flatMap(({ uses }) => uses));
    const liquidMl = scene.lines.reduce(
      (sum, { id, reading: { amount } }) => sum + (lines.has(id) && amount.kind === 'volume' ? amount.volumeMl : 0),
      0,
    );
    if (liquidMl < shallowMl) continue;
    const pot: InVessel = { kind: 'large-pot', as };
    for (const each of there) {
      each.vessels.set(as, pot);
      if (each.vessel?.as === as) each.vessel = pot;
    }
  }
}

/** All of one operation into another, before or after what that does. */
function merge(scene: Scene, from: Operation, into: Operation, where: 'before' | 'after'): void {
  const put = <T>(list: T[], added: readonly T[]) =>
    where === 'before' ? list.unshift(...added) : list.push(...added);
  put(into.doings, from.doings);
  put(into.mentions, from.mentions);
  put(into.uses, from.uses);
  put(into.before, from.before);
  put(into.notes, from.notes);
  for (const [as, vessel] of from.vessels) into.vessels.set(as, vessel);
  for (const each of from.after) if (each !== into) into.after.add(each);
  scene.drop(from, into);
}

const heated = new Set<Operation['device']>(['oven', 'hob']);
const mostInPassing = 2;
const quick = new Set(['dress', 'end', 'move', 'mix']);

/** "Roast for 20 minutes. Turn, drizzle with honey and roast for another 15": one stay in the oven, with a look inside; what is added to it begins the next. */
function foldLooks(scene: Scene): void {
  for (const between of [...scene.operations]) {
    // Half the glaze is on already: the rest of it is no other food.
    const direct = [...between.after].filter((each) =>
      [...between.after].every((other) => other === each || !scene.isAbove(each, other)),
    );
    const [before] = direct;
    const followers = scene.followersOf(between);
    const [next] = followers;
    if (between.isOff || direct.length !== 1 || followers.length !== 1 || !before || !next) continue;
    const isOneDevice = before.isOff && next.isOff && before.device === next.device && heated.has(before.device);
    if (!isOneDevice || next.after.size !== 1 || between.doings.length > 3) continue;
    const isLook = between.doings.every(({ does }) => does === 'dress' || does === 'end');
    const isAgain = more.test(next.doings[0]!.clause.text) && next.ovenC === before.ovenC;
    if (isLook && isAgain && scene.followersOf(before).length === 1) {
      merge(scene, between, before, 'after');
      merge(scene, next, before, 'after');
    } else if (
      // A batter that is made and poured round is no look.
      between.uses.length <= mostInPassing &&
      between.doings.every(({ does, times }) => quick.has(does) && times.length === 0)
    )
      merge(scene, between, next, 'before');
  }
}

/** Seasoning, patting dry, tossing in flour: done in passing before what comes next. */
function joinPassing(scene: Scene): void {
  for (const operation of [...scene.operations]) {
    const followers = scene.followersOf(operation);
    const [next] = followers;
    if (operation.isOff || followers.length !== 1 || !next) continue;
    if (next.device === 'oven') {
      // "Move to a baking tray and bake for 20 minutes."
      const [first] = next.doings;
      const isPut =
        operation.doings.length === 1 &&
        operation.uses.length <= 1 &&
        operation.uses.length + operation.after.size === 1 &&
        operation.doings[0]!.does === 'move' &&
        !/\bspoonfuls?\b|\bheaps\b/i.test(operation.doings[0]!.clause.text) &&
        first?.paragraph === operation.doings[0]!.paragraph &&
        first.sentence === operation.doings[0]!.sentence;
      if (isPut) merge(scene, operation, next, 'before');
      continue;
    }
    const isNext = scene.operations[scene.operations.indexOf(operation) + 1] === next;
    const isPassing = operation.doings.every(
      ({ clause: { verb, text } }) => verb?.quick || (verb?.verb === 'toss' && /\bflour\b/i.test(text)),
    );
    if (isNext && isPassing) merge(scene, operation, next, 'before');
  }
}

/** "Grill the halloumi skewers. Grill the chicken skewers": the same, of other food. */
const isDoneAlike = (one: Operation, other: Operation): boolean =>
  one.device !== undefined &&
  one.device === other.device &&
  other.doings.length === 1 &&
  one.doings.at(-1)?.clause.verb?.verb === other.doings[0]?.clause.verb?.verb;

/** "Soak the skewers": for what is threaded on to them, and no guess. */
function isThreadedLater(scene: Scene, { last, lines }: Stream): boolean {
  if (lines.size > 0 || !/\bskewers\b/i.test(last.doings[0]!.clause.text)) return false;
  const threading = scene.operations
    .slice(scene.operations.indexOf(last) + 1)
    .filter(({ doings }) => doings.some(({ clause }) => /^(?:thread|skewer)$/.test(clause.verb?.verb ?? '')));
  for (const each of threading) each.after.add(last);
  return threading.length > 0;
}

/** What nothing was done with goes into what comes next, unless it is something to have beside the dish. It is a guess, and said to be one. */
function joinOrphans(scene: Scene): void {
  const last = scene.operations.at(-1);
  const isBesideDish = (operation: Operation) =>
    scene
      .alive()
      .some((stream) => stream.last === operation && [...stream.names].some((name) => besideDish.test(name)));
  // What stands under "For the mash" is one of them, whatever it is called in the steps.
  const isHadBeside = (stream: Stream) =>
    [...stream.names].some((name) => besideDish.test(name)) ||
    (stream.lines.size > 0 &&
      [...stream.lines].every((line) =>
        scene
          .headingOf(line)
          ?.split(/[^\p{L}]+/u)
          .some((name) => besideDish.test(name.toLowerCase())),
      ));
  // "Toss.": all that is there.
  const isAllTossed = last?.doings.some(({ clause: { text } }) => /^\W*(?:toss|mix|combine)\W*$/i.test(text)) === true;
  // "Boil the peas", last of all and of nothing but peas: the pie does not go in there.
  const isAnother = (each: Operation) => each.after.size === 0 && each.device !== undefined && each.uses.length > 0;
  // What was roasted does not go to what is fried then.
  const cooksAnother = (each: Operation) => each.device !== undefined && each.uses.length > 0;
  // "Boil half the dumplings. Fry the rest.": two ends of one base.
  const isOtherEnd = (stream: Stream) =>
    scene.alive().some((each) => each !== stream && [...each.shareOf].some((sign) => stream.shareOf.has(sign)));
  for (const stream of scene.alive()) {
    if (isOtherEnd(stream) || isThreadedLater(scene, stream)) continue;
    if (stream.last === last || stream.isBeside || scene.hasFollowers(stream.last)) continue;
    if (!isAllTossed && isHadBeside(stream)) continue;
    const next = scene.operations
      .slice(scene.operations.indexOf(stream.last) + 1)
      .find(
        (each) =>
          !each.isBeside &&
          !(stream.cookedOn !== undefined && cooksAnother(each)) &&
          !isDoneAlike(stream.last, each) &&
          (each.after.size > 1 || (each.isOff && each.after.size > 0) || (each === last && !isAnother(each))) &&
          !isBesideDish(each) &&
          !scene.isAbove(each, stream.last),
      );
    if (!next) continue;
    next.after.add(stream.last);
    next.guessedAfter = stream.last;
  }
}
