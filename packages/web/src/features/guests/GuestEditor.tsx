import { Button, Input, Segmented } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import * as v from 'valibot';
import { guestMessage, Name, Need, questionsAbout, withoutGuest, type Guest } from '@lupin/core';
import { CopyButton } from '../../shared/CopyButton.tsx';
import { printText } from '../../shared/printText.ts';
import { freshId, longDay } from '../../shared/words.ts';
import { useOccasionView } from '../occasions/context.ts';
import { AddressBookLine } from './AddressBook.tsx';
import { NeedRow } from './NeedRow.tsx';
import { AddNeed } from './AddNeed.tsx';
import { choiceOf, needFrom, presets, type Preset } from './needChoices.ts';

export function GuestEditor({ guest, onRemoved }: { guest: Guest; onRemoved: () => void }) {
  const { occasion, edit } = useOccasionView();
  const questions = questionsAbout(guest, occasion.date);
  const [fault, setFault] = useState('');
  const change = (next: (one: Guest) => Guest) =>
    setFault(
      edit((occasion) => ({
        ...occasion,
        guests: occasion.guests.map((each) => (each.id === guest.id ? next(each) : each)),
      })) ?? '',
    );
  // A changed need is a need nobody has confirmed.
  const changeNeeds = (needs: (one: readonly Need[]) => Need[]) =>
    change((one) => ({ ...one, needs: needs(one.needs), confirmedOn: undefined }));
  const fresh = (like: string, all: readonly Need[]) =>
    freshId(
      like.replace(':', '-'),
      all.map((need) => need.id),
    );
  /** Needs and questions, in one step that can be undone; instead of a question that they answer. */
  const addNeeds = (wanted: Preset['needs'], questions: readonly string[] = [], instead?: Need) =>
    changeNeeds((needs) => {
      const kept = needs.filter((need) => need.id !== instead?.id);
      const known = wanted.reduce<Need[]>((all, [value, strictness, more]) => {
        if (all.some((need) => choiceOf(need) === value)) return all;
        return [...all, v.parse(Need, needFrom(value, strictness, fresh(value, all), more))];
      }, kept);
      return questions.reduce<Need[]>(
        (all, text) =>
          all.some((need) => need.kind === 'open' && need.text === text)
            ? all
            : [...all, v.parse(Need, { id: fresh('question', all), kind: 'open', text })],
        known,
      );
    });
  const changeNeed = (id: string, more: object) =>
    changeNeeds((needs) => needs.map((each) => (each.id === id ? v.parse(Need, { ...each, ...more }) : each)));
  const remove = () => {
    const gone = edit((occasion) => withoutGuest(occasion, guest.id));
    if (gone === undefined) onRemoved();
  };
  return (
    <div className="stack" style={{ gap: 16 }}>
      <NameField guest={guest} onChange={(name) => change((one) => ({ ...one, name }))} />
      <div className="field">
        <span>Appetite</span>
        <Segmented
          aria-label="Appetite"
          value={guest.appetite}
          options={[
            { value: 'child', label: 'child' },
            { value: 'adult', label: 'adult' },
            { value: 'big-eater', label: 'big eater' },
          ]}
          onChange={(value) => change((one) => ({ ...one, appetite: value as Guest['appetite'] }))}
        />
      </div>
      <section aria-label="Needs">
        <h3>What {guest.name} avoids</h3>
        {guest.needs.length === 0 && <p className="soft small">Nothing noted.</p>}
        {guest.needs.map((need) => (
          <NeedRow
            key={need.id}
            need={need}
            name={guest.name}
            onChange={(more) => changeNeed(need.id, more)}
            onMeant={(meant) => addNeeds(meant, [], need)}
            onRemove={() => changeNeeds((needs) => needs.filter((each) => each.id !== need.id))}
          />
        ))}
        <AddNeed onAdd={addNeeds} />
        <div className="row" style={{ marginTop: 8, gap: 6 }}>
          {presets.map((preset) => (
            <Button key={preset.name} size="small" onClick={() => addNeeds(preset.needs)}>
              {preset.name}
            </Button>
          ))}
        </div>
      </section>
      <section aria-label="Asked">
        <h3>Asked</h3>
        {guest.confirmedOn ? (
          <p>
            Confirmed with {guest.name} on {longDay(guest.confirmedOn)}.
          </p>
        ) : (
          <p className="soft">Not yet confirmed with {guest.name}.</p>
        )}
        {questions.length > 0 && (
          <ul className="questions">
            {questions.map((question) => (
              <li key={question.words} className={`q-${question.kind}`}>
                {question.words}
              </li>
            ))}
          </ul>
        )}
        <div className="row" style={{ marginTop: 8, gap: 6 }}>
          <Button size="small" onClick={() => change((one) => ({ ...one, confirmedOn: dayjs().format('YYYY-MM-DD') }))}>
            {guest.needs.length === 0 ? 'Asked today: no needs' : 'Confirmed today'}
          </Button>
          <CopyButton key={guest.id} text={guestMessage(occasion, guest)} label="Copy a message that asks" />
          <Button size="small" onClick={() => printText(`To ${guest.name}`, guestMessage(occasion, guest))}>
            Print it
          </Button>
        </div>
      </section>
      <div className="field">
        <label htmlFor="guest-note">Note</label>
        <Input.TextArea
          id="guest-note"
          autoSize={{ minRows: 1, maxRows: 5 }}
          maxLength={2000}
          defaultValue={guest.note}
          onBlur={(event) => {
            if (event.target.value !== guest.note) change((one) => ({ ...one, note: event.target.value }));
          }}
        />
      </div>
      <AddressBookLine
        guest={guest}
        onTake={(person) =>
          change((one) => ({
            ...one,
            person: person.id,
            appetite: person.appetite,
            needs: person.needs,
            confirmedOn: person.confirmedOn,
            note: person.note,
          }))
        }
        onLink={(person) => change((one) => ({ ...one, person }))}
      />
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
      <div>
        <Button danger type="text" onClick={remove}>
          Remove {guest.name}
        </Button>{' '}
        <span className="soft small">Undo with Z</span>
      </div>
    </div>
  );
}

function NameField({ guest, onChange }: { guest: Guest; onChange: (name: string) => void }) {
  const [text, setText] = useState(guest.name);
  const parsed = v.safeParse(Name, text);
  const commit = () => {
    if (parsed.success && parsed.output !== guest.name) onChange(parsed.output);
  };
  return (
    <div className="field">
      <label htmlFor="guest-name">Name</label>
      <Input
        id="guest-name"
        value={text}
        status={parsed.success ? '' : 'error'}
        onChange={(event) => setText(event.target.value)}
        onBlur={commit}
        onPressEnter={commit}
        style={{ fontSize: 18, fontWeight: 650 }}
      />
      {!parsed.success && (
        <span className="fault" role="alert">
          {parsed.issues[0].message} The old name is kept until then.
        </span>
      )}
    </div>
  );
}
