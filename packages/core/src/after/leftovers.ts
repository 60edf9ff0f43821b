import { judgeDay, keepsDays, standingOf, type FoodStanding } from '../day/index.ts';
import { happened, type Progress, type Reading } from '../state/index.ts';
import { fit, noTraceHazards, type FitTable } from '../fit/index.ts';
import { clockTime, dayOf, span, type GuestId, type Leftover, type Occasion, type Plan } from '../model/index.ts';
import { hazardOf, hazards, rices, rules, type HazardId } from '../reference/index.ts';
import { versionRecipe } from '../versions/index.ts';
import { setTable, type Served } from '../table/index.ts';

/** What a box holds, for whom it still is, and how long it is good: enough for a label. */
export interface JudgedLeftover {
  readonly leftover: Leftover;
  readonly name: string;
  readonly versionName: string;
  readonly contains: readonly HazardId[];
  /** Traces, labels unread, and what the day or the table may have brought into it. */
  readonly mayContain: readonly HazardId[];
  readonly unsure: boolean;
  /** Eaters of the dish for whom the box is as clear as the dish was. */
  readonly clearFor: readonly GuestId[];
  /** Eaters, or those who were to be, whom something may have reached: on the day, or at the table. */
  readonly notAnyMoreFor: readonly GuestId[];
  /** Minutes it stood between hot and cold before it was put away; absent where the recipe says that it keeps out, or nobody knows. */
  readonly stoodMin?: number | undefined;
  readonly verdict: 'keep' | 'put-away' | 'throw-away';
  /** Why, in sentences. */
  readonly why: readonly string[];
  /** The last day to eat it, YYYY-MM-DD; only of what is kept. */
  readonly eatBy?: string | undefined;
  /** The last day to freeze it. */
  readonly freezeBy?: string | undefined;
  readonly cooling: {
    readonly state: 'none' | 'on-its-way' | 'cold' | 'too-slow';
    readonly readings: readonly Reading[];
    readonly firstByMin: number;
    readonly thenByMin: number;
  };
}

/** What a reading of food that cools in its box is noted under. */
export const boxEntry = (id: string): string => `box:${id}`;

/** A calendar day so many days later; both YYYY-MM-DD. */
export function dayLater(date: string, days: number): string {
  const [year, month, day] = date.split('-').map(Number) as [number, number, number];
  return new Date(Date.UTC(year, month - 1, day + days)).toISOString().slice(0, 10);
}

interface DayToRead {
  readonly occasion: Occasion;
  readonly plan: Plan;
  /** The occasion as the day was begun with it: who was to eat what before something was lost. */
  readonly begun: Occasion;
  readonly progress: Progress;
  readonly nowMin: number;
}

/** Every box of the day, judged: hazards from the dish, from what went wrong, and from the table it stood on; time from when it was ready. */
export function leftoversOf(
  { occasion, plan, begun, progress, nowMin }: DayToRead,
  table: FitTable = fit(occasion),
): readonly JudgedLeftover[] {
  if (progress.leftovers.length === 0) return [];
  const served = setTable(occasion, plan, table).flatMap((each) => each.dishes);
  const standing = standingOf(occasion, plan, progress, nowMin, table);
  const { lost } = judgeDay(occasion, { ...happened(plan, progress, nowMin), nowMin: Math.floor(nowMin) });
  const everything = [...new Set(served.flatMap((each) => [...each.contains, ...each.mayContain]))];
  return progress.leftovers.flatMap((leftover): JudgedLeftover[] => {
    const dish = occasion.dishes.find((each) => each.id === leftover.dish);
    const version = dish?.versions.find((each) => each.id === leftover.version);
    const recipe = occasion.recipes.find((each) => each.id === dish?.recipe);
    if (!dish || !version || !recipe) return [];
    const made = versionRecipe(occasion, dish, version);
    const own = served.find((each) => each.dish === dish.id && each.version === version.id);
    // A plate that was taken from its guest on the day was taken for a reason; the box has it too.
    const were = begun.dishes.find((each) => each.id === dish.id)?.notFor ?? dish.notFor;
    const lostFor = [
      ...new Set([
        ...lost.filter((plate) => plate.dish === dish.id).map((plate) => plate.guest),
        ...dish.notFor.filter((guest) => !were.includes(guest)),
      ]),
    ];
    const strict = (id: GuestId) => noTraceHazards(occasion.guests.find((guest) => guest.id === id)!);
    const onDay = lostFor.flatMap((guest) => everything.filter((hazard) => strict(guest).has(hazard)));
    // On a table spoons wander: what stood there may hold what stood beside it.
    const atTable = leftover.keptBack
      ? []
      : served
          .filter((each) => each.course === dish.course && each !== own)
          .flatMap((each) => [...each.contains, ...each.mayContain]);
    const contains = own?.contains ?? [];
    const may = new Set([...(own?.mayContain ?? []), ...onDay, ...atTable]);
    const reached = (guest: GuestId) => lostFor.includes(guest) || atTable.some((hazard) => strict(guest).has(hazard));
    return [
      {
        leftover,
        name: recipe.name,
        versionName: dish.versions.length > 1 ? version.name : '',
        contains,
        mayContain: hazards.flatMap(({ id }) => (may.has(id) && !contains.includes(id) ? [id] : [])),
        unsure: own?.unsure ?? true,
        clearFor: (own?.clearFor ?? []).filter((guest) => !reached(guest)),
        notAnyMoreFor: [...new Set([...lostFor, ...eatersOf(own).filter(reached)])],
        ...judgedTime(
          occasion,
          leftover,
          standing.find((each) => each.dish === dish.id && each.version === version.id),
          progress,
          nowMin,
          {
            fridge: keepsDays(recipe, version, ['fridge']),
            freezer: keepsDays(recipe, version, ['freezer']),
            isRice: made.lines.some(({ food }) => food && rices.has(food)),
            isRaw: made.steps.some(({ meantRaw = [] }) => meantRaw.some((hazard) => hazardOf(hazard).meant!.unheated)),
          },
        ),
      },
    ];
  });
}

const eatersOf = (served: Served | undefined): readonly GuestId[] =>
  served ? [...served.clearFor, ...served.checkFor] : [];

/** What a box's days hang on. */
interface Keeps {
  readonly fridge?: number | undefined;
  readonly freezer?: number | undefined;
  readonly isRice: boolean;
  readonly isRaw: boolean;
}

/** How many days what is in a box is good for in the fridge. */
const boxDays = ({ fridge, isRice, isRaw }: Keeps): number =>
  Math.min(
    rules.boxFridgeDays,
    isRice ? rules.riceFridgeDays : Infinity,
    isRaw ? rules.rawFridgeDays : Infinity,
    fridge ?? Infinity,
  );

const shorterWhy = ({ isRice, isRaw }: Keeps): readonly string[] => [
  ...(isRice ? ['There is cooked rice in it: by tomorrow, and heated once only.'] : []),
  ...(isRaw ? ['It was served raw or soft: by tomorrow, and only for who could have it today.'] : []),
];

function judgedTime(
  occasion: Occasion,
  leftover: Leftover,
  standing: FoodStanding | undefined,
  progress: Progress,
  nowMin: number,
  keeps: Keeps,
): Pick<JudgedLeftover, 'stoodMin' | 'verdict' | 'why' | 'eatBy' | 'freezeBy' | 'cooling'> {
  const course = occasion.courses.find(
    (each) => each.id === occasion.dishes.find((dish) => dish.id === leftover.dish)!.course,
  )!;
  const cooling = cooled(leftover, progress, nowMin);
  const dayAt = (moment: number) => dayLater(occasion.date, dayOf(occasion.serveAt, Math.round(moment)));
  const at = (moment: number) => clockTime(occasion.serveAt, Math.round(moment));
  const out = standing?.keepsOutDays;
  const cooked = dayAt(standing?.readyMin ?? course.offsetMin);
  if (out !== undefined && leftover.where === 'counter')
    return {
      verdict: 'keep',
      why: [`The recipe says that it keeps out of the fridge for ${out} ${out === 1 ? 'day' : 'days'}.`],
      eatBy: dayLater(cooked, out),
      cooling,
    };
  const limitMin = leftover.warmRoom ? rules.standsMostWarmMin : rules.standsMostMin;
  // What others brought has stood for longer than anybody here knows; from its serving on it is counted.
  const sinceMin = standing?.sinceMin ?? course.offsetMin;
  const stoodMin = Math.max(0, Math.round(leftover.putMin - sinceMin));
  const why: string[] = [];
  if (!standing) why.push('Others made it: how long it stood before is not known here. Ask them.');
  else if (!standing.isTicked)
    why.push(`When it was ready was not ticked; it is counted from ${at(standing.readyMin)}, by the plan.`);
  const stood = (minutes: number) =>
    `It stood ${span(minutes)} between ${rules.coldHoldC} and ${rules.hotHoldC} °C, as far as anybody measured; the most is ${span(limitMin)}${leftover.warmRoom ? ` in a room over ${rules.warmRoomC} °C` : ''}.`;
  const gone = (reason: string) => ({ stoodMin, verdict: 'throw-away' as const, why: [...why, reason], cooling });
  if (out === undefined) {
    if (leftover.where === 'counter') {
      const soFar = Math.round(nowMin - sinceMin);
      if (soFar > limitMin) return gone(stood(soFar));
      return {
        stoodMin,
        verdict: 'put-away',
        why: [...why, `It does not keep on the counter: into the fridge by ${at(sinceMin + limitMin)}.`],
        cooling,
      };
    }
    if (stoodMin > limitMin) return gone(stood(stoodMin));
    if (cooling.state === 'too-slow')
      return gone(
        `It cooled too slowly: ${rules.coolsFirstC} °C within ${span(rules.coolsFirstMin)}, ${rules.coldHoldC} °C within ${span(rules.coolsThenMin)} more.`,
      );
    why.push(`It stood ${span(stoodMin)} before it was put away; up to ${span(limitMin)} is well.`);
  }
  const put = dayAt(leftover.putMin);
  why.push(...shorterWhy(keeps));
  const inFridge = dayLater(cooked, boxDays(keeps));
  if (leftover.where === 'freezer')
    return {
      stoodMin,
      verdict: 'keep',
      why: [...why, ...(keeps.freezer === undefined ? ['The recipe does not say how it takes to the freezer.'] : [])],
      eatBy: dayLater(put, Math.min(rules.leftoverFreezerDays, keeps.freezer ?? Infinity)),
      cooling,
    };
  return { stoodMin, verdict: 'keep', why, eatBy: inFridge, freezeBy: inFridge, cooling };
}

/** How a box cools, from when it was put away, as far as it was measured. */
function cooled(leftover: Leftover, progress: Progress, nowMin: number): JudgedLeftover['cooling'] {
  const readings = progress.readings.filter(
    (each) =>
      each.counts && each.measured === 'cooling' && each.entry === boxEntry(leftover.id) && each.atMin <= nowMin,
  );
  const firstByMin = leftover.putMin + rules.coolsFirstMin;
  const thenByMin = firstByMin + rules.coolsThenMin;
  const isSlow = readings.some(
    (each) =>
      (each.atMin > firstByMin && each.celsius > rules.coolsFirstC) ||
      (each.atMin > thenByMin && each.celsius > rules.coldHoldC),
  );
  const last = readings.at(-1);
  return {
    state: last === undefined ? 'none' : isSlow ? 'too-slow' : last.celsius <= rules.coldHoldC ? 'cold' : 'on-its-way',
    readings,
    firstByMin,
    thenByMin,
  };
}
