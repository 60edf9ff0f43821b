import { InputNumber } from 'antd';
import type { Pan } from '@lupin/core';

/** A vessel of each shape to begin with. */
export const vesselOf: Readonly<Record<Pan['shape'], Pan>> = {
  round: { shape: 'round', diameterCm: 23, depthCm: 5 },
  rectangle: { shape: 'rectangle', lengthCm: 30, widthCm: 20, depthCm: 5 },
  pot: { shape: 'pot', volumeL: 4 },
};

interface VesselFieldProps {
  readonly vessel: Pan;
  /** What the fields belong to, for those who do not see it; empty where that is plain. */
  readonly of?: string;
  readonly onChange: (vessel: Pan) => void;
}

/** The inner measures of a vessel. */
export function VesselField({ vessel, of = '', onChange }: VesselFieldProps) {
  const number = (label: string, value: number, least: number, most: number, put: (value: number) => Pan) => (
    <label className="row">
      {label}{' '}
      <InputNumber
        size="small"
        aria-label={of ? `${of}: ${label}` : label}
        min={least}
        max={most}
        value={value}
        onChange={(next) => {
          if (next !== null) onChange(put(Math.max(least, next)));
        }}
        style={{ width: 58 }}
      />
    </label>
  );
  switch (vessel.shape) {
    case 'round':
      return (
        <>
          {number('across, cm', vessel.diameterCm, 4, 60, (diameterCm) => ({ ...vessel, diameterCm }))}
          {number('deep, cm', vessel.depthCm, 1, 40, (depthCm) => ({ ...vessel, depthCm }))}
        </>
      );
    case 'rectangle':
      return (
        <>
          {number('long, cm', vessel.lengthCm, 4, 80, (lengthCm) => ({ ...vessel, lengthCm }))}
          {number('wide, cm', vessel.widthCm, 4, 80, (widthCm) => ({ ...vessel, widthCm }))}
          {number('deep, cm', vessel.depthCm, 1, 40, (depthCm) => ({ ...vessel, depthCm }))}
        </>
      );
    case 'pot':
      return number('litres', vessel.volumeL, 0.2, 50, (volumeL) => ({ ...vessel, volumeL }));
    default:
      return vessel satisfies never;
  }
}
