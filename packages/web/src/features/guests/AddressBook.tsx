import { Button, Input, Popconfirm } from 'antd';
import { useState } from 'react';
import * as v from 'valibot';
import { Guest, GuestId, needWords, Person, questionsAbout, type Kept, type PersonId } from '@lupin/core';
import { problemWords, usePeopleQuery, usePutPersonMutation, useRemovePersonMutation } from '../../app/api.ts';
import { freshId, shortDay } from '../../shared/words.ts';
import { useOccasionView } from '../occasions/context.ts';

/** A guest as the address book would have them. */
const asPerson = (guest: Guest, id: string): Person =>
  v.parse(Person, {
    id,
    name: guest.name,
    appetite: guest.appetite,
    needs: guest.needs,
    confirmedOn: guest.confirmedOn,
    note: guest.note,
  });
const same = (guest: Guest, person: Person): boolean =>
  JSON.stringify(asPerson(guest, person.id)) === JSON.stringify(v.parse(Person, person));

/** Whether the address book says the same of a guest, and what to do where it does not. */
export function AddressBookLine({
  guest,
  onTake,
  onLink,
}: {
  guest: Guest;
  onTake: (person: Person) => void;
  onLink: (id: PersonId) => void;
}) {
  const { data: people, error } = usePeopleQuery();
  const [put, putting] = usePutPersonMutation();
  if (error) return <p className="soft small">The address book does not answer. {problemWords(error)}</p>;
  if (!people) return null;
  const known = people.find((each) => each.entry.id === guest.person);
  const keep = async () => {
    const id =
      known?.entry.id ??
      v.parse(
        Person.entries.id,
        freshId(
          guest.name,
          people.map((each) => each.entry.id),
        ),
      );
    await put({ baseRevision: known?.revision ?? 0, entry: asPerson(guest, id) })
      .unwrap()
      .then(() => {
        if (!known) onLink(id);
      })
      .catch(() => undefined);
  };
  return (
    <section aria-label="Address book">
      {known && same(guest, known.entry) ? (
        <p className="soft small">The address book says the same.</p>
      ) : (
        <>
          {known && (
            <p className="small">
              The address book says otherwise: {known.entry.needs.map(needWords).join('; ') || 'no needs'}
              {known.entry.confirmedOn ? `, confirmed ${shortDay(known.entry.confirmedOn)}` : ', never confirmed'}.
            </p>
          )}
          <div className="row" style={{ gap: 6, marginTop: 4 }}>
            <Button size="small" loading={putting.isLoading} onClick={() => void keep()}>
              {known ? 'Write this into the address book' : 'Keep in the address book'}
            </Button>
            {known && (
              <Button size="small" onClick={() => onTake(known.entry)}>
                Take what it says
              </Button>
            )}
          </div>
        </>
      )}
      {putting.error && (
        <p className="fault" role="alert">
          {problemWords(putting.error)}
        </p>
      )}
    </section>
  );
}

/** Everybody known, to be invited with one tap; what was noted comes along, with when they were last asked. */
export function AddressBook({ onAdded }: { onAdded: (id: string) => void }) {
  const { occasion, edit } = useOccasionView();
  const { data: people, error } = usePeopleQuery();
  const [remove, removing] = useRemovePersonMutation();
  const [filter, setFilter] = useState('');
  const invited = new Set(occasion.guests.map((guest) => guest.person));
  const shown = (people ?? []).filter(
    ({ entry }) => !invited.has(entry.id) && entry.name.toLowerCase().includes(filter.trim().toLowerCase()),
  );
  const invite = ({ entry }: Kept<Person>) => {
    const id = v.parse(
      GuestId,
      freshId(
        entry.id,
        occasion.guests.map((guest) => guest.id),
      ),
    );
    const guest = v.parse(Guest, { ...entry, id, person: entry.id });
    if (edit((one) => ({ ...one, guests: [...one.guests, guest] })) === undefined) onAdded(id);
  };
  return (
    <div>
      <h2>Address book</h2>
      {(error ?? removing.error) && (
        <p className="fault" role="alert">
          {problemWords(error ?? removing.error)}
        </p>
      )}
      {people?.length === 0 && (
        <p className="soft">
          Nobody yet. Choose a guest and press “Keep in the address book”: next time they are one tap away.
        </p>
      )}
      {(people?.length ?? 0) > 6 && (
        <Input
          aria-label="Find somebody"
          placeholder="name"
          value={filter}
          onChange={(event) => setFilter(event.target.value)}
          style={{ margin: '8px 0' }}
        />
      )}
      {people && people.length > 0 && shown.length === 0 && (
        <p className="soft" style={{ marginTop: 6 }}>
          {filter ? 'Nobody of that name.' : 'All of them are invited.'}
        </p>
      )}
      {shown.map((each) => {
        const asks = questionsAbout(each.entry, occasion.date);
        return (
          <div
            key={each.entry.id}
            className="row"
            style={{
              flexWrap: 'nowrap',
              justifyContent: 'space-between',
              borderBottom: '1px solid var(--line)',
              padding: '6px 0',
            }}
          >
            <span>
              <strong>{each.entry.name}</strong>{' '}
              <span className="small">
                {each.entry.needs.map(needWords).join('; ') || <span className="soft">no needs noted</span>}
              </span>
              {asks.length > 0 && (
                <span className="small" style={{ color: 'var(--straw)', display: 'block' }}>
                  {asks[0]!.words}
                </span>
              )}
            </span>
            <span className="row" style={{ flexWrap: 'nowrap', gap: 2 }}>
              <Button size="small" onClick={() => invite(each)} aria-label={`Invite ${each.entry.name}`}>
                Invite
              </Button>
              <Popconfirm
                title={`Take ${each.entry.name} out of the address book?`}
                description="Occasions keep what was noted for them."
                okText="Take out"
                cancelText="Keep"
                onConfirm={() => void remove(each.entry.id)}
              >
                <Button size="small" type="text" aria-label={`Take ${each.entry.name} out of the address book`}>
                  ×
                </Button>
              </Popconfirm>
            </span>
          </div>
        );
      })}
    </div>
  );
}
