import * as v from 'valibot';
import { FoodId, MeantRaw, Role, Storage } from '../reference/index.ts';
import { DishId, LineId, LookId, Minutes, Name, RecipeId, StepId, TemperatureC, Words } from './ids.ts';
import { DurationMin } from './timing.ts';
import { freshId } from './words.ts';

const positive = (most: number) =>
  v.pipe(
    v.number('An amount is a number.'),
    v.finite('An amount is finite.'),
    v.minValue(0, 'An amount cannot be negative.'),
    v.maxValue(most, `At most ${most}.`),
  );

/**
 * How much of a line: a mass in g, a volume in ml, a count of pieces (`eachG`: what one weighs, where the line says so: "2 tins of 400 g"),
 * batches of a component, or words that do not scale ("to taste"). `to…` is the upper end of a range, which stays a range.
 */
export const Amount = v.variant('kind', [
  v.strictObject({ kind: v.literal('mass'), massG: positive(200_000), toMassG: v.optional(positive(200_000)) }),
  v.strictObject({ kind: v.literal('volume'), volumeMl: positive(200_000), toVolumeMl: v.optional(positive(200_000)) }),
  v.strictObject({
    kind: v.literal('count'),
    count: positive(10_000),
    toCount: v.optional(positive(10_000)),
    piece: v.optional(v.pipe(v.string(), v.maxLength(40)), ''),
    eachG: v.optional(positive(20_000)),
  }),
  v.strictObject({ kind: v.literal('batches'), batches: positive(1000) }),
  v.strictObject({ kind: v.literal('words'), words: v.pipe(v.string(), v.maxLength(80)) }),
]);
export type Amount = v.InferOutput<typeof Amount>;

export const IngredientLine = v.strictObject({
  id: LineId,
  /** The line as the cook wrote it. */
  text: v.pipe(v.string(), v.minLength(1), v.maxLength(300)),
  /** The catalogue food it is read as; absent means not understood, and so *check*. */
  food: v.optional(FoodId),
  /** The recipe it is made by, where it is made and not bought; the amount then says how much of that recipe. */
  component: v.optional(RecipeId),
  amount: Amount,
  /** The part of the recipe it belongs to: "For the dressing". */
  heading: v.optional(v.pipe(v.string(), v.maxLength(80))),
  role: v.optional(Role),
  /** Where it stands on the plate: in the dish, on it, or beside it. Garnish and accompaniment can be left off a plate. */
  part: v.optional(
    v.picklist(['body', 'garnish', 'accompaniment'], 'A line is body, garnish or accompaniment.'),
    'body',
  ),
  /** The dish stands without it. */
  canOmit: v.optional(v.boolean(), false),
  /** Only where a dish's recipe is written out: it is in what is taken from that other dish, and is bought and measured there. */
  carriedFrom: v.optional(DishId),
});
export type IngredientLine = v.InferOutput<typeof IngredientLine>;

export const KitKind = v.picklist(
  [
    'board',
    'knife',
    'bowl',
    'saucepan',
    'large-pot',
    'frying-pan',
    'skillet',
    'roasting-tin',
    'baking-tray',
    'gratin-dish',
    'cake-tin',
    'blender',
    'food-processor',
    'mixer',
    'slow-cooker',
    'microwave',
    'grater',
    'whisk',
    'spoon',
    'bench',
    'sieve',
    'toaster',
    'serving-dish',
    'box',
    'probe',
  ],
  'This kind of kit is not known.',
);
export type KitKind = v.InferOutput<typeof KitKind>;

/** One piece of kit a step needs. Steps of one batch that name it with the same `as` use the very same piece, held from the first to the last of them. */
export const KitUse = v.strictObject({
  kind: KitKind,
  as: v.optional(v.pipe(v.string(), v.regex(/^[a-z0-9-]{1,40}$/))),
});
export type KitUse = v.InferOutput<typeof KitUse>;

export const OvenUse = v.strictObject({
  temperatureC: TemperatureC,
  /** How far the oven may be off, either way, without harm. */
  toleranceC: v.optional(v.pipe(v.number(), v.minValue(0), v.maxValue(40)), 10),
  racks: v.optional(v.picklist([1, 2, 3, 4, 5, 6]), 1),
  covered: v.optional(v.boolean(), false),
  grill: v.optional(v.boolean(), false),
  /** From when it goes in the door stays shut for so many minutes, or what rises falls: no other load in or out, no look. */
  shutMin: v.optional(v.pipe(Minutes, v.minValue(1))),
});
export type OvenUse = v.InferOutput<typeof OvenUse>;

/** Another way to do a step: a short boil instead of a night's soak. */
export const StepAlternative = v.strictObject({
  id: StepId,
  name: v.pipe(v.string(), v.minLength(1), v.maxLength(80)),
  text: Words,
  durationMin: DurationMin,
  hands: v.picklist(['on', 'off']),
  kit: v.optional(v.array(KitUse), []),
  burner: v.optional(v.boolean(), false),
});
export type StepAlternative = v.InferOutput<typeof StepAlternative>;

const LookAsWritten = v.strictObject({
  id: v.optional(LookId),
  atMin: Minutes,
  /** It is counted from the end: where the step takes longer, it comes later. */
  fromEnd: v.optional(v.literal(true)),
  takesMin: Minutes,
  what: v.pipe(v.string(), v.maxLength(80)),
});
/** A moment inside what goes by itself when a cook must come, in minutes after its start. */
export type Look = v.InferOutput<typeof LookAsWritten> & { readonly id: LookId };

/** Every step that goes by itself is set going by somebody, and what is hot is taken out or off: looks of these names are not the recipe's own. */
export const startLook = v.parse(LookId, 'start');
export const endLook = v.parse(LookId, 'end');

/** In place of one of its ways: a step that a dish is made without. */
export const leftOutWay = v.parse(StepId, 'left-out');

/** Looks have names by which a plan, and what is ticked on the day, knows them again; those without get the next that is free. */
export function withLookIds(looks: readonly v.InferOutput<typeof LookAsWritten>[]): Look[] {
  const taken = new Set<LookId>([startLook, endLook]);
  const given = looks.map(({ id }) => {
    if (id === undefined || taken.has(id)) return undefined;
    taken.add(id);
    return id;
  });
  return looks.map((look, at) => {
    const id = given[at] ?? v.parse(LookId, freshId('look', taken));
    taken.add(id);
    return { ...look, id };
  });
}

export const Step = v.strictObject({
  id: StepId,
  title: v.pipe(v.string(), v.minLength(1), v.maxLength(80)),
  text: Words,
  /** The lines first used in this step. */
  uses: v.optional(v.array(LineId), []),
  /** The steps it follows; absent means the one before it in the list. `mostMin`: the longest wait after it. */
  after: v.optional(
    v.array(v.strictObject({ step: StepId, leastMin: v.optional(Minutes, 0), mostMin: v.optional(Minutes) })),
  ),
  /** How long, in minutes, at the recipe's yield: least, likely, most. */
  durationMin: DurationMin,
  /** The time is learned from so many days; what the recipe itself says is kept. */
  learned: v.optional(v.strictObject({ asWritten: DurationMin, days: v.pipe(v.number(), v.integer(), v.minValue(1)) })),
  /** `on`: a cook is busy all through. `off`: it goes by itself. */
  hands: v.picklist(['on', 'off']),
  /** Moments inside a hands-off step when a cook must come: minutes after its start. */
  looks: v.pipe(
    v.optional(v.array(LookAsWritten), []),
    v.transform((looks): Look[] => withLookIds(looks)),
  ),
  /** Hands-on work that grows with the amount. */
  grows: v.optional(v.boolean(), false),
  kit: v.optional(v.array(KitUse), []),
  oven: v.optional(OvenUse),
  burner: v.optional(v.boolean(), false),
  /** At the recipe's yield it is done on the hob in so many loads, one after the other; its time is that of them all. */
  loads: v.optional(
    v.pipe(
      v.number('Loads are a number.'),
      v.integer('Loads are whole.'),
      v.minValue(2, 'From two loads on.'),
      v.maxValue(20, 'At most 20 loads.'),
    ),
  ),
  /** Where it stands cold while it goes on: chilling, setting, freezing. */
  cold: v.optional(v.picklist(['fridge', 'freezer'], 'Cold is fridge or freezer.')),
  /** Loose flour in the air. */
  looseFlour: v.optional(v.boolean(), false),
  /** The core temperature this step reaches; it removes the raw-food risks that end at or under it. */
  coreC: v.optional(TemperatureC),
  /** The raw-food risks that stay in what it makes on purpose: soft eggs, a pink steak, cured fish. Who may not have them gets none of it. */
  meantRaw: v.optional(v.pipe(v.array(MeantRaw), v.minLength(1))),
  /** The sign of doneness. */
  until: v.optional(v.pipe(v.string(), v.maxLength(200)), ''),
  /** After this step a portion can be taken out and finished in another version. */
  splitPoint: v.optional(v.boolean(), false),
  /** Other ways to do it, of which one can be chosen dish by dish. */
  alternatives: v.optional(v.pipe(v.array(StepAlternative), v.maxLength(6)), []),
  /** The dish stands without it: it can be left out dish by dish, and with it what only it adds. */
  canOmit: v.optional(v.literal(true)),
  /** What it leaves that another dish uses: the cooking liquid that becomes a sauce. */
  leaves: v.optional(v.pipe(v.array(v.pipe(v.string(), v.minLength(1), v.maxLength(80))), v.maxLength(6)), []),
  /** Only where a dish's recipe is written out: it is a step of that other dish, from which something is taken. */
  carriedFrom: v.optional(DishId),
});
export type Step = v.InferOutput<typeof Step>;

/** Where a recipe came from, as it came: nothing of it is lost by reading. */
export const Original = v.strictObject({
  format: v.picklist(['text', 'json-ld', 'lupin']),
  text: v.pipe(v.string(), v.maxLength(200_000, 'At most 200000 characters.')),
});
export type Original = v.InferOutput<typeof Original>;

/** The vessel it is baked or served in, as the recipe assumes it. Inner measures in cm. */
export const Pan = v.variant('shape', [
  v.strictObject({
    shape: v.literal('round'),
    diameterCm: v.pipe(v.number(), v.minValue(4), v.maxValue(60)),
    depthCm: v.optional(v.pipe(v.number(), v.minValue(1), v.maxValue(40)), 5),
  }),
  v.strictObject({
    shape: v.literal('rectangle'),
    lengthCm: v.pipe(v.number(), v.minValue(4), v.maxValue(80)),
    widthCm: v.pipe(v.number(), v.minValue(4), v.maxValue(80)),
    depthCm: v.optional(v.pipe(v.number(), v.minValue(1), v.maxValue(40)), 5),
  }),
  v.strictObject({ shape: v.literal('pot'), volumeL: v.pipe(v.number(), v.minValue(0.2), v.maxValue(50)) }),
]);
export type Pan = v.InferOutput<typeof Pan>;

export const Recipe = v.strictObject({
  id: RecipeId,
  name: Name,
  about: v.optional(Words, ''),
  usualCourse: v.optional(v.pipe(v.string(), v.maxLength(40)), ''),
  portions: v.pipe(
    v.number('Portions are a number.'),
    v.finite('Portions are finite.'),
    v.minValue(0.25, 'A recipe feeds at least a quarter of a person.'),
    v.maxValue(500, 'At most 500 portions.'),
  ),
  /** What it makes besides portions: 12 rolls, 600 g of pastry, 1 l of stock. Other recipes use it by this. */
  makes: v.optional(Amount),
  /** The vessel the amounts fill, and whether food lies in it in one layer with gaps. */
  pan: v.optional(
    v.strictObject({
      vessel: Pan,
      count: v.optional(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(20)), 1),
      singleLayer: v.optional(v.boolean(), false),
    }),
  ),
  lines: v.pipe(
    v.array(IngredientLine),
    v.minLength(1, 'A recipe needs an ingredient.'),
    v.maxLength(300, 'At most 300 lines.'),
  ),
  steps: v.pipe(v.array(Step), v.minLength(1, 'A recipe needs a step.'), v.maxLength(100, 'At most 100 steps.')),
  /** How long before serving the finished dish may stand, in minutes, and how. */
  hold: v.strictObject({ mostMin: Minutes, how: v.pipe(v.string(), v.maxLength(120)) }),
  /** How long it keeps when made ahead, and where. */
  keeps: v.optional(
    v.pipe(
      v.array(
        v.strictObject({ where: Storage, days: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(365)) }),
      ),
      v.maxLength(3),
    ),
    [],
  ),
  /** What it is usually served with, in words. */
  servedWith: v.optional(v.pipe(v.array(v.pipe(v.string(), v.minLength(1), v.maxLength(80))), v.maxLength(10)), []),
  /** Words of its text that name a food which is not in this dish: the cook says so. */
  notMeant: v.optional(v.pipe(v.array(v.pipe(v.string(), v.minLength(1), v.maxLength(80))), v.maxLength(30))),
  original: v.optional(Original),
});
export type Recipe = v.InferOutput<typeof Recipe>;
