import * as v from 'valibot';
import { cleaningOf, handWashOnly, HazardId, Material } from '../reference/index.ts';
import { CookId, Name, UnitId } from './ids.ts';
import { KitKind, Pan } from './recipe.ts';
import { freshId, kitWords } from './words.ts';

export const KitUnit = v.strictObject({
  id: UnitId,
  kind: KitKind,
  name: Name,
  material: Material,
  /** Minutes to wash it, hot water and detergent. */
  washMin: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(60)),
  /** Kept free from these: nothing that holds one of them is ever put on it. */
  keptFreeOf: v.optional(v.array(HazardId), []),
  /** Whether it goes into the dishwasher; absent: as its kind and material let it. */
  dishwasher: v.optional(v.boolean()),
  /** Its inner measures, for what is baked or boiled in it. */
  vessel: v.optional(Pan),
});
export type KitUnit = v.InferOutput<typeof KitUnit>;

/** Minutes relative to serving (negative: before). */
const Moment = v.pipe(v.number(), v.integer(), v.minValue(-5760), v.maxValue(6480));

/** What a cook may leave to others: work with knives, at the oven and the hob, with raw meat and fish, washing up. */
export const Chore = v.picklist(['knives', 'heat', 'raw', 'washing-up'], 'A chore is knives, heat, raw or washing-up.');
export type Chore = v.InferOutput<typeof Chore>;

export const Oven = v.strictObject({
  name: v.optional(Name, 'Oven'),
  /** Usable rack positions; 0: there is no oven. */
  racks: v.pipe(v.number(), v.integer('Racks are whole.'), v.minValue(0), v.maxValue(6, 'At most 6 racks.')),
  mostC: v.pipe(v.number(), v.minValue(60), v.maxValue(500)),
  leastC: v.optional(v.pipe(v.number(), v.minValue(30), v.maxValue(200)), 50),
  /** Heat from above, for a finish. */
  grill: v.optional(v.boolean(), true),
  /** What a rack has room for, in cm; absent: that of an ordinary one. */
  shelfWidthCm: v.optional(v.pipe(v.number(), v.minValue(15), v.maxValue(120))),
  shelfDepthCm: v.optional(v.pipe(v.number(), v.minValue(15), v.maxValue(120))),
  /** Measured on the empty oven, in °C a minute; absent: those of an ordinary one. */
  heatsCPerMin: v.optional(v.pipe(v.number(), v.minValue(1), v.maxValue(100))),
  coolsCPerMin: v.optional(v.pipe(v.number(), v.minValue(0.2), v.maxValue(50))),
  /** By how much it is hotter inside than its dial says, in °C; negative where it is cooler. */
  offsetC: v.optional(v.pipe(v.number(), v.minValue(-60), v.maxValue(60)), 0),
});
export type Oven = v.InferOutput<typeof Oven>;

export const Cook = v.strictObject({
  id: CookId,
  name: Name,
  /** What this cook does not do. */
  leaves: v.optional(v.array(Chore), []),
  /** When this cook is in the kitchen. */
  windows: v.pipe(
    v.array(v.strictObject({ fromMin: Moment, toMin: Moment })),
    v.minLength(1, 'A cook needs a time in the kitchen.'),
    v.maxLength(20),
  ),
});
export type Cook = v.InferOutput<typeof Cook>;

export const Dishwasher = v.strictObject({
  /** Minutes from its start until what was in it can be used again: the full programme with detergent, never a rinse. */
  cycleMin: v.pipe(
    v.number(),
    v.integer('Minutes are whole.'),
    v.minValue(20, 'A full programme takes 20 minutes or more.'),
    v.maxValue(300, 'A programme takes at most 5 hours.'),
  ),
  /** How many pieces go in at once so that the water reaches each. */
  places: v.optional(v.pipe(v.number(), v.integer('Pieces are whole.'), v.minValue(1), v.maxValue(60)), 8),
});
export type Dishwasher = v.InferOutput<typeof Dishwasher>;
/** One of an ordinary kind, until somebody says otherwise. @source kitchen practice: a full programme of 75 to 120 minutes */
export const usualDishwasher: Dishwasher = v.parse(Dishwasher, { cycleMin: 90 });

export const Kitchen = v.strictObject({
  name: Name,
  kit: v.pipe(v.array(KitUnit), v.maxLength(200)),
  burners: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(12)),
  oven: Oven,
  /** A second oven, a toaster oven: each with its own temperature. */
  moreOvens: v.optional(v.pipe(v.array(Oven), v.maxLength(4, 'At most five ovens.')), []),
  /** How many dishes or bowls fit beside what is in there already; absent: nobody has said, and it is not reckoned with. */
  fridgePlaces: v.optional(v.pipe(v.number(), v.integer('Places are whole.'), v.minValue(0), v.maxValue(60))),
  freezerPlaces: v.optional(v.pipe(v.number(), v.integer('Places are whole.'), v.minValue(0), v.maxValue(60))),
  /** Absent: everything is washed by hand. */
  dishwasher: v.optional(Dishwasher),
  cooks: v.pipe(v.array(Cook), v.minLength(1, 'Somebody must cook.'), v.maxLength(6)),
});
export type Kitchen = v.InferOutput<typeof Kitchen>;

/** Whether a dishwasher makes it clean and does it no harm: what never comes clean does not there either. */
export const goesInDishwasher = (unit: KitUnit): boolean =>
  cleaningOf(unit.material).comesClean &&
  (unit.dishwasher ?? (cleaningOf(unit.material).dishwasher && handWashOnly(unit.kind) === undefined));

/** Another piece of a kind, like one that is there and comes clean. */
export function oneMore(kit: readonly KitUnit[], kind: KitKind): KitUnit {
  const alike = kit.filter((unit) => unit.kind === kind);
  const like = alike.find(({ material }) => cleaningOf(material).comesClean);
  const words = kitWords(kind);
  return v.parse(KitUnit, {
    id: freshId(
      kind,
      kit.map((unit) => unit.id),
    ),
    kind,
    name: `${words.charAt(0).toUpperCase()}${words.slice(1)} ${alike.length + 1}`,
    material: like?.material ?? 'steel',
    washMin: like?.washMin ?? alike[0]?.washMin ?? 3,
    ...(like?.vessel ? { vessel: like.vessel } : {}),
  });
}

/** All ovens that can bake, by number: 0 is the main one. */
export const ovensOf = (kitchen: Kitchen): readonly Oven[] => [kitchen.oven, ...kitchen.moreOvens];

/** A rack by its place: 0 is the top. */
export function rackName(rack: number, racks: number): string {
  if (racks <= 1) return 'the rack';
  if (racks === 2) return rack === 0 ? 'the upper rack' : 'the lower rack';
  return rack === 0 ? 'the top rack' : rack === racks - 1 ? 'the bottom rack' : `rack ${rack + 1} from the top`;
}
