import {
  rules,
  type CavityReading,
  type DeviceReading,
  type FoodStanding,
  type FoodWaiting,
  type LostPlate,
} from '@lupin/core';
import type { DayNow } from './benchView.ts';

/** So many minutes before food has stood for too long, the day says so. */
const warnsMin = 20;
/** What is raw may stand for a quarter of an hour; so many minutes before. */
const warnsOfRawMin = 5;
/** What is to go on so soon is not put away before. */
const goesOnWithinMin = 10;

/** What must be said whatever is on the screen, the gravest first. */
export type Alert =
  /** Something was not noted. */
  | { readonly kind: 'refused'; readonly why: string }
  /** Plates that are not clear any more. */
  | { readonly kind: 'lost'; readonly plates: readonly LostPlate[] }
  /** A wash was skipped, and plates will not be clear if the day goes on like this. */
  | { readonly kind: 'ahead'; readonly plates: readonly LostPlate[] }
  /** Food that has stood for too long, or soon will. */
  | { readonly kind: 'standing'; readonly foods: readonly FoodStanding[]; readonly isOver: boolean }
  /** Food between two steps that stands, and will for too long as the day goes. */
  | { readonly kind: 'waiting'; readonly foods: readonly FoodWaiting[]; readonly isOver: boolean }
  /** An oven that does not get hot. */
  | { readonly kind: 'oven'; readonly oven: CavityReading };

export function alertsOf(
  { judged, skipped, standing, waiting, minute, progress }: DayNow,
  devices: readonly DeviceReading[],
  refused: string | undefined,
): readonly Alert[] {
  const foods = standing.filter(
    (food) =>
      food.keepsOutDays === undefined &&
      minute - food.sinceMin > rules.standsMostMin - warnsMin &&
      !progress.leftovers.some((box) => box.dish === food.dish && box.version === food.version),
  );
  const out = waiting.filter(({ untilMin, spoiltMin, nextMin, isRaw }) => {
    if (minute < untilMin - (isRaw ? warnsOfRawMin : warnsMin)) return false;
    const goesOnBy = Math.max(untilMin, Math.min(minute + goesOnWithinMin, spoiltMin));
    return nextMin < minute || nextMin > goesOnBy;
  });
  const isSpoilt = (food: FoodWaiting) => minute > food.spoiltMin;
  // What nobody should eat any more goes before what can still be put away.
  const byGravity = [...out.filter(isSpoilt), ...out.filter((food) => !isSpoilt(food))];
  const oven = devices.find(
    (each): each is CavityReading =>
      each.kind === 'cavity' && each.silentSinceMin === null && each.setC !== null && each.thereInMin === null,
  );
  const alerts: (Alert | false)[] = [
    refused !== undefined && { kind: 'refused', why: refused },
    judged.lost.length > 0 && { kind: 'lost', plates: judged.lost },
    judged.lost.length === 0 && judged.ahead.length > 0 && skipped.size > 0 && { kind: 'ahead', plates: judged.ahead },
    foods.length > 0 && { kind: 'standing', foods, isOver: minute - foods[0]!.sinceMin > rules.standsMostMin },
    out.length > 0 && { kind: 'waiting', foods: byGravity, isOver: isSpoilt(byGravity[0]!) },
    oven !== undefined && { kind: 'oven', oven },
  ];
  return alerts.filter((alert) => alert !== false);
}
