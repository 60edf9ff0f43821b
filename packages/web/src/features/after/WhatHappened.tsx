import { Button, Input, Select } from 'antd';
import { lazy, Suspense, useMemo, useState } from 'react';
import {
  accountOf,
  clockTime,
  keepEntry,
  progressOf,
  type BegunWith,
  type DayEvent,
  type DishId,
  type GuestId,
  type Happening,
  type Liking,
  type RunningDay,
} from '@lupin/core';
import { useUnits } from '../../shared/units.ts';
import { AccountPanel } from '../cook/AccountPanel.tsx';
import { paceChart, paceWords } from './paceChart.ts';
import { dishVersionName } from './StandingTable.tsx';

const Chart = lazy(() => import('../../shared/Chart.tsx'));

interface WhatHappenedProps {
  readonly day: RunningDay;
  readonly begun: BegunWith | undefined;
  readonly events: readonly DayEvent[];
  readonly nowMin: number;
  readonly onNote: (...what: readonly Happening[]) => void;
}

const kindWords = { core: 'core', hot: 'kept hot', cold: 'kept cold', cooling: 'cooling' } as const;

/** The day against its first plan, what was measured, what was said of the dishes, and who liked what. */
export function WhatHappened({ day: { occasion, plan, mends }, begun, events, nowMin, onNote }: WhatHappenedProps) {
  const units = useUnits();
  const progress = useMemo(() => progressOf(events), [events]);
  const minute = Math.floor(nowMin);
  const account = useMemo(
    () => accountOf(occasion, plan, progress, minute, begun),
    [occasion, plan, progress, minute, begun],
  );
  const draw = useMemo(() => paceChart(occasion, account.pace), [occasion, account.pace]);
  const at = (moment: number) => clockTime(occasion.serveAt, Math.round(moment));
  const measuredOf = (entry: string) => {
    const dish = occasion.dishes.find((each) =>
      each.versions.some((version) => entry === keepEntry(each.id, version.id)),
    );
    if (dish)
      return dishVersionName(
        occasion,
        dish.id,
        dish.versions.find((version) => entry === keepEntry(dish.id, version.id))!.id,
      );
    const box = progress.leftovers.find((each) => entry === `box:${each.id}`);
    if (box) return `${dishVersionName(occasion, box.dish, box.version)}, ${box.box}`;
    return (
      account.pace.find((each) => each.id === entry)?.dishName ??
      account.pace.find((each) => entry.startsWith(each.id))?.dishName ??
      'a dish that is not in the plan any more'
    );
  };
  return (
    <>
      <AccountPanel occasion={occasion} plan={plan} events={events} mends={mends} nowMin={minute} begun={begun} />
      {account.pace.length > 0 && (
        <section aria-label="Against the plan">
          <h3>Against the first plan</h3>
          <p className="soft">
            {paceWords(account.pace)} Each point is one thing done:{' '}
            {occasion.kitchen.cooks
              .map((cook, index) => `${['diamonds', 'squares', 'triangles'][index % 3]} by ${cook.name}`)
              .join(', ')}
            ; open circles went by themselves.
          </p>
          <Suspense fallback={<div style={{ height: 260 }} />}>
            <Chart
              label={`Minutes late or early of ${account.pace.length} things. ${paceWords(account.pace)}`}
              height={260}
              draw={draw}
            />
          </Suspense>
        </section>
      )}
      <section aria-label="Dishes">
        <h3>The dishes</h3>
        <table className="dish-notes">
          <thead>
            <tr>
              <th scope="col">Dish</th>
              <th scope="col">Asked for more</th>
              <th scope="col">Left it</th>
              <th scope="col">What to do differently</th>
            </tr>
          </thead>
          <tbody>
            {occasion.dishes.map((dish) => (
              <DishRow
                key={dish.id}
                dish={dish.id}
                name={occasion.recipes.find((each) => each.id === dish.recipe)?.name ?? dish.id}
                guests={occasion.guests.map(({ id, name }) => ({ id, name }))}
                liked={progress.liked.filter((each) => each.dish === dish.id)}
                notes={progress.notes.filter((each) => each.dish === dish.id).map((each) => each.words)}
                onNote={onNote}
              />
            ))}
          </tbody>
        </table>
      </section>
      {progress.readings.length > 0 && (
        <section aria-label="Temperatures">
          <h3>Temperatures</h3>
          <table className="dish-notes">
            <thead>
              <tr>
                <th scope="col">When</th>
                <th scope="col">What</th>
                <th scope="col">Measured</th>
                <th scope="col">By</th>
              </tr>
            </thead>
            <tbody>
              {progress.readings.map((reading, index) => (
                <tr key={index} className={reading.counts ? '' : 'soft'}>
                  <td>{at(reading.atMin)}</td>
                  <td>
                    {measuredOf(reading.entry)}, {kindWords[reading.measured]}
                  </td>
                  <td>
                    {units.degrees(reading.celsius)}
                    {!reading.counts && ', taken back'}
                  </td>
                  <td>{reading.device}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
    </>
  );
}

interface DishRowProps {
  readonly dish: DishId;
  readonly name: string;
  readonly guests: readonly { readonly id: GuestId; readonly name: string }[];
  readonly liked: readonly { readonly guest: GuestId; readonly how: Liking }[];
  readonly notes: readonly string[];
  readonly onNote: (...what: readonly Happening[]) => void;
}

function DishRow({ dish, name, guests, liked, notes, onNote }: DishRowProps) {
  const [words, setWords] = useState('');
  const who = (how: Liking) => liked.filter((each) => each.how === how).map((each) => each.guest as string);
  const say = (how: Liking, chosen: readonly string[]) => {
    const before = who(how);
    const told = [
      ...chosen
        .filter((id) => !before.includes(id))
        .map((id): Happening => ({ kind: 'liked', dish, guest: id as GuestId, how })),
      ...before
        .filter((id) => !chosen.includes(id))
        .map((id): Happening => ({ kind: 'liked', dish, guest: id as GuestId, how: null })),
    ];
    if (told.length > 0) onNote(...told);
  };
  const pick = (how: Liking, label: string) => (
    <Select
      mode="multiple"
      size="small"
      aria-label={`${name}: ${label}`}
      value={who(how)}
      onChange={(chosen: string[]) => say(how, chosen)}
      options={guests.map((guest) => ({ value: guest.id as string, label: guest.name }))}
      showSearch={{ optionFilterProp: 'label' }}
      maxTagCount="responsive"
      style={{ width: '100%' }}
    />
  );
  const note = () => {
    if (words.trim()) {
      onNote({ kind: 'note', words: words.trim(), dish });
      setWords('');
    }
  };
  return (
    <tr>
      <th scope="row">{name}</th>
      <td>{pick('asked-for-more', 'asked for more')}</td>
      <td>{pick('left-it', 'left it')}</td>
      <td>
        {notes.map((each, index) => (
          <p key={index}>{each}</p>
        ))}
        <form
          className="row"
          style={{ flexWrap: 'nowrap' }}
          onSubmit={(event) => {
            event.preventDefault();
            note();
          }}
        >
          <Input
            size="small"
            aria-label={`${name}: note`}
            value={words}
            maxLength={500}
            placeholder="more salt, ten minutes less …"
            onChange={(event) => setWords(event.target.value)}
            onBlur={note}
          />
          {words.trim() && (
            <Button size="small" htmlType="submit">
              Note
            </Button>
          )}
        </form>
      </td>
    </tr>
  );
}
