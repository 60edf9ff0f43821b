import { Button } from 'antd';
import { applyOffer, choicesAt, type Guest, type LineId, type Swap } from '@lupin/core';
import { useOccasionView } from '../occasions/context.ts';
import { guestNames } from './guestNames.ts';

/** Where a line leaves a choice: one press takes one of the things it names, for all who share this version. */
export function Choices({ dishId, guest, line }: { dishId: string; guest: Guest; line: LineId }) {
  const { occasion, table, edit } = useOccasionView();
  const row = table.rows.find((each) => each.dish.id === dishId)!;
  const { version } = row.cells.get(guest.id)!;
  const choices = choicesAt(occasion, row, version, line);
  if (choices.length === 0) return null;
  const take = (swap: Swap) =>
    edit((one) => ({
      ...one,
      dishes: one.dishes.map((dish) => {
        if (dish.id !== dishId) return dish;
        const swaps = [...dish.versions.find((each) => each.id === version)!.swaps, swap];
        return applyOffer(dish, { scope: 'everyone', swaps, guests: [] }, guest.id, version, '');
      }),
    }));
  const names = (ids: readonly string[]) => guestNames(occasion, ids);
  return (
    <div className="choices" role="group" aria-label="The recipe leaves a choice">
      <span className="soft small">The recipe leaves a choice. For all who share this:</span>
      {choices.map(({ name, swap, breaks }) => (
        <span key={name} className="row">
          <Button size="small" disabled={breaks.length > 0} onClick={() => take(swap)}>
            Take {name}
          </Button>
          {breaks.length > 0 && <span className="small">not for {names(breaks)}</span>}
        </span>
      ))}
    </div>
  );
}
