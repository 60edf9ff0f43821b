import { equals, type Clause } from './clauses.ts';
import { deviceOf, isAtPan, isOffOf, leaveAloneMin, type Device, type Does } from './devices.ts';
import { vesselsIn, type NamedVessel } from './namedVessels.ts';
import { readHeats, readTimes, type ReadHeat, type ReadTime } from './timesAndHeats.ts';
import { blank } from './wording.ts';

/** What a clause says is done, apart from what it is done to. Spans are in the clause. */
export interface Doing {
  readonly clause: Clause;
  readonly paragraph: number;
  readonly sentence: number;
  readonly does: Does;
  readonly device?: Device | undefined;
  /** It goes by itself. */
  readonly isOff: boolean;
  readonly times: readonly ReadTime[];
  readonly heats: readonly ReadHeat[];
  readonly vessels: readonly NamedVessel[];
}

/** What is going on when a clause is read. */
export interface Around {
  /** Where the food in hand is cooked already. */
  readonly before: Device | undefined;
  readonly isOvenOn: boolean;
  /** It is in a pan on the heat. */
  readonly isOnHob: boolean;
  /** There is nothing but fat in the pan yet. */
  readonly isFrying: boolean;
  /** It was poured off, and has no water about it. */
  readonly isDrained: boolean;
  /** Nothing that runs is with the food in the pan. */
  readonly isDry: boolean;
  /** It lies in what goes into the oven, and was not in there yet. */
  readonly isInTin: boolean;
  /** It lies in what goes into the oven, and that was just set to a heat. */
  readonly isOvenTurned: boolean;
}

/** "Fry them, keeping the first ones hot in a low oven": that oven is not what they are fried in. */
const withoutKeeping = (text: string): string => text.replace(/,\s*keeping [^.;,]*\b(?:warm|hot)\b[^.;,]*/gi, blank);
/** The words of a clause without its signs and asides: "until the oven is hot" tells of no oven. */
const bareOf = (text: string): string =>
  withoutKeeping(text)
    .replace(/\b(?:until|till?|while|before)\s+[^.;,]+/gi, blank)
    .replace(/\boven-?(?:proof|safe)\b/gi, blank);
/** Of two ways to do it the first is taken: "either on the hob for an hour or in the oven for two". */
const firstWay = (text: string): string =>
  text.replace(
    /(?<=\beither\b.{0,120})\bor\b.*$|\bor (?:in|on) (?:the|a) (?:oven|hob|microwave|slow cooker|grill)\b.*$/i,
    blank,
  );

const minutesOf = (times: readonly ReadTime[]): number =>
  times.filter(({ use }) => use === 'step').reduce((sum, { likely }) => sum + likely, 0);

/** A verb that moves or puts food, where its time or its place says that it waits: "stand for 10 minutes". */
const waits = new Set(['stand', 'sit', 'set', 'settle', 'put', 'leave']);
export const thaws = /\b(?:freezer|frozen|thaw|defrost)/i;
export const outOfCold =
  /\bout (?:of )?(?:the )?(?:fridge|freezer)\b|\b(?:bring|get|come|comes)\b[^.;,]{0,40}?\b(?:up )?to room temp(?:erature)?\b|\b(?:take|get)\b[^.;,]{0,30}\bfrozen\b[^.;,]{0,40}\bout\b|\btake (?:it |them )?out\b[^.;]*\b(?:min|hour|hr)[^.;]*\bbefore (?:serving|you|eating)\b/i;

export const liquids =
  /\b(?:water|stock|broth|wine|beer|ale|cider|milk|cream|tomato(?:es)?|passata|juice|sauce|liquid|soup|coconut)\b/i;

/** A clause in its words, and what its verb was taken for so far. */
interface Told {
  readonly does: Does;
  readonly verb: string;
  readonly text: string;
  readonly bare: string;
  readonly verbAt: number;
  readonly minutes: number;
  /** How hot an oven is to be stands there. */
  readonly isHeatSaid: boolean;
  readonly around: Around;
}

/** What a verb means here, where that is not what it usually means. In order; each sees what those before it made of it. */
const meanings: readonly { readonly means: Does; readonly where: (told: Told) => boolean }[] = [
  {
    means: 'wait',
    where: ({ does, text, verbAt }) => does === 'move' && /\b(?:let|leave|allow)\b/i.test(text.slice(0, verbAt)),
  },
  {
    means: 'wait',
    where: ({ does, verb, bare, verbAt, minutes }) =>
      does === 'move' &&
      waits.has(verb) &&
      minutes > 0 &&
      !/\b(?:the|on top|over|on)\b/i.test(bare.slice(verbAt, verbAt + 24)),
  },
  {
    means: 'end',
    where: ({ does, bare, minutes }) =>
      does === 'wait' &&
      minutes === 0 &&
      /\b(?:under (?:the |a )?(?:cold |running )*(?:tap|water)|in(?:to)? (?:iced|ice|cold) water)\b/i.test(bare),
  },
  {
    means: 'end',
    where: ({ does, bare, minutes }) =>
      does === 'move' &&
      minutes === 0 &&
      /^\W*(?:then )?\p{L}+ (?:it |them )?(?:on ?)?to (?:an? )?(?:plate|board|rack|wire rack|(?:kitchen |absorbent )?paper)\b/iu.test(
        bare,
      ),
  },
  { means: 'mix', where: ({ does, text }) => does === 'none' && equals.test(text) },
  // "Salt the courgettes, 15 minutes."
  { means: 'wait', where: ({ verb, minutes }) => verb === 'salt' && minutes > 0 },
  { means: 'cook', where: ({ verb, minutes }) => verb === 'give' && minutes > 0 },
  {
    means: 'fry',
    where: ({ does, bare, minutes, around }) => does === 'cook' && around.isFrying && isAtPan(bare, minutes),
  },

  { means: 'serve', where: ({ does, bare }) => does !== 'cut' && /\bat the table\b/i.test(bare) },
  {
    means: 'move',
    where: ({ does, verb, bare }) =>
      does === 'end' && verb === 'lift' && /\binto (?:the\b|an?\b[^.;]*\b(?:tin|dish|tray|pan|bowl)\b)/i.test(bare),
  },
  {
    means: 'end',
    where: ({ does, verb, bare }) =>
      does === 'cut' && verb === 'scoop' && /\b(?:it|them) out\b|\bout\b[^.;]*\bwater\b/i.test(bare),
  },
  {
    means: 'wait',
    where: ({ does, bare, minutes }) =>
      does === 'none' &&
      minutes > 0 &&
      (/\bcold (?:salted )?water\b/i.test(bare) ||
        /\bboiling water (?:to cover|over)\b|\bbowl\b[^.;]*\bboiling water\b/i.test(bare)),
  },
  // "Spread on a plate to cool", "tip on to a tray to cool".
  {
    means: 'wait',
    where: ({ does, bare }) =>
      (does === 'move' || does === 'end') && /\bto (?:cool|dry|set|drain)(?: down| off| completely)?\W*$/i.test(bare),
  },
  // "On to two floured trays."
  {
    means: 'move',
    where: ({ does, bare, minutes }) =>
      does === 'none' &&
      minutes === 0 &&
      /^\W*(?:on ?to|into) (?:an? |the |\d |two |three )?[\p{L} -]{0,20}\b(?:trays?|sheets?|tins?|dish|dishes)\W*$/iu.test(
        bare,
      ),
  },
  // "Pour the cream on to the yolks, then back into the pan."
  {
    means: 'move',
    where: ({ does, bare, minutes }) =>
      does === 'none' &&
      minutes === 0 &&
      /^\W*(?:then )?(?:all |it all )?back (?:in|into|to|in to|on|onto) the (?:\p{L}+ )?(?:pan|saucepan|pot|bowl|tin|dish|casserole)\W*$/iu.test(
        bare,
      ),
  },
  // "Let it cool and set a little."
  {
    means: 'wait',
    where: ({ verb, bare }) =>
      verb === 'set' && /\bset(?: a (?:little|bit)| slightly| completely| firm)?\W*$/i.test(bare),
  },
  { means: 'end', where: ({ verb, bare }) => verb === '' && /^\W*out\W*$/i.test(bare) },
  {
    means: 'simmer',
    where: ({ does, bare, minutes }) =>
      does === 'none' &&
      minutes > 0 &&
      /\b(?:salted|boiling|hot) (?:salted )?water\b/i.test(bare) &&
      !/\b(?:to cover|bowl|jug|poured?|over|soak)\b/i.test(bare),
  },
  // "Drain them and let them steam for five minutes": off the heat.
  { means: 'wait', where: ({ verb, around }) => verb === 'steam' && around.isDrained },
  // "Reduce the heat to medium."
  {
    means: 'end',
    where: ({ verb, bare, minutes }) => verb === 'reduce' && minutes === 0 && /\breduce (?:the )?heat\b/i.test(bare),
  },
  { means: 'wait', where: ({ bare }) => outOfCold.test(bare) },
  {
    means: 'heat',
    where: ({ verb, bare }) => verb === 'get' && /\b(?:hot|foaming|sizzling|smoking|shimmering)\b/i.test(bare),
  },
  // "Butter in the pan till foaming."
  {
    means: 'heat',
    where: ({ does, bare, text, minutes }) =>
      does === 'none' &&
      minutes === 0 &&
      /\b(?:pan|skillet|wok)\b/i.test(bare) &&
      /\b(?:foam|smok|sizzl|shimmer|very hot|hot\b)/i.test(text),
  },
  // "Cover the pie with the pastry": what it is covered with is food.
  {
    means: 'move',
    where: ({ verb, bare }) =>
      verb === 'cover' &&
      /\bwith (?:the |a |an |your )?(?:[\p{L}-]+ ){0,2}(?:pastry|dough|crust|mash|crumbs?|crumble|topping|icing|marzipan|sauce|cheese|potatoe?s?|meringue)\b/iu.test(
        bare,
      ),
  },
  // "Onion in butter 8 min."
  {
    means: 'fry',
    where: ({ does, bare, minutes }) =>
      does === 'none' &&
      minutes > 0 &&
      /\bin (?:the |a little |hot |some )?(?:rest of the )?(?:butter|oil|fat|ghee)\b/i.test(bare),
  },
  // "Onions go in the same pan for ten minutes."
  {
    means: 'cook',
    where: ({ verb, bare, minutes }) =>
      verb === 'go' &&
      minutes > 0 &&
      /\bin(?:to)? (?:the|that|a) (?:same )?(?:\p{L}+ )?(?:pan|pot|casserole|skillet|wok)\b/iu.test(bare),
  },
  // "They go in the big pot, low heat, lid on, fifteen minutes."
  {
    means: 'cook',
    where: ({ does, bare, minutes }) =>
      (does === 'mix' || does === 'none') &&
      minutes > 0 &&
      /,\s*(?:very )?(?:low|medium|high|gentle) heat\b/i.test(bare),
  },
  // "I get the rice on, lid on, twelve minutes."
  {
    means: 'cook',
    where: ({ does, bare, minutes }) =>
      ['end', 'none', 'mix', 'move'].includes(does) && minutes > 0 && /\blid on\b/i.test(bare),
  },
  // "Spoonfuls into hot oil."
  {
    means: 'fry',
    where: ({ does, bare, around }) =>
      !around.isOvenOn &&
      (does === 'none' || does === 'move' || does === 'work') &&
      /\bin(?:to)? (?:the |some )?(?:hot|smoking|sizzling) (?:oil|fat|butter|ghee)\b/i.test(bare),
  },
  // "Flatten, 3 min a side": what lies in the pan is fried.
  {
    means: 'fry',
    where: ({ does, bare, minutes, around }) =>
      around.isOnHob &&
      minutes > 0 &&
      (does === 'work' || does === 'cut') &&
      /\b(?:a|per|each|either|both) sides?\b|\/ ?side\b/i.test(bare),
  },
  // "Push in a piece of butter."
  { means: 'move', where: ({ verb, bare }) => verb === 'push' && /\bpush in(?:to)?\b/i.test(bare) },
  // "Bring to a dough" is no heating.
  {
    means: 'work',
    where: ({ does, verb, bare }) =>
      does === 'heat' &&
      verb.startsWith('bring') &&
      /\b(?:to|into) an? (?:\p{L}+ ){0,2}(?:dough|paste|ball|batter)\b/iu.test(bare),
  },
  // "Dissolve the sugar in a small pan": on the heat.
  { means: 'heat', where: ({ verb, bare }) => verb === 'dissolve' && /\b(?:pan|saucepan|heat)\b/i.test(bare) },
  // "Press the tofu under something heavy for 20 minutes": by itself.
  { means: 'wait', where: ({ verb, minutes }) => verb === 'press' && minutes >= leaveAloneMin },
  {
    means: 'wait',
    where: ({ verb, bare, minutes, around }) =>
      verb === 'cover' && minutes > 0 && (!around.isOnHob || /\b(?:towel|plate|foil|cling ?film|cloth)\b/i.test(bare)),
  },
  // "Keep warm in the oven": it stays there by itself.
  {
    means: 'wait',
    where: ({ verb, bare, isHeatSaid }) =>
      verb === 'keep' && /\bwarm\b/i.test(bare) && (isHeatSaid || /\boven\b/i.test(bare)),
  },
  // "Press cling film on to the surface."
  { means: 'end', where: ({ verb, bare }) => verb === 'press' && /\b(?:cling ?film|wrap|paper)\b/i.test(bare) },
  // "To serve, run a knife round and turn out": done when it is wanted, and not before.
  {
    means: 'move',
    where: ({ does, text, verb }) =>
      does === 'end' &&
      /^(?:to serve|just before serving|before serving|when ready to serve)\b/i.test(text) &&
      verb !== 'drain',
  },
  // "Put the lid on, and it's about five minutes": it cooks where it is.
  {
    means: 'cook',
    where: ({ does, verb, bare, minutes, around }) =>
      around.isOnHob &&
      minutes > 0 &&
      !/\boff the heat\b|\b(?:rest|stand|cool)\b/i.test(bare) &&
      (['end', 'move', 'none'].includes(does) || verb === 'go'),
  },
  // "Onion and peppers in the same pot, 10 minutes": what was browned there left its fat.
  {
    means: 'fry',
    where: ({ does, verb, bare, minutes, around }) =>
      does === 'cook' &&
      (verb === '' || verb === 'cook') &&
      around.isDry &&
      isAtPan(bare, minutes) &&
      !liquids.test(bare),
  },
  { means: 'end', where: ({ does, verb, minutes }) => does === 'wait' && verb === 'let' && minutes === 0 },
  { means: 'microwave', where: ({ does, text }) => does === 'fry' && /\bmicrowave\b/i.test(text) },
];

/** Minutes at a heat, or a heat for minutes, that no hob is set to. */
const minutesAtHeat =
  /\b(?:min(?:ute)?s?|hours?|hrs?|h)\b(?: \d{1,2})?,?(?: at| in)?(?: an?| the)?(?: \p{L}+ oven)?(?: at)? ?(?:\d{2,3}\b|gas)|(?:\b\d{3} ?°? ?[CF]?\b(?: fan)?|\bgas(?: mark)? ?\d),?(?: for)?(?: about)? ?\d+ ?(?:min|h)/iu;
const inHotFat = /\b(?:oil|fat|(?:deep[- ]?)?fr(?:y|ied|ying|yer)|syrup|caramel|sugar|thermometer)\b/iu;
const bakedInPassing = new Set<Does>(['none', 'work', 'cut', 'move', 'mix', 'end', 'dress']);

/** "25 min at 175 °C", "flatten, 12 min at 180": baked, though no verb says so. */
const isBakedByHeat = ({ does, verb, bare, minutes, isHeatSaid }: Told): boolean =>
  isHeatSaid &&
  minutes > 0 &&
  (verb === '' || (bakedInPassing.has(does) && minutesAtHeat.test(bare))) &&
  !inHotFat.test(bare);

/** "Turn the oven down to 150. Leave it alone for 4 hours." */
const leftThere =
  /\bleave (?:it|them|that|everything|the \p{L}+)(?: alone| be| in there| undisturbed| to (?:cook|roast|bake|it))*,? for\b/iu;

/** "Lamb in the tin, give it 30 minutes"; and after the oven was set, "leave it alone". */
const staysIn = ({ verb, bare, minutes, around }: Pick<Told, 'verb' | 'bare' | 'minutes' | 'around'>): boolean =>
  ((verb === 'cook' || verb === 'give') && around.isInTin) ||
  (around.isOvenTurned && minutes >= leaveAloneMin && leftThere.test(bare));

/** "They go in for forty minutes", "back in for fifty", "30 min": into the oven that is on. */
const goesIn = ({ verb, bare, minutes, around, isHeatSaid }: Told): boolean =>
  !around.isOnHob &&
  (around.isOvenOn || isHeatSaid) &&
  minutes > 0 &&
  (verb === 'go' ||
    /^(?:and )?(?:then )?(?:pop|put|slide|stick|shove|whack|return|bung) (?:it |them |everything )?back in\b/i.test(
      bare.trim(),
    ) ||
    staysIn({ verb, bare, minutes, around }) ||
    (verb === '' && isHeatSaid && /\b(?:tray|tin|oven|dish|sheet)\b/i.test(bare)) ||
    (isHeatSaid && around.before === 'oven' && /\b(?:down|up)\b/i.test(bare)) ||
    (verb === '' &&
      (/\b(?:back )?in for\b|^\W*(?:back )?in (?:it|they) go(?:es)?\b|\b(?:back )?in the oven\b/i.test(bare) ||
        (around.isInTin && minutes >= leaveAloneMin))));

const bareCount = '(?:\\d{1,2}|five|ten|twelve|fifteen|twenty|twenty-five|thirty|forty|forty-five)';
const bareMinutes = new RegExp(
  String.raw`\b(?:(?:for )?(?:another|a further) ${bareCount}|give (?:it|them) ${bareCount}(?= more)|(?<=\b(?:simmer|cook|bubble|roast|bake|boil|fry|go|steam|rest|sit)\w* )for (?:about )?${bareCount}|(?<=\b(?:stand|rest|cool|prove|chill|sit) )\d{1,2})(?=\s*(?:[.,;]|$|till\b|until\b|or so\b|more\b|and\b|off the heat\b))`,
  'i',
);
/** "Turn it down to 150 for another 30", "give it 5 more", "let that simmer for ten": minutes, of what is cooking. */
const withUnit = (text: string, { before, isOnHob }: Around): string =>
  before === undefined && !isOnHob ? text : text.replace(bareMinutes, (words) => `${words} minutes`);

const bakedBy = new Set<Does>(['move', 'mix', 'none', 'end', 'cook', 'fry', 'work', 'cut', 'dress']);

/** The times a clause says, each with what it is meant for. */
function timesOf(clause: Clause, text: string, isWait: boolean, around: Around): readonly ReadTime[] {
  // "After it has been in for 30 minutes, toss the carrots": what leads there is no time of the tossing.
  const said = readTimes(withUnit(text, around)).filter(
    ({ start, use }) => use !== 'step' || start >= clause.lead.length,
  );
  // "Pop them in the oven for the last 5 minutes": they are in there as long.
  const isPoppedIn = said.length === 1 && clause.verb?.does === 'move' && /\bin(?:to)? the oven\b/i.test(bareOf(text));
  // "Rest for 15 minutes before slicing": the wait itself is told.
  const isTold = ({ use, end }: ReadTime) =>
    (use === 'moment' && isPoppedIn) || (isWait && use !== 'rhythm' && /^\s*before\b/i.test(text.slice(end)));
  return said.map((time) => (isTold(time) ? { ...time, use: 'step' as const } : time));
}

/** Reads what a clause does: how, where, how long, in what. */
export function doingOf(clause: Clause, paragraph: number, sentence: number, around: Around): Doing {
  const verb = clause.verb?.verb ?? '';
  const text = firstWay(clause.text);
  const bare = bareOf(text);
  const isWait =
    outOfCold.test(bare) ||
    ['wait', 'chill', 'freeze'].includes(clause.verb?.does ?? '') ||
    waits.has(verb) ||
    /\b(?:to|into|in) the fridge\b/i.test(bare);
  const times = timesOf(clause, text, isWait, around);
  const minutes = minutesOf(times);
  const heats = readHeats(withoutKeeping(text));
  let told: Told = {
    does: clause.verb?.does ?? 'none',
    verb,
    text,
    bare,
    verbAt: clause.verbAt,
    minutes,
    isHeatSaid: heats.some(({ core, celsius }) => !core && celsius >= 100),
    around,
  };
  for (const { means, where } of meanings) if (where(told)) told = { ...told, does: means };
  const isKeptWarm = told.does === 'wait' && verb === 'keep' && told.isHeatSaid;
  const device =
    goesIn(told) || isBakedByHeat(told) || isKeptWarm ? 'oven' : deviceOf(told.does, bare, minutes, around.before);
  const does = device === 'oven' && minutes > 0 && bakedBy.has(told.does) ? 'bake' : told.does;
  return {
    clause,
    paragraph,
    sentence,
    does,
    device,
    isOff: isOffOf(does, device, text, minutes),
    times,
    heats,
    vessels: vesselsIn(bare),
  };
}
