import { InputNumber, Segmented, Select } from 'antd';
import { useMemo, useState } from 'react';
import {
  factorForLine,
  factorForPan,
  factorForPortions,
  factorForYield,
  flatten,
  foodOf,
  plainNumber,
  readAmount,
  scaleLine,
  type Pan,
  type Recipe,
} from '@lupin/core';
import { Input } from 'antd';
import { AmountText } from '../../shared/AmountText.tsx';

type By = 'portions' | 'factor' | 'yield' | 'line' | 'pan';

const tins: readonly { readonly name: string; readonly vessel: Pan }[] = [
  { name: 'round tin 18 cm', vessel: { shape: 'round', diameterCm: 18, depthCm: 6 } },
  { name: 'round tin 20 cm', vessel: { shape: 'round', diameterCm: 20, depthCm: 6 } },
  { name: 'round tin 23 cm', vessel: { shape: 'round', diameterCm: 23, depthCm: 6 } },
  { name: 'round tin 26 cm', vessel: { shape: 'round', diameterCm: 26, depthCm: 6 } },
  { name: 'square tin 20 cm', vessel: { shape: 'rectangle', lengthCm: 20, widthCm: 20, depthCm: 5 } },
  { name: 'tin 30 × 20 cm', vessel: { shape: 'rectangle', lengthCm: 30, widthCm: 20, depthCm: 5 } },
  { name: 'dish 35 × 25 cm', vessel: { shape: 'rectangle', lengthCm: 35, widthCm: 25, depthCm: 6 } },
  { name: 'tray 40 × 30 cm', vessel: { shape: 'rectangle', lengthCm: 40, widthCm: 30, depthCm: 2 } },
];

/** The recipe in another size: by people, by factor, by what it makes, by what there is of one ingredient, or by the tin. Nothing is kept. */
export function SizePanel({ recipe, others }: { recipe: Recipe; others: readonly Recipe[] }) {
  const [by, setBy] = useState<By>('portions');
  const [portions, setPortions] = useState(recipe.portions);
  const [times, setTimes] = useState(2);
  const [wanted, setWanted] = useState('');
  const [line, setLine] = useState<string>(recipe.lines[0]!.id);
  const [have, setHave] = useState('');
  const [tin, setTin] = useState(tins[0]!.name);
  const flat = useMemo(() => flatten(recipe, (id) => others.find((each) => each.id === id)), [recipe, others]);
  const chosenLine = recipe.lines.find((each) => each.id === line) ?? recipe.lines[0]!;
  const factor = ((): number | undefined => {
    switch (by) {
      case 'portions':
        return factorForPortions(recipe, portions);
      case 'factor':
        return times > 0 && times <= 1000 ? times : undefined;
      case 'yield':
        return factorForYield(recipe, readAmount(wanted).amount);
      case 'line':
        return factorForLine(chosenLine, readAmount(have).amount);
      case 'pan':
        return recipe.pan ? factorForPan(recipe.pan, tins.find((each) => each.name === tin)!.vessel) : undefined;
      default:
        return by satisfies never;
    }
  })();
  const options = [
    { value: 'portions', label: 'people' },
    { value: 'factor', label: 'times' },
    ...(recipe.makes ? [{ value: 'yield', label: 'yield' }] : []),
    { value: 'line', label: 'what I have' },
    ...(recipe.pan ? [{ value: 'pan', label: 'tin' }] : []),
  ];
  return (
    <section aria-label="In another size">
      <h3>In another size</h3>
      <Segmented
        size="small"
        aria-label="Scale by"
        value={by}
        onChange={(value) => setBy(value as By)}
        options={options}
        style={{ margin: '6px 0' }}
      />
      <div className="row" style={{ marginBottom: 6 }}>
        {by === 'portions' && (
          <label className="row">
            for{' '}
            <InputNumber
              size="small"
              aria-label="For how many"
              min={0.25}
              max={500}
              value={portions}
              onChange={(value) => {
                if (value !== null) setPortions(value);
              }}
              style={{ width: 80 }}
            />{' '}
            portions
          </label>
        )}
        {by === 'factor' && (
          <label className="row">
            ×{' '}
            <InputNumber
              size="small"
              aria-label="How many times"
              min={0.05}
              max={1000}
              step={0.5}
              value={times}
              onChange={(value) => {
                if (value !== null) setTimes(value);
              }}
              style={{ width: 80 }}
            />
          </label>
        )}
        {by === 'yield' && (
          <Input
            size="small"
            aria-label="How much it should make"
            placeholder="30 rolls, 1.2 kg"
            value={wanted}
            maxLength={60}
            onChange={(event) => setWanted(event.target.value)}
            style={{ width: 150 }}
          />
        )}
        {by === 'line' && (
          <>
            <Select
              size="small"
              aria-label="Ingredient"
              value={chosenLine.id as string}
              onChange={setLine}
              options={recipe.lines.map((each) => ({
                value: each.id as string,
                label: each.food ? (foodOf(each.food)?.name ?? each.text) : each.text,
              }))}
              style={{ width: 150 }}
            />
            <Input
              size="small"
              aria-label="How much there is"
              placeholder="750 g"
              value={have}
              maxLength={60}
              onChange={(event) => setHave(event.target.value)}
              style={{ width: 90 }}
            />
          </>
        )}
        {by === 'pan' && (
          <Select
            size="small"
            aria-label="Tin"
            value={tin}
            onChange={setTin}
            options={tins.map((each) => ({ value: each.name, label: each.name }))}
            style={{ width: 170 }}
          />
        )}
        {factor !== undefined ? (
          <strong>× {plainNumber(factor)}</strong>
        ) : (
          <span className="soft small">
            {by === 'line' && have === ''
              ? 'How much do you have?'
              : by === 'yield' && wanted === ''
                ? 'How much should it make?'
                : 'That gives no size.'}
          </span>
        )}
      </div>
      {factor !== undefined && (
        <table className="size-table">
          <tbody>
            {flat.lines.map((each) => {
              const scaled = scaleLine(flat, each, factor);
              return (
                <tr key={each.id}>
                  <td>
                    <AmountText scaled={scaled} factor={factor} />
                  </td>
                  <td>{each.food ? foodOf(each.food)?.name : each.text}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </section>
  );
}
