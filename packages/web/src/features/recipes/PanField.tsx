import { Checkbox, InputNumber, Segmented } from 'antd';
import type { Recipe } from '@lupin/core';
import { VesselField, vesselOf } from '../../shared/VesselField.tsx';

type PanOf = NonNullable<Recipe['pan']>;
type Shape = PanOf['vessel']['shape'];

/** The vessel that the amounts fill, by its inner measures: what lets another size be put into this kitchen's pans. */
export function PanField({
  recipe,
  change,
}: {
  recipe: Recipe;
  change: (next: (one: Recipe) => Recipe) => string | undefined;
}) {
  const { pan } = recipe;
  const set = (next: PanOf | undefined) =>
    change((one) => {
      const { pan: _pan, ...rest } = one;
      return next ? { ...rest, pan: next } : rest;
    });
  const vessel = pan?.vessel;
  return (
    <div className="row" style={{ gap: '8px 16px', marginTop: 8 }}>
      <span>Fills</span>
      <Segmented
        size="small"
        aria-label="Vessel"
        value={vessel?.shape ?? ''}
        options={[
          { value: '', label: 'anything' },
          { value: 'round', label: 'a round tin' },
          { value: 'rectangle', label: 'a dish or tray' },
          { value: 'pot', label: 'a pot' },
        ]}
        onChange={(shape) =>
          set(shape === '' ? undefined : { vessel: vesselOf[shape as Shape], count: 1, singleLayer: false })
        }
      />
      {pan && <VesselField vessel={pan.vessel} onChange={(next) => set({ ...pan, vessel: next })} />}
      {pan && (
        <label className="row">
          of these{' '}
          <InputNumber
            size="small"
            aria-label="How many vessels"
            min={1}
            max={20}
            precision={0}
            value={pan.count}
            onChange={(count) => {
              if (count !== null) set({ ...pan, count });
            }}
            style={{ width: 56 }}
          />
        </label>
      )}
      {pan && vessel?.shape !== 'pot' && (
        <Checkbox checked={pan.singleLayer} onChange={(event) => set({ ...pan, singleLayer: event.target.checked })}>
          in one layer with gaps
        </Checkbox>
      )}
    </div>
  );
}
