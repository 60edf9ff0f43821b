import { Button } from 'antd';
import { useMemo } from 'react';
import {
  insteadOf,
  linesWithout,
  roleNames,
  takeInstead,
  type DishRow,
  type Guest,
  type OwnSubstitution,
} from '@lupin/core';
import { useRecipesQuery } from '../../app/api.ts';
import { VerdictMark } from '../../shared/VerdictMark.tsx';
import { useOccasionView } from '../occasions/context.ts';
import { guestNames } from './guestNames.ts';

/** A dish that no swap makes fit for a guest: why not, and what of the library may take its place on the plate. */
export function Instead({ row, guest, own }: { row: DishRow; guest: Guest; own: readonly OwnSubstitution[] }) {
  const { occasion, edit } = useOccasionView();
  const { data } = useRecipesQuery();
  const library = useMemo(() => data?.map((each) => each.entry) ?? [], [data]);
  const without = useMemo(() => linesWithout(occasion, row, guest, own), [occasion, row, guest, own]);
  const found = useMemo(() => insteadOf(occasion, row, guest.id, library), [occasion, row, guest.id, library]);
  return (
    <div style={{ marginTop: 10 }}>
      <h3>This dish is not for {guest.name}</h3>
      {without.length === 0 && <p className="soft">No swap is known that would do.</p>}
      {without.map(({ line, words, role }) => (
        <p key={line}>
          Nothing known takes the place of <span className="words">“{words}”</span>
          {role && ` here (${roleNames[role]})`}.
        </p>
      ))}
      {found.length > 0 ? (
        <>
          <p className="soft" style={{ marginTop: 8 }}>
            Instead, of your recipes for this course:
          </p>
          {found.map((instead) => (
            <div className="offer" key={instead.recipe.id}>
              <h4>
                <VerdictMark verdict={instead.verdict} /> {instead.recipe.name}
              </h4>
              {instead.verdict === 'check' && (
                <p className="small soft">Something in it has to be read or asked first.</p>
              )}
              <Button
                size="small"
                style={{ marginTop: 6 }}
                onClick={() => edit((one) => takeInstead(one, row.dish, instead, library))}
              >
                Make it for {guestNames(occasion, instead.guests)}
              </Button>
            </div>
          ))}
        </>
      ) : (
        <p className="soft">Another dish of the course has to fill this plate.</p>
      )}
    </div>
  );
}
