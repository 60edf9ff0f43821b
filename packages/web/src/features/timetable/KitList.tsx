import { CloseOutlined, DownOutlined, MinusOutlined, PlusOutlined, RightOutlined } from '@ant-design/icons';
import { Button, InputNumber, Select } from 'antd';
import { useState } from 'react';
import { cleaningOf, goesInDishwasher, hazards, KitKind, KitUnit, materials, oneMore, type Pan } from '@lupin/core';
import { VesselField, vesselOf } from '../../shared/VesselField.tsx';
import { kitNames } from './kitchenTimes.ts';

interface KitListProps {
  readonly kit: readonly KitUnit[];
  /** There is a dishwasher: of each piece it can be said whether it goes in. */
  readonly dishwasher: boolean;
  readonly onChange: (kit: KitUnit[]) => void;
  readonly onRemove: (unit: string) => void;
}

const freeable = hazards
  .filter((hazard) => hazard.kind === 'allergen')
  .map((hazard) => ({ value: hazard.id as string, label: hazard.name }));
/** What food is baked or boiled in, and the shape such a thing usually has: its measures decide how amounts fill it. */
const usualShape: Readonly<Partial<Record<KitUnit['kind'], Pan['shape']>>> = {
  saucepan: 'pot',
  'large-pot': 'pot',
  'slow-cooker': 'pot',
  'frying-pan': 'round',
  skillet: 'round',
  'cake-tin': 'round',
  'roasting-tin': 'rectangle',
  'baking-tray': 'rectangle',
  'gratin-dish': 'rectangle',
};
const kinds = KitKind.options.filter((kind) => kind !== 'probe');

/** "steel", or "2 plastic, 1 wood": what the pieces of a kind are made of, and how many are kept free of something. */
function inShort(units: readonly KitUnit[]): string {
  const counts = new Map<string, number>();
  for (const unit of units) counts.set(unit.material, (counts.get(unit.material) ?? 0) + 1);
  const made = counts.size === 1 ? [...counts.keys()] : [...counts].map(([material, count]) => `${count} ${material}`);
  const free = units.filter((unit) => unit.keptFreeOf.length > 0).length;
  return [...made, ...(free > 0 ? [`${free} kept free`] : [])].join(', ');
}

/** What there is to cook with: a line a kind with how many there are; opened, each piece with its material and what it is kept free of. */
export function KitList({ kit, dishwasher, onChange, onRemove }: KitListProps) {
  const [open, setOpen] = useState<ReadonlySet<string>>(
    () => new Set(kit.filter((unit) => unit.keptFreeOf.length > 0).map((unit) => unit.kind)),
  );
  const set = (id: string, part: Partial<KitUnit>) =>
    onChange(kit.map((unit) => (unit.id === id ? { ...unit, ...part } : unit)));
  const add = (kind: KitUnit['kind']) => onChange([...kit, oneMore(kit, kind)]);
  const toggle = (kind: string) =>
    setOpen((before) => {
      const next = new Set(before);
      if (!next.delete(kind)) next.add(kind);
      return next;
    });
  return (
    <section aria-label="What there is to cook with">
      <h3>What there is to cook with</h3>
      <p className="soft small">
        Wood, cast iron and mesh never come clean of a trace. A piece kept free of something is used for those who need
        that.
      </p>
      <table className="plain-table kit-table" style={{ marginTop: 6 }}>
        <tbody>
          {kinds.map((kind) => {
            const units = kit.filter((unit) => unit.kind === kind);
            const isOpen = open.has(kind) && units.length > 0;
            const last = units.findLast((unit) => unit.keptFreeOf.length === 0) ?? units.at(-1);
            return [
              <tr key={kind}>
                <td colSpan={2}>
                  <button
                    type="button"
                    className="bare"
                    aria-expanded={isOpen}
                    disabled={units.length === 0}
                    onClick={() => toggle(kind)}
                  >
                    {units.length > 0 &&
                      (isOpen ? (
                        <DownOutlined style={{ fontSize: 11 }} />
                      ) : (
                        <RightOutlined style={{ fontSize: 11 }} />
                      ))}{' '}
                    <strong>{kitNames[kind]}</strong> <span className="soft">× {units.length}</span>
                  </button>
                </td>
                <td className="soft">{inShort(units)}</td>
                <td style={{ textAlign: 'right', paddingRight: 0, whiteSpace: 'nowrap' }}>
                  {last && (
                    <Button
                      size="small"
                      type="text"
                      icon={<MinusOutlined />}
                      aria-label={`Remove ${last.name}`}
                      onClick={() => onRemove(last.id)}
                    />
                  )}
                  <Button
                    size="small"
                    type="text"
                    icon={<PlusOutlined />}
                    aria-label={`Add: ${kitNames[kind]}`}
                    onClick={() => add(kind)}
                  />
                </td>
              </tr>,
              ...(isOpen ? units : []).flatMap((unit) => [
                <tr key={unit.id} className="piece">
                  <td>{unit.name}</td>
                  <td>
                    <Select
                      size="small"
                      variant="borderless"
                      aria-label={`${unit.name}: material`}
                      value={unit.material}
                      style={{ width: 104 }}
                      options={materials.map((value) => ({ value, label: value }))}
                      onChange={(material) => set(unit.id, { material })}
                    />
                  </td>
                  <td>
                    <span className="row" style={{ flexWrap: unit.keptFreeOf.length > 1 ? 'wrap' : 'nowrap' }}>
                      <Select
                        size="small"
                        variant="borderless"
                        mode="multiple"
                        aria-label={`${unit.name}: kept free of`}
                        placeholder="free of …"
                        value={unit.keptFreeOf as string[]}
                        style={{ minWidth: 108 }}
                        options={freeable}
                        onChange={(values: string[]) =>
                          set(unit.id, {
                            keptFreeOf: hazards
                              .filter((hazard) => values.includes(hazard.id))
                              .map((hazard) => hazard.id),
                          })
                        }
                      />{' '}
                      <InputNumber
                        size="small"
                        aria-label={`${unit.name}: minutes to wash`}
                        min={0}
                        max={60}
                        value={unit.washMin}
                        suffix="min"
                        style={{ width: 72 }}
                        onChange={(washMin) => {
                          if (washMin !== null) set(unit.id, { washMin: Math.round(washMin) });
                        }}
                      />
                      {dishwasher && cleaningOf(unit.material).comesClean && (
                        <Select
                          size="small"
                          variant="borderless"
                          aria-label={`${unit.name}: washed`}
                          value={goesInDishwasher(unit)}
                          style={{ width: 100 }}
                          options={[
                            { value: true, label: 'machine' },
                            { value: false, label: 'by hand' },
                          ]}
                          onChange={(goesIn: boolean) => set(unit.id, { dishwasher: goesIn })}
                        />
                      )}
                    </span>
                  </td>
                  <td style={{ textAlign: 'right', paddingRight: 0 }}>
                    <Button
                      size="small"
                      type="text"
                      icon={<CloseOutlined />}
                      aria-label={`Remove ${unit.name}, this one`}
                      onClick={() => onRemove(unit.id)}
                    />
                  </td>
                </tr>,
                ...(usualShape[kind]
                  ? [
                      <tr key={`${unit.id}/measures`} className="piece measures">
                        <td colSpan={4}>
                          <Measures
                            unit={unit}
                            usual={usualShape[kind]}
                            onChange={(vessel) => set(unit.id, { vessel })}
                          />
                        </td>
                      </tr>,
                    ]
                  : []),
              ]),
            ];
          })}
        </tbody>
      </table>
    </section>
  );
}

/** The inner measures of a pan, tin or tray; without them amounts are not fitted to it. */
function Measures({
  unit,
  usual,
  onChange,
}: {
  unit: KitUnit;
  usual: Pan['shape'];
  onChange: (vessel: Pan | undefined) => void;
}) {
  const { vessel } = unit;
  if (!vessel)
    return (
      <Button size="small" type="link" style={{ paddingLeft: 7 }} onClick={() => onChange(vesselOf[usual])}>
        say how big it is
      </Button>
    );
  return (
    <span className="row small" style={{ padding: '2px 7px', gap: '4px 8px' }}>
      <Select
        size="small"
        aria-label={`${unit.name}: shape`}
        value={vessel.shape as Pan['shape'] | 'unknown'}
        options={[
          ...(usual === 'pot'
            ? [{ value: 'pot' as const, label: 'a pot' }]
            : [
                { value: 'round' as const, label: 'round' },
                { value: 'rectangle' as const, label: 'oblong' },
              ]),
          { value: 'unknown' as const, label: 'not known' },
        ]}
        onChange={(shape) => onChange(shape === 'unknown' ? undefined : vesselOf[shape])}
        style={{ width: 104 }}
      />
      <VesselField vessel={vessel} of={unit.name} onChange={onChange} />
    </span>
  );
}
