import { regimenOf } from '../reference/index.ts';
import type { Guest, GuestId, Occasion } from '../model/index.ts';
import { needWords } from './needs.ts';
import { levelOf, type RegimenNeed } from './regimens.ts';
import type { Cell, DishRow } from './table.ts';
import { worse, type Reason } from './verdict.ts';

const nameOf = ({ recipes }: Occasion, { dish }: DishRow): string =>
  recipes.find((recipe) => recipe.id === dish.recipe)?.name ?? dish.id;

/**
 * Dishes that are sound by themselves and are not eaten at one meal by whoever keeps two kinds of food apart (meat and milk): each of them is a question
 * then, of which the guest is to have.
 */
export function apartAtMeal(occasion: Occasion, rows: readonly DishRow[]): readonly DishRow[] {
  return occasion.guests.reduce(
    (all, guest) =>
      guest.needs.reduce(
        (so, need) =>
          need.kind === 'regimen' && need.strictness !== 'prefers-not' ? forOne(occasion, so, guest, need) : so,
        all,
      ),
    rows,
  );
}

function forOne(occasion: Occasion, rows: readonly DishRow[], guest: Guest, need: RegimenNeed): readonly DishRow[] {
  const { apart } = regimenOf(need.regimen);
  if (!apart) return rows;
  const served = rows.filter((row) => row.cells.get(guest.id)!.served);
  const holding = (hazards: typeof apart.one) =>
    served.filter((row) => levelOf(hazards, evidenceFor(row, guest.id)) !== undefined);
  const [one, other] = [holding(apart.one), holding(apart.other)];
  if (one.length === 0 || other.length === 0) return rows;
  return rows.map((row) => {
    const beside = [...(one.includes(row) ? other : []), ...(other.includes(row) ? one : [])]
      .filter((each) => each !== row)
      .map((each) => nameOf(occasion, each));
    if (beside.length === 0) return row;
    const reason: Reason = {
      verdict: 'check',
      need,
      settles: 'guest',
      chain: [
        `${guest.name}: ${needWords(need)}`,
        `At this meal there is ${beside.join(' and ')} too`,
        `${apart.why.charAt(0).toUpperCase()}${apart.why.slice(1)}: which of them is for ${guest.name}? Leave them out of the other.`,
      ],
    };
    return { ...row, cells: new Map(row.cells).set(guest.id, withReason(row.cells.get(guest.id)!, reason)) };
  });
}

const evidenceFor = ({ versions, cells }: DishRow, guest: GuestId) =>
  versions.find(({ version }) => version.id === cells.get(guest)!.version)?.evidence ?? [];

const withReason = (cell: Cell, reason: Reason): Cell => ({
  ...cell,
  judgement: {
    ...cell.judgement,
    verdict: worse(cell.judgement.verdict, reason.verdict),
    reasons: [...cell.judgement.reasons, reason],
  },
});
