import { AutoComplete, Button, Input } from 'antd';
import { useState } from 'react';
import { readNeeds, type SaidPart } from '@lupin/core';
import {
  choiceName,
  needChoices,
  strictnessChoices,
  strictnessOfChoice,
  wayStrictness,
  type Preset,
} from './needChoices.ts';

const options = needChoices.map((group) => ({
  label: group.label,
  options: group.options.map((option) => ({ value: option.label, key: option.value })),
}));

type Need = Extract<SaidPart, { kind: 'need' }>;

/** What was made of the words, so that it can be seen to be right. */
function madeOf(needs: readonly Need[]): string {
  const each = needs.map(({ target, strictness, exceptions, slip }) => {
    const choices = target.startsWith('regimen:') ? wayStrictness : strictnessChoices;
    const how = choices.find((choice) => choice.value === strictness)!.label;
    const but = exceptions.length > 0 ? `, but ${exceptions.map(({ words }) => words).join(', ')}` : '';
    return `${choiceName(target)}, ${how}${but}${slip === undefined ? '' : ` (for “${slip}”)`}`;
  });
  return `Taken for: ${each.join('; ')}. Change it above if it was meant otherwise.`;
}

/** Needs as they are said, several at once; whatever is not understood becomes a question, and nothing is lost. */
export function AddNeed({ onAdd }: { onAdd: (needs: Preset['needs'], questions?: readonly string[]) => void }) {
  const [text, setText] = useState('');
  const [said, setSaid] = useState('');
  const [isOpen, setOpen] = useState(false);
  const add = (words: string) => {
    if (!words.trim()) return;
    const { parts, nothing } = readNeeds(words);
    const needs = parts.filter((part) => part.kind === 'need');
    const questions = parts.flatMap((part) => (part.kind === 'need' ? [] : [part.words.slice(0, 300)]));
    if (!nothing)
      onAdd(
        needs.map(({ target, strictness, exceptions }) => [target, strictness, { exceptions }]),
        questions,
      );
    const taken = needs.length > 0 ? madeOf(needs) : '';
    setSaid(nothing ? 'Nothing is avoided, then: “Asked today: no needs” below says so.' : taken);
    setText('');
  };
  const pick = (value: string) => {
    onAdd([[value, strictnessOfChoice(value)]]);
    setSaid('');
    setText('');
  };
  return (
    <>
      <div className="row" style={{ marginTop: 8, flexWrap: 'nowrap' }}>
        <AutoComplete
          aria-label="Add a need"
          style={{ flex: 1 }}
          value={text}
          // With nothing typed the list would stand over what was just added.
          open={isOpen && text.trim() !== ''}
          onOpenChange={setOpen}
          onChange={setText}
          onSelect={(label, option) => pick((option as unknown as { key?: string }).key ?? label)}
          options={options}
          placeholder="nut allergy, no dairy …"
          showSearch={{
            filterOption: (input, option) =>
              String((option as { value?: string } | undefined)?.value ?? '')
                .toLowerCase()
                .includes(input.trim().toLowerCase()),
          }}
        >
          <Input onPressEnter={(event) => add(event.currentTarget.value)} maxLength={300} />
        </AutoComplete>
        <Button onClick={() => add(text)} disabled={!text.trim()}>
          Add
        </Button>
      </div>
      <p className="small soft" role="status" style={{ margin: said ? '4px 0 0' : 0 }}>
        {said}
      </p>
    </>
  );
}
