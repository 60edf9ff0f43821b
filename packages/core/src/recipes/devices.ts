import { stepWords, type VerbClass } from '../reference/index.ts';
import { blank, word } from './wording.ts';

export type Device =
  'hob' | 'oven' | 'grill' | 'fridge' | 'freezer' | 'blender' | 'mixer' | 'microwave' | 'slow-cooker' | 'toaster';

/** What a clause does: the class of its verb, or `none` where no verb is said. */
export type Does = VerbClass | 'none';

/** A Dutch oven is a pot. */
const withoutPots = (text: string): string => text.replace(/\bdutch oven\b/gi, blank);

const inOven = /\b(?:in(?:to)?|to|on)\s+(?:the|a|an|your|that)\s+(?:[\p{L}-]+\s+){0,2}oven\b|\boven,/iu;
const underGrill = /\bunder (?:(?:the|a|your) )?(?:(?:hot|preheated|[\p{L}-]+) )?(?:grill|broiler)\b/iu;
const inFridge = /\b(?:fridge|refrigerator|refrigerate)\b|\bin a (?:cool|cold) place\b/i;
const inFreezer = /\bfreezer\b/i;
const machineWords = /\b(?:food processor|processor|blender|liquidi[sz]er)\b/i;
const mixerWords =
  /\b(?:stand mixer|in (?:a|the|your) mixer|of (?:a|the|your) mixer|dough hook|the hook|the paddle)\b/i;
const busy = word(stepWords.busy.join('|'));
const frying =
  /\b(?:griddle|frying pan|skillet|wok|oil|butter|fat|golden|brown(?:ed)?|soft(?:ened)?|crisp|sizzl\w*|stirring (?:often|all|constantly))\b/i;
const byItself = /\b(?:cover(?:ed)?|lid|simmer\w*|boil\w*|water|stock|liquid|low(?:est)? heat|the lowest|absorbed)\b/i;

/** Minutes from which a boil leaves time to do anything else in. */
export const leaveAloneMin = 8;
const microwavedMin = 2;
/** A wait that is shorter is spent standing by. */
export const standByMin = 4;
/** Longer than this nobody stands at a frying pan. */
const longestAtPanMin = 20;

const overHeat =
  /\bover (?:a |the )?(?:very )?(?:low|medium|high|gentle|moderate|fierce)(?: heat)?\b|\bon the (?:hob|stove)\b|\bover (?:an? |the )?(?:small |large )?(?:pan|pot|saucepan) of (?:barely |gently |just )?(?:simmering|hot|boiling) water\b|,\s*(?:very )?(?:low|medium|high|gentle) heat\b/i;
const inWater =
  /\bin (?:plenty of |lots of |a (?:large |big )?(?:pan|pot) of )?(?:lightly |well )?(?:salted |boiling |simmering |salted boiling |boiling salted )*water\b/i;
const slowCooker = /\bslow cooker\b|\bon (?:low|high) for\b/i;

interface Said {
  readonly text: string;
  readonly minutes: number;
  /** Where the food in hand is cooked already. */
  readonly before: Device | undefined;
}
const onHob = ({ text }: Said): Device => (inOven.test(text) ? 'oven' : 'hob');

/** Where work of a class is done, by its words. */
const byClass: Partial<Readonly<Record<Does, (said: Said) => Device>>> = {
  bake: () => 'oven',
  grill: ({ text }) => (/\b(?:griddle|grill pan)\b/i.test(text) ? 'hob' : 'grill'),
  chill: ({ text }) => (inFreezer.test(text) ? 'freezer' : 'fridge'),
  freeze: () => 'freezer',
  machine: () => 'blender',
  microwave: () => 'microwave',
  fry: onHob,
  heat: onHob,
  simmer: onHob,
  toast: (said) => (/\btray\b/i.test(said.text) ? 'oven' : onHob(said)),
  cook: ({ text, before }) => {
    if (inOven.test(text)) return 'oven';
    if (slowCooker.test(text) || before === 'slow-cooker') return 'slow-cooker';
    return before === 'oven' && !inWater.test(text) ? 'oven' : 'hob';
  },
};

/** Where work is done that may be done anywhere: where its words put it. In order. */
const byPlace: readonly (readonly [Device, (said: Said, does: Does) => boolean])[] = [
  ['hob', ({ text }) => overHeat.test(text)],
  [
    'fridge',
    ({ text }) => inFridge.test(text) && !/\b(?:out|out of|from) (?:the )?(?:fridge|refrigerator)\b/i.test(text),
  ],
  ['freezer', ({ text }) => inFreezer.test(text) && !/\b(?:out of|from) the freezer\b/i.test(text)],
  [
    'oven',
    ({ text, minutes }, does) =>
      inOven.test(text) && (minutes > 0 || does === 'wait' || /\b(?:back|return)\b/i.test(text)),
  ],
  [
    'hob',
    ({ text, minutes }, does) => does === 'none' && minutes > 0 && /\b(?:pan|skillet|wok|hob|griddle)\b/i.test(text),
  ],
  ['oven', ({ text, before }, does) => does === 'wait' && before === 'oven' && /\b(?:oven|inside)\b/i.test(text)],
  // "Dripping and sausages in the roasting tin, 15 min": nothing stands in it for minutes but in the oven.
  [
    'oven',
    ({ text, minutes }, does) =>
      does === 'none' && minutes > 0 && /\b(?:roasting (?:tin|tray|pan)|baking (?:tray|sheet))\b/i.test(text),
  ],
  ['blender', ({ text }) => machineWords.test(text)],
  ['mixer', ({ text }) => mixerWords.test(text)],
];

/** Where something is done; undefined: by hand, on the side. */
export function deviceOf(does: Does, words: string, minutes: number, before: Device | undefined): Device | undefined {
  const said: Said = { text: withoutPots(words), minutes, before };
  if (/\bmicrowave\b/i.test(said.text)) return 'microwave';
  if (/\btoaster\b/i.test(said.text)) return 'toaster';
  if (underGrill.test(said.text)) return 'grill';
  return byClass[does]?.(said) ?? byPlace.find(([, holds]) => holds(said, does))?.[0];
}

/** Whether frying fat or a browning is spoken of, and nothing that makes it go by itself. */
export const isAtPan = (text: string, minutes: number): boolean => minutes <= longestAtPanMin && !byItself.test(text);

function isOffOnHob(does: Does, text: string, minutes: number): boolean {
  if (does === 'simmer')
    return minutes >= leaveAloneMin || (minutes === 0 && !/\b(?:blanch|parboil|boil|bubbles?)\b/i.test(text));
  if (does === 'fry') return minutes > longestAtPanMin;
  if (does !== 'cook') return false;
  if (minutes === 0) return /\b(?:pack|packe?t|package|directions|instructions)\b/i.test(text);
  return minutes >= leaveAloneMin && (!frying.test(text) || !isAtPan(text, minutes));
}

const alwaysOff = new Set<Device | undefined>(['oven', 'fridge', 'freezer', 'slow-cooker']);

/** Whether work goes by itself. */
export function isOffOf(does: Does, device: Device | undefined, text: string, minutes: number): boolean {
  if (busy.test(text)) return false;
  if (alwaysOff.has(device)) return true;
  // A microwave stops by itself: nobody stands at it for what takes longer than to soften butter.
  if (device === 'microwave') return minutes >= microwavedMin;
  if (device === 'hob') return isOffOnHob(does, text, minutes);
  return device === undefined && does === 'wait';
}
