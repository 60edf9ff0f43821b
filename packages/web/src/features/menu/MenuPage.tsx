import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { DishPicker } from './DishPicker.tsx';
import { MenuTable } from './MenuTable.tsx';
import { PlatePanel } from './PlatePanel.tsx';
import { WhyPanel } from './WhyPanel.tsx';
import { useOccasionView } from '../occasions/context.ts';
import { useRevealOnPhone } from '../../shared/useRevealOnPhone.ts';
import { VerdictMark, verdictMeaning, verdictWords } from '../../shared/VerdictMark.tsx';

export interface Spot {
  readonly dish?: string | undefined;
  readonly guest?: string | undefined;
}

export function MenuPage() {
  const { occasion } = useOccasionView();
  const [params] = useSearchParams();
  const [spot, setSpot] = useState<Spot>({ guest: params.get('guest') ?? undefined });
  const panel = useRevealOnPhone<HTMLElement>(spot.guest && `${spot.dish}/${spot.guest}`);
  const dish = occasion.dishes.find((each) => each.id === spot.dish);
  const guest = occasion.guests.find((each) => each.id === spot.guest);
  return (
    <div className="split">
      <div className="main">
        {occasion.guests.length === 0 ? (
          <p className="soft" style={{ paddingTop: 10 }}>
            Nobody is invited yet. Add guests first: the table here shows who may eat what.
          </p>
        ) : (
          <MenuTable spot={{ dish: dish?.id, guest: guest?.id }} onSpot={setSpot} />
        )}
        <p className="legend">
          {(['clear', 'check', 'adaptable', 'conflict'] as const).map((verdict) => (
            <span key={verdict}>
              <VerdictMark verdict={verdict} size={18} />
              {verdictWords[verdict]}: {verdictMeaning[verdict]}
            </span>
          ))}
        </p>
      </div>
      <aside aria-label="Why" ref={panel}>
        {dish && guest ? (
          <WhyPanel key={`${dish.id}/${guest.id}`} dishId={dish.id} guestId={guest.id} />
        ) : guest ? (
          <PlatePanel guestId={guest.id} onSpot={setSpot} />
        ) : (
          <DishPicker onSpot={setSpot} />
        )}
        {(dish ?? guest) && (
          <p style={{ marginTop: 22 }}>
            <button
              type="button"
              className="bare"
              style={{ color: 'var(--violet)', fontWeight: 600 }}
              onClick={() => setSpot({})}
            >
              Add or remove dishes
            </button>
          </p>
        )}
        <p className="soft small" style={{ marginTop: 22 }}>
          Plans, does not test food. Your guest's own advice comes first.
        </p>
      </aside>
    </div>
  );
}
