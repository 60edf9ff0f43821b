import { rules } from '../reference/index.ts';
import {
  withLookIds,
  type KitKind,
  type KitUse,
  type Kitchen,
  type Oven,
  type OvenUse,
  type Pan,
  type Recipe,
  type Step,
  type UnitId,
} from '../model/index.ts';
import { inLoads } from './loads.ts';
import { estimateSpread, weigh } from './pans.ts';

/** What so much of a recipe is baked or boiled in: how many of which kind, and which pieces of this kitchen are large enough. */
export interface VesselNeed {
  readonly kind: KitKind;
  /** What the recipe calls it; absent where it names it only in one step. */
  readonly as: string | undefined;
  readonly count: number;
  /** The pieces that are large enough, `count` of them together, those first in which the food lies most nearly as the recipe has it; empty where the kitchen has none that are. */
  readonly units: readonly UnitId[];
  /** Oven racks that `count` of them take. */
  readonly racks: number;
  /** How many times the oven is filled with so many, one round after the other; 1: all of it bakes at once. */
  readonly rounds: number;
  /** For each of `units`, by what factor it bakes longer in it (under 1: less long) than in the recipe's own; 1 where it lies as deep, in one layer, or in a pot. An estimate. */
  readonly longer: readonly number[];
}

const flat: ReadonlySet<KitKind> = new Set<KitKind>([
  'gratin-dish',
  'cake-tin',
  'skillet',
  'roasting-tin',
  'baking-tray',
]);
const deep: ReadonlySet<KitKind> = new Set<KitKind>(['saucepan', 'large-pot', 'slow-cooker']);

/** The use of kit that the recipe's pan is: that of the last step with heat, or of the last that has one. What a component is cooked in is its own. */
function panUse(recipe: Recipe, pan: Pan): KitUse | undefined {
  const kinds = pan.shape === 'pot' ? deep : flat;
  const ofStep = (step: Step) => step.kit.find((use) => kinds.has(use.kind) && !(use.as ?? '').includes('--'));
  const withOne = recipe.steps.filter((step) => ofStep(step) !== undefined);
  const last =
    withOne.filter((step) => (pan.shape === 'pot' ? step.burner || step.oven : step.oven)).at(-1) ?? withOne.at(-1);
  return last && ofStep(last);
}

/** How many of a vessel stand side by side on one rack; what is as large as the rack, or larger, takes it. */
function onOneRack(vessel: Pan, oven: Oven): number {
  if (vessel.shape === 'pot') return 1;
  const [width, depth] = [oven.shelfWidthCm ?? rules.ovenShelfWidthCm, oven.shelfDepthCm ?? rules.ovenShelfDepthCm];
  const [long, short] =
    vessel.shape === 'round' ? [vessel.diameterCm, vessel.diameterCm] : [vessel.lengthCm, vessel.widthCm];
  const rows = (a: number, b: number) => Math.floor(width / a) * Math.floor(depth / b);
  return Math.max(1, rows(long, short), rows(short, long));
}

/** More rounds than this are no way to bake for a table. */
const mostRounds = 6;

/** The racks of the oven that has most. */
const mostRacks = (kitchen: Kitchen): number =>
  Math.max(kitchen.oven.racks, ...kitchen.moreOvens.map((oven) => oven.racks));

/**
 * In what so many times a recipe is baked in this kitchen: the fewest of one kind that hold it as the recipe would have it
 * (not over-full; in one layer where it says so), in the fewest rounds in which the racks hold them. A piece without measures is taken to be
 * like the recipe's own. Where all there are do not hold it, it is all there are: what stands on the hob has no rounds, and there is an end
 * to them in the oven. Undefined where the recipe says nothing of its vessel.
 */
export function vesselNeed(recipe: Recipe, factor: number, kitchen: Kitchen): VesselNeed | undefined {
  const { pan } = recipe;
  const use = pan && panUse(recipe, pan.vessel);
  if (!pan || !use || !(factor > 0) || !Number.isFinite(factor)) return undefined;
  const pieces = kitchen.kit.filter((unit) => unit.kind === use.kind);
  const vesselOf = (unit: Kitchen['kit'][number]): Pan =>
    unit.vessel && (unit.vessel.shape === 'pot') === (pan.vessel.shape === 'pot') ? unit.vessel : pan.vessel;
  const oven = [kitchen.oven, ...kitchen.moreOvens].find((each) => each.racks > 0) ?? kitchen.oven;
  const racksFor = (count: number, units: typeof pieces) =>
    Math.ceil(count / Math.min(...units.map((unit) => onOneRack(vesselOf(unit), oven)), count));
  const isBaked = pan.vessel.shape !== 'pot' && recipe.steps.some((step) => isRoundable(step) && usesIt(step, use));
  const room = Math.max(1, mostRacks(kitchen));
  for (let rounds = 1; rounds <= (isBaked ? mostRounds : 1); rounds++)
    for (let count = 1; count <= pieces.length; count++) {
      const enough = pieces.flatMap((unit) => {
        const choice = weigh(
          pan,
          factor / rounds,
          Array.from({ length: count }, () => ({ ...unit, vessel: vesselOf(unit) })),
        );
        return choice.overfull || choice.crowded ? [] : [{ unit, longer: choice.timeRatio?.likely ?? 1 }];
      });
      if (enough.length < count) continue;
      const off = (longer: number) => Math.abs(Math.log(longer));
      enough.sort((a, b) => off(a.longer) - off(b.longer));
      const racks = racksFor(
        count,
        enough.map(({ unit }) => unit),
      );
      if (isBaked && racks > room) break;
      return {
        kind: use.kind,
        as: use.as,
        count,
        units: enough.map(({ unit }) => unit.id),
        racks,
        rounds,
        longer: enough.map(({ longer }) => longer),
      };
    }
  const count = Math.max(1, pieces.length);
  return {
    kind: use.kind,
    as: use.as,
    count,
    units: [],
    racks: pieces.length === 0 ? 1 : Math.min(room, racksFor(count, pieces)),
    rounds: 1,
    longer: [],
  };
}

/** Factors on a baking time. */
export interface Times {
  readonly least: number;
  readonly likely: number;
  readonly most: number;
}

/**
 * What the depth of the food does to a baking time in these of a need's pieces, in all of them where none are named. Deeper in each of them it is planned longer;
 * shallower it is never planned shorter, because the estimate may be wrong: it is looked at earlier.
 */
export function timesIn(need: VesselNeed, units: readonly string[] = need.units): Times {
  const factors = need.longer.filter((_, at) => units.includes(need.units[at]!));
  if (factors.length === 0) return { least: 1, likely: 1, most: 1 };
  const [shortest, longest] = [Math.min(...factors), Math.max(...factors)];
  return {
    least: shortest < 1 ? Math.max(rules.shallowestShare, shortest * (1 - estimateSpread)) : 1,
    likely: Math.max(1, shortest),
    most: longest > 1 ? longest * (1 + estimateSpread) : 1,
  };
}

/** Whether a step is baked in that vessel, so that its time goes with the depth of the food; what is only browned under the grill does not. */
export const bakesIn = (need: VesselNeed, step: Step): boolean =>
  step.hands === 'off' && step.oven !== undefined && !step.oven.grill && step.kit.some((use) => isVessel(need, use));

/** Whether an amount is more than this kitchen's vessels hold, in however many rounds. */
export const isTooMuch = (need: VesselNeed): boolean => need.units.length === 0;

const isOf = (need: Pick<VesselNeed, 'kind' | 'as'>, use: KitUse): boolean =>
  use.kind === need.kind && use.as === need.as;

const usesIt = (step: Step, use: KitUse): boolean =>
  step.kit.some((each) => isOf({ kind: use.kind, as: use.as }, each));

/** Whether a step could be done one load after the other. */
const isRoundable = (step: Step): boolean => step.hands === 'off' && step.oven !== undefined;

/** Whether a step's use of kit, as `inVessels` writes it, is of that vessel. */
export const isVessel = (need: VesselNeed, use: KitUse): boolean =>
  use.kind === need.kind &&
  (use.as === need.as ||
    (need.as !== undefined &&
      use.as !== undefined &&
      Array.from({ length: need.count - 1 }, (_, at) => `${need.as!}-${at + 2}`).includes(use.as)));

/**
 * A recipe's steps as they are done in so many vessels: each named, with the racks that they take, and with the time that the depth of the food
 * asks. What is more than the oven's racks hold bakes in rounds, also where the recipe itself says how many racks it takes; what is more than a pan
 * holds goes on in loads. `factor`: how many times the recipe.
 */
export function inVessels(written: Recipe, need: VesselNeed | undefined, kitchen: Kitchen, factor: number): Recipe {
  const recipe = inLoads(written, factor, need);
  const times = need ? timesIn(need) : once;
  const isTimed = times.least !== 1 || times.likely !== 1 || times.most !== 1;
  const isNamed = need !== undefined && recipe.steps.some((step) => step.kit.some((use) => isOf(need, use)));
  const isAsWritten = !isNamed || (need.count === 1 && need.racks === 1 && need.rounds === 1 && !isTimed);
  if (isAsWritten && !recipe.steps.some((step) => roundsOf(step, 1, kitchen) > 1)) return recipe;
  return {
    ...recipe,
    steps: recipe.steps.map((step): Step => {
      if (isAsWritten || !step.kit.some((use) => isOf(need, use)))
        return inTurns(step, roundsOf(step, 1, kitchen), kitchen);
      // After what the recipe itself names, so that a plan's kit still begins in the recipe's order.
      const more = step.kit
        .filter((use) => isOf(need, use))
        .flatMap((use) =>
          Array.from({ length: need.count - 1 }, (_, at): KitUse => ({
            ...use,
            ...(use.as === undefined ? {} : { as: `${use.as}-${at + 2}` }),
          })),
        );
      const here: Step = {
        ...step,
        kit: [...step.kit, ...more],
        ...(step.oven
          ? { oven: { ...step.oven, racks: asRacks(Math.max(need.rounds > 1 ? 1 : step.oven.racks, need.racks)) } }
          : {}),
        ...(isTimed && bakesIn(need, step) ? inTimes(step, times) : {}),
      };
      return inTurns(here, roundsOf(here, need.rounds, kitchen), kitchen);
    }),
  };
}

const once: Times = { least: 1, likely: 1, most: 1 };
const asRacks = (count: number): OvenUse['racks'] => Math.min(6, count) as OvenUse['racks'];

/** In how many rounds a step is done: those of its vessel, or what its racks are more than any oven's. */
function roundsOf(step: Step, rounds: number, kitchen: Kitchen): number {
  const room = mostRacks(kitchen);
  if (!isRoundable(step) || room === 0) return 1;
  return Math.max(rounds, Math.ceil(step.oven!.racks / room));
}

/** A step one load after the other: each has the step's time and moments, and between two somebody takes one out and puts the next in. */
function inTurns(step: Step, rounds: number, kitchen: Kitchen): Step {
  if (rounds <= 1) return step;
  const { least, likely, most } = step.durationMin;
  const change = rules.nextRoundMin;
  const all = (minutes: number) => rounds * minutes + (rounds - 1) * change;
  const from = (round: number) => round * (likely + change);
  const racks = Math.min(step.oven!.racks, mostRacks(kitchen));
  return {
    ...step,
    title: `${step.title}, in ${rounds} rounds`,
    text: `${step.text} In ${rounds} rounds of ${racks === 1 ? 'one rack' : `${racks} racks`}${step.coreC === undefined ? '' : '; what waits for its turn stays in the fridge'}.`.trim(),
    durationMin: { least: all(least), likely: all(likely), most: all(most) },
    oven: { ...step.oven!, racks: asRacks(racks) },
    looks: withLookIds(
      Array.from({ length: rounds }, (_, round) => [
        ...(round === 0
          ? []
          : [
              {
                atMin: from(round) - change,
                takesMin: change,
                what: `one round out, round ${round + 1} of ${rounds} in`,
              },
            ]),
        ...step.looks.map(({ atMin, takesMin, what }) => ({ atMin: atMin + from(round), takesMin, what })),
      ]).flat(),
    ),
  };
}

/** The time of a step and of the moments in it, so many times as long. */
function inTimes(step: Step, times: Times): Pick<Step, 'durationMin' | 'looks'> {
  const minutes = (value: number, factor: number) => Math.max(1, Math.round(value * factor));
  const likely = minutes(step.durationMin.likely, times.likely);
  return {
    durationMin: {
      least: Math.min(likely, minutes(step.durationMin.least, times.least)),
      likely,
      most: Math.max(likely, minutes(step.durationMin.most, times.most)),
    },
    looks: step.looks.map((point) => ({
      ...point,
      atMin: point.fromEnd
        ? Math.max(1, likely - (step.durationMin.likely - point.atMin))
        : Math.round(point.atMin * times.likely),
    })),
  };
}
