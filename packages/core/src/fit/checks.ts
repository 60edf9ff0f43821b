import {
  bearingOf,
  hazardOf,
  lookFor,
  membersOf,
  type FamilyId,
  type FoodId,
  type HazardId,
} from '../reference/index.ts';
import { knowledgeOf } from '../exposure/index.ts';
import type { DishId, GuestId, LabelRecord, LineId, Occasion } from '../model/index.ts';
import { avoidedBy } from './needs.ts';
import type { Cell, FitTable } from './table.ts';

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
    | { readonly kind: 'maker'; readonly dish: DishId; readonly by: string; readonly why: readonly string[] }
    | { readonly kind: 'guest'; readonly guest: GuestId; readonly why: readonly string[] }
  );

interface Gathered {
  readonly cells: Set<Cell>;
  readonly why: Set<string>;
}

const keyOf = (cell: Cell, brought: boolean, reason: Cell['judgement']['reasons'][number]): string => {
  switch (reason.settles) {
    case 'label':
      return `label/${reason.food}`;
    case 'product':
      return `product/${reason.food}`;
    // What stands in a dish that others cooked, only its maker can say.
    case 'line':
      return brought ? `maker/${cell.dish}` : `line/${cell.dish}/${reason.line}`;
    case 'maker':
      return `maker/${cell.dish}`;
    case 'guest':
      return `guest/${cell.guest}`;
    case 'nothing':
      return `nothing/${cell.dish}/${cell.guest}`;
    default:
      return reason.settles satisfies never;
  }
};

/** Everything open at this occasion, what decides most first: labels to read, lines to explain, makers and guests to ask. */
export function openChecks(occasion: Occasion, table: FitTable): readonly OpenCheck[] {
  const gathered = new Map<string, Gathered>();
  const keysOf = new Map<Cell, Set<string>>();
  for (const row of table.rows) {
    for (const cell of row.cells.values()) {
      if (!cell.served || cell.judgement.verdict !== 'check') continue;
      const keys = new Set<string>();
      for (const reason of cell.judgement.reasons) {
        const key = keyOf(cell, row.dish.brought !== undefined, reason);
        keys.add(key);
        const entry = gathered.get(key) ?? { cells: new Set(), why: new Set() };
        entry.cells.add(cell);
        entry.why.add(reason.chain[2] ?? reason.chain[1]!);
        gathered.set(key, entry);
      }
      keysOf.set(cell, keys);
    }
  }
  const checks: OpenCheck[] = [];
  for (const [key, { cells, why }] of gathered) {
    const [kind, ...rest] = key.split('/');
    if (kind === 'nothing') continue;
    const weight: Weight = {
      decides: [...cells].filter((cell) => keysOf.get(cell)!.size === 1).length,
      touches: cells.size,
      dishes: [...new Set([...cells].map((cell) => cell.dish))],
      guests: [...new Set([...cells].map((cell) => cell.guest))],
    };
    const common = { ...weight, why: [...why] };
    if (kind === 'label')
      checks.push({ kind, ...common, ...labelQuestion(occasion, rest[0] as FoodId, weight.guests) });
    else if (kind === 'product')
      checks.push({ kind, ...common, food: rest[0] as FoodId, ...productQuestion(occasion, rest[0] as FoodId) });
    else if (kind === 'line')
      checks.push({
        kind,
        ...common,
        dish: rest[0] as DishId,
        line: rest[1] as LineId,
        words: lineWords(table, rest[0]!, rest[1]!),
      });
    else if (kind === 'maker')
      checks.push({
        kind,
        ...common,
        dish: rest[0] as DishId,
        by: occasion.dishes.find((dish) => dish.id === rest[0])?.brought?.by ?? 'its maker',
      });
    else if (kind === 'guest') checks.push({ kind, ...common, guest: rest[0] as GuestId });
  }
  return checks.sort((a, b) => b.decides - a.decides || b.touches - a.touches || (describe(a) < describe(b) ? -1 : 1));
}

const describe = (check: OpenCheck): string =>
  `${check.kind}${check.kind === 'label' || check.kind === 'product' ? check.name : check.kind === 'line' ? check.words : check.kind === 'maker' ? check.dish : check.guest}`;

const lineWords = (table: FitTable, dish: string, line: string): string =>
  table.rows
    .find((row) => row.dish.id === dish)
    ?.versions.flatMap((made) => made.recipe.lines)
    .find((each) => each.id === line)?.text ?? line;

function productQuestion(occasion: Occasion, food: FoodId) {
  const knowledge = knowledgeOf(occasion);
  return { name: knowledge.food(food)?.name ?? food, product: knowledge.label(food)?.product ?? 'what was bought' };
}

/** What to look for on the label of a food, for the guests who would eat it: hazards by name, groups opened, and single foods. */
function labelQuestion(occasion: Occasion, food: FoodId, guests: readonly GuestId[]) {
  const knowledge = knowledgeOf(occasion);
  const entry = knowledge.food(food);
  const sought = new Map<HazardId, Set<GuestId>>();
  const foods = new Set<FoodId>();
  const families = new Set<FamilyId>();
  let certified = false;
  for (const guest of occasion.guests.filter((each) => guests.includes(each.id))) {
    for (const need of guest.needs) {
      if (need.kind === 'open' || need.strictness === 'prefers-not') continue;
      if (need.kind === 'food') foods.add(need.food);
      if (need.kind === 'family') families.add(need.family);
      if (need.kind === 'hazard' && need.certifiedOnly) certified = true;
      for (const avoided of avoidedBy(need)) {
        // A vegan choice asks the label only for what is in doubt there; a no-trace guest for all they avoid.
        const asked =
          need.strictness === 'no-trace' ||
          (entry?.possible ?? []).some(({ hazard }) => bearingOf(hazard, avoided) !== 'none');
        if (!asked || hazardOf(avoided).kind === 'raw') continue;
        for (const hazard of avoided === 'gluten' ? [avoided, ...membersOf(avoided), 'oats' as HazardId] : [avoided]) {
          if (entry?.contains.includes(hazard)) continue;
          sought.set(hazard, (sought.get(hazard) ?? new Set()).add(guest.id));
        }
      }
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
