import { minutesOfClock, type Planned } from '@lupin/core';

interface Bar {
  readonly cook: string;
  readonly fromAt: number;
  readonly toAt: number;
  readonly kind: 'step' | 'wash' | 'look';
}

/** Hands of each cook, by the clock: minutes since midnight of the occasion's day. */
function barsOf({ occasion, plan }: Planned): readonly Bar[] {
  const zero = minutesOfClock(occasion.serveAt);
  const bar = (cook: string, task: { readonly startMin: number; readonly endMin: number }, kind: Bar['kind']): Bar => ({
    cook,
    fromAt: zero + task.startMin,
    toAt: zero + task.endMin,
    kind,
  });
  return plan.tasks.flatMap((task): Bar[] => {
    if (task.kind === 'oven') return [];
    if (task.kind === 'wash') return [bar(task.cook, task, 'wash')];
    return [
      ...(task.cook ? [bar(task.cook, task, 'step')] : []),
      ...task.looks.map((look) => bar(look.cook, look, 'look')),
    ];
  });
}

/** Both days of work above each other on one clock, as they lead up to their servings. What was done ahead is left out. */
export function TwoDays({ before, after }: { before: Planned; after: Planned }) {
  const days = [
    { name: 'As it is', planned: before },
    { name: 'What if', planned: after },
  ].map((each) => ({
    ...each,
    bars: barsOf(each.planned).filter((bar) => bar.toAt > 0),
    servings: each.planned.occasion.courses.map(
      (course) => minutesOfClock(each.planned.occasion.serveAt) + course.offsetMin,
    ),
  }));
  const fromAt = Math.floor(Math.min(...days.flatMap((day) => day.bars.map((bar) => bar.fromAt))) / 60) * 60;
  const toAt = Math.ceil((Math.max(...days.flatMap((day) => day.servings)) + 10) / 60) * 60;
  const part = (at: number) => `${((at - fromAt) / (toAt - fromAt)) * 100}%`;
  const hours = Array.from({ length: Math.floor((toAt - fromAt) / 60) + 1 }, (_, hour) => fromAt + hour * 60);
  return (
    <div
      className="two-days"
      role="img"
      aria-label="The work of both days on one clock; the table says the same in words."
    >
      <div className="two-axis">
        {hours
          .slice(0, -1)
          .filter((_, index) => index % (hours.length > 9 ? 2 : 1) === 0)
          .map((at) => (
            <span key={at} style={{ left: part(at) }}>{`${Math.floor(at / 60) % 24}:00`}</span>
          ))}
      </div>
      {days.map(({ name, planned, bars, servings }) => (
        <div key={name} className="two-day">
          <strong className="small">{name}</strong>
          {planned.occasion.kitchen.cooks.map((cook) => (
            <div key={cook.id} className="two-row">
              <span className="two-name small">{cook.name}</span>
              <div className="two-lane">
                {hours.map((at) => (
                  <i key={at} className="two-hour" style={{ left: part(at) }} />
                ))}
                {bars
                  .filter((bar) => bar.cook === cook.id)
                  .map((bar) => (
                    <i
                      key={`${bar.kind}${bar.fromAt}`}
                      className={`two-bar ${bar.kind}`}
                      style={{
                        left: part(bar.fromAt),
                        width: `max(2px, ${((bar.toAt - bar.fromAt) / (toAt - fromAt)) * 100}%)`,
                      }}
                    />
                  ))}
                {[...new Set(servings)].map((at) => (
                  <i key={at} className="two-serve" style={{ left: part(at) }} />
                ))}
              </div>
            </div>
          ))}
        </div>
      ))}
    </div>
  );
}
