import { listed, type Guest, type GuestId, type Occasion } from '../model/index.ts';
import { needWords } from './needs.ts';
import { apartIn, type RegimenNeed } from './regimens.ts';
import type { Cell, DishRow } from './table.ts';
import { sentence, worse, type Reason } from './verdict.ts';

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
  const served = rows.flatMap((row) => {
    const apart = row.cells.get(guest.id)!.served && apartIn(need, evidenceFor(row, guest.id));
    return apart ? [{ row, apart }] : [];
  });
  const [one, other] = (['one', 'other'] as const).map((kind) =>
    served.flatMap(({ row, apart }) => (apart[kind] ? [row] : [])),
  ) as [DishRow[], DishRow[]];
  if (one.length === 0 || other.length === 0) return rows;
  const { why } = served[0]!.apart;
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
        `At this meal there is ${listed(beside)} too`,
        sentence(`${why}: which of them is for ${guest.name}? Leave them out of the other`),
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
