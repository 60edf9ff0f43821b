import { Button } from 'antd';
import {
  clockTime,
  isHeld,
  keepEntry,
  rules,
  span,
  type FoodStanding,
  type Happening,
  type Occasion,
  type Reading,
} from '@lupin/core';
import { useUnits } from '../../shared/units.ts';
import { ReadingForm } from './ReadingForm.tsx';

interface StandingTableProps {
  readonly occasion: Occasion;
  readonly standing: readonly FoodStanding[];
  readonly readings: readonly Reading[];
  readonly nowMin: number;
  /** Dishes of which something has been put away. */
  readonly away?: ReadonlySet<string>;
  readonly onNote: (...what: readonly Happening[]) => void;
  readonly onPutAway?: (food: FoodStanding) => void;
}

/** The name of a version of a dish. */
export function dishVersionName(occasion: Occasion, dish: string, version: string): string {
  const found = occasion.dishes.find((each) => each.id === dish);
  const name = occasion.recipes.find((each) => each.id === found?.recipe)?.name ?? dish;
  return found && found.versions.length > 1
    ? `${name}, ${found.versions.find((each) => each.id === version)?.name ?? version}`
    : name;
}

/** What is ready and stands somewhere, how long it has stood between hot and cold, and until when it may. */
export function StandingTable({ occasion, standing, readings, nowMin, away, onNote, onPutAway }: StandingTableProps) {
  const units = useUnits();
  const at = (moment: number) => clockTime(occasion.serveAt, Math.round(moment));
  return (
    <table className="standing">
      <thead>
        <tr>
          <th scope="col">Food</th>
          <th scope="col">
            Between {units.degrees(rules.coldHoldC)} and {units.degrees(rules.hotHoldC)}
          </th>
          <th scope="col">Measured</th>
          {onPutAway && (
            <th scope="col">
              <span className="visually-hidden">What is left</span>
            </th>
          )}
        </tr>
      </thead>
      <tbody>
        {standing.map((food) => {
          const name = dishVersionName(occasion, food.dish, food.version);
          const isAway = away?.has(`${food.dish}/${food.version}`) ?? false;
          const stood = Math.max(0, Math.round(nowMin - food.sinceMin));
          const left = rules.standsMostMin - stood;
          const own = readings.filter((each) => each.counts && each.entry === keepEntry(food.dish, food.version));
          const last = own.at(-1);
          // One field for both: whoever measures 61 °C keeps it hot, whoever measures 4 °C keeps it cold.
          const note = (celsius: number) =>
            onNote({
              kind: 'measure',
              entry: keepEntry(food.dish, food.version),
              measured: celsius > rules.warmRoomC ? 'hot' : 'cold',
              celsius,
            });
          return (
            <tr key={`${food.dish}/${food.version}`}>
              <th scope="row">{name}</th>
              <td
                className={
                  isAway || food.keepsOutDays !== undefined
                    ? 'soft'
                    : left < 0
                      ? 'stood-over'
                      : left <= 30
                        ? 'stood-soon'
                        : ''
                }
              >
                {food.keepsOutDays !== undefined ? (
                  `keeps out of the fridge, ${food.keepsOutDays} ${food.keepsOutDays === 1 ? 'day' : 'days'}`
                ) : isAway ? (
                  'put away'
                ) : left < 0 ? (
                  <strong>{span(stood)}: too long. Do not keep it.</strong>
                ) : (
                  <>
                    <strong>{span(stood)}</strong>
                    {food.isTicked ? '' : ' by the plan'}; away by{' '}
                    <strong>{at(food.sinceMin + rules.standsMostMin)}</strong>
                  </>
                )}
              </td>
              <td>
                {last && (
                  <span className={isHeld(last) ? 'soft' : 'stood-soon'}>
                    {units.degrees(last.celsius)} at {at(last.atMin)}, {last.device}
                    {isHeld(last) ? '' : last.measured === 'hot' ? ': not hot enough' : ': not cold enough'}{' '}
                  </span>
                )}
                {food.keepsOutDays === undefined && !isAway && (
                  <ReadingForm label={`${name}, how hot or cold it is`} onNote={note} />
                )}
              </td>
              {onPutAway && (
                <td>
                  <Button onClick={() => onPutAway(food)}>{isAway ? 'Another box' : 'Put away'}</Button>
                </td>
              )}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
