import {
  accountOf,
  clockTime,
  listed,
  progressOf,
  span,
  type DayEvent,
  type BegunWith,
  type Occasion,
  type Plan,
  type RunningDay,
} from '@lupin/core';

interface AccountPanelProps {
  readonly occasion: Occasion;
  readonly plan: Plan;
  readonly events: readonly DayEvent[];
  readonly mends: RunningDay['mends'];
  readonly nowMin: number;
  /** What the day was begun with, where it is at hand: lateness is told against that. */
  readonly begun?: BegunWith | undefined;
}

/** What the day was, against what was planned. */
export function AccountPanel({ occasion, plan, events, mends, nowMin, begun }: AccountPanelProps) {
  const account = accountOf(occasion, plan, progressOf(events), nowMin, begun);
  const at = (moment: number) => clockTime(occasion.serveAt, moment);
  const late = account.dishes.filter((dish) => dish.readyMin !== undefined && dish.readyMin > dish.atMin);
  const never = account.dishes.filter((dish) => dish.readyMin === undefined);
  const inTime = account.dishes.length - late.length - never.length;
  const far = account.steps.filter((step) => Math.abs(step.tookMin - step.plannedMin) >= 5).slice(0, 8);
  const itemName = (item: string) =>
    occasion.kitchen.kit.find((unit) => unit.id === item)?.name.toLowerCase() ??
    (item === 'cloth'
      ? 'a clean towel'
      : item === 'water'
        ? 'fresh water'
        : item === 'machine'
          ? 'the dishwasher'
          : item);
  return (
    <section className="account" aria-label="What the day was">
      <h3>What the day was</h3>
      <p>
        {inTime} of {account.dishes.length} dishes were ready in time.
        {late.length > 0 &&
          ` Late: ${listed(late.map((dish) => `${dish.name} by ${span(dish.readyMin! - dish.atMin)}`))}.`}
        {never.length > 0 && ` Never ticked as ready: ${listed(never.map((dish) => dish.name))}.`}
      </p>
      {account.close.length > 0 && (
        <p>Only just: {listed(account.close.map((dish) => dish.name))}, ready within the last five minutes.</p>
      )}
      {account.change.length > 0 && (
        <p>
          <strong>Next time</strong> give{' '}
          {listed(account.change.map((step) => `“${step.title}” (${step.dishName}) ${span(step.moreMin)} more`))}, or
          begin it so much earlier: what was late waited for it.
        </p>
      )}
      {far.length > 0 && (
        <p>
          Not as long as planned:{' '}
          {listed(
            far.map(
              (step) =>
                `${step.title.toLowerCase()} (${step.dishName}) took ${span(step.tookMin)} for ${span(step.plannedMin)}`,
            ),
          )}
          .
        </p>
      )}
      {account.skipped.map((wash) => (
        <p key={`${wash.wash}/${wash.atMin}`}>
          At {at(Math.round(wash.atMin))} {listed(wash.items.map(itemName))} {wash.items.length === 1 ? 'was' : 'were'}{' '}
          not cleaned: “{wash.reason}”.
        </p>
      ))}
      {account.low.map((reading) => (
        <p key={reading.entry} className="rawish">
          “{reading.title}” was last measured at {reading.celsius} °C; {reading.limitC} °C were asked for.
        </p>
      ))}
      {mends.length > 0 && (
        <ul className="plain">
          {mends.map((mend) => (
            <li key={mend.version}>
              {at(mend.atMin)}: {mend.words}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
