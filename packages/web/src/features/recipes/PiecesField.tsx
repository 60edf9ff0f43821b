import { Select } from 'antd';
import {
  inFreshPiece,
  inPieceOf,
  kitKindOf,
  KitKind,
  kitWords,
  noLabels,
  workOf,
  type KitUse,
  type StepId,
  type WorkPiece,
} from '@lupin/core';
import type { StepFieldProps } from './StepForm.tsx';

const fresh = 'fresh';
const kitNames = KitKind.options.map((kind) => ({ value: kind as string, label: kitWords(kind) }));

/** What a step is done with; of what holds food, whether it is the very piece in which another step's food is, or a fresh one. */
export function PiecesField({ step, recipe, put, reshape }: StepFieldProps) {
  const work = workOf(recipe, noLabels);
  const own = work.find((each) => each.step.id === step.id);
  if (!own) return null;
  const setKit = (kinds: string[]) =>
    put({
      kit: kinds.map((kind): KitUse => step.kit.find((use) => use.kind === kind) ?? { kind: kind as KitUse['kind'] }),
    });
  const holding = own.pieces.filter(({ kind }) => kitKindOf(kind).holds !== 'nothing');
  const sharedWith = (piece: WorkPiece) =>
    work.find((each) => each.step.id !== step.id && each.pieces.some(({ id }) => id === piece.id));
  return (
    <>
      <label className="field">
        <span>With</span>
        <Select
          mode="multiple"
          size="small"
          aria-label="Kit"
          value={[...new Set(step.kit.map((use) => use.kind as string))]}
          onChange={setKit}
          options={kitNames}
          showSearch={{ optionFilterProp: 'label' }}
        />
      </label>
      {holding.map((piece) => {
        const isNamed = step.kit.some(({ kind }) => kind === piece.kind);
        const others = work.filter(
          (each) => each.step.id !== step.id && each.pieces.some(({ kind }) => kind === piece.kind),
        );
        const same = sharedWith(piece);
        const words = kitWords(piece.kind);
        if (!isNamed)
          return (
            <span key={piece.id} className="small soft">
              {words} {same ? `of step ${same.number}, in which its food is` : 'in which its food is'}
            </span>
          );
        return (
          <span key={piece.id} className="row small">
            {words}:{' '}
            <Select<string>
              size="small"
              aria-label={`Which ${words}`}
              value={same ? (same.step.id as string) : fresh}
              popupMatchSelectWidth={false}
              style={{ minWidth: 200 }}
              options={[
                { value: fresh, label: 'a fresh one' },
                ...others.map((each) => ({
                  value: each.step.id as string,
                  label: `the same as in ${each.number} ${each.step.title}`,
                })),
              ]}
              onChange={(which) =>
                reshape({
                  kind: 'made',
                  recipe:
                    which === fresh
                      ? inFreshPiece(recipe, step.id, piece.kind)
                      : inPieceOf(recipe, step.id, piece.kind, which as StepId),
                })
              }
            />
          </span>
        );
      })}
    </>
  );
}
