import { rules } from '../reference/index.ts';
import type { KitKind, KitUse, Kitchen, Oven, OvenUse, Pan, Recipe, Step, UnitId } from '../model/index.ts';
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

/**
 * In what so many times a recipe is baked in this kitchen: the fewest of one kind that hold it as the recipe would have it
 * (not over-full; in one layer where it says so). A piece without measures is taken to be like the recipe's own. Where all there are do not
 * hold it, it is all there are. Undefined where the recipe says nothing of its vessel.
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
  for (let count = 1; count <= pieces.length; count++) {
    const enough = pieces.flatMap((unit) => {
      const choice = weigh(
        pan,
        factor,
        Array.from({ length: count }, () => ({ ...unit, vessel: vesselOf(unit) })),
      );
      return choice.overfull || choice.crowded ? [] : [{ unit, longer: choice.timeRatio?.likely ?? 1 }];
    });
    const off = (longer: number) => Math.abs(Math.log(longer));
    enough.sort((a, b) => off(a.longer) - off(b.longer));
    if (enough.length >= count)
      return {
        kind: use.kind,
        as: use.as,
        count,
        units: enough.map(({ unit }) => unit.id),
        racks: racksFor(
          count,
          enough.map(({ unit }) => unit),
        ),
        longer: enough.map(({ longer }) => longer),
      };
  }
  const count = Math.max(1, pieces.length);
  return {
    kind: use.kind,
    as: use.as,
    count,
    units: [],
    racks: pieces.length === 0 ? 1 : racksFor(count, pieces),
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

/** Whether an amount is more than this kitchen's vessels hold or its ovens' racks take at once: it would have to be cooked in rounds. */
export const inRounds = (need: VesselNeed, kitchen: Kitchen): boolean =>
  need.units.length === 0 ||
  need.racks > Math.max(kitchen.oven.racks, ...kitchen.moreOvens.map((oven) => oven.racks), 1);

const isOf = (need: VesselNeed, use: KitUse): boolean => use.kind === need.kind && use.as === need.as;

/** Whether a step's use of kit, as `inVessels` writes it, is of that vessel. */
export const isVessel = (need: VesselNeed, use: KitUse): boolean =>
  use.kind === need.kind &&
  (use.as === need.as ||
    (need.as !== undefined &&
      use.as !== undefined &&
      Array.from({ length: need.count - 1 }, (_, at) => `${need.as!}-${at + 2}`).includes(use.as)));

/** A recipe's steps as they are done in so many vessels: each named, with the racks that they take, and with the time that the depth of the food asks. */
export function inVessels(recipe: Recipe, need: VesselNeed | undefined): Recipe {
  if (!need) return recipe;
  const times = timesIn(need);
  const isTimed = times.least !== 1 || times.likely !== 1 || times.most !== 1;
  if (
    (need.count === 1 && need.racks === 1 && !isTimed) ||
    !recipe.steps.some((step) => step.kit.some((use) => isOf(need, use)))
  )
    return recipe;
  const racks = (oven: OvenUse): OvenUse => ({
    ...oven,
    racks: Math.min(6, Math.max(oven.racks, need.racks)) as OvenUse['racks'],
  });
  return {
    ...recipe,
    steps: recipe.steps.map((step): Step => {
      if (!step.kit.some((use) => isOf(need, use))) return step;
      // After what the recipe itself names, so that a plan's kit still begins in the recipe's order.
      const more = step.kit
        .filter((use) => isOf(need, use))
        .flatMap((use) =>
          Array.from({ length: need.count - 1 }, (_, at): KitUse => ({
            ...use,
            ...(use.as === undefined ? {} : { as: `${use.as}-${at + 2}` }),
          })),
        );
      return {
        ...step,
        kit: [...step.kit, ...more],
        ...(step.oven ? { oven: racks(step.oven) } : {}),
        ...(isTimed && bakesIn(need, step) ? inTimes(step, times) : {}),
      };
    }),
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
    looks: step.looks.map((point) => ({ ...point, atMin: Math.round(point.atMin * times.likely) })),
  };
}
