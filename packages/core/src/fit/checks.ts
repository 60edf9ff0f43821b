import {
  bearingOf,
  hazardOf,
  lookFor,
  membersOf,
  type FamilyId,
  type Food,
  type FoodId,
  type HazardId,
} from '../reference/index.ts';
import { knowledgeOf } from '../exposure/index.ts';
import type { DishId, GuestId, LabelRecord, LineId, Need, Occasion } from '../model/index.ts';
import { avoidedBy } from './needs.ts';
import { labelAsks } from './regimens.ts';
import type { Cell, FitTable } from './table.ts';
import type { Reason } from './verdict.ts';

/** One thing to look for on a label, and for whom. */
export interface Sought {
  readonly hazard: HazardId;
  /** The words under which it stands on a label. */
  readonly words: string;
  readonly guests: readonly GuestId[];
}

interface Weight {
  /** Plates that become clear if this alone turns out well. */
  readonly decides: number;
  /** Plates it has a say in. */
  readonly touches: number;
  readonly dishes: readonly DishId[];
  readonly guests: readonly GuestId[];
}

/** Something that is open, and what hangs on it. */
export type OpenCheck = Weight &
  (
    | {
        readonly kind: 'label';
        readonly food: FoodId;
        readonly name: string;
        readonly sought: readonly Sought[];
        readonly foods: readonly FoodId[];
        readonly families: readonly FamilyId[];
        readonly certified: boolean;
        readonly earlier: LabelRecord | undefined;
        readonly why: readonly string[];
      }
    | {
        readonly kind: 'product';
        readonly food: FoodId;
        readonly name: string;
        readonly product: string;
        readonly why: readonly string[];
      }
    | {
        readonly kind: 'line';
        readonly line: LineId;
        readonly dish: DishId;
        readonly words: string;
        readonly why: readonly string[];
      }
    | { readonly kind: 'recipe'; readonly dish: DishId; readonly name: string; readonly why: readonly string[] }
    | { readonly kind: 'maker'; readonly dish: DishId; readonly by: string; readonly why: readonly string[] }
    | { readonly kind: 'guest'; readonly guest: GuestId; readonly why: readonly string[] }
  );

/** What is open, before what hangs on it is known. */
type Open =
  | { readonly kind: 'label' | 'product'; readonly food: FoodId }
  | { readonly kind: 'line'; readonly dish: DishId; readonly line: LineId }
  | { readonly kind: 'recipe' | 'maker'; readonly dish: DishId }
  | { readonly kind: 'guest'; readonly guest: GuestId }
  /** Nobody can settle it: it is counted against the plate, and asked of nobody. */
  | { readonly kind: 'nothing' };

function openBy({ settles, food, line }: Reason, cell: Cell, isBrought: boolean): Open {
  switch (settles) {
    case 'label':
    case 'product':
      return { kind: settles, food: food! };
    case 'line':
      // What stands in a dish that others cooked, only its maker can say.
      return isBrought ? { kind: 'maker', dish: cell.dish } : { kind: 'line', dish: cell.dish, line: line! };
    case 'recipe':
    case 'maker':
      return { kind: settles, dish: cell.dish };
    case 'guest':
      return { kind: 'guest', guest: cell.guest };
    case 'nothing':
      return { kind: 'nothing' };
    default:
      return settles satisfies never;
  }
}

interface Gathered {
  readonly open: Open;
  readonly cells: Set<Cell>;
  readonly why: Set<string>;
}

/** Everything open at this occasion, what decides most first: labels to read, lines to explain, makers and guests to ask. */
export function openChecks(occasion: Occasion, table: FitTable): readonly OpenCheck[] {
  const gathered = new Map<string, Gathered>();
  const keysOf = new Map<Cell, Set<string>>();
  for (const row of table.rows) {
    for (const cell of row.cells.values()) {
      if (!cell.served || cell.judgement.verdict !== 'check') continue;
      const keys = new Set<string>();
      for (const reason of cell.judgement.reasons) {
        const open = openBy(reason, cell, row.dish.brought !== undefined);
        const key = Object.values(open).join('/');
        keys.add(key);
        const entry = gathered.get(key) ?? { open, cells: new Set(), why: new Set() };
        entry.cells.add(cell);
        entry.why.add(reason.chain[2] ?? reason.chain[1]!);
        gathered.set(key, entry);
      }
      keysOf.set(cell, keys);
    }
  }
  return [...gathered.values()]
    .flatMap(({ open, cells, why }): OpenCheck[] => {
      if (open.kind === 'nothing') return [];
      const hanging = {
        decides: [...cells].filter((cell) => keysOf.get(cell)!.size === 1).length,
        touches: cells.size,
        dishes: [...new Set([...cells].map((cell) => cell.dish))],
        guests: [...new Set([...cells].map((cell) => cell.guest))],
        why: [...why],
      };
      return [checkOf(occasion, table, open, hanging)];
    })
    .sort((a, b) => b.decides - a.decides || b.touches - a.touches || (sortName(a) < sortName(b) ? -1 : 1));
}

function checkOf(
  occasion: Occasion,
  table: FitTable,
  open: Exclude<Open, { kind: 'nothing' }>,
  hanging: Weight & { readonly why: readonly string[] },
): OpenCheck {
  switch (open.kind) {
    case 'label':
      return { ...hanging, kind: 'label', ...labelQuestion(occasion, open.food, hanging.guests) };
    case 'product':
      return { ...hanging, kind: 'product', food: open.food, ...productQuestion(occasion, open.food) };
    case 'line':
      return { ...hanging, ...open, words: lineWords(table, open.dish, open.line) };
    case 'recipe':
      return { ...hanging, ...open, kind: 'recipe', name: recipeName(occasion, open.dish) };
    case 'maker':
      return {
        ...hanging,
        ...open,
        kind: 'maker',
        by: occasion.dishes.find((dish) => dish.id === open.dish)?.brought?.by ?? 'its maker',
      };
    case 'guest':
      return { ...hanging, ...open };
    default:
      return open satisfies never;
  }
}

function sortName(check: OpenCheck): string {
  switch (check.kind) {
    case 'label':
    case 'product':
      return `${check.kind}${check.name}`;
    case 'line':
      return `line${check.words}`;
    case 'recipe':
    case 'maker':
      return `${check.kind}${check.dish}`;
    case 'guest':
      return `guest${check.guest}`;
    default:
      return check satisfies never;
  }
}

function recipeName({ dishes, recipes }: Occasion, id: DishId): string {
  const dish = dishes.find((each) => each.id === id);
  return recipes.find((recipe) => recipe.id === dish?.recipe)?.name ?? id;
}

const lineWords = (table: FitTable, dish: string, line: string): string =>
  table.rows
    .find((row) => row.dish.id === dish)
    ?.versions.flatMap((made) => made.recipe.lines)
    .find((each) => each.id === line)?.text ?? line;

function productQuestion(occasion: Occasion, food: FoodId) {
  const knowledge = knowledgeOf(occasion);
  return { name: knowledge.food(food)?.name ?? food, product: knowledge.label(food)?.product ?? 'what was bought' };
}

/** The hazards that a label is read for: a vegan choice asks only for what is in doubt there, a no-trace guest for all they avoid. */
function labelHazards(need: Exclude<Need, { kind: 'open' }>, entry: Food | undefined): readonly HazardId[] {
  return avoidedBy(need).flatMap((avoided) => {
    const isAsked =
      need.strictness === 'no-trace' ||
      (entry?.possible ?? []).some(({ hazard }) => bearingOf(hazard, avoided) !== 'none');
    if (!isAsked || hazardOf(avoided).kind === 'raw') return [];
    return avoided === 'gluten' ? [avoided, ...membersOf(avoided), 'oats' as HazardId] : [avoided];
  });
}

/** What to look for on the label of a food, for the guests who would eat it: hazards by name, groups opened, and single foods. */
function labelQuestion(occasion: Occasion, food: FoodId, guests: readonly GuestId[]) {
  const knowledge = knowledgeOf(occasion);
  const entry = knowledge.food(food);
  const sought = new Map<HazardId, Set<GuestId>>();
  const foods = new Set<FoodId>();
  const families = new Set<FamilyId>();
  let certified = false;
  const seek = (hazard: HazardId, guest: GuestId) => {
    if (!entry?.contains.includes(hazard)) sought.set(hazard, (sought.get(hazard) ?? new Set()).add(guest));
  };
  for (const guest of occasion.guests.filter((each) => guests.includes(each.id))) {
    for (const need of guest.needs) {
      if (need.kind === 'open' || need.strictness === 'prefers-not') continue;
      if (need.kind === 'food') foods.add(need.food);
      if (need.kind === 'family') families.add(need.family);
      if (need.kind === 'hazard' && need.certifiedOnly) certified = true;
      if (need.kind === 'regimen') {
        const asks = labelAsks(need, entry, knowledge);
        for (const family of asks.families) families.add(family);
        for (const hazard of asks.hazards) seek(hazard, guest.id);
      } else for (const hazard of labelHazards(need, entry)) seek(hazard, guest.id);
    }
  }
  return {
    food,
    name: entry?.name ?? food,
    sought: [...sought].map(([hazard, who]): Sought => ({ hazard, words: lookFor(hazard), guests: [...who] })),
    foods: [...foods].filter((each) => each !== food),
    families: [...families],
    certified,
    earlier: knowledge.label(food),
  };
}
