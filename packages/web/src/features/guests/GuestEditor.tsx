import { CloseOutlined } from '@ant-design/icons';
import { AutoComplete, Button, Input, Segmented, Select } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import * as v from 'valibot';
import { Name, Need, needWords, type Guest, type Strictness } from '@lupin/core';
import { freshId, longDay } from '../../shared/words.ts';
import { useOccasionView } from '../occasions/context.ts';
import { choiceOf, needChoices, needFrom, presets, strictnessChoices, understood } from './needChoices.ts';

export function GuestEditor({ guest, onRemoved }: { guest: Guest; onRemoved: () => void }) {
  const { edit } = useOccasionView();
  const [fault, setFault] = useState('');
  const change = (next: (one: Guest) => Guest) => setFault(edit((occasion) => ({ ...occasion, guests: occasion.guests.map((each) => (each.id === guest.id ? next(each) : each)) })) ?? '');
  // A changed need is a need nobody has confirmed.
  const changeNeeds = (needs: (one: readonly Need[]) => Need[]) => change((one) => ({ ...one, needs: needs(one.needs), confirmedOn: undefined }));
  const addNeed = (value: string, strictness: Strictness) => changeNeeds((needs) => {
    if (needs.some((need) => choiceOf(need) === value)) return [...needs];
    return [...needs, v.parse(Need, needFrom(value, strictness, freshId(value.replace(':', '-'), needs.map((need) => need.id))))];
  });
  const remove = () => {
    const gone = edit((occasion) => ({
      ...occasion,
      guests: occasion.guests.filter((each) => each.id !== guest.id),
      dishes: occasion.dishes.map((dish) => ({
        ...dish,
        notFor: dish.notFor.filter((id) => id !== guest.id),
        versions: dish.versions.map((version) => ({ ...version, guests: version.guests.filter((id) => id !== guest.id) })).filter((version, index) => index === 0 || version.guests.length > 0),
      })),
    }));
    if (gone === undefined) onRemoved();
  };
  return (
    <div className="stack" style={{ gap: 16 }}>
      <NameField guest={guest} onChange={(name) => change((one) => ({ ...one, name }))} />
      <div className="field"><span>Appetite</span><Segmented aria-label="Appetite" value={guest.appetite} options={[{ value: 'child', label: 'child' }, { value: 'adult', label: 'adult' }, { value: 'big-eater', label: 'big eater' }]} onChange={(value) => change((one) => ({ ...one, appetite: value as Guest['appetite'] }))} /></div>
      <section aria-label="Needs">
        <h3>What {guest.name} avoids</h3>
        {guest.needs.length === 0 && <p className="soft small">Nothing noted.</p>}
        {guest.needs.map((need) => (
          <div className="need-row" key={need.id}>
            {need.kind === 'open' ? (
              <span className="fault" style={{ gridColumn: '1 / 3' }}>{needWords(need)}. Every dish stays “check” until you choose what it means.</span>
            ) : (
              <>
                <strong>{choiceName(choiceOf(need))}</strong>
                <Select aria-label={`How strictly: ${choiceName(choiceOf(need))}`} value={need.strictness} options={strictnessChoices.filter((choice) => need.kind !== 'food' || choice.value !== 'no-trace' || need.strictness === 'no-trace')} onChange={(strictness: Strictness) => changeNeeds((needs) => needs.map((each) => (each.id === need.id && each.kind !== 'open' ? { ...each, strictness } : each)))} />
              </>
            )}
            <Button type="text" icon={<CloseOutlined />} aria-label={`Remove ${needWords(need)}`} onClick={() => changeNeeds((needs) => needs.filter((each) => each.id !== need.id))} />
          </div>
        ))}
        <AddNeed onAdd={addNeed} onQuestion={(text) => changeNeeds((needs) => [...needs, v.parse(Need, { id: freshId('question', needs.map((need) => need.id)), kind: 'open', text })])} />
        <div className="row" style={{ marginTop: 8, gap: 6 }}>
          {presets.map((preset) => <Button key={preset.name} size="small" onClick={() => preset.needs.forEach(([value, strictness]) => addNeed(value, strictness))}>{preset.name}</Button>)}
        </div>
      </section>
      <section>
        {guest.confirmedOn ? <p>Confirmed with {guest.name} on {longDay(guest.confirmedOn)}.</p> : <p className="soft">Not yet confirmed with {guest.name}.</p>}
        <Button size="small" style={{ marginTop: 6 }} onClick={() => change((one) => ({ ...one, confirmedOn: dayjs().format('YYYY-MM-DD') }))}>{guest.needs.length === 0 ? 'Asked today: no needs' : 'Confirmed today'}</Button>
      </section>
      <div className="field"><label htmlFor="guest-note">Note</label><Input.TextArea id="guest-note" autoSize={{ minRows: 1, maxRows: 5 }} maxLength={2000} defaultValue={guest.note} onBlur={(event) => { if (event.target.value !== guest.note) change((one) => ({ ...one, note: event.target.value })); }} /></div>
      {fault && <p className="fault" role="alert">{fault}</p>}
      <div><Button danger type="text" onClick={remove}>Remove {guest.name}</Button> <span className="soft small">Undo with Z</span></div>
    </div>
  );
}

const choiceName = (value: string): string => needChoices.flatMap((group) => group.options).find((option) => option.value === value)?.label ?? value;

function NameField({ guest, onChange }: { guest: Guest; onChange: (name: string) => void }) {
  const [text, setText] = useState(guest.name);
  const parsed = v.safeParse(Name, text);
  const commit = () => { if (parsed.success && parsed.output !== guest.name) onChange(parsed.output); };
  return (
    <div className="field">
      <label htmlFor="guest-name">Name</label>
      <Input id="guest-name" value={text} status={parsed.success ? '' : 'error'} onChange={(event) => setText(event.target.value)} onBlur={commit} onPressEnter={commit} style={{ fontSize: 18, fontWeight: 650 }} />
      {!parsed.success && <span className="fault" role="alert">{parsed.issues[0].message} The old name is kept until then.</span>}
    </div>
  );
}

function AddNeed({ onAdd, onQuestion }: { onAdd: (value: string, strictness: Strictness) => void; onQuestion: (text: string) => void }) {
  const [text, setText] = useState('');
  const options = needChoices.map((group) => ({ label: group.label, options: group.options.map((option) => ({ value: option.label, key: option.value })) }));
  const add = (words: string) => {
    if (!words.trim()) return;
    const value = understood(words);
    if (value === undefined) onQuestion(words.trim().slice(0, 300));
    else onAdd(value, value.startsWith('hazard:') && value !== 'hazard:lactose' ? 'no-trace' : 'not-ingredient');
    setText('');
  };
  return (
    <div className="row" style={{ marginTop: 8, flexWrap: 'nowrap' }}>
      <AutoComplete aria-label="Add a need" style={{ flex: 1 }} value={text} onChange={setText} onSelect={add} options={options} placeholder="gluten, vegan, garlic …" showSearch={{ filterOption: (input, option) => String((option as { value?: string } | undefined)?.value ?? '').toLowerCase().includes(input.trim().toLowerCase()) }}>
        <Input onPressEnter={(event) => add(event.currentTarget.value)} maxLength={300} />
      </AutoComplete>
      <Button onClick={() => add(text)} disabled={!text.trim()}>Add</Button>
    </div>
  );
}
