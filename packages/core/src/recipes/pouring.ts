import type { Doing } from './doings.ts';
import { liftsOut, residueNames } from './names.ts';
import type { Operation, Stream } from './operation.ts';

/** Whether food is taken out of what it is in, and not a dish with all its food out of the oven: "take the rice out". */
export function isLifted({ last }: Stream, { clause: { text, verb } }: Doing): boolean {
  if (/^\W*(?:out|(?:then |and )?(?:remove|lift out|take out)(?: it| them)?)\W*$/i.test(text)) return true;
  if (!liftsOut.test(text) || inedible.test(text)) return false;
  const isDish = last.device === 'oven' && /^(?:take|get|bring)$/.test(verb?.verb ?? '');
  return (
    !isDish ||
    /\b(?:out of (?:the|its) (?!oven)|on ?to |to an? |aside|from the (?:pan|pot|tin)|off the bone)/i.test(text)
  );
}

/** "Save two mugs of the potato water", "scoop out a cup of the cooking water". */
export const keepsWater =
  /\b(?:save|saving|reserve|reserving|keep|keeping|scoop|ladle|dip|take|measure|set aside)\b[^.;]*\b(?:water|liquid)\b/i;
export const waterOf = (stream: Stream): Stream => ({
  ...stream,
  lines: new Set(),
  names: new Set(residueNames),
  vessel: undefined,
  label: undefined,
  isForked: true,
  isBeside: true,
  isDrained: true,
  isWater: true,
});

/** "Take the seeds out": that is cut away, and the food stays where it is. */
const inedible =
  /\b(?:the|any|their|its) (?:seeds?|stones?|cores?|pips|ribs|membranes?|stalks?|giblets|string|bones?)\b/i;

/** All of one food into another. */
export function pourInto(stream: Stream, other: Stream): void {
  for (const line of other.lines) stream.lines.add(line);
  for (const name of other.names) stream.names.add(name);
  for (const each of other.shareOf) stream.shareOf.add(each);
  stream.cookedOn ??= other.cookedOn;
  other.isGone = true;
}

/** The pieces that clauses name go with them. */
export function moveVessels(moved: ReadonlySet<Doing>, from: Operation, to: Operation): void {
  for (const [as, vessel] of [...from.vessels]) {
    const names = (each: Doing) => each.vessels.some(({ kind, isFrom }) => kind === vessel.kind && !isFrom);
    if (![...moved].some(names)) continue;
    to.vessels.set(as, vessel);
    if (!from.doings.some(names)) from.vessels.delete(as);
  }
}

export function isTail({ does, times, clause }: Doing, isHob: boolean): boolean {
  const verb = clause.verb?.verb ?? '';
  if (times.some(({ use }) => use === 'step')) return false;
  if (does === 'move' || does === 'end' || does === 'none') return true;
  if (does === 'cut')
    return /^(?:wash|rinse|drain)$/.test(verb) || (isHob && /^(?:crush|mash|break|squash)/.test(verb));
  return isHob && (does === 'mix' || (does === 'heat' && !/\bheat the\b|\bmelt\b/i.test(clause.text)));
}
