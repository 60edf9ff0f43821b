import * as v from 'valibot';
import doubtRows from '../../../../data/reference/doubts.json' with { type: 'json' };
import bakery from '../../../../data/reference/foods/bakery.json' with { type: 'json' };
import curedMeat from '../../../../data/reference/foods/cured-meat.json' with { type: 'json' };
import dairyAndEggs from '../../../../data/reference/foods/dairy-and-eggs.json' with { type: 'json' };
import driedFruit from '../../../../data/reference/foods/dried-fruit.json' with { type: 'json' };
import drinks from '../../../../data/reference/foods/drinks.json' with { type: 'json' };
import fish from '../../../../data/reference/foods/fish.json' with { type: 'json' };
import floursAndBaking from '../../../../data/reference/foods/flours-and-baking.json' with { type: 'json' };
import freshHerbs from '../../../../data/reference/foods/fresh-herbs.json' with { type: 'json' };
import frozen from '../../../../data/reference/foods/frozen.json' with { type: 'json' };
import fruit from '../../../../data/reference/foods/fruit.json' with { type: 'json' };
import grainsAndPasta from '../../../../data/reference/foods/grains-and-pasta.json' with { type: 'json' };
import meat from '../../../../data/reference/foods/meat.json' with { type: 'json' };
import nutsAndSeeds from '../../../../data/reference/foods/nuts-and-seeds.json' with { type: 'json' };
import oilsAndVinegars from '../../../../data/reference/foods/oils-and-vinegars.json' with { type: 'json' };
import plantDairy from '../../../../data/reference/foods/plant-dairy.json' with { type: 'json' };
import pulses from '../../../../data/reference/foods/pulses.json' with { type: 'json' };
import saucesAndCondiments from '../../../../data/reference/foods/sauces-and-condiments.json' with { type: 'json' };
import snacks from '../../../../data/reference/foods/snacks.json' with { type: 'json' };
import spices from '../../../../data/reference/foods/spices.json' with { type: 'json' };
import sweetThings from '../../../../data/reference/foods/sweet-things.json' with { type: 'json' };
import tinsAndJars from '../../../../data/reference/foods/tins-and-jars.json' with { type: 'json' };
import vegetables from '../../../../data/reference/foods/vegetables.json' with { type: 'json' };
import { FamilyId } from './families.ts';
import { HazardId } from './hazards.ts';
import { Keeping } from './keeping.ts';

export const FoodId = v.pipe(
  v.string(),
  v.regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'A food id is lower-case words joined by hyphens.'),
  v.brand('FoodId'),
);
export type FoodId = v.InferOutput<typeof FoodId>;

const DoubtRow = v.strictObject({
  id: v.string(),
  hazards: v.array(HazardId),
  /** One clause, lower case: why the label decides. */
  why: v.string(),
  /** It is about traces from shared lines and slabs, not about ingredients. */
  trace: v.optional(v.boolean(), false),
  /** The group it names is only possible although one of its members is contained: gluten taken out of wheat starch. */
  lifts: v.optional(v.boolean(), false),
  /** Reading the list does not settle it, only this claim on the label does: oats are never clear for a coeliac unless called gluten-free. */
  settledBy: v.optional(v.literal('gluten-free')),
});

/**
 * `single`: one ingredient, as grown or caught. `plain`: processed, yet of one ingredient (oil, sugar, flour).
 * `composite`: made of several; unread, it is never clear for a no-trace guest.
 */
export const FoodKind = v.picklist(['single', 'plain', 'composite'], 'A food is single, plain or composite.');
export const Storage = v.picklist(
  ['cupboard', 'counter', 'cellar', 'fridge', 'freezer'],
  'Food is kept in the cupboard, on the counter, in the cellar, fridge or freezer.',
);

const FoodRow = v.strictObject({
  id: FoodId,
  name: v.string(),
  plural: v.optional(v.string()),
  /** What Americans call it, where that is another word. */
  us: v.optional(v.string()),
  /** Other names, kinds and cuts that are the same for the table. */
  aka: v.optional(v.array(v.string()), []),
  /** Names that mean it only in the plural: "peppers" are vegetables, "pepper" is the spice. */
  pluralAka: v.optional(v.array(v.string()), []),
  /** Families a guest can avoid as a whole. */
  families: v.optional(v.array(FamilyId), []),
  /** Foods it is made from by its nature: garlic powder from garlic, hummus from chickpeas and tahini. */
  holds: v.optional(v.array(FoodId), []),
  /** What a plain product of this name holds; silence about it would be a danger. */
  contains: v.optional(v.array(HazardId), []),
  /** Its meat is of an animal that its name tells, and that is no pig: "meat" alone may be of any. */
  isOfNamedAnimal: v.optional(v.boolean(), false),
  /** Why its label decides: ids of doubts. */
  doubts: v.optional(v.array(v.string()), []),
  kind: v.optional(FoodKind),
  densityGPerMl: v.optional(v.pipe(v.number(), v.minValue(0.05), v.maxValue(2))),
  /** Edible mass of one piece in g. */
  pieceG: v.optional(v.pipe(v.number(), v.minValue(0.1))),
  storage: v.optional(Storage),
  /** Days it keeps at home, unopened or whole, where it is stored. */
  keepsDays: v.optional(v.pipe(v.number(), v.integer(), v.minValue(1))),
  /** How it keeps out of the cold once work on it begins, where that is otherwise than on its shelf. */
  keeping: v.optional(Keeping),
});

const Shelf = v.strictObject({
  aisle: v.string(),
  storage: Storage,
  keepsDays: v.number(),
  kind: FoodKind,
  keeping: Keeping,
  source: v.string(),
  foods: v.array(FoodRow),
});

export interface PossibleHazard {
  readonly hazard: HazardId;
  readonly why: string;
  /** From shared lines and slabs, not as an ingredient. */
  readonly trace: boolean;
  /** A group that is only possible although a member is contained. */
  readonly lifts: boolean;
  /** The claim on the label that alone settles it. */
  readonly settledBy?: 'gluten-free' | undefined;
}

export interface Food {
  readonly id: FoodId;
  readonly name: string;
  readonly plural?: string | undefined;
  readonly us?: string | undefined;
  readonly aka: readonly string[];
  readonly pluralAka: readonly string[];
  readonly families: readonly FamilyId[];
  readonly holds: readonly FoodId[];
  readonly contains: readonly HazardId[];
  readonly isOfNamedAnimal: boolean;
  readonly possible: readonly PossibleHazard[];
  readonly kind: v.InferOutput<typeof FoodKind>;
  readonly densityGPerMl?: number | undefined;
  readonly pieceG?: number | undefined;
  readonly aisle: string;
  readonly storage: v.InferOutput<typeof Storage>;
  readonly keepsDays: number;
  readonly keeping: Keeping;
  readonly source: string;
}

const doubts = new Map(v.parse(v.array(DoubtRow), doubtRows).map((doubt) => [doubt.id, doubt]));
const shelves = v.parse(v.array(Shelf), [
  vegetables,
  fruit,
  freshHerbs,
  meat,
  curedMeat,
  fish,
  dairyAndEggs,
  plantDairy,
  bakery,
  floursAndBaking,
  grainsAndPasta,
  pulses,
  nutsAndSeeds,
  driedFruit,
  spices,
  oilsAndVinegars,
  saucesAndCondiments,
  tinsAndJars,
  sweetThings,
  snacks,
  frozen,
  drinks,
]);

/** What doubts of these ids make possible. `who`: of what, for the error of an id that does not exist. */
export function possibleOf(who: string, names: readonly string[]): readonly PossibleHazard[] {
  const found = new Map<HazardId, PossibleHazard>();
  for (const name of names) {
    const doubt = doubts.get(name);
    if (!doubt) throw new Error(`"${who}" names the doubt "${name}", which is not in data/reference/doubts.json`);
    // Being an ingredient is the graver of two grounds.
    for (const hazard of doubt.hazards)
      if (!found.has(hazard) || (found.get(hazard)!.trace && !doubt.trace))
        found.set(hazard, {
          hazard,
          why: doubt.why,
          trace: doubt.trace,
          lifts: doubt.lifts,
          settledBy: doubt.settledBy,
        });
  }
  return [...found.values()];
}

export const foods: readonly Food[] = shelves.flatMap((shelf) =>
  shelf.foods.map(({ doubts: names, ...row }): Food => ({
    ...row,
    possible: possibleOf(row.id, names).filter(({ hazard }) => !row.contains.includes(hazard)),
    kind: row.kind ?? shelf.kind,
    aisle: shelf.aisle,
    storage: row.storage ?? shelf.storage,
    keepsDays: row.keepsDays ?? shelf.keepsDays,
    keeping: row.keeping ?? shelf.keeping,
    source: shelf.source,
  })),
);
const byId = new Map<string, Food>(foods.map((food) => [food.id, food]));

/** The catalogue entry, or undefined: an unknown food is the caller's *check*, never an error and never clear. */
export function foodOf(id: string): Food | undefined {
  return byId.get(id);
}

/** A food and all that it is made from by its nature, at any depth: garlic powder ─► garlic powder, garlic. */
export function madeFrom(food: Food, find: (id: string) => Food | undefined = foodOf): readonly Food[] {
  const all = new Map<string, Food>();
  const visit = (each: Food) => {
    if (all.has(each.id)) return;
    all.set(each.id, each);
    for (const id of each.holds) {
      const part = find(id);
      if (part) visit(part);
    }
  };
  visit(food);
  return [...all.values()];
}

/** The families a food belongs to by itself or by what it is made from. */
export function familiesOf(food: Food, find: (id: string) => Food | undefined = foodOf): ReadonlySet<FamilyId> {
  return new Set(madeFrom(food, find).flatMap((each) => each.families));
}
