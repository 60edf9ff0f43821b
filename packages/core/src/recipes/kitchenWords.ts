import type { Doing } from './doings.ts';
import type { Mention } from './mentions.ts';
import { fats, pronoun } from './names.ts';
import { verbOf, type Scene } from './scene.ts';
import { ovenSetBy } from './timesAndHeats.ts';

/** "Put a baking tray in the oven", "heat a dry skillet": of kit alone. */
const kitOnly =
  /^(?:\W*(?:then|and)\s+)?\p{L}+\s+(?:an?|the|your|two|\d)\s+(?:(?!in|into|on|onto|to|from|juices|fat)[\p{L}-]+\s+){0,3}(?:baking (?:tray|sheet)|tray|tin|skillet|griddle(?: pan)?|frying pan|pan|wok|rack|plates?)\b(?!\s+(?:with|of))/iu;
const alsoFood = /\b(?:bake|roast|turn|shake|swap|lift|remove)\b/i;
const setsOvenBy = new Set<Doing['does']>(['none', 'heat', 'end', 'mix', 'simmer', 'cook']);
/** "Line with half the filo sheets": that is food, and work. */
const isLined = /^\W*(?:then |and )?line\b/i;
const setsBy =
  /\b(?:lower|turn|raise|reduce|drop|increase|bring)\s+(?:down |up )?(?:the )?(?:oven|heat|temperature)\b/i;
const movesKit = new Set<Doing['does']>(['move', 'heat', 'end']);

function setsOven(scene: Scene, { does, clause, heats, times }: Doing, mentions: readonly Mention[]): boolean {
  if (does === 'oven') return true;
  const oven = heats.find(({ core }) => !core);
  if (!oven) return false;
  // "Lower the oven to 160 °C."
  const isSet = setsOvenBy.has(does) || setsBy.test(clause.text);
  const isNamed = /\boven\b/i.test(clause.text) && isSet;
  if (isNamed && times.length === 0 && !mentions.some(({ isFresh }) => isFresh)) return true;
  // "Put a tray in the oven and heat it to 250 °C."
  const isTray = does === 'heat' && oven.celsius > 100 && mentions.length === 0 && scene.kitWords.length > 0;
  return isTray && /\bit\b|\btrays?\b|\btin\b/i.test(clause.text);
}

/** "Butter six ramekins." */
const greased =
  /^\W*(?:then |and )?(?:lightly |generously )?(?:butter|grease|oil|line|flour)(?: and (?:line|flour|sugar))? (?:an?|the|your|\d+|two|three|four|six|eight|ten|twelve|some) (?:[\p{L}\d-]+ ){0,3}?(?:ramekins?|dish(?:es)?|tins?|moulds?|molds?|cups?|basins?|trays?|sheets?)\b/iu;

const door = /^\W*(?:then |and )?(?:crack|open|prop|shut|close) (?:open )?(?:the )?(?:oven )?door\b/i;

/** Whether a tin is lined with food: "line with half the filo sheets", "roll out and line a tin". */
function isLinedWithFood({ current }: Scene, { clause }: Doing, mentions: readonly Mention[]): boolean {
  if (!isLined.test(clause.text)) return false;
  const isRolled = current?.last.doings.at(-1)?.clause.verb?.verb.startsWith('roll') === true;
  return mentions.length === 0 ? isRolled : mentions.some(({ isFresh }) => isFresh);
}

/** Where there is no food yet: "stand them on a baking sheet" is of the ramekins. */
const isBeforeFood = ({ kitWords }: Scene, { does, clause }: Doing): boolean =>
  does === 'end' || (does === 'move' && kitWords.length > 0 && pronoun.test(clause.text));

function isOfKit(scene: Scene, doing: Doing, mentions: readonly Mention[]): boolean {
  const { does, clause, vessels } = doing;
  const { text } = clause;
  if (isLinedWithFood(scene, doing, mentions)) return false;
  if (does === 'kit' || door.test(text) || greased.test(text)) return true;
  if (mentions.length === 0) {
    if (scene.current === undefined && isBeforeFood(scene, doing)) return true;
    if (movesKit.has(does) && kitOnly.test(text) && !alsoFood.test(text)) return true;
    if (does === 'heat' && /\bwater\b/i.test(text) && !pronoun.test(text)) return true;
  }
  const isGrease = mentions.every(({ line }) => fats.test(scene.food(line)) || /flour/.test(scene.food(line)));
  return does === 'end' && isGrease && vessels.length > 0 && /^(?:butter|oil|flour|grease)\b/i.test(verbOf(doing));
}

/** Whether a clause is of the kitchen and not of food: the oven is set, a tin is lined, water is put on. The words go to what they are done for. */
export function isOfKitchen(scene: Scene, doing: Doing, mentions: readonly Mention[]): boolean {
  const { text } = doing.clause;
  if (setsOven(scene, doing, mentions)) {
    scene.ovenC = ovenSetBy(doing.clause.text, doing.heats, scene.ovenC) ?? scene.ovenC;
    scene.ovenWords.push(text);
    return true;
  }
  if (!isOfKit(scene, doing, mentions)) return false;
  if (/\b(?:butter|grease|oil|line|flour|dust)\b/i.test(text)) scene.cupboard.prepare(doing.vessels);
  scene.kitWords.push(text);
  return true;
}
