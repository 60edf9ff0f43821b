import { equals } from './clauses.ts';
import { outOfCold, type Doing } from './doings.ts';
import type { Mention } from './mentions.ts';
import { adding, fats, gathering, intoIt, objectless, pronoun, signless, withIt } from './names.ts';
import type { Stream } from './operation.ts';
import { isInNewPiece, isOneBreath, verbOf, type Scene } from './scene.ts';

/** A clause, what it names, and the food that was last in hand. */
interface Asked {
  readonly scene: Scene;
  readonly current: Stream;
  readonly doing: Doing;
  readonly mentions: readonly Mention[];
  readonly fresh: readonly Mention[];
  readonly named: ReadonlySet<Stream>;
  /** Its words without its lead and its signs. */
  readonly words: string;
}

/** True: it goes on with what is in hand; false: it does not; undefined: this says nothing of it. */
type Rule = (asked: Asked) => boolean | undefined;
const yes = (holds: boolean) => (holds ? true : undefined);
const no = (holds: boolean) => (holds ? false : undefined);

const onHobHands = new Set(['fry', 'cook', 'simmer', 'heat']);
const beginsAfresh = new Set(['cut', 'toast', 'fry', 'simmer', 'heat', 'machine']);
const inhand =
  /\b(?:(?:on|over) (?:the )?top(?= and\b)|(?:on|over) (?:the )?top|over(?: it| them)?|to (?:it|them)|in with|with (?:it|them))\b\s*(?:[.,]|$)/i;
const sameTo = new Set(['work', 'grill', 'fry', 'bake', 'simmer', 'cook', 'toast']);
const particles = new Set(['in', 'over', 'on', 'through']);

/** The lines stand under another heading than the food in hand. */
function isOtherPart({ scene, current, fresh }: Asked): boolean {
  const headings = (ids: Iterable<Mention['line']>) => new Set([...ids].flatMap((id) => scene.headingOf(id) ?? []));
  const [mine, theirs] = [headings(current.lines), headings(fresh.map(({ line }) => line))];
  return mine.size > 0 && theirs.size > 0 && ![...theirs].some((each) => mine.has(each)) && scene.topic !== undefined;
}

/** "Shake the dressing in a jar. Avocado last.": what stands under no heading is no part of what is all under one. */
function isBare({ scene, current, fresh, doing }: Asked): boolean {
  const isHeaded = (id: Mention['line']) => scene.headingOf(id) !== undefined;
  return (
    doing.clause.isFirst &&
    fresh.length > 0 &&
    current.lines.size > 1 &&
    [...current.lines].every(isHeaded) &&
    !fresh.some(({ line }) => isHeaded(line))
  );
}

const isAdding = ({ doing, words }: Asked): boolean =>
  doing.does === 'dress' ||
  /\b(?:on|over)(?: in (?:spoonfuls|dollops|blobs))?\W*$/i.test(words.replace(/\b(?:lid|heat|oven|hob) on\b/gi, ' ')) ||
  particles.has(doing.clause.particle ?? '') ||
  adding.has(verbOf(doing)) ||
  // "Shred the cabbage, squeeze lemon over": what is cut is not put over anything.
  inhand.test(doing.does === 'cut' ? words.split(',')[0]! : words) ||
  /\b(?:back in|underneath|inside)\W*$/i.test(words);

/** In order: the first that says something decides. */
const rules: readonly Rule[] = [
  // "When the soup is done, blend it": "it" is what was waited for.
  ({ scene, current, doing, words }) => {
    const waited = scene.waitedFor(doing.clause.lead);
    return waited && pronoun.test(words) ? waited === current : undefined;
  },
  // "In a clean bowl whisk the whites."
  ({ doing, words }) =>
    no(
      doing.vessels.some(({ isNew, own }) => isNew && /clean|separate|another|second/.test(own)) &&
        ['mix', 'machine'].includes(doing.does) &&
        !pronoun.test(words),
    ),
  // "Yogurt + garlic + lemon juice = sauce".
  ({ doing: { clause }, fresh }) => no(fresh.length > 1 && equals.test(clause.text)),
  ({ named, current }) => yes(named.has(current)),
  // "For the rice, rinse it": it is what was just named.
  ({ fresh, doing: { clause } }) =>
    no(/^for\b/i.test(clause.lead) && fresh.length > 0 && fresh.every(({ end }) => end <= clause.lead.length)),
  // "Steaks out of the fridge 30 minutes before."
  ({ doing, fresh }) =>
    no(fresh.length > 0 && ['wait', 'work'].includes(doing.does) && outOfCold.test(doing.clause.text)),
  // "Wok very hot, oil, eggs in": a new pan, while what was before goes by itself.
  ({ doing, current, mentions }) =>
    no(
      doing.clause.verb === undefined &&
        ['none', 'heat'].includes(doing.does) &&
        doing.clause.isFirst &&
        current.last.isOff &&
        doing.vessels.length > 0 &&
        mentions.length > 0,
    ),
  // "Bacon in big frying pan, medium, 8 min": other food, in another piece.
  ({ doing, current, fresh, named }) =>
    no(
      doing.clause.verb === undefined &&
        doing.clause.isFirst &&
        fresh.length > 0 &&
        !named.has(current) &&
        doing.times.length > 0 &&
        doing.vessels.some(({ kind }) => kind !== current.vessel?.kind) &&
        !/\bin\b\W*(?:\d|$)/i.test(doing.clause.text),
    ),
  // There is nothing but fat in the pan yet.
  ({ scene, doing, current }) =>
    yes(
      doing.device === 'hob' &&
        scene.isFatOnly(current) &&
        !current.last.isOff &&
        !doing.clause.isBeside &&
        !isInNewPiece(doing) &&
        !scene.kitWords.some((each) => /\bwater\b/i.test(each)),
    ),
  // "Stir the chicken into the rest": into what was left, and not into what was set aside.
  ({ named, current, words }) =>
    no(
      !named.has(current) &&
        [...named].some(({ isRest, isAside }) => isRest || isAside) &&
        /\b(?:into|to) the (?:rest|remainder|other half)\b(?! of)/i.test(words) &&
        !pronoun.test(words),
    ),
  // "Shape 20 balls": of what is named by that.
  ({ doing: { clause }, named, current, mentions }) =>
    no(
      /^(?:shape|form|mould|roll)$/.test(clause.verb?.verb ?? '') &&
        mentions.length === 0 &&
        named.size > 0 &&
        !named.has(current),
    ),
  // "Grill 5 min a side, cheddar on for the last minute": what is named after the time is put on what is grilled.
  ({ doing, mentions, named, current }) =>
    yes(
      sameTo.has(doing.does) &&
        doing.clause.verb !== undefined &&
        !current.last.isOff &&
        !named.has(current) &&
        mentions.length > 0 &&
        doing.times.length > 0 &&
        doing.clause.verbAt < doing.times[0]!.start &&
        mentions.every(({ start }) => start > doing.times[0]!.end),
    ),
  // "Soak the skewers": of kit, whatever is in hand.
  ({ doing: { clause }, fresh, named }) =>
    no(/\bsoak\b[^.;]*\bskewers\b/i.test(clause.text) && fresh.length === 0 && named.size === 0),
  // "Thread the halloumi on six skewers, then thread the chicken": the same is done to other food.
  ({ doing, current, named, fresh, words }) =>
    no(
      doing.clause.verb !== undefined &&
        named.size > 0 &&
        fresh.length === 0 &&
        sameTo.has(doing.does) &&
        current.last.doings.some((each) => verbOf(each) === verbOf(doing)) &&
        !pronoun.test(words) &&
        !gathering.test(words),
    ),
  // A row of notes that begins with other food: "edamame 3 min boiling water".
  ({ doing, current, fresh, named }) =>
    no(
      doing.clause.verb === undefined &&
        doing.clause.isFirst &&
        named.size === 0 &&
        fresh.length > 0 &&
        fresh[0]!.start < 14 &&
        current.last.doings.at(-1)?.paragraph !== doing.paragraph &&
        (doing.times.length > 0 || /\bw\/|\s\+\s/i.test(doing.clause.text)) &&
        !/\b(?:in|on|over|added?|into|top|back|through)\b/i.test(doing.clause.text),
    ),
  // "Onions chopped and fried": what it is done to stands before.
  ({ doing: { clause }, fresh, named }) =>
    no(
      clause.isFirst &&
        clause.verb !== undefined &&
        named.size === 0 &&
        fresh.length > 0 &&
        fresh[0]!.end <= clause.verbAt &&
        /ed\b/.test(clause.text.slice(clause.verbAt, clause.verbAt + 14)) &&
        !/\b(?:added|stirred|poured|tipped) in?\b|\bin\b/i.test(clause.text.slice(0, clause.verbAt)),
    ),
  // "Fry spoonfuls in hot oil": what was made ready.
  ({ scene, doing, fresh, named }) =>
    yes(
      doing.does === 'fry' &&
        doing.clause.verb !== undefined &&
        !doing.clause.isBeside &&
        named.size === 0 &&
        fresh.length > 0 &&
        fresh.every(({ line, start }) => fats.test(scene.food(line)) && start > doing.clause.verbAt),
    ),
  // "Warm the remaining syrup": what was kept back of it.
  ({ scene, doing, mentions, named, words }) =>
    no(
      doing.does === 'heat' &&
        named.size === 0 &&
        mentions.length === 1 &&
        mentions[0]!.share === 'rest' &&
        scene.divided.has(mentions[0]!.line) &&
        !scene.isFatOnly({ ...scene.current!, lines: new Set([mentions[0]!.line]) }) &&
        !pronoun.test(words),
    ),
  // "Brush the courgettes with oil": what it is done to is said, and it is new.
  (asked) => no(isObjectNew(asked)),
  ({ scene, doing, named }) =>
    no(verbOf(doing) === 'drain' && named.size > 0 && scene.current !== undefined && scene.isFatOnly(scene.current)),
  // "Scatter the tagine with the almonds": what it is done to is said.
  (asked) => no(isObjectOther(asked)),
  // "Add the onions to the broth": what it goes to is said.
  (asked) => no(asked.fresh.length > 0 && !pronoun.test(asked.words) && isToOther(asked)),
  // "Pour the wine into the tin."
  ({ scene, doing, current, fresh, named }) =>
    yes(
      fresh.length > 0 &&
        named.size === 0 &&
        current.vessel !== undefined &&
        doing.vessels.some((each) => !each.isNew && scene.cupboard.find(each.kind)?.stream === current),
    ),
  // "Heat the rest of the oil in a frying pan."
  ({ doing, fresh, named, mentions, words }) =>
    no(
      doing.device === 'hob' &&
        isInNewPiece(doing) &&
        mentions.length > 0 &&
        named.size === 0 &&
        fresh.length === 0 &&
        !pronoun.test(words),
    ),
  // "Brown the meatballs in a frying pan": they are named, and in a new piece.
  ({ doing, named, words }) =>
    no(doing.device === 'hob' && isInNewPiece(doing) && named.size > 0 && !pronoun.test(words)),
  // "Spread with the mustard", "stir into the sauce", "return to the pan": no object is said.
  ({ doing: { clause }, words }) => {
    const told = clause.text.slice(clause.verbAt);
    return yes(!clause.isBeside && (withIt.test(signless(told)) || objectless.test(told) || intoIt.test(words)));
  },
  ({ doing, mentions, named }) => (doing.clause.isBeside ? mentions.length === 0 && named.size === 0 : undefined),
  // "Whisk the egg whites": they were parted from the yolks, and are elsewhere.
  ({ doing: { clause }, mentions, named, words }) =>
    no(
      named.size === 0 &&
        clause.particle === undefined &&
        !pronoun.test(words) &&
        mentions.some(
          ({ share, start, end }) => share === 'part' && /white|yolk/i.test(clause.text.slice(start, end + 8)),
        ),
    ),
  ({ words }) => yes(pronoun.test(words) && !gathering.test(words)),
  ({ fresh, named }) => yes(fresh.length === 0 && named.size === 0),
  (asked) => (isAdding(asked) ? !isOtherPart(asked) : undefined),
  ({ doing, fresh }) => (fresh.length === 0 ? doing.does === 'mix' && !doing.clause.isFirst : undefined),
  (asked) => no(isOtherPart(asked)),
  // "Slice an onion, cut the cauliflower and grate a carrot": got ready together.
  ({ doing, current }) =>
    yes(
      doing.does === 'cut' &&
        isOneBreath(current.last, doing) &&
        current.last.doings.every(({ does }) => does === 'cut'),
    ),
  ({ scene, doing, current }) =>
    doing.device === 'hob' &&
    current.last.device === 'hob' &&
    !current.last.isOff &&
    !isInNewPiece(doing) &&
    onHobHands.has(doing.does)
      ? scene.isFatOnly(current) || !doing.clause.isFirst || doing.clause.verb === undefined
      : undefined,
  // "Garlic, spices in, 1 min."
  (asked) => (asked.doing.clause.verb === undefined ? !isBare(asked) : undefined),
  ({ doing, current }) =>
    !doing.clause.isFirst &&
    !isInNewPiece(doing) &&
    !beginsAfresh.has(doing.does) &&
    current.last.doings.at(-1)?.paragraph === doing.paragraph,
];

function isToOther({ scene, current, doing, named }: Asked): boolean {
  const target = /\b(?:to|into|over|onto|around) the (?:[\p{L}-]+ )?(?<noun>[\p{L}-]+)/iu.exec(doing.clause.text)
    ?.groups?.['noun'];
  if (target === undefined || named.size === 0 || named.has(current)) return false;
  const stream = scene.called(target.toLowerCase(), `the ${target}`) ?? scene.holdingFood(target);
  return stream !== undefined && stream !== current && named.has(stream);
}

const betweenThings = /\b(?:in|into|through|over|on|with|to)\b/i;

function isObjectNew({ doing, fresh, named, words }: Asked): boolean {
  const { clause, does } = doing;
  // "I slice the carrots and I mix soy sauce with honey": other food.
  const [first] = fresh;
  if (does === 'mix' && first && fresh.length > 1 && named.size === 0 && !pronoun.test(words))
    return (
      clause.particle === undefined &&
      first.start > clause.verbAt &&
      !adding.has(verbOf(doing)) &&
      !betweenThings.test(clause.text.slice(clause.verbAt, first.start)) &&
      /^[^.;]*?\bwith\b/i.test(clause.text.slice(first.end))
    );
  if (!['dress', 'move'].includes(does) || named.size > 0 || !clause.isFirst) return false;
  const told = clause.text.slice(clause.verbAt);
  const object = /^[\p{L}-]+ (?:the |your )?(?:[\p{L}-]+ ){0,2}?(?<noun>[\p{L}-]+) with\b/iu.exec(told)?.groups?.[
    'noun'
  ];
  if (object === undefined) return false;
  const at = clause.verbAt + told.indexOf(`${object} with`);
  return fresh.some(({ start, end }) => start <= at && end >= at + object.length);
}

function isObjectOther({ scene, current, doing: { clause } }: Asked): boolean {
  const noun = /^[\p{L}-]+ (?:[\p{L}]+ly )?the (?:[\p{L}-]+ )?(?<noun>[\p{L}-]+) with\b/iu
    .exec(clause.text.slice(clause.verbAt))
    ?.groups?.['noun']?.toLowerCase();
  if (noun === undefined || pronoun.test(clause.text)) return false;
  const stream = scene.called(noun, `the ${noun}`) ?? scene.holdingFood(noun);
  return stream !== undefined && stream !== current;
}

/** Whether a clause goes on with the food that was last in hand, though it may not say so. */
export function goesOnWith(
  scene: Scene,
  current: Stream,
  doing: Doing,
  mentions: readonly Mention[],
  named: ReadonlySet<Stream>,
): boolean {
  const { clause } = doing;
  const asked: Asked = {
    scene,
    current,
    doing,
    mentions,
    fresh: mentions.filter(({ isFresh }) => isFresh),
    named,
    words: signless(clause.text.slice(clause.lead.length)),
  };
  for (const rule of rules) {
    const said = rule(asked);
    if (said !== undefined) return said;
  }
  return false;
}
