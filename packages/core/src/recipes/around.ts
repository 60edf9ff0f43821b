import type { Device } from './devices.ts';
import { liquids, type Around } from './doings.ts';
import { fats, hobVessels, more, ovenVessels } from './names.ts';
import type { Operation, Stream } from './operation.ts';
import type { Scene } from './scene.ts';

/** Whether food is in a piece for the hob. A tin is for the oven, unless it was put on the hob. */
const isInHobPiece = ({ vessel, last }: Stream): boolean =>
  vessel !== undefined && hobVessels.has(vessel.kind) && (vessel.kind !== 'roasting-tin' || last.device === 'hob');

const turnedOff = /\b(?:turn|switch)(?:ed)? (?:off (?:the )?(?:oven|heat)|(?:the )?(?:oven|it) off)\b/i;
const isTurnedOff = ({ device, doings, notes }: Operation): boolean =>
  device === 'oven' && [...doings.map(({ clause }) => clause), ...notes].some(({ text }) => turnedOff.test(text));

/** What is going on when a clause is read. */
export function aroundOf(scene: Scene, text: string): Around {
  const { current, ovenC, kitWords } = scene;
  const before = deviceOfCurrent(scene, text);
  const isOvenOn = ovenC !== undefined;
  const isPanSaid = kitWords.some((words) => /\b(?:griddle|frying|skillet|wok)\b/i.test(words));
  if (!current)
    return {
      before,
      isOvenOn,
      isFrying: isPanSaid,
      isDrained: false,
      isDry: false,
      isOnHob: false,
      isInTin: false,
      isOvenTurned: false,
    };
  const { last, vessel, isGone, isDrained, cookedOn } = current;
  const isThere = !isGone;
  const said = last.isOff ? '' : (last.doings.at(-1)?.clause.text ?? '');
  const isOnHob = isThere && isInHobPiece(current);
  const isInOvenPiece = vessel !== undefined && ovenVessels.has(vessel.kind) && !isInHobPiece(current);
  return {
    before,
    isOvenOn,
    isFrying: isPanSaid || (isThere && scene.isFatOnly(current)) || /\b(?:fat|oil|butter)\b/i.test(said),
    isDrained: isThere && isDrained,
    isDry: isOnHob && isDry(scene, current),
    isOnHob: isOnHob && !isDrained && (last.device === 'hob' || (last.device !== 'oven' && cookedOn === 'hob')),
    isInTin: isOvenOn && isInOvenPiece && !last.isOff,
    isOvenTurned: isInOvenPiece && scene.ovenWords.length > 0,
  };
}

/** Whether what is in a pan fries there, and nothing wet is with it. */
function isDry(scene: Scene, { last, lines }: Stream): boolean {
  const foods = [...lines].map((id) => scene.food(id));
  return (
    last.device === 'hob' &&
    !last.isOff &&
    (last.doings.some(({ does }) => does === 'fry') || foods.some((food) => fats.test(food))) &&
    !foods.some((food) => liquids.test(food.replace(/-/g, ' ')))
  );
}

function deviceOfCurrent({ current }: Scene, text: string): Device | undefined {
  if (current?.vessel?.kind === 'slow-cooker') return 'slow-cooker';
  // What stays in an oven that was turned off only stands there.
  if (current?.last.isOff) return isTurnedOff(current.last) ? undefined : current.last.device;
  return more.test(text) ? current?.cookedOn : undefined;
}
