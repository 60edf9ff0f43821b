import { Select } from 'antd';
import { useState } from 'react';
import * as v from 'valibot';
import {
  dishesOut,
  fit,
  freshId,
  guestGone,
  guestNeeds,
  hazards,
  leftOut,
  madeAgain,
  Need,
  ovenDead,
  ovensOf,
  tasksOf,
  wantOven,
  listed,
  type GuestId,
  type Occasion,
  type RunSheetEntry,
  type Slipped,
} from '@lupin/core';

interface SlipPanelProps {
  /** Only the host mends; a helper says how long something takes. */
  readonly canMend: boolean;
  readonly from: Slipped;
  readonly entry: RunSheetEntry | undefined;
  readonly onLonger: (minutes: number) => void;
  readonly onAsk: (what: string, from: Slipped) => void;
  readonly onClose: () => void;
}

const dishName = (occasion: Occasion, id: string): string =>
  occasion.recipes.find((each) => each.id === occasion.dishes.find((dish) => dish.id === id)?.recipe)?.name ?? id;

/** What can go otherwise than planned, one tap each. */
export function SlipPanel({ canMend, from, entry, onLonger, onAsk, onClose }: SlipPanelProps) {
  const [open, setOpen] = useState<'food' | 'gone' | 'needs' | 'oven'>();
  const { occasion } = from;
  const toggle = (which: typeof open) => setOpen((now) => (now === which ? undefined : which));
  return (
    <section className="slips" aria-label="What went otherwise">
      <div className="row">
        <h2>What went otherwise?</h2>
        <button type="button" className="big-button plain" style={{ marginLeft: 'auto' }} onClick={onClose}>
          Nothing
        </button>
      </div>
      {entry && entry.kind !== 'oven' && (
        <div className="slip-row">
          <span>“{entry.title}” takes longer by</span>
          {[5, 10, 20].map((minutes) => (
            <button key={minutes} type="button" className="big-button" onClick={() => onLonger(minutes)}>
              {minutes} min
            </button>
          ))}
        </div>
      )}
      {!canMend && <p className="big soft">Everything else is mended on the host’s screen: tell them.</p>}
      {canMend && (
        <>
          <button type="button" className="big-button wide" onClick={() => onAsk('Behind the plan', from)}>
            We are behind: plan again from now
          </button>
          <button
            type="button"
            className="big-button wide"
            aria-expanded={open === 'food'}
            onClick={() => toggle('food')}
          >
            Something is burnt, dropped or forgotten&nbsp;…
          </button>
          {open === 'food' && <Food from={from} onAsk={onAsk} />}
          <button
            type="button"
            className="big-button wide"
            aria-expanded={open === 'gone'}
            onClick={() => toggle('gone')}
          >
            A guest is not coming&nbsp;…
          </button>
          {open === 'gone' && (
            <div className="slip-list">
              {occasion.guests.map((guest) => (
                <button
                  key={guest.id}
                  type="button"
                  className="big-button plain"
                  onClick={() => onAsk(`${guest.name} is not coming`, guestGone(from, guest.id))}
                >
                  {guest.name}
                </button>
              ))}
            </div>
          )}
          <button
            type="button"
            className="big-button wide"
            aria-expanded={open === 'needs'}
            onClick={() => toggle('needs')}
          >
            A guest must not have something&nbsp;…
          </button>
          {open === 'needs' && <Needs from={from} onAsk={onAsk} />}
          <button
            type="button"
            className="big-button wide"
            aria-expanded={open === 'oven'}
            onClick={() => toggle('oven')}
          >
            The oven is dead&nbsp;…
          </button>
          {open === 'oven' && (
            <div className="slip-list">
              {ovensOf(occasion.kitchen).map((oven, at) => {
                if (oven.racks === 0) return null;
                const dead = ovenDead(from, at);
                const stuck = wantOven(dead);
                return (
                  <div key={at} className="slip-list">
                    <button
                      type="button"
                      className="big-button plain"
                      onClick={() => onAsk(`${oven.name} is dead`, stuck.length > 0 ? dishesOut(dead, stuck) : dead)}
                    >
                      {oven.name}:{' '}
                      {stuck.length > 0
                        ? `leave out ${listed(stuck.map((id) => dishName(occasion, id)))}`
                        : 'bake elsewhere'}
                    </button>
                  </div>
                );
              })}
            </div>
          )}
        </>
      )}
      <p className="soft small">What is done stays done; what is on boards, knives and hands is reckoned with.</p>
    </section>
  );
}

function Food({ from, onAsk }: Pick<SlipPanelProps, 'from' | 'onAsk'>) {
  const {
    occasion,
    standpoint: { plan, done, running },
  } = from;
  const network = tasksOf(occasion, fit(occasion), plan.batches);
  const begun = network.batches.filter((batch) =>
    plan.tasks.some(
      (task) => task.kind === 'step' && task.batch === batch.id && (done.has(task.id) || running.has(task.id)),
    ),
  );
  if (begun.length === 0) return <p className="soft">Nothing has been begun yet.</p>;
  return (
    <div className="slip-list">
      {begun.map((batch) => {
        const again = madeAgain(from, batch.id);
        const versions = occasion.dishes.find((dish) => dish.id === batch.dish)!.versions;
        const name = `${batch.recipe.name}${versions.length > 1 && batch.versions.length === 1 ? `, ${versions.find((each) => each.id === batch.versions[0])?.name ?? ''}` : ''}`;
        return (
          <div key={batch.id} className="slip-row">
            <strong>{name}</strong>
            {again && (
              <button type="button" className="big-button plain" onClick={() => onAsk(`${name} is made again`, again)}>
                make it again
              </button>
            )}
            <button
              type="button"
              className="big-button plain"
              onClick={() => onAsk(`${name} is left out`, leftOut(from, batch.id))}
            >
              leave it out
            </button>
          </div>
        );
      })}
    </div>
  );
}

function Needs({ from, onAsk }: Pick<SlipPanelProps, 'from' | 'onAsk'>) {
  const [guest, setGuest] = useState<GuestId>();
  const [hazard, setHazard] = useState<string>();
  const { occasion } = from;
  const name = occasion.guests.find((each) => each.id === guest)?.name;
  const words = hazards.find((each) => each.id === hazard)?.name;
  return (
    <div className="slip-row">
      <Select
        size="large"
        aria-label="Which guest"
        placeholder="guest"
        style={{ width: 170 }}
        value={guest ?? null}
        onChange={(value) => setGuest(value ?? undefined)}
        options={occasion.guests.map((each) => ({ value: each.id, label: each.name }))}
      />
      <Select
        size="large"
        aria-label="Must not have"
        placeholder="must not have"
        showSearch={{ optionFilterProp: 'label' }}
        style={{ width: 210 }}
        value={hazard ?? null}
        onChange={(value) => setHazard(value ?? undefined)}
        options={hazards
          .filter((each) => each.kind !== 'raw')
          .map((each) => ({ value: each.id as string, label: each.name }))}
      />
      <button
        type="button"
        className="big-button"
        disabled={!guest || !hazard}
        onClick={() => {
          const known = occasion.guests.find((each) => each.id === guest)!;
          const id = freshId(
            'found-today',
            known.needs.map((need) => need.id),
          );
          onAsk(
            `${name} must not have ${words}, not a trace`,
            guestNeeds(from, guest!, v.parse(Need, { id, kind: 'hazard', hazard, strictness: 'no-trace' })),
          );
        }}
      >
        Not a trace of it
      </button>
    </div>
  );
}
