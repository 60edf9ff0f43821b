import { Button, Input, Segmented, Select } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import * as v from 'valibot';
import { foodOf, hazardOf, hazards, listed, OwnFood, type FoodId } from '@lupin/core';
import { problemWords, useOwnFoodsQuery, usePutOwnFoodMutation } from '../../app/api.ts';
import { freshId } from '../../shared/words.ts';
import { useOccasionView } from '../occasions/context.ts';

const choices = hazards
  .filter((hazard) => hazard.kind !== 'raw')
  .map((hazard) => ({ value: hazard.id as string, label: hazard.name }));
const kinds = [
  { value: 'single', label: 'as grown' },
  { value: 'plain', label: 'of one thing' },
  { value: 'composite', label: 'of several' },
];

/** Adds a food to the catalogue, or corrects one: the user's word, marked as theirs, kept for next time. */
export function OwnFoodForm({
  food,
  name: given = '',
  onCancel,
  onKept,
}: {
  food?: FoodId;
  name?: string;
  onCancel: () => void;
  onKept: (id: FoodId) => void;
}) {
  const { occasion, edit } = useOccasionView();
  const { data: kept } = useOwnFoodsQuery();
  const [keep, keeping] = usePutOwnFoodMutation();
  const before = food ? foodOf(food) : undefined;
  const own = food ? occasion.ownFoods.find((each) => each.id === food) : undefined;
  const [name, setName] = useState(own?.name ?? before?.name ?? given);
  const [kind, setKind] = useState<string>(own?.kind ?? before?.kind ?? 'composite');
  const [contains, setContains] = useState<string[]>([
    ...(own?.contains ?? before?.contains.filter((hazard) => hazardOf(hazard).kind !== 'raw') ?? []),
  ]);
  const [possible, setPossible] = useState<string[]>([
    ...(own?.possible ?? before?.possible.map((each) => each.hazard) ?? []),
  ]);
  const [note, setNote] = useState(own?.note ?? '');
  const [fault, setFault] = useState('');
  const save = async () => {
    const id =
      food ??
      freshId(name, [
        ...occasion.ownFoods.map((each) => each.id as string),
        ...(kept ?? []).map((each) => each.entry.id as string),
      ]);
    const parsed = v.safeParse(OwnFood, {
      id: foodOf(id) && !food ? `my-${id}` : id,
      name,
      kind,
      contains,
      possible: possible.filter((hazard) => !contains.includes(hazard)),
      note,
      changedOn: dayjs().format('YYYY-MM-DD'),
    });
    if (!parsed.success) return setFault(parsed.issues[0].message);
    const refused = edit((one) => ({
      ...one,
      ownFoods: [...one.ownFoods.filter((each) => each.id !== parsed.output.id), parsed.output],
    }));
    if (refused !== undefined) return setFault(refused);
    try {
      await keep({
        baseRevision: kept?.find((each) => each.entry.id === parsed.output.id)?.revision ?? 0,
        entry: parsed.output,
      }).unwrap();
    } catch (error) {
      return setFault(`It counts for this occasion. For the next one it could not be kept: ${problemWords(error)}`);
    }
    onKept(parsed.output.id);
  };
  return (
    <div className="offer">
      <h4>{food ? `Correct what is known of ${before?.name ?? name}` : 'A food of your own'}</h4>
      {before && before.contains.length > 0 && (
        <p className="small soft">
          By its nature it holds {listed(before.contains.map((hazard) => hazardOf(hazard).name))}; that stays, whatever
          is written here.
        </p>
      )}
      <div className="stack" style={{ gap: 8, marginTop: 6 }}>
        <Input
          aria-label="Name of the food"
          value={name}
          maxLength={120}
          onChange={(event) => setName(event.target.value)}
        />
        <Segmented aria-label="Kind" value={kind} options={kinds} onChange={setKind} />
        <div className="field">
          <span>It holds</span>
          <Select
            mode="multiple"
            aria-label="It holds"
            value={contains}
            options={choices}
            onChange={setContains}
            optionFilterProp="label"
            placeholder="nothing that matters"
          />
        </div>
        <div className="field">
          <span>It may hold, until its label is read</span>
          <Select
            mode="multiple"
            aria-label="It may hold"
            value={possible}
            options={choices}
            onChange={setPossible}
            optionFilterProp="label"
            placeholder="nothing"
          />
        </div>
        <Input
          aria-label="How you know"
          placeholder="how you know: “grandmother’s own, she said so”"
          value={note}
          maxLength={500}
          onChange={(event) => setNote(event.target.value)}
        />
      </div>
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
      <div className="row" style={{ marginTop: 8 }}>
        <Button type="primary" loading={keeping.isLoading} onClick={() => void save()}>
          Keep it as my word
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    </div>
  );
}
