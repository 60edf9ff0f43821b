import { Button } from 'antd';
import * as v from 'valibot';
import { useState } from 'react';
import { GuestId, needWords, questionsAbout, type Guest } from '@lupin/core';
import { freshId, shortDay } from '../../shared/words.ts';
import { rowKeys } from '../../shared/rowKeys.ts';
import { useRevealOnPhone } from '../../shared/useRevealOnPhone.ts';
import { useOccasionView } from '../occasions/context.ts';
import { AddressBook } from './AddressBook.tsx';
import { GuestEditor } from './GuestEditor.tsx';

export function GuestsPage() {
  const { occasion, edit } = useOccasionView();
  const [selected, setSelected] = useState<string | undefined>(occasion.guests[0]?.id);
  const panel = useRevealOnPhone<HTMLElement>(selected);
  const guest = occasion.guests.find((each) => each.id === selected);
  const add = () => {
    const id = v.parse(
      GuestId,
      freshId(
        'guest',
        occasion.guests.map((each) => each.id),
      ),
    );
    const name = `Guest ${occasion.guests.length + 1}`;
    if (
      edit((one) => ({ ...one, guests: [...one.guests, { id, name, appetite: 'adult', needs: [], note: '' }] })) ===
      undefined
    )
      setSelected(id);
  };
  return (
    <div className="split">
      <div className="main">
        <div className="row" style={{ justifyContent: 'space-between', padding: '2px 0 8px' }}>
          <h2>Who comes, and what must not reach them</h2>
          <span className="row">
            <Button onClick={() => setSelected(undefined)}>Address book</Button>
            <Button type="primary" onClick={add}>
              Add a guest
            </Button>
          </span>
        </div>
        {occasion.guests.length === 0 ? (
          <p className="soft">
            Nobody yet. Add everyone who eats, the cook too; then write down what each must avoid and how strictly.
          </p>
        ) : (
          <table className="guest-table" onKeyDown={rowKeys('td:first-child button')}>
            <thead>
              <tr>
                <th style={{ width: 150 }}>Guest</th>
                <th>Needs</th>
                <th style={{ width: 130 }}>Asked</th>
              </tr>
            </thead>
            <tbody>
              {occasion.guests.map((each) => (
                <tr key={each.id} className={each.id === selected ? 'selected' : ''}>
                  <td>
                    <button
                      type="button"
                      className="bare"
                      style={{ fontWeight: 650, width: '100%', minHeight: 32 }}
                      aria-current={each.id === selected}
                      onClick={() => setSelected(each.id)}
                    >
                      {each.name}
                      {each.appetite !== 'adult' && (
                        <span className="soft small"> · {each.appetite === 'child' ? 'child' : 'big eater'}</span>
                      )}
                    </button>
                  </td>
                  <td onClick={() => setSelected(each.id)}>
                    <Needs guest={each} />
                  </td>
                  <td className="small">{asked(each, occasion.date)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        <p className="soft small" style={{ marginTop: 14 }}>
          “No trace” also keeps boards, pans, hands and oven clear for that guest. Ask each guest yourself; their own
          and their clinician's advice comes first.
        </p>
      </div>
      <aside ref={panel}>
        {guest ? (
          <GuestEditor key={guest.id} guest={guest} onRemoved={() => setSelected(undefined)} />
        ) : (
          <AddressBook onAdded={setSelected} />
        )}
      </aside>
    </div>
  );
}

function asked(guest: Guest, date: string) {
  const questions = questionsAbout(guest, date);
  if (questions.some((question) => question.kind === 'contradiction'))
    return <strong style={{ color: 'var(--clay)' }}>does not fit: ask them</strong>;
  if (questions.length > 0)
    return (
      <strong style={{ color: 'var(--straw)' }}>
        {questions[0]!.kind === 'long-ago' ? 'ask them again' : 'ask them'}
      </strong>
    );
  return guest.confirmedOn ? (
    <span>confirmed {shortDay(guest.confirmedOn)}</span>
  ) : (
    <span className="soft">no needs noted</span>
  );
}

function Needs({ guest }: { guest: Guest }) {
  if (guest.needs.length === 0) return <span className="soft">eats everything</span>;
  return (
    <span className="row" style={{ gap: 5 }}>
      {guest.needs.map((need) => (
        <span
          key={need.id}
          className={`tag ${need.kind === 'open' ? 'open' : need.strictness === 'no-trace' ? 'strict' : ''}`}
        >
          {needWords(need)}
        </span>
      ))}
    </span>
  );
}
