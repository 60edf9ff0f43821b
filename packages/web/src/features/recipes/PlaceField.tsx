import { Checkbox, InputNumber, Segmented, Select } from 'antd';
import { celsiusOf, degreesIn, hazards, meantWords, placed, type HazardId, type Place, type Step } from '@lupin/core';
import { useUnits } from '../../shared/units.ts';
import type { StepFieldProps } from './StepForm.tsx';

type Where = 'room' | 'hob' | 'oven' | 'fridge' | 'freezer';

const whereOf = ({ oven, burner, cold }: Step): Where => {
  if (oven) return 'oven';
  return burner ? 'hob' : (cold ?? 'room');
};

const usualOven = { temperatureC: 180, toleranceC: 10, racks: 1, covered: false, grill: false } as const;

const placeOf = (where: Where): Place => {
  switch (where) {
    case 'oven':
      return { kind: 'oven', oven: usualOven };
    case 'fridge':
    case 'freezer':
      return { kind: 'cold', where };
    default:
      return { kind: where };
  }
};

const meantOptions = hazards.flatMap(({ id, meant }) => (meant ? [{ value: id, label: meantWords(id) }] : []));

/** Where a step goes on, and how hot. */
export function PlaceField({ step, recipe, put, reshape }: StepFieldProps) {
  const units = useUnits();
  const { oven } = step;
  const mark = `°${units.temperature}`;
  const degrees = (celsius: number | undefined) =>
    celsius === undefined ? null : Math.round(degreesIn(celsius, units.temperature));
  const celsius = (value: number) => Math.round(celsiusOf(value, units.temperature) * 10) / 10;
  const bound = (value: number) => Math.round(degreesIn(value, units.temperature));
  return (
    <>
      <div className="row" style={{ gap: '4px 14px' }}>
        <Segmented
          size="small"
          aria-label="Where it goes on"
          value={whereOf(step)}
          options={[
            { value: 'room', label: 'in the room' },
            { value: 'hob', label: 'hob' },
            { value: 'oven', label: 'oven' },
            { value: 'fridge', label: 'fridge' },
            { value: 'freezer', label: 'freezer' },
          ]}
          onChange={(where) => reshape(placed(recipe, step.id, placeOf(where as Where)))}
        />
        {oven && (
          <>
            <InputNumber
              size="small"
              aria-label={`Oven temperature in ${mark}`}
              min={bound(40)}
              max={bound(320)}
              precision={0}
              value={degrees(oven.temperatureC)}
              suffix={mark}
              onChange={(value) => {
                if (value !== null) put({ oven: { ...oven, temperatureC: celsius(value) } });
              }}
              style={{ width: 92 }}
            />
            <Checkbox
              checked={oven.covered}
              onChange={(event) => put({ oven: { ...oven, covered: event.target.checked } })}
            >
              covered
            </Checkbox>
            <Checkbox
              checked={oven.grill}
              onChange={(event) => put({ oven: { ...oven, grill: event.target.checked } })}
            >
              grill
            </Checkbox>
            <span className="row">
              door stays shut{' '}
              <InputNumber
                size="small"
                aria-label="Door stays shut, in minutes"
                min={1}
                max={600}
                precision={0}
                value={oven.shutMin ?? null}
                placeholder="–"
                suffix="min"
                onChange={(value) => put({ oven: { ...oven, shutMin: value ?? undefined } })}
                style={{ width: 88 }}
              />
            </span>
          </>
        )}
      </div>
      <div className="row" style={{ gap: '4px 14px' }}>
        <span className="row">
          Inside it reaches{' '}
          <InputNumber
            size="small"
            aria-label={`Core temperature in ${mark}`}
            min={bound(40)}
            max={bound(110)}
            precision={0}
            value={degrees(step.coreC)}
            suffix={mark}
            onChange={(value) => put({ coreC: value === null ? undefined : celsius(value) })}
            style={{ width: 88 }}
          />
        </span>
        <span className="row">
          Meant to stay{' '}
          <Select<HazardId[]>
            size="small"
            mode="multiple"
            aria-label="Meant to stay raw, soft or pink"
            value={[...(step.meantRaw ?? [])]}
            placeholder="cooked through"
            options={meantOptions}
            style={{ minWidth: 150 }}
            popupMatchSelectWidth={false}
            onChange={(meant) => put({ meantRaw: meant.length > 0 ? meant : undefined })}
          />
        </span>
      </div>
    </>
  );
}
