import dayjs from 'dayjs';
import type { Occasion } from '@lupin/core';
import { useOccasionAgainMutation } from '../../app/api.ts';
import { OccasionForm } from '../occasions/OccasionForm.tsx';

/** An old occasion made into a new one: what is taken along, and what asks to be confirmed again. */
export function AgainForm({ occasion }: { occasion: Occasion }) {
  const [again, { isLoading, error }] = useOccasionAgainMutation();
  const isBrought = occasion.dishes.some((dish) => dish.brought);
  return (
    <section aria-label="Make it again" style={{ maxWidth: 760 }}>
      <h3>A new occasion from this one</h3>
      <p>
        It begins with the {occasion.guests.length} guests, the {occasion.dishes.length} dishes and the kitchen of this
        one, and with the times that its recipes have learned since. This one stays as it is.
      </p>
      <ul className="plain" style={{ marginBottom: 14 }}>
        <li>
          Every guest is to be <strong>asked again</strong>: needs change in a year.
        </li>
        <li>
          Every label is to be <strong>read again</strong>: so do recipes of products.
          {isBrought && ' Makers of brought dishes are to be asked again.'}
        </li>
        <li>Nothing is in the basket or in the house; who is away when is forgotten.</li>
      </ul>
      <OccasionForm
        label="New occasion from this one"
        from={{
          name: occasion.name,
          date: dayjs(occasion.date).add(1, 'year').format('YYYY-MM-DD'),
          serveAt: occasion.serveAt,
        }}
        button="Make it"
        isLoading={isLoading}
        error={error}
        onMake={(one) =>
          again({ id: occasion.id, ...one })
            .unwrap()
            .catch(() => undefined)
        }
      />
    </section>
  );
}
