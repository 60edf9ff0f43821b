import { familiesOf, foodOf, madeFrom, rules, type FamilyId, type Food, type FoodId } from '../reference/index.ts';
import { foodsCalledIn, ownNames } from './called.ts';
import { asFood, type LabelRecord, type Occasion } from '../model/index.ts';

/** What is known about food at one occasion: the catalogue, the user's own foods, and the labels that were read. */
export interface Knowledge {
  /** A food by its id, the user's word before the catalogue's. */
  food(id: FoodId): Food | undefined;
  /** Whether the user added or corrected it. */
  isOwn(id: FoodId): boolean;
  /** The label read last for a food. */
  label(id: FoodId): LabelRecord | undefined;
  /** Whether a label is so old, on the day of the occasion, that it must be read again. */
  isOld(label: LabelRecord): boolean;
  /** The food and all it is made from by its nature. */
  parts(id: FoodId): ReadonlySet<FoodId>;
  families(id: FoodId): ReadonlySet<FamilyId>;
}

const dayNumber = (day: string): number => Date.parse(`${day}T00:00:00Z`) / 86_400_000;

/** Whole days from one calendar day to another. */
export const daysBetween = (from: string, to: string): number => Math.round(dayNumber(to) - dayNumber(from));

const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** "20 Nov 2026" for 2026-11-20. */
export function dateWords(iso: string): string {
  const [year, month, day] = iso.split('-').map(Number);
  return `${day} ${months[month! - 1]} ${year}`;
}

/** A food, all that it is made from by its nature, and all that its name says it is of: tomato juice is of tomato. */
function partsOf(food: Food, find: (id: string) => Food | undefined): ReadonlySet<FoodId> {
  const all = new Set<FoodId>();
  const visit = (each: Food) => {
    if (all.has(each.id)) return;
    all.add(each.id);
    for (const part of madeFrom(each, find)) visit(part);
    for (const name of ownNames(each))
      for (const id of foodsCalledIn(name)) {
        const part = find(id);
        if (part) visit(part);
      }
  };
  visit(food);
  return all;
}

const remembered = new WeakMap<
  readonly LabelRecord[],
  { readonly ownFoods: Occasion['ownFoods']; readonly date: string; readonly knowledge: Knowledge }
>();

/** The knowledge of an occasion, remembered as long as its labels, own foods and day stay the same objects. */
export function knowledgeOf({ labels, ownFoods, date }: Pick<Occasion, 'labels' | 'ownFoods' | 'date'>): Knowledge {
  const known = remembered.get(labels);
  if (known && known.ownFoods === ownFoods && known.date === date) return known.knowledge;
  const own = new Map(ownFoods.map((each) => [each.id as string, asFood(each, foodOf(each.id))]));
  const find = (id: string) => own.get(id) ?? foodOf(id);
  const latest = new Map<string, LabelRecord>();
  // Of two read on one day the one written down later counts.
  for (const label of labels)
    if (!latest.has(label.food) || latest.get(label.food)!.readOn <= label.readOn) latest.set(label.food, label);
  const parts = new Map<string, ReadonlySet<FoodId>>();
  const knowledge: Knowledge = {
    food: find,
    isOwn: (id) => own.has(id),
    label: (id) => latest.get(id),
    isOld: (label) => daysBetween(label.readOn, date) > rules.labelKeepsDays,
    parts: (id) => {
      let found = parts.get(id);
      const food = find(id);
      if (!found) parts.set(id, (found = food ? partsOf(food, find) : new Set([id])));
      return found;
    },
    families: (id) => {
      const food = find(id);
      const within = food ? [...partsOf(food, find)].flatMap((part) => find(part) ?? []) : [];
      return new Set(within.flatMap((part) => [...familiesOf(part, find)]));
    },
  };
  remembered.set(labels, { ownFoods, date, knowledge });
  return knowledge;
}

/** The catalogue alone: for what is asked of words, and not of packets. */
export const noLabels: Knowledge = knowledgeOf({ labels: [], ownFoods: [], date: '2000-01-01' });
