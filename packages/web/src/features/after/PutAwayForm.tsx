import { AutoComplete, Button, InputNumber, Segmented, Switch } from 'antd';
import { useState } from 'react';
import { clockTime, rules, type FoodStanding, type Leftover, type Occasion } from '@lupin/core';
import { ClockField } from '../../shared/ClockField.tsx';
import { newId } from '../../shared/newId.ts';
import { useUnits } from '../../shared/units.ts';
import { momentOfClock } from './moments.ts';
import { dishVersionName } from './StandingTable.tsx';

interface PutAwayFormProps {
  readonly occasion: Occasion;
  readonly food: Pick<FoodStanding, 'dish' | 'version' | 'keepsOutDays'>;
  /** The box that is corrected; absent for a new one. */
  readonly known?: Leftover | undefined;
  readonly nowMin: number;
  readonly onKeep: (leftover: Leftover) => void;
  readonly onClose: () => void;
}

/** What is left of a dish, in which box, where. */
export function PutAwayForm({ occasion, food, known, nowMin, onKeep, onClose }: PutAwayFormProps) {
  const units = useUnits();
  const [portions, setPortions] = useState<number | null>(known?.portions ?? 1);
  const [box, setBox] = useState(known?.box ?? '');
  const [where, setWhere] = useState<Leftover['where']>(
    known?.where ?? (food.keepsOutDays === undefined ? 'fridge' : 'counter'),
  );
  const [keptBack, setKeptBack] = useState(known?.keptBack ?? false);
  const [warmRoom, setWarmRoom] = useState(known?.warmRoom ?? false);
  const [clock, setClock] = useState(clockTime(occasion.serveAt, Math.round(known?.putMin ?? nowMin)));
  const [fault, setFault] = useState('');
  const keep = () => {
    if (portions === null) return setFault('How much is it? A quarter of a portion is the least.');
    if (box.trim() === '') return setFault('Which box? Its colour or size is enough.');
    onKeep({
      id: known?.id ?? newId(),
      dish: food.dish,
      version: food.version,
      portions,
      where,
      box: box.trim(),
      keptBack,
      warmRoom,
      putMin: momentOfClock(occasion.serveAt, clock, known?.putMin ?? nowMin),
    });
    return undefined;
  };
  return (
    <form
      className="put-away"
      aria-label="Put away"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <h3>{dishVersionName(occasion, food.dish, food.version)}</h3>
      <div className="row">
        <label className="field">
          <span>About how many portions</span>
          <InputNumber
            autoFocus
            aria-label="Portions"
            value={portions}
            onChange={setPortions}
            min={0.25}
            max={200}
            step={0.5}
            style={{ width: 100 }}
          />
        </label>
        <label className="field">
          <span>In which box</span>
          <AutoComplete
            aria-label="Box"
            value={box}
            onChange={(value: string) => setBox(value.slice(0, 60))}
            options={occasion.kitchen.kit
              .filter((unit) => unit.kind === 'box' || unit.kind === 'bowl')
              .map((unit) => ({ value: unit.name }))}
            style={{ width: 220 }}
            placeholder="flat glass box"
          />
        </label>
        <span className="field">
          <span>Put</span>
          <Segmented
            aria-label="Where"
            value={where}
            onChange={(value) => setWhere(value as Leftover['where'])}
            options={[
              { value: 'fridge', label: 'in the fridge' },
              { value: 'freezer', label: 'in the freezer' },
              { value: 'counter', label: 'on the counter' },
            ]}
          />
        </span>
        <span className="field">
          <span>at</span>
          <ClockField label="Put away at" value={clock} onChange={setClock} />
        </span>
      </div>
      <label className="row">
        <Switch checked={keptBack} onChange={setKeptBack} aria-label="It stayed in the kitchen" /> It stayed in the
        kitchen: it never stood on the table, no other spoon was in it
      </label>
      <label className="row">
        <Switch checked={warmRoom} onChange={setWarmRoom} aria-label="It stood in the heat" /> It stood where it was
        over {units.degrees(rules.warmRoomC)}
      </label>
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
      <div className="row">
        <Button type="primary" htmlType="submit">
          {known ? 'Correct it' : 'It is put away'}
        </Button>
        <Button onClick={onClose}>Not now</Button>
      </div>
      <p className="soft small">
        Flat boxes, at most a hand’s breadth deep, with room around them: deep ones cool too slowly. In a clean box with
        a clean spoon.
      </p>
    </form>
  );
}
