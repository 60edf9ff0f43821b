import { CloseOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Input, InputNumber, Select, Switch } from 'antd';
import { ovensOf, rules, usualDishwasher, type Kitchen, type Oven } from '@lupin/core';
import { useUnits } from '../../shared/units.ts';

/** People know how long their oven takes to get hot, not how many degrees a minute that is. */
const warmC = 200;
const minutesTo = (heatsCPerMin: number | undefined): number =>
  Math.round((warmC - rules.roomC) / (heatsCPerMin ?? rules.ovenHeatsCPerMin));

/** The ovens, each with its racks, its range, how fast it is hot and how true its dial is; and the burners. */
export function OvensPanel({ kitchen, onChange }: { kitchen: Kitchen; onChange: (part: Partial<Kitchen>) => void }) {
  const units = useUnits();
  const ovens = ovensOf(kitchen);
  const set = (number: number, part: Partial<Oven>) =>
    number === 0
      ? onChange({ oven: { ...kitchen.oven, ...part } })
      : onChange({ moreOvens: kitchen.moreOvens.map((oven, at) => (at === number - 1 ? { ...oven, ...part } : oven)) });
  const add = () =>
    onChange({
      moreOvens: [
        ...kitchen.moreOvens,
        {
          name: ovens.length === 1 ? 'Little oven' : `Oven ${ovens.length + 1}`,
          racks: 1,
          mostC: 230,
          leastC: 50,
          grill: true,
          offsetC: 0,
        },
      ],
    });
  return (
    <section>
      <h3>Ovens, hob, dishwasher and fridge</h3>
      {ovens.map((oven, number) => (
        <div key={number} style={{ padding: '8px 0', borderBottom: '1px solid var(--line)' }}>
          <div className="row">
            <Input
              aria-label="Oven's name"
              style={{ width: 170, fontWeight: 650 }}
              maxLength={120}
              defaultValue={oven.name}
              onBlur={(event) => {
                const name = event.target.value.trim();
                if (name && name !== oven.name) set(number, { name });
              }}
            />
            <label className="row">
              racks{' '}
              <Select
                aria-label={`${oven.name}: racks`}
                value={oven.racks}
                style={{ width: 96 }}
                options={[
                  ...(number === 0 ? [{ value: 0, label: 'no oven' }] : []),
                  ...[1, 2, 3, 4].map((value) => ({ value, label: `${value}` })),
                ]}
                onChange={(racks) => set(number, { racks })}
              />
            </label>
            <label className="row">
              <Switch
                size="small"
                aria-label={`${oven.name}: grill`}
                checked={oven.grill}
                onChange={(grill) => set(number, { grill })}
              />{' '}
              grill
            </label>
            {number > 0 && (
              <Button
                size="small"
                type="text"
                icon={<CloseOutlined />}
                aria-label={`Remove ${oven.name}`}
                onClick={() => onChange({ moreOvens: kitchen.moreOvens.filter((_, at) => at !== number - 1) })}
              />
            )}
          </div>
          {oven.racks > 0 && (
            <div className="row" style={{ marginTop: 6, flexWrap: 'wrap' }}>
              <label className="row">
                up to{' '}
                <InputNumber
                  aria-label={`${oven.name}: hottest, in °C`}
                  min={60}
                  max={500}
                  step={10}
                  value={oven.mostC}
                  style={{ width: 84 }}
                  onChange={(mostC) => {
                    if (mostC !== null) set(number, { mostC });
                  }}
                />{' '}
                °C
              </label>
              <label className="row">
                hot ({units.degrees(warmC)}) in{' '}
                <InputNumber
                  aria-label={`${oven.name}: minutes until hot`}
                  min={2}
                  max={90}
                  value={minutesTo(oven.heatsCPerMin)}
                  style={{ width: 66 }}
                  onChange={(minutes) => {
                    if (minutes !== null)
                      set(number, { heatsCPerMin: Math.round(((warmC - rules.roomC) / minutes) * 100) / 100 });
                  }}
                />{' '}
                min
              </label>
              <label className="row">
                hotter than its dial by{' '}
                <InputNumber
                  aria-label={`${oven.name}: hotter than its dial by, in °C`}
                  min={-60}
                  max={60}
                  step={5}
                  value={oven.offsetC}
                  style={{ width: 70 }}
                  onChange={(offsetC) => {
                    if (offsetC !== null) set(number, { offsetC });
                  }}
                />{' '}
                °C
              </label>
              <label className="row">
                room on a rack{' '}
                <InputNumber
                  aria-label={`${oven.name}: width of a rack, in cm`}
                  min={15}
                  max={120}
                  value={oven.shelfWidthCm ?? rules.ovenShelfWidthCm}
                  style={{ width: 66 }}
                  onChange={(shelfWidthCm) => {
                    if (shelfWidthCm !== null) set(number, { shelfWidthCm });
                  }}
                />{' '}
                ×{' '}
                <InputNumber
                  aria-label={`${oven.name}: depth of a rack, in cm`}
                  min={15}
                  max={120}
                  value={oven.shelfDepthCm ?? rules.ovenShelfDepthCm}
                  style={{ width: 66 }}
                  onChange={(shelfDepthCm) => {
                    if (shelfDepthCm !== null) set(number, { shelfDepthCm });
                  }}
                />{' '}
                cm
              </label>
            </div>
          )}
        </div>
      ))}
      <div className="row" style={{ marginTop: 8, gap: 18 }}>
        {ovens.length < 5 && (
          <Button icon={<PlusOutlined />} onClick={add}>
            Add an oven
          </Button>
        )}
        <label className="row">
          Burners{' '}
          <InputNumber
            aria-label="Burners"
            min={0}
            max={12}
            value={kitchen.burners}
            onChange={(burners) => {
              if (burners !== null) onChange({ burners });
            }}
            style={{ width: 70 }}
          />
        </label>
      </div>
      <div className="row" style={{ marginTop: 8, gap: 18, flexWrap: 'wrap' }}>
        <label className="row">
          <Switch
            size="small"
            aria-label="Dishwasher"
            checked={kitchen.dishwasher !== undefined}
            onChange={(has) => onChange({ dishwasher: has ? usualDishwasher : undefined })}
          />{' '}
          Dishwasher
        </label>
        {kitchen.dishwasher && (
          <>
            <label className="row">
              full programme{' '}
              <InputNumber
                aria-label="Dishwasher: minutes of the full programme"
                min={20}
                max={300}
                step={5}
                precision={0}
                value={kitchen.dishwasher.cycleMin}
                style={{ width: 70 }}
                onChange={(cycleMin) => {
                  if (cycleMin !== null) onChange({ dishwasher: { ...kitchen.dishwasher!, cycleMin } });
                }}
              />{' '}
              min
            </label>
            <label className="row">
              room for{' '}
              <InputNumber
                aria-label="Dishwasher: room for pieces"
                min={1}
                max={60}
                precision={0}
                value={kitchen.dishwasher.places}
                style={{ width: 66 }}
                onChange={(places) => {
                  if (places !== null) onChange({ dishwasher: { ...kitchen.dishwasher!, places } });
                }}
              />{' '}
              pieces
            </label>
            <span className="soft small">
              Knives, coated pans and what has a motor are washed by hand, unless you say otherwise of a piece. Wood,
              cast iron and mesh never come clean there either.
            </span>
          </>
        )}
      </div>
      <div className="row" style={{ marginTop: 8, gap: 18 }}>
        <label className="row">
          Room in the fridge for{' '}
          <InputNumber
            aria-label="Room in the fridge, in dishes"
            min={0}
            max={60}
            precision={0}
            placeholder="–"
            value={kitchen.fridgePlaces ?? null}
            onChange={(places) => onChange({ fridgePlaces: places ?? undefined })}
            style={{ width: 66 }}
          />{' '}
          dishes
        </label>
        <label className="row">
          in the freezer{' '}
          <InputNumber
            aria-label="Room in the freezer, in dishes"
            min={0}
            max={60}
            precision={0}
            placeholder="–"
            value={kitchen.freezerPlaces ?? null}
            onChange={(places) => onChange({ freezerPlaces: places ?? undefined })}
            style={{ width: 66 }}
          />
        </label>
        <span className="soft small">Left open, it is not reckoned with.</span>
      </div>
    </section>
  );
}
