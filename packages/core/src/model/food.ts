import * as v from 'valibot';
import { FamilyId, FoodId, FoodKind, HazardId, Storage, unknownKeeping, type Food } from '../reference/index.ts';
import { Day, Name, Words } from './ids.ts';

/** A food that the user added to the catalogue, or an entry of it that they corrected. Their word, and marked as theirs. */
export const OwnFood = v.strictObject({
  id: FoodId,
  name: Name,
  kind: FoodKind,
  contains: v.pipe(v.array(HazardId), v.maxLength(40)),
  /** What it may hold until the label is read. */
  possible: v.pipe(v.array(HazardId), v.maxLength(40)),
  families: v.optional(v.array(FamilyId), []),
  storage: v.optional(Storage, 'cupboard'),
  /** Why it is so: where the user knows it from. */
  note: v.optional(Words, ''),
  changedOn: Day,
});
export type OwnFood = v.InferOutput<typeof OwnFood>;

const becauseOf = ({ note, changedOn }: OwnFood): string =>
  note.trim() === '' ? `you noted it on ${changedOn}` : `you noted on ${changedOn}: ${note.trim()}`;

/** The user's food as the catalogue would have it. Hazards the catalogue knows to be in it stay: a correction adds a danger and takes none away. */
export function asFood(own: OwnFood, before: Food | undefined): Food {
  const because = becauseOf(own);
  return {
    aka: before?.aka ?? [],
    pluralAka: [],
    holds: before?.holds ?? [],
    aisle: before?.aisle ?? 'your own',
    keepsDays: before?.keepsDays ?? 30,
    keeping: before?.keeping ?? unknownKeeping,
    plural: before?.plural,
    us: before?.us,
    densityGPerMl: before?.densityGPerMl,
    pieceG: before?.pieceG,
    id: own.id,
    name: own.name,
    kind: own.kind,
    contains: [...new Set([...(before?.contains ?? []), ...own.contains])],
    isOfNamedAnimal: before?.isOfNamedAnimal === true,
    families: [...new Set([...(before?.families ?? []), ...own.families])],
    storage: own.storage,
    possible: own.possible.map((hazard) => ({ hazard, why: because, trace: false, lifts: false })),
    source: `your own word, ${own.changedOn}`,
  };
}
