import { Button, Switch } from 'antd';
import dayjs from 'dayjs';
import { useMemo, useState } from 'react';
import {
  fit,
  leftoversOf,
  progressOf,
  standingOf,
  type BegunWith,
  type DayEvent,
  type FoodStanding,
  type Happening,
  type Leftover,
  type RunningDay,
} from '@lupin/core';
import { BoxLabel } from './BoxLabel.tsx';
import { PutAwayForm } from './PutAwayForm.tsx';
import { StandingTable } from './StandingTable.tsx';

interface LeftoversProps {
  readonly day: RunningDay;
  readonly begun: BegunWith | undefined;
  readonly events: readonly DayEvent[];
  readonly nowMin: number;
  readonly onNote: (...what: readonly Happening[]) => void;
}

/** What is left: what still stands and until when it may, and the boxes that were put away. */
export function Leftovers({ day: { occasion, plan }, begun, events, nowMin, onNote }: LeftoversProps) {
  const progress = useMemo(() => progressOf(events), [events]);
  const table = useMemo(() => fit(occasion), [occasion]);
  const minute = Math.floor(nowMin);
  const standing = useMemo(
    () => standingOf(occasion, plan, progress, minute, table),
    [occasion, plan, progress, minute, table],
  );
  const boxes = useMemo(
    () => leftoversOf({ occasion, plan, begun: begun?.occasion ?? occasion, progress, nowMin: minute }, table),
    [occasion, plan, begun, progress, minute, table],
  );
  const [putting, setPutting] = useState<{
    readonly food: Pick<FoodStanding, 'dish' | 'version' | 'keepsOutDays'>;
    readonly known?: Leftover;
  }>();
  const [named, setNamed] = useState(false);
  const away = useMemo(() => new Set(progress.leftovers.map((each) => `${each.dish}/${each.version}`)), [progress]);
  // What others brought has no clock here, and can be put away all the same.
  const brought = occasion.dishes.filter(
    (dish) => dish.brought && minute >= (occasion.courses.find((course) => course.id === dish.course)?.offsetMin ?? 0),
  );
  return (
    <>
      {putting && (
        <PutAwayForm
          key={putting.known?.id ?? `${putting.food.dish}/${putting.food.version}`}
          occasion={occasion}
          food={putting.food}
          known={putting.known}
          nowMin={nowMin}
          onClose={() => setPutting(undefined)}
          onKeep={(leftover) => {
            onNote({ kind: 'leftover', leftover });
            setPutting(undefined);
          }}
        />
      )}
      {boxes.length > 0 && (
        <section aria-label="Boxes">
          <div className="row no-print">
            <h2>Put away</h2>
            <label className="row soft">
              <Switch size="small" checked={named} onChange={setNamed} aria-label="Names of guests on the labels" />{' '}
              name the guests on the labels
            </label>
            <Button size="small" style={{ marginLeft: 'auto' }} onClick={() => window.print()}>
              Print the labels
            </Button>
          </div>
          <div className="box-labels">
            {boxes.map((judged) => (
              <BoxLabel
                key={judged.leftover.id}
                occasion={occasion}
                judged={judged}
                today={dayjs().format('YYYY-MM-DD')}
                named={named}
                onNote={onNote}
                onCorrect={() =>
                  setPutting({
                    food: { dish: judged.leftover.dish, version: judged.leftover.version },
                    known: judged.leftover,
                  })
                }
              />
            ))}
          </div>
        </section>
      )}
      <section aria-label="Still standing" className="no-print">
        <h2>{boxes.length > 0 ? 'What else there is' : 'What is left?'}</h2>
        {standing.length + brought.length === 0 ? (
          <p className="soft">
            Nothing is ready yet. From when a dish is done, its time between hot and cold is counted here.
          </p>
        ) : (
          <p className="soft small">
            From when a dish was ready, or was last measured hot or cold enough, it may stand two hours in all; one in
            the heat. Put away what is left, each version by itself.
          </p>
        )}
        {standing.length > 0 && (
          <StandingTable
            occasion={occasion}
            standing={standing}
            readings={progress.readings}
            nowMin={minute}
            away={away}
            onNote={onNote}
            onPutAway={(food) => setPutting({ food })}
          />
        )}
        {brought.map((dish) => (
          <p key={dish.id} className="row" style={{ marginTop: 8 }}>
            {occasion.recipes.find((each) => each.id === dish.recipe)?.name}, from {dish.brought!.by}: how long it has
            stood is not known here.{' '}
            <Button onClick={() => setPutting({ food: { dish: dish.id, version: dish.versions[0]!.id } })}>
              Put away
            </Button>
          </p>
        ))}
      </section>
    </>
  );
}
