import { CloseOutlined } from '@ant-design/icons';
import { Button, Select, Switch } from 'antd';
import { equalWork, fit, gatherWork, listed, pinWords, span, tasksOf, type Occasion, type PlanGoal } from '@lupin/core';
import { useMemo } from 'react';
import { pinned } from './pins.ts';

const goalWords: Readonly<Record<PlanGoal, string>> = {
  washes: 'fewest washes',
  washMin: 'least time at the sink',
  day: 'the shortest day',
  calm: 'a calm last half hour',
  held: 'food standing as briefly as can be',
};

/** What counts most, and what the cook has fixed. */
export function WishesPanel({
  occasion,
  onChange,
}: {
  occasion: Occasion;
  onChange: (next: (one: Occasion) => Occasion) => void;
}) {
  const network = useMemo(() => tasksOf(occasion, fit(occasion)), [occasion]);
  const titles = useMemo(() => new Map(network.tasks.map((task) => [task.id, task.title])), [network]);
  const nameOf = (id: string) => {
    const dish = occasion.dishes.find((each) => each.id === id);
    return occasion.recipes.find((each) => each.id === dish?.recipe)?.name ?? id;
  };
  const work = useMemo(() => equalWork(occasion), [occasion]);
  const { goals, pins } = occasion.wishes;
  return (
    <section>
      <h3>What counts first</h3>
      <div className="row" style={{ marginTop: 6 }}>
        <Select
          aria-label="What counts first"
          value={goals[0]!}
          style={{ width: 280 }}
          options={(Object.keys(goalWords) as PlanGoal[]).map((value) => ({ value, label: goalWords[value] }))}
          onChange={(first) =>
            onChange((one) => ({
              ...one,
              wishes: { ...one.wishes, goals: [first, ...one.wishes.goals.filter((goal) => goal !== first)] },
            }))
          }
        />
        <span className="soft small">Nothing is ever late, and nothing crosses over.</span>
      </div>
      {network.shareable.length > 0 && <h3 style={{ marginTop: 14 }}>Cooked once for several dishes</h3>}
      {network.shareable.map((each) => (
        <label
          className="row"
          key={`${each.recipe}/${each.dishes.join()}`}
          style={{ marginTop: 6, flexWrap: 'nowrap', alignItems: 'flex-start' }}
        >
          <Switch
            size="small"
            checked={!each.apart}
            aria-label={`Cook ${each.name} once`}
            onChange={(once) =>
              onChange((one) => ({
                ...one,
                wishes: {
                  ...one.wishes,
                  apart: [...one.wishes.apart.filter((id) => id !== each.recipe), ...(once ? [] : [each.recipe])],
                },
              }))
            }
          />
          <span>
            {each.name}:{' '}
            {each.dishes.length > 1
              ? listed(each.dishes.map(nameOf))
              : `all versions of ${nameOf(each.dishes[0]!)} that have it alike`}
            .{' '}
            <span className="soft">
              {each.apart ? 'Each has its own now.' : 'It is kept free from all that any of its guests must not have.'}
            </span>
          </span>
        </label>
      ))}
      {work.length > 0 && <h3 style={{ marginTop: 14 }}>Could be done in one go</h3>}
      {work.map((each) => (
        <div className="row" key={each.id} style={{ marginTop: 6, flexWrap: 'nowrap', alignItems: 'flex-start' }}>
          <Button
            size="small"
            aria-label={`In one go: ${each.name}`}
            onClick={() => onChange((one) => gatherWork(one, each.id))}
          >
            In one go
          </Button>
          <span>
            {each.name}: {each.places.map((place) => `${listed(place.lines)} for ${place.dishName}`).join('; ')}.{' '}
            <span className="soft">
              About {span(each.savesMin)} less by hand. “What if” shows what the plan would be.
            </span>
          </span>
        </div>
      ))}
      {pins.length > 0 && <h3 style={{ marginTop: 14 }}>Fixed by you</h3>}
      {pins.map((pin) => (
        <div className="row" key={pin.task} style={{ marginTop: 4 }}>
          <span>
            {titles.get(pin.task) ?? 'A step that is no longer there'} {pinWords(occasion, pin).join(', ')}
          </span>
          <Button
            size="small"
            type="text"
            icon={<CloseOutlined />}
            aria-label={`Let go: ${titles.get(pin.task) ?? pin.task}`}
            onClick={() =>
              onChange((one) =>
                pinned(one, pin.task, {
                  startsAtMin: undefined,
                  notBeforeMin: undefined,
                  endsByMin: undefined,
                  cook: undefined,
                  oven: undefined,
                  rack: undefined,
                  unit: undefined,
                  spareMin: undefined,
                }),
              )
            }
          />
        </div>
      ))}
    </section>
  );
}
