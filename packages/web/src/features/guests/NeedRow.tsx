import { CloseOutlined } from '@ant-design/icons';
import { AutoComplete, Button, Checkbox, Input, Select } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import {
  foodOf,
  foods,
  needWords,
  regimenOf,
  type Need,
  type NeedException,
  type Regimen,
  type Strictness,
} from '@lupin/core';
import { choiceName, choiceOf, strictnessChoices, wayStrictness, type Preset } from './needChoices.ts';
import { OpenNeed } from './OpenNeed.tsx';

/** One need: how strictly, what is fine all the same in the guest's own word, and a note. */
export function NeedRow({
  need,
  name,
  onChange,
  onMeant,
  onRemove,
}: {
  need: Need;
  name: string;
  onChange: (more: object) => void;
  onMeant: (needs: Preset['needs']) => void;
  onRemove: () => void;
}) {
  const [more, setMore] = useState(false);
  if (need.kind === 'open') return <OpenNeed need={need} onMeant={onMeant} onRemove={onRemove} />;
  const title = choiceName(choiceOf(need));
  const followsNoTrace = need.kind === 'hazard' || need.kind === 'diet' || need.kind === 'regimen';
  return (
    <div style={{ borderBottom: '1px solid var(--line)', padding: '5px 0' }}>
      <div className="need-row" style={{ border: 0, padding: 0 }}>
        <strong>{title}</strong>
        <Select
          aria-label={`How strictly: ${title}`}
          value={need.strictness}
          options={(need.kind === 'regimen' ? wayStrictness : strictnessChoices).filter(
            (choice) => followsNoTrace || choice.value !== 'no-trace' || need.strictness === 'no-trace',
          )}
          onChange={(strictness: Strictness) => onChange({ strictness })}
        />
        <Button type="text" icon={<CloseOutlined />} aria-label={`Remove ${needWords(need)}`} onClick={onRemove} />
      </div>
      {need.exceptions.map((each) => (
        <p
          key={each.food}
          className="small row"
          style={{ gap: 6, flexWrap: 'nowrap', justifyContent: 'space-between' }}
        >
          <span>
            but {foodOf(each.food)?.name ?? each.food}: <span className="words">“{each.words}”</span>
            {each.agreedOn && <span className="soft"> {dayjs(each.agreedOn).format('D MMM YYYY')}</span>}
          </span>
          <Button
            type="text"
            size="small"
            icon={<CloseOutlined />}
            aria-label={`Take back: ${foodOf(each.food)?.name}`}
            onClick={() => onChange({ exceptions: need.exceptions.filter((one) => one.food !== each.food) })}
          />
        </p>
      ))}
      {need.strictness === 'no-trace' && !followsNoTrace && (
        <p className="small" style={{ color: 'var(--straw)' }}>
          Kit is kept apart for allergens only, not for this: keep it away from {name}’s plate yourself.
        </p>
      )}
      {need.kind === 'regimen' && <Besides guest={name} {...regimenOf(need.regimen)} />}
      {need.note && !more && <p className="small soft">{need.note}</p>}
      {more ? (
        <More need={need} name={name} onChange={onChange} onClose={() => setMore(false)} />
      ) : (
        <Button
          type="link"
          size="small"
          style={{ padding: 0 }}
          aria-label={`Exceptions and note: ${title}`}
          onClick={() => setMore(true)}
        >
          but …, note
        </Button>
      )}
    </div>
  );
}

/** What is asked of the guest, because no recipe or label tells it. */
function Besides({ guest, asks, source }: Pick<Regimen, 'asks' | 'source'> & { guest: string }) {
  return (
    <details className="small" style={{ margin: '2px 0' }}>
      <summary>
        Lupin does not see everything: ask {guest} about {asks.length} more
      </summary>
      <ul style={{ margin: '2px 0 4px', paddingLeft: 18 }}>
        {asks.map((each) => (
          <li key={each}>{each}</li>
        ))}
      </ul>
      <p className="soft">
        By {source}. What {guest} and their clinician or custom say goes before it.
      </p>
    </details>
  );
}

const options = foods.map((food) => ({
  value: food.name,
  also: [food.plural, food.us, ...food.aka].join(' ').toLowerCase(),
}));

function More({
  need,
  name,
  onChange,
  onClose,
}: {
  need: Exclude<Need, { kind: 'open' }>;
  name: string;
  onChange: (more: object) => void;
  onClose: () => void;
}) {
  const [food, setFood] = useState('');
  const [words, setWords] = useState('');
  const [fault, setFault] = useState('');
  const add = () => {
    const entry = foods.find((each) => each.name.toLowerCase() === food.trim().toLowerCase());
    if (!entry) return setFault(`“${food}” is not in the catalogue.`);
    if (!words.trim()) return setFault(`Only what ${name} said counts: write their own words.`);
    const exception: NeedException = { food: entry.id, words: words.trim(), agreedOn: dayjs().format('YYYY-MM-DD') };
    onChange({ exceptions: [...need.exceptions.filter((each) => each.food !== entry.id), exception] });
    setFood('');
    setWords('');
    setFault('');
  };
  return (
    <div className="offer" style={{ margin: '6px 0', padding: '8px 10px' }}>
      <p className="small" style={{ marginBottom: 4 }}>
        What {name} eats all the same, in their own word:
      </p>
      <div className="stack" style={{ gap: 6 }}>
        <AutoComplete
          aria-label="This is fine"
          value={food}
          onChange={(value) => {
            setFood(value);
            setFault('');
          }}
          options={options}
          showSearch={{
            filterOption: (input, option) =>
              input.trim().length > 1 &&
              (option!.value.includes(input.trim().toLowerCase()) || option!.also.includes(input.trim().toLowerCase())),
          }}
        >
          <Input placeholder="ghee, garlic greens …" />
        </AutoComplete>
        <Input
          aria-label="In their own words"
          placeholder={`“ghee is fine for me”`}
          value={words}
          maxLength={300}
          onChange={(event) => setWords(event.target.value)}
          onPressEnter={add}
        />
        <Button size="small" disabled={!food.trim()} onClick={add}>
          Note it as {name}’s word
        </Button>
        {fault && (
          <p className="fault" role="alert">
            {fault}
          </p>
        )}
        {need.strictness === 'no-trace' && need.exceptions.length > 0 && (
          <p className="small" style={{ color: 'var(--straw)' }}>
            With “no trace” it stays a question, and is asked again.
          </p>
        )}
        {need.kind === 'hazard' && ['gluten', 'wheat'].includes(need.hazard) && (
          <Checkbox
            checked={need.certifiedOnly}
            onChange={(event) => onChange({ certifiedOnly: event.target.checked })}
          >
            Grain goods only with a label that says gluten-free
          </Checkbox>
        )}
        <Input
          aria-label="Note on this need"
          placeholder="note"
          defaultValue={need.note}
          maxLength={300}
          onBlur={(event) => {
            if (event.target.value.trim() !== need.note) onChange({ note: event.target.value });
          }}
        />
        <div>
          <Button size="small" type="text" onClick={onClose}>
            Close
          </Button>
        </div>
      </div>
    </div>
  );
}
