import { Checkbox, InputNumber, Segmented } from 'antd';
import type { Recipe } from '@lupin/core';

type PanOf = NonNullable<Recipe['pan']>;
type Shape = PanOf['vessel']['shape'];

const begin: Readonly<Record<Shape, PanOf['vessel']>> = {
  round: { shape: 'round', diameterCm: 23, depthCm: 5 },
  rectangle: { shape: 'rectangle', lengthCm: 30, widthCm: 20, depthCm: 5 },
  pot: { shape: 'pot', volumeL: 4 },
};

/** The vessel that the amounts fill, by its inner measures: what lets another size be put into this kitchen's pans. */
export function PanField({ recipe, change }: { recipe: Recipe; change: (next: (one: Recipe) => Recipe) => string | undefined }) {
  const { pan } = recipe;
  const set = (next: PanOf | undefined) => change((one) => {
    const { pan: _pan, ...rest } = one;
    return next ? { ...rest, pan: next } : rest;
  });
  const vessel = pan?.vessel;
  const number = (label: string, value: number, most: number, put: (value: number) => PanOf['vessel']) => (
    <label className="row">{label} <InputNumber size="small" aria-label={label} min={1} max={most} value={value} onChange={(next) => { if (next !== null && pan) set({ ...pan, vessel: put(next) }); }} style={{ width: 70 }} /></label>
  );
  return (
    <div className="row" style={{ gap: '8px 16px', marginTop: 8 }}>
      <span>Fills</span>
      <Segmented size="small" aria-label="Vessel" value={vessel?.shape ?? ''} options={[{ value: '', label: 'anything' }, { value: 'round', label: 'a round tin' }, { value: 'rectangle', label: 'a dish or tray' }, { value: 'pot', label: 'a pot' }]} onChange={(shape) => set(shape === '' ? undefined : { vessel: begin[shape as Shape], count: 1, singleLayer: false })} />
      {vessel?.shape === 'round' && <>{number('across, cm', vessel.diameterCm, 60, (diameterCm) => ({ ...vessel, diameterCm: Math.max(4, diameterCm) }))}{number('deep, cm', vessel.depthCm, 40, (depthCm) => ({ ...vessel, depthCm }))}</>}
      {vessel?.shape === 'rectangle' && <>{number('long, cm', vessel.lengthCm, 80, (lengthCm) => ({ ...vessel, lengthCm: Math.max(4, lengthCm) }))}{number('wide, cm', vessel.widthCm, 80, (widthCm) => ({ ...vessel, widthCm: Math.max(4, widthCm) }))}{number('deep, cm', vessel.depthCm, 40, (depthCm) => ({ ...vessel, depthCm }))}</>}
      {vessel?.shape === 'pot' && number('litres', vessel.volumeL, 50, (volumeL) => ({ ...vessel, volumeL }))}
      {pan && <label className="row">of these <InputNumber size="small" aria-label="How many vessels" min={1} max={20} precision={0} value={pan.count} onChange={(count) => { if (count !== null) set({ ...pan, count }); }} style={{ width: 56 }} /></label>}
      {pan && vessel?.shape !== 'pot' && <Checkbox checked={pan.singleLayer} onChange={(event) => set({ ...pan, singleLayer: event.target.checked })}>in one layer with gaps</Checkbox>}
    </div>
  );
}
