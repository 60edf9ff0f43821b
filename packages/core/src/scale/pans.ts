import type { KitUnit, Kitchen, Pan, Recipe } from '../model/index.ts';

/** Floor in cm²; for a pot, that of one as wide as it is high. */
export function panAreaCm2(pan: Pan): number {
  switch (pan.shape) {
    case 'round':
      return (Math.PI * pan.diameterCm ** 2) / 4;
    case 'rectangle':
      return pan.lengthCm * pan.widthCm;
    case 'pot':
      return (Math.PI / 4) * ((4 * pan.volumeL * 1000) / Math.PI) ** (2 / 3);
    default:
      return pan satisfies never;
  }
}

/** What it holds to the brim, in ml. */
export function panVolumeMl(pan: Pan): number {
  switch (pan.shape) {
    case 'round':
    case 'rectangle':
      return panAreaCm2(pan) * pan.depthCm;
    case 'pot':
      return pan.volumeL * 1000;
    default:
      return pan satisfies never;
  }
}

/** A recipe's vessel is filled so far; above this it runs over when it bubbles or rises. @source kitchen practice */
const usualFill = 0.75;
const mostFill = 0.92;
/** Baking time grows with the depth of the food by this power: half of what heat conduction through a slab asks, because the sides heat it too. An estimate. @source heat conduction goes with depth squared; kitchen practice tempers it */
const depthExponent = 1.2;
/** A corrected time is good to about this share of it, either way. */
export const estimateSpread = 0.15;

export interface PanChoice {
  readonly units: readonly KitUnit[];
  /** Depth of the food against the recipe's, 1 = as written; for pots how full they are. */
  readonly depthRatio: number;
  /** How full, of the brim. */
  readonly fill: number;
  readonly overfull: boolean;
  /** Food lies in one layer as it should. */
  readonly crowded: boolean;
  /** Rounds that must be baked or fried one after another. */
  readonly rounds: number;
  /** The baking time against the recipe's, as a range; an estimate, absent where the depth is as written. */
  readonly timeRatio?: { readonly least: number; readonly likely: number; readonly most: number } | undefined;
  /** One sentence: what to do. */
  readonly words: string;
}

type PanOf = NonNullable<Recipe['pan']>;

function subsets(units: readonly KitUnit[], most: number): readonly (readonly KitUnit[])[] {
  let all: (readonly KitUnit[])[] = [[]];
  for (const unit of units) all = [...all, ...all.filter((set) => set.length < most).map((set) => [...set, unit])];
  return all.filter((set) => set.length > 0);
}

/** How so many times a recipe lies in given pans, all of which have measures. */
export function weigh(pan: PanOf, factor: number, units: readonly KitUnit[]): PanChoice {
  const area = units.reduce((sum, unit) => sum + panAreaCm2(unit.vessel!), 0);
  const volume = units.reduce((sum, unit) => sum + panVolumeMl(unit.vessel!), 0);
  const wantedArea = panAreaCm2(pan.vessel) * pan.count * factor;
  const wantedMl = panVolumeMl(pan.vessel) * usualFill * pan.count * factor;
  const names = units.map((unit) => unit.name).join(' and ');
  if (pan.singleLayer) {
    const load = wantedArea / area;
    const rounds = Math.max(1, Math.ceil(load / 1.1 - 1e-9));
    const crowded = load > 1.1;
    return {
      units,
      depthRatio: Math.min(load, 1),
      fill: load,
      overfull: false,
      crowded,
      rounds,
      words: crowded
        ? `${names}: too full for one layer, it would steam. Bake it in ${rounds} rounds, or use another tray.`
        : `${names}: one layer with room between.`,
    };
  }
  const depthRatio = wantedArea / area;
  const fill = wantedMl / volume;
  const overfull = fill > mostFill;
  const isPot = pan.vessel.shape === 'pot';
  const ratio = depthRatio ** depthExponent;
  const timeRatio =
    isPot || Math.abs(depthRatio - 1) < 0.12
      ? undefined
      : { least: ratio * (1 - estimateSpread), likely: ratio, most: ratio * (1 + estimateSpread) };
  const percent = Math.round(Math.abs(depthRatio - 1) * 100);
  const depth = isPot
    ? `${Math.round(fill * 100)} % full`
    : percent < 8
      ? 'as deep as the recipe has it'
      : `${percent} % ${depthRatio > 1 ? 'deeper' : 'shallower'} than the recipe has it`;
  return {
    units,
    depthRatio,
    fill,
    overfull,
    crowded: false,
    rounds: 1,
    timeRatio,
    words: overfull
      ? `${names}: over-full, it would run over. Take a larger one, or keep ${Math.round((1 - mostFill / fill) * 100)} % of it back for a second dish.`
      : `${names}: ${depth}.`,
  };
}

const penalty = (choice: PanChoice): number =>
  (choice.overfull ? 10 : 0) +
  (choice.crowded ? 4 * choice.rounds : 0) +
  Math.abs(Math.log(Math.max(choice.depthRatio, 0.05))) * (choice.crowded ? 0 : 3) +
  (choice.units.length - 1) * 0.25;

/** Kit that does the same: whatever one of these recipes asks for, another of the row can stand in for. */
const alike: readonly (readonly KitUnit['kind'][])[] = [
  ['gratin-dish', 'cake-tin', 'skillet'],
  ['roasting-tin', 'baking-tray'],
  ['saucepan', 'large-pot'],
  ['frying-pan', 'skillet'],
];

/**
 * The best sets of this kitchen's pans for so many times the recipe, best first, at most three pans each and three answers.
 * Empty where the recipe says nothing of its vessel or no pan of the kitchen has measures.
 */
export function panChoices(recipe: Recipe, factor: number, kitchen: Kitchen): readonly PanChoice[] {
  const { pan } = recipe;
  if (!pan || factor <= 0 || !Number.isFinite(factor)) return [];
  const named = new Set(recipe.steps.flatMap((step) => step.kit.map((use) => use.kind)));
  const kinds = new Set(alike.filter((row) => row.some((kind) => named.has(kind))).flat());
  const units = kitchen.kit
    .filter(
      (unit) =>
        unit.vessel &&
        (unit.vessel.shape === 'pot') === (pan.vessel.shape === 'pot') &&
        (kinds.size === 0 || kinds.has(unit.kind)),
    )
    .slice(0, 12);
  const own = (choice: PanChoice) => choice.units.filter((unit) => !named.has(unit.kind)).length * 0.3;
  const choices = subsets(units, 3).map((set) => weigh(pan, factor, set));
  return choices
    .sort(
      (a, b) =>
        penalty(a) + own(a) - penalty(b) - own(b) ||
        (a.units.map((unit) => unit.id).join() < b.units.map((unit) => unit.id).join() ? -1 : 1),
    )
    .slice(0, 3);
}

/** How many times the recipe fills a vessel as deep as the recipe's own. */
export const factorForPan = (pan: PanOf, vessel: Pan, count = 1): number =>
  (pan.vessel.shape === 'pot'
    ? panVolumeMl(vessel) / panVolumeMl(pan.vessel)
    : panAreaCm2(vessel) / panAreaCm2(pan.vessel)) *
  (count / pan.count);
