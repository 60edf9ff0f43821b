import { CloseOutlined } from '@ant-design/icons';
import { Button, Progress, Select, Tag } from 'antd';
import { useMemo, useState } from 'react';
import {
  allChanged,
  changeWords,
  clockTime,
  comparePlans,
  equalWork,
  ovensOf,
  recipeOf,
  span,
  type Change,
  type Comparison,
  type Occasion,
  type Plan,
  type PlanMeasures,
  type StepChange,
  type StepPlace,
} from '@lupin/core';
import { inHundred } from './sureChart.ts';
import { TwoDays } from './TwoDays.tsx';
import { useWhatIf } from './useWhatIf.ts';

interface WhatIfPanelProps {
  readonly occasion: Occasion;
  readonly plan: Plan;
  /** How sure the plan at hand is, once it is known. */
  readonly allOnTime: number | undefined;
  readonly onChange: (next: (one: Occasion) => Occasion) => void;
  readonly onOffer: (plan: Plan) => void;
}

/** A guest more, an oven less: another plan beside the one at hand, by what changes. Nothing is changed until it is said so. */
export function WhatIfPanel({ occasion, plan, allOnTime, onChange, onOffer }: WhatIfPanelProps) {
  const [changes, setChanges] = useState<readonly Change[]>([]);
  const choices = useMemo(() => choicesOf(occasion), [occasion]);
  const other = useMemo(() => (changes.length > 0 ? allChanged(occasion, changes) : undefined), [occasion, changes]);
  const state = useWhatIf(other, plan);
  const comparison = useMemo(
    () => (other && state?.plan ? comparePlans({ occasion, plan }, { occasion: other, plan: state.plan }) : undefined),
    [occasion, plan, other, state?.plan],
  );
  const all = changes.map((change, at) => changeWords(allChanged(occasion, changes.slice(0, at)), change));
  return (
    <main className="page">
      <h2>What if …</h2>
      <div className="row" style={{ marginTop: 8, flexWrap: 'wrap' }}>
        <Select
          aria-label="What if"
          placeholder="a guest more, an oven less, later …"
          value={null}
          showSearch={{ optionFilterProp: 'label' }}
          style={{ width: 330 }}
          listHeight={420}
          options={choices.map((group) => ({
            label: group.name,
            options: group.changes.map((change) => ({
              value: JSON.stringify(change),
              label: changeWords(occasion, change),
            })),
          }))}
          onChange={(chosen: string | null) => {
            if (chosen) setChanges((before) => [...before, JSON.parse(chosen) as Change]);
          }}
        />
        {all.map((words, at) => (
          <Tag
            key={`${at}${words}`}
            closable
            onClose={(event) => {
              event.preventDefault();
              setChanges((before) => before.filter((_, each) => each !== at));
            }}
            closeIcon={<CloseOutlined aria-label={`Not: ${words}`} style={{ fontSize: 13, padding: 4 }} />}
            className="whatif-tag"
          >
            {words}
          </Tag>
        ))}
        {state && !state.over && (
          <span className="row">
            <Progress
              type="circle"
              size={22}
              percent={Math.round(state.share * 100)}
              showInfo={false}
              aria-label="Planning it"
            />{' '}
            planning it
          </span>
        )}
        {state?.over && comparison && (
          <Button
            type="primary"
            onClick={() => {
              if (state.plan) onOffer(state.plan);
              onChange((one) => allChanged(one, changes));
              setChanges([]);
            }}
          >
            Do it like this
          </Button>
        )}
      </div>
      {changes.length === 0 && (
        <p className="soft" style={{ marginTop: 10 }}>
          Choose one or several: another plan is made in the same way and set beside this one. Nothing is changed until
          you say so.
        </p>
      )}
      {state?.reason && (
        <p style={{ marginTop: 14, fontSize: 17 }}>
          <strong>{state.reason.proven ? 'Then no plan can hold.' : 'No plan was found for that.'}</strong>{' '}
          {state.reason.what} {state.reason.why} Try: {state.reason.tryThis}
        </p>
      )}
      {comparison && other && state?.plan && (
        <div className="sure-columns right-wide">
          <div>
            <Measures comparison={comparison} before={allOnTime} after={state.allOnTime} />
            <p className="soft small" style={{ marginTop: 8 }}>
              Both are looked for as long. A minute or a wash more or less may be chance.
            </p>
          </div>
          <div>
            <TwoDays before={{ occasion, plan }} after={{ occasion: other, plan: state.plan }} />
            <Steps comparison={comparison} />
          </div>
        </div>
      )}
    </main>
  );
}

/** A time by the clock, from minutes since midnight of the occasion's day. */
const at = (minutes: number): string =>
  `${clockTime('00:00', minutes)}${minutes < 0 ? ' the day before' : minutes >= 1440 ? ' the day after' : ''}`;

function Measures({
  comparison: { before, after },
  before: sureBefore,
  after: sureAfter,
}: {
  comparison: Comparison;
  before: number | undefined;
  after: number | undefined;
}) {
  const names = [...new Set([...before.handsMin.keys(), ...after.handsMin.keys()])];
  const minutes = (value: number | undefined) => (value === undefined ? '–' : span(value));
  const row = (name: string, of: (each: PlanMeasures) => string): [string, string, string] => [
    name,
    of(before),
    of(after),
  ];
  const rows: [string, string, string][] = [
    row('First hand on the day', (each) => at(each.firstHandAt)),
    row('Last course goes out', (each) => at(each.lastServingAt)),
    row('From first hand to last course', (each) => span(each.dayMin)),
    row('Washes', (each) => `${each.washes}`),
    row('Minutes of washing', (each) => minutes(each.washMin)),
    ...names.map((name) => row(`${name}’s hands`, (each) => minutes(each.handsMin.get(name)))),
    row('Hands in the last half hour', (each) => minutes(each.calmMin)),
    row('Bakes bent to share an oven', (each) => `${each.bent}`),
    [
      'Everything in time',
      sureBefore === undefined ? '…' : inHundred(sureBefore),
      sureAfter === undefined ? '…' : inHundred(sureAfter),
    ],
    row('Not enough for', (each) => (each.short.length === 0 ? 'nobody' : each.short.join(', '))),
  ];
  return (
    <table className="plain-table compare">
      <thead>
        <tr>
          <th></th>
          <th>As it is</th>
          <th>What if</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, one, two]) => (
          <tr key={name} className={one === two ? '' : 'differs'}>
            <td>{name}</td>
            <td>{one}</td>
            <td>{two}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const shown = 14;

function Steps({ comparison: { changes, same } }: { comparison: Comparison }) {
  const [all, setAll] = useState(false);
  const few = all ? changes : changes.slice(0, shown);
  return (
    <section aria-label="What changes">
      <h3>{changes.length === 0 ? 'No step changes' : `${changes.length} steps change, ${same} stay as they are`}</h3>
      {changes.length > 0 && (
        <table className="plain-table">
          <thead>
            <tr>
              <th>Step</th>
              <th>As it is</th>
              <th>What if</th>
            </tr>
          </thead>
          <tbody>
            {few.map((each) => (
              <tr key={each.id}>
                <td>
                  {each.title} <span className="soft">{each.dishName}</span>
                </td>
                <td className="when">{place(each.before, each)}</td>
                <td className="when">{place(each.after, each)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {changes.length > shown && (
        <Button size="small" style={{ marginTop: 8 }} onClick={() => setAll(!all)}>
          {all ? 'Fewer' : `All ${changes.length}`}
        </Button>
      )}
    </section>
  );
}

function place(one: StepPlace | undefined, { before, after }: StepChange) {
  if (!one) return <span className="soft">not at all</span>;
  return (
    <>
      {at(one.startAt)}
      {before?.cook !== after?.cook && one.cook && <span className="soft"> {one.cook}</span>}
    </>
  );
}

/** What can be asked of this occasion, in groups. */
function choicesOf(occasion: Occasion): { readonly name: string; readonly changes: readonly Change[] }[] {
  const { kitchen } = occasion;
  const work = equalWork(occasion);
  const kinds = [...new Map(kitchen.kit.map((unit) => [unit.kind, unit])).values()];
  return [
    { name: 'When', changes: [30, 15, -15, -30, 60].map((laterMin): Change => ({ kind: 'serve', laterMin })) },
    {
      name: 'Who cooks',
      changes: [
        { kind: 'helper' },
        ...(kitchen.cooks.length > 1
          ? kitchen.cooks.map((cook): Change => ({ kind: 'cook-less', cook: cook.id }))
          : []),
      ],
    },
    {
      name: 'Ovens and hob',
      changes: [
        { kind: 'oven-more' },
        ...ovensOf(kitchen).flatMap((oven, number): Change[] =>
          oven.racks > 0 ? [{ kind: 'oven-less', oven: number }] : [],
        ),
        { kind: 'burner-less' },
      ],
    },
    { name: 'Washing up', changes: [{ kind: kitchen.dishwasher ? 'dishwasher-less' : 'dishwasher' }] },
    {
      name: 'Kit',
      changes: [
        ...kinds.map((unit): Change => ({ kind: 'kit-more', like: unit.id })),
        ...kitchen.kit.map((unit): Change => ({ kind: 'kit-less', unit: unit.id })),
      ],
    },
    {
      name: 'Guests',
      changes: [
        { kind: 'guest-more' },
        ...occasion.guests.map((guest): Change => ({ kind: 'guest-less', guest: guest.id })),
      ],
    },
    ...(work.length > 0
      ? [{ name: 'Equal work in one go', changes: work.map((each): Change => ({ kind: 'gather', work: each.id })) }]
      : []),
    {
      name: 'Dishes',
      changes: [...occasion.dishes]
        .sort((a, b) => (recipeOf(occasion, a).name < recipeOf(occasion, b).name ? -1 : 1))
        .map((dish): Change => ({ kind: 'dish-less', dish: dish.id })),
    },
  ];
}
