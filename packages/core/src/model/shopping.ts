import * as v from 'valibot';
import { FoodId, Role } from '../reference/index.ts';
import { Day, Name, Words } from './ids.ts';
import { Amount } from './recipe.ts';

/** What an item of the shopping list is known by: a food's id, or the words of a line no food stands for. */
export const ItemKey = v.pipe(v.string(), v.minLength(1), v.maxLength(320));

/** A way to buy a food: what one package holds, and what it cost last. */
export const Pack = v.strictObject({
  id: FoodId,
  /** What one package holds; words are no size. */
  holds: v.union([
    v.strictObject({
      kind: v.literal('mass'),
      massG: v.pipe(
        v.number('A weight is a number.'),
        v.minValue(1, 'At least 1 g.'),
        v.maxValue(50_000, 'At most 50 kg.'),
      ),
    }),
    v.strictObject({
      kind: v.literal('volume'),
      volumeMl: v.pipe(
        v.number('A volume is a number.'),
        v.minValue(1, 'At least 1 ml.'),
        v.maxValue(50_000, 'At most 50 l.'),
      ),
    }),
    v.strictObject({
      kind: v.literal('count'),
      count: v.pipe(
        v.number('A count is a number.'),
        v.minValue(1, 'At least one.'),
        v.maxValue(1000, 'At most 1000.'),
      ),
    }),
  ]),
  /** "tin", "bag", "bunch". */
  called: v.optional(v.pipe(v.string(), v.maxLength(40)), 'pack'),
  /** In whatever money the cook pays with. */
  price: v.optional(
    v.pipe(v.number('A price is a number.'), v.minValue(0, 'A price cannot be negative.'), v.maxValue(100_000)),
  ),
  notedOn: v.optional(Day),
});
export type Pack = v.InferOutput<typeof Pack>;

export const ShopId = v.pipe(
  v.string(),
  v.regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'An id is 1 to 64 lower-case letters, digits and hyphens.'),
);
export const Shop = v.strictObject({ id: ShopId, name: Name, day: Day });
export type Shop = v.InferOutput<typeof Shop>;

/** What the cook did to an occasion's shopping list; the list itself is computed. */
export const Shopping = v.strictObject({
  /** What is in the house already. */
  have: v.optional(v.pipe(v.array(v.strictObject({ item: ItemKey, amount: Amount })), v.maxLength(500)), []),
  /** What is in the basket. */
  ticked: v.optional(v.pipe(v.array(ItemKey), v.maxLength(1000)), []),
  /** Trips to the shops, in the order they are made. */
  shops: v.optional(v.pipe(v.array(Shop), v.maxLength(8)), []),
  /** Items that the cook put on a certain trip. */
  at: v.optional(v.pipe(v.array(v.strictObject({ item: ItemKey, shop: ShopId })), v.maxLength(1000)), []),
  /** Things that no recipe asks for: candles, ice, foil. */
  extra: v.optional(
    v.pipe(v.array(v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(120))), v.maxLength(200)),
    [],
  ),
  /** Package sizes and prices as they were when planned. */
  packs: v.optional(v.pipe(v.array(Pack), v.maxLength(500)), []),
});
export type Shopping = v.InferOutput<typeof Shopping>;

/** A swap that the cook added to the table. */
export const OwnSubstitution = v.strictObject({
  id: v.pipe(
    v.string(),
    v.regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'An id is 1 to 64 lower-case letters, digits and hyphens.'),
  ),
  name: Name,
  role: v.optional(Role),
  replaces: v.pipe(v.array(FoodId), v.minLength(1, 'Which food does it replace?'), v.maxLength(40)),
  with: v.pipe(
    v.array(
      v.strictObject({
        food: FoodId,
        ratio: v.pipe(
          v.number('A ratio is a number.'),
          v.minValue(0.001, 'A ratio is more than nothing.'),
          v.maxValue(20, 'At most 20 times as much.'),
        ),
      }),
    ),
    v.minLength(1, 'What goes in instead?'),
    v.maxLength(6),
  ),
  technique: v.optional(Words, ''),
  addMin: v.optional(
    v.pipe(v.number('Minutes are a number.'), v.integer('Minutes are whole.'), v.minValue(-240), v.maxValue(1440)),
    0,
  ),
  closeness: v.optional(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(5)), 3),
  changedOn: Day,
});
export type OwnSubstitution = v.InferOutput<typeof OwnSubstitution>;
