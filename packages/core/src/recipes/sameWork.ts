import { standByMin } from './devices.ts';
import type { Doing } from './doings.ts';
import { adding, decorates, hobVessels, more, onTop, ownWork } from './names.ts';
import type { Operation, Stream } from './operation.ts';
import { isInNewPiece, isOneBreath, saysWhen, verbOf, type Scene } from './scene.ts';

/** A clause, and the operation it may belong to. */
interface Asked {
  readonly scene: Scene;
  /** The food it goes on with, and what was done to that last. */
  readonly main: Stream;
  readonly last: Operation;
  readonly doing: Doing;
  /** What was done last to all other food that comes in. */
  readonly others: readonly Operation[];
  /** Of these, what the operation does not wait for yet. */
  readonly newOthers: readonly Operation[];
  /** Lines that are named for the first time. */
  readonly fresh: number;
}

/** True: it is the same work still; false: it is other work; undefined: this says nothing of it. */
type Rule = (asked: Asked) => boolean | undefined;
const same = (holds: boolean) => (holds ? true : undefined);
const other = (holds: boolean) => (holds ? false : undefined);

const made = new Set(['mix', 'work', 'machine', 'toast', 'fry']);

const isOverFat = ({ scene, main }: Asked): boolean => scene.isFatOnly(main);
const isEnd = ({ last, doing, others }: Asked): boolean => {
  const verb = verbOf(doing);
  const isBoiled = (last.isOff && last.device !== 'fridge') || last.doings.some(({ does }) => does === 'simmer');
  const isRinsing = isBoiled && (/^(?:wash|rinse)$/.test(verb) || (verb === 'squeeze' && isOneBreath(last, doing)));
  const isBack = verb === 'return' && last.isOff && others.length === 0 && doing.device === undefined;
  return (doing.does === 'end' || isRinsing || isBack) && !ownWork.test(verb);
};

/** A short wait that is spent standing by. */
function isStandBy(doing: Doing): boolean {
  const minutes = doing.times.reduce((sum, { likely }) => sum + likely, 0);
  return (
    doing.does === 'wait' &&
    doing.device === undefined &&
    minutes > 0 &&
    minutes < standByMin &&
    !/^(?:stand|rest|sit)$/.test(verbOf(doing))
  );
}

/** A moment inside what goes by itself: "stir it after half an hour", "then leave it be". */
function isLook({ times, does, isOff, clause }: Doing): boolean {
  if (does === 'wait' && isOff)
    return times.length === 0 && clause.verb?.verb === 'leave' && !/\b(?:until|till?|to)\b/i.test(clause.text);
  return !isOff && times.length > 0 && times.every(({ use }) => use === 'moment' || use === 'rhythm');
}

/** "Half an hour before the end stir in the beans": a moment inside, at which more comes in. */
const isLateAddition = (last: Operation, { clause }: Doing): boolean =>
  last.device !== undefined && /\b(?:before|from) the end\b/i.test(clause.text);

/** What was mixed is put on or into something else, piece by piece. */
const byTheSpoon =
  /\b(?:spoonfuls?|teaspoons?|tablespoons?|dollops?|blobs?|heaps?|balls?|lines?|strips?|some|little|bit) of (?:the |your )?(?:filling|mixture|mix|stuffing|meat|paste|batter)\b/i;

/** Whether what goes by itself goes on as it did: boiled and then simmered, baked and then baked some more. */
function isOneStay({ scene, last, doing }: Asked): boolean {
  const isAsHot = last.device !== 'oven' || last.ovenC === scene.ovenC || scene.ovenC === undefined;
  if (last.device !== doing.device || !isAsHot || doing.heats.some(({ core }) => !core)) return false;
  if (last.device === undefined) return isOneBreath(last, doing) && !saysWhen(doing) && !last.doings.some(saysWhen);
  return more.test(doing.clause.text) || isOneBreath(last, doing);
}

/** "Then the beans, and another twenty minutes": it goes on with more in it, that somebody put there. */
const isAddedTo = ({ fresh, doing, last }: Asked): boolean =>
  fresh > 0 && more.test(doing.clause.text) && !isOneBreath(last, doing);

/** "Cool, then chill for 4 hours": it cools in there. */
const coolsInside = ({ last, doing }: Asked): boolean =>
  last.device === undefined &&
  doing.device === 'fridge' &&
  isOneBreath(last, doing) &&
  last.doings.every(({ times }) => times.length === 0);

/** "Sprinkle with the flour and stir": in the pan. */
const isFloured = ({ does, clause }: Doing): boolean =>
  does === 'dress' &&
  /\b(?:with|over|in|on) (?:the |[\p{L}\d/½¼]+ (?:tbsp |tablespoons? |cups? )?(?:of )?)?(?:[\p{L}-]+ )?flour\b/iu.test(
    clause.text,
  );

/** "Stand the dumplings in it": in the hot fat. */
const isIntoFat = (asked: Asked): boolean =>
  isOverFat(asked) && /\b(?:in|into|on|to) (?:it|the (?:hot )?(?:oil|butter|fat|pan))\b/i.test(asked.doing.clause.text);
const leavesHeat = ({ does, clause }: Doing): boolean =>
  (/\boff (?:the )?heat\b/i.test(clause.text) && does === 'none') ||
  /^(?:off|away from) (?:the )?heat\b/i.test(clause.lead);

/** What is stirred into a pan on the hob is done there; what is put into another vessel is not. */
function leavesHob(asked: Asked): boolean {
  const { doing, others, fresh } = asked;
  const { does, vessels, clause } = doing;
  if (isFloured(doing)) return false;
  const verb = clause.verb?.verb ?? '';
  if (leavesHeat(doing)) return true;
  if (does === 'serve' || does === 'dress' || does === 'cut') return clause.particle !== 'in' || does !== 'cut';
  if (does === 'work') return !/^(?:mash|squash|crush|break up)$/.test(verb);
  // "Pour over the hot stock": it comes to what is in the pan.
  const isPouredOver = fresh > 0 && others.length === 0 && clause.particle === 'over' && vessels.length === 0;
  if (does === 'move' && clause.particle !== 'in' && !adding.has(verb)) return !isPouredOver && !isIntoFat(asked);
  return (
    vessels.some(({ kind, isNew }) => isNew && !hobVessels.has(kind)) ||
    (others.length > 0 && /\binto the\b/i.test(clause.text))
  );
}

/** "Scatter it over the fruit": what was made ready apart comes on to something else. */
function isOnto({ scene, main, doing, newOthers }: Asked): boolean {
  const { clause, vessels } = doing;
  const isThere = vessels.some(({ kind, isNew, isFrom }) => {
    const stream = isNew || isFrom ? undefined : scene.cupboard.find(kind)?.stream;
    return stream !== undefined && stream !== main && !stream.isGone;
  });
  if (isThere && doing.does === 'mix') return true;
  const targets = [
    ...clause.text.matchAll(/\b(?:over|on to|onto|on top of|on|into) the (?=(?<what>(?:[\p{L}-]+ )?[\p{L}-]+))/giu),
  ];
  if (targets.length === 0) return onTop.test(clause.text) || decorates.test(clause.verb?.verb ?? '');
  const isUnknown = ({ groups }: RegExpMatchArray) => {
    const noun = groups!['what']!.toLowerCase().split(' ').at(-1)!;
    return /^(?:mixture|mix|batter|base|rest)$/.test(noun) && scene.called(noun, `the ${noun}`) === undefined;
  };
  // "Fold them into the chocolate mixture": whatever else comes in is that.
  if (newOthers.length > 0 && targets.some(isUnknown)) return true;
  return targets.some(({ groups }) => {
    const target = groups!['what']!.toLowerCase();
    const phrase = `the ${target}`;
    const [first, last] = [target.split(' ')[0]!, target.split(' ').at(-1)!];
    const held = scene.holdingFood(target) ?? scene.holdingFood(first);
    if (held && held !== main) return true;
    const stream = scene.called(target, phrase) ?? scene.called(last, phrase) ?? scene.called(first, phrase);
    return stream !== undefined && stream !== main;
  });
}

/** What is done by hand in the bowl of a machine that was just used. */
const isInMachine = ({ device, does, clause }: Doing, isAtOnce: boolean): boolean =>
  device === undefined &&
  (does === 'mix' ||
    (['move', 'cut'].includes(does) && clause.particle === 'in') ||
    (does === 'work' && isAtOnce) ||
    /\b(?:pulse|again)\b/i.test(clause.text));

/** Whether the same device goes on with work by hand, or work by hand with a device. */
const byDevice: Rule = (asked) => {
  const { last, doing } = asked;
  const { does } = doing;
  if (doing.device === last.device) return true;
  const isAtOnce = isOneBreath(last, doing);
  if (last.device === 'hob' && doing.device === undefined) return !leavesHob(asked);
  if (last.device === 'blender' && does === 'move' && isAtOnce) return true;
  if (last.device === 'blender' || last.device === 'mixer') return isInMachine(doing, isAtOnce);
  if (last.device !== undefined || doing.device === undefined) return false;
  if (doing.device !== 'hob') return isAtOnce && doing.device !== 'grill';
  // What was put into a pan is then put on the heat; seasoning and patting dry are done in passing.
  const isInPan = last.vessel !== undefined && hobVessels.has(last.vessel.kind) && last.vessel.kind !== 'roasting-tin';
  return isInPan || isAtOnce || last.doings.every(({ clause: { verb } }) => verb?.quick);
};

/** In order: the first that says something decides. */
const rules: readonly Rule[] = [
  // An operation waits only for what is told before it, and others wait for it as it is.
  ({ scene, last, others }) =>
    other(others.some((each) => scene.operations.indexOf(each) > scene.operations.indexOf(last))),
  ({ scene, last }) => other(scene.hasFollowers(last)),
  (asked) => (asked.fresh === 0 && isEnd(asked) ? asked.others.length === 0 : undefined),
  // What was made apart is ready before what it goes on is: icing does not wait for the cake.
  (asked) =>
    other(
      !isOverFat(asked) &&
        asked.last.after.size === 0 &&
        (asked.main.lines.size > 0 || asked.last.mentions.some(({ mention }) => mention.share === 'part')) &&
        asked.last.doings.some(({ does }) => made.has(does)) &&
        asked.newOthers.length > 0 &&
        isOnto(asked),
    ),
  (asked) =>
    other(
      !isOverFat(asked) &&
        !isOneBreath(asked.last, asked.doing) &&
        asked.newOthers.some(({ isOff }) => isOff) &&
        ![...asked.last.after].some(({ isOff }) => isOff),
    ),
  // "Return the tofu, toss to coat and serve over rice."
  ({ last, doing, newOthers, others }) =>
    same(
      doing.does === 'serve' &&
        !last.isOff &&
        others.length === 0 &&
        newOthers.length === 0 &&
        isOneBreath(last, doing),
    ),
  // What is put on the plates beside something else is put there when both are done.
  ({ doing, newOthers }) => other(doing.does === 'serve' && newOthers.length > 0),
  // "Spread the yogurt on a plate and pile the roots on": the yogurt was ready before.
  ({ last, doing, newOthers }) =>
    other(
      last.after.size === 0 &&
        last.device === undefined &&
        last.doings.some(({ does }) => does === 'mix') &&
        doing.does === 'move' &&
        newOthers.some(({ isOff }) => isOff),
    ),
  // What several things come together in is work of its own.
  ({ newOthers, doing }) => other(newOthers.length > 1 && doing.clause.isFirst),
  // What was begun in between with other food has its own time.
  ({ scene, last, doing }) => {
    const work = last.doings.findLast(({ does }) => does !== 'end');
    const isSentence = work?.paragraph === doing.paragraph && work.sentence === doing.sentence;
    return other(scene.operations.at(-1) !== last && !isSentence);
  },
  // "Bake. 25 minutes at 200 °C.": how long and how hot is said behind.
  ({ last, doing, fresh, others }) =>
    same(
      last.isOff &&
        doing.does === 'none' &&
        fresh === 0 &&
        others.length === 0 &&
        !last.doings.some(saysWhen) &&
        last.doings.findLast(({ does }) => does !== 'end')?.paragraph === doing.paragraph,
    ),
  ({ last, doing }) =>
    same(
      last.isOff && isStandBy(doing) && isOneBreath(last, doing) && /\bsteam dry|dry off\b/i.test(doing.clause.text),
    ),
  ({ last, doing, fresh, others }) =>
    same(last.isOff && (fresh === 0 || isLateAddition(last, doing)) && isLook(doing) && others.length === 0),
  (asked) =>
    asked.last.isOff && asked.doing.isOff
      ? asked.others.length === 0 && (coolsInside(asked) || (isOneStay(asked) && !isAddedTo(asked)))
      : undefined,
  ({ last, doing }) =>
    last.isOff
      ? isStandBy(doing) && isOneBreath(last, doing) && !/\b(?:leave|stand|rest|cover)\w*\b/i.test(doing.clause.text)
      : undefined,
  ({ doing }) => (doing.isOff ? isStandBy(doing) : undefined),
  ({ doing, fresh }) => other(doing.clause.isBeside && fresh > 0),
  // A new paragraph that takes up something new, or another vessel.
  ({ last, doing, fresh }) =>
    other(
      last.doings.at(-1)?.paragraph !== doing.paragraph &&
        last.device === undefined &&
        doing.device === undefined &&
        last.doings.length > 1 &&
        ((fresh > 0 && ['mix', 'work'].includes(doing.does)) || (doing.does === 'move' && isInNewPiece(doing))),
    ),
  // "Put a teaspoon of the filling on each wrapper": the filling was ready before.
  ({ doing, fresh, last }) =>
    other(
      fresh > 0 &&
        last.device === undefined &&
        last.doings.some(({ does }) => does === 'mix' || does === 'machine') &&
        byTheSpoon.test(doing.clause.text),
    ),
  // What is cut up may be cut up long before.
  ({ last, doing, fresh, newOthers }) =>
    other(
      last.device === undefined &&
        last.doings.every(({ does }) => does === 'cut') &&
        last.after.size === 0 &&
        !['cut', 'none'].includes(doing.does) &&
        doing.clause.isFirst &&
        doing.device === undefined &&
        (fresh > 0 || newOthers.length > 0),
    ),
  byDevice,
];

/** Whether a clause tells the same work still: the same hands on the same food in the same place. */
export function isSameWork(
  scene: Scene,
  main: Stream,
  doing: Doing,
  others: readonly Operation[],
  fresh: number,
): boolean {
  const { last } = main;
  const asked: Asked = {
    scene,
    main,
    last,
    doing,
    others,
    newOthers: others.filter((each) => !scene.isAbove(each, last)),
    fresh,
  };
  for (const rule of rules) {
    const said = rule(asked);
    if (said !== undefined) return said;
  }
  return false;
}
