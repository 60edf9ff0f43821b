import * as v from 'valibot';
import { FoodId } from '../reference/index.ts';
import { Brought } from './brought.ts';
import { CourseId, DishId, GuestId, LineId, Name, RecipeId, StepId, VersionId, Words } from './ids.ts';

/** A change to one ingredient line: another food that does the same job, or none. */
export const Swap = v.variant('kind', [
  v.strictObject({ kind: v.literal('substitute'), line: LineId, substitution: v.pipe(v.string(), v.maxLength(80)) }),
  v.strictObject({ kind: v.literal('omit'), line: LineId }),
  /** The cook's own swap, written out, so that the occasion can be read without their table. */
  v.strictObject({
    kind: v.literal('own'),
    line: LineId,
    name: Name,
    with: v.pipe(
      v.array(v.strictObject({ food: FoodId, ratio: v.pipe(v.number(), v.minValue(0.001), v.maxValue(20)) })),
      v.minLength(1),
      v.maxLength(6),
    ),
    technique: v.optional(Words, ''),
    addMin: v.optional(v.pipe(v.number(), v.integer(), v.minValue(-240), v.maxValue(1440)), 0),
  }),
]);
export type Swap = v.InferOutput<typeof Swap>;

/** A dish as made for certain guests. The first version of a dish is for everyone whom no other version names. */
export const Version = v.strictObject({
  id: VersionId,
  name: Name,
  swaps: v.pipe(v.array(Swap), v.maxLength(100)),
  guests: v.pipe(v.array(GuestId), v.maxLength(60)),
  /** Portions of this version on top: a margin, so that a protected plate never comes up short. */
  extraPortions: v.optional(
    v.pipe(
      v.number('Portions are a number.'),
      v.minValue(0, 'Portions cannot be negative.'),
      v.maxValue(100, 'At most 100 portions more.'),
    ),
    0,
  ),
});
export type Version = v.InferOutput<typeof Version>;

/** Oil, water or a pan in which several dishes are cooked: what one leaves in it, the others pick up. */
export const SharedMedium = v.strictObject({
  medium: v.picklist(
    ['frying oil', 'cooking water', 'steamer', 'grill'],
    'A shared medium is frying oil, cooking water, steamer or grill.',
  ),
  with: v.pipe(v.array(DishId), v.minLength(1), v.maxLength(20)),
});
export type SharedMedium = v.InferOutput<typeof SharedMedium>;

/**
 * What a line is taken from: the liquid or the juices that a step of another dish leaves when it ends. All that was in that step comes over with it.
 * Several lines can be of one step; a line has one source.
 */
export const Taken = v.strictObject({ line: LineId, from: DishId, step: StepId });
export type Taken = v.InferOutput<typeof Taken>;

export const Dish = v.strictObject({
  id: DishId,
  course: CourseId,
  recipe: RecipeId,
  versions: v.pipe(
    v.array(Version),
    v.minLength(1, 'A dish has at least one version.'),
    v.maxLength(8, 'At most 8 versions.'),
  ),
  /** Guests who are not served it, whatever the verdict. */
  notFor: v.optional(v.pipe(v.array(GuestId), v.maxLength(60)), []),
  /** How much of a full portion each eater takes where a course has several dishes. */
  share: v.optional(
    v.pipe(
      v.number('A share is a number.'),
      v.minValue(0.1, 'At least a tenth of a portion.'),
      v.maxValue(4, 'At most four portions each.'),
    ),
    1,
  ),
  /** Made ahead and chilled, and heated through again before it is served; absent: made on the day, or so that no second heat is needed. */
  ahead: v.optional(v.literal(true)),
  /** Which way a step is done, where its recipe offers several; or that it is left out, where the dish stands without it. */
  choices: v.optional(v.pipe(v.array(v.strictObject({ step: StepId, alternative: StepId })), v.maxLength(20)), []),
  /** Cooked by others; its recipe then holds what they said is in it. */
  brought: v.optional(Brought),
  /** What it is cooked in together with other dishes, outside the kit that the plan follows. */
  shares: v.optional(v.pipe(v.array(SharedMedium), v.maxLength(8)), []),
  /** Lines that are taken from other dishes: the gravy's stock is the potatoes' water. */
  takes: v.optional(v.pipe(v.array(Taken), v.maxLength(6)), []),
  /** Portions made on top, for seconds or leftovers. */
  extraPortions: v.optional(
    v.pipe(
      v.number('Portions are a number.'),
      v.minValue(0, 'Portions cannot be negative.'),
      v.maxValue(100, 'At most 100 portions more.'),
    ),
    0,
  ),
});
export type Dish = v.InferOutput<typeof Dish>;

export const Course = v.strictObject({
  id: CourseId,
  name: Name,
  /** Minutes after the occasion's serving time at which it goes to the table; over a feast weekend it may be days. */
  offsetMin: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(5760)),
  /** How many dishes of this course a guest should have, so that nobody sits before leaves. */
  enough: v.optional(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(10)), 1),
});
export type Course = v.InferOutput<typeof Course>;
